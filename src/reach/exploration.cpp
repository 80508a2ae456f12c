#include "reach/exploration.h"

#include <bit>

#include "base/assert.h"

namespace rook::reach {

using runtime::Body;
using runtime::HeldSet;
using runtime::Stance;

Exploration::Exploration(CollisionMapSets& mapSets, const Limits& limits, bool keepsLog,
                         Riding riding, TimedEffects timedEffects)
    : m_mapSets(mapSets),
      m_limits(limits),
      m_keepsLog(keepsLog),
      m_riding(hasRides(mapSets.problem()) ? riding : Riding::No),
      m_timedEffects(timedEffects),
      m_timed(timedOf(mapSets.problem().parts)),
      m_slowly(slowlyOf(mapSets.problem().tables)) {
    ROOK_ASSERT(timedEffects == TimedEffects::InTime || !keepsLog,
                "there is no way back through lapses");
    const BodyMaps& maps = mapSets.of(0).maps();
    m_passed = BitMap(maps.live.width(), maps.live.height());
}

std::size_t Exploration::indexOf(runtime::HeldSet held) {
    for (std::size_t i = 0; i < m_sets.size(); ++i)
        if (m_sets[i].held == held) return i;
    Set set;
    set.held = held;
    const CollisionMaps& collision = m_mapSets.of(held);
    if (m_keepsLog)
        set.log = std::make_unique<DiscoveryLog>(collision.layers().count(),
                                                 collision.maps().live.height());
    set.sweep = std::make_unique<Sweep>(collision, m_limits, set.log.get());
    if (m_stopAt) set.sweep->stopAt(m_stopAt(held));
    // What may be over in any tick is over in every state.
    const bool endsAnytime = m_timedEffects == TimedEffects::Anytime && m_timed != 0;
    if (!m_keepsLog && !m_limits.notesAllStates && !endsAnytime)
        set.sweep->passFlights(nearAnyChange(collision));
    m_sets.push_back(std::move(set));
    return m_sets.size() - 1;
}

bool Exploration::start() {
    const Problem& problem = m_mapSets.problem();
    if (!problem.start) return false;
    const CollisionMaps& collision = m_mapSets.of(0);
    const Body body = runtime::bodyAt(level::boxOf(*problem.start), collision, problem.tables);
    if (body.stance == Stance::Ended) return false;
    seed(body);
    return true;
}

void Exploration::seed(const Body& body) {
    const CollisionMaps& collision = m_mapSets.of(body.held);
    const std::size_t index = indexOf(body.held);
    const int x = body.x + collision.maps().left;
    const int y = body.y + collision.maps().top;
    if (((collision.gainsAt(body.x, body.y) & ~body.held) |
         collision.shutAt(body.x, body.y, body.held)) != 0) {
        pass(x, y, body.held);
        m_meetAtOnce.push_back(body);
        return;
    }
    m_sets[index].sweep->start(body);
}

bool Exploration::seedIfNew(const Body& body) {
    Set& set = m_sets[indexOf(body.held)];
    const CollisionMaps& collision = set.sweep->collision();
    if (set.sweep->isKnown(collision.layers().layerOf(body), body.x + collision.maps().left,
                           body.y + collision.maps().top))
        return false;
    seed(body);
    wake(m_sets[indexOf(body.held)]);
    return true;
}

void Exploration::seed(runtime::HeldSet held, int layer, int y, const Word* bits, WordRange range) {
    Set& set = m_sets[indexOf(held)];
    set.sweep->seed(layer, y, bits, range);
}

void Exploration::seedFrom(const Set& from, int layer, Set& to, int stays, bool needsFloor) {
    const CollisionMaps& collision = to.sweep->collision();
    const int words = collision.maps().live.wordsPerRow();
    std::vector<Word> staying(static_cast<std::size_t>(words));
    std::vector<Word> falling(staying);
    for (int y = 0; y < collision.maps().live.height(); ++y) {
        const Word* known = from.sweep->known(layer, y);
        if (!known) continue;
        const Word* floor = collision.maps().floor.row(y);
        Word anyFalls = 0;
        for (int i = 0; i < words; ++i) {
            const Word bits = known[i] & collision.open(y)[i];
            const auto at = static_cast<std::size_t>(i);
            staying[at] = needsFloor ? bits & floor[i] : bits;
            anyFalls |= falling[at] = bits & ~staying[at];
        }
        to.sweep->seed(stays, y, staying.data(), {0, words});
        if (anyFalls != 0) to.sweep->seed(collision.layers().fall(), y, falling.data(), {0, words});
    }
}

void Exploration::wake(Set& set) {
    if (!set.sweep->isBusy()) return;
    set.isDone = false;
    set.nextGain = 0;
}

bool Exploration::hasManyGains() const {
    const std::vector<runtime::Gain>& gains = m_mapSets.problem().parts.gains;
    return std::count_if(gains.begin(), gains.end(), [](const runtime::Gain& gain) {
               return !gain.isTimed();
           }) > static_cast<std::ptrdiff_t>(fewGains);
}

/// With few gains every set comes after those that it grows from, so each is looked at once. With
/// many, the largest goes first, and looks at one gain at a time: what needs all of them is then
/// found in about as many sets as there are gains, if each can be had after any other.
Exploration::Set* Exploration::nextSet() {
    const int sign = hasManyGains() ? -1 : 1;
    Set* best = nullptr;
    for (Set& set : m_sets)
        if (!set.isDone &&
            (!best || sign * std::popcount(set.held) < sign * std::popcount(best->held)))
            best = &set;
    return best;
}

bool Exploration::hasTooManySets() const {
    const std::vector<runtime::Gain>& gains = m_mapSets.problem().parts.gains;
    const auto isForGood = [&](const Set& set) {
        for (std::size_t i = 0; i < gains.size(); ++i)
            if (((set.held >> i) & 1u) != 0 && gains[i].isTimed()) return false;
        return (set.held & runtime::swappedBit) == 0;
    };
    const std::size_t most = runtime::canSwap(m_mapSets.problem().tables) ? 16 : 8;
    return m_sets.size() > most * maxSets ||
           (m_sets.size() > maxSets && std::count_if(m_sets.begin(), m_sets.end(), isForGood) >
                                           static_cast<std::ptrdiff_t>(maxSets));
}

Completion Exploration::run() {
    for (const Body& body : m_meetAtOnce)
        gainFromBody(indexOf(body.held), body, nullptr);
    if (!nextSet()) followTimed();
    while (Set* set = nextSet()) {
        if (m_isMet) return Completion::Met;
        if (hasTooManySets()) return Completion::TooManySets;
        std::size_t others = 0;
        for (const Set& other : m_sets)
            if (&other != set) others += other.sweep->byteCount();
        if (others > m_limits.maxBytes) return Completion::OutOfMemory;
        const Completion completion = set->sweep->run();
        if (completion != Completion::Complete) return completion;
        if (m_riding == Riding::Yes && board(*set, indexOf(set->held))) continue;
        set->isDone = gainFrom(*set, indexOf(set->held));
        // It may have given something to itself.
        wake(*set);
        if (m_timedEffects == TimedEffects::Anytime) endTimedEffects(*set);
        if (set->sweep->collision().tables().swapsWith >= 0) swapFrom(*set);
        if (!nextSet()) followTimed();
        // What could be gained may not all have been looked at.
        if (m_limits.cancel && m_limits.cancel->load(std::memory_order_relaxed))
            return Completion::Cancelled;
    }
    return m_isMet ? Completion::Met : Completion::Complete;
}

void Exploration::pass(int x, int y, HeldSet held) {
    m_passed.set(x, y);
    BitMap& with = m_passedWith[held];
    if (with.width() == 0) with = BitMap(m_passed.width(), m_passed.height());
    with.set(x, y);
}

void Exploration::pass(const std::vector<PxPoint>& way, HeldSet held) {
    const BodyMaps& maps = m_mapSets.of(held).maps();
    const BitMap* goals = m_stopAt ? m_stopAt(held).visited : nullptr;
    for (const PxPoint& at : way) {
        pass(at.x + maps.left, at.y + maps.top, held);
        m_isMet = m_isMet || (goals && goals->test(at.x + maps.left, at.y + maps.top));
    }
}

void Exploration::goOnFrom(Body body, const Move& back) {
    Set& set = m_sets[indexOf(body.held)];
    const CollisionMaps& collision = set.sweep->collision();
    const int layer = collision.layers().layerOf(body);
    const int x = body.x + collision.maps().left;
    const int y = body.y + collision.maps().top;
    if (set.sweep->isKnown(layer, x, y)) return;
    body.tick = 0;
    set.sweep->start(body);
    set.isDone = false;
    set.nextGain = 0;
    if (m_keepsLog) set.origins[keyOf(layer, x, y)] = back;
}

BitMap Exploration::visited() const {
    BitMap all = m_passed;
    for (const Set& set : m_sets)
        for (int y = 0; y < all.height(); ++y)
            for (int i = 0; i < all.wordsPerRow(); ++i)
                all.row(y)[i] |= set.sweep->visited().row(y)[i];
    return all;
}

BitMap Exploration::standing() const {
    BitMap all(m_passed.width(), m_passed.height());
    for (const Set& set : m_sets)
        for (int y = 0; y < all.height(); ++y)
            if (const Word* row = set.sweep->known(Layers::standing, y))
                for (int i = 0; i < all.wordsPerRow(); ++i)
                    all.row(y)[i] |= row[i];
    for (const Body& body : m_meetAtOnce)
        if (body.stance == Stance::Standing) {
            const BodyMaps& maps = m_sets.front().sweep->collision().maps();
            all.set(body.x + maps.left, body.y + maps.top);
        }
    return all;
}

std::vector<State> Exploration::metAtOnce() const {
    std::vector<State> states;
    for (const Body& body : m_meetAtOnce)
        for (std::size_t s = 0; s < m_sets.size(); ++s) {
            const CollisionMaps& collision = m_sets[s].sweep->collision();
            if (m_sets[s].held == body.held)
                states.push_back({s, collision.layers().layerOf(body),
                                  body.x + collision.maps().left, body.y + collision.maps().top});
        }
    return states;
}

bool Exploration::isVisitedIn(const PxRect& positions) const {
    const auto anyIn = [&](const BitMap& map) {
        return map.anyIn(positions.x, positions.y, positions.right(), positions.bottom());
    };
    return anyIn(m_passed) || std::any_of(m_sets.begin(), m_sets.end(), [&](const Set& set) {
               return anyIn(set.sweep->visited());
           });
}

std::vector<HeldSet> Exploration::setsIn(const PxRect& positions) const {
    const auto anyIn = [&](const BitMap& map) {
        return map.anyIn(positions.x, positions.y, positions.right(), positions.bottom());
    };
    std::vector<HeldSet> sets;
    for (const Set& set : m_sets)
        if (anyIn(set.sweep->visited())) sets.push_back(set.held);
    for (const auto& [held, passed] : m_passedWith)
        if (anyIn(passed) && std::find(sets.begin(), sets.end(), held) == sets.end())
            sets.push_back(held);
    return sets;
}

std::size_t Exploration::byteCount() const {
    std::size_t sum =
        m_passed.byteCount() * (1 + m_passedWith.size()) + m_timedBodies.size() * sizeof(TimedBody);
    for (const Set& set : m_sets)
        sum += set.sweep->byteCount();
    return sum;
}

std::int64_t Exploration::stateCount() const {
    auto sum = static_cast<std::int64_t>(m_meetAtOnce.size());
    for (const Set& set : m_sets)
        sum += set.sweep->stateCount();
    return sum;
}

Body Exploration::bodyOf(const State& state) const {
    const Set& set = m_sets[state.set];
    const CollisionMaps& collision = set.sweep->collision();
    Body body = collision.layers().bodyOf(state.layer, state.x - collision.maps().left,
                                          state.y - collision.maps().top);
    body.held = set.held;
    return body;
}

}  // namespace rook::reach
