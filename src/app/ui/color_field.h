#pragma once
/// A line for a colour as hex text, with a swatch beside it that opens a picker.

#include <QLineEdit>

namespace rook::app {

/// Holds `line` and the swatch. A colour that is picked is written into the line, which then has
/// finished editing. The line keeps whatever it is connected to.
[[nodiscard]] QWidget* withColorPicker(QLineEdit* line, QWidget* parent);

}  // namespace rook::app
