#include "check/finding.h"

#include <set>

#include "testing.h"

namespace rook::findings_test {

using check::FindingKind;

class FindingsTest : public QObject {
    Q_OBJECT
private slots:
    void soundLevel_hasNone();
    void eachFlaw_isFound_data();
    void eachFlaw_isFound();
    void names_areAllDifferent();
};

namespace {

std::vector<check::Finding> findFor(level::Project project, const std::vector<std::string>& rows,
                                    const level::ExitTarget& target) {
    level::Level level = testing::drawnLevel(project, rows);
    level.entities.edit([&](auto& list) {
        for (level::Entity& entity : list)
            if (entity.kind.text == "gate") entity.to = target;
    });
    project.levels.push_back(std::make_shared<const level::Level>(level));
    return check::findingsOf(project, level, reach::answer(*reach::queryOf(project, level)));
}

}  // namespace

void FindingsTest::soundLevel_hasNone() {
    QVERIFY(findFor(testing::smallProject(), {".........", ".S..o..X.", "#########"}, {}).empty());
    QVERIFY(findFor(testing::smallProject(), {".........", ".S..o..X.", "#########"},
                    {level::Onward::Level, {"drawn"}, {"keeper-1"}})
                .empty());
}

void FindingsTest::eachFlaw_isFound_data() {
    QTest::addColumn<QStringList>("rows");
    QTest::addColumn<QString>("toLevel");
    QTest::addColumn<QString>("toEntry");
    QTest::addColumn<QString>("kind");
    QTest::newRow("no start") << QStringList{".....", "...X.", "#####"} << ""
                              << ""
                              << "no-start";
    QTest::newRow("no exit") << QStringList{".....", ".S...", "#####"} << ""
                             << ""
                             << "no-exit";
    QTest::newRow("start in stone") << QStringList{".###.", ".S.X.", "#####"} << ""
                                    << ""
                                    << "start-blocked";
    QTest::newRow("exit away") << QStringList{"..#...", "..#...", ".S#.X.", "######"} << ""
                               << ""
                               << "exit-out-of-reach";
    QTest::newRow("pickup away") << QStringList{"...#.o", "...#..", ".SX#..", "######"} << ""
                                 << ""
                                 << "pickup-out-of-reach";
    QTest::newRow("no such level") << QStringList{"......", ".S.X..", "######"} << "moon"
                                   << ""
                                   << "exit-leads-nowhere";
    QTest::newRow("no such entry") << QStringList{"......", ".S.X..", "######"} << "drawn"
                                   << "gate-1"
                                   << "exit-leads-nowhere";
    QTest::newRow("buried") << QStringList{"......", ".S.X..", "####o#", "######"} << ""
                            << ""
                            << "entity-in-stone";
}

void FindingsTest::eachFlaw_isFound() {
    QFETCH(QStringList, rows);
    QFETCH(QString, toLevel);
    QFETCH(QString, toEntry);
    QFETCH(QString, kind);
    std::vector<std::string> drawn;
    for (const QString& row : rows)
        drawn.push_back(row.toStdString());
    level::Project project = testing::smallProject();
    auto findings = findFor(project, drawn,
                            {toLevel.isEmpty() ? level::Onward::End : level::Onward::Level,
                             {toLevel.toStdString()},
                             {toEntry.toStdString()}});
    if (kind == "entity-in-stone") {
        // The lantern's own cell is open in the drawing: fill it.
        level::Level level = testing::drawnLevel(project, drawn);
        level.cells.set(4, 2, level::Cell({1}));
        findings =
            check::findingsOf(project, level, reach::answer(*reach::queryOf(project, level)));
    }
    const bool isFound =
        std::any_of(findings.begin(), findings.end(), [&](const check::Finding& finding) {
            return kind.toStdString() == check::nameOf(finding.kind) && !finding.sentence.empty();
        });
    QVERIFY(isFound);
}

void FindingsTest::names_areAllDifferent() {
    std::set<std::string_view> names;
    for (int i = 0; i <= static_cast<int>(FindingKind::EntityInStone); ++i)
        names.insert(check::nameOf(static_cast<FindingKind>(i)));
    QCOMPARE(static_cast<int>(names.size()), static_cast<int>(FindingKind::EntityInStone) + 1);
}

ROOK_TEST(FindingsTest)

}  // namespace rook::findings_test

#include "findings_test.moc"
