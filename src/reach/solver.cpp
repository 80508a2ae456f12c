#include "reach/solver.h"

#include "reach/sweep_detail.h"

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
    const std::optional<BodyMaps> made = mapsOf(problem, limits);
    if (!made) {
        reached.completion = Completion::OutOfMemory;
        return reached;
    }
    const BodyMaps& maps = *made;
    reached.left = maps.left;
    reached.top = maps.top;
    Sweep sweep(problem, limits, maps);
    if (const auto start = startOf(problem)) {
        const int x = maps.left + start->x;
        const int y = maps.top + start->y;
        reached.startIsLive = maps.live.test(x, y);
        if (reached.startIsLive) {
            sweep.start(x, y);
            reached.completion = sweep.run();
        }
    }
    sweep.moveTo(reached);
    return reached;
}

}  // namespace rook::reach
