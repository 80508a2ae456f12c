#include <QClipboard>
#include <QGuiApplication>

#include "app/board.h"
#include "file/matter_text.h"

namespace rook::app {

void Board::copy() {
    const auto& cells = m_session.selection().cells;
    if (!cells) return m_session.say(tr("Select some cells first (G), then copy."));
    const level::CellClip clip = copyCells(*m_session.level(), *cells);
    level::Level drawing;
    drawing.cells = clip.cells;
    QStringList lines;
    for (const std::string& row :
         file::drawnRows(clip.cells, file::legendOf(m_session.project(), drawing)))
        lines << QString::fromStdString(row);
    QGuiApplication::clipboard()->setText(lines.join(QLatin1Char('\n')));
    m_session.setClip(clip);
    m_session.say(tr("Copied %1 × %2 cells.").arg(clip.cells.width()).arg(clip.cells.height()));
}

void Board::cut() {
    const auto cells = m_session.selection().cells;
    copy();
    if (!cells) return;
    level::LevelEdit edit = layCells(m_session.project(), *m_session.level(),
                                     level::CellRegion(*cells), level::Cell(), "Lay");
    edit.name = "Cut " + level::cellCountText(cells->area());
    m_session.apply(edit);
}

void Board::paste() {
    if (!m_session.clip())
        return m_session.say(tr("There is nothing to paste yet: copy some cells first."));
    const level::CellClip clip = *m_session.clip();
    const CellRect bounds = m_session.level()->cells.bounds();
    // At the pointer, else in the middle of what is seen; never outside the level.
    const QPointF widget = m_hasPointer ? m_pointer : QPointF(width() / 2.0, height() / 2.0);
    CellPoint at = toCell(m_view.toLevelPx(widget), m_session.level()->cellSize);
    at.x = std::clamp(at.x, 0, std::max(0, bounds.width - clip.cells.width()));
    at.y = std::clamp(at.y, 0, std::max(0, bounds.height - clip.cells.height()));
    m_session.apply(pasteCells(*m_session.level(), clip, at));
    m_session.setShapeTool(ShapeTool::Select);
    Selection selection;
    selection.cells =
        CellRect{at.x, at.y, clip.cells.width(), clip.cells.height()}.intersected(bounds);
    m_session.select(selection);
}

void Board::deleteSelection() {
    const Selection selection = m_session.selection();
    if (!selection.entities.empty())
        m_session.apply(deleteEntities(*m_session.level(), selection.entities));
    else if (selection.cells)
        m_session.apply(layCells(m_session.project(), *m_session.level(),
                                 level::CellRegion(*selection.cells), level::Cell(), "Lay"));
}

void Board::duplicate() {
    const Selection selection = m_session.selection();
    if (selection.cells) {
        m_session.setClip(copyCells(*m_session.level(), *selection.cells));
        return paste();
    }
    level::Level level = *m_session.level();
    Selection copies;
    CellRect touched;
    for (const EntityId& id : selection.entities) {
        const level::Entity* original = findEntity(*m_session.level(), id);
        const level::Kind* kind = original ? m_session.project().findKind(original->kind) : nullptr;
        if (!kind) continue;
        level::Entity copy = *original;
        const PxRect box = copy.box.moved(level.cellSize.width, 0);
        const auto placed = placeEntity(level, *kind, {box.x, box.y}, copy.facing);
        if (!placed) return m_session.say(QString::fromStdString(placed.error().sentence()));
        level = placed->level;
        copy.id = level.entities.items().back().id;
        copy.box = box;
        const auto changed = changeEntity(level, copy, "Duplicate " + id.text);
        if (!changed) return m_session.say(QString::fromStdString(changed.error().sentence()));
        level = changed->level;
        touched = touched.united(changed->touched);
        copies.entities.push_back(copy.id);
    }
    if (copies.entities.empty()) return;
    m_session.apply({level,
                     "Duplicate " + std::to_string(copies.entities.size()) +
                         (copies.entities.size() == 1 ? " entity" : " entities"),
                     touched});
    m_session.select(copies);
}

void Board::nudge(int dx, int dy, bool byPx) {
    const Selection selection = m_session.selection();
    const CellSize cell = m_session.level()->cellSize;
    if (!selection.entities.empty()) {
        const auto edit = moveEntities(*m_session.level(), selection.entities,
                                       dx * (byPx ? 1 : cell.width), dy * (byPx ? 1 : cell.height));
        if (!edit) return m_session.say(QString::fromStdString(edit.error().sentence()));
        m_session.apply(*edit);
    } else if (selection.cells) {
        const CellRect target = selection.cells->moved(dx, dy);
        if (!m_session.level()->cells.bounds().contains(target))
            return m_session.say(tr("The selection is at the edge of the level."));
        m_session.apply(moveCells(*m_session.level(), *selection.cells, dx, dy));
        Selection moved;
        moved.cells = target;
        m_session.select(moved);
    } else {
        View view = m_view;
        view.pan({-dx * 64.0, -dy * 64.0});
        setView(view);
    }
}

void Board::selectAll() {
    Selection selection;
    if (m_session.step() == Step::Cast) {
        for (const level::Entity& entity : m_session.level()->entities)
            selection.entities.push_back(entity.id);
    } else if (m_session.step() == Step::Shape) {
        m_session.setShapeTool(ShapeTool::Select);
        selection.cells = m_session.level()->cells.bounds();
    }
    m_session.select(selection);
}

}  // namespace rook::app
