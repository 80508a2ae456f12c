/// Work is kept, and nobody's is overwritten: kills while drawing, two windows, files that change
/// on the disk.

#include <signal.h>

#include <QLabel>
#include <QProcess>

#include "app/shell/life_of_process.h"
#include "demo_window.h"
#include "file/kept_work.h"
#include "file/project_file.h"
#include "testing.h"

namespace rook::keeping_test {

using namespace rook::app;

namespace {

constexpr const char* drawIn = "ROOK_TEST_DRAW_IN";

/// A process that draws stroke after stroke until it is killed, and says so.
class Drawer : public testing::DemoWindow {
    Q_OBJECT
private slots:
    void draw() {
        if (!qEnvironmentVariableIsSet(drawIn)) return;
        m_window = std::make_unique<MainWindow>();
        const LifeOfProcess life(*m_window);
        // There is no event loop to be left.
        connect(&life, &LifeOfProcess::ending, [] { std::_Exit(0); });
        m_window->show();
        QVERIFY(m_window->openProject(qEnvironmentVariable(drawIn)));
        board().setFocus();
        QTest::keyClick(&board(), Qt::Key_A);
        for (int stroke = 0; stroke < 2000; ++stroke) {
            const CellPoint at{4 + stroke % 90, 2 + stroke / 90};
            const bool isOpen = level().cells.at(at).isOpen();
            const auto steps = session().document.history().stepCount();
            QTest::mouseClick(&board(), isOpen ? Qt::LeftButton : Qt::RightButton, {},
                              cell(at.x, at.y));
            QCOMPARE(session().document.history().stepCount(), steps + 1);
            std::printf("%lld\n", static_cast<long long>(QDateTime::currentMSecsSinceEpoch()));
            std::fflush(stdout);
            QTest::qWait(5);
        }
    }
};
[[maybe_unused]] const bool isDrawerKnown = testing::makeKnown<Drawer>("Drawer");

/// Times of the strokes that it drew until the signal, ms, and the time of that.
struct Drawn {
    std::vector<qint64> strokes;
    qint64 end = 0;
};

Drawn drawnUntil(const QString& folder, int waitMs, int signal) {
    QProcess process;
    QProcessEnvironment environment = QProcessEnvironment::systemEnvironment();
    environment.insert(drawIn, folder);
    process.setProcessEnvironment(environment);
    process.start(QCoreApplication::applicationFilePath(), {"Drawer"});
    QByteArray said;
    const auto countOf = [&] { return said.count("\n1"); };  // times begin with it
    // From its first strokes on.
    while (countOf() < 5 && process.waitForReadyRead(20'000))
        said += process.readAllStandardOutput();
    QTest::qWait(waitMs);
    Drawn drawn;
    drawn.end = QDateTime::currentMSecsSinceEpoch();
    // One that has ended by itself has number 0, which stands for whoever runs the tests.
    if (process.processId() > 0) ::kill(pid_t(process.processId()), signal);
    process.waitForFinished();
    said += process.readAllStandardOutput();
    for (const QByteArray& line : said.split('\n'))
        if (bool isNumber = false; line.toLongLong(&isNumber) > 0 && isNumber)
            drawn.strokes.push_back(line.toLongLong());
    return drawn;
}

}  // namespace

class KeepingTest : public testing::DemoWindow {
    Q_OBJECT
private slots:
    void initTestCase() { useOwnSettings("rookplot-test-keeping"); }
    void kills_whileDrawing_loseOneSecondAtMost();
    void terminated_losesNothing();
    void kept_isOffered_andBothAreLookedAt();
    void kept_andNotDecidedAbout_stays();
    void kept_andUnreadable_isPutAside();
    void kept_andTheDiskChangedSince_areJoined();
    void kept_ofAProjectThatWasNeverSaved();
    void saved_orUndone_leavesNothingKept();
    void unwritableProject_isKeptAwayFromIt();
    void plantedLink_isNoPlaceToKeepIn();
    void changeOutside_isReadAnew_andTheViewStays();
    void changeOutside_andHere_isJoined_orAsked();
    void brokenOutside_isTold_andMineIsKept();
    void save_neverOverwritesUnseen();
    void secondWindow_looksOnly_andTakesOver();
    void cleanup() {
        m_second.reset();
        m_window.reset();
    }

private:
    void layStone(int x, int y) const {
        QTest::keyClick(&board(), Qt::Key_A);
        QTest::mouseClick(&board(), Qt::LeftButton, {}, cell(x, y));
    }
    bool waitUntilKept() const {
        return QTest::qWaitFor([&] { return session().autosave.isKept(); });
    }
    /// As after a kill: what was kept stays.
    void openAgain() {
        m_window.reset();
        m_window = std::make_unique<MainWindow>();
        m_window->show();
        QVERIFY(m_window->openProject(m_demo));
        board().setFocus();
    }
    void press(const char* name) const {
        const auto isThere = [&] {
            const auto* button = part<QAbstractButton>(name);
            return button && button->isVisible();
        };
        QVERIFY2(QTest::qWaitFor(isThere), name);
        QTest::mouseClick(part<QAbstractButton>(name), Qt::LeftButton);
    }
    [[nodiscard]] QWidget* notice() const { return part<QWidget>("notice"); }
    [[nodiscard]] QString noticeWords() const {
        return part<QLabel>("notice-what")->text() + u' ' + part<QLabel>("notice-detail")->text();
    }
    /// Writes a level of the project as another program would.
    void writeOutside(const std::function<void(level::Project&)>& change) const {
        auto project = file::openProject(file::diskStorage(), m_demo.toStdString());
        QVERIFY(project);
        change(*project);
        QVERIFY(file::saveProject(file::diskStorage(), m_demo.toStdString(), *project));
    }
    static void setCell(level::Project& project, std::size_t at, CellPoint cell) {
        level::Level level = *project.levels[at];
        level.cells.set(cell, level::Cell({1}));
        project = project.withLevel(level);
    }
    [[nodiscard]] bool isStone(std::size_t at, CellPoint cell) const {
        return session().document.project().levels[at]->cells.at(cell) == level::Cell({1});
    }
    bool waitForWords(const QString& words) const {
        return QTest::qWaitFor(
            [&] { return notice()->isVisible() && noticeWords().contains(words); });
    }
    std::unique_ptr<MainWindow> m_second;
};

void KeepingTest::kills_whileDrawing_loseOneSecondAtMost() {
    std::mt19937_64 chance(testing::seedOr(200));
    const int kills = std::max(6, qEnvironmentVariableIntValue("ROOK_KILLS"));
    // A second is promised; a machine that is busy with other tests gets five. By hand, with more
    // kills, the promise itself is looked at.
    const qint64 most = kills > 6 ? 1000 : 5000;
    qint64 worst = 0;
    for (int round = 0; round < kills; ++round) {
        const QTemporaryDir folder;
        const QString demo = testing::copyDemo(folder);
        const Drawn drawn = drawnUntil(demo, int(chance() % 1500), SIGKILL);
        QVERIFY(drawn.strokes.size() >= 5);
        const auto read =
            file::readKeptWork(file::diskStorage(), (demo + "/.rookplot/kept").toStdString(),
                               file::Path(demo.toStdString()));
        QVERIFY2(read, read ? "" : read.error().sentence().c_str());
        const std::size_t kept = *read ? (*read)->history.stepCount() : 0;
        if (kept >= drawn.strokes.size()) continue;
        // The first stroke that is lost was drawn no longer ago than that.
        worst = std::max(worst, drawn.end - drawn.strokes[kept]);
        QVERIFY2(drawn.end - drawn.strokes[kept] <= most, qPrintable(QString::number(round)));
    }
    qInfo("%d kills, at most %lld ms of strokes were lost", kills, static_cast<long long>(worst));
}

void KeepingTest::terminated_losesNothing() {
    for (const int signal : {SIGTERM, SIGHUP}) {
        const QTemporaryDir folder;
        const QString demo = testing::copyDemo(folder);
        const Drawn drawn = drawnUntil(demo, 100, signal);
        const auto read =
            file::readKeptWork(file::diskStorage(), (demo + "/.rookplot/kept").toStdString(),
                               file::Path(demo.toStdString()));
        QVERIFY(read && *read);
        QVERIFY((*read)->history.stepCount() >= drawn.strokes.size());
    }
}

void KeepingTest::kept_isOffered_andBothAreLookedAt() {
    openDemo();
    for (int x = 20; x < 23; ++x)
        layStone(x, 5);
    QVERIFY(waitUntilKept());
    openAgain();
    QVERIFY(waitForWords("kept at"));
    QVERIFY2(noticeWords().contains("Intake steps (3 cells)"), qPrintable(noticeWords()));
    QVERIFY(isStone(0, {21, 5}));
    // One looks, and draws nothing, before one decides.
    layStone(25, 5);
    QVERIFY(!isStone(0, {25, 5}));
    // By keys: the strip is before the head on the way back from the board.
    QTest::keyClick(&board(), Qt::Key_F6, Qt::ShiftModifier);
    QCOMPARE(m_window->focusWidget()->objectName(), QStringLiteral("notice-look-kept"));
    QTest::keyClick(m_window->focusWidget(), Qt::Key_Right);
    QVERIFY(QTest::qWaitFor([&] { return !isStone(0, {21, 5}); }));
    QVERIFY(QTest::qWaitFor([&] {
        return QApplication::focusWidget() &&
               QApplication::focusWidget()->objectName() == u"notice-look-saved";
    }));
    press("notice-look-kept");
    QVERIFY(QTest::qWaitFor([&] { return isStone(0, {21, 5}); }));
    QVERIFY(QTest::qWaitFor([&] { return isStone(0, {21, 5}); }));
    part<QWidget>("notice-look-kept")->setFocus();
    QTest::keyClick(m_window->focusWidget(), Qt::Key_Tab);
    QCOMPARE(m_window->focusWidget()->objectName(), QStringLiteral("notice-go-on"));
    QVERIFY(!board().isWalking());
    QTest::keyClick(m_window->focusWidget(), Qt::Key_Space);
    QVERIFY(!notice()->isVisible());
    QCOMPARE(m_window->focusWidget(), static_cast<QWidget*>(&board()));
    QVERIFY(session().document.isModified());
    QCOMPARE(session().document.history().stepCount(), std::size_t{3});
    for (int i = 0; i < 3; ++i)
        QTest::keyClick(&board(), Qt::Key_Z, Qt::ControlModifier);
    QVERIFY(!isStone(0, {20, 5}) && !session().document.isModified());
    for (int i = 0; i < 3; ++i)
        QTest::keyClick(&board(), Qt::Key_Z, Qt::ControlModifier | Qt::ShiftModifier);
    QVERIFY(isStone(0, {22, 5}));
    QVERIFY(waitUntilKept());
    // Going on with what was saved takes nothing away: undo brings the other back.
    openAgain();
    QVERIFY(waitForWords("kept at"));
    press("notice-look-saved");
    QVERIFY(QTest::qWaitFor([&] { return !isStone(0, {21, 5}); }));
    press("notice-go-on");
    QVERIFY(!session().document.isModified());
    QTest::keyClick(&board(), Qt::Key_Z, Qt::ControlModifier);
    QVERIFY(isStone(0, {22, 5}) && session().document.isModified());
}

void KeepingTest::kept_andNotDecidedAbout_stays() {
    openDemo();
    layStone(20, 5);
    QVERIFY(waitUntilKept());
    openAgain();
    QVERIFY(waitForWords("kept at"));
    // Another project is opened instead, and then this one again.
    const QTemporaryDir folder;
    QVERIFY(m_window->openProject(testing::copyDemo(folder)));
    QVERIFY(!notice()->isVisible() && session().document.mayEdit());
    QVERIFY(m_window->openProject(m_demo));
    QVERIFY(waitForWords("kept at"));
    QVERIFY(isStone(0, {20, 5}));
    // Saved elsewhere, as it is on the board.
    QVERIFY(session().writer.save(folder.filePath("other")));
    QVERIFY(!notice()->isVisible() && session().document.mayEdit() && isStone(0, {20, 5}));
    QVERIFY(QFile::exists(m_demo + "/.rookplot/kept/index.json"));
    layStone(22, 5);
    QVERIFY(waitUntilKept());
    QCOMPARE(session().autosave.folder(), folder.filePath("other/.rookplot/kept"));
}

void KeepingTest::kept_andUnreadable_isPutAside() {
    openDemo();
    layStone(20, 5);
    QVERIFY(waitUntilKept());
    m_window.reset();
    testing::writeBytes(m_demo + "/.rookplot/kept/index.json", "nothing");
    openAgain();
    const auto unread = [&] { return QDir(m_demo + "/.rookplot").entryList({"unread-*"}); };
    QVERIFY(QTest::qWaitFor([&] { return unread().size() == 1; }));
    QVERIFY(QTest::qWaitFor([&] { return session().document.mayEdit(); }));
    layStone(21, 5);
    QVERIFY(waitUntilKept());
    QCOMPARE(testing::readBytes(m_demo + "/.rookplot/" + unread()[0] + "/index.json"),
             QByteArray("nothing"));
}

void KeepingTest::kept_andTheDiskChangedSince_areJoined() {
    openDemo();
    layStone(20, 5);
    QVERIFY(waitUntilKept());
    m_window.reset();
    writeOutside([](level::Project& project) { setCell(project, 1, {3, 3}); });
    openAgain();
    QVERIFY(waitForWords("Changed on the disk since: Wheel hall."));
    QVERIFY(noticeWords().contains("Intake steps (1 cell)"));
    press("notice-go-on");
    QVERIFY(QTest::qWaitFor([&] { return isStone(1, {3, 3}); }));
    QVERIFY(isStone(0, {20, 5}) && session().document.isModified());
    QVERIFY(session().writer.save(m_demo));
    const auto project = file::openProject(file::diskStorage(), m_demo.toStdString());
    QVERIFY(project->levels[1]->cells.at(3, 3) == level::Cell({1}));
}

void KeepingTest::kept_ofAProjectThatWasNeverSaved() {
    m_window = std::make_unique<MainWindow>();
    m_window->show();
    board().setFocus();
    layStone(3, 3);
    QVERIFY(waitUntilKept());
    QVERIFY(session().autosave.folder().startsWith(qEnvironmentVariable("XDG_STATE_HOME")));
    // While that window lives, it is its own.
    m_second = std::make_unique<MainWindow>();
    m_second->session().autosave.offerUnsaved();
    QVERIFY(!m_second->session().autosave.offer());
    m_second.reset();
    m_window.reset();
    m_window = std::make_unique<MainWindow>();
    m_window->show();
    session().autosave.offerUnsaved();
    QVERIFY(waitForWords("never saved"));
    QVERIFY(isStone(0, {3, 3}));
    press("notice-go-on");
    QVERIFY(session().document.isModified());
    const QString folder = session().autosave.folder();
    QVERIFY(QFile::exists(folder + "/index.json"));
    // Saved, it is kept no more.
    const QTemporaryDir home;
    QVERIFY(session().writer.save(home.filePath("mill")));
    QVERIFY(QTest::qWaitFor([&] { return !QFile::exists(folder); }));
    layStone(4, 4);
    QVERIFY(waitUntilKept());
    QCOMPARE(session().autosave.folder(), home.filePath("mill/.rookplot/kept"));
}

void KeepingTest::saved_orUndone_leavesNothingKept() {
    openDemo();
    const QString index = m_demo + "/.rookplot/kept/index.json";
    layStone(20, 5);
    QVERIFY(waitUntilKept());
    QVERIFY(QFile::exists(index));
    session().document.undo();
    QVERIFY(QTest::qWaitFor([&] { return !QFile::exists(index); }));
    session().document.redo();
    QVERIFY(QTest::qWaitFor([&] { return QFile::exists(index); }));
    QVERIFY(session().writer.save(m_demo));
    QVERIFY(QTest::qWaitFor([&] { return !QFile::exists(index); }));
    openAgain();
    QVERIFY(QTest::qWaitFor([&] { return session().guard.isIdle(); }));
    QVERIFY(!notice()->isVisible());
}

void KeepingTest::unwritableProject_isKeptAwayFromIt() {
    openDemo();
    // A file where the folder would be; root may write everywhere else.
    m_window.reset();
    QVERIFY(QDir(m_demo + "/.rookplot").removeRecursively());
    testing::writeBytes(m_demo + "/.rookplot", "taken");
    openAgain();
    layStone(20, 5);
    QVERIFY(QTest::qWaitFor([&] {
        return session().autosave.isKept() &&
               QFile::exists(session().autosave.folder() + "/index.json");
    }));
    QVERIFY(session().autosave.folder().startsWith(qEnvironmentVariable("XDG_STATE_HOME")));
    openAgain();
    QVERIFY(waitForWords("kept at"));
    QVERIFY(isStone(0, {20, 5}));
    press("notice-look-saved");
    press("notice-go-on");
}

void KeepingTest::plantedLink_isNoPlaceToKeepIn() {
    openDemo();
    const QTemporaryDir outside;
    testing::writeBytes(outside.filePath("index.json"), "years of work");
    m_window.reset();
    QVERIFY(QFile::link(outside.path(), m_demo + "/.rookplot/kept"));
    openAgain();
    QVERIFY(!session().autosave.offer());
    layStone(20, 5);
    QVERIFY(waitUntilKept());
    QVERIFY(session().autosave.folder().startsWith(qEnvironmentVariable("XDG_STATE_HOME")));
    session().document.undo();
    QVERIFY(QTest::qWaitFor(
        [&] { return !QFile::exists(session().autosave.folder() + "/index.json"); }));
    QCOMPARE(testing::readBytes(outside.filePath("index.json")), QByteArray("years of work"));
    QCOMPARE(QDir(outside.path()).entryList(QDir::AllEntries | QDir::NoDotAndDotDot).size(), 1);
}

void KeepingTest::changeOutside_isReadAnew_andTheViewStays() {
    openDemo();
    const LevelId second = session().document.project().levels[1]->id;
    session().document.chooseLevel(second);
    const QPointF at(300, 200);
    QWheelEvent wheel(at, board().mapToGlobal(at), {}, {0, 480}, {}, {}, Qt::NoScrollPhase, false);
    QApplication::sendEvent(&board(), &wheel);
    const auto view = board().view();
    const auto first = session().document.project().levels[0];
    writeOutside([](level::Project& project) { setCell(project, 1, {3, 3}); });
    QVERIFY(QTest::qWaitFor([&] { return isStone(1, {3, 3}); }));
    QCOMPARE(level().id, second);
    QVERIFY(board().view() == view);
    QVERIFY(!session().document.isModified() && !notice()->isVisible());
    QVERIFY2(session().document.project().levels[0] == first, "what is the same is shared");
    QTest::keyClick(&board(), Qt::Key_Z, Qt::ControlModifier);
    QVERIFY(!isStone(1, {3, 3}) && session().document.isModified());
}

void KeepingTest::changeOutside_andHere_isJoined_orAsked() {
    openDemo();
    layStone(20, 5);
    // Another level: both are in.
    writeOutside([](level::Project& project) { setCell(project, 1, {3, 3}); });
    QVERIFY(QTest::qWaitFor([&] { return isStone(1, {3, 3}); }));
    QVERIFY(isStone(0, {20, 5}) && session().document.isModified() && !notice()->isVisible());
    QVERIFY(session().writer.save(m_demo));
    // The same level: somebody has to choose.
    layStone(21, 5);
    writeOutside([](level::Project& project) {
        setCell(project, 0, {30, 5});
        setCell(project, 0, {31, 5});
    });
    QVERIFY(waitForWords("Changed here and on the disk"));
    auto* list = notice()->findChild<QAbstractButton*>("side-0-1");
    QVERIFY(list && list->isVisible());
    QVERIFY(!session().writer.save(m_demo));
    QVERIFY(isStone(0, {21, 5}) && !isStone(0, {30, 5}));
    press("side-0-2");
    press("notice-take");
    QVERIFY(QTest::qWaitFor([&] { return !notice()->isVisible(); }));
    QVERIFY(isStone(0, {30, 5}) && !isStone(0, {21, 5}));
    QCOMPARE(session().document.project().levels[1]->title, std::string("Intake steps (mine)"));
    QVERIFY(isStone(1, {21, 5}) && !isStone(1, {30, 5}));
    QVERIFY(session().writer.save(m_demo));
    QTest::keyClick(&board(), Qt::Key_Z, Qt::ControlModifier);
    QVERIFY(isStone(0, {21, 5}));
    session().document.redo();
    // Theirs.
    layStone(22, 5);
    writeOutside([](level::Project& project) { setCell(project, 0, {32, 5}); });
    QVERIFY(waitForWords("Changed here and on the disk"));
    press("side-0-1");
    press("notice-take");
    QVERIFY(QTest::qWaitFor([&] { return isStone(0, {32, 5}); }));
    QVERIFY(isStone(0, {32, 5}) && !isStone(0, {22, 5}) && !session().document.isModified());
}

void KeepingTest::brokenOutside_isTold_andMineIsKept() {
    openDemo();
    const QString path = m_demo + "/levels/intake.json";
    const QByteArray former = testing::readBytes(path);
    testing::writeBytes(path, former.left(former.size() / 2));
    QVERIFY(waitForWords("cannot be read"));
    QVERIFY(noticeWords().contains("intake.json"));
    // Whole again: it is as if nothing had been.
    testing::writeBytes(path, former);
    QVERIFY(QTest::qWaitFor([&] { return !notice()->isVisible(); }));
    QVERIFY(!session().document.isModified());
    testing::writeBytes(path, "nothing");
    QVERIFY(waitForWords("cannot be read"));
    press("notice-mine");
    QVERIFY(!notice()->isVisible() && session().document.isModified());
    QVERIFY(session().writer.save(m_demo));
    QVERIFY(file::openProject(file::diskStorage(), m_demo.toStdString()));
}

void KeepingTest::save_neverOverwritesUnseen() {
    openDemo();
    layStone(20, 5);
    writeOutside([](level::Project& project) { setCell(project, 0, {30, 5}); });
    // At once, before the change can have been noticed.
    QVERIFY(!session().writer.save(m_demo));
    const auto project = file::openProject(file::diskStorage(), m_demo.toStdString());
    QVERIFY(project && project->levels[0]->cells.at(30, 5) == level::Cell({1}));
    QVERIFY(waitForWords("Changed here and on the disk"));
    // Twice in a row is fine: one's own save is no change.
    press("notice-take");
    QVERIFY(QTest::qWaitFor([&] { return !notice()->isVisible(); }));
    session().writer.saveInBackground(m_demo);
    session().writer.saveInBackground(m_demo);
    QVERIFY(session().writer.save(m_demo));
    QVERIFY(!notice()->isVisible());
}

void KeepingTest::secondWindow_looksOnly_andTakesOver() {
    openDemo();
    const LifeOfProcess life(*m_window);
    layStone(20, 5);
    QVERIFY(waitUntilKept());
    m_second = std::make_unique<MainWindow>();
    m_second->show();
    QVERIFY(m_second->openProject(m_demo));
    QVERIFY(m_second->session().guard.holder());
    QCOMPARE(m_second->session().guard.holder()->process, int(QCoreApplication::applicationPid()));
    auto* strip = m_second->findChild<QWidget*>("notice");
    QVERIFY(strip && strip->isVisible());
    QVERIFY2(!m_second->session().autosave.offer(), "what the first one keeps is its own");
    auto& document = m_second->session().document;
    QTest::mouseClick(&m_second->board(), Qt::LeftButton, {},
                      m_second->board().view().toWidget(PxPoint{25 * 16, 5 * 16}).toPoint());
    QVERIFY(!document.history().canUndo() && !document.isModified());
    QVERIFY(!m_second->session().writer.save(m_demo));
    m_second->session().guard.goToHolder();
    // What the first one saves is seen.
    QVERIFY(session().writer.save(m_demo));
    QVERIFY(QTest::qWaitFor(
        [&] { return document.project().levels[0]->cells.at(20, 5) == level::Cell({1}); }));
    m_window->close();
    m_window.reset();
    QVERIFY(QTest::qWaitFor([&] { return document.mayEdit(); }, 8000));
    QVERIFY(!strip->isVisible());
    m_window = std::move(m_second);
    board().setFocus();
    layStone(22, 5);
    QVERIFY(isStone(0, {22, 5}));
}

ROOK_TEST(KeepingTest)

}  // namespace rook::keeping_test

#include "keeping_test.moc"
