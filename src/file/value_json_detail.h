#pragma once
/// Single values and short lists of files: what each may be, and the sentence if it is not. Private
/// to file/: a wrong value throws `ReadFailure`; `where` names it there.

#include <set>
#include <string>
#include <utility>
#include <vector>

#include "file/object_reader_detail.h"
#include "level/describe.h"
#include "level/project.h"

namespace rook::file {

[[nodiscard]] int integerOf(const Json& value, int low, int high, const std::string& where);
/// A decimal of at most three places, exactly, in the range of the rule.
[[nodiscard]] level::Decimal decimalOf(const Json& value, const level::FieldRule& rule,
                                       const std::string& where);
[[nodiscard]] std::pair<int, int> pairOf(const Json& value, int low, int high,
                                         const std::string& where);
[[nodiscard]] std::string textOf(const Json& value, const std::string& where);
template <typename E>
[[nodiscard]] E enumOf(const Json& value, const std::string& where) {
    const std::string name = textOf(value, where);
    if (const auto found = level::fromName<E>(name)) return *found;
    failReading(ErrorKind::BadReference, "\"" + name + "\" is not known here", where,
                "Use one of: " + std::string(level::allNames<E>()));
}

/// A number of any places, in the range of the rule.
[[nodiscard]] double readFraction(ObjectReader& reader, const std::string& key,
                                  const level::FieldRule& rule);
/// A text of the rule's sort; sheets are the project's.
[[nodiscard]] std::string readText(ObjectReader& reader, const std::string& key,
                                   const level::FieldRule& rule, const level::Project& project);
/// The key's list of so many items.
struct ListItem {
    const Json* value;
    std::string where;
};
[[nodiscard]] std::vector<ListItem> itemsOf(ObjectReader& reader, const std::string& key,
                                            std::size_t count);

/// Cells under `at` and `size`, `at` from `lowest`, at most so many cells wide and high.
[[nodiscard]] CellRect readPlace(ObjectReader& reader, int lowest, int largest);
void appendPlace(Json& json, const CellRect& place);

/// Throws if the name is among them already, else adds it.
void checkUnique(std::set<std::string>& names, const std::string& name, const std::string& where);
void checkFewest(std::size_t count, const level::FieldRule& rule, const std::string& where);

/// `item`: what a list is of.
[[nodiscard]] level::FieldValue readFieldValue(level::FieldType type, const Json& value,
                                               const std::string& where,
                                               level::FieldType item = level::FieldType::Integer);
/// A name, a type and a value.
[[nodiscard]] level::NamedValue readNamedValue(ObjectReader& reader);
[[nodiscard]] Json namedValueJson(const level::NamedValue& field);
/// A list of them under a key, each name once.
[[nodiscard]] std::vector<level::NamedValue> readNamedValues(ObjectReader& reader,
                                                             std::string_view key);
/// Nothing if there are none.
void addNamedValues(Json& json, std::string_view key, const std::vector<level::NamedValue>& values);

}  // namespace rook::file
