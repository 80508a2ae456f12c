#pragma once
/// Bytes as a sequence of edits.

#include "targets.h"

namespace rook::fuzz {

/// Edits, undo and redo; the value is saved, read back, and must be equal; all undone, the bytes
/// must be those of the beginning.
void makeEdits(Bytes bytes);

}  // namespace rook::fuzz
