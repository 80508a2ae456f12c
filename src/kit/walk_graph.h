#pragma once
/// Where bodies can walk in a kit level: every surface, and the steps, climbs and drops between
/// neighbours; with what is held, where they get, and from where they cannot finish.

#include <atomic>
#include <cstdint>
#include <memory>
#include <optional>

#include "kit/solids.h"

namespace rook::kit {

class TimedWalk;

/// One walkable surface: a module of a placed piece, or where solids stand in a module, a part of
/// it that lies between their borders.
struct Patch {
    Spot spot;
    std::size_t placed = 0;  ///< of the level's pieces
    std::size_t cell = 0;    ///< of the piece's cells
    Side up = Side::Right;
    Rational low, high;  ///< units above the ground of storey 0
    int mass = -1;       ///< of the solids' masses, on which it is; -1: on a piece
    ExactRect part{};    ///< modules; empty: all of its module
    bool operator==(const Patch&) const = default;

    /// Its middle, modules.
    [[nodiscard]] std::array<double, 2> middle() const;
    /// Its rectangle, modules.
    [[nodiscard]] ExactRect place() const;
};

/// From a patch to each neighbour's surface, exactly:
///  - the ends of their common border differ by at most the body's step upwards, or by at most its
///    drop downwards; of several surfaces above each other the highest counts that is not too high;
///  - no wall stands on that border at the height of the body, on either side, and no block;
///  - there is headroom for the body on both, at the higher of the two heights.
/// A solid fills what it covers; a round fills all parts of a module that it touches, in as many
/// parts as the kit has. The body is as narrow as a part may be.
/// Cost: linear in the surfaces, times the storeys.
class WalkGraph {
public:
    WalkGraph() = default;
    WalkGraph(const Kit& kit, const level::Level& level, const PlacedIndex& index);
    /// With what goes by the clock. Requires: the level has a kit.
    WalkGraph(const level::Project& project, const level::Level& level, const PlacedIndex& index,
              const std::atomic<bool>* cancel = nullptr);

    [[nodiscard]] const std::vector<Patch>& patches() const { return m_patches; }
    [[nodiscard]] const std::vector<int>& next(int patch) const {
        return m_next[static_cast<std::size_t>(patch)];
    }
    /// The patch in that module whose storey it is; the lowest of several; -1 if there is none.
    [[nodiscard]] int patchAt(const Spot& spot) const;
    /// All patches of that module and storey: one where no solid stands.
    [[nodiscard]] std::vector<int> patchesAt(const Spot& spot) const;
    /// The patch under a place of that storey, modules; -1 if there is none.
    [[nodiscard]] int patchUnder(const ExactPoint& place, int storey) const;
    /// The one that the middle of an entity is over.
    [[nodiscard]] int patchUnder(const level::Level& level, const level::Entity& entity) const;

    /// Where something goes by the clock; null elsewhere.
    [[nodiscard]] const TimedWalk* timed() const { return m_timed.get(); }
    /// States of a walk: those of `timed()`, else a patch each.
    [[nodiscard]] int stateCount() const;
    /// The patches of states one after the other, each once as it is come to.
    [[nodiscard]] std::vector<int> patchesOf(const std::vector<int>& states) const;
    /// -1 of who rides.
    [[nodiscard]] int patchOf(int state) const;
    /// One may stay as long as one likes.
    [[nodiscard]] bool isCalm(int state) const;
    /// The module that one is in.
    [[nodiscard]] CellPoint moduleOf(int state) const;
    /// One gets over the border of that patch on that side, if something leads on there: no wall
    /// stands on it. Requires: the level has a mover.
    [[nodiscard]] bool isOpen(int patch, Side side) const {
        return ((m_open[static_cast<std::size_t>(patch)] >> static_cast<int>(side)) & 1u) != 0;
    }
    /// The state of who begins where that entity is, in tick 0; -1 if that is on no patch, or
    /// deadly.
    [[nodiscard]] int stateUnder(const level::Level& level, const level::Entity& entity) const;
    /// Puts each state that one gets to next into `after`, which is emptied first; some may be
    /// there twice.
    void statesAfter(int state, std::vector<int>& after) const;
    /// Why no walk can be judged, as it goes on after "not decided: "; empty = it can.
    [[nodiscard]] std::string problem() const;
    /// False if who is not reached may still be.
    [[nodiscard]] bool isWhole() const;

