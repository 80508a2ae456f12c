#include "app/steps/kit/units_box.h"

#include <QSignalBlocker>
#include <cmath>

#include "app/ui/words.h"

namespace rook::app {

QDoubleSpinBox* makeUnitsBox(const QString& name, double low, double high, QWidget* parent,
                             std::function<void(level::Decimal)> act) {
    auto* box = new QDoubleSpinBox(parent);
    box->setObjectName(name);
    box->setDecimals(3);
    box->setRange(low, high);
    box->setSingleStep(0.1);
    box->setSuffix(tr(" units"));
    box->setKeyboardTracking(false);
    box->setFixedWidth(110);
    QObject::connect(box, &QDoubleSpinBox::valueChanged, box,
                     [act](double value) { act({std::llround(value * 1000)}); });
    return box;
}

void showUnits(QDoubleSpinBox* box, level::Decimal value) {
    if (box->hasFocus()) return;
    const QSignalBlocker blocker(box);
    box->setValue(double(value.thousandths) / 1000);
}

}  // namespace rook::app
