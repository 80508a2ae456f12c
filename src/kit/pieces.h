#pragma once
/// Making pieces: of blocks, module by module; and a kit to begin with.

#include "kit/placed.h"
#include "level/edits.h"

namespace rook::kit {

/// Floors, walls, halls, a ramp and stairs of blocks, of modules of 4 by 4 units.
[[nodiscard]] Kit plainKit(const std::string& name, const std::string& title);

/// The piece with that cell set, in place of one that was there; moved so that it begins at its
/// corner again.
[[nodiscard]] Piece withCell(Piece piece, const level::PieceCell& cell);
/// Without the cell there; the last one stays. Ports that lie on no border any more go.
[[nodiscard]] Piece withoutCell(Piece piece, CellPoint at, int storey);
/// A wall on that side of a cell put up or taken away; none where there is no cell.
[[nodiscard]] Piece withWallToggled(Piece piece, CellPoint at, int storey, Side side);
/// A port there put on or taken away; none where the side is not on the border.
[[nodiscard]] Piece withPortToggled(Piece piece, const level::Port& port);

/// Puts the piece in the place of the one of that name, or beside the others if `former` is empty;
/// pieces that are placed follow a new name. Errors: BadReference without the kit; NotApplicable
/// with the flaw that the piece or the kit would have.
[[nodiscard]] Result<level::ProjectEdit> changePiece(const level::Project& project,
                                                     const std::string& kit,
                                                     const std::string& former, Piece piece);
/// Takes a piece away. Errors: BadReference; NotApplicable while it is placed.
[[nodiscard]] Result<level::ProjectEdit> removePiece(const level::Project& project,
                                                     const std::string& kit,
                                                     const std::string& piece);
/// The kit put in the place of the one of that name. Errors: BadReference; NotApplicable with the
/// flaw that it would have.
[[nodiscard]] Result<level::ProjectEdit> changeKit(const level::Project& project, const Kit& kit,
                                                   const std::string& name);
/// A plain kit more, under a name that is free.
[[nodiscard]] level::ProjectEdit addKit(const level::Project& project, const std::string& title);
/// Profiles as a line, "hall: hall, room; latch: latch*", where a star stands for what fits only
/// mirrored; and back. Errors: WrongType for what is no such line.
[[nodiscard]] std::string profilesText(const Kit& kit);
[[nodiscard]] Result<std::vector<level::PortProfile>> profilesOf(const std::string& text);
/// A name that the kit does not have yet.
[[nodiscard]] std::string freshPieceName(const Kit& kit, const std::string& title);

}  // namespace rook::kit
