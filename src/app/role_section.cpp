#include <QComboBox>
#include <QDoubleSpinBox>
#include <QSpinBox>

#include "app/panel_section.h"
#include "app/theme.h"
#include "app/tray_buttons.h"
#include "level/edits.h"

namespace rook::app {

namespace {

using level::Entity;
using level::Role;

/// What an entity's role has: what opens it, when it is on, how high it throws, where it goes.
class RoleSection : public PanelSection {
public:
    RoleSection(Role role, const EntityId& id, Session& session, QWidget* parent)
        : PanelSection(tr("Role"), textOf(level::nameOf(role)), session, parent), m_id(id) {
        switch (role) {
            case Role::Door:
                addOpens();
                break;
            case Role::Pickup:
                addGrants();
                break;
            case Role::Hazard:
            case Role::Foe:
                addTimetable();
                break;
            case Role::Spring:
                addSpring();
                break;
            case Role::Mover:
                addTrack();
                break;
            default:
                setVisible(false);
        }
        refresh();
    }

    void refresh() override {
        const Entity* e = findEntity(*m_session.level(), m_id);
        if (!e) return;
        for (const auto& show : m_shows)
            show(*e);
    }

private:
    template <typename Change>
    void change(const QString& what, Change&& make) {
        const Entity* former = findEntity(*m_session.level(), m_id);
        if (!former) return;
        Entity next = *former;
        make(next.data);
        if (next == *former) return;
        std::optional<std::string> flaw = level::flawOf(next.data.track);
        if (!flaw && next.data.timetable) flaw = level::flawOf(*next.data.timetable);
        if (flaw) {
            m_session.say(QString::fromStdString(*flaw));
            return refresh();
        }
        m_session.apply(changeEntity(
            *m_session.level(), next,
            tr("Change %1 of %2").arg(what, QString::fromStdString(m_id.text)).toStdString()));
    }

    void addWhole(const QString& name, const char* id, const QString& unit, int low, int high,
                  std::function<int(const level::RoleData&)> get,
                  std::function<void(level::RoleData&, int)> set) {
        QSpinBox* box =
            makeNumberBox(QLatin1String(id), low, high, this, [this, name, set](int value) {
                change(name, [&](level::RoleData& d) { set(d, value); });
            });
        box->setFixedWidth(110);
        box->setSuffix(u' ' + unit);
        box->setAccessibleName(name);
        box->setKeyboardTracking(false);
        m_shows << [box, get](const Entity& e) { showNumber(box, get(e.data)); };
        addControl(name, box);
    }

    /// One chip a key, switch or pickup of the level.
    void addOpens() {
        auto* grid = new QGridLayout;
        grid->setSpacing(4);
        int count = 0;
        for (const Entity& entity : m_session.level()->entities) {
            const Role role = m_session.project().roleOf(entity);
            if (role != Role::Key && role != Role::Switch && role != Role::Pickup) continue;
            if (role == Role::Pickup && !entity.data.grants && !isNamed(entity.id)) continue;
            auto* chip = new Chip(QString::fromStdString(entity.id.text), this);
            chip->setObjectName(QStringLiteral("opens-") + QString::fromStdString(entity.id.text));
            connect(chip, &QAbstractButton::clicked, this, [this, id = entity.id](bool isOn) {
                change(tr("what opens"), [&](level::RoleData& d) {
                    std::erase(d.opens, id);
                    if (isOn) d.opens.push_back(id);
                });
            });
            m_shows << [chip, id = entity.id](const Entity& e) {
                chip->setChecked(std::count(e.data.opens.begin(), e.data.opens.end(), id) > 0);
            };
            grid->addWidget(chip, count / 2, count % 2);
            ++count;
        }
        addWide(makeWords(count > 0 ? tr("It opens when all of these are held:")
                                    : tr("Place a key or a switch, then choose it here."),
                          this));
        addWide(grid);
    }
    [[nodiscard]] bool isNamed(const EntityId& id) const {
        const Entity* e = findEntity(*m_session.level(), m_id);
        return e && std::count(e->data.opens.begin(), e->data.opens.end(), id) > 0;
    }

    void addGrants() {
        QStringList names{tr("nothing")};
        for (int i = 0; i < level::abilityCount; ++i)
            names << textOf(level::nameOf(static_cast<level::Ability>(i))).replace(u'-', u' ');
        QComboBox* box = makeChoiceBox(QStringLiteral("grants"), names, this, [this](int index) {
            change(tr("what is granted"), [&](level::RoleData& d) {
                d.grants.reset();
                if (index > 0) d.grants = static_cast<level::Ability>(index - 1);
            });
        });
        m_shows << [box](const Entity& e) {
            box->setCurrentIndex(e.data.grants ? int(*e.data.grants) + 1 : 0);
        };
        addControl(tr("Grants"), box);
    }

