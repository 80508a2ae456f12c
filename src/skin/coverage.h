#pragma once
/// What the levels hold and no swatch shows, and how to show it.

#include "level/edits.h"
#include "skin/tiling_rules.h"

namespace rook::skin {

/// A case that occurs and is not shown, so that the nearest stands in for it.
struct Gap {
    Case which;
    std::int64_t count = 0;  ///< cells
    LevelId level;           ///< where it is first
    CellPoint cell;
    bool operator==(const Gap&) const = default;
};

/// Of the matters that are taught, over all levels of the theme, the most frequent first. `cancel`
/// may be null. Cost: all cells of the levels, some 100 ns each, and more for those that are told.
[[nodiscard]] std::vector<Gap> gapsOf(const level::Project& project, const std::string& theme,
                                      const TilingRules& tilingRules,
                                      const std::atomic<bool>* cancel = nullptr);

/// The swatch with the cell and its eight neighbours laid in a free place, to be dressed there; the
/// board grows downwards and to the right as far as a swatch may.
/// Errors: OutOfRange if the swatch is full.
[[nodiscard]] Result<level::LevelEdit> showCase(const level::Level& swatch,
                                                const level::Level& from, CellPoint cell);

inline constexpr int maxSwatchColumns = 32;
inline constexpr int maxSwatchRows = 20;

/// A patch of that matter in which every exposure and every depth of full cells occurs.
[[nodiscard]] Grid<level::Cell> patchOf(level::MatterId matter);

/// A swatch of that matter, its patch not dressed yet, under an id that is free in the project.
[[nodiscard]] level::Level swatchFor(const level::Project& project, level::MatterId matter,
                                     CellSize cellSize, const std::string& theme);

}  // namespace rook::skin
