#include <QComboBox>
#include <QSpinBox>
#include <algorithm>
#include <functional>

#include "app/field_control.h"
#include "app/margin.h"
#include "app/panel_section.h"
#include "app/theme.h"

namespace rook::app {

namespace {

/// The fields of one selected entity, or what the cast of the level is.
class CastPanel : public MarginPanel {
public:
    CastPanel(Session& session, QWidget* parent)
        : MarginPanel(parent), m_session(session), m_column(makeColumn(this)) {
        const auto& ids = session.selection().entities;
        if (ids.size() == 1)
            addEntity(ids[0]);
        else if (ids.size() > 1)
            addSeveral(int(ids.size()));
        addCounts();
        m_column->addStretch();
    }

    void refresh() override {
        for (const auto& refresher : m_refreshers)
            refresher();
    }

private:
    [[nodiscard]] const level::Entity* entity() const {
        return findEntity(*m_session.level(), m_id);
    }

    /// Applies a change to the selected entity as one named step; tells what is wrong with it.
    template <typename Change>
    void change(const QString& what, Change&& make) {
        const level::Entity* former = entity();
        if (!former) return;
        level::Entity next = *former;
        make(next);
        if (next == *former) return;
        const auto edit = changeEntity(
            *m_session.level(), next,
            tr("Change %1 of %2").arg(what, QString::fromStdString(m_id.text)).toStdString());
        if (!edit) {
            m_session.say(QString::fromStdString(edit.error().sentence()));
            refresh();
            return;
        }
        m_session.apply(*edit);
    }

    QSpinBox* addNumber(MarginSection* section, const QString& name, int low, int high,
                        const std::function<int(const level::Entity&)>& get,
                        const std::function<void(level::Entity&, int)>& set) {
        auto* box = new QSpinBox(section);
        box->setRange(low, high);
        box->setFixedWidth(110);
        box->setKeyboardTracking(false);
        box->setObjectName(QStringLiteral("field-") + name);
        connect(box, &QSpinBox::valueChanged, this, [this, name, set](int value) {
            change(name, [&](level::Entity& e) { set(e, value); });
        });
        m_refreshers << [this, box, get] {
            const QSignalBlocker blocker(box);
            if (const level::Entity* e = entity()) box->setValue(get(*e));
        };
        section->addControl(name, box);
        return box;
    }

    QComboBox* addChoice(MarginSection* section, const QString& name,
                         const QList<std::pair<QString, QString>>& choices,
                         const std::function<QString(const level::Entity&)>& get,
                         const std::function<void(level::Entity&, const QString&)>& set) {
        auto* box = new QComboBox(section);
        box->setFixedWidth(150);
        box->setObjectName(QStringLiteral("field-") + name);
        for (const auto& [text, value] : choices)
            box->addItem(text, value);
        connect(box, &QComboBox::activated, this, [this, box, name, set](int index) {
            const QString value = box->itemData(index).toString();
            change(name, [&](level::Entity& e) { set(e, value); });
        });
        m_refreshers << [this, box, get] {
            const level::Entity* e = entity();
            if (!e) return;
            const QString value = get(*e);
            // A value that nothing answers to is shown as it is, not replaced.
            if (box->findData(value) < 0) box->addItem(value + QStringLiteral(" ?"), value);
            box->setCurrentIndex(box->findData(value));
        };
        section->addControl(name, box);
        return box;
    }

