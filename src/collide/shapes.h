#pragma once
/// Collision as geometry, for engines with their own physics and for drawings: rectangles, slopes,
/// one-way tops and outlines, all in px from the level's upper left corner.

#include <array>
#include <vector>

#include "base/geometry.h"
#include "collide/partition_cache.h"
#include "rook_motion.hpp"

namespace rook::collide {

using Polygon = std::vector<PxPoint>;

struct Outline {
    Polygon points;  ///< closed; the mass lies to the right of each edge as one walks (y down)
    bool isHole = false;
    bool operator==(const Outline&) const = default;
};

/// A one-way top: y is the px row that bodies stand on, from above.
struct OneWayTop {
    int x = 0;
    int y = 0;
    int width = 0;
    bool operator==(const OneWayTop&) const = default;
};

/// Invariant: each list of rectangles is an exact partition, without overlap, of the px that it
/// stands for; `solids` stands for the solid px of forms full and half, `slopes` for the rest.
/// Full and half cells make as few rectangles as there can be (see `partition.h`).
struct CollisionShapes {
    std::vector<PxRect> solids;
    std::vector<Polygon> slopes;
    std::vector<Outline> outlines;
    std::vector<OneWayTop> oneWay;
    std::vector<PxRect> deadly;
    std::vector<PxRect> ladders;
    std::vector<PxRect> liquids;
    bool isFewest = true;         ///< false where a level was too large for that
    std::int64_t solidCells = 0;  ///< full and half ones, before they were merged
};

[[nodiscard]] CollisionShapes makeShapes(const runtime::Frame& frame,
                                         const runtime::CellSource& cells);

/// Partitions of one level, by behaviour, from one making of its shapes to the next.
struct ShapesCache {
    std::array<PartitionCache, runtime::behaviourNames.size()> partitions;
};
/// The same shapes; regions that are as they were are not cut again. Nothing when cancelled.
/// Requires: one cache a level.
[[nodiscard]] std::optional<CollisionShapes> makeShapes(const runtime::Frame& frame,
                                                        const runtime::CellSource& cells,
                                                        ShapesCache& cache,
                                                        const std::atomic<bool>* cancel);

/// The full and half cells of one behaviour in a part of the level, as few rectangles as there can
/// be of that part alone: for showing at once what is not merged yet. Cost: 0.1 ms for 32 x 32.
[[nodiscard]] std::vector<PxRect> rectanglesIn(const runtime::Frame& frame,
                                               const runtime::CellSource& cells,
                                               const CellRect& area, runtime::Behaviour behaviour);

/// The shape of a form in a cell, clockwise, in px from the cell's upper left corner.
[[nodiscard]] Polygon polygonOf(runtime::Form form, int cellWidth, int cellHeight);
/// A form whose border is not made of upright and level lines only.
[[nodiscard]] bool isSlope(runtime::Form form);

/// A straight piece of the border of a mass; the mass lies to its right.
struct BorderLine {
    PxPoint from;
    PxPoint to;
    bool operator==(const BorderLine&) const = default;
};
/// Calls for outlines: what counts as mass, and whether the mass goes on beyond the level.
struct BorderOptions {
    runtime::Behaviour behaviour = runtime::Behaviour::Solid;
    bool goesOnOutside = false;
};
/// The border lines that belong to the cells of `area`, clipped to the level: parts of cell sides
/// that the neighbour does not cover, and the lines inside a cell.
[[nodiscard]] std::vector<BorderLine> borderLines(const runtime::Frame& frame,
                                                  const runtime::CellSource& cells,
                                                  const CellRect& area, BorderOptions options);

/// All solid masses of a level as closed loops.
[[nodiscard]] std::vector<Outline> outlinesOf(const runtime::Frame& frame,
                                              const runtime::CellSource& cells);

/// The same lines with level and upright ones that continue each other made one, for drawing.
[[nodiscard]] std::vector<BorderLine> joinedLines(std::vector<BorderLine> lines);

}  // namespace rook::collide
