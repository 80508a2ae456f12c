#pragma once
/// Rows of a section about one entity: each shows a value of its role, and changes it.

#include <QComboBox>
#include <QDoubleSpinBox>
#include <QLineEdit>
#include <QSpinBox>
#include <functional>

#include "app/steps/cast/cast_sections.h"
#include "level/edits.h"

namespace rook::app {

class RoleRows : public PanelSection {
public:
    RoleRows(const QString& title, const QString& note, const EntityId& id, Session& session,
             QWidget* parent)
        : PanelSection(title, note, session, parent), m_id(id) {}

    void refresh() override;

protected:
    /// Changes the entity's data; says what is wrong and shows what is, if it may not be so.
    void change(const QString& what, const std::function<void(level::RoleData&)>& make);
    QSpinBox* addWhole(const QString& name, const char* id, const QString& unit, int low, int high,
                       std::function<int(const level::RoleData&)> get,
                       std::function<void(level::RoleData&, int)> set);
    /// A decimal of three places; `what` is said of its changes.
    QDoubleSpinBox* addDecimal(const QString& name, const QString& what, const char* id,
                               const QString& unit, double step, double high,
                               std::function<level::Decimal&(level::RoleData&)> value,
                               double low = 0.001);
    QComboBox* addChoice(const QString& name, const char* id, const QStringList& choices,
                         std::function<int(const level::RoleData&)> get,
                         std::function<void(level::RoleData&, int)> set);
    QLineEdit* addText(const QString& name, const char* id, const QString& hint,
                       std::function<QString(const level::RoleData&)> get,
                       std::function<void(level::RoleData&, const QString&)> set);
    /// Shows a control and its name only while it says something about the entity.
    void showWhile(QWidget* control, std::function<bool(const level::RoleData&)> matters);

    EntityId m_id;
    QList<std::function<void(const level::Entity&)>> m_shows;
};

}  // namespace rook::app
