#include "app/steps/skin/fade_lines.h"

#include <cmath>

#include "app/ui/theme.h"
#include "app/ui/words.h"
#include "level/look_edits.h"
#include "level/tile_edits.h"

namespace rook::app {

namespace {

constexpr double handleRadius = 7;  // widget px

bool isUpright(const level::FadeLine& line) {
    return line.beyond == level::Facing::Left || line.beyond == level::Facing::Right;
}

}  // namespace

std::vector<FadeLines::Shown> FadeLines::lines(int layer) const {
    const level::Level& level = *m_session.document.level();
    std::vector<Shown> found;
    const auto add = [&](Shown shown) {
        if (m_dragged && m_dragged->layer == shown.layer && m_dragged->picture == shown.picture)
            shown.line = m_dragged->line;
        found.push_back(std::move(shown));
    };
    if (layer >= 0 && level.layers[std::size_t(layer)].fadeLine)
        add({*level.layers[std::size_t(layer)].fadeLine, layer, 0,
             QString::fromStdString(level.layers[std::size_t(layer)].name)});
    const level::Backdrop* backdrop = m_session.document.project().findBackdrop(level.backdrop);
    for (std::size_t i = 0; backdrop && i < backdrop->pictures.size(); ++i)
        if (const level::Picture& picture = backdrop->pictures[i];
            picture.isFront && picture.fadeLine)
            add({*picture.fadeLine, -1, i, QString::fromStdString(picture.name)});
    return found;
}

QLineF FadeLines::onBoard(const level::FadeLine& line, const View& view) const {
    const PxRect bounds = m_session.document.level()->boundsPx();
    return isUpright(line) ? QLineF(view.toWidget(PxPoint{line.at, 0}),
                                    view.toWidget(PxPoint{line.at, bounds.height}))
                           : QLineF(view.toWidget(PxPoint{0, line.at}),
                                    view.toWidget(PxPoint{bounds.width, line.at}));
}

/// In the middle of the part that is seen, so that one need not scroll for it.
QPointF FadeLines::handle(const level::FadeLine& line, const View& view, const QRectF& seen) const {
    const QLineF all = onBoard(line, view);
    const double x = (std::max(all.x1(), seen.left()) + std::min(all.x2(), seen.right())) / 2;
    const double y = (std::max(all.y1(), seen.top()) + std::min(all.y2(), seen.bottom())) / 2;
    return isUpright(line) ? QPointF(all.x1(), y) : QPointF(x, all.y1());
}

QPointF FadeLines::handleOf(std::size_t n, const View& view, const QRectF& seen, int layer) const {
    return handle(lines(layer).at(n).line, view, seen);
}

void FadeLines::paint(QPainter& painter, const View& view, const QRectF& seen, int layer) const {
    const Theme& theme = currentTheme();
    for (const Shown& shown : lines(layer)) {
        const QLineF line = onBoard(shown.line, view);
        const PxPoint way = level::directionOf(shown.line.beyond);
        painter.setPen(QPen(theme.plum, 2, Qt::DashLine));
        painter.drawLine(line);
        // Small strokes on the side on which it fades.
        const QPointF aside(way.x * 7.0, way.y * 7.0);
        painter.setPen(QPen(theme.plum, 1.5));
        for (double done = 12; done < line.length(); done += 24) {
            const QPointF at = line.pointAt(done / line.length());
            painter.drawLine(at, at + aside);
        }
        const QPointF middle = handle(shown.line, view, seen);
        painter.setBrush(theme.paper);
        painter.setPen(QPen(theme.plum, 2));
        const QPointF point(handleRadius, 0), other(0, handleRadius);
        painter.drawPolygon(
            QPolygonF({middle - point, middle - other, middle + point, middle + other}));
        const QString words = tr("%1 fades, %2 px").arg(shown.name).arg(shown.line.at);
        painter.setFont(sizedFont(-1));
        QRectF box(QPointF(), QSizeF(painter.fontMetrics().size(0, words)) + QSizeF(8, 2));
        box.moveCenter(middle);
        box.moveLeft(middle.x() + handleRadius + 5);
        if (!isUpright(shown.line))
            box.moveTop(way.y > 0 ? middle.y() - box.height() - 4 : middle.y() + 4);
        painter.fillRect(box, theme.paper);
        painter.drawText(box, Qt::AlignCenter, words);
    }
    painter.setBrush(Qt::NoBrush);
}

bool FadeLines::press(QPointF at, const View& view, const QRectF& seen, int layer) {
    for (const Shown& shown : lines(layer)) {
        const QPointF apart = handle(shown.line, view, seen) - at;
        if (std::hypot(apart.x(), apart.y()) > handleRadius + 3) continue;
        m_dragged = shown;
        return true;
    }
    return false;
}

bool FadeLines::drag(QPointF at, const View& view) {
    if (!m_dragged) return false;
    const PxRect bounds = m_session.document.level()->boundsPx();
    const PxPoint px = view.toLevelPx(at);
    m_dragged->line.at = isUpright(m_dragged->line) ? std::clamp(px.x, 0, bounds.width)
                                                    : std::clamp(px.y, 0, bounds.height);
    return true;
}

bool FadeLines::release() {
    const auto dragged = std::exchange(m_dragged, std::nullopt);
    if (!dragged) return false;
    const level::Level& level = *m_session.document.level();
    const std::string name =
        tr("Fading of %1 beyond %2 px").arg(dragged->name).arg(dragged->line.at).toStdString();
    if (dragged->layer >= 0 && std::size_t(dragged->layer) < level.layers.size()) {
        level::TileLayer layer = level.layers[std::size_t(dragged->layer)];
        if (layer.fadeLine == dragged->line) return true;
        layer.fadeLine = dragged->line;
        m_session.document.apply(changeLayer(level, dragged->layer, layer, name));
    } else if (const auto* backdrop = m_session.document.project().findBackdrop(level.backdrop);
               backdrop && dragged->layer < 0 && dragged->picture < backdrop->pictures.size()) {
        level::Picture picture = backdrop->pictures[dragged->picture];
        if (picture.fadeLine == dragged->line) return true;
        picture.fadeLine = dragged->line;
        m_session.document.apply(changePicture(m_session.document.project(), level.backdrop,
                                               dragged->picture, picture, name));
    }
    return true;
}

bool FadeLines::cancel() {
    return std::exchange(m_dragged, std::nullopt).has_value();
}

}  // namespace rook::app
