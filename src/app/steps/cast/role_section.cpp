#include <QGridLayout>
#include <QLabel>

#include "app/steps/cast/role_rows.h"
#include "app/steps/cast/zone_map.h"
#include "app/ui/buttons.h"
#include "app/ui/number_text.h"
#include "app/ui/theme.h"
#include "level/names.h"
#include "level/tracks.h"

namespace rook::app {

namespace {

using level::Entity;
using level::Role;

/// What an entity's role has: what opens it, when it is on, how high it throws, where it goes.
class RoleSection : public RoleRows {
public:
    RoleSection(Role role, const EntityId& id, Session& session, QWidget* parent)
        : RoleRows(tr("Role"), textOf(level::nameOf(role)), id, session, parent) {
        switch (role) {
            case Role::Door:
                addOpens(tr("It opens when all of these are held:"));
                addDoor();
                break;
            case Role::Exit:
                addOpens(tr("Shut until all of these are held:"));
                break;
            case Role::Key:
                addLetter();
                break;
            case Role::Pickup:
                addWhole(
                    tr("Counts for"), "pickup-value", {}, -1000000, 1000000,
                    [](const auto& d) { return d.value; },
                    [](auto& d, int value) { d.value = value; });
                addGrants();
                break;
            case Role::Hazard:
                addTimetable();
                break;
            case Role::Foe:
                addPatrol();
                addTimetable();
                break;
            case Role::Formation:
                addFormation();
                break;
            case Role::Trigger:
                addTrigger();
                break;
            case Role::Spring:
                addSpring();
                break;
            case Role::Mover:
                addTrack();
                addTiming();
                break;
            case Role::Thrower:
                addThrower();
                break;
            default:
                setVisible(false);
        }
        refresh();
    }

private:
    /// One chip a key, switch or pickup of the level.
    void addOpens(const QString& words) {
        auto* grid = new QGridLayout;
        grid->setSpacing(4);
        int count = 0;
        for (const Entity& entity : m_session.document.level()->entities) {
            const Role role = m_session.document.project().roleOf(entity);
            if (role != Role::Key && role != Role::Switch && role != Role::Pickup) continue;
            if (role == Role::Pickup && !entity.data.grants && !entity.data.takes &&
                !isNamed(entity.id))
                continue;
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
        addWide(makeWords(count > 0 ? words : tr("Place a key or a switch, then choose it here."),
                          this));
        addWide(grid);
        auto* all = new Chip(tr("All pickups of the level"), this);
        all->setObjectName(QStringLiteral("opens-with-all"));
        connect(all, &QAbstractButton::clicked, this, [this](bool isOn) {
            change(tr("what opens"), [&](level::RoleData& d) { d.opensWithAllPickups = isOn; });
        });
        m_shows << [all](const Entity& e) { all->setChecked(e.data.opensWithAllPickups); };
        addWide(all);
    }
    [[nodiscard]] bool isNamed(const EntityId& id) const {
        const Entity* e = findEntity(*m_session.document.level(), m_id);
        return e && std::count(e->data.opens.begin(), e->data.opens.end(), id) > 0;
    }

    void addWordsOf(level::DoorManner manner, const QString& words) {
        QLabel* label = makeWords(words, this);
        addWide(label);
        m_shows <<
            [label, manner](const Entity& e) { label->setVisible(e.data.door.manner == manner); };
    }
    /// By which it counts in other levels, where the game carries keys.
    void addLetter() {
        QStringList letters{tr("no letter")};
        for (char letter = 'A'; letter <= 'Z'; ++letter)
            letters << QString(QLatin1Char(letter));
        addChoice(
            tr("Carried as"), "key-letter", letters,
            [](const level::RoleData& d) { return d.letter.empty() ? 0 : d.letter[0] - 'A' + 1; },
            [](level::RoleData& d, int at) {
                d.letter = at == 0 ? std::string() : std::string(1, char('A' + at - 1));
            })
            ->setToolTip(tr("Where the game carries keys, it opens what keys of this kind and "
                            "letter open in later levels."));
    }
    void addDoor() {
        addChoice(
            tr("Opens"), "door-manner", {tr("for good"), tr("for a time"), tr("one way only")},
            [](const auto& d) { return int(d.door.manner); },
            [](auto& d, int index) { d.door.manner = level::DoorManner(index); });
        showWhile(addWhole(
                      tr("For a time"), "door-ticks", tr("ticks"), 1, level::maxPeriodTicks,
                      [](const auto& d) { return d.door.ticks; },
                      [](auto& d, int value) { d.door.ticks = value; }),
                  [](const auto& d) { return d.door.manner == level::DoorManner::ForATime; });
        showWhile(addChoice(
                      tr("Lets through"), "door-passes",
                      {tr("to the left"), tr("to the right"), tr("upwards"), tr("downwards")},
                      [](const auto& d) { return int(d.door.passes); },
                      [](auto& d, int index) { d.door.passes = level::Facing(index); }),
                  [](const auto& d) { return d.door.manner == level::DoorManner::OneWay; });
        addWordsOf(level::DoorManner::ForATime,
                   tr("A switch opens it for so many ticks; a key or a pickup, once held, does "
                      "whenever one comes."));
        addWordsOf(level::DoorManner::OneWay,
                   tr("It opens for who comes up to it that way, and shuts behind them."));
    }

    static bool walksOrHangs(const level::RoleData& d) {
        return d.patrol.gait == level::Gait::Walks || d.patrol.gait == level::Gait::Hangs;
    }
    void addPatrol() {
        addChoice(
            tr("Goes"), "gait",
            {tr("nowhere"), tr("on floors"), tr("under ceilings"), tr("along its track")},
            [](const auto& d) { return int(d.patrol.gait); },
            [](auto& d, int index) { d.patrol.gait = level::Gait(index); });
        QWidget* speed =
            addDecimal(tr("Speed"), tr("the speed"), "patrol-speed", tr("px/tick"), 0.1, 16,
                       [](auto& d) -> level::Decimal& { return d.patrol.speed; });
        showWhile(speed, walksOrHangs);
        showWhile(addChoice(
                      tr("At an edge"), "turns-at-edges", {tr("it turns"), tr("it walks off")},
                      [](const auto& d) { return d.patrol.turnsAtEdges ? 0 : 1; },
                      [](auto& d, int index) { d.patrol.turnsAtEdges = index == 0; }),
                  walksOrHangs);
        showWhile(addText(
                      tr("Turns at px"), "turns-at", tr("across, with commas"),
                      [](const auto& d) { return textOfNumbers(d.patrol.turnsAt); },
                      [](auto& d, const QString& text) { d.patrol.turnsAt = numbersOf(text); }),
                  walksOrHangs);
        QWidget* mark = makeButton(tr("Add a turn mark"), QStringLiteral("add-turn"), this, [this] {
            const Entity* e = findEntity(*m_session.document.level(), m_id);
            if (!e) return;
            const int way = e->facing == level::Facing::Left ? -1 : 1;
            const int at =
                e->box.x + e->box.width / 2 + way * 3 * m_session.document.level()->cellSize.width;
            change(tr("the turn marks"),
                   [at](level::RoleData& d) { d.patrol.turnsAt.push_back(at); });
        });
        mark->setToolTip(tr("Drag it on the board; the right button takes it away."));
        addWide(mark);
        showWhile(mark, walksOrHangs);
        showWhile(addWhole(
                      tr("Once round"), "foe-period", tr("ticks"), 1, level::maxPeriodTicks,
                      [](const auto& d) { return d.track.periodTicks; },
                      [](auto& d, int value) { d.track.periodTicks = value; }),
                  [](const auto& d) { return d.patrol.gait == level::Gait::Flies; });
    }

    void addThrower() {
        addWhole(
            tr("A shot every"), "thrower-every", tr("ticks"), 1, level::maxPeriodTicks,
            [](const auto& d) { return d.thrower.everyTicks; },
            [](auto& d, int value) {
                d.thrower.everyTicks = value;
                d.thrower.first = std::min(d.thrower.first, value - 1);
            });
        addWhole(
            tr("The first at tick"), "thrower-first", {}, 0, level::maxPeriodTicks - 1,
            [](const auto& d) { return d.thrower.first; },
            [](auto& d, int value) { d.thrower.first = value; });
        const double fast = level::maxShotPace / 1000.0;
        addDecimal(
            tr("To the right"), tr("the shot"), "shot-dx", tr("px/tick"), 0.25, fast,
            [](auto& d) -> level::Decimal& { return d.thrower.shot.dx; }, -fast);
        addDecimal(
            tr("Down"), tr("the shot"), "shot-dy", tr("px/tick"), 0.25, fast,
            [](auto& d) -> level::Decimal& { return d.thrower.shot.dy; }, -fast);
        addWhole(
            tr("It flies for"), "shot-life", tr("ticks"), 1, level::maxShotTicks,
            [](const auto& d) { return d.thrower.shot.lifeTicks; },
            [](auto& d, int value) { d.thrower.shot.lifeTicks = value; });
        addWhole(
            tr("Wide"), "shot-width", tr("px"), 1, level::maxShotPx,
            [](const auto& d) { return d.thrower.shot.width; },
            [](auto& d, int value) { d.thrower.shot.width = value; });
        addWhole(
            tr("High"), "shot-height", tr("px"), 1, level::maxShotPx,
            [](const auto& d) { return d.thrower.shot.height; },
            [](auto& d, int value) { d.thrower.shot.height = value; });
        addWide(makeWords(tr("Drag the end of its line on the board: where shots fly, and how far. "
                             "Walls, doors and the level's edge end them."),
                          this));
    }

    void addFormation() {
        QStringList kinds{tr("no kind yet")};
        for (const level::Kind& kind : m_session.document.project().kinds)
            kinds << QString::fromStdString(kind.title);
        addChoice(
            tr("Of"), "formation-member", kinds,
            [this](const auto& d) {
                const auto& list = m_session.document.project().kinds;
                for (std::size_t i = 0; i < list.size(); ++i)
                    if (list[i].id == d.formation.member) return int(i) + 1;
                return 0;
            },
            [this](auto& d, int index) {
                d.formation.member =
                    index == 0 ? KindId()
                               : m_session.document.project().kinds[std::size_t(index - 1)].id;
            });
        addChoice(
            tr("On a"), "formation-shape", {tr("ring"), tr("arc"), tr("line"), tr("grid")},
            [](const auto& d) { return int(d.formation.shape); },
            [](auto& d, int index) { d.formation.shape = level::FormationShape(index); });
        addWhole(
            tr("Places"), "formation-count", {}, 1, level::maxFormation,
            [](const auto& d) { return d.formation.count; },
            [](auto& d, int value) {
                d.formation.count = value;
                std::erase_if(d.formation.gaps, [&](int gap) { return gap >= value; });
            });
        addText(
            tr("Empty places"), "formation-gaps", tr("from 1, with commas"),
            [](const auto& d) {
                std::vector<int> gaps = d.formation.gaps;
                for (int& gap : gaps)
                    ++gap;
                return textOfNumbers(gaps);
            },
            [](auto& d, const QString& text) {
                d.formation.gaps = numbersOf(text);
                for (int& gap : d.formation.gaps)
                    --gap;
            });
        addWhole(
            tr("Radius or step"), "formation-distance", tr("px"), 0, 4096,
            [](const auto& d) { return d.formation.distance; },
            [](auto& d, int value) { d.formation.distance = value; });
        showWhile(addWhole(
                      tr("Columns of a grid"), "formation-columns", {}, 1, level::maxFormation,
                      [](const auto& d) { return d.formation.columns; },
                      [](auto& d, int value) { d.formation.columns = value; }),
                  [](const auto& d) { return d.formation.shape == level::FormationShape::Grid; });
        showWhile(addWhole(
                      tr("An arc of"), "formation-arc", tr("degrees"), 1, 360,
                      [](const auto& d) { return d.formation.arcDegrees; },
                      [](auto& d, int value) { d.formation.arcDegrees = value; }),
                  [](const auto& d) { return d.formation.shape == level::FormationShape::Arc; });
        addWhole(
            tr("Once round"), "formation-period", tr("ticks"), 0, level::maxPeriodTicks,
            [](const auto& d) { return d.formation.periodTicks; },
            [](auto& d, int value) { d.formation.periodTicks = value; });
        addChoice(
            tr("Turns"), "formation-way", {tr("clockwise"), tr("the other way")},
            [](const auto& d) { return d.formation.isClockwise ? 0 : 1; },
            [](auto& d, int index) { d.formation.isClockwise = index == 0; });
    }

    /// Calls as text, "enter: light > lamp-1; leave: dark".
    void addTrigger() {
        addChoice(
            tr("Calls"), "trigger-once", {tr("each time"), tr("once")},
            [](const auto& d) { return d.trigger.once ? 1 : 0; },
            [](auto& d, int index) { d.trigger.once = index == 1; });
        for (const auto when :
             {level::CallWhen::Enter, level::CallWhen::Leave, level::CallWhen::Use}) {
            const QString names[] = {tr("On entering"), tr("On leaving"), tr("On use")};
            addText(
                names[int(when)], (std::string("calls-") + std::string(nameOf(when))).c_str(),
                tr("light > lamp-1, dark"),
                [when](const auto& d) {
                    QStringList parts;
                    for (const level::Call& call : d.trigger.calls)
                        if (call.when == when)
                            parts << QString::fromStdString(
                                call.message +
                                (call.target.isEmpty() ? "" : " > " + call.target.text));
                    return parts.join(QStringLiteral(", "));
                },
                [when](auto& d, const QString& text) {
                    std::erase_if(d.trigger.calls,
                                  [&](const level::Call& call) { return call.when == when; });
                    for (const QString& part : text.split(u',', Qt::SkipEmptyParts))
                        d.trigger.calls.push_back(
                            {when,
                             part.section(u'>', 0, 0).trimmed().toStdString(),
                             {part.section(u'>', 1, 1).trimmed().toStdString()}});
                });
        }
        addWide(makeWords(tr("Messages for the game, or with > for an entity."), this));
    }

    void addAbility(const QString& name, const char* object,
                    std::optional<level::Ability> level::RoleData::*member) {
        QStringList names{tr("nothing")};
        for (int i = 0; i < level::abilityCount; ++i)
            names << textOf(level::nameOf(static_cast<level::Ability>(i))).replace(u'-', u' ');
        addChoice(
            name, object, names,
            [member](const auto& d) { return d.*member ? int(*(d.*member)) + 1 : 0; },
            [member](auto& d, int index) {
                (d.*member).reset();
                if (index > 0) d.*member = static_cast<level::Ability>(index - 1);
            });
    }
    void addGrants() {
        addAbility(tr("Grants"), "grants", &level::RoleData::grants);
        addAbility(tr("Takes away"), "takes", &level::RoleData::takes);
        addWhole(
            tr("Lasts"), "grant-ticks", tr("ticks"), 0, level::maxPeriodTicks,
            [](const auto& d) { return d.grantTicks; },
            [](auto& d, int value) { d.grantTicks = value; });
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
        auto* bar = new TimetableBar(this);
        m_shows << [bar](const Entity& e) { bar->setTimes(e.data.timetable); };
        addWide(bar);
        const auto isTimed = [](const level::RoleData& d) { return d.timetable.has_value(); };
        showWhile(addWhole(
                      tr("Period"), "period", tr("ticks"), 1, level::maxPeriodTicks,
                      [](const auto& d) { return d.timetable ? d.timetable->periodTicks : 1; },
                      [](auto& d, int value) {
                          if (d.timetable) d.timetable->periodTicks = value;
                      }),
                  isTimed);
        QLineEdit* on = addText(
            tr("On in ticks"), "on-times", tr("0-60, 90-100"),
            [](const auto& d) { return d.timetable ? textOfSpans(d.timetable->on) : QString(); },
            [this](auto& d, const QString& text) {
                if (!d.timetable) return;
                if (auto spans = spansOf(text))
                    d.timetable->on = *spans;
                else
                    m_session.say(tr("\"%1\" does not say when it is on: write the first tick and "
                                     "the one after the last, as in 0-60, 90-100.")
                                      .arg(text));
            });
        on->setToolTip(tr("Each from its first tick to the one after its last."));
        showWhile(on, isTimed);
    }
    void addHeight(const QString& name, const char* id,
                   level::Decimal level::SpringHeights::*field) {
        addDecimal(name, name, id, tr("cells"), 0.5, 1000,
                   [field](auto& d) -> level::Decimal& { return d.spring.*field; });
    }
    void addSpring() {
        addHeight(tr("Held"), "spring-high", &level::SpringHeights::high);
        addHeight(tr("Let go"), "spring-low", &level::SpringHeights::low);
        addWhole(
            tr("Push to the right"), "spring-push", tr("px/tick"), -level::maxSpringPushPx,
            level::maxSpringPushPx, [](const auto& d) { return d.spring.pushDx; },
            [](auto& d, int value) { d.spring.pushDx = value; });
    }

    /// Whether a track is what the two fields can say: across, then up or down.
    static bool isCorner(const std::vector<PxPoint>& points) {
        if (points.size() > 2) return false;
        if (points.size() == 2) return points[0].y == 0 && points[1].x == points[0].x;
        return points.empty() || points[0].x == 0 || points[0].y == 0;
    }
    /// Across, then up or down, and back; of a longer track the fields move the end alone.
    void addTrack() {
        const auto last = [](const level::RoleData& d) {
            return d.track.points.empty() ? PxPoint{} : d.track.points.back();
        };
        const auto setLast = [last](level::RoleData& d, auto&& set) {
            PxPoint end = last(d);
            set(end);
            if (!isCorner(d.track.points)) {
                d.track.points.back() = end;
                return;
            }
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
    /// By a period or by a pace, with waits, evenly or gathering speed.
    void addTiming() {
        QWidget* period = findChild<QWidget*>(QStringLiteral("track-period"));
        const auto hasPace = [](const level::RoleData& d) { return d.track.pace.thousandths > 0; };
        showWhile(period, [hasPace](const auto& d) { return !hasPace(d); });
        addChoice(
            tr("Its time"), "track-by", {tr("by the round"), tr("by its pace")},
            [hasPace](const auto& d) { return hasPace(d) ? 1 : 0; },
            [](auto& d, int index) {
                // What it does now goes on, as nearly as it can be said the other way.
                if (index == 0)
                    d.track.periodTicks = int(std::min<std::int64_t>(level::periodOf(d.track),
                                                                     level::maxPeriodTicks));
                d.track.pace = {index == 0 ? 0 : 1000};
            });
        showWhile(addDecimal(
                      tr("Pace"), tr("the pace"), "track-pace", tr("px/tick"), 0.1,
                      level::maxMoverPace / 1000.0,
                      [](auto& d) -> level::Decimal& { return d.track.pace; }),
                  hasPace);
        addText(
            tr("Waits"), "track-waits", tr("ticks a point, with commas"),
            [](const auto& d) { return textOfNumbers(d.track.waits); },
            [](auto& d, const QString& text) { d.track.waits = numbersOf(text); })
            ->setToolTip(tr("At its own place first, then at each point; at every passing."));
        addChoice(
            tr("Goes"), "track-ease", {tr("evenly"), tr("gathering speed")},
            [](const auto& d) { return int(d.track.ease); },
            [](auto& d, int index) { d.track.ease = level::Ease(index); });
    }
};

}  // namespace

PanelSection* makeRoleSection(level::Role role, const EntityId& id, Session& session,
                              QWidget* parent) {
    return new RoleSection(role, id, session, parent);
}

}  // namespace rook::app
