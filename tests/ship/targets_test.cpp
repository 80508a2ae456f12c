// Targets: what a dry run tells, what is written, and what is never written over unseen.

#include "ship/shipment.h"

#include <QDir>
#include <QTemporaryDir>

#include "data.h"
#include "file/project_file.h"
#include "level/target_edits.h"
#include "ship/places.h"
#include "testing.h"

namespace rook::targets_test {

using level::Target;
using level::TargetFormat;
using ship::FileState;

class TargetsTest : public QObject {
    Q_OBJECT
private slots:
    void initTestCase();
    void init();
    void dryRun_writesNothing_andTellsWhatWouldBe();
    void whatIsTheSame_keepsItsTime();
    void whatIsNoMoreOfIt_goes();
    void whatSomebodyElseWroteOrChanged_isNotWrittenOver();
    void killed_atAnyOperation_isMendedByWritingAgain();
    void strangers_areLeftAlone();
    void bundle_isTheOneOfExport();
    void cancelled_writesNothing();
    void levels_areThoseThatAreNamed();
    void findings_ofSomeLevels_areThoseOfTheWholeGame();
    void targets_comeBackFromTheFile();
    void edits_keepNamesUnique_andFoldersNear();
    void levelsIds_areFollowed();
    void places_areOnePersons();
    void folder_isNeverTheProjects();

private:
    [[nodiscard]] ship::Shipment plan(const Target& target) const;
    [[nodiscard]] file::Path to() const { return m_folder->filePath("out").toStdString(); }
    [[nodiscard]] QString path(const char* name) const {
        return m_folder->filePath("out/" + QString(name));
    }
    void write(const Target& target) const;

