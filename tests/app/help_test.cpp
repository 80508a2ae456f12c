/// Find, the guide, settings, what one begins with, the walk through the window, the board alone,
/// and the cursor of the keyboard.

#include <QComboBox>
#include <QKeySequenceEdit>
#include <QLabel>
#include <QLineEdit>
#include <QListWidget>
#include <QTextBrowser>
#include <QTextDocument>

#include "app/pages/new_project_page.h"
#include "app/pages/settings_page.h"
#include "app/pages/welcome_page.h"
#include "app/shell/find.h"
#include "app/shell/find_terms.h"
#include "app/shell/guide.h"
#include "app/shell/installed.h"
#include "app/shell/tour.h"
#include "app/steps/cast/cast_options.h"
#include "app/steps/puzzle/puzzle_options.h"
#include "app/tools/cell_options.h"
#include "demo_window.h"
#include "testing.h"

namespace rook::help_test {

using namespace rook::app;

class HelpTest : public testing::DemoWindow {
    Q_OBJECT
private slots:
    void initTestCase() { useOwnSettings("rookplot-help-test"); }
    void init() { openDemo(); }
    void cleanup() { closeDemo(); }
    void find_takesWhatOneTypes_andDoesIt();
    void find_findsByOtherWords();
    void find_goesAway_andLeavesTheBoardInHand();
    void find_opensWithF1Twice();
    void everyAction_hasWords_andEveryWordAnAction();
    void guide_hasAllItsPages_andNoDeadLink();
    void guide_findsWhatIsInAPage();
    void keys_areChosen_refusedAndGivenBack();
    void settings_chooseTheme_andSize();
    void welcome_offersAndOpens();
    void tour_pointsAtEachPart_andEnds();
    void boardAlone_showsTheTray_whileQIsHeld();
    void keyCursor_drawsSelectsAndTells();
    void keyCursor_dragsABox_andEscapeGivesItUp();
    void keyCursor_placesInCast();
    void demo_isCopied_once();

private:
    void key(Qt::Key k, Qt::KeyboardModifiers modifiers = {}) {
        QTest::keyClick(m_window->focusWidget() ? m_window->focusWidget() : m_window.get(), k,
                        modifiers);
    }
    /// Opens Find, types, and waits until all is listed.
    QListWidget* find(const char* typed) {
        key(Qt::Key_K, Qt::ControlModifier);
        for (int round = 0; round < 12; ++round)
            QTest::qWait(1);
        auto* line = part<QLineEdit>("find-typed");
        line->setText(QString::fromLatin1(typed));
        return part<QListWidget>("find-list");
    }
    static QString row(const QListWidget* list, int i) {
        return list->item(i)->text() + u'|' + list->item(i)->data(Qt::UserRole).toString();
    }
};

void HelpTest::find_takesWhatOneTypes_andDoesIt() {
    QListWidget* list = find("zoom in");
    QVERIFY(list->count() >= 1);
    QCOMPARE(list->item(0)->text(), QString("Zoom in"));
    const double before = board().view().scale();
    key(Qt::Key_Return);
    QVERIFY(board().view().scale() > before);
    QTRY_VERIFY(!part<QFrame>("find"));
    QVERIFY(board().hasFocus());
    // A tool of another step.
    list = find("camera room");
    QVERIFY2(row(list, 0).contains("Cast"), qPrintable(row(list, 0)));
    find("Zone: draw");
    key(Qt::Key_Return);
    QCOMPARE(session().workbench.step(), Step::Cast);
    QVERIFY(session().workbench.isInHand("zone"));
    // What is laid, and a level.
    find("lay planking");
    key(Qt::Key_Return);
    QCOMPARE(session().workbench.step(), Step::Shape);
    const auto matter = session().workbench.options<CellOptions>().matter.index;
    QCOMPARE(session().document.project().matters[matter].title, std::string("Planking"));
    find("grain loft");
    key(Qt::Key_Return);
    QCOMPARE(level().id.text, std::string("grain-loft"));
    // What this level can place, and nothing else.
    QVERIFY(find("place cask")->findItems("Place Cask", Qt::MatchExactly).isEmpty());
    key(Qt::Key_Escape);
    find("cask yard");
    key(Qt::Key_Return);
    QCOMPARE(level().id.text, std::string("cask-yard"));
    QVERIFY(find("place gate")->findItems("Place Gate", Qt::MatchExactly).isEmpty());
    key(Qt::Key_Escape);
    find("place cask");
    key(Qt::Key_Return);
    QCOMPARE(session().workbench.step(), Step::Cast);
    QCOMPARE(session().workbench.options<CounterOptions>().kind.text, std::string("cask"));
    list = find("vary");
    QVERIFY(list->count() >= 1);
    QVERIFY2(row(list, 0).startsWith("Solution|Prove"), qPrintable(row(list, 0)));
    key(Qt::Key_Return);
    QCOMPARE(session().workbench.step(), Step::Prove);
    find("intake steps");
    key(Qt::Key_Return);
    // A section of the margin, of another step, folded.
    list = find("resize");
    QVERIFY2(row(list, 0).startsWith("Board size|Shape"), qPrintable(row(list, 0)));
    key(Qt::Key_Return);
    QTRY_VERIFY(m_window->focusWidget() != &board());
    QVERIFY(m_window->focusWidget()->isVisible());
}

void HelpTest::find_findsByOtherWords() {
    const std::pair<const char*, const char*> rows[] = {
        {"playtest", "Walk"},
        {"dark mode", "Night board"},
        {"rename level", "Level sheet"},
        {"win condition", "Level sheet"},
        {"tileset", "Bring a file in …"},
        {"parallax", "Backdrop"},
        {"gravity", "Motion"},
        {"enemy", "Place"},
        {"how do I export", "Write all targets"},
        {"shortcuts", "Keys of this step"},
        {"bucket", "Fill"},
        {"flip", "Mirror sideways"},
        {"tutorial", "Guide"},
        {"prefrences", "Settings"},
    };
    QListWidget* list = find("");
    for (const auto& [typed, found] : rows) {
        part<QLineEdit>("find-typed")->setText(typed);
        QStringList first;
        for (int i = 0; i < std::min(6, list->count()); ++i)
            first << list->item(i)->text();
        const QString wanted = QString::fromUtf8(found);
        QVERIFY2(std::any_of(first.begin(), first.end(),
                             [&wanted](const QString& text) { return text.startsWith(wanted); }),
                 qPrintable(QString(typed) + ": " + first.join(" / ")));
    }
    key(Qt::Key_Escape);
}

void HelpTest::find_goesAway_andLeavesTheBoardInHand() {
    QListWidget* list = find("qwertz");
    QCOMPARE(list->count(), 0);
    QVERIFY(part<QWidget>("find-nothing")->isVisible());
    key(Qt::Key_Escape);
    QTRY_VERIFY(!part<QFrame>("find"));
    QVERIFY(board().hasFocus());
    // A letter typed there is no tool.
    session().workbench.chooseTool("brush");
    find("");
    QTest::keyClicks(m_window->focusWidget(), "d");
    QVERIFY(session().workbench.isInHand("brush"));
    // A click elsewhere.
    board().setFocus(Qt::MouseFocusReason);
    QTRY_VERIFY(!part<QFrame>("find"));
}

void HelpTest::find_opensWithF1Twice() {
    key(Qt::Key_F1);
    QVERIFY(part<QFrame>("key-sheet"));
    key(Qt::Key_F1);
    QTRY_VERIFY(part<QFrame>("find"));
    QTRY_VERIFY(!part<QFrame>("key-sheet"));
}

void HelpTest::everyAction_hasWords_andEveryWordAnAction() {
    for (const QAction* action : m_window->actions()) {
        if (action->text().isEmpty() || action->objectName().isEmpty()) continue;
        QVERIFY2(!termsOf(action->objectName()).isEmpty(), qPrintable(action->objectName()));
    }
    const char* const names[] = {"sketch", "shape", "skin", "cast", "prove"};
    for (int step = 0; step < 5; ++step)
        for (const ToolDefinition& tool : session().workbench.definitionOf(Step(step)).tools)
            QVERIFY2(!termsOf(QLatin1String(names[step]) + u'/' + QString::fromStdString(tool.name))
                          .isEmpty(),
                     tool.name.c_str());
}

void HelpTest::guide_hasAllItsPages_andNoDeadLink() {
    const QString docs = docsFolder();
    QVERIFY(QFile::exists(docs + "/guide/README.md"));
    const auto pages = guidePages(docs);
    QVERIFY(pages.size() >= 15);
    static const QRegularExpression link("!?\\[[^\\]]*\\]\\(([^)#]+)(#[^)]*)?\\)");
    static const QRegularExpression code("```.*?```",
                                         QRegularExpression::DotMatchesEverythingOption);
    QStringList files{"guide/README.md"};
    for (const GuidePage& page : pages)
        files << page.file;
    for (const QString& name : files) {
        QString text = testing::readBytes(docs + "/" + name);
        text.remove(code);
        const QString folder = QFileInfo(docs + "/" + name).path();
        for (auto match = link.globalMatch(text); match.hasNext();) {
            const QString to = match.next().captured(1).trimmed();
            if (to.startsWith("http")) continue;
            QVERIFY2(QFileInfo::exists(folder + "/" + to), qPrintable(name + " leads to " + to));
        }
    }
    // Each page that the window shows can be opened.
    key(Qt::Key_F1, Qt::ShiftModifier);
    auto* guide = part<Guide>("guide");
    QVERIFY(guide && guide->isVisible());
    auto* text = guide->findChild<QTextBrowser*>("guide-text");
    for (const GuidePage& page : pages) {
        guide->open(page.file);
        QVERIFY2(text->toPlainText().size() > 300, qPrintable(page.file));
    }
    guide->activateWindow();
    QTRY_COMPARE(QApplication::activeWindow(), guide);
    QTest::keyClick(guide->focusWidget(), Qt::Key_Escape);
    QTRY_VERIFY(!guide->isVisible());
}

void HelpTest::guide_findsWhatIsInAPage() {
    key(Qt::Key_F1, Qt::ShiftModifier);
    auto* guide = part<Guide>("guide");
    auto* search = guide->findChild<QLineEdit*>("guide-search");
    auto* list = guide->findChild<QListWidget*>("guide-list");
    const int all = list->count();
    search->setText("crawler");
    QVERIFY(list->count() >= 1);
    QVERIFY2(list->item(0)->text().contains("Who lives there"), qPrintable(list->item(0)->text()));
    Q_EMIT list->itemClicked(list->item(0));
    auto* text = guide->findChild<QTextBrowser*>("guide-text");
    QVERIFY(text->source().toString().endsWith("first-game.md"));
    search->setText("no such words anywhere");
    QCOMPARE(list->count(), 1);
    search->clear();
    QCOMPARE(list->count(), all);
    guide->close();
}

void HelpTest::keys_areChosen_refusedAndGivenBack() {
    key(Qt::Key_Comma, Qt::ControlModifier);
    auto* page = part<SettingsPage>("settings-page");
    QVERIFY(page && page->isVisible());
    auto* words = part<QLabel>("settings-key-words");
    const auto choose = [&](const char* action, const QKeySequence& keys) {
        auto* edit = part<QKeySequenceEdit>((std::string("key-of-") + action).c_str());
        edit->setKeySequence(keys);
        Q_EMIT edit->editingFinished();
        return part<QAction>(action)->shortcut();
    };
    // Another action has it, or a tool.
    QCOMPARE(choose("duplicate-action", QKeySequence("Ctrl+S")), QKeySequence("Ctrl+D"));
    QVERIFY2(words->text().contains("is the key of \"Save\""), qPrintable(words->text()));
    QCOMPARE(choose("duplicate-action", QKeySequence("A")), QKeySequence("Ctrl+D"));
    QVERIFY(words->text().contains("belongs to the tools"));
    // A free one; it is there when the window opens again.
    QCOMPARE(choose("duplicate-action", QKeySequence("Ctrl+B")), QKeySequence("Ctrl+B"));
    {
        const MainWindow other;
        QCOMPARE(other.findChild<QAction*>("duplicate-action")->shortcut(), QKeySequence("Ctrl+B"));
    }
    auto* back = part<QAbstractButton>("key-of-duplicate-action-back");
    QVERIFY(back->isEnabled());
    back->click();
    QCOMPARE(part<QAction>("duplicate-action")->shortcut(), QKeySequence("Ctrl+D"));
    QVERIFY(!back->isEnabled());
    QVERIFY(!QSettings().contains("keys/duplicate-action"));
    // None at all.
    QCOMPARE(choose("quit-action", QKeySequence()), QKeySequence());
    part<QAbstractButton>("key-of-quit-action-back")->click();
    key(Qt::Key_Escape);
    QVERIFY(!page->isVisible());
}

void HelpTest::settings_chooseTheme_andSize() {
    key(Qt::Key_Comma, Qt::ControlModifier);
    choose("settings-theme", 2);
    QVERIFY(currentTheme().isNight);
    choose("settings-theme", 1);
    QVERIFY(!currentTheme().isNight);
    choose("settings-theme", 0);
    QVERIFY(!QSettings().contains("night"));
    QCOMPARE(StartSettings::textPercent(), 100);
    choose("settings-size", 2);
    QCOMPARE(StartSettings::textPercent(), 150);
    QVERIFY(part<QLabel>("settings-size-words")->text().contains("opened next"));
    choose("settings-size", 0);
    QSettings().setValue("textPercent", "enormous");
    QCOMPARE(StartSettings::textPercent(), 100);
    QSettings().remove("textPercent");
    QVERIFY(part<QLabel>("settings-project")->text().contains("weir"));
}

void HelpTest::welcome_offersAndOpens() {
    m_window->welcome();
    auto* page = part<WelcomePage>("welcome-page");
    QVERIFY(page->isVisible());
    auto* recent = part<QAbstractButton>("welcome-recent");
    QVERIFY(recent && recent->text() == "weir");
    QCOMPARE(m_window->focusWidget(), part<QWidget>("welcome-tour"));
    part<QAbstractButton>("welcome-new")->setFocus();
    key(Qt::Key_Return);
    QVERIFY(!page->isVisible());
    QVERIFY(m_window->findChild<NewProjectPage*>()->isVisible());
    m_window->welcome();
    QTRY_COMPARE(m_window->findChildren<WelcomePage*>().size(), 1);
    part<QAbstractButton>("welcome-recent")->click();
    QTRY_VERIFY(session().document.folder().endsWith("weir"));
}

void HelpTest::tour_pointsAtEachPart_andEnds() {
    part<QAction>("tour-action")->trigger();
    auto* tour = part<Tour>("tour");
    QVERIFY(tour);
    QCOMPARE(tour->count(), 10);
    QSet<QString> said;
    for (int stop = 0; stop < tour->count(); ++stop) {
        QCOMPARE(tour->at(), stop);
        QTest::qWait(1);
        said << part<QLabel>("tour-words")->text();
        // The card is whole, in the window.
        QVERIFY(m_window->centralWidget()->rect().contains(tour->geometry()));
        if (stop + 1 < tour->count()) key(Qt::Key_Right);
    }
    QCOMPARE(said.size(), qsizetype(tour->count()));
    part<QAbstractButton>("tour-next")->click();
    QTRY_VERIFY(!part<Tour>("tour"));
    QVERIFY(board().hasFocus());
    part<QAction>("tour-action")->trigger();
    key(Qt::Key_Escape);
    QTRY_VERIFY(!part<Tour>("tour"));
}

void HelpTest::boardAlone_showsTheTray_whileQIsHeld() {
    const QSize before = board().size();
    key(Qt::Key_F11);
    // Of the screen, which is smaller here than the window was.
    QTRY_VERIFY(m_window->centralWidget()->width() - board().width() < 40 &&
                m_window->height() - board().height() < 80);
    auto* tray = m_window->findChild<Tray*>();
    QVERIFY(!tray->isVisible());
    // Keys of menus go on.
    key(Qt::Key_4);
    QCOMPARE(session().workbench.step(), Step::Cast);
    key(Qt::Key_2);
    QTest::keyPress(&board(), Qt::Key_Q);
    QVERIFY(tray->isVisible());
    QVERIFY(m_window->centralWidget()->rect().contains(tray->geometry()));
    part<QAbstractButton>("tool-F")->click();
    QVERIFY(session().workbench.isInHand("fill"));
    QTest::keyRelease(m_window->focusWidget(), Qt::Key_Q);
    QVERIFY(!tray->isVisible());
    key(Qt::Key_F11);
    QTRY_COMPARE(board().size(), before);
    QVERIFY(tray->isVisible());
    // Escape ends it, too.
    key(Qt::Key_F11);
    key(Qt::Key_Escape);
    QTRY_COMPARE(board().size(), before);
}

void HelpTest::keyCursor_drawsSelectsAndTells() {
    key(Qt::Key_A);
    QTest::mouseMove(&board(), cell(20, 5));
    key(Qt::Key_Right, Qt::ControlModifier);
    QVERIFY(board().keyCursor().isShown());
    QCOMPARE(toCell(board().pointerPx(), level().cellSize), (CellPoint{20, 5}));
    key(Qt::Key_Right, Qt::ControlModifier);
    key(Qt::Key_Down, Qt::ControlModifier);
    QCOMPARE(toCell(board().pointerPx(), level().cellSize), (CellPoint{21, 6}));
    QVERIFY(level().cells.at(21, 6).isOpen());
    key(Qt::Key_Return);
    QVERIFY(!level().cells.at(21, 6).isOpen());
    QCOMPARE(session().document.history().stepCount(), std::size_t{1});
    QVERIFY2(board().accessibleDescription().startsWith("21, 6: ") &&
                 board().accessibleDescription().contains("stone"),
             qPrintable(board().accessibleDescription()));
    key(Qt::Key_Backspace);
    QVERIFY(level().cells.at(21, 6).isOpen());
    // Far steps stay in the level, and the board follows.
    for (int i = 0; i < 40; ++i)
        key(Qt::Key_Right, Qt::ControlModifier | Qt::ShiftModifier);
    QCOMPARE(toCell(board().pointerPx(), level().cellSize).x, level().cells.width() - 1);
    QVERIFY(board().rect().contains(board().view().toWidget(board().pointerPx()).toPoint()));
    // The mouse takes over.
    QTest::mouseMove(&board(), cell(10, 5));
    QTest::mouseMove(&board(), cell(11, 5));
    QVERIFY(!board().keyCursor().isShown());
}

void HelpTest::keyCursor_dragsABox_andEscapeGivesItUp() {
    key(Qt::Key_D);
    QTest::mouseMove(&board(), cell(20, 4));
    key(Qt::Key_Right, Qt::ControlModifier);
    key(Qt::Key_Insert);
    QVERIFY(board().isInGesture());
    for (int i = 0; i < 3; ++i)
        key(Qt::Key_Right, Qt::ControlModifier);
    key(Qt::Key_Down, Qt::ControlModifier);
    QCOMPARE(board().toolPreview().region.cellCount(), std::int64_t{8});
    key(Qt::Key_Escape);
    QVERIFY(!board().isInGesture());
    QVERIFY(level().cells.at(21, 4).isOpen());
    QVERIFY(board().keyCursor().isShown());
    key(Qt::Key_Insert);
    key(Qt::Key_Left, Qt::ControlModifier);
    key(Qt::Key_Insert);
    QVERIFY(!level().cells.at(23, 5).isOpen() && !level().cells.at(22, 5).isOpen());
    key(Qt::Key_Escape);
    QVERIFY(!board().keyCursor().isShown());
}

void HelpTest::keyCursor_placesInCast() {
    find("place lantern");
    key(Qt::Key_Return);
    QCOMPARE(session().workbench.options<CastOptions>().kind.text, std::string("lantern"));
    const std::size_t before = level().entities.size();
    QTest::mouseMove(&board(), cell(30, 8));
    key(Qt::Key_Right, Qt::ControlModifier);
    key(Qt::Key_Return);
    QCOMPARE(level().entities.size(), before + 1);
}

void HelpTest::demo_isCopied_once() {
    QVERIFY(QFile::exists(demoFolder() + "/rookplot.json"));
    const auto copy = copyOfDemo();
    QVERIFY2(copy.has_value(), copy ? "" : copy.error().sentence().c_str());
    QVERIFY(*copy != demoFolder());
    const QString level = *copy + "/levels/intake.json";
    QCOMPARE(testing::readBytes(level), testing::readBytes(demoFolder() + "/levels/intake.json"));
    testing::writeBytes(level, "mine");
    const auto again = copyOfDemo();
    QVERIFY(again && *again == *copy);
    QCOMPARE(testing::readBytes(level), QByteArray("mine"));
    QDir(*copy + "/..").removeRecursively();
    QVERIFY(m_window->openDemo());
    QVERIFY(session().document.folder() == *copy);
    QDir(*copy + "/..").removeRecursively();
}

ROOK_TEST(HelpTest)

}  // namespace rook::help_test

#include "help_test.moc"
