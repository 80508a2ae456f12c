#include "app/pages/game_page.h"
#include "app/ui/margin_row.h"
#include "app/ui/theme.h"
#include "app/ui/words.h"
#include "game/flow.h"

namespace rook::app {

namespace {

/// All ways out of the levels in the order of play, with where each leads. A click goes there.
class ExitsSection : public PanelSection {
public:
    ExitsSection(Session& session, QWidget* parent)
        : PanelSection(tr("Exits"), {}, session, parent), m_list(new QVBoxLayout) {
        m_list->setSpacing(0);
        addWide(m_list);
        m_words = makeWords({}, this);
        addWide(m_words);
    }

    void refresh() override {
        m_exits = game::waysOut(m_session.document.project());
        setNote(m_exits.empty() ? QString() : tr("and where they lead"));
        const std::size_t more = m_exits.size() - std::min(m_exits.size(), mostRows);
        m_words->setVisible(m_exits.empty() || more > 0);
        m_words->setText(m_exits.empty() ? tr("No level has a way out yet. Place an exit in Cast.")
                                         : tr("And %1 more: they stand on the map.").arg(more));
        m_exits.resize(std::min(m_exits.size(), mostRows));
        setRowCount(m_rows, m_list, m_exits.size(), QStringLiteral("exit"),
                    [this](std::size_t at) { show(m_exits[at]); });
        for (std::size_t i = 0; i < m_exits.size(); ++i)
            fill(*m_rows[qsizetype(i)], m_exits[i]);
    }

private:
    static constexpr std::size_t mostRows = 60;  // more would hold the window up

    void fill(MarginRow& row, const game::Leading& exit) {
        using Sort = game::Destination::Sort;
        const level::Project& project = m_session.document.project();
        const bool isSolved = exit.exit.isEmpty();
        const auto level = project.findLevel(exit.from);
        const game::Destination to = game::destinationOf(project, exit);
        const bool isNext =
            isSolved || level::findEntity(*level, exit.exit)->to.onward == level::Onward::Next;
        const QString target = to.sort == Sort::End       ? tr("the end")
                               : to.sort == Sort::Nowhere ? tr("nowhere")
                               : isNext                   ? tr("next: %1").arg(titleOf(to.level))
                                                          : titleOf(to.level);
        const QString name = isSolved ? tr("solved") : QString::fromStdString(exit.exit.text);
        row.setWords(tr("%1, %2").arg(titleOf(exit.from), name), tr("→ %1").arg(target),
                     to.sort == Sort::Nowhere ? currentTheme().alarm : currentTheme().ink);
        row.setToolTip(to.sort == Sort::Nowhere ? told(to.problem)
                       : isSolved               ? tr("Show its solution in Prove")
                                                : tr("Show this exit in Cast"));
    }
    [[nodiscard]] QString titleOf(const LevelId& id) const {
        return QString::fromStdString(m_session.document.project().findLevel(id)->title);
    }
    void show(game::Leading exit) {  // a copy: the rows are made anew meanwhile
        m_session.document.chooseLevel(exit.from);
        if (exit.exit.isEmpty()) {
            m_session.workbench.setStep(Step::Prove);
            m_session.requests.returnToBoard();
            return;
        }
        m_session.workbench.setStep(Step::Cast);
        Selection selection;
        selection.entities = {exit.exit};
        m_session.workbench.select(selection);
        const level::Entity* entity = level::findEntity(*m_session.document.level(), exit.exit);
        m_session.requests.returnToBoard();
        if (entity) m_session.requests.showPlace(entity->box);
    }

    QVBoxLayout* m_list;
    QLabel* m_words;
    QList<MarginRow*> m_rows;
    std::vector<game::Leading> m_exits;
};

}  // namespace

PanelSection* makeExitsSection(Session& session, QWidget* parent) {
    return new ExitsSection(session, parent);
}

}  // namespace rook::app
