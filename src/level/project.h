#pragma once
/// The document: a project and its levels. Plain values; copying one shares everything large.
///
/// Invariants:
///  1. `Project::matters[0]` is open; cells name matters by their place in that list.
///  2. Ids are unique: levels and swatches in the project, entities and zones in their level.
///  3. Levels stand in the order of play.

#include <memory>
#include <optional>
#include <string>
#include <vector>

#include "base/chunked_vector.h"
#include "base/grid.h"
#include "base/id.h"
#include "base/shared_vector.h"
#include "level/boxes.h"
#include "level/bundle_options.h"
#include "level/entity.h"
#include "level/game.h"
#include "level/kept_run.h"
#include "level/kit.h"
#include "level/motion_profile.h"
#include "level/puzzle.h"
#include "level/scatter_rule.h"
#include "level/sketch.h"
#include "level/solid.h"
#include "level/target.h"
#include "level/tile.h"
#include "level/zone.h"

namespace rook::level {

/// A character of a level's text and the cell that it stands for.
struct LegendEntry {
    std::string glyph;  ///< one character, UTF-8
    Cell cell;
    bool operator==(const LegendEntry&) const = default;
};

/// A block that was laid in a level: its name and where, in cells.
struct LaidBlock {
    std::string block;
    CellRect place;
    bool operator==(const LaidBlock&) const = default;
};

struct Level {
    LevelId id;
    std::string title;
    LevelKind kind = LevelKind::Side;
    CellSize cellSize;
    Grid<Cell> cells{40, 24};
    runtime::Edges edges;
    std::string background = "#1b2733";
    std::string backgroundBelow;  ///< what it turns to at the lower edge; empty = it does not
    std::string profile;          ///< name of a motion profile; empty = the project's first
    SharedVector<LevelGoal> goals;
    SharedVector<Words> texts;
    Arrives arrives = Arrives::First;
    OnDeath onDeath = OnDeath::GoOn;
    /// Abilities gained for good elsewhere that one has here; none = all that levels before it in
    /// the running order grant.
    std::optional<std::vector<Ability>> assumes;
    std::string music;           ///< for the game
    std::optional<int> comfort;  ///< %, that it wants; none = as the project
    ChunkedVector<Entity> entities;
    Sketch sketch;
    Grid<Tile> tiles{0, 0};  ///< set by hand over the dressing; 0 x 0, or as large as `cells`
    SharedVector<TileLayer> layers;  ///< the farthest first; those behind before those in front
    /// Cells that look otherwise than they are, and are meant to.
    SharedVector<CellRect> secrets;
    /// Of a swatch: cells that are laid together or not at all.
    SharedVector<CellRect> motifs;
    std::string theme;     ///< of the swatches that dress it, or that a swatch belongs to
    std::string backdrop;  ///< name of the pictures behind it; empty = none
    Chance chance;
    SharedVector<ScatterRule> scatter;  ///< one after the other; later ones lie over earlier ones
    SharedVector<Zone> zones;
    std::string kit;                    ///< of a kit board: the name of its kit
    ChunkedVector<PlacedPiece> pieces;  ///< of a kit board
    ChunkedVector<Solid> solids;        ///< block-out masses of a kit board
    Puzzle puzzle;                      ///< of a puzzle level
    SharedVector<LaidBlock> laid;       ///< so that a block that changes can change where it lies
    SharedVector<KeptRun> runs;         ///< that must stay possible
    std::optional<KeptRun> proof;       ///< the last run that was found to get to the exit
    std::vector<LegendEntry> legend;    ///< as read from the file, so that characters stay the same
    UnknownKeys unknown;

