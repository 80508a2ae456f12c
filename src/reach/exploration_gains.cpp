/// What is gained on the way, and leads from one set of held things to another.

#include "reach/exploration.h"

namespace rook::reach {

using runtime::Body;
using runtime::HeldSet;
using runtime::Input;
using runtime::Stance;

namespace {

/// The body in the last tick of the time that it has of these.
Body bodyAtItsEnd(Body body, const runtime::Parts& parts, HeldSet over) {
    std::size_t timer = 0;
    for (std::size_t i = 0; i < parts.gains.size(); ++i)
        if (parts.gains[i].lastsTicks > 0 && timer < runtime::mostTimers)
            body.ticksLeft[timer++] = ((over >> i) & 1u) != 0 ? 1 : 0;
    return body;
}

}  // namespace

bool Exploration::gainFrom(Set& set, std::size_t index) {
    const std::size_t gains = set.sweep->collision().parts().gains.size();
    while (set.nextGain < gains) {
        const std::size_t gain = set.nextGain++;
        const bool isHeld = ((set.held >> gain) & 1u) != 0;
        if (isHeld && !set.sweep->collision().parts().gains[gain].isTimed()) continue;
        const std::size_t before = m_sets.size();
        gainFrom(set, index, gain);
        if (m_limits.cancel && m_limits.cancel->load(std::memory_order_relaxed)) break;
        if (hasManyGains() && m_sets.size() > before) break;
    }
    return set.nextGain >= gains;
}

/// The positions near which that is gained or lost by bodies that take such strides.
std::vector<PxRect> Exploration::nearChange(const CollisionMaps& collision, std::size_t gain,
                                            bool isHeld, const Stride& stride) {
    const runtime::Gain& gained = collision.parts().gains[gain];
    const PxRect all{0, 0, collision.maps().live.width(), collision.maps().live.height()};
    const auto around = [&](const PxRect& at) {
        return PxRect{at.x - stride.sideways, at.y - stride.down, at.width + 2 * stride.sideways,
                      at.height + stride.up + stride.down}
            .intersected(all);
    };
    if (gained.isShutting && (collision.held() & gained.after) != gained.after) return {};
    if (!isHeld) return {around(collision.positionsAt(gained.box))};
    if (gained.isLocal()) return {around(collision.positionsAt(gained.keeps))};
    // What lasts for a time is lost farther away than its ticks allow.
    const PxRect far = collision.farthestWith(gained);
    if (far == all) return {};
    const int thick = std::max({stride.sideways, stride.up, stride.down, 1});
    std::vector<PxRect> near{{far.x, far.y, far.width, thick},
                             {far.x, far.bottom() - thick, far.width, thick},
                             {far.x, far.y, thick, far.height},
                             {far.right() - thick, far.y, thick, far.height}};
    for (PxRect& strip : near)
        strip = strip.intersected(far);
    for (const runtime::Door& door : collision.parts().doors)
        if ((door.needs >> gain) & 1u) near.push_back(around(collision.positionsAt(door.box)));
    return near;
}

/// The positions of which `gainFrom` looks at each state.
std::vector<PxRect> Exploration::nearAnyChange(const CollisionMaps& collision) const {
    Stride most;
    for (int i = 0; i < collision.layers().count(); ++i) {
        const Stride stride = strideOf(collision.layers()[i], m_mapSets.freely(), collision);
        most.add(stride.sideways, stride.down);
        most.add(stride.sideways, -stride.up);
    }
    std::vector<PxRect> all;
    const std::vector<runtime::Gain>& gains = collision.parts().gains;
    for (std::size_t i = 0; i < gains.size(); ++i) {
        const bool isHeld = ((collision.held() >> i) & 1u) != 0;
        if (isHeld && !gains[i].isTimed()) continue;
        const std::vector<PxRect> near = nearChange(collision, i, isHeld, most);
        all.insert(all.end(), near.begin(), near.end());
    }
    return all;
}

/// From each state near something that can be gained, every input: what meets it goes on in a
/// larger set. What is held in one place, or for a time only, is lost by leaving: then from each
/// state near to that.
void Exploration::gainFrom(Set& set, std::size_t index, std::size_t gain) {
    const CollisionMaps& collision = set.sweep->collision();
    const Layers& layers = collision.layers();
    const bool isHeld = ((set.held >> gain) & 1u) != 0;
    for (int layer = 0; layer < layers.count(); ++layer) {
        if (layers[layer].takesNoTick()) continue;
        if (m_limits.cancel && m_limits.cancel->load(std::memory_order_relaxed)) return;
        const Stride stride = strideOf(layers[layer], m_mapSets.freely(), collision);
        for (const PxRect& near : nearChange(collision, gain, isHeld, stride))
            for (int y = near.y; y < near.bottom(); ++y) {
                if (!set.sweep->known(layer, y)) continue;
                for (int x = near.x; x < near.right(); ++x)
                    if (set.sweep->isKnown(layer, x, y)) gainFromState(set, index, layer, x, y);
            }
    }
}

void Exploration::gainFromState(Set& set, std::size_t index, int layer, int x, int y) {
    const CollisionMaps& collision = set.sweep->collision();
    Body body =
        collision.layers().bodyOf(layer, x - collision.maps().left, y - collision.maps().top);
    body.held = set.held;
    const State from{index, layer, x, y};
    gainFromBody(index, body, &from);
}

void Exploration::gainFromBody(std::size_t index, const Body& body, const State* from) {
    const CollisionMaps& collision = m_sets[index].sweep->collision();
    const HeldSet timed = m_timed & body.held;
    for (const Input& input : withUses(inputsOf(body, m_mapSets.freely(), collision), collision)) {
        tryGain(index, body, from, input);
        // Any of what lasts for a time may be over in the same tick.
        for (HeldSet over = timed; over != 0; over = (over - 1) & timed)
            tryGain(index, bodyAtItsEnd(body, collision.parts(), over), from, input);
    }
}

void Exploration::tryGain(std::size_t index, const Body& body, const State* from,
                          const Input& input) {
    const CollisionMaps& collision = m_sets[index].sweep->collision();
    Body next = body;
    std::vector<PxPoint> way;
    // Who meets something at the start cannot wait for another tick of the tables.
    const runtime::MotionTables& tables = from ? m_mapSets.freely() : m_mapSets.problem().tables;
    runtime::step(collision, tables, next, input, [&](int x, int y) { way.push_back({x, y}); });
    // A way that ends in something deadly is visited up to there, gain or not.
    const bool isUsed = (input.buttons & runtime::useButton) != 0 && next.held != body.held;
    const bool changes = isUsed || std::any_of(way.begin(), way.end(), [&](const PxPoint& at) {
                             return collision.changesHeld(at.x, at.y);
                         });
    if (!changes && from) return;
    pass(way, body.held);
    if (next.stance == Stance::Ended) return;
    if (m_timedEffects == TimedEffects::Anytime && m_mapSets.of(next.held).isTooFar(next.x, next.y))
        return;
    const State before = from
                             ? *from
                             : State{index, collision.layers().layerOf(body),
                                     body.x + collision.maps().left, body.y + collision.maps().top};
    if (m_timedEffects == TimedEffects::InTime && (next.held & m_timed) != 0)
        addTimed({next, before, input});
    else
        goOnFrom(next, {before, input});
}

}  // namespace rook::reach
