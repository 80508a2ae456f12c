#include "reach/solver.h"

#include "reach/exploration.h"

namespace rook::reach {

bool Reached::meets(const PxRect& box, const runtime::MotionTables& tables) const {
    return visited.anyIn(box.x - tables.bodyWidth + 1 + left, box.y - tables.bodyHeight + 1 + top,
                         box.right() + left, box.bottom() + top);
}

std::optional<PxPoint> startOf(const Problem& problem) {
    if (!problem.start) return std::nullopt;
    const PxRect& box = *problem.start;
    return PxPoint{box.x + floorDivide(box.width - problem.tables.bodyWidth, 2),
                   box.y + box.height - problem.tables.bodyHeight};
}

Reached solve(const Problem& problem, const Limits& limits) {
    Reached reached;
    if (!Grounds::fit(problem, limits)) {
        reached.completion = Completion::OutOfMemory;
        return reached;
    }
    Grounds grounds(problem);
    const BodyMaps& maps = grounds.of(0).maps();
    reached.left = maps.left;
    reached.top = maps.top;
    Exploration exploration(grounds, limits, false);
    reached.startIsLive = exploration.start();
    if (reached.startIsLive) reached.completion = exploration.run();
    reached.visited = exploration.visited();
    reached.standing = exploration.standing();
    reached.bytes = exploration.byteCount();
    reached.states = exploration.stateCount();
    for (std::size_t i = 0; i < exploration.setCount(); ++i)
        reached.sets.push_back(exploration.set(i).held);
    return reached;
}

}  // namespace rook::reach
