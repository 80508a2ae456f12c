#include "kit/edits_detail.h"

#include <algorithm>
#include <concepts>
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

/// "3 pieces", or "2 things" where solids are among them.
std::string countText(const Level& level, const std::set<int>& ids) {
    const bool hasSolids = std::any_of(level.solids.begin(), level.solids.end(),
                                       [&](const Solid& solid) { return ids.contains(solid.id); });
    if (!hasSolids) return countText(ids.size());
    return std::to_string(ids.size()) + (ids.size() == 1 ? " thing" : " things");
}
std::string countText(const Level& level, const std::vector<int>& ids) {
    return countText(level, std::set<int>(ids.begin(), ids.end()));
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

/// Changes those of the ids by `change`, which takes pieces, or solids too, and says which cells
/// look different.
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
    if constexpr (std::invocable<Change, Solid&>) {
        std::vector<Solid> solids = level.solids.items();
        for (Solid& solid : solids) {
            if (!wanted.contains(solid.id)) continue;
            edit.touched = edit.touched.united(boundsOf(solid));
            change(solid);
            if (auto checked = checkSolid(kit, level, solid); !checked)
                return fail(checked.error());
            edit.touched = edit.touched.united(boundsOf(solid));
        }
        if (!solids.empty()) edit.level.solids = std::move(solids);
    }
    edit.touched = edit.touched.intersected(level.cells.bounds());
    return edit;
}

void shift(PlacedPiece& placed, int dx, int dy, int storeys) {
    placed.at = {placed.at.x + dx, placed.at.y + dy};
    placed.storey += storeys;
}
void shift(Solid& solid, int dx, int dy, int storeys) {
    solid.x += Rational(dx);
    solid.y += Rational(dy);
    solid.storey += storeys;
}

/// Modules that things cover; a piece that the kit does not have counts as one.
CellRect coveredBy(const Kit& kit, const Standings& things) {
    CellRect all;
    for (const PlacedPiece& placed : things.pieces) {
        const Piece* piece = kit.find(placed.piece);
        all =
            all.united(piece ? boundsOf(*piece, placed) : CellRect{placed.at.x, placed.at.y, 1, 1});
    }
    for (const Solid& solid : things.solids)
        all = all.united(boundsOf(solid));
    return all;
}

/// A quarter turn clockwise of all that lies in a rectangle of modules.
void turnRight(Solid& solid, const CellRect& all) {
    const Rational down = solid.y - Rational(all.y);
    const Rational across = solid.x - Rational(all.x);
    solid.x = Rational(all.x + all.height) - down - solid.depth;
    solid.y = Rational(all.y) + across;
    solid.openings.edit([&](auto& openings) {
        for (level::Opening& opening : openings) {
            const Rational former = opening.x;
            opening.x = solid.depth - opening.y - opening.depth;
            opening.y = former;
            std::swap(opening.width, opening.depth);
        }
    });
    std::swap(solid.width, solid.depth);
    solid.up = turned(solid.up, 1);
}

void turnPiece(const Piece& piece, PlacedPiece& placed, bool isAlone, const CellRect& all, int by) {
    if (isAlone) {
        // The pivot stays where it is, or goes to the nearest place in whole modules.
        const ExactPoint former = pivotOf(piece, placed);
        placed.turn = (placed.turn + by) & 3;
        const ExactPoint now = pivotOf(piece, placed);
        placed.at.x += static_cast<int>((former.x - now.x).floor());
        placed.at.y += static_cast<int>((former.y - now.y).floor());
        return;
    }
    // As cells of what they cover together.
    const CellRect lies = boundsOf(piece, placed);
    const CellPoint from{lies.x - all.x, lies.y - all.y};
    const CellPoint to{lies.right() - 1 - all.x, lies.bottom() - 1 - all.y};
    const CellRect frame{0, 0, all.width, all.height};
    const CellRect next =
        CellRect::spanning(level::turnedCell(frame, from, by), level::turnedCell(frame, to, by));
    placed.at = {all.x + next.x, all.y + next.y};
    placed.turn = (placed.turn + by) & 3;
}

