#pragma once
/// Caves: open rooms in a mass, grown from noise.

#include <atomic>
#include <optional>

#include "base/noise.h"
#include "level/edits.h"

namespace rook::masses {

struct CaveSettings {
    NoiseSettings noise;
    int threshold = 50;        ///< percent; noise at or above it is solid
    int smoothing = 2;         ///< passes, 0 to 16
    bool keepsOneRoom = true;  ///< the largest; the others are filled
    int border = 1;            ///< cells along the area's border that are solid, 0 to 64
    bool operator==(const CaveSettings&) const = default;
};

/// The solid cells of the cave in that area. In order: noise, border, smoothing (a cell is solid if
/// five or more of the nine in its square are, those outside the area being solid), border again,
/// rooms (open cells that hang together by their sides). Nothing when `cancel` became true.
/// Cost: the noise, and some 20 ns a cell and pass.
[[nodiscard]] std::optional<level::CellRegion> growCave(const level::CellRegion& area,
                                                        const CaveSettings& settings,
                                                        const std::atomic<bool>* cancel = nullptr);

/// The area laid anew: solid cells of that matter, all others open. Nothing when cancelled.
[[nodiscard]] std::optional<level::LevelEdit> layCave(const level::Project& project,
                                                      const level::Level& level,
                                                      const level::CellRegion& area,
                                                      const CaveSettings& settings,
                                                      level::MatterId matter,
                                                      const std::atomic<bool>* cancel = nullptr);

}  // namespace rook::masses
