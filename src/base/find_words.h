#pragma once
/// Finds what somebody wants to do by the words that they type.

#include <cstddef>
#include <span>
#include <string>
#include <string_view>
#include <vector>

namespace rook {

/// What can be found.
struct Findable {
    std::string title;  ///< what it is called
    std::string words;  ///< what else people call it, apart by spaces or commas
};

/// The places in `all` of what fits `typed`, best first; all of them, as they stand, for no words.
///
/// Every word that is typed must be met: by a word of the title, whole or from its beginning; by
/// another word for it; inside a word of the title; or by one that differs in a letter (from four
/// letters on). Small words ("how to make a ...") count only where they are met. Letters are told
/// apart by their bytes but for A to Z: fold the case of others before. Cost: typed words times all
/// words.
[[nodiscard]] std::vector<std::size_t> findByWords(std::string_view typed,
                                                   std::span<const Findable> all);

}  // namespace rook
