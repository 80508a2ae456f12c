#include "level/bundle_size.h"

namespace rook::level {

std::optional<std::string> problemOfBundle(const Level& level) {
    const std::int64_t cells = std::int64_t{level.cells.width()} * level.cells.height();
    // Matter, form, and tiles and flips of the dressing and of each layer.
    const std::int64_t numbers = cells * (4 + 2 * static_cast<std::int64_t>(level.layers.size()));
    if (numbers <= maxBundleNumbers) return std::nullopt;
    return "The level would be " + std::to_string(numbers / 1'000'000) +
           " million numbers in the bundle, and " + std::to_string(maxBundleNumbers / 1'000'000) +
           " million are what a game's loader takes: cut it in two";
}

}  // namespace rook::level
