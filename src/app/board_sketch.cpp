#include <QLineEdit>
#include <QPainterPath>
#include <QtConcurrent>
#include <cmath>

#include "app/board.h"
#include "app/sketch_painter.h"

namespace rook::app {

namespace {

/// Level px around a mark that its stroke may touch: curves swing out, pencils have a width.
QRectF strokeBounds(const level::Mark& mark) {
    const PxRect bounds = boundsOf(mark);
    const double slack = std::max(bounds.width, bounds.height) / 6.0 + 24;
    return QRectF(bounds.x, bounds.y, bounds.width, bounds.height)
        .adjusted(-slack, -slack, slack, slack);
}

}  // namespace

void Board::followSketch() {
    const level::Sketch& now = m_session.level()->sketch;
    m_underlay->show(now.underlay);
    previewLaying();
    const level::Sketch former = std::exchange(m_shownSketch, now);
    const auto isSameSheet = [](const level::Leaf& a, const level::Leaf& b) {
        return a.opacity == b.opacity && a.isShown == b.isShown;
    };
    bool isSameStack = now.leaves.size() == former.leaves.size();
    for (std::size_t i = 0; isSameStack && i < now.leaves.size(); ++i)
        isSameStack = isSameSheet(now.leaves[i], former.leaves[i]);
    if (!isSameStack) return m_leafImages.clear();
    for (std::size_t i = 0; i < now.leaves.size(); ++i) {
        const auto& a = now.leaves[i].marks;
        const auto& b = former.leaves[i].marks;
        if (a.isSharedWith(b)) continue;
        // What is equal at both ends stays; all between is drawn anew.
        std::size_t first = 0;
        const std::size_t fewer = std::min(a.size(), b.size());
        while (first < fewer && a[first] == b[first])
            ++first;
        std::size_t last = 0;
        while (last < fewer - first && a[a.size() - 1 - last] == b[b.size() - 1 - last])
            ++last;
        for (std::size_t m = first; m + last < a.size(); ++m)
            m_leafImages.invalidate(strokeBounds(a[m]));
        for (std::size_t m = first; m + last < b.size(); ++m)
            m_leafImages.invalidate(strokeBounds(b[m]));
    }
}

void Board::previewLaying() {
    m_layPreview = {};
    const level::Level& level = *m_session.level();
    for (const level::MarkId id : m_session.selection().marks)
        if (const level::Mark* mark = findMark(level.sketch, id))
            m_layPreview = m_layPreview.united(cellsOf(*mark, level.cellSize));
    m_layPreview = m_layPreview.clipped(level.cells.bounds());
}

void Board::paintSketch(QPainter& painter, double budgetMs) {
    const bool isUnderShape = m_session.step() == Step::Shape && m_session.options().showsPlan;
    if (!isOnSketch() && !isUnderShape) return;
    const level::Level& level = *m_session.level();
    if (isOnSketch() && level.sketch.underlay)
        m_underlay->paint(painter, *level.sketch.underlay, m_view, rect());
    painter.setOpacity(isUnderShape ? 0.45 : 1);
    const bool isComplete = m_leafImages.paint(
        painter,
        [&level](QPainter& tile, const QRect& target, QPointF origin, double scale) {
            paintLeaves(tile, level.sketch, target, origin, scale);
        },
        m_view, rect(), devicePixelRatioF(), budgetMs, {});
    painter.setOpacity(1);
    m_isComplete = m_isComplete && isComplete;
    if (isUnderShape) return;
    paintProofRun(painter);
    const auto proven = m_session.proven(level.id);
    paintWords(painter, level.sketch, m_view, rect());
    paintRoutes(painter, level, m_view, m_session.routeInHand(), m_session.selection(),
                proven ? proven->plan.get() : nullptr, proven && proven->isPlanCurrent);
    QRectF underlay;
    if (level.sketch.underlay && m_session.selection().hasUnderlay) {
        const QRectF place = placeOf(*level.sketch.underlay);
        underlay = QRectF(m_view.toWidget(place.topLeft()), place.size() * m_view.scale());
    }
    paintCells(painter, m_layPreview, currentTheme().accent, 0.22f,
               QPen(currentTheme().accent, 1.5));
    paintSketchSelection(painter, level.sketch, m_view, m_session.selection(), underlay);
}

void Board::paintProofRun(QPainter& painter) {
    const auto proven = m_session.proven(m_session.level()->id);
    const int route = std::max(0, m_session.routeInHand());
    if (!proven || !proven->plan || std::size_t(route) >= proven->plan->routes.size()) return;
    const auto& run = proven->plan->routes[std::size_t(route)].run;
    if (!run || !proven->isPlanCurrent) return;
    const auto& tables = proven->answer.tables;
    QPolygonF line;
    for (const runtime::Body& body : run->bodies)
        line << m_view.toWidget(
            QPointF(body.x + tables.bodyWidth / 2.0, body.y + tables.bodyHeight / 2.0));
    painter.save();
    painter.setRenderHint(QPainter::Antialiasing);
    QColor tone = currentTheme().accent;
    tone.setAlphaF(0.85f);
    painter.setPen(QPen(tone, 1.4));
    painter.drawPolyline(line);
    // A dot each half second tells the pace.
    painter.setPen(Qt::NoPen);
    painter.setBrush(tone);
    for (qsizetype i = 0; i < line.size(); i += 30)
        painter.drawEllipse(line[i], 2.4, 2.4);
    painter.restore();
}

void Board::ask(const WordsRequest& request) {
    m_words->setText(request.text);
    m_words->setPlaceholderText(request.hint);
    m_words->setAccessibleName(request.hint);
    m_words->resize(230, 28);
    const QPointF at = m_view.toWidget(request.at) + QPointF(8, -14);
    m_words->move(QPointF(std::clamp(at.x(), 4.0, std::max(4.0, width() - 234.0)),
                          std::clamp(at.y(), 4.0, std::max(4.0, height() - 32.0)))
                      .toPoint());
    m_isAsking = true;
    m_words->show();
    m_words->setFocus();
    m_words->selectAll();
}

void Board::takeWords() {
    if (!std::exchange(m_isAsking, false)) return;
    const bool hadFocus = m_words->hasFocus();
    m_words->hide();
    if (hadFocus) setFocus();
    follow(m_tool->write(inputAt(m_pointer, {}), m_words->text()));
}

void Board::mirror(bool isSideways) {
    const auto& marks = m_session.selection().marks;
    if (marks.empty()) return m_session.say(tr("Select some marks first (G), then mirror."));
    m_session.apply(mirrorMarks(*m_session.level(), marks, isSideways));
}

void Board::group() {
    const auto& marks = m_session.selection().marks;
    if (marks.size() < 2) return m_session.say(tr("Select two marks or more first (G)."));
    m_session.apply(groupMarks(*m_session.level(), marks));
}

void Board::pasteMarks(const std::vector<level::Mark>& marks, int dx, int dy) {
    const auto edit =
        addCopies(*m_session.level(), std::max(0, m_session.leafInHand()), marks, dx, dy);
    if (!edit) return m_session.say(QString::fromStdString(edit.error().sentence()));
    m_session.apply(*edit);
    const int leaf = std::max(0, m_session.leafInHand());
    const auto& list = m_session.level()->sketch.leaves[std::size_t(leaf)].marks;
    Selection selection;
    for (std::size_t i = list.size() - marks.size(); i < list.size(); ++i)
        selection.marks.push_back(list[i].id);
    m_session.setSketchTool(SketchTool::Select);
    m_session.select(selection);
}

void Board::placeUnderlay(const QString& file) {
    m_session.say(tr("Reading the picture …"));
    const LevelId id = m_session.level()->id;
    QtConcurrent::run([file, bounds = m_session.level()->boundsPx()] {
        return readUnderlay(file, bounds);
    }).then(this, [this, id](const Result<level::Underlay>& underlay) {
        if (!underlay) return m_session.say(QString::fromStdString(underlay.error().sentence()));
        if (m_session.level()->id != id) m_session.chooseLevel(id);
        if (m_session.level()->id != id) return;
        m_session.apply(setUnderlay(*m_session.level(), *underlay, "Place an underlay"));
        m_session.say(tr("Placed the picture. Drag it with Select; Scale fits it to the cells."));
        if (!isOnSketch()) return;
        m_session.setSketchTool(SketchTool::Select);
        Selection selection;
        selection.hasUnderlay = true;
        m_session.select(selection);
    });
}

}  // namespace rook::app
