#pragma once
/// Typed access to the JSON of exported files: what is not as it should be throws one sentence that
/// says what, where and what to do. For the loaders beside it.

#include <algorithm>
#include <array>
#include <cstdint>
#include <nlohmann/json.hpp>
#include <stdexcept>
#include <string>
#include <string_view>
#include <vector>

#include "rook_packed.hpp"
#include "rook_shapes.hpp"

namespace rook::runtime {

namespace detail {

using nlohmann::json;

inline const json& member(const json& object, const char* key, const std::string& where) {
    if (!object.is_object()) fail("An object is wanted here", where);
    const auto found = object.find(key);
    if (found == object.end()) fail(std::string("The key \"") + key + "\" is missing", where);
    return *found;
}

inline std::string text(const json& object, const char* key, const std::string& where) {
    const json& value = member(object, key, where);
    if (!value.is_string()) fail("A text is wanted here", where + "." + key);
    return value.get<std::string>();
}

/// A path of the bundle, with / between its parts. What leads out of it is refused, on any system.
inline std::string pathInside(const std::string& path, const std::string& where) {
    bool isInside = !path.empty() && path.find_first_of("\\:") == std::string::npos &&
                    path.find('\0') == std::string::npos;
    std::size_t from = 0;
    while (isInside && from <= path.size()) {
        const std::size_t to = std::min(path.find('/', from), path.size());
        const std::string part = path.substr(from, to - from);
        isInside = !part.empty() && part != "." && part != "..";
        from = to + 1;
    }
    if (!isInside) fail("The path \"" + path + "\" leaves the bundle", where);
    return path;
}
/// A member that is one.
inline std::string path(const json& object, const char* key, const std::string& where) {
    return pathInside(text(object, key, where), where + "." + key);
}

inline int whole(const json& value, int low, int high, const std::string& where) {
    if (!value.is_number_integer()) fail("A whole number is wanted here", where);
    const bool isHuge = value.is_number_unsigned() && value.get<std::uint64_t>() > 0x7fffffffu;
    const std::int64_t number = isHuge ? 0x80000000LL : value.get<std::int64_t>();
    if (number < low || number > high) {
        fail("The number " + value.dump() + " is out of its range, " + std::to_string(low) +
                 " to " + std::to_string(high),
             where);
    }
    return static_cast<int>(number);
}

inline int whole(const json& object, const char* key, int low, int high, const std::string& where) {
    return whole(member(object, key, where), low, high, where + "." + key);
}

inline const json& list(const json& object, const char* key, const std::string& where) {
    const json& value = member(object, key, where);
    if (!value.is_array()) fail("A list is wanted here", where + "." + key);
    return value;
}

inline std::string item(const std::string& where, const char* key, std::size_t index) {
    return where + "." + key + "[" + std::to_string(index) + "]";
}

inline void header(const json& object, const char* format, const std::string& where) {
    if (text(object, "format", where) != format)
        fail(std::string("The format is not ") + format, where);
    if (whole(object, "version", 1, 0x7fffffff, where) > 1)
        fail("The version is newer than this loader, which reads 1", where);
}

template <typename E, std::size_t count>
E named(const std::string& name, const std::array<std::string_view, count>& names,
        const std::string& where) {
    for (std::size_t i = 0; i < count; ++i)
        if (name == names[i]) return static_cast<E>(i);
    fail("\"" + name + "\" is not known here", where);
}

inline Behaviour behaviour(const std::string& name, const std::string& where) {
    return named<Behaviour>(name, behaviourNames, where);
}

inline Form form(const std::string& name, const std::string& where) {
    return named<Form>(name, formNames, where);
}

/// An edge that is not said is a wall, at the bottom deadly.
inline EdgeRule edge(const json& edges, const char* key, EdgeRule standard,
                     const std::string& where) {
    if (!edges.is_object()) fail("An object is wanted here", where);
    if (!edges.contains(key)) return standard;
    return named<EdgeRule>(text(edges, key, where), edgeRuleNames, where + "." + key);
}

/// Calls `take(x, y, number)` for each number of a list of rows, or of packed ones.
template <typename Take>
void rows(const json& object, const char* key, int columns, int rowCount, int high,
          const std::string& where, Take&& take) {
    if (const json& packed = member(object, key, where); packed.is_object()) {
        const std::string at = where + "." + key;
        const int bits = whole(packed, "bits", 8, 32, at);
        if (bits != 8 && bits != 16 && bits != 32) fail("8, 16 or 32 bits are wanted here", at);
        const std::size_t each = static_cast<std::size_t>(bits / 8);
        const std::string bytes = unpacked(
            text(packed, "zlib", at),
            static_cast<std::size_t>(columns) * static_cast<std::size_t>(rowCount) * each, at);
        std::size_t from = 0;
        for (int y = 0; y < rowCount; ++y)
            for (int x = 0; x < columns; ++x, from += each) {
                std::uint32_t number = 0;
                for (std::size_t i = 0; i < each; ++i)
                    number |=
                        static_cast<std::uint32_t>(static_cast<unsigned char>(bytes[from + i]))
                        << (8 * i);
                if (number > static_cast<std::uint32_t>(high))
                    fail("The number " + std::to_string(number) + " is out of its range, 0 to " +
                             std::to_string(high),
                         at);
                take(x, y, static_cast<int>(number));
            }
        return;
    }
    const json& all = list(object, key, where);
    if (all.size() != static_cast<std::size_t>(rowCount))
        fail("There are " + std::to_string(all.size()) + " rows and should be " +
                 std::to_string(rowCount),
             where + "." + key);
    for (int y = 0; y < rowCount; ++y) {
        const json& row = all[static_cast<std::size_t>(y)];
        const std::string place = item(where, key, static_cast<std::size_t>(y));
        if (!row.is_array() || row.size() != static_cast<std::size_t>(columns))
            fail("The row should have " + std::to_string(columns) + " numbers", place);
        for (int x = 0; x < columns; ++x)
            take(x, y, whole(row[static_cast<std::size_t>(x)], 0, high, place));
    }
}

inline std::vector<int> numbers(const json& object, const char* key, int low, int high,
                                std::size_t most, const std::string& where) {
    const json& all = list(object, key, where);
    if (all.size() > most)
        fail("The list has more than " + std::to_string(most) + " numbers", where + "." + key);
    std::vector<int> out;
    for (const json& value : all)
        out.push_back(whole(value, low, high, where + "." + key));
    return out;
}

}  // namespace detail

}  // namespace rook::runtime
