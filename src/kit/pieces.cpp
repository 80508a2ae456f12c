#include "kit/pieces.h"

#include <algorithm>

namespace rook::kit {

using level::PieceCell;
using level::Port;
using level::SurfaceSort;

namespace {

unsigned bitsOf(std::initializer_list<Side> sides) {
    unsigned bits = 0;
    for (const Side side : sides)
        bits |= 1u << static_cast<int>(side);
    return bits;
}

Piece oneModule(const char* name, const char* title, const char* profile,
                std::initializer_list<Side> ports, std::initializer_list<Side> walls) {
    Piece piece;
    piece.name = name;
    piece.title = title;
    piece.cells = {PieceCell()};
    piece.cells[0].walls = bitsOf(walls);
    piece.pivotX = piece.pivotY = 1;
    for (const Side side : ports)
        piece.ports.push_back({{0, 0}, side, {}, profile, false});
    return piece;
}

/// A way up over one storey, of so many modules.
Piece riser(const char* name, const char* title, SurfaceSort surface, int modules) {
    Piece piece;
    piece.name = name;
    piece.title = title;
    piece.pivotX = 0;
    piece.pivotY = 1;
    for (int x = 0; x < modules; ++x) {
        PieceCell cell;
        cell.at = {x, 0};
        cell.surface = surface;
        cell.height = {3000 * x / modules};
        cell.rise = {3000 / modules};
        cell.walls = bitsOf({Side::Up, Side::Down});
        piece.cells.push_back(cell);
        PieceCell above;
        above.at = {x, 0};
        above.storey = 1;
        above.surface = SurfaceSort::None;
        piece.cells.push_back(above);
    }
    piece.ports = {{{0, 0}, Side::Left, {}, "hall", false},
                   {{modules - 1, 0}, Side::Right, {3000}, "hall", false}};
    return piece;
}

PieceCell* cellAt(Piece& piece, CellPoint at, int storey) {
    for (PieceCell& cell : piece.cells)
        if (cell.at == at && cell.storey == storey) return &cell;
    return nullptr;
}

/// Begins at its corner and its lowest storey; ports on the border, the pivot in the footprint.
Piece tidied(Piece piece) {
    const CellRect bounds = piece.bounds();
    int lowest = level::maxStoreys;
    for (const PieceCell& cell : piece.cells)
        lowest = std::min(lowest, cell.storey);
    for (PieceCell& cell : piece.cells) {
        cell.at = {cell.at.x - bounds.x, cell.at.y - bounds.y};
        cell.storey -= lowest;
    }
    for (Port& port : piece.ports)
        port.cell = {port.cell.x - bounds.x, port.cell.y - bounds.y};
    const auto has = [&](CellPoint at) {
        return std::any_of(piece.cells.begin(), piece.cells.end(),
                           [&](const PieceCell& cell) { return cell.at == at; });
    };
    std::erase_if(piece.ports, [&](const Port& port) {
        return !has(port.cell) || has(level::beside(port.cell, port.side));
    });
    piece.pivotX = std::clamp(piece.pivotX - 2 * bounds.x, 0, 2 * bounds.width);
    piece.pivotY = std::clamp(piece.pivotY - 2 * bounds.y, 0, 2 * bounds.height);
    return piece;
}

}  // namespace

Kit plainKit(const std::string& name, const std::string& title) {
    using enum level::Side;
    Kit kit;
    kit.name = name;
    kit.title = title;
    kit.profiles = {{"hall", {{"hall", false}}}, {"room", {{"room", false}}}};
    kit.pieces = {oneModule("floor", "Floor", "room", {Right, Down, Left, Up}, {}),
                  oneModule("wall", "Wall", "room", {Right, Down, Left}, {Up}),
                  oneModule("corner", "Corner", "room", {Right, Down}, {Left, Up}),
                  oneModule("alcove", "Alcove", "room", {Down}, {Left, Right, Up}),
                  oneModule("lane", "Lane", "room", {Left, Right}, {Up, Down}),
                  oneModule("frame", "Door frame", "room", {Right, Down, Left}, {}),
                  oneModule("hallway", "Hallway", "hall", {Left, Right}, {Up, Down}),
                  oneModule("bend", "Bend", "hall", {Right, Down}, {Left, Up}),
                  oneModule("tee", "Tee", "hall", {Left, Right, Down}, {Up}),
                  oneModule("crossing", "Crossing", "hall", {Right, Down, Left, Up}, {}),
                  oneModule("end", "End", "hall", {Left}, {Right, Up, Down}),
                  riser("ramp", "Ramp", SurfaceSort::Ramp, 2),
                  riser("stairs", "Stairs", SurfaceSort::Stairs, 1)};
    for (Piece& piece : kit.pieces)
        if (piece.name == "frame") piece.ports.push_back({{0, 0}, Up, {}, "hall", false});
    return kit;
}

Piece withCell(Piece piece, const PieceCell& cell) {
    if (PieceCell* there = cellAt(piece, cell.at, cell.storey))
        *there = cell;
    else
        piece.cells.push_back(cell);
    return tidied(std::move(piece));
}

Piece withoutCell(Piece piece, CellPoint at, int storey) {
    if (piece.cells.size() < 2) return piece;
    std::erase_if(piece.cells,
                  [&](const PieceCell& cell) { return cell.at == at && cell.storey == storey; });
    return tidied(std::move(piece));
}

Piece withWallToggled(Piece piece, CellPoint at, int storey, Side side) {
    if (PieceCell* cell = cellAt(piece, at, storey)) cell->walls ^= 1u << static_cast<int>(side);
    return piece;
}

Piece withPortToggled(Piece piece, const Port& port) {
    const auto isThere = [&](const Port& other) {
        return other.cell == port.cell && other.side == port.side && other.height == port.height;
    };
    if (std::erase_if(piece.ports, isThere) == 0) piece.ports.push_back(port);
    return tidied(std::move(piece));
}

std::string freshPieceName(const Kit& kit, const std::string& title) {
    const std::string plain = plainNameFrom(title, "piece");
    std::string name = plain;
    for (int number = 2; kit.find(name); ++number)
        name = plain + "-" + std::to_string(number);
    return name;
}

Result<level::ProjectEdit> changeKit(const level::Project& project, const Kit& kit,
                                     const std::string& name) {
    if (!project.findKit(kit.name))
        return fail(ErrorKind::BadReference, "The project has no kit " + kit.name, project.name,
                    "Choose one of its kits");
    if (const auto flaw = flawOf(kit))
        return fail(ErrorKind::NotApplicable, *flaw, kit.title, "Leave it as it was");
    level::ProjectEdit edit{project, name};
    edit.project.kits.edit([&](auto& kits) {
        for (Kit& each : kits)
            if (each.name == kit.name) each = kit;
    });
    return edit;
}

level::ProjectEdit addKit(const level::Project& project, const std::string& title) {
    const std::string plain = plainNameFrom(title, "kit");
    std::string name = plain;
    // Kits, levels and swatches share their names.
    for (int number = 2; project.findKit(name) || project.findLevel({name}); ++number)
        name = plain + "-" + std::to_string(number);
    level::ProjectEdit edit{project, "New kit"};
    edit.project.kits.edit([&](auto& kits) { kits.push_back(plainKit(name, title)); });
    return edit;
}

std::string profilesText(const Kit& kit) {
    std::string text;
    for (const level::PortProfile& profile : kit.profiles) {
        text += (text.empty() ? "" : "; ") + profile.name + ":";
        for (std::size_t i = 0; i < profile.fits.size(); ++i)
            text += (i > 0 ? ", " : " ") + profile.fits[i].with +
                    (profile.fits[i].isMirrored ? "*" : "");
    }
    return text;
}

Result<std::vector<level::PortProfile>> profilesOf(const std::string& text) {
    const auto trimmed = [](std::string_view part) {
        const std::size_t from = part.find_first_not_of(" \t");
        if (from == std::string_view::npos) return std::string();
        return std::string(part.substr(from, part.find_last_not_of(" \t") - from + 1));
    };
    const auto split = [](std::string_view whole, char by) {
        std::vector<std::string_view> parts;
        for (std::size_t at = 0; at <= whole.size();) {
            const std::size_t end = std::min(whole.find(by, at), whole.size());
            parts.push_back(whole.substr(at, end - at));
            at = end + 1;
        }
        return parts;
    };
    std::vector<level::PortProfile> profiles;
    for (const std::string_view part : split(text, ';')) {
        if (trimmed(part).empty()) continue;
        const std::size_t colon = part.find(':');
        level::PortProfile profile;
        profile.name = trimmed(part.substr(0, colon));
        bool isFine = isPlainName(profile.name) && colon != std::string_view::npos;
        if (isFine)
            for (const std::string_view fit : split(part.substr(colon + 1), ',')) {
                std::string with = trimmed(fit);
                if (with.empty()) continue;
                const bool isMirrored = with.back() == '*';
                if (isMirrored) with.pop_back();
                isFine = isFine && isPlainName(with);
                profile.fits.push_back({with, isMirrored});
            }
        if (!isFine)
            return fail(ErrorKind::WrongType, "\"" + trimmed(part) + "\" is no profile", "profiles",
                        "Write it as hall: hall, room");
        profiles.push_back(std::move(profile));
    }
    return profiles;
}

Result<level::ProjectEdit> changePiece(const level::Project& project, const std::string& kitName,
                                       const std::string& former, Piece piece) {
    const Kit* now = project.findKit(kitName);
    if (!now || (!former.empty() && !now->find(former)))
        return fail(ErrorKind::BadReference, "The kit does not have this piece", kitName,
                    "Choose one of its pieces");
    Kit kit = *now;
    level::ProjectEdit edit{
        project, (former.empty() ? "Make the piece " : "Change the piece ") + piece.title};
    if (former.empty())
        kit.pieces.push_back(piece);
    else
        for (Piece& each : kit.pieces)
            if (each.name == former) each = piece;
    if (const auto flaw = flawOf(kit))
        return fail(ErrorKind::NotApplicable, *flaw, kit.title, "Leave it as it was");
    edit.project.kits.edit([&](auto& kits) {
        for (Kit& each : kits)
            if (each.name == kitName) each = kit;
    });
    if (former.empty() || former == piece.name) return edit;
    for (auto& board : edit.project.levels) {
        if (board->kit != kitName) continue;
        level::Level changed = *board;
        std::vector<PlacedPiece> pieces = changed.pieces.items();
        for (PlacedPiece& placed : pieces)
            if (placed.piece == former) placed.piece = piece.name;
        changed.pieces = std::move(pieces);
        board = std::make_shared<const level::Level>(std::move(changed));
    }
    return edit;
}

Result<level::ProjectEdit> removePiece(const level::Project& project, const std::string& kitName,
                                       const std::string& name) {
    const Kit* now = project.findKit(kitName);
    const Piece* piece = now ? now->find(name) : nullptr;
    if (!piece)
        return fail(ErrorKind::BadReference, "The kit does not have this piece", kitName,
                    "Choose one of its pieces");
    for (const auto& board : project.levels)
        for (const PlacedPiece& placed : board->pieces)
            if (board->kit == kitName && placed.piece == name)
                return fail(ErrorKind::NotApplicable, piece->title + " is placed", board->title,
                            "Replace it by another piece first");
    level::ProjectEdit edit{project, "Delete the piece " + piece->title};
    edit.project.kits.edit([&](auto& kits) {
        for (Kit& each : kits)
            if (each.name == kitName)
                std::erase_if(each.pieces, [&](const Piece& p) { return p.name == name; });
    });
    return edit;
}

}  // namespace rook::kit
