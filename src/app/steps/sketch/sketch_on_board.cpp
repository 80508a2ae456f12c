#include "app/steps/sketch/sketch_on_board.h"
#include <QPainter>

#include "app/board/board.h"
#include "app/painting/sketch_painter.h"
#include "app/steps/sketch/sketch_options.h"
#include "app/ui/words.h"
#include "level/sketch_edits.h"

namespace rook::app {

SketchOnBoard::SketchOnBoard(Board& board) : BoardStep(board), m_underlay(nullptr) {
    QObject::connect(&m_underlay, &UnderlayImages::changed, &board, [this] { update(); });
}

void SketchOnBoard::followDocument() {
    m_underlay.show(underlay());
    m_plan.follow(level().sketch);
    previewLaying();
}

const level::Underlay* SketchOnBoard::underlay() const {
    return level().sketch.underlayOn(m_session.workbench.storey());
}

void SketchOnBoard::previewLaying() {
    m_layPreview = {};
    const level::Level& level = this->level();
    for (const level::MarkId id : selection().marks)
        if (const level::Mark* mark = findMark(level.sketch, id))
            m_layPreview = m_layPreview.united(cellsOf(*mark, level.cellSize));
    m_layPreview = m_layPreview.clipped(level.cells.bounds());
}

bool SketchOnBoard::paintUnder(QPainter& painter, double budgetMs) {
    const level::Sketch& sketch = level().sketch;
    // The storey may be another one by now.
    m_underlay.show(underlay());
    if (underlay()) m_underlay.paint(painter, *underlay(), view(), area());
    const bool isComplete =
        m_plan.paint(painter, sketch, view(), area(), m_board.devicePixelRatioF(), budgetMs);
    paintProofRun(painter);
    const auto known = proven();
    paintWords(painter, sketch, view(), area());
    paintRoutes(painter, level(), view(), routeInHand(m_session.workbench.options(), level()),
                selection(), known ? known->plan.get() : nullptr, known && known->isPlanCurrent);
    QRectF seen;
    if (underlay() && selection().hasUnderlay) {
        const QRectF place = placeOf(*underlay());
        seen = QRectF(view().toWidget(place.topLeft()), place.size() * view().scale());
    }
    m_board.paintCells(painter, m_layPreview, currentTheme().accent, 0.22f,
                       QPen(currentTheme().accent, 1.5));
    paintSketchSelection(painter, sketch, view(), selection(), seen);
    return isComplete;
}

void SketchOnBoard::paintProofRun(QPainter& painter) {
    const auto known = proven();
    const int route = std::max(0, routeInHand(m_session.workbench.options(), level()));
    if (!known || !known->plan || std::size_t(route) >= known->plan->routes.size()) return;
    const check::RouteReport& report = known->plan->routes[std::size_t(route)];
    if (!report.isFollowed() || !known->isPlanCurrent) return;
    QPolygonF line;
    if (report.run) {
        const auto& tables = known->answer.onCells().tables;
        for (const runtime::Body& body : report.run->bodies)
            line << view().toWidget(
                QPointF(body.x + tables.bodyWidth / 2.0, body.y + tables.bodyHeight / 2.0));
    }
    const CellSize cell = level().cellSize;
    for (const kit::Spot& spot : report.way)
        line << view().toWidget(
            QPointF((spot.at.x + 0.5) * cell.width, (spot.at.y + 0.5) * cell.height));
    painter.save();
    painter.setRenderHint(QPainter::Antialiasing);
    QColor tone = currentTheme().accent;
    tone.setAlphaF(0.85f);
    painter.setPen(QPen(tone, 1.4));
    painter.drawPolyline(line);
    // A dot each half second tells the pace; of pieces, one a module.
    painter.setPen(Qt::NoPen);
    painter.setBrush(tone);
    for (qsizetype i = 0; i < line.size(); i += report.run ? 30 : 1)
        painter.drawEllipse(line[i], 2.4, 2.4);
    painter.restore();
}

void SketchOnBoard::copy() {
    m_copied.clear();
    for (const level::MarkId id : selection().marks)
        if (const level::Mark* mark = findMark(level().sketch, id)) m_copied.push_back(*mark);
    m_session.say(
        m_copied.empty()
            ? tr("Select some marks first (G), then copy.")
            : tr("Copied %1.").arg(counted(qsizetype(m_copied.size()), tr("mark"), tr("marks"))));
}

void SketchOnBoard::cut() {
    copy();
    if (!m_copied.empty()) removeSelected();
}

void SketchOnBoard::paste() {
    if (m_copied.empty())
        return m_session.say(tr("There is nothing to paste yet: copy some marks first."));
    PxRect bounds;
    for (const level::Mark& mark : m_copied)
        bounds = bounds.united(boundsOf(mark));
    const PxPoint at = m_board.placeForPaste();
    pasteMarks(m_copied, at.x - bounds.x - bounds.width / 2, at.y - bounds.y - bounds.height / 2);
}

void SketchOnBoard::duplicate() {
    std::vector<level::Mark> marks;
    for (const level::MarkId id : selection().marks)
        marks.push_back(*findMark(level().sketch, id));
    if (!marks.empty()) pasteMarks(marks, level().cellSize.width, level().cellSize.height);
}

bool SketchOnBoard::nudge(int dx, int dy, bool byPx) {
    const Selection selection = this->selection();
    const int stepX = dx * (byPx ? 1 : level().cellSize.width);
    const int stepY = dy * (byPx ? 1 : level().cellSize.height);
    const int index = routeInHand(m_session.workbench.options(), level());
    if (!selection.marks.empty()) {
        m_session.document.apply(moveMarks(level(), selection.marks, stepX, stepY));
    } else if (selection.hasUnderlay && underlay()) {
        level::Underlay moved = *underlay();
        moved.corner = {moved.corner.x + stepX, moved.corner.y + stepY};
        m_session.document.apply(setUnderlay(level(), moved, "Move the underlay"));
    } else if (selection.wayPoint && index >= 0) {
        level::Route route = level().sketch.routes[std::size_t(index)];
        PxPoint& point = route.points[std::size_t(*selection.wayPoint)];
        point = {point.x + stepX, point.y + stepY};
        m_session.document.apply(changeRoute(level(), index, route, "Bend " + route.name));
    } else {
        return BoardStep::nudge(dx, dy, byPx);
    }
    return true;
}

void SketchOnBoard::selectAll() {
    m_session.workbench.chooseTool("select");
    Selection selection;
    for (const level::Leaf& leaf : level().sketch.leaves)
        for (const level::Mark& mark : leaf.marks)
            if (leaf.isShown && !leaf.isLocked) selection.marks.push_back(mark.id);
    m_session.workbench.select(selection);
}

void SketchOnBoard::turn(level::Turning turning) {
    const bool isSideways = turning == level::Turning::MirrorSideways;
    if (isSideways || turning == level::Turning::MirrorTopToBottom) mirror(isSideways);
}

void SketchOnBoard::mirror(bool isSideways) {
    const auto& marks = selection().marks;
    if (marks.empty()) return m_session.say(tr("Select some marks first (G), then mirror."));
    m_session.document.apply(mirrorMarks(level(), marks, isSideways));
}

void SketchOnBoard::group() {
    const auto& marks = selection().marks;
    if (marks.size() < 2) return m_session.say(tr("Select two marks or more first (G)."));
    m_session.document.apply(groupMarks(level(), marks));
}

void SketchOnBoard::pasteMarks(const std::vector<level::Mark>& marks, int dx, int dy) {
    const auto edit = addCopies(
        level(), std::max(0, leafInHand(m_session.workbench.options(), level())), marks, dx, dy);
    if (!edit) return m_session.say(told(edit.error()));
    m_session.document.apply(*edit);
    const int leaf = std::max(0, leafInHand(m_session.workbench.options(), level()));
    const auto& list = level().sketch.leaves[std::size_t(leaf)].marks;
    Selection selection;
    for (std::size_t i = list.size() - marks.size(); i < list.size(); ++i)
        selection.marks.push_back(list[i].id);
    m_session.workbench.chooseTool("select");
    m_session.workbench.select(selection);
}

void SketchOnBoard::removeSelected() {
    const Selection selection = this->selection();
    const level::Level& level = this->level();
    const int index = routeInHand(m_session.workbench.options(), level);
    if (!selection.marks.empty())
        return m_session.document.apply(deleteMarks(level, selection.marks));
    if (selection.hasUnderlay && underlay())
        return m_session.document.apply(removeUnderlay(level, m_session.workbench.storey()));
    if (index < 0 || !(selection.bead || selection.wayPoint)) return;
    level::Route route = level.sketch.routes[std::size_t(index)];
    if (selection.bead) {
        route.beads.erase(route.beads.begin() + *selection.bead);
        return m_session.document.apply(changeRoute(level, index, route, "Take a bead away"));
    }
    if (route.points.size() == 1) return m_session.document.apply(removeRoute(level, index));
    m_session.document.apply(changeRoute(level, index, withoutWayPoint(route, *selection.wayPoint),
                                         "Take a way point away"));
}

}  // namespace rook::app
