#include "app/steps/kit/axon_solids.h"

#include <algorithm>

#include "app/ui/theme.h"
#include "kit/mesh.h"

namespace rook::app {

namespace {

struct Seen {
    QPolygonF outline;
    double nearness = 0;
    int lightness = 100;
};

/// The faces of a solid that look to the eye.
std::vector<Seen> facesSeen(const level::Kit& kit, const level::Solid& solid,
                            const AxonSolids::ToWidget& toWidget) {
    std::vector<Seen> seen;
    const double width = exact(kit.width).toDouble();
    const double depth = exact(kit.depth).toDouble();
    const double ground = exact(kit.storey).toDouble() * solid.storey;
    for (const kit::Face& face : kit::facesOf(kit, solid)) {
        Seen each;
        for (const kit::Point3& corner : face.corners) {
            const double x = solid.x.toDouble() + corner.x / width;
            const double y = solid.y.toDouble() + corner.y / depth;
            each.outline << toWidget(x, y, ground + corner.z);
            each.nearness += (x + y + corner.z / width) / double(face.corners.size());
        }
        const QPointF u = each.outline[1] - each.outline[0];
        const QPointF v = each.outline[2] - each.outline[0];
        if (u.x() * v.y() - u.y() * v.x() >= 0) continue;
        const kit::Point3 normal =
            crossed(face.corners[2] - face.corners[0], face.corners[1] - face.corners[0]);
        const double length = std::max(1e-9, lengthOf(normal));
        each.lightness = int(86 + 24 * normal.z / length + 10 * normal.x / length);
        seen.push_back(std::move(each));
    }
    std::stable_sort(seen.begin(), seen.end(),
                     [](const Seen& a, const Seen& b) { return a.nearness < b.nearness; });
    return seen;
}

}  // namespace

AxonSolids::AxonSolids(const level::Kit& kit, const level::Level& level, int highestStorey)
    : m_kit(kit) {
    for (const level::Solid& solid : level.solids) {
        if (solid.storey > highestStorey) continue;
        const CellRect modules = kit::boundsOf(solid);
        m_items.push_back({&solid, solid.storey, modules.right() + modules.bottom() - 2});
    }
    std::stable_sort(m_items.begin(), m_items.end(), [](const Item& a, const Item& b) {
        return std::pair(a.storey, a.front) < std::pair(b.storey, b.front);
    });
}

void AxonSolids::paintBehind(QPainter& painter, int storey, CellPoint module,
                             const ToWidget& toWidget) {
    while (m_next < m_items.size() && std::pair(m_items[m_next].storey, m_items[m_next].front) <
                                          std::pair(storey, module.x + module.y))
        paint(painter, *m_items[m_next++].solid, toWidget);
}

void AxonSolids::paintRest(QPainter& painter, const ToWidget& toWidget) {
    while (m_next < m_items.size())
        paint(painter, *m_items[m_next++].solid, toWidget);
}

void AxonSolids::paint(QPainter& painter, const level::Solid& solid,
                       const ToWidget& toWidget) const {
    QColor tone{QLatin1String(kit::solidColor)};
    if (currentTheme().isNight) tone = tone.darker(170);
    painter.setPen(QPen(tone.darker(150), 0.8));
    for (const Seen& face : facesSeen(m_kit, solid, toWidget)) {
        painter.setBrush(tone.lighter(face.lightness));
        painter.drawPolygon(face.outline);
    }
    painter.setBrush(Qt::NoBrush);
}

void AxonSolids::paintOutline(QPainter& painter, const level::Kit& kit, const level::Solid& solid,
                              const QColor& tone, const ToWidget& toWidget) {
    QColor wash = tone;
    wash.setAlphaF(0.2f);
    painter.setPen(QPen(tone, 1.6));
    painter.setBrush(wash);
    for (const Seen& face : facesSeen(kit, solid, toWidget))
        painter.drawPolygon(face.outline);
    painter.setBrush(Qt::NoBrush);
}

}  // namespace rook::app
