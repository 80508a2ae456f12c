#include <QAbstractButton>
#include <QApplication>
#include <QKeyEvent>
#include <QMouseEvent>

#include "app/shell/shots_detail.h"
#include "app/steps/kit/depth_view.h"
#include "app/steps/kit/view_aslant.h"

namespace rook::app::detail {

namespace {

/// The cellar of the quay, blocked out, with a face of its room that is just pulled.
bool shootPull(MainWindow& window, const QString& folder) {
    Session& session = window.session();
    auto* view = window.findChild<DepthView*>();
    if (!view) return true;
    session.workbench.chooseTool("solid");
    const auto& solids = session.document.level()->solids;
    if (solids.empty()) return true;
    Selection selection;
    selection.pieces = {solids[0].id};
    session.workbench.select(selection);
    view->setCutQuarters(3);
    settle(window);
    trigger(window, "fit-action");
    view->zoomBy(1.7);
    settle(window);
    const level::Kit& kit = *session.document.project().kitOf(*session.document.level());
    const kit::ExactBox box = kit::boxOf(kit, solids[0]);
    const double across = exact(kit.width).toDouble(), down = exact(kit.depth).toDouble();
    const kit::Point3 at{(box.place.left.toDouble() + 3.6) * across,
                         box.place.bottom.toDouble() * down, 0.4};
    view->bringIntoView(
        {int(box.place.left.toDouble() * 32), int(box.place.top.toDouble() * 32), 160, 160});
    settle(window);
    const auto send = [&](QEvent::Type type, const kit::Point3& place) {
        const QPointF px = view->toWidget(place).value_or(QPointF());
        QMouseEvent event(type, px, view->mapToGlobal(px), Qt::LeftButton,
                          type == QEvent::MouseButtonRelease ? Qt::NoButton : Qt::LeftButton, {});
        QApplication::sendEvent(view, &event);
    };
    send(QEvent::MouseButtonPress, at);
    send(QEvent::MouseMove, {at.x, at.y + down, at.z});
    const bool isFine = shoot(window, folder, QStringLiteral("kit-pull-day"));
    send(QEvent::MouseButtonRelease, {at.x, at.y + down, at.z});
    session.document.undo();
    view->setCutQuarters(8);
    return isFine;
}

}  // namespace

bool shootDepth(MainWindow& window, const QString& folder) {
    Session& session = window.session();
    auto* aslant = window.findChild<ViewAslant*>();
    const auto press = [&](const char* name) {
        if (auto* chip = window.findChild<QAbstractButton*>(QLatin1String(name))) chip->click();
    };
    session.workbench.chooseTool("select");
    for (const level::PlacedPiece& placed : session.document.level()->pieces)
        if (placed.piece == "stairs") {
            Selection selection;
            selection.pieces = {placed.id};
            session.workbench.select(selection);
        }
    settle(window);
    press("depth-parallel");
    trigger(window, "fit-action");
    aslant->zoomBy(1.5);
    bool isFine = shoot(window, folder, QStringLiteral("kit-depth-day"));
    press("depth-parallel");
    isFine = isFine && shootPull(window, folder);
    trigger(window, "fit-action");
    session.workbench.select({});
    trigger(window, "walk-action");
    press("walk-at-eye");
    // Towards the door.
    for (int i = 0; i < 6; ++i) {
        QKeyEvent turn(QEvent::KeyPress, Qt::Key_Right, Qt::ControlModifier);
        QApplication::sendEvent(aslant, &turn);
    }
    isFine = isFine && shoot(window, folder, QStringLiteral("kit-walk-day"));
    press("walk-afar");
    window.board().stopWalk();
    session.workbench.chooseTool("place");
    trigger(window, "fit-action");
    return isFine;
}

}  // namespace rook::app::detail
