#pragma once
/// Text grids and image maps, in: first what signs they have, then levels of what these stand for.

#include "level/edits.h"
#include "level/running_order.h"
#include "ship/legend.h"

namespace rook::ship {

/// A sign that was met, and what it is taken for.
struct MetSign {
    std::string sign;  ///< a character, or "#rrggbb"
    std::int64_t count = 0;
    std::optional<Meaning> meaning;  ///< none = nothing is known of it
    /// It is only the nearest of the colours that are known, so far away (CIE 1976 distance).
    std::optional<double> distance;
};

struct GridReading {
    struct Board {
        std::string title;                ///< empty if none is told
        Grid<std::uint16_t> cells{0, 0};  ///< places in `signs`, from 1; 0 = nothing
    };
    std::vector<Board> boards;
    std::vector<MetSign> signs;  ///< in the order in which they are met
    bool areColors = false;

    /// How many cells nothing is known of.
    [[nodiscard]] std::int64_t unknownCount() const;
};
using LegendOfSigns = std::map<std::string, Meaning>;

/// Rows of characters; a line `; title` begins a level, a line without characters ends it. Spaces
/// and what rows lack is open. Signs are what `legend` says, else what the project's own characters
/// say. Errors: OutOfRange over 64 MiB, 16,384 columns or rows, 10,000 levels or 65,535 different
/// characters; NotApplicable without any. Cost: linear.
[[nodiscard]] Result<GridReading> readTextGrid(const level::Project& project,
                                               const std::string& text, const std::string& name,
                                               const LegendOfSigns& legend);
/// A px a cell; less than half opaque is open. Colours that are not known are proposed to be the
/// nearest (CIE 1976 L*a*b*). Errors: as `file::readPng`; OutOfRange above 16,384 px across or
/// down, or 4,096 different colours.
[[nodiscard]] Result<GridReading> readImageMap(const level::Project& project,
                                               const std::string& png, const std::string& name,
                                               const LegendOfSigns& legend);

/// A level with the cells and cast of a board. Entities stand in the middle of the cell, on its
/// lower edge; one that would leave the level is pushed back in. One that the level has there of
/// that kind stays as it is, with its id and fields. Signs without a meaning are open.
[[nodiscard]] level::Level filledLevel(const level::Project& project, const level::Level& former,
                                       const GridReading& reading, std::size_t board);

/// Each board as a new level at the end; one edit. `usual` says kind and size of cells.
/// Errors: as `level::addLevel`.
[[nodiscard]] Result<level::AddedLevel> addBoards(const level::Project& project,
                                                  const GridReading& reading,
                                                  const level::NewLevel& usual,
                                                  const std::string& name);
/// The one board in place of what a level has: its cells and cast; zones, layers and all else stay,
/// and so do things that are shown where they were, with their fields. Errors: NotApplicable for
/// more than one board, or a level that is no board of cells.
[[nodiscard]] Result<level::LevelEdit> replaceBoard(const level::Project& project,
                                                    const level::Level& level,
                                                    const GridReading& reading);

}  // namespace rook::ship
