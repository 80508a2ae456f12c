/// The menus of the window, and the keys that no menu shows.

#include <QApplication>
#include <QFileDialog>
#include <QMenuBar>
#include <QSettings>

#include "app/pages/settings_page.h"
#include "app/session/home_row.h"
#include "app/shell/main_window.h"
#include "app/shell/whole_board.h"
#include "app/steps/shape/shape_options.h"
#include "app/ui/key_choices.h"

namespace rook::app {

QAction* MainWindow::add(QMenu* menu, const char* name, const QString& text,
                         const QKeySequence& keys, const std::function<void()>& act) {
    auto* action = new QAction(text, this);
    action->setObjectName(QLatin1String(name));
    action->setProperty("plainText", QString(text).remove(u'&'));
    giveKey(action, keys);
    if (act) connect(action, &QAction::triggered, this, act);
    if (menu) menu->addAction(action);
    addAction(action);  // its key works while the menus are hidden, too
    return action;
}

void MainWindow::buildMenus() {
    buildProjectMenu();
    buildEditMenu();
    buildViewMenu();
    buildLevelMenu();
    buildHelpMenu();
}

void MainWindow::buildProjectMenu() {
    QMenu* menu = menuBar()->addMenu(tr("&Project"));
    add(menu, "new-project-action", tr("&New …"), QKeySequence::New, [this] { newProject(); });
    add(menu, "open-action", tr("&Open …"), QKeySequence::Open, [this] { chooseProject(); });
    m_repair = add(menu, "open-repaired", tr("Open re&paired"), {}, [this] { openRepaired(); });
    m_repair->setEnabled(false);
    m_recent = menu->addMenu(tr("Open &recent"));
    rebuildRecent();
    menu->addSeparator();
    add(menu, "save-action", tr("&Save"), QKeySequence::Save, [this] { save(); });
    add(menu, "save-as-action", tr("Save &as …"), QKeySequence(Qt::CTRL | Qt::SHIFT | Qt::Key_S),
        [this] { saveAs(); });
    menu->addSeparator();
    add(menu, "import-action", tr("&Bring a file in …"), QKeySequence(Qt::CTRL | Qt::Key_I),
        [this] { openImport({}); });
    add(menu, "write-targets-action", tr("&Write all targets"), QKeySequence(Qt::CTRL | Qt::Key_E),
        [this] { writeTargets(); });
    menu->addSeparator();
    add(menu, "quit-action", tr("&Quit"), QKeySequence::Quit, [this] { close(); });
}

void MainWindow::buildEditMenu() {
    QMenu* menu = menuBar()->addMenu(tr("&Edit"));
    m_undo = add(menu, "undo-action", tr("&Undo"), QKeySequence(Qt::CTRL | Qt::Key_Z),
                 [this] { m_session.document.undo(); });
    m_redo = add(menu, "redo-action", tr("&Redo"), QKeySequence(Qt::CTRL | Qt::SHIFT | Qt::Key_Z),
                 [this] { m_session.document.redo(); });
    menu->addSeparator();
    add(menu, "cut-action", tr("Cu&t"), QKeySequence::Cut, [this] { m_board->step().cut(); });
    add(menu, "copy-action", tr("&Copy"), QKeySequence::Copy, [this] { m_board->step().copy(); });
    add(menu, "paste-action", tr("&Paste"), QKeySequence::Paste,
        [this] { m_board->step().paste(); });
    add(menu, "duplicate-action", tr("&Duplicate"), QKeySequence(Qt::CTRL | Qt::Key_D),
        [this] { m_board->step().duplicate(); });
    add(menu, "delete-action", tr("D&elete"), QKeySequence::Delete,
        [this] { m_board->step().removeSelected(); });
    menu->addSeparator();
    add(menu, "select-all-action", tr("Select &all"), QKeySequence::SelectAll,
        [this] { m_board->step().selectAll(); });
    menu->addSeparator();
    const std::tuple<const char*, QString, QKeySequence, level::Turning> turnings[] = {
        {"mirror-sideways-action", tr("&Mirror sideways"), Qt::Key_M,
         level::Turning::MirrorSideways},
        {"mirror-top-action", tr("Mirror &top to bottom"), Qt::SHIFT | Qt::Key_M,
         level::Turning::MirrorTopToBottom},
        {"turn-left-action", tr("Turn &left"), Qt::Key_Comma, level::Turning::QuarterLeft},
        {"turn-right-action", tr("Turn &right"), Qt::Key_Period, level::Turning::QuarterRight}};
    for (const auto& [name, text, keys, turning] : turnings)
        add(menu, name, text, keys, [this, turning = turning] { m_board->step().turn(turning); });
    add(menu, "group-action", tr("&Group or ungroup"), QKeySequence(Qt::CTRL | Qt::Key_G),
        [this] { m_board->step().group(); });
}

void MainWindow::buildViewMenu() {
    QMenu* menu = menuBar()->addMenu(tr("&View"));
    static const char* const stepActions[] = {"step-1", "step-2", "step-3",
                                              "step-4", "step-5", "step-6"};
    for (int i = 0; i < stepCount; ++i) {
        const auto step = static_cast<Step>(i);
        add(menu, stepActions[i], stepName(step), QKeySequence(Qt::Key_1 + i), [this, step] {
            // Again from the board: back to the targets.
            if (step == Step::Ship && m_session.workbench.step() == step) return openTargets();
            m_session.workbench.setStep(step);
        });
    }
    add(menu, "game-action", tr("The &game"), Qt::Key_0, [this] { openGame(); });
    menu->addSeparator();
    const auto zoom = [this](double factor) {
        if (isPlanHidden()) return m_aslant->zoomBy(factor);
        View view = m_board->view();
        view.zoomAt({m_board->width() / 2.0, m_board->height() / 2.0}, factor);
        m_board->setView(view);
    };
    add(menu, "fit-action", tr("&Fit the level"), Qt::Key_Home, [this] {
        if (m_aslant && m_aslant->isVisible()) m_aslant->fit();
        if (!isPlanHidden()) m_board->fitLevel();
    });
    add(menu, "zoom-in-action", tr("Zoom &in"), QKeySequence(Qt::CTRL | Qt::Key_Plus),
        [zoom] { zoom(1.25); });
    add(menu, "zoom-out-action", tr("Zoom &out"), QKeySequence(Qt::CTRL | Qt::Key_Minus),
        [zoom] { zoom(0.8); });
    m_aslantAction =
        add(menu, "depth-action", tr("&View in depth: beside, instead, off"), Qt::Key_V, [this] {
            showAslant(m_aslantShown == Aslant::Off      ? Aslant::Beside
                       : m_aslantShown == Aslant::Beside ? Aslant::Instead
                                                         : Aslant::Off);
        });
    m_cornerAction = add(menu, "corner-action", tr("In depth from the ne&xt corner"),
                         Qt::SHIFT | Qt::Key_V, [this] {
                             if (m_aslant && m_aslant->isVisible()) m_aslant->turnToCorner(1);
                         });
    add(menu, "storey-up-action", tr("A storey &up"), Qt::Key_PageUp, [this] { changeStorey(1); });
    add(menu, "storey-down-action", tr("A storey &down"), Qt::Key_PageDown,
        [this] { changeStorey(-1); });
    m_wholeAction = add(menu, "whole-board-action", tr("The board &alone, tray while Q is held"),
                        Qt::Key_F11, [this] { m_wholeBoard->setOn(m_wholeAction->isChecked()); });
    m_wholeAction->setCheckable(true);
    menu->addSeparator();
    QAction* plan = add(menu, "plan-action", tr("&Plan under the masses, in Shape"), {}, {});
    plan->setCheckable(true);
    plan->setChecked(true);
    connect(plan, &QAction::toggled, this, [this](bool isOn) {
        m_session.workbench.change<ShapeOptions>([&](ShapeOptions& o) { o.showsPlan = isOn; });
    });
    QAction* grid = add(menu, "grid-action", tr("G&rid"), QKeySequence(Qt::SHIFT | Qt::Key_G), {});
    grid->setCheckable(true);
    connect(grid, &QAction::toggled, this, [this](bool isOn) {
        m_board->setShowsGrid(isOn);
        QSettings().setValue(gridKey(), isOn);
    });
    grid->setChecked(true);
    if (!QSettings().value(gridKey(), true).toBool()) grid->setChecked(false);
    buildGuards(menu);
    m_night = add(menu, "night-action", tr("&Night board"),
                  QKeySequence(Qt::CTRL | Qt::SHIFT | Qt::Key_N), [this] {
                      setNight(m_night->isChecked());
                      QSettings().setValue(StartSettings::nightKey(), m_night->isChecked());
                  });
    m_night->setCheckable(true);
    menu->addSeparator();
    add(menu, "next-finding-action", tr("Next finding"), Qt::Key_F3,
        [this] { m_margin->stepFinding(1); });
    add(menu, "previous-finding-action", tr("Previous finding"),
        QKeySequence(Qt::SHIFT | Qt::Key_F3), [this] { m_margin->stepFinding(-1); });
    add(menu, "next-part-action", tr("Next part of the window"), Qt::Key_F6,
        [this] { cycleFocus(1); });
    add(menu, "previous-part-action", tr("Previous part of the window"),
        QKeySequence(Qt::SHIFT | Qt::Key_F6), [this] { cycleFocus(-1); });
}

/// Eye and lock of masses and cast.
void MainWindow::buildGuards(QMenu* menu) {
    Document& document = m_session.document;
    const std::tuple<QString, const char*, Guard Guards::*, bool Guard::*> parts[] = {
        {tr("Masses shown"), "masses-shown-action", &Guards::masses, &Guard::isShown},
        {tr("Masses locked"), "masses-locked-action", &Guards::masses, &Guard::isLocked},
        {tr("Cast shown"), "cast-shown-action", &Guards::cast, &Guard::isShown},
        {tr("Cast locked"), "cast-locked-action", &Guards::cast, &Guard::isLocked}};
    for (const auto& [text, name, part, of] : parts) {
        QAction* action = add(menu, name, text, {}, {});
        action->setCheckable(true);
        const auto show = [&document, action, part = part, of = of] {
            action->setChecked(document.guards().*part.*of);
        };
        show();
        connect(&document, &Document::guardsChanged, action, show);
        connect(action, &QAction::triggered, this, [&document, part = part, of = of](bool isOn) {
            Guards guards = document.guards();
            guards.*part.*of = isOn;
            document.setGuards(guards);
        });
    }
}

void MainWindow::buildLevelMenu() {
    QMenu* menu = m_levelMenu = menuBar()->addMenu(tr("&Level"));
    m_walkAction =
        add(menu, "walk-action", tr("&Walk"), Qt::Key_Tab, [this] { toggleWalk(false); });
    add(menu, "walk-pointer-action", tr("Walk from the &pointer"),
        QKeySequence(Qt::SHIFT | Qt::Key_Tab), [this] { toggleWalk(true); });
    add(menu, "walk-keys-action", tr("Keys of &a walk …"), {}, [this] { openWalkKeys(); });
    menu->addSeparator();
    add(menu, "level-sheet-action", tr("Level &sheet"), QKeySequence(Qt::ALT | Qt::Key_Return),
        [this] { openLevelSheet(); });
    add(menu, "new-level-action", tr("&New level …"), QKeySequence(Qt::CTRL | Qt::Key_L),
        [this] { newLevel(level::LevelKind::Side); });
    add(menu, "new-kit-level", tr("New &kit level …"),
        QKeySequence(Qt::CTRL | Qt::SHIFT | Qt::Key_L),
        [this] { newLevel(level::LevelKind::Kit); });
    add(menu, "duplicate-level", tr("D&uplicate"), QKeySequence(Qt::CTRL | Qt::SHIFT | Qt::Key_D),
        [this] { duplicateLevel(); });
    add(menu, "remove-level", tr("&Remove"), QKeySequence(Qt::CTRL | Qt::SHIFT | Qt::Key_Delete),
        [this] { removeLevel(); });
    menu->addSeparator();
    add(menu, "order-up-action", tr("Move &up in the order"),
        QKeySequence(Qt::CTRL | Qt::Key_PageUp), [this] { moveLevel(-1); });
    add(menu, "order-down-action", tr("Move &down in the order"),
        QKeySequence(Qt::CTRL | Qt::Key_PageDown), [this] { moveLevel(1); });
}

void MainWindow::buildKeys() {
    for (int i = 0; i < mostTools; ++i)
        add(nullptr, "", {}, QKeySequence(toolKey(std::size_t(i))),
            [this, i] { m_tray->chooseTool(i); });
    add(nullptr, "", {}, QKeySequence(Qt::Key_Slash), [this] { m_tray->focusSearch(); });
    // Shift+Tab arrives under another name on many keyboards.
    add(nullptr, "", {}, QKeySequence(Qt::Key_Backtab), [this] { toggleWalk(true); });
    add(nullptr, "", {}, QKeySequence(Qt::Key_Escape), [this] {
        if (m_page) return showPage(nullptr);
        if (m_margin->isAncestorOf(focusWidget()) && m_margin->closePage()) return;
        if (m_wholeBoard->isOn() && !m_board->isInGesture() && !m_board->keyCursor().isShown() &&
            m_session.workbench.selection() == Selection())
            return m_wholeAction->trigger();
        m_board->cancel();
        m_board->setFocus();
    });
    const auto resizeBrush = [this](int by) {
        m_session.workbench.change<CellOptions>([&](CellOptions& o) { o.brushSize += by; });
    };
    add(nullptr, "", {}, QKeySequence(Qt::Key_BracketLeft), [resizeBrush] { resizeBrush(-1); });
    add(nullptr, "", {}, QKeySequence(Qt::Key_BracketRight), [resizeBrush] { resizeBrush(1); });
    const std::tuple<Qt::Key, int, int> arrows[] = {
        {Qt::Key_Left, -1, 0}, {Qt::Key_Right, 1, 0}, {Qt::Key_Up, 0, -1}, {Qt::Key_Down, 0, 1}};
    for (const auto& [key, dx, dy] : arrows) {
        for (const bool byPx : {false, true}) {
            auto* action = new QAction(m_board);
            action->setShortcut(byPx ? QKeySequence(Qt::SHIFT | key) : QKeySequence(key));
            action->setShortcutContext(Qt::WidgetShortcut);
            connect(action, &QAction::triggered, m_board,
                    [this, dx = dx, dy = dy, byPx] { m_board->nudge(dx, dy, byPx); });
            m_board->addAction(action);
        }
    }
}

}  // namespace rook::app
