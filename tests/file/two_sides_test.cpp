/// A project that changed in two places: what each changed, and a value made of both. And who may
/// write it.

#include "file/two_sides.h"

#include <fcntl.h>
#include <signal.h>
#include <sys/stat.h>
#include <sys/wait.h>
#include <unistd.h>

#include <random>
#include <set>

#include "data.h"
#include "file/project_file.h"
#include "file/project_lock.h"
#include "level/matter_edits.h"
#include "level/running_order.h"
#include "testing.h"

namespace rook::two_sides_test {

namespace {

const file::Path nowhere = "/rook-plot-nowhere/mill";

level::Project base() {
    level::Project project = file::newProject("mill");
    for (int i = 2; i <= 5; ++i) {
        level::Level level = *project.levels[0];
        level.id = {"level-" + std::to_string(i)};
        level.title = "Level " + std::to_string(i);
        project.levels.push_back(std::make_shared<const level::Level>(std::move(level)));
    }
    return project;
}

/// Changes, adds, removes and moves levels.
level::Project changedAtRandom(level::Project project, const std::string& who,
                               std::mt19937_64& chance) {
    for (std::uint64_t edits = chance() % 4; edits > 0; --edits) {
        const auto at = chance() % project.levels.size();
        level::Level level = *project.levels[at];
        switch (chance() % 6) {
            case 0:
                if (project.levels.size() > 1)
                    project.levels.erase(project.levels.begin() + std::ptrdiff_t(at));
                break;
            case 1:
                level.id = {who + "-" + std::to_string(chance() % 3)};
                if (!project.findLevel(level.id))
                    project.levels.push_back(
                        std::make_shared<const level::Level>(std::move(level)));
                break;
            case 2:
                project = level::moveLevel(project, level.id, 1).project;
                break;
            default:
                level.cells.set(int(chance() % 3), 0, level::Cell({1}));
                project = project.withLevel(level);
        }
    }
    return project;
}

std::string textOf(const level::Project& project, const LevelId& id) {
    const auto level = project.findLevel(id);
    return level ? file::levelText(project, *level) : "none";
}

}  // namespace

class TwoSidesTest : public QObject {
    Q_OBJECT
private slots:
    void differences_areCounted();
    void randomSides_giveEachLevelOfTheSideThatChangedIt();
    void both_ofALevel_areTwoLevels();
    void levels_ofRenamedMatters_areToldOrRefused();
    void lock_isHeldByOne_andFreedByItsDeath();
    void lock_ofAnotherMachine_isTakenOverWhenItIsStale();
    void lock_isNoWayOut();
};

void TwoSidesTest::differences_areCounted() {
    const level::Project project = base();
    const level::Level& before = *project.levels[0];
    level::Level after = before;
    for (int x = 0; x < 7; ++x)
        after.cells.set(x, 3, level::Cell({1}));
    level::Entity key;
    key.id = {"key-1"};
    key.kind = {"key"};
    after.entities.edit([&](auto& list) { list.push_back(key); });
    const auto difference = level::differenceOf(project, before, project, after);
    QCOMPARE(difference.cells, 7);
    QCOMPARE(difference.entities, 1);
    QVERIFY(!difference.hasOtherRest && !difference.hasOtherSize);
    after = before;
    after.proof = level::KeptRun();
    QVERIFY(level::differenceOf(project, before, project, after).isNone());
    after.title = "Other";
    QVERIFY(level::differenceOf(project, before, project, after).hasOtherRest);
    after = before;
    after.cells = Grid<level::Cell>(50, 24);
    QVERIFY(level::differenceOf(project, before, project, after).hasOtherSize);
    // The same cells, though the matters stand in another order there.
    level::Project turned = project;
    turned.matters.edit([](auto& list) { std::swap(list[1], list[2]); });
    after = before;
    after.cells.set(1, 1, level::Cell({1}));
    level::Level same = before;
    same.cells.set(1, 1, level::Cell({2}));
    QVERIFY(level::differenceOf(project, after, turned, same).isNone());
    QCOMPARE(level::differenceOf(project, after, turned, after).cells, 1);
}

void TwoSidesTest::randomSides_giveEachLevelOfTheSideThatChangedIt() {
    std::mt19937_64 chance(testing::seedOr(77));
    int conflicts = 0, joined = 0;
    for (int round = 0; round < 400; ++round) {
        const level::Project saved = base();
        const level::Project mine = changedAtRandom(saved, "mine", chance);
        const level::Project theirs = changedAtRandom(saved, "theirs", chance);
        std::map<std::string, file::Whose> choices;
        const auto parts = file::changedParts(saved, mine, theirs);
        for (const auto& part : parts)
            choices[part.path] = chance() % 2 ? file::Whose::Mine : file::Whose::Theirs;
        const auto result =
            file::joinSides(file::diskStorage(), nowhere, saved, mine, theirs, choices);
        QVERIFY2(result, result ? "" : result.error().sentence().c_str());
        ++joined;
        std::set<LevelId> ids;
        for (const level::Project* project : {&saved, &mine, &theirs})
            for (const auto& level : project->levels)
                ids.insert(level->id);
        for (const LevelId& id : ids) {
            const std::string was = textOf(saved, id), ours = textOf(mine, id),
                              other = textOf(theirs, id);
            const std::string path = "levels/" + id.text + ".json";
            const auto part = std::find_if(parts.begin(), parts.end(),
                                           [&](const auto& each) { return each.path == path; });
            QCOMPARE(part != parts.end(), !(ours == was && other == was) && ours != other);
            if (part != parts.end()) {
                QCOMPARE(part->isMine, ours != was);
                QCOMPARE(part->isTheirs, other != was);
                conflicts += part->isConflict();
            }
            const bool isTheirs =
                ours == was || (other != was && choices[path] == file::Whose::Theirs);
            QCOMPARE(textOf(*result, id), isTheirs ? other : ours);
        }
        // Where only one moved levels, its order holds.
        if (level::haveSameRest(saved, theirs) && parts.empty()) QVERIFY(*result == mine);
    }
    QVERIFY(conflicts > 30);
    QCOMPARE(joined, 400);
}

void TwoSidesTest::both_ofALevel_areTwoLevels() {
    const level::Project saved = base();
    const auto changed = [&](int x) {
        level::Level level = *saved.levels[1];
        level.cells.set(x, 0, level::Cell({1}));
        return saved.withLevel(level);
    };
    const level::Project mine = changed(1), theirs = changed(2);
    const auto result = file::joinSides(file::diskStorage(), nowhere, saved, mine, theirs,
                                        {{"levels/level-2.json", file::Whose::Both}});
    QVERIFY2(result, result ? "" : result.error().sentence().c_str());
    QCOMPARE(result->levels.size(), saved.levels.size() + 1);
    QCOMPARE(result->levels[1]->id.text, std::string("level-2"));
    QVERIFY(result->levels[1]->cells == theirs.levels[1]->cells);
    QCOMPARE(result->levels[2]->id.text, std::string("level-2-mine"));
    QCOMPARE(result->levels[2]->title, std::string("Level 2 (mine)"));
    QVERIFY(result->levels[2]->cells == mine.levels[1]->cells);
    // What neither changed is shared with mine.
    QVERIFY(result->levels[0] == mine.levels[0]);
}

void TwoSidesTest::levels_ofRenamedMatters_areToldOrRefused() {
    level::Project saved = base();
    level::Level level = *saved.levels[0];
    level.cells.set(0, 0, level::Cell({1}));
    saved = saved.withLevel(level);
    level::Project theirs = saved;
    theirs.matters.edit([](auto& list) { list[1].name = "granite"; });
    level.cells.set(5, 5, level::Cell({1}));
    const level::Project mine = saved.withLevel(level);
    const auto parts = file::changedParts(saved, mine, theirs);
    QCOMPARE(int(parts.size()), 2);
    QVERIFY(parts[0].isConflict());
    QVERIFY(!parts[1].isMine && parts[1].isTheirs);
    // Mine names stone, which their project has no more.
    const auto refused =
        file::joinSides(file::diskStorage(), nowhere, saved, mine, theirs,
                        {{parts[0].path, file::Whose::Mine}, {parts[1].path, file::Whose::Theirs}});
    QVERIFY(!refused);
    QVERIFY(refused.error().sentence().find("stone") != std::string::npos);
    QVERIFY(file::joinSides(file::diskStorage(), nowhere, saved, mine, theirs,
                            {{parts[0].path, file::Whose::Theirs}}));
}

void TwoSidesTest::lock_isHeldByOne_andFreedByItsDeath() {
    QTemporaryDir folder;
    const std::string path = folder.path().toStdString();
    int told[2];
    QCOMPARE(::pipe(told), 0);
    const pid_t child = ::fork();
    if (child == 0) {
        const auto held = file::takeLock(path);
        const char answer =
            held && std::holds_alternative<std::unique_ptr<file::ProjectLock>>(*held);
        (void)!::write(told[1], &answer, 1);
        for (;;)
            ::pause();
    }
    char answer = 0;
    QCOMPARE(::read(told[0], &answer, 1), ssize_t{1});
    QVERIFY(answer);
    const auto refused = file::takeLock(path);
    QVERIFY(refused && std::holds_alternative<file::LockHolder>(*refused));
    QCOMPARE(std::get<file::LockHolder>(*refused).process, int(child));
    QVERIFY(std::get<file::LockHolder>(*refused).isHere);
    ::kill(child, SIGKILL);
    ::waitpid(child, nullptr, 0);
    const auto taken = file::takeLock(path);
    QVERIFY(taken && std::holds_alternative<std::unique_ptr<file::ProjectLock>>(*taken));
    ::close(told[0]);
    ::close(told[1]);
}

void TwoSidesTest::lock_ofAnotherMachine_isTakenOverWhenItIsStale() {
    QTemporaryDir folder;
    const std::string path = folder.path().toStdString();
    const QString lock = folder.filePath(".rookplot/lock");
    testing::writeBytes(lock, R"({ "host": "a machine that is not this one", "process": 7 })");
    const auto held = file::takeLock(path);
    QVERIFY(held && std::holds_alternative<file::LockHolder>(*held));
    QVERIFY(!std::get<file::LockHolder>(*held).isHere);
    const timespec longAgo[2] = {{1'000'000, 0}, {1'000'000, 0}};
    QCOMPARE(::utimensat(AT_FDCWD, qPrintable(lock), longAgo, 0), 0);
    auto taken = file::takeLock(path);
    QVERIFY(taken && std::holds_alternative<std::unique_ptr<file::ProjectLock>>(*taken));
    // Given back, it says nothing any more.
    taken = file::LockHolder();
    QCOMPARE(testing::readBytes(lock), QByteArray());
}

void TwoSidesTest::lock_isNoWayOut() {
    QTemporaryDir folder, other;
    testing::writeBytes(other.filePath("victim"), "years of work");
    QDir(folder.path()).mkpath(".rookplot");
    QVERIFY(QFile::link(other.filePath("victim"), folder.filePath(".rookplot/lock")));
    QVERIFY(!file::takeLock(folder.path().toStdString()));
    QCOMPARE(testing::readBytes(other.filePath("victim")), QByteArray("years of work"));
    QFile::remove(folder.filePath(".rookplot/lock"));
    QCOMPARE(::mkfifo(qPrintable(folder.filePath(".rookplot/lock")), 0644), 0);
    QVERIFY(!file::takeLock(folder.path().toStdString()));
}

ROOK_TEST(TwoSidesTest)

}  // namespace rook::two_sides_test

#include "two_sides_test.moc"
