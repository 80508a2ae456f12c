#include "app/steps/skin/skin_on_board.h"
#include <QPainter>

#include "app/board/board.h"
#include "app/steps/skin/skin_options.h"
#include "app/tools/cell_options.h"
#include "app/ui/words.h"
#include "level/tile_edits.h"
#include "skin/dressing.h"
#include "skin/pins.h"

namespace rook::app {

namespace {

/// What the cells of a region wear on the layer in hand; none outside the region.
Grid<level::Tile> tilesSeen(const Session& session, const level::CellRegion& region) {
    const level::Level& level = *session.document.level();
    const int layer = layerInHand(session.workbench.options(), level);
    const level::Level pinned =
        skin::pinTiles(*session.dressing.tilingRules(), level, region, layer).level;
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

int SkinOnBoard::layer() const {
    return layerInHand(m_session.workbench.options(), level());
}

void SkinOnBoard::dress(MatterScene& scene) {
    scene.showsGuesses = m_session.workbench.options<SkinOptions>().showsGuesses;
}

void SkinOnBoard::fillInput(ToolInput& input) const {
    m_tilingRules = m_session.dressing.tilingRules();
    input.tilingRules = m_tilingRules.get();
}

PlayWish SkinOnBoard::playWish() const {
    // From Skin one walks through the level as the game will look.
    PlayWish wish;
    wish.looksLikeTheGame = true;
    return wish;
}

void SkinOnBoard::paintTop(QPainter& painter) {
    const SkinOptions& options = m_session.workbench.options<SkinOptions>();
    if (m_session.document.isOnSwatch()) paintMotifs(painter);
    if (options.showsLook) paintLook(painter);
    m_fadeLines.paint(painter, view(), area(), layer());
    if (options.scatterPreview)
        m_board.paintCells(painter, *options.scatterPreview, currentTheme().accent, 0.35f,
                           QPen(currentTheme().accent, 1));
}

/// The outlines of what is solid, and cells that look otherwise than they are.
void SkinOnBoard::paintLook(QPainter& painter) {
    const auto known = proven();
    if (!known) return;
    const Theme& theme = currentTheme();
    painter.setBrush(Qt::NoBrush);
    if (known->shapes) {
        for (const double width : {3.5, 1.5}) {
            painter.setPen(QPen(width > 2 ? theme.paper : theme.accent, width));
            for (const collide::Outline& outline : known->shapes->outlines) {
                QPolygonF line;
                for (const PxPoint p : outline.points)
                    line << view().toWidget(p);
                painter.drawPolygon(line);
            }
        }
    }
    if (!known->look) return;
    const CellRect seen = m_board.cellsInSight();
    const auto hatch = [&](const BitMap& map, const QColor& tone, Qt::BrushStyle pattern) {
        for (int y = seen.y; y < seen.bottom(); ++y)
            for (int x = seen.x; x < seen.right(); ++x) {
                if (!map.test(x, y)) continue;
                const QRectF box = view().toWidget(toPx(CellRect{x, y, 1, 1}, level().cellSize));
                painter.fillRect(box, theme.paper);
                painter.fillRect(box, QBrush(tone, pattern));
                painter.setPen(QPen(tone, 1.5));
                painter.drawRect(box);
            }
    };
    hatch(known->look->looksSolid, theme.caution, Qt::BDiagPattern);
    hatch(known->look->looksOpen, theme.alarm, Qt::DiagCrossPattern);
}

/// Cells that are laid together, and those that were taken last and may become a motif.
void SkinOnBoard::paintMotifs(QPainter& painter) {
    const Theme& theme = currentTheme();
    const level::Level& swatch = level();
    painter.setBrush(Qt::NoBrush);
    const auto frame = [&](const CellRect& cells, const QPen& pen) {
        painter.setPen(QPen(theme.paper, pen.widthF() + 2));
        const QRectF box = view().toWidget(toPx(cells, swatch.cellSize));
        painter.drawRect(box);
        painter.setPen(pen);
        painter.drawRect(box);
    };
    for (const CellRect& motif : swatch.motifs)
        frame(motif, QPen(theme.plum, 2));
    const auto& taken = m_session.workbench.options<TilesInHand>().tilesFrom;
    if (taken && taken->first == swatch.id && taken->second.area() > 1)
        frame(taken->second, QPen(theme.accent, 1.5, Qt::DashLine));
}

bool SkinOnBoard::press(QPointF at) {
    return m_fadeLines.press(at, view(), area(), layer());
}

bool SkinOnBoard::drag(QPointF at) {
    return m_fadeLines.drag(at, view());
}

bool SkinOnBoard::release() {
    return m_fadeLines.release();
}

bool SkinOnBoard::cancel() {
    return m_fadeLines.cancel();
}

void SkinOnBoard::copy() {
    const auto& cells = selection().cells;
    if (!cells) return m_session.say(tr("Select some cells first (G), then copy."));
    const auto tiles = tilesSeen(m_session, *cells);
    m_session.workbench.change<TilesInHand>([&](TilesInHand& hand) {
        hand.tiles = tiles;
        hand.tilesFrom.emplace(level().id, cells->bounds());
    });
    m_session.say(
        tr("%1 × %2 tiles are in hand, to be laid again.").arg(tiles.width()).arg(tiles.height()));
}

void SkinOnBoard::cut() {
    copy();
    removeSelected();
}

/// The tiles in hand once, at the pointer or in the middle of what is seen, and selected.
void SkinOnBoard::paste() {
    const auto& tiles = m_session.workbench.options<TilesInHand>().tiles;
    const CellRect place = m_board.placeForCells(tiles.width(), tiles.height());
    const level::CellRegion region(place.intersected(level().cells.bounds()));
    m_session.document.apply(setTiles(level(), region, tiles, {place.x, place.y}, layer()));
    m_session.workbench.chooseTool("select");
    Selection selection;
    selection.cells = region;
    m_session.workbench.select(selection);
}

void SkinOnBoard::removeSelected() {
    const auto& cells = selection().cells;
    if (!cells || !selection().entities.empty()) return BoardStep::removeSelected();
    m_session.document.apply(clearTiles(level(), *cells, layer()));
}

void SkinOnBoard::duplicate() {
    if (!selection().cells) return BoardStep::duplicate();
    copy();
    paste();
}

bool SkinOnBoard::nudge(int dx, int dy, bool byPx) {
    const auto cells = selection().cells;
    if (!cells || !selection().entities.empty()) return BoardStep::nudge(dx, dy, byPx);
    Selection moved;
    moved.cells = cells->moved(dx, dy);
    if (!level().cells.bounds().contains(moved.cells->bounds())) {
        m_session.say(tr("The selection is at the edge of the level."));
        return true;
    }
    m_session.document.apply(moveTiles(level(), *cells, dx, dy, layer()));
    m_session.workbench.select(moved);
    return true;
}

void SkinOnBoard::selectAll() {
    m_session.workbench.chooseTool("select");
    Selection selection;
    selection.cells = level::CellRegion(level().cells.bounds());
    m_session.workbench.select(selection);
}

/// The tile that a cell wears on the layer in hand, and whether somebody set it.
QString SkinOnBoard::wordsAt(CellPoint cell) const {
    const level::Level& level = this->level();
    const int layer = layerInHand(m_session.workbench.options(), level);
    const CellRect at{cell.x, cell.y, 1, 1};
    const bool isOnMasses = layer == level::onMasses;
    const auto& byHand = isOnMasses ? level.tiles : level.layers[std::size_t(layer)].tiles;
    const auto tilingRules = m_session.dressing.tilingRules();
    const level::Tile tile =
        isOnMasses ? skin::dress(*tilingRules, level, at).at(cell.x, cell.y)
                   : skin::dressLayer(*tilingRules, level, level.layers[std::size_t(layer)], at)
                         .at(cell.x, cell.y);
    const bool isPinned = !byHand.at(cell.x, cell.y, level::Tile()).isNone();
    if (!tile.isShown()) return isPinned ? tr(", bare by hand") : QString();
    const level::Sheet& sheet = project().sheets[std::size_t(tile.sheet())];
    const level::TileNote* note = sheet.noteOf(tile.number());
    const QString name = note && !note->name.empty()
                             ? QString::fromStdString(note->name).toHtmlEscaped()
                             : tr("tile %1").arg(tile.number() + 1);
    return QStringLiteral(", ") + name + (isPinned ? tr(", by hand") : QString());
}

}  // namespace rook::app
