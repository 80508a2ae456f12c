/// Saving and exporting: all files or none, whatever happens; nobody else's file; what files are.

#include <sys/stat.h>

#include <random>

#include "data.h"
#include "file/bundle.h"
#include "file/overlaid_files.h"
#include "file/power_cut_storage.h"
#include "file/project_file.h"
#include "file/save_set.h"
#include "level/matter_edits.h"
#include "testing.h"

namespace rook::save_test {

namespace {

const file::Path home = "/rook-plot-nowhere/mill";

level::Project smallGame() {
    level::Project project = file::newProject("mill");
    for (const char* id : {"wheel", "lade"}) {
        level::Level level = *project.levels[0];
        level.id = {id};
        level.title = id;
        for (int x = 0; x < 30; ++x)
            level.cells.set(x, 20, level::Cell({static_cast<std::uint16_t>(1 + x % 3)}));
        project.levels.push_back(std::make_shared<const level::Level>(std::move(level)));
    }
    return project;
}

/// Something that concerns several files: names of matters, sizes of kinds, ids, the order.
level::Project changedAtRandom(level::Project project, std::mt19937_64& chance) {
    const auto number = std::to_string(chance() % 100000);
    if (chance() % 2)
        project.matters.edit([&](auto& list) { list[1 + chance() % 3].name = "matter-" + number; });
    if (chance() % 2)
        project.kinds.edit(
            [&](auto& list) { list[chance() % list.size()].width = int(4 + chance() % 40); });
    if (chance() % 2) std::swap(project.levels[0], project.levels[1 + chance() % 2]);
    auto& slot = project.levels[chance() % project.levels.size()];
    level::Level level = *slot;
    if (chance() % 2) level.id = {"level-" + number};
    level.cells.set(int(chance() % 40), int(chance() % 20), level::Cell({1}));
    slot = std::make_shared<const level::Level>(std::move(level));
    if (chance() % 3 == 0 && project.levels.size() > 2) project.levels.pop_back();
    return project;
}

/// All that the files of a project say.
std::string textOf(const level::Project& project) {
    std::string text = file::projectText(project);
    for (const auto& level : project.levels)
        text += file::levelText(project, *level);
    return text;
}

/// The real disk, on which somebody puts a link in the place of a folder, just before a file is put
/// there.
class SwappingStorage final : public testing::DyingStorage {
public:
    SwappingStorage(QString folder, QString target)
        : DyingStorage(1000000), m_folder(std::move(folder)), m_target(std::move(target)) {}
    Result<void> exchange(const file::Path& a, const file::Path& b) override {
        swap(b);
        return DyingStorage::exchange(a, b);
    }
    Result<void> rename(const file::Path& from, const file::Path& to) override {
        swap(to);
        return DyingStorage::rename(from, to);
    }

private:
    void swap(const file::Path& place) {
        if (!QString::fromStdString(place.string()).startsWith(m_folder)) return;
        QFile::rename(m_folder, m_folder + "-before");
        QFile::link(m_target, m_folder);
    }
    QString m_folder, m_target;
};

mode_t modeOf(const QString& path) {
    struct stat info {};
    return ::stat(qPrintable(path), &info) == 0 ? info.st_mode & 07777 : 0;
}

}  // namespace

class SaveTest : public QObject {
    Q_OBJECT
private slots:
    void init() { m_folder = std::make_unique<QTemporaryDir>(); }
    void cut_atAnyMoment_leavesOldOrNew_data();
    void cut_atAnyMoment_leavesOldOrNew();
    void brokenOffSave_isReadWhereNothingMayBeWritten();
    void refusedPlace_leavesTheFormerProject();
    void strangeJournal_isOneSentence_andLeadsNowhere();
    void plantedLinks_areNotFollowed();
    void linksThatLeadOut_areRefused();
    void folderThatBecomesALink_isNotFollowed();
    void foldersOfKilledSaves_goWithTheNextSave();
    void links_insideTheProject_stay();
    void modes_stay();
    void missingFiles_areWrittenAgain();
    void whatCouldNotBeReadAgain_isNotWritten();
    void pipe_isRefusedAtOnce();
    void export_leavesNeighbours_links_foldersAndModes();

private:
    [[nodiscard]] std::string saved(const QString& name, const level::Project& project);
    [[nodiscard]] QString at(const QString& name) const { return m_folder->filePath(name); }
    std::unique_ptr<QTemporaryDir> m_folder;
};

std::string SaveTest::saved(const QString& name, const level::Project& project) {
    const std::string folder = at(name).toStdString();
    const auto done = file::saveProject(file::diskStorage(), folder, project);
    if (!done) qFatal("%s", done.error().sentence().c_str());
    return folder;
}

void SaveTest::cut_atAnyMoment_leavesOldOrNew_data() {
    QTest::addColumn<bool>("losesUnflushed");
    QTest::newRow("killed") << false;
    QTest::newRow("power cut") << true;
}

void SaveTest::cut_atAnyMoment_leavesOldOrNew() {
    QFETCH(bool, losesUnflushed);
    const std::uint64_t seed = testing::seedOr(1411);
    std::mt19937_64 chance(seed);
    const int wanted = qEnvironmentVariableIntValue("ROOK_ROUNDS") > 0 ? 100 : 500;
    int cuts = 0, kept = 0, taken = 0;
    while (cuts < wanted) {
        const level::Project old = smallGame();
        testing::PowerCutStorage whole({}, 1 << 20, seed, false);
        QVERIFY(file::saveProject(whole, home, old));
        const level::Project changed = changedAtRandom(old, chance);
        // Twice cut: the second time while the first save is being finished.
        testing::PowerCutStorage first(whole.afterwards(), int(chance() % 24), chance(),
                                       losesUnflushed);
        (void)file::saveProject(first, home, changed, &old).has_value();
        testing::PowerCutStorage second(first.afterwards(), int(chance() % 10), chance(),
                                        losesUnflushed);
        (void)file::openProject(second, home).has_value();
        cuts += first.wasCut() + second.wasCut();
        testing::PowerCutStorage last(second.afterwards(), 1 << 20, seed, false);
        const auto opened = file::openProject(last, home);
        QVERIFY2(opened, opened ? "" : opened.error().sentence().c_str());
        const std::string text = textOf(*opened);
        const bool isOld = text == textOf(old), isNew = text == textOf(changed);
        QVERIFY2(isOld || isNew, "neither the former project nor the new one");
        if (!first.wasCut()) QVERIFY(isNew);
        kept += isOld;
        taken += isNew;
        // It can be saved on.
        QVERIFY(file::saveProject(last, home, changed, &*opened));
        QCOMPARE(textOf(*file::openProject(last, home)), textOf(changed));
    }
    QVERIFY2(kept > wanted / 20 && taken > wanted / 20, "both were seen");
}

void SaveTest::brokenOffSave_isReadWhereNothingMayBeWritten() {
    const level::Project old = smallGame();
    level::Project changed = old;
    changed.matters.edit([](auto& list) { list[1].name = "granite"; });
    int seen = 0;
    for (int operations = 0; operations < 30; ++operations) {
        const QString name = QStringLiteral("mill-%1").arg(operations);
        const std::string folder = saved(name, old);
        testing::DyingStorage dying(operations);
        (void)file::saveProject(dying, folder, changed, &old).has_value();
        file::OverlaidFiles readOnly(file::diskStorage(), folder);
        const auto opened = file::openProject(readOnly, folder);
        QVERIFY2(opened, opened ? "" : opened.error().sentence().c_str());
        const bool isBrokenOff = QFile::exists(at(name) + "/.rookplot/journal");
        seen += isBrokenOff;
        if (isBrokenOff) QCOMPARE(textOf(*opened), textOf(changed));
        // The same when it is finished.
        QCOMPARE(textOf(*file::openProject(file::diskStorage(), folder)), textOf(*opened));
        QVERIFY(!QFile::exists(at(name) + "/.rookplot/journal"));
    }
    QVERIFY(seen > 2);
}

void SaveTest::refusedPlace_leavesTheFormerProject() {
    const level::Project old = smallGame();
    const std::string folder = saved("mill", old);
    level::Project changed = old;
    changed.matters.edit([](auto& list) { list[1].name = "granite"; });
    level::Level level = *changed.levels[2];
    level.id = {"weir"};
    changed.levels[2] = std::make_shared<const level::Level>(std::move(level));
    // A folder stands where the last level is to go; a kept file in it.
    testing::writeBytes(at("mill/levels/weir.json/notes.txt"), "mine");
    const auto done = file::saveProject(file::diskStorage(), folder, changed, &old);
    QVERIFY(!done || QFile::exists(at("mill/levels/weir.json/notes.txt")) ||
            !QFileInfo(at("mill/levels/weir.json")).isDir());
    const auto opened = file::openProject(file::diskStorage(), folder);
    QVERIFY2(opened, opened ? "" : opened.error().sentence().c_str());
    QCOMPARE(textOf(*opened), textOf(done ? changed : old));
}

void SaveTest::strangeJournal_isOneSentence_andLeadsNowhere() {
    const std::string folder = saved("mill", smallGame());
    const QByteArray former = testing::readBytes(at("mill/rookplot.json"));
    testing::writeBytes(at("victim.txt"), "years of work");
    const char* journals[] = {
        "{}",
        "nothing",
        R"({ "format": "rookplot-save", "version": 1, "folder": "../..", "files": [] })",
        R"({ "format": "rookplot-save", "version": 1, "folder": "save-0123456789abcdef",
             "files": [{ "path": "../victim.txt", "sha256": "00" }] })",
        R"({ "format": "rookplot-save", "version": 1, "folder": "save-0123456789abcdef",
             "files": [{ "path": 3 }] })",
    };
    for (const char* journal : journals) {
        testing::writeBytes(at("mill/.rookplot/journal"), journal);
        testing::writeBytes(at("mill/.rookplot/save-0123456789abcdef/0"), "overwritten");
        const auto opened = file::openProject(file::diskStorage(), folder);
        QVERIFY2(!opened, journal);
        QVERIFY(!opened.error().sentence().empty());
        QCOMPARE(testing::readBytes(at("victim.txt")), QByteArray("years of work"));
        QCOMPARE(testing::readBytes(at("mill/rookplot.json")), former);
    }
}

