#pragma once
/// Tiles and things strewn by chance: where, how much, how far apart.
///
/// A rule depends on the level's masses, its zones and what is placed there, and on nothing that is
/// strewn. Each cell rolls by itself, so that an edit changes what is strewn near it and, with a
/// least distance, a little beyond.

#include <functional>
#include <map>

#include "level/edits.h"

namespace rook::skin {

/// True for cells where a body can be; null = nobody has solved that yet.
using IsReached = std::function<bool(CellPoint)>;

/// The cells, row by row. The same rule gives the same cells. `distance` and `count` choose those
/// with the lowest rolls (in patches: the highest noise) first. Nothing where the rule wants reach
/// that is not known. Cost: the cells of the area, and n log n of those where it may lie.
[[nodiscard]] level::CellRegion scatter(const level::Project& project, const level::Level& level,
                                        const CellRect& area, const level::ScatterRule& rule,
                                        const IsReached& isReached = nullptr);

/// True if the rule may put something there. Requires: inside the grid.
[[nodiscard]] bool isGround(const Grid<level::Cell>& cells, CellPoint at, level::Ground where,
                            level::MatterId matter);

/// A sentence if the rule cannot be followed: a matter, layer or kind that is not there, no tile.
/// `stays`: as one that stays a rule; then things must be props, as verdicts depend on all others.
[[nodiscard]] std::optional<std::string> flawOf(const level::Project& project,
                                                const level::Level& level,
                                                const level::ScatterRule& rule, bool stays);

/// What the level's rules strew.
struct Strewn {
    struct Layer {
        Grid<level::Tile> tiles{0, 0};
        Grid<std::uint8_t> rules{0, 0};  ///< place of the rule that strewed it, from 1
    };
    std::map<int, Layer> layers;  ///< by place in the level's layers; -1 = on the masses
    SharedVector<level::ScatterRule> rules;
    std::vector<level::Entity> props;

    /// The tile there, if the level has that rule still and the cell is ground for it.
    [[nodiscard]] level::Tile tileAt(const level::Project& project, const level::Level& level,
                                     int layer, CellPoint at) const;
    [[nodiscard]] bool isEmpty() const { return layers.empty() && props.empty(); }
};

/// The bounds of the cells that differ; null is nothing. Cost: the cells that are not shared.
[[nodiscard]] CellRect differing(const Strewn* a, const Strewn* b);

/// Follows the rules that are on and have no flaw. Cost: the level's cells, once a rule.
[[nodiscard]] Strewn strew(const level::Project& project, const level::Level& level,
                           const IsReached& isReached = nullptr);
/// True if a rule that is on asks where bodies can be.
[[nodiscard]] bool needsReach(const level::Level& level);

/// The level as it is seen: what is strewn stands in it, where nothing was set by hand.
[[nodiscard]] level::Level withStrewn(const level::Level& level, const Strewn& strewn);

/// Lays down what the rule strews, as tiles set by hand, entities of the level's own or matter (in
/// the form that stands there, if it takes it); the rule itself is left alone. Errors:
/// NotApplicable for a flaw, or if there is no place for it.
[[nodiscard]] Result<level::LevelEdit> layScattered(const level::Project& project,
                                                    const level::Level& level,
                                                    const level::ScatterRule& rule,
                                                    const IsReached& isReached = nullptr);

}  // namespace rook::skin
