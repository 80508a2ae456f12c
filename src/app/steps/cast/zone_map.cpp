#include "app/steps/cast/zone_map.h"

#include <QMouseEvent>
#include <QPainter>

#include "app/ui/theme.h"
#include "level/zone_edits.h"

namespace rook::app {

namespace {
constexpr int mapWidth = 252;   // px, of what a section of the margin has
constexpr int mapHeight = 150;  // px at most
}  // namespace

ZoneMap::ZoneMap(Session& session, QWidget* parent) : QWidget(parent), m_session(session) {
    setObjectName(QStringLiteral("zone-map"));
    setAccessibleName(tr("Map of the zones"));
    setToolTip(
        tr("Green: bodies cross there; plum: only with an ability. A click chooses a zone."));
}

double ZoneMap::scale() const {
    const PxRect level = m_session.document.level()->boundsPx();
    return std::min(double(mapWidth) / level.width, double(mapHeight) / level.height);
}

QSize ZoneMap::sizeHint() const {
    const PxRect level = m_session.document.level()->boundsPx();
    return {mapWidth, int(level.height * scale()) + 2};
}

void ZoneMap::refresh() {
    setVisible(!m_session.document.level()->zones.empty());
    setFixedSize(sizeHint());
    update();
}

QRectF ZoneMap::placeOf(const PxRect& px) const {
    const double side = scale();
    return QRectF(px.x * side + 1, px.y * side + 1, px.width * side, px.height * side);
}

void ZoneMap::paintEvent(QPaintEvent*) {
    QPainter painter(this);
    painter.setRenderHint(QPainter::Antialiasing);
    const Theme& theme = currentTheme();
    const level::Level& level = *m_session.document.level();
    painter.fillRect(placeOf(level.boundsPx()), theme.paper);
    painter.setFont(sizedFont(-3));
    for (const level::Zone& zone : level.zones) {
        const QRectF box = placeOf(toPx(zone.place, level.cellSize)).adjusted(1, 1, -1, -1);
        const bool isSelected = m_session.workbench.selection().zone == zone.id;
        QColor wash = theme.plum;
        wash.setAlphaF(isSelected ? 0.28f : 0.12f);
        painter.fillRect(box, wash);
        painter.setPen(QPen(isSelected ? theme.accent : theme.plum, isSelected ? 2 : 1));
        painter.setBrush(Qt::NoBrush);
        painter.drawRect(box);
        painter.setPen(theme.ink);
        painter.drawText(box.adjusted(3, 1, -2, -1), Qt::AlignLeft | Qt::AlignTop,
                         painter.fontMetrics().elidedText(QString::fromStdString(zone.name),
                                                          Qt::ElideRight, int(box.width()) - 5));
    }
    const auto proven = m_session.proofs.of(level.id);
    for (const reach::Crossing& crossing :
         proven ? proven->crossings : std::vector<reach::Crossing>()) {
        const QRectF place = placeOf(crossing.place);
        const QColor tone = crossing.needs == 0 ? theme.accent : theme.plum;
        painter.setPen(QPen(tone, 4, Qt::SolidLine, Qt::RoundCap));
        const bool isAcross = place.width() > place.height();
        if (isAcross)
            painter.drawLine(QPointF(place.left(), place.center().y()),
                             QPointF(place.right(), place.center().y()));
        else
            painter.drawLine(QPointF(place.center().x(), place.top()),
                             QPointF(place.center().x(), place.bottom()));
    }
}

void ZoneMap::mousePressEvent(QMouseEvent* event) {
    const double side = scale();
    const PxPoint px{int((event->position().x() - 1) / side),
                     int((event->position().y() - 1) / side)};
    const level::Level& level = *m_session.document.level();
    if (const level::Zone* zone = level::zoneAt(level, toCell(px, level.cellSize)))
        Q_EMIT chosen(zone->id);
}

TimetableBar::TimetableBar(QWidget* parent) : QWidget(parent) {
    setObjectName(QStringLiteral("timetable-bar"));
    setAccessibleName(tr("When it is on, in each period"));
}

void TimetableBar::setTimes(const std::optional<runtime::Timetable>& times) {
    m_times = times;
    update();
}

void TimetableBar::paintEvent(QPaintEvent*) {
    QPainter painter(this);
    const Theme& theme = currentTheme();
    const QRectF bar(0.5, 3.5, width() - 1, 10);
    painter.fillRect(bar, theme.paper);
    const double period = m_times ? m_times->periodTicks : 1;
    const std::vector<std::pair<int, int>> always{{0, 1}};
    for (const auto& [from, to] : m_times ? m_times->on : always) {
        const QRectF on(bar.left() + bar.width() * from / period, bar.top(),
                        bar.width() * (to - from) / period, bar.height());
        painter.fillRect(on, QBrush(theme.alarm, Qt::DiagCrossPattern));
        painter.setPen(QPen(theme.alarm, 1));
        painter.drawRect(on);
    }
    painter.setPen(theme.rule());
    painter.drawRect(bar);
    // A mark for each second.
    painter.setPen(theme.quietInk);
    for (int tick = 60; m_times && tick < m_times->periodTicks; tick += 60) {
        const double at = bar.left() + bar.width() * tick / period;
        painter.drawLine(QPointF(at, bar.bottom()), QPointF(at, bar.bottom() + 4));
    }
}

}  // namespace rook::app
