#include "reach/exploration.h"

#include <bit>

#include "base/assert.h"

namespace rook::reach {

using runtime::Body;
using runtime::HeldSet;
using runtime::Input;
using runtime::Stance;

Grounds::Grounds(const Problem& problem)
    : m_problem(&problem),
      m_parts(fixedParts(problem.parts)),
      m_freely(problem.tables),
      m_px(collide::makePxMaps(problem.frame, *problem.cells, problem.tables, m_parts)) {
    for (runtime::PaceTable* table : {&m_freely.walk, &m_freely.climb, &m_freely.swim})
        table->fill(*std::max_element(table->begin(), table->end()));
}

bool Grounds::fit(const Problem& problem, const Limits& limits) {
    const std::int64_t bits = collide::mapBits(problem.frame, problem.tables, problem.parts);
    // While body maps are made, twelve maps stand side by side.
    return static_cast<std::uint64_t>(bits) / 8 * 12 <= limits.maxBytes;
}

const Ground& Grounds::of(runtime::HeldSet held) {
    std::unique_ptr<Ground>& ground = m_grounds[held];
    if (!ground) ground = std::make_unique<Ground>(*m_problem, m_parts, m_px, held);
    return *ground;
}

std::optional<std::map<runtime::HeldSet, PxRect>> Grounds::patch(const CellRect& cells) {
    const collide::MapPatch made(m_problem->frame, *m_problem->cells, m_problem->tables, m_parts,
                                 cells);
    if (!made.applyTo(m_px)) return std::nullopt;
    std::map<runtime::HeldSet, PxRect> changed;
    for (const auto& [held, ground] : m_grounds) {
        const auto at = ground->patch(made);
        if (!at) return std::nullopt;
        changed[held] = *at;
    }
    return changed;
}

std::vector<Input> inputsOf(const Body& body, const runtime::MotionTables& freely,
                            const Ground& ground) {
    std::vector<Input> inputs;
    const auto wishes = [&](int most, unsigned buttons) {
        inputs.push_back({0, 0, buttons});
        for (int d = 1; d <= most; ++d) {
            inputs.push_back({d, 0, buttons});
            inputs.push_back({-d, 0, buttons});
        }
    };
    const auto moves = [&](int most, unsigned buttons) {
        for (int sum = 0; sum <= most; ++sum)
            for (int dx = -sum; dx <= sum; ++dx)
                for (const int dy : {sum - std::abs(dx), std::abs(dx) - sum}) {
                    inputs.push_back({dx, dy, buttons});
                    if (dy == 0) break;
                }
    };
    const auto holds = [&] {
        const int most = std::max(ground.layers().gripLadder() >= 0 ? freely.climb[0] : 0,
                                  ground.layers().gripLiquid() >= 0 ? freely.swim[0] : 0);
        if (most > 0) moves(most, runtime::takeHoldButton);
    };
    const int jumpDx = freely.dx[0];
    switch (body.stance) {
        case Stance::Standing:
            if (freely.fromAbove) {
                moves(freely.walk[0], 0);
                break;
            }
            wishes(freely.walk[0], 0);
            wishes(jumpDx, runtime::jumpButton);
            inputs.push_back({0, 0, runtime::dropButton});
            holds();
            break;
        case Stance::Airborne: {
            const Layer& layer = ground.layers()[ground.layers().layerOf(body)];
            wishes(layer.push == 0 ? layer.dx : 0, 0);
            if (layer.hop >= 0) wishes(layer.push == 0 ? layer.dx : 0, runtime::letGoButton);
            const bool mayJump = layer.coyoteJump >= 0 || layer.wallJumpLeft >= 0 ||
                                 layer.wallJumpRight >= 0 || layer.airJump >= 0;
            if (mayJump) wishes(std::max(1, jumpDx), runtime::jumpButton);
            holds();
            break;
        }
        case Stance::Sprung: {
            const auto spring = static_cast<std::size_t>(body.spring);
            wishes(ground.parts().springs[spring].high.dx[0], 0);
            wishes(ground.parts().springs[spring].low.dx[0], runtime::letGoButton);
            holds();
            break;
        }
        case Stance::Climbing:
        case Stance::Swimming:
            moves(body.stance == Stance::Climbing ? freely.climb[0] : freely.swim[0], 0);
            wishes(jumpDx, runtime::jumpButton);
            inputs.push_back({0, 0, runtime::letGoButton});
            break;
        case Stance::Ended:
            break;
    }
    return inputs;
}

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

Exploration::Exploration(Grounds& grounds, const Limits& limits, bool keepsLog, Riding riding,
                         Lapsing lapsing)
    : m_grounds(grounds),
      m_limits(limits),
      m_keepsLog(keepsLog),
      m_riding(hasRides(grounds.problem()) ? riding : Riding::No),
      m_lapsing(lapsing),
      m_timed(timedOf(grounds.problem().parts)),
      m_slowly(slowlyOf(grounds.problem().tables)) {
    ROOK_ASSERT(lapsing == Lapsing::InTime || !keepsLog, "there is no way back through lapses");
    const BodyMaps& maps = grounds.of(0).maps();
    m_passed = BitMap(maps.live.width(), maps.live.height());
}

std::size_t Exploration::indexOf(runtime::HeldSet held) {
    for (std::size_t i = 0; i < m_sets.size(); ++i)
        if (m_sets[i].held == held) return i;
    Set set;
    set.held = held;
    const Ground& ground = m_grounds.of(held);
    if (m_keepsLog)
        set.log =
            std::make_unique<DiscoveryLog>(ground.layers().count(), ground.maps().live.height());
    set.sweep = std::make_unique<Sweep>(ground, m_limits, set.log.get());
    if (m_stopAt) set.sweep->stopAt(m_stopAt(held));
    m_sets.push_back(std::move(set));
    return m_sets.size() - 1;
}

bool Exploration::start() {
    const Problem& problem = m_grounds.problem();
    if (!problem.start) return false;
    const Ground& ground = m_grounds.of(0);
    const Body body = runtime::bodyAt(level::boxOf(*problem.start), ground, problem.tables);
    if (body.stance == Stance::Ended) return false;
    seed(body);
    return true;
}

void Exploration::seed(const Body& body) {
    const Ground& ground = m_grounds.of(body.held);
    const std::size_t index = indexOf(body.held);
    const int x = body.x + ground.maps().left;
    const int y = body.y + ground.maps().top;
    if ((ground.gainsAt(body.x, body.y) & ~body.held) != 0) {
        m_passed.set(x, y);
        m_meetAtOnce.push_back(body);
        return;
    }
    m_sets[index].sweep->start(body);
}

void Exploration::seed(runtime::HeldSet held, int layer, int y, const Word* bits, WordRange range) {
    Set& set = m_sets[indexOf(held)];
    set.sweep->seed(layer, y, bits, range);
}

bool Exploration::hasManyGains() const {
    const std::vector<runtime::Gain>& gains = m_grounds.problem().parts.gains;
    return std::count_if(gains.begin(), gains.end(), [](const runtime::Gain& gain) {
               return !gain.lapses();
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
    const std::vector<runtime::Gain>& gains = m_grounds.problem().parts.gains;
    const auto isForGood = [&](const Set& set) {
        for (std::size_t i = 0; i < gains.size(); ++i)
            if (((set.held >> i) & 1u) != 0 && gains[i].lapses()) return false;
        return true;
    };
    return m_sets.size() > 8 * maxSets ||
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
        if (set->sweep->isBusy()) {
            set->isDone = false;
            set->nextGain = 0;
        }
        if (m_lapsing == Lapsing::Anytime) lapse(*set);
        if (!nextSet()) followTimed();
        // What could be gained may not all have been looked at.
        if (m_limits.cancel && m_limits.cancel->load(std::memory_order_relaxed))
            return Completion::Cancelled;
    }
    return m_isMet ? Completion::Met : Completion::Complete;
}

Stride strideOf(const Layer& layer, const runtime::MotionTables& freely, const Ground& ground) {
    Stride stride;
    if (ground.layers().gripLadder() >= 0) stride.addAllWays(freely.climb[0]);
    if (ground.layers().gripLiquid() >= 0) stride.addAllWays(freely.swim[0]);
    stride.add(freely.dx[0], freely.dy[0]);  // a jump
    switch (layer.sort) {
        case LayerSort::Standing:
            stride.addAllWays(std::max({freely.walk[0], freely.stepUp, 1}));
            break;
        case LayerSort::Sprung: {
            const auto& spring = ground.parts().springs[static_cast<std::size_t>(layer.spring)];
            for (const runtime::PhaseTable* table : {&spring.high, &spring.low})
                stride.add(table->dx[0] + std::abs(spring.pushDx), table->dy[0]);
            break;
        }
        case LayerSort::Air:
            stride.add(layer.dx + std::abs(layer.shove), layer.dy);
            break;
        case LayerSort::Climbing:
        case LayerSort::Swimming:
        case LayerSort::GripLadder:
        case LayerSort::GripLiquid:
            break;
    }
    return stride;
}

bool Exploration::gainFrom(Set& set, std::size_t index) {
    const std::size_t gains = set.sweep->ground().parts().gains.size();
    while (set.nextGain < gains) {
        const std::size_t gain = set.nextGain++;
        const bool isHeld = ((set.held >> gain) & 1u) != 0;
        if (isHeld && !set.sweep->ground().parts().gains[gain].lapses()) continue;
        const std::size_t before = m_sets.size();
        gainFrom(set, index, gain);
        if (m_limits.cancel && m_limits.cancel->load(std::memory_order_relaxed)) break;
        if (hasManyGains() && m_sets.size() > before) break;
    }
    return set.nextGain >= gains;
}

/// The positions near which that is gained or lost by bodies that take such strides.
std::vector<PxRect> Exploration::nearChange(const Ground& ground, std::size_t gain, bool isHeld,
                                            const Stride& stride) {
    const runtime::Gain& gained = ground.parts().gains[gain];
    const PxRect all{0, 0, ground.maps().live.width(), ground.maps().live.height()};
    const auto around = [&](const PxRect& at) {
        return PxRect{at.x - stride.sideways, at.y - stride.down, at.width + 2 * stride.sideways,
                      at.height + stride.up + stride.down}
            .intersected(all);
    };
    if (!isHeld) return {around(ground.positionsAt(gained.box))};
    if (gained.isLocal()) return {around(ground.positionsAt(gained.keeps))};
    // What lasts for a time is lost farther away than its ticks allow.
    const PxRect far = ground.farthestWith(gained);
    if (far == all) return {};
    const int thick = std::max({stride.sideways, stride.up, stride.down, 1});
    std::vector<PxRect> near{{far.x, far.y, far.width, thick},
                             {far.x, far.bottom() - thick, far.width, thick},
                             {far.x, far.y, thick, far.height},
                             {far.right() - thick, far.y, thick, far.height}};
    for (PxRect& strip : near)
        strip = strip.intersected(far);
    for (const runtime::Door& door : ground.parts().doors)
        if ((door.needs >> gain) & 1u) near.push_back(around(ground.positionsAt(door.box)));
    return near;
}

/// From each state near something that can be gained, every input: what meets it goes on in a
/// larger set. What is held in one place, or for a time only, is lost by leaving: then from each
/// state near to that.
void Exploration::gainFrom(Set& set, std::size_t index, std::size_t gain) {
    const Ground& ground = set.sweep->ground();
    const Layers& layers = ground.layers();
    const bool isHeld = ((set.held >> gain) & 1u) != 0;
    for (int layer = 0; layer < layers.count(); ++layer) {
        if (layers[layer].takesNoTick()) continue;
        if (m_limits.cancel && m_limits.cancel->load(std::memory_order_relaxed)) return;
        const Stride stride = strideOf(layers[layer], m_grounds.freely(), ground);
        for (const PxRect& near : nearChange(ground, gain, isHeld, stride))
            for (int y = near.y; y < near.bottom(); ++y) {
                if (!set.sweep->known(layer, y)) continue;
                for (int x = near.x; x < near.right(); ++x)
                    if (set.sweep->isKnown(layer, x, y)) gainFromState(set, index, layer, x, y);
            }
    }
}

void Exploration::gainFromState(Set& set, std::size_t index, int layer, int x, int y) {
    const Ground& ground = set.sweep->ground();
    Body body = ground.layers().bodyOf(layer, x - ground.maps().left, y - ground.maps().top);
    body.held = set.held;
    const State from{index, layer, x, y};
    gainFromBody(index, body, &from);
}

void Exploration::gainFromBody(std::size_t index, const Body& body, const State* from) {
    const Ground& ground = m_sets[index].sweep->ground();
    const HeldSet timed = m_timed & body.held;
    for (const Input& input : inputsOf(body, m_grounds.freely(), ground)) {
        tryGain(index, body, from, input);
        // Any of what lasts for a time may be over in the same tick.
        for (HeldSet over = timed; over != 0; over = (over - 1) & timed)
            tryGain(index, bodyAtItsEnd(body, ground.parts(), over), from, input);
    }
}

void Exploration::tryGain(std::size_t index, const Body& body, const State* from,
                          const Input& input) {
    const Ground& ground = m_sets[index].sweep->ground();
    Body next = body;
    std::vector<PxPoint> way;
    runtime::step(ground, m_grounds.freely(), next, input, [&](int x, int y) {
        way.push_back({x, y});
    });
    // A way that ends in something deadly is visited up to there, gain or not.
    const bool changes = std::any_of(
        way.begin(), way.end(), [&](const PxPoint& at) { return ground.changesHeld(at.x, at.y); });
    if (!changes && from) return;
    pass(way, body.held);
    if (next.stance == Stance::Ended) return;
    if (m_lapsing == Lapsing::Anytime && m_grounds.of(next.held).isTooFar(next.x, next.y)) return;
    const State before = from ? *from
                              : State{index, ground.layers().layerOf(body),
                                      body.x + ground.maps().left, body.y + ground.maps().top};
    if (m_lapsing == Lapsing::InTime && (next.held & m_timed) != 0)
        addTimed({next, before, input});
    else
        goOnFrom(next, {before, input});
}

void Exploration::pass(const std::vector<PxPoint>& way, HeldSet held) {
    const BodyMaps& maps = m_grounds.of(held).maps();
    const BitMap* goals = m_stopAt ? m_stopAt(held).visited : nullptr;
    for (const PxPoint& at : way) {
        m_passed.set(at.x + maps.left, at.y + maps.top);
        m_isMet = m_isMet || (goals && goals->test(at.x + maps.left, at.y + maps.top));
    }
}

void Exploration::goOnFrom(Body body, const Move& back) {
    Set& set = m_sets[indexOf(body.held)];
    const Ground& ground = set.sweep->ground();
    const int layer = ground.layers().layerOf(body);
    const int x = body.x + ground.maps().left;
    const int y = body.y + ground.maps().top;
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
            const BodyMaps& maps = m_sets.front().sweep->ground().maps();
            all.set(body.x + maps.left, body.y + maps.top);
        }
    return all;
}

std::vector<State> Exploration::metAtOnce() const {
    std::vector<State> states;
    for (const Body& body : m_meetAtOnce)
        for (std::size_t s = 0; s < m_sets.size(); ++s) {
            const Ground& ground = m_sets[s].sweep->ground();
            if (m_sets[s].held == body.held)
                states.push_back({s, ground.layers().layerOf(body), body.x + ground.maps().left,
                                  body.y + ground.maps().top});
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

std::size_t Exploration::byteCount() const {
    std::size_t sum = m_passed.byteCount() + m_timedBodies.size() * sizeof(TimedBody);
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
    const Ground& ground = set.sweep->ground();
    Body body = ground.layers().bodyOf(state.layer, state.x - ground.maps().left,
                                       state.y - ground.maps().top);
    body.held = set.held;
    return body;
}

}  // namespace rook::reach
