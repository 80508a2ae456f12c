#pragma once
/// How much of each tile is to be seen, and how light tiles and pictures are.

#include <map>
#include <optional>
#include <string>
#include <vector>

#include "level/tile.h"

namespace rook::skin {

/// Of the px of a rectangle that are at least half opaque.
struct Light {
    std::uint8_t share = 0;   ///< how many there are, %
    std::uint8_t mean = 0;    ///< lightness, 0 to 255
    std::uint8_t spread = 0;  ///< standard deviation of the lightness
    bool operator==(const Light&) const = default;
};

/// A picture in squares of 16 px, row by row; those at its right and lower border may be cut.
struct PictureLights {
    static constexpr int side = 16;
    int width = 0;   ///< px
    int height = 0;  ///< px
    std::vector<Light> squares;

    /// Requires: inside the picture.
    [[nodiscard]] const Light& at(int x, int y) const {
        const int columns = (width + side - 1) / side;
        return squares[static_cast<std::size_t>(y / side * columns + x / side)];
    }
};

struct Opacity {
    /// By sheet and number of the tile. An empty list: the image of that sheet is not known.
    std::vector<std::vector<Light>> tiles;
    std::map<std::string, PictureLights> pictures;  ///< by path; those that are known

    /// Null if the image is not known, or holds no such tile.
    [[nodiscard]] const Light* lightOf(level::Tile tile) const {
        if (!tile.isShown() || static_cast<std::size_t>(tile.sheet()) >= tiles.size())
            return nullptr;
        const auto& sheet = tiles[static_cast<std::size_t>(tile.sheet())];
        const auto number = static_cast<std::size_t>(tile.number());
        return number < sheet.size() ? &sheet[number] : nullptr;
    }
    /// Per cent; none if the image is not known.
    [[nodiscard]] std::optional<int> of(level::Tile tile) const {
        const Light* light = lightOf(tile);
        return light ? std::optional<int>(light->share) : std::nullopt;
    }
};

/// Of a colour, 0 to 255: the weights of ITU-R BT.709.
[[nodiscard]] constexpr int lightnessOf(int red, int green, int blue) {
    return (54 * red + 183 * green + 19 * blue) / 256;
}

}  // namespace rook::skin
