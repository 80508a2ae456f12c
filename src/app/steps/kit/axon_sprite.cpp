#include "app/steps/kit/axon_sprite.h"

#include <QPainter>
#include <algorithm>
#include <cmath>

#include "app/ui/theme.h"
#include "kit/placed.h"

namespace rook::app {

using kit::Face;
using kit::FaceSort;
using kit::Point3;

namespace {

constexpr double nearWall = 0.22;   ///< of their height, that walls towards the eye have
constexpr double shadeWidth = 0.2;  ///< modules, of the darker strip along walls

struct Light {
    double left, right, top, slope;
};

QColor shaded(const QColor& color, double by) {
    return QColor::fromRgbF(float(std::min(1.0, color.redF() * by)),
                            float(std::min(1.0, color.greenF() * by)),
                            float(std::min(1.0, color.blueF() * by)));
}

/// A point of a piece as it lies after its turn: modules from the turned footprint's corner.
QPointF turnedPoint(const CellRect& bounds, QPointF p, int turn) {
    const double w = bounds.width;
    const double h = bounds.height;
    switch (turn & 3) {
        case 1:
            return {h - p.y(), p.x()};
        case 2:
            return {w - p.x(), h - p.y()};
        case 3:
            return {p.y(), w - p.x()};
        default:
            return p;
    }
}

struct Drawn {
    QPolygonF polygon;
    QColor color;
    double depth = 0;
};

class SpriteMaker {
public:
    explicit SpriteMaker(const AxonCell& cell)
        : m_cell(cell),
          m_bounds(cell.piece->bounds()),
          m_own(level::turnedCell(m_bounds, cell.piece->cells[cell.cell].at, cell.turn)),
          m_ground(unitsOf(cell.kit->storey) * cell.piece->cells[cell.cell].storey),
          m_color(QString::fromStdString(cell.piece->color)) {
        if (currentTheme().isNight) m_light = {0.52, 0.36, 0.80, 0.68};
    }

    AxonSprite make() {
        for (const Face& face : *m_cell.faces)
            if (face.cell == m_cell.cell) addFace(face);
        std::stable_sort(m_drawn.begin(), m_drawn.end(),
                         [](const Drawn& a, const Drawn& b) { return a.depth < b.depth; });
        addStrips();
        return picture();
    }

private:
    [[nodiscard]] QPointF project(QPointF module, double z) const {
        const double perUnit = axonStretch * m_cell.half / unitsOf(m_cell.kit->width);
        const QPointF p = module - QPointF(m_own.x + 0.5, m_own.y + 0.5);
        return {(p.x() - p.y()) * m_cell.half,
                (p.x() + p.y()) * m_cell.half / 2 - (z - m_ground) * perUnit};
    }

    /// The corners as the piece lies; walls towards the eye are cut low, so that one looks in.
    [[nodiscard]] std::vector<Point3> cornersOf(const Face& face, Point3& middle) const {
        std::vector<Point3> corners;
        for (const Point3& corner : face.corners) {
            const QPointF at = turnedPoint(
                m_bounds,
                {corner.x / unitsOf(m_cell.kit->width), corner.y / unitsOf(m_cell.kit->depth)},
                m_cell.turn);
            corners.push_back({at.x(), at.y(), corner.z});
            middle.x += at.x() / double(face.corners.size());
            middle.y += at.y() / double(face.corners.size());
            middle.z += corner.z / double(face.corners.size());
        }
        const bool isNear =
            face.sort == FaceSort::Wall && (middle.x - m_own.x > 0.85 || middle.y - m_own.y > 0.85);
        if (isNear)
            for (Point3& corner : corners)
                corner.z = m_ground +
                           std::min(corner.z - m_ground, nearWall * unitsOf(m_cell.kit->storey));
        return corners;
    }

