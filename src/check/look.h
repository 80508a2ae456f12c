#pragma once
/// Look against collision: cells that look solid and are not, and the reverse.

#include "check/finding.h"
#include "level/edits.h"
#include "skin/opacity.h"

namespace rook::check {

/// From this share of its px on, in per cent, an open cell looks solid.
inline constexpr int looksSolidFrom = 60;
/// Up to this share of its px, in per cent, a solid cell looks open.
inline constexpr int looksOpenUpTo = 20;

/// Cells that look otherwise than they are, as bits.
struct LookMaps {
    BitMap looksSolid;  ///< and is open
    BitMap looksOpen;   ///< and is solid
};

/// What is drawn on a cell by dressing or by hand, against what is solid there; what is marked as a
/// secret is left out, as is what has no known image. Maps without bits for a level that nothing
/// dresses, above `maxAuditPx`, or when cancelled. Cost: one dressing of the level.
[[nodiscard]] LookMaps lookMaps(const level::Project& project, const level::Level& level,
                                const skin::Opacity& opacity,
                                const std::atomic<bool>* cancel = nullptr);

/// One finding for all cells that hang together, 50 at most; its fix marks them as meant.
[[nodiscard]] std::vector<Finding> lookFindings(const level::Level& level, const LookMaps& maps);
[[nodiscard]] std::vector<Finding> lookFindings(const level::Project& project,
                                                const level::Level& level,
                                                const skin::Opacity& opacity,
                                                const std::atomic<bool>* cancel = nullptr);

/// From this share of its box on, in per cent, a thing that lies behind is hidden.
inline constexpr int hiddenFrom = 60;

/// Things that a player must see or get to (hazards, foes, pickups, keys, switches, doors, springs,
/// checkpoints and exits), near a place that a body gets to, and covered by layers in front. Their
/// fix clears the layers there. `answer` is of this very level. Cost: the cells of the entities.
[[nodiscard]] std::vector<Finding> hiddenFindings(const level::Project& project,
                                                  const level::Level& level,
                                                  const reach::Answer& answer,
                                                  const skin::Opacity& opacity);

/// Pictures of the level's backdrop whose size does not fit: that repeat downwards and are cut, are
/// stretched out of shape, or leave something bare behind all others. Told for the first screen of
/// the game, which sees less of a picture that moves less than the level. The fix is another fit
/// that does, where there is one.
[[nodiscard]] std::vector<Finding> pictureFindings(const level::Project& project,
                                                   const level::Level& level,
                                                   const skin::Opacity& opacity);

/// What the finding's fix would do to more than its level. None if it has none such, or what it was
/// about is no longer there.
[[nodiscard]] std::optional<level::ProjectEdit> projectFixOf(const level::Project& project,
                                                             const level::Level& level,
                                                             const Finding& finding);

/// What differs from its background by less, in lightness of 255, is hard to tell from it.
inline constexpr int leastContrast = 8;
/// A background whose lightness varies more than that (standard deviation in a square of 16 px, of
/// 255) is too busy to see the game before it.
inline constexpr int mostSpread = 44;

/// Whether one can see the game: the surfaces that bodies stand on, against what lies behind the
/// cells above them (background colour, pictures as the first screen of the game around the place
/// shows them, layers behind). One finding for all that are hard to tell, one for all that are
/// before something busy, where that is one in twenty or more, with the worst place. `answer` is of
/// this very level. Nothing above `maxAuditPx`, or when cancelled. Cost: one dressing of the level.
[[nodiscard]] std::vector<Finding> sightFindings(const level::Project& project,
                                                 const level::Level& level,
                                                 const reach::Answer& answer,
                                                 const skin::Opacity& opacity,
                                                 const std::atomic<bool>* cancel = nullptr);

}  // namespace rook::check
