#include "app/tools/jump_ruler.h"

#include <QPainter>

#include "app/painting/flags.h"
#include "app/ui/theme.h"

namespace rook::app {

void paintJumpLine(QPainter& painter, const View& view, QSize size, JumpGuides& guides,
                   const JumpLine& line) {
    const QPointF from = view.toWidget(line.from);
    const QPointF to = view.toWidget(line.to);
    const QPointF corner(to.x(), from.y());
    const Theme& theme = currentTheme();
    QPen quiet(theme.quietInk, 1, Qt::DotLine);
    painter.setPen(quiet);
    painter.drawPolyline(QPolygonF{from, corner, to});
    const JumpWords words = guides.wordsFor(line);
    const QColor tone = words.isMade ? theme.accent : theme.alarm;
    painter.setPen(QPen(tone, 2));
    painter.drawLine(from, to);
    painter.setBrush(theme.paper);
    painter.drawEllipse(from, 3.5, 3.5);
    painter.drawEllipse(to, 3.5, 3.5);
    paintFlag(painter, size, (from + corner) / 2 + QPointF(-20, 6), words.gap, theme.ink);
    if (from.y() != to.y())
        paintFlag(painter, size, (corner + to) / 2 + QPointF(8, -8), words.rise, theme.ink);
    paintFlag(painter, size, to + QPointF(10, -34), words.verdict, tone);
}

}  // namespace rook::app
