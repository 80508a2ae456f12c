#include "app/play/played_game.h"
#include "app/ui/words.h"
#include "level/cast_edits.h"

namespace rook::app {

namespace {

constexpr int ticksToRead = 80;

QString seconds(long long ticks) {
    return QString::number(double(ticks) / 60, 'f', 1);
}

}  // namespace

PlayedGame::PlayedGame(const level::Project& project)
    : m_rules(game::rulesOf(project)), m_state(runtime::beginGame(m_rules)) {}

void PlayedGame::arrive(const level::Project& project, const level::Level& level, bool isAgain) {
    runtime::arrive(m_rules, m_state);
    for (const auto& [name, value] : m_tried)
        if (const int at = m_rules.find(name); at >= 0) {
            const runtime::TallyRule& rule = m_rules.tallies[std::size_t(at)];
            m_state.tallies[std::size_t(at)] = std::clamp(value, rule.least, rule.most);
        }
    m_level = game::rulesOf(project, level, m_rules);
    m_run = nullptr;
    if (m_nextRun < m_runs.size() && m_runs[m_nextRun].level == level.id)
        m_run = &m_runs[m_nextRun++];
    else
        m_runs.clear();  // it goes on otherwise
    m_words.reset();
    m_then = Then::GoesOn;
    if (!isAgain) show(game::wordsAt(level, level::WordsWhen::Start), Then::GoesOn);
}

void PlayedGame::followProof(const game::GameProof& proof) {
    m_runs.clear();
    for (const game::Link& link : proof.chain) {
        const game::Node& node = proof.nodes[link.node];
        const game::WayOut& way = proof.edges[link.edge].way;
        m_runs.push_back({node.level, node.entry, way.inputs, way.way, way.moves});
    }
    m_nextRun = 0;
}

void PlayedGame::carry(const level::Project& project, const level::Level& level,
                       const std::vector<std::string>& taken) {
    for (const std::string& id : taken) {
        const level::Entity* entity = level::findEntity(level, {id});
        if (!entity) continue;
        if (m_rules.carriesAbilities) m_hand.abilities |= grantedForGood(project, *entity);
        if (m_rules.carriesKeys && project.roleOf(*entity) == level::Role::Key)
            m_hand.add(level::keyOf(*entity));
    }
}

EntityId PlayedGame::entryOf(const level::Project& project, const game::Destination& to) {
    const unsigned long long arrival = m_arrivals++;
    if (m_nextRun < m_runs.size() && m_runs[m_nextRun].level == to.level)
        return m_runs[m_nextRun].entry;
    const auto level = project.findLevel(to.level);
    if (!level || level->arrives != level::Arrives::Any || to.isNamed) return to.entry;
    std::vector<EntityId> spawns;
    for (const level::Entity& entity : level->entities)
        if (project.roleOf(entity) == level::Role::Spawn) spawns.push_back(entity.id);
    return spawns.empty() ? to.entry : spawns[runtime::spawnOf(0, arrival, spawns.size())];
}

void PlayedGame::show(const level::Words* words, Then then) {
    m_then = then;
    m_words.reset();
    if (!words) return;
    m_words = *words;
    // Who watches a proof need not press a key.
    m_ticksLeft = words->ticks == 0 && m_run ? ticksToRead : words->ticks;
}

void PlayedGame::tellMissing(const level::Level& level) {
    const runtime::GoalRule* missing = runtime::firstMissing(m_level, m_state);
    const level::Words* words = missing ? game::findWords(level, missing->words) : nullptr;
    if (words) show(words, Then::GoesOn);
}

void PlayedGame::take(const level::Project& project, const level::Entity& entity) {
    const level::Kind* kind = project.findKind(entity.kind);
    if (!kind) return;
    const bool counts = kind->role == level::Role::Pickup;
    runtime::take(m_rules, m_state, kind->id.text, counts ? m_rules.find(kind->tally) : -1,
                  entity.data.value);
}

void PlayedGame::beat(const level::Project& project, const level::Entity& entity) {
    if (const level::Kind* kind = level::beatenKindOf(project, entity))
        runtime::beat(m_rules, m_state, kind->id.text, m_rules.find(kind->tally), kind->worth);
}

runtime::TickEnd PlayedGame::endTick() {
    return runtime::endTick(m_level, m_state);
}

runtime::Death PlayedGame::die() {
    return runtime::die(m_rules, m_level, m_state);
}

void PlayedGame::win(const level::Level& level, const game::Destination& to) {
    m_to = to;
    show(game::wordsAt(level, level::WordsWhen::Won), Then::LeadsOn);
}

void PlayedGame::lose(const level::Project& project, const level::Level& level) {
    if (runtime::lose(m_rules, m_state) == runtime::Death::GameOver) return over(project);
    show(game::wordsAt(level, level::WordsWhen::Lost), Then::LevelAgain);
}

void PlayedGame::over(const level::Project& project) {
    show(game::wordsAt(project.game, level::WordsWhen::Over), Then::GameAgain);
}

void PlayedGame::end(const level::Project& project) {
    show(game::wordsAt(project.game, level::WordsWhen::End), Then::Ends);
}

bool PlayedGame::isWaiting() const {
    return (m_words && m_words->ticks == 0) || (m_words && m_then != Then::GoesOn);
}

PlayedGame::Then PlayedGame::passTick() {
    if (m_words && m_words->ticks == 0 && !m_run) return Then::GoesOn;
    if (m_words && --m_ticksLeft > 0) return Then::GoesOn;
    m_words.reset();
    return std::exchange(m_then, Then::GoesOn);
}

PlayedGame::Then PlayedGame::dismiss() {
    m_words.reset();
    return std::exchange(m_then, Then::GoesOn);
}

QStringList PlayedGame::counts() const {
    QStringList texts;
    for (std::size_t i = 0; i < m_rules.tallies.size(); ++i)
        if (m_rules.tallies[i].isShown)
            texts << QStringLiteral("%1 %2")
                         .arg(QString::fromStdString(m_rules.tallies[i].title))
                         .arg(m_state.tallies[i]);
    return texts;
}

QStringList PlayedGame::goals(const level::Project& project) const {
    QStringList texts;
    for (const runtime::GoalRule& goal : m_level.goals) {
        const level::Kind* kind = project.findKind({goal.kind});
        const QString title = QString::fromStdString(kind ? kind->title : goal.kind);
        const auto countOf = [&](const std::map<std::string, int>& counts) {
            const auto found = counts.find(goal.kind);
            return found == counts.end() ? 0 : found->second;
        };
        QString text;
        switch (goal.sort) {
            case runtime::GoalSort::Collect:
                text = tr("%1 %2 of %3").arg(title).arg(countOf(m_state.taken)).arg(goal.count);
                break;
            case runtime::GoalSort::Defeat:
                text = tr("%1 beaten %2 of %3")
                           .arg(title)
                           .arg(countOf(m_state.beaten))
                           .arg(goal.count);
                break;
            case runtime::GoalSort::Tally: {
                const bool isThere = goal.tally >= 0;
                text = tr("%1 at least %2")
                           .arg(isThere ? QString::fromStdString(
                                              m_rules.tallies[std::size_t(goal.tally)].title)
                                        : QStringLiteral("?"))
                           .arg(goal.atLeast);
                break;
            }
            case runtime::GoalSort::Survive:
                text = tr("last %1 s").arg(seconds(goal.ticks));
                break;
            case runtime::GoalSort::Within:
                text = tr("%1 s left").arg(seconds(std::max(0LL, goal.ticks - m_state.ticks)));
                break;
        }
        if (!goal.isNeeded) text = tr("bonus: %1").arg(text);
        texts << (runtime::holds(goal, m_state) ? QStringLiteral("✓ ") : QStringLiteral("○ ")) +
                     text;
    }
    return texts;
}

}  // namespace rook::app