void SaveTest::plantedLinks_areNotFollowed() {
    const level::Project old = smallGame();
    const std::string folder = saved("mill", old);
    testing::writeBytes(at("victim.txt"), "years of work");
    const QString victim = at("victim.txt");
    for (const char* name : {"levels/wheel.json.part", "rookplot.json.part"})
        QVERIFY(QFile::link(victim, at("mill/") + QLatin1String(name)));
    level::Level level = *old.levels[1];
    level.title = "Changed";
    QVERIFY(file::saveProject(file::diskStorage(), folder, old.withLevel(level), &old));
    QCOMPARE(testing::readBytes(victim), QByteArray("years of work"));
    QVERIFY(QFileInfo(at("mill/levels/wheel.json.part")).isSymLink());
    QVERIFY(testing::readBytes(at("mill/levels/wheel.json")).contains("Changed"));
}

void SaveTest::linksThatLeadOut_areRefused() {
    const level::Project old = smallGame();
    const std::string folder = saved("mill", old);
    testing::writeBytes(at("victim.json"), testing::readBytes(at("mill/levels/wheel.json")));
    level::Level level = *old.levels[1];
    level.title = "Changed";
    const auto isRefused = [&](const QString& name, const QString& target) {
        const QString path = at("mill/") + name;
        QVERIFY(QFile::rename(path, at("aside")));
        QVERIFY(QFile::link(target, path));
        const auto saving =
            file::saveProject(file::diskStorage(), folder, old.withLevel(level), &old);
        QVERIFY2(!saving && saving.error().kind == ErrorKind::UnsafePath, qPrintable(name));
        const auto opened = file::openProject(file::diskStorage(), folder);
        QVERIFY2(!opened && opened.error().kind == ErrorKind::UnsafePath, qPrintable(name));
        QVERIFY(QFile::remove(path));
        QVERIFY(QFile::rename(at("aside"), path));
    };
    isRefused("levels/wheel.json", at("victim.json"));
    isRefused("levels/wheel.json", at("not-there-yet.json"));
    isRefused("rookplot.json", at("victim.json"));
    QVERIFY(QDir().mkpath(at("elsewhere")));
    isRefused("levels", at("elsewhere"));
    QVERIFY(!testing::readBytes(at("victim.json")).contains("Changed"));
    QVERIFY(!QFile::exists(at("not-there-yet.json")));
}

