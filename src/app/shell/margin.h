#pragma once
/// The margin: sections that belong to the step, beside the board.

#include <QScrollArea>

#include "app/panels/panel_section.h"

namespace rook::app {

class Margin : public QScrollArea {
    Q_OBJECT

public:
    explicit Margin(Session& session, QWidget* parent = nullptr);
    void themeChanged() { rebuild(); }
    /// Goes to Prove, and selects the finding at that distance from the one selected, round and
    /// round.
    void stepFinding(int by);
    /// Opens the section of that title and goes to it; false if it is not there now.
    bool goToSection(const QString& title);

private:
    void rebuild();
    void refresh() { m_panel->refresh(); }

    Session& m_session;
    MarginPanel* m_panel = nullptr;
    const StepDefinition* m_builtFor = nullptr;
    int m_builtForTool = 0;
    std::string m_builtForKit;
    bool m_builtOnSwatch = false;
};

}  // namespace rook::app
