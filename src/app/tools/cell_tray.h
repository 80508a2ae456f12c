#pragma once
/// The options of tools that work on cells, as Shape and Skin show them in the tray.

#include "app/panels/tray_parts.h"
#include "app/tools/cell_options.h"

namespace rook::app {

class CellTray : public TrayParts {
public:
    using TrayParts::TrayParts;

protected:
    /// Each is one line of the grid; that of brushes may be gone on with.
    QHBoxLayout* addBrushOptions(QGridLayout* grid, int line);
    void addBoxOptions(QGridLayout* grid, int line);
    void addFillOptions(QGridLayout* grid, int line);
    /// Two lines.
    void addSelectOptions(QGridLayout* grid, int line);
};

}  // namespace rook::app
