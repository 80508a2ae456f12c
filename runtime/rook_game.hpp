#pragma once
/// The rules of a game around and between its levels: what is counted, what a level asks for, what
/// a death costs. Pure: a state goes in, another one comes out; nothing is drawn, loaded or timed
/// here. C++17, standard library only; games may copy this file.
///
/// A tick t of a level, from 0: the body moves; the first px of its way at which it meets an open
/// exit wins the level if `mayWin` says so *before* the tick; else, if it died, `die`; else what it
/// took and beat is counted (`take`, `beat`), and `endTick` says what comes of the tick.

#include <algorithm>
#include <map>
#include <set>
#include <string>
#include <vector>

namespace rook::runtime {

/// A whole number that the game keeps.
struct TallyRule {
    /// Whenever the tally grows past a multiple of `step`, `add` goes to the other one.
    struct Every {
        int step = 1;    ///< above 0
        int tally = -1;  ///< its place among the tallies; below 0 = none
        int add = 0;
    };
    std::string name;
    std::string title;
    int start = 0;
    int least = 0;
    int most = 0;
    bool isShown = true;
    bool isOfLevel = false;  ///< set to `start` whenever a level begins
    std::vector<Every> every;
};

struct GameRules {
    std::vector<TallyRule> tallies;
    int lives = -1;  ///< place of the tally of which a death takes 1; below 0 = deaths cost nothing
    bool carriesAbilities = false;
    bool carriesKeys = false;

