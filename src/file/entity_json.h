#pragma once
/// Fields and entities as JSON: what the project's files and the bundle have in common.

#include "file/json_text.h"
#include "level/project.h"

namespace rook::file {

[[nodiscard]] Json decimalJson(level::Decimal decimal);
[[nodiscard]] Json fieldJson(const level::FieldValue& value);
/// An entity as the project saves it: what its kind says already is left out.
[[nodiscard]] Json entityJson(const level::Project& project, const level::Entity& entity);
/// Adds what saved and exported entities say alike of their role: `opens`, `grants`, `timetable`.
void appendRoleKeys(Json& json, const level::RoleData& data);
[[nodiscard]] Json spansJson(const std::vector<level::RunSpan>& spans);
[[nodiscard]] Json edgesJson(const runtime::Edges& edges);
/// Begins a level's file: format, version 1, and what saved and exported levels begin with alike.
void writeLevelHead(JsonLines& lines, const char* format, const level::Level& level);
/// Adds keys of a file that the program does not know, behind the known ones.
void appendUnknown(Json& object, const level::UnknownKeys& unknown);
void appendUnknown(JsonLines& lines, const level::UnknownKeys& unknown);

}  // namespace rook::file
