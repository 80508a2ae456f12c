#pragma once
/// Where and how something of the project is written for others. See docs/ship.md.

#include <optional>
#include <string>
#include <vector>

#include "base/id.h"
#include "level/fields.h"
#include "level/names.h"

namespace rook::level {

inline constexpr std::size_t maxTargets = 64;
inline constexpr int maxPictureScale = 16;
inline constexpr int maxUnitMm = 100'000;

/// Those that a format has no use for keep what they are, and do nothing.
struct TargetOptions {
    bool isOneFile = false;  ///< all levels of a text grid in one
    // Pictures and plans.
    int scale = 1;  ///< px of a picture a px of the level
    Shows shows = Shows::Art;
    bool showsZones = false;
    bool showsReach = false;
    // Plan books.
    Paper paper = Paper::A4;
    int cellTenths = 0;  ///< tenths of a millimetre a cell; 0 = a level fills its page
    // Models.
    int depth = 1;  ///< cells that masses are deep
    UpAxis up = UpAxis::Y;
    int unitMm = 1000;  ///< millimetres of a unit, which is a cell's width or a kit's unit
    ReportForm report = ReportForm::Text;
    // What recipes are told.
    std::string recipe;  ///< path of the script in the project
    CollisionForm collision = CollisionForm::Merged;
    bool hasMembers = false;  ///< members of formations, one by one
    TileRows tileRows = TileRows::Rows;
    int firstTile = 1;
    EmptyTile emptyTile = EmptyTile::Zero;
    FlipForm flips = FlipForm::Beside;
    // Placements and recipes.
    AxisDown y = AxisDown::Down;
    LengthUnit unit = LengthUnit::Px;
    bool operator==(const TargetOptions&) const = default;
};

struct Target {
    std::string name;  ///< a plain name, unique in the project
    TargetFormat format = TargetFormat::Bundle;
    /// A folder relative to the project's own, which may lie outside of it (`../game/data`). Empty:
    /// it is told for each person apart.
    std::string to;
    std::vector<LevelId> levels;  ///< none = all
    TargetOptions options;
    UnknownKeys unknown;
    bool operator==(const Target&) const = default;
};

/// Why a target cannot be as it is.
[[nodiscard]] std::optional<std::string> flawOf(const Target& target);

}  // namespace rook::level
