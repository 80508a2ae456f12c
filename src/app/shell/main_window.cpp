#include "app/shell/main_window.h"

#include <QApplication>
#include <QDir>
#include <QFileDialog>
#include <QMenuBar>
#include <QMessageBox>
#include <QPushButton>
#include <QScreen>
#include <QSettings>
#include <QVBoxLayout>
#include <array>

#include "app/pages/settings_page.h"
#include "app/shell/all_steps.h"
#include "app/shell/guide.h"
#include "app/shell/installed.h"
#include "app/shell/whole_board.h"
#include "app/steps/cast/cast_table.h"
#include "app/steps/shape/shape_options.h"
#include "app/steps/sketch/place_underlay.h"
#include "app/tools/cell_options.h"
#include "app/ui/number_drag.h"
#include "app/ui/theme.h"
#include "app/ui/words.h"
#include "file/project_file.h"
#include "level/level_kinds.h"

namespace rook::app {

namespace {

constexpr int maxRecent = 8;

QString recentKey() {
    return QStringLiteral("recentProjects");
}

QString geometryKey() {
    return QStringLiteral("window");
}

bool desktopIsDark() {
    const QPalette palette = QApplication::palette();
    return palette.color(QPalette::Window).lightness() < 128;
}

/// The theme of the settings, else the desktop's.
bool isNightWanted() {
    const QSettings settings;
    const QString key = StartSettings::nightKey();
    return settings.contains(key) ? settings.value(key).toBool() : desktopIsDark();
}

/// For all of the program; false if it is so already, as to dress each widget takes long.
bool dressProgram(bool isNight) {
    const Theme& theme = isNight ? Theme::night() : Theme::day();
    const QString sheet = theme.styleSheet();
    if (currentTheme().isNight == isNight && qApp->styleSheet() == sheet) return false;
    setCurrentTheme(theme);
    qApp->setPalette(theme.palette());
    qApp->setStyleSheet(sheet);
    return true;
}

}  // namespace

MainWindow::MainWindow() : m_session(allSteps()) {
    setWindowTitle(QStringLiteral("Rook Plot"));
    QApplication::setFont(windowFont());
    // Before there are widgets: they are dressed once, as they are made.
    const bool isNight = isNightWanted();
    dressProgram(isNight);
    qApp->installEventFilter(new NumberDrag(this));
    buildLayout();
    buildMenus();
    buildKeys();
    connect(m_head, &Head::walkAsked, this, &MainWindow::toggleWalk);
    connect(m_board, &Board::walkChanged, this,
            [this] { m_head->setWalking(m_board->isWalking()); });
    const Requests& requests = m_session.requests;
    connect(&m_session.workbench, &Workbench::stepChanged, this, [this] {
        if (m_session.workbench.step() == Step::Ship) return openTargets();
        showPage(nullptr);
    });
    setAcceptDrops(true);
    connect(&requests, &Requests::sheetAsked, this, &MainWindow::openLevelSheet);
    connect(&requests, &Requests::placementsAsked, this, &MainWindow::openPlacements);
    connect(&requests, &Requests::mixAsked, this, &MainWindow::openMix);
    connect(&requests, &Requests::targetsAsked, this, &MainWindow::openTargets);
    connect(&requests, &Requests::modelsAsked, this, [this] { openModels({}); });
    connect(&requests, &Requests::importAsked, this, [this](const QString& file) {
        openImport(file.isEmpty() ? QStringList() : QStringList{file});
    });
    connect(m_order, &Order::gameAsked, this, &MainWindow::openGame);
    connect(m_order, &Order::menuAsked, this, [this](QPoint at) { m_levelMenu->popup(at); });
    connect(&requests, &Requests::tableAsked, this, &MainWindow::showTable);
    connect(&requests, &Requests::placeAsked, m_board, &Board::bringIntoView);
    connect(&requests, &Requests::proofWalkAsked, this, [this] {
        const auto proof = m_session.gameProver.proof();
        if (!proof || !m_session.gameProver.isCurrent()) return;
        showPage(nullptr);
        m_board->walkProof(*proof);
    });
    connect(&requests, &Requests::findAsked, this, &MainWindow::openFind);
    connect(&requests, &Requests::boardAsked, m_board, [this] { m_board->setFocus(); });
    connect(&requests, &Requests::pictureAsked, this, &MainWindow::choosePicture);
    connect(&m_session.document, &Document::historyChanged, this, &MainWindow::refreshActions);
    connect(&m_session.document, &Document::levelSwitched, this, [this] {
        refreshActions();
        showAslant(m_aslantShown);
    });
    m_night->setChecked(isNight);
    refreshActions();
    placeWindow();
}

MainWindow::~MainWindow() {
    // Parts of the window read the session to the last: they go before it.
    delete m_table;
    delete takeCentralWidget();
}

bool MainWindow::isPlanHidden() const {
    return m_aslant && m_aslant->isVisible() && m_aslantShown == Aslant::Instead;
}

void MainWindow::placeAslant(ViewAslant* view) {
    if (m_aslant) m_aslant->deleteLater();
    m_aslant = view;
    m_middle->insertWidget(m_middle->indexOf(m_plan) + 1, view, 1);
    // Queued: it goes itself.
    connect(
        view, &ViewAslant::gaveUp, this,
        [this] {
            placeAslant(makePaintedView(m_session, *m_board, centralWidget()));
            showAslant(m_aslantShown);
        },
        Qt::QueuedConnection);
}

void MainWindow::showAslant(Aslant shown) {
    m_aslantShown = shown;
    const bool isKit = level::traitsOf(m_session.document.level()->kind).isOfPieces;
    m_aslantAction->setEnabled(isKit);
    m_cornerAction->setEnabled(isKit);
    const bool hasAslant = isKit && shown != Aslant::Off;
    const bool hasPlan = !hasAslant || shown == Aslant::Beside;
    if (hasAslant && !m_aslant) placeAslant(makeViewAslant(m_session, *m_board, centralWidget()));
    if (m_aslant) m_aslant->setVisible(hasAslant && !m_page);
    m_plan->setVisible(hasPlan && !m_page);
}

void MainWindow::choosePicture() {
    const QString file = QFileDialog::getOpenFileName(
        this, tr("Place a picture under the board"), {}, tr("Pictures (*.png *.jpg *.jpeg *.svg)"));
    if (!file.isEmpty()) placeUnderlay(m_session, this, file);
}

void MainWindow::showTable() {
    if (!m_table) m_table = new CastTable(m_session, this);
    m_table->show();
    m_table->raise();
    m_table->activateWindow();
}

void MainWindow::buildLayout() {
    auto* centre = new QWidget(this);
    auto* rows = new QVBoxLayout(centre);
    rows->setContentsMargins(0, 0, 0, 0);
    rows->setSpacing(0);
    m_head = new Head(m_session, centre);
    m_order = new Order(m_session, centre);
    m_board = new Board(m_session, centre);
    m_margin = new Margin(m_session, centre);
    m_tray = new Tray(m_session, centre);
    m_status = new StatusLine(m_session, *m_board, centre);
    m_plan = new QWidget(centre);
    auto* grid = new QGridLayout(m_plan);
    grid->setSpacing(0);
    grid->setContentsMargins(0, 0, 0, 0);
    auto* corner = new QWidget(m_plan);
    corner->setFixedSize(Ruler::thickness, Ruler::thickness);
    grid->addWidget(corner, 0, 0);
    grid->addWidget(new Ruler(m_session, *m_board, Qt::Horizontal, m_plan), 0, 1);
    grid->addWidget(new Ruler(m_session, *m_board, Qt::Vertical, m_plan), 1, 0);
    grid->addWidget(m_board, 1, 1);
    m_middle = new QHBoxLayout;
    m_middle->setSpacing(0);
    m_middle->addWidget(m_order);
    m_middle->addWidget(m_plan, 1);
    m_middle->addWidget(m_margin);
    rows->addWidget(m_head);
    m_notice = new Notice(m_session, centre);
    rows->addWidget(m_notice);
    rows->addLayout(m_middle, 1);
    rows->addWidget(m_tray);
    rows->addWidget(m_status);
    setCentralWidget(centre);
    m_wholeBoard =
        new WholeBoard(this, m_board, m_tray, rows, {m_head, m_order, m_margin, menuBar()});
    m_board->setFocus();
}

void MainWindow::refreshActions() {
    const level::History& history = m_session.document.history();
    const auto named = [](const QString& verb, bool can, const auto& name) {
        return can ? tr("%1: %2").arg(verb, told(name())) : verb;
    };
    m_undo->setText(named(tr("&Undo"), history.canUndo(), [&] { return history.undoName(); }));
    m_redo->setText(named(tr("&Redo"), history.canRedo(), [&] { return history.redoName(); }));
    m_undo->setEnabled(history.canUndo());
    m_redo->setEnabled(history.canRedo());
    setWindowTitle(
        tr("%1[*] – Rook Plot").arg(QString::fromStdString(m_session.document.project().name)));
    setWindowModified(m_session.document.isModified());
}

QStringList MainWindow::recentProjects() {
    return QSettings().value(recentKey()).toStringList();
}

void MainWindow::rebuildRecent() {
    m_recent->clear();
    for (const QString& folder : recentProjects())
        add(m_recent, "", folder, {}, [this, folder] {
            if (mayDiscard()) openProject(folder);
        });
    m_recent->setEnabled(!m_recent->isEmpty());
}

bool MainWindow::openProject(const QString& folder) {
    if (isInstalled(folder)) return openDemo();
    const QFileInfo named(folder);
    const QString path = named.isFile() ? named.absolutePath() : QDir(folder).absolutePath();
    const auto outcome = m_session.document.open(path);
    m_repair->setEnabled(!outcome);
    if (!outcome) {
        m_refused = path;
        m_session.say(told(outcome.error()) + u' ' + tr("Or: Project, Open repaired."));
        return false;
    }
    remember(path);
    if (m_welcome && m_page == m_welcome) showPage(nullptr);
    return true;
}

bool MainWindow::openDemo() {
    const auto copy = copyOfDemo();
    if (!copy) {
        m_session.say(told(copy.error()));
        return false;
    }
    if (!openProject(*copy)) return false;
    m_session.say(tr("This is your own copy of the demo, in %1.").arg(*copy));
    return true;
}

void MainWindow::openRepaired() {
    const auto changes = m_session.document.openRepaired(m_refused);
    if (!changes) return m_session.say(told(changes.error()));
    m_repair->setEnabled(false);
    remember(m_refused);
    if (changes->empty()) return;
    const QString first = told(changes->front());
    m_session.say((changes->size() == 1
                       ? first + u'.'
                       : tr("%1; and %2 more changes.").arg(first).arg(changes->size() - 1)) +
                  u' ' + tr("Nothing is written until you save."));
}

void MainWindow::remember(const QString& path) {
    QStringList recent = recentProjects();
    recent.removeAll(path);
    recent.prepend(path);
    QSettings().setValue(recentKey(), QStringList(recent.mid(0, maxRecent)));
    rebuildRecent();
    m_board->fitLevel();
}

void MainWindow::chooseProject() {
    if (!mayDiscard()) return;
    const QString folder = QFileDialog::getExistingDirectory(this, tr("Open a project folder"));
    if (!folder.isEmpty()) openProject(folder);
}

QString MainWindow::folderToSaveTo() {
    if (!m_session.document.folder().isEmpty()) return m_session.document.folder();
    return QFileDialog::getSaveFileName(this, tr("Save the project in a new folder"));
}

void MainWindow::save() {
    const QString folder = folderToSaveTo();
    if (!folder.isEmpty()) m_session.writer.saveInBackground(QDir(folder).absolutePath());
}

void MainWindow::saveAs() {
    const QString folder =
        QFileDialog::getSaveFileName(this, tr("Save the project in a new folder"));
    if (!folder.isEmpty()) m_session.writer.saveInBackground(QDir(folder).absolutePath());
}

bool MainWindow::saveAndWait() {
    const QString folder = folderToSaveTo();
    if (folder.isEmpty()) return false;
    const auto outcome = m_session.writer.save(QDir(folder).absolutePath());
    if (!outcome) m_session.say(told(outcome.error()));
    return outcome.has_value();
}

bool MainWindow::mayDiscard() {
    m_session.writer.waitForWriting();
    if (!m_session.document.isModified()) return true;
    QMessageBox question(QMessageBox::NoIcon, tr("Discard changes?"),
                         tr("The project has changes that are not saved. Discard them?"),
                         QMessageBox::NoButton, this);
    QAbstractButton* keep = question.addButton(tr("Save"), QMessageBox::AcceptRole);
    QAbstractButton* discard = question.addButton(tr("Discard"), QMessageBox::DestructiveRole);
    question.addButton(tr("Go back"), QMessageBox::RejectRole);
    question.exec();
    if (question.clickedButton() == keep) return saveAndWait();
    return question.clickedButton() == discard;
}

void MainWindow::closeEvent(QCloseEvent* event) {
    m_board->stopWalk();
    event->setAccepted(mayDiscard());
    if (!event->isAccepted()) return;
    QSettings().setValue(geometryKey(), saveGeometry());
    m_session.autosave.forget();
}

void MainWindow::changeEvent(QEvent* event) {
    // Some disks do not tell what changes on them.
    if (event->type() == QEvent::ActivationChange && isActiveWindow()) m_session.guard.lookSoon();
    QMainWindow::changeEvent(event);
}

void MainWindow::comeToFront() {
    setWindowState(windowState() & ~Qt::WindowMinimized);
    show();
    raise();
    activateWindow();
    QApplication::alert(this);
}

/// Where it was last, else as large as it is designed for; never larger than the screen has room.
void MainWindow::placeWindow() {
    const QRect free = screen()->availableGeometry();
    constexpr QSize designed(1280, 800);
    constexpr QSize frame(16, 40);  // at most, around a window whose frame is not known yet
    const QByteArray former = QSettings().value(geometryKey()).toByteArray();
    if (!former.isEmpty() && restoreGeometry(former)) return;
    const QSize room = free.size() - frame;
    // Without a window manager (a test, a picture) there is no frame.
    const bool hasFrame = QGuiApplication::platformName() != QStringLiteral("offscreen");
    resize(designed.boundedTo(hasFrame ? room : designed));
    if (hasFrame) move(free.topLeft() + QPoint((room.width() - width()) / 2, 0));
}

void MainWindow::changeStorey(int by) {
    if (!level::traitsOf(m_session.document.level()->kind).isOfPieces) return;
    const int storey = m_session.workbench.setStorey(m_session.workbench.storey() + by);
    m_session.say(tr("Storey %1").arg(storey + 1));
}

void MainWindow::toggleWalk(bool atPointer) {
    if (m_page) showPage(nullptr);
    if (m_board->isWalking())
        m_board->stopWalk();
    else
        m_board->startWalk(atPointer);
    m_head->setWalking(m_board->isWalking());
}

void MainWindow::cycleFocus(int by) {
    const std::array<QWidget*, 6> parts{m_board, m_tray, m_margin, m_order, m_head, m_notice};
    const int count = int(parts.size());
    int at = 0;
    for (int i = 0; i < count; ++i)
        if (parts[std::size_t(i)] == focusWidget() ||
            (focusWidget() && parts[std::size_t(i)]->isAncestorOf(focusWidget())))
            at = i;
    for (int tries = 0; tries < count; ++tries) {
        at = (at + by + count) % count;
        QWidget* part = parts[std::size_t(at)];
        if (part == m_board) return part->setFocus(Qt::TabFocusReason);
        for (QWidget* child : part->findChildren<QWidget*>()) {
            if (!(child->focusPolicy() & Qt::TabFocus) || !child->isVisible()) continue;
            return child->setFocus(Qt::TabFocusReason);
        }
    }
}

void MainWindow::setNight(bool isNight) {
    m_night->setChecked(isNight);
    if (!dressProgram(isNight)) return;
    m_board->themeChanged();
    if (m_aslant) m_aslant->themeChanged();
    m_order->themeChanged();
    m_tray->themeChanged();
    m_margin->themeChanged();
    m_status->refresh();
    m_notice->themeChanged();
    if (m_guide) m_guide->themeChanged();
    update();
}

void MainWindow::takeThemeFromSettings() {
    setNight(isNightWanted());
}

}  // namespace rook::app
