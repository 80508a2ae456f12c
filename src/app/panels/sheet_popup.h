#pragma once
/// A sheet that opens over a button, to take a picture from: a click takes a tile, a drag several.

#include <QPointer>
#include <functional>

#include "app/session/session.h"

namespace rook::app {

struct TakenTiles {
    int first = 0;         ///< in the sheet, from 0
    CellSize tiles{1, 1};  ///< across and down
};

/// Opens it under `anchor`; `take` is called once, with what was chosen, and not at all after Esc.
/// The keyboard works too: arrows go, Shift + arrows grow, Enter takes. Says so, and gives null, if
/// the sheet has no picture.
QWidget* openSheet(Session& session, QWidget* anchor, const level::Sheet& sheet, TakenTiles now,
                   std::function<void(const TakenTiles&)> take);

}  // namespace rook::app
