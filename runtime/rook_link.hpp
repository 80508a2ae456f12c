#pragma once
/// What the editor tells a running game of a level that changes: C++17 and nlohmann-json. See
/// docs/live-link.md.

#include <nlohmann/json.hpp>

namespace rook::runtime {

namespace detail {

/// Rows of numbers from (x, y) on, put in their place. Throws what nlohmann-json does.
inline void patchRows(nlohmann::json& rows, const nlohmann::json& patch) {
    const std::size_t x = patch.at("x"), y = patch.at("y");
    const nlohmann::json& next = patch.at("rows");
    for (std::size_t row = 0; row < next.size(); ++row)
        for (std::size_t column = 0; column < next[row].size(); ++column)
            rows.at(y + row).at(x + column) = next[row][column];
}

inline bool isPatch(const nlohmann::json& value) {
    return value.is_object() && value.contains("rows");
}

}  // namespace detail

/// The level's file with `set` of a `level.changed` in it: top-level keys that changed, whole
/// (null: the key is gone), but for rows of matter and of tiles, of which the part that changed is
/// told. Throws what nlohmann-json does where `set` is of another level.
inline void applyChange(nlohmann::json& level, const nlohmann::json& set) {
    for (const auto& [key, value] : set.items()) {
        if (key == "matter" && value.is_object()) {
            for (const auto& [part, rows] : value.items())
                if (detail::isPatch(rows))
                    detail::patchRows(level.at("matter").at(part), rows);
                else
                    level["matter"][part] = rows;
        } else if (key == "layers" && value.is_object()) {
            for (const auto& patch : value.at("patches"))
                for (const char* part : {"tiles", "flips"})
                    if (patch.contains(part))
                        detail::patchRows(
                            level.at("layers").at(patch.at("at").get<std::size_t>()).at(part),
                            patch.at(part));
        } else if (value.is_null() && key != "puzzle") {
            level.erase(key);
        } else {
            level[key] = value;
        }
    }
}

}  // namespace rook::runtime