void SaveTest::folderThatBecomesALink_isNotFollowed() {
    const level::Project old = smallGame();
    const std::string folder = saved("mill", old);
    testing::writeBytes(at("elsewhere/wheel.json"), "years of work");
    level::Level level = *old.levels[1];
    level.title = "Changed";
    SwappingStorage storage(at("mill/levels"), at("elsewhere"));
    const auto saving = file::saveProject(storage, folder, old.withLevel(level), &old);
    QVERIFY(!saving);
    QCOMPARE(saving.error().kind, ErrorKind::UnsafePath);
    QCOMPARE(testing::readBytes(at("elsewhere/wheel.json")), QByteArray("years of work"));
}

void SaveTest::foldersOfKilledSaves_goWithTheNextSave() {
    const level::Project old = smallGame();
    const std::string folder = saved("mill", old);
    testing::writeBytes(at("mill/.rookplot/save-0123456789abcdef/0"), "half");
    testing::writeBytes(at("mill/.rookplot/save-notes/0"), "not ours");
    level::Level level = *old.levels[1];
    level.title = "Changed";
    QVERIFY(file::saveProject(file::diskStorage(), folder, old.withLevel(level), &old));
    QVERIFY(!QFileInfo::exists(at("mill/.rookplot/save-0123456789abcdef")));
    QVERIFY(QFileInfo::exists(at("mill/.rookplot/save-notes/0")));
}

