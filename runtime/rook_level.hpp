#pragma once
/// A level as it is exported: its cells, layers, entities, zones, tables and parts. Loaded by
/// rook_runtime.hpp.

#include <algorithm>
#include <nlohmann/json.hpp>
#include <optional>
#include <string>
#include <vector>

#include "rook_carry.hpp"
#include "rook_json.hpp"
#include "rook_kit.hpp"
#include "rook_motion.hpp"
#include "rook_patrol.hpp"
#include "rook_puzzle_level.hpp"
#include "rook_rules.hpp"
#include "rook_shown.hpp"
#include "rook_thrower.hpp"

namespace rook::runtime {

/// A tile that moves: wherever it lies, its frames are shown in turn, each for `ticks`.
struct TileAnimation {
    int tile = 0;             ///< n: tile n - 1 of the sheet
    std::vector<int> frames;  ///< likewise; two or more
    int ticks = 1;
};

struct Layer {
    std::string name;
    std::string role;
    std::string sheet;  ///< relative to the bundle
    int tileWidth = 16;
    int tileHeight = 16;
    int opacity = 100;                    ///< %
    bool fades = false;                   ///< where it would hide the player
    FadeLine fadeLine;                    ///< beyond which it fades
    int columns = 1;                      ///< tiles in one row of the sheet
    std::vector<std::vector<int>> tiles;  ///< rows; 0 = empty, n = tile n - 1 of the sheet
    /// Rows; 1 = mirrored, 2 = upside down, 3 = both. Empty if no tile is.
    std::vector<std::vector<int>> flips;
    std::vector<TileAnimation> animations;

    /// The tile to draw in that tick; 0 = empty.
    int tileAt(int column, int row, long long tick) const {
        const int tile = tiles[static_cast<std::size_t>(row)][static_cast<std::size_t>(column)];
        for (const TileAnimation& animation : animations)
            if (animation.tile == tile)
                return animation.frames[static_cast<std::size_t>(tick / animation.ticks) %
                                        animation.frames.size()];
        return tile;
    }
};

/// A picture behind the level, or before it.
struct Picture {
    std::string image;     ///< relative to the bundle
    std::string fit;       ///< "repeat", "across", "stretch" or "once"
    double parallaxX = 1;  ///< 0 = stays on the screen, 1 = moves with the level
    double parallaxY = 1;
    double scroll = 0;  ///< px a tick, to the right
    int opacity = 100;  ///< %
    bool isFront = false;
    FadeLine fadeLine;  ///< beyond which it fades

