#pragma once
/// Fields and entities as JSON: what the project's files and the bundle have in common.

#include "file/json_text.h"
#include "kit/stands.h"
#include "level/project.h"

namespace rook::file {

[[nodiscard]] Json decimalJson(level::Decimal decimal);
[[nodiscard]] Json fieldJson(const level::FieldValue& value);
/// What an entity has for its role, as the project saves it.
[[nodiscard]] Json roleJson(const level::RoleData& data);
/// [ticks, dx, dy] a move.
[[nodiscard]] Json movesJson(const std::vector<kit::PacedMove>& moves);
[[nodiscard]] Json spansJson(const std::vector<level::RunSpan>& spans);
/// The colours behind a level.
[[nodiscard]] Json backgroundJson(const level::Level& level);
/// Begins the file of a level of a bundle: format, version 1, and what it is.
void writeLevelHead(JsonLines& lines, const char* format, const level::Level& level);
/// Adds keys of a file that the program does not know, behind the known ones.
void appendUnknown(Json& object, const level::UnknownKeys& unknown);
void appendUnknown(JsonLines& lines, const level::UnknownKeys& unknown);

}  // namespace rook::file
