/// Boarding movers: see rides.h.

#include "reach/exploration.h"

namespace rook::reach {

using runtime::Body;

/// Takes along whoever has come to a place of a mover's track; true if there is more to sweep.
bool Exploration::board(Set& set, std::size_t index) {
    const CollisionMaps& collision = set.sweep->collision();
    const std::vector<runtime::Mover>& movers = m_mapSets.problem().parts.movers;
    for (std::size_t mover = 0; mover < movers.size(); ++mover) {
        if (set.boarded.contains(mover)) continue;
        const std::vector<PxRect> places = ridesOn(collision, movers[mover]);
        const BitMap& visited = set.sweep->visited();
        if (std::none_of(places.begin(), places.end(), [&](const PxRect& at) {
                return visited.anyIn(at.x, at.y, at.right(), at.bottom());
            }))
            continue;
        set.boarded[mover] = m_keepsLog ? boardingOf(set, index, places) : std::nullopt;
        carry(set, mover);
        return true;
    }
    return false;
}

void Exploration::carry(Set& set, std::size_t mover) {
    const CollisionMaps& collision = set.sweep->collision();
    const runtime::Mover& carrier = m_mapSets.problem().parts.movers[mover];
    set.sweep->beginRide(static_cast<int>(mover), edgesOf(collision, carrier));
    if (m_keepsLog) set.rides.emplace_back(set.log->stepCount(), mover);
    for (const PxRect& at : restsOn(collision, carrier))
        ride(set, at);
    for (const PxRect& at : ridesOn(collision, carrier))
        passOnRide(set, static_cast<int>(mover), at);
}

bool Exploration::mattersToRides(const Set& set, const PxRect& places) const {
    const CollisionMaps& collision = set.sweep->collision();
    for (const runtime::Mover& mover : m_mapSets.problem().parts.movers)
        for (const auto& list : {ridesOn(collision, mover), edgesOf(collision, mover)})
            for (const PxRect& at : list)
                if (at.overlaps(places.grown(2))) return true;
    return false;
}

bool Exploration::isBoardedBefore(const Set& set, int step, const std::vector<PxRect>& places) {
    for (int layer = 0; layer < set.sweep->collision().layers().count(); ++layer)
        for (const PxRect& at : places)
            for (int y = at.y; y < at.bottom(); ++y) {
                if (!set.sweep->known(layer, y)) continue;
                for (int x = at.x; x < at.right(); ++x) {
                    if (!set.sweep->isKnown(layer, x, y)) continue;
                    const int found = set.log->stepOf(layer, y, x);
                    if (found >= 0 && found < step) return true;
                }
            }
    return false;
}

bool Exploration::rideAgain(Set& set) {
    if (m_riding == Riding::No) return true;
    const CollisionMaps& collision = set.sweep->collision();
    const std::vector<runtime::Mover>& movers = m_mapSets.problem().parts.movers;
    std::vector<std::size_t> carriers;
    for (std::size_t mover = 0; mover < movers.size(); ++mover) {
        const std::vector<PxRect> places = ridesOn(collision, movers[mover]);
        if (!set.boarded.contains(mover)) {
            const BitMap& visited = set.sweep->visited();
            if (std::any_of(places.begin(), places.end(), [&](const PxRect& at) {
                    return visited.anyIn(at.x, at.y, at.right(), at.bottom());
                }))
                return false;
            continue;
        }
        const auto first = std::find_if(set.rides.begin(), set.rides.end(),
                                        [&](const auto& ride) { return ride.second == mover; });
        if (!isBoardedBefore(set, first->first, places)) return false;
        carriers.push_back(mover);
    }
    for (const std::size_t mover : carriers)
        carry(set, mover);
    return set.sweep->run() == Completion::Complete;
}

/// The state found first from which one tick may end on the mover.
std::optional<State> Exploration::boardingOf(const Set& set, std::size_t index,
                                             const std::vector<PxRect>& places) const {
    const CollisionMaps& collision = set.sweep->collision();
    std::optional<State> best;
    int bestStep = 0;
    const auto look = [&](int layer, const PxRect& at) {
        for (int y = std::max(0, at.y); y < at.bottom(); ++y) {
            if (!set.sweep->known(layer, y)) continue;
            for (int x = at.x; x < at.right(); ++x) {
                if (!set.sweep->isKnown(layer, x, y)) continue;
                // Who stands on something else is not carried.
                if (layer == Layers::standing && collision.maps().floor.test(x, y)) continue;
                const int step = set.log->stepOf(layer, y, x);
                if (best && step >= bestStep) continue;
                best = State{index, layer, x, y};
                bestStep = step;
            }
        }
    };
    for (int i = 0; i < collision.layers().count(); ++i) {
        const Layer& layer = collision.layers()[i];
        if (layer.takesNoTick() || layer.sort == LayerSort::Sprung) continue;
        const int fall = layer.sort == LayerSort::Air ? layer.dy : 1;
        if (fall <= 0) continue;
        for (const PxRect& at : places)
            look(i, {at.x, at.y - fall + 1, at.width, at.height + fall - 1});
    }
    return best;
}

namespace {

/// Beside something solid: a ride may end there.
bool mayBeStopped(const BodyMaps& maps, int x, int y) {
    return !maps.free.test(x - 1, y) || !maps.free.test(x + 1, y) || !maps.free.test(x, y - 1) ||
           !maps.free.test(x, y + 1);
}

}  // namespace

/// All of these places are stood at; where something solid may end the ride, a body falls.
void Exploration::ride(Set& set, const PxRect& places) {
    const CollisionMaps& collision = set.sweep->collision();
    const BodyMaps& maps = collision.maps();
    const int fall = collision.layers().fall();
    BitMap row(maps.live.width(), 1);
    row.setRun(0, places.x, places.right());
    std::vector<Word> bits(static_cast<std::size_t>(row.wordsPerRow()));
    BitMap stopped(maps.live.width(), 1);
    const WordRange all{0, row.wordsPerRow()};
    for (int y = places.y; y < places.bottom(); ++y) {
        for (int i = 0; i < all.to; ++i)
            bits[static_cast<std::size_t>(i)] = row.row(0)[i] & collision.open(y)[i];
        set.sweep->seed(Layers::standing, y, bits.data(), all);
        stopped.clearRun(0, 0, stopped.width());
        for (int x = places.x; x < places.right(); ++x)
            if (collision.open(y)[x / 64] >> (x % 64) & 1u && mayBeStopped(maps, x, y))
                stopped.set(x, 0);
        set.sweep->seed(fall, y, stopped.row(0), all);
    }
}

/// What is passed within a tick is visited, and what is met there gained.
void Exploration::passOnRide(Set& set, int mover, const PxRect& places) {
    const CollisionMaps& collision = set.sweep->collision();
    const BodyMaps& maps = collision.maps();
    for (int y = places.y; y < places.bottom(); ++y) {
        for (int x = places.x; x < places.right(); ++x) {
            if (!maps.live.test(x, y)) continue;
            runtime::HeldSet after = set.held;
            runtime::HeldSet afterUse = after;
            if (collision.hasGains()) {
                after = collision.heldAfter(x - maps.left, y - maps.top, false);
                afterUse = collision.heldAfter(x - maps.left, y - maps.top, true);
            }
            if (after == set.held)
                set.sweep->visit(x, y);
            else
                gainOnRide(set, mover, x, y, after);
            if (afterUse != after) gainOnRide(set, mover, x, y, afterUse);
        }
    }
}

void Exploration::gainOnRide(Set& set, int mover, int x, int y, runtime::HeldSet held) {
    const CollisionMaps& collision = set.sweep->collision();
    const BodyMaps& maps = collision.maps();
    Body body = collision.layers().bodyOf(Layers::standing, x - maps.left, y - maps.top);
    body.held = collision.afterSwaps(set.held, held);
    pass(x, y, set.held);
    const std::optional<State> from = set.boarded[static_cast<std::size_t>(mover)];
    Set& larger = m_sets[indexOf(body.held)];
    if (larger.sweep->isKnown(Layers::standing, x, y)) return;
    larger.sweep->start(body);
    larger.isDone = false;
    larger.nextGain = 0;
    if (from) larger.origins[keyOf(Layers::standing, x, y)] = {*from, {}, mover};
}

}  // namespace rook::reach
