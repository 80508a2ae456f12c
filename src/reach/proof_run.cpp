#include "reach/proof_run.h"

#include <deque>

#include "base/assert.h"
#include "reach/arrivals.h"
#include "reach/replay.h"
#include "reach/riding_run.h"
#include "reach/run_finder.h"

namespace rook::reach {

namespace {

using runtime::Body;
using runtime::Input;
using runtime::Stance;

/// Gives the states at these positions to another exploration; false if there are none.
bool seedFrom(const Exploration& from, Exploration& to, const PxRect& positions) {
    bool isAny = false;
    for (std::size_t s = 0; s < from.setCount(); ++s) {
        const Exploration::Set& set = from.set(s);
        const CollisionMaps& collision = set.sweep->collision();
        const int words = collision.maps().live.wordsPerRow();
        std::vector<Word> row(static_cast<std::size_t>(words));
        BitMap mask(collision.maps().live.width(), 1);
        mask.setRun(0, positions.x, positions.right());
        for (int layer = 0; layer < collision.layers().count(); ++layer) {
            if (collision.layers()[layer].takesNoTick()) continue;
            for (int y = positions.y; y < positions.bottom(); ++y) {
                const Word* known = set.sweep->known(layer, y);
                if (!known) continue;
                Word any = 0;
                for (int i = 0; i < words; ++i)
                    any |= row[static_cast<std::size_t>(i)] = known[i] & mask.row(0)[i];
                if (any == 0) continue;
                isAny = true;
                to.seed(set.held, layer, y, row.data(), {0, words});
            }
        }
    }
    return isAny;
}

}  // namespace

void cutAtGoal(const Problem& problem, const runtime::Parts& parts, Run& run, int from,
               const PxRect& goal) {
    const runtime::World world(problem.frame, *problem.cells, problem.tables, parts);
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

namespace {

/// The ways through the legs that end in `last`, one a leg, each ending in the state that the next
/// one starts from.
std::vector<std::vector<Move>> waysTo(const std::deque<Exploration>& legs, const State& last) {
    std::vector<std::vector<Move>> ways(legs.size());
    State at = last;
    for (std::size_t i = legs.size(); i-- > 0;) {
        ways[i] = legs[i].wayTo(at);
        at = ways[i].front().state;
        if (i == 0) break;
        // Sets are counted leg by leg.
        const runtime::HeldSet held = legs[i].set(at.set).held;
        for (std::size_t s = 0; s < legs[i - 1].setCount(); ++s)
            if (legs[i - 1].set(s).held == held) at.set = s;
    }
    return ways;
}

}  // namespace

RunAlong runAlong(const Problem& problem, const std::vector<PxRect>& areas, const PxRect& goal,
                  const Limits& limits) {
    RunAlong outcome;
    if (!CollisionMapSets::fit(problem, limits)) {
        outcome.completion = Completion::OutOfMemory;
        return outcome;
    }
    outcome.passings.resize(areas.size());
    CollisionMapSets mapSets(problem);
    Limits left = limits;
    std::deque<Exploration> legs;
    std::vector<std::size_t> passed;  // the area at which leg i ends
    const auto explore = [&](Exploration& leg) {
        outcome.completion = leg.run();
        left.maxBytes -= std::min(left.maxBytes, leg.byteCount());
        return outcome.completion == Completion::Complete;
    };
    legs.emplace_back(mapSets, left, true);
    if (!legs.back().start() || !explore(legs.back())) return outcome;
    for (std::size_t i = 0; i < areas.size(); ++i) {
        const PxRect positions = mapSets.of(0).positionsAt(level::boxOf(areas[i]));
        legs.emplace_back(mapSets, left, true);
        if (seedFrom(legs[legs.size() - 2], legs.back(), positions)) {
            outcome.passings[i].isPassed = true;
            passed.push_back(i);
            if (!explore(legs.back())) return outcome;
        } else {
            legs.pop_back();
            outcome.passings[i].missedByPx = nearestPx(mapSets, legs.back(), areas[i]);
        }
    }
    const auto arrival = Arrivals(mapSets, legs.back(), goal).first();
    // Legs of what lasts for a time end between areas: what is missed so may be met.
    const bool isShort = !arrival || arrival->leg >= 0 || passed.size() < areas.size();
    if (hasTimed(problem) && isShort) {
        outcome.completion = Completion::InTime;
        outcome.passings.clear();
        return outcome;
    }
    if (!arrival) return outcome;
    Replay replay(problem);
    std::vector<int> ends;
    const auto ways = waysTo(legs, arrival->state);
    for (std::size_t i = 0; i < ways.size(); ++i) {
        if (!replay.follow(ways[i], legs[i])) return outcome;
        ends.push_back(replay.ticks());
    }
    if (arrival->lastTick && !replay.finish({arrival->state, *arrival->lastTick}, goal))
        return outcome;
    Run run = replay.take();
    cutAtGoal(problem, fixedParts(problem.parts), run, passed.empty() ? 0 : ends[passed.size() - 1],
              goal);
    for (std::size_t i = 0; i < passed.size(); ++i)
        outcome.passings[passed[i]].atTick = ends[i];
    outcome.run = std::move(run);
    return outcome;
}

Run replayed(const Problem& problem, const std::vector<Input>& inputs) {
    Run run;
    if (!problem.start) return run;
    const runtime::World world(problem.frame, *problem.cells, problem.tables, problem.parts);
    Body body = runtime::bodyAt(level::boxOf(*problem.start), world, problem.tables);
    run.bodies.push_back(body);
    for (const Input& input : inputs) {
        if (body.stance == Stance::Ended) break;
        runtime::step(world, problem.tables, body, input);
        run.inputs.push_back(input);
        run.bodies.push_back(body);
    }
    return run;
}

bool replays(const Problem& problem, const Run& run, const PxRect& goal) {
    if (!problem.start) return false;
    const runtime::World world(problem.frame, *problem.cells, problem.tables, problem.parts);
    Body body = runtime::bodyAt(level::boxOf(*problem.start), world, problem.tables);
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

std::vector<level::RunSpan> spansOf(const std::vector<Input>& inputs) {
    std::vector<level::RunSpan> spans;
    for (const Input& input : inputs) {
        // A button is an event of one tick.
        if (!spans.empty() && spans.back().dx == input.dx && spans.back().dy == input.dy &&
            input.buttons == 0 && spans.back().buttons == 0) {
            ++spans.back().ticks;
        } else {
            spans.push_back({1, input.dx, input.dy, input.buttons});
        }
    }
    return spans;
}

std::vector<Input> inputsOf(const std::vector<level::RunSpan>& spans) {
    std::vector<Input> inputs;
    for (const level::RunSpan& span : spans)
        for (int tick = 0; tick < span.ticks; ++tick)
            inputs.push_back({span.dx, span.dy, span.buttons});
    return inputs;
}

Problem withClosed(Problem problem, const PxRect& region) {
    problem.parts.closed.push_back(level::boxOf(region));
    return problem;
}

}  // namespace rook::reach