    [[nodiscard]] PxRect boundsPx() const { return toPx(cells.bounds(), cellSize); }
    /// None where there is none, or outside.
    [[nodiscard]] Tile tileAt(int x, int y) const { return tiles.at(x, y, Tile()); }
    bool operator==(const Level&) const = default;
};

/// Cells and what stands among them, under a name, to be laid again and again.
struct Block {
    std::string name;              ///< a plain name, unique in the project
    std::string title;             ///< what people read
    Grid<Cell> cells{0, 0};        ///< open ones leave what is there
    std::vector<Entity> entities;  ///< boxes from the block's upper left corner, px
    UnknownKeys unknown;
    bool operator==(const Block&) const = default;
};

struct Project {
    std::string name;
    SharedVector<Matter> matters{std::vector<Matter>{openMatter()}};
    SharedVector<Sheet> sheets;
    SharedVector<Kind> kinds;
    SharedVector<MotionProfile> profiles;
    SharedVector<PartMatch> parts;  ///< one a name at most
    SharedVector<Block> blocks;
    SharedVector<Kit> kits;
    SharedVector<Backdrop> backdrops;
    SharedVector<Roster> rosters;
    SharedVector<StackColor> stackColors;  ///< that stacks of puzzle levels are made of
    std::vector<std::shared_ptr<const Level>> levels;
    /// Small boards, dressed by hand: what they show is how matter is dressed anywhere.
    std::vector<std::shared_ptr<const Level>> swatches;
    Game game;
    int zoneBudget = 0;    ///< entities in one zone at most; 0 = any number
    int comfortLimit = 0;  ///< %; less comfort in a level is a finding; 0 = none is
    BundleOptions bundle;
    SharedVector<Target> targets;  ///< in the order in which Ship lists them
    UnknownKeys unknown;

    [[nodiscard]] static Matter openMatter();
    bool operator==(const Project& other) const;
    /// Equal because nothing was changed in between: compares pointers, reads no cell. Two projects
    /// that were made equal by hand may not share.
    [[nodiscard]] bool sharesAllWith(const Project& other) const;

    /// A level or a swatch; null if there is none.
    [[nodiscard]] std::shared_ptr<const Level> findLevel(const LevelId& id) const;
    [[nodiscard]] bool isSwatch(const LevelId& id) const;
    [[nodiscard]] const Backdrop* findBackdrop(const std::string& name) const;
    [[nodiscard]] std::optional<int> sheetIndex(const std::string& name) const;
    [[nodiscard]] const Kind* findKind(const KindId& id) const;
    [[nodiscard]] const Sheet* findSheet(const std::string& name) const;
    [[nodiscard]] const Kit* findKit(const std::string& name) const;
    /// The kit that a level is of; null if it is of none that is there.
    [[nodiscard]] const Kit* kitOf(const Level& level) const { return findKit(level.kit); }
    [[nodiscard]] const Roster* findRoster(const std::string& name) const;
    [[nodiscard]] const Block* findBlock(const std::string& name) const;
    [[nodiscard]] const Target* findTarget(const std::string& name) const;
    [[nodiscard]] std::optional<MatterId> findMatter(std::string_view name) const;
    /// The profile that a level moves by, or null if the project has none of that name.
    [[nodiscard]] int comfortLimitOf(const Level& level) const {
        return level.comfort.value_or(comfortLimit);
    }
    [[nodiscard]] const MotionProfile* profileOf(const Level& level) const;
    [[nodiscard]] const Matter& matterOf(Cell cell) const { return matters[cell.matter().index]; }
    [[nodiscard]] Behaviour behaviourOf(Cell cell) const { return matterOf(cell).behaviour; }
    /// Role of an entity's kind; prop if the kind is not known.
    [[nodiscard]] Role roleOf(const Entity& entity) const;

    /// This project with the level or swatch of that id replaced. Requires: it has one.
    [[nodiscard]] Project withLevel(Level level) const;
};

/// The entity of that id, or null.
[[nodiscard]] const Entity* findEntity(const Level& level, const EntityId& id);
/// An id that the level does not have: the kind's id, '-', and one more than the greatest number.
[[nodiscard]] EntityId freshEntityId(const Level& level, const KindId& kind);

/// Reads the cells of a level as shapes; holds a copy of the grid and of the behaviours.
class LevelCells : public runtime::CellSource {
public:
    LevelCells(const Project& project, const Level& level);
    [[nodiscard]] runtime::CellShape at(int column, int row) const override {
        const Cell cell = m_cells.at(column, row);
        return {m_behaviours[cell.matter().index], cell.form()};
    }

private:
    Grid<Cell> m_cells;
    std::vector<Behaviour> m_behaviours;
};

[[nodiscard]] runtime::Frame frameOf(const Level& level);

}  // namespace rook::level