    level::Project m_project;
    Target m_grids;
    std::unique_ptr<QTemporaryDir> m_folder;
};

namespace {

const file::Path demo = ROOK_SOURCE_DIR "/demo/lantern-weir";

Target targetOf(TargetFormat format, const char* name = "one") {
    Target target;
    target.name = name;
    target.format = format;
    return target;
}

FileState stateOf(const ship::Shipment& shipment, const std::string& path) {
    for (const ship::PlannedFile& each : shipment.planned)
        if (each.path == path) return each.state;
    return FileState::Foreign;
}

}  // namespace

void TargetsTest::initTestCase() {
    const auto project = file::openProject(file::diskStorage(), demo);
    QVERIFY2(project.has_value(), project ? "" : project.error().sentence().c_str());
    m_project = *project;
    m_grids = targetOf(TargetFormat::TextGrid, "grids");
}

void TargetsTest::init() {
    m_folder = std::make_unique<QTemporaryDir>();
}

ship::Shipment TargetsTest::plan(const Target& target) const {
    auto shipment = ship::planShipment({file::diskStorage(), m_project, demo, target}, to());
    if (!shipment) qFatal("%s", shipment.error().sentence().c_str());
    return std::move(*shipment);
}

void TargetsTest::write(const Target& target) const {
    const auto done = ship::writeShipment(file::diskStorage(), plan(target), false);
    if (!done) qFatal("%s", done.error().sentence().c_str());
}

void TargetsTest::dryRun_writesNothing_andTellsWhatWouldBe() {
    const auto before = plan(m_grids);
    QVERIFY(!QDir(m_folder->filePath("out")).exists());
    QCOMPARE(before.count(FileState::New), before.planned.size());
    QVERIFY(!before.isCurrent());
    QVERIFY(!before.made.notes.empty());  // boards of pieces and puzzles
    write(m_grids);
    const auto after = plan(m_grids);
    QVERIFY(after.isCurrent());
    for (const ship::PlannedFile& each : before.planned)
        QCOMPARE(testing::readBytes(path(each.path.c_str())).size(), qsizetype(each.bytes));
}

void TargetsTest::whatIsTheSame_keepsItsTime() {
    write(m_grids);
    const QDateTime old = QDateTime::currentDateTime().addDays(-3);
    QFile file(path("intake.txt"));
    QVERIFY(file.open(QIODevice::ReadWrite));
    QVERIFY(file.setFileTime(old, QFileDevice::FileModificationTime));
    file.close();
    // Another level changes.
    const level::Project former = m_project;
    level::Level level = *m_project.findLevel({"wheel-hall"});
    level.cells.set(3, 3, level::Cell({1}));
    m_project = m_project.withLevel(std::move(level));
    const auto next = plan(m_grids);
    QCOMPARE(stateOf(next, "wheel-hall.txt"), FileState::Changed);
    QCOMPARE(stateOf(next, "intake.txt"), FileState::Same);
    write(m_grids);
    QCOMPARE(QFileInfo(path("intake.txt")).lastModified().toSecsSinceEpoch(),
             old.toSecsSinceEpoch());
    m_project = former;
}

void TargetsTest::whatIsNoMoreOfIt_goes() {
    write(m_grids);
    Target one = m_grids;
    one.levels = {{"intake"}};
    const auto next = plan(one);
    QCOMPARE(stateOf(next, "wheel-hall.txt"), FileState::Gone);
    QVERIFY(QFile::exists(path("wheel-hall.txt")));
    write(one);
    QVERIFY(!QFile::exists(path("wheel-hall.txt")));
    QVERIFY(QFile::exists(path("intake.txt")));
    QVERIFY(plan(one).isCurrent());
    // What somebody changed since is theirs.
    write(m_grids);
    testing::writeBytes(path("wheel-hall.txt"), "mine now\n");
    write(one);
    QCOMPARE(testing::readBytes(path("wheel-hall.txt")), QByteArray("mine now\n"));
}

void TargetsTest::whatSomebodyElseWroteOrChanged_isNotWrittenOver() {
    QDir().mkpath(m_folder->filePath("out"));
    testing::writeBytes(path("intake.txt"), "notes of my own\n");
    auto shipment = plan(m_grids);
    QCOMPARE(stateOf(shipment, "intake.txt"), FileState::Foreign);
    auto refused = ship::writeShipment(file::diskStorage(), shipment, false);
    QVERIFY(!refused);
    QCOMPARE(refused.error().kind, ErrorKind::NotApplicable);
    QCOMPARE(testing::readBytes(path("intake.txt")), QByteArray("notes of my own\n"));
    QVERIFY(!QFile::exists(path("wheel-hall.txt")));  // all or nothing
    QVERIFY(ship::writeShipment(file::diskStorage(), shipment, true).has_value());
    QVERIFY(plan(m_grids).isCurrent());
    testing::writeBytes(path("intake.txt"), "edited there\n");
    shipment = plan(m_grids);
    QCOMPARE(stateOf(shipment, "intake.txt"), FileState::Edited);
    refused = ship::writeShipment(file::diskStorage(), shipment, false);
    QVERIFY(!refused && refused.error().remedy.find("Import") == 0);
}

void TargetsTest::killed_atAnyOperation_isMendedByWritingAgain() {
    Target two = m_grids;
    two.levels = {{"intake"}, {"leaky-reach"}};
    Target one = m_grids;
    one.levels = {{"intake"}};
    bool hasEnded = false;
    for (int operations = 0; !hasEnded && operations < 60; ++operations) {
        init();
        write(two);
        const auto shipment = plan(one);
        testing::DyingStorage dying(operations);
        hasEnded = ship::writeShipment(dying, shipment, false).has_value();
        // Each file is one of before or of after, whole.
        const QByteArray intake = testing::readBytes(path("intake.txt"));
        QCOMPARE(intake, QByteArray::fromStdString(shipment.made.files.at("intake.txt")));
        const auto again = plan(one);
        QVERIFY(!again.inTheWay());
        QVERIFY(ship::writeShipment(file::diskStorage(), again, false).has_value());
        QVERIFY(plan(one).isCurrent());
        QVERIFY(!QFile::exists(path("leaky-reach.txt")));
    }
    QVERIFY(hasEnded);
}

void TargetsTest::strangers_areLeftAlone() {
    QDir().mkpath(m_folder->filePath("out/art"));
    testing::writeBytes(path("art/hero.png"), "x");
    write(m_grids);
    write(targetOf(TargetFormat::Placements, "cast"));
    QVERIFY(QFile::exists(path("art/hero.png")));
    // Two targets in one folder do not take each other's files for their own.
    QVERIFY(plan(m_grids).isCurrent());
    QVERIFY(plan(targetOf(TargetFormat::Placements, "cast")).isCurrent());
}

void TargetsTest::bundle_isTheOneOfExport() {
    Target bundle = targetOf(TargetFormat::Bundle, "game");
    bundle.levels = {{"intake"}, {"keepers-quay"}};
    write(bundle);
    level::Project some = m_project;
    some.levels = {m_project.findLevel({"intake"}), m_project.findLevel({"keepers-quay"})};
    const QString other = m_folder->filePath("other");
    QVERIFY(file::exportBundle(file::diskStorage(), some, demo, other.toStdString()).has_value());
    QCOMPARE(testing::readBytes(path("manifest.json")),
             testing::readBytes(other + "/manifest.json"));
    QVERIFY(plan(bundle).isCurrent());
    // A folder that holds something else is refused before all the work.
    QTemporaryDir strange;
    testing::writeBytes(strange.filePath("a.txt"), "a");
    const auto refused = ship::planShipment({file::diskStorage(), m_project, demo, bundle},
                                            strange.path().toStdString());
    QVERIFY(!refused && refused.error().kind == ErrorKind::NotApplicable);
}

void TargetsTest::cancelled_writesNothing() {
    ship::Progress progress;
    progress.isCancelled = true;
    const auto shipment =
        ship::planShipment({file::diskStorage(), m_project, demo, m_grids, &progress}, to());
    QVERIFY(!shipment);
    QCOMPARE(progress.all.load(), int(m_project.levels.size()));
    QVERIFY(progress.done < progress.all);
}

void TargetsTest::levels_areThoseThatAreNamed() {
    Target some = m_grids;
    some.levels = {{"wheel-hall"}, {"nowhere"}};
    const auto shipment = plan(some);
    QVERIFY(shipment.made.files.contains("wheel-hall.txt"));
    QCOMPARE(shipment.made.files.size(), std::size_t(2));  // and its legend
    QVERIFY(shipment.made.notes.back().find("nowhere") != std::string::npos);
    // None that is there: nothing is written, rather than all.
    some.levels = {{"nowhere"}};
    QVERIFY(plan(some).made.files.empty());
}

void TargetsTest::findings_ofSomeLevels_areThoseOfTheWholeGame() {
    const level::Project former = m_project;
    std::erase_if(m_project.levels,
                  [](const auto& level) { return testing::leavesOut(level->id.text); });
    const auto restored = qScopeGuard([&] { m_project = former; });
    Target findings = targetOf(TargetFormat::Findings);
    findings.levels = {{"grain-loft"}};
    // It leads to a level that the target is not of, and not nowhere.
    const std::string text = plan(findings).made.files.at("findings.txt");
    QVERIFY2(text.find("leads nowhere") == std::string::npos, text.c_str());
    QVERIFY2(text.find("leaky-reach:") == std::string::npos, text.c_str());
    findings.levels = {{"leaky-reach"}};
    QVERIFY(plan(findings).made.files.at("findings.txt").find("leads nowhere") !=
            std::string::npos);
}

void TargetsTest::targets_comeBackFromTheFile() {
    QCOMPARE(m_project.targets.size(), std::size_t(9));
    const std::string text = file::projectText(m_project);
    file::BoardIds boards;
    const auto again = file::readProjectText(text, "rookplot.json", boards);
    QVERIFY(again && again->targets == m_project.targets);
    level::Project none = m_project;
    none.targets = {};
    QVERIFY(!(none == m_project));
    std::string broken = text;
    broken.replace(broken.find("../../out/ship/game"), 19, "/etc/ship/game/here");
    const auto refused = file::readProjectText(broken, "rookplot.json", boards);
    QVERIFY(!refused);
    QVERIFY(refused.error().what.find("absolute") != std::string::npos);
}

void TargetsTest::edits_keepNamesUnique_andFoldersNear() {
    auto edit = level::addTarget(m_project, TargetFormat::Plan, "../plans");
    QVERIFY(edit);
    edit = level::addTarget(edit->project, TargetFormat::Plan, "../plans");
    QVERIFY(edit && edit->project.findTarget("plan") && edit->project.findTarget("plan-2"));
    Target changed = *edit->project.findTarget("plan");
    changed.name = "plan-2";
    QVERIFY(!level::changeTarget(edit->project, "plan", changed));
    changed.name = "Plan 2";
    QVERIFY(!level::changeTarget(edit->project, "plan", changed));
    changed.name = "drawings";
    changed.to = "/elsewhere";
    QVERIFY(!level::changeTarget(edit->project, "plan", changed));
    changed.to = "../drawings";
    const auto done = level::changeTarget(edit->project, "plan", changed);
    QVERIFY(done && done->project.findTarget("drawings") && !done->project.findTarget("plan"));
    QVERIFY(!level::removeTarget(done->project, "drawings").project.findTarget("drawings"));
    level::Project full = m_project;
    while (full.targets.size() < level::maxTargets)
        full = level::addTarget(full, TargetFormat::Plan, "../x")->project;
    QVERIFY(!level::addTarget(full, TargetFormat::Plan, "../x"));
}

void TargetsTest::levelsIds_areFollowed() {
    const auto renamed = level::changeLevelId(m_project, {"intake"}, {"steps"});
    QVERIFY(renamed);
    const Target* headers = renamed->project.findTarget("headers");
    QCOMPARE(headers->levels[0].text, std::string("steps"));
    QCOMPARE(m_project.findTarget("headers")->levels[0].text, std::string("intake"));
}

void TargetsTest::places_areOnePersons() {
    const file::Path file = m_folder->filePath("config/places.json").toStdString();
    file::Storage& disk = file::diskStorage();
    QVERIFY(ship::readPlaces(disk, file, demo)->empty());
    QVERIFY(ship::writePlaces(disk, file, demo, {{"game", "/somewhere/far"}}).has_value());
    QVERIFY(ship::writePlaces(disk, file, to(), {{"game", "/elsewhere"}}).has_value());
    QCOMPARE(ship::readPlaces(disk, file, demo)->at("game"), std::string("/somewhere/far"));
    Target target = targetOf(TargetFormat::Plan, "game");
    QVERIFY(!ship::placeOf(target, demo, {}));
    QCOMPARE(ship::placeOf(target, demo, {{"game", "/somewhere/far"}})->string(),
             std::string("/somewhere/far"));
    // What the project says counts.
    target.to = "../plans";
    QCOMPARE(ship::placeOf(target, demo, {{"game", "/somewhere/far"}})->filename().string(),
             std::string("plans"));
    testing::writeBytes(QString::fromStdString(file.string()), "{ broken");
    QVERIFY(!ship::readPlaces(disk, file, demo));
}

void TargetsTest::folder_isNeverTheProjects() {
    Target target = targetOf(TargetFormat::Plan);
    for (const char* folder : {".", "levels/..", "..", "../.."}) {
        target.to = folder;
        const auto place = ship::placeOf(target, demo, {});
        QVERIFY2(!place, folder);
        QCOMPARE(place.error().kind, ErrorKind::UnsafePath);
    }
    target.to = "out/plans";
    QVERIFY(ship::placeOf(target, demo, {}).has_value());
}

ROOK_TEST(TargetsTest)

}  // namespace rook::targets_test

#include "targets_test.moc"