    void addFace(const Face& face) {
        Point3 middle;
        const std::vector<Point3> corners = cornersOf(face, middle);
        const double width = unitsOf(m_cell.kit->width);
        const Point3 u{corners[1].x - corners[0].x, corners[1].y - corners[0].y,
                       (corners[1].z - corners[0].z) / width};
        const Point3 v{corners[2].x - corners[0].x, corners[2].y - corners[0].y,
                       (corners[2].z - corners[0].z) / width};
        // The plan's y goes down, so outwards is the other way round than elsewhere.
        const Point3 normal{-(u.y * v.z - u.z * v.y), -(u.z * v.x - u.x * v.z),
                            -(u.x * v.y - u.y * v.x)};
        const double length =
            std::sqrt(normal.x * normal.x + normal.y * normal.y + normal.z * normal.z);
        // Towards the eye, which looks from right, down and above.
        if (length < 1e-9 || normal.x + normal.y + normal.z * 1.2 <= 1e-6) return;
        const double right = std::max(0.0, normal.x);
        const double down = std::max(0.0, normal.y);
        const double up = std::max(0.0, normal.z);
        const double shade = (right * m_light.right + down * m_light.left +
                              up * (face.sort == FaceSort::Slope ? m_light.slope : m_light.top)) /
                             (right + down + up);
        QPolygonF polygon;
        for (const Point3& corner : corners)
            polygon << project({corner.x, corner.y}, corner.z);
        const QColor tone = face.sort == FaceSort::Wall ? shaded(m_color, 0.92) : m_color;
        m_drawn.push_back(
            {polygon, shaded(tone, shade),
             middle.x + middle.y + 0.01 * middle.z + (face.sort == FaceSort::Floor ? -0.6 : 0)});
    }

    /// Contact shade: a darker strip on the floor along walls at the back.
    void addStrips() {
        const level::PieceCell& own = m_cell.piece->cells[m_cell.cell];
        if (own.surface != level::SurfaceSort::Flat) return;
        kit::PlacedCell lies;
        level::PlacedPiece placed;
        placed.turn = m_cell.turn;
        for (const kit::PlacedCell& each : kit::cellsOf(*m_cell.piece, placed))
            if (each.cell == m_cell.cell) lies = each;
        const double floor = m_ground + unitsOf(own.height);
        const auto at = [&](double x, double y) {
            return project({m_own.x + x, m_own.y + y}, floor);
        };
        constexpr double w = shadeWidth;
        if ((lies.walls >> int(level::Side::Left)) & 1u)
            m_strips.push_back(QPolygonF{at(0, 0), at(w, w), at(w, 1), at(0, 1)});
        if ((lies.walls >> int(level::Side::Up)) & 1u)
            m_strips.push_back(QPolygonF{at(0, 0), at(1, 0), at(1, w), at(w, w)});
    }

    void paintStrips(QPainter& painter) const {
        painter.setPen(Qt::NoPen);
        painter.setBrush(QColor(0, 0, 0, currentTheme().isNight ? 110 : 60));
        for (const QPolygonF& strip : m_strips)
            painter.drawPolygon(strip);
    }

    [[nodiscard]] AxonSprite picture() const {
        QRectF box;
        for (const Drawn& each : m_drawn)
            box = box.united(each.polygon.boundingRect());
        AxonSprite sprite;
        if (box.isEmpty()) return sprite;
        box.adjust(-1, -1, 1, 1);
        sprite.picture = QPixmap((box.size() * m_cell.ratio).toSize() + QSize(1, 1));
        sprite.picture.setDevicePixelRatio(m_cell.ratio);
        sprite.picture.fill(Qt::transparent);
        sprite.corner = box.topLeft();
        QPainter painter(&sprite.picture);
        painter.setRenderHint(QPainter::Antialiasing);
        painter.translate(-box.topLeft());
        // Over floors, under walls.
        bool isShaded = false;
        for (const Drawn& each : m_drawn) {
            const bool isWallOrLater = each.depth > 0.1 + m_own.x + m_own.y;
            if (isWallOrLater && !std::exchange(isShaded, true)) paintStrips(painter);
            // A line in the face's own tone closes the seam to its neighbours.
            painter.setPen(QPen(shaded(each.color, currentTheme().isNight ? 0.72 : 0.86), 0.8));
            painter.setBrush(each.color);
            painter.drawPolygon(each.polygon);
        }
        if (!isShaded) paintStrips(painter);
        return sprite;
    }

    const AxonCell& m_cell;
    CellRect m_bounds;
    CellPoint m_own;  ///< as the piece lies
    double m_ground;  ///< of its storey, units
    QColor m_color;
    Light m_light{0.82, 0.66, 1.06, 0.95};
    std::vector<Drawn> m_drawn;
    std::vector<QPolygonF> m_strips;
};

}  // namespace

AxonSprite makeAxonSprite(const AxonCell& cell) {
    return SpriteMaker(cell).make();
}

}  // namespace rook::app
