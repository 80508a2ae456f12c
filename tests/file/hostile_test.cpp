/// Files that were made to do harm: each is refused in a sentence, before it takes memory or time.

#include <QElapsedTimer>

#include "data.h"
#include "file/bundle.h"
#include "file/json_text.h"
#include "file/model_file.h"
#include "file/png.h"
#include "file/project_file.h"
#include "level/bundle_size.h"
#include "rook_runtime.hpp"
#include "testing.h"

namespace rook::hostile_test {

namespace {

std::string times(const std::string& text, std::size_t count) {
    std::string all;
    all.reserve(text.size() * count);
    for (std::size_t i = 0; i < count; ++i)
        all += text;
    return all;
}

std::string number32(std::uint32_t number) {
    return {reinterpret_cast<const char*>(&number), sizeof number};
}

/// A binary glTF of that JSON and data.
std::string glbOf(std::string json, const std::string& data) {
    json.resize((json.size() + 3) / 4 * 4, ' ');
    const auto length = static_cast<std::uint32_t>(28 + json.size() + data.size());
    return "glTF" + number32(2) + number32(length) +
           number32(static_cast<std::uint32_t>(json.size())) + "JSON" + json +
           number32(static_cast<std::uint32_t>(data.size())) + std::string("BIN\0", 4) + data;
}

/// One mesh of `points` corners; `nodes` is the list of nodes.
std::string modelOf(std::size_t points, const std::string& nodes, const std::string& more = {}) {
    const std::string bytes = std::to_string(points * 12), count = std::to_string(points);
    return glbOf(R"({ "asset": { "version": "2.0" }, "scene": 0, "scenes": [{ "nodes": [0] }],
        "nodes": [)" +
                     nodes +
                     R"(], "meshes": [{ "primitives": [{ "attributes": { "POSITION": 0 } }] }],
        "buffers": [{ "byteLength": )" +
                     bytes + R"( }], "bufferViews": [{ "buffer": 0, "byteLength": )" + bytes +
                     R"( }], "accessors": [{ "bufferView": 0, "componentType": 5126, "count": )" +
                     count + R"(, "type": "VEC3" }])" + more + " }",
                 std::string(points * 12, '\0'));
}

std::string refusalOfModel(const std::string& bytes) {
    const auto mesh = file::readModel(file::diskStorage(), {}, "gate.glb", bytes);
    return mesh ? std::string("read") : mesh.error().sentence();
}

std::string refusalOfJson(const std::string& text) {
    const auto json = file::parseJson(text, "levels/mill.json");
    return json ? std::string("read") : json.error().sentence();
}

std::string refusalOfLoader(const std::string& text) {
    try {
        (void)runtime::readLevel(runtime::detail::parsedText(text, "mill.json"), "mill.json");
    } catch (const runtime::LoadError& error) {
        return error.what();
    }
    return "read";
}

}  // namespace

class HostileTest : public QObject {
    Q_OBJECT
private slots:
    void plainModel_isRead();
    void deepExtras_areNotGoneDown();
    void nodesThatDouble_end();
    void manyCornersManyTimes_takeNoMemory();
    void hugePicture_isNotDecoded();
    void deepNesting_isNamedByItsLine();
    void millionsOfEmptyObjects_takeNoMemory();
    void keysThatStandTwice_areNamedByTheirLine();
    void numbersThatAreTooLarge_areNamedByTheirLine();
    void deepFields_doNotHarmTheLoaderOfGames();
    void hugeLevel_isNotExported();
};

void HostileTest::plainModel_isRead() {
    QCOMPARE(refusalOfModel(modelOf(3, R"({ "mesh": 0, "children": [1] }, { "mesh": 0 })")),
             std::string("read"));
}

void HostileTest::deepExtras_areNotGoneDown() {
    const std::string deep = times("[", 100'000) + times("]", 100'000);
    const std::string sentence =
        refusalOfModel(modelOf(3, R"({ "mesh": 0 })", R"(, "extras": )" + deep));
    QVERIFY2(sentence.find("nested too deep") != std::string::npos, sentence.c_str());
}

void HostileTest::nodesThatDouble_end() {
    std::string nodes;
    for (int i = 0; i < 60; ++i) {
        const std::string next = std::to_string(i + 1);
        nodes += R"({ "children": [)" + next + ", " + next + "] }, ";
    }
    const std::string sentence = refusalOfModel(modelOf(3, nodes + R"({ "mesh": 0 })"));
    QVERIFY2(sentence.find("100,000 nodes") != std::string::npos, sentence.c_str());
}

void HostileTest::manyCornersManyTimes_takeNoMemory() {
    std::string nodes = R"({ "children": [1)";
    for (int i = 2; i <= 40; ++i)
        nodes += ", " + std::to_string(i);
    nodes += "] }" + times(R"(, { "mesh": 0 })", 40);
    const std::string sentence = refusalOfModel(modelOf(200'000, nodes));
    QVERIFY2(sentence.find("6,000,000 corners") != std::string::npos ||
                 sentence.find("2,000,000 triangles") != std::string::npos,
             sentence.c_str());
}

void HostileTest::hugePicture_isNotDecoded() {
    // The head of a PNG says how large it is; what follows does not matter.
    QByteArray png = QByteArray::fromHex("89504e470d0a1a0a0000000d49484452");
    for (const int side : {16384, 16384})
        for (const int shift : {24, 16, 8, 0})
            png.append(char(side >> shift));
    png += QByteArray::fromHex("0806000000");
    // The checksum of such a head, and one px of data to follow.
    QByteArray whole = png + QByteArray::fromHex("a9c81084") +
                       QByteArray::fromHex("0000000049444154") + QByteArray::fromHex("35af061e");
    const auto size = file::pngSize(whole.toStdString(), "sheets/mill.png");
    QVERIFY(!size);
    QVERIFY(!file::readPng(whole.toStdString(), "sheets/mill.png"));
}

void HostileTest::deepNesting_isNamedByItsLine() {
    QCOMPARE(refusalOfJson("{ \"a\":\n" + times("[", 64)),
             std::string("The file is nested deeper than 64 levels (levels/mill.json:2:64). "
                         "Restore it from a copy."));
}

void HostileTest::millionsOfEmptyObjects_takeNoMemory() {
    const std::string sentence = refusalOfJson("{ \"mine\": [" + times("{},", 5'000'000) + "1] }");
    QVERIFY2(sentence.find("4,000,000 lists and objects") != std::string::npos, sentence.c_str());
}

void HostileTest::keysThatStandTwice_areNamedByTheirLine() {
    QCOMPARE(refusalOfJson("{\n  \"id\": \"a\",\n  \"b\": { \"id\": 1 },\n  \"id\": \"c\"\n}"),
             std::string("The key \"id\" stands twice in one object (levels/mill.json:4:3). "
                         "Remove one of them."));
    QCOMPARE(refusalOfJson(R"([{ "a": "\"a\": {" }, { "a": { "a": [{ "a": 1 }] } }])"),
             std::string("read"));
}

void HostileTest::numbersThatAreTooLarge_areNamedByTheirLine() {
    const std::string sentence = refusalOfJson("{\n \"x\": 1,\n \"y\": 1e999\n}");
    QVERIFY2(sentence.find("too large (levels/mill.json:3:7)") != std::string::npos,
             sentence.c_str());
}

void HostileTest::deepFields_doNotHarmTheLoaderOfGames() {
    const auto project = file::newProject("Mill");
    const auto files = file::bundleFiles(project, {});
    QVERIFY(files);
    const std::string text = files->at("levels/level-1.level.json");
    QCOMPARE(refusalOfLoader(text), std::string("read"));
    const std::string deep = times("[", 100'000) + times("]", 100'000);
    const std::string sentence = refusalOfLoader(R"({ "entities": [{ "fields": )" + deep + " }] }");
    QVERIFY2(sentence.find("nested deeper") != std::string::npos, sentence.c_str());
    QCOMPARE(refusalOfLoader("{\n\n oh }"),
             std::string("The file is not valid JSON (mill.json:3). Export the level again."));
}

void HostileTest::hugeLevel_isNotExported() {
    level::Project project = file::newProject("Mill");
    level::Level level = *project.levels[0];
    level.cells = Grid<level::Cell>(16384, 16384);
    const auto files = file::bundleFiles(project.withLevel(level), {});
    QVERIFY(!files);
    QVERIFY(files.error().sentence().find("million") != std::string::npos);
}

ROOK_TEST(HostileTest)

}  // namespace rook::hostile_test

#include "hostile_test.moc"
