#pragma once
/// What pictures are made with: the real window, its pointer and its keys.

#include <functional>

#include "app/shell/main_window.h"

namespace rook::app::detail {

/// Lets events run until reach is solved and the board is painted whole.
void settle(MainWindow& window);
/// The pointer goes there (widget px), with these buttons.
void movePointer(Board& board, QPointF at, Qt::MouseButtons buttons, QEvent::Type type,
                 Qt::MouseButton button);
/// Writes FOLDER/NAME.png once all is settled; false, with a sentence on standard error, if not.
bool shoot(MainWindow& window, const QString& folder, const QString& name);
/// Until something is known; false if it takes too long.
bool waitUntil(const std::function<bool()>& isKnown);
/// Until it is known what each target would write.
bool waitForTargets(const Session& session);
void trigger(MainWindow& window, const char* action);
/// Keeper's quay in depth, near, with a piece selected; then walked at eye height. Without OpenGL
/// the same from the painter, who has one direction only.
bool shootDepth(MainWindow& window, const QString& folder);

}  // namespace rook::app::detail
