#pragma once
/// Entities as JSON: the part that the project's files and the bundle have in common.

#include "file/json_text.h"
#include "level/project.h"

namespace rook::file {

[[nodiscard]] Json fieldJson(const level::FieldValue& value);
[[nodiscard]] Json edgesJson(const runtime::Edges& edges);
/// Adds keys of a file that the program does not know, behind the known ones.
void appendUnknown(Json& object, const level::UnknownKeys& unknown);

}  // namespace rook::file
