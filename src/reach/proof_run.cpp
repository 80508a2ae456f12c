#include "reach/proof_run.h"

#include <deque>

#include "base/assert.h"
#include "reach/sweep_detail.h"

namespace rook::reach {

namespace {

using runtime::Body;
using runtime::Input;
using runtime::Stance;

/// Layer as in `Sweep`; x and y are places of the maps.
struct State {
    int layer = 0;
    int x = 0;
    int y = 0;
};

/// One step of a way: the input that leads to `state` from the one before.
struct Move {
    State state;
    Input input;
};

runtime::World worldOf(const Problem& problem, const runtime::MotionTables& tables) {
    std::vector<runtime::Box> boxes;
    for (const PxRect& b : problem.deadlyBoxes)
        boxes.push_back({b.x, b.y, b.width, b.height});
    return {problem.frame, *problem.cells, tables, std::move(boxes)};
}

bool meetsBox(const PxRect& box, int x, int y, const runtime::MotionTables& tables) {
    return box.overlaps({x, y, tables.bodyWidth, tables.bodyHeight});
}

/// All that is reached from one set of states, with the order of discovery.
class Leg {
public:
    Leg(const Problem& problem, const Limits& limits, const BodyMaps& maps)
        : m_maps(maps),
          m_log(static_cast<int>(problem.tables.dx.size()) + 1, maps.live.height()),
          m_sweep(problem, limits, maps, &m_log) {}

    Sweep& sweep() { return m_sweep; }
    [[nodiscard]] const DiscoveryLog& log() const { return m_log; }

    /// Positions (of the maps) at which a body overlaps the rectangle of level px.
    [[nodiscard]] PxRect positionsAt(const PxRect& box, const runtime::MotionTables& tables) const {
        const PxRect all{0, 0, m_maps.live.width(), m_maps.live.height()};
        return PxRect{box.x - tables.bodyWidth + 1 + m_maps.left,
                      box.y - tables.bodyHeight + 1 + m_maps.top, box.width + tables.bodyWidth - 1,
                      box.height + tables.bodyHeight - 1}
            .intersected(all);
    }

    /// Gives the states at these positions to another leg; false if there are none.
    [[nodiscard]] bool seed(Leg& next, const PxRect& positions) const {
        bool isAny = false;
        const int words = m_maps.live.wordsPerRow();
        std::vector<Word> row(static_cast<std::size_t>(words));
        BitMap mask(m_maps.live.width(), 1);
        mask.setRun(0, positions.x, positions.right());
        forEachKnownRow(positions, [&](int layer, int y, const Word* known) {
            Word any = 0;
            for (int i = 0; i < words; ++i)
                any |= row[static_cast<std::size_t>(i)] = known[i] & mask.row(0)[i];
            if (any == 0) return;
            isAny = true;
            next.m_sweep.seed(layer, y, row.data(), {0, words});
        });
        return isAny;
    }

    /// Calls `visit(step, state)` for each state at these positions, in no order.
    template <typename Visit>
    void forEachState(const PxRect& positions, Visit&& visit) const {
        forEachKnownRow(positions, [&](int layer, int y, const Word* known) {
            for (int x = positions.x; x < positions.right(); ++x)
                if ((known[x / BitMap::wordBits] >> (x % BitMap::wordBits)) & 1u)
                    visit(m_log.stepOf(layer, y, x), State{layer, x, y});
        });
    }

private:
    /// Without phase 0: those states are standing ones.
    template <typename Visit>
    void forEachKnownRow(const PxRect& positions, Visit&& visit) const {
        for (int layer = 0; layer < m_sweep.layerCount(); ++layer) {
            if (layer == 1) continue;
            for (int y = positions.y; y < positions.bottom(); ++y)
                if (const Word* known = m_sweep.known(layer, y)) visit(layer, y, known);
        }
    }

