#include "app/steps/prove/kit_prove_on_board.h"
#include <QPainter>

#include "app/board/board.h"

namespace rook::app {

/// Modules that are reached, from which one cannot finish, and the way to the first exit.
void KitProveOnBoard::paintReach(QPainter& painter) {
    const auto known = m_session.runs.shown();
    if (!known || !known->answer.onKit()) return;
    const reach::KitAnswer& answer = *known->answer.onKit();
    const Theme& theme = currentTheme();
    const CellSize cell = level().cellSize;
    const auto& patches = answer.graph.patches();
    const int storey = m_session.workbench.storey();
    for (std::size_t i = 0; i < patches.size(); ++i) {
        if (patches[i].spot.storey != storey || !answer.reach.reached[i]) continue;
        const kit::ExactRect place = patches[i].place();
        const QPointF corner(place.left.toDouble() * cell.width,
                             place.top.toDouble() * cell.height);
        const QPointF end(place.right.toDouble() * cell.width,
                          place.bottom.toDouble() * cell.height);
        const QRectF box(view().toWidget(corner), view().toWidget(end));
        QColor wash = answer.reach.trapped[i] ? theme.caution : theme.accent;
        wash.setAlphaF(0.22f);
        painter.fillRect(box, wash);
        if (answer.reach.trapped[i]) painter.fillRect(box, QBrush(theme.caution, Qt::BDiagPattern));
    }
    // To the module that is pointed at, else to the exit.
    const int pointed =
        m_board.hasPointer()
            ? answer.graph.patchUnder(kit::inModules(level(), m_board.pointerPx()), storey)
            : -1;
    std::vector<int> shown;
    if (pointed >= 0) shown = answer.reach.wayTo(pointed);
    for (const kit::KitGoal& goal : answer.reach.goals)
        if (shown.empty() && goal.role == level::Role::Exit) shown = goal.way;
    if (!shown.empty()) {
        painter.setRenderHint(QPainter::Antialiasing);
        for (std::size_t i = 0; i + 1 < shown.size(); ++i) {
            const kit::Patch& a = patches[std::size_t(shown[i])];
            const kit::Patch& b = patches[std::size_t(shown[i + 1])];
            const bool isHere = a.spot.storey == storey || b.spot.storey == storey;
            painter.setPen(
                QPen(theme.plum, isHere ? 2.4 : 1.2, isHere ? Qt::SolidLine : Qt::DotLine));
            const auto middle = [&](const kit::Patch& patch) {
                const auto [x, y] = patch.middle();
                return view().toWidget(QPointF(x * cell.width, y * cell.height));
            };
            painter.drawLine(middle(a), middle(b));
        }
        painter.setRenderHint(QPainter::Antialiasing, false);
    }
}

}  // namespace rook::app
