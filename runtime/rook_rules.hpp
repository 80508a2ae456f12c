#pragma once
/// The rules of the game and of its levels (rook_game.hpp), as bundles say them. All functions
/// throw `LoadError`.

#include "rook_game.hpp"
#include "rook_json.hpp"

namespace rook::runtime {

/// A text that the player reads.
struct ShownText {
    std::string id;
    std::string when;  ///< start, won, lost, said; of the game: over, end
    std::string text;
    std::string at;                         ///< top, middle, bottom
    long long ticks = 0;                    ///< 0 = until a key
    std::map<std::string, std::string> in;  ///< by language

    /// In that language, where it is translated; else as it was written.
    const std::string& textIn(const std::string& language) const {
        const auto found = in.find(language);
        return found == in.end() || found->second.empty() ? text : found->second;
    }
};

namespace detail {

inline constexpr int greatestTally = 1000000000;
inline constexpr int mostGoalTicks = 100000000;

inline bool yes(const json& object, const char* key, bool standard, const std::string& where) {
    if (!object.contains(key)) return standard;
    if (!object[key].is_boolean()) fail(std::string(key) + " should be true or false", where);
    return object[key].get<bool>();
}

inline int wholeOr(const json& object, const char* key, int low, int high, int standard,
                   const std::string& where) {
    return object.contains(key) ? whole(object, key, low, high, where) : standard;
}

inline std::string textOr(const json& object, const char* key, const char* standard,
                          const std::string& where) {
    return object.contains(key) ? text(object, key, where) : standard;
}

}  // namespace detail

inline std::vector<ShownText> readTexts(const nlohmann::json& file, const std::string& name) {
    using namespace detail;
    std::vector<ShownText> texts;
    if (!file.contains("texts")) return texts;
    const nlohmann::json& rows = list(file, "texts", name);
    for (std::size_t i = 0; i < rows.size(); ++i) {
        const std::string where = item(name + ": ", "texts", i);
        texts.push_back({text(rows[i], "id", where),
                         text(rows[i], "when", where),
                         textOr(rows[i], "text", "", where),
                         textOr(rows[i], "at", "middle", where),
                         wholeOr(rows[i], "ticks", 0, mostGoalTicks, 0, where),
                         {}});
        if (!rows[i].contains("in")) continue;
        const nlohmann::json& others = list(rows[i], "in", where);
        for (std::size_t k = 0; k < others.size(); ++k) {
            const std::string at = item(where + ".", "in", k);
            texts.back().in[text(others[k], "language", at)] = text(others[k], "text", at);
        }
    }
    return texts;
}

/// `game` as it stands in campaign.json.
inline GameRules readGameRules(const nlohmann::json& game, const std::string& name) {
    using namespace detail;
    GameRules rules;
    const nlohmann::json& tallies = list(game, "tallies", name);
    for (std::size_t i = 0; i < tallies.size(); ++i) {
        const std::string where = item(name + ": ", "tallies", i);
        TallyRule rule;
        rule.name = text(tallies[i], "name", where);
        rule.title = textOr(tallies[i], "title", rule.name.c_str(), where);
        rule.start = wholeOr(tallies[i], "start", -greatestTally, greatestTally, 0, where);
        rule.least = wholeOr(tallies[i], "least", -greatestTally, greatestTally, 0, where);
        rule.most = wholeOr(tallies[i], "most", -greatestTally, greatestTally, 999999, where);
        rule.isShown = yes(tallies[i], "shown", true, where);
        rule.isOfLevel = textOr(tallies[i], "keeps", "game", where) == "level";
        rules.tallies.push_back(std::move(rule));
    }
    // Once all names are known.
    for (std::size_t i = 0; i < tallies.size(); ++i) {
        if (!tallies[i].contains("every")) continue;
        const std::string where = item(name + ": ", "tallies", i);
        for (const nlohmann::json& every : list(tallies[i], "every", where))
            rules.tallies[i].every.push_back(
                {wholeOr(every, "step", 1, greatestTally, 100, where),
                 rules.find(text(every, "tally", where)),
                 wholeOr(every, "add", -greatestTally, greatestTally, 1, where)});
    }
    rules.lives = rules.find(textOr(game, "lives", "", name));
    if (game.contains("carries")) {
        rules.carriesAbilities = yes(game["carries"], "abilities", false, name);
        rules.carriesKeys = yes(game["carries"], "keys", false, name);
    }
    return rules;
}

/// `file` is that of a level. `countOf(kind)`: how many of a kind stand in it.
template <typename CountOf>
LevelRules readLevelRules(const nlohmann::json& file, const GameRules& game, bool hasExits,
                          CountOf&& countOf, const std::string& name) {
    using namespace detail;
    LevelRules rules;
    rules.hasExits = hasExits;
    rules.beginsAgain = textOr(file, "onDeath", "go-on", name) == "begin-again";
    if (!file.contains("goals") || !file["goals"].is_array()) return rules;
    const nlohmann::json& goals = file["goals"];
    for (std::size_t i = 0; i < goals.size(); ++i) {
        const std::string where = item(name + ": ", "goals", i);
        const std::string type = text(goals[i], "type", where);
        GoalRule rule;
        rule.sort = type == "collect"   ? GoalSort::Collect
                    : type == "defeat"  ? GoalSort::Defeat
                    : type == "tally"   ? GoalSort::Tally
                    : type == "survive" ? GoalSort::Survive
                                        : GoalSort::Within;
        if (rule.sort == GoalSort::Within && type != "within")
            fail("\"" + type + "\" is no type of goal", where);
        rule.kind = textOr(goals[i], "kind", "", where);
        rule.count = wholeOr(goals[i], "count", 0, 1000000, 0, where);
        if (rule.count == 0) rule.count = countOf(rule.kind);
        rule.tally = game.find(textOr(goals[i], "tally", "", where));
        rule.atLeast = wholeOr(goals[i], "atLeast", -greatestTally, greatestTally, 0, where);
        rule.ticks = wholeOr(goals[i], "ticks", 0, mostGoalTicks, 3600, where);
        rule.isNeeded = yes(goals[i], "needed", true, where);
        rule.words = textOr(goals[i], "words", "", where);
        rules.goals.push_back(std::move(rule));
    }
    return rules;
}

}  // namespace rook::runtime
