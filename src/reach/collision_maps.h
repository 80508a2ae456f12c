#pragma once
/// What a sweep runs on: the maps and layers of a body that holds a certain set of things. Private
/// to reach/. Places are those of the maps, level px plus (left, top), unless said otherwise.

#include <map>
#include <memory>
#include <optional>

#include "collide/map_patch.h"
#include "reach/layers.h"
#include "reach/solver.h"

namespace rook::reach {

using collide::BodyMaps;
using Word = BitMap::Word;

/// The parts that are the same in every tick: movers and timed hazards are left out, hazards that
/// are always on are deadly.
[[nodiscard]] runtime::Parts fixedParts(const runtime::Parts& parts);

class CollisionMaps {
public:
    /// `problem` must outlive it; `parts` are the fixed ones, and outlive it too.
    CollisionMaps(const Problem& problem, const runtime::Parts& parts, const collide::PxMaps& px,
                  runtime::HeldSet held);

    /// Of the profile in force.
    [[nodiscard]] const runtime::MotionTables& tables() const { return *m_tables; }
    [[nodiscard]] int profile() const { return m_profile; }
    [[nodiscard]] const BodyMaps& maps() const { return m_maps; }
    [[nodiscard]] const Layers& layers() const { return m_layers; }
    [[nodiscard]] runtime::HeldSet held() const { return m_held; }
    [[nodiscard]] bool has(runtime::Ability ability) const {
        return (m_abilities & setOf(ability)) != 0;
    }

    /// The live positions of row y at which nothing is met that could still be gained, and nothing
    /// is lost that counts only elsewhere.
    [[nodiscard]] const Word* open(int y) const {
        return (m_hasGains ? m_open : m_maps.live).row(y);
    }
    [[nodiscard]] bool hasGains() const { return m_hasGains; }
    /// Something is gained or lost there, in level px; what a sweep leaves out.
    [[nodiscard]] bool changesHeld(int x, int y) const {
        return m_hasGains && m_maps.live.test(x + m_maps.left, y + m_maps.top) &&
               !m_open.test(x + m_maps.left, y + m_maps.top);
    }
    /// The positions at which that gain is met.
    [[nodiscard]] PxRect positionsAt(const runtime::Box& box) const;

    /// No body that holds that gain, which lasts for a time, is farther from where it was met than
    /// its ticks allow; all positions of the maps where movers may carry it.
    [[nodiscard]] PxRect farthestWith(const runtime::Gain& gain) const;
    /// Nobody holds all of this there: it is too far away, and in no door that stays open for it.
    [[nodiscard]] bool isTooFar(int x, int y) const {
        return m_near.width() > 0 && !m_near.test(x + m_maps.left, y + m_maps.top);
    }

    /// Springs with a px of their top row directly under bodies of row y.
    struct SpringRun {
        int spring = 0;
        int from = 0;  ///< x, first
        int to = 0;    ///< x, one behind the last
    };
    [[nodiscard]] bool hasSprings() const { return !m_springs.empty(); }
    [[nodiscard]] const std::vector<SpringRun>* springsUnder(int y) const {
        return m_springs.empty() || m_springs[static_cast<std::size_t>(y)].empty()
                   ? nullptr
                   : &m_springs[static_cast<std::size_t>(y)];
    }
    [[nodiscard]] std::size_t byteCount() const;
    /// As MapPatch::applyTo. The cells of the problem are the new ones already.
    [[nodiscard]] std::optional<PxRect> patch(const collide::MapPatch& cells);

