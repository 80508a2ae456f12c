#pragma once
/// How each behaviour is drawn as in a section: its hatching, and its tone where lines would only
/// blur.

#include <QColor>
#include <QImage>

#include "app/ui/theme.h"
#include "level/names.h"

namespace rook::app {

/// A repeating texture of 8 x 8 px (16 x 8 for water), whose origin is the painter's px grid.
[[nodiscard]] QImage hatchingOf(level::Behaviour behaviour, const Theme& theme);

[[nodiscard]] QColor plainToneOf(level::Behaviour behaviour, const Theme& theme);

}  // namespace rook::app
