/// Forms by direction, turned and mirrored; matter replaced; the board's size.

#include "level/forms.h"

#include "level/board_size.h"
#include "level/clips.h"
#include "level/sketch_edits.h"
#include "testing.h"

namespace rook::forms_test {

using level::Cell;
using level::CellRegion;
using level::Form;
using level::Turning;

class FormsTest : public QObject {
    Q_OBJECT
private slots:
    void init();
    void mirroredAndTurned_areTheMaskMirroredAndTurned();
    void slope_goesOnWithoutAStep_inEachDirection();
    void slope_ofOneInTwo_takesPairs();
    void slope_hangs_underACeiling();
    void corner_isCutAndFilled_bySides();
    void half_isOnTheSideOfThePointer();
    void layShaped_refusesWhatAMatterCannotTake();
    void turning_fourTimes_isTheSame();
    void turning_isRefused_forSlopesOfOneInTwo();
    void replace_keepsForms_andSaysWhatIsNotThere();
    void board_growsAndShrinks_withAllThatStandsOnIt();
    void board_tellsWhatIsCutOff();
    void board_ofNoSize_isRefused();

private:
    level::Project m_project;
    level::Level m_level;
};

void FormsTest::init() {
    m_project = testing::smallProject();
    m_level =
        testing::drawnLevel(m_project, {"..........", "..####....", "..####..S.", "##########"});
}

void FormsTest::mirroredAndTurned_areTheMaskMirroredAndTurned() {
    for (int f = 0; f < runtime::formCount; ++f) {
        const auto form = static_cast<Form>(f);
        for (const int n : {8, 15, 16}) {
            const auto at = [&](Form of, int i, int j) {
                return runtime::formFills(of, i, j, n, n);
            };
            for (int j = 0; j < n; ++j) {
                for (int i = 0; i < n; ++i) {
                    if (const auto side = level::mirrored(form, true))
                        QCOMPARE(at(*side, i, j), at(form, n - 1 - i, j));
                    if (const auto upside = level::mirrored(form, false))
                        QCOMPARE(at(*upside, i, j), at(form, i, n - 1 - j));
                    if (const auto quarter = level::turned(form))
                        QCOMPARE(at(*quarter, i, j), at(form, j, n - 1 - i));
                }
            }
        }
        QVERIFY(level::mirrored(form, true));
    }
}

void FormsTest::slope_goesOnWithoutAStep_inEachDirection() {
    // Height of the filled column of px at px x of the board, from the bottom up.
    const auto heightAt = [](const std::vector<level::ShapedCell>& cells, int x) {
        int highest = -100000;
        for (const auto& [cell, form] : cells) {
            if (x / 16 != cell.x) continue;
            highest = std::max(highest, -(cell.y * 16 + 16));  // what it stands on
            for (int j = 0; j < 16; ++j)
                if (runtime::formFills(form, x % 16, j, 16, 16))
                    highest = std::max(highest, -(cell.y * 16 + j));
        }
        return highest;
    };
    for (const CellPoint to : {CellPoint{20, 4}, {4, 4}, {20, 16}, {4, 16}, {20, 8}, {2, 8}}) {
        const auto cells = level::slopeCells({11, 11}, to, false);
        int left = 1000;
        int right = 0;
        for (const auto& each : cells) {
            left = std::min(left, each.cell.x);
            right = std::max(right, each.cell.x + 1);
        }
        QVERIFY(right - left >= 6);
        for (int x = left * 16; x + 1 < right * 16; ++x)
            QVERIFY(std::abs(heightAt(cells, x) - heightAt(cells, x + 1)) <= 1);
    }
}

void FormsTest::slope_ofOneInTwo_takesPairs() {
    const auto up = level::slopeCells({2, 8}, {5, 7}, false);
    QCOMPARE(up, (std::vector<level::ShapedCell>{{{2, 8}, Form::RiseRight1Of2},
                                                 {{3, 8}, Form::RiseRight2Of2},
                                                 {{4, 7}, Form::RiseRight1Of2},
                                                 {{5, 7}, Form::RiseRight2Of2}}));
    const auto down = level::slopeCells({2, 8}, {5, 9}, false);
    QCOMPARE(down[0].form, Form::RiseLeft2Of2);
    QCOMPARE(level::slopeCells({2, 8}, {6, 8}, false)[3].form, Form::Full);
    QCOMPARE(level::slopeCells({2, 8}, {2, 8}, false).size(), std::size_t{1});
}

void FormsTest::slope_hangs_underACeiling() {
    QCOMPARE(level::slopeCells({2, 2}, {4, 4}, true)[1].form, Form::HangRight);
    QCOMPARE(level::slopeCells({4, 2}, {2, 4}, true)[1].form, Form::HangLeft);
}

void FormsTest::corner_isCutAndFilled_bySides() {
    QCOMPARE(*cornerForm(m_project, m_level, {2, 1}), Form::RiseRight);
    QCOMPARE(*cornerForm(m_project, m_level, {5, 1}), Form::RiseLeft);
    QCOMPARE(*cornerForm(m_project, m_level, {1, 2}), Form::RiseRight);
    QCOMPARE(*cornerForm(m_project, m_level, {6, 2}), Form::RiseLeft);
    QVERIFY(!cornerForm(m_project, m_level, {3, 1}));
    QVERIFY(!cornerForm(m_project, m_level, {8, 0}));
    // Under a ceiling, in its left corner and in its right one.
    m_level.cells.fillRect({0, 0, 10, 1}, Cell({1}));
    m_level.cells.fillRect({0, 1, 1, 1}, Cell({1}));
    m_level.cells.fillRect({9, 1, 1, 1}, Cell({1}));
    m_level.cells.fillRect({2, 1, 4, 2}, Cell());
    QCOMPARE(*cornerForm(m_project, m_level, {1, 1}), Form::HangLeft);
    QCOMPARE(*cornerForm(m_project, m_level, {8, 1}), Form::HangRight);
}

void FormsTest::half_isOnTheSideOfThePointer() {
    QCOMPARE(level::halfAt({24, 30}, {16, 16}), Form::LowerHalf);
    QCOMPARE(level::halfAt({24, 17}, {16, 16}), Form::UpperHalf);
    QCOMPARE(level::halfAt({17, 24}, {16, 16}), Form::LeftHalf);
    QCOMPARE(level::halfAt({31, 24}, {16, 16}), Form::RightHalf);
    QCOMPARE(level::halfAt({-1, -8}, {16, 16}), Form::RightHalf);
}

void FormsTest::layShaped_refusesWhatAMatterCannotTake() {
    const auto cells = level::slopeCells({0, 2}, {2, 0}, false);
    QCOMPARE(layShaped(m_project, m_level, cells, {1})->name, std::string("Lay 3 cells of stone"));
    QCOMPARE(layShaped(m_project, m_level, cells, {2}).error().kind, ErrorKind::NotApplicable);
    QVERIFY(layShaped(m_project, m_level, {{{0, 0}, Form::UpperHalf}}, {2}));
    QCOMPARE(layShaped(m_project, m_level, {{{-1, 0}, Form::Full}}, {1})->level, m_level);
}

void FormsTest::turning_fourTimes_isTheSame() {
    m_level.cells.set(2, 1, Cell({1}, Form::RiseRight));
    m_level.cells.set(5, 1, Cell({1}, Form::LeftHalf));
    for (const Turning turning : {Turning::MirrorSideways, Turning::MirrorTopToBottom,
                                  Turning::QuarterRight, Turning::QuarterLeft}) {
        level::Level level = m_level;
        level.cells.fillRect({0, 3, 10, 1}, Cell());
        const level::Level before = level;
        CellRegion rect(CellRect{2, 0, 4, 4});
        const int times =
            turning == Turning::QuarterRight || turning == Turning::QuarterLeft ? 4 : 2;
        for (int i = 0; i < times; ++i) {
            const auto turnedOnce = turnCells(level, rect, turning);
            QVERIFY(turnedOnce);
            level = turnedOnce->edit.level;
            rect = turnedOnce->to;
            QVERIFY(i + 1 == times || !(level == before));
        }
        QCOMPARE(level, before);
    }
}

void FormsTest::turning_isRefused_forSlopesOfOneInTwo() {
    m_level.cells.set(2, 1, Cell({1}, Form::RiseRight1Of2));
    QVERIFY(turnCells(m_level, CellRegion(CellRect{2, 1, 2, 2}), Turning::MirrorSideways));
    QCOMPARE(
        turnCells(m_level, CellRegion(CellRect{2, 1, 2, 2}), Turning::QuarterRight).error().kind,
        ErrorKind::NotApplicable);
    QCOMPARE(
        turnCells(m_level, CellRegion(CellRect{0, 0, 10, 2}), Turning::QuarterLeft).error().kind,
        ErrorKind::NotApplicable);
}

void FormsTest::replace_keepsForms_andSaysWhatIsNotThere() {
    m_level.cells.set(2, 1, Cell({1}, Form::RiseRight));
    const auto edit =
        replaceMatter(m_project, m_level, CellRegion(CellRect{0, 0, 10, 3}), {1}, {5});
    QCOMPARE(edit->name, std::string("Replace 8 cells of stone by teeth"));
    QCOMPARE(edit->level.cells.at(2, 1), Cell({5}, Form::RiseRight));
    QCOMPARE(edit->level.cells.at(2, 3), Cell({1}));
    QCOMPARE(
        replaceMatter(m_project, m_level, CellRegion(CellRect{0, 0, 10, 3}), {1}, {2}).error().kind,
        ErrorKind::NotApplicable);
    QCOMPARE(
        replaceMatter(m_project, m_level, CellRegion(CellRect{0, 0, 10, 1}), {1}, {5}).error().kind,
        ErrorKind::NotApplicable);
    QVERIFY(replaceMatter(m_project, m_level, CellRegion(CellRect{0, 0, 10, 3}), {1}, {0})
                ->level.cells.at(2, 1)
                .isOpen());
}

void FormsTest::board_growsAndShrinks_withAllThatStandsOnIt() {
    level::Mark mark;
    mark.shape = level::MarkShape::Line;
    mark.points = std::vector<PxPoint>{{0, 0}, {32, 16}};
    m_level = addMark(m_level, 0, mark)->level;
    level::Route route;
    route.points = {{8, 8}, {40, 8}};
    level::Bead bead;
    bead.region = CellRect{1, 1, 2, 2};
    route.beads = {bead};
    m_level = addRoute(m_level, route).level;
    const auto grown = resizeBoard(m_level, {-3, -2, 16, 9});
    QCOMPARE(grown->name, std::string("Make the board 16 x 9"));
    QCOMPARE(grown->level.cells.bounds(), (CellRect{0, 0, 16, 9}));
    QCOMPARE(grown->level.cells.at(5, 3), Cell({1}));
    QVERIFY(grown->level.cells.at(2, 3).isOpen());
    QCOMPARE(grown->level.entities[0].box, m_level.entities[0].box.moved(48, 32));
    QCOMPARE(grown->level.sketch.leaves[0].marks[0].points[1], (PxPoint{80, 48}));
    QCOMPARE(grown->level.sketch.routes[0].points[0], (PxPoint{56, 40}));
    QCOMPARE(*grown->level.sketch.routes[0].beads[0].region, (CellRect{4, 3, 2, 2}));
    QCOMPARE(resizeBoard(grown->level, {3, 2, 10, 4})->level, m_level);
}

void FormsTest::board_tellsWhatIsCutOff() {
    const level::CutOff cut = cutOffBy(m_level, {0, 0, 8, 3});
    QCOMPARE(cut.cells, std::int64_t{10});
    QCOMPARE(cut.entities, (std::vector<EntityId>{{"keeper-1"}}));
    QVERIFY(resizeBoard(m_level, {0, 0, 8, 3})->level.entities.empty());
    QVERIFY(cutOffBy(m_level, {-1, -1, 20, 20}).isNothing());
}

void FormsTest::board_ofNoSize_isRefused() {
    for (const CellRect frame : {CellRect{0, 0, 0, 4}, {0, 0, 16385, 4}, {2, 2, 3, -1}})
        QCOMPARE(resizeBoard(m_level, frame).error().kind, ErrorKind::OutOfRange);
}

ROOK_TEST(FormsTest)

}  // namespace rook::forms_test

#include "forms_test.moc"
