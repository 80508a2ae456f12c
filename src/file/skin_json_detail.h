#pragma once
/// Hand-set tiles, backdrops and swatches in the project's files. Private to file/; reading throws
/// `ReadFailure`.

#include "file/json_text.h"
#include "file/object_reader_detail.h"
#include "level/project.h"

namespace rook::file {

/// Theme, backdrop, chance and hand-set tiles, those that there are.
void writeSkin(JsonLines& lines, const level::Project& project, const level::Level& level);
void readSkin(ObjectReader& reader, const level::Project& project, level::Level& level);

[[nodiscard]] Json backdropJson(const level::Backdrop& backdrop);
[[nodiscard]] level::Backdrop readBackdrop(ObjectReader& reader);

}  // namespace rook::file
