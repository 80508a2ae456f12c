#pragma once
/// Random small problems, and a breadth-first search over single states that answers them slowly:
/// what the solver and its proof runs are held to.

#include <deque>
#include <tuple>
#include <unordered_set>
#include <vector>

#include "level/boxes.h"
#include "level/tracks.h"
#include "motion/step_tables.h"
#include "places.h"
#include "reach/solver.h"
#include "shape_cells.h"
#include "testing.h"

namespace rook::testing {

using RandomCells = ShapeCells;

inline runtime::EdgeRule randomEdge(Random& random) {
    return static_cast<runtime::EdgeRule>(random.between(0, 2));
}

inline level::MotionProfile randomProfile(Random& random) {
    level::MotionProfile profile;
    profile.bodyWidth = random.between(1, 9);
    profile.bodyHeight = random.between(1, 11);
    profile.run = {random.between(1, 30000)};
    profile.greatestFall = {random.between(500, 60000)};
    profile.jumpHeight = {random.between(100, 5000)};
    profile.timeToTop = {random.between(10, 400)};
    profile.fallFactor = {random.between(300, 3000)};
    profile.climb = {random.between(3000, 40000)};
    profile.swim = {random.between(3000, 40000)};
    profile.coyoteMs = {random.between(0, 120) * 1000};
    profile.wallPush = random.between(0, 9);
    profile.stepUp = random.between(0, 4);
    profile.marginPx = random.chance(20) ? 1 : 0;
    profile.abilities.clear();
    for (int i = 0; i < level::abilityCount; ++i) {
        const auto ability = static_cast<level::Ability>(i);
        const bool isCommon =
            ability == level::Ability::ShortHop || ability == level::Ability::DropThrough;
        if (random.chance(isCommon ? 60 : 35)) profile.abilities.push_back(ability);
    }
    profile.airJumps = profile.has(level::Ability::AirJump) ? random.between(1, 3) : 0;
    return profile;
}

inline runtime::MotionTables randomTables(Random& random, CellSize cell) {
    for (;;)
        if (const auto tables = motion::makeStepTables(randomProfile(random), cell))
            return tables->body;
}

inline runtime::Box randomBox(Random& random, const runtime::Frame& frame) {
    return {random.between(0, frame.widthPx() - 1), random.between(0, frame.heightPx() - 1),
            random.between(1, 9), random.between(1, 9)};
}

/// One that goes by a way: slanted legs, waits, a pace, gathering speed.
inline runtime::Mover randomTimedMover(Random& random, const runtime::Frame& frame) {
    for (;;) {
        level::Track track;
        for (int points = random.between(1, 2); points > 0; --points)
            track.points.push_back({random.between(-16, 16), random.between(-16, 16)});
        track.isRound = random.chance(40);
        track.periodTicks = 4 * random.between(1, 6);
        if (random.chance(30)) track.pace = {random.between(1000, 6000)};
        for (int waits = random.between(0, 2); waits > 0; --waits)
            track.waits.push_back(random.between(0, 4));
        if (random.chance(40)) track.ease = level::Ease::Smooth;
        if (level::flawOf(track) || level::periodOf(track) > 30) continue;
        const PxRect box{random.between(0, frame.widthPx() - 1),
                         random.between(2, frame.heightPx() - 1), random.between(2, 14),
                         random.between(1, 4)};
        return level::moverOf(track, box);
    }
}

/// A closed way: there and back, or round a rectangle.
inline runtime::Mover randomMover(Random& random, const runtime::Frame& frame) {
    if (random.chance(40)) return randomTimedMover(random, frame);
    runtime::Mover mover;
    mover.width = random.between(2, 14);
    mover.height = random.between(1, 4);
    const int x = random.between(0, frame.widthPx() - 1);
    const int y = random.between(2, frame.heightPx() - 1);
    const int dx = random.between(-20, 20);
    const int dy = random.between(-20, 20);
    if (random.chance(40))
        mover.track = {{x, y}, {x + dx, y}, {x, y}};
    else if (random.chance(60))
        mover.track = {{x, y}, {x, y + dy}, {x, y}};
    else
        mover.track = {{x, y}, {x + dx, y}, {x + dx, y + dy}, {x, y + dy}, {x, y}};
    mover.periodTicks = 4 * random.between(1, 6);
    return mover;
}

/// Doors, keys, grants, springs and hazards, few of each.
inline void addRandomParts(Random& random, reach::Problem& problem,
                           const level::MotionProfile& profile,
                           const std::vector<level::MotionProfile>& others, CellSize cell) {
    runtime::Parts& parts = problem.parts;
    if (random.chance(30)) parts.deadly.push_back(randomBox(random, problem.frame));
    if (random.chance(10))
        parts.timed.push_back({randomBox(random, problem.frame),
                               {4, random.chance(50) ? std::vector<std::pair<int, int>>{{0, 4}}
                                                     : std::vector<std::pair<int, int>>{{1, 3}}}});
    for (int gains = random.chance(40) ? random.between(1, 3) : 0; gains > 0; --gains) {
        runtime::Gain gain{randomBox(random, problem.frame), 0};
        if (random.chance(50))
            gain.grants =
                problem.tables.abilities & (1u << random.between(0, runtime::abilityCount - 1));
        if (random.chance(25))
            gain.takes =
                problem.tables.abilities & (1u << random.between(0, runtime::abilityCount - 1));
        parts.gains.push_back(gain);
    }
    if (!problem.tables.others.empty() && random.chance(70)) {
        runtime::Gain gain{randomBox(random, problem.frame), 0};
        gain.movesAs = random.between(0, static_cast<int>(problem.tables.others.size()));
        parts.gains.push_back(gain);
    }
    for (int doors = parts.gains.empty() ? 0 : random.between(0, 2); doors > 0; --doors)
        parts.doors.push_back(
            {randomBox(random, problem.frame),
             static_cast<runtime::HeldSet>(random.between(0, (1 << parts.gains.size()) - 1)),
             random.chance(5)});
    for (int doors = random.chance(20) ? random.between(1, 2) : 0; doors > 0; --doors) {
        const runtime::HeldSet needs = parts.gains.empty() || random.chance(60) ? 0 : 1;
        parts.doors.push_back({randomBox(random, problem.frame), needs});
        const int way = random.chance(50) ? 1 : -1;
        const bool isUpright = random.chance(35);
        runtime::makeOneWay(parts, isUpright ? 0 : way, isUpright ? way : 0);
    }
    if (random.chance(12)) {
        const runtime::HeldSet needs = parts.gains.empty() || random.chance(70) ? 0 : 1;
        parts.doors.push_back({randomBox(random, problem.frame), needs});
        runtime::openOnApproach(parts, 0, random.chance(40));
    }
    if (random.chance(12)) {
        runtime::HeldSet after = 0;
        for (std::size_t i = 0; i < parts.gains.size(); ++i)
            if (!parts.gains[i].isTimed() && random.chance(50)) after |= runtime::HeldSet{1} << i;
        parts.doors.push_back({randomBox(random, problem.frame), 0});
        runtime::shutAfter(parts, after);
    }
    for (int springs = random.chance(30) ? random.between(1, 2) : 0; springs > 0; --springs) {
        level::SpringHeights heights{{random.between(100, 6000)}, {random.between(100, 3000)}, 0};
        auto spring = motion::makeSpring(profile, cell, heights, "test");
        if (!spring) continue;
        spring->box = randomBox(random, problem.frame);
        spring->pushDx = random.chance(40) ? random.between(-3, 3) : 0;
        for (const level::MotionProfile& other : others)
            if (auto more = motion::makeSpring(other, cell, heights, "test"))
                spring->others.emplace_back(more->high, more->low);
        if (spring->others.size() != others.size()) continue;
        parts.springs.push_back(*spring);
    }
}

/// One or two profiles of the same size that can come into force, now and then, some of them by a
/// swap.
inline std::vector<level::MotionProfile> addOtherProfiles(Random& random,
                                                          runtime::MotionTables& tables,
                                                          const level::MotionProfile& own,
                                                          CellSize cell) {
    std::vector<level::MotionProfile> others;
    for (int count = random.chance(30) ? random.between(1, 2) : 0; count > 0;) {
        level::MotionProfile other = randomProfile(random);
        other.bodyWidth = own.bodyWidth;
        other.bodyHeight = own.bodyHeight;
        other.marginPx = own.marginPx;
        auto made = motion::makeStepTables(other, cell);
        if (!made) continue;
        made->body.fromAbove = tables.fromAbove;
        tables.others.push_back(std::move(made->body));
        others.push_back(other);
        --count;
    }
    if (others.empty() || random.chance(40)) return others;
    const bool isOwn = others.size() == 1 || random.chance(60);
    (isOwn ? tables : tables.others[1]).swapsWith = 1;
    tables.others[0].swapsWith = isOwn ? 0 : 2;
    return others;
}

inline void swapNothing(runtime::MotionTables& tables) {
    tables.swapsWith = -1;
    for (runtime::MotionTables& each : tables.others)
        each.swapsWith = -1;
}
inline void seeFromTheSide(runtime::MotionTables& tables) {
    tables.fromAbove = false;
    for (runtime::MotionTables& each : tables.others)
        each.fromAbove = false;
}

inline reach::Problem randomProblem(Random& random) {
    reach::Problem problem;
    const CellSize cell{random.between(3, 9), random.between(3, 9)};
    problem.frame = {
        random.between(3, 12),
        random.between(3, 10),
        cell.width,
        cell.height,
        {randomEdge(random), randomEdge(random), randomEdge(random), randomEdge(random)}};
    auto cells = std::make_shared<RandomCells>(problem.frame.columns, problem.frame.rows);
    const int density = random.between(5, 45);
    const int solidShare = random.chance(50) ? 70 : 35;
    for (int row = 0; row < problem.frame.rows; ++row) {
        for (int column = 0; column < problem.frame.columns; ++column) {
            if (!random.chance(density)) continue;
            const auto behaviour = random.chance(solidShare)
                                       ? runtime::Behaviour::Solid
                                       : static_cast<runtime::Behaviour>(random.between(0, 5));
            const int formLimit =
                behaviour == runtime::Behaviour::OneWay ? 2 : runtime::formCount - 1;
            const auto form = random.chance(50)
                                  ? runtime::Form::Full
                                  : static_cast<runtime::Form>(random.between(0, formLimit));
            cells->set(column, row, {behaviour, form});
        }
    }
    problem.cells = cells;
    for (;;) {
        const level::MotionProfile profile = randomProfile(random);
        const auto tables = motion::makeStepTables(profile, cell);
        if (!tables) continue;
        problem.tables = tables->body;
        problem.tables.fromAbove = random.chance(15);
        if (problem.tables.fromAbove && random.chance(50)) {
            level::MotionProfile even = profile;
            even.diagonal = level::DiagonalRule::Even;
            const bool fromAbove = problem.tables.fromAbove;
            problem.tables = motion::makeStepTables(even, cell)->body;
            problem.tables.fromAbove = fromAbove;
        }
        const auto others = addOtherProfiles(random, problem.tables, profile, cell);
        addRandomParts(random, problem, profile, others, cell);
        break;
    }
    for (int tries = 0; tries < 8; ++tries) {
        problem.start = PxRect{random.between(0, problem.frame.widthPx() - 1),
                               random.between(0, problem.frame.heightPx() - 1),
                               random.between(1, 12), random.between(1, 12)};
        const runtime::World world(problem.frame, *problem.cells, problem.tables, problem.parts);
        const auto body = runtime::bodyAt(level::boxOf(*problem.start), world, problem.tables);
        if (body.stance != runtime::Stance::Ended) break;
    }
    return problem;
}

/// The parts that the solver knows: what is on only at times is left out.
inline runtime::Parts partsOf(const reach::Problem& problem) {
    runtime::Parts parts = problem.parts;
    parts.timed.clear();
    for (const runtime::TimedHazard& hazard : problem.parts.timed)
        if (hazard.times.isAlwaysOn()) parts.timed.push_back(hazard);
    parts.movers.clear();
    return parts;
}

/// What is reached: positions at any px of any tick, standing ones, and the states themselves.
struct Search {
    Places visited;
    Places standing;
    std::vector<runtime::Body> states;
};

/// The body at the start of a run; ended if it does not live there.
inline runtime::Body firstBody(const reach::Problem& problem) {
    const runtime::World world(problem.frame, *problem.cells, problem.tables, partsOf(problem));
    return runtime::bodyAt(level::boxOf(*problem.start), world, problem.tables);
}

inline auto keyOf(const runtime::Body& b) {
    return std::make_tuple(b.x, b.y, static_cast<int>(b.stance), b.phase, b.table, b.airJumps,
                           b.coyoteTicks, b.push, b.spring, b.held);
}

/// The walk, climb and swim tables hold their largest number always.
inline runtime::MotionTables freelyOf(const reach::Problem& problem) {
    runtime::MotionTables tables = problem.tables;
    for (runtime::PaceTable* table : {&tables.walk, &tables.climb, &tables.swim, &tables.diagonal})
        table->fill(*std::max_element(table->begin(), table->end()));
    for (runtime::MotionTables& other : tables.others)
        for (runtime::PaceTable* table : {&other.walk, &other.climb, &other.swim, &other.diagonal})
            table->fill(*std::max_element(table->begin(), table->end()));
    return tables;
}

/// Calls `visit(input)` for every input that could make a difference.
template <typename Visit>
void forEachInput(const runtime::World& world, const runtime::MotionTables& tables,
                  const runtime::Body& body, Visit&& visit) {
    int widest = 1;
    int mostHeld = 0;
    for (int profile = 0; profile <= static_cast<int>(tables.others.size()); ++profile) {
        const runtime::MotionTables& each = runtime::tablesOf(tables, profile);
        widest = std::max({widest, each.walk[0], each.climb[0], each.swim[0]});
        for (const int dx : each.dx)
            widest = std::max(widest, dx);
        mostHeld = std::max(
            mostHeld, tables.fromAbove ? each.walk[0] : std::max(each.climb[0], each.swim[0]));
    }
    const auto visitBoth = [&](const runtime::Input& input) {
        visit(input);
        if (world.wantsUse() != 0)
            visit(runtime::Input{input.dx, input.dy, input.buttons | runtime::useButton});
    };
    if (runtime::canSwap(tables)) visitBoth({0, 0, runtime::swapButton});
    for (int dx = -widest; dx <= widest; ++dx)
        for (const unsigned buttons : {0u, 1u, 2u, 4u})
            visitBoth({dx, 0, buttons});
    const bool mayHold = tables.fromAbove || world.meetsLadder(body.x, body.y) ||
                         world.meetsLiquid(body.x, body.y) || world.hasLadderTop(body.x, body.y);
    for (int dx = -mostHeld; mayHold && dx <= mostHeld; ++dx)
        for (int dy = -mostHeld; dy <= mostHeld; ++dy)
            for (const unsigned buttons : {0u, 8u})
                visitBoth({dx, dy, buttons});
}

/// Every input from every open state; `add` is given what comes of it, opens what is new and says
/// how many are known. False if these are more than `most`. What is passed is added to `search`.
/// `first`: the tables of the first tick, where that cannot be waited for.
template <typename Add>
bool searchOn(const runtime::World& world, const runtime::MotionTables& tables,
              std::deque<runtime::Body>& open, Search& search, std::size_t most, Add&& add,
              const runtime::MotionTables* first = nullptr) {
    std::size_t known = 0;
    while (!open.empty()) {
        if (known > most) return false;
        const runtime::Body body = open.front();
        open.pop_front();
        forEachInput(world, tables, body, [&](const runtime::Input& input) {
            runtime::Body next = body;
            runtime::step(world, first ? *first : tables, next, input, [&](int x, int y) {
                search.visited.insert({x, y});
            });
            known = add(next);
        });
        first = nullptr;
    }
    return true;
}

/// Every input from every state, by the stepper. Nothing if there are more states than `most`.
inline std::optional<Search> searchFrom(const reach::Problem& problem,
                                        const std::vector<runtime::Body>& from,
                                        std::size_t most = 15000, bool isStart = false) {
    using runtime::Body;
    using runtime::Stance;
    const runtime::MotionTables tables = freelyOf(problem);
    const runtime::World world(problem.frame, *problem.cells, tables, partsOf(problem));
    Search search;
    std::unordered_set<decltype(keyOf(Body())), KeyHash> known;
    std::deque<Body> open;
    const auto add = [&](Body body) {
        if (body.stance == Stance::Ended) return search.states.size();
        search.visited.insert({body.x, body.y});
        if (body.stance == Stance::Standing) search.standing.insert({body.x, body.y});
        body.tick = 0;
        if (!known.insert(keyOf(body)).second) return search.states.size();
        open.push_back(body);
        search.states.push_back(body);
        return search.states.size();
    };
    for (const Body& body : from)
        add(body);
    const bool isAtOnce = isStart && !from.empty() &&
                          ((world.gainsAt(from[0].x, from[0].y) & ~from[0].held) |
                           world.shutAt(from[0].x, from[0].y, from[0].held)) != 0;
    if (!searchOn(world, tables, open, search, most, add, isAtOnce ? &problem.tables : nullptr))
        return std::nullopt;
    return search;
}

inline std::optional<Search> searchAll(const reach::Problem& problem) {
    return searchFrom(problem, {firstBody(problem)}, 15000, true);
}

}  // namespace rook::testing
