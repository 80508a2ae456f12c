#pragma once
/// What the table of models says of one.

#include <QStringList>

#include "ship/models_in.h"

namespace rook::app {

/// Columns of the table.
enum class ModelColumn { Name, Modules, Size, Pivot, Beside, Open, Turned, Triangles };
inline constexpr int modelColumns = 8;

/// A text a column; a dash for what is not known.
[[nodiscard]] QStringList modelRow(const level::Kit* kit, const ship::IncomingModel& model);

}  // namespace rook::app
