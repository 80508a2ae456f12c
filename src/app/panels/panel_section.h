#pragma once
/// The margin of a step: its panel, and sections that bring themselves in line with the session.

#include "app/session/session.h"
#include "app/ui/controls.h"
#include "app/ui/margin_section.h"

namespace rook::app {

/// What a step shows in the margin. `refresh` brings it in line with the session.
class MarginPanel : public QWidget {
public:
    using QWidget::QWidget;
    virtual void refresh() = 0;
    /// Chooses the finding at that distance from the one chosen, round and round; of Prove.
    virtual void stepFinding(int) {}
};

class PanelSection : public MarginSection {
public:
    PanelSection(const QString& title, const QString& note, Session& session, QWidget* parent)
        : MarginSection(title, note, parent), m_session(session) {}
    virtual void refresh() = 0;

protected:
    /// Changes the options of a step.
    template <typename Options, typename Change>
    void change(Change&& change) {
        m_session.workbench.change<Options>(std::forward<Change>(change));
    }
    Session& m_session;
};

}  // namespace rook::app