    /// Where its upper left corner is on a screen of that size whose own corner is at px (left,
    /// top) of the level; one that repeats lies at whole widths (and, with "repeat", heights) from
    /// there as well.
    std::pair<double, double> cornerOn(double left, double top, double screenWidth,
                                       double screenHeight, double levelWidth, double levelHeight,
                                       double width, double height) const {
        if (fit == "repeat") return {-left * parallaxX, -top * parallaxY};
        const double below = (levelHeight - top - screenHeight) * parallaxY;
        if (fit == "across") return {-left * parallaxX, below + screenHeight - height};
        if (fit == "stretch") return {-left * parallaxX, -top * parallaxY};
        return {
            (levelWidth / 2 - left - screenWidth / 2) * parallaxX + (screenWidth - width) / 2,
            (levelHeight / 2 - top - screenHeight / 2) * parallaxY + (screenHeight - height) / 2};
    }
    /// Its size there: of the image, or as much as the screen sees of it over the whole level.
    std::pair<double, double> sizeOn(double screenWidth, double screenHeight, double levelWidth,
                                     double levelHeight, double width, double height) const {
        if (fit != "stretch") return {width, height};
        return {screenWidth + (levelWidth - screenWidth) * parallaxX,
                screenHeight + (levelHeight - screenHeight) * parallaxY};
    }
};

struct Target {
    std::string level;  ///< empty = the end
    std::string entry;
};

struct Entity {
    std::string id;
    std::string kind;
    std::string role;
    Box box;
    std::string facing;
    nlohmann::json fields;
    Target to;              ///< exits only
    Transition transition;  ///< likewise
    nlohmann::json whole;   ///< the entity as it stands in the file
};

/// Where a body goes on that came into a zone from another one: its upper left corner.
struct ZoneEntry {
    int x = 0;
    int y = 0;
    std::string from;
};

/// A part of the level with a camera of its own.
struct Zone {
    std::string id;
    std::string name;
    Box box;     ///< px of the level
    Box camera;  ///< px that the screen keeps to
    std::string theme;
    std::string music;
    std::vector<ZoneEntry> entries;
    std::vector<std::string> neighbours;  ///< ids of zones that bodies can cross to
    std::vector<std::string> onEnter;     ///< messages for the game
    std::vector<std::string> onLeave;
    Transition transition;  ///< of who comes into it
    nlohmann::json whole;   ///< the zone as it stands in the file, entries and all
};

/// A foe on patrol; `way.at(tick)` is where it is.
struct Foe {
    std::size_t entity = 0;  ///< its place in `Level::entities`
    PatrolWay way;
};

/// A shot of a thrower; `way.isThere(tick)` says whether it is under way, `way.at(tick)` where.
struct Shot {
    std::size_t entity = 0;  ///< the thrower's place in `Level::entities`
    Way way;
};

/// A formation; `formation.at(place, tick)` is where its members are.
struct Group {
    std::size_t entity = 0;
    std::string member;  ///< kind of the members
    std::string memberRole;
    Formation formation;
};

/// A run that gets to an exit, as it was found when the level was exported.
struct Proof {
    std::string exit;           ///< id of the entity
    std::vector<Input> inputs;  ///< one a tick, from the first spawn
};

struct Level : CellSource {
    std::string id;
    std::string title;
    std::string kind;
    std::string message;
    std::string backgroundColor;  ///< "#rrggbb"
    std::string
        backgroundBelow;  ///< what it turns to at the level's lower edge; empty = it does not
    Frame frame;
    std::vector<Layer> layers;
    std::vector<Picture> pictures;  ///< the farthest first
    std::vector<std::string> matterNames;
    std::vector<std::string> matterColors;  ///< "#rrggbb", for what has no tile
    std::vector<Behaviour> behaviours;
    std::vector<std::uint16_t> cells;  ///< matter of each cell, row by row
    std::vector<Form> forms;           ///< form of each cell, row by row
    std::vector<Entity> entities;
    std::vector<Zone> zones;
    std::vector<Foe> foes;    ///< those on patrol
    std::vector<Shot> shots;  ///< all that may be under way at once
    std::vector<Group> formations;
    MotionTables motion;
    std::vector<std::string> profiles;  ///< names of its own and of the others, by their number
    Parts parts;                        ///< hazards, doors and keys, springs, movers
    std::vector<std::string> gainIds;   ///< the entities that `parts.gains` stands for
    /// Places in `entities` of those that `parts` holds, in its order.
    std::vector<std::size_t> doorEntities, deadlyEntities, springEntities, moverEntities;
    std::optional<Proof> proof;
    std::optional<KitPlan> kit;  ///< of a kit board
    std::optional<PuzzleLevel> puzzle;
    std::vector<ShownText> texts;
    bool arrivesAtAny = false;  ///< at one of its spawns, and not always at the first
    CarriedAbilities carried;   ///< in a game that carries abilities; `inHand`: that it assumes
    nlohmann::json file;        ///< goals and onDeath, which `rulesOf` reads

    /// Begins with these in hand: changes `motion` and `parts`, of which no world may exist yet.
    /// Does nothing in a game that carries none.
    void beginWith(AbilitySet inHand) {
        if (carried.granted == 0) return;
        motion.abilities = listed;
        for (std::size_t i = 0; i < grants.size() && i < parts.gains.size(); ++i)
            parts.gains[i].grants = grants[i];
        rook::runtime::beginWith({carried.granted, inHand}, motion, parts);
    }
    AbilitySet listed = 0;           ///< abilities of the profile, before that
    std::vector<AbilitySet> grants;  ///< of each gain, before that

