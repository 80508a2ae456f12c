#pragma once
/// The formats of targets in words, and what each has to be said of.

#include <QString>

#include "app/session/session.h"
#include "level/target.h"

namespace rook::app {

inline constexpr int formatCount = 11;

[[nodiscard]] QString formatTitle(level::TargetFormat format);
/// What it is for, in a few words.
[[nodiscard]] QString formatWords(level::TargetFormat format);
/// "text", "png": what lies there then.
[[nodiscard]] QString formatEnding(level::TargetFormat format);

/// The target that is chosen; null where there is none.
[[nodiscard]] const level::Target* chosenTarget(const Session& session);

}  // namespace rook::app
