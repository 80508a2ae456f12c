/// What the window tells of itself: Find, the guide, settings, the demo, the tour.

#include <QMenuBar>

#include "app/pages/settings_page.h"
#include "app/pages/welcome_page.h"
#include "app/shell/find.h"
#include "app/shell/guide.h"
#include "app/shell/installed.h"
#include "app/shell/key_sheet.h"
#include "app/shell/main_window.h"
#include "app/shell/tour.h"
#include "app/shell/whole_board.h"

namespace rook::app {

void MainWindow::buildHelpMenu() {
    QMenu* help = menuBar()->addMenu(tr("&Help"));
    add(help, "find-action", tr("&Find what to do …"), QKeySequence(Qt::CTRL | Qt::Key_K),
        [this] { openFind(); });
    add(help, "keys-action", tr("&Keys of this step"), Qt::Key_F1, [this] { showKeys(); });
    add(help, "guide-action", tr("&Guide"), QKeySequence(Qt::SHIFT | Qt::Key_F1),
        [this] { openGuide({}, {}); });
    add(help, "tour-action", tr("&Walk through the window"), {}, [this] { startTour(); });
    help->addSeparator();
    add(help, "demo-action", tr("Open the &demo"), {}, [this] {
        if (mayDiscard()) openDemo();
    });
    help->addSeparator();
    add(help, "settings-action", tr("&Settings"), QKeySequence(Qt::CTRL | Qt::Key_Comma),
        [this] { openSettings(); });
    add(help, "about-action", tr("&About Rook Plot"), {}, [this] {
        if (!m_about) m_about = new AboutPage(m_session, centralWidget());
        showPage(m_about);
    });
}

void MainWindow::openFind() {
    if (m_board->isWalking()) m_board->stopWalk();
    auto* find = new Find(centralWidget());
    connect(find, &Find::left, m_board, [this] {
        if (!m_page) m_board->setFocus();
    });
    const Step now = m_session.workbench.step();
    find->add(entriesOfTools(m_session, now));
    find->add(entriesOfActions(menuBar()->actions()));
    for (int i = 0; i < stepCount; ++i)
        if (Step(i) != now) find->add(entriesOfTools(m_session, Step(i)));
    find->add(entriesOfContents(m_session));
    const auto show = [this](const QString& title) {
        showPage(nullptr);
        if (!m_margin->goToSection(title))
            m_session.say(tr("\"%1\" stands in the margin when it is about something: choose what "
                             "it is for on the board first.")
                              .arg(title));
    };
    for (int i = 0; i < stepCount; ++i)
        find->addLater([this, show, i] { return entriesOfSections(m_session, Step(i), show); });
    find->addLater([this] { return entriesOfGuide(); });
    find->show();
    find->raise();
    find->setFocus();
}

std::vector<FindEntry> MainWindow::entriesOfGuide() {
    std::vector<FindEntry> entries;
    static const std::vector<GuidePart> parts = guideParts(docsFolder());  // read once
    for (const GuidePart& part : parts)
        entries.push_back({part.heading.isEmpty() ? part.title : part.heading,
                           part.heading.isEmpty() ? tr("guide") : tr("guide, %1").arg(part.title),
                           {},
                           {},
                           [this, part] { openGuide(part.page, part.heading); }});
    return entries;
}

void MainWindow::openGuide(const QString& page, const QString& heading) {
    const QString docs = docsFolder();
    if (guidePages(docs).empty())
        return m_session.say(
            tr("The guide is not beside the program: install the program again, or start it from "
               "where it was built."));
    if (!m_guide) m_guide = new Guide(docs, this);
    if (page.isEmpty())
        m_guide->openFirst();
    else
        m_guide->open(page, heading);
}

void MainWindow::openSettings() {
    if (!m_settings) {
        QList<QAction*> actions;
        for (QAction* action : findChildren<QAction*>(Qt::FindDirectChildrenOnly))
            if (!action->isSeparator() && !action->menu()) actions << action;
        m_settings = new SettingsPage(m_session, actions, centralWidget());
        connect(m_settings, &SettingsPage::themeChosen, this, &MainWindow::takeThemeFromSettings);
    }
    showPage(m_settings);
}

void MainWindow::welcome() {
    if (m_welcome) m_welcome->deleteLater();
    if (m_page && m_page == m_welcome) m_page = nullptr;
    auto* page = new WelcomePage(m_session, recentProjects(), centralWidget());
    m_welcome = page;
    connect(page, &WelcomePage::demoAsked, this, [this] {
        if (mayDiscard()) openDemo();
    });
    connect(page, &WelcomePage::tourAsked, this, [this] {
        if (mayDiscard() && openDemo()) startTour();
    });
    connect(page, &WelcomePage::newAsked, this, &MainWindow::newProject);
    connect(page, &WelcomePage::openAsked, this, &MainWindow::chooseProject);
    connect(page, &WelcomePage::firstGameAsked, this,
            [this] { openGuide(QStringLiteral("guide/first-game.md"), {}); });
    connect(page, &WelcomePage::recentAsked, this, [this](const QString& folder) {
        if (mayDiscard()) openProject(folder);
    });
    showPage(page);
}

void MainWindow::startTour() {
    showPage(nullptr);
    m_wholeBoard->setOn(false);
    m_wholeAction->setChecked(false);
    const auto step = [this](Step to) { return [this, to] { m_session.workbench.setStep(to); }; };
    std::vector<TourStop> stops{
        {tr("The running order"),
         tr("The levels of the game, in the order of play. The mark of each says whether it is "
            "proven that it can be played through."),
         m_order, step(Step::Shape)},
        {tr("Six steps"),
         tr("One works on a level in six steps, with the keys 1 to 6: plan it, lay it, dress it, "
            "fill it, prove it, ship it. A mark says how far each is."),
         m_head,
         {}},
        {tr("Shape: the tray"),
         tr("Left, the tools, on the keys A S D F G. Then what they lay. Take one, and drag on the "
            "board; the right button erases, Ctrl+Z takes back."),
         m_tray, step(Step::Shape)},
        {tr("Skin: what it looks like"),
         tr("Dress a small swatch by hand; the matter is dressed everywhere as it is there."),
         m_plan, step(Step::Skin)},
        {tr("Cast: who lives there"),
         tr("Take a kind in the tray and click where it is to stand. What is chosen has its fields "
            "in the margin: a patrol, a track, what a key opens."),
         m_margin, step(Step::Cast)},
        {tr("Prove: all that can be reached"),
         tr("The wash is every place that a player can get to, to the pixel. While one draws, it "
            "follows. Ctrl and a click show a run to that place."),
         m_plan, step(Step::Prove)},
        {tr("What is wrong, and what to do"),
         tr("The verdict, and what was found. F3 goes from one to the next; many have a fix that "
            "is one click, and one undo."),
         m_margin,
         {}},
        {tr("Walk"),
         tr("Tab plays the level at once, in the board; Tab once more goes back to drawing."),
         m_head,
         {}},
        {tr("Ship: files that a game loads"),
         tr("Targets are places that something is written to: data for an engine, a page that "
            "plays in a browser, a book of plans. Ctrl+E writes all of them."),
         m_margin, step(Step::Ship)},
        {tr("And whatever else you look for"),
         tr("Ctrl+K finds it by the words that you have for it. F1 lists the keys of the step that "
            "you are in; Shift+F1 opens the guide."),
         m_plan, step(Step::Shape)}};
    auto* tour = new Tour(std::move(stops), centralWidget());
    connect(tour, &Tour::ended, m_board, [this] {
        showPage(nullptr);
        m_board->setFocus();
    });
    tour->begin();
}

void MainWindow::showKeys() {
    auto* sheet = new KeySheet(m_session, centralWidget());
    const QRect board(m_board->mapTo(centralWidget(), QPoint(0, 0)), m_board->size());
    QPoint corner = board.center() - QPoint(sheet->width() / 2, sheet->height() / 2);
    corner.setY(std::max(0, corner.y()));
    sheet->move(corner);
    sheet->show();
    sheet->raise();
    sheet->setFocus();
}

}  // namespace rook::app
