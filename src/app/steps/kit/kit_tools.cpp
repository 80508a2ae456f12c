#include "app/steps/kit/kit_tools.h"

#include <algorithm>
#include <cmath>

#include "app/steps/kit/kit_tool_base.h"
#include "app/ui/words.h"
#include "kit/audit.h"
#include "kit/rooms.h"
#include "kit/walk_graph.h"
#include "level/names.h"

namespace rook::app {

namespace {

using level::Piece;
using level::PlacedPiece;

constexpr double reachModules = 1.4;

/// What rooms are floored with: a module without walls that is open to all sides; `wished` if it is
/// such a piece.
const Piece* floorOf(const level::Kit& kit, const std::string& wished) {
    const std::vector<const Piece*> floors = kit::piecesFor(kit, kit::RoomPart::Floor);
    for (const Piece* piece : floors)
        if (piece->name == wished) return piece;
    return floors.empty() ? nullptr : floors.front();
}

/// One where it joins, a row by a drag.
class PiecePlacing final : public KitTool {
public:
    void point(const ToolInput& input) override {
        const Piece* piece = inHand(input);
        if (!piece) {
            m_preview.label = tr("choose a piece");
            return;
        }
        show(input, proposal(input, *piece));
    }

private:
    static const Piece* inHand(const ToolInput& input) {
        return kitOf(input)->find(input.options->of<KitOptions>().piece);
    }
    static kit::Proposal proposal(const ToolInput& input, const Piece& piece) {
        const int reach = int(reachModules * input.level->cellSize.width);
        return kit::proposedAt(*kitOf(input), *input.level, *input.placed, piece, input.px,
                               input.storey, input.options->of<KitOptions>().pieceTurn, reach,
                               input.isStraight ? kitOf(input)->fraction : 1);
    }
    void show(const ToolInput& input, const kit::Proposal& proposal) {
        m_preview.pieces = {proposal.placed};
        m_preview.contacts = proposal.contacts;
        m_preview.isRefused = !proposal.isFree;
        m_preview.label = told(kit::wordsOf(*kitOf(input), *input.level, proposal));
        if (proposal.placed.storey != input.storey)
            m_preview.label += tr(", on storey %1").arg(proposal.placed.storey + 1);
    }
    ToolOutcome go(const ToolInput& input) override {
        m_preview = {};
        const Piece* piece = inHand(input);
        if (!piece) return {};
        m_isRow = m_start != input.cell && !input.isStraight;
        if (!m_isRow) {
            show(input, proposal(input, *piece));
            return {};
        }
        m_preview.pieces = kit::rowOf(*piece, m_start, input.cell, input.storey,
                                      input.options->of<KitOptions>().pieceTurn);
        m_preview.label = QStringLiteral("%1 × %2")
                              .arg(QString::fromStdString(piece->title))
                              .arg(m_preview.pieces.size());
        return {};
    }
    ToolOutcome end(const ToolInput& input) override {
        const Piece* piece = inHand(input);
        if (!piece) return {};
        if (m_isRow)
            return done(kit::layRow(*kitOf(input), *input.level, *piece, m_start, input.cell,
                                    input.storey, input.options->of<KitOptions>().pieceTurn));
        const kit::Proposal where = proposal(input, *piece);
        ToolOutcome outcome =
            done(kit::place(*kitOf(input), *input.level, {where.placed}, "Place " + piece->title));
        if (outcome.edit && where.placed.storey != input.storey) {
            // One goes on where the piece led to.
            outcome.storey = where.placed.storey;
        }
        return outcome;
    }