void SaveTest::links_insideTheProject_stay() {
    const level::Project old = smallGame();
    const std::string folder = saved("mill", old);
    QVERIFY(QDir().mkpath(at("mill/shared")));
    QVERIFY(QFile::rename(at("mill/levels/wheel.json"), at("mill/shared/wheel.json")));
    QVERIFY(QFile::link("../shared/wheel.json", at("mill/levels/wheel.json")));
    level::Level level = *old.levels[1];
    level.title = "Changed";
    QVERIFY(file::saveProject(file::diskStorage(), folder, old.withLevel(level), &old));
    QVERIFY(QFileInfo(at("mill/levels/wheel.json")).isSymLink());
    QVERIFY(testing::readBytes(at("mill/shared/wheel.json")).contains("Changed"));
}

void SaveTest::modes_stay() {
    const level::Project old = smallGame();
    const std::string folder = saved("mill", old);
    QCOMPARE(modeOf(at("mill/levels/wheel.json")), mode_t(0644));
    QVERIFY(::chmod(qPrintable(at("mill/levels/wheel.json")), 0600) == 0);
    level::Level level = *old.levels[1];
    level.title = "Changed";
    QVERIFY(file::saveProject(file::diskStorage(), folder, old.withLevel(level), &old));
    QCOMPARE(modeOf(at("mill/levels/wheel.json")), mode_t(0600));
    QVERIFY(file::writeWhole(file::diskStorage(), folder + "/levels/wheel.json", "{}"));
    QCOMPARE(modeOf(at("mill/levels/wheel.json")), mode_t(0600));
}

void SaveTest::missingFiles_areWrittenAgain() {
    const level::Project old = smallGame();
    const std::string folder = saved("mill", old);
    QVERIFY(QFile::remove(at("mill/levels/wheel.json")));
    QVERIFY(file::saveProject(file::diskStorage(), folder, old, &old));
    QCOMPARE(textOf(*file::openProject(file::diskStorage(), folder)), textOf(old));
    // Nothing of the save stays but the file that programs hold while they save.
    QCOMPARE(QDir(at("mill/.rookplot")).entryList(QDir::AllEntries | QDir::NoDotAndDotDot),
             QStringList{"saving"});
}

void SaveTest::whatCouldNotBeReadAgain_isNotWritten() {
    const level::Project old = smallGame();
    const std::string folder = saved("mill", old);
    level::Level level = *old.levels[1];
    level.music.assign(limits::maxTextBytes, 'x');
    const auto done = file::saveProject(file::diskStorage(), folder, old.withLevel(level), &old);
    QVERIFY(!done);
    QCOMPARE(done.error().kind, ErrorKind::OutOfRange);
    QCOMPARE(textOf(*file::openProject(file::diskStorage(), folder)), textOf(old));
}

void SaveTest::pipe_isRefusedAtOnce() {
    const std::string folder = saved("mill", smallGame());
    QVERIFY(QFile::remove(at("mill/levels/wheel.json")));
    QVERIFY(::mkfifo(qPrintable(at("mill/levels/wheel.json")), 0644) == 0);
    const auto opened = file::openProject(file::diskStorage(), folder);
    QVERIFY(!opened);
    QCOMPARE(opened.error().kind, ErrorKind::WrongType);
}

void SaveTest::export_leavesNeighbours_links_foldersAndModes() {
    const level::Project project = smallGame();
    const std::string folder = saved("mill", project);
    const auto exportTo = [&](const QString& name) {
        const auto written =
            file::exportBundle(file::diskStorage(), project, folder, at(name).toStdString());
        QVERIFY2(written, written ? "" : written.error().sentence().c_str());
    };
    testing::writeBytes(at("out.part/thesis.txt"), "years of work");
    exportTo("out");
    QCOMPARE(testing::readBytes(at("out.part/thesis.txt")), QByteArray("years of work"));
    QVERIFY(::chmod(qPrintable(at("out")), 0750) == 0);
    QVERIFY(QDir().mkpath(at("out/art/later")));
    testing::writeBytes(at("out/levels/notes.txt"), "mine");
    QVERIFY(QFile::link("out", at("to-out")));
    exportTo("to-out");
    QVERIFY(QFileInfo(at("to-out")).isSymLink());
    QCOMPARE(modeOf(at("out")), mode_t(0750));
    QVERIFY(QFileInfo(at("out/art/later")).isDir());
    QCOMPARE(testing::readBytes(at("out/levels/notes.txt")), QByteArray("mine"));
    const QStringList names =
        QDir(m_folder->path()).entryList(QDir::AllEntries | QDir::Hidden | QDir::NoDotAndDotDot);
    QCOMPARE(names, QStringList({"mill", "out", "out.part", "to-out"}));
}

ROOK_TEST(SaveTest)

}  // namespace rook::save_test

#include "save_test.moc"
