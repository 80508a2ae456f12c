#pragma once
/// Edits of what is placed on a kit board: pieces, and solids that stand for pieces to come. Their
/// ids are of one sequence.

#include "kit/solids.h"
#include "level/edits.h"

namespace rook::kit {

/// Places pieces; they get ids that are free. Solids all of whose modules and storeys are held by
/// pieces then go, if one of those that come lies on them. Errors: OutOfRange if one leaves the
/// board or there are too many, BadReference if the kit does not have it.
[[nodiscard]] Result<level::LevelEdit> place(const Kit& kit, const level::Level& level,
                                             std::vector<PlacedPiece> pieces,
                                             const std::string& name);
[[nodiscard]] level::LevelEdit remove(const Kit& kit, const level::Level& level,
                                      const std::vector<int>& ids);
/// Moves them by whole modules and storeys. Errors: OutOfRange if one would leave the board.
[[nodiscard]] Result<level::LevelEdit> move(const Kit& kit, const level::Level& level,
                                            const std::vector<int>& ids, int dx, int dy,
                                            int storeys);
/// Turns them as one: a single one about its pivot, several about the middle of what they cover, in
/// whole modules. Errors: NotApplicable if one may not be turned so; OutOfRange.
[[nodiscard]] Result<level::LevelEdit> turn(const Kit& kit, const level::Level& level,
                                            const std::vector<int>& ids, int quarters);
/// Copies of them, so far away. Errors: as `place`.
[[nodiscard]] Result<level::LevelEdit> duplicate(const Kit& kit, const level::Level& level,
                                                 const std::vector<int>& ids, int dx, int dy,
                                                 int storeys);
struct Copied {
    level::LevelEdit edit;
    std::vector<int> copies;  ///< ids
};
/// Copies right beside what is copied, however wide that is. Errors: as `place`; BadReference for a
/// piece that the kit does not have.
[[nodiscard]] Result<Copied> duplicateBeside(const Kit& kit, const level::Level& level,
                                             const std::vector<int>& ids);
/// What stands on a board and can be taken elsewhere.
struct Standings {
    std::vector<PlacedPiece> pieces;
    std::vector<Solid> solids;

    [[nodiscard]] bool empty() const { return pieces.empty() && solids.empty(); }
    [[nodiscard]] std::size_t size() const { return pieces.size() + solids.size(); }
};
[[nodiscard]] Standings standingsOf(const level::Level& level, const std::vector<int>& ids);
/// Lays them around a module, the lowest ones on that storey, moved in where they would stand
/// out. Errors: as `place`.
[[nodiscard]] Result<Copied> paste(const Kit& kit, const level::Level& level, Standings things,
                                   CellPoint middle, int storey);
/// Adds things as they lie, with ids that are free. Errors: as `place`; OutOfRange for a solid with
/// a flaw.
[[nodiscard]] Result<Copied> add(const Kit& kit, const level::Level& level, Standings things,
                                 const std::string& name);
/// Sets them on whole modules, the nearest; all of the level if `ids` is empty.
[[nodiscard]] level::LevelEdit setStraight(const Kit& kit, const level::Level& level,
                                           const std::vector<int>& ids);
/// Chooses anew among the variants of each, by the seed and the place.
[[nodiscard]] level::LevelEdit chooseVariants(const Kit& kit, const level::Level& level,
                                              const std::vector<int>& ids, std::uint64_t seed);

/// A sentence if one cannot stand for the other: another footprint, other ports or turns.
[[nodiscard]] std::optional<std::string> differenceOf(const Piece& a, const Piece& b);
/// Puts one piece in the place of another in all levels of the kit. Errors: BadReference;
/// NotApplicable with what is different.
[[nodiscard]] Result<level::ProjectEdit> replaceAll(const level::Project& project,
                                                    const std::string& kit,
                                                    const std::string& former,
                                                    const std::string& next);

/// An id that the level does not have yet.
[[nodiscard]] int freshPieceId(const level::Level& level);

}  // namespace rook::kit