/// All modules and storeys of a solid are held by pieces.
bool isHeld(const Kit& kit, const PlacedIndex& index, const Solid& solid) {
    const ExactBox box = boxOf(kit, solid);
    const Rational storey = exact(kit.storey);
    const auto storeyOf = [&](const Rational& height) {
        return static_cast<int>((height / storey).floor());
    };
    const int first = std::max(0, storeyOf(box.from + exact(kit.slab)));
    const int last = std::max(first, -storeyOf(-box.to) - 1);
    const CellRect modules = boundsOf(solid);
    for (int on = first; on <= last; ++on)
        for (int y = modules.y; y < modules.bottom(); ++y)
            for (int x = modules.x; x < modules.right(); ++x)
                if (index.at({{x, y}, on}).empty()) return false;
    return true;
}

/// Solids that are wholly replaced by now go.
void dropHeld(const Kit& kit, LevelEdit& edit, const CellRect& laid) {
    const auto isNear = [&](const Solid& solid) {
        return !boundsOf(solid).intersected(laid).isEmpty();
    };
    if (std::none_of(edit.level.solids.begin(), edit.level.solids.end(), isNear)) return;
    const PlacedIndex index(kit, edit.level);
    std::vector<Solid> left;
    for (const Solid& solid : edit.level.solids) {
        if (isNear(solid) && isHeld(kit, index, solid))
            edit.touched = edit.touched.united(boundsOf(solid));
        else
            left.push_back(solid);
    }
    if (left.size() < edit.level.solids.size()) edit.level.solids = std::move(left);
}

}  // namespace

Result<void> checkSolid(const Kit& kit, const Level& level, const Solid& solid) {
    if (const auto flaw = level::flawOf(kit, solid))
        return fail(ErrorKind::OutOfRange, *flaw, level.title, "Choose another size");
    if (!level.cells.bounds().contains(boundsOf(solid)))
        return fail(ErrorKind::OutOfRange, titleOf(solid) + " would leave the board", level.title,
                    "Make the board larger first");
    return {};
}

int freshPieceId(const Level& level) {
    int most = 0;
    for (const PlacedPiece& placed : level.pieces)
        most = std::max(most, placed.id);
    for (const Solid& solid : level.solids)
        most = std::max(most, solid.id);
    return most + 1;
}

Standings standingsOf(const Level& level, const std::vector<int>& ids) {
    const std::set<int> wanted(ids.begin(), ids.end());
    Standings things;
    for (const PlacedPiece& placed : level.pieces)
        if (wanted.contains(placed.id)) things.pieces.push_back(placed);
    for (const Solid& solid : level.solids)
        if (wanted.contains(solid.id)) things.solids.push_back(solid);
    return things;
}

Result<Copied> add(const Kit& kit, const Level& level, Standings things, const std::string& name) {
    Copied copied;
    const int first = freshPieceId(level);
    const std::size_t count = things.pieces.size();
    auto edit = place(kit, level, std::move(things.pieces), name);
    if (!edit) return fail(edit.error());
    copied.edit = std::move(*edit);
    if (level.solids.size() + things.solids.size() > level::maxSolids)
        return fail(ErrorKind::OutOfRange, "A level has at most 20,000 solids", level.title);
    int id = first + static_cast<int>(count);
    for (int i = first; i < id; ++i)
        copied.copies.push_back(i);
    for (Solid& solid : things.solids) {
        solid.id = id;
        if (const auto checked = checkSolid(kit, level, solid); !checked)
            return fail(checked.error());
        copied.copies.push_back(id++);
        copied.edit.touched = copied.edit.touched.united(boundsOf(solid));
        copied.edit.level.solids.append(std::move(solid));
    }
    return copied;
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
    dropHeld(kit, edit, edit.touched);
    return edit;
}

LevelEdit remove(const Kit& kit, const Level& level, const std::vector<int>& ids) {
    const std::set<int> wanted(ids.begin(), ids.end());
    LevelEdit edit{level, "Delete " + countText(level, wanted), {}};
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
    if (kept.size() < level.pieces.size()) edit.level.pieces = std::move(kept);
    std::vector<Solid> solids;
    for (const Solid& solid : level.solids)
        if (wanted.contains(solid.id))
            edit.touched = edit.touched.united(boundsOf(solid));
        else
            solids.push_back(solid);
    if (solids.size() < level.solids.size()) edit.level.solids = std::move(solids);
    return edit;
}

