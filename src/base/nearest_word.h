#pragma once
/// The word that somebody may have meant.

#include <cstddef>
#include <string>
#include <string_view>
#include <vector>

namespace rook {

/// Letters that have to be put in, taken out or changed to make one word the other (V. I.
/// Levenshtein, 1966). Cost: the product of their lengths.
[[nodiscard]] std::size_t wordDistance(std::string_view a, std::string_view b);

/// The nearest of some words, if it is at most so far; empty if none is.
[[nodiscard]] std::string nearestWord(std::string_view word, const std::vector<std::string>& known,
                                      std::size_t farthest = std::size_t(-1));

}  // namespace rook
