#pragma once
/// Random small problems, and a breadth-first search over single states that answers them slowly:
/// what the solver and its proof runs are held to.

#include <deque>
#include <set>
#include <tuple>

#include "motion/step_tables.h"
#include "reach/solver.h"
#include "shape_cells.h"
#include "testing.h"

namespace rook::testing {

using RandomCells = ShapeCells;

inline runtime::EdgeRule randomEdge(Random& random) {
    return static_cast<runtime::EdgeRule>(random.between(0, 2));
}

inline runtime::MotionTables randomTables(Random& random, CellSize cell) {
    for (;;) {
        level::MotionProfile profile;
        profile.bodyWidth = random.between(1, 9);
        profile.bodyHeight = random.between(1, 11);
        profile.run = {random.between(1, 30000)};
        profile.greatestFall = {random.between(500, 60000)};
        profile.jumpHeight = {random.between(100, 5000)};
        profile.timeToTop = {random.between(10, 400)};
        profile.fallFactor = {random.between(300, 3000)};
        profile.climb = profile.swim = {60000};
        profile.stepUp = random.between(0, 4);
        profile.marginPx = random.chance(20) ? 1 : 0;
        profile.abilities.clear();
        if (random.chance(60)) profile.abilities.push_back(level::Ability::ShortHop);
        if (random.chance(60)) profile.abilities.push_back(level::Ability::DropThrough);
        const auto tables = motion::makeStepTables(profile, cell);
        if (tables) return tables->body;
    }
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
    for (int row = 0; row < problem.frame.rows; ++row) {
        for (int column = 0; column < problem.frame.columns; ++column) {
            if (!random.chance(density)) continue;
            const auto behaviour = random.chance(70)
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
    problem.tables = randomTables(random, cell);
    problem.tables.fromAbove = random.chance(15);
    problem.tables.swims = problem.tables.fromAbove && random.chance(40);
    if (random.chance(30)) {
        problem.deadlyBoxes.push_back({random.between(0, problem.frame.widthPx() - 1),
                                       random.between(0, problem.frame.heightPx() - 1),
                                       random.between(1, 9), random.between(1, 9)});
    }
    problem.start = PxRect{random.between(0, problem.frame.widthPx() - 1),
                           random.between(0, problem.frame.heightPx() - 1), random.between(1, 12),
                           random.between(1, 12)};
    return problem;
}

inline std::vector<runtime::Box> boxesOf(const reach::Problem& problem) {
    std::vector<runtime::Box> boxes;
    for (const PxRect& b : problem.deadlyBoxes)
        boxes.push_back({b.x, b.y, b.width, b.height});
    return boxes;
}

/// What is reached: positions at any px of any tick, standing ones, and the states themselves.
struct Search {
    std::set<std::pair<int, int>> visited;
    std::set<std::pair<int, int>> standing;
    std::vector<runtime::Body> states;
};

/// The body at the start of a run; ended if it does not live there.
inline runtime::Body firstBody(const reach::Problem& problem) {
    const runtime::World world(problem.frame, *problem.cells, problem.tables, boxesOf(problem));
    const PxRect& start = *problem.start;
    return runtime::bodyAt({start.x, start.y, start.width, start.height}, world, problem.tables);
}

/// Every input from every state, by the stepper. The walk table holds its largest number always.
inline Search searchFrom(const reach::Problem& problem, const std::vector<runtime::Body>& from) {
    using runtime::Body;
    using runtime::Stance;
    runtime::MotionTables tables = problem.tables;
    tables.walk.fill(*std::max_element(tables.walk.begin(), tables.walk.end()));
    const runtime::World world(problem.frame, *problem.cells, tables, boxesOf(problem));
    Search search;
    std::set<std::tuple<int, int, int>> known;
    std::deque<Body> open;
    const auto add = [&](Body body) {
        if (body.stance == Stance::Ended) return;
        search.visited.insert({body.x, body.y});
        if (body.stance == Stance::Standing) search.standing.insert({body.x, body.y});
        body.tick = 0;
        const int phase = body.stance == Stance::Standing ? -1 : body.phase;
        if (!known.insert({phase, body.x, body.y}).second) return;
        open.push_back(body);
        search.states.push_back(body);
    };
    for (const Body& body : from)
        add(body);
    int widest = tables.walk[0];
    for (const int dx : tables.dx)
        widest = std::max(widest, dx);
    while (!open.empty()) {
        const Body body = open.front();
        open.pop_front();
        for (int dy = -widest; tables.fromAbove && dy <= widest; ++dy) {
            Body next = body;
            runtime::step(world, tables, next, {0, dy, 0}, [&](int x, int y) {
                search.visited.insert({x, y});
            });
            add(next);
        }
        for (int dx = -widest; dx <= widest; ++dx) {
            for (const unsigned buttons : {0u, 1u, 2u, 4u, 8u}) {
                Body next = body;
                runtime::step(world, tables, next, {dx, 0, buttons}, [&](int x, int y) {
                    search.visited.insert({x, y});
                });
                add(next);
            }
        }
    }
    return search;
}

inline Search searchAll(const reach::Problem& problem) {
    return searchFrom(problem, {firstBody(problem)});
}

}  // namespace rook::testing
