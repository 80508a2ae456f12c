/// The programs as a user starts them: rookplot and lantern.

#include <QJsonArray>
#include <QJsonDocument>
#include <QJsonObject>
#include <QProcess>
#include <QtGui/QImage>

#include "data.h"
#include "file/project_file.h"
#include "registry.h"
#include "testing.h"

namespace rook::cli_test {

class CliTest : public QObject {
    Q_OBJECT
private slots:
    void help_isThere_forEachCommand();
    void newProject_canBeCheckedAndReached();
    void newProject_isRefused_overAnother();
    void usage_isTold_andEndsWithTwo();
    void game_isProven_andItsFindingsTold();
    void newProject_fromAStarter_isPlayable();
    void texts_goToTranslators_andComeBack();
    void workingFolder_thatIsGone_isASentence();
    void check_tellsWhatBelongsToNoLevel();
    void refusal_isJson_whereJsonIsAskedFor();
    void repair_overwritesNothing();
    void check_exitsByWhatItFinds();
    void check_jsonHoldsEveryFinding();
    void collide_printsTheSets_alikeForProjectAndBundle();
    void parts_areListed_andWrittenAsCsv();
    void reach_dumpsOneBitAPx_alikeForProjectAndBundle();
    void reach_refusesABadFile_withTwo();
    void solve_isAlike_forProjectAndBundle();
    void solve_andReach_refuseEachOthersLevels();
    void check_sinceARevision_looksAtWhatChanged();
    void check_killedWhileItKeeps_isNeverWrong();
    void export_listsWhatItWrote();
    void export_tellsErrors_andRefusesThem_ifItIsStrict();
    void export_targets_tellWhatWouldChange();
    void import_takesFilesIn_orNone();
    void import_tellsModelsInATable_andTakesThem();
    void watch_writesAgain_whenFilesChange();
    void lantern_drawsABundle_andRefusesANonBundle();
    void lantern_reloads_whenTheBundleIsExportedAgain();
};

namespace {

struct Outcome {
    int exitCode = -1;
    QString out;
    QString err;
};

Outcome run(const QString& program, const QStringList& arguments) {
    QProcess process;
    process.start((testing::binaryFolder() + "/bin/") + program, arguments);
    if (!process.waitForFinished(60000)) return {};
    return {process.exitCode(), process.readAllStandardOutput(), process.readAllStandardError()};
}

const QString demo = QStringLiteral(ROOK_SOURCE_DIR "/demo/lantern-weir");

/// The demo's bundle, written once; tests read it.
QString sharedBundle() {
    static const QTemporaryDir folder;
    const QString bundle = folder.filePath("bundle");
    if (!QFile::exists(bundle) &&
        run("rookplot", {"export", demo, "--to", bundle, "--no-findings"}).exitCode != 0)
        qFatal("the demo cannot be exported");
    return bundle;
}

/// Two short levels without findings, so that nothing here waits for what is found of them.
QString smallProject(const QTemporaryDir& folder) {
    level::Project game = testing::gameOf(
        {{"          ", "S        X", "##########"}, {"          ", "S    X    ", "##########"}});
    const auto name = [&game](std::size_t at, const char* id, const char* title) {
        level::Level level = *game.levels[at];
        level.id = {id};
        level.title = title;
        game.levels[at] = std::make_shared<const level::Level>(level);
    };
    name(0, "first-steps", "First steps");
    name(1, "over-water", "Over the water");
    const QString mill = folder.filePath("mill");
    if (!file::saveProject(file::diskStorage(), mill.toStdString(), game))
        qFatal("a project cannot be written");
    return mill;
}

}  // namespace

void CliTest::help_isThere_forEachCommand() {
    for (const char* command :
         {"new", "open", "check", "game", "reach", "solve", "export", "import", "watch"}) {
        const Outcome outcome = run("rookplot", {command, "--help"});
        QCOMPARE(outcome.exitCode, 0);
        QVERIFY2(outcome.out.size() > 150, command);
    }
    QCOMPARE(run("rookplot", {}).exitCode, 2);
    QCOMPARE(run("rookplot", {"fly"}).exitCode, 2);
}

void CliTest::newProject_canBeCheckedAndReached() {
    const QTemporaryDir folder;
    const QString project = folder.filePath("first");
    QCOMPARE(run("rookplot", {"new", project}).exitCode, 0);
    const Outcome outcome = run("rookplot", {"check", project});
    QCOMPARE(outcome.exitCode, 1);
    QVERIFY(outcome.out.contains("no-start"));
    QCOMPARE(run("rookplot", {"reach", project, "--level", "level-1"}).exitCode, 0);
}

void CliTest::newProject_isRefused_overAnother() {
    const Outcome outcome = run("rookplot", {"new", demo});
    QCOMPARE(outcome.exitCode, 2);
    QVERIFY(outcome.err.contains("There is a project already"));
}

void CliTest::workingFolder_thatIsGone_isASentence() {
    const QTemporaryDir folder;
    for (const char* command : {"check .", "export . --to out", "new mill", "repair . --to out"}) {
        QProcess shell;
        shell.setWorkingDirectory(folder.path());
        shell.start("sh", {"-c", QStringLiteral("mkdir gone && cd gone && rmdir ../gone && exec %1/"
                                                "rookplot %2")
                                     .arg((testing::binaryFolder() + "/bin"),
                                          QString::fromLatin1(command))});
        QVERIFY(shell.waitForFinished());
        QCOMPARE(shell.exitStatus(), QProcess::NormalExit);
        QCOMPARE(shell.exitCode(), 2);
        QVERIFY(shell.readAllStandardError().startsWith("rookplot: "));
    }
}

void CliTest::check_tellsWhatBelongsToNoLevel() {
    const QTemporaryDir folder;
    const QString weir = smallProject(folder);
    QByteArray text = testing::readBytes(weir + "/rookplot.json");
    text.replace("\"version\": 1,", "\"version\": 1,\n  \"mtters\": 1,\n  \"ours\": 2,");
    testing::writeBytes(weir + "/rookplot.json", text);
    const Outcome outcome = run("rookplot", {"check", weir, "--no-plan"});
    QCOMPARE(outcome.exitCode, 1);
    QVERIFY2(outcome.out.contains("rookplot.json: Unknown key \"mtters\", kept: is it \"matters\""),
             qPrintable(outcome.out));
    QVERIFY(outcome.out.contains("rookplot.json: note: Unknown key \"ours\", kept ["));
    const Outcome json = run("rookplot", {"check", weir, "--format", "json"});
    QVERIFY(json.out.contains("\"project\": ["));
    text.replace("\"mtters\": 1", "\"name\": 1");
    testing::writeBytes(weir + "/rookplot.json", text);
    const Outcome twice = run("rookplot", {"check", weir});
    QCOMPARE(twice.exitCode, 2);
    QVERIFY2(twice.err.contains("\"name\" stands twice in one object (rookplot.json:6:3)"),
             qPrintable(twice.err));
}

void CliTest::game_isProven_andItsFindingsTold() {
    const Outcome json = run("rookplot", {"game", demo, "--json"});
    QCOMPARE(json.exitCode, 0);
    const QJsonObject proof = QJsonDocument::fromJson(json.out.toUtf8()).object();
    QCOMPARE(proof["verdict"].toString(), QStringLiteral("can-be-finished"));
    // One level ends dead.
    QCOMPARE(proof["runs"].toArray().size() + 1, proof["nodes"].toArray().size());
    const Outcome check = run("rookplot", {"check", demo, "--game", "--no-plan"});
    QVERIFY2(check.out.contains("[game-dead-end]"), qPrintable(check.out));
    QCOMPARE(run("rookplot", {"game", demo + "/levels"}).exitCode, 2);
}

void CliTest::newProject_fromAStarter_isPlayable() {
    const QTemporaryDir folder;
    const QString mine = folder.filePath("mine");
    QCOMPARE(run("rookplot", {"new", mine, "--from", "side"}).exitCode, 0);
    const Outcome game = run("rookplot", {"game", mine});
    QCOMPARE(game.exitCode, 0);
    QVERIFY2(game.out.startsWith("The game can be finished: "), qPrintable(game.out));
    const Outcome check = run("rookplot", {"check", mine, "--game"});
    QVERIFY2(check.exitCode == 0, qPrintable(check.out));
    QCOMPARE(run("rookplot", {"new", mine, "--from", "side"}).exitCode, 2);
    const Outcome unknown = run("rookplot", {"new", folder.filePath("other"), "--from", "maze"});
    QCOMPARE(unknown.exitCode, 2);
    QVERIFY2(unknown.err.contains("Use side, above, kit or blank"), qPrintable(unknown.err));
    QVERIFY(!QFile::exists(folder.filePath("other")));
}

void CliTest::texts_goToTranslators_andComeBack() {
    const QTemporaryDir folder;
    const QString mine = folder.filePath("mine");
    const QString po = folder.filePath("po");
    QCOMPARE(run("rookplot", {"new", mine, "--from", "side"}).exitCode, 0);
    const Outcome one = run("rookplot", {"texts", mine, "--po", po});
    QCOMPARE(one.exitCode, 2);
    QVERIFY2(one.err.contains("one language only"), qPrintable(one.err));
    QByteArray text = testing::readBytes(mine + "/rookplot.json");
    QVERIFY(text.contains("\"lives\": \"lives\","));
    text.replace("\"lives\": \"lives\",", "\"lives\": \"lives\", \"languages\": [\"en\", \"de\"],");
    testing::writeBytes(mine + "/rookplot.json", text);
    QCOMPARE(run("rookplot", {"texts", mine, "--po", po}).exitCode, 0);
    QByteArray german = testing::readBytes(po + "/de.po");
    QVERIFY(german.contains("msgctxt \"first-steps/start\""));
    const qsizetype at = german.indexOf("msgstr \"\"", german.indexOf("first-steps/start"));
    german.replace(at, 9, "msgstr \"Lauf.\"");
    testing::writeBytes(po + "/de.po", german);
    const Outcome read = run("rookplot", {"texts", mine, "--read", po});
    QVERIFY2(read.out.contains("Took 1 translation"), qPrintable(read.out));
    QVERIFY(testing::readBytes(mine + "/levels/first-steps.json").contains("Lauf."));
    testing::writeBytes(po + "/de.po", "msgid oops");
    const Outcome bad = run("rookplot", {"texts", mine, "--read", po});
    QCOMPARE(bad.exitCode, 2);
    QVERIFY2(bad.err.contains("de.po:1"), qPrintable(bad.err));
}

void CliTest::usage_isTold_andEndsWithTwo() {
    const Outcome misspelt = run("rookplot", {"chekc", demo});
    QCOMPARE(misspelt.exitCode, 2);
    QVERIFY2(misspelt.err.contains("\"chekc\"") && misspelt.err.contains("is it check"),
             qPrintable(misspelt.err));
    for (const QStringList& arguments :
         {QStringList{"new", ""}, QStringList{"new", "mill\x1b[2J"}, QStringList{"check", ""},
          QStringList{"check", demo, "--bogus"}, QStringList{"export", demo, "--to", ""},
          QStringList{"repair", demo, "--to", ""}}) {
        const Outcome outcome = run("rookplot", arguments);
        QVERIFY2(outcome.exitCode == 2, qPrintable(arguments.join(' ')));
        QVERIFY2(!outcome.err.isEmpty() && !outcome.err.contains(u'\x1b'),
                 qPrintable(arguments.join(' ')));
    }
    const Outcome option = run("rookplot", {"check", demo, "--lvl", "intake"});
    QVERIFY2(option.err.contains("\"--lvl\" is not understood: is it --level"),
             qPrintable(option.err));
    QCOMPARE(run("lantern", {"--bogus"}).exitCode, 2);
    QCOMPARE(run("lantern", {}).exitCode, 2);
    QCOMPARE(run("rookplot-desk", {"-platform", "offscreen", "--bogus"}).exitCode, 2);
    QCOMPARE(run("rookplot-desk", {"-platform", "offscreen", "--help"}).exitCode, 0);
}

void CliTest::refusal_isJson_whereJsonIsAskedFor() {
    const Outcome outcome = run("rookplot", {"check", "/nowhere/at-all", "--format", "json"});
    QCOMPARE(outcome.exitCode, 2);
    const auto json = QJsonDocument::fromJson(outcome.out.toUtf8()).object();
    QVERIFY(json["error"].toString().contains("/nowhere/at-all"));
}

void CliTest::repair_overwritesNothing() {
    const QTemporaryDir folder;
    testing::writeBytes(folder.filePath("home/levels/intake.json"), "years of work");
    const Outcome outcome = run("rookplot", {"repair", demo, "--to", folder.filePath("home")});
    QCOMPARE(outcome.exitCode, 2);
    QCOMPARE(testing::readBytes(folder.filePath("home/levels/intake.json")),
             QByteArray("years of work"));
    QCOMPARE(run("rookplot", {"repair", demo, "--to", folder.filePath("new")}).exitCode, 0);
}

void CliTest::check_exitsByWhatItFinds() {
    QCOMPARE(run("rookplot", {"check", demo, "--level", "intake", "--no-plan"}).exitCode, 0);
    // Intake steps has a plan with two things to make and a bead that can be skipped.
    const Outcome held = run("rookplot", {"check", demo, "--level", "intake"});
    QCOMPARE(held.exitCode, 1);
    QVERIFY(held.out.contains("Bead 2 (jump, plank over the brine) can be skipped"));
    QVERIFY(held.out.endsWith("3 findings\n"));
    QCOMPARE(run("rookplot", {"check", demo, "--level", "moon"}).exitCode, 2);
    QCOMPARE(run("rookplot", {"check", "/nowhere"}).exitCode, 2);
}

void CliTest::check_jsonHoldsEveryFinding() {
    const Outcome outcome = run("rookplot", {"check", demo, "--format", "json"});
    QCOMPARE(outcome.exitCode, 1);
    const QJsonArray findings =
        QJsonDocument::fromJson(outcome.out.toUtf8()).object()["findings"].toArray();
    int open = 0;
    for (const QJsonValue& finding : findings)
        open += finding["severity"].toString() == "note" ? 0 : 1;
    QCOMPARE(open, 22);
    QVERIFY(findings.size() > open);
    QCOMPARE(findings[0]["level"].toString(), QString("intake"));
    QCOMPARE(findings[0]["kind"].toString(), QString("bead-skippable"));
    QCOMPARE(findings[3]["severity"].toString(), QString("note"));  // last of its level
    QVERIFY(findings[0]["place"]["width"].toInt() > 0);
}

void CliTest::collide_printsTheSets_alikeForProjectAndBundle() {
    const QTemporaryDir folder;
    const QString bundle = sharedBundle();
    const QString level = bundle + "/levels/intake.level.json";
    const Outcome fromBundle = run("rookplot", {"collide", level, "--json"});
    const Outcome fromProject = run("rookplot", {"collide", demo, "--level", "intake", "--json"});
    QCOMPARE(fromBundle.exitCode, 0);
    QCOMPARE(fromBundle.out, fromProject.out);
    const auto shapes = QJsonDocument::fromJson(fromBundle.out.toUtf8()).object();
    const auto written =
        QJsonDocument::fromJson(testing::readBytes(level)).object()["collision"].toObject();
    for (const char* set : {"solids", "slopes", "outlines", "oneWay", "deadly", "liquids"})
        QCOMPARE(shapes[QLatin1String(set)], written[QLatin1String(set)]);
    const Outcome text = run("rookplot", {"collide", demo, "--level", "intake"});
    QVERIFY(text.out.contains("the fewest that there can be"));
    QCOMPARE(run("rookplot", {"collide", demo, "--level", "moon"}).exitCode, 2);
    QCOMPARE(run("rookplot", {"collide", folder.filePath("none")}).exitCode, 2);
}

void CliTest::parts_areListed_andWrittenAsCsv() {
    const Outcome outcome = run("rookplot", {"parts", demo});
    QCOMPARE(outcome.exitCode, 0);
    QVERIFY(outcome.out.contains("Crate pile: 2, to make\n"));
    QVERIFY(outcome.out.endsWith("4 parts, 2 to make\n"));
    const QTemporaryDir folder;
    const QString csv = folder.filePath("parts.csv");
    QCOMPARE(run("rookplot", {"parts", demo, "--level", "intake", "--csv", csv}).exitCode, 0);
    QCOMPARE(testing::readBytes(csv),
             QByteArray("part,instances,state,stands for\r\nBoat,1,to make,\r\nCrate "
                        "pile,2,to make,\r\nGauge post,1,there,kind Gauge post\r\nLantern,3,"
                        "there,kind Lantern\r\n"));
    QCOMPARE(run("rookplot", {"parts", demo, "--level", "moon"}).exitCode, 2);
    QCOMPARE(run("rookplot", {"parts", demo, "--csv", "/nowhere/parts.csv"}).exitCode, 2);
}

void CliTest::reach_dumpsOneBitAPx_alikeForProjectAndBundle() {
    const QTemporaryDir folder;
    const QString bundle = sharedBundle();
    const QString level = bundle + "/levels/intake.level.json";
    const Outcome fromBundle =
        run("rookplot", {"reach", level, "--json", "--dump", folder.filePath("a")});
    const Outcome fromProject =
        run("rookplot", {"reach", demo, "--level", "intake", "--dump", folder.filePath("b")});
    QCOMPARE(fromBundle.exitCode, 0);
    QCOMPARE(fromProject.exitCode, 0);
    const auto json = QJsonDocument::fromJson(fromBundle.out.toUtf8()).object();
    QCOMPARE(json["verdict"].toString(), QString("reached"));
    for (const char* name : {"visited.pbm", "standing.pbm"}) {
        const QByteArray image = testing::readBytes(folder.filePath("a") + "/" + name);
        QCOMPARE(image, testing::readBytes(folder.filePath("b") + "/" + name));
        QVERIFY(image.startsWith("P4\n1920 544\n"));
        QCOMPARE(image.size(), 12 + 1920 / 8 * 544);
    }
    qint64 bits = 0;
    const QByteArray visited = testing::readBytes(folder.filePath("a") + "/visited.pbm").mid(12);
    for (const char byte : visited)
        bits += qPopulationCount(static_cast<quint8>(byte));
    QCOMPARE(bits, json["visited"].toInteger());
    // The spawn's corner: keeper-1 at 66, 426 stands there.
    const auto isSet = [&](int x, int y) { return (visited[y * 240 + x / 8] >> (7 - x % 8)) & 1; };
    QVERIFY(isSet(66, 426));
    QVERIFY(!isSet(0, 0));
}

void CliTest::reach_refusesABadFile_withTwo() {
    const QTemporaryDir folder;
    testing::writeBytes(folder.filePath("x.level.json"), "{ \"format\": ");
    const Outcome outcome = run("rookplot", {"reach", folder.filePath("x.level.json")});
    QCOMPARE(outcome.exitCode, 2);
    QVERIFY2(outcome.err.contains("x.level.json:1:"), qPrintable(outcome.err));
    QCOMPARE(outcome.err.count('\n'), 1);
}

void CliTest::solve_isAlike_forProjectAndBundle() {
    const QString bundle = sharedBundle();
    const std::pair<const char*, int> least[] = {
        {"sluice-table", 6}, {"weir-gates", 10}, {"ice-on-the-weir", 20}, {"cask-yard", 12}};
    for (const auto& [level, moves] : least) {
        const QString file = bundle + "/levels/" + level + ".level.json";
        const Outcome fromProject =
            run("rookplot", {"solve", demo, "--level", level, "--json", "--distinct"});
        const Outcome fromBundle = run("rookplot", {"solve", file, "--json", "--distinct"});
        QCOMPARE(fromProject.exitCode, 0);
        QCOMPARE(fromBundle.exitCode, 0);
        QCOMPARE(fromBundle.out, fromProject.out);
        const auto json = QJsonDocument::fromJson(fromProject.out.toUtf8()).object();
        QCOMPARE(json["least"].toInt(-1), moves);
        QCOMPARE(json["moves"].toArray().size(), moves);
        QVERIFY(!json["undecided"].toBool(true));
        const auto grouped =
            QJsonDocument::fromJson(run("rookplot", {"solve", file, "--json"}).out.toUtf8());
        QVERIFY(grouped["states"].toInteger() <= json["states"].toInteger());
    }
    const Outcome words = run("rookplot", {"solve", demo, "--level", "cask-yard"});
    QVERIFY2(words.out.contains("12"), qPrintable(words.out));
    // Too few states to know it.
    const Outcome few =
        run("rookplot", {"solve", demo, "--level", "cask-yard", "--json", "--most-states", "50"});
    QVERIFY(QJsonDocument::fromJson(few.out.toUtf8())["undecided"].toBool(false));
}

void CliTest::solve_andReach_refuseEachOthersLevels() {
    const QString bundle = sharedBundle();
    const QString walked = bundle + "/levels/intake.level.json";
    const QString solved = bundle + "/levels/cask-yard.level.json";
    const QStringList refused[] = {{"reach", demo, "--level", "cask-yard"},
                                   {"reach", solved},
                                   {"solve", demo, "--level", "intake"},
                                   {"solve", walked},
                                   {"solve", demo, "--level", "moon"}};
    for (const QStringList& arguments : refused) {
        const Outcome outcome = run("rookplot", arguments);
        QCOMPARE(outcome.exitCode, 2);
        QVERIFY2(outcome.err.count('\n') == 1, qPrintable(outcome.err));
    }
}

void CliTest::check_sinceARevision_looksAtWhatChanged() {
    const QTemporaryDir folder;
    const QString mill = smallProject(folder);
    const auto git = [&mill](const QStringList& words) {
        QProcess process;
        process.start("git",
                      QStringList{"-C", mill, "-c", "user.name=t", "-c", "user.email=t@t"} + words);
        return process.waitForFinished() && process.exitCode() == 0;
    };
    const auto levelsIn = [&mill](const QStringList& words) {
        const Outcome outcome =
            run("rookplot", QStringList{"check", mill, "--format", "junit"} + words);
        return outcome.out.count("<testsuite name=") -
               outcome.out.count("<testsuite name=\"project\"");
    };
    const Outcome none = run("rookplot", {"check", mill, "--since", "HEAD"});
    QCOMPARE(none.exitCode, 2);
    QVERIFY2(none.err.contains("not known to git"), qPrintable(none.err));
    QVERIFY(git({"init", "-q"}) && git({"add", "-A"}) && git({"commit", "-q", "-m", "begun"}));
    const qsizetype all = levelsIn({});
    QVERIFY(all >= 2);
    QCOMPARE(levelsIn({"--since", "HEAD"}), 0);
    QByteArray text = testing::readBytes(mill + "/levels/first-steps.json");
    testing::writeBytes(mill + "/levels/first-steps.json", text.replace("First", "1st"));
    QCOMPARE(levelsIn({"--since", "HEAD"}), 1);
    text = testing::readBytes(mill + "/rookplot.json");
    testing::writeBytes(mill + "/rookplot.json", text + "\n");
    QCOMPARE(levelsIn({"--since", "HEAD"}), all);
    QCOMPARE(run("rookplot", {"check", mill, "--since", "--output=x"}).exitCode, 2);
    QCOMPARE(run("rookplot", {"check", mill, "--shard", "0/2"}).exitCode, 2);
    QCOMPARE(run("rookplot", {"check", mill, "--shard", "1/2", "--level", "first-steps"}).exitCode,
             2);
}

void CliTest::check_killedWhileItKeeps_isNeverWrong() {
    const QTemporaryDir folder;
    const QString mill = smallProject(folder);
    const QString whole = run("rookplot", {"check", mill, "--format", "json"}).out;
    const QString cache = folder.filePath("cache");
    const QStringList words{"check", mill, "--format", "json", "--cache", cache};
    Random random(testing::seedOr(41));
    for (int round = 0; round < 12; ++round) {
        QProcess process;
        process.start(testing::binaryFolder() + "/bin/rookplot", words);
        QVERIFY(process.waitForStarted());
        process.waitForFinished(random.between(1, 60));
        process.kill();
        process.waitForFinished();
    }
    QCOMPARE(run("rookplot", words).out, whole);
    QCOMPARE(run("rookplot", words).out, whole);
}

void CliTest::export_listsWhatItWrote() {
    const QTemporaryDir folder;
    const QString mill = smallProject(folder);
    const Outcome outcome =
        run("rookplot", {"export", mill, "--to", folder.filePath("out"), "--no-findings"});
    QVERIFY(outcome.out.contains("levels/first-steps.level.json"));
    QVERIFY(outcome.out.contains("manifest.json"));
    const Outcome refused =
        run("rookplot", {"export", mill, "--to", "/proc/nothing", "--no-findings"});
    QCOMPARE(refused.exitCode, 2);
    QCOMPARE(refused.err.count('\n'), 1);
}

void CliTest::export_tellsErrors_andRefusesThem_ifItIsStrict() {
    const QTemporaryDir folder;
    const QString bundle = folder.filePath("out");
    const QString mill = smallProject(folder);
    const Outcome clean =
        run("rookplot", {"export", mill, "--to", folder.filePath("clean"), "--strict"});
    QVERIFY2(clean.exitCode == 0, qPrintable(clean.out + clean.err));
    QVERIFY(!clean.out.contains("finding"));
    // An exit to a level that is not there.
    const QString level = mill + "/levels/first-steps.json";
    QByteArray text = testing::readBytes(level);
    QVERIFY(text.contains(R"("to": { "do": "next" })"));
    testing::writeBytes(level, text.replace(R"("to": { "do": "next" })",
                                            R"("to": { "do": "level", "level": "moon" })"));
    const Outcome strict = run("rookplot", {"export", mill, "--to", bundle, "--strict"});
    QCOMPARE(strict.exitCode, 1);
    QVERIFY(!QFile::exists(bundle));
    QVERIFY2(strict.out.contains("leads nowhere"), qPrintable(strict.out + strict.err));
    QCOMPARE(strict.err.count('\n'), 1);
    const Outcome lenient = run("rookplot", {"export", mill, "--to", bundle});
    QCOMPARE(lenient.exitCode, 0);
    QVERIFY2(lenient.out.contains("of them error") || lenient.out.contains("an error"),
             qPrintable(lenient.out));
    QVERIFY(QFile::exists(bundle + "/campaign.json"));
}

void CliTest::export_targets_tellWhatWouldChange() {
    const QTemporaryDir folder;
    const QString project = testing::copyDemo(folder) + "/../weir";
    const QString out = folder.filePath("out");
    const QStringList grids{"export", project, "--target", "grids", "--to", out};
    Outcome outcome = run("rookplot", grids + QStringList{"--dry-run"});
    QCOMPARE(outcome.exitCode, 1);
    QVERIFY2(outcome.out.contains("would write 6 of 6"), qPrintable(outcome.out));
    QVERIFY(!QFile::exists(out));
    outcome = run("rookplot", grids + QStringList{"--no-findings"});
    QVERIFY2(outcome.exitCode == 0, qPrintable(outcome.err));
    QVERIFY(outcome.out.contains("Keeper's quay is a board of pieces"));
    outcome = run("rookplot", grids + QStringList{"--dry-run"});
    QCOMPARE(outcome.exitCode, 0);
    QVERIFY(outcome.out.contains("would write 0 of 6"));
    // What somebody changed is not written over, unless it is asked for.
    testing::writeBytes(out + "/intake.txt", "mine\n");
    outcome = run("rookplot", grids + QStringList{"--no-findings"});
    QCOMPARE(outcome.exitCode, 2);
    QCOMPARE(outcome.err.count('\n'), 1);
    QCOMPARE(run("rookplot", grids + QStringList{"--no-findings", "--over"}).exitCode, 0);
    // A name that is nearly one.
    outcome = run("rookplot", {"export", project, "--target", "grid"});
    QCOMPARE(outcome.exitCode, 2);
    QVERIFY2(outcome.err.contains("Is it grids that you mean"), qPrintable(outcome.err));
    // Recipes find their program beside this one.
    outcome = run("rookplot", {"export", project, "--target", "headers", "--to",
                               folder.filePath("headers"), "--no-findings"});
    QVERIFY2(outcome.exitCode == 0, qPrintable(outcome.err));
    QVERIFY(QFile::exists(folder.filePath("headers/levels.h")));
    // A project without targets says so.
    const QString mill = folder.filePath("mill");
    QCOMPARE(run("rookplot", {"new", mill}).exitCode, 0);
    outcome = run("rookplot", {"export", mill});
    QCOMPARE(outcome.exitCode, 2);
    QVERIFY(outcome.err.contains("no targets"));
}

void CliTest::import_takesFilesIn_orNone() {
    const QTemporaryDir folder;
    const QString project = testing::copyDemo(folder);
    const QString pool = folder.filePath("side pool.txt");
    testing::writeBytes(pool, "; Side pool\n#######\n#K.L.G#\n#######\n");
    const auto levelFile = [&] { return testing::readBytes(project + "/levels/side-pool.json"); };
    Outcome outcome = run("rookplot", {"import", pool, "--into", project, "--dry-run"});
    QCOMPARE(outcome.exitCode, 0);
    QVERIFY(outcome.out.contains("A new level Side pool of 7 x 3 cells."));
    QVERIFY(levelFile().isEmpty());
    // One of them is broken: none is taken.
    const QString bad = folder.filePath("bad.csv");
    testing::writeBytes(bad, "level,id,x\nnowhere,crab-1,1\n");
    outcome = run("rookplot", {"import", pool, bad, "--into", project});
    QCOMPARE(outcome.exitCode, 2);
    QCOMPARE(outcome.err.count('\n'), 1);
    QVERIFY(levelFile().isEmpty());
    outcome = run("rookplot", {"import", pool, "--into", project});
    QVERIFY2(outcome.exitCode == 0, qPrintable(outcome.err));
    QVERIFY(levelFile().contains("keeper-1"));
    QCOMPARE(run("rookplot", {"reach", project, "--level", "side-pool"}).exitCode, 0);
    // Out, changed by hand, and in again.
    const QString grids = folder.filePath("grids");
    run("rookplot", {"export", project, "--target", "grids", "--to", grids, "--no-findings"});
    QByteArray text = testing::readBytes(grids + "/side-pool.txt");
    testing::writeBytes(grids + "/side-pool.txt", text.replace(".L", "L."));
    outcome = run("rookplot",
                  {"import", grids + "/side-pool.txt", "--into", project, "--as", "side-pool"});
    QVERIFY2(outcome.exitCode == 0, qPrintable(outcome.err));
    QVERIFY2(!outcome.out.contains("not kept"), qPrintable(outcome.out));
    QVERIFY(levelFile().contains("\"kind\": \"lantern\", \"x\": 36"));
    for (const QStringList& wrong : {QStringList{pool, "--into", project, "--as", "nowhere"},
                                     QStringList{pool, "--into", project, "--what", "soup"},
                                     QStringList{folder.filePath("none.txt"), "--into", project}})
        QCOMPARE(run("rookplot", QStringList{"import"} + wrong).exitCode, 2);
}

void CliTest::import_tellsModelsInATable_andTakesThem() {
    const QTemporaryDir folder;
    const QString project = testing::copyDemo(folder);
    const QString set = QStringLiteral(ROOK_SOURCE_DIR "/demo/incoming/rope-store.obj");
    const QStringList fixes{"import", set, "--into",       project,   "--what", "pieces",
                            "--up",   "z", "--find-scale", "--pivot", "corner", "--turn-faces"};
    Outcome outcome = run("rookplot", fixes + QStringList{"--dry-run"});
    QVERIFY2(outcome.exitCode == 0, qPrintable(outcome.err));
    QVERIFY(outcome.out.startsWith("scale: 0.001\n"));
    QVERIFY2(outcome.out.contains(QRegularExpression("store-hut +2 x 2 x 1 +2 x 2 x 1 .* 4 +0 +")),
             qPrintable(outcome.out));
    QVERIFY(!QFile::exists(project + "/kits/gangway.glb"));
    outcome = run("rookplot", fixes);
    QVERIFY2(outcome.exitCode == 0, qPrintable(outcome.err));
    QVERIFY(QFile::exists(project + "/kits/gangway.glb"));
    QVERIFY(testing::readBytes(project + "/kits/quay.json").contains("loading-step"));
    // One of them is broken: none is taken.
    testing::writeBytes(folder.filePath("broken.glb"), "glTF");
    outcome = run("rookplot", {"import", set, folder.filePath("broken.glb"), "--into", project,
                               "--what", "pieces"});
    QCOMPARE(outcome.exitCode, 2);
    QCOMPARE(outcome.err.count('\n'), 1);
    QCOMPARE(run("rookplot", fixes + QStringList{"--kit", "none"}).exitCode, 2);
}

void CliTest::watch_writesAgain_whenFilesChange() {
    const QTemporaryDir folder;
    const QString project = testing::copyDemo(folder);
    const QString out = folder.filePath("grids");
    QProcess watch;
    watch.start(testing::binaryFolder() + "/bin/rookplot",
                {"watch", project, "--target", "grids", "--to", out});
    QVERIFY(watch.waitForStarted());
    QByteArray said;
    const auto hasSaid = [&](const char* words, int times) {
        return QTest::qWaitFor(
            [&] {
                said += watch.readAllStandardOutput();
                return said.count(words) >= times;
            },
            20000);
    };
    QVERIFY2(hasSaid("Watching", 1), said);
    QVERIFY(testing::readBytes(out + "/intake.txt").startsWith("; Intake steps"));
    QByteArray text = testing::readBytes(project + "/levels/intake.json");
    testing::writeBytes(project + "/levels/intake.json",
                        text.replace("Intake steps", "Intake anew"));
    QVERIFY2(hasSaid("Watching", 2), said);
    QVERIFY(testing::readBytes(out + "/intake.txt").startsWith("; Intake anew"));
    // A project that is broken for a moment is said, and watched on.
    testing::writeBytes(project + "/levels/intake.json", "{");
    QVERIFY2(hasSaid("Watching", 3), said);
    QVERIFY(watch.readAllStandardError().contains("rookplot: "));
    QVERIFY(testing::readBytes(out + "/intake.txt").startsWith("; Intake anew"));
    watch.terminate();
    QVERIFY(watch.waitForFinished(5000));
    QCOMPARE(watch.exitCode(), 0);
    QCOMPARE(watch.exitStatus(), QProcess::NormalExit);
}

void CliTest::lantern_drawsABundle_andRefusesANonBundle() {
    const QTemporaryDir folder;
    const QString bundle = sharedBundle();
    const QString png = folder.filePath("shot.png");
    const Outcome outcome = run("lantern", {bundle, "--frames", "30", "--png", png});
    QVERIFY2(outcome.exitCode == 0, qPrintable(outcome.err));
    const QImage image(png);
    QCOMPARE(image.size(), QSize(1280, 720));
    // Stone below, night sky above.
    QVERIFY(image.pixelColor(300, 560).red() > image.pixelColor(700, 100).red() + 15);
    // The night sky of the backdrop, not the plain colour behind it.
    QCOMPARE(image.pixelColor(700, 100), QColor("#101b2c"));
    const Outcome refused = run("lantern", {folder.path(), "--frames", "1"});
    QCOMPARE(refused.exitCode, 2);
    QVERIFY(refused.err.contains("campaign.json"));
}

void CliTest::lantern_reloads_whenTheBundleIsExportedAgain() {
    const QTemporaryDir folder;
    const QString project = smallProject(folder);
    const QString bundle = folder.filePath("bundle");
    run("rookplot", {"export", project, "--to", bundle, "--no-findings"});
    QProcess lantern;
    QProcessEnvironment environment = QProcessEnvironment::systemEnvironment();
    environment.insert("SDL_VIDEODRIVER", "dummy");
    lantern.setProcessEnvironment(environment);
    lantern.start((testing::binaryFolder() + "/bin/lantern"), {bundle});
    QVERIFY(lantern.waitForStarted());
    QByteArray said;
    const auto hasSaid = [&](const char* words) {
        return QTest::qWaitFor(
            [&] {
                said += lantern.readAllStandardOutput();
                return said.contains(words);
            },
            20000);
    };
    QVERIFY(hasSaid("First steps"));
    QByteArray text = testing::readBytes(project + "/levels/first-steps.json");
    testing::writeBytes(project + "/levels/first-steps.json",
                        text.replace("First steps", "Steps anew"));
    QCOMPARE(run("rookplot", {"export", project, "--to", bundle, "--no-findings"}).exitCode, 0);
    QVERIFY2(hasSaid("Steps anew"), "the new title was loaded");
    QVERIFY(lantern.state() == QProcess::Running);
    lantern.terminate();
    QVERIFY(lantern.waitForFinished(5000));
}

ROOK_TEST(CliTest)

}  // namespace rook::cli_test

#include "cli_test.moc"
