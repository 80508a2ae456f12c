#pragma once
/// Typed fields: values that a game may want, of entities and of matters.

#include <string>
#include <utility>
#include <variant>
#include <vector>

#include "level/decimal.h"
#include "level/names.h"

namespace rook::level {

/// Keys of a file that this version does not know, with their JSON text: kept and written back.
using UnknownKeys = std::vector<std::pair<std::string, std::string>>;

/// A value of a typed field. Requires: the alternative that the field's type names.
using FieldValue = std::variant<std::int64_t, std::string, bool, Decimal>;

/// A name, a plain one, and its value.
using NamedValue = std::pair<std::string, FieldValue>;

/// The type that a value is of.
[[nodiscard]] FieldType typeOf(const FieldValue& value);
/// What a field of that type has when nothing is said: 0, no text, no.
[[nodiscard]] FieldValue standardOf(FieldType type);

}  // namespace rook::level
