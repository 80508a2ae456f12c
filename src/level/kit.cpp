#include "level/kit.h"

#include <algorithm>
#include <set>
#include <tuple>

namespace rook::level {

CellRect Piece::bounds() const {
    CellRect all;
    for (const PieceCell& cell : cells)
        all = all.united({cell.at.x, cell.at.y, 1, 1});
    return all;
}

int Piece::storeys() const {
    int most = 0;
    for (const PieceCell& cell : cells)
        most = std::max(most, cell.storey + 1);
    return most;
}

const Piece* Kit::find(const std::string& piece) const {
    for (const Piece& each : pieces)
        if (each.name == piece) return &each;
    return nullptr;
}

bool Kit::fit(const Port& a, const Port& b) const {
    const auto names = [&](const Port& from, const Port& to) {
        for (const PortProfile& profile : profiles) {
            if (profile.name != from.profile) continue;
            for (const ProfileFit& fit : profile.fits)
                if (fit.with == to.profile && (!fit.isMirrored || from.isFlipped != to.isFlipped))
                    return true;
        }
        return false;
    };
    return names(a, b) || names(b, a);
}

CellPoint turnedCell(const CellRect& bounds, CellPoint cell, int turn) {
    const int w = bounds.width;
    const int h = bounds.height;
    switch (turn & 3) {
        case 1:
            return {h - 1 - cell.y, cell.x};
        case 2:
            return {w - 1 - cell.x, h - 1 - cell.y};
        case 3:
            return {cell.y, w - 1 - cell.x};
        default:
            return cell;
    }
}

std::optional<std::string> flawOf(const Piece& piece) {
    const std::string name = "The piece " + piece.name;
    if (piece.cells.empty()) return name + " has no cell";
    const CellRect bounds = piece.bounds();
    if (bounds.x != 0 || bounds.y != 0) return name + " does not begin at its corner 0, 0";
    if (bounds.width > maxPieceModules || bounds.height > maxPieceModules ||
        piece.storeys() > maxStoreys)
        return name + " is larger than 64 modules or storeys";
    if ((piece.turns & 0b1111) == 0) return name + " may not be turned in any way";
    std::set<std::tuple<int, int, int>> places;
    for (const PieceCell& cell : piece.cells) {
        if (cell.storey < 0 || !places.insert({cell.at.x, cell.at.y, cell.storey}).second)
            return name + " has two cells in one place";
        const bool rises = cell.surface == SurfaceSort::Ramp || cell.surface == SurfaceSort::Stairs;
        if (rises && cell.rise.thousandths <= 0) return name + " has a ramp that does not rise";
        if (!rises && cell.rise.thousandths != 0) return name + " has a flat cell that rises";
    }
    if (piece.pivotX < 0 || piece.pivotX > 2 * bounds.width || piece.pivotY < 0 ||
        piece.pivotY > 2 * bounds.height)
        return name + " has its pivot outside of its footprint";
    const auto has = [&](CellPoint at) {
        return std::any_of(piece.cells.begin(), piece.cells.end(),
                           [&](const PieceCell& cell) { return cell.at == at; });
    };
    for (const Port& port : piece.ports)
        if (!has(port.cell) || has(beside(port.cell, port.side)))
            return name + " has a port that is not on its border";
    return std::nullopt;
}

std::optional<std::string> flawOf(const Kit& kit) {
    const std::string name = "The kit " + kit.name;
    for (const Decimal length : {kit.width, kit.depth, kit.storey})
        if (length.thousandths < 1 || length.thousandths > 1'000'000)
            return name + " has a module or storey that is not above 0 and at most 1000 units";
    if (kit.fraction < 1 || kit.fraction > maxKitFraction)
        return name + " divides a module into none, or into more than 1000 parts";
    std::set<std::string> profiles;
    for (const PortProfile& profile : kit.profiles)
        if (!profiles.insert(profile.name).second)
            return name + " has two profiles " + profile.name;
    for (const PortProfile& profile : kit.profiles)
        for (const ProfileFit& fit : profile.fits)
            if (!profiles.contains(fit.with))
                return name + ": " + profile.name + " fits a profile " + fit.with +
                       " that is not there";
    std::set<std::string> pieces;
    for (const Piece& piece : kit.pieces) {
        if (!pieces.insert(piece.name).second) return name + " has two pieces " + piece.name;
        if (auto flaw = flawOf(piece)) return flaw;
        for (const Port& port : piece.ports)
            if (!profiles.contains(port.profile))
                return "The piece " + piece.name + " has a port of a profile " + port.profile +
                       " that the kit does not have";
    }
    return std::nullopt;
}

}  // namespace rook::level
