#include "app/painting/model_picture.h"

#include <QPainter>
#include <algorithm>
#include <cmath>

namespace rook::app {

namespace {

using kit::Point3;

/// From before, above and the left, as boards of pieces stand.
QPointF aslant(const Point3& p) {
    return {(p.x - p.y) * 0.866, (p.x + p.y) * 0.5 - p.z};
}

class ModelPainting {
public:
    ModelPainting(const level::Kit& kit, const level::Piece& piece, const kit::Mesh& mesh,
                  const Theme& theme)
        : m_kit(kit), m_piece(piece), m_mesh(mesh), m_theme(theme), m_box(kit::boxOf(mesh)) {
        const CellRect cells = piece.bounds();
        const Point3 pivot = kit::pivotUnits(kit, piece);
        m_low = {-pivot.x, -pivot.y, 0};
        m_high = {cells.width * kit::unitsOf(kit.width) - pivot.x,
                  cells.height * kit::unitsOf(kit.depth) - pivot.y, 0};
    }

    QImage paint(const kit::FaceFacts& faces, QSize size) {
        QImage image(size, QImage::Format_ARGB32_Premultiplied);
        image.fill(m_theme.paper);
        QPainter painter(&image);
        painter.setRenderHint(QPainter::Antialiasing);
        painter.setRenderHint(QPainter::SmoothPixmapTransform);
        fit(size);
        drawModules(painter);
        painter.drawImage(QRect({}, size), facesIn(size * fineness, faces));
        painter.setPen(QPen(m_theme.alarm, 2));
        for (const auto& [a, b] : faces.openEdges)
            painter.drawLine(at(m_mesh.points[a]), at(m_mesh.points[b]));
        drawPivot(painter);
        return image;
    }

private:
    [[nodiscard]] QPointF at(const Point3& p) const { return aslant(p) * m_scale + m_shift; }
    void fit(QSize size) {
        QRectF all;
        for (const kit::MeshBox& box : {m_box, kit::MeshBox{m_low, m_high}})
            for (int i = 0; i < 8; ++i) {
                const QPointF p =
                    aslant({i & 1 ? box.low.x : box.high.x, i & 2 ? box.low.y : box.high.y,
                            i & 4 ? box.low.z : box.high.z});
                all = all.isNull() ? QRectF(p, QSizeF(1e-9, 1e-9))
                                   : all.united(QRectF(p, QSizeF(1e-9, 1e-9)));
            }
        constexpr double margin = 24;  // px
        m_scale = std::min((size.width() - 2 * margin) / std::max(all.width(), 1e-9),
                           (size.height() - 2 * margin) / std::max(all.height(), 1e-9));
        m_shift = QPointF(size.width(), size.height()) / 2 - all.center() * m_scale;
    }
    void drawModules(QPainter& painter) const {
        const CellRect cells = m_piece.bounds();
        const double wide = kit::unitsOf(m_kit.width), deep = kit::unitsOf(m_kit.depth);
        painter.setPen(QPen(m_theme.gridMajor, 1));
        for (int x = 0; x <= cells.width; ++x)
            painter.drawLine(at({m_low.x + x * wide, m_low.y, 0}),
                             at({m_low.x + x * wide, m_high.y, 0}));
        for (int y = 0; y <= cells.height; ++y)
            painter.drawLine(at({m_low.x, m_low.y + y * deep, 0}),
                             at({m_high.x, m_low.y + y * deep, 0}));
        painter.setPen(QPen(m_theme.accent, 1.5));
        painter.setBrush(Qt::NoBrush);
        painter.drawPolygon(QPolygonF{at({m_low.x, m_low.y, 0}), at({m_high.x, m_low.y, 0}),
                                      at({m_high.x, m_high.y, 0}), at({m_low.x, m_high.y, 0})});
    }
    /// What is nearest, px by px.
    [[nodiscard]] QImage facesIn(QSize size, const kit::FaceFacts& faces) const {
        QImage image(size, QImage::Format_ARGB32_Premultiplied);
        image.fill(Qt::transparent);
        std::vector<float> nearest(std::size_t(size.width()) * std::size_t(size.height()), -1e30F);
        auto turned = faces.turned.begin();
        for (std::uint32_t t = 0; t < m_mesh.triangles.size(); ++t) {
            const bool isTurned = turned != faces.turned.end() && *turned == t;
            if (isTurned) ++turned;
            drawFace(image, nearest, t, isTurned);
        }
        return image;
    }
    void drawFace(QImage& image, std::vector<float>& nearest, std::uint32_t t,
                  bool isTurned) const {
        QPointF p[3];
        double depth[3];
        for (std::size_t i = 0; i < 3; ++i) {
            const Point3& point = m_mesh.points[m_mesh.triangles[t][i]];
            p[i] = at(point) * fineness;
            depth[i] = point.x + point.y + point.z;
        }
        const double area = (p[1].x() - p[0].x()) * (p[2].y() - p[0].y()) -
                            (p[1].y() - p[0].y()) * (p[2].x() - p[0].x());
        if (std::abs(area) < 1e-9) return;
        const auto [left, right] = std::minmax({p[0].x(), p[1].x(), p[2].x()});
        const auto [top, bottom] = std::minmax({p[0].y(), p[1].y(), p[2].y()});
        const QRgb color = shaded(t).rgb(), hatch = m_theme.alarm.rgb();
        const int lastX = std::min(int(right) + 1, image.width() - 1);
        const int lastY = std::min(int(bottom) + 1, image.height() - 1);
        for (int y = std::max(0, int(top)); y <= lastY; ++y) {
            auto* row = reinterpret_cast<QRgb*>(image.scanLine(y));
            for (int x = std::max(0, int(left)); x <= lastX; ++x) {
                double share[3];
                for (std::size_t i = 0; i < 3; ++i) {
                    const QPointF &a = p[(i + 1) % 3], &b = p[(i + 2) % 3];
                    share[i] = ((b.x() - a.x()) * (y + 0.5 - a.y()) -
                                (b.y() - a.y()) * (x + 0.5 - a.x())) /
                               area;
                }
                if (share[0] < 0 || share[1] < 0 || share[2] < 0) continue;
                const auto near =
                    float(share[0] * depth[0] + share[1] * depth[1] + share[2] * depth[2]);
                float& known =
                    nearest[std::size_t(y) * std::size_t(image.width()) + std::size_t(x)];
                if (near <= known) continue;
                known = near;
                row[x] = isTurned && (x + y) % 12 < 4 ? hatch : color;
            }
        }
    }
    /// Its material by a plain light, from both sides alike: what is turned is hatched.
    [[nodiscard]] QColor shaded(std::uint32_t t) const {
        const auto& [a, b, c] = m_mesh.triangles[t];
        const Point3 way =
            kit::crossed(m_mesh.points[c] - m_mesh.points[a], m_mesh.points[b] - m_mesh.points[a]);
        const double length = std::max(kit::lengthOf(way), 1e-12);
        const double light = 0.45 + 0.5 * std::abs(kit::dot(way, {0.25, 0.45, 0.86})) / length;
        QColor color("#b9b2a2");
        if (!m_mesh.materialOf.empty()) {
            const auto& rgb = m_mesh.materials[m_mesh.materialOf[t]].color;
            color = QColor::fromRgbF(float(rgb[0]), float(rgb[1]), float(rgb[2]));
        }
        return QColor::fromRgbF(float(color.redF() * light), float(color.greenF() * light),
                                float(color.blueF() * light));
    }
    void drawPivot(QPainter& painter) const {
        const QPointF middle = at({0, 0, 0});
        painter.setPen(QPen(m_theme.paper, 4));
        for (int i = 0; i < 2; ++i) {
            painter.drawLine(middle - QPointF(7, 0), middle + QPointF(7, 0));
            painter.drawLine(middle - QPointF(0, 7), middle + QPointF(0, 7));
            painter.setPen(QPen(m_theme.plum, 2));
        }
    }

    static constexpr int fineness = 2;  ///< px of the faces to one of the picture
    const level::Kit& m_kit;
    const level::Piece& m_piece;
    const kit::Mesh& m_mesh;
    const Theme& m_theme;
    kit::MeshBox m_box;
    Point3 m_low, m_high;  ///< of the footprint
    double m_scale = 1;
    QPointF m_shift;
};

}  // namespace

QImage modelPicture(const level::Kit& kit, const level::Piece& piece, const kit::Mesh& mesh,
                    const kit::FaceFacts& faces, QSize size, const Theme& theme) {
    return ModelPainting(kit, piece, mesh, theme).paint(faces, size);
}

}  // namespace rook::app
