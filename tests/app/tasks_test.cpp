/// What designers do most, with as few movements as docs/tasks.md says.

#include <QComboBox>
#include <QLabel>
#include <QLineEdit>
#include <QPlainTextEdit>
#include <QScrollArea>
#include <QSpinBox>

#include "app/pages/game_page.h"
#include "app/pages/page.h"
#include "demo_window.h"
#include "file/project_file.h"
#include "file/starters.h"
#include "level/edits.h"
#include "testing.h"

namespace rook::tasks_test {

using namespace rook::app;

/// A click, a key, a drag or a field, each counted.
class TasksTest : public testing::DemoWindow {
    Q_OBJECT
private slots:
    void initTestCase();
    void init();
    void cleanup() { closeDemo(); }
    void everyTask_takesTheMovementsThatAreSaid_data();
    void everyTask_takesTheMovementsThatAreSaid();

private:
    using Task = std::function<void()>;
    struct Known {
        Task doIt;
        std::function<bool()> isDone;
    };
    std::map<QString, Known> known();

    void key(Qt::Key k, Qt::KeyboardModifiers modifiers = {}) {
        ++m_movements;
        QTest::keyClick(m_window->focusWidget() ? m_window->focusWidget() : m_window.get(), k,
                        modifiers);
    }
    /// A control, by what it is called; one that is out of sight is a turn of the wheel away.
    void click(const QString& text) {
        // What a step brings is laid out, the parts first and what they are in after them.
        QTest::qWait(1);
        for (int around = 0; around < 8; ++around)
            QCoreApplication::sendPostedEvents(nullptr, QEvent::LayoutRequest);
        QAbstractButton* found = nullptr;
        for (auto* button : m_window->findChildren<QAbstractButton*>())
            if (button->isVisible() && button->text() == text) found = button;
        QVERIFY2(found, qPrintable("there is no " + text));
        m_movements += 1;
        if (found->visibleRegion().boundingRect().size() != found->size()) {
            m_movements += 1;
            for (QWidget* around = found->parentWidget(); around; around = around->parentWidget())
                if (auto* area = qobject_cast<QScrollArea*>(around))
                    area->ensureWidgetVisible(found);
        }
        QTest::mouseClick(found, Qt::LeftButton);
    }
    void drag(CellPoint from, CellPoint to) {
        ++m_movements;
        dragCells(from, to);
    }
    /// The ring with a plus, right of the box, to the place where the track is to end.
    void dragHandle(const PxRect& box) {
        const PxPoint plus{box.right() + 14, box.y + box.height / 2};
        const QPoint from = board().view().toWidget(plus).toPoint(), to(from.x() + 96, from.y());
        QTest::mousePress(&board(), Qt::LeftButton, {}, from);
        QTest::mouseMove(&board(), (from + to) / 2);
        QTest::mouseMove(&board(), to);
        QTest::mouseRelease(&board(), Qt::LeftButton, {}, to);
    }
    void clickCell(CellPoint at) {
        ++m_movements;
        QTest::mouseClick(&board(), Qt::LeftButton, {}, cell(at.x, at.y));
    }
    void choose(const char* box, int index) {
        ++m_movements;
        QVERIFY(part<QComboBox>(box)->isVisible());
        DemoWindow::choose(box, index);
    }
    [[nodiscard]] int placed(const char* kind) const {
        int count = 0;
        for (const level::Entity& entity : level().entities)
            count += entity.kind.text == kind ? 1 : 0;
        return count;
    }
    /// The one that was placed last.
    [[nodiscard]] const level::Entity& last(const char* kind) const {
        static const level::Entity none;
        const level::Entity* found = &none;
        for (const level::Entity& entity : level().entities)
            if (entity.kind.text == kind) found = &entity;
        return *found;
    }
    [[nodiscard]] level::Matter matterAt(int x, int y) const {
        return session().document.project().matterOf(level().cells.at(x, y));
    }

