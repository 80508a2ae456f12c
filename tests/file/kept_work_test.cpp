/// Work that is kept beside a project: read again after a kill at any moment, with its history, as
/// far as it fits; and what is no work of ours leads nowhere.

#include "file/kept_work.h"

#include "data.h"
#include "file/power_cut_storage.h"
#include "file/project_file.h"
#include "level/edits.h"
#include "testing.h"

namespace rook::kept_work_test {

namespace {

const file::Path kept = "/rook-plot-nowhere/mill/.rookplot/kept";

/// What the files of a value say.
std::string textOf(const level::Project& project) {
    std::string text;
    for (const auto& [path, part] : file::textFilesOf(project))
        text += path + "\n" + *part.bytes;
    return text;
}

level::Project withCell(const level::Project& project, std::mt19937_64& chance) {
    level::Level level = *project.levels[chance() % project.levels.size()];
    level.cells.set(int(chance() % 40), int(chance() % 24),
                    level::Cell({static_cast<std::uint16_t>(chance() % 4)}));
    return project.withLevel(level);
}

/// A change of a level, or of what all levels name.
level::Project changed(const level::Project& project, std::mt19937_64& chance) {
    level::Project next = withCell(project, chance);
    if (chance() % 8 == 0)
        next.matters.edit([&](auto& list) {
            list[1 + chance() % 3].name = "matter-" + std::to_string(chance() % 1000000);
        });
    if (chance() % 8 == 0) {
        level::Level level = *next.levels[0];
        level.id = {"level-" + std::to_string(chance() % 1000000)};
        next.levels.push_back(std::make_shared<const level::Level>(std::move(level)));
    }
    return next;
}

std::vector<std::string> textsOf(const level::History& history) {
    std::vector<std::string> texts;
    for (const auto& held : history.steps())
        texts.push_back(held.step->name + "\n" + textOf(held.step->project));
    return texts;
}

file::KeptWork workOf(const level::History& history, const level::Project& saved) {
    file::KeptWork work;
    work.history = history;
    work.current = history.current();
    work.saved = saved;
    work.keptAt = 1000;
    return work;
}

}  // namespace

class KeptWorkTest : public QObject {
    Q_OBJECT
private slots:
    void anyMoment_givesTheLastOrTheOneBefore();
    void values_ofAGesture_areKept();
    void aboveTheLimit_theOldestGo();
    void whatIsNotNamed_isRemoved();
    void damagedPart_endsTheHistoryThere();
    void strangeIndex_isOneSentence();
    void dropped_isNothing();
    void projectWithPictures_isReadInItsFolder();
};

void KeptWorkTest::anyMoment_givesTheLastOrTheOneBefore() {
    std::mt19937_64 chance(testing::seedOr(2911));
    int cuts = 0;
    for (int round = 0; round < 60; ++round) {
        const level::Project saved = file::newProject("mill");
        level::History history(saved);
        testing::PowerCutStorage disk({}, int(chance() % 200), chance(), round % 2 == 1);
        file::WorkKeeper keeper(disk, kept);
        // Values by the history that was kept last, and the one that was being kept.
        std::optional<level::History> last;
        level::History now = history;
        while (!disk.wasCut()) {
            for (std::uint64_t edits = 1 + chance() % 3; edits > 0; --edits) {
                if (chance() % 4 == 0 && history.canUndo())
                    (void)history.undo();
                else if (chance() % 4 == 0 && history.canRedo())
                    (void)history.redo();
                else
                    history.push(changed(history.current(), chance), "Lay", {"level-1"}, {});
            }
            last = now;
            now = history;
            if (keeper.keep(workOf(history, saved))) last = history;
        }
        ++cuts;
        testing::PowerCutStorage afterwards(disk.afterwards(), 1 << 20, 1, false);
        const auto read = file::readKeptWork(afterwards, kept);
        QVERIFY2(read, read ? "" : read.error().sentence().c_str());
        if (!*read) {  // cut before the first one was kept
            QCOMPARE(textOf(last->current()), textOf(saved));
            continue;
        }
        const file::KeptWork& work = **read;
        QCOMPARE(textOf(work.saved), textOf(saved));
        const bool isNow =
            textsOf(work.history) == textsOf(now) && work.history.position() == now.position();
        const bool isLast =
            textsOf(work.history) == textsOf(*last) && work.history.position() == last->position();
        QVERIFY(isNow || isLast);
        QVERIFY(work.current == work.history.current());
        work.history.checkInvariants();
        // What the steps have in common is shared, as it was.
        const auto& steps = work.history.steps();
        for (std::size_t i = 1; i < steps.size(); ++i) {
            const auto &a = steps[i - 1].step->project, &b = steps[i].step->project;
            if (a.matters == b.matters && a.levels.size() > 2)
                QVERIFY(std::count(a.levels.begin(), a.levels.end(), b.levels[0]) +
                            std::count(a.levels.begin(), a.levels.end(), b.levels[1]) >
                        0);
        }
    }
    QCOMPARE(cuts, 60);
}

void KeptWorkTest::values_ofAGesture_areKept() {
    std::mt19937_64 chance(1);
    testing::PowerCutStorage disk({}, 1 << 20, 1, false);
    file::WorkKeeper keeper(disk, kept);
    const level::Project saved = file::newProject("mill");
    file::KeptWork work = workOf(level::History(saved), saved);
    work.current = withCell(saved, chance);
    QVERIFY(keeper.keep(work));
    const auto read = file::readKeptWork(disk, kept);
    QVERIFY(read && *read);
    QCOMPARE(textOf((*read)->current), textOf(work.current));
    QCOMPARE(textOf((*read)->history.current()), textOf(saved));
}

void KeptWorkTest::aboveTheLimit_theOldestGo() {
    std::mt19937_64 chance(2);
    testing::PowerCutStorage disk({}, 1 << 20, 1, false);
    file::WorkKeeper keeper(disk, kept, 60'000);
    const level::Project saved = file::newProject("mill");
    level::History history(saved);
    for (int i = 0; i < 100; ++i) {
        history.push(withCell(history.current(), chance), "Lay " + std::to_string(i), {}, {});
        QVERIFY(keeper.keep(workOf(history, saved)));
    }
    std::size_t bytes = 0;
    for (const auto& [path, part] : disk.afterwards())
        if (path.filename() != "index.json") bytes += part.size();
    QVERIFY2(bytes <= 60'000, std::to_string(bytes).c_str());
    auto read = file::readKeptWork(disk, kept);
    QVERIFY(read && *read);
    level::History& again = (*read)->history;
    QVERIFY(again.stepCount() > 5 && again.stepCount() < 99);
    QCOMPARE(again.undoName(), std::string("Lay 99"));
    while (again.canUndo() && history.canUndo()) {
        QCOMPARE(textOf(again.current()), textOf(history.current()));
        (void)again.undo();
        (void)history.undo();
    }
}

void KeptWorkTest::whatIsNotNamed_isRemoved() {
    std::mt19937_64 chance(3);
    testing::PowerCutStorage disk({}, 1 << 20, 1, false);
    file::WorkKeeper keeper(disk, kept);
    const level::Project saved = file::newProject("mill");
    level::History history(saved);
    for (int i = 0; i < 10; ++i)
        history.push(withCell(history.current(), chance), "Lay", {}, {});
    QVERIFY(keeper.keep(workOf(history, saved)));
    const std::size_t many = disk.afterwards().size();
    while (history.canUndo())
        (void)history.undo();
    history.push(withCell(history.current(), chance), "Lay", {}, {});
    QVERIFY(keeper.keep(workOf(history, saved)));
    QVERIFY(disk.afterwards().size() < many);
    QCOMPARE(disk.afterwards().size(), std::size_t{1 + 1 + 2});  // index, project, two levels
}

void KeptWorkTest::damagedPart_endsTheHistoryThere() {
    std::mt19937_64 chance(4);
    testing::PowerCutStorage disk({}, 1 << 20, 1, false);
    file::WorkKeeper keeper(disk, kept);
    const level::Project saved = file::newProject("mill");
    level::History history(saved);
    for (int i = 0; i < 6; ++i)
        history.push(withCell(history.current(), chance), "Lay", {}, {});
    QVERIFY(keeper.keep(workOf(history, saved)));
    const auto files = file::textFilesOf(history.steps()[3].step->project);
    auto bytes = disk.afterwards();
    auto& part = bytes.at(kept / "parts" / files.at("levels/level-1.json").sha256);
    part[part.size() / 2] ^= 1;
    testing::PowerCutStorage damaged(bytes, 1 << 20, 1, false);
    const auto read = file::readKeptWork(damaged, kept);
    QVERIFY(read && *read);
    QCOMPARE((*read)->history.stepCount(), std::size_t{2});
    QCOMPARE(textOf((*read)->current), textOf(history.current()));
    // That of the screen itself: a sentence.
    const auto now = file::textFilesOf(history.current());
    bytes.at(kept / "parts" / now.at("levels/level-1.json").sha256) = "{}";
    testing::PowerCutStorage worse(bytes, 1 << 20, 1, false);
    const auto refused = file::readKeptWork(worse, kept);
    QVERIFY(!refused);
    QVERIFY(refused.error().sentence().find("damaged") != std::string::npos);
}

void KeptWorkTest::strangeIndex_isOneSentence() {
    const std::string head = R"({ "format": "rookplot-kept", "version": 1, "savedAt": 0,
        "keptAt": 0, "folder": "", )";
    const std::string indexes[] = {
        "{}",
        "nothing",
        head + R"("position": 0, "steps": [], "current": {}, "saved": {} })",
        head + R"("position": 1, "steps": [{ "name": "", "level": "", "touched": [], "files": {} }],
            "current": {}, "saved": {} })",
        head + R"("position": 0, "steps": [{ "name": "", "level": "", "touched": [],
            "files": { "rookplot.json": "../../victim" } }], "current": {}, "saved": {} })",
        head + R"("position": 0, "steps": [{ "name": "", "level": "", "touched": [1e99],
            "files": {} }], "current": {}, "saved": {} })",
    };
    for (const std::string& index : indexes) {
        testing::PowerCutStorage disk({{kept / "index.json", index}}, 1 << 20, 1, false);
        const auto read = file::readKeptWork(disk, kept);
        QVERIFY2(!read, index.c_str());
        QVERIFY(!read.error().sentence().empty());
    }
}

