#include "app/panels/field_control.h"

#include <QComboBox>
#include <QDoubleSpinBox>
#include <QHBoxLayout>
#include <QLineEdit>

#include <QSpinBox>
#include <cmath>

#include "app/ui/color_field.h"
#include "app/ui/controls.h"
#include "app/ui/words.h"
#include "level/kind_edits.h"

namespace rook::app {

using level::Decimal;
using level::FieldDefinition;
using level::FieldType;
using level::FieldValue;

namespace {

constexpr int farthest = 1000000;

FieldDefinition plain(FieldType type) {
    FieldDefinition definition;
    definition.type = type;
    definition.defaultValue = level::defaultOf(type);
    return definition;
}

QString textOfPoint(PxPoint point) {
    return QStringLiteral("%1, %2").arg(point.x).arg(point.y);
}

std::optional<PxPoint> pointOfText(const QString& text) {
    const QStringList parts = text.split(u',');
    if (parts.size() != 2) return std::nullopt;
    bool isX = false, isY = false;
    const PxPoint point{parts[0].trimmed().toInt(&isX), parts[1].trimmed().toInt(&isY)};
    return isX && isY ? std::optional(point) : std::nullopt;
}

}  // namespace

QString textOfValue(const FieldValue& value) {
    struct TextOf {
        QString operator()(std::int64_t number) const { return QString::number(number); }
        QString operator()(const std::string& text) const { return QString::fromStdString(text); }
        QString operator()(bool isYes) const {
            return isYes ? QStringLiteral("yes") : QStringLiteral("no");
        }
        QString operator()(Decimal number) const {
            return QString::fromStdString(
                std::get<std::string>(*level::converted(number, FieldType::Text)));
        }
        QString operator()(PxPoint point) const { return textOfPoint(point); }
        QString operator()(const std::vector<PxPoint>& path) const {
            QStringList points;
            for (const PxPoint point : path)
                points << textOfPoint(point);
            return points.join(QStringLiteral("; "));
        }
        QString operator()(const level::FieldList& list) const {
            QStringList items;
            for (const level::SimpleValue& item : list.items)
                items << std::visit(*this, item);
            return items.join(QStringLiteral("; "));
        }
    };
    return std::visit(TextOf{}, value);
}

std::optional<FieldValue> valueOfText(const FieldDefinition& definition, const QString& text) {
    const QString trimmed = text.trimmed();
    const QStringList parts =
        trimmed.isEmpty() ? QStringList() : trimmed.split(u';', Qt::SkipEmptyParts);
    switch (definition.type) {
        case FieldType::Point:
            if (const auto point = pointOfText(trimmed)) return *point;
            return std::nullopt;
        case FieldType::Path: {
            std::vector<PxPoint> path;
            for (const QString& part : parts) {
                const auto point = pointOfText(part);
                if (!point) return std::nullopt;
                path.push_back(*point);
            }
            if (path.size() > level::maxListItems) return std::nullopt;
            return path;
        }
        case FieldType::List: {
            level::FieldList list;
            FieldDefinition item = plain(definition.item);
            for (const QString& part : parts) {
                const auto value = valueOfText(item, part);
                if (!value) return std::nullopt;
                std::visit(
                    [&](const auto& each) {
                        using T = std::decay_t<decltype(each)>;
                        if constexpr (std::is_constructible_v<level::SimpleValue, T>)
                            list.items.emplace_back(each);
                    },
                    *value);
            }
            if (list.items.size() > level::maxListItems) return std::nullopt;
            return list;
        }
        case FieldType::Integer:
        case FieldType::Text:
        case FieldType::Boolean:
        case FieldType::Number:
        case FieldType::Choice:
        case FieldType::Color:
        case FieldType::Entity:
        case FieldType::Level:
            break;
    }
    return level::converted(trimmed.toStdString(), definition.type);
}

FieldControl::FieldControl(FieldType type, Take take, QWidget* parent)
    : FieldControl(plain(type), {}, std::move(take), parent) {}

FieldControl::FieldControl(const FieldDefinition& definition, const QStringList& references,
                           Take take, QWidget* parent)
    : QWidget(parent), m_take(std::move(take)) {
    switch (definition.type) {
        case FieldType::Integer:
            makeInteger(definition);
            break;
        case FieldType::Number:
            makeNumber(definition);
            break;
        case FieldType::Boolean:
            makeBoolean();
            break;
        case FieldType::Text:
        case FieldType::Color:
        case FieldType::Point:
        case FieldType::Path:
        case FieldType::List:
            makeLine([definition](const QString& text) { return valueOfText(definition, text); },
                     textOfValue,
                     definition.type == FieldType::Point   ? QStringLiteral("x, y")
                     : definition.type == FieldType::Path  ? QStringLiteral("x, y; x, y")
                     : definition.type == FieldType::List  ? tr("one; another")
                     : definition.type == FieldType::Color ? QStringLiteral("#rrggbb")
                                                           : QString());
            break;
        case FieldType::Choice: {
            QStringList choices;
            for (const std::string& choice : definition.choices)
                choices << QString::fromStdString(choice);
            makeChoice(choices, !definition.isNeeded);
            break;
        }
        case FieldType::Entity:
        case FieldType::Level:
            makeChoice(references, true);
            break;
    }
    if (!definition.help.empty()) m_control->setToolTip(told(definition.help));
    auto* row = new QHBoxLayout(this);
    row->setContentsMargins(0, 0, 0, 0);
    auto* line = qobject_cast<QLineEdit*>(m_control);
    const bool isColor = line && definition.type == FieldType::Color;
    row->addWidget(isColor ? withColorPicker(line, this) : m_control);
    setFocusProxy(m_control);
}

void FieldControl::makeInteger(const FieldDefinition& definition) {
    auto* box = new QSpinBox(this);
    const auto bound = [](const std::optional<Decimal>& limit, int standard) {
        return limit ? int(std::clamp<std::int64_t>(limit->thousandths / 1000, -farthest, farthest))
                     : standard;
    };
    box->setRange(bound(definition.low, -farthest), bound(definition.high, farthest));
    if (!definition.unit.empty()) box->setSuffix(u' ' + told(definition.unit));
    box->setKeyboardTracking(false);
    connect(box, &QSpinBox::valueChanged, this, [this](int value) { m_take(std::int64_t{value}); });
    m_show = [box](const FieldValue& value) {
        const auto number = std::get<std::int64_t>(value);
        // A value beyond the range is shown as it is, not cut.
        if (number < box->minimum() || number > box->maximum())
            box->setRange(int(std::min<std::int64_t>(number, box->minimum())),
                          int(std::max<std::int64_t>(number, box->maximum())));
        box->setValue(int(number));
    };
    m_control = box;
}

void FieldControl::makeNumber(const FieldDefinition& definition) {
    auto* box = new QDoubleSpinBox(this);
    const auto bound = [](const std::optional<Decimal>& limit, double standard) {
        return limit ? std::clamp(double(limit->thousandths) / 1000, -double(farthest),
                                  double(farthest))
                     : standard;
    };
    box->setDecimals(3);
    box->setRange(bound(definition.low, -farthest), bound(definition.high, farthest));
    box->setSingleStep(0.1);
    if (!definition.unit.empty()) box->setSuffix(u' ' + told(definition.unit));
    box->setKeyboardTracking(false);
    connect(box, &QDoubleSpinBox::valueChanged, this, [this](double value) {
        m_take(Decimal{static_cast<std::int64_t>(std::llround(value * 1000))});
    });
    m_show = [box](const FieldValue& value) {
        const double number = double(std::get<Decimal>(value).thousandths) / 1000;
        box->setRange(std::min(number, box->minimum()), std::max(number, box->maximum()));
        box->setValue(number);
    };
    m_control = box;
}

void FieldControl::makeBoolean() {
    auto* box = new ChoiceBox(this);
    box->addItems({tr("no"), tr("yes")});
    connect(box, &QComboBox::activated, this, [this](int index) { m_take(index == 1); });
    m_show = [box](const FieldValue& value) {
        box->setCurrentIndex(std::get<bool>(value) ? 1 : 0);
    };
    m_control = box;
}

void FieldControl::makeChoice(const QStringList& choices, bool mayBeEmpty) {
    auto* box = new ChoiceBox(this);
    if (mayBeEmpty) box->addItem(tr("none"), QString());
    for (const QString& choice : choices)
        box->addItem(choice, choice);
    connect(box, &QComboBox::activated, this,
            [this, box](int index) { m_take(box->itemData(index).toString().toStdString()); });
    m_show = [box](const FieldValue& value) {
        const QString text = QString::fromStdString(std::get<std::string>(value));
        // One that is not there is shown as it is, not replaced.
        if (box->findData(text) < 0) box->addItem(text + QStringLiteral(" ?"), text);
        box->setCurrentIndex(box->findData(text));
    };
    m_control = box;
}

void FieldControl::makeLine(Read read, std::function<QString(const FieldValue&)> write,
                            const QString& hint) {
    auto* line = new QLineEdit(this);
    line->setMaxLength(4000);
    line->setPlaceholderText(hint);
    connect(line, &QLineEdit::editingFinished, this, [this, line, read = std::move(read)] {
        if (!line->isModified()) return;
        const auto value = read(line->text());
        if (!value) return line->selectAll();
        line->setModified(false);
        m_take(*value);
    });
    m_show = [line, write = std::move(write)](const FieldValue& value) {
        if (!line->isModified()) line->setText(write(value));
    };
    m_control = line;
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
