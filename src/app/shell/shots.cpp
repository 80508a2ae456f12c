#include "app/shell/shots.h"
#include "app/pages/file_preview.h"
#include "app/pages/import_page.h"
#include "app/pages/models_page.h"
#include "app/shell/sample_plays.h"
#include "app/shell/shots_detail.h"
#include "app/steps/cast/cast_options.h"
#include "app/steps/kit/kit_options.h"
#include "app/steps/kit/view_aslant.h"
#include "app/steps/puzzle/puzzle_options.h"
#include "app/steps/ship/ship_options.h"
#include "app/steps/skin/skin_options.h"
#include "app/tools/cell_options.h"

#include <QApplication>
#include <QComboBox>
#include <QDir>
#include <QElapsedTimer>
#include <QLineEdit>
#include <QMouseEvent>
#include <QPushButton>
#include <QTableWidget>
#include <QTemporaryDir>
#include <cstdio>

namespace rook::app {

namespace detail {

void settle(MainWindow& window) {
    QElapsedTimer timer;
    timer.start();
    const auto isViewCurrent = [&] {
        const auto* aslant = window.findChild<ViewAslant*>();
        return !aslant || !aslant->isVisible() || aslant->isCurrent();
    };
    const auto isSettled = [&] {
        const LevelId id = window.session().document.level()->id;
        return window.session().proofs.isCurrent(id) && window.session().proofs.isPlanCurrent(id) &&
               !window.session().writer.isWriting() && window.board().isComplete() &&
               isViewCurrent() && !window.findChild<Order*>()->isBusy() && timer.elapsed() > 150;
    };
    while (!isSettled() && timer.elapsed() < 10000)
        QApplication::processEvents(QEventLoop::AllEvents, 20);
    // What came last is laid out in several rounds.
    for (int round = 0; round < 5; ++round)
        QApplication::processEvents(QEventLoop::AllEvents, 20);
}

void movePointer(Board& board, QPointF at, Qt::MouseButtons buttons, QEvent::Type type,
                 Qt::MouseButton button) {
    QMouseEvent event(type, at, board.mapToGlobal(at), button, buttons, Qt::NoModifier);
    QApplication::sendEvent(&board, &event);
}

bool shoot(MainWindow& window, const QString& folder, const QString& name) {
    settle(window);
    const QString path = QDir(folder).filePath(name + QStringLiteral(".png"));
    if (window.grab().save(path)) return true;
    std::fprintf(stderr,
                 "rookplot-desk: The picture cannot be written (%s). Choose another folder.\n",
                 qPrintable(path));
    return false;
}

void trigger(MainWindow& window, const char* action) {
    if (auto* found = window.findChild<QAction*>(QLatin1String(action))) found->trigger();
}

bool waitUntil(const std::function<bool()>& isKnown) {
    QElapsedTimer timer;
    timer.start();
    while (!isKnown() && timer.elapsed() < 120'000)
        QApplication::processEvents(QEventLoop::AllEvents, 20);
    return isKnown();
}

bool waitForTargets(const Session& session) {
    return waitUntil([&session] {
        for (const level::Target& target : session.document.project().targets)
            if (!session.shipping.outlookOf(target.name).isCurrent) return false;
        return true;
    });
}

}  // namespace detail

namespace {

using namespace detail;

View closeView(double scale, QPointF offset) {
    View view;
    view.zoomAt({}, scale / view.scale());
    view.setOffset(offset);
    return view;
}

/// Models as others send them, beside the project, put right but for their faces.
bool shootModels(MainWindow& window, const QString& folder, const QString& home) {
    const QString set = QDir(home).filePath(QStringLiteral("../incoming/rope-store.obj"));
    if (!QFile::exists(set)) return true;
    window.session().requests.openImport(set);
    auto* page = window.findChild<ModelsPage*>();
    const auto isDone = [page] { return !page->isBusy() && !page->models().empty(); };
    if (!waitUntil(isDone)) return false;
    const auto choose = [page](const char* name, int at) {
        auto* box = page->findChild<QComboBox*>(QLatin1String(name));
        box->setCurrentIndex(at);
        Q_EMIT box->activated(at);
    };
    choose("models-up", 1);
    page->findChild<QPushButton*>(QStringLiteral("models-propose"))->click();
    choose("models-pivot", 1);
    if (!waitUntil(isDone)) return false;
    auto* table = page->findChild<QTableWidget*>();
    table->clearSelection();
    table->selectRow(2);
    settle(window);
    const bool isFine = shoot(window, folder, QStringLiteral("kit-models-day"));
    Q_EMIT page->left();
    return isFine;
}

/// A room by number at the pointer in Keeper's quay; both storeys in depth, and a walk through
/// them; and, where there is one beside the project, the broken quay with what is wrong with it.
bool shootKit(MainWindow& window, const QString& folder) {
    Session& session = window.session();
    Board& board = window.board();
    const QString home = session.document.folder();
    session.document.chooseLevel(LevelId{"keepers-quay"});
    session.workbench.setStep(Step::Shape);
    session.workbench.setStorey(0);
    // A room by number at the pointer, to be laid by a click.
    session.workbench.chooseTool("room");
    session.workbench.change<KitOptions>([](KitOptions& o) {
        o.roomWidth = 5;
        o.ceilingPiece = "boarding";
    });
    movePointer(board, board.view().toWidget(PxPoint{17 * 32 + 16, 4 * 32 + 16}), Qt::NoButton,
                QEvent::MouseMove, Qt::NoButton);
    bool isFine = shoot(window, folder, QStringLiteral("kit-plan-day"));
    session.workbench.chooseTool("place");
    trigger(window, "depth-action");
    trigger(window, "depth-action");
    isFine = isFine && shootDepth(window, folder);
    trigger(window, "depth-action");
    isFine = isFine && shootModels(window, folder, home);
    if (window.openProject(QDir(home).filePath(QStringLiteral("../broken-quay")))) {
        trigger(window, "depth-action");
        session.workbench.setStep(Step::Prove);
        settle(window);
        window.findChild<Margin*>()->stepFinding(1);
        isFine = isFine && shoot(window, folder, QStringLiteral("kit-audit-day"));
        trigger(window, "depth-action");
        trigger(window, "depth-action");
        window.openProject(home);
    }
    return isFine;
}

/// Waits until the level on the board was looked at deep; `isWhole`: with comfort and abilities.
void waitForDepth(const Session& session, bool isWhole) {
    QElapsedTimer timer;
    timer.start();
    const auto isDone = [&] {
        const auto proven = session.proofs.of(session.document.level()->id);
        return proven && proven->isAnalysisCurrent &&
               (!isWhole || !proven->analysis->runs || proven->analysis->isComplete);
    };
    while (!isDone() && timer.elapsed() < 60000)
        QApplication::processEvents(QEventLoop::AllEvents, 20);
}

/// Wheel hall in Cast: its zones and what crosses them; then what one moves as with a kite.
bool shootCast(MainWindow& window, const QString& folder) {
    Session& session = window.session();
    session.workbench.setStep(Step::Cast);
    session.document.chooseLevel(LevelId{"wheel-hall"});
    waitForDepth(session, false);
    session.workbench.chooseTool("zone");
    Selection selection;
    selection.zone = ZoneId{"zone-2"};
    session.workbench.select(selection);
    window.board().setView(closeView(0.44, {170, 0}));
    bool isFine = shoot(window, folder, QStringLiteral("cast-day"));
    // The kite: by which profile one moves with it, and how it looks.
    session.workbench.change<CastOptions>([](CastOptions& o) {
        o.kind = KindId{"kite"};
        o.showsZones = false;
    });
    session.workbench.chooseTool("select");
    session.document.chooseLevel(LevelId{"kite-gallery"});
    waitForDepth(session, false);
    Selection kite;
    kite.entities = {EntityId{"kite-1"}};
    session.workbench.select(kite);
    window.board().setView(closeView(0.66, {0, 0}));
    auto* look = window.findChild<QAbstractButton*>(QStringLiteral("section-appearance"));
    if (!look) return false;
    look->setChecked(true);
    settle(window);
    isFine = isFine && shoot(window, folder, QStringLiteral("thing-day"));
    session.workbench.change<CastOptions>([](CastOptions& o) { o.showsZones = true; });
    session.workbench.select({});
    return isFine;
}

/// What belongs to a level; then the game around the levels.
bool shootSheet(MainWindow& window, const QString& folder) {
    trigger(window, "level-sheet-action");
    bool isFine = shoot(window, folder, QStringLiteral("level-sheet"));
    trigger(window, "game-action");
    QElapsedTimer timer;
    timer.start();
    while (!window.session().gameProver.isCurrent() && timer.elapsed() < 60000)
        QApplication::processEvents(QEventLoop::AllEvents, 20);
    isFine = isFine && shoot(window, folder, QStringLiteral("game"));
    trigger(window, "game-action");
    window.session().requests.returnToBoard();
    return isFine;
}

/// Intake in Prove.
bool shootProve(MainWindow& window, const QString& folder) {
    Session& session = window.session();
    session.workbench.setStep(Step::Prove);
    window.board().fitLevel();
    waitForDepth(session, true);
    return shoot(window, folder, QStringLiteral("prove-day"));
}

/// Sketch, with a bead of the main route selected.
bool shootSketch(MainWindow& window, const QString& folder) {
    Session& session = window.session();
    session.workbench.setStep(Step::Sketch);
    session.workbench.chooseTool("route");
    window.board().setView(closeView(1.05, {300, 110}));
    Selection bead;
    bead.bead = 1;
    session.workbench.select(bead);
    return shoot(window, folder, QStringLiteral("sketch-day"));
}

/// Shape, in the middle of drawing a box of planking.
bool shootShape(MainWindow& window, const QString& folder) {
    Session& session = window.session();
    Board& board = window.board();
    board.setView(closeView(1.5, {0, 200}));
    session.workbench.chooseTool("box");
    CellOptions options = session.workbench.options<CellOptions>();
    options.matter = session.document.project().findMatter("plank").value_or(level::MatterId{1});
    session.workbench.setOptions(options);
    const QPointF from = board.view().toWidget(PxPoint{20 * 16 + 8, 20 * 16 + 8});
    const QPointF to = board.view().toWidget(PxPoint{24 * 16 + 8, 20 * 16 + 8});
    movePointer(board, from, Qt::NoButton, QEvent::MouseMove, Qt::NoButton);
    movePointer(board, from, Qt::LeftButton, QEvent::MouseButtonPress, Qt::LeftButton);
    movePointer(board, to, Qt::LeftButton, QEvent::MouseMove, Qt::NoButton);
    const bool isFine = shoot(window, folder, QStringLiteral("shape-day"));
    board.cancel();
    movePointer(board, to, Qt::NoButton, QEvent::MouseButtonRelease, Qt::LeftButton);
    return isFine;
}

/// Tiles in hand.
bool shootSkin(MainWindow& window, const QString& folder) {
    Session& session = window.session();
    window.board().setView(closeView(1.5, {0, 200}));
    session.workbench.setStep(Step::Skin);
    session.workbench.change<TilesInHand>([](TilesInHand& hand) { hand.tileSheet = 1; });
    if (auto* picker = window.findChild<QWidget*>(QStringLiteral("tile-picker"))) {
        const QPointF at(70, 40);
        QMouseEvent press(QEvent::MouseButtonPress, at, picker->mapToGlobal(at), Qt::LeftButton,
                          Qt::LeftButton, Qt::NoModifier);
        QCoreApplication::sendEvent(picker, &press);
    }
    return shoot(window, folder, QStringLiteral("skin-day"));
}

/// A text grid with a character that nobody knows.
bool shootImport(MainWindow& window, const QString& folder) {
    const QTemporaryDir place;
    QFile file(place.filePath(QStringLiteral("side pool.txt")));
    if (!file.open(QIODevice::WriteOnly)) return false;
    file.write(
        "; Side pool\n"
        "##############################\n"
        "#............................#\n"
        "#..............L.............#\n"
        "#.............===........G...#\n"
        "#...L................./######.\n"
        "#..===....?........../########\n"
        "#K...............c../#########\n"
        "#######~~~~~~~~~##############\n"
        "#######~~~~~~~~~##############\n"
        "##############################\n");
    file.close();
    window.session().requests.openImport(file.fileName());
    const auto* take = window.findChild<QPushButton*>(QStringLiteral("import-take"));
    if (!take || !waitUntil([&] { return take->isEnabled(); })) return false;
    const bool isShot = shoot(window, folder, QStringLiteral("import-day"));
    window.session().workbench.setStep(Step::Shape);
    return isShot;
}

/// Where players of Intake were and died; the plays are made up, and forgotten again.
bool shootHeat(MainWindow& window, const QString& folder) {
    Session& session = window.session();
    const level::Project project = session.document.project();
    const auto& level = *project.findLevel({"intake"});
    const std::string place = session.document.folder().toStdString();
    const auto plays = samplePlays(project, level, 60);
    if (!ship::writePlays(file::diskStorage(), place, level.id, plays)) return false;
    session.link.setOn(true);
    for (Page* page : window.findChildren<Page*>())
        if (page->isVisible()) Q_EMIT page->left();
    const bool isShot = waitUntil([&] { return session.link.heat() != nullptr; }) &&
                        shoot(window, folder, QStringLiteral("heat-map"));
    session.link.forgetPlays();
    session.link.setOn(false);
    return isShot;
}

bool shootShip(MainWindow& window, const QString& folder) {
    Session& session = window.session();
    session.workbench.setStep(Step::Ship);
    if (!waitForTargets(session)) return false;
    session.workbench.change<ShipOptions>([](ShipOptions& o) { o.target = "plans"; });
    auto* preview = window.findChild<FilePreview*>();
    if (!preview || !waitUntil([preview] { return preview->pageCount() > 0; })) return false;
    preview->turnTo(2);
    if (!shoot(window, folder, QStringLiteral("ship-day"))) return false;
    return shootHeat(window, folder) && shootImport(window, folder);
}

/// Walk as the game begins: its words and tallies, on the game's first screen alone.
bool shootWalk(MainWindow& window, const QString& folder) {
    Board& board = window.board();
    window.session().workbench.setStep(Step::Skin);
    board.startWalk(false);
    const auto press = [&](Qt::Key key, Qt::KeyboardModifiers modifiers) {
        QKeyEvent event(QEvent::KeyPress, key, modifiers);
        QApplication::sendEvent(&board, &event);
        QElapsedTimer timer;
        timer.start();
        while (timer.elapsed() < 300)
            QApplication::processEvents(QEventLoop::AllEvents, 10);
    };
    press(Qt::Key_Home, Qt::ShiftModifier);
    press(Qt::Key_F, {});
    press(Qt::Key_F, {});
    const bool isFine = window.grab().save(QDir(folder).filePath(QStringLiteral("walk-day.png")));
    board.stopWalk();
    return isFine;
}

/// Sluice table in Shape, the roster's placements, and the yard's dead places.
bool shootPuzzle(MainWindow& window, const QString& folder) {
    Session& session = window.session();
    Board& board = window.board();
    session.document.chooseLevel(LevelId{"sluice-table"});
    session.workbench.change<SlotOptions>([](SlotOptions& o) {
        o.sort = SlotOptions::Sort::State;
        o.state = level::SlotState::Locked;
    });
    board.fitLevel();
    bool isFine = shoot(window, folder, QStringLiteral("puzzle-shape"));
    session.document.chooseLevel(LevelId{"ice-on-the-weir"});
    session.workbench.setStep(Step::Cast);
    session.workbench.change<CounterOptions>(
        [](CounterOptions& o) { o.ghosts = LevelId{"spring-flood"}; });
    board.fitLevel();
    session.requests.openPlacements();
    isFine = isFine && shoot(window, folder, QStringLiteral("puzzle-placements"));
    for (Page* page : window.findChildren<Page*>())
        if (page->isVisible()) Q_EMIT page->left();
    session.document.chooseLevel(LevelId{"cask-yard"});
    session.workbench.setStep(Step::Prove);
    session.workbench.change<PuzzleProofOptions>([](PuzzleProofOptions& o) {
        o.counter = EntityId{"cask-1"};
        o.move = 4;
    });
    board.fitLevel();
    isFine = isFine && shoot(window, folder, QStringLiteral("puzzle-prove"));
    return isFine;
}

/// What pictures are made of: each begins with Intake in Shape, by day.
struct Scene {
    const char* name;
    bool (*shoot)(MainWindow& window, const QString& folder);
};
constexpr Scene scenes[] = {
    {"sketch", shootSketch}, {"shape", shootShape},   {"cast", shootCast}, {"prove", shootProve},
    {"skin", shootSkin},     {"sheet", shootSheet},   {"ship", shootShip}, {"walk", shootWalk},
    {"kit", shootKit},       {"puzzle", shootPuzzle},
};

void begin(MainWindow& window) {
    window.resize(1280, 800);
    window.setNight(false);
    Session& session = window.session();
    session.document.chooseLevel(LevelId{"intake"});
    session.workbench.select({});
    session.workbench.setStep(Step::Shape);
    settle(window);
}

}  // namespace

QStringList shotNames() {
    QStringList names;
    for (const Scene& scene : scenes)
        names << QLatin1String(scene.name);
    return names;
}

bool writeShots(MainWindow& window, const QString& folder, const QStringList& only) {
    if (!QDir().mkpath(folder)) {
        std::fprintf(stderr, "rookplot-desk: The folder cannot be made (%s). Choose another one.\n",
                     qPrintable(folder));
        return false;
    }
    for (const QString& name : only)
        if (!shotNames().contains(name)) {
            std::fprintf(stderr, "rookplot-desk: There is no view \"%s\". Use some of: %s.\n",
                         qPrintable(name), qPrintable(shotNames().join(QStringLiteral(", "))));
            return false;
        }
    for (const Scene& scene : scenes) {
        if (!only.isEmpty() && !only.contains(QLatin1String(scene.name))) continue;
        begin(window);
        if (!scene.shoot(window, folder)) return false;
    }
    return true;
}

}  // namespace rook::app
