#include <QComboBox>

#include "app/steps/puzzle/puzzle_sections.h"
#include "app/ui/theme.h"
#include "puzzle/edits.h"
#include "puzzle/rosters.h"

namespace rook::app {

namespace {

/// The roster that the level has: what is in it, and how many of them are parked here.
class RosterSection : public PanelSection {
public:
    RosterSection(Session& session, QWidget* parent)
        : PanelSection(tr("Roster"), {}, session, parent) {
        makeFoldable(QStringLiteral("roster"), true);
        m_roster = makeChoiceBox(QStringLiteral("roster"), {}, this, [this](int at) {
            const auto& rosters = m_session.document.project().rosters;
            const std::string name = at == 0 ? std::string() : rosters[std::size_t(at - 1)].name;
            m_session.document.apply(puzzle::takeRoster(m_session.document.project(),
                                                        *m_session.document.level(), name));
            refresh();
        });
        addControl(tr("Counters of"), m_roster);
        m_words = makeWords({}, this);
        m_words->setObjectName(QStringLiteral("roster-words"));
        addWide(m_words);
        m_kind = makeChoiceBox(QStringLiteral("roster-kind"), {}, this, [](int) {});
        addControl(tr("Kind"), m_kind);
        auto* grid = new ButtonGrid;
        grid->add(tr("New roster"), "roster-new", this, [this] {
            m_session.document.apply(puzzle::addRoster(m_session.document.project(), "roster"));
        });
        m_table = grid->add(tr("Placements …"), "roster-table", this,
                            [this] { m_session.requests.openPlacements(); });
        m_add = grid->add(tr("Add to roster"), "roster-add", this, [this] {
            const int at = m_kind->currentIndex();
            if (at < 0 || std::size_t(at) >= m_kinds.size())
                return m_session.say(tr("Make a kind with the role counter in Cast first."));
            m_session.document.apply(puzzle::addToRoster(m_session.document.project(), name(),
                                                         m_kinds[std::size_t(at)]));
        });
        m_remove = grid->add(tr("Take out the selected"), "roster-remove", this,
                             [this] { removeSelected(); });
        addWide(grid);
    }

    void refresh() override {
        const level::Project& project = m_session.document.project();
        const level::Puzzle& board = m_session.document.level()->puzzle;
        QStringList names{tr("its own")};
        int at = 0;
        for (const level::Roster& roster : project.rosters) {
            names << QString::fromStdString(roster.name);
            if (roster.name == board.roster) at = int(names.size()) - 1;
        }
        setChoices(m_roster, names);
        m_roster->setCurrentIndex(at);
        const bool hasRoster = at > 0;
        const auto parked =
            std::count_if(board.counters.begin(), board.counters.end(),
                          [](const level::Counter& counter) { return counter.isParked; });
        setNote(counted(qsizetype(board.counters.size()), tr("counter"), tr("counters")));
        if (hasRoster) {
            const auto levels = qsizetype(puzzle::levelsOf(project, board.roster).size());
            m_words->setText(tr("%1 on the board, %2 parked; shared by %3.")
                                 .arg(qsizetype(board.counters.size()) - qsizetype(parked))
                                 .arg(parked)
                                 .arg(counted(levels, tr("level"), tr("levels"))));
        } else {
            m_words->setText(
                tr("Counters of this level alone. Levels of one roster have the same "
                   "counters, each where it likes."));
        }
        showRow(m_kind, hasRoster);
        m_add->setVisible(hasRoster);
        m_table->setVisible(hasRoster);
        m_remove->setVisible(hasRoster && !m_session.workbench.selection().counters.empty());
        QStringList kinds;
        m_kinds.clear();
        for (const level::Kind& kind : project.kinds) {
            if (kind.role != level::Role::Counter) continue;
            m_kinds.push_back(kind.id);
            kinds << QString::fromStdString(kind.title);
        }
        setChoices(m_kind, kinds);
    }

private:
    [[nodiscard]] std::string name() const { return m_session.document.level()->puzzle.roster; }
    /// Says where it stood: that is lost in all levels.
    void removeSelected() {
        const auto chosen = m_session.workbench.selection().counters;
        if (chosen.empty()) return;
        QStringList stood;
        for (const std::string& place :
             puzzle::placesOf(m_session.document.project(), name(), chosen.front()))
            stood << QString::fromStdString(place);
        if (!m_session.document.apply(
                puzzle::removeFromRoster(m_session.document.project(), name(), chosen.front())))
            return;
        m_session.say(
            stood.isEmpty()
                ? tr("%1 was parked everywhere. Undo brings it back.")
                      .arg(QString::fromStdString(chosen.front().text))
                : tr("It stood in %1. Undo brings it back.").arg(stood.join(QStringLiteral("; "))));
    }

    QComboBox* m_roster;
    QLabel* m_words;
    QComboBox* m_kind;
    std::vector<KindId> m_kinds;
    QWidget* m_add;
    QWidget* m_table;
    QWidget* m_remove;
};

}  // namespace

PanelSection* makeRosterSection(Session& session, QWidget* parent) {
    return new RosterSection(session, parent);
}

}  // namespace rook::app
