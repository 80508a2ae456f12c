#pragma once
/// Solids in the view aslant, painted from the back to the front.

#include <QPainter>
#include <functional>
#include <vector>

#include "kit/solids.h"

namespace rook::app {

class AxonSolids {
public:
    /// Modules and units above the ground of storey 0, in the widget.
    using ToWidget = std::function<QPointF(double, double, double)>;
    /// Of all that are shown up to a storey.
    AxonSolids(const level::Kit& kit, const level::Level& level, int highestStorey);
    /// Those that lie behind a module of a storey and were not painted yet.
    void paintBehind(QPainter& painter, int storey, CellPoint module, const ToWidget& toWidget);
    void paintRest(QPainter& painter, const ToWidget& toWidget);
    /// One of them as it would lie, its faces washed.
    static void paintOutline(QPainter& painter, const level::Kit& kit, const level::Solid& solid,
                             const QColor& tone, const ToWidget& toWidget);

private:
    struct Item {
        const level::Solid* solid = nullptr;
        int storey = 0;
        int front = 0;  ///< x + y of its frontmost module
    };
    void paint(QPainter& painter, const level::Solid& solid, const ToWidget& toWidget) const;

    const level::Kit& m_kit;
    std::vector<Item> m_items;
    std::size_t m_next = 0;
};

}  // namespace rook::app
