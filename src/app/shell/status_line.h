#pragma once
/// The status line: never empty. Cell, px, what is under the pointer, the reach verdict there.

#include <QLabel>
#include <QTimer>
#include <QWidget>

#include "app/board/board.h"

namespace rook::app {

class StatusLine : public QWidget {
    Q_OBJECT

public:
    StatusLine(Session& session, const Board& board, QWidget* parent = nullptr);
    void refresh();
    /// Shown in place of the verdict for some seconds.
    void say(const QString& text);

protected:
    void paintEvent(QPaintEvent* event) override;

private:
    [[nodiscard]] QString underPointer(CellPoint cell) const;
    void refreshVerdict(PxPoint px);

    Session& m_session;
    const Board& m_board;
    QLabel *m_cell, *m_px, *m_under, *m_verdict, *m_state;
    QTimer m_sayTimer;
};

}  // namespace rook::app