    const BodyMaps& m_maps;
    DiscoveryLog m_log;
    Sweep m_sweep;
};

/// Walks back from a state through the legs, and forward again by the stepper.
class Walker {
public:
    Walker(const Problem& problem, const BodyMaps& maps)
        : m_problem(problem),
          m_maps(maps),
          m_freely(problem.tables),
          m_world(worldOf(problem, problem.tables)) {
        m_freely.walk.fill(*std::max_element(m_freely.walk.begin(), m_freely.walk.end()));
    }

    /// The ways through the legs that end in `last`, one a leg, each ending in the state that the
    /// next one starts from.
    std::vector<std::vector<Move>> waysTo(const std::deque<Leg>& legs, const State& last) {
        std::vector<std::vector<Move>> ways(legs.size());
        State at = last;
        for (std::size_t i = legs.size(); i-- > 0;) {
            ways[i] = wayBack(legs[i].log(), at);
            at = ways[i].front().state;
        }
        return ways;
    }

    /// Replays the ways one after the other; `ends` gets the tick at which each ends.
    Run replay(const std::vector<std::vector<Move>>& ways, std::vector<int>& ends) {
        Run run;
        const PxRect& start = *m_problem.start;
        m_body = runtime::bodyAt({start.x, start.y, start.width, start.height}, m_world,
                                 m_problem.tables);
        run.bodies.push_back(m_body);
        for (const auto& way : ways) {
            for (std::size_t i = 1; i < way.size(); ++i)
                follow(way[i - 1].state, way[i], run);
            finishWalk(run);
            ROOK_ASSERT(isAt(m_body, way.back().state), "a proof run ends where the solver was");
            ends.push_back(run.ticks());
        }
        return run;
    }

    /// A tick from this state whose way meets the box, if there is one.
    [[nodiscard]] std::optional<Input> tickThatMeets(const State& state, const PxRect& box) const {
        std::vector<Input> inputs;
        for (const int dx : wishes(state))
            inputs.push_back({dx, 0, state.layer == 0 ? unsigned(runtime::jumpButton) : 0u});
        if (state.layer == 0) inputs.insert(inputs.end(), {{1, 0, 0}, {-1, 0, 0}});
        for (const Input& input : inputs) {
            Body body = bodyOf(state);
            bool isMet = false;
            runtime::step(m_world, m_freely, body, input,
                          [&](int x, int y) { isMet = isMet || meetsBox(box, x, y, m_freely); });
            if (isMet) return input;
        }
        return std::nullopt;
    }

    /// Adds one more tick; if it is a walk, after as many stays as the walk table wants.
    void finish(Run& run, const Input& input) {
        if (m_body.stance == Stance::Standing && input.buttons == 0) {
            m_walk = input.dx;
            return finishWalk(run);
        }
        append(run, input);
    }

private:
    /// From a given state (step 0) to `last`.
    std::vector<Move> wayBack(const DiscoveryLog& log, const State& last) {
        std::vector<Move> way{{last, {}}};
        State at = last;
        int lastWish = 0;
        for (int step = log.stepOf(at.layer, at.y, at.x); step > 0;
             step = log.stepOf(at.layer, at.y, at.x)) {
            const DiscoveryLog::Row row = log.sourceOf(step);
            const Move back = row.layer == 0 ? standingBefore(log, step, row.y, at)
                                             : airBefore(log, step, row, at, lastWish);
            way.back().input = back.input;
            lastWish = back.input.dx;
            at = back.state;
            way.push_back({at, {}});
        }
        std::reverse(way.begin(), way.end());
        return way;
    }

    [[nodiscard]] static bool isFoundBefore(const DiscoveryLog& log, int step, const State& s) {
        const int found = log.stepOf(s.layer, s.y, s.x);
        return found >= 0 && found < step;
    }

