#pragma once
/// Cutting a region of cells into rectangles: exactly, with as few as there can be, or greedily.
///
/// The fewest: an orthogonal region with C convex and N concave corners, in which L chords between
/// co-linear concave corners that see each other can be drawn without two sharing a point, falls
/// into (C + 3 N) / 4 - L rectangles, counted over all of its parts, holes and touching corners
/// included (Ohtsuki 1982; Imai and Asano 1986). The chords are the largest independent set of a
/// bipartite graph, found by matching (Hopcroft and Karp 1973; Konig 1931). A concave corner is a
/// vertex with three solid cells around it; one with two that touch only diagonally ends no chord
/// and counts as two convex corners.

#include <cstdint>
#include <vector>

#include "base/bit_map.h"
#include "base/geometry.h"

namespace rook::collide {

/// Above this many cells, `fewestRectangles` is not asked for: greedy takes its place.
inline constexpr std::int64_t maxPartitionCells = std::int64_t{64} << 20;

/// An exact, overlap-free partition of the set bits with the fewest rectangles, sorted by (y, x).
/// Cost: about 40 bytes and 100 ns a cell; one matching a connected web of chords.
[[nodiscard]] std::vector<CellRect> fewestRectangles(const BitMap& solid);

/// The same, not the fewest: runs of a row, joined with equal ones below. One pass.
[[nodiscard]] std::vector<CellRect> greedyRectangles(const BitMap& solid);

}  // namespace rook::collide
