#include "game/rules.h"

#include <algorithm>

namespace rook::game {

using namespace level;

namespace {

runtime::TallyRule ruleOf(const Game& game, const Tally& tally) {
    runtime::TallyRule rule;
    rule.name = tally.name;
    rule.title = tally.title;
    rule.start = tally.start;
    rule.least = tally.least;
    rule.most = tally.most;
    rule.isShown = tally.isShown;
    rule.isOfLevel = tally.keeps == Keeps::Level;
    for (const Tally::Every& every : tally.every) {
        const auto found = std::find_if(game.tallies.begin(), game.tallies.end(),
                                        [&](const Tally& t) { return t.name == every.tally; });
        const int place =
            found == game.tallies.end() ? -1 : static_cast<int>(found - game.tallies.begin());
        rule.every.push_back({every.step, place, every.add});
    }
    return rule;
}

runtime::GoalSort sortOf(GoalType type) {
    switch (type) {
        case GoalType::Collect:
            return runtime::GoalSort::Collect;
        case GoalType::Defeat:
            return runtime::GoalSort::Defeat;
        case GoalType::Tally:
            return runtime::GoalSort::Tally;
        case GoalType::Survive:
            return runtime::GoalSort::Survive;
        case GoalType::Within:
            return runtime::GoalSort::Within;
    }
    return runtime::GoalSort::Collect;
}

/// Of a kind, that stand in the level; members of formations where they are beaten.
int countIn(const Project& project, const Level& level, const LevelGoal& goal) {
    int count = 0;
    for (const Entity& entity : level.entities) {
        count += entity.kind == goal.kind;
        const Formation& formation = entity.data.formation;
        if (goal.type == GoalType::Defeat && formation.member == goal.kind &&
            project.roleOf(entity) == Role::Formation)
            count += formation.count - static_cast<int>(formation.gaps.size());
    }
    return count;
}

template <typename List, typename Is>
const Words* firstOf(const List& texts, Is&& is) {
    const auto found = std::find_if(texts.begin(), texts.end(), is);
    return found == texts.end() ? nullptr : &*found;
}

}  // namespace

runtime::GameRules rulesOf(const Project& project) {
    runtime::GameRules rules;
    for (const Tally& tally : project.game.tallies)
        rules.tallies.push_back(ruleOf(project.game, tally));
    rules.lives = rules.find(project.game.lives);
    rules.carriesAbilities = project.game.carries.abilities;
    rules.carriesKeys = project.game.carries.keys;
    return rules;
}

runtime::LevelRules rulesOf(const Project& project, const Level& level,
                            const runtime::GameRules& game) {
    runtime::LevelRules rules;
    rules.beginsAgain = level.onDeath == OnDeath::BeginAgain;
    rules.hasExits =
        std::any_of(level.entities.begin(), level.entities.end(),
                    [&](const Entity& entity) { return project.roleOf(entity) == Role::Exit; });
    for (const LevelGoal& goal : level.goals) {
        runtime::GoalRule rule;
        rule.sort = sortOf(goal.type);
        rule.kind = goal.kind.text;
        rule.count = goal.count > 0 ? goal.count : countIn(project, level, goal);
        rule.tally = game.find(goal.tally);
        rule.atLeast = goal.atLeast;
        rule.ticks = goal.ticks;
        rule.isNeeded = goal.isNeeded;
        rule.words = goal.words;
        rules.goals.push_back(rule);
    }
    return rules;
}

const Words* wordsAt(const Level& level, WordsWhen when) {
    return firstOf(level.texts, [&](const Words& words) { return words.when == when; });
}

const Words* wordsAt(const Game& game, WordsWhen when) {
    return firstOf(game.texts, [&](const Words& words) { return words.when == when; });
}

const Words* findWords(const Level& level, const std::string& id) {
    return firstOf(level.texts, [&](const Words& words) { return !id.empty() && words.id == id; });
}

}  // namespace rook::game
