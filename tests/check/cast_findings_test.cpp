/// Findings about what is placed, each with a border case beside it.

#include "cast/behaviour.h"
#include "check/audit.h"
#include "check/cast.h"
#include "level/kind_edits.h"
#include "reach/prove.h"
#include "reach/replay.h"
#include "testing.h"

namespace rook::cast_findings_test {

using check::FindingKind;
using level::Cell;
using level::Entity;
using level::FieldDefinition;
using level::FieldType;
using level::MatterId;
using level::Role;

namespace {

level::Kind kindOf(const char* id, Role role, int width = 16, int height = 16) {
    level::Kind kind;
    kind.id = {id};
    kind.title = id;
    kind.role = role;
    kind.width = width;
    kind.height = height;
    return kind;
}

level::Project project() {
    level::Project project = testing::smallProject();
    level::Kind crab = kindOf("crab", Role::Foe, 14, 10);
    FieldDefinition speed;
    speed.name = "speed";
    speed.type = FieldType::Number;
    speed.defaultValue = level::Decimal{1000};
    speed.low = level::Decimal{500};
    speed.high = level::Decimal{3000};
    FieldDefinition mood;
    mood.name = "mood";
    mood.type = FieldType::Choice;
    mood.choices = {"calm", "cross"};
    mood.defaultValue = std::string("calm");
    FieldDefinition home;
    home.name = "home";
    home.type = FieldType::Entity;
    home.of = {"lantern"};
    FieldDefinition name;
    name.name = "name";
    name.isNeeded = true;
    name.defaultValue = std::string("Pinch");
    crab.fields = {speed, mood, home, name};
    crab.standing = level::Standing::Floor;
    crab.atMost = 2;
    project.kinds.edit([&](auto& list) {
        list.push_back(crab);
        list.push_back(kindOf("wheel", Role::Key));
        list.push_back(kindOf("hoist", Role::Mover, 32, 8));
        list.push_back(kindOf("ring", Role::Formation));
        list.push_back(kindOf("lever", Role::Trigger));
    });
    return project;
}

level::Level room(const level::Project& project) {
    return testing::drawnLevel(
        project, {"....................", "....................", "....................",
                  "....................", "S..o..............X.", "####################"});
}

Entity crabAt(int x, int footY) {
    Entity crab;
    crab.id = {"crab-1"};
    crab.kind = {"crab"};
    crab.box = {x, footY - 10, 14, 10};
    return crab;
}

level::Level with(level::Level level, const Entity& entity) {
    level.entities.edit([&](auto& list) { list.push_back(entity); });
    return level;
}

std::vector<FindingKind> kindsOf(const std::vector<check::Finding>& findings) {
    std::vector<FindingKind> kinds;
    for (const check::Finding& finding : findings)
        kinds.push_back(finding.kind);
    return kinds;
}

reach::Answer answerOf(const level::Project& project, const level::Level& level) {
    return reach::answer(*reach::queryOf(project, level));
}

}  // namespace

class CastFindingsTest : public QObject {
    Q_OBJECT
private slots:
    void wellPlaced_isNotTold();
    void fields_areHeldToTheirDefinitions();
    void references_thatDangle_areTold();
    void limitsPlacesAndStanding_areTold_andSetDownByAFix();
    void keysAndTriggers_areHeldToWhatTheyName();
    void patrols_thatGoWrong_areTold();
    void movers_inWalls_crushing_andNotReached();
    void formations_withoutAKind_orAGap();
    void run_thatMeetsAFoe_isTold_whereItDoes();
    void proof_waitsForAFoe_whereThatHelps();
    void exit_thatOneCanPassBy_isNoted();
    void zones_areHeldToReachAndScreens();
};

void CastFindingsTest::wellPlaced_isNotTold() {
    const level::Project all = project();
    QVERIFY(check::castFindings(all, with(room(all), crabAt(100, 80))).empty());
}

void CastFindingsTest::fields_areHeldToTheirDefinitions() {
    const level::Project all = project();
    const auto told = [&](const char* field, level::FieldValue value) {
        Entity crab = crabAt(100, 80);
        setField(crab, field, std::move(value));
        return kindsOf(check::castFindings(all, with(room(all), crab)));
    };
    const std::vector<FindingKind> none;
    const std::vector<FindingKind> out{FindingKind::FieldOutOfRange};
    QCOMPARE(told("speed", level::Decimal{500}), none);
    QCOMPARE(told("speed", level::Decimal{499}), out);
    QCOMPARE(told("speed", level::Decimal{3000}), none);
    QCOMPARE(told("speed", level::Decimal{3001}), out);
    QCOMPARE(told("mood", std::string("cross")), none);
    QCOMPARE(told("mood", std::string("mellow")), out);
    QCOMPARE(told("name", std::string()), (std::vector{FindingKind::FieldEmpty}));
}

void CastFindingsTest::references_thatDangle_areTold() {
    const level::Project all = project();
    const auto told = [&](const char* id) {
        Entity crab = crabAt(100, 80);
        setField(crab, "home", std::string(id));
        return kindsOf(check::castFindings(all, with(room(all), crab)));
    };
    QVERIFY(told("lantern-1").empty());
    QVERIFY(told("").empty());
    QCOMPARE(told("lantern-9"), (std::vector{FindingKind::DanglingReference}));
    QCOMPARE(told("keeper-1"), (std::vector{FindingKind::DanglingReference}));
}

void CastFindingsTest::limitsPlacesAndStanding_areTold_andSetDownByAFix() {
    level::Project all = project();
    const level::Level base = room(all);
    const level::Level floating = with(base, crabAt(100, 60));
    const auto findings = check::castFindings(all, floating);
    QCOMPARE(kindsOf(findings), (std::vector{FindingKind::StandingBroken}));
    const auto fixed = check::fixOf(all, floating, findings[0]);
    QVERIFY(fixed.has_value());
    QVERIFY(check::castFindings(all, fixed->level).empty());
    Entity outside = crabAt(100, 80);
    outside.box.x = -20;
    QCOMPARE(kindsOf(check::castFindings(all, with(base, outside))),
             (std::vector{FindingKind::OutsideLevel}));
    level::Level many = base;
    for (int i = 0; i < 3; ++i) {
        Entity crab = crabAt(100 + 20 * i, 80);
        crab.id = {"crab-" + std::to_string(i)};
        many = with(many, crab);
    }
    QCOMPARE(kindsOf(check::castFindings(all, many)), (std::vector{FindingKind::TooManyOfKind}));
    all.kinds.edit([](auto& list) {
        for (level::Kind& kind : list)
            if (kind.id.text == "wheel") kind.atLeast = 1;
    });
    QCOMPARE(kindsOf(check::castFindings(all, base)), (std::vector{FindingKind::TooFewOfKind}));
    Entity twin = crabAt(100, 80);
    twin.id = {"crab-2"};
    QVERIFY(kindsOf(check::castFindings(project(), with(with(base, crabAt(100, 80)), twin)))[0] ==
            FindingKind::SamePlaceTwice);
}

void CastFindingsTest::keysAndTriggers_areHeldToWhatTheyName() {
    const level::Project all = project();
    Entity wheel;
    wheel.id = {"wheel-1"};
    wheel.kind = {"wheel"};
    wheel.box = {60, 40, 16, 16};
    QCOMPARE(kindsOf(check::castFindings(all, with(room(all), wheel))),
             (std::vector{FindingKind::KeyWithoutDoor}));
    Entity lever = wheel;
    lever.id = {"lever-1"};
    lever.kind = {"lever"};
    lever.data.trigger.calls = {{level::CallWhen::Enter, "on", {"lantern-1"}}};
    QVERIFY(check::castFindings(all, with(room(all), lever)).empty());
    lever.data.trigger.calls[0].target = {"lantern-7"};
    QCOMPARE(kindsOf(check::castFindings(all, with(room(all), lever))),
             (std::vector{FindingKind::DanglingReference}));
}

void CastFindingsTest::patrols_thatGoWrong_areTold() {
    const level::Project all = project();
    level::Level level = room(all);
    const reach::Answer answer = answerOf(all, level);
    Entity crab = crabAt(100, 80);
    crab.data.patrol.gait = level::Gait::Walks;
    QVERIFY(check::behaviourFindings(all, with(level, crab), answer).empty());
    level.cells.set(10, 4, Cell(MatterId{5}));
    const auto deadly = check::behaviourFindings(all, with(level, crab), answer);
    QCOMPARE(kindsOf(deadly), (std::vector{FindingKind::PatrolBroken}));
    QVERIFY(deadly[0].place.x > 130);
    crab.data.patrol.gait = level::Gait::Hangs;
    QCOMPARE(kindsOf(check::behaviourFindings(all, with(level, crab), answer)),
             (std::vector{FindingKind::PatrolBroken}));
}

void CastFindingsTest::movers_inWalls_crushing_andNotReached() {
    const level::Project all = project();
    level::Level level = testing::drawnLevel(
        all, {"....................", "....................", "....................",
              "....................", "....................", "....................",
              "....................", "S.................X.", "####################"});
    Entity hoist;
    hoist.id = {"hoist-1"};
    hoist.kind = {"hoist"};
    hoist.box = {96, 112, 32, 8};
    hoist.data.track.points = {{0, -48}};
    const auto told = [&](const level::Level& now) {
        return kindsOf(check::behaviourFindings(all, now, answerOf(all, now)));
    };
    QVERIFY(told(with(level, hoist)).empty());
    level::Level low = level;
    low.cells.fillRect({5, 2, 4, 1}, Cell(MatterId{1}));
    QCOMPARE(told(with(low, hoist)), (std::vector{FindingKind::MoverCrushes}));
    low.cells.fillRect({5, 4, 4, 1}, Cell(MatterId{1}));
    QCOMPARE(told(with(low, hoist)), (std::vector{FindingKind::MoverInWall}));
    hoist.box.y = 16;
    hoist.data.track.points = {{64, 0}};
    QCOMPARE(told(with(level, hoist)), (std::vector{FindingKind::MoverNotReached}));
    // While only what is sure is known, nobody says so.
    const auto query = reach::queryOf(all, with(level, hoist));
    QVERIFY(query.has_value());
    const reach::Answer sure = reach::answer(*query, {}, nullptr, reach::Extent::Sure);
    QVERIFY(sure.onCells().reached.isOnlySure);
    QVERIFY(check::behaviourFindings(all, with(level, hoist), sure).empty());
}

void CastFindingsTest::formations_withoutAKind_orAGap() {
    const level::Project all = project();
    const level::Level level = room(all);
    const reach::Answer answer = answerOf(all, level);
    Entity ring;
    ring.id = {"ring-1"};
    ring.kind = {"ring"};
    ring.box = {150, 30, 16, 16};
    QCOMPARE(kindsOf(check::behaviourFindings(all, with(level, ring), answer)),
             (std::vector{FindingKind::FormationBroken}));
    ring.data.formation.member = {"crab"};
    ring.data.formation.count = 12;
    QCOMPARE(kindsOf(check::behaviourFindings(all, with(level, ring), answer)),
             (std::vector{FindingKind::FormationTight}));
    ring.data.formation.gaps = {0, 1, 2, 3, 4};
    ring.data.formation.periodTicks = 600;
    QVERIFY(check::behaviourFindings(all, with(level, ring), answer).empty());
}

void CastFindingsTest::run_thatMeetsAFoe_isTold_whereItDoes() {
    const level::Project all = project();
    const level::Level level = room(all);
    const auto query = reach::queryOf(all, level);
    const reach::RunFinder finder(query->problem, {});
    const auto proof = reach::proveRun(*query, finder);
    QVERIFY(proof.run.has_value());
    Entity crab = crabAt(120, 80);
    crab.data.patrol.gait = level::Gait::Walks;
    crab.facing = level::Facing::Left;
    const auto met = check::meetingFindings(all, with(level, crab), *query, *proof.run);
    // By hand: the first tick in which the boxes overlap.
    const auto way = cast::wayOf(all, level, query->problem.tables, crab);
    int first = -1;
    for (std::size_t tick = 0; tick < proof.run->bodies.size() && first < 0; ++tick) {
        const runtime::Body& body = proof.run->bodies[tick];
        if (overlaps(way.at(int(tick)), runtime::Box{body.x, body.y, 12, 22})) first = int(tick);
    }
    QCOMPARE(met.size(), std::size_t(first >= 0 ? 1 : 0));
    QVERIFY(first > 0);
    QVERIFY(met[0].sentence.find(std::to_string(first) + " ticks") != std::string::npos);
    // One that keeps still is in the way, too.
    crab.data.patrol.gait = level::Gait::Still;
    QCOMPARE(check::meetingFindings(all, with(level, crab), *query, *proof.run).size(),
             std::size_t{1});
}

void CastFindingsTest::proof_waitsForAFoe_whereThatHelps() {
    const level::Project all = project();
    Entity gate;
    gate.id = {"ring-1"};
    gate.kind = {"ring"};
    gate.box = {160, 64, 16, 16};
    gate.data.formation.member = {"crab"};
    gate.data.formation.shape = level::FormationShape::Line;
    gate.data.formation.count = 1;
    gate.data.formation.shift = {0, -60};
    gate.data.formation.periodTicks = 600;
    const level::Level level = with(room(all), gate);
    const auto query = reach::queryOf(all, level);
    const reach::RunFinder finder(query->problem, {});
    const auto foes = reach::foesOf(all, level, query->problem.tables);
    QCOMPARE(foes.size(), std::size_t{1});
    const auto plain = reach::proveRun(*query, finder);
    const auto clear = reach::proveRun(*query, finder, foes);
    QVERIFY(plain.run && clear.run);
    QVERIFY(!check::meetingFindings(all, level, *query, *plain.run).empty());
    QVERIFY(check::meetingFindings(all, level, *query, *clear.run).empty());
    QVERIFY(clear.run->ticks() > plain.run->ticks());
    // It is a run of the level as it is: the stepper without foes replays it, too.
    QVERIFY(reach::replays(query->problem, *clear.run, query->goals[1].box) ||
            reach::replays(query->problem, *clear.run, query->goals[0].box));
    // Where it never leaves the way, no waiting helps, and the finding stays.
    level::Level shut = level;
    shut.entities.edit([](auto& list) { list.back().data.formation.periodTicks = 0; });
    shut.cells.fillRect({8, 0, 5, 3}, Cell(MatterId{1}));
    const auto asked = reach::queryOf(all, shut);
    const auto met = reach::proveRun(*asked, reach::RunFinder(asked->problem, {}),
                                     reach::foesOf(all, shut, asked->problem.tables));
    QVERIFY(met.run.has_value());
    QCOMPARE(kindsOf(check::meetingFindings(all, shut, *asked, *met.run)),
             (std::vector{FindingKind::RunMeetsFoe}));
    QVERIFY2(met.hasNoWayRound, "it fills the only way");
    // With a second way, that is taken.
    level::Level two = testing::drawnLevel(
        all, {"....................", "....................", ".....========.......",
              "....=...............", "S.................X.", "####################"});
    two.entities.append(gate);
    two.entities.edit([](auto& list) {
        list.back().box.y = 76;
        list.back().data.formation.periodTicks = 0;
    });
    const auto other = reach::queryOf(all, two);
    const auto round = reach::proveRun(*other, reach::RunFinder(other->problem, {}),
                                       reach::foesOf(all, two, other->problem.tables));
    QVERIFY(round.run && !round.hasNoWayRound);
    QVERIFY(check::meetingFindings(all, two, *other, *round.run).empty());
}

void CastFindingsTest::exit_thatOneCanPassBy_isNoted() {
    const level::Project all = project();
    const auto told = [&](const std::vector<std::string>& rows) {
        const level::Level level = testing::drawnLevel(all, rows);
        return kindsOf(check::behaviourFindings(all, level, answerOf(all, level)));
    };
    const std::string open(30, '.');
    const std::string floor(30, '#');
    std::string middle = open, end = open;
    middle[0] = end[0] = 'S';
    middle[15] = 'X';
    end[28] = 'X';
    QCOMPARE(told({open, open, open, middle, floor}), (std::vector{FindingKind::ExitPassedBy}));
    // Its fix reaches from the ceiling to the floor.
    const level::Level passed = testing::drawnLevel(all, {floor, open, open, open, middle, floor});
    const auto found = check::behaviourFindings(all, passed, answerOf(all, passed));
    QCOMPARE(found.size(), std::size_t(1));
    const auto fixed = check::fixOf(all, passed, found[0]);
    QVERIFY(fixed);
    QCOMPARE(level::findEntity(fixed->level, {"gate-1"})->box, (PxRect{240, 16, 16, 64}));
    QVERIFY(
        kindsOf(check::behaviourFindings(all, fixed->level, answerOf(all, fixed->level))).empty());
    QVERIFY(told({open, open, open, end, floor}).empty());
    QVERIFY(told({floor, open, middle, floor}).empty());
}

void CastFindingsTest::zones_areHeldToReachAndScreens() {
    level::Project all = project();
    level::Level level = room(all);
    level.cells = Grid<Cell>(100, 40);
    level.cells.fillRect({0, 39, 100, 1}, Cell(MatterId{1}));
    level.cells.fillRect({48, 0, 2, 40}, Cell(MatterId{1}));
    level.entities.edit([](auto& list) {
        for (Entity& entity : list)
            entity.box.y = 39 * 16 - entity.box.height;
    });
    level::Zone left;
    left.id = {"left"};
    left.name = "left";
    left.place = {0, 0, 24, 40};
    level::Zone middle = left;
    middle.id = {"middle"};
    middle.name = "middle";
    middle.place = {24, 0, 24, 40};
    level::Zone right = left;
    right.id = {"right"};
    right.name = "right";
    right.place = {50, 0, 50, 40};
    level.zones = std::vector{left, middle, right};
    const reach::Answer answer = answerOf(all, level);
    const auto count = [&](FindingKind kind) {
        const auto kinds = kindsOf(check::zoneFindings(all, level, answer));
        return std::count(kinds.begin(), kinds.end(), kind);
    };
    QCOMPARE(count(FindingKind::ZoneNotReached), 1);   // behind the wall
    QCOMPARE(count(FindingKind::ZoneCameraSmall), 2);  // 384 px across
    QCOMPARE(count(FindingKind::ZoneUncovered), 0);
    QCOMPARE(count(FindingKind::ZonesOverlap), 0);
    level.zones.edit([](auto& list) { list[1].place = {26, 0, 22, 40}; });
    QCOMPARE(count(FindingKind::ZoneUncovered), 1);
    level.zones.edit([](auto& list) {
        list[1].place = {22, 0, 26, 40};
        list[0].camera = PxRect{0, 0, 600, 640};
        list[2].camera = PxRect{800, 0, 801, 640};
    });
    QCOMPARE(count(FindingKind::ZonesOverlap), 1);
    QCOMPARE(count(FindingKind::ZoneCameraShows), 1);  // out of the level; of what overlaps, none
    all.zoneBudget = 1;
    QVERIFY(count(FindingKind::ZoneOverBudget) > 0);
    all.zoneBudget = 5;
    QCOMPARE(count(FindingKind::ZoneOverBudget), 0);
}

ROOK_TEST(CastFindingsTest)

}  // namespace rook::cast_findings_test

#include "cast_findings_test.moc"