    void addTimetable() {
        auto* chip = new Chip(tr("at times only"), this);
        chip->setObjectName(QStringLiteral("timed"));
        connect(chip, &QAbstractButton::clicked, this, [this](bool isOn) {
            change(tr("the timetable"), [&](level::RoleData& d) {
                d.timetable.reset();
                if (isOn) d.timetable = runtime::Timetable{120, {{0, 60}}};
            });
        });
        m_shows << [chip](const Entity& e) { chip->setChecked(e.data.timetable.has_value()); };
        addControl(tr("Deadly"), chip);
        const auto span = [](const level::RoleData& d) {
            return d.timetable && !d.timetable->on.empty() ? d.timetable->on.front()
                                                           : std::pair(0, 0);
        };
        const auto setSpan = [](level::RoleData& d, auto&& set) {
            if (!d.timetable) return;
            if (d.timetable->on.empty()) d.timetable->on.emplace_back(0, 1);
            set(d.timetable->on.front());
        };
        addWhole(
            tr("Period"), "period", tr("ticks"), 1, level::maxPeriodTicks,
            [](const auto& d) { return d.timetable ? d.timetable->periodTicks : 1; },
            [](auto& d, int value) {
                if (d.timetable) d.timetable->periodTicks = value;
            });
        addWhole(
            tr("On from"), "on-from", tr("ticks"), 0, level::maxPeriodTicks,
            [span](const auto& d) { return span(d).first; },
            [setSpan](auto& d, int value) { setSpan(d, [&](auto& on) { on.first = value; }); });
        addWhole(
            tr("On until"), "on-to", tr("ticks"), 0, level::maxPeriodTicks,
            [span](const auto& d) { return span(d).second; },
            [setSpan](auto& d, int value) { setSpan(d, [&](auto& on) { on.second = value; }); });
    }

    void addHeight(const QString& name, const char* id,
                   level::Decimal level::SpringHeights::*field) {
        auto* box = new QDoubleSpinBox(this);
        box->setObjectName(QLatin1String(id));
        box->setAccessibleName(name);
        box->setDecimals(3);
        box->setSingleStep(0.5);
        box->setRange(0.001, 1000);
        box->setSuffix(tr(" cells"));
        box->setFixedWidth(110);
        box->setKeyboardTracking(false);
        connect(box, &QDoubleSpinBox::valueChanged, this, [this, name, field](double value) {
            change(name, [&](level::RoleData& d) {
                (d.spring.*field).thousandths = std::llround(value * 1000);
            });
        });
        m_shows << [box, field](const Entity& e) {
            const QSignalBlocker blocker(box);
            box->setValue(double((e.data.spring.*field).thousandths) / 1000);
        };
        addControl(name, box);
    }
    void addSpring() {
        addHeight(tr("Held"), "spring-high", &level::SpringHeights::high);
        addHeight(tr("Let go"), "spring-low", &level::SpringHeights::low);
        addWhole(
            tr("Push to the right"), "spring-push", tr("px/tick"), -level::maxSpringPushPx,
            level::maxSpringPushPx, [](const auto& d) { return d.spring.pushDx; },
            [](auto& d, int value) { d.spring.pushDx = value; });
    }

    /// Across, then up or down, and back.
    void addTrack() {
        const auto last = [](const level::RoleData& d) {
            return d.track.points.empty() ? PxPoint{} : d.track.points.back();
        };
        const auto setLast = [last](level::RoleData& d, auto&& set) {
            PxPoint end = last(d);
            set(end);
            d.track.points.clear();
            if (end.x != 0) d.track.points.push_back({end.x, 0});
            if (end.y != 0) d.track.points.push_back(end);
        };
        const int far = 1 << 20;
        addWhole(
            tr("Across"), "track-x", tr("px"), -far, far,
            [last](const auto& d) { return last(d).x; },
            [setLast](auto& d, int value) { setLast(d, [&](PxPoint& end) { end.x = value; }); });
        addWhole(
            tr("Down"), "track-y", tr("px"), -far, far, [last](const auto& d) { return last(d).y; },
            [setLast](auto& d, int value) { setLast(d, [&](PxPoint& end) { end.y = value; }); });
        addWhole(
            tr("There and back"), "track-period", tr("ticks"), 1, level::maxPeriodTicks,
            [](const auto& d) { return d.track.periodTicks; },
            [](auto& d, int value) { d.track.periodTicks = value; });
    }

    EntityId m_id;
    QList<std::function<void(const Entity&)>> m_shows;
};

}  // namespace

PanelSection* makeRoleSection(level::Role role, const EntityId& id, Session& session,
                              QWidget* parent) {
    return new RoleSection(role, id, session, parent);
}

}  // namespace rook::app
