#pragma once
/// Pictures of what the strip above the board asks: made by a second window on a copy of the demo,
/// which is drawn in, left without saving, and changed from outside.

#include <QString>
#include <functional>

namespace rook::app {

class MainWindow;

/// `shoot` writes a picture of that name. Copies the project at `folder`.
bool shootNotices(const QString& folder,
                  const std::function<bool(MainWindow&, const QString&)>& shoot);

}  // namespace rook::app
