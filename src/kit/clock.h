#pragma once
/// What goes by the clock on a board of pieces: hazards that come and go, foes, members of groups,
/// movers.

#include <string>
#include <vector>

#include "level/project.h"
#include "rook_parts.hpp"

namespace rook::kit {

class WalkGraph;

/// Something that is deadly where it is, on one storey.
struct ClockThing {
    std::size_t entity = 0;  ///< of the level's entities
    int storey = 0;
    runtime::Way way;  ///< px; over and over from its first tick, nowhere while it is off
    int member = -1;   ///< place in a group; -1 = it is none
};

/// Something that carries who stands on it, over its box, on the ground of its storey.
struct Deck {
    std::size_t entity = 0;  ///< of the level's entities
    int storey = 0;
    runtime::Way way;  ///< px; over and over from its first tick
};

struct Clock {
    std::vector<ClockThing> things;
    std::vector<Deck> decks;
    /// What forbids an answer, as a sentence goes on after "not decided: "; empty = nothing.
    std::string problem;

    /// Nothing goes by it, and nothing forbids an answer.
    [[nodiscard]] bool isEmpty() const {
        return things.empty() && decks.empty() && problem.empty();
    }
};

/// The way of a foe: it stands, flies along its track, or walks straight the way it faces, over
/// what bodies can walk, and turns where that ends, at doors, at its turns and at turn marks.
[[nodiscard]] runtime::Way wayOfFoe(const level::Project& project, const level::Level& level,
                                    const WalkGraph& graph, const level::Entity& foe);

/// Hazards by their timetable, foes that stand, fly along their track or walk, and groups of foes.
/// Cost: the entities, and the period of each.
[[nodiscard]] Clock clockOf(const level::Project& project, const level::Level& level,
                            const WalkGraph& graph);

}  // namespace rook::kit
