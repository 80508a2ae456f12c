#pragma once
/// Typed fields: values that a game may want, of entities and of matters.

#include <string>
#include <string_view>
#include <utility>
#include <variant>
#include <vector>

#include "base/geometry.h"
#include "level/decimal.h"
#include "level/names.h"

namespace rook::level {

/// Keys of a file that this version does not know, with their JSON text: kept and written back.
using UnknownKeys = std::vector<std::pair<std::string, std::string>>;

/// An item of a list.
using SimpleValue = std::variant<std::int64_t, std::string, bool, Decimal, PxPoint>;
struct FieldList {
    std::vector<SimpleValue> items;
    bool operator==(const FieldList&) const = default;
};
inline constexpr std::size_t maxListItems = 256;  ///< and points of a path

/// A value of a typed field: choices, colours ("#rrggbb") and references are text; points are px.
using FieldValue = std::variant<std::int64_t, std::string, bool, Decimal, PxPoint,
                                std::vector<PxPoint>, FieldList>;

/// A name, a plain one, and its value.
using NamedValue = std::pair<std::string, FieldValue>;

/// The type that a value is of, the first of those that hold such values.
[[nodiscard]] FieldType typeOf(const FieldValue& value);
/// True if a field of that type can have the value.
[[nodiscard]] bool holds(FieldType type, const FieldValue& value);
/// What a field of that type has when nothing is said: 0, no text, no, black, nothing.
[[nodiscard]] FieldValue defaultOf(FieldType type);
/// "#rrggbb", in lower or upper case.
[[nodiscard]] bool isColor(std::string_view text);

}  // namespace rook::level
