/// The table of findings, and the report that all faces use.

#include "check/report.h"

#include <set>

#include "check/audit.h"
#include "check/finding_table.h"
#include "testing.h"

namespace rook::report_test {

using namespace rook::check;

class ReportTest : public QObject {
    Q_OBJECT
private slots:
    void rows_haveNamesOfTheirOwn();
    void parts_standInOneOrder_notesLast();
    void part_isReplaced_othersStay();
    void report_isTheSumOfItsParts();
    void fix_withoutWords_isNone();
};

namespace {

Finding finding(FindingKind kind, Severity severity = Severity::Doubt) {
    Finding made;
    made.kind = kind;
    made.severity = severity;
    return made;
}

std::vector<FindingKind> kindsOf(const Report& report) {
    std::vector<FindingKind> kinds;
    for (const Finding& each : report.findings())
        kinds.push_back(each.kind);
    return kinds;
}

}  // namespace

void ReportTest::rows_haveNamesOfTheirOwn() {
    std::set<std::string_view> names;
    for (const FindingRow& row : findingTable()) {
        QVERIFY(names.insert(row.name).second);
        QVERIFY(!row.title.empty());
        QCOMPARE(nameOf(row.kind), row.name);
    }
    QCOMPARE(names.size(), findingKindCount);
}

void ReportTest::parts_standInOneOrder_notesLast() {
    Report report;
    report.take(Report::Part::Plan, {finding(FindingKind::RoomSolid)});
    report.take(Report::Part::Board,
                {finding(FindingKind::NotAudited, Severity::Note), finding(FindingKind::Leak)});
    report.take(Report::Part::Verdict, {finding(FindingKind::NoExit, Severity::Error)});
    report.take(Report::Part::Analysis, {finding(FindingKind::Trap, Severity::Error)});
    const std::vector<FindingKind> wanted{FindingKind::NoExit, FindingKind::Trap, FindingKind::Leak,
                                          FindingKind::RoomSolid, FindingKind::NotAudited};
    QVERIFY(kindsOf(report) == wanted);
    QCOMPARE(openCount(report.findings()), std::size_t{4});
    QVERIFY(hasErrors(report.findings()));
}

void ReportTest::part_isReplaced_othersStay() {
    Report report;
    report.take(Report::Part::Board, {finding(FindingKind::Leak), finding(FindingKind::Pocket)});
    report.take(Report::Part::Plan, {finding(FindingKind::RoomSolid)});
    report.take(Report::Part::Board, {finding(FindingKind::LoneCell)});
    QVERIFY((kindsOf(report) ==
             std::vector<FindingKind>{FindingKind::LoneCell, FindingKind::RoomSolid}));
    report.take(Report::Part::Plan, {});
    QCOMPARE(report.findings().size(), std::size_t{1});
}

void ReportTest::report_isTheSumOfItsParts() {
    const level::Project project = testing::smallProject();
    const level::Level level =
        testing::drawnLevel(project, {"..........", "...#......", "##########"});
    const auto report = reportOf(project, level, {}, {});
    QVERIFY(report.has_value());
    const auto query = reach::queryOf(project, level);
    QVERIFY(query.has_value());
    const auto answer = std::make_shared<const reach::Answer>(reach::answer(*query));
    QVERIFY(report->of(Report::Part::Verdict) == findingsOf(project, level, *answer));
    QVERIFY(report->of(Report::Part::Board) == boardReport(project, level, answer, {}).findings);
    QVERIFY(report->of(Report::Part::Analysis).empty());
}

void ReportTest::fix_withoutWords_isNone() {
    const level::Project project = testing::smallProject();
    const level::Level level = testing::drawnLevel(project, {"....", "####"});
    QCOMPARE(fixOf(project, level, finding(FindingKind::Leak)).error().kind,
             ErrorKind::NotApplicable);
    QCOMPARE(fixOf(project, level, finding(FindingKind::NoExit)).error().kind,
             ErrorKind::NotApplicable);
}

ROOK_TEST(ReportTest)

}  // namespace rook::report_test

#include "report_test.moc"
