#pragma once
/// A box for a length in units, to thousandths.

#include <QDoubleSpinBox>
#include <functional>

#include "level/decimal.h"

namespace rook::app {

/// `act` gets each value that somebody gives it.
[[nodiscard]] QDoubleSpinBox* makeUnitsBox(const QString& name, double low, double high,
                                           QWidget* parent,
                                           std::function<void(level::Decimal)> act);
/// Shows a value without telling anybody; what has the keyboard's focus stays.
void showUnits(QDoubleSpinBox* box, level::Decimal value);

}  // namespace rook::app
