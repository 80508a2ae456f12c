#include "app/board/selection_edits.h"

#include <QClipboard>
#include <QGuiApplication>
#include <cmath>

#include "app/tools/tool.h"
#include "app/ui/theme.h"
#include "app/ui/words.h"
#include "file/text_grid.h"
#include "kit/edits.h"
#include "level/cast_clips.h"
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
            session.say(tr("The selection is at the edge of the level."));
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
            session.say(told(copied.error()));
            return true;
        }
        session.document.apply(copied->edit);
        copies.pieces = copied->copies;
    } else if (!selection.entities.empty()) {
        const auto copied =
            level::duplicateEntities(session.document.project(), level, selection.entities);
        if (!copied) {
            session.say(told(copied.error()));
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

namespace {

std::vector<ZoneId> zonesOf(const Selection& selection) {
    return selection.zone ? std::vector{*selection.zone} : std::vector<ZoneId>();
}

/// Pieces and solids around a place of the storey in hand.
void pasteStandings(Session& session, const kit::Standings& things, PxPoint middle) {
    const level::Level& level = *session.document.level();
    const level::Kit* kit = session.document.project().kitOf(level);
    if (!kit) return session.say(tr("Pieces are laid on levels of pieces."));
    const auto pasted =
        kit::paste(*kit, level, things, toCell(middle, level.cellSize), session.workbench.storey());
    if (!pasted) return session.say(told(pasted.error()));
    Selection selection;
    selection.pieces = pasted->copies;
    session.document.apply(pasted->edit);
    session.workbench.select(selection);
}

}  // namespace

bool copySelectedThings(Session& session) {
    const Selection& selection = session.workbench.selection();
    const level::Level& level = *session.document.level();
    Workbench::ThingsClip things;
    things.cast = level::copyCast(level, selection.entities, zonesOf(selection));
    QStringList names;
    things.standings = kit::standingsOf(level, selection.pieces);
    for (const level::PlacedPiece& placed : things.standings.pieces)
        names << QString::fromStdString(placed.piece);
    for (const level::Solid& solid : things.standings.solids)
        names << QString::fromStdString(kit::titleOf(solid));
    for (const level::Entity& entity : things.cast.entities)
        names << QString::fromStdString(entity.id.text);
    for (const level::Zone& zone : things.cast.zones)
        names << QString::fromStdString(zone.name);
    if (names.isEmpty()) return false;
    // Other programs get the names.
    things.text = names.join(u'\n');
    QGuiApplication::clipboard()->setText(things.text);
    session.workbench.setThings(std::move(things));
    session.say(tr("Copied %1.").arg(counted(names.size(), tr("thing"), tr("things"))));
    return true;
}

bool cutSelectedThings(Session& session) {
    if (!copySelectedThings(session)) return false;
    const Selection selection = session.workbench.selection();
    const level::Level& level = *session.document.level();
    if (const level::Kit* kit = kitOfSelected(session))
        session.document.apply(kit::remove(*kit, level, selection.pieces));
    else
        session.document.apply(level::cutCast(level, session.workbench.things()->cast));
    return true;
}

bool pasteThings(Session& session, PxPoint middle) {
    const auto things = session.workbench.things();
    if (!things || QGuiApplication::clipboard()->text() != things->text) return false;
    if (!things->standings.empty()) return pasteStandings(session, things->standings, middle), true;
    const PxRect bounds = things->cast.bounds();
    // By whole cells, so that what stood on the grid stands on it.
    const auto stepped = [](int from, int to, int cell) {
        return from + int(std::lround(double(to - from) / cell)) * cell;
    };
    const CellSize cell = session.document.level()->cellSize;
    const PxPoint corner{stepped(bounds.x, middle.x - bounds.width / 2, cell.width),
                         stepped(bounds.y, middle.y - bounds.height / 2, cell.height)};
    const level::PastedCast pasted = level::pasteCast(
        session.document.project(), *session.document.level(), things->cast, corner);
    if (!pasted.entities.empty() || !pasted.zones.empty()) {
        session.document.apply(pasted.edit);
        Selection selection;
        selection.entities = pasted.entities;
        if (!pasted.zones.empty()) selection.zone = pasted.zones.front();
        session.workbench.select(selection);
    }
    if (pasted.told.empty()) return true;
    QString sentence = told(pasted.told.front());
    if (pasted.told.size() > 1) sentence += tr(" – and %1 more").arg(pasted.told.size() - 1);
    session.say(sentence + u'.');
    return true;
}

bool copySelectedCells(Session& session) {
    const auto& cells = session.workbench.selection().cells;
    if (!cells) return false;
    const level::CellClip clip = copyCells(*session.document.level(), *cells);
    QGuiApplication::clipboard()->setText(
        QString::fromStdString(file::textOfClip(session.document.project(), clip)));
    session.workbench.setClip(clip);
    session.say(tr("Copied %1 × %2 cells.").arg(clip.cells.width()).arg(clip.cells.height()));
    return true;
}

}  // namespace rook::app