    std::vector<const Entity*> spawns() const {
        std::vector<const Entity*> list;
        for (const Entity& entity : entities)
            if (entity.role == "spawn") list.push_back(&entity);
        return list;
    }
    /// All that goes about and kills: foes on patrol, and members of deadly formations.
    std::vector<Way> ways() const {
        std::vector<Way> list;
        for (const Foe& foe : foes) {
            list.push_back(foe.way);
            list.back().entity = static_cast<int>(foe.entity);
        }
        for (const Shot& shot : shots) {
            list.push_back(shot.way);
            list.back().entity = static_cast<int>(shot.entity);
        }
        for (const Group& group : formations) {
            if (group.memberRole != "foe" && group.memberRole != "hazard") continue;
            for (int place = 0; place < group.formation.count; ++place) {
                if (group.formation.isGap(place)) continue;
                list.push_back(group.formation.wayOf(place));
                list.back().canBeBeaten = group.memberRole == "foe";
                list.back().entity = static_cast<int>(group.entity);
            }
        }
        return list;
    }

    /// Who touches a body at (x, y) in that tick: its place in `all`, which is `ways()`; -1 =
    /// nobody. `world()` knows no foes, so a game that steps in it asks this after each tick.
    int catches(const std::vector<Way>& all, int x, int y, long long tick) const {
        const Box body{x, y, motion.bodyWidth, motion.bodyHeight};
        for (std::size_t i = 0; i < all.size(); ++i)
            if (overlaps(all[i].at(tick), body)) return static_cast<int>(i);
        return -1;
    }

    /// What it asks for, by the rules of its game.
    LevelRules rulesOf(const GameRules& game) const {
        const auto isExit = [](const Entity& entity) { return entity.role == "exit"; };
        const auto countOf = [&](const std::string& of) {
            const auto isIt = [&](const Entity& entity) { return entity.kind == of; };
            return static_cast<int>(std::count_if(entities.begin(), entities.end(), isIt));
        };
        return readLevelRules(file, game, std::any_of(entities.begin(), entities.end(), isExit),
                              countOf, id);
    }

    CellShape at(int column, int row) const override {
        const std::size_t i =
            static_cast<std::size_t>(row) * static_cast<std::size_t>(frame.columns) +
            static_cast<std::size_t>(column);
        return {behaviours[cells[i]], forms[i]};
    }
    /// False on boards of pieces and of slots: nobody is moved by `step` there, and `world` is that
    /// of an empty board.
    bool isSteppable() const { return !kit && !puzzle; }
    /// The world of this level, without foes: see `catches`. It refers to the level, which must
    /// outlive it and stay in place.
    World world() const { return World(frame, *this, motion, parts); }
    /// The zone that holds the middle of a box, the first if several do; null if none does.
    const Zone* zoneAt(const Box& box) const {
        const int x = box.x + box.width / 2;
        const int y = box.y + box.height / 2;
        for (const Zone& zone : zones)
            if (x >= zone.box.x && x < zone.box.x + zone.box.width && y >= zone.box.y &&
                y < zone.box.y + zone.box.height)
                return &zone;
        return nullptr;
    }
    /// The spawn or entry of that id, else the first spawn; null if there is none.
    const Entity* startEntity(const std::string& name) const {
        for (const Entity& entity : entities)
            if (!name.empty() && entity.id == name &&
                (entity.role == "spawn" || entity.role == "entry"))
                return &entity;
        for (const Entity& entity : entities)
            if (entity.role == "spawn") return &entity;
        return nullptr;
    }
    /// A body at that start, with these held; ended if there is none or it has no room.
    Body start(const World& world, const std::string& name, HeldSet held = 0) const {
        const Entity* entity = startEntity(name);
        if (entity) return bodyAt(entity->box, world, motion, held);
        Body body;
        body.stance = Stance::Ended;
        return body;
    }
};

}  // namespace rook::runtime
