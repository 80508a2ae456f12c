#pragma once
/// Tiles set by hand, and pictures behind and before a level.

#include <compare>
#include <cstdint>
#include <optional>
#include <string>
#include <vector>

#include "base/grid.h"
#include "base/shared_vector.h"
#include "level/cell.h"
#include "level/decimal.h"
#include "level/fields.h"
#include "level/names.h"
#include "level/transition.h"

namespace rook::level {

/// One tile of a sheet, as it is set on a cell, in four bytes. None: dressing decides.
class Tile {
public:
    Tile() = default;
    /// `sheet` is a place in `Project::sheets`, 0 to 253; `number` counts from 0 to 65,535.
    Tile(int sheet, int number, bool isMirrored = false, bool isUpsideDown = false)
        : m_bits(static_cast<std::uint32_t>(sheet + 1) << 24 |
                 static_cast<std::uint32_t>(number) << 8 | (isMirrored ? 1u : 0u) |
                 (isUpsideDown ? 2u : 0u)) {}
    /// Nothing is shown there, whatever dressing would.
    [[nodiscard]] static Tile blank() {
        Tile tile;
        tile.m_bits = blankBits;
        return tile;
    }

    auto operator<=>(const Tile&) const = default;
    [[nodiscard]] bool isNone() const { return m_bits == 0; }
    [[nodiscard]] bool isBlank() const { return m_bits == blankBits; }
    /// True if there is something to draw; else the rest means nothing.
    [[nodiscard]] bool isShown() const { return !isNone() && !isBlank(); }
    [[nodiscard]] int sheet() const { return static_cast<int>(m_bits >> 24) - 1; }
    [[nodiscard]] int number() const { return static_cast<int>((m_bits >> 8) & 0xffff); }
    [[nodiscard]] bool isMirrored() const { return (m_bits & 1u) != 0; }
    [[nodiscard]] bool isUpsideDown() const { return (m_bits & 2u) != 0; }
    [[nodiscard]] Tile flipped(bool isSideways) const {
        Tile tile = *this;
        if (isShown()) tile.m_bits ^= isSideways ? 1u : 2u;
        return tile;
    }

private:
    static constexpr std::uint32_t blankBits = 0xff000000u;
    std::uint32_t m_bits = 0;
};
static_assert(sizeof(Tile) == 4);

inline constexpr int maxSheets = 254;

/// Tiles behind the masses, or before them: painted by hand, or worn by masses of the layer's own.
struct TileLayer {
    std::string name;
    bool isFront = false;
    bool isShown = true;               ///< to the eye, in the window; games take no notice of it
    bool isExported = true;            ///< part of what games load
    bool isLocked = false;             ///< tools leave it alone
    bool fades = false;                ///< in play, where it would hide the player
    std::optional<FadeLine> fadeLine;  ///< of a front layer
    int opacity = 100;                 ///< %
    Grid<Tile> tiles{0, 0};            ///< 0 x 0, or as large as the level's cells
    /// Masses for the eye alone, dressed by the swatches; 0 x 0, or as large as the level's cells.
    Grid<Cell> cells{0, 0};
    UnknownKeys unknown;
    bool operator==(const TileLayer&) const = default;
};
inline constexpr int maxTileLayers = 32;

inline constexpr int maxMotifSide = 4;  ///< cells; what is larger is no motif

/// How dressing chooses where it has a choice.
struct Chance {
    int seed = 1;
    int patch = 0;  ///< trims grow in patches of about so many cells; 0 = anywhere
    bool operator==(const Chance&) const = default;
};

/// A picture behind the level, or before it.
struct Picture {
    std::string name;
    std::string path;  ///< relative to the project folder
    PictureFit fit = PictureFit::Across;
    Decimal parallaxX{500};  ///< 0 = moves with the screen, 1 = with the level; 0 to 4
    Decimal parallaxY{500};
    Decimal scrollX{0};  ///< px a tick, of its own
    int opacity = 100;   ///< %
    bool isFront = false;
    std::optional<FadeLine> fadeLine;  ///< of a front picture
    UnknownKeys unknown;
    bool operator==(const Picture&) const = default;
};

/// Pictures that several levels may show: the farthest first.
struct Backdrop {
    std::string name;  ///< a plain name, unique in the project
    std::string title;
    std::vector<Picture> pictures;
    UnknownKeys unknown;
    bool operator==(const Backdrop&) const = default;
};

}  // namespace rook::level
