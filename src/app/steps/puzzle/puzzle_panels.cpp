/// The margins of puzzle levels.

#include "app/panels/finding_list.h"
#include "app/panels/section_panel.h"
#include "app/steps/puzzle/puzzle_sections.h"
#include "app/ui/words.h"

namespace rook::app {

namespace {

/// The findings of the level, each shown by a click.
class PuzzleFindings final : public PanelSection {
public:
    PuzzleFindings(Session& session, QWidget* parent)
        : PanelSection(tr("Findings"), {}, session, parent),
          m_list(new FindingList(session, QStringLiteral("finding-"), 200, this)) {
        addWide(m_list);
        connect(m_list, &FindingList::chosen, this, [this](const check::Finding& finding) {
            Selection selection;
            if (!finding.entity.isEmpty()) selection.counters = {finding.entity};
            m_session.workbench.select(selection);
        });
    }
    void refresh() override {
        const LevelId& id = m_session.document.level()->id;
        const auto proven = m_session.proofs.of(id);
        const auto found = proven ? proven->report.findings() : std::vector<check::Finding>();
        setNote(m_session.proofs.isCurrent(id) ? tr("%1 open").arg(check::openCount(found))
                                               : QStringLiteral("…"));
        m_list->show(found);
    }
    void stepFinding(int by) { m_list->step(by); }

private:
    FindingList* m_list;
};

class PuzzleProvePanel final : public SectionPanel {
public:
    PuzzleProvePanel(Session& session, QWidget* parent) : SectionPanel(parent) {
        add(makeSolutionSection(session, this));
        m_findings = new PuzzleFindings(session, this);
        add(m_findings);
    }
    void stepFinding(int by) override { m_findings->stepFinding(by); }

private:
    PuzzleFindings* m_findings;
};

}  // namespace

MarginPanel* makeSlotPanel(Session& session, QWidget* parent) {
    auto* panel = new SectionPanel(parent);
    panel->add(makeSlotSection(session, panel));
    panel->add(makeRuleSection(session, panel));
    panel->add(makeSlotBoardSection(session, panel));
    panel->add(makeColorsSection(session, panel));
    return panel;
}

MarginPanel* makeCounterPanel(Session& session, QWidget* parent) {
    auto* panel = new SectionPanel(parent);
    panel->add(makeCounterSection(session, panel));
    panel->add(makeRosterSection(session, panel));
    panel->add(makeCounterKindSection(session, panel));
    return panel;
}

MarginPanel* makePuzzleProvePanel(Session& session, QWidget* parent) {
    return new PuzzleProvePanel(session, parent);
}

}  // namespace rook::app
