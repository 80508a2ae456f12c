#pragma once
/// Zones and scatter rules in the project's files. Private to file/; reading throws `ReadFailure`.

#include "file/json_text.h"
#include "file/object_reader_detail.h"
#include "level/project.h"

namespace rook::file {

void writeZones(JsonLines& lines, const level::Level& level);
/// Cut to the level. Requires: its cells were read.
void readZones(ObjectReader& reader, level::Level& level);

void writeScatter(JsonLines& lines, const level::Project& project, const level::Level& level);
void readScatter(ObjectReader& reader, const level::Project& project, level::Level& level);

}  // namespace rook::file
