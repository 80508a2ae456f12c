#pragma once
/// One picture of each main view, for the documents and for looking at what was made.

#include <QString>

#include "app/shell/main_window.h"

namespace rook::app {

/// Writes NAME.png for each main view to the folder; false, with a sentence on standard error, if
/// one cannot be written. Requires: the demo is open.
bool writeShots(MainWindow& window, const QString& folder);

}  // namespace rook::app
