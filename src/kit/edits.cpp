#include "kit/edits.h"

#include <algorithm>
#include <set>
#include <tuple>

#include "base/random.h"

namespace rook::kit {

using level::Level;
using level::LevelEdit;

namespace {

std::string countText(std::size_t count) {
    return std::to_string(count) + (count == 1 ? " piece" : " pieces");
}

Result<void> checkPlace(const Kit& kit, const Level& level, const PlacedPiece& placed) {
    const Piece* piece = kit.find(placed.piece);
    if (!piece)
        return fail(ErrorKind::BadReference, "The kit has no piece " + placed.piece, level.title,
                    "Choose one of " + kit.title);
    if (!level.cells.bounds().contains(boundsOf(*piece, placed)))
        return fail(ErrorKind::OutOfRange, piece->title + " would leave the board", level.title,
                    "Make the board larger first");
    if (placed.storey < 0 || placed.storey + piece->storeys() > level::maxStoreys)
        return fail(ErrorKind::OutOfRange, piece->title + " would lie on no storey", level.title,
                    "Storeys go from 1 to " + std::to_string(level::maxStoreys));
    return {};
}

/// Changes those of the ids by `change(PlacedPiece&)`, and says which cells look different.
template <typename Change>
Result<LevelEdit> changeThose(const Kit& kit, const Level& level, const std::vector<int>& ids,
                              const std::string& name, Change&& change) {
    const std::set<int> wanted(ids.begin(), ids.end());
    LevelEdit edit{level, name, {}};
    const auto touch = [&](const PlacedPiece& placed) {
        if (const Piece* piece = kit.find(placed.piece))
            edit.touched = edit.touched.united(boundsOf(*piece, placed));
    };
    Result<void> outcome;
    std::vector<PlacedPiece> pieces = level.pieces.items();
    for (PlacedPiece& placed : pieces) {
        if (!wanted.contains(placed.id)) continue;
        touch(placed);
        change(placed);
        if (auto checked = checkPlace(kit, level, placed); !checked && outcome) outcome = checked;
        touch(placed);
    }
    if (!outcome) return fail(outcome.error());
    edit.level.pieces = std::move(pieces);
    edit.touched = edit.touched.intersected(level.cells.bounds());
    return edit;
}

}  // namespace

int freshPieceId(const Level& level) {
    int most = 0;
    for (const PlacedPiece& placed : level.pieces)
        most = std::max(most, placed.id);
    return most + 1;
}

Result<LevelEdit> place(const Kit& kit, const Level& level, std::vector<PlacedPiece> pieces,
                        const std::string& name) {
    if (level.pieces.size() + pieces.size() > level::maxPieces)
        return fail(ErrorKind::OutOfRange, "A level has at most 100,000 pieces", level.title);
    LevelEdit edit{level, name, {}};
    int id = freshPieceId(level);
    for (PlacedPiece& placed : pieces) {
        if (const auto checked = checkPlace(kit, level, placed); !checked)
            return fail(checked.error());
        placed.id = id++;
        edit.touched = edit.touched.united(boundsOf(*kit.find(placed.piece), placed));
        edit.level.pieces.append(std::move(placed));
    }
    return edit;
}

LevelEdit remove(const Kit& kit, const Level& level, const std::vector<int>& ids) {
    const std::set<int> wanted(ids.begin(), ids.end());
    LevelEdit edit{level, "Delete " + countText(wanted.size()), {}};
    std::vector<PlacedPiece> kept;
    kept.reserve(level.pieces.size());
    for (const PlacedPiece& placed : level.pieces) {
        if (!wanted.contains(placed.id)) {
            kept.push_back(placed);
            continue;
        }
        const Piece* piece = kit.find(placed.piece);
        edit.touched = edit.touched.united(piece ? boundsOf(*piece, placed)
                                                 : CellRect{placed.at.x, placed.at.y, 1, 1});
    }
    edit.level.pieces = std::move(kept);
    return edit;
}

Result<LevelEdit> move(const Kit& kit, const Level& level, const std::vector<int>& ids, int dx,
                       int dy, int storeys) {
    return changeThose(kit, level, ids, "Move " + countText(ids.size()), [&](PlacedPiece& placed) {
        placed.at = {placed.at.x + dx, placed.at.y + dy};
        placed.storey += storeys;
    });
}

Result<LevelEdit> turn(const Kit& kit, const Level& level, const std::vector<int>& ids,
                       int quarters) {
    const int by = ((quarters % 4) + 4) % 4;
    CellRect all;
    const Piece* refused = nullptr;
    const std::set<int> wanted(ids.begin(), ids.end());
    for (const PlacedPiece& placed : level.pieces) {
        const Piece* piece = wanted.contains(placed.id) ? kit.find(placed.piece) : nullptr;
        if (!piece) continue;
        all = all.united(boundsOf(*piece, placed));
        if (!piece->mayTurn(placed.turn + by)) refused = piece;
    }
    if (refused)
        return fail(ErrorKind::NotApplicable, refused->title + " may not be turned so", level.title,
                    "Allow that turn in its kit, or choose another piece");
    return changeThose(kit, level, ids, "Turn " + countText(ids.size()), [&](PlacedPiece& placed) {
        const Piece* piece = kit.find(placed.piece);
        if (!piece) return;
        if (wanted.size() == 1) {
            // The pivot stays where it is, or goes to the nearest place in whole modules.
            const ExactPoint former = pivotOf(*piece, placed);
            placed.turn = (placed.turn + by) & 3;
            const ExactPoint now = pivotOf(*piece, placed);
            placed.at.x += static_cast<int>((former.x - now.x).floor());
            placed.at.y += static_cast<int>((former.y - now.y).floor());
            return;
        }
        // As cells of what they cover together.
        const CellRect lies = boundsOf(*piece, placed);
        const CellPoint from{lies.x - all.x, lies.y - all.y};
        const CellPoint to{lies.right() - 1 - all.x, lies.bottom() - 1 - all.y};
        const CellRect frame{0, 0, all.width, all.height};
        const CellRect next = CellRect::spanning(level::turnedCell(frame, from, by),
                                                 level::turnedCell(frame, to, by));
        placed.at = {all.x + next.x, all.y + next.y};
        placed.turn = (placed.turn + by) & 3;
    });
}

Result<LevelEdit> duplicate(const Kit& kit, const Level& level, const std::vector<int>& ids, int dx,
                            int dy, int storeys) {
    const std::set<int> wanted(ids.begin(), ids.end());
    std::vector<PlacedPiece> copies;
    for (const PlacedPiece& placed : level.pieces) {
        if (!wanted.contains(placed.id)) continue;
        copies.push_back(placed);
        copies.back().at = {placed.at.x + dx, placed.at.y + dy};
        copies.back().storey += storeys;
    }
    const std::string name = "Duplicate " + countText(copies.size());
    return place(kit, level, std::move(copies), name);
}

Result<Copied> duplicateBeside(const Kit& kit, const Level& level, const std::vector<int>& ids) {
    CellRect all;
    const std::set<int> wanted(ids.begin(), ids.end());
    for (const PlacedPiece& placed : level.pieces) {
        if (!wanted.contains(placed.id)) continue;
        const Piece* piece = kit.find(placed.piece);
        if (!piece)
            return fail(ErrorKind::BadReference, "The kit has no piece " + placed.piece, kit.title,
                        "Replace it first");
        all = all.united(boundsOf(*piece, placed));
    }
    const int first = freshPieceId(level);
    const auto edit = duplicate(kit, level, ids, all.width, 0, 0);
    if (!edit) return fail(edit.error());
    Copied copied{*edit, {}};
    for (int i = 0; i < int(wanted.size()); ++i)
        copied.copies.push_back(first + i);
    return copied;
}

Result<Copied> paste(const Kit& kit, const Level& level, std::vector<PlacedPiece> pieces,
                     CellPoint middle, int storey) {
    CellRect bounds;
    int lowest = level::maxStoreys;
    for (const PlacedPiece& each : pieces) {
        const Piece* piece = kit.find(each.piece);
        bounds =
            bounds.united(piece ? boundsOf(*piece, each) : CellRect{each.at.x, each.at.y, 1, 1});
        lowest = std::min(lowest, each.storey);
    }
    const auto kept = [](int first, int size, int most) {
        return std::clamp(first, 0, std::max(0, most - size));
    };
    const int dx = kept(middle.x - bounds.width / 2, bounds.width, level.cells.width()) - bounds.x;
    const int dy =
        kept(middle.y - bounds.height / 2, bounds.height, level.cells.height()) - bounds.y;
    for (PlacedPiece& each : pieces) {
        each.at = {each.at.x + dx, each.at.y + dy};
        each.storey += storey - lowest;
    }
    const std::size_t count = pieces.size();
    const auto edit = place(kit, level, std::move(pieces), "Paste " + countText(count));
    if (!edit) return fail(edit.error());
    Copied copied{*edit, {}};
    const auto& now = edit->level.pieces;
    for (std::size_t i = now.size() - count; i < now.size(); ++i)
        copied.copies.push_back(now[i].id);
    return copied;
}

LevelEdit setStraight(const Kit& kit, const Level& level, const std::vector<int>& ids) {
    std::vector<int> crooked;
    const std::set<int> wanted(ids.begin(), ids.end());
    for (const PlacedPiece& placed : level.pieces)
        if ((ids.empty() || wanted.contains(placed.id)) &&
            (!placed.offX.isZero() || !placed.offY.isZero()))
            crooked.push_back(placed.id);
    auto edit = changeThose(kit, level, crooked, "Set " + countText(crooked.size()) + " straight",
                            [](PlacedPiece& placed) {
                                placed.at.x += static_cast<int>(placed.offX.nearest());
                                placed.at.y += static_cast<int>(placed.offY.nearest());
                                placed.offX = placed.offY = Rational();
                            });
    return edit ? *edit : LevelEdit{level, "Set no piece straight", {}};
}

LevelEdit chooseVariants(const Kit& kit, const Level& level, const std::vector<int>& ids,
                         std::uint64_t seed) {
    auto edit = changeThose(
        kit, level, ids, "Choose variants of " + countText(ids.size()), [&](PlacedPiece& placed) {
            const Piece* piece = kit.find(placed.piece);
            if (!piece || piece->variants.empty()) return;
            std::vector<const Piece*> choices;
            for (const Piece& each : kit.pieces)
                if (each.variants == piece->variants && !differenceOf(*piece, each))
                    choices.push_back(&each);
            const auto place = static_cast<std::uint64_t>(
                (std::int64_t{placed.at.x} * 65'536 + placed.at.y) * level::maxStoreys +
                placed.storey);
            Random random(seed * 0x9e3779b97f4a7c15u + place);
            placed.piece = choices[random.next() % choices.size()]->name;
        });
    return edit ? *edit : LevelEdit{level, "Choose no variant", {}};
}

std::optional<std::string> differenceOf(const Piece& a, const Piece& b) {
    const auto spots = [](const Piece& piece) {
        std::set<std::tuple<int, int, int>> all;
        for (const level::PieceCell& cell : piece.cells)
            all.insert({cell.at.x, cell.at.y, cell.storey});
        return all;
    };
    if (spots(a) != spots(b)) return b.title + " has another footprint than " + a.title;
    const auto ports = [](const Piece& piece) {
        std::set<std::tuple<int, int, int, std::int64_t, std::string, bool>> all;
        for (const level::Port& port : piece.ports)
            all.insert({port.cell.x, port.cell.y, static_cast<int>(port.side),
                        port.height.thousandths, port.profile, port.isFlipped});
        return all;
    };
    if (ports(a) != ports(b)) return b.title + " has other ports than " + a.title;
    if ((a.turns & ~b.turns & 0b1111) != 0)
        return b.title + " may not be turned in all ways that " + a.title + " may";
    return std::nullopt;
}

Result<level::ProjectEdit> replaceAll(const level::Project& project, const std::string& kitName,
                                      const std::string& former, const std::string& next) {
    const Kit* kit = project.findKit(kitName);
    const Piece* a = kit ? kit->find(former) : nullptr;
    const Piece* b = kit ? kit->find(next) : nullptr;
    if (!a || !b)
        return fail(ErrorKind::BadReference, "The kit does not have both of these pieces",
                    kitName + ": " + former + ", " + next, "Choose two of its pieces");
    if (auto difference = differenceOf(*a, *b))
        return fail(ErrorKind::NotApplicable, *difference, kit->title,
                    "Give it the same footprint, ports and turns first");
    level::ProjectEdit edit{project, {}};
    int count = 0;
    for (auto& board : edit.project.levels) {
        if (board->kit != kitName) continue;
        std::vector<PlacedPiece> pieces = board->pieces.items();
        int here = 0;
        for (PlacedPiece& placed : pieces) {
            if (placed.piece != former) continue;
            placed.piece = next;
            ++here;
        }
        if (here == 0) continue;
        count += here;
        Level changed = *board;
        changed.pieces = std::move(pieces);
        board = std::make_shared<const Level>(std::move(changed));
    }
    edit.name = "Replace " + std::to_string(count) + " x " + a->title + " by " + b->title;
    return edit;
}

}  // namespace rook::kit
