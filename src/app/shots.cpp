#include "app/shots.h"

#include <QApplication>
#include <QDir>
#include <QElapsedTimer>
#include <QLineEdit>
#include <QMouseEvent>
#include <QPushButton>
#include <cstdio>

namespace rook::app {

namespace {

/// Lets events run until reach is solved and the board is painted whole.
void settle(MainWindow& window) {
    QElapsedTimer timer;
    timer.start();
    const auto isSettled = [&] {
        const LevelId id = window.session().level()->id;
        return window.session().isProofCurrent(id) && window.session().isPlanCurrent(id) &&
               !window.session().isWriting() && window.board().isComplete() &&
               timer.elapsed() > 150;
    };
    while (!isSettled() && timer.elapsed() < 10000)
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

View closeView(double scale, QPointF offset) {
    View view;
    view.zoomAt({}, scale / view.scale());
    view.setOffset(offset);
    return view;
}

}  // namespace

bool writeShots(MainWindow& window, const QString& folder) {
    if (!QDir().mkpath(folder)) {
        std::fprintf(stderr, "rookplot-desk: The folder cannot be made (%s). Choose another one.\n",
                     qPrintable(folder));
        return false;
    }
    Session& session = window.session();
    Board& board = window.board();
    window.resize(1280, 800);
    window.setNight(false);
    session.setStep(Step::Shape);
    settle(window);

    // Sketch, with a bead of the main route selected.
    session.setStep(Step::Sketch);
    session.setSketchTool(SketchTool::Route);
    board.setView(closeView(1.05, {300, 110}));
    Selection bead;
    bead.bead = 1;
    session.select(bead);
    bool isFine = shoot(window, folder, QStringLiteral("sketch-day"));
    session.setStep(Step::Shape);

    // Shape, in the middle of drawing a box of planking.
    board.setView(closeView(1.5, {0, 200}));
    session.setShapeTool(ShapeTool::Box);
    ToolOptions options = session.options();
    options.matter = session.project().findMatter("plank").value_or(level::MatterId{1});
    session.setOptions(options);
    const QPointF from = board.view().toWidget(PxPoint{20 * 16 + 8, 20 * 16 + 8});
    const QPointF to = board.view().toWidget(PxPoint{24 * 16 + 8, 20 * 16 + 8});
    movePointer(board, from, Qt::NoButton, QEvent::MouseMove, Qt::NoButton);
    movePointer(board, from, Qt::LeftButton, QEvent::MouseButtonPress, Qt::LeftButton);
    movePointer(board, to, Qt::LeftButton, QEvent::MouseMove, Qt::NoButton);
    isFine = isFine && shoot(window, folder, QStringLiteral("shape-day"));
    board.cancel();
    movePointer(board, to, Qt::NoButton, QEvent::MouseButtonRelease, Qt::LeftButton);

    session.setStep(Step::Cast);
    Selection selection;
    selection.entities = {EntityId{"lantern-1"}};
    options.kind = KindId{"lantern"};
    session.setOptions(options);
    session.select(selection);
    isFine = isFine && shoot(window, folder, QStringLiteral("cast-day"));

    session.setStep(Step::Prove);
    board.fitLevel();
    isFine = isFine && shoot(window, folder, QStringLiteral("prove-day"));
    window.setNight(true);
    session.setStep(Step::Sketch);
    session.setSketchTool(SketchTool::Thing);
    board.setView(closeView(1.25, {780, 150}));
    isFine = isFine && shoot(window, folder, QStringLiteral("sketch-night"));
    session.setStep(Step::Prove);
    board.fitLevel();
    session.chooseLevel(LevelId{"leaky-reach"});
    isFine = isFine && shoot(window, folder, QStringLiteral("prove-night"));
    session.chooseLevel(LevelId{"intake"});
    session.setStep(Step::Shape);
    board.setView(closeView(1.25, {700, 140}));
    isFine = isFine && shoot(window, folder, QStringLiteral("shape-night"));

    window.setNight(false);
    options = session.options();
    options.showsSolids = options.showsOtherShapes = true;
    session.setOptions(options);
    board.setView(closeView(0.9, {560, 20}));
    isFine = isFine && shoot(window, folder, QStringLiteral("collision-day"));
    options.showsSolids = options.showsOtherShapes = false;
    session.setOptions(options);
    board.setView(closeView(1.5, {0, 200}));
    session.setStep(Step::Skin);
    isFine = isFine && shoot(window, folder, QStringLiteral("skin-day"));
    session.setStep(Step::Ship);
    board.fitLevel();
    if (auto* target = window.findChild<QLineEdit*>(QStringLiteral("export-folder")))
        target->setText(QDir::tempPath() + QStringLiteral("/rookplot-shots/lantern-weir"));
    if (auto* write = window.findChild<QPushButton*>(QStringLiteral("export"))) write->click();
    isFine = isFine && shoot(window, folder, QStringLiteral("ship-day"));

    // Walk, a second and a half to the right with one jump.
    session.setStep(Step::Shape);
    board.setView(closeView(1.5, {0, 200}));
    board.startWalk(false);
    QKeyEvent right(QEvent::KeyPress, Qt::Key_D, Qt::NoModifier);
    QApplication::sendEvent(&board, &right);
    QElapsedTimer timer;
    timer.start();
    bool hasJumped = false;
    while (timer.elapsed() < 1500) {
        QApplication::processEvents(QEventLoop::AllEvents, 10);
        if (hasJumped || timer.elapsed() < 1050) continue;
        hasJumped = true;
        QKeyEvent jump(QEvent::KeyPress, Qt::Key_Space, Qt::NoModifier);
        QApplication::sendEvent(&board, &jump);
    }
    const QString path = QDir(folder).filePath(QStringLiteral("walk-day.png"));
    isFine = isFine && window.grab().save(path);
    board.stopWalk();
    return isFine;
}

}  // namespace rook::app