    bool m_isRow = false;
};

/// A way from module to module; its pieces are chosen.
class PathLaying final : public KitTool {
public:
    void point(const ToolInput& input) override {
        m_preview.region = level::CellRegion(CellRect{input.cell.x, input.cell.y, 1, 1});
        m_preview.label = tr("drag a path; Shift: it finds its way");
    }

private:
    /// The piece in hand if it may be part of a path; else the first that leads straight on. What
    /// rooms are floored with makes no path.
    static const Piece* like(const ToolInput& input) {
        const level::Kit& kit = *kitOf(input);
        const Piece* floor = floorOf(kit, {});
        const auto isPath = [&](const Piece& piece) {
            return piece.cells.size() == 1 && !piece.ports.empty() &&
                   (!floor || piece.ports[0].profile != floor->ports[0].profile);
        };
        const Piece* piece = kit.find(input.options->of<KitOptions>().piece);
        if (piece && isPath(*piece)) return piece;
        return kit::hallOf(kit);
    }
    ToolOutcome begin(const ToolInput& input) override {
        m_path = {input.cell};
        return go(input);
    }
    static int widthOf(const ToolInput& input) { return input.options->of<KitOptions>().hallWidth; }
    static Result<level::LevelEdit> laid(const ToolInput& input, const Piece& piece,
                                         const std::vector<CellPoint>& path) {
        const level::Kit& kit = *kitOf(input);
        const Piece* floor = floorOf(kit, {});
        return kit::layHallway(kit, *input.level, piece, floor ? *floor : piece, path,
                               floor ? widthOf(input) : 1, input.storey);
    }
    /// Round all that stands there, with Shift.
    ToolOutcome findWay(const ToolInput& input) {
        m_preview = {};
        m_path = kit::wayRound(*input.level, *input.placed, m_start, input.cell, input.storey);
        if (m_path.empty()) {
            m_path = {m_start};
            m_preview.label = tr("no way leads there");
            m_preview.isRefused = true;
            return {};
        }
        return showPath(input);
    }
    ToolOutcome go(const ToolInput& input) override {
        if (input.isStraight) return findWay(input);
        // Steps across and down alone; going back takes away.
        while (m_path.back() != input.cell) {
            const CellPoint last = m_path.back();
            const int dx = input.cell.x - last.x;
            const int dy = input.cell.y - last.y;
            const CellPoint next = std::abs(dx) >= std::abs(dy)
                                       ? CellPoint{last.x + (dx > 0 ? 1 : -1), last.y}
                                       : CellPoint{last.x, last.y + (dy > 0 ? 1 : -1)};
            if (m_path.size() > 1 && m_path[m_path.size() - 2] == next)
                m_path.pop_back();
            else
                m_path.push_back(next);
        }
        m_preview = {};
        return showPath(input);
    }
    ToolOutcome showPath(const ToolInput& input) {
        std::vector<level::CellRun> runs;
        for (const CellPoint at : m_path)
            runs.push_back({at.y, at.x, 1});
        m_preview.region = level::CellRegion(std::move(runs));
        m_preview.label = tr("path of %1 modules").arg(m_path.size());
        if (const Piece* piece = like(input)) {
            const auto edit = laid(input, *piece, m_path);
            if (!edit) m_preview.label += QStringLiteral(": ") + told(edit.error().what);
        }
        return {};
    }
    ToolOutcome end(const ToolInput& input) override {
        const Piece* piece = like(input);
        if (!piece)
            return refused({ErrorKind::NotApplicable, "The kit has no piece for paths",
                            kitOf(input)->title, "Make one with two ports and walls"});
        if (m_path.size() < 2) return {};
        return done(laid(input, *piece, m_path));
    }