void KeptWorkTest::dropped_isNothing() {
    testing::PowerCutStorage disk({}, 1 << 20, 1, false);
    file::WorkKeeper keeper(disk, kept);
    const level::Project saved = file::newProject("mill");
    QVERIFY(keeper.keep(workOf(level::History(saved), saved)));
    QVERIFY(keeper.drop());
    QVERIFY(disk.afterwards().empty());
    const auto read = file::readKeptWork(disk, kept);
    QVERIFY(read && !*read);
    // And on again.
    QVERIFY(keeper.keep(workOf(level::History(saved), saved)));
    QVERIFY(*file::readKeptWork(disk, kept));
}

void KeptWorkTest::projectWithPictures_isReadInItsFolder() {
    QTemporaryDir folder;
    const std::string demo = testing::copyDemo(folder).toStdString();
    const auto project = file::openProject(file::diskStorage(), demo);
    QVERIFY(project);
    level::History history(*project);
    level::Level level = *project->levels[0];
    level.title = "Changed";
    history.push(project->withLevel(level), "Change", level.id, {});
    const file::Path place = file::Path(demo) / ".rookplot/kept";
    file::WorkKeeper keeper(file::diskStorage(), place);
    file::KeptWork work = workOf(history, *project);
    work.folder = demo;
    QVERIFY(keeper.keep(work));
    const auto read = file::readKeptWork(file::diskStorage(), place);
    QVERIFY2(read && *read, read ? "" : read.error().sentence().c_str());
    QCOMPARE(textOf((*read)->current), textOf(history.current()));
    QCOMPARE((*read)->history.undoName(), std::string("Change"));
    QCOMPARE(textOf((*read)->saved), textOf(*project));
}

ROOK_TEST(KeptWorkTest)

}  // namespace rook::kept_work_test

#include "kept_work_test.moc"
