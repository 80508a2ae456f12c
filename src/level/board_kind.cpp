#include "level/board_kind.h"

#include <algorithm>
#include <array>

#include "base/limits.h"

namespace rook::level {

namespace {

std::string sizeText(int width, int height) {
    return std::to_string(width) + " x " + std::to_string(height);
}

/// value * to / from, rounded down.
int scaled(int value, int to, int from) {
    const std::int64_t product = std::int64_t{value} * to;
    return static_cast<int>(product >= 0 ? product / from : -((-product + from - 1) / from));
}

struct Scale {
    CellSize from;
    CellSize to;
    [[nodiscard]] PxPoint of(PxPoint p) const {
        return {scaled(p.x, to.width, from.width), scaled(p.y, to.height, from.height)};
    }
};

void scaleSketch(Sketch& sketch, const Scale& scale) {
    sketch.leaves.edit([&](auto& leaves) {
        for (Leaf& leaf : leaves)
            leaf.marks.edit([&](auto& marks) {
                for (Mark& mark : marks)
                    mark.points.edit([&](auto& points) {
                        for (PxPoint& point : points)
                            point = scale.of(point);
                    });
            });
    });
    sketch.routes.edit([&](auto& routes) {
        for (Route& route : routes)
            for (PxPoint& point : route.points)
                point = scale.of(point);
    });
    sketch.changeUnderlays(
        [&](Underlay& underlay) { underlay.corner = scale.of(underlay.corner); });
}

/// Cells of each behaviour, by its place in the enumeration.
std::array<std::int64_t, 6> countBehaviours(const Project& project, const Level& level) {
    std::array<std::int64_t, 6> counts{};
    for (int y = 0; y < level.cells.height(); ++y)
        level.cells.forEachRunOfRow(y, [&](int, int count, const Cell* values) {
            for (int i = 0; i < count; ++i)
                if (!values[i].isOpen())
                    ++counts[static_cast<std::size_t>(project.behaviourOf(values[i]))];
        });
    return counts;
}

}  // namespace

Result<BoardChange> changeCellSize(const Project& project, const Level& level, CellSize size) {
    const auto isFine = [](int px) { return px >= 1 && px <= limits::maxCellPx; };
    if (!isFine(size.width) || !isFine(size.height))
        return fail(ErrorKind::OutOfRange,
                    "A cell cannot be " + sizeText(size.width, size.height) + " px", level.title,
                    "Use 1 to 512 px");
    BoardChange change{
        {level, "Make cells " + sizeText(size.width, size.height) + " px", level.cells.bounds()},
        {}};
    Level& next = change.edit.level;
    const Scale scale{level.cellSize, size};
    next.cellSize = size;
    const PxRect bounds = next.boundsPx();
    int moved = 0;
    int tooLarge = 0;
    next.entities.edit([&](auto& list) {
        for (Entity& entity : list) {
            const PxRect former = entity.box;
            const PxPoint foot = scale.of({former.x + former.width / 2, former.y + former.height});
            PxRect box{foot.x - former.width / 2, foot.y - former.height, former.width,
                       former.height};
            const PxRect wanted = box;
            box.x = std::clamp(box.x, 0, std::max(0, bounds.width - box.width));
            box.y = std::clamp(box.y, 0, std::max(0, bounds.height - box.height));
            moved += box == wanted ? 0 : 1;
            tooLarge += bounds.contains(box) ? 0 : 1;
            entity.box = box;
        }
    });
    if (tooLarge > 0)
        return fail(ErrorKind::NotApplicable,
                    "Something that stands here is larger than the level would be", level.title,
                    "Use larger cells, or take it away first");
    scaleSketch(next.sketch, scale);
    change.consequences.push_back("The level becomes " + sizeText(bounds.width, bounds.height) +
                                  " px, and was " +
                                  sizeText(level.boundsPx().width, level.boundsPx().height));
    if (const MotionProfile* profile = project.profileOf(level))
        change.consequences.push_back(profile->name + " stays " +
                                      sizeText(profile->bodyWidth, profile->bodyHeight) +
                                      " px; jumps and speeds are in cells and scale with them");
    if (!level.entities.empty())
        change.consequences.push_back(
            std::to_string(level.entities.size()) +
            (level.entities.size() == 1 ? " entity keeps its" : " entities keep their") +
            " size and cell");
    if (moved > 0)
        change.consequences.push_back(std::to_string(moved) +
                                      " of them would lie outside and move in");
    return change;
}

Result<BoardChange> changeKind(const Project& project, const Level& level, LevelKind kind) {
    if (kind != LevelKind::Side && kind != LevelKind::Above)
        return fail(ErrorKind::NotApplicable, "A board of matter is seen from the side or above",
                    level.title, "Begin a level of that kind instead");
    const bool isAbove = kind == LevelKind::Above;
    BoardChange change{
        {level, isAbove ? "See from above" : "See from the side", level.cells.bounds()}, {}};
    change.edit.level.kind = kind;
    if (kind == level.kind) return change;
    const auto counts = countBehaviours(project, level);
    const auto tell = [&](Behaviour behaviour, const std::string& words) {
        const std::int64_t count = counts[static_cast<std::size_t>(behaviour)];
        if (count > 0) change.consequences.push_back(cellCountText(count) + " " + words);
    };
    change.consequences.push_back(isAbove ? "Nothing falls: a body walks in four directions"
                                          : "Bodies fall, and stand on what is solid or one-way");
    if (isAbove) {
        tell(Behaviour::OneWay, "of one-way matter hold nothing up any more and are open floor");
        tell(Behaviour::Ladder, "of ladders are open floor");
        tell(Behaviour::Deadly, "of deadly matter are pits");
        tell(Behaviour::Liquid, "of liquid are deadly to who cannot swim");
    } else {
        tell(Behaviour::Deadly, "of pits are deadly matter");
        tell(Behaviour::OneWay, "of one-way matter hold up again");
        tell(Behaviour::Ladder, "of ladders can be climbed again");
    }
    return change;
}

}  // namespace rook::level
