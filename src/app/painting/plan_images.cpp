#include "app/painting/plan_images.h"

#include <QPainter>
#include <algorithm>

#include "app/painting/sketch_painter.h"

namespace rook::app {

namespace {

/// Level px around a mark that its stroke may touch: curves swing out, pencils have a width.
QRectF strokeBounds(const level::Mark& mark) {
    const PxRect bounds = boundsOf(mark);
    const double slack = std::max(bounds.width, bounds.height) / 6.0 + 24;
    return QRectF(bounds.x, bounds.y, bounds.width, bounds.height)
        .adjusted(-slack, -slack, slack, slack);
}

}  // namespace

void PlanImages::follow(const level::Sketch& now) {
    const level::Sketch former = std::exchange(m_shown, now);
    const auto isSameSheet = [](const level::Leaf& a, const level::Leaf& b) {
        return a.opacity == b.opacity && a.isShown == b.isShown;
    };
    bool isSameStack = now.leaves.size() == former.leaves.size();
    for (std::size_t i = 0; isSameStack && i < now.leaves.size(); ++i)
        isSameStack = isSameSheet(now.leaves[i], former.leaves[i]);
    if (!isSameStack) return m_images.clear();
    for (std::size_t i = 0; i < now.leaves.size(); ++i) {
        const auto& a = now.leaves[i].marks;
        const auto& b = former.leaves[i].marks;
        if (a.isSharedWith(b)) continue;
        // What is equal at both ends stays; all between is drawn anew.
        std::size_t first = 0;
        const std::size_t fewer = std::min(a.size(), b.size());
        while (first < fewer && a[first] == b[first])
            ++first;
        std::size_t last = 0;
        while (last < fewer - first && a[a.size() - 1 - last] == b[b.size() - 1 - last])
            ++last;
        for (std::size_t m = first; m + last < a.size(); ++m)
            m_images.invalidate(strokeBounds(a[m]));
        for (std::size_t m = first; m + last < b.size(); ++m)
            m_images.invalidate(strokeBounds(b[m]));
    }
}

bool PlanImages::paint(QPainter& painter, const level::Sketch& sketch, const View& view, QRect area,
                       double devicePixelRatio, double budgetMs) {
    return m_images.paint(
        painter,
        [&sketch](QPainter& tile, const QRect& target, QPointF origin, double scale) {
            paintLeaves(tile, sketch, target, origin, scale);
        },
        view, area, devicePixelRatio, budgetMs, {});
}

}  // namespace rook::app
