#pragma once
/// The stepper of the runtime against any inputs.

#include "targets.h"

namespace rook::fuzz {

/// A level of a few cells out of the first bytes, inputs out of the rest. The body must stay a
/// body: within the frame and its margin, out of what is solid, and the same when it is played
/// again.
void stepWildly(Bytes bytes);

}  // namespace rook::fuzz
