#pragma once
/// Ids: short, readable text, in one type a kind of thing so that they cannot be mixed up.

#include <compare>
#include <string>
#include <string_view>

namespace rook {

template <typename Tag>
struct Id {
    std::string text;

    auto operator<=>(const Id&) const = default;
    [[nodiscard]] bool isEmpty() const { return text.empty(); }
};

using LevelId = Id<struct LevelTag>;
using EntityId = Id<struct EntityTag>;
using KindId = Id<struct KindTag>;
using ZoneId = Id<struct ZoneTag>;

/// Lower-case letters, digits, '-' and '_', 1 to 64 of them, a letter or digit first: what ids, and
/// the names of matters, are made of. Such a name is also a safe file name.
[[nodiscard]] inline bool isPlainName(std::string_view name) {
    if (name.empty() || name.size() > 64 || name[0] == '-' || name[0] == '_') return false;
    for (const char c : name) {
        const bool isFine =
            (c >= 'a' && c <= 'z') || (c >= '0' && c <= '9') || c == '-' || c == '_';
        if (!isFine) return false;
    }
    return true;
}

/// A plain name made of any text: "Wet stone" gives "wet-stone"; `fallback` where nothing is left.
[[nodiscard]] inline std::string plainNameFrom(std::string_view text, std::string_view fallback) {
    std::string name;
    for (const char c : text) {
        const char lower = c >= 'A' && c <= 'Z' ? static_cast<char>(c - 'A' + 'a') : c;
        if ((lower >= 'a' && lower <= 'z') || (lower >= '0' && lower <= '9'))
            name += lower;
        else if (!name.empty() && name.back() != '-')
            name += '-';
    }
    name = name.substr(0, 56);  // leaves room for a number
    while (!name.empty() && name.back() == '-')
        name.pop_back();
    return name.empty() ? std::string(fallback) : name;
}

}  // namespace rook
