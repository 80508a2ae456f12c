#pragma once
/// What the edits of marks and of routes share. Private to level/.

#include <string>
#include <utility>

#include "level/sketch_edits.h"

namespace rook::level {

/// The level with its sketch changed by `change(Sketch&)`.
template <typename Change>
LevelEdit sketchEdit(const Level& level, std::string name, Change&& change) {
    LevelEdit edit{level, std::move(name), {}};
    change(edit.level.sketch);
    return edit;
}

}  // namespace rook::level