    /// A module in which solids stand, cut along their borders.
    struct Split {
        std::vector<Rational> columns, rows;  ///< borders, from those of the module to those
        std::vector<std::uint32_t> masses;
        std::vector<std::vector<int>> patches;  ///< by part, row by row

        [[nodiscard]] std::size_t across() const { return columns.size() - 1; }
        [[nodiscard]] std::size_t down() const { return rows.size() - 1; }
        [[nodiscard]] ExactRect part(std::size_t column, std::size_t row) const {
            return {columns[column], rows[row], columns[column + 1], rows[row + 1]};
        }
    };

private:
    friend class Surveying;
    std::vector<Patch> m_patches;
    std::vector<std::vector<int>> m_next;
    std::vector<std::uint8_t> m_open;  ///< by patch: a bit a side
    std::unordered_map<Spot, int, SpotHash> m_bySpot;
    std::unordered_map<Spot, Split, SpotHash> m_split;  ///< by module, of storey 0
    std::shared_ptr<const TimedWalk> m_timed;
};

/// Of its box, px.
[[nodiscard]] PxPoint boxMiddle(const level::Entity& entity);
/// The module and storey that the middle of an entity is in.
[[nodiscard]] Spot spotOf(const level::Level& level, const level::Entity& entity);
/// A px of a level in modules.
[[nodiscard]] ExactPoint inModules(const level::Level& level, PxPoint px);

/// A thing that one wants to get to, and how: the patches walked, from the start.
struct KitGoal {
    std::string id;
    level::Role role = level::Role::Exit;
    Spot spot;
    int patch = -1;  ///< that it stands on; -1 if it does on none
    bool isReached = false;
    std::vector<int> way;     ///< empty if it is not reached
    std::vector<int> states;  ///< the same in states
};

struct KitReach {
    /// Nothing was walked, and why; empty if something was.
    std::string problem;
    bool hasStart = false;
    bool isDecided = true;      ///< false if what is not reached may still be
    std::string reason;         ///< why it is not decided
    std::vector<char> reached;  ///< by patch
    std::vector<char> trapped;  ///< by patch: one may stay there, and no exit is reached from it
    std::vector<KitGoal> goals;
    std::vector<int> unreachedStoreys;  ///< that have a surface, and none that is reached

    /// A state as it was come to, in the order of discovery, and from which one; -1 at the start.
    struct Visit {
        int state = 0;
        int before = -1;
        int patch = 0;
    };
    std::vector<Visit> visits;
    std::vector<int> firstVisit;  ///< by patch; -1 if it is not reached
    /// The patches walked from the start to that one, both included; empty if it is not reached.
    [[nodiscard]] std::vector<int> wayTo(int patch) const;
    /// The same in states.
    [[nodiscard]] std::vector<int> statesTo(int patch) const;
};

/// Starts at the first spawn; doors and exits that name what opens them are shut until it is held.
/// An entity stands on what its middle is over; a door shuts all modules that it touches.
/// Modules of `closed` are entered on no storey. Cost: the graph, for each set of things held.
[[nodiscard]] KitReach reachOf(const level::Project& project, const level::Level& level,
                               const WalkGraph& graph, const std::atomic<bool>* cancel = nullptr,
                               const std::optional<CellRect>& closed = {});

/// The modules of patches one after the other, each once as it is come to.
[[nodiscard]] std::vector<Spot> modulesOf(const WalkGraph& graph, const std::vector<int>& way);

}  // namespace rook::kit
