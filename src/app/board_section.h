#pragma once
/// Grows and shrinks the board on any side; says first what would be cut off.

#include "app/margin_section.h"
#include "app/session.h"

class QPushButton;
class QSpinBox;

namespace rook::app {

class BoardSection : public MarginSection {
    Q_OBJECT

public:
    BoardSection(Session& session, QWidget* parent);

private:
    [[nodiscard]] CellRect frame() const;
    void consider();
    void resizeNow();

    Session& m_session;
    QSpinBox* m_left = nullptr;
    QSpinBox* m_right = nullptr;
    QSpinBox* m_top = nullptr;
    QSpinBox* m_bottom = nullptr;
    QLabel* m_words;
    QPushButton* m_apply;
};

}  // namespace rook::app
