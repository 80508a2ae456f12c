#include <QComboBox>
#include <QSpinBox>
#include <algorithm>
#include <functional>
#include <map>
#include <set>
#include <string_view>

#include "app/panels/field_control.h"
#include "app/steps/cast/cast_options.h"
#include "app/steps/cast/cast_sections.h"
#include "app/steps/cast/target_map.h"
#include "app/ui/theme.h"
#include "app/ui/words.h"
#include "cast/spread.h"
#include "level/cast_edits.h"
#include "level/names.h"
#include "level/ring_edit.h"

namespace rook::app {

namespace {

using level::Entity;
using level::FieldDefinition;
using level::Kind;

/// The fields of what is selected, and what the cast of the level is.
class CastPanel : public MarginPanel {
public:
    CastPanel(Session& session, QWidget* parent)
        : MarginPanel(parent), m_session(session), m_column(makeColumn(this)) {
        m_ids = session.workbench.selection().entities;
        if (m_ids.size() == 1) addEntity();
        if (m_ids.size() > 1) addSeveral();
        if (m_ids.empty() && session.workbench.selection().cells) addSpread();
        addSection(makeZoneSection(session, this));
        addSection(makeKindSection(session, this));
        addCounts();
        m_column->addStretch();
    }

    void refresh() override {
        for (const auto& refresher : m_refreshers)
            refresher();
    }

private:
    void addSection(PanelSection* section) {
        m_refreshers << [section] { section->refresh(); };
        m_column->addWidget(section);
    }
    /// The first that is selected: what it has is shown for all.
    [[nodiscard]] const Entity* entity() const {
        return m_ids.empty() ? nullptr : findEntity(*m_session.document.level(), m_ids.front());
    }
    [[nodiscard]] QString names() const {
        return m_ids.size() == 1 ? QString::fromStdString(m_ids[0].text)
                                 : counted(qsizetype(m_ids.size()), tr("entity"), tr("entities"));
    }

    /// Applies a change to all that are selected as one named step; tells what is wrong with it.
    void change(const QString& what, const std::function<void(Entity&)>& make) {
        const auto edit = changeEntities(*m_session.document.level(), m_ids, make,
                                         tr("Change %1 of %2").arg(what, names()).toStdString());
        if (edit && edit->level == *m_session.document.level()) return;
        m_session.document.apply(edit);
        if (!edit) refresh();
    }

    QSpinBox* addNumber(MarginSection* section, const QString& name, int low, int high,
                        const std::function<int(const Entity&)>& get,
                        const std::function<void(Entity&, int)>& set) {
        auto* box = makeNumberBox(
            QStringLiteral("field-") + name, low, high, section,
            [this, name, set](int value) { change(name, [&](Entity& e) { set(e, value); }); });
        box->setFixedWidth(110);
        box->setKeyboardTracking(false);
        m_refreshers << [this, box, get] {
            const QSignalBlocker blocker(box);
            if (const Entity* e = entity()) box->setValue(get(*e));
        };
        section->addControl(name, box);
        return box;
    }

    QComboBox* addChoice(MarginSection* section, const QString& name,
                         const QList<std::pair<QString, QString>>& choices,
                         const std::function<QString(const Entity&)>& get,
                         const std::function<void(Entity&, const QString&)>& set,
                         QComboBox* box = nullptr) {
        if (!box) box = new ChoiceBox(section->rowsHolder());
        box->setFixedWidth(150);
        box->setObjectName(QStringLiteral("field-") + name);
        for (const auto& [text, value] : choices)
            box->addItem(text, value);
        connect(box, &QComboBox::activated, this, [this, box, name, set](int index) {
            const QString value = box->itemData(index).toString();
            change(name, [&](Entity& e) { set(e, value); });
        });
        m_refreshers << [this, box, get] {
            const Entity* e = entity();
            if (!e) return;
            const QString value = get(*e);
            // A value that nothing answers to is shown as it is, not replaced.
            if (box->findData(value) < 0) box->addItem(value + QStringLiteral(" ?"), value);
            box->setCurrentIndex(box->findData(value));
        };
        section->addControl(name, box);
        return box;
    }

