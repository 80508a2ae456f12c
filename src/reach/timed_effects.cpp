#include "reach/timed_effects.h"

#include "level/role_data.h"
#include "reach/exploration.h"

namespace rook::reach {

using runtime::Body;
using runtime::HeldSet;
using runtime::Input;
using runtime::Stance;

namespace {

/// The body with the abilities that it has there, as `step` leaves it.
Body adapted(Body body, const CollisionMaps& from, const CollisionMaps& to) {
    using runtime::Ability;
    if (body.stance != Stance::Airborne) return body;
    const auto jumpsOf = [](const CollisionMaps& maps) {
        return maps.has(Ability::AirJump) ? maps.tables().airJumps : 0;
    };
    if (from.profile() != to.profile()) {
        const int left = jumpsOf(from) > 0 ? std::min(body.airJumps, jumpsOf(to)) : jumpsOf(to);
        body.table = body.coyoteTicks = body.push = 0;
        body.phase = to.tables().topPhase;
        body.airJumps = left;
        return body;
    }
    if (from.has(Ability::AirJump) != to.has(Ability::AirJump)) body.airJumps = jumpsOf(to);
    if (!to.has(Ability::WallJump)) body.push = 0;
    if (!to.has(Ability::Coyote)) body.coyoteTicks = 0;
    return body;
}

}  // namespace

HeldSet timedOf(const runtime::Parts& parts) {
    HeldSet timed = 0;
    for (std::size_t i = 0; i < parts.gains.size(); ++i)
        if (parts.gains[i].lastsTicks > 0) timed |= HeldSet{1} << i;
    return timed;
}

runtime::MotionTables slowlyOf(const runtime::MotionTables& tables) {
    runtime::MotionTables slowly = tables;
    const auto slow = [](runtime::MotionTables& each) {
        for (runtime::PaceTable* table : {&each.walk, &each.climb, &each.swim})
            table->fill(*std::min_element(table->begin(), table->end()));
    };
    slow(slowly);
    for (runtime::MotionTables& each : slowly.others)
        slow(each);
    return slowly;
}

bool KnownBodies::add(const CollisionMaps& collision, int layer, int x, int y) {
    BitMap& map = m_maps[{collision.held(), layer}];
    if (map.width() == 0)
        map = BitMap(collision.maps().live.width(), collision.maps().live.height());
    if (map.test(x, y)) return false;
    map.set(x, y);
    return true;
}

const std::vector<Input>& FewInputs::of(const CollisionMaps& collision,
                                        const runtime::MotionTables& tables, int layer) {
    const auto [at, isNew] = m_inputs.try_emplace({collision.held(), layer});
    if (!isNew) return at->second;
    const std::vector<Input> all =
        inputsOf(collision.layers().bodyOf(layer, 0, 0), tables, collision);
    const auto lengthOf = [](const Input& input) {
        return std::abs(input.dx) + std::abs(input.dy);
    };
    std::map<unsigned, int> most;
    for (const Input& input : all)
        most[input.buttons] = std::max(most[input.buttons], lengthOf(input));
    for (const Input& input : all) {
        const int length = lengthOf(input);
        const bool isStraight = input.dx == 0 || input.dy == 0;
        if (isStraight && (length <= 1 || length == most[input.buttons]))
            at->second.push_back(input);
    }
    return at->second;
}

/// After any tick any of what lasts for a time may be over.
void Exploration::endTimedEffects(const Set& set) {
    const HeldSet timed = m_timed & set.held;
    for (HeldSet over = timed; over != 0; over = (over - 1) & timed)
        endTimedEffects(set, over);
}

void Exploration::endTimedEffects(const Set& set, HeldSet over) {
    const CollisionMaps& from = set.sweep->collision();
    Set& smaller = m_sets[indexOf(from.afterSwaps(set.held, set.held & ~over))];
    const CollisionMaps& to = smaller.sweep->collision();
    for (int layer = 0; layer < from.layers().count(); ++layer) {
        if (from.layers()[layer].takesNoTick()) continue;
        const Body body = from.layers().bodyOf(layer, 0, 0);
        const bool lacksHold =
            (body.stance == Stance::Climbing && !to.has(runtime::Ability::Climb)) ||
            (body.stance == Stance::Swimming && !to.has(runtime::Ability::Swim));
        const bool needsFloor =
            body.stance == Stance::Standing && !m_mapSets.problem().tables.fromAbove;
        const int stays =
            lacksHold ? to.layers().fall() : to.layers().layerOf(adapted(body, from, to));
        seedFrom(set, layer, smaller, stays, needsFloor);
    }
    wake(smaller);
}

void Exploration::addTimed(TimedBody found) {
    if (m_timedBodies.size() >= m_limits.mostTimedBodies) return;
    const CollisionMaps& collision = m_mapSets.of(found.body.held);
    const int layer = collision.layers().layerOf(found.body);
    const int x = found.body.x + collision.maps().left;
    const int y = found.body.y + collision.maps().top;
    if (m_knownTimed.add(collision, layer, x, y)) m_timedBodies.push_back(found);
}

void Exploration::followTimed() {
    for (; m_nextTimed < m_timedBodies.size(); ++m_nextTimed) {
        if (m_isMet || (m_limits.cancel && m_limits.cancel->load(std::memory_order_relaxed)))
            return;
        if ((m_timedBodies[m_nextTimed].body.held & m_timed) == 0) continue;  // landed
        followTimed(m_nextTimed);
        waitTimed(m_nextTimed);
    }
}

void Exploration::followTimed(std::size_t index) {
    const Body body = m_timedBodies[index].body;
    const State from = m_timedBodies[index].from;
    const CollisionMaps& collision = m_mapSets.of(body.held);
    std::vector<PxPoint> way;
    for (const Input& input : withUses(
             m_fewInputs.of(collision, m_slowly, collision.layers().layerOf(body)), collision)) {
        TimedBody next{body, from, input, 0, static_cast<int>(index)};
        way.clear();
        runtime::step(collision, m_slowly, next.body, input, [&](int x, int y) {
            way.push_back({x, y});
        });
        pass(way, body.held);
        landTimed(next);
    }
}

/// Who rests may wait until something is over.
void Exploration::waitTimed(std::size_t index) {
    TimedBody next = m_timedBodies[index];
    if (next.body.stance == Stance::Airborne || next.body.stance == Stance::Sprung) return;
    const CollisionMaps& collision = m_mapSets.of(next.body.held);
    Body after = next.body;
    runtime::step(collision, m_slowly, after, {});
    if (!isSame(after, next.body)) return;
    int least = level::maxPeriodTicks;
    for (const std::uint16_t left : next.body.ticksLeft)
        if (left > 0) least = std::min(least, static_cast<int>(left));
    next.waits = least - 1;
    next.input = {};
    next.before = static_cast<int>(index);
    for (std::uint16_t& left : next.body.ticksLeft)
        if (left > 0) left = static_cast<std::uint16_t>(left - next.waits);
    runtime::step(collision, m_slowly, next.body, {});
    landTimed(next);
}

void Exploration::landTimed(const TimedBody& next) {
    if (next.body.stance == Stance::Ended) return;
    if ((next.body.held & m_timed) != 0) return addTimed(next);
    // All is over: the rows go on from here. The body before it is kept for the way back.
    const CollisionMaps& collision = m_mapSets.of(next.body.held);
    const Set& set = m_sets[indexOf(next.body.held)];
    if (set.sweep->isKnown(collision.layers().layerOf(next.body),
                           next.body.x + collision.maps().left, next.body.y + collision.maps().top))
        return;
    m_timedBodies.push_back(next);
    goOnFrom(next.body, {next.from, {}, -1, static_cast<int>(m_timedBodies.size()) - 1});
}

std::vector<TimedBody> Exploration::legTo(int timedBody) const {
    std::vector<TimedBody> leg;
    for (int i = timedBody; i >= 0; i = leg.back().before)
        leg.push_back(m_timedBodies[static_cast<std::size_t>(i)]);
    std::reverse(leg.begin(), leg.end());
    return leg;
}

std::optional<Input> Exploration::tickOnLeg(int timedBody, const PxRect& box) const {
    const Body& body = m_timedBodies[static_cast<std::size_t>(timedBody)].body;
    if ((body.held & m_timed) == 0) return std::nullopt;  // landed
    const CollisionMaps& collision = m_mapSets.of(body.held);
    const int layer = collision.layers().layerOf(body);
    const Stride stride = strideOf(collision.layers()[layer], m_slowly, collision);
    const int far = std::max({stride.sideways, stride.up, stride.down});
    const auto meets = [&](int x, int y) {
        return box.overlaps({x, y, m_slowly.bodyWidth, m_slowly.bodyHeight});
    };
    const PxRect around =
        PxRect{body.x, body.y, m_slowly.bodyWidth, m_slowly.bodyHeight}.grown(far);
    if (!around.overlaps(box)) return std::nullopt;
    for (const Input& input : m_fewInputs.of(collision, m_slowly, layer)) {
        Body next = body;
        bool isMet = false;
        runtime::step(collision, m_slowly, next, input,
                      [&](int x, int y) { isMet = isMet || meets(x, y); });
        if (isMet) return input;
    }
    return std::nullopt;
}

}  // namespace rook::reach
