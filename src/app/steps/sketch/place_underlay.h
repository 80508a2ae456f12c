#pragma once
/// A picture under the board.

#include "app/session/session.h"

namespace rook::app {

/// Reads a picture file on a worker, and lays it under the board or says why not. Nothing happens
/// any more once `guard` is gone.
void placeUnderlay(Session& session, QObject* guard, const QString& file);

}  // namespace rook::app