    /// The state on the floor from which a step of the sweep found `at`, and the input.
    Move standingBefore(const DiscoveryLog& log, int step, int y, const State& at) {
        if (at.layer == 1) return {{0, at.x, y}, {0, 0, runtime::jumpButton}};
        if (at.layer == 0 && at.y == y) {
            // A walk along the floor: from the nearest place that was known before.
            for (int distance = 1;; ++distance) {
                for (const int x : {at.x - distance, at.x + distance})
                    if (isFoundBefore(log, step, {0, x, y}) && isRun(y, x, at.x))
                        return {{0, x, y}, {at.x - x, 0, 0}};
                ROOK_ASSERT(distance < m_maps.live.width(), "a walk starts somewhere");
            }
        }
        const std::pair<int, Input> ways[] = {{at.x - 1, {1, 0, 0}},
                                              {at.x + 1, {-1, 0, 0}},
                                              {at.x, {0, at.y - y, 0}},
                                              {at.x, {0, 0, runtime::dropButton}}};
        for (const auto& [x, input] : ways) {
            const State before{0, x, y};
            Body body = bodyOf(before);
            // One px of a walk is one tick here; they are put together when the run is made.
            runtime::step(m_world, m_freely, body, input);
            if (isFoundBefore(log, step, before) && isAt(body, at)) return {before, input};
        }
        ROOK_ASSERT(false, "what is found from the floor is a walk, a drop or a jump");
        return {};
    }

    Move airBefore(const DiscoveryLog& log, int step, DiscoveryLog::Row row, const State& at,
                   int lastWish) {
        std::vector<int> order = wishes({row.layer, at.x, row.y});
        // The wish of the tick after is tried first: it makes calm runs.
        std::stable_sort(order.begin(), order.end(), [&](int a, int b) {
            return std::abs(a - lastWish) < std::abs(b - lastWish);
        });
        for (const int dx : order) {
            const State before{row.layer, at.x - dx, row.y};
            if (!isFoundBefore(log, step, before)) continue;
            for (const unsigned buttons : {0u, unsigned(runtime::letGoButton)}) {
                Body body = bodyOf(before);
                runtime::step(m_world, m_freely, body, {dx, 0, buttons});
                if (isAt(body, at)) return {before, {dx, 0, buttons}};
            }
        }
        ROOK_ASSERT(false, "what is found in the air is found by a flight");
        return {};
    }

    /// All places between two of one row can be stood at.
    [[nodiscard]] bool isRun(int y, int from, int to) const {
        for (int x = std::min(from, to); x <= std::max(from, to); ++x)
            if (!m_maps.live.test(x, y) || !m_maps.floor.test(x, y)) return false;
        return true;
    }

    [[nodiscard]] std::vector<int> wishes(const State& state) const {
        const auto phase = static_cast<std::size_t>(std::max(0, state.layer - 1));
        std::vector<int> list{0};
        for (int d = 1; d <= m_freely.dx[phase]; ++d) {
            list.push_back(d);
            list.push_back(-d);
        }
        return list;
    }

    [[nodiscard]] Body bodyOf(const State& state) const {
        Body body;
        body.x = state.x - m_maps.left;
        body.y = state.y - m_maps.top;
        body.stance = state.layer == 0 ? Stance::Standing : Stance::Airborne;
        body.phase = std::max(0, state.layer - 1);
        return body;
    }
    [[nodiscard]] bool isAt(const Body& body, const State& state) const {
        const Body wanted = bodyOf(state);
        return body.stance == wanted.stance && body.x == wanted.x && body.y == wanted.y &&
               (body.stance == Stance::Standing || body.phase == wanted.phase);
    }

    void follow(const State& from, const Move& move, Run& run) {
        const bool isWalk = from.layer == 0 && move.input.buttons == 0;
        if (isWalk) {
            // Only px that go on in one direction make one walk.
            const bool goesOn = (m_walk == 0 && m_climb == 0) ||
                                (m_climb == 0 && m_walk * move.input.dx > 0) ||
                                (m_walk == 0 && m_climb * move.input.dy > 0);
            if (!goesOn) finishWalk(run);
            m_walk += move.input.dx;
            m_climb += move.input.dy;
            return;
        }
        finishWalk(run);
        if (move.input.buttons & runtime::jumpButton) {
            m_hasPressedJump = true;  // the jump moves in the tick of phase 0 that follows
            return;
        }
        Input input = move.input;
        if (m_hasPressedJump) input.buttons |= runtime::jumpButton;
        m_hasPressedJump = false;
        append(run, input);
    }

