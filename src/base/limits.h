#pragma once
/// The limits of every document, checked before memory is taken.

#include <cstddef>

namespace rook::limits {

inline constexpr int maxBoardCells = 16384;              ///< Columns or rows of one level.
inline constexpr int maxCellPx = 512;                    ///< Width or height of one cell, px.
inline constexpr int maxEntities = 1000000;              ///< Entities of one level.
inline constexpr int maxMatters = 4096;                  ///< Matters of one project, open included.
inline constexpr std::size_t maxKeptRuns = 256;          ///< Runs kept with one level.
inline constexpr std::size_t maxBlocks = 4096;           ///< Blocks of one project.
inline constexpr int maxBlockCells = 512;                ///< Columns or rows of one block.
inline constexpr int maxLevels = 10000;                  ///< Levels of one project.
inline constexpr std::size_t maxTextBytes = 64u << 20;   ///< One text file that is read.
inline constexpr std::size_t maxImageBytes = 64u << 20;  ///< One sheet that is read.
inline constexpr int maxLegendEntries = 80;          ///< Above this, rows are written run by run.
inline constexpr int maxDrawnColumns = 2000;         ///< Above this, rows are written run by run.
inline constexpr int maxLeaves = 256;                ///< Leaves, and routes, of one sketch.
inline constexpr int maxMarks = 100000;              ///< Marks of one leaf.
inline constexpr int maxWayPoints = 4096;            ///< Points, and beads, of one route.
inline constexpr int maxPicturePx = 8192;            ///< Width or height of an underlay.
inline constexpr std::size_t maxWordsBytes = 400;    ///< A label, a note or a name on a plan.
inline constexpr int maxCoordinatePx = 16384 * 512;  ///< Greatest px coordinate of a level.

}  // namespace rook::limits