    void addEntity() {
        const Entity* e = entity();
        const Kind* kind = e ? m_session.document.project().findKind(e->kind) : nullptr;
        if (!kind) return;
        auto* section = new MarginSection(QString::fromStdString(kind->title),
                                          QString::fromStdString(e->id.text), this);
        m_column->addWidget(section);
        const PxRect level = m_session.document.level()->boundsPx();
        addNumber(
            section, tr("x, px"), 0, level.width - e->box.width,
            [](const auto& entity) { return entity.box.x; },
            [](auto& entity, int value) { entity.box.x = value; });
        addNumber(
            section, tr("y, px"), 0, level.height - e->box.height,
            [](const auto& entity) { return entity.box.y; },
            [](auto& entity, int value) { entity.box.y = value; });
        addNumber(
            section, tr("Wide, px"), 1, level.width,
            [](const auto& entity) { return entity.box.width; },
            [](auto& entity, int value) { entity.box.width = value; });
        addNumber(
            section, tr("High, px"), 1, level.height,
            [](const auto& entity) { return entity.box.height; },
            [](auto& entity, int value) { entity.box.height = value; });
        if (kind->role == level::Role::Exit) addTarget(section);
        addFields(section, *kind);
        if (level::mayBeARing(kind->role)) {
            QWidget* ring = makeButton(
                tr("Make a ring of it"), QStringLiteral("make-ring"), section, [this, id = e->id] {
                    m_session.document.apply(level::makeRing(m_session.document.project(),
                                                             *m_session.document.level(), id));
                });
            ring->setToolTip(
                tr("Eight of its kind that turn about this place; what stands in the middle next "
                   "is guarded."));
            section->addWide(ring);
        }
        section->addWide(makeWords(tr("Arrows nudge by a cell, with Shift by a px."), section));
        if (hasRoleData(kind->role))
            addSection(makeRoleSection(kind->role, e->id, m_session, this));
        addSection(makeAppearanceSection(m_ids, m_session, this));
    }
    /// What all of the kind have: the way that they face, and their fields.
    void addFields(MarginSection* section, const Kind& kind) {
        if (kind.role == level::Role::Spawn || kind.role == level::Role::Foe ||
            kind.role == level::Role::Entry)
            addChoice(
                section, tr("Facing"),
                {{tr("left"), QStringLiteral("left")}, {tr("right"), QStringLiteral("right")}},
                [](const auto& entity) { return told(level::nameOf(entity.facing)); },
                [](auto& entity, const QString& value) {
                    entity.facing = *level::fromName<level::Facing>(value.toStdString());
                });
        for (const FieldDefinition& field : kind.fields)
            addField(section, field);
    }
    static bool hasRoleData(level::Role role) {
        using level::Role;
        return role == Role::Door || role == Role::Exit || role == Role::Pickup ||
               role == Role::Hazard || role == Role::Foe || role == Role::Spring ||
               role == Role::Mover || role == Role::Formation || role == Role::Trigger ||
               role == Role::Thrower || role == Role::Key;
    }

    /// Levels with their starts and entries, by choice and never by number.
    void addTarget(MarginSection* section) {
        addChoice(
            section, tr("Leads to"), targetChoices(m_session.document.project()),
            [](const auto& entity) { return valueOf(entity.to); },
            [](auto& entity, const QString& value) {
                entity.to = targetOf(value, entity.to.transition);
            },
            new TargetChoice(m_session, section->rowsHolder()));
        addTransition(section);
    }
    /// How the picture of where it leads follows.
    void addTransition(MarginSection* section) {
        using level::TransitionSort;
        addChoice(
            section, tr("Goes over by"),
            {{tr("a cut"), QStringLiteral("cut")},
             {tr("a slide"), QStringLiteral("slide")},
             {tr("a fade"), QStringLiteral("fade")}},
            [](const auto& entity) { return told(nameOf(entity.to.transition.sort)); },
            [](auto& entity, const QString& value) {
                entity.to.transition.sort = *level::fromName<TransitionSort>(value.toStdString());
            });
        addNumber(
            section, tr("In ticks"), 1, level::maxTransitionTicks,
            [](const auto& entity) { return entity.to.transition.ticks; },
            [](auto& entity, int value) { entity.to.transition.ticks = value; });
    }

    void addField(MarginSection* section, const FieldDefinition& field) {
        const QString name = QString::fromStdString(field.name);
        auto* control = new FieldControl(
            field, referencesFor(field),
            [this, field, name](const level::FieldValue& value) {
                change(name, [&](Entity& e) { setField(e, field.name, value); });
            },
            section);
        control->setFixedWidth(150);
        control->setWords(QStringLiteral("field-") + name, name);
        m_refreshers << [this, control, field] {
            if (const Entity* e = entity()) control->setValue(fieldOf(*e, field));
        };
        section->addControl(name, control);
    }
    [[nodiscard]] QStringList referencesFor(const FieldDefinition& field) const {
        QStringList ids;
        if (field.type == level::FieldType::Level)
            for (const auto& level : m_session.document.project().levels)
                ids << QString::fromStdString(level->id.text);
        if (field.type == level::FieldType::Entity)
            for (const Entity& e : m_session.document.level()->entities)
                if (field.of.isEmpty() || e.kind == field.of)
                    ids << QString::fromStdString(e.id.text);
        return ids;
    }

