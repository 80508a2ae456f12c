// Reports for build servers: held to what reads such files, and to the files that they point into.

#include "ship/report_formats.h"

#include <QJsonArray>
#include <QJsonDocument>
#include <QJsonObject>
#include <QProcess>
#include <set>

#include "check/finding_table.h"
#include "data.h"
#include "file/project_file.h"
#include "testing.h"

namespace rook::report_formats_test {

using check::Severity;
using ship::ProjectReport;

class ReportFormatsTest : public QObject {
    Q_OBJECT
private slots:
    void initTestCase();
    void lines_areThoseOfEntitiesAndRows();
    void sarif_pointsToTheLine_andNamesItsRules();
    void sarif_meetsItsTypes();
    void fingerprints_stayUnderEditsElsewhere();
    void junit_meetsItsSchema_andHoldsEveryFinding();
    void junit_thatIsBroken_doesNotMeetIt();
    void anyText_canBeRead();
    void sameReport_makesTheSameBytes();

private:
    level::Project m_project;
    ProjectReport m_report;
    ship::LevelLines m_lines;
};

namespace {

const QString demo = QStringLiteral(ROOK_SOURCE_DIR "/demo/lantern-weir");

QJsonObject runOf(const std::string& sarif) {
    const auto file = QJsonDocument::fromJson(QByteArray::fromStdString(sarif));
    return file.object()["runs"].toArray()[0].toObject();
}

QJsonObject locationOf(const QJsonValue& result) {
    return result["locations"].toArray()[0].toObject()["physicalLocation"].toObject();
}

/// What Python's own reader makes of it: "suite case failures notes" a line.
QString readByPython(const QByteArray& xml, int* exitCode) {
    const char* script =
        "import sys, xml.etree.ElementTree as tree\n"
        "root = tree.fromstring(sys.stdin.buffer.read())\n"
        "for suite in root:\n"
        "    for case in suite:\n"
        "        count = lambda tag: sum(len((each.text or '').strip().split('\\n'))"
        " for each in case.findall(tag))\n"
        "        print(suite.get('name'), case.get('name'), count('failure'),"
        " count('system-out'))\n";
    QProcess python;
    python.start("/usr/bin/python3", {"-c", script});
    python.write(xml);
    python.closeWriteChannel();
    *exitCode = python.waitForFinished(30000) ? python.exitCode() : -1;
    return QString::fromUtf8(python.readAllStandardOutput());
}

bool meetsSchema(const QByteArray& xml) {
    QProcess lint;
    lint.start("/usr/bin/xmllint",
               {"--noout", "--schema", ROOK_SOURCE_DIR "/docs/schema/rookplot-junit.xsd", "-"});
    lint.write(xml);
    lint.closeWriteChannel();
    return lint.waitForFinished(30000) && lint.exitCode() == 0;
}

check::Finding finding(check::FindingKind kind, const char* level, const char* sentence,
                       const char* entity = "", PxRect place = {}) {
    check::Finding made;
    made.kind = kind;
    made.severity = check::rowOf(kind).usual;
    made.level = {level};
    made.sentence = sentence;
    made.entity = {entity};
    made.place = place;
    return made;
}

}  // namespace

void ReportFormatsTest::initTestCase() {
    const auto project = file::openProject(file::diskStorage(), demo.toStdString());
    QVERIFY(project.has_value());
    m_project = *project;
    const auto report = ship::reportOf(m_project, demo.toStdString(), {});
    QVERIFY(report.has_value());
    m_report = *report;
    m_lines = ship::linesOf(m_report, demo.toStdString());
    QVERIFY(m_report.openCount() > 10);
}

void ReportFormatsTest::lines_areThoseOfEntitiesAndRows() {
    int entities = 0, rows = 0;
    for (const auto& level : m_project.levels) {
        const QList<QByteArray> text =
            testing::readBytes(demo + "/levels/" + QString::fromStdString(level->id.text) + ".json")
                .split('\n');
        const ship::FileLines& lines = m_lines.at(level->id.text);
        for (const level::Entity& entity : level->entities) {
            const int line = lines.ofEntity(entity.id.text);
            QVERIFY(text[line - 1].contains("\"id\": \"" +
                                            QByteArray::fromStdString(entity.id.text) + "\""));
            ++entities;
        }
        QCOMPARE(lines.ofEntity("nobody-9"), 1);
        for (int y = 0; y < level->cells.height(); ++y) {
            const int line = lines.ofRow(y);
            if (line == 1) continue;
            // A row of as many characters as there are columns.
            QByteArray row = text[line - 1].trimmed();
            if (row.endsWith(',')) row.chop(1);
            const auto read = QJsonDocument::fromJson("[" + row + "]").array()[0].toString();
            QCOMPARE(read.toUcs4().size(), level->cells.width());
            ++rows;
        }
        QCOMPARE(lines.ofRow(level->cells.height()), 1);
        QCOMPARE(lines.ofRow(-1), 1);
    }
    QVERIFY(entities > 50 && rows > 150);
    QCOMPARE(ship::FileLines::of("no json at all").ofRow(0), 1);
}

void ReportFormatsTest::sarif_pointsToTheLine_andNamesItsRules() {
    const QJsonObject run = runOf(ship::sarifOf(m_report, m_lines));
    const QJsonArray rules = run["tool"]["driver"]["rules"].toArray();
    const QJsonArray results = run["results"].toArray();
    std::size_t count = m_report.ofProject.size();
    for (const ship::LevelReport& level : m_report.ofLevels)
        count += level.findings.size();
    QCOMPARE(std::size_t(results.size()), count);
    QVERIFY(std::size_t(rules.size()) >= check::findingTable().size());
    for (const QJsonValue& rule : rules)
        QVERIFY(rule["help"]["text"].toString().size() > 30);
    std::set<QString> fingerprints;
    int withEntity = 0;
    for (const QJsonValue& result : results) {
        QCOMPARE(rules[result["ruleIndex"].toInt()]["id"], result["ruleId"]);
        QVERIFY(
            fingerprints.insert(result["partialFingerprints"]["rookplot/v1"].toString()).second);
        const QString name = result["locations"][0]["logicalLocations"][0]["name"].toString();
        if (name.isEmpty()) continue;
        const QJsonObject place = locationOf(result);
        const QList<QByteArray> text =
            testing::readBytes(demo + "/" + place["artifactLocation"]["uri"].toString())
                .split('\n');
        QVERIFY(
            text[place["region"]["startLine"].toInt() - 1].contains("\"" + name.toUtf8() + "\""));
        ++withEntity;
    }
    QVERIFY(withEntity > 3);
}

/// By the compiler of the language whose package of types knows the format, where both can be had.
void ReportFormatsTest::sarif_meetsItsTypes() {
    const QString home = (testing::binaryFolder() + "/npm-sarif");
    QDir().mkpath(home);
    if (!QFile::exists(home + "/node_modules/@types/sarif/index.d.ts")) {
        QProcess install;
        install.setWorkingDirectory(home);
        install.start("npm", {"install", "--no-audit", "--no-fund", "--silent", "--prefix", home,
                              "typescript@5.9.3", "@types/sarif@2.1.7"});
        if (!install.waitForStarted() || !install.waitForFinished(120000) ||
            install.exitCode() != 0)
            QSKIP("the packages cannot be installed here");
    }
    const auto compiles = [&](const std::string& sarif) {
        testing::writeBytes(home + "/log.ts",
                            "import type { Log } from 'sarif';\nexport const log: Log = " +
                                QByteArray::fromStdString(sarif) + ";\n");
        QProcess tsc;
        tsc.setWorkingDirectory(home);
        tsc.start("node", {"node_modules/typescript/bin/tsc", "--strict", "--noEmit", "log.ts"});
        if (!tsc.waitForFinished(60000)) return false;
        return tsc.exitCode() == 0;
    };
    const std::string sarif = ship::sarifOf(m_report, m_lines);
    QVERIFY(compiles(sarif));
    // The check can fail: a level that the format does not know, a key that it does not have.
    std::string broken = sarif;
    broken.replace(broken.find("\"warning\""), 9, "\"doubt\"");
    QVERIFY(!compiles(broken));
    broken = sarif;
    broken.replace(broken.find("\"startLine\""), 11, "\"beginLine\"");
    QVERIFY(!compiles(broken));
}

void ReportFormatsTest::fingerprints_stayUnderEditsElsewhere() {
    ProjectReport report;
    report.ofLevels = {
        {{"a"},
         {16, 16},
         {finding(check::FindingKind::ExitOutOfReach, "a", "Gate gate-1 is out of reach", "gate-1"),
          finding(check::FindingKind::NoExit, "a", "one", "", {16, 16, 16, 16}),
          finding(check::FindingKind::NoExit, "a", "two", "", {16, 16, 16, 16})}}};
    const auto prints = [&](const ship::LevelLines& lines) {
        QStringList list;
        for (const QJsonValue& result : runOf(ship::sarifOf(report, lines))["results"].toArray())
            list << result["partialFingerprints"]["rookplot/v1"].toString();
        return list;
    };
    const QStringList before = prints({});
    QCOMPARE(QSet<QString>(before.begin(), before.end()).size(), 3);
    // Other findings, other words, other lines.
    auto& findings = report.ofLevels[0].findings;
    findings.insert(findings.begin(), finding(check::FindingKind::NoStart, "a", "No start"));
    findings[1].sentence = "Gate gate-1 is out of reach by 3 px";
    ship::LevelLines lines;
    lines["a"] = ship::FileLines::of("{\n  \"entities\": [\n    { \"id\": \"gate-1\" }\n  ]\n}\n");
    QCOMPARE(prints(lines).mid(1), before);
    QCOMPARE(locationOf(runOf(ship::sarifOf(report, lines))["results"].toArray()[1])["region"]
                 .toObject()["startLine"]
                 .toInt(),
             3);
    // Another entity is another one.
    findings[1].entity = {"gate-2"};
    QVERIFY(!prints(lines).contains(before[0]));
}

void ReportFormatsTest::junit_meetsItsSchema_andHoldsEveryFinding() {
    const QByteArray xml = QByteArray::fromStdString(ship::junitOf(m_report, m_lines));
    QVERIFY(meetsSchema(xml));
    int exitCode = -1;
    const QString read = readByPython(xml, &exitCode);
    QCOMPARE(exitCode, 0);
    std::map<std::string, std::pair<int, int>> wanted;
    for (const ship::LevelReport& level : m_report.ofLevels)
        for (const check::Finding& each : level.findings) {
            auto& counts = wanted[level.id.text + " " + std::string(check::nameOf(each.kind))];
            ++(each.severity == Severity::Note ? counts.second : counts.first);
        }
    for (const check::ProjectFinding& each : m_report.ofProject) {
        auto& counts = wanted["project " + each.name];
        ++(each.severity == Severity::Note ? counts.second : counts.first);
    }
    std::map<std::string, std::pair<int, int>> found;
    for (const QString& line : read.split('\n', Qt::SkipEmptyParts)) {
        const QStringList parts = line.split(' ');
        const std::pair<int, int> counts(parts[2].toInt(), parts[3].toInt());
        if (counts != std::pair(0, 0)) found[(parts[0] + " " + parts[1]).toStdString()] = counts;
    }
    QVERIFY(found == wanted);
    QVERIFY(read.count('\n') >= qsizetype(m_report.ofLevels.size() * check::findingTable().size()));
}

void ReportFormatsTest::junit_thatIsBroken_doesNotMeetIt() {
    QByteArray xml = QByteArray::fromStdString(ship::junitOf(m_report, m_lines));
    QVERIFY(!meetsSchema(QByteArray(xml).replace("type=\"doubt\"", "type=\"shrug\"")));
    QVERIFY(!meetsSchema(xml.replace("tests=", "exams=")));
}

void ReportFormatsTest::anyText_canBeRead() {
    const char* texts[] = {"a < b & c > d \"e\" 'f'",
                           "]]>",
                           "</failure><testcase/>",
                           "ü – 縁 \u200f",
                           "\x01\x02\x1f tab\t",
                           "&#x0;",
                           "a\nb"};
    ProjectReport report;
    report.ofProject.push_back({"theme-missing", Severity::Doubt, "<&\">", "levels/a.json"});
    for (const char* text : texts)
        report.ofLevels.push_back(
            {{"a" + std::to_string(report.ofLevels.size())},
             {16, 16},
             {finding(check::FindingKind::NoStart, "a", text, "x"),
              finding(check::FindingKind::UnusedArea, "a", text, "", {0, 0, 16, 16})}});
    const QByteArray xml = QByteArray::fromStdString(ship::junitOf(report, {}));
    QVERIFY(meetsSchema(xml));
    int exitCode = -1;
    readByPython(xml, &exitCode);
    QCOMPARE(exitCode, 0);
    const QJsonArray results = runOf(ship::sarifOf(report, {}))["results"].toArray();
    QCOMPARE(results.size(), 1 + 2 * qsizetype(std::size(texts)));
    QCOMPARE(results[1]["message"]["text"].toString(), QString(texts[0]));
}

void ReportFormatsTest::sameReport_makesTheSameBytes() {
    using ship::ReportFormat;
    for (const auto format :
         {ReportFormat::Text, ReportFormat::Json, ReportFormat::Sarif, ReportFormat::JUnit}) {
        const std::string once = ship::formattedReport(m_report, format, demo.toStdString());
        QCOMPARE(once, ship::formattedReport(m_report, format, demo.toStdString()));
        QVERIFY(once.ends_with('\n'));
    }
}

ROOK_TEST(ReportFormatsTest)

}  // namespace rook::report_formats_test

#include "report_formats_test.moc"