    // As runtime::World, in level px and by the maps; for the stepper.
    [[nodiscard]] const runtime::Parts& parts() const { return *m_parts; }
    [[nodiscard]] runtime::Moment momentOf(runtime::HeldSet held, long long tick) const {
        return held == m_held ? runtime::Moment{held, tick, m_abilities, nullptr}
                              : m_world.momentOf(held, tick);
    }
    [[nodiscard]] bool isFree(int x, int y, const runtime::Moment&) const {
        return m_maps.free.test(x + m_maps.left, y + m_maps.top);
    }
    [[nodiscard]] bool isLive(int x, int y, const runtime::Moment& now) const {
        return now.held == m_held ? m_maps.live.test(x + m_maps.left, y + m_maps.top)
                                  : m_world.isLive(x, y, now);
    }
    [[nodiscard]] bool hasFloor(int x, int y, const runtime::Moment& now) const {
        return now.held == m_held ? m_maps.floor.test(x + m_maps.left, y + m_maps.top)
                                  : m_world.hasFloor(x, y, now);
    }
    [[nodiscard]] bool hasFixedFloor(int x, int y, const runtime::Moment& now) const {
        return m_world.hasFixedFloor(x, y, now);
    }
    [[nodiscard]] bool hasLadderTop(int x, int y) const {
        return m_maps.ladderTop.test(x + m_maps.left, y + m_maps.top);
    }
    [[nodiscard]] bool meetsLadder(int x, int y) const {
        return m_maps.ladder.test(x + m_maps.left, y + m_maps.top);
    }
    [[nodiscard]] bool meetsLiquid(int x, int y) const {
        return m_maps.liquid.test(x + m_maps.left, y + m_maps.top);
    }
    [[nodiscard]] int springUnder(int x, int y) const { return m_world.springUnder(x, y); }
    [[nodiscard]] int moverUnder(int, int, long long) const { return -1; }
    [[nodiscard]] runtime::HeldSet gainsAt(int x, int y, bool isUsing = false) const {
        return m_world.gainsAt(x, y, isUsing);
    }
    [[nodiscard]] runtime::HeldSet heldAfter(int x, int y, bool isUsing) const {
        return m_world.heldAfter(x, y, m_held, isUsing);
    }
    [[nodiscard]] runtime::HeldSet shutAt(int x, int y, runtime::HeldSet held) const {
        return m_world.shutAt(x, y, held);
    }
    [[nodiscard]] runtime::HeldSet wantsUse() const { return m_world.wantsUse(); }
    [[nodiscard]] int profileOf(runtime::HeldSet held) const {
        return held == m_held ? m_profile : m_world.profileOf(held);
    }
    [[nodiscard]] runtime::HeldSet afterSwaps(runtime::HeldSet before,
                                              runtime::HeldSet after) const {
        return m_world.afterSwaps(before, after);
    }
    void addMet(int, int, const runtime::Moment&, runtime::BeatenList&) const {}  // it has no foes
    [[nodiscard]] runtime::HeldSet timedEffects() const { return m_world.timedEffects(); }
    [[nodiscard]] bool wouldShutOn(int x, int y, runtime::HeldSet held,
                                   runtime::HeldSet without) const {
        return m_world.wouldShutOn(x, y, held, without);
    }

private:
    /// Takes out of m_open, in these rows, where something is met that could be gained.
    void closeGains(int top, int bottom);
    void closeAllBut(const PxRect& kept, int top, int bottom);
    void findNear();

    const runtime::MotionTables* m_own;
    const runtime::Parts* m_parts;
    runtime::World m_world;
    runtime::HeldSet m_held;
    int m_profile;
    const runtime::MotionTables* m_tables;
    runtime::AbilitySet m_abilities;
    BodyMaps m_maps;
    Layers m_layers;
    bool m_hasGains = false;
    bool m_mayRide;
    BitMap m_near;  ///< made where something is held for a time: see isTooFar
    BitMap m_open;  ///< made where there is something to gain
    std::vector<std::vector<SpringRun>> m_springs;  ///< by row; empty without springs
};

/// The maps of one problem, made when first needed and shared by all that explores it.
class CollisionMapSets {
public:
    explicit CollisionMapSets(const Problem& problem);

    [[nodiscard]] const Problem& problem() const { return *m_problem; }
    [[nodiscard]] const CollisionMaps& of(runtime::HeldSet held);
    /// After cells of the problem changed: by set, the positions at which that makes a difference.
    /// None, and the maps are of no use any more, if a map is needed that there was none of.
    [[nodiscard]] std::optional<std::map<runtime::HeldSet, PxRect>> patch(const CellRect& cells);
    /// False if the maps would not fit.
    [[nodiscard]] static bool fit(const Problem& problem, const Limits& limits);
    /// The walk, climb and swim tables hold their largest number in every tick.
    [[nodiscard]] const runtime::MotionTables& freely() const { return m_freely; }

private:
    const Problem* m_problem;
    runtime::Parts m_parts;
    runtime::MotionTables m_freely;
    collide::PxMaps m_px;
    std::map<runtime::HeldSet, std::unique_ptr<CollisionMaps>> m_mapSets;
};

}  // namespace rook::reach
