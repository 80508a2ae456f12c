#pragma once
/// Ids that are free.

#include <algorithm>
#include <charconv>
#include <string>

#include "base/id.h"

namespace rook::level {

/// The kind's name and a number: one more than the greatest among `things`, which have ids.
template <typename Things>
[[nodiscard]] EntityId freshIdAmong(const Things& things, const KindId& kind) {
    const std::string stem = kind.text + "-";
    int greatest = 0;
    for (const auto& thing : things) {
        const std::string& text = thing.id.text;
        if (!text.starts_with(stem)) continue;
        int number = 0;
        const auto [end, problem] =
            std::from_chars(text.data() + stem.size(), text.data() + text.size(), number);
        if (problem == std::errc{} && end == text.data() + text.size())
            greatest = std::max(greatest, number);
    }
    return {stem + std::to_string(greatest + 1)};
}

}  // namespace rook::level
