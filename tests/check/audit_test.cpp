/// The collision audit: each flaw is found where it is and nowhere else, and its fix mends it.

#include "check/audit.h"

#include <set>

#include "check/audit_detail.h"
#include "collide/components.h"
#include "testing.h"

namespace rook::audit_test {

using check::Finding;
using check::FindingKind;
using level::Cell;
using level::Form;

namespace {

std::vector<Finding> audited(const level::Project& project, const level::Level& level) {
    const auto query = reach::queryOf(project, level);
    return check::auditFindings(project, level, reach::answer(*query));
}

int countOf(const std::vector<Finding>& findings, FindingKind kind) {
    return int(std::count_if(findings.begin(), findings.end(),
                             [&](const Finding& finding) { return finding.kind == kind; }));
}

const std::vector<std::string> soundRows{"..............", "..............", "..............",
                                         "..............", "S............X", "##############",
                                         "##############", "#####....#####"};

}  // namespace

class AuditTest : public QObject {
    Q_OBJECT
private slots:
    void init() { m_project = testing::smallProject(); }
    void soundLevel_hasNone();
    void eachFlaw_isFound_andMended_data();
    void eachFlaw_isFound_andMended();
    void leaks_areToldWhereReached_andNotAtExits();
    void bottom_isToldOnce_orWhereItIsMissing();
    void slopes_thatEndInAStep_areFound();
    void tightSpaces_equalBruteForce_onRandomLevels();
    void parts_equalFlooding_onRandomMaps();
    void largeLevels_areNotAudited_andItIsSaid();
    void levelsFromAbove_areAuditedWithoutFloors();

private:
    level::Project m_project;
};

void AuditTest::soundLevel_hasNone() {
    auto rows = soundRows;
    rows[7] = "##############";
    auto level = testing::drawnLevel(m_project, rows);
    level.edges.bottom = runtime::EdgeRule::Wall;
    QCOMPARE(audited(m_project, level).size(), std::size_t(0));
}

void AuditTest::eachFlaw_isFound_andMended_data() {
    QTest::addColumn<std::vector<std::string>>("rows");
    QTest::addColumn<int>("kind");
    QTest::addColumn<QList<int>>("place");
    const auto flaw = [](const char* name, std::vector<std::string> rows, FindingKind kind,
                         QList<int> cells) { QTest::newRow(name) << rows << int(kind) << cells; };
    // A tunnel one cell high, open at both ends; the body is 22 px high.
    flaw("gap",
         {"..............", "..............", "....######....", "....######....", "S............X",
          "##############"},
         FindingKind::GapTooTight, {4, 4, 6, 1});
    flaw("pocket",
         {"..............", "..............", "..............", "S............X", "##############",
          "####...#######", "####...#######", "##############"},
         FindingKind::Pocket, {4, 5, 3, 2});
    flaw("small pocket",
         {"..............", "..............", "..............", "S............X", "##############",
          "####.#########", "##############"},
         FindingKind::Pocket, {4, 5, 1, 1});
    flaw("lone",
         {"..............", ".....#........", "..............", "..............", "..............",
          "S............X", "##############"},
         FindingKind::LoneCell, {5, 1, 1, 1});
    // From wall to wall, within a jump's height of the floor below.
    flaw("ledge",
         {"..............", "..............", "..............", "..............", "##############",
          "..............", "S............X", "##############"},
         FindingKind::LedgeBumps, {0, 4, 14, 1});
    flaw("corners",
         {"..............", "......##......", "......##......", "....##........", "....##........",
          "..............", "..............", "S............X", "##############"},
         FindingKind::CornersTouch, {5, 2, 2, 2});
}

void AuditTest::eachFlaw_isFound_andMended() {
    QFETCH(std::vector<std::string>, rows);
    QFETCH(int, kind);
    QFETCH(QList<int>, place);
    auto level = testing::drawnLevel(m_project, rows);
    level.edges.bottom = runtime::EdgeRule::Wall;
    const auto findings = audited(m_project, level);
    const auto found = std::find_if(findings.begin(), findings.end(), [&](const Finding& finding) {
        return finding.kind == FindingKind(kind);
    });
    QVERIFY(found != findings.end());
    const CellRect cells{place[0], place[1], place[2], place[3]};
    QCOMPARE(toCells(found->place, level.cellSize), cells);
    QVERIFY(!found->fix.empty());
    const auto fixed = fixOf(m_project, level, *found);
    QVERIFY(fixed);
    QVERIFY(!(fixed->level == level));
    QCOMPARE(countOf(audited(m_project, fixed->level), FindingKind(kind)),
             countOf(findings, FindingKind(kind)) - 1);
    // What is mended already is not mended again.
    const auto again = fixOf(m_project, fixed->level, *found);
    QVERIFY(!again || again->level == fixed->level);
}

void AuditTest::leaks_areToldWhereReached_andNotAtExits() {
    auto level = testing::drawnLevel(m_project, soundRows);
    level.edges.bottom = runtime::EdgeRule::Wall;
    level.edges.left = runtime::EdgeRule::Open;
    auto findings = audited(m_project, level);
    QCOMPARE(countOf(findings, FindingKind::Leak), 1);
    const auto leak = std::find_if(findings.begin(), findings.end(), [](const Finding& finding) {
        return finding.kind == FindingKind::Leak;
    });
    QCOMPARE(leak->place.x, 0);
    const auto fixed = fixOf(m_project, level, *leak);
    QCOMPARE(fixed->level.edges.left, runtime::EdgeRule::Wall);
    // Two edges open: each fix closes its own.
    auto both = level;
    both.edges.right = runtime::EdgeRule::Open;
    both.entities.edit([](auto& list) { list[1].box.x = 5 * 16; });
    for (const Finding& finding : audited(m_project, both)) {
        if (finding.kind != FindingKind::Leak) continue;
        const runtime::Edges edges = fixOf(m_project, both, finding)->level.edges;
        const bool isLeft = finding.place.x == 0;
        QCOMPARE(edges.left, isLeft ? runtime::EdgeRule::Wall : runtime::EdgeRule::Open);
        QCOMPARE(edges.right, isLeft ? runtime::EdgeRule::Open : runtime::EdgeRule::Wall);
    }
    // An exit that covers the whole way out is no leak.
    level.entities.edit([](auto& list) {
        list.push_back(list.back());
        list.back().id = {"gate-2"};
        list.back().box = {-8, -80, 16, 400};
    });
    QCOMPARE(countOf(audited(m_project, level), FindingKind::Leak), 0);
    // Behind a wall nothing leaks.
    level.entities.edit([](auto& list) { list.pop_back(); });
    level.cells.fillRect({0, 0, 1, 8}, Cell({1}));
    level.entities.edit([](auto& list) { list[0].box.x = 32; });
    QCOMPARE(countOf(audited(m_project, level), FindingKind::Leak), 0);
}

void AuditTest::bottom_isToldOnce_orWhereItIsMissing() {
    auto rows = soundRows;
    rows[7] = "##############";
    auto level = testing::drawnLevel(m_project, rows);
    const auto findings = audited(m_project, level);
    QCOMPARE(findings.size(), std::size_t(1));
    QCOMPARE(findings[0].kind, FindingKind::DeadlyBottomUnused);
    QCOMPARE(check::openCount(findings), std::size_t(0));
    level.edges.bottom = runtime::EdgeRule::Open;
    QCOMPARE(audited(m_project, level).size(), std::size_t(0));
    level.cells.fillRect({5, 5, 3, 3}, Cell());
    const auto gap = audited(m_project, level);
    QCOMPARE(countOf(gap, FindingKind::BottomlessGap), 1);
    QCOMPARE(fixOf(m_project, level, gap[0])->level.edges.bottom, runtime::EdgeRule::Deadly);
}

void AuditTest::slopes_thatEndInAStep_areFound() {
    const std::vector<std::string> rows{"............", "............", "............",
                                        "S..........X", "############"};
    const auto stepsOf = [&](const std::vector<std::tuple<int, int, Cell>>& cells) {
        auto level = testing::drawnLevel(m_project, rows);
        for (const auto& [x, y, cell] : cells)
            level.cells.set(x, y, cell);
        return countOf(audited(m_project, level), FindingKind::SlopeEndsInStep);
    };
    const Cell full({1});
    // A whole rise of 1/1 and one of 1/2 are fine.
    QCOMPARE(stepsOf({{4, 3, Cell({1}, Form::RiseRight)}, {5, 3, full}}), 0);
    QCOMPARE(stepsOf({{3, 3, Cell({1}, Form::RiseRight1Of2)},
                      {4, 3, Cell({1}, Form::RiseRight2Of2)},
                      {5, 3, full}}),
             0);
    // Its upper half alone ends in a step of half a cell at its foot.
    QCOMPARE(stepsOf({{4, 3, Cell({1}, Form::RiseRight2Of2)}, {5, 3, full}}), 1);
    // Its lower half alone ends in one at its top.
    QCOMPARE(stepsOf({{4, 3, Cell({1}, Form::RiseRight1Of2)}, {5, 3, full}}), 1);
    QCOMPARE(stepsOf({{5, 3, Cell({1}, Form::RiseLeft1Of2)}, {4, 3, full}}), 1);
    // A slope that ends in the air, or against a wall, is meant.
    QCOMPARE(stepsOf({{4, 3, Cell({1}, Form::RiseRight)}}), 0);
    QCOMPARE(
        stepsOf({{4, 3, Cell({1}, Form::RiseRight)}, {5, 3, full}, {5, 2, full}, {5, 1, full}}), 0);
}

void AuditTest::tightSpaces_equalBruteForce_onRandomLevels() {
    const std::uint64_t seed = testing::seedOr(8801);
    for (int round = 0; round < 60; ++round) {
        Random random(seed + static_cast<std::uint64_t>(round));
        const QByteArray where = "ROOK_SEED=" + QByteArray::number(seed + round);
        level::Level level;
        level.id = {"random"};
        level.cellSize = {4, 4};
        level.cells = Grid<Cell>(random.between(4, 14), random.between(4, 12));
        for (int y = 0; y < level.cells.height(); ++y)
            for (int x = 0; x < level.cells.width(); ++x)
                if (random.chance(45)) level.cells.set(x, y, Cell({1}));
        level::MotionProfile profile;
        profile.bodyWidth = random.between(1, 9);
        profile.bodyHeight = random.between(1, 9);
        profile.run = profile.climb = profile.swim = {20000};
        const auto tables = motion::makeStepTables(profile, level.cellSize);
        QVERIFY2(tables, where);
        level::Project project = m_project;
        project.profiles = std::vector<level::MotionProfile>{profile};
        const auto spaces = check::tightSpaces(project, level, *tables);
        // Px that no free box covers, by trying every place of the box.
        const PxRect bounds = level.boundsPx();
        const auto isSolid = [&](int x, int y) {
            return !bounds.contains(PxPoint{x, y}) || !level.cells.at(x / 4, y / 4).isOpen();
        };
        const auto isFree = [&](int x, int y) {
            for (int j = 0; j < profile.bodyHeight; ++j)
                for (int i = 0; i < profile.bodyWidth; ++i)
                    if (isSolid(x + i, y + j) && y + j < bounds.height) return false;
            return true;
        };
        std::set<std::pair<int, int>> covered;
        // A body may go one px beyond the deadly bottom, no further.
        for (int y = 0; y + profile.bodyHeight <= bounds.height + 1; ++y)
            for (int x = 0; x < bounds.width; ++x) {
                if (!isFree(x, y)) continue;
                for (int j = 0; j < profile.bodyHeight; ++j)
                    for (int i = 0; i < profile.bodyWidth; ++i)
                        covered.insert({x + i, y + j});
            }
        for (const check::TightSpace& space : spaces)
            for (const level::CellRun& run : space.cells.runs())
                for (int x = run.x; x < run.x + run.count; ++x) {
                    QVERIFY2(level.cells.at(x, run.y).isOpen(), where);
                    const bool isCovered = covered.contains({x * 4 + 1, run.y * 4 + 1});
                    QVERIFY2(space.isPocket || !isCovered, where);
                }
        // Every open cell that is not covered at all is in a space, or in a niche with one mouth.
        for (const check::TightSpace& space : spaces)
            QVERIFY2(!space.bounds.isEmpty() && bounds.grown(9).contains(space.bounds), where);
    }
}

void AuditTest::parts_equalFlooding_onRandomMaps() {
    const std::uint64_t seed = testing::seedOr(8802);
    for (int round = 0; round < 200; ++round) {
        Random random(seed + static_cast<std::uint64_t>(round));
        BitMap map(random.between(0, 140), random.between(0, 12));
        for (int y = 0; y < map.height(); ++y)
            for (int x = 0; x < map.width(); ++x)
                if (random.chance(55)) map.set(x, y);
        BitMap left = map;
        std::int64_t bits = 0;
        for (const collide::BitPart& part : collide::partsOf(map)) {
            // Flood from its first bit: all of its bits and no others.
            std::vector<PxPoint> open{{part.runs[0].x, part.runs[0].y}};
            std::int64_t count = 0;
            BitMap seen(map.width(), map.height());
            while (!open.empty()) {
                const PxPoint at = open.back();
                open.pop_back();
                if (!map.test(at.x, at.y) || seen.test(at.x, at.y)) continue;
                seen.set(at.x, at.y);
                ++count;
                for (const PxPoint by : {PxPoint{1, 0}, {-1, 0}, {0, 1}, {0, -1}})
                    open.push_back({at.x + by.x, at.y + by.y});
            }
            bits += part.bits;
            const QByteArray where = "ROOK_SEED=" + QByteArray::number(seed + round);
            QVERIFY2(count == part.bits, where);
            for (const collide::BitRun& run : part.runs)
                for (int x = run.x; x < run.x + run.count; ++x)
                    QVERIFY2(seen.test(x, run.y), where);
        }
        QCOMPARE(bits, map.count());
    }
}

void AuditTest::largeLevels_areNotAudited_andItIsSaid() {
    level::Level level;
    level.cells = Grid<Cell>(4096, 4096);
    const auto findings = check::auditFindings(m_project, level, {});
    QCOMPARE(findings.size(), std::size_t(1));
    QCOMPARE(findings[0].kind, FindingKind::NotAudited);
    QCOMPARE(findings[0].severity, check::Severity::Note);
}

void AuditTest::levelsFromAbove_areAuditedWithoutFloors() {
    auto level = testing::drawnLevel(
        m_project, {"##############", "#............#", "#S...........#", "#............#",
                    "#.....#......#", "#............#", "#............#", "##############"});
    level.kind = level::LevelKind::Above;
    const auto findings = audited(m_project, level);
    QCOMPARE(findings.size(), std::size_t(1));
    QCOMPARE(findings[0].kind, FindingKind::LoneCell);
}

ROOK_TEST(AuditTest)

}  // namespace rook::audit_test

#include "audit_test.moc"
