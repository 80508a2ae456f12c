// Pictures, plans, the plan book and models: held to the stand-in game, to what reads such files,
// and to the level that they are of.

#include <QColor>
#include <QImage>
#include <QProcess>
#include <QRegularExpression>

#include "collide/shapes.h"
#include "data.h"
#include "file/json_text.h"
#include "file/model_file.h"
#include "file/placements.h"
#include "file/project_file.h"
#include "ship/level_picture.h"
#include "ship/shipment.h"
#include "testing.h"

namespace rook::drawings_test {

class DrawingsTest : public QObject {
    Q_OBJECT
private slots:
    void initTestCase();
    void pictures_areThoseOfTheGame();
    void pictures_growAndShowMasses();
    void plans_areDrawings();
    void planBook_hasItsPages();
    void planBook_toScale_takesMorePages();
    void models_passTheValidator();
    void models_standAsTold();
    void model_hasTheCollisionOfTheLevel();
    void sameProject_makesTheSameBytes();
    void placements_comeBack();

private:
    [[nodiscard]] ship::Files made(level::TargetFormat format,
                                   const level::TargetOptions& options = {},
                                   std::vector<LevelId> levels = {}) const;
    level::Project m_project;
    QTemporaryDir m_folder;
};

namespace {

const file::Path demo = ROOK_SOURCE_DIR "/demo/lantern-weir";

/// What a program says of bytes in a file; nothing where it is not there.
std::optional<QByteArray> said(const QString& program, const QStringList& arguments) {
    QProcess process;
    process.setProcessChannelMode(QProcess::MergedChannels);
    process.start(program, arguments);
    if (!process.waitForStarted() || !process.waitForFinished(60000)) return std::nullopt;
    return process.readAll() + (process.exitCode() == 0 ? "" : "FAILED");
}

}  // namespace

void DrawingsTest::initTestCase() {
    const auto project = file::openProject(file::diskStorage(), demo);
    QVERIFY(project.has_value());
    m_project = *project;
}

ship::Files DrawingsTest::made(level::TargetFormat format, const level::TargetOptions& options,
                               std::vector<LevelId> levels) const {
    level::Target target;
    target.name = "one";
    target.format = format;
    target.options = options;
    target.levels = std::move(levels);
    auto done = ship::filesOf({file::diskStorage(), m_project, demo, target});
    if (!done) qFatal("%s", done.error().sentence().c_str());
    return done->files;
}

void DrawingsTest::pictures_areThoseOfTheGame() {
    const QString lantern = testing::binaryFolder() + "/bin/lantern";
    if (!QFile::exists(lantern)) QSKIP("the stand-in game is not built here");
    const auto pictures = made(level::TargetFormat::Picture);
    QCOMPARE(pictures.size(), m_project.levels.size());
    const QString bundle = m_folder.filePath("bundle");
    QVERIFY(file::exportBundle(file::diskStorage(), m_project, demo, bundle.toStdString()));
    for (const auto& level : m_project.levels) {
        const QString png = m_folder.filePath("whole.png");
        const auto words = said(lantern, {bundle, "--level", QString::fromStdString(level->id.text),
                                          "--whole", "--png", png});
        QVERIFY(words.has_value());
        const QImage theirs = QImage(png).convertToFormat(QImage::Format_RGB32);
        const QImage ours =
            QImage::fromData(QByteArray::fromStdString(pictures.at(level->id.text + ".png")))
                .convertToFormat(QImage::Format_RGB32);
        QVERIFY(!ours.isNull());
        QVERIFY2(ours == theirs, level->id.text.c_str());
    }
}

void DrawingsTest::pictures_growAndShowMasses() {
    level::TargetOptions options;
    options.shows = level::Shows::Masses;
    const auto imageOf = [&] {
        return QImage::fromData(QByteArray::fromStdString(
            made(level::TargetFormat::Picture, options, {{"intake"}}).at("intake.png")));
    };
    const QImage plain = imageOf();
    const level::Level& level = *m_project.findLevel({"intake"});
    QCOMPARE(plain.size(), QSize(120 * 16, 34 * 16));
    for (int y = 0; y < plain.height(); y += 5)
        for (int x = 0; x < plain.width(); x += 5) {
            const level::Cell cell = level.cells.at(x / 16, y / 16);
            const bool isFilled =
                !cell.isOpen() && runtime::formFills(cell.form(), x % 16, y % 16, 16, 16);
            const std::string& color = isFilled ? m_project.matterOf(cell).color : level.background;
            QVERIFY2(QColor(plain.pixel(x, y)) == QColor(QString::fromStdString(color)),
                     qPrintable(QStringLiteral("%1, %2").arg(x).arg(y)));
        }
    options.scale = 3;
    const QImage grown = imageOf();
    QCOMPARE(grown.size(), plain.size() * 3);
    for (int i = 0; i < 1000; ++i)
        QCOMPARE(grown.pixel(i * 5 % grown.width(), i * 7 % grown.height()),
                 plain.pixel(i * 5 % grown.width() / 3, i * 7 % grown.height() / 3));
    // The wash of reach changes what it lies on, and nothing where no body is.
    options.scale = 1;
    options.showsReach = true;
    const QImage washed = imageOf();
    QVERIFY(washed.pixel(66, 430) != plain.pixel(66, 430));
    QCOMPARE(washed.pixel(600, 40), plain.pixel(600, 40));
    // A picture that would be too large is refused with a sentence.
    level::Target target;
    target.name = "one";
    target.format = level::TargetFormat::Picture;
    target.options.scale = 16;
    const auto refused = ship::filesOf({file::diskStorage(), m_project, demo, target});
    QVERIFY(!refused && refused.error().kind == ErrorKind::OutOfRange);
}

void DrawingsTest::plans_areDrawings() {
    level::TargetOptions options;
    options.cellTenths = 35;
    options.showsZones = options.showsReach = true;
    const auto plans = made(level::TargetFormat::Plan, options, {{"wheel-hall"}});
    const QString svg = m_folder.filePath("plan.svg");
    testing::writeBytes(svg, QByteArray::fromStdString(plans.at("wheel-hall.svg")));
    const auto words = said("rsvg-convert", {svg, "-o", m_folder.filePath("plan.png")});
    if (!words) QSKIP("rsvg-convert is not here");
    QVERIFY2(words->isEmpty(), *words);
    // To scale: 160 cells of 3.5 mm are 560 mm, and the paper is a little wider.
    const QByteArray head = QByteArray::fromStdString(plans.at("wheel-hall.svg")).left(400);
    const auto width = QRegularExpression("width=\"([0-9.]+)pt\"").match(head).captured(1);
    QVERIFY(std::abs(width.toDouble() - (560 * 72 / 25.4 + 52)) < 1);
    QVERIFY(QImage(m_folder.filePath("plan.png")).width() > 1500);
}

void DrawingsTest::planBook_hasItsPages() {
    const QString pdf = m_folder.filePath("book.pdf");
    testing::writeBytes(
        pdf, QByteArray::fromStdString(
                 made(level::TargetFormat::PlanBook, {},
                      {{"intake"}, {"leaky-reach"}, {"keepers-quay"}, {"ice-on-the-weir"}})
                     .at("plan-book.pdf")));
    const auto info = said("pdfinfo", {pdf});
    if (!info) QSKIP("pdfinfo is not here");
    QVERIFY2(info->contains("Pages:           6"), *info);
    QVERIFY2(
        info->contains("841.89 x 595.276") || info->contains("842 x 595") || info->contains("(A4)"),
        *info);
    const auto text = said("pdftotext", {"-layout", pdf, "-"});
    QVERIFY(text.has_value());
    // Its contents, the verdicts, the findings of the flawed level, its parts.
    for (const char* words : {"Intake steps", "The exit can be reached", "0 of 2 exits",
                              "Gate gate-1 is out of reach", "Boat: still to make", "page 2 of 6"})
        QVERIFY2(text->contains(words), words);
    const auto drawn = said("pdftoppm", {"-r", "20", "-png", pdf, m_folder.filePath("page")});
    QVERIFY2(drawn && drawn->isEmpty(), drawn ? drawn->constData() : "");
    QVERIFY(QFile::exists(m_folder.filePath("page-6.png")));
}

void DrawingsTest::planBook_toScale_takesMorePages() {
    level::TargetOptions options;
    options.paper = level::Paper::A3;
    options.cellTenths = 60;
    const QString pdf = m_folder.filePath("scale.pdf");
    testing::writeBytes(
        pdf, QByteArray::fromStdString(
                 made(level::TargetFormat::PlanBook, options, {{"intake"}}).at("plan-book.pdf")));
    const auto info = said("pdfinfo", {pdf});
    if (!info) QSKIP("pdfinfo is not here");
    // Contents, map, the level, and 120 cells of 6 mm on paper of 420 mm: two pages.
    QVERIFY2(info->contains("Pages:           5"), *info);
}

/// With z up and 250 mm a unit, all corners lie where y up and 1 m a unit puts them, turned and
/// a quarter as far off.
void DrawingsTest::models_standAsTold() {
    level::TargetOptions options;
    const auto plain = made(level::TargetFormat::Model, options);
    options.up = level::UpAxis::Z;
    options.unitMm = 250;
    const auto stood = made(level::TargetFormat::Model, options);
    QCOMPARE(stood.size(), plain.size());
    for (const auto& [path, bytes] : plain) {
        const auto before = file::readModel(file::diskStorage(), {}, path, bytes);
        const auto after = file::readModel(file::diskStorage(), {}, path, stood.at(path));
        QVERIFY(before && after);
        QCOMPARE(after->points.size(), before->points.size());
        for (std::size_t i = 0; i < before->points.size(); ++i) {
            // Readers have y of the file as z: up in one is across the plan in the other.
            const kit::Point3& a = before->points[i];
            const kit::Point3& b = after->points[i];
            QVERIFY(kit::lengthOf(b - kit::Point3{a.x, a.z, -a.y} * 0.25) <
                    1e-4 * (1 + kit::lengthOf(a)));
        }
    }
}

void DrawingsTest::models_passTheValidator() {
    level::TargetOptions options;
    options.depth = 3;
    options.up = level::UpAxis::Z;
    options.unitMm = 250;
    const auto models = made(level::TargetFormat::Model, options);
    const QString home = testing::binaryFolder() + "/npm";
    QDir().mkpath(home);
    QStringList names;
    for (const auto& [path, bytes] : models) {
        names << QString::fromStdString("ship-" + path);
        testing::writeBytes(home + "/" + names.back(), QByteArray::fromStdString(bytes));
    }
    QCOMPARE(names.size(), 6);  // puzzles have none
    testing::writeBytes(home + "/look-ship.js",
                        "const v = require('gltf-validator'), fs = require('fs');\n"
                        "(async () => { for (const f of process.argv.slice(2)) {\n"
                        "  const r = await v.validateBytes(new Uint8Array(fs.readFileSync(f)));\n"
                        "  console.log(f, r.issues.numErrors, r.issues.numWarnings, 'end');\n"
                        "  for (const m of r.issues.messages.slice(0, 5))\n"
                        "    console.log(m.code, m.message, m.pointer);\n"
                        "} })();\n");
    if (!QFile::exists(home + "/node_modules/gltf-validator")) {
        QProcess install;
        install.setWorkingDirectory(home);
        install.start("npm", {"install", "--no-audit", "--no-fund", "--silent", "--prefix", home,
                              "gltf-validator@2.0.0-dev.3.10"});
        if (!install.waitForStarted() || !install.waitForFinished(60000) || install.exitCode() != 0)
            QSKIP("the validator's package cannot be installed here");
    }
    QProcess node;
    node.setWorkingDirectory(home);
    node.start("node", QStringList{"look-ship.js"} + names);
    if (!node.waitForStarted()) QSKIP("there is no node here");
    QVERIFY(node.waitForFinished(60000));
    const QByteArray told = node.readAllStandardOutput();
    for (const QString& name : names)
        QVERIFY2(told.contains(name.toUtf8() + " 0 0 end"), told + node.readAllStandardError());
}

void DrawingsTest::model_hasTheCollisionOfTheLevel() {
    const auto glb = made(level::TargetFormat::Model, {}, {{"intake"}}).at("intake.glb");
    std::uint32_t length = 0;
    std::memcpy(&length, glb.data() + 12, 4);
    const auto json = file::parseJson(glb.substr(20, length), "glb");
    QVERIFY(json.has_value());
    const level::Level& level = *m_project.findLevel({"intake"});
    const auto shapes =
        collide::makeShapes(level::frameOf(level), level::LevelCells(m_project, level));
    // Twelve triangles a box; of a slope with n corners 2 (n - 2) and 2 n.
    std::size_t triangles = 12 * shapes.solids.size();
    for (const auto& slope : shapes.slopes)
        triangles += 2 * (slope.size() - 2) + 2 * slope.size();
    bool isFound = false;
    for (const auto& mesh : (*json)["meshes"]) {
        if (mesh["name"] != "collision solid") continue;
        isFound = true;
        const std::size_t at = mesh["primitives"][0]["indices"];
        QCOMPARE((*json)["accessors"][at]["count"].get<std::size_t>(), 3 * triangles);
        const std::size_t places = mesh["primitives"][0]["attributes"]["POSITION"];
        const auto& bounds = (*json)["accessors"][places];
        // As wide as the level, a unit a cell; as deep as was said.
        QCOMPARE(bounds["min"][0].get<double>(), 0.0);
        QCOMPARE(bounds["max"][0].get<double>(), 120.0);
        QCOMPARE(bounds["max"][1].get<double>(), 34.0);
        QCOMPARE(bounds["max"][2].get<double>() - bounds["min"][2].get<double>(), 1.0);
    }
    QVERIFY(isFound);
    std::size_t things = 0;
    for (const auto& node : (*json)["nodes"])
        things += node.contains("extras") && node["extras"].contains("role") &&
                          node["extras"].contains("kind")
                      ? 1
                      : 0;
    QCOMPARE(things, level.entities.size());
}

void DrawingsTest::sameProject_makesTheSameBytes() {
    for (const auto format : {level::TargetFormat::PlanBook, level::TargetFormat::Plan,
                              level::TargetFormat::Model, level::TargetFormat::Picture})
        QVERIFY2(made(format, {}, {{"leaky-reach"}, {"weir-gates"}}) ==
                     made(format, {}, {{"leaky-reach"}, {"weir-gates"}}),
                 std::string(level::nameOf(format)).c_str());
}

void DrawingsTest::placements_comeBack() {
    level::TargetOptions options;
    for (const auto y : {level::AxisDown::Down, level::AxisDown::Up})
        for (const auto unit : {level::LengthUnit::Px, level::LengthUnit::Cells}) {
            options.y = y;
            options.unit = unit;
            const std::string csv =
                made(level::TargetFormat::Placements, options).at("placements.csv");
            // What is read back changes nothing, whatever the columns.
            const auto change = file::readPlacements(csv, "placements.csv", m_project);
            QVERIFY2(change.has_value(), change ? "" : change.error().sentence().c_str());
            QVERIFY2(change->lines.empty(), change->lines.empty() ? "" : change->lines[0].c_str());
            QVERIFY(change->edit.project == m_project);
            // And Python reads the same rows.
            QProcess python;
            python.start("python3", {"-c",
                                     "import csv, io, sys\n"
                                     "rows = list(csv.reader(io.StringIO(sys.stdin.buffer.read()"
                                     ".decode(), newline='')))\n"
                                     "print(len(rows), len(set(map(len, rows))), rows[0][3])"});
            python.write(QByteArray::fromStdString(csv));
            python.closeWriteChannel();
            QVERIFY(python.waitForFinished(20000));
            std::size_t things = 1;
            for (const auto& level : m_project.levels)
                things += level->entities.size();
            QCOMPARE(python.readAllStandardOutput().trimmed(),
                     QByteArray::number(qsizetype(things)) + " 1 " +
                         (unit == level::LengthUnit::Cells ? "x-cells" : "x"));
        }
}

ROOK_TEST(DrawingsTest)

}  // namespace rook::drawings_test

#include "drawings_test.moc"