    int m_movements = 0;
    std::size_t m_levels = 0;
};

void TasksTest::initTestCase() {
    useOwnSettings("rookplot-tasks-test");
}

/// A project from the blank starter, with a floor, a door and a key.
void TasksTest::init() {
    m_folder = std::make_unique<QTemporaryDir>();
    m_window = std::make_unique<MainWindow>();
    m_window->show();
    QVERIFY(QTest::qWaitForWindowExposed(m_window.get()));
    m_window->activateWindow();
    const std::string home = m_folder->filePath("mine").toStdString();
    QVERIFY(file::makeProject(file::diskStorage(), home, *file::findStarter("blank"), "Mine"));
    QVERIFY(m_window->openProject(QString::fromStdString(home)));
    session().workbench.setStep(Step::Shape);
    board().fitLevel();
    board().setFocus();
    dragCells({0, 20}, {39, 23});
    session().workbench.chooseTool("box");
    dragCells({0, 20}, {39, 23});
    session().workbench.setStep(Step::Cast);
    session().workbench.chooseTool("place");
    click("Door");
    clickCell({30, 19});
    session().workbench.select({});  // so that it is not linked at once
    click("Key");
    clickCell({10, 19});
    if (QByteArray(QTest::currentDataTag()) != "say where the player begins") {
        click("Player");
        clickCell({3, 19});
    }
    session().workbench.select({});
    session().workbench.setStep(Step::Shape);
    session().workbench.chooseTool("brush");
    board().setFocus();
    m_levels = session().document.project().levels.size();
    m_movements = 0;
}

std::map<QString, TasksTest::Known> TasksTest::known() {
    const auto place = [this](const char* card, CellPoint at) {
        return [this, card, at] {
            key(Qt::Key_4);
            click(QLatin1String(card));
            clickCell(at);
        };
    };
    const auto has = [this](const char* kind, int count = 1) {
        return [this, kind, count] { return placed(kind) == count; };
    };
    std::map<QString, Known> all;
    all["lay a floor"] = {[this] {
                              key(Qt::Key_D);
                              drag({4, 12}, {12, 13});
                          },
                          [this] { return matterAt(8, 13).title == "Stone"; }};
    all["lay a ledge that one jumps through"] = {
        [this] {
            click("Plank");
            key(Qt::Key_S);
            drag({4, 12}, {12, 12});
        },
        [this] { return matterAt(8, 12).behaviour == level::Behaviour::OneWay; }};
    all["lay a slope"] = {[this] {
                              click("slope");
                              key(Qt::Key_S);
                              drag({4, 19}, {8, 15});
                          },
                          [this] {
                              return level().cells.at(6, 17).form() != level::Form::Full &&
                                     !level().cells.at(6, 17).isOpen();
                          }};
    all["walk the level"] = {[this] { key(Qt::Key_Tab); }, [this] { return board().isWalking(); }};
    all["say where the player begins"] = {place("Player", {3, 19}), has("player")};
    all["place an exit"] = {place("Exit", {36, 19}), has("exit")};
    all["place a row of coins"] = {[this] {
                                       key(Qt::Key_4);
                                       click("Coin");
                                       drag({4, 10}, {8, 10});
                                   },
                                   has("coin", 5)};
    all["make a foe walk"] = {[this, place] {
                                  place("Crawler", {20, 19})();
                                  choose("gait", int(level::Gait::Walks));
                              },
                              [this] {
                                  return placed("crawler") == 1 &&
                                         last("crawler").data.patrol.gait == level::Gait::Walks;
                              }};
    all["place a ring of foes"] = {place("Ring of orbs", {20, 10}), has("ring")};
    all["place a moving platform"] = {
        [this, place] {
            place("Lift", {20, 12})();
            const level::Entity& lift = last("lift");
            ++m_movements;
            dragHandle(lift.box);
        },
        [this] { return placed("lift") == 1 && !last("lift").data.track.points.empty(); }};
    all["a door with a key, from nothing"] = {
        [this] {
            key(Qt::Key_4);
            click("Key");
            clickCell({14, 19});
            click("Door");
            clickCell({24, 19});
        },
        [this] { return last("door").data.opens == std::vector{last("key").id}; }};
    all["give a door its key"] = {
        [this] {
            key(Qt::Key_4);
            key(Qt::Key_D);
            // The key is lower than the middle of its cell.
            ++m_movements;
            const QPoint from = board().view().toWidget(PxPoint{168, 316}).toPoint();
            QTest::mousePress(&board(), Qt::LeftButton, {}, from);
            QTest::mouseMove(&board(), cell(20, 19));
            QTest::mouseMove(&board(), cell(30, 18));
            QTest::mouseRelease(&board(), Qt::LeftButton, {}, cell(30, 18));
        },
        [this] { return !last("door").data.opens.empty(); }};
    all["say words to the player"] = {
        [this] {
            key(Qt::Key_Return, Qt::AltModifier);
            click("Add a text");
            ++m_movements;
            auto* text = part<QPlainTextEdit>("text-0-text");
            text->setFocus();
            QTest::keyClicks(text, "Run.");
            key(Qt::Key_Escape);
        },
        [this] { return !level().texts.empty() && board().isVisible(); }};
    all["change the size of the level"] = {[this] {
                                               click("Board size");
                                               ++m_movements;
                                               part<QSpinBox>("board-columns")->setValue(60);
                                               click("Change the size");
                                           },
                                           [this] { return level().cells.width() == 60; }};
    all["change what a matter does"] = {
        [this] {
            click("Edit matter");
            choose("matter-behaviour", int(level::Behaviour::Deadly));
        },
        [this] {
            return session().document.project().matters[1].behaviour == level::Behaviour::Deadly;
        }};
    all["copy the level"] = {
        [this] { key(Qt::Key_D, Qt::ControlModifier | Qt::ShiftModifier); },
        [this] { return session().document.project().levels.size() == m_levels + 1; }};
    all["make a new level"] = {[this] {
                                   key(Qt::Key_L, Qt::ControlModifier);
                                   ++m_movements;
                                   part<QLineEdit>("new-title")->setText("Second");
                                   click("Make the level");
                               },
                               [this] { return level().title == "Second"; }};
    all["make zones by rooms"] = {[this] {
                                      key(Qt::Key_4);
                                      click("By rooms");
                                  },
                                  [this] { return !level().zones.empty(); }};
    all["choose a background"] = {[this] {
                                      key(Qt::Key_3);
                                      choose("level-backdrop", 1);
                                  },
                                  [this] { return level().backdrop == "day"; }};
    all["see whether it can be played, and how"] = {
        [this] { key(Qt::Key_5); }, [this] { return part<QLabel>("verdict")->isVisible(); }};
    all["go to what is wrong"] = {[this] { key(Qt::Key_F3); },
                                  [this] { return session().workbench.step() == Step::Prove; }};
    all["see all levels, and what leads where"] = {
        [this] { key(Qt::Key_0); },
        [this] { return m_window->findChild<GamePage*>()->isVisible(); }};
    all["write a bundle for a game"] = {
        [this] {
            key(Qt::Key_6);
            click("Bundle");
            click("Write");
        },
        [this] {
            return QTest::qWaitFor(
                [&] {
                    return QFile::exists(m_folder->filePath("mine-bundle/campaign.json")) &&
                           !session().shipping.isWriting();
                },
                20000);
        }};
    all["write all targets once more"] = {
        [this] { key(Qt::Key_E, Qt::ControlModifier); },
        [this] { return session().workbench.step() == Step::Ship || m_movements == 1; }};
    return all;
}

void TasksTest::everyTask_takesTheMovementsThatAreSaid_data() {
    QTest::addColumn<QString>("task");
    QTest::addColumn<int>("movements");
    const QString text =
        QString::fromUtf8(testing::readBytes(QStringLiteral(ROOK_SOURCE_DIR "/docs/tasks.md")));
    static const QRegularExpression row("^\\| ([a-z][^|]+) \\| [^|]+ \\| (\\d+) \\|$",
                                        QRegularExpression::MultilineOption);
    int count = 0;
    for (auto match = row.globalMatch(text); match.hasNext(); ++count) {
        const auto found = match.next();
        QTest::newRow(qPrintable(found.captured(1)))
            << found.captured(1) << found.captured(2).toInt();
    }
    QVERIFY(count >= 20);
}

void TasksTest::everyTask_takesTheMovementsThatAreSaid() {
    QFETCH(QString, task);
    QFETCH(int, movements);
    QVERIFY(movements <= 6);
    const auto tasks = known();
    const auto found = tasks.find(task);
    QVERIFY2(found != tasks.end(), qPrintable(task));
    found->second.doIt();
    if (QTest::currentTestFailed()) return;
    QVERIFY2(found->second.isDone(), "it is not done");
    QCOMPARE(m_movements, movements);
    board().stopWalk();
}

ROOK_TEST(TasksTest)

}  // namespace rook::tasks_test

#include "tasks_test.moc"
