#pragma once
/// Parts of the project's files that several of them hold: fields, entities, rows of matter,
/// blocks. Private to file/; reading throws `ReadFailure`.

#include "file/object_reader_detail.h"
#include "level/project.h"

namespace rook::file {

[[nodiscard]] level::Decimal readDecimal(ObjectReader& reader, const std::string& key,
                                         level::Decimal fallback);
/// A whole number in that range; `where` names it in the message.
[[nodiscard]] int integerOf(const Json& value, int low, int high, const std::string& where);
/// `item`: what a list is of.
[[nodiscard]] level::FieldValue readFieldValue(level::FieldType type, const Json& value,
                                               const std::string& where,
                                               level::FieldType item = level::FieldType::Integer);
/// A name, a type and a value.
[[nodiscard]] level::NamedValue readNamedValue(ObjectReader& reader);
[[nodiscard]] level::Entity readEntity(ObjectReader& reader, const level::Project& project);
/// The rows of `matter`, as many as the grid has; by the legend, which `kept` gets, if it is not
/// null and there is one, else by runs.
void readMatterRows(ObjectReader& reader, const level::Project& project, Grid<level::Cell>& cells,
                    std::vector<level::LegendEntry>* kept);
[[nodiscard]] level::Block readBlock(ObjectReader& reader, const level::Project& project);
[[nodiscard]] level::LaidBlock readLaid(ObjectReader& reader);
[[nodiscard]] level::KeptRun readKeptRun(ObjectReader& reader);

/// The name of a sheet that is there, or none.
[[nodiscard]] std::string sheetName(ObjectReader& reader, const level::Project& project);
[[nodiscard]] level::Kind readKind(ObjectReader& reader, const level::Project& project);
[[nodiscard]] Json kindJson(const level::Kind& kind);
[[nodiscard]] Json keptRunJson(const level::KeptRun& run);
[[nodiscard]] Json namedValueJson(const level::NamedValue& field);
[[nodiscard]] Json blockJson(const level::Project& project, const level::Block& block);
[[nodiscard]] Json laidJson(const level::LaidBlock& laid);

/// As a sheet and a layer of a bundle hold them; tiles are counted from 1.
[[nodiscard]] Json animationsJson(const std::vector<level::TileAnimation>& animations);

}  // namespace rook::file
