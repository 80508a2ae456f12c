#include "app/painting/kit_painter.h"

#include "app/painting/solid_painter.h"

#include <QPainter>
#include <QPainterPath>
#include <cmath>
#include <map>
#include <set>
#include <tuple>

#include "app/ui/words.h"
#include "kit/audit.h"

namespace rook::app {

using kit::Meeting;
using level::Side;
using level::SurfaceSort;

namespace {

QColor pieceToneOf(const level::Piece& piece) {
    return QColor(QString::fromStdString(piece.color));
}

/// Where a cell lies, widget px.
class Placing {
public:
    Placing(const level::PlacedPiece& placed, CellSize cell, QPointF origin, double scale)
        : m_off(placed.offX.toDouble() * cell.width, placed.offY.toDouble() * cell.height),
          m_cell(cell),
          m_origin(origin),
          m_scale(scale) {}
    [[nodiscard]] QRectF boxAt(CellPoint at) const {
        // On whole px, so that neighbours leave no seam.
        const auto edge = [&](double modulesX, double modulesY) {
            const QPointF px =
                (QPointF(modulesX * m_cell.width, modulesY * m_cell.height) + m_off) * m_scale -
                m_origin;
            return QPointF(std::round(px.x()), std::round(px.y()));
        };
        return {edge(at.x, at.y), edge(at.x + 1, at.y + 1)};
    }

private:
    QPointF m_off;
    CellSize m_cell;
    QPointF m_origin;
    double m_scale;
};

QLineF sideOf(const QRectF& box, Side side) {
    switch (side) {
        case Side::Right:
            return {box.topRight(), box.bottomRight()};
        case Side::Down:
            return {box.bottomLeft(), box.bottomRight()};
        case Side::Left:
            return {box.topLeft(), box.bottomLeft()};
        case Side::Up:
            return {box.topLeft(), box.topRight()};
    }
    return {};
}

/// A unit step to that side.
QPointF wayOf(Side side) {
    constexpr int dx[] = {1, 0, -1, 0};
    constexpr int dy[] = {0, 1, 0, -1};
    return QPointF(dx[int(side)], dy[int(side)]);
}

/// An arrow up the ramp, and its rise in units; stairs have their steps across it.
void paintRise(QPainter& painter, const level::PieceCell& cell, Side up, const QRectF& box) {
    const Theme& theme = currentTheme();
    const QPointF way = wayOf(up);
    const QPointF across(way.y(), way.x());
    const double size = std::min(box.width(), box.height());
    painter.setPen(QPen(theme.quietInk, 1));
    const int steps = cell.surface == SurfaceSort::Stairs ? 7 : 0;
    for (int i = 1; i < steps; ++i) {
        const QPointF at = box.center() + way * (double(i) / steps - 0.5) * size;
        painter.drawLine(at - across * size * 0.5, at + across * size * 0.5);
    }
    if (size < 18) return;
    const QPointF tail = box.center() - way * size * 0.32;
    const QPointF tip = box.center() + way * size * 0.32;
    painter.setPen(QPen(theme.ink, 1.4));
    painter.drawLine(tail, tip);
    painter.drawPolyline(QPolygonF{tip - way * 5 + across * 4, tip, tip - way * 5 - across * 4});
    if (size < 40) return;
    painter.setFont(sizedFont(-3));
    const QString text = QStringLiteral("+%1").arg(told(kit::lengthText(exact(cell.rise))));
    painter.drawText(box.adjusted(4, 2, -4, -2), Qt::AlignBottom | Qt::AlignRight, text);
}

void paintCell(QPainter& painter, const level::Piece& piece, const kit::PlacedCell& placed,
               const QRectF& box) {
    const Theme& theme = currentTheme();
    const level::PieceCell& cell = piece.cells[placed.cell];
    QColor fill = pieceToneOf(piece);
    fill.setAlphaF(theme.isNight ? 0.45f : 0.38f);
    switch (cell.surface) {
        case SurfaceSort::None: {
            // Open down to what is below: crossed out, as a plan has it.
            painter.setPen(QPen(theme.rule(), 1, Qt::DashLine));
            painter.drawLine(box.topLeft(), box.bottomRight());
            painter.drawLine(box.topRight(), box.bottomLeft());
            painter.drawRect(box);
            return;
        }
        case SurfaceSort::Block:
            painter.fillRect(box, theme.quietInk);
            return;
        case SurfaceSort::Flat:
        case SurfaceSort::Ramp:
        case SurfaceSort::Stairs:
            break;
    }
    painter.fillRect(box, fill);
    if (cell.surface != SurfaceSort::Flat) paintRise(painter, cell, placed.up, box);
    if (cell.surface == SurfaceSort::Flat && cell.height.thousandths != 0 && box.width() >= 40) {
        painter.setPen(theme.ink);
        painter.setFont(sizedFont(-3));
        painter.drawText(box.adjusted(4, 2, -4, -2), Qt::AlignBottom | Qt::AlignRight,
                         told(kit::lengthText(exact(cell.height))));
    }
}

void paintWalls(QPainter& painter, const kit::PlacedCell& placed, const QRectF& box) {
    const Theme& theme = currentTheme();
    const double thick = std::max(1.5, 0.11 * std::min(box.width(), box.height()));
    for (const Side side : level::allSides) {
        if (!((placed.walls >> int(side)) & 1u)) continue;
        const QLineF line = sideOf(box, side);
        const QPointF in = -wayOf(side) * thick;
        QRectF wall = QRectF(line.p1(), line.p2() + in).normalized();
        painter.fillRect(wall, theme.ink);
    }
}

/// The outline of the footprint on its storeys.
void paintBorder(QPainter& painter, const std::vector<kit::PlacedCell>& cells, const Placing& place,
                 int storey) {
    std::set<std::pair<int, int>> own;
    for (const kit::PlacedCell& cell : cells)
        if (cell.spot.storey == storey) own.insert({cell.spot.at.x, cell.spot.at.y});
    painter.setPen(QPen(currentTheme().rule(), 1));
    for (const kit::PlacedCell& cell : cells) {
        if (cell.spot.storey != storey) continue;
        for (const Side side : level::allSides) {
            const CellPoint next = level::beside(cell.spot.at, side);
            if (!own.contains({next.x, next.y}))
                painter.drawLine(sideOf(place.boxAt(cell.spot.at), side));
        }
    }
}

/// The pieces that have a module in a part of a storey.
std::vector<std::size_t> piecesIn(const KitScene& scene, const CellRect& part, int storey) {
    std::set<std::size_t> found;
    for (int y = part.y; y < part.bottom(); ++y)
        for (int x = part.x; x < part.right(); ++x)
            for (const auto& tenant : scene.index->at({{x, y}, storey}))
                found.insert(tenant.placed);
    return {found.begin(), found.end()};
}

void paintModel(QPainter& painter, const KitScene& scene, const level::Piece& piece,
                const level::PlacedPiece& placed, const kit::Mesh& mesh, QPointF origin,
                double scale) {
    const QRectF box = boxOf(piece, placed, scene.level->cellSize);
    const QRectF lies(box.topLeft() * scale - origin, box.size() * scale);
    const QSize px = lies.size().toSize();
    if (scene.plans && !px.isEmpty())
        painter.drawImage(lies, scene.plans->of(*scene.kit, piece, mesh, placed.turn, px));
}

void paintStorey(QPainter& painter, const KitScene& scene, const CellRect& part, int storey,
                 QPointF origin, double scale) {
    for (const std::size_t i : piecesIn(scene, part, storey)) {
        const level::PlacedPiece& placed = scene.level->pieces[i];
        const level::Piece& piece = *scene.kit->find(placed.piece);
        const Placing place(placed, scene.level->cellSize, origin, scale);
        const auto cells = kit::cellsOf(piece, placed);
        if (scene.models && storey == placed.storey)
            if (const auto model = scene.models->find(piece.name); model != scene.models->end())
                paintModel(painter, scene, piece, placed, model->second, origin, scale);
        for (const kit::PlacedCell& cell : cells)
            if (cell.spot.storey == storey)
                paintCell(painter, piece, cell, place.boxAt(cell.spot.at));
        paintBorder(painter, cells, place, storey);
        for (const kit::PlacedCell& cell : cells)
            if (cell.spot.storey == storey) paintWalls(painter, cell, place.boxAt(cell.spot.at));
    }
    const PlanPlace place{scene.level->cellSize, origin, scale};
    for (const level::Solid& solid : scene.level->solids)
        if (solid.storey == storey && kit::boundsOf(solid).overlaps(part))
            paintSolid(painter, *scene.kit, solid, place);
}

void paintPorts(QPainter& painter, const KitScene& scene, const CellRect& part, QPointF origin,
                double scale) {
    const CellSize size = scene.level->cellSize;
    const double mark = std::clamp(0.13 * size.width * scale, 2.0, 9.0);
    for (const std::size_t i : piecesIn(scene, part, scene.storey)) {
        const level::PlacedPiece& placed = scene.level->pieces[i];
        const level::Piece& piece = *scene.kit->find(placed.piece);
        const QPointF off(placed.offX.toDouble() * size.width,
                          placed.offY.toDouble() * size.height);
        for (const kit::PlacedPort& port : kit::portsOf(*scene.kit, piece, placed)) {
            if (kit::storeyOf(*scene.kit, port.height) != scene.storey) continue;
            std::optional<Meeting> meeting;
            for (const auto& other : scene.index->portsOn(kit::edgeOf(port.at, port.side))) {
                if (other.placed == i || other.port.side != opposite(port.side)) continue;
                const level::Piece& theirs =
                    *scene.kit->find(scene.level->pieces[other.placed].piece);
                const Meeting found =
                    kit::meetingOf(*scene.kit, piece.ports[port.port], port.height,
                                   theirs.ports[other.port.port], other.port.height);
                if (found != Meeting::Apart) meeting = found;
            }
            const QPointF at = (edgeMiddle(port.at, port.side, size) + off) * scale - origin;
            // What is joined is marked once, by the side that looks right or down.
            if (meeting == Meeting::Joined && (port.side == Side::Left || port.side == Side::Up))
                continue;
            paintPortMark(painter, at, port.side, mark, meeting);
        }
    }
}

}  // namespace

/// The faces that look up: the higher, the lighter.
const QImage& ModelPlans::of(const level::Kit& kit, const level::Piece& piece,
                             const kit::Mesh& mesh, int turn, QSize px) {
    constexpr std::size_t most = 4000;  // triangles; of larger ones the footprint is enough
    constexpr std::size_t mostImages = 500;
    const QColor tone = pieceToneOf(piece);
    if (m_images.size() > mostImages) m_images.clear();
    const auto [found, isNew] = m_images.try_emplace(
        {&mesh, turn & 3, px.width(), px.height(), tone.rgb(), currentTheme().isNight});
    QImage& image = found->second;
    if (!isNew) return image;
    image = QImage(px, QImage::Format_ARGB32_Premultiplied);
    image.fill(Qt::transparent);
    if (mesh.triangles.size() > most) return image;
    std::vector<kit::Face> faces = kit::facesOf(kit, piece, mesh);
    const auto lowest = [](const kit::Face& face) {
        return std::min({face.corners[0].z, face.corners[1].z, face.corners[2].z});
    };
    std::stable_sort(faces.begin(), faces.end(),
                     [&](const kit::Face& a, const kit::Face& b) { return lowest(a) < lowest(b); });
    const CellRect bounds = piece.bounds();
    const bool isUpright = turn & 1;
    const double across = px.width() / double(isUpright ? bounds.height : bounds.width);
    const double down = px.height() / double(isUpright ? bounds.width : bounds.height);
    QPainter painter(&image);
    painter.setPen(Qt::NoPen);
    for (const kit::Face& face : faces) {
        QPolygonF polygon;
        for (const kit::Point3& corner : face.corners) {
            double x = corner.x / exact(kit.width).toDouble();
            double y = corner.y / exact(kit.depth).toDouble();
            double w = bounds.width;
            double h = bounds.height;
            for (int i = 0; i < (turn & 3); ++i) {
                std::tie(x, y) = std::pair(h - y, x);
                std::swap(w, h);
            }
            polygon << QPointF(x * across, y * down);
        }
        const QPointF u = polygon[1] - polygon[0];
        const QPointF v = polygon[2] - polygon[0];
        // Counter-clockwise as it is seen, with y down.
        if (u.x() * v.y() - u.y() * v.x() >= 0) continue;
        QColor fill = tone.lighter(100 + int(std::clamp(lowest(face) * 8, 0.0, 40.0)));
        painter.setBrush(fill);
        painter.drawPolygon(polygon);
    }
    // As faint as the floors of a plan.
    painter.setCompositionMode(QPainter::CompositionMode_DestinationIn);
    painter.fillRect(image.rect(), QColor(0, 0, 0, currentTheme().isNight ? 115 : 97));
    return image;
}

QPointF edgeMiddle(CellPoint at, Side side, CellSize cell) {
    const QPointF middle((at.x + 0.5) * cell.width, (at.y + 0.5) * cell.height);
    const QPointF way = wayOf(side);
    return middle + QPointF(way.x() * cell.width / 2.0, way.y() * cell.height / 2.0);
}

QRectF boxOf(const level::Piece& piece, const level::PlacedPiece& placed, CellSize cell) {
    const CellRect lies = kit::boundsOf(piece, placed);
    return {(lies.x + placed.offX.toDouble()) * cell.width,
            (lies.y + placed.offY.toDouble()) * cell.height, double(lies.width * cell.width),
            double(lies.height * cell.height)};
}

void paintPortMark(QPainter& painter, QPointF at, Side side, double sizePx,
                   std::optional<Meeting> meeting) {
    const Theme& theme = currentTheme();
    const QPointF way = wayOf(side);
    const QPointF across(way.y(), way.x());
    painter.setRenderHint(QPainter::Antialiasing);
    if (!meeting) {
        // Open: half a ring that looks out.
        painter.setPen(QPen(theme.caution, 1.6));
        painter.setBrush(theme.paper);
        painter.drawEllipse(at, sizePx * 0.7, sizePx * 0.7);
        painter.drawLine(at, at + way * sizePx * 1.3);
    } else if (*meeting == Meeting::Joined) {
        painter.setPen(
            QPen(theme.accent, std::max(1.5, sizePx * 0.35), Qt::SolidLine, Qt::FlatCap));
        painter.drawLine(at - way * sizePx * 0.7, at + way * sizePx * 0.7);
        painter.drawLine(at - across * sizePx * 0.5, at + across * sizePx * 0.5);
    } else {
        painter.setPen(QPen(theme.alarm, 2));
        const QPointF one = (way + across) * sizePx * 0.7;
        const QPointF other = (way - across) * sizePx * 0.7;
        painter.drawLine(at - one, at + one);
        painter.drawLine(at - other, at + other);
    }
    painter.setBrush(Qt::NoBrush);
    painter.setRenderHint(QPainter::Antialiasing, false);
}

void paintPiece(QPainter& painter, const level::Kit&, const level::Piece& piece,
                const level::PlacedPiece& placed, CellSize cell, QPointF origin, double scale) {
    const Placing place(placed, cell, origin, scale);
    const auto cells = kit::cellsOf(piece, placed);
    for (const kit::PlacedCell& each : cells)
        if (each.spot.storey == placed.storey)
            paintCell(painter, piece, each, place.boxAt(each.spot.at));
    paintBorder(painter, cells, place, placed.storey);
    for (const kit::PlacedCell& each : cells)
        if (each.spot.storey == placed.storey) paintWalls(painter, each, place.boxAt(each.spot.at));
}

void paintPieceCard(QPainter& painter, const level::Kit& kit, const level::Piece& piece,
                    const QRect& box, int turn) {
    level::PlacedPiece placed;
    placed.turn = turn;
    const CellRect lies = kit::boundsOf(piece, placed);
    const CellSize cell{32, 32};
    const double scale = std::min((box.width() - 6.0) / (lies.width * 32.0),
                                  (box.height() - 6.0) / (lies.height * 32.0));
    const QPointF corner =
        QPointF(box.center()) - QPointF(lies.width * 16.0 * scale, lies.height * 16.0 * scale);
    painter.save();
    paintPiece(painter, kit, piece, placed, cell, -corner, scale);
    for (const kit::PlacedPort& port : kit::portsOf(kit, piece, placed)) {
        const QPointF at = edgeMiddle(port.at, port.side, cell) * scale + corner;
        const QPointF way = wayOf(port.side);
        const QPointF across(way.y(), way.x());
        painter.setPen(QPen(currentTheme().accent, 2));
        painter.drawLine(at - across * 4, at + across * 4);
    }
    painter.restore();
}

QImage kitPicture(const level::Kit& kit, const level::Level& level, QSize size) {
    QImage picture(size, QImage::Format_ARGB32_Premultiplied);
    picture.fill(currentTheme().paper);
    const PxRect all = level.boundsPx();
    const double scale =
        std::min(double(size.width()) / all.width, double(size.height()) / all.height);
    const QPointF origin(-(size.width() - all.width * scale) / 2,
                         -(size.height() - all.height * scale) / 2);
    std::map<std::string_view, const level::Piece*> pieces;
    for (const level::Piece& piece : kit.pieces)
        pieces.emplace(piece.name, &piece);
    QPainter painter(&picture);
    // Footprints alone: more would not be seen. What lies higher is drawn over what lies lower.
    for (int storey = 0; storey < 8; ++storey)
        for (const level::PlacedPiece& placed : level.pieces) {
            const auto found = pieces.find(placed.piece);
            if (found == pieces.end() || std::min(placed.storey, 7) != storey) continue;
            const QRectF px = boxOf(*found->second, placed, level.cellSize);
            const QRectF box(px.topLeft() * scale - origin, px.size() * scale);
            painter.fillRect(box, pieceToneOf(*found->second));
            painter.fillRect(box, QColor(0, 0, 0, storey == 0 ? 60 : 0));
        }
    const PlanPlace place{level.cellSize, origin, scale};
    for (const level::Solid& solid : level.solids)
        paintSolid(painter, kit, solid, place);
    return picture;
}

void paintKitPlan(QPainter& painter, const KitScene& scene, const QRect& target, QPointF origin,
                  double scale) {
    const Theme& theme = currentTheme();
    painter.fillRect(target, theme.paper);
    const CellSize size = scene.level->cellSize;
    const auto cellAt = [&](QPointF px) {
        return CellPoint{int(std::floor((px.x() + origin.x()) / scale / size.width)),
                         int(std::floor((px.y() + origin.y()) / scale / size.height))};
    };
    // One module more: marks and fractions reach over.
    CellRect part = CellRect::spanning(cellAt(target.topLeft()), cellAt(target.bottomRight()));
    part = part.grown(1).intersected(scene.level->cells.bounds().grown(1));
    const double module = size.width * scale;
    if (module >= 6 && scene.showsGrid) {
        for (int x = part.x; x <= part.right(); ++x) {
            painter.setPen(x % 8 == 0 ? theme.gridMajor : theme.gridMinor);
            const double at = std::round(x * module - origin.x());
            painter.drawLine(QPointF(at, target.top()), QPointF(at, target.bottom()));
        }
        for (int y = part.y; y <= part.bottom(); ++y) {
            painter.setPen(y % 8 == 0 ? theme.gridMajor : theme.gridMinor);
            const double at = std::round(y * size.height * scale - origin.y());
            painter.drawLine(QPointF(target.left(), at), QPointF(target.right(), at));
        }
    }
    if (scene.storey > 0) {
        painter.setOpacity(0.28);
        paintStorey(painter, scene, part, scene.storey - 1, origin, scale);
        painter.setOpacity(1);
    }
    paintStorey(painter, scene, part, scene.storey, origin, scale);
    if (scene.showsPorts && module >= 12) paintPorts(painter, scene, part, origin, scale);
}

}  // namespace rook::app
