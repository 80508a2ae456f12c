#pragma once
/// The keys of the tools of a step, in the order in which they are shown: the home row, where the
/// left hand lies, and one key to its right for a sixth.

#include <QString>

namespace rook::app {

inline constexpr int mostTools = 6;
/// Of the tool in that place; empty beyond the last key.
[[nodiscard]] inline QString toolKey(std::size_t place) {
    return QStringLiteral("ASDFGH").mid(qsizetype(place), 1);
}

}  // namespace rook::app
