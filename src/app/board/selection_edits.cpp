#include "app/board/selection_edits.h"

#include <QClipboard>
#include <QGuiApplication>

#include "app/tools/tool.h"
#include "file/text_grid.h"
#include "kit/edits.h"
#include "level/cast_edits.h"
#include "level/clips.h"

namespace rook::app {

namespace {

/// The kit of the level on the board where pieces are selected; else null.
const level::Kit* kitOfSelected(const Session& session) {
    return session.workbench.selection().pieces.empty()
               ? nullptr
               : session.document.project().kitOf(*session.document.level());
}

}  // namespace

bool removeSelected(Session& session) {
    const Selection selection = session.workbench.selection();
    const level::Level& level = *session.document.level();
    if (const level::Kit* kit = kitOfSelected(session))
        session.document.apply(kit::remove(*kit, level, selection.pieces));
    else if (!selection.entities.empty())
        session.document.apply(deleteEntities(level, selection.entities));
    else if (selection.cells)
        session.document.apply(
            layCells(session.document.project(), level, *selection.cells, level::Cell(), "Lay"));
    else
        return false;
    return true;
}

bool nudgeSelected(Session& session, int dx, int dy, bool byPx) {
    const Selection selection = session.workbench.selection();
    const level::Level& level = *session.document.level();
    if (const level::Kit* kit = kitOfSelected(session)) {
        session.document.apply(kit::move(*kit, level, selection.pieces, dx, dy, 0));
    } else if (!selection.entities.empty()) {
        session.document.apply(moveEntities(level, selection.entities,
                                            dx * (byPx ? 1 : level.cellSize.width),
                                            dy * (byPx ? 1 : level.cellSize.height)));
    } else if (selection.cells) {
        Selection moved;
        moved.cells = selection.cells->moved(dx, dy);
        if (!level.cells.bounds().contains(moved.cells->bounds())) {
            session.say(words("The selection is at the edge of the level."));
            return true;
        }
        session.document.apply(moveCells(level, *selection.cells, dx, dy));
        session.workbench.select(moved);
    } else {
        return false;
    }
    return true;
}

bool duplicateSelected(Session& session) {
    const Selection selection = session.workbench.selection();
    const level::Level& level = *session.document.level();
    Selection copies;
    if (const level::Kit* kit = kitOfSelected(session)) {
        const auto copied = kit::duplicateBeside(*kit, level, selection.pieces);
        if (!copied) {
            session.say(QString::fromStdString(copied.error().sentence()));
            return true;
        }
        session.document.apply(copied->edit);
        copies.pieces = copied->copies;
    } else if (!selection.entities.empty()) {
        const auto copied =
            level::duplicateEntities(session.document.project(), level, selection.entities);
        if (!copied) {
            session.say(QString::fromStdString(copied.error().sentence()));
            return true;
        }
        session.document.apply(copied->edit);
        copies.entities = copied->copies;
    } else {
        return false;
    }
    session.workbench.select(copies);
    return true;
}

bool copySelectedCells(Session& session) {
    const auto& cells = session.workbench.selection().cells;
    if (!cells) return false;
    const level::CellClip clip = copyCells(*session.document.level(), *cells);
    QGuiApplication::clipboard()->setText(
        QString::fromStdString(file::textOfClip(session.document.project(), clip)));
    session.workbench.setClip(clip);
    session.say(words("Copied %1 × %2 cells.").arg(clip.cells.width()).arg(clip.cells.height()));
    return true;
}

}  // namespace rook::app
