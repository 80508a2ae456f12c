#include "reach/solver.h"

#include <algorithm>
#include <bit>

#include "reach/exploration.h"

namespace rook::reach {

bool Reached::isAnyIn(const BitMap& map, const PxRect& box,
                      const runtime::MotionTables& tables) const {
    return map.anyIn(box.x - tables.bodyWidth + 1 + left, box.y - tables.bodyHeight + 1 + top,
                     box.right() + left, box.bottom() + top);
}

bool Reached::meets(const PxRect& box, const runtime::MotionTables& tables) const {
    return isAnyIn(visited, box, tables);
}

bool Reached::mayMeetByMovers(const PxRect& box, const runtime::MotionTables& tables) const {
    return byMovers.width() > 0 && isAnyIn(byMovers, box, tables);
}

std::optional<PxPoint> startOf(const Problem& problem) {
    if (!problem.start) return std::nullopt;
    const PxRect& box = *problem.start;
    return PxPoint{box.x + floorDivide(box.width - problem.tables.bodyWidth, 2),
                   box.y + box.height - problem.tables.bodyHeight};
}

Reached reachedBy(CollisionMapSets& mapSets, const Exploration& exploration, Completion completion,
                  std::optional<std::int64_t> states) {
    const BodyMaps& maps = mapSets.of(0).maps();
    Reached reached;
    reached.completion = completion;
    reached.left = maps.left;
    reached.top = maps.top;
    reached.startIsLive = true;
    if (completion == Completion::Cancelled) {
        // Nobody looks at it: what was found is not even put together.
        reached.visited = reached.standing = BitMap(maps.live.width(), maps.live.height());
        return reached;
    }
    reached.visited = exploration.visited();
    reached.standing = exploration.standing();
    reached.bytes = exploration.byteCount();
    reached.states = states ? *states : exploration.stateCount();
    for (std::size_t i = 0; i < exploration.setCount(); ++i)
        reached.sets.push_back(exploration.set(i).held);
    std::stable_sort(reached.sets.begin(), reached.sets.end(),
                     [](auto a, auto b) { return std::popcount(a) < std::popcount(b); });
    return reached;
}

namespace {

Reached solveWithoutMovers(const Problem& problem, const Limits& limits) {
    if (!CollisionMapSets::fit(problem, limits)) {
        Reached reached;
        reached.completion = Completion::OutOfMemory;
        return reached;
    }
    CollisionMapSets mapSets(problem);
    Exploration exploration(mapSets, limits, false);
    const bool startIsLive = exploration.start();
    Reached reached =
        reachedBy(mapSets, exploration, startIsLive ? exploration.run() : Completion::Complete);
    reached.startIsLive = startIsLive;
    return reached;
}

}  // namespace

void addByMovers(Reached& reached, const Exploration& most) {
    reached.byMovers = most.visited();
    for (int y = 0; y < reached.byMovers.height(); ++y)
        for (int i = 0; i < reached.byMovers.wordsPerRow(); ++i)
            reached.byMovers.row(y)[i] &= ~reached.visited.row(y)[i];
    reached.bytes = std::max(reached.bytes, most.byteCount());
}

void addWhatMayBe(const Problem& problem, const Limits& limits, Reached& reached) {
    if (!reached.isOnlySure) return;
    reached.isOnlySure = false;
    CollisionMapSets mapSets(problem);
    Exploration exploration(mapSets, limits, false, Riding::Yes, TimedEffects::Anytime);
    if (!exploration.start()) return;
    reached.startIsLive = true;
    reached.completion = exploration.run();
    addByMovers(reached, exploration);
}

Reached solve(const Problem& problem, const Limits& limits, Extent extent) {
    Reached reached =
        solveWithoutMovers(hasRides(problem) ? awayFromMovers(problem) : problem, limits);
    reached.isOnlySure =
        reached.completion == Completion::Complete && (hasRides(problem) || hasTimed(problem));
    if (extent == Extent::All) addWhatMayBe(problem, limits, reached);
    return reached;
}

std::optional<std::vector<bool>> meetsOf(const Problem& problem, const std::vector<PxRect>& boxes,
                                         const Limits& limits) {
    if (!CollisionMapSets::fit(problem, limits)) return std::nullopt;
    const Problem sure = hasRides(problem) ? awayFromMovers(problem) : problem;
    CollisionMapSets mapSets(sure);
    Exploration exploration(mapSets, limits, false);
    const BodyMaps& maps = mapSets.of(0).maps();
    std::vector<PxRect> wanted;
    wanted.reserve(boxes.size());
    for (const PxRect& box : boxes)
        wanted.push_back(mapSets.of(0).positionsAt(level::boxOf(box)));
    std::vector<bool> met(boxes.size());
    const auto look = [&] {
        bool isAll = true;
        for (std::size_t i = 0; i < boxes.size(); ++i) {
            met[i] = met[i] || exploration.isVisitedIn(wanted[i]);
            isAll = isAll && met[i];
        }
        return isAll;
    };
    // One box is enough to stop at; with several, each is met at its own time.
    BitMap goals(maps.live.width(), maps.live.height());
    if (wanted.size() == 1)
        for (int y = wanted[0].y; y < wanted[0].bottom(); ++y)
            goals.setRun(y, wanted[0].x, wanted[0].right());
    exploration.stopAt([&](runtime::HeldSet) { return StopAt{nullptr, &goals}; });
    if (!exploration.start()) return met;
    const Completion completion = exploration.run();
    if (look()) return met;
    if (completion != Completion::Complete) return std::nullopt;
    if (!hasTimed(problem) && !hasRides(problem)) return met;
    // What is not met so is out of reach if it is whatever movers do and lasts how long.
    CollisionMapSets all(problem);
    Exploration most(all, limits, false, Riding::Yes, TimedEffects::Anytime);
    most.start();
    if (most.run() != Completion::Complete) return std::nullopt;
    for (std::size_t i = 0; i < boxes.size(); ++i)
        if (!met[i] && most.isVisitedIn(wanted[i])) return std::nullopt;
    return met;
}

std::optional<std::vector<std::vector<runtime::HeldSet>>> setsThatMayMeet(
    const Problem& problem, const std::vector<PxRect>& boxes, const Limits& limits) {
    if (!CollisionMapSets::fit(problem, limits)) return std::nullopt;
    CollisionMapSets mapSets(problem);
    Exploration most(mapSets, limits, false, Riding::Yes, TimedEffects::Anytime);
    std::vector<std::vector<runtime::HeldSet>> sets(boxes.size());
    if (!most.start()) return sets;
    if (most.run() != Completion::Complete) return std::nullopt;
    for (std::size_t i = 0; i < boxes.size(); ++i)
        sets[i] = most.setsIn(mapSets.of(0).positionsAt(level::boxOf(boxes[i])));
    return sets;
}

}  // namespace rook::reach
