#include <QClipboard>
#include <QGuiApplication>

#include "app/board.h"
#include "file/text_grid.h"
#include "level/tile_edits.h"
#include "skin/pins.h"

namespace rook::app {

namespace {

/// What the cells of a region wear on the layer in hand; none outside the region.
Grid<level::Tile> tilesSeen(const Session& session, const level::CellRegion& region) {
    const level::Level& level = *session.level();
    const int layer = session.skinLayerInHand();
    const level::Level pinned = skin::pinTiles(*session.lessons(), level, region, layer).level;
    const CellRect area = region.bounds();
    Grid<level::Tile> tiles(area.width, area.height);
    const auto& from =
        layer == level::onMasses ? pinned.tiles : pinned.layers[std::size_t(layer)].tiles;
    for (int y = 0; y < area.height; ++y)
        for (int x = 0; x < area.width; ++x)
            if (region.contains({area.x + x, area.y + y}))
                tiles.set(x, y, from.at(area.x + x, area.y + y, level::Tile()));
    return tiles;
}

}  // namespace

/// The tiles in hand once, at the pointer or in the middle of what is seen, and selected.
void Board::layTilesInHand() {
    const auto& tiles = m_session.options().tiles;
    const QPointF widget = m_hasPointer ? m_pointer : QPointF(width() / 2.0, height() / 2.0);
    const CellRect bounds = m_session.level()->cells.bounds();
    CellPoint at = toCell(m_view.toLevelPx(widget), m_session.level()->cellSize);
    at.x = std::clamp(at.x, 0, std::max(0, bounds.width - tiles.width()));
    at.y = std::clamp(at.y, 0, std::max(0, bounds.height - tiles.height()));
    const level::CellRegion region(
        CellRect{at.x, at.y, tiles.width(), tiles.height()}.intersected(bounds));
    m_session.apply(setTiles(*m_session.level(), region, tiles, at, m_session.skinLayerInHand()));
    m_session.setSkinTool(SkinTool::Select);
    Selection selection;
    selection.cells = region;
    m_session.select(selection);
}

void Board::copy() {
    if (isOnSketch()) {
        m_copiedMarks.clear();
        for (const level::MarkId id : m_session.selection().marks)
            if (const level::Mark* mark = findMark(m_session.level()->sketch, id))
                m_copiedMarks.push_back(*mark);
        return m_session.say(
            m_copiedMarks.empty()
                ? tr("Select some marks first (G), then copy.")
                : tr("Copied %1.")
                      .arg(counted(qsizetype(m_copiedMarks.size()), tr("mark"), tr("marks"))));
    }
    const auto& cells = m_session.selection().cells;
    if (!cells) return m_session.say(tr("Select some cells first (G), then copy."));
    if (m_session.step() == Step::Skin) {
        ToolOptions options = m_session.options();
        options.tiles = tilesSeen(m_session, *cells);
        options.tilesFrom.emplace(m_session.level()->id, cells->bounds());
        m_session.setOptions(options);
        return m_session.say(tr("%1 × %2 tiles are in hand, to be laid again.")
                                 .arg(options.tiles.width())
                                 .arg(options.tiles.height()));
    }
    const level::CellClip clip = copyCells(*m_session.level(), *cells);
    m_copiedText = QString::fromStdString(file::textOfClip(m_session.project(), clip));
    QGuiApplication::clipboard()->setText(m_copiedText);
    m_session.setClip(clip);
    m_session.say(tr("Copied %1 × %2 cells.").arg(clip.cells.width()).arg(clip.cells.height()));
}

void Board::cut() {
    const auto cells = m_session.selection().cells;
    copy();
    if (isOnSketch() && !m_copiedMarks.empty()) return deleteSelection();
    if (!cells) return;
    if (m_session.step() == Step::Skin) return deleteSelection();
    level::LevelEdit edit =
        layCells(m_session.project(), *m_session.level(), *cells, level::Cell(), "Lay");
    edit.name = "Cut " + level::cellCountText(cells->cellCount());
    m_session.apply(edit);
}

void Board::paste() {
    if (isOnSketch()) {
        if (m_copiedMarks.empty())
            return m_session.say(tr("There is nothing to paste yet: copy some marks first."));
        PxRect bounds;
        for (const level::Mark& mark : m_copiedMarks)
            bounds = bounds.united(boundsOf(mark));
        const QPointF middle = m_hasPointer ? m_pointer : QPointF(width() / 2.0, height() / 2.0);
        const PxPoint at = m_view.toLevelPx(middle);
        return pasteMarks(m_copiedMarks, at.x - bounds.x - bounds.width / 2,
                          at.y - bounds.y - bounds.height / 2);
    }
    if (m_session.step() == Step::Skin) return layTilesInHand();
    if (!takeTextClip()) return;
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
    selection.cells = level::CellRegion(
        CellRect{at.x, at.y, clip.cells.width(), clip.cells.height()}.intersected(bounds));
    m_session.select(selection);
}

bool Board::takeTextClip() {
    // Text that somebody else copied is read as rows of characters; what it says is told.
    const QString text = QGuiApplication::clipboard()->text();
    if (text.trimmed().isEmpty() || text == m_copiedText) return true;
    auto clip = file::clipOfText(m_session.project(), *m_session.level(), text.toStdString());
    if (!clip) {
        m_session.say(QString::fromStdString(clip.error().sentence()));
        return false;
    }
    m_session.setClip(std::move(*clip));
    return true;
}

void Board::deleteSelection() {
    const Selection selection = m_session.selection();
    if (isOnSketch()) return deletePlanned(selection);
    if (editPieces(0, 0, PieceEdit::Remove)) return;
    if (!selection.entities.empty())
        m_session.apply(deleteEntities(*m_session.level(), selection.entities));
    else if (selection.cells && m_session.step() == Step::Skin)
        m_session.apply(
            clearTiles(*m_session.level(), *selection.cells, m_session.skinLayerInHand()));
    else if (selection.cells)
        m_session.apply(layCells(m_session.project(), *m_session.level(), *selection.cells,
                                 level::Cell(), "Lay"));
}

void Board::deletePlanned(const Selection& selection) {
    const level::Level& level = *m_session.level();
    const int index = m_session.routeInHand();
    if (!selection.marks.empty()) return m_session.apply(deleteMarks(level, selection.marks));
    if (selection.hasUnderlay)
        return m_session.apply(setUnderlay(level, std::nullopt, "Remove the underlay"));
    if (index < 0 || !(selection.bead || selection.wayPoint)) return;
    level::Route route = level.sketch.routes[std::size_t(index)];
    if (selection.bead) {
        route.beads.erase(route.beads.begin() + *selection.bead);
        return m_session.apply(changeRoute(level, index, route, "Take a bead away"));
    }
    if (route.points.size() == 1) return m_session.apply(removeRoute(level, index));
    m_session.apply(changeRoute(level, index, withoutWayPoint(route, *selection.wayPoint),
                                "Take a way point away"));
}

void Board::turn(level::Turning turning) {
    const bool isSideways = turning == level::Turning::MirrorSideways;
    const bool isMirror = isSideways || turning == level::Turning::MirrorTopToBottom;
    if (isOnSketch()) return isMirror ? mirror(isSideways) : void();
    if (m_session.step() != Step::Shape) return;
    if (!isMirror && turnPieces(turning == level::Turning::QuarterLeft ? -1 : 1)) return;
    if (isKit()) return m_session.say(tr("Pieces are turned, not mirrored."));
    const auto& cells = m_session.selection().cells;
    if (!cells && isMirror) {
        ToolOptions options = m_session.options();
        bool& mirrors = isSideways ? options.mirrorsSideways : options.mirrorsTopToBottom;
        mirrors = !mirrors;
        return m_session.setOptions(options);
    }
    if (!cells) return m_session.say(tr("Select some cells first (G), then turn them."));
    const auto turned = turnCells(*m_session.level(), *cells, turning);
    if (!turned) return m_session.say(QString::fromStdString(turned.error().sentence()));
    m_session.apply(turned->edit);
    Selection selection;
    selection.cells = turned->to;
    m_session.select(selection);
}

void Board::duplicate() {
    const Selection selection = m_session.selection();
    if (editPieces(0, 0, PieceEdit::Copy)) return;
    if (!selection.marks.empty()) {
        std::vector<level::Mark> marks;
        for (const level::MarkId id : selection.marks)
            marks.push_back(*findMark(m_session.level()->sketch, id));
        const CellSize size = m_session.level()->cellSize;
        return pasteMarks(marks, size.width, size.height);
    }
    if (selection.cells && m_session.step() == Step::Skin) {
        copy();
        return layTilesInHand();
    }
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
        copy.id = level.entities.back().id;
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
    if (editPieces(dx, dy, PieceEdit::Move)) return;
    const int stepX = dx * (byPx ? 1 : cell.width);
    const int stepY = dy * (byPx ? 1 : cell.height);
    if (!selection.marks.empty()) {
        m_session.apply(moveMarks(*m_session.level(), selection.marks, stepX, stepY));
    } else if (selection.hasUnderlay && m_session.level()->sketch.underlay) {
        level::Underlay underlay = *m_session.level()->sketch.underlay;
        underlay.corner = {underlay.corner.x + stepX, underlay.corner.y + stepY};
        m_session.apply(setUnderlay(*m_session.level(), underlay, "Move the underlay"));
    } else if (selection.wayPoint && m_session.routeInHand() >= 0) {
        const int index = m_session.routeInHand();
        level::Route route = m_session.level()->sketch.routes[std::size_t(index)];
        PxPoint& point = route.points[std::size_t(*selection.wayPoint)];
        point = {point.x + stepX, point.y + stepY};
        m_session.apply(changeRoute(*m_session.level(), index, route, "Bend " + route.name));
    } else if (!selection.entities.empty()) {
        const auto edit = moveEntities(*m_session.level(), selection.entities, stepX, stepY);
        if (!edit) return m_session.say(QString::fromStdString(edit.error().sentence()));
        m_session.apply(*edit);
    } else if (selection.cells) {
        const level::CellRegion target = selection.cells->moved(dx, dy);
        if (!m_session.level()->cells.bounds().contains(target.bounds()))
            return m_session.say(tr("The selection is at the edge of the level."));
        m_session.apply(m_session.step() == Step::Skin
                            ? moveTiles(*m_session.level(), *selection.cells, dx, dy,
                                        m_session.skinLayerInHand())
                            : moveCells(*m_session.level(), *selection.cells, dx, dy));
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
    if (isOnSketch()) {
        m_session.setSketchTool(SketchTool::Select);
        for (const level::Leaf& leaf : m_session.level()->sketch.leaves)
            for (const level::Mark& mark : leaf.marks)
                if (leaf.isShown && !leaf.isLocked) selection.marks.push_back(mark.id);
    } else if (m_session.step() == Step::Cast) {
        for (const level::Entity& entity : m_session.level()->entities)
            selection.entities.push_back(entity.id);
    } else if (isKit() && m_session.step() == Step::Shape) {
        m_session.setShapeTool(ShapeTool::Select);
        for (const level::PlacedPiece& placed : m_session.level()->pieces)
            selection.pieces.push_back(placed.id);
    } else if (m_session.step() == Step::Shape || m_session.step() == Step::Skin) {
        if (m_session.step() == Step::Skin)
            m_session.setSkinTool(SkinTool::Select);
        else
            m_session.setShapeTool(ShapeTool::Select);
        selection.cells = level::CellRegion(m_session.level()->cells.bounds());
    }
    m_session.select(selection);
}

}  // namespace rook::app
