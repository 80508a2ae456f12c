#include <QAbstractButton>
#include <QApplication>
#include <QKeyEvent>

#include "app/shell/shots_detail.h"
#include "app/steps/kit/view_aslant.h"

namespace rook::app::detail {

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
