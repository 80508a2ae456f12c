#pragma once
/// How people played a level in a running game: where they were, died and won. Kept beside the
/// project, for the designer alone.

#include "base/grid.h"
#include "file/storage.h"
#include "level/project.h"

namespace rook::ship {

struct PlayPoint {
    int tick = 0;
    PxPoint at;  ///< the body's middle, px
};
struct Play {
    std::string game;     ///< who told it
    std::string arrival;  ///< entity at which it began; empty = the first spawn
    std::vector<PlayPoint> points;
    std::optional<PlayPoint> died;
    std::string by;                      ///< what killed; empty = not told
    int wonTicks = 0;                    ///< 0 = was not won
    std::vector<level::RunSpan> inputs;  ///< empty = not told
};

inline constexpr std::size_t maxPlays = 500;        ///< of one level; older ones go
inline constexpr std::size_t maxPlayPoints = 2000;  ///< of one play; later ones are left out

/// Below `.rookplot/plays/`, a file a level. None where there is no such file.
/// Errors: BadSyntax for a file that is not ours.
[[nodiscard]] Result<std::vector<Play>> readPlays(file::Storage& storage, const file::Path& folder,
                                                  const LevelId& level);
[[nodiscard]] Result<void> writePlays(file::Storage& storage, const file::Path& folder,
                                      const LevelId& level, const std::vector<Play>& plays);
/// All of a level are forgotten.
[[nodiscard]] Result<void> removePlays(file::Storage& storage, const file::Path& folder,
                                       const LevelId& level);

/// Points a cell: how often somebody was there, or died there.
struct HeatMap {
    Grid<std::uint32_t> was{0, 0};
    Grid<std::uint32_t> died{0, 0};
    std::uint32_t mostWas = 0, mostDied = 0;
    int plays = 0, deaths = 0;
    std::vector<int> wins;  ///< ticks, the quickest first
};
/// What lies outside of the level is left out. Cost: linear in points.
[[nodiscard]] HeatMap heatOf(const std::vector<Play>& plays, const level::Level& level);

}  // namespace rook::ship
