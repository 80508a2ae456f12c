#pragma once
/// What a play page is made of: the sources of runtime/js, compiled in.

#include <span>
#include <string_view>

namespace rook::ship::detail {

struct PageSource {
    std::string_view name;  ///< "parts/world.mjs"
    std::string_view text;
};

/// Scripts in an order in which each needs only those before it, then page.css and page.html.
[[nodiscard]] std::span<const PageSource> pageSources();

}  // namespace rook::ship::detail
