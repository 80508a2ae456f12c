#pragma once
/// What is solid, in numbers, and which of its shapes the board shows.

#include "app/margin_section.h"
#include "app/session.h"

namespace rook::app {

class Chip;

class CollisionSection : public MarginSection {
    Q_OBJECT

public:
    CollisionSection(Session& session, QWidget* parent);
    void refresh();

private:
    Chip* addToggle(QLayout* row, const QString& text, const QString& name,
                    bool ToolOptions::*field);

    Session& m_session;
    QLabel* m_solids;
    QLabel* m_area;
    QLabel* m_outlines;
    QLabel* m_others;
    QList<std::pair<Chip*, bool ToolOptions::*>> m_toggles;
};

}  // namespace rook::app
