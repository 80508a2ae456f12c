#pragma once
/// How a level stands, as a mark on its card.

#include "app/session/session.h"

namespace rook::app {

struct VerdictMark {
    QString mark;    ///< "✓", a count, "…" while stale, "–" if not known yet
    QString spoken;  ///< in words
    QColor tone;
};
[[nodiscard]] VerdictMark verdictMarkOf(const Session& session, const level::Level& level);

}  // namespace rook::app
