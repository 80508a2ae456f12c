#pragma once
/// Edits of a level's zones.

#include "level/edits.h"

namespace rook::level {

/// An id that no zone of the level has: "zone-" and one more than the greatest number.
[[nodiscard]] ZoneId freshZoneId(const Level& level);
/// The zone of that id, or null.
[[nodiscard]] const Zone* findZone(const Level& level, const ZoneId& id);
/// The first zone that holds the cell, or null.
[[nodiscard]] const Zone* zoneAt(const Level& level, CellPoint cell);

/// A zone at that place, clipped to the level; all but place, name and id as in `like`, if it is
/// not null: the camera then lies as it does there. Errors: OutOfRange outside the level, or above
/// 4,096 zones.
[[nodiscard]] Result<LevelEdit> addZone(const Level& level, const CellRect& place,
                                        const Zone* like = nullptr);
/// Replaces the zone of the same id. Errors: BadReference; OutOfRange outside the level.
[[nodiscard]] Result<LevelEdit> changeZone(const Level& level, const Zone& zone,
                                           const std::string& name);
[[nodiscard]] LevelEdit removeZone(const Level& level, const ZoneId& id);
/// One zone for each place, in place of those that are there. Errors: as `addZone`.
[[nodiscard]] Result<LevelEdit> setZones(const Level& level, const std::vector<CellRect>& places,
                                         const Zone* like = nullptr);

/// Theme, music, messages and, as it lies there, the camera of that zone for all others. Requires:
/// the level has it.
[[nodiscard]] LevelEdit setUpAlike(const Level& level, const ZoneId& like);
/// The level cut into places of one size, none smaller than so many cells if the level is not.
[[nodiscard]] std::vector<CellRect> screensOf(const Level& level, int columns, int rows);

/// What the screen keeps to in a zone, px.
[[nodiscard]] PxRect cameraOf(const Level& level, const Zone& zone);

}  // namespace rook::level
