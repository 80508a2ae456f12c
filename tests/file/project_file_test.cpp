#include "file/project_file.h"

#include "data.h"
#include "file/json_text.h"
#include "file/repair.h"
#include "file/text_grid.h"
#include "level/blocks.h"
#include "testing.h"

namespace rook::project_file_test {

class ProjectFileTest : public QObject {
    Q_OBJECT
private slots:
    void halfSave_ofAFormerVersion_isRepaired();
    void demo_isWrittenAsItWasRead();
    void everyField_survivesSaving();
    void unknownKeys_survive_atEveryPlace();
    void oneEdit_isASmallDiff();
    void wideLevel_isWrittenInRuns_andReadBack();
    void largeLevel_takesLittleMemory();
    void fieldsAndBlocks_areWrittenPlainly_andComeBack();
    void text_becomesCells_orSaysWhatItCannotRead();
    void badInput_isOneSentence_data();
    void badInput_isOneSentence();
    void brokenProject_isRepaired_onlyWhenAsked();
    void sheet_isRefused_whenMissingOutsideOrNoPng();
    void link_outOfTheFolder_isRefused();
    void unreadableFolder_isSaid();
    void sketch_survivesSaving_withItsPicture();
    void sketch_badInput_isOneSentence_data();
    void sketch_badInput_isOneSentence();
    void underlay_thatIsGone_keepsTheProjectOpen();
    void underlays_ofOneStorey_areRefused();
    void underlay_outsideTheFolder_isRefused();
    void savingElsewhere_takesTheSheetsAlong();
    void kill_atAnyMoment_leavesOldOrNew();
    void save_writesOnlyWhatChanged();
};

namespace {

level::Project openFine(const QString& folder) {
    auto project = file::openProject(file::diskStorage(), folder.toStdString());
    if (!project) qFatal("%s", project.error().sentence().c_str());
    return *project;
}

int changedLines(const std::string& a, const std::string& b) {
    const QStringList left = QString::fromStdString(a).split('\n');
    const QStringList right = QString::fromStdString(b).split('\n');
    int count = std::abs(int(left.size() - right.size()));
    for (int i = 0; i < std::min(left.size(), right.size()); ++i)
        count += left[i] != right[i] ? 1 : 0;
    return count;
}

}  // namespace

void ProjectFileTest::demo_isWrittenAsItWasRead() {
    const QString folder = QStringLiteral(ROOK_SOURCE_DIR "/demo/lantern-weir");
    const level::Project project = openFine(folder);
    QCOMPARE(QByteArray::fromStdString(file::projectText(project)),
             testing::readBytes(folder + "/rookplot.json"));
    for (const auto& level : project.levels) {
        const QString path = folder + "/levels/" + QString::fromStdString(level->id.text) + ".json";
        QCOMPARE(QByteArray::fromStdString(file::levelText(project, *level)),
                 testing::readBytes(path));
    }
}

void ProjectFileTest::everyField_survivesSaving() {
    level::Project project = testing::smallProject();
    level::Level level = testing::drawnLevel(project, {"S..=.", ".~H^'", "###oX"});
    level.id = {"all"};
    level.title = "Everything \"quoted\" äß";
    level.cellSize = {15, 17};
    level.edges = {runtime::EdgeRule::Open, runtime::EdgeRule::Deadly, runtime::EdgeRule::Open,
                   runtime::EdgeRule::Wall};
    level.background = "#abcdef";
    level.profile = "second";
    level.texts = std::vector<level::Words>{{"start",
                                             level::WordsWhen::Start,
                                             "Line one\nline two",
                                             level::WordsPlace::Top,
                                             90,
                                             {},
                                             {}}};
    for (int f = 0; f < runtime::formCount; ++f)
        if (f < 5) level.cells.set(f, 0, level::Cell({1}, static_cast<level::Form>(f + 5)));
    level.cells.set(3, 1, level::Cell({2}, level::Form::LowerHalf));
    level::Kind& lantern = const_cast<level::Kind&>(*project.findKind({"lantern"}));
    const auto field = [](const char* name, level::FieldType type, level::FieldValue standard) {
        level::FieldDefinition definition;
        definition.name = name;
        definition.type = type;
        definition.defaultValue = std::move(standard);
        return definition;
    };
    lantern.fields = {field("count", level::FieldType::Integer, std::int64_t{3}),
                      field("note", level::FieldType::Text, std::string("x")),
                      field("lit", level::FieldType::Boolean, true)};
    level.entities.edit([](auto& list) {
        for (level::Entity& entity : list) {
            entity.facing = level::Facing::Down;
            entity.box.width += 3;
            entity.box.height += 1;
            if (entity.kind.text == "gate")
                entity.to = {level::Onward::Level, {"elsewhere"}, {"keeper-9"}};
            if (entity.kind.text == "lantern")
                entity.fields = {
                    {"count", std::int64_t{-7}}, {"note", std::string("a,b")}, {"lit", false}};
        }
    });
    level::MotionProfile second;
    second.name = "second";
    second.bodyWidth = 3;
    second.bodyHeight = 5;
    second.run = {7125};
    second.climb = {3001};
    second.swim = {2002};
    second.greatestFall = {11003};
    second.jumpHeight = {2504};
    second.timeToTop = {305};
    second.fallFactor = {1206};
    second.coyoteMs = {80500};
    second.wallPush = 3;
    second.stepUp = 2;
    second.airJumps = 2;
    second.marginPx = 1;
    second.abilities = {level::Ability::Swim, level::Ability::AirJump};
    project.profiles.edit([&](auto& list) { list.push_back(second); });
    project.levels.push_back(std::make_shared<const level::Level>(level));

    const QTemporaryDir folder;
    QVERIFY(file::saveProject(file::diskStorage(), folder.path().toStdString(), project));
    level::Project again = openFine(folder.path());
    // The legend is what saving added; all else is as it was.
    level::Level readLevel = *again.levels[0];
    QVERIFY(!readLevel.legend.empty());
    readLevel.legend.clear();
    QVERIFY(readLevel == level);
    QVERIFY(again.profiles == project.profiles);
    QVERIFY(again.kinds == project.kinds);
    QVERIFY(again.matters == project.matters);
}

void ProjectFileTest::unknownKeys_survive_atEveryPlace() {
    const QTemporaryDir folder;
    const QString demo = testing::copyDemo(folder);
    const auto insert = [&](const QString& path, const QByteArray& before, const QByteArray& with) {
        QByteArray text = testing::readBytes(path);
        QVERIFY(text.contains(before));
        testing::writeBytes(path, text.replace(text.indexOf(before), before.size(), with));
    };
    insert(demo + "/rookplot.json", "\"order\"",
           "\"later\": { \"a\": [1, 2.5, null] },\n  \"order\"");
    insert(demo + "/rookplot.json", "\"glyph\": \"#\"", "\"glyph\": \"#\", \"weight\": 3");
    insert(demo + "/rookplot.json", "\"atMost\": 1", "\"atMost\": 1, \"mood\": \"calm\"");
    insert(demo + "/levels/intake.json", "\"texts\"",
           "\"weather\": [{ \"id\": \"rain-1\" }],\n  \"texts\"");
    insert(demo + "/levels/intake.json", "\"id\": \"lantern-1\"",
           "\"id\": \"lantern-1\", \"glow\": \"light\"");
    const level::Project project = openFine(demo);
    const std::string main = file::projectText(project);
    const std::string text = file::levelText(project, *project.levels[0]);
    for (const char* kept :
         {"\"later\": { \"a\": [1, 2.5, null] }", "\"weight\": 3", "\"mood\": \"calm\""})
        QVERIFY2(main.find(kept) != std::string::npos, kept);
    for (const char* kept : {"\"weather\": [{ \"id\": \"rain-1\" }]", "\"glow\": \"light\""})
        QVERIFY2(text.find(kept) != std::string::npos, kept);
}

void ProjectFileTest::oneEdit_isASmallDiff() {
    const level::Project project = openFine(QStringLiteral(ROOK_SOURCE_DIR "/demo/lantern-weir"));
    level::Level level = *project.levels[0];
    const std::string before = file::levelText(project, level);
    level.cells.set(50, 5, level::Cell({1}));
    QCOMPARE(changedLines(before, file::levelText(project, level)), 1);
    level.cells.set(50, 5, level::Cell({4}));  // rungs: new in this level, so the legend grows
    QCOMPARE(changedLines(before, file::levelText(project, level)), 2);
    level.entities.edit([](auto& list) { list[3].box.x += 4; });
    QCOMPARE(changedLines(before, file::levelText(project, level)), 3);
}

void ProjectFileTest::wideLevel_isWrittenInRuns_andReadBack() {
    const level::Project project = testing::smallProject();
    level::Level level;
    level.id = {"wide"};
    level.title = "wide";
    level.cells = Grid<level::Cell>(2001, 3);
    Random random(testing::seedOr(51));
    for (int i = 0; i < 500; ++i)
        level.cells.set(random.between(0, 2000), random.between(0, 2),
                        level::Cell({static_cast<std::uint16_t>(random.between(1, 6))}));
    level.cells.set(0, 0, level::Cell({1}, level::Form::RiseLeft));
    const std::string text = file::levelText(project, level);
    QVERIFY(text.find("1*stone/rise-left ") != std::string::npos);
    QVERIFY(text.find("legend") == std::string::npos);
    const auto again = file::readLevelText(project, text, "wide.json");
    QVERIFY2(again.has_value(), again ? "" : again.error().sentence().c_str());
    QVERIFY(*again == level);
}

void ProjectFileTest::largeLevel_takesLittleMemory() {
    const level::Project project = testing::smallProject();
    level::Level level;
    level.id = {"large"};
    level.cells = Grid<level::Cell>(4096, 4096);
    Random random(6);
    for (int i = 0; i < 40000; ++i)
        level.cells.fillRect({random.between(0, 4095), random.between(0, 4095), 40, 10},
                             level::Cell({static_cast<std::uint16_t>(random.between(0, 6))}));
    QVERIFY(level.cells.byteCount() < (80u << 20));
    const auto again = file::readLevelText(project, file::levelText(project, level), "large.json");
    QVERIFY2(again.has_value(), again ? "" : again.error().sentence().c_str());
    QVERIFY(again->cells == level.cells);
    QVERIFY(again->cells.byteCount() < (80u << 20));
}

void ProjectFileTest::fieldsAndBlocks_areWrittenPlainly_andComeBack() {
    level::Project project = testing::smallProject();
    project.matters.edit([](auto& list) {
        list[1].form = level::Form::LowerHalf;
        list[1].joins = {"moss"};
        list[1].fields = {{"friction", level::Decimal{-1250}},
                          {"wet", true},
                          {"sound", std::string("clank")},
                          {"wear", std::int64_t{7}}};
    });
    auto level = testing::drawnLevel(project, {"o#.", "=##", "S.X"});
    level.cells.set(1, 0, level::Cell({1}, level::Form::RiseLeft));
    project.levels = {std::make_shared<const level::Level>(level)};
    const level::CellRegion region(CellRect{0, 0, 3, 2});
    project = keepBlock(project, *project.levels[0], region, "Lamp")->project;
    const std::string text = file::projectText(project);
    QVERIFY(text.find("\"form\": \"lower-half\", \"joins\": [\"moss\"], \"fields\": "
                      "[{ \"name\": \"friction\", \"type\": \"number\", \"value\": -1.25 }, "
                      "{ \"name\": \"wet\", \"type\": \"yes-no\", \"value\": true }") !=
            std::string::npos);
    QVERIFY(text.find("{ \"name\": \"lamp\", \"title\": \"Lamp\", \"size\": [3, 2], \"matter\": "
                      "[\"1*open 1*stone/rise-left 1*open\", \"1*plank 2*stone\"], \"entities\": "
                      "[{ \"id\": \"lantern-1\"") != std::string::npos);
    const QTemporaryDir folder;
    const file::Path path = folder.path().toStdString();
    QVERIFY(file::saveProject(file::diskStorage(), path, project, nullptr));
    const level::Project back = openFine(folder.path());
    QCOMPARE(back.matters, project.matters);
    QCOMPARE(back.blocks, project.blocks);
    QCOMPARE(back.levels[0]->laid, project.levels[0]->laid);
    QCOMPARE(file::projectText(back), text);
}

void ProjectFileTest::text_becomesCells_orSaysWhatItCannotRead() {
    const level::Project project = testing::smallProject();
    const auto level = testing::drawnLevel(project, {"#=.", "..."});
    const auto clip = file::clipOfText(project, level, "#= \r\n.H\n\n");
    QVERIFY(clip);
    QCOMPARE(clip->cells.bounds(), (CellRect{0, 0, 3, 2}));
    QCOMPARE(clip->cells.at(1, 1), level::Cell({3}));
    QVERIFY(clip->cells.at(2, 0).isOpen() && clip->cells.at(2, 1).isOpen());
    QCOMPARE(*file::clipOfText(project, level, file::textOfClip(project, *clip)), *clip);
    const auto strange = file::clipOfText(project, level, "#@@\n?#");
    QVERIFY(!strange);
    QVERIFY(
        QString::fromStdString(strange.error().sentence()).contains("\"?\" 1 time, \"@\" 2 times"));
    QCOMPARE(file::clipOfText(project, level, "\n\n").error().kind, ErrorKind::NotApplicable);
    QCOMPARE(file::clipOfText(project, level, std::string(20000, '#')).error().kind,
             ErrorKind::OutOfRange);
}

void ProjectFileTest::badInput_isOneSentence_data() {
    QTest::addColumn<QString>("file");
    QTest::addColumn<QByteArray>("from");
    QTest::addColumn<QByteArray>("to");
    QTest::addColumn<QString>("says");
    const QString main = "rookplot.json";
    const QString intake = "levels/intake.json";
    QTest::newRow("broken JSON") << main << QByteArray("\"version\": 1,")
                                 << QByteArray("\"version\": 1") << "rookplot.json:4:";
    QTest::newRow("newer version")
        << main << QByteArray("\"version\": 1") << QByteArray("\"version\": 2") << "version 2";
    QTest::newRow("another format")
        << intake << QByteArray("rookplot-board") << QByteArray("rookplot-level") << "format";
    QTest::newRow("no columns") << intake << QByteArray("\"columns\": 120")
                                << QByteArray("\"columns\": 0") << "size.columns";
    QTest::newRow("too many columns") << intake << QByteArray("\"columns\": 120")
                                      << QByteArray("\"columns\": 99999999999") << "out of range";
    QTest::newRow("short row") << intake << QByteArray("\"##......") << QByteArray("\"##.....")
                               << "Row 1";
    QTest::newRow("unknown character")
        << intake << QByteArray("\"##......") << QByteArray("\"##..@...") << "row 1, column 4";
    QTest::newRow("row missing") << intake << QByteArray("\"rows\": 34")
                                 << QByteArray("\"rows\": 35") << "34 rows";
    QTest::newRow("unknown matter")
        << intake << QByteArray("\"stone\"") << QByteArray("\"granite\"") << "granite";
    QTest::newRow("unknown form") << intake << QByteArray("silt/rise-right\"")
                                  << QByteArray("silt/rise-up\"") << "rise-up";
    QTest::newRow("sloped one-way")
        << intake << QByteArray("\"plank\"") << QByteArray("\"plank/rise-left\"") << "lower-half";
    QTest::newRow("unknown kind") << intake << QByteArray("\"kind\": \"gauge\"")
                                  << QByteArray("\"kind\": \"gaugf\"") << "gaugf";
    QTest::newRow("unknown sheet")
        << main << QByteArray("\"sheet\": \"weir\"") << QByteArray("\"sheet\": \"dam\"") << "dam";
    QTest::newRow("unknown role") << main << QByteArray("\"role\": \"exit\"")
                                  << QByteArray("\"role\": \"way out\"") << "way out";
    QTest::newRow("same id twice") << intake << QByteArray("\"id\": \"lantern-2\"")
                                   << QByteArray("\"id\": \"lantern-1\"") << "twice";
    QTest::newRow("level missing") << main << QByteArray("    \"wheel-hall\"")
                                   << QByteArray("    \"mill-hall\"") << "mill-hall.json";
    QTest::newRow("level id leaves")
        << main << QByteArray("    \"wheel-hall\"") << QByteArray("    \"../wheel\"") << "order[1]";
    QTest::newRow("too many places") << main << QByteArray("\"run\": 7.1")
                                     << QByteArray("\"run\": 7.1234") << "three decimal places";
    QTest::newRow("wrong type") << intake << QByteArray("\"x\": 66") << QByteArray("\"x\": \"66\"")
                                << "entities[0].x";
    const QByteArray frame = "\"joins\": [\"stone\"]";
    QTest::newRow("joins nobody") << main << frame << QByteArray("\"joins\": [\"slate\"]")
                                  << "slate";
    QTest::newRow("form of one-way")
        << main << QByteArray("\"glyph\": \"=\"")
        << QByteArray("\"form\": \"rise-left\", \"glyph\": \"=\"") << "lower-half";
    QTest::newRow("field of another type")
        << main << QByteArray("\"value\": 0.8") << QByteArray("\"value\": \"rough\"")
        << "not of the field's type";
    QTest::newRow("field with too many places")
        << main << QByteArray("\"value\": 0.8") << QByteArray("\"value\": 0.12345")
        << "three decimal places";
    const QByteArray order = "\"order\"";
    QTest::newRow("block of no size")
        << main << order
        << QByteArray("\"blocks\": [{ \"name\": \"b\", \"size\": [0, 2], \"matter\": [] }], ") +
               order
        << "blocks[0].size";
    QTest::newRow("block with too few rows")
        << main << order
        << QByteArray(
               "\"blocks\": [{ \"name\": \"b\", \"size\": [2, 2], \"matter\": "
               "[\"2*stone\"] }], ") +
               order
        << "1 rows and should be 2";
    QTest::newRow("block laid outside")
        << intake << QByteArray("\"entities\"")
        << QByteArray(
               "\"laid\": [{ \"block\": \"b\", \"at\": [-1, 0], \"size\": [1, 1] }], "
               "\"entities\"")
        << "laid[0].at";
    QTest::newRow("nested too deep")
        << main << QByteArray("\"order\"")
        << QByteArray("\"deep\": " + QByteArray(100, '[') + QByteArray(100, ']') + ", \"order\"")
        << "64";
}

void ProjectFileTest::badInput_isOneSentence() {
    QFETCH(QString, file);
    QFETCH(QByteArray, from);
    QFETCH(QByteArray, to);
    QFETCH(QString, says);
    const QTemporaryDir folder;
    const QString demo = testing::copyDemo(folder);
    QByteArray text = testing::readBytes(demo + "/" + file);
    QVERIFY2(text.contains(from), from);
    testing::writeBytes(demo + "/" + file, text.replace(text.indexOf(from), from.size(), to));
    const auto project = file::openProject(file::diskStorage(), demo.toStdString());
    QVERIFY(!project);
    const QString sentence = QString::fromStdString(project.error().sentence());
    QVERIFY2(sentence.contains(says), qPrintable(sentence));
    QVERIFY2(!sentence.contains('\n') && sentence.endsWith('.'), qPrintable(sentence));
    QVERIFY(!project.error().remedy.empty() && !project.error().where.empty());
}

void ProjectFileTest::brokenProject_isRepaired_onlyWhenAsked() {
    const QTemporaryDir folder;
    const QString weir = testing::copyDemo(folder);
    const QString board = weir + "/levels/intake.json";
    const level::Project fine = openFine(weir);
    QByteArray text = testing::readBytes(board);
    auto json = nlohmann::ordered_json::parse(text.toStdString());
    auto& entities = json["entities"];
    const std::size_t count = entities.size();
    entities[1]["id"] = entities[0]["id"];
    entities[2]["x"] = 1e300;
    entities[3]["fields"] = {{"light", "bright"}};
    entities[4]["kind"] = "nobody";
    entities[4].erase("width");
    text = QByteArray::fromStdString(json.dump());
    text.replace("\"texts\":", "\"note\":NaN,\"texts\":");
    testing::writeBytes(board, text);
    const auto refused = file::openProject(file::diskStorage(), weir.toStdString());
    QVERIFY(!refused);
    const auto repaired = file::openRepaired(file::diskStorage(), weir.toStdString());
    QVERIFY2(repaired.has_value(), repaired ? "" : repaired.error().sentence().c_str());
    const level::Level& level = *repaired->project.findLevel({"intake"});
    // What has no place, and what is of no kind, had to go.
    QCOMPARE(level.entities.size(), count - 2);
    QVERIFY(level.cells == fine.findLevel({"intake"})->cells);
    QVERIFY2(repaired->changes.size() >= 5, QByteArray::number(qint64(repaired->changes.size())));
    for (const std::string& change : repaired->changes)
        QVERIFY2(change.find("intake.json") != std::string::npos ||
                     change.find("is called") != std::string::npos,
                 change.c_str());
    // Nothing was written.
    QCOMPARE(testing::readBytes(board), text);
    // Rows of matter are not left out: they would make another level.
    json["matter"][2] = "?????";
    testing::writeBytes(board, QByteArray::fromStdString(json.dump()));
    QVERIFY(!file::openRepaired(file::diskStorage(), weir.toStdString()));
}

void ProjectFileTest::sheet_isRefused_whenMissingOutsideOrNoPng() {
    const QTemporaryDir folder;
    const QString demo = testing::copyDemo(folder);
    const auto errorKind = [&] {
        const auto project = file::openProject(file::diskStorage(), demo.toStdString());
        return project ? ErrorKind::NotApplicable : project.error().kind;
    };
    testing::writeBytes(demo + "/sheets/weir.png", "no picture");
    QCOMPARE(errorKind(), ErrorKind::BadSyntax);
    QFile::remove(demo + "/sheets/weir.png");
    QCOMPARE(errorKind(), ErrorKind::Missing);
    const QByteArray text = testing::readBytes(demo + "/rookplot.json");
    for (const char* path : {"../weir.png", "/etc/hostname", "sheets/../../weir.png"}) {
        testing::writeBytes(demo + "/rookplot.json",
                            QByteArray(text).replace("sheets/weir.png", path));
        QCOMPARE(errorKind(), ErrorKind::UnsafePath);
    }
}

void ProjectFileTest::link_outOfTheFolder_isRefused() {
    const QTemporaryDir folder;
    const QString demo = testing::copyDemo(folder);
    QVERIFY(QFile::rename(demo + "/sheets/weir.png", folder.filePath("outside.png")));
    QVERIFY(QFile::link(folder.filePath("outside.png"), demo + "/sheets/weir.png"));
    const auto project = file::openProject(file::diskStorage(), demo.toStdString());
    QVERIFY(!project);
    QCOMPARE(project.error().kind, ErrorKind::UnsafePath);
}

void ProjectFileTest::unreadableFolder_isSaid() {
    const auto project = file::openProject(file::diskStorage(), "/nowhere/at-all");
    QVERIFY(!project);
    QCOMPARE(project.error().kind, ErrorKind::Missing);
    QVERIFY(QString::fromStdString(project.error().sentence()).contains("rookplot new"));
}

void ProjectFileTest::kill_atAnyMoment_leavesOldOrNew() {
    const QTemporaryDir folder;
    const QString demo = testing::copyDemo(folder);
    const level::Project old = openFine(demo);
    bool hasFinished = false;
    for (int operations = 0; !hasFinished; ++operations) {
        level::Level level = *openFine(demo).levels[0];
        level.cells.set(operations % 100 + 5, 3, level::Cell({1}));
        level::Project changed = old.withLevel(level);
        testing::DyingStorage storage(operations);
        hasFinished = file::saveProject(storage, demo.toStdString(), changed, &old).has_value();
        QCOMPARE(hasFinished, !storage.hasDied());
        // Whatever happened, the folder holds a whole project: this value or a former one.
        const level::Project now = openFine(demo);
        QCOMPARE(now.levels.size(), old.levels.size());
        if (hasFinished) QVERIFY(now.levels[0]->cells == level.cells);
    }
}

void ProjectFileTest::save_writesOnlyWhatChanged() {
    const QTemporaryDir folder;
    const QString demo = testing::copyDemo(folder);
    // What the window may have left beside the demo.
    QDir(demo + "/.rookplot").removeRecursively();
    const level::Project old = openFine(demo);
    const auto former = QFileInfo(demo + "/levels/wheel-hall.json").lastModified();
    QFile hall(demo + "/levels/wheel-hall.json");
    QVERIFY(hall.open(QIODevice::ReadWrite));
    QVERIFY(hall.setFileTime(former.addDays(-3), QFileDevice::FileModificationTime));
    hall.close();
    level::Level level = *old.levels[0];
    level.title = "Renamed";
    QVERIFY(file::saveProject(file::diskStorage(), demo.toStdString(), old.withLevel(level), &old));
    QCOMPARE(QFileInfo(demo + "/levels/wheel-hall.json").lastModified(), former.addDays(-3));
    QVERIFY(testing::readBytes(demo + "/levels/intake.json").contains("Renamed"));
    QCOMPARE(QDir(demo + "/.rookplot").entryList(QDir::AllEntries | QDir::NoDotAndDotDot),
             QStringList{"saving"});
}

namespace {

/// A level whose plan has something of everything, no two fields alike.
level::Level planned(const level::Project& project) {
    using namespace level;
    Level level = testing::drawnLevel(project, {"S...X", "#####"});
    int number = 0;
    const auto mark = [&](MarkShape shape, std::vector<PxPoint> points) {
        Mark m;
        m.id = {++number};
        m.shape = shape;
        m.points = std::move(points);
        return m;
    };
    Mark free = mark(MarkShape::Free, {{0, 0}, {5, -7}, {9, 3}});
    free.tone = PencilTone::Plum;
    free.width = PencilWidth::Bold;
    free.group = 4;
    free.unknown = {{"mood", "\"calm\""}};
    Mark room = mark(MarkShape::Box, {{1, 2}, {30, 40}});
    room.isRoom = true;
    room.text = "boiler \"room\" äß";
    Leaf first;
    first.name = "Plan";
    first.marks = std::vector<Mark>{free, room, mark(MarkShape::Line, {{4, 4}, {8, 4}}),
                                    mark(MarkShape::Outline, {{0, 0}, {9, 0}, {4, 8}})};
    Leaf second;
    second.name = "Ideas, later";
    second.opacity = 40;
    second.isShown = false;
    second.isLocked = true;
    second.unknown = {{"ink", "7"}};
    second.marks = std::vector<Mark>{mark(MarkShape::Label, {{6, 6}}),
                                     mark(MarkShape::Thing, {{1, 1}, {7, 7}})};
    level.sketch.leaves = std::vector<Leaf>{first, second};
    Route route;
    route.name = "main";
    route.points = {{2, 2}, {70, 8}, {-9, 12}};
    Bead bead;
    bead.leg = 1;
    bead.share = 333;
    bead.sort = BeadSort::Puzzle;
    bead.note = "the wheel";
    bead.region = CellRect{1, 2, 3, 4};
    bead.unknown = {{"hint", "true"}};
    route.beads = {bead};
    route.unknown = {{"weather", "[1]"}};
    Route empty;
    empty.name = "secret";
    level.sketch.routes = std::vector<Route>{route, empty};
    Underlay underlay;
    underlay.path = "underlays/plan.png";
    underlay.picture.bytes = std::make_shared<const std::string>("no picture, but bytes");
    underlay.corner = {-3, 14};
    underlay.scale = 1.0 / 3;
    underlay.turns = 3;
    underlay.opacity = 65;
    underlay.isShown = false;
    underlay.isLocked = true;
    underlay.unknown = {{"by", "\"hand\""}};
    level.sketch.underlay = underlay;
    underlay.storey = 2;
    underlay.path = "underlays/upstairs.png";
    level.sketch.upperUnderlays = std::vector<level::Underlay>{underlay};
    level.sketch.unknown = {{"more", "1"}};
    return level;
}

}  // namespace

void ProjectFileTest::sketch_survivesSaving_withItsPicture() {
    level::Project project = testing::smallProject();
    project.parts = std::vector<level::PartMatch>{{"Boat, small", level::PartSort::Kind, "lantern"},
                                                  {"wall", level::PartSort::Matter, "stone"}};
    const level::Level level = planned(project);
    project.levels = {std::make_shared<const level::Level>(level)};
    const QTemporaryDir folder;
    QVERIFY(file::saveProject(file::diskStorage(), folder.path().toStdString(), project));
    for (const char* picture : {"underlays/plan.png", "underlays/upstairs.png"})
        QCOMPARE(testing::readBytes(folder.filePath(picture)), QByteArray("no picture, but bytes"));
    const level::Project again = openFine(folder.path());
    QVERIFY(again.levels[0]->sketch == level.sketch);
    QVERIFY(again.parts == project.parts);
    // What is saved again is the same, byte for byte.
    QCOMPARE(file::levelText(again, *again.levels[0]),
             testing::readBytes(folder.filePath("levels/drawn.json")).toStdString());
    QVERIFY(again.levels[0]->unknown.empty());
}

void ProjectFileTest::sketch_badInput_isOneSentence_data() {
    QTest::addColumn<QByteArray>("from");
    QTest::addColumn<QByteArray>("to");
    QTest::addColumn<QByteArray>("words");
    const auto row = [](const char* name, const char* from, const char* to, const char* words) {
        QTest::newRow(name) << QByteArray(from) << QByteArray(to) << QByteArray(words);
    };
    row("shape", "\"shape\": \"line\"", "\"shape\": \"spiral\"", "spiral");
    row("too few points", "[[4, 4], [8, 4]]", "[[4, 4]]", "at least 2 points");
    row("no point", "[[4, 4], [8, 4]]", "[[4, 4], [8]]", "Two whole numbers");
    row("huge point", "[[4, 4], [8, 4]]", "[[4, 4], [8e12, 4]]", "whole number from");
    row("id twice", "\"id\": 3", "\"id\": 1", "there twice");
    row("opacity", "\"opacity\": 40", "\"opacity\": 4", "10 to 100");
    row("leg", "\"leg\": 1", "\"leg\": 2", "0 to 1");
    row("share", "\"share\": 333", "\"share\": 1001", "0 to 1000");
    row("lines", "the wheel", "the\\nwheel", "one line");
    row("region", "\"width\": 3, \"height\": 4", "\"width\": 0, \"height\": 4", "out of range");
    row("scale", "0.3333333333333333", "0", "0.001 to 1000");
    row("room", "\"room\": true", "\"room\": 1", "true or false");
    row("leaves", "\"leaves\": [", "\"leaves\": 5, \"other\": [", "list");
}

void ProjectFileTest::sketch_badInput_isOneSentence() {
    QFETCH(QByteArray, from);
    QFETCH(QByteArray, to);
    QFETCH(QByteArray, words);
    const level::Project project = testing::smallProject();
    QByteArray text = QByteArray::fromStdString(file::levelText(project, planned(project)));
    QVERIFY2(text.contains(from), text);
    text.replace(from, to);
    const auto level = file::readLevelText(project, text.toStdString(), "levels/drawn.json");
    QVERIFY(!level);
    const QByteArray sentence = QByteArray::fromStdString(level.error().sentence());
    QVERIFY2(sentence.contains(words) && sentence.contains("levels/drawn.json"), sentence);
}

void ProjectFileTest::underlay_thatIsGone_keepsTheProjectOpen() {
    level::Project project = testing::smallProject();
    project.levels = {std::make_shared<const level::Level>(planned(project))};
    const QTemporaryDir folder;
    QVERIFY(file::saveProject(file::diskStorage(), folder.path().toStdString(), project));
    QVERIFY(QFile::remove(folder.filePath("underlays/plan.png")));
    const level::Project again = openFine(folder.path());
    QVERIFY(!again.levels[0]->sketch.underlay->picture.bytes);
    QVERIFY(file::saveProject(file::diskStorage(), folder.path().toStdString(), again));
    QCOMPARE(openFine(folder.path()).levels[0]->sketch.underlay->path,
             std::string("underlays/plan.png"));
}

void ProjectFileTest::underlays_ofOneStorey_areRefused() {
    level::Project project = testing::smallProject();
    level::Level level = planned(project);
    level.sketch.upperUnderlays.edit([](auto& list) { list.push_back(list.front()); });
    project.levels = {std::make_shared<const level::Level>(level)};
    const QTemporaryDir folder;
    QVERIFY(file::saveProject(file::diskStorage(), folder.path().toStdString(), project));
    const auto read = file::openProject(file::diskStorage(), folder.path().toStdString());
    QVERIFY(!read);
    QCOMPARE(read.error().what, std::string("Two pictures lie under one storey"));
}

void ProjectFileTest::underlay_outsideTheFolder_isRefused() {
    level::Project project = testing::smallProject();
    level::Level level = planned(project);
    level.sketch.underlay->path = "../secret.png";
    project.levels = {std::make_shared<const level::Level>(level)};
    const QTemporaryDir folder;
    const auto saved = file::saveProject(file::diskStorage(), folder.path().toStdString(), project);
    QCOMPARE(saved.error().kind, ErrorKind::UnsafePath);
    level.sketch.underlay->picture.bytes.reset();
    project.levels = {std::make_shared<const level::Level>(level)};
    QVERIFY(file::saveProject(file::diskStorage(), folder.path().toStdString(), project));
    QCOMPARE(file::openProject(file::diskStorage(), folder.path().toStdString()).error().kind,
             ErrorKind::UnsafePath);
}

void ProjectFileTest::savingElsewhere_takesTheSheetsAlong() {
    const QTemporaryDir folder;
    const QString demo = testing::copyDemo(folder);
    const level::Project project = openFine(demo);
    const QString other = folder.filePath("other");
    QVERIFY(
        file::copySheets(file::diskStorage(), demo.toStdString(), other.toStdString(), project));
    QVERIFY(file::saveProject(file::diskStorage(), other.toStdString(), project));
    QVERIFY(openFine(other) == project);
}

/// A save of a former version, broken off after the boards: they have the new name of a matter, the
/// project its old one; and a matter of which nothing is known any more.
void ProjectFileTest::halfSave_ofAFormerVersion_isRepaired() {
    QTemporaryDir folder;
    const QString weir = testing::copyDemo(folder);
    const level::Project fine = openFine(weir);
    const QString board = weir + "/levels/intake.json";
    const QByteArray former = testing::readBytes(board);
    QByteArray text = former;
    text.replace("\"stone\"", "\"granite\"").replace("\"stone/", "\"granite/");
    QVERIFY(text != former);
    testing::writeBytes(board, text);
    QVERIFY(!file::openProject(file::diskStorage(), weir.toStdString()));
    auto repaired = file::openRepaired(file::diskStorage(), weir.toStdString());
    QVERIFY2(repaired, repaired ? "" : repaired.error().sentence().c_str());
    QVERIFY(repaired->project.findLevel({"intake"})->cells == fine.findLevel({"intake"})->cells);
    QCOMPARE(repaired->changes.size(), std::size_t{1});
    file::Json json = file::Json::parse(former.toStdString());
    json["legend"].erase("#");
    json["legend"]["?"] = "granite";
    for (file::Json& row : json["matter"]) {
        std::string drawn = row;
        std::replace(drawn.begin(), drawn.end(), '#', '?');
        row = drawn;
    }
    testing::writeBytes(board, QByteArray::fromStdString(json.dump()));
    repaired = file::openRepaired(file::diskStorage(), weir.toStdString());
    QVERIFY2(repaired, repaired ? "" : repaired.error().sentence().c_str());
    const auto granite = repaired->project.findMatter("granite");
    QVERIFY(granite);
    const level::Level& level = *repaired->project.findLevel({"intake"});
    const level::Level& was = *fine.findLevel({"intake"});
    const auto stone = *fine.findMatter("stone");
    for (int y = 0; y < was.cells.height(); ++y)
        for (int x = 0; x < was.cells.width(); ++x)
            QCOMPARE(level.cells.at(x, y).matter() == *granite,
                     was.cells.at(x, y) == level::Cell(stone));
}

ROOK_TEST(ProjectFileTest)

}  // namespace rook::project_file_test

#include "project_file_test.moc"
