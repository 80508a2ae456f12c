// Recipes: what they get, what they give, and that none can break out, hang or differ.

#include <QElapsedTimer>
#include <QJsonArray>
#include <QJsonDocument>
#include <QProcess>

#include "data.h"
#include "file/hash.h"
#include "file/project_file.h"
#include "ship/recipe_child.h"
#include "ship/shipment.h"
#include "testing.h"

namespace rook::recipes_test {

using file::Path;

class RecipesTest : public QObject {
    Q_OBJECT
private slots:
    void initTestCase();
    void examples_giveWhatTheySay();
    void options_areInTheTables();
    void library_isThatOfTheDesign();
    void rookTable_writesWhatOthersRead();
    void sameBytes_eachTime();
    void scripts_areEnded_data();
    void scripts_areEnded();
    void mistakes_nameScriptLineAndLevel();
    void paths_stayInTheFolder();

private:
    /// The files that a script makes of Intake steps.
    [[nodiscard]] Result<ship::Made> made(const QByteArray& script,
                                          const level::TargetOptions& options = {});

    std::unique_ptr<QTemporaryDir> m_folder;
    level::Project m_project;
};

namespace {

/// What a script returns as one text.
ship::ChildAnswer answer(const std::string& script) {
    const std::string request =
        "{\"script\": " +
        QJsonDocument(QJsonArray{QString::fromStdString(script)})
            .toJson(QJsonDocument::Compact)
            .mid(1)
            .chopped(1)
            .toStdString() +
        R"(, "name": "r.lua", "call": "level", "of": "r.lua: ", "data": {"b": [1, 2, {"x": null}], "a": true, "e": [], "n": 1.5}})";
    auto done = ship::runChild(request);
    if (!done) qFatal("%s", done.error().sentence().c_str());
    return std::move(*done);
}
std::string textOf(const std::string& body) {
    const auto done =
        answer("function level(d) return { t = (function() " + body + " end)() } end");
    return done.problem.empty() ? done.files.at("t") : "problem: " + done.problem;
}

}  // namespace

void RecipesTest::initTestCase() {
    qputenv("ROOKPLOT_RECIPE", (testing::binaryFolder() + "/bin/rookplot-recipe").toUtf8());
    m_folder = std::make_unique<QTemporaryDir>();
    const QString to = testing::copyDemo(*m_folder);
    const auto project = file::openProject(file::diskStorage(), to.toStdString());
    QVERIFY(project.has_value());
    m_project = *project;
    m_project.levels = {m_project.findLevel({"intake"})};
}

Result<ship::Made> RecipesTest::made(const QByteArray& script,
                                     const level::TargetOptions& options) {
    const QString folder = m_folder->filePath("weir");
    level::Target target;
    target.name = "one";
    target.format = level::TargetFormat::Recipe;
    target.options = options;
    if (!script.isEmpty()) {
        testing::writeBytes(folder + "/recipes/test.lua", script);
        target.options.recipe = "recipes/test.lua";
    }
    return ship::filesOf({file::diskStorage(), m_project, folder.toStdString(), target});
}

void RecipesTest::examples_giveWhatTheySay() {
    level::TargetOptions options;
    const level::Level& level = *m_project.levels[0];
    options.recipe = "recipes/rows.lua";
    const auto rows = made({}, options);
    QVERIFY2(rows.has_value(), rows ? "" : rows.error().sentence().c_str());
    std::string cells;
    for (int y = 0; y < level.cells.height(); ++y) {
        for (int x = 0; x < level.cells.width(); ++x)
            cells += (x ? "," : "") + std::to_string(level.cells.at(x, y).matter().index);
        cells += "\r\n";
    }
    QCOMPARE(rows->files.at("levels/intake.csv"), cells);
    QVERIFY(rows->files.at("levels/intake-things.csv").starts_with("kind,column,row,facing\r\n"));
    QCOMPARE(rows->files.at("order.csv"),
             std::string("place,id,title\r\n1,intake,Intake steps\r\n"));

    options.recipe = "recipes/tree.lua";
    const auto tree = made({}, options);
    QVERIFY2(tree.has_value(), tree ? "" : tree.error().sentence().c_str());
    QProcess python;
    python.start("python3", {"-c",
                             "import sys, xml.etree.ElementTree as t\n"
                             "r = t.fromstring(sys.stdin.buffer.read())\n"
                             "print(r.tag, r.attrib['title'], r.attrib['columns'],"
                             " len(r.find('things')), len(r.find('collision')) > 5)"});
    python.write(QByteArray::fromStdString(tree->files.at("intake.xml")));
    python.closeWriteChannel();
    QVERIFY(python.waitForFinished(20000));
    QCOMPARE(
        python.readAllStandardOutput().trimmed(),
        "level Intake steps 120 " + QByteArray::number(qsizetype(level.entities.size())) + " True");

    options.recipe = "recipes/header.lua";
    const auto header = made({}, options);
    QVERIFY2(header.has_value(), header ? "" : header.error().sentence().c_str());
    const QString place = m_folder->filePath("c");
    for (const auto& [path, bytes] : header->files)
        testing::writeBytes(place + "/" + QString::fromStdString(path),
                            QByteArray::fromStdString(bytes));
    testing::writeBytes(
        place + "/main.c",
        "#include \"levels.h\"\n#include <stdio.h>\nint main(void) { printf(\"%d %d "
        "%d\", intake_columns, intake_matter[120 * 33], intake_things[0]); return 0; }\n");
    QProcess compiler;
    compiler.setWorkingDirectory(place);
    compiler.start("cc", {"-Wall", "-Wno-unused-const-variable", "main.c", "-o", "main"});
    if (!compiler.waitForStarted()) QSKIP("there is no compiler of C here");
    QVERIFY(compiler.waitForFinished(60000));
    QVERIFY2(compiler.exitCode() == 0, compiler.readAllStandardError());
    QProcess program;
    program.start(place + "/main", QStringList());
    QVERIFY(program.waitForFinished(20000));
    QCOMPARE(program.readAllStandardOutput(),
             "120 " + QByteArray::number(level.cells.at(0, 33).matter().index) + " " +
                 QByteArray::number(level.entities[0].box.x));
}

void RecipesTest::options_areInTheTables() {
    const QByteArray script =
        "function level(d)\n"
        "  local layer\n"
        "  for _, each in ipairs(d.layers) do if each.role == 'main' then layer = each break end "
        "end\n"
        "  local least, count, none = 1e9, 0, 0\n"
        "  local function see(t)\n"
        "    if type(t) == 'table' then for _, v in ipairs(t) do see(v) end return end\n"
        "    count = count + 1\n"
        "    if t == false or t == -1 then none = none + 1 elseif t > 0 or t == 0 then\n"
        "      least = math.min(least, t & 0xffffff) end\n"
        "  end\n"
        "  see(layer.tiles)\n"
        "  local c = d.collision or {}\n"
        "  return { t = string.format('%d %d %s %s %s %s', count, none, tostring(none > 0),\n"
        "    tostring(c.solids ~= nil), tostring(c.outlines ~= nil),\n"
        "    tostring(type(layer.tiles[1]) == 'table')) }\n"
        "end\n";
    const auto told = [&](const level::TargetOptions& options) {
        const auto done = made(script, options);
        return done ? QByteArray::fromStdString(done->files.at("t"))
                    : QByteArray::fromStdString(done.error().sentence());
    };
    level::TargetOptions options;
    const int cells = 120 * 34;
    QCOMPARE(told(options), QByteArray::number(cells) + " 0 false true false true");
    options.collision = level::CollisionForm::Outlines;
    options.tileRows = level::TileRows::List;
    options.emptyTile = level::EmptyTile::MinusOne;
    const QByteArray other = told(options);
    QVERIFY2(other.startsWith(QByteArray::number(cells)) && other.endsWith("true false true false"),
             other);
    options.collision = level::CollisionForm::None;
    options.emptyTile = level::EmptyTile::Null;
    QVERIFY(told(options).endsWith("true false false false"));
    // Members of a ring stand among the things.
    m_project.levels = {
        file::openProject(file::diskStorage(), m_folder->filePath("weir").toStdString())
            ->findLevel({"wheel-hall"})};
    const QByteArray count =
        "function level(d) local n = 0 for _, e in ipairs(d.entities) do if e.memberOf then n = n "
        "+ "
        "1 end end return { t = tostring(n) } end";
    options.hasMembers = true;
    const auto members = made(count, options);
    QVERIFY2(members.has_value(), members ? "" : members.error().sentence().c_str());
    QCOMPARE(members->files.at("t"), std::string("4"));  // eight, and four gaps
    initTestCase();
}

void RecipesTest::library_isThatOfTheDesign() {
    QCOMPARE(
        textOf("local n = {} for k in pairs(_G) do n[#n + 1] = k end return table.concat(n, ' ')"),
        std::string("_G _VERSION assert error getmetatable ipairs level math next pairs pcall "
                    "rawequal rawget rawlen rawset rook select setmetatable string table "
                    "tonumber tostring type utf8 xpcall"));
    QCOMPARE(
        textOf(
            "local n = {} for k in pairs(rook) do n[#n + 1] = k end return table.concat(n, ' ')"),
        std::string("base64 csv json list sha256 xml zlib"));
    QCOMPARE(
        textOf("return tostring(string.dump) .. tostring(math.randomseed) .. tostring(package)"),
        std::string("nilnilnil"));
    // No bytecode.
    const auto code = answer(std::string("\x1bLua", 4));
    QVERIFY(code.problem.find("binary") != std::string::npos);
    QVERIFY(!answer("x = 1").hasFunction);
}

void RecipesTest::rookTable_writesWhatOthersRead() {
    QCOMPARE(textOf("return rook.base64('Lantern\\0')"), std::string("TGFudGVybgA="));
    QCOMPARE(textOf("return rook.sha256('weir')"), file::sha256("weir"));
    QCOMPARE(textOf("return rook.json(d)"),
             std::string(R"({"a":true,"b":[1,2,{}],"e":[],"n":1.5})"));
    QCOMPARE(textOf("return rook.json(rook.list {})"), std::string("[]"));
    QCOMPARE(textOf("return rook.csv { {1, 'a,b', 'say \"x\"'}, {2.5, true, ''} }"),
             std::string("1,\"a,b\",\"say \"\"x\"\"\"\r\n2.5,true,\r\n"));
    QCOMPARE(
        textOf("return rook.xml { 'a', b = '<&\">', { 'c', 'x < y' } }"),
        std::string("<?xml version=\"1.0\" encoding=\"UTF-8\"?>\n<a b=\"&lt;&amp;&quot;&gt;\">\n"
                    "  <c>x &lt; y</c>\n</a>\n"));
    const std::string packed = textOf("return rook.zlib(string.rep('weir', 1000))");
    QByteArray head(4, 0);
    head[2] = char(4000 >> 8);
    head[3] = char(4000 & 255);
    QCOMPARE(qUncompress(head + QByteArray::fromStdString(packed)),
             QByteArray("weir").repeated(1000));
    for (const char* wrong :
         {"return rook.csv(7)", "return rook.csv { { {} } }", "return rook.xml { 7 }",
          "return rook.xml { 'a b' }", "local t = {} t.t = t return rook.json(t)",
          "return rook.json(print or function() end)", "return rook.json('\\xff')",
          "return rook.json { 1, 2, x = 3 }"})
        QVERIFY2(textOf(wrong).starts_with("problem: "), wrong);
}

void RecipesTest::sameBytes_eachTime() {
    const std::string body =
        "local t = {} for i = 1, 300 do t['k' .. (i * 7919 % 1000)] = i end "
        "local out = {} for k, v in pairs(t) do out[#out + 1] = k .. v end "
        "local n = {} for i = 1, 500 do n[i] = { math.random(50), i } end "
        "table.sort(n, function(a, b) return a[1] < b[1] end) "
        "for _, v in ipairs(n) do out[#out + 1] = v[1] .. ':' .. v[2] end "
        "out[#out + 1] = tostring({}) .. tostring(print) .. string.format('%s', {}) "
        "return table.concat(out, ' ')";
    const std::string first = textOf(body);
    QVERIFY(!first.starts_with("problem"));
    QVERIFY(first.find("0x") == std::string::npos);
    for (int i = 0; i < 4; ++i)
        QCOMPARE(textOf(body), first);
    QVERIFY(textOf("return string.format('%p', {})").starts_with("problem"));
    // Equal ones keep their order.
    QCOMPARE(
        textOf("local n = {} for i = 1, 9 do n[i] = { i % 3, i } end table.sort(n, function(a, b) "
               "return a[1] < b[1] end) local s = '' for _, v in ipairs(n) do s = s .. v[2] end "
               "return s"),
        std::string("369147258"));
}

void RecipesTest::scripts_areEnded_data() {
    QTest::addColumn<QByteArray>("body");
    QTest::addColumn<QByteArray>("why");
    QTest::newRow("loops") << QByteArray("while true do end") << QByteArray("100,000,000");
    QTest::newRow("loops, and catches")
        << QByteArray("while true do pcall(function() while true do end end) end")
        << QByteArray("100,000,000");
    QTest::newRow("holds") << QByteArray("local t = {} while true do t[#t + 1] = {} end")
                           << QByteArray("256 MiB");
    QTest::newRow("holds texts") << QByteArray("return string.rep('x', 1 << 40)") << QByteArray("");
    QTest::newRow("matches for ever")
        << QByteArray("return string.find(string.rep('a', 40000), 'a-a-a-a-a-a-b')")
        << QByteArray("string.find");
    QTest::newRow("calls itself") << QByteArray("local function f() return 1 + f() end return f()")
                                  << QByteArray("stack overflow");
}

void RecipesTest::scripts_areEnded() {
    QFETCH(const QByteArray, body);
    QFETCH(const QByteArray, why);
    QElapsedTimer timer;
    timer.start();
    const auto done = answer("function level(d) " + body.toStdString() + " end");
    QVERIFY2(!done.problem.empty(), "it has to be ended");
    QVERIFY2(done.problem.find(why.toStdString()) != std::string::npos, done.problem.c_str());
    QVERIFY2(timer.elapsed() < 15'000, "long before the 20 s that end any script");
}

void RecipesTest::mistakes_nameScriptLineAndLevel() {
    auto done = made("function level(d)\n  local x = nil\n  return x.y\nend\n");
    QVERIFY(!done);
    QVERIFY2(done.error().what.find("recipes/test.lua, level intake: recipes/test.lua:3:") !=
                 std::string::npos,
             done.error().what.c_str());
    done = made("function level(d) return 7 end");
    QVERIFY(!done && done.error().what.find("table of files") != std::string::npos);
    done = made("function level(d)\n");
    QVERIFY(!done && done.error().what.find("test.lua:") != std::string::npos);
    done = made("return 1");
    QVERIFY(!done && done.error().what.find("neither") != std::string::npos);
    done = made("function game(d) error('no lanterns', 0) end");
    QVERIFY(!done && done.error().what.find("the game: no lanterns") != std::string::npos);
    level::TargetOptions none;
    none.recipe = "recipes/nowhere.lua";
    QVERIFY(!made({}, none));
    none.recipe = "../outside.lua";
    done = made({}, none);
    QVERIFY(!done && done.error().kind == ErrorKind::UnsafePath);
}

void RecipesTest::paths_stayInTheFolder() {
    for (const char* path : {"../x", "/etc/x", "a/../../x", "", ".hidden", "a/.git/config",
                             "a\\\\b", "a//b", "x\\1y"}) {
        const auto done =
            made("function level(d) return { ['" + QByteArray(path) + "'] = 'x' } end");
        QVERIFY2(!done, path);
    }
    const auto twice =
        made("function level(d) return { a = 'x' } end function game(d) return { a = 'y' } end");
    QVERIFY(!twice && twice.error().what.find("same file") != std::string::npos);
}

ROOK_TEST(RecipesTest)

}  // namespace rook::recipes_test

#include "recipes_test.moc"
