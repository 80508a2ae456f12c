#pragma once
/// What is done to whatever is selected, in all steps alike: pieces, else entities, else cells.

#include "app/session/session.h"

namespace rook::app {

/// Each tells whether there was something to do it to; what is wrong with it is said.
bool removeSelected(Session& session);
/// By whole modules and cells; entities by px where that is asked.
bool nudgeSelected(Session& session, int dx, int dy, bool byPx);
/// Pieces and entities, beside themselves; the copies are selected.
bool duplicateSelected(Session& session);

/// Pieces, else entities and the zone. False if none of them are selected, or on the clipboard.
bool copySelectedThings(Session& session);
bool cutSelectedThings(Session& session);
/// Around that place of the level, px; what is laid is selected, and what was left out is said.
bool pasteThings(Session& session, PxPoint middle);

/// Takes the selected cells to the clipboard, as rows of characters, too. False if there are none.
bool copySelectedCells(Session& session);

}  // namespace rook::app
