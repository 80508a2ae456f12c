#pragma once
/// The plan of a level as JSON: `sketch` of levels/<id>.json, and `parts` of rookplot.json. Private
/// to file/.

#include "file/object_reader_detail.h"
#include "level/project.h"

namespace rook::file {

/// Adds the member "sketch", unless there is nothing to say. One mark or route a line.
void writeSketch(JsonLines& lines, const level::Sketch& sketch);
/// Throws `ReadFailure`. The underlay comes without its picture.
[[nodiscard]] level::Sketch readSketch(ObjectReader reader);

[[nodiscard]] Json partJson(const level::PartMatch& part);
/// Throws `ReadFailure` if nothing in the project answers to the target.
[[nodiscard]] level::PartMatch readPart(ObjectReader& reader, const level::Project& project);

}  // namespace rook::file
