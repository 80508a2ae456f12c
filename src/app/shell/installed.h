#pragma once
/// What came with the program: documents and the demo, beside it where it is installed, and in the
/// sources where it was built.

#include <QString>

#include "base/result.h"

namespace rook::app {

/// The folder of the documents (`guide/`, `screenshots/` …); empty if they are not here.
[[nodiscard]] QString docsFolder();

/// The demo as it came; empty if it is not here.
[[nodiscard]] QString demoFolder();

/// A copy of the demo among the designer's own data: made if there is none yet, and left as it is
/// if there is one. Fails in a sentence.
[[nodiscard]] Result<QString> copyOfDemo();

/// Whether that folder is one of those that came with the program and are not to be written.
[[nodiscard]] bool isInstalled(const QString& project);

}  // namespace rook::app