    std::vector<CellPoint> m_path;
};

/// Floors, walls and corners in a rectangle; by a click a room by number, or a door in a wall.
class RoomFilling final : public KitTool {
public:
    void point(const ToolInput& input) override {
        if (const auto side = wallUnder(input)) {
            m_preview.region = level::CellRegion(CellRect{input.cell.x, input.cell.y, 1, 1});
            m_preview.label = tr("open this wall");
            m_preview.cursor = Qt::PointingHandCursor;
            return;
        }
        const kit::RoomWish wish = wishOf(input);
        const level::Kit& kit = *kitOf(input);
        m_preview.frame = CellRect{wish.corner.x, wish.corner.y, wish.width, wish.depth};
        const auto units = [](const level::Decimal& module, int count) {
            return told(kit::lengthText(exact(module) * Rational(count)));
        };
        m_preview.label = tr("%1 modules, %2 × %3 units")
                              .arg(sizeText(*m_preview.frame), units(kit.width, wish.width),
                                   units(kit.depth, wish.depth));
    }

private:
    static const Piece* like(const ToolInput& input) {
        return floorOf(*kitOf(input), input.options->of<KitOptions>().piece);
    }
    static kit::RoomWish wishOf(const ToolInput& input) {
        const KitOptions& options = input.options->of<KitOptions>();
        kit::RoomWish wish;
        wish.corner = input.cell;
        wish.width = options.roomWidth;
        wish.depth = options.roomDepth;
        wish.storeys = options.roomStoreys;
        wish.storey = input.storey;
        wish.wall = options.wallPiece;
        wish.corners = options.cornerPiece;
        wish.ceiling = options.ceilingPiece;
        wish.hasCeiling = !options.ceilingPiece.empty();
        return wish;
    }
    static std::optional<level::Side> wallUnder(const ToolInput& input) {
        return kit::wallNear(*kitOf(input), *input.level, *input.placed,
                             kit::inModules(*input.level, input.px), input.storey);
    }
    ToolOutcome begin(const ToolInput& input) override {
        m_hasDragged = false;
        return go(input);
    }
    ToolOutcome go(const ToolInput& input) override {
        m_hasDragged = m_hasDragged || input.cell != m_start;
        if (!m_hasDragged) return {};
        m_preview = {};
        m_preview.frame =
            CellRect::spanning(m_start, input.cell).intersected(input.level->cells.bounds());
        m_preview.label = sizeText(*m_preview.frame);
        const Piece* piece = like(input);
        if (piece && input.isStraight) {
            m_preview.region = regionOf(input, *piece);
            m_preview.label = tr("room of %1 modules").arg(m_preview.region.cellCount());
        }
        return {};
    }
    ToolOutcome end(const ToolInput& input) override {
        const level::Kit& kit = *kitOf(input);
        const Piece* piece = like(input);
        if (!piece)
            return refused({ErrorKind::NotApplicable, "The kit has no floor of one module",
                            kit.title, "Make one with a port on each side"});
        if (!m_hasDragged && !input.isStraight) {
            if (const auto side = wallUnder(input))
                return done(kit::openWall(kit, *input.level, input.cell, *side, input.storey));
            return done(kit::layRoom(kit, *input.level, *piece, wishOf(input)));
        }
        const level::CellRegion room = regionOf(input, *piece);
        if (room.isEmpty()) return {};
        return done(kit::fillRoom(kit, *input.level, *piece, room, input.storey));
    }
    /// With Shift, the rooms that it is drawn over are extended by it.
    [[nodiscard]] level::CellRegion regionOf(const ToolInput& input, const Piece& piece) const {
        const CellRect drawn =
            CellRect::spanning(m_start, input.cell).intersected(input.level->cells.bounds());
        if (drawn.isEmpty()) return {};
        const level::CellRegion region(drawn);
        return input.isStraight ? kit::withRooms(*kitOf(input), *input.level, *input.placed, piece,
                                                 region, input.storey)
                                : region;
    }

    bool m_hasDragged = false;
};

/// Ends for the open ports of what is clicked.
class PortClosing final : public KitTool {
public:
    void point(const ToolInput& input) override {
        const PlacedPiece* under = pieceUnder(input);
        if (!under) {
            m_preview.label = tr("choose a piece with open ports");
            return;
        }
        const auto edit = kit::closePorts(*kitOf(input), *input.level, {under->id});
        if (!edit) {
            m_preview.label =
                tr("%1 has nothing to close").arg(nameOf(input, {under->id, under, nullptr}));
            return;
        }
        for (std::size_t i = input.level->pieces.size(); i < edit->level.pieces.size(); ++i)
            m_preview.pieces.push_back(edit->level.pieces[i]);
        m_preview.label = QString::fromStdString(edit->name);
    }

private:
    ToolOutcome go(const ToolInput&) override { return {}; }
    ToolOutcome end(const ToolInput& input) override {
        const PlacedPiece* under = pieceUnder(input);
        if (!under) return {};
        return done(kit::closePorts(*kitOf(input), *input.level, {under->id}));
    }
};

}  // namespace

std::unique_ptr<Tool> makePiecePlacing() {
    return std::make_unique<PiecePlacing>();
}
std::unique_ptr<Tool> makePathLaying() {
    return std::make_unique<PathLaying>();
}
std::unique_ptr<Tool> makeRoomFilling() {
    return std::make_unique<RoomFilling>();
}
std::unique_ptr<Tool> makePortClosing() {
    return std::make_unique<PortClosing>();
}

}  // namespace rook::app
