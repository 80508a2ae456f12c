#pragma once
/// How large a level may be in a bundle.

#include <cstdint>
#include <optional>
#include <string>

#include "level/project.h"

namespace rook::level {

/// Numbers of cells, forms, tiles and flips that one file of a bundle may hold: about 512 MiB of
/// text, which loaders take.
inline constexpr std::int64_t maxBundleNumbers = 200'000'000;

/// A sentence if a level is too large to be exported.
[[nodiscard]] std::optional<std::string> problemOfBundle(const Level& level);

}  // namespace rook::level
