#include "app/painting/flags.h"

#include <QPainter>
#include <QPainterPath>
#include <algorithm>

#include "app/ui/theme.h"

namespace rook::app {

void paintFlag(QPainter& painter, QSize size, QPointF corner, const QString& text,
               const QColor& tone) {
    painter.setFont(sizedFont(-2, QFont::DemiBold));
    const QRectF words = painter.fontMetrics().boundingRect(text);
    QRectF flag(corner, words.size() + QSizeF(10, 4));
    flag.moveLeft(std::clamp(flag.left(), 4.0, std::max(4.0, size.width() - flag.width() - 4)));
    flag.moveTop(std::clamp(flag.top(), 4.0, std::max(4.0, size.height() - flag.height() - 4)));
    QColor ground = currentTheme().paper;
    ground.setAlphaF(0.9f);
    painter.fillRect(flag, ground);
    painter.setPen(tone);
    painter.drawText(flag, Qt::AlignCenter, text);
}

CellRect cellsInSight(const View& view, QSize size, const CellRect& level, CellSize cell) {
    const PxPoint from = view.toLevelPx(QPointF(0, 0));
    const PxPoint to = view.toLevelPx(QPointF(size.width(), size.height()));
    return CellRect::spanning(toCell(from, cell), toCell(to, cell)).intersected(level);
}

void paintCells(QPainter& painter, const View& view, QSize size, CellSize cell,
                const CellRect& seen, const level::CellRegion& region, const QColor& tone,
                float opacity, const QPen& outline) {
    // A path is smooth but slow; very many runs are washed one by one, or only framed.
    constexpr std::size_t mostInPath = 400;
    constexpr std::size_t mostRuns = 20000;
    const auto& all = region.runs();
    const auto from = std::lower_bound(all.begin(), all.end(), level::CellRun{seen.y, 0, 0});
    const auto to = std::lower_bound(from, all.end(), level::CellRun{seen.bottom(), 0, 0});
    const std::span<const level::CellRun> runs(from, to);
    if (runs.empty()) return;
    QColor wash = tone;
    wash.setAlphaF(opacity);
    painter.setPen(outline);
    painter.setBrush(Qt::NoBrush);
    const auto boxOf = [&](const CellRect& rect) { return view.toWidget(toPx(rect, cell)); };
    if (runs.size() > mostRuns) return painter.drawRect(boxOf(region.bounds()));
    QPainterPath path;
    path.setFillRule(Qt::WindingFill);
    const QRectF area(0, 0, size.width(), size.height());
    for (const level::CellRun& run : runs) {
        const QRectF part = boxOf({run.x, run.y, run.count, 1});
        if (!part.intersects(area)) continue;
        if (runs.size() > mostInPath)
            painter.fillRect(part, wash);
        else
            path.addRect(part);
    }
    painter.fillPath(path, wash);
    painter.drawPath(path.simplified());
}

}  // namespace rook::app