    /// Its place; -1 if there is none of that name.
    [[nodiscard]] int find(const std::string& name) const {
        for (std::size_t i = 0; i < tallies.size(); ++i)
            if (tallies[i].name == name) return static_cast<int>(i);
        return -1;
    }
};

enum class GoalSort { Collect, Defeat, Tally, Survive, Within };

struct GoalRule {
    GoalSort sort = GoalSort::Collect;
    std::string kind;     ///< collect and defeat
    int count = 1;        ///< likewise: all that there are is said as their number
    int tally = -1;       ///< its place among the tallies
    int atLeast = 0;      ///< of it
    long long ticks = 0;  ///< survive: holds from that tick on; within: holds before it
    bool isNeeded = true;
    std::string words;  ///< id of the text that is shown at an exit while it is missing
};

struct LevelRules {
    std::vector<GoalRule> goals;
    bool hasExits = true;      ///< else it is won as soon as every needed goal holds
    bool beginsAgain = false;  ///< after a death, as at the arrival
};

/// What is counted at a moment of a game.
struct GameState {
    std::vector<int> tallies;           ///< as the rules have them
    long long ticks = 0;                ///< of the level's clock
    std::map<std::string, int> taken;   ///< in this level, by kind
    std::map<std::string, int> beaten;  ///< likewise
    // What is carried from level to level, where the game says so.
    unsigned abilities = 0;      ///< gained for good, as a set (rook_parts.hpp)
    std::set<std::string> keys;  ///< "kind letter"
};

/// A game that begins. Its first level begins by `arrive`.
inline GameState beginGame(const GameRules& rules) {
    GameState state;
    for (const TallyRule& tally : rules.tallies)
        state.tallies.push_back(tally.start);
    return state;
}

/// A level begins, or begins again.
inline void arrive(const GameRules& rules, GameState& state) {
    for (std::size_t i = 0; i < rules.tallies.size(); ++i)
        if (rules.tallies[i].isOfLevel) state.tallies[i] = rules.tallies[i].start;
    state.ticks = 0;
    state.taken.clear();
    state.beaten.clear();
}

namespace detail {

/// Rounded towards minus infinity.
inline long long floorDivided(long long number, long long step) {
    const long long whole = number / step;
    return whole - (number % step < 0 ? 1 : 0);
}

/// `depth` keeps rules that feed themselves, which no editor writes, from going on for ever.
inline void addTo(const GameRules& rules, GameState& state, int place, long long amount,
                  std::size_t depth) {
    if (place < 0 || place >= static_cast<int>(rules.tallies.size()) ||
        depth > rules.tallies.size())
        return;
    const TallyRule& tally = rules.tallies[static_cast<std::size_t>(place)];
    int& number = state.tallies[static_cast<std::size_t>(place)];
    const long long before = number;
    const long long after =
        std::max<long long>(tally.least, std::min<long long>(tally.most, before + amount));
    number = static_cast<int>(after);
    if (after <= before) return;
    for (const TallyRule::Every& every : tally.every) {
        const long long times = floorDivided(after, every.step) - floorDivided(before, every.step);
        if (times > 0) addTo(rules, state, every.tally, times * every.add, depth + 1);
    }
}

}  // namespace detail

/// Adds to a tally, cut to its bounds; what grows with it grows.
inline void add(const GameRules& rules, GameState& state, int tally, long long amount) {
    detail::addTo(rules, state, tally, amount, 0);
}

/// Something of that kind was taken (or a foe beaten), which adds to a tally; -1 = to none.
inline void take(const GameRules& rules, GameState& state, const std::string& kind, int tally,
                 int value) {
    ++state.taken[kind];
    add(rules, state, tally, value);
}
inline void beat(const GameRules& rules, GameState& state, const std::string& kind, int tally,
                 int worth) {
    ++state.beaten[kind];
    add(rules, state, tally, worth);
}

/// True if the goal holds as things stand.
inline bool holds(const GoalRule& goal, const GameState& state) {
    const auto countOf = [&](const std::map<std::string, int>& counts) {
        const auto found = counts.find(goal.kind);
        return found == counts.end() ? 0 : found->second;
    };
    switch (goal.sort) {
        case GoalSort::Collect:
            return countOf(state.taken) >= goal.count;
        case GoalSort::Defeat:
            return countOf(state.beaten) >= goal.count;
        case GoalSort::Tally:
            return goal.tally >= 0 && goal.tally < static_cast<int>(state.tallies.size()) &&
                   state.tallies[static_cast<std::size_t>(goal.tally)] >= goal.atLeast;
        case GoalSort::Survive:
            return state.ticks >= goal.ticks;
        case GoalSort::Within:
            return state.ticks < goal.ticks;
    }
    return false;
}

/// The first needed goal that does not hold; null if none is missing: an exit that is met then
/// wins.
inline const GoalRule* firstMissing(const LevelRules& level, const GameState& state) {
    for (const GoalRule& goal : level.goals)
        if (goal.isNeeded && !holds(goal, state)) return &goal;
    return nullptr;
}
inline bool mayWin(const LevelRules& level, const GameState& state) {
    return firstMissing(level, state) == nullptr;
}

/// What comes of a tick in which nothing was won and nobody died.
enum class TickEnd { GoesOn, Won, Lost };

/// The clock goes on; a level without exits may be won, one that had to be won in time lost.
inline TickEnd endTick(const LevelRules& level, GameState& state) {
    ++state.ticks;
    bool asks = false;
    for (const GoalRule& goal : level.goals) {
        if (!goal.isNeeded) continue;
        asks = true;
        if (goal.sort == GoalSort::Within && !holds(goal, state)) return TickEnd::Lost;
    }
    const bool isWon = !level.hasExits && asks && mayWin(level, state);
    return isWon ? TickEnd::Won : TickEnd::GoesOn;
}

/// What follows a death, or a level that is lost.
enum class Death { GoesOn, BeginsAgain, GameOver };

/// Takes a life. Where the level begins again, `arrive` is to be called.
inline Death die(const GameRules& rules, const LevelRules& level, GameState& state) {
    if (rules.lives >= 0 && rules.lives < static_cast<int>(rules.tallies.size())) {
        add(rules, state, rules.lives, -1);
        const auto place = static_cast<std::size_t>(rules.lives);
        if (state.tallies[place] <= rules.tallies[place].least) return Death::GameOver;
    }
    return level.beginsAgain ? Death::BeginsAgain : Death::GoesOn;
}
/// The same of a level that is lost: while there are lives it begins again.
inline Death lose(const GameRules& rules, GameState& state) {
    LevelRules level;
    level.beginsAgain = true;
    return die(rules, level, state);
}

/// Which spawn the k-th arrival of a game begins at, of `count`: output k of SplitMix64 (Steele,
/// Lea and Flood 2014) of the game's seed.
inline std::size_t spawnOf(unsigned long long seed, unsigned long long k, std::size_t count) {
    unsigned long long z = seed + (k + 1) * 0x9e3779b97f4a7c15ULL;
    z = (z ^ (z >> 30)) * 0xbf58476d1ce4e5b9ULL;
    z = (z ^ (z >> 27)) * 0x94d049bb133111ebULL;
    z ^= z >> 31;
    return count == 0 ? 0 : static_cast<std::size_t>(z % count);
}

}  // namespace rook::runtime
