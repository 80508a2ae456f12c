#include "level/game.h"

#include <algorithm>
#include <set>

namespace rook::level {

namespace {

/// True if additions to the tally come back to one that is on the way to it.
bool feedsItself(const Game& game, const Tally& tally, std::set<std::string>& onTheWay,
                 std::set<std::string>& seen) {
    if (onTheWay.contains(tally.name)) return true;
    if (!seen.insert(tally.name).second) return false;
    onTheWay.insert(tally.name);
    for (const Tally::Every& every : tally.every)
        if (const Tally* fed = game.findTally(every.tally))
            if (feedsItself(game, *fed, onTheWay, seen)) return true;
    onTheWay.erase(tally.name);
    return false;
}

}  // namespace

const Tally* Game::findTally(const std::string& name) const {
    const auto found = std::find_if(tallies.begin(), tallies.end(),
                                    [&](const Tally& each) { return each.name == name; });
    return found == tallies.end() ? nullptr : &*found;
}

const std::string* Words::textIn(const std::string& language) const {
    for (const Translation& each : in)
        if (each.language == language && !each.text.empty()) return &each.text;
    return nullptr;
}

std::optional<std::string> flawOf(const Tally& tally) {
    if (tally.least > tally.most)
        return "The tally \"" + tally.name + "\" has a least of " + std::to_string(tally.least) +
               " above its most of " + std::to_string(tally.most);
    if (tally.start < tally.least || tally.start > tally.most)
        return "The tally \"" + tally.name + "\" starts at " + std::to_string(tally.start) +
               ", which is not from " + std::to_string(tally.least) + " to " +
               std::to_string(tally.most);
    return std::nullopt;
}

std::optional<std::string> flawOf(const Game& game) {
    std::set<std::string> seen;
    for (const Tally& tally : game.tallies) {
        if (auto flaw = flawOf(tally)) return flaw;
        std::set<std::string> onTheWay;
        if (feedsItself(game, tally, onTheWay, seen))
            return "The tally \"" + tally.name + "\" feeds itself, or through others";
    }
    for (const Words& words : game.texts)
        if (words.when != WordsWhen::Over && words.when != WordsWhen::End)
            return "The text \"" + words.id + "\" of the game is said at \"" +
                   std::string(nameOf(words.when)) + "\", which is for texts of levels";
    const auto namedTwice = [](const auto& list, const auto& nameOf) -> std::optional<std::string> {
        std::set<std::string> names;
        for (const auto& item : list)
            if (!isPlainName(nameOf(item)) || !names.insert(nameOf(item)).second)
                return nameOf(item);
        return std::nullopt;
    };
    const auto byName = [](const auto& item) { return item.name; };
    for (const auto& twice : {namedTwice(game.tallies, byName), namedTwice(game.screens, byName),
                              namedTwice(game.texts, [](const Words& words) { return words.id; })})
        if (twice)
            return "The name \"" + *twice + "\" of the game stands there twice, or is not plain";
    if (game.screens.empty()) return "The game has no screen";
    if (game.languages.empty()) return "The game has no language";
    return std::nullopt;
}

}  // namespace rook::level
