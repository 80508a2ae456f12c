// Text grids and image maps: there and back, against an obvious reading, and what is hostile.

#include "ship/grid_reading.h"

#include <QElapsedTimer>

#include "data.h"
#include "file/png.h"
#include "file/project_file.h"
#include "ship/import.h"
#include "ship/shipment.h"
#include "testing.h"

namespace rook::grids_test {

using level::Cell;
using level::Entity;
using level::Level;
using level::Project;
using ship::Meaning;

class GridsTest : public QObject {
    Q_OBJECT
private slots:
    void textGrid_isAsTheDesignSays();
    void everyMeaning_hasASignOfItsOwn();
    void there_andBack_data();
    void there_andBack();
    void demo_thereAndBack();
    void entity_isShownInTheCellOfItsFoot();
    void severalLevels_inOneFile();
    void rowsOfOtherLengths_areFilledWithOpen();
    void unknownSigns_areTold_andCanBeChosen();
    void nearestColour_isThatOfLab();
    void replaced_thingsKeepTheirFields();
    void hostile_texts();
    void hostile_images();
    void legend_isReadStrictly();
};

namespace {

const Project& demo() {
    static const Project project =
        *file::openProject(file::diskStorage(), ROOK_SOURCE_DIR "/demo/lantern-weir");
    return project;
}

ship::Files filesOf(const Project& project, level::TargetFormat format, bool isOneFile = false) {
    level::Target target;
    target.name = "one";
    target.format = format;
    target.options.isOneFile = isOneFile;
    auto made = ship::filesOf({file::diskStorage(), project, {}, target});
    if (!made) qFatal("%s", made.error().sentence().c_str());
    return made->files;
}

/// Kinds, places and what they stand in: ids and order are not kept by signs.
std::multiset<std::tuple<std::string, int, int>> thingsOf(const Level& level) {
    std::multiset<std::tuple<std::string, int, int>> things;
    for (const Entity& entity : level.entities) {
        const CellPoint at = ship::shownAt(level, entity);
        things.emplace(entity.kind.text, at.x, at.y);
    }
    return things;
}

/// A level of random matters, forms and things, at most one thing a cell.
Project randomProject(Random& random) {
    Project project = testing::smallProject();
    const int columns = random.between(1, 30), rows = random.between(1, 20);
    Level level = testing::drawnLevel(
        project,
        std::vector<std::string>(std::size_t(rows), std::string(std::size_t(columns), '.')));
    std::vector<Entity> things;
    for (int y = 0; y < rows; ++y)
        for (int x = 0; x < columns; ++x) {
            const auto matter =
                static_cast<std::uint16_t>(random.between(0, int(project.matters.size()) - 1));
            const bool isOneWay = project.matters[matter].behaviour == level::Behaviour::OneWay;
            const int form = random.between(0, isOneWay ? 2 : runtime::formCount - 1);
            if (random.chance(50))
                level.cells.set(x, y, Cell(level::MatterId{matter}, level::Form(form)));
            if (!random.chance(8)) continue;
            const level::Kind& kind =
                project.kinds[std::size_t(random.between(0, int(project.kinds.size()) - 1))];
            Entity thing;
            thing.id = {"thing-" + std::to_string(things.size())};
            thing.kind = kind.id;
            const int left =
                std::clamp(16 * x + 8 - kind.width / 2, 0, std::max(0, 16 * columns - kind.width));
            const int top = std::max(0, 16 * (y + 1) - kind.height);
            thing.box = {left, top, std::min(kind.width, 16 * columns),
                         std::min(kind.height, 16 * rows)};
            const CellPoint at = ship::shownAt(level, thing);
            const bool isFree = std::none_of(things.begin(), things.end(), [&](const Entity& each) {
                return ship::shownAt(level, each) == at;
            });
            if (isFree) things.push_back(thing);
        }
    level.entities = std::move(things);
    project.levels = {std::make_shared<const Level>(level)};
    return project;
}

}  // namespace

void GridsTest::textGrid_isAsTheDesignSays() {
    const Project small = testing::smallProject();
    Project project = small;
    project.levels = {std::make_shared<const Level>(
        testing::drawnLevel(small, {"..o.....", "..==..X.", "S.....##", "##~~^###"}))};
    const auto files = filesOf(project, level::TargetFormat::TextGrid);
    // K and G are the first letters of keeper and gate, l of the lantern; open is as it is drawn.
    const std::string open = project.matters[0].glyph;
    std::string expected = "; Drawn\n..l.....\n..==..g.\nk.....##\n##~~^###\n";
    for (char& c : expected)
        if (c == '.') c = open[0];
    QCOMPARE(files.at("drawn.txt"), expected);
    QVERIFY(files.at("legend.json").find(R"({ "sign": "#", "matter": "stone" })") !=
            std::string::npos);
    QVERIFY(files.at("legend.json").find(R"({ "sign": "k", "kind": "keeper" })") !=
            std::string::npos);
}

void GridsTest::everyMeaning_hasASignOfItsOwn() {
    const Project project = testing::smallProject();
    std::vector<Meaning> all{{}};
    for (std::uint16_t m = 1; m < project.matters.size(); ++m)
        for (int form = 0; form < runtime::formCount; ++form)
            for (const level::Kind* kind :
                 {static_cast<const level::Kind*>(nullptr), &project.kinds[0], &project.kinds[1],
                  &project.kinds[2], &project.kinds[3]})
                all.push_back({Cell({m}, level::Form(form)), kind ? kind->id : KindId()});
    const auto characters = ship::charactersFor(project, all);
    const auto colors = ship::colorsFor(project, all);
    for (const auto* signs : {&characters, &colors}) {
        std::set<std::string> used;
        for (const Meaning& meaning : all) {
            const std::string& sign = signs->at(meaning);
            QVERIFY2(used.insert(sign).second, sign.c_str());
            QVERIFY(sign != ";" && sign != " " && sign != "\n");
        }
    }
    QCOMPARE(colors.at(Meaning()), std::string());
    QCOMPARE(colors.at({Cell({1}), {}}), project.matters[1].color);
}

void GridsTest::there_andBack_data() {
    QTest::addColumn<int>("format");
    QTest::newRow("text") << int(level::TargetFormat::TextGrid);
    QTest::newRow("image") << int(level::TargetFormat::ImageMap);
}

void GridsTest::there_andBack() {
    QFETCH(const int, format);
    const bool isText = format == int(level::TargetFormat::TextGrid);
    const std::uint64_t seed = testing::seedOr(71);
    Random random(seed);
    for (int round = 0; round < 60; ++round) {
        const Project project = randomProject(random);
        const Level& level = *project.levels[0];
        const auto files = filesOf(project, level::TargetFormat(format));
        const auto legend =
            ship::readLegend(project, files.at(isText ? "legend.json" : "palette.json"), "legend");
        QVERIFY2(legend.has_value(), legend ? "" : legend.error().sentence().c_str());
        const std::string& bytes = files.at(isText ? "drawn.txt" : "drawn.png");
        const auto reading = isText ? ship::readTextGrid(project, bytes, "drawn.txt", *legend)
                                    : ship::readImageMap(project, bytes, "drawn.png", *legend);
        QVERIFY2(reading.has_value(), reading ? "" : reading.error().sentence().c_str());
        QCOMPARE(reading->unknownCount(), 0);
        const auto added = ship::addBoards(project, *reading, {}, "drawn");
        QVERIFY(added.has_value());
        const auto back = added->edit.project.findLevel(added->level);
        const QByteArray where =
            "seed " + QByteArray::number(qulonglong(seed)) + ", round " + QByteArray::number(round);
        QVERIFY2(back->cells == level.cells, where.constData());
        QVERIFY2(thingsOf(*back) == thingsOf(level), where.constData());
        for (const Entity& entity : back->entities)
            QVERIFY2(back->boundsPx().contains(entity.box), where.constData());
    }
}

void GridsTest::demo_thereAndBack() {
    const auto files = filesOf(demo(), level::TargetFormat::TextGrid);
    for (const char* id : {"intake", "wheel-hall", "grain-loft"}) {
        const auto level = demo().findLevel({id});
        const auto legend = ship::readLegend(demo(), files.at("legend.json"), "legend");
        const auto reading =
            ship::readTextGrid(demo(), files.at(std::string(id) + ".txt"), id, *legend);
        QVERIFY(reading.has_value());
        const auto edit = ship::replaceBoard(demo(), *level, *reading);
        QVERIFY(edit.has_value());
        // What was there is as it was, with all its fields: nothing has changed at all.
        QVERIFY(edit->level.cells == level->cells);
        QCOMPARE(thingsOf(edit->level), thingsOf(*level));
        for (const Entity& entity : edit->level.entities)
            QVERIFY(*level::findEntity(*level, entity.id) == entity);
    }
}

void GridsTest::entity_isShownInTheCellOfItsFoot() {
    Level level;
    Entity entity;
    entity.box = {20, 30, 12, 22};  // the px (26, 51)
    QCOMPARE(ship::shownAt(level, entity), (CellPoint{1, 3}));
    entity.box = {31, 0, 3, 16};  // (32, 15)
    QCOMPARE(ship::shownAt(level, entity), (CellPoint{2, 0}));
}

void GridsTest::severalLevels_inOneFile() {
    const auto files = filesOf(demo(), level::TargetFormat::TextGrid, true);
    QVERIFY(files.contains("levels.txt") && !files.contains("intake.txt"));
    const auto legend = ship::readLegend(demo(), files.at("legend.json"), "legend");
    const auto reading = ship::readTextGrid(demo(), files.at("levels.txt"), "levels.txt", *legend);
    QVERIFY(reading.has_value());
    QCOMPARE(reading->boards.size(), std::size_t(5));
    QCOMPARE(reading->boards[0].title, std::string("Intake steps"));
    QCOMPARE(reading->boards[1].cells.width(), 160);
    const auto added = ship::addBoards(demo(), *reading, {}, "levels.txt");
    QVERIFY(added.has_value());
    QCOMPARE(added->edit.project.levels.size(), demo().levels.size() + 5);
    QVERIFY(added->edit.project.levels.back()->cells == demo().findLevel({"leaky-reach"})->cells);
    // A line without characters alone ends a level; titles begin one.
    const auto plain = ship::readTextGrid(demo(), "##\n\n\n##\n##\n; A\n#\n; B\n\n#\r\n", "x", {});
    QVERIFY(plain.has_value());
    QCOMPARE(plain->boards.size(), std::size_t(4));
    QCOMPARE(plain->boards[2].title, std::string("A"));
    QCOMPARE(plain->boards[3].title, std::string());
}

void GridsTest::rowsOfOtherLengths_areFilledWithOpen() {
    const Project project = testing::smallProject();
    const auto reading = ship::readTextGrid(project, "##\n####\n #", "x", {});
    QVERIFY(reading.has_value());
    const auto& cells = reading->boards[0].cells;
    QCOMPARE(cells.width(), 4);
    QCOMPARE(cells.height(), 3);
    QCOMPARE(cells.at(3, 0), std::uint16_t(0));
    QCOMPARE(cells.at(0, 2), std::uint16_t(0));
    QCOMPARE(cells.at(1, 2), cells.at(0, 0));
    QCOMPARE(reading->signs[0].count, 7);
}

void GridsTest::unknownSigns_areTold_andCanBeChosen() {
    ship::ImportWish wish;
    auto preview = ship::previewImport(demo(), "pool.txt", "##?\n?#%\n", wish);
    QVERIFY(preview.has_value());
    QCOMPARE(preview->notKept.size(), std::size_t(1));
    QVERIFY(preview->notKept[0].find("3 cells have") == 0);
    wish.choices["?"] = {Cell(), {"crab"}};
    wish.choices["%"] = {Cell({1}), {}};
    preview = ship::previewImport(demo(), "pool.txt", "##?\n?#%\n", wish);
    QVERIFY(preview.has_value() && preview->notKept.empty());
    const auto level = preview->edit->project.findLevel(preview->shown);
    QCOMPARE(level->title, std::string("Pool"));
    QCOMPARE(level->entities.size(), std::size_t(2));
    QVERIFY(level->cells.at(2, 1) == Cell({1}));
    // The project's own ramps are known by the characters that its files draw them with.
    preview = ship::previewImport(demo(), "pool.txt", "/", {});
    QVERIFY(preview.has_value() && preview->notKept.empty());
}

void GridsTest::nearestColour_isThatOfLab() {
    Project project = testing::smallProject();
    project.kinds = {};
    project.matters.edit([](auto& list) {
        list[1].color = "#ff0000";
        list[2].color = "#00ff00";
        list[3].color = "#0000ff";
        list[4].color = "#ffff00";
        list[5].color = "#00ffff";
        list[6].color = "#808080";
    });
    // By the square of the distance in red, green and blue, #70a0a0 would be grey too; #8040ff is
    // nearer to grey there, and to blue for the eye.
    for (const auto& [color, matter] : {std::pair(0xf01010u, 1),
                                        {0x8040ffu, 3},
                                        {0x909080u, 6},
                                        {0x40e0e0u, 5},
                                        {0xe0e060u, 4}}) {
        file::Picture32 picture{1, 1, {}};
        picture.rgba = {static_cast<unsigned char>(color >> 16),
                        static_cast<unsigned char>(color >> 8 & 255),
                        static_cast<unsigned char>(color & 255), 255};
        const auto reading = ship::readImageMap(project, file::writePng(picture), "x.png", {});
        QVERIFY(reading.has_value());
        QVERIFY(reading->signs[0].distance && *reading->signs[0].distance > 0);
        QCOMPARE(int(reading->signs[0].meaning->cell.matter().index), matter);
    }
}

void GridsTest::replaced_thingsKeepTheirFields() {
    const auto level = demo().findLevel({"wheel-hall"});
    const auto files = filesOf(demo(), level::TargetFormat::TextGrid);
    std::string text = files.at("wheel-hall.txt");
    const auto legend = ship::readLegend(demo(), files.at("legend.json"), "legend");
    // A designer lays a floor elsewhere: doors keep what opens them, foes their patrols.
    text.replace(text.find("....", 3000), 3, "###");
    const auto reading = ship::readTextGrid(demo(), text, "wheel-hall.txt", *legend);
    const auto edit = ship::replaceBoard(demo(), *level, *reading);
    QVERIFY(edit.has_value());
    QVERIFY(!(edit->level.cells == level->cells));
    QVERIFY(!level::findEntity(edit->level, {"sluice-1"})->data.opens.empty());
    QVERIFY(edit->level.zones == level->zones);
    // Another size: zones and the plan stay, boards of pieces are refused.
    const auto larger = ship::readTextGrid(demo(), std::string(200, '#') + "\n", "x", *legend);
    QVERIFY(ship::replaceBoard(demo(), *level, *larger).has_value());
    QVERIFY(!ship::replaceBoard(demo(), *demo().findLevel({"keepers-quay"}), *larger));
}

void GridsTest::hostile_texts() {
    QElapsedTimer timer;
    timer.start();
    const auto sentenceOf = [](const std::string& text) {
        const auto reading = ship::readTextGrid(demo(), text, "x.txt", {});
        return reading ? std::string() : reading.error().sentence();
    };
    QVERIFY(!sentenceOf("").empty());
    QVERIFY(!sentenceOf("\n\n\n").empty());
    QVERIFY(!sentenceOf("; only a title\n").empty());
    QVERIFY(!sentenceOf(std::string(100'000'000, '#')).empty());
    QVERIFY(!sentenceOf(std::string(20'000, '#')).empty());
    std::string rows;
    for (int i = 0; i < 17'000; ++i)
        rows += "#\n";
    QVERIFY(!sentenceOf(rows).empty());
    QVERIFY(!sentenceOf(std::string("##\0##", 5)).empty());
    std::string many;
    for (int i = 0; i < 10'001; ++i)
        many += "; a\n#\n";
    QVERIFY(!sentenceOf(many).empty());
    // Titles and signs go into files of JSON: what is no UTF-8 is told with its line.
    for (const char* bad :
         {"\xff\xfe#\n", "##\n; a\x80\n#\n", "#\xc0\xaf", "\xed\xa0\x80", "#\xe2\x82"})
        QVERIFY2(!sentenceOf(bad).empty(), bad);
    QVERIFY(sentenceOf("##\n##\n\xff\n").find("line 3") != std::string::npos);
    QVERIFY(sentenceOf("#\xc3\xa4\xe2\x82\xac\xf0\x9f\x8e\xb2#\n").empty());
    QVERIFY2(timer.elapsed() < 20'000, "each takes far less than two seconds");
}

void GridsTest::hostile_images() {
    const auto sentenceOf = [](const std::string& png) {
        const auto reading = ship::readImageMap(demo(), png, "x.png", {});
        return reading ? std::string() : reading.error().sentence();
    };
    QVERIFY(!sentenceOf("no picture").empty());
    // A head that claims 60,000 x 60,000.
    file::Picture32 small{1, 1, {1, 2, 3, 255}};
    std::string huge = file::writePng(small);
    for (const std::size_t at : {std::size_t(16), std::size_t(20)}) {
        huge[at] = huge[at + 1] = 0;
        huge[at + 2] = char(0xea);
        huge[at + 3] = char(0x60);
    }
    QVERIFY(!sentenceOf(huge).empty());
    // A photograph is no map.
    file::Picture32 colors{128, 64, {}};
    for (int i = 0; i < 128 * 64; ++i)
        for (const int part : {i & 255, i >> 8, 99, 255})
            colors.rgba.push_back(static_cast<unsigned char>(part));
    QVERIFY(sentenceOf(file::writePng(colors)).find("4,096 colours") != std::string::npos);
}

void GridsTest::legend_isReadStrictly() {
    const auto read = [](const std::string& signs) {
        return ship::readLegend(
            demo(), R"({"format": "rookplot-legend", "version": 1, "signs": [)" + signs + "]}",
            "l");
    };
    QVERIFY(read(
        R"({"sign": "#", "matter": "stone"}, {"sign": "c", "kind": "crab", "over": "brine"})"));
    QVERIFY(!read(R"({"sign": "#", "matter": "cheese"})"));
    QVERIFY(!read(R"({"sign": "#", "kind": "cheese"})"));
    QVERIFY(!read(R"({"sign": "#"})"));
    QVERIFY(!read(R"({"sign": "#", "matter": "stone"}, {"sign": "#", "matter": "plank"})"));
    QVERIFY(!read(R"(7)"));
    QVERIFY(!ship::readLegend(demo(), "{}", "l"));
}

ROOK_TEST(GridsTest)

}  // namespace rook::grids_test

#include "grids_test.moc"
