#pragma once
/// The proof of a whole game, replayed from its bundle. C++17, nlohmann/json and the headers beside
/// it.

#include "rook_play.hpp"

namespace rook::runtime {

/// Whether a way leads, a module at a time, from where a kit board begins to the module of an exit.
/// An empty entry is the first spawn.
inline bool isWalked(const Level& level, const std::vector<KitModule>& way,
                     const std::string& entry, const std::string& exit) {
    if (way.empty()) return false;
    for (std::size_t i = 1; i < way.size(); ++i)
        if (std::abs(way[i][0] - way[i - 1][0]) + std::abs(way[i][1] - way[i - 1][1]) != 1)
            return false;
    const Entity* start = level.startEntity(entry);
    if (!start || !standsIn(level, *start, way.front())) return false;
    for (const Entity& entity : level.entities)
        if (entity.id == exit && entity.role == "exit" && standsIn(level, entity, way.back()))
            return true;
    return false;
}

/// Whether the moves that stand with a puzzle lead from its start to its goal.
inline bool isSolved(const PuzzleLevel& level) {
    puzzle::State state = puzzle::beginning(level.board);
    for (const puzzle::Move& move : level.solution)
        if (!puzzle::apply(level.board, state, move)) return false;
    return puzzle::isMet(level.board, state);
}

/// What came of replaying the proof of the whole game.
struct GameReplay {
    bool isWhole = false;
    std::size_t levels = 0;
    long long ticks = 0;
    std::string problem;  ///< a sentence, unless it is whole
};

/// Replays the chain of runs that stands in campaign.json, level by level, by the rules: each must
/// win its level by its exit, and lead to where the next one begins; the last one to the end.
inline GameReplay replayGame(const std::string& folder) {
    CampaignPlay play(folder);
    GameReplay result;
    const GameChain& chain = play.campaign().chain;
    const auto missed = [&](const std::string& what) {
        result.problem = what;
        return result;
    };
    if (chain.runs.empty())
        return missed("The bundle has no run through the game: " + chain.sentence);
    play.beginGame();
    for (const ChainRun& run : chain.runs) {
        while (play.words())
            play.dismiss();
        if (play.isOver() || play.stage().level->id != run.level)
            return missed("The run of " + run.level + " does not begin where the one before leads");
        // Where any spawn may be the one, the run says which it is of.
        if (!run.entry.empty() && play.stage().entry != run.entry &&
            play.stage().level->startEntity(play.stage().entry) !=
                play.stage().level->startEntity(run.entry))
            play.enter(run.level, run.entry);
        while (play.words())
            play.dismiss();
        ++result.levels;
        const long long before = play.ticks();
        if (play.stage().level->kit) {
            if (!isWalked(*play.stage().level, run.way, run.entry, run.exit))
                return missed("The way of " + run.level + " is not whole");
            if (!play.walkAlong(run.way))
                return missed("The way of " + run.level + " does not meet its goals");
            play.win(run.exit);
            continue;
        }
        if (const auto& puzzle = play.stage().level->puzzle) {
            if (!isSolved(*puzzle))
                return missed("The solution of " + run.level + " does not meet its goal");
            play.win("");
            continue;
        }
        const int deaths = play.deaths();
        const int wins = play.wins();
        const auto isWon = [&] { return play.wins() > wins; };
        for (std::size_t tick = 0; tick < run.inputs.size() && !isWon(); ++tick) {
            play.tick(run.inputs[tick]);
            // Words that come in between are read at once.
            while (!isWon() && play.words())
                play.dismiss();
            if (play.deaths() > deaths)
                return missed("The run of " + run.level + " dies in tick " + std::to_string(tick));
        }
        // Where one arrives may be an exit.
        if (run.inputs.empty()) play.tick({});
        if (!isWon() || play.lastExit() != run.exit)
            return missed("The run of " + run.level + " does not win by " + run.exit);
        result.ticks += play.ticks() - before;
    }
    while (play.words())
        play.dismiss();
    // Where the game begins again after its last level, that is its end.
    const bool isAgain = play.wins() == static_cast<int>(chain.runs.size()) &&
                         play.stage().level->id == play.campaign().start.level;
    result.isWhole = play.isOver() || isAgain;
    if (!result.isWhole) result.problem = "The last run does not lead to the end of the game";
    return result;
}

}  // namespace rook::runtime
