#include <QGridLayout>
#include <QLabel>

#include "app/steps/cast/way_rows.h"
#include "app/steps/cast/zone_map.h"
#include "app/ui/buttons.h"
#include "app/ui/number_text.h"
#include "app/ui/theme.h"
#include "app/ui/words.h"
#include "level/names.h"

namespace rook::app {

namespace {

using level::Entity;
using level::Role;

/// What an entity's role has: what opens it, when it is on, how high it throws, where it goes.
class RoleSection : public WayRows {
public:
    RoleSection(Role role, const EntityId& id, Session& session, QWidget* parent)
        : WayRows(tr("Role"), told(level::nameOf(role)), id, session, parent) {
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
                entity.data.movesAs.empty() && !isNamed(entity.id))
                continue;
            auto* chip = new Chip(QString::fromStdString(entity.id.text), rowsHolder());
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
        auto* all = new Chip(tr("All pickups of the level"), rowsHolder());
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
            tr("Opens"), "door-manner",
            {tr("for good"), tr("for a time"), tr("one way only"), tr("as one comes near"),
             tr("at first, then shuts"), tr("for who uses it")},
            [](const auto& d) { return int(d.door.manner); },
            [](auto& d, int index) { d.door.manner = level::DoorManner(index); });
        showWhile(addWhole(
                      tr("For a time"), "door-ticks", tr("ticks"), 0, level::maxPeriodTicks,
                      [](const auto& d) { return d.door.ticks; },
                      [](auto& d, int value) { d.door.ticks = value; }),
                  [](const auto& d) {
                      return d.door.manner == level::DoorManner::ForATime ||
                             d.door.manner == level::DoorManner::OnApproach ||
                             d.door.manner == level::DoorManner::OnUse;
                  });
        showWhile(addChoice(
                      tr("Lets through"), "door-passes",
                      {tr("to the left"), tr("to the right"), tr("upwards"), tr("downwards")},
                      [](const auto& d) { return int(d.door.passes); },
                      [](auto& d, int index) { d.door.passes = level::Facing(index); }),
                  [](const auto& d) { return d.door.manner == level::DoorManner::OneWay; });
        addWordsOf(level::DoorManner::ForATime,
                   tr("A switch opens it for so many ticks; a key or a pickup, once held, does "
                      "whenever one comes."));
        addWordsOf(level::DoorManner::OnApproach,
                   tr("It opens for who is within a px of it, for so many ticks after; 0: for as "
                      "long as somebody is there."));
        addWordsOf(level::DoorManner::OnUse,
                   tr("It opens for who uses it within a px of it, for so many ticks after; 0: for "
                      "as long as somebody is there."));
        addWordsOf(level::DoorManner::Shuts,
                   tr("It is open until one has all that it names, and is off it; then it is shut "
                      "for good."));
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
            names << told(level::nameOf(static_cast<level::Ability>(i))).replace(u'-', u' ');
        addChoice(
            name, object, names,
            [member](const auto& d) { return d.*member ? int(*(d.*member)) + 1 : 0; },
            [member](auto& d, int index) {
                (d.*member).reset();
                if (index > 0) d.*member = static_cast<level::Ability>(index - 1);
            });
    }
    /// Profiles of bodies as large as the level's own.
    void addMovesAs() {
        const level::Project& project = m_session.document.project();
        const level::MotionProfile* own = project.profileOf(*m_session.document.level());
        const Entity* entity = findEntity(*m_session.document.level(), m_id);
        QStringList names{tr("no other profile")};
        for (const level::MotionProfile& profile : project.profiles)
            if ((own && profile.isAsLargeAs(*own)) ||
                (entity && entity->data.movesAs == profile.name))
                names << QString::fromStdString(profile.name);
        addChoice(
            tr("Moves as"), "moves-as", names,
            [names](const auto& d) {
                return d.movesAs.empty() ? 0
                                         : int(names.indexOf(QString::fromStdString(d.movesAs), 1));
            },
            [names](auto& d, int index) {
                d.movesAs = index <= 0 ? std::string() : names[index].toStdString();
            })
            ->setToolTip(tr("While it is held one moves by that profile: its body is as large. "
                            "Profiles are made in Prove, under Motion."));
    }
    void addGrants() {
        addAbility(tr("Grants"), "grants", &level::RoleData::grants);
        addAbility(tr("Takes away"), "takes", &level::RoleData::takes);
        addMovesAs();
        addWhole(
            tr("Lasts"), "grant-ticks", tr("ticks"), 0, level::maxPeriodTicks,
            [](const auto& d) { return d.grantTicks; },
            [](auto& d, int value) { d.grantTicks = value; });
    }

    void addTimetable() {
        auto* chip = new Chip(tr("at times only"), rowsHolder());
        chip->setObjectName(QStringLiteral("timed"));
        connect(chip, &QAbstractButton::clicked, this, [this](bool isOn) {
            change(tr("the timetable"), [&](level::RoleData& d) {
                d.timetable.reset();
                if (isOn) d.timetable = runtime::Timetable{120, {{0, 60}}};
            });
        });
        m_shows << [chip](const Entity& e) { chip->setChecked(e.data.timetable.has_value()); };
        addControl(tr("Deadly"), chip);
        auto* bar = new TimetableBar(rowsHolder());
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
};

}  // namespace

PanelSection* makeRoleSection(level::Role role, const EntityId& id, Session& session,
                              QWidget* parent) {
    return new RoleSection(role, id, session, parent);
}

}  // namespace rook::app
