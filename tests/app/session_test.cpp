/// The session and live reach, without a window.

#include "app/session/session.h"

#include <QSignalSpy>

#include "app/session/live_reach.h"
#include "app/shell/all_steps.h"
#include "data.h"
#include "level/target_edits.h"
#include "testing.h"

namespace rook::session_test {

using namespace rook::app;

class SessionTest : public QObject {
    Q_OBJECT
private slots:
    void init();
    void gesture_isOneStep_andOnlyWhenItChangesSomething();
    void gesture_ofThreeValues_startsFromTheFirst();
    void undo_inAGesture_cancelsIt();
    void undo_goesToTheLevel_whereTheStepWas();
    void selection_losesWhatIsDeleted();
    void modified_isSaid_untilSavedOrUndone();
    void saveInBackground_savesTheValueOfThen();
    void writing_aTarget_isTold_alsoWhereItFails();
    void touched_isWhatChanges_alsoWhenAGestureShrinks();
    void liveReach_endsWithTheNewestValue_andProvesAllLevels();
    void liveReach_interruptsStaleWork();
    void openFailure_changesNothing();

private:
    level::LevelEdit laid(CellRect rect, std::uint16_t matter = 1);
    std::unique_ptr<QTemporaryDir> m_folder;
    std::unique_ptr<Session> m_session;
};

void SessionTest::init() {
    m_folder = std::make_unique<QTemporaryDir>();
    m_session = std::make_unique<Session>(allSteps());
    QVERIFY(m_session->document.open(testing::copyDemo(*m_folder)));
}

level::LevelEdit SessionTest::laid(CellRect rect, std::uint16_t matter) {
    return layCells(m_session->document.project(), m_session->document.levelBeforeGesture(),
                    level::CellRegion(rect), level::Cell({matter}), "Lay");
}

void SessionTest::gesture_isOneStep_andOnlyWhenItChangesSomething() {
    for (int i = 1; i < 6; ++i)
        m_session->document.showGesture(laid({20, 5, i, 1}));
    m_session->document.commitGesture();
    QCOMPARE(m_session->document.history().stepCount(), std::size_t{1});
    m_session->document.showGesture(laid({0, 0, 2, 1}));  // stone on stone
    m_session->document.commitGesture();
    QCOMPARE(m_session->document.history().stepCount(), std::size_t{1});
}

void SessionTest::gesture_ofThreeValues_startsFromTheFirst() {
    m_session->document.showGesture(laid({20, 5, 9, 1}));
    m_session->document.showGesture(laid({20, 5, 2, 1}));
    m_session->document.commitGesture();
    QVERIFY(!m_session->document.level()->cells.at(21, 5).isOpen());
    QVERIFY(m_session->document.level()->cells.at(25, 5).isOpen());
}

void SessionTest::undo_inAGesture_cancelsIt() {
    const auto before = m_session->document.level();
    m_session->document.showGesture(laid({20, 5, 9, 1}));
    m_session->document.undo();
    QVERIFY(!m_session->document.isInGesture());
    QVERIFY(m_session->document.level() == before);
}

void SessionTest::undo_goesToTheLevel_whereTheStepWas() {
    m_session->document.apply(laid({20, 5, 9, 1}));
    m_session->document.chooseLevel({"wheel-hall"});
    m_session->document.apply(laid({20, 5, 3, 1}));
    m_session->document.undo();
    QCOMPARE(m_session->document.level()->id.text, std::string("wheel-hall"));
    m_session->document.undo();
    QCOMPARE(m_session->document.level()->id.text, std::string("intake"));
    QVERIFY(m_session->document.level()->cells.at(20, 5).isOpen());
    m_session->document.redo();
    m_session->document.redo();
    QCOMPARE(m_session->document.level()->id.text, std::string("wheel-hall"));
    QVERIFY(!m_session->document.level()->cells.at(20, 5).isOpen());
}

void SessionTest::selection_losesWhatIsDeleted() {
    Selection selection;
    selection.entities = {EntityId{"lantern-1"}, EntityId{"gate-1"}};
    m_session->workbench.select(selection);
    const QSignalSpy spy(&m_session->workbench, &Workbench::selectionChanged);
    m_session->document.apply(
        deleteEntities(*m_session->document.level(), {EntityId{"lantern-1"}}));
    QCOMPARE(m_session->workbench.selection().entities.size(), std::size_t{1});
    QCOMPARE(spy.count(), 1);
}

void SessionTest::modified_isSaid_untilSavedOrUndone() {
    QVERIFY(!m_session->document.isModified());
    m_session->document.apply(laid({20, 5, 9, 1}));
    QVERIFY(m_session->document.isModified());
    m_session->document.undo();
    QVERIFY(!m_session->document.isModified());
    m_session->document.redo();
    QVERIFY(m_session->writer.save(m_session->document.folder()));
    QVERIFY(!m_session->document.isModified());
    m_session->document.undo();
    QVERIFY(m_session->document.isModified());
}

void SessionTest::saveInBackground_savesTheValueOfThen() {
    m_session->document.apply(laid({20, 5, 9, 1}));
    const level::Project then = m_session->document.project();
    m_session->writer.saveInBackground(m_session->document.folder());
    m_session->document.apply(laid({40, 5, 9, 1}));
    m_session->writer.waitForWriting();
    QVERIFY(m_session->document.isModified());
    Session other(allSteps());
    QVERIFY(other.document.open(m_session->document.folder()));
    QVERIFY(other.document.level()->cells == then.levels[0]->cells);
}

void SessionTest::writing_aTarget_isTold_alsoWhereItFails() {
    Shipping& shipping = m_session->shipping;
    auto edit =
        level::addTarget(m_session->document.project(), level::TargetFormat::Placements, "../cast");
    QVERIFY(edit);
    level::Target target = *edit->project.findTarget("placements");
    QVERIFY(m_session->document.apply(edit));
    const QSignalSpy spy(&m_session->requests, &Requests::said);
    shipping.write("placements");
    QTRY_VERIFY(!shipping.isWriting());
    QTRY_VERIFY(shipping.outlookOf("placements").isCurrent);
    QVERIFY(shipping.outlookOf("placements").shipment->isCurrent());
    QCOMPARE(shipping.history().size(), 1);
    QVERIFY(QFile::exists(m_folder->filePath("cast/placements.csv")));
    QCOMPARE(spy.count(), 1);
    // An edit makes it old; what somebody wrote there is not written over.
    m_session->document.apply(laid({20, 5, 9, 1}));
    QVERIFY(!shipping.outlookOf("placements").isCurrent);
    testing::writeBytes(m_folder->filePath("cast/placements.csv"), "mine");
    shipping.lookAgain();
    shipping.write("placements");
    QTRY_VERIFY(!shipping.isWriting());
    QVERIFY(shipping.outlookOf("placements").error.has_value());
    QCOMPARE(testing::readBytes(m_folder->filePath("cast/placements.csv")), QByteArray("mine"));
    QCOMPARE(spy.count(), 2);
    QCOMPARE(shipping.history().size(), 1);
    shipping.write("placements", true);
    QTRY_VERIFY(!shipping.isWriting());
    QVERIFY(testing::readBytes(m_folder->filePath("cast/placements.csv")).startsWith("level,"));
    // That one may be written over says nothing of another one that waits with it.
    for (const auto& [format, to] : {std::pair(level::TargetFormat::TextGrid, "../grids"),
                                     {level::TargetFormat::ImageMap, "../maps"}})
        QVERIFY(
            m_session->document.apply(level::addTarget(m_session->document.project(), format, to)));
    testing::writeBytes(m_folder->filePath("cast/placements.csv"), "mine");
    testing::writeBytes(m_folder->filePath("grids/intake.txt"), "mine");
    shipping.lookAgain();
    shipping.write("image-map");  // under way while the others wait
    shipping.write("placements");
    shipping.write("text-grid", true);
    QTRY_VERIFY(!shipping.isWriting());
    QCOMPARE(testing::readBytes(m_folder->filePath("cast/placements.csv")), QByteArray("mine"));
    QVERIFY(testing::readBytes(m_folder->filePath("grids/intake.txt")).startsWith("; Intake"));
    // A bundle over the project is refused.
    target.name = "over";
    target.format = level::TargetFormat::Bundle;
    target.to = ".";
    QVERIFY(!shipping.placeOf(target));
}

void SessionTest::touched_isWhatChanges_alsoWhenAGestureShrinks() {
    CellRect touched;
    connect(&m_session->document, &Document::changed, this,
            [&](const CellRect& rect) { touched = rect; });
    m_session->document.showGesture(laid({20, 5, 9, 1}));
    m_session->document.showGesture(laid({20, 5, 2, 1}));
    QCOMPARE(touched, (CellRect{20, 5, 9, 1}));
    m_session->document.cancelGesture();
    QCOMPARE(touched, (CellRect{20, 5, 2, 1}));
}

void SessionTest::liveReach_endsWithTheNewestValue_andProvesAllLevels() {
    const LiveReach live(*m_session);
    const auto isAllProven = [&] {
        for (const auto& level : m_session->document.project().levels)
            if (!m_session->proofs.isCurrent(level->id)) return false;
        return true;
    };
    QVERIFY(QTest::qWaitFor(isAllProven, 30000));
    // A burst of changes: the last one counts, by value and by verdict.
    for (int i = 0; i < 20; ++i)
        m_session->document.showGesture(laid({24, i, 1, 20 - i}));
    QVERIFY(!m_session->proofs.isCurrent({"intake"}));
    QVERIFY(QTest::qWaitFor(isAllProven, 30000));
    QCOMPARE(m_session->proofs.of({"intake"})->answer.verdict.kind, reach::VerdictKind::Reached);
    m_session->document.showGesture(laid({24, 1, 1, 28}));
    QVERIFY(QTest::qWaitFor(isAllProven, 30000));
    QCOMPARE(m_session->proofs.of({"intake"})->answer.verdict.kind, reach::VerdictKind::NotReached);
    const auto& flaws = m_session->proofs.of({"leaky-reach"})->report.findings();
    QVERIFY(std::any_of(flaws.begin(), flaws.end(), [](const check::Finding& finding) {
        return finding.kind == check::FindingKind::ExitOutOfReach;
    }));
}

void SessionTest::liveReach_interruptsStaleWork() {
    // A large open level takes long; another level asked for meanwhile does not wait for it.
    level::Project project = m_session->document.project();
    level::Level large = *project.levels[1];
    large.cells = Grid<level::Cell>(700, 400);
    large.cells.fillRect({0, 399, 700, 1}, level::Cell({1}));
    for (int i = 0; i < 130; ++i)
        large.cells.fillRect({5 * i, 397 - 3 * i, 3, 1}, level::Cell({2}));
    project = project.withLevel(large);
    m_session->document.startNew(project);
    m_session->document.chooseLevel({"wheel-hall"});
    const LiveReach live(*m_session);
    QVERIFY(live.isBusy());
    m_session->document.chooseLevel({"intake"});
    QVERIFY(QTest::qWaitFor([&] { return m_session->proofs.isCurrent({"intake"}); }, 10000));
    QVERIFY(!m_session->proofs.isCurrent({"wheel-hall"}));
}

void SessionTest::openFailure_changesNothing() {
    m_session->document.apply(laid({20, 5, 9, 1}));
    const auto before = m_session->document.level();
    const QSignalSpy spy(&m_session->document, &Document::levelSwitched);
    QVERIFY(!m_session->document.open(m_folder->filePath("nowhere")));
    QVERIFY(m_session->document.level() == before);
    QVERIFY(m_session->document.history().canUndo());
    QCOMPARE(spy.count(), 0);
}

ROOK_TEST(SessionTest)

}  // namespace rook::session_test

#include "session_test.moc"
