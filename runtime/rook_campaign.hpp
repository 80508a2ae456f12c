#pragma once
/// The game as campaign.json says it: its levels in the order of play, what leads where, rules,
/// texts, looks of kinds, and the runs that prove that it can be finished. Loaded by
/// rook_runtime.hpp. All functions throw `LoadError`.

#include <string>
#include <utility>
#include <vector>

#include "rook_kinds.hpp"
#include "rook_level_parts.hpp"

namespace rook::runtime {

struct CampaignLevel {
    std::string id;
    std::string title;
    std::string file;  ///< relative to the bundle
    std::string message;
    std::string next;  ///< id of the level that follows; empty = none
    std::vector<std::pair<std::string, Target>> exits;  ///< by entity id, resolved
};

/// A run through one level of the proof of the whole game.
struct ChainRun {
    std::string level;
    std::string entry;           ///< spawn or entry at which it begins
    std::string exit;            ///< by which it wins; empty = by goals alone
    std::vector<Input> inputs;   ///< one a tick
    std::vector<KitModule> way;  ///< instead, on a kit board
};
/// The runs that lead from the start of the game to its end; none where it is not proven.
struct GameChain {
    std::string verdict;  ///< "can-be-finished", "cannot-be-finished", "not-decided"; empty = none
    std::string sentence;
    std::vector<ChainRun> runs;
};

struct Campaign {
    std::string name;
    std::vector<CampaignLevel> levels;
    GameRules rules;                           ///< tallies, lives
    Target start;                              ///< where the game begins; an empty level = nowhere
    std::vector<ShownText> texts;              ///< when the game is over, and at its end
    GameChain chain;                           ///< the proof of the whole game
    std::vector<KindLook> kinds;               ///< and what they look like
    std::vector<std::pair<int, int>> screens;  ///< px; the first is the one that counts

    const KindLook* kind(const std::string& id) const {
        for (const KindLook& each : kinds)
            if (each.id == id) return &each;
        return nullptr;
    }
    const CampaignLevel* find(const std::string& id) const {
        for (const CampaignLevel& level : levels)
            if (level.id == id) return &level;
        return nullptr;
    }
};

namespace detail {

inline Target target(const json& object, const std::string& where) {
    if (object.is_null()) return {};
    return {text(object, "level", where), text(object, "entry", where)};
}

inline GameChain readChain(const json& file, const std::string& name) {
    GameChain chain;
    if (!file.contains("proof") || file["proof"].is_null()) return chain;
    const json& proof = file["proof"];
    chain.verdict = text(proof, "verdict", name + ": proof");
    chain.sentence = text(proof, "sentence", name + ": proof");
    const json& runs = list(proof, "runs", name + ": proof");
    for (std::size_t i = 0; i < runs.size(); ++i) {
        const std::string where = item(name + ": proof.", "runs", i);
        ChainRun run;
        run.level = text(runs[i], "level", where);
        run.entry = text(runs[i], "entry", where);
        run.exit = text(runs[i], "exit", where);
        if (runs[i].contains("inputs")) run.inputs = readInputs(runs[i], where);
        if (runs[i].contains("way")) run.way = readModules(runs[i], where);
        chain.runs.push_back(std::move(run));
    }
    return chain;
}

}  // namespace detail

/// `name` stands in messages.
inline Campaign readCampaign(const nlohmann::json& file, const std::string& name) {
    using namespace detail;
    header(file, "rookplot-campaign", name);
    Campaign campaign;
    campaign.name = text(file, "name", name);
    const nlohmann::json& levels = list(file, "levels", name);
    for (std::size_t i = 0; i < levels.size(); ++i) {
        const std::string where = item(name + ": ", "levels", i);
        CampaignLevel level;
        level.id = text(levels[i], "id", where);
        level.title = text(levels[i], "title", where);
        level.file = path(levels[i], "file", where);
        level.message = text(levels[i], "message", where);
        const nlohmann::json& next = member(levels[i], "next", where);
        if (!next.is_null()) level.next = text(levels[i], "next", where);
        for (const nlohmann::json& exit : list(levels[i], "exits", where))
            level.exits.emplace_back(text(exit, "id", where),
                                     target(member(exit, "to", where), where + ".exits"));
        campaign.levels.push_back(std::move(level));
    }
    if (file.contains("game")) {
        const nlohmann::json& game = file["game"];
        campaign.rules = readGameRules(game, name + ": game");
        campaign.start = target(member(game, "start", name + ": game"), name + ": game.start");
        campaign.texts = readTexts(game, name + ": game");
        const nlohmann::json& screens = list(game, "screens", name + ": game");
        for (std::size_t i = 0; i < screens.size(); ++i) {
            const std::string where = item(name + ": game.", "screens", i);
            campaign.screens.emplace_back(whole(screens[i], "width", 1, 16384, where),
                                          whole(screens[i], "height", 1, 16384, where));
        }
    } else if (!campaign.levels.empty()) {
        campaign.start.level = campaign.levels[0].id;
    }
    campaign.chain = readChain(file, name);
    campaign.kinds = readKinds(file, name);
    return campaign;
}

}  // namespace rook::runtime
