#include "app/play/hidden_things.h"

#include <algorithm>

#include "app/ui/theme.h"
#include "app/ui/words.h"
#include "level/zone_edits.h"

namespace rook::app {

namespace {

/// Where the body is, in which phase of which table, and what it holds.
QString stateOf(const Walk& walk) {
    const runtime::Body& body = walk.body();
    const QString stances[] = {tr("standing"), tr("in the air"), tr("climbing"),
                               tr("swimming"), tr("sprung"),     tr("ended")};
    QStringList held;
    for (const std::string& id : walk.heldIds())
        held << QString::fromStdString(id);
    const QString words = tr("%1, %2 · %3 · phase %4 of table %5 · tick %6")
                              .arg(body.x)
                              .arg(body.y)
                              .arg(stances[std::size_t(body.stance)])
                              .arg(body.phase)
                              .arg(body.table)
                              .arg(body.tick);
    return held.isEmpty() ? words : words + tr(" · holds %1").arg(held.join(QStringLiteral(", ")));
}

void paintBodyState(QPainter& painter, const Walk& walk, const View& view, QSize size) {
    const Theme& theme = currentTheme();
    const QRectF box = view.toWidget(
        PxRect{walk.body().x, walk.body().y, walk.tables().bodyWidth, walk.tables().bodyHeight});
    painter.setPen(QPen(theme.ink, 2));
    painter.setBrush(Qt::NoBrush);
    painter.drawRect(box);
    const QString words = stateOf(walk);
    painter.setFont(sizedFont(-2));
    QRectF line = painter.fontMetrics().boundingRect(words);
    line.moveTopLeft({box.left(), box.top() - line.height() - 8});
    line.adjust(-4, -1, 4, 1);
    line.moveLeft(std::clamp(line.left(), 4.0, std::max(4.0, size.width() - line.width() - 4)));
    painter.setPen(Qt::NoPen);
    painter.setBrush(theme.paper);
    painter.drawRect(line);
    painter.setPen(theme.ink);
    painter.drawText(line, Qt::AlignCenter, words);
}

}  // namespace

void paintHidden(QPainter& painter, const level::Level& level, const Walk& walk, const View& view,
                 QSize size) {
    const Theme& theme = currentTheme();
    painter.setBrush(Qt::NoBrush);
    for (const level::Zone& zone : level.zones) {
        painter.setPen(QPen(theme.accent, 1, Qt::DashLine));
        painter.drawRect(view.toWidget(toPx(zone.place, level.cellSize)));
        painter.setPen(QPen(theme.accent, 1, Qt::DotLine));
        painter.drawRect(view.toWidget(cameraOf(level, zone)));
    }
    painter.setPen(QPen(theme.ink, 1));
    const QRectF sight(QPointF{}, QSizeF{size});
    for (const level::Entity& entity : level.entities)
        if (view.toWidget(entity.box).intersects(sight))
            painter.drawRect(view.toWidget(entity.box));
    painter.setPen(QPen(theme.alarm, 1.4, Qt::DotLine));
    for (const runtime::Way& way : walk.world().parts().foes) {
        QPolygonF line;
        for (const auto& [x, y] : way.corners)
            line << view.toWidget(QPointF(x + way.width / 2.0, y + way.height / 2.0));
        painter.drawPolyline(line);
    }
    paintBodyState(painter, walk, view, size);
}

void paintTimesLeft(QPainter& painter, const Walk& walk, const View& view) {
    const runtime::Body& body = walk.body();
    const QRectF box =
        view.toWidget(PxRect{body.x, body.y, walk.tables().bodyWidth, walk.tables().bodyHeight});
    constexpr double width = 36;
    double y = box.top() - 10;
    std::size_t timer = 0;
    for (const runtime::Gain& gain : walk.world().parts().gains) {
        if (gain.lastsTicks == 0 || timer >= runtime::mostTimers) continue;
        const int left = body.ticksLeft[timer++];
        if (left == 0) continue;
        const QRectF whole(box.center().x() - width / 2, y, width, 5);
        painter.setPen(QPen(currentTheme().ink, 1));
        painter.setBrush(currentTheme().paper);
        painter.drawRect(whole);
        painter.setPen(Qt::NoPen);
        painter.setBrush(currentTheme().plum);
        painter.drawRect(QRectF(whole.left() + 1, whole.top() + 1,
                                (width - 2) * left / gain.lastsTicks, whole.height() - 2));
        y -= 8;
    }
}

}  // namespace rook::app
