#pragma once
/// The board's rulers: cell numbers above and to the left, with the pointer marked on both.

#include <QWidget>

#include "app/board/board.h"

namespace rook::app {

class Ruler : public QWidget {
    Q_OBJECT

public:
    Ruler(const Session& session, const Board& board, Qt::Orientation orientation,
          QWidget* parent = nullptr);
    static constexpr int thickness = 22;  ///< px

protected:
    void paintEvent(QPaintEvent* event) override;

private:
    const Session& m_session;
    const Board& m_board;
    Qt::Orientation m_orientation;
};

}  // namespace rook::app
