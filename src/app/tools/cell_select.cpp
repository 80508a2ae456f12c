#include "app/tools/cell_select.h"

#include <algorithm>

#include "app/tools/cell_options.h"
#include "app/ui/words.h"
#include "level/clips.h"

namespace rook::app {

using level::CellRegion;

CellSelect::Grip CellSelect::gripAt(const ToolInput& input) const {
    const auto& cells = input.selection->cells;
    if (!cells || !cells->isRect() || !canStretch() || input.isPicking || input.isStraight)
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

Qt::CursorShape CellSelect::cursorOf(Grip grip) {
    if (grip.upright == 0) return Qt::SizeHorCursor;
    if (grip.sideways == 0) return Qt::SizeVerCursor;
    return grip.sideways == grip.upright ? Qt::SizeFDiagCursor : Qt::SizeBDiagCursor;
}

/// The rectangle with the edges that are held drawn to the pointer; one cell stays.
CellRect CellSelect::stretched(const CellRect& rect, Grip grip, CellPoint to) {
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

ToolOutcome CellSelect::press(const ToolInput& input) {
    m_start = input.cell;
    const auto& cells = input.selection->cells;
    if (input.isErasing) {
        setState(State::Resting);
        return {{}, Selection{}, {}, {}, false};
    }
    m_grip = gripAt(input);
    if (!m_grip.isNone()) {
        m_from = *cells;
        setState(State::Stretching);
    } else if (cells && cells->contains(input.cell) && !input.isStraight) {
        m_from = *cells;
        setState(State::Moving);
    } else if (input.options->of<CellOptions>().selectBy == SelectBy::Lasso) {
        m_preview.loop = {input.px};
        setState(State::Looping);
    } else {
        setState(State::Framing);
        return drag(input);
    }
    return {};
}

ToolOutcome CellSelect::drag(const ToolInput& input) {
    switch (m_state) {
        case State::Resting:
            return {};
        case State::Framing:
            m_preview.frame =
                CellRect::spanning(m_start, input.cell).intersected(input.level->cells.bounds());
            m_preview.label = sizeText(*m_preview.frame);
            return {};
        case State::Looping:
            if (!(m_preview.loop.back() == input.px)) m_preview.loop.push_back(input.px);
            m_preview.label = told(level::cellCountText(
                level::lassoRegion(m_preview.loop, input.level->cellSize).cellCount()));
            return {};
        case State::Moving:
            return move(input);
        case State::Stretching:
            return stretch(input);
    }
    return {};
}

ToolOutcome CellSelect::release(const ToolInput& input) {
    ToolOutcome outcome = drag(input);
    const bool isClick = m_start == input.cell;
    if (m_state == State::Framing) {
        const bool isConnected = input.options->of<CellOptions>().selectBy == SelectBy::Connected;
        outcome = isClick ? click(input, isConnected) : chosen(input, CellRegion(*m_preview.frame));
    } else if (m_state == State::Looping) {
        outcome = isClick ? click(input, false)
                          : chosen(input, level::lassoRegion(m_preview.loop, input.level->cellSize)
                                              .clipped(input.level->cells.bounds()));
    } else if (m_state == State::Moving && isClick && input.shapes) {
        outcome = click(input, false);
    } else {
        outcome.isDone = m_state != State::Resting;
    }
    setState(State::Resting);
    return outcome;
}

void CellSelect::hover(const ToolInput& input) {
    const Grip grip = gripAt(input);
    m_preview.cursor.reset();
    m_preview.label.clear();
    if (grip.isNone()) return;
    m_preview.cursor = cursorOf(grip);
    m_preview.label = tr("stretch");
}

/// What a click takes: a collider that is shown, what hangs together, or the cell; nothing
/// where something was selected.
ToolOutcome CellSelect::click(const ToolInput& input, bool isConnected) const {
    const auto& grid = input.level->cells;
    if (!grid.bounds().contains(input.cell)) return {{}, Selection{}, {}, {}, false};
    if (!isConnected)
        if (const auto other = clicked(input)) return chosen(input, *other);
    if (isConnected)
        return chosen(input, level::fillRegion(grid, input.cell, grid.bounds().area()).region);
    if (input.selection->cells && !input.isStraight) return {{}, Selection{}, {}, {}, false};
    return chosen(input, CellRegion(CellRect{input.cell.x, input.cell.y, 1, 1}));
}

ToolOutcome CellSelect::chosen(const ToolInput& input, CellRegion region) {
    if (input.isStraight && input.selection->cells) region = region.united(*input.selection->cells);
    Selection selection;
    if (!region.isEmpty()) selection.cells = std::move(region);
    return {{}, selection, {}, {}, false};
}

ToolOutcome CellSelect::move(const ToolInput& input) {
    const int dx = input.cell.x - m_start.x;
    const int dy = input.cell.y - m_start.y;
    m_preview.label = tr("move %1, %2").arg(dx).arg(dy);
    Selection selection;
    selection.cells = m_from.moved(dx, dy);
    return {moved(input, m_from, dx, dy), selection, {}, {}, false};
}

ToolOutcome CellSelect::stretch(const ToolInput& input) {
    const CellRect to =
        stretched(m_from.bounds(), m_grip, input.cell).intersected(input.level->cells.bounds());
    m_preview.label = sizeText(to);
    Selection selection;
    selection.cells = CellRegion(to);
    return {stretchCells(*input.level, m_from.bounds(), to), selection, {}, {}, false};
}

void CellSelect::setState(State state) {
    m_state = state;
    if (state == State::Resting) m_preview = {};
}

}  // namespace rook::app