    void addEntity(const EntityId& id) {
        m_id = id;
        const level::Entity* e = entity();
        const level::Kind* kind = e ? m_session.project().findKind(e->kind) : nullptr;
        if (!kind) return;
        auto* section = new MarginSection(QString::fromStdString(kind->title),
                                          QString::fromStdString(id.text), this);
        m_column->addWidget(section);
        const PxRect level = m_session.level()->boundsPx();
        addNumber(
            section, tr("x, px"), 0, level.width - e->box.width,
            [](const auto& entity) { return entity.box.x; },
            [](auto& entity, int value) { entity.box.x = value; });
        addNumber(
            section, tr("y, px"), 0, level.height - e->box.height,
            [](const auto& entity) { return entity.box.y; },
            [](auto& entity, int value) { entity.box.y = value; });
        if (kind->role == level::Role::Spawn) {
            addChoice(
                section, tr("Facing"),
                {{tr("left"), QStringLiteral("left")}, {tr("right"), QStringLiteral("right")}},
                [](const auto& entity) { return textOf(level::nameOf(entity.facing)); },
                [](auto& entity, const QString& value) {
                    entity.facing = *level::fromName<level::Facing>(value.toStdString());
                });
        }
        if (kind->role == level::Role::Exit) addTarget(section);
        for (const level::FieldDefinition& field : kind->fields)
            addField(section, field);
        section->addWide(makeWords(tr("Arrows nudge by a cell, with Shift by a px."), section));
        if (!hasRoleData(kind->role)) return;
        auto* role = makeRoleSection(kind->role, m_id, m_session, this);
        m_refreshers << [role] { role->refresh(); };
        m_column->addWidget(role);
    }
    static bool hasRoleData(level::Role role) {
        using level::Role;
        return role == Role::Door || role == Role::Pickup || role == Role::Hazard ||
               role == Role::Foe || role == Role::Spring || role == Role::Mover;
    }

    void addTarget(MarginSection* section) {
        QList<std::pair<QString, QString>> levels{{tr("the end"), QString()}};
        for (const auto& level : m_session.project().levels)
            levels << std::pair(QString::fromStdString(level->title),
                                QString::fromStdString(level->id.text));
        addChoice(
            section, tr("Leads to"), levels,
            [](const auto& entity) { return QString::fromStdString(entity.to.level.text); },
            [](auto& entity, const QString& value) {
                entity.to = {{value.toStdString()}, {}};
            });
    }

    static void setField(level::Entity& entity, const std::string& name, level::FieldValue value) {
        for (auto& [key, slot] : entity.fields) {
            if (key != name) continue;
            slot = std::move(value);
            return;
        }
        entity.fields.emplace_back(name, std::move(value));
    }

    void addField(MarginSection* section, const level::FieldDefinition& field) {
        const QString name = QString::fromStdString(field.name);
        auto* control = new FieldControl(
            field.type,
            [this, field, name](const level::FieldValue& value) {
                change(name, [&](level::Entity& e) { setField(e, field.name, value); });
            },
            section);
        control->setFixedWidth(150);
        control->setWords(QStringLiteral("field-") + name, name);
        m_refreshers << [this, control, field] {
            if (const level::Entity* e = entity()) control->setValue(fieldOf(*e, field));
        };
        section->addControl(name, control);
    }

    void addSeveral(int count) {
        auto* section =
            new MarginSection(tr("Selection"), counted(count, tr("entity"), tr("entities")), this);
        section->addWide(
            makeWords(tr("Drag or nudge them together; Delete removes them."), section));
        m_column->addWidget(section);
    }

    void addCounts() {
        auto* section = new MarginSection(tr("Cast of this level"), {}, this);
        for (const level::Kind& kind : m_session.project().kinds) {
            QLabel* value = section->addValue(QString::fromStdString(kind.title));
            m_refreshers << [this, value, id = kind.id] {
                const auto& list = m_session.level()->entities;
                value->setText(QString::number(std::count_if(
                    list.begin(), list.end(), [&](const auto& e) { return e.kind == id; })));
            };
        }
        m_column->addWidget(section);
    }

    Session& m_session;
    QVBoxLayout* m_column;
    EntityId m_id;
    QList<std::function<void()>> m_refreshers;
};

}  // namespace

MarginPanel* makeCastPanel(Session& session, QWidget* parent) {
    return new CastPanel(session, parent);
}

}  // namespace rook::app
