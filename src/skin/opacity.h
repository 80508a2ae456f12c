#pragma once
/// How much of each tile is to be seen.

#include <optional>
#include <vector>

#include "level/tile.h"

namespace rook::skin {

/// Shares of px that are at least half opaque, in per cent: by sheet and number of the tile. An
/// empty list: the image of that sheet is not known.
struct Opacity {
    std::vector<std::vector<std::uint8_t>> shares;

    /// None if the image is not known, or holds no such tile.
    [[nodiscard]] std::optional<int> of(level::Tile tile) const {
        if (!tile.isShown() || static_cast<std::size_t>(tile.sheet()) >= shares.size())
            return std::nullopt;
        const auto& sheet = shares[static_cast<std::size_t>(tile.sheet())];
        if (static_cast<std::size_t>(tile.number()) >= sheet.size()) return std::nullopt;
        return sheet[static_cast<std::size_t>(tile.number())];
    }
};

}  // namespace rook::skin
