#include "app/steps/cast/role_rows.h"

#include <cmath>

#include "app/ui/buttons.h"
#include "app/ui/words.h"

namespace rook::app {

using level::Entity;

void RoleRows::refresh() {
    const Entity* e = findEntity(*m_session.document.level(), m_id);
    if (!e) return;
    for (const auto& show : m_shows)
        show(*e);
}

void RoleRows::change(const QString& what, const std::function<void(level::RoleData&)>& make) {
    const Entity* former = findEntity(*m_session.document.level(), m_id);
    if (!former) return;
    Entity next = *former;
    make(next.data);
    if (next == *former) return;
    const bool isDone = m_session.document.apply(changeEntity(
        *m_session.document.level(), next,
        tr("Change %1 of %2").arg(what, QString::fromStdString(m_id.text)).toStdString()));
    if (!isDone) refresh();
}

QSpinBox* RoleRows::addWhole(const QString& name, const char* id, const QString& unit, int low,
                             int high, std::function<int(const level::RoleData&)> get,
                             std::function<void(level::RoleData&, int)> set) {
    QSpinBox* box = makeNumberBox(QLatin1String(id), low, high, this, [this, name, set](int value) {
        change(name, [&](level::RoleData& d) { set(d, value); });
    });
    box->setFixedWidth(110);
    box->setSuffix(u' ' + unit);
    box->setAccessibleName(name);
    box->setKeyboardTracking(false);
    m_shows << [box, get](const Entity& e) { showNumber(box, get(e.data)); };
    addControl(name, box);
    return box;
}

QComboBox* RoleRows::addChoice(const QString& name, const char* id, const QStringList& choices,
                               std::function<int(const level::RoleData&)> get,
                               std::function<void(level::RoleData&, int)> set) {
    QComboBox* box = makeChoiceBox(QLatin1String(id), choices, this, [this, name, set](int index) {
        change(name, [&](level::RoleData& d) { set(d, index); });
    });
    m_shows << [box, get](const Entity& e) { box->setCurrentIndex(get(e.data)); };
    addControl(name, box);
    return box;
}

QLineEdit* RoleRows::addText(const QString& name, const char* id, const QString& hint,
                             std::function<QString(const level::RoleData&)> get,
                             std::function<void(level::RoleData&, const QString&)> set) {
    auto* line = new QLineEdit(this);
    line->setObjectName(QLatin1String(id));
    line->setPlaceholderText(hint);
    line->setFixedWidth(150);
    line->setMaxLength(400);
    connect(line, &QLineEdit::editingFinished, this, [this, line, name, set] {
        if (!line->isModified()) return;
        line->setModified(false);
        change(name, [&](level::RoleData& d) { set(d, line->text()); });
    });
    m_shows << [line, get](const Entity& e) {
        if (!line->hasFocus() || !line->isModified()) line->setText(get(e.data));
    };
    addControl(name, line);
    return line;
}

void RoleRows::showWhile(QWidget* control, std::function<bool(const level::RoleData&)> matters) {
    m_shows << [this, control, matters](const Entity& e) { showRow(control, matters(e.data)); };
}

QDoubleSpinBox* RoleRows::addDecimal(const QString& name, const QString& what, const char* id,
                                     const QString& unit, double step, double high,
                                     std::function<level::Decimal&(level::RoleData&)> value,
                                     double low) {
    auto* box = new QDoubleSpinBox(this);
    box->setObjectName(QLatin1String(id));
    box->setAccessibleName(name);
    box->setDecimals(3);
    box->setSingleStep(step);
    box->setRange(low, high);
    box->setSuffix(u' ' + unit);
    box->setFixedWidth(110);
    box->setKeyboardTracking(false);
    connect(box, &QDoubleSpinBox::valueChanged, this, [this, what, value](double number) {
        change(what,
               [&](level::RoleData& d) { value(d).thousandths = std::llround(number * 1000); });
    });
    m_shows << [box, value](const Entity& e) {
        level::RoleData shown = e.data;
        const QSignalBlocker blocker(box);
        box->setValue(double(value(shown).thousandths) / 1000);
    };
    addControl(name, box);
    return box;
}

}  // namespace rook::app
