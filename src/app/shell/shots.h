#pragma once
/// One picture of each main view, for the documents and for looking at what was made.

#include <QStringList>

#include "app/shell/main_window.h"

namespace rook::app {

/// What `only` may name; each stands for one picture or a few.
[[nodiscard]] QStringList shotNames();

/// Writes NAME.png for each main view, or only for those that are named, to the folder; false, with
/// a sentence on standard error, if one cannot be written or is not known. Requires: the demo is
/// open.
bool writeShots(MainWindow& window, const QString& folder, const QStringList& only = {});

/// Writes the pictures of the guide to the folder: a first game, made in the window with the mouse,
/// and what finds, explains and sets things. False, with a sentence on standard error, if not.
bool writeGuideShots(MainWindow& window, const QString& folder);

}  // namespace rook::app
