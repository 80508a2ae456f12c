#pragma once
/// Text that stands in XML or in a page. Private to ship/.

#include <string>
#include <string_view>

namespace rook::ship::detail {

/// For attributes and text alike; what XML 1.0 cannot hold is left out.
[[nodiscard]] inline std::string escaped(std::string_view text) {
    std::string out;
    for (const char c : text) {
        if (c == '&')
            out += "&amp;";
        else if (c == '<')
            out += "&lt;";
        else if (c == '>')
            out += "&gt;";
        else if (c == '"')
            out += "&quot;";
        else if (c == '\n' || c == '\t' || static_cast<unsigned char>(c) >= 0x20)
            out += c;
    }
    return out;
}

}  // namespace rook::ship::detail
