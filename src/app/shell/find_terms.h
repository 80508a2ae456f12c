#pragma once
/// What else people call what the window can do: the words of the trade, for Find.

#include <QString>

namespace rook::app {

/// Of an action by its name, of a tool as "step/tool" (English, small), of a section of the margin
/// by the name that its fold is remembered by, as "section/name"; empty if there are none.
[[nodiscard]] QString termsOf(const QString& what);

}  // namespace rook::app
