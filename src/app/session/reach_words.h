#pragma once
/// What reach says of a place, in words.

#include "app/session/session.h"

namespace rook::app {

struct ReachWords {
    QString text;
    bool isReached = false;
};

/// Of a px of the level on the board: whether some body at a visited position covers it, and stands
/// there. What is not known yet says so.
[[nodiscard]] ReachWords reachWords(const Session& session, PxPoint px);

/// How an answer was come by, and how long that took: "mended in 0.4 ms"; "as before" where no
/// body notices the edit.
[[nodiscard]] QString answeredWords(const reach::Answer& answer);

}  // namespace rook::app
