#pragma once
/// Entities as JSON: the part that the project's files and the bundle have in common.

#include "file/json_text.h"
#include "level/project.h"

namespace rook::file {

[[nodiscard]] Json fieldJson(const level::FieldValue& value);
[[nodiscard]] Json edgesJson(const runtime::Edges& edges);
/// Begins a level's file: format, version 1, and what saved and exported levels begin with alike.
void writeLevelHead(JsonLines& lines, const char* format, const level::Level& level);
/// Adds keys of a file that the program does not know, behind the known ones.
void appendUnknown(Json& object, const level::UnknownKeys& unknown);
void appendUnknown(JsonLines& lines, const level::UnknownKeys& unknown);

}  // namespace rook::file