    void append(Run& run, const Input& input) {
        runtime::step(m_world, m_problem.tables, m_body, input);
        run.inputs.push_back(input);
        run.bodies.push_back(m_body);
    }

    /// Walks what was put together, as far as the walk table lets it in each tick.
    void finishWalk(Run& run) {
        while (m_walk != 0 || m_climb != 0) {
            const int most = m_problem.tables.walk[static_cast<std::size_t>(m_body.tick % 16)];
            const int dx = std::clamp(m_walk, -most, most);
            const int dy = m_walk != 0 ? 0 : std::clamp(m_climb, -most, most);
            append(run, {dx, dy, 0});
            m_walk -= dx;
            m_climb -= dy;
        }
    }

    const Problem& m_problem;
    const BodyMaps& m_maps;
    runtime::MotionTables m_freely;  ///< the walk table's largest number in every tick
    runtime::World m_world;
    Body m_body;
    int m_walk = 0;   ///< px still to walk, to the right
    int m_climb = 0;  ///< px still to walk down, where the level is seen from above
    bool m_hasPressedJump = false;
};

/// The state found first that overlaps the box, or from which a tick meets it.
struct Arrival {
    State state;
    std::optional<Input> lastTick;
};

std::optional<Arrival> arrivalAt(const Leg& leg, const Walker& walker, const PxRect& goal,
                                 const runtime::MotionTables& tables) {
    std::optional<Arrival> best;
    int bestStep = 0;
    leg.forEachState(leg.positionsAt(goal, tables), [&](int step, const State& state) {
        if (best && step >= bestStep) return;
        best = Arrival{state, {}};
        bestStep = step;
    });
    if (best) return best;
    // It is met in the middle of a tick only.
    int reach = 0;
    for (std::size_t p = 0; p < tables.dx.size(); ++p)
        reach = std::max({reach, tables.dx[p], std::abs(tables.dy[p])});
    std::vector<std::pair<int, State>> near;
    leg.forEachState(leg.positionsAt(goal.grown(reach), tables),
                     [&](int step, const State& state) { near.emplace_back(step, state); });
    std::sort(near.begin(), near.end(),
              [](const auto& a, const auto& b) { return a.first < b.first; });
    for (const auto& [step, state] : near)
        if (const auto tick = walker.tickThatMeets(state, goal)) return Arrival{state, tick};
    return std::nullopt;
}

/// Ends the run with the first tick after `from` whose way meets the goal; at once if it starts
/// there.
void cutAtGoal(const Problem& problem, Run& run, int from, const PxRect& goal) {
    const runtime::World world = worldOf(problem, problem.tables);
    for (auto tick = static_cast<std::size_t>(from); tick <= run.inputs.size(); ++tick) {
        Body body = run.bodies[tick];
        bool isMet = meetsBox(goal, body.x, body.y, problem.tables);
        const std::size_t last = isMet ? tick : tick + 1;
        if (!isMet && tick < run.inputs.size())
            runtime::step(world, problem.tables, body, run.inputs[tick], [&](int x, int y) {
                isMet = isMet || meetsBox(goal, x, y, problem.tables);
            });
        if (!isMet) continue;
        run.inputs.resize(last);
        run.bodies.resize(last + 1);
        return;
    }
}

/// How near, in px, a body at some visited position comes to the box; Requires: some position is.
int nearestPx(const Leg& leg, const BitMap& visited, const PxRect& box,
              const runtime::MotionTables& tables) {
    int low = 0;  // not met when the box grows by this
    int high = visited.width() + visited.height();
    while (high - low > 1) {
        const int middle = (low + high) / 2;
        const PxRect at = leg.positionsAt(box.grown(middle), tables);
        (visited.anyIn(at.x, at.y, at.right(), at.bottom()) ? high : low) = middle;
    }
    return high;
}

}  // namespace

RunAlong runAlong(const Problem& problem, const std::vector<PxRect>& areas, const PxRect& goal,
                  const Limits& limits) {
    RunAlong outcome;
    const std::optional<BodyMaps> made = mapsOf(problem, limits);
    if (!made) {
        outcome.completion = Completion::OutOfMemory;
        return outcome;
    }
    const BodyMaps& maps = *made;
    outcome.passings.resize(areas.size());
    const std::optional<PxPoint> start = startOf(problem);
    if (!start || !maps.live.test(start->x + maps.left, start->y + maps.top)) return outcome;
    Limits left = limits;
    std::deque<Leg> legs;
    std::vector<std::size_t> passed;  // the area at which leg i ends
    const auto explore = [&](Leg& leg) {
        outcome.completion = leg.sweep().run();
        left.maxBytes -= std::min(left.maxBytes, leg.sweep().byteCount());
        return outcome.completion == Completion::Complete;
    };
    legs.emplace_back(problem, left, maps);
    legs.back().sweep().start(start->x + maps.left, start->y + maps.top);
    if (!explore(legs.back())) return outcome;
    for (std::size_t i = 0; i < areas.size(); ++i) {
        const Leg& leg = legs.back();
        const PxRect positions = leg.positionsAt(areas[i], problem.tables);
        legs.emplace_back(problem, left, maps);
        Leg& next = legs.back();
        if (legs[legs.size() - 2].seed(next, positions)) {
            outcome.passings[i].isPassed = true;
            passed.push_back(i);
            if (!explore(next)) return outcome;
        } else {
            legs.pop_back();
            outcome.passings[i].missedByPx =
                nearestPx(legs.back(), legs.back().sweep().visited(), areas[i], problem.tables);
        }
    }
    Walker walker(problem, maps);
    const auto arrival = arrivalAt(legs.back(), walker, goal, problem.tables);
    if (!arrival) return outcome;
    std::vector<int> ends;
    Run run = walker.replay(walker.waysTo(legs, arrival->state), ends);
    if (arrival->lastTick) walker.finish(run, *arrival->lastTick);
    cutAtGoal(problem, run, passed.empty() ? 0 : ends[passed.size() - 1], goal);
    for (std::size_t i = 0; i < passed.size(); ++i)
        outcome.passings[passed[i]].atTick = ends[i];
    ROOK_ASSERT(replays(problem, run, goal), "a proof run replays");
    outcome.run = std::move(run);
    return outcome;
}

bool replays(const Problem& problem, const Run& run, const PxRect& goal) {
    if (!problem.start) return false;
    const runtime::World world = worldOf(problem, problem.tables);
    const PxRect& start = *problem.start;
    Body body =
        runtime::bodyAt({start.x, start.y, start.width, start.height}, world, problem.tables);
    if (body.stance == Stance::Ended) return false;
    bool isMet = meetsBox(goal, body.x, body.y, problem.tables);
    for (std::size_t i = 0; i < run.inputs.size(); ++i) {
        if (body.stance == Stance::Ended) return false;
        isMet = false;
        runtime::step(world, problem.tables, body, run.inputs[i],
                      [&](int x, int y) { isMet = isMet || meetsBox(goal, x, y, problem.tables); });
        // A tick in which the body stays where it meets the goal counts as well.
        if (body.stance != Stance::Ended)
            isMet = isMet || meetsBox(goal, body.x, body.y, problem.tables);
    }
    return isMet;
}

Problem withClosed(Problem problem, const PxRect& region) {
    problem.deadlyBoxes.push_back(region);
    return problem;
}

}  // namespace rook::reach
