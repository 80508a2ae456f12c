#include "app/field_control.h"

#include <QComboBox>
#include <QDoubleSpinBox>
#include <QHBoxLayout>
#include <QLineEdit>
#include <cmath>

namespace rook::app {

using level::Decimal;
using level::FieldType;
using level::FieldValue;

FieldControl::FieldControl(FieldType type, Take take, QWidget* parent) : QWidget(parent) {
    switch (type) {
        case FieldType::WholeNumber: {
            auto* box = new QSpinBox(this);
            box->setRange(-1000000, 1000000);
            box->setKeyboardTracking(false);
            connect(box, &QSpinBox::valueChanged, this,
                    [take](int value) { take(std::int64_t{value}); });
            m_show = [box](const FieldValue& value) {
                box->setValue(int(std::get<std::int64_t>(value)));
            };
            m_control = box;
            break;
        }
        case FieldType::Number: {
            auto* box = new QDoubleSpinBox(this);
            box->setRange(-1000000, 1000000);
            box->setDecimals(3);
            box->setSingleStep(0.1);
            box->setKeyboardTracking(false);
            connect(box, &QDoubleSpinBox::valueChanged, this, [take](double value) {
                take(Decimal{static_cast<std::int64_t>(std::llround(value * 1000))});
            });
            m_show = [box](const FieldValue& value) {
                box->setValue(double(std::get<Decimal>(value).thousandths) / 1000);
            };
            m_control = box;
            break;
        }
        case FieldType::YesNo: {
            auto* box = new QComboBox(this);
            box->addItems({tr("no"), tr("yes")});
            connect(box, &QComboBox::activated, this, [take](int index) { take(index == 1); });
            m_show = [box](const FieldValue& value) {
                box->setCurrentIndex(std::get<bool>(value) ? 1 : 0);
            };
            m_control = box;
            break;
        }
        case FieldType::Text: {
            auto* line = new QLineEdit(this);
            line->setMaxLength(400);
            connect(line, &QLineEdit::editingFinished, this, [line, take] {
                if (line->isModified()) take(line->text().toStdString());
                line->setModified(false);
            });
            m_show = [line](const FieldValue& value) {
                if (!line->isModified())
                    line->setText(QString::fromStdString(std::get<std::string>(value)));
            };
            m_control = line;
            break;
        }
    }
    auto* row = new QHBoxLayout(this);
    row->setContentsMargins(0, 0, 0, 0);
    row->addWidget(m_control);
    setFocusProxy(m_control);
}

void FieldControl::setValue(const FieldValue& value) {
    const QSignalBlocker blocker(m_control);
    m_show(value);
}

void FieldControl::setWords(const QString& objectName, const QString& accessibleName) {
    m_control->setObjectName(objectName);
    m_control->setAccessibleName(accessibleName);
}

}  // namespace rook::app
