#pragma once
/// Names of the core as choices.

#include <QStringList>

#include "app/ui/theme.h"
#include "app/ui/words.h"
#include "level/names.h"

namespace rook::app {

/// The names of the first `count` values of an enumeration, in words.
template <typename E>
[[nodiscard]] QStringList namesUpTo(int count) {
    QStringList names;
    for (int i = 0; i < count; ++i)
        names << told(level::nameOf(static_cast<E>(i))).replace(u'-', u' ');
    return names;
}

}  // namespace rook::app
