#include <QCoreApplication>
#include <algorithm>

#include "app/tool.h"
#include "level/tile_edits.h"

namespace rook::app {

namespace {

using level::CellRegion;

enum class SelectState { Resting, Framing, Looping, Moving, Stretching };

/// The edges of a rectangle that are taken hold of: -1 left or top, 1 right or bottom, 0 neither.
struct Grip {
    int sideways = 0;
    int upright = 0;
    [[nodiscard]] bool isNone() const { return sideways == 0 && upright == 0; }
};

Grip gripAt(const ToolInput& input) {
    const auto& cells = input.selection->cells;
    if (!cells || !cells->isRect() || input.lessons || input.isPicking || input.isStraight)
        return {};
    const PxRect box = toPx(cells->bounds(), input.level->cellSize);
    const int slack = input.slackPx(6);
    if (!box.grown(slack).contains(input.px)) return {};
    // The middle of a small selection stays free for moving.
    const auto side = [&](int at, int low, int size) {
        const int reach = std::min(slack, size / 4);
        if (at < low + reach) return -1;
        return at >= low + size - reach ? 1 : 0;
    };
    return {side(input.px.x, box.x, box.width), side(input.px.y, box.y, box.height)};
}

Qt::CursorShape cursorOf(Grip grip) {
    if (grip.upright == 0) return Qt::SizeHorCursor;
    if (grip.sideways == 0) return Qt::SizeVerCursor;
    return grip.sideways == grip.upright ? Qt::SizeFDiagCursor : Qt::SizeBDiagCursor;
}

/// The rectangle with the edges that are held drawn to the pointer; one cell stays.
CellRect stretched(const CellRect& rect, Grip grip, CellPoint to) {
    int left = rect.x;
    int right = rect.right();
    int top = rect.y;
    int bottom = rect.bottom();
    if (grip.sideways < 0) left = std::min(to.x, right - 1);
    if (grip.sideways > 0) right = std::max(to.x + 1, left + 1);
    if (grip.upright < 0) top = std::min(to.y, bottom - 1);
    if (grip.upright > 0) bottom = std::max(to.y + 1, top + 1);
    return {left, top, right - left, bottom - top};
}

class CellSelect final : public Tool {
public:
    ToolOutcome press(const ToolInput& input) override {
        m_start = input.cell;
        const auto& cells = input.selection->cells;
        if (input.isErasing) {
            setState(SelectState::Resting);
            return {{}, Selection{}, {}, {}, false};
        }
        m_grip = gripAt(input);
        if (!m_grip.isNone()) {
            m_from = *cells;
            setState(SelectState::Stretching);
        } else if (cells && cells->contains(input.cell) && !input.isStraight) {
            m_from = *cells;
            setState(SelectState::Moving);
        } else if (input.options->selectBy == SelectBy::Lasso) {
            m_preview.loop = {input.px};
            setState(SelectState::Looping);
        } else {
            setState(SelectState::Framing);
            return drag(input);
        }
        return {};
    }
    ToolOutcome drag(const ToolInput& input) override {
        switch (m_state) {
            case SelectState::Resting:
                return {};
            case SelectState::Framing:
                m_preview.frame = CellRect::spanning(m_start, input.cell)
                                      .intersected(input.level->cells.bounds());
                m_preview.label = sizeText(*m_preview.frame);
                return {};
            case SelectState::Looping:
                if (!(m_preview.loop.back() == input.px)) m_preview.loop.push_back(input.px);
                m_preview.label = QString::fromStdString(level::cellCountText(
                    level::lassoRegion(m_preview.loop, input.level->cellSize).cellCount()));
                return {};
            case SelectState::Moving:
                return move(input);
            case SelectState::Stretching:
                return stretch(input);
        }
        return {};
    }
    ToolOutcome release(const ToolInput& input) override {
        ToolOutcome outcome = drag(input);
        const bool isClick = m_start == input.cell;
        if (m_state == SelectState::Framing) {
            const bool isConnected = input.options->selectBy == SelectBy::Connected;
            outcome =
                isClick ? click(input, isConnected) : chosen(input, CellRegion(*m_preview.frame));
        } else if (m_state == SelectState::Looping) {
            outcome = isClick
                          ? click(input, false)
                          : chosen(input, level::lassoRegion(m_preview.loop, input.level->cellSize)
                                              .clipped(input.level->cells.bounds()));
        } else if (m_state == SelectState::Moving && isClick && input.shapes) {
            outcome = click(input, false);
        } else {
            outcome.isDone = m_state != SelectState::Resting;
        }
        setState(SelectState::Resting);
        return outcome;
    }
    void hover(const ToolInput& input) override {
        const Grip grip = gripAt(input);
        m_preview.cursor.reset();
        m_preview.label.clear();
        if (grip.isNone()) return;
        m_preview.cursor = cursorOf(grip);
        m_preview.label = words("stretch");
    }
    void cancel() override { setState(SelectState::Resting); }
    const ToolPreview& preview() const override { return m_preview; }

private:
    /// What a click takes: a collider that is shown, what hangs together, or the cell; nothing
    /// where something was selected.
    static ToolOutcome click(const ToolInput& input, bool isConnected) {
        const auto& grid = input.level->cells;
        if (!grid.bounds().contains(input.cell)) return {{}, Selection{}, {}, {}, false};
        if (input.shapes && !isConnected)
            if (const auto collider = colliderAt(input)) return chosen(input, *collider);
        if (isConnected)
            return chosen(input, level::fillRegion(grid, input.cell, grid.bounds().area()).region);
        if (input.selection->cells && !input.isStraight) return {{}, Selection{}, {}, {}, false};
        return chosen(input, CellRegion(CellRect{input.cell.x, input.cell.y, 1, 1}));
    }
    static std::optional<CellRegion> colliderAt(const ToolInput& input) {
        const collide::CollisionShapes& shapes = *input.shapes;
        const auto cellsOf = [&](const PxRect& rect) {
            return CellRegion(toCells(rect, input.level->cellSize));
        };
        for (const auto* list : {&shapes.solids, &shapes.deadly, &shapes.ladders, &shapes.liquids})
            for (const PxRect& rect : *list)
                if (rect.contains(input.px)) return cellsOf(rect);
        // A slope lies in one cell: that of the upper left corner of its bounds.
        for (const collide::Polygon& slope : shapes.slopes) {
            PxPoint corner = slope[0];
            for (const PxPoint point : slope)
                corner = {std::min(corner.x, point.x), std::min(corner.y, point.y)};
            if (toCell(corner, input.level->cellSize) == input.cell)
                return CellRegion(CellRect{input.cell.x, input.cell.y, 1, 1});
        }
        for (const collide::OneWayTop& top : shapes.oneWay)
            if (PxRect{top.x, top.y, top.width, 1}.grown(input.slackPx(4)).contains(input.px))
                return cellsOf({top.x, top.y, top.width, 1});
        return std::nullopt;
    }
    static ToolOutcome chosen(const ToolInput& input, CellRegion region) {
        if (input.isStraight && input.selection->cells)
            region = region.united(*input.selection->cells);
        Selection selection;
        if (!region.isEmpty()) selection.cells = std::move(region);
        return {{}, selection, {}, {}, false};
    }
    ToolOutcome move(const ToolInput& input) {
        const int dx = input.cell.x - m_start.x;
        const int dy = input.cell.y - m_start.y;
        m_preview.label = words("move %1, %2").arg(dx).arg(dy);
        Selection selection;
        selection.cells = m_from.moved(dx, dy);
        if (!input.lessons)
            return {moveCells(*input.level, m_from, dx, dy), selection, {}, {}, false};
        const int layer = input.options->skinLayer;
        const bool isOnLayer = layer >= 0 && layer < int(input.level->layers.size());
        return {moveTiles(*input.level, m_from, dx, dy, isOnLayer ? layer : level::onMasses),
                selection,
                {},
                {},
                false};
    }
    ToolOutcome stretch(const ToolInput& input) {
        const CellRect to =
            stretched(m_from.bounds(), m_grip, input.cell).intersected(input.level->cells.bounds());
        m_preview.label = sizeText(to);
        Selection selection;
        selection.cells = CellRegion(to);
        return {stretchCells(*input.level, m_from.bounds(), to), selection, {}, {}, false};
    }
    void setState(SelectState state) {
        m_state = state;
        if (state == SelectState::Resting) m_preview = {};
    }

    SelectState m_state = SelectState::Resting;
    CellPoint m_start;
    CellRegion m_from;
    Grip m_grip;
    ToolPreview m_preview;
};

}  // namespace

std::unique_ptr<Tool> makeCellSelect() {
    return std::make_unique<CellSelect>();
}

}  // namespace rook::app