    void addSeveral() {
        const level::Level& level = *m_session.document.level();
        std::set<KindId> kinds;
        for (const EntityId& id : m_ids)
            if (const Entity* e = findEntity(level, id)) kinds.insert(e->kind);
        const Kind* kind =
            kinds.size() == 1 ? m_session.document.project().findKind(*kinds.begin()) : nullptr;
        auto* section = new MarginSection(
            kind ? QString::fromStdString(kind->title) : tr("Selection"), names(), this);
        m_column->addWidget(section);
        if (kind) addFields(section, *kind);
        auto* grid = new ButtonGrid;
        const std::tuple<QString, const char*, level::Alignment> sides[] = {
            {tr("Align left"), "align-left", level::Alignment::Left},
            {tr("Align right"), "align-right", level::Alignment::Right},
            {tr("Align tops"), "align-top", level::Alignment::Top},
            {tr("Align feet"), "align-bottom", level::Alignment::Bottom},
            {tr("Align middles"), "align-middle", level::Alignment::Middle},
            {tr("Align centres"), "align-centre", level::Alignment::Centre}};
        for (const auto& [text, name, side] : sides)
            grid->add(text, name, section, [this, side = side] {
                m_session.document.apply(alignEntities(*m_session.document.level(), m_ids, side));
            });
        grid->add(tr("Spread across"), "spread-across", section, [this] {
            m_session.document.apply(distributeEntities(*m_session.document.level(), m_ids, true));
        });
        grid->add(tr("Spread down"), "spread-down", section, [this] {
            m_session.document.apply(distributeEntities(*m_session.document.level(), m_ids, false));
        });
        grid->add(tr("Group, ungroup"), "toggle-group", section,
                  [this] {
                      m_session.document.apply(toggleGroup(*m_session.document.level(), m_ids));
                  })
            ->setToolTip(tr("Those of a group are chosen together."));
        section->addWide(grid);
        section->addWide(
            makeWords(kind ? tr("A field that is changed here changes for all of them.")
                           : tr("Of several kinds: choose one kind to change its fields."),
                      section));
        addSection(makeAppearanceSection(m_ids, m_session, this));
    }

    /// So many of the kind in hand in the cells that are selected.
    void addSpread() {
        auto* section =
            new MarginSection(tr("Place in the frame"),
                              counted(qsizetype(m_session.workbench.selection().cells->cellCount()),
                                      tr("cell"), tr("cells")),
                              this);
        m_column->addWidget(section);
        auto* kind = section->addValue(tr("Kind in hand"));
        auto* count = new QSpinBox(section->rowsHolder());
        count->setObjectName(QStringLiteral("spread-count"));
        count->setAccessibleName(tr("How many"));
        count->setRange(1, 10000);
        count->setValue(m_session.workbench.options<CastOptions>().spreadCount);
        count->setFixedWidth(110);
        section->addControl(tr("How many"), count);
        auto* place =
            makeButton(tr("Place them"), QStringLiteral("spread"), section, [this, count] {
                CastOptions options = m_session.workbench.options<CastOptions>();
                options.spreadCount = count->value();
                m_session.workbench.setOptions(options);
                const Kind* inHand = m_session.document.project().findKind(options.kind);
                const auto& cells = m_session.workbench.selection().cells;
                if (inHand && cells)
                    m_session.document.apply(
                        cast::placeSpread(m_session.document.project(), *m_session.document.level(),
                                          *inHand, *cells, count->value(), options.facing));
            });
        section->addWide(place);
        section->addWide(makeWords(
            tr("Spread evenly over the open cells where its standing rule holds."), section));
        m_refreshers << [this, kind, place] {
            const Kind* inHand = m_session.document.project().findKind(
                m_session.workbench.options<CastOptions>().kind);
            kind->setText(inHand ? QString::fromStdString(inHand->title) : tr("choose a card"));
            place->setEnabled(inHand != nullptr);
        };
    }

    void addCounts() {
        auto* section = new MarginSection(tr("Cast of this level"), {}, this);
        for (const Kind& kind : m_session.document.project().kinds) {
            QLabel* value = section->addValue(QString::fromStdString(kind.title));
            m_counts.emplace_back(kind.id, value);
        }
        m_refreshers << [this] {
            std::map<std::string_view, int> counts;
            for (const Entity& e : m_session.document.level()->entities)
                ++counts[e.kind.text];
            for (const auto& [id, value] : m_counts)
                value->setText(QString::number(counts[id.text]));
        };
        section->addWide(makeButton(tr("Open as a table"), QStringLiteral("open-table"), section,
                                    [this] { m_session.requests.openTable(); }));
        m_column->addWidget(section);
    }

    Session& m_session;
    QVBoxLayout* m_column;
    std::vector<EntityId> m_ids;
    std::vector<std::pair<KindId, QLabel*>> m_counts;
    QList<std::function<void()>> m_refreshers;
};

}  // namespace

MarginPanel* makeCastPanel(Session& session, QWidget* parent) {
    return new CastPanel(session, parent);
}

}  // namespace rook::app
