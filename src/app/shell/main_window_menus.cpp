/// The menus of the window, and the keys that no menu shows.

#include <QApplication>
#include <QFileDialog>
#include <QMenuBar>
#include <QSettings>

#include "app/shell/main_window.h"
#include "app/steps/shape/shape_options.h"

namespace rook::app {

QAction* MainWindow::add(QMenu* menu, const QString& text, const QKeySequence& keys,
                         const std::function<void()>& act) {
    auto* action = new QAction(text, this);
    action->setShortcut(keys);
    if (act) connect(action, &QAction::triggered, this, act);
    if (menu)
        menu->addAction(action);
    else
        addAction(action);
    return action;
}

void MainWindow::buildMenus() {
    buildProjectMenu();
    buildEditMenu();
    buildViewMenu();
    buildLevelMenu();
    QMenu* help = menuBar()->addMenu(tr("&Help"));
    add(help, tr("&Keys of this step"), Qt::Key_F1, [this] { showKeys(); });
}

void MainWindow::buildProjectMenu() {
    QMenu* menu = menuBar()->addMenu(tr("&Project"));
    add(menu, tr("&New …"), QKeySequence::New, [this] {
        newProject();
    })->setObjectName(QStringLiteral("new-project-action"));
    add(menu, tr("&Open …"), QKeySequence::Open, [this] {
        if (!mayDiscard()) return;
        const QString folder = QFileDialog::getExistingDirectory(this, tr("Open a project folder"));
        if (!folder.isEmpty()) openProject(folder);
    });
    m_repair = add(menu, tr("Open re&paired"), {}, [this] { openRepaired(); });
    m_repair->setObjectName(QStringLiteral("open-repaired"));
    m_repair->setEnabled(false);
    m_recent = menu->addMenu(tr("Open &recent"));
    rebuildRecent();
    menu->addSeparator();
    add(menu, tr("&Save"), QKeySequence::Save, [this] { save(); });
    add(menu, tr("Save &as …"), QKeySequence(Qt::CTRL | Qt::SHIFT | Qt::Key_S),
        [this] { saveAs(); });
    menu->addSeparator();
    add(menu, tr("&Bring a file in …"), QKeySequence(Qt::CTRL | Qt::Key_I), [this] {
        openImport({});
    })->setObjectName(QStringLiteral("import-action"));
    add(menu, tr("&Write all targets"), QKeySequence(Qt::CTRL | Qt::Key_E), [this] {
        writeTargets();
    })->setObjectName(QStringLiteral("write-targets-action"));
    menu->addSeparator();
    add(menu, tr("&Quit"), QKeySequence::Quit, [this] { close(); });
}

void MainWindow::buildEditMenu() {
    QMenu* menu = menuBar()->addMenu(tr("&Edit"));
    m_undo = add(menu, tr("&Undo"), QKeySequence(Qt::CTRL | Qt::Key_Z),
                 [this] { m_session.document.undo(); });
    m_redo = add(menu, tr("&Redo"), QKeySequence(Qt::CTRL | Qt::SHIFT | Qt::Key_Z),
                 [this] { m_session.document.redo(); });
    menu->addSeparator();
    add(menu, tr("Cu&t"), QKeySequence::Cut, [this] { m_board->step().cut(); });
    add(menu, tr("&Copy"), QKeySequence::Copy, [this] { m_board->step().copy(); });
    add(menu, tr("&Paste"), QKeySequence::Paste, [this] { m_board->step().paste(); });
    add(menu, tr("&Duplicate"), QKeySequence(Qt::CTRL | Qt::Key_D),
        [this] { m_board->step().duplicate(); });
    add(menu, tr("D&elete"), QKeySequence::Delete, [this] { m_board->step().removeSelected(); });
    menu->addSeparator();
    add(menu, tr("Select &all"), QKeySequence::SelectAll, [this] { m_board->step().selectAll(); });
    menu->addSeparator();
    const std::tuple<QString, QKeySequence, level::Turning> turnings[] = {
        {tr("&Mirror sideways"), Qt::Key_M, level::Turning::MirrorSideways},
        {tr("Mirror &top to bottom"), Qt::SHIFT | Qt::Key_M, level::Turning::MirrorTopToBottom},
        {tr("Turn &left"), Qt::Key_Comma, level::Turning::QuarterLeft},
        {tr("Turn &right"), Qt::Key_Period, level::Turning::QuarterRight}};
    for (const auto& [text, keys, turning] : turnings)
        add(menu, text, keys, [this, turning = turning] { m_board->step().turn(turning); });
    add(menu, tr("&Group or ungroup"), QKeySequence(Qt::CTRL | Qt::Key_G),
        [this] { m_board->step().group(); });
}

void MainWindow::buildViewMenu() {
    QMenu* menu = menuBar()->addMenu(tr("&View"));
    for (int i = 0; i < stepCount; ++i) {
        const auto step = static_cast<Step>(i);
        add(menu, stepName(step), QKeySequence(Qt::Key_1 + i), [this, step] {
            // Again from the board: back to the targets.
            if (step == Step::Ship && m_session.workbench.step() == step) return openTargets();
            m_session.workbench.setStep(step);
        });
    }
    add(menu, tr("The &game"), Qt::Key_0, [this] {
        openGame();
    })->setObjectName(QStringLiteral("game-action"));
    menu->addSeparator();
    const auto zoom = [this](double factor) {
        View view = m_board->view();
        view.zoomAt({m_board->width() / 2.0, m_board->height() / 2.0}, factor);
        m_board->setView(view);
    };
    add(menu, tr("&Fit the level"), Qt::Key_Home, [this] { m_board->fitLevel(); });
    add(menu, tr("Zoom &in"), QKeySequence(Qt::CTRL | Qt::Key_Plus), [zoom] { zoom(1.25); });
    add(menu, tr("Zoom &out"), QKeySequence(Qt::CTRL | Qt::Key_Minus), [zoom] { zoom(0.8); });
    m_axonAction = add(menu, tr("&Axonometric view: beside, instead, off"), Qt::Key_V, [this] {
        showAxon(m_axonShown == Axon::Off      ? Axon::Beside
                 : m_axonShown == Axon::Beside ? Axon::Instead
                                               : Axon::Off);
    });
    m_axonAction->setObjectName(QStringLiteral("axon-action"));
    add(menu, tr("A storey &up"), Qt::Key_PageUp, [this] { changeStorey(1); });
    add(menu, tr("A storey &down"), Qt::Key_PageDown, [this] { changeStorey(-1); });
    menu->addSeparator();
    QAction* plan = add(menu, tr("&Plan under the masses, in Shape"), {}, {});
    plan->setCheckable(true);
    plan->setChecked(true);
    connect(plan, &QAction::toggled, this, [this](bool isOn) {
        m_session.workbench.change<ShapeOptions>([&](ShapeOptions& o) { o.showsPlan = isOn; });
    });
    QAction* grid = add(menu, tr("G&rid"), QKeySequence(Qt::SHIFT | Qt::Key_G), {});
    grid->setObjectName(QStringLiteral("grid-action"));
    grid->setCheckable(true);
    connect(grid, &QAction::toggled, this, [this](bool isOn) {
        m_board->setShowsGrid(isOn);
        QSettings().setValue(gridKey(), isOn);
    });
    grid->setChecked(true);
    if (!QSettings().value(gridKey(), true).toBool()) grid->setChecked(false);
    buildGuards(menu);
    m_night = add(menu, tr("&Night board"), QKeySequence(Qt::CTRL | Qt::SHIFT | Qt::Key_N), [this] {
        setNight(m_night->isChecked());
        QSettings().setValue(nightKey(), m_night->isChecked());
    });
    m_night->setCheckable(true);
    menu->addSeparator();
    add(menu, tr("Next finding"), Qt::Key_F3, [this] { m_margin->stepFinding(1); });
    add(menu, tr("Previous finding"), QKeySequence(Qt::SHIFT | Qt::Key_F3),
        [this] { m_margin->stepFinding(-1); });
    add(menu, tr("Next part of the window"), Qt::Key_F6, [this] { cycleFocus(1); });
    add(menu, tr("Previous part of the window"), QKeySequence(Qt::SHIFT | Qt::Key_F6),
        [this] { cycleFocus(-1); });
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
        QAction* action = add(menu, text, {}, {});
        action->setObjectName(QLatin1String(name));
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
    m_walkAction = add(menu, tr("&Walk"), Qt::Key_Tab, [this] { toggleWalk(false); });
    add(menu, tr("Walk from the &pointer"), QKeySequence(Qt::SHIFT | Qt::Key_Tab),
        [this] { toggleWalk(true); });
    add(menu, tr("Keys of &a walk …"), {}, [this] {
        openWalkKeys();
    })->setObjectName(QStringLiteral("walk-keys-action"));
    menu->addSeparator();
    add(menu, tr("Level &sheet"), QKeySequence(Qt::ALT | Qt::Key_Return), [this] {
        openLevelSheet();
    })->setObjectName(QStringLiteral("level-sheet-action"));
    add(menu, tr("&New level …"), QKeySequence(Qt::CTRL | Qt::Key_L), [this] {
        newLevel(level::LevelKind::Side);
    })->setObjectName(QStringLiteral("new-level-action"));
    add(menu, tr("New &kit level …"), QKeySequence(Qt::CTRL | Qt::SHIFT | Qt::Key_L), [this] {
        newLevel(level::LevelKind::Kit);
    })->setObjectName(QStringLiteral("new-kit-level"));
    add(menu, tr("D&uplicate"), QKeySequence(Qt::CTRL | Qt::SHIFT | Qt::Key_D), [this] {
        duplicateLevel();
    })->setObjectName(QStringLiteral("duplicate-level"));
    add(menu, tr("&Remove"), QKeySequence(Qt::CTRL | Qt::SHIFT | Qt::Key_Delete), [this] {
        removeLevel();
    })->setObjectName(QStringLiteral("remove-level"));
    menu->addSeparator();
    add(menu, tr("Move &up in the order"), QKeySequence(Qt::CTRL | Qt::Key_PageUp),
        [this] { moveLevel(-1); });
    add(menu, tr("Move &down in the order"), QKeySequence(Qt::CTRL | Qt::Key_PageDown),
        [this] { moveLevel(1); });
}

void MainWindow::buildKeys() {
    const Qt::Key home[] = {Qt::Key_A, Qt::Key_S, Qt::Key_D, Qt::Key_F, Qt::Key_G};
    for (int i = 0; i < 5; ++i)
        add(nullptr, {}, QKeySequence(home[i]), [this, i] { m_tray->chooseTool(i); });
    add(nullptr, {}, QKeySequence(Qt::Key_Slash), [this] { m_tray->focusSearch(); });
    // Shift+Tab arrives under another name on many keyboards.
    add(nullptr, {}, QKeySequence(Qt::Key_Backtab), [this] { toggleWalk(true); });
    add(nullptr, {}, QKeySequence(Qt::Key_Escape), [this] {
        if (m_page) return showPage(nullptr);
        m_board->cancel();
        m_board->setFocus();
    });
    const auto resizeBrush = [this](int by) {
        m_session.workbench.change<CellOptions>([&](CellOptions& o) { o.brushSize += by; });
    };
    add(nullptr, {}, QKeySequence(Qt::Key_BracketLeft), [resizeBrush] { resizeBrush(-1); });
    add(nullptr, {}, QKeySequence(Qt::Key_BracketRight), [resizeBrush] { resizeBrush(1); });
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
