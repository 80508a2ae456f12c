#pragma once
/// Where the board looks: level px to widget px and back. The only conversion between the two.

#include <QPointF>
#include <QRectF>
#include <QSize>
#include <algorithm>
#include <cmath>

#include "base/geometry.h"

namespace rook::app {

class View {
public:
    /// Widget px per level px; at most 16, at least such that a level of 16,384 cells fits.
    [[nodiscard]] double scale() const { return m_scale; }
    [[nodiscard]] QPointF toWidget(QPointF levelPx) const { return levelPx * m_scale - m_offset; }
    [[nodiscard]] QPointF toWidget(PxPoint p) const { return toWidget(QPointF(p.x, p.y)); }
    [[nodiscard]] QRectF toWidget(const PxRect& r) const {
        return {toWidget(QPointF(r.x, r.y)), QSizeF(r.width * m_scale, r.height * m_scale)};
    }
    [[nodiscard]] QPointF toLevel(QPointF widget) const { return (widget + m_offset) / m_scale; }
    /// All px of the level that lie in it, in part at least.
    [[nodiscard]] PxRect toLevelRect(const QRectF& widget) const {
        const QPointF from = toLevel(widget.topLeft());
        const QPointF to = toLevel(widget.bottomRight());
        const int left = int(std::floor(from.x()));
        const int top = int(std::floor(from.y()));
        return {left, top, int(std::ceil(to.x())) - left, int(std::ceil(to.y())) - top};
    }
    [[nodiscard]] PxPoint toLevelPx(QPointF widget) const {
        const QPointF p = toLevel(widget);
        return {static_cast<int>(std::floor(p.x())), static_cast<int>(std::floor(p.y()))};
    }
    /// Widget px from the level's corner to the widget's; whole numbers.
    [[nodiscard]] QPointF offset() const { return m_offset; }

    void pan(QPointF by) { setOffset(m_offset - by); }
    void setOffset(QPointF offset) { m_offset = {std::round(offset.x()), std::round(offset.y())}; }
    /// Keeps the level px under `fixed` where it is.
    void zoomAt(QPointF fixed, double factor) {
        const QPointF level = toLevel(fixed);
        m_scale = std::clamp(m_scale * factor, 1.0 / 512, 16.0);
        setOffset(level * m_scale - fixed);
    }
    /// Shows the rectangle whole, or at least 1 : 4, in the middle.
    void fit(const PxRect& rect, QSize size) {
        const double wide = (size.width() - 24.0) / std::max(rect.width, 1);
        const double high = (size.height() - 24.0) / std::max(rect.height, 1);
        m_scale = std::clamp(std::min(wide, high), 1.0 / 512, 4.0);
        centre({rect.x + rect.width / 2.0, rect.y + rect.height / 2.0}, size);
    }
    void centre(QPointF level, QSize size) {
        setOffset(level * m_scale - QPointF(size.width() / 2.0, size.height() / 2.0));
    }
    bool operator==(const View&) const = default;

private:
    double m_scale = 1.25;
    QPointF m_offset;
};

}  // namespace rook::app
