/// JSON text, matter as text, paths and whole writes.

#include "data.h"
#include "file/json_text.h"
#include "file/matter_text.h"
#include "file/png.h"
#include "testing.h"

namespace rook::text_test {

class TextTest : public QObject {
    Q_OBJECT
private slots:
    void brokenJson_isPlacedByLineAndColumn_data();
    void brokenJson_isPlacedByLineAndColumn();
    void lines_areOneMemberALine();
    void compactText_isReadBackAlike();
    void drawnRows_areReadBack_forEveryForm();
    void runRow_isRefused_withItsPlace_data();
    void runRow_isRefused_withItsPlace();
    void legend_staysAsItWas_whenMatterIsAdded();
    void pathInside_data();
    void pathInside();
    void writeWhole_replaces_andLeavesNothingBehind();
    void pngSize_isRead_andNonsenseRefused();
};

void TextTest::brokenJson_isPlacedByLineAndColumn_data() {
    QTest::addColumn<QByteArray>("text");
    QTest::addColumn<QString>("place");
    QTest::newRow("empty") << QByteArray("") << "x.json:1:1";
    QTest::newRow("second line") << QByteArray("{\n  \"a\": ,\n}") << "x.json:2:8";
    QTest::newRow("missing comma") << QByteArray("{\n\"a\": 1\n\"b\": 2 }") << "x.json:3:";
    QTest::newRow("bad UTF-8") << QByteArray("{ \"a\": \"\xff\" }") << "x.json:1:";
}

void TextTest::brokenJson_isPlacedByLineAndColumn() {
    QFETCH(QByteArray, text);
    QFETCH(QString, place);
    const auto json = file::parseJson(text.toStdString(), "x.json");
    QVERIFY(!json);
    QCOMPARE(json.error().kind, ErrorKind::BadSyntax);
    QVERIFY2(QString::fromStdString(json.error().where).startsWith(place),
             json.error().where.c_str());
}

void TextTest::lines_areOneMemberALine() {
    file::JsonLines lines;
    lines.member("a", 1);
    lines.list("none", {});
    lines.list("rows", {"[1, 2]", "[3, 4]"});
    lines.beginObject("inner");
    lines.member("b", "x");
    lines.endObject();
    lines.beginList("items");
    lines.beginItem();
    lines.member("c", nullptr);
    lines.endItem();
    lines.endList();
    QCOMPARE(
        lines.take(),
        std::string(
            "{\n  \"a\": 1,\n  \"none\": [],\n  \"rows\": [\n    [1, 2],\n    [3, 4]\n  ],\n"
            "  \"inner\": {\n    \"b\": \"x\"\n  },\n  \"items\": [\n    {\n      \"c\": null\n"
            "    }\n  ]\n}\n"));
}

void TextTest::compactText_isReadBackAlike() {
    const file::Json value = {
        {"b", {1, -2.5, true, nullptr}}, {"a", {{"ä\n\"", "x"}}}, {"e", file::Json::object()}};
    const std::string text = file::compactText(value);
    QVERIFY(text.find('\n') == std::string::npos);
    QVERIFY(*file::parseJson(text, "x") == value);
}

void TextTest::drawnRows_areReadBack_forEveryForm() {
    const level::Project project = testing::smallProject();
    level::Level level;
    level.cells = Grid<level::Cell>(26, 2);
    for (int f = 0; f < runtime::formCount; ++f) {
        level.cells.set(f, 0, level::Cell({1}, static_cast<level::Form>(f)));
        level.cells.set(f, 1, level::Cell({5}, static_cast<level::Form>(f)));
    }
    const auto legend = file::legendOf(project, level);
    QCOMPARE(legend.size(), std::size_t{27});
    std::map<std::string, level::Cell> map;
    for (const auto& entry : legend) {
        QVERIFY2(map.emplace(entry.glyph, entry.cell).second, "each character stands for one cell");
        QVERIFY(*file::cellOfName(project, file::cellName(project, entry.cell), "") == entry.cell);
    }
    Grid<level::Cell> again(26, 2);
    const auto rows = file::drawnRows(level.cells, legend);
    for (int y = 0; y < 2; ++y)
        QVERIFY(file::readDrawnRow(rows[static_cast<std::size_t>(y)], map, y, again, "matter"));
    QVERIFY(again == level.cells);
}

void TextTest::runRow_isRefused_withItsPlace_data() {
    QTest::addColumn<QByteArray>("row");
    QTest::newRow("no star") << QByteArray("4 6*open");
    QTest::newRow("no number") << QByteArray("x*stone 9*open");
    QTest::newRow("zero") << QByteArray("0*stone 10*open");
    QTest::newRow("too long") << QByteArray("9*stone 2*open");
    QTest::newRow("too short") << QByteArray("9*stone");
    QTest::newRow("overflow") << QByteArray("99999999999*stone");
    QTest::newRow("unknown") << QByteArray("10*cheese");
    QTest::newRow("two blanks") << QByteArray("5*stone  5*open");
}

void TextTest::runRow_isRefused_withItsPlace() {
    QFETCH(QByteArray, row);
    const level::Project project = testing::smallProject();
    Grid<level::Cell> cells(10, 5);
    const auto read = file::readRunRow(project, row.toStdString(), 3, cells, "matter");
    QVERIFY(!read);
    const QString sentence = QString::fromStdString(read.error().sentence());
    QVERIFY2(sentence.contains("ow 3"), qPrintable(sentence));
}

void TextTest::legend_staysAsItWas_whenMatterIsAdded() {
    const level::Project project = testing::smallProject();
    level::Level level;
    level.legend = {{"@", level::Cell({1})}, {".", level::Cell()}};
    level.cells.set(0, 0, level::Cell({2}));
    const auto legend = file::legendOf(project, level);
    QCOMPARE(legend[0].glyph, std::string("@"));
    QCOMPARE(legend[2].glyph, std::string("="));
}

void TextTest::pathInside_data() {
    QTest::addColumn<QString>("path");
    QTest::addColumn<bool>("isFine");
    QTest::newRow("plain") << "sheets/a.png" << true;
    QTest::newRow("dot") << "./a.png" << true;
    QTest::newRow("new folder") << "x/y/z.png" << true;
    QTest::newRow("up") << "../a.png" << false;
    QTest::newRow("down and up") << "sheets/../../a.png" << false;
    QTest::newRow("up inside") << "sheets/../a.png" << false;
    QTest::newRow("absolute") << "/etc/passwd" << false;
    QTest::newRow("empty") << "" << false;
}

void TextTest::pathInside() {
    QFETCH(QString, path);
    QFETCH(bool, isFine);
    const QTemporaryDir folder;
    const auto found = file::pathInside(folder.path().toStdString(), path.toStdString());
    QCOMPARE(found.has_value(), isFine);
    if (!isFine) QCOMPARE(found.error().kind, ErrorKind::UnsafePath);
}

void TextTest::writeWhole_replaces_andLeavesNothingBehind() {
    const QTemporaryDir folder;
    const file::Path path = folder.filePath("a.json").toStdString();
    QVERIFY(file::writeWhole(file::diskStorage(), path, "one"));
    for (int operations = 0; operations < 2; ++operations) {
        testing::DyingStorage storage(operations);
        QVERIFY(!file::writeWhole(storage, path, "two, which is longer"));
        QCOMPARE(*file::diskStorage().read(path, 100), std::string("one"));
    }
    QVERIFY(file::writeWhole(file::diskStorage(), path, "three"));
    QCOMPARE(*file::diskStorage().read(path, 100), std::string("three"));
    QCOMPARE(file::diskStorage().read(path, 2).error().kind, ErrorKind::OutOfRange);
    QCOMPARE(file::diskStorage().read(folder.path().toStdString(), 2).error().kind,
             ErrorKind::WrongType);
}

void TextTest::pngSize_isRead_andNonsenseRefused() {
    const QByteArray sheet =
        testing::readBytes(QStringLiteral(ROOK_SOURCE_DIR "/demo/lantern-weir/sheets/weir.png"));
    const auto size = file::pngSize(sheet.toStdString(), "weir.png");
    QVERIFY(size);
    QCOMPARE(size->width, 128);
    QCOMPARE(size->height, 64);
    QCOMPARE(file::pngSize("GIF89a", "weir.gif").error().kind, ErrorKind::BadSyntax);
    QCOMPARE(file::pngSize("", "none").error().kind, ErrorKind::BadSyntax);
}

ROOK_TEST(TextTest)

}  // namespace rook::text_test

#include "text_test.moc"