Result<LevelEdit> move(const Kit& kit, const Level& level, const std::vector<int>& ids, int dx,
                       int dy, int storeys) {
    return changeThose(kit, level, ids, "Move " + countText(level, ids),
                       [&](auto& thing) { shift(thing, dx, dy, storeys); });
}

Result<LevelEdit> turn(const Kit& kit, const Level& level, const std::vector<int>& ids,
                       int quarters) {
    const int by = ((quarters % 4) + 4) % 4;
    const Piece* refused = nullptr;
    const Standings things = standingsOf(level, ids);
    const CellRect all = coveredBy(kit, things);
    for (const PlacedPiece& placed : things.pieces) {
        const Piece* piece = kit.find(placed.piece);
        if (piece && !piece->mayTurn(placed.turn + by)) refused = piece;
    }
    if (refused)
        return fail(ErrorKind::NotApplicable, refused->title + " may not be turned so", level.title,
                    "Allow that turn in its kit, or choose another piece");
    return changeThose(
        kit, level, ids, "Turn " + countText(level, ids), [&]<typename Thing>(Thing& thing) {
            if constexpr (std::same_as<Thing, Solid>)
                for (int i = 0; i < by; ++i)
                    turnRight(thing,
                              i % 2 == 0 ? all : CellRect{all.x, all.y, all.height, all.width});
            else if (const Piece* piece = kit.find(thing.piece))
                turnPiece(*piece, thing, things.size() == 1, all, by);
        });
}

Result<LevelEdit> duplicate(const Kit& kit, const Level& level, const std::vector<int>& ids, int dx,
                            int dy, int storeys) {
    Standings copies = standingsOf(level, ids);
    for (PlacedPiece& placed : copies.pieces)
        shift(placed, dx, dy, storeys);
    for (Solid& solid : copies.solids)
        shift(solid, dx, dy, storeys);
    const auto copied = add(kit, level, std::move(copies), "Duplicate " + countText(level, ids));
    if (!copied) return fail(copied.error());
    return copied->edit;
}

Result<Copied> duplicateBeside(const Kit& kit, const Level& level, const std::vector<int>& ids) {
    const Standings things = standingsOf(level, ids);
    for (const PlacedPiece& placed : things.pieces)
        if (!kit.find(placed.piece))
            return fail(ErrorKind::BadReference, "The kit has no piece " + placed.piece, kit.title,
                        "Replace it first");
    const int first = freshPieceId(level);
    const auto edit = duplicate(kit, level, ids, coveredBy(kit, things).width, 0, 0);
    if (!edit) return fail(edit.error());
    Copied copied{*edit, {}};
    for (int i = 0; i < int(things.size()); ++i)
        copied.copies.push_back(first + i);
    return copied;
}

Result<Copied> paste(const Kit& kit, const Level& level, Standings things, CellPoint middle,
                     int storey) {
    const CellRect bounds = coveredBy(kit, things);
    int lowest = level::maxStoreys;
    for (const PlacedPiece& each : things.pieces)
        lowest = std::min(lowest, each.storey);
    for (const Solid& each : things.solids)
        lowest = std::min(lowest, each.storey);
    const auto kept = [](int first, int size, int most) {
        return std::clamp(first, 0, std::max(0, most - size));
    };
    const int dx = kept(middle.x - bounds.width / 2, bounds.width, level.cells.width()) - bounds.x;
    const int dy =
        kept(middle.y - bounds.height / 2, bounds.height, level.cells.height()) - bounds.y;
    for (PlacedPiece& each : things.pieces)
        shift(each, dx, dy, storey - lowest);
    for (Solid& each : things.solids)
        shift(each, dx, dy, storey - lowest);
    const std::string count = things.solids.empty() ? countText(things.pieces.size())
                                                    : std::to_string(things.size()) + " things";
    return add(kit, level, std::move(things), "Paste " + count);
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
