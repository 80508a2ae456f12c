#pragma once
/// A level as it is exported, and the readers of what moves in it: tables, doors and keys, springs,
/// movers, proofs. Loaded by rook_runtime.hpp.

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
#include "rook_rules.hpp"

// Long because a game takes it as one file.
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
    Target to;             ///< exits only
    nlohmann::json whole;  ///< the entity as it stands in the file
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
    nlohmann::json whole;  ///< the zone as it stands in the file, entries and all
};

/// A foe on patrol; `way.at(tick)` is where it is.
struct Foe {
    std::size_t entity = 0;  ///< its place in `Level::entities`
    PatrolWay way;
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
    std::string backgroundColor;
    Frame frame;
    std::vector<Layer> layers;
    std::vector<Picture> pictures;  ///< the farthest first
    std::vector<std::string> matterNames;
    std::vector<Behaviour> behaviours;
    std::vector<std::uint16_t> cells;  ///< matter of each cell, row by row
    std::vector<Form> forms;           ///< form of each cell, row by row
    std::vector<Entity> entities;
    std::vector<Zone> zones;
    std::vector<Foe> foes;  ///< those on patrol
    std::vector<Group> formations;
    MotionTables motion;
    Parts parts;                       ///< hazards, doors and keys, springs, movers
    std::vector<std::string> gainIds;  ///< the entities that `parts.gains` stands for
    std::optional<Proof> proof;
    std::optional<KitPlan> kit;  ///< of a kit board
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
        for (const Foe& foe : foes)
            list.push_back(foe.way);
        for (const Group& group : formations) {
            if (group.memberRole != "foe" && group.memberRole != "hazard") continue;
            for (int place = 0; place < group.formation.count; ++place)
                if (!group.formation.isGap(place)) list.push_back(group.formation.wayOf(place));
        }
        return list;
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
    /// The world of this level; it refers to the level, which must outlive it and stay in place.
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

namespace detail {

/// px in one tick; no profile in range comes near it.
inline constexpr int maxStepPx = 1 << 16;

inline PhaseTable readPhases(const json& object, const std::string& where) {
    PhaseTable table;
    table.dx = numbers(object, "dx", 0, maxStepPx, 4096, where);
    table.dy = numbers(object, "dy", -maxStepPx, maxStepPx, 4096, where);
    if (table.dx.empty() || table.dx.size() != table.dy.size())
        fail("dx and dy should be equally long, 1 to 4096 numbers", where);
    const int last = static_cast<int>(table.dx.size()) - 1;
    table.loopFrom = whole(object, "loopFrom", 0, last, where);
    table.topPhase = whole(object, "topPhase", 0, last, where);
    if (last > 0 && (table.loopFrom == 0 || table.topPhase == 0))
        fail("loopFrom and topPhase are 1 or more: phase 0 is the jump", where);
    return table;
}

/// 16 numbers, or none; `isWanted` if there must be some.
inline PaceTable readPace(const json& object, const char* key, bool isWanted,
                          const std::string& where) {
    PaceTable pace{};
    if (!isWanted && !object.contains(key)) return pace;
    const std::vector<int> list = numbers(object, key, 0, maxStepPx, 16, where);
    if (list.size() != 16 && (isWanted || !list.empty()))
        fail(std::string(key) + " should hold 16 numbers", where + "." + key);
    std::copy(list.begin(), list.end(), pace.begin());
    return pace;
}

inline void readMotion(const json& file, Level& level, const std::string& name) {
    const std::string where = name + ": motion";
    const json& motion = member(file, "motion", name);
    MotionTables& tables = level.motion;
    const json& body = member(motion, "body", where);
    tables.bodyWidth = whole(body, "width", 1, 512, where + ".body");
    tables.bodyHeight = whole(body, "height", 1, 512, where + ".body");
    for (const json& value : list(motion, "abilities", where)) {
        if (!value.is_string()) fail("A text is wanted here", where + ".abilities");
        tables.abilities |=
            setOf(named<Ability>(value.get<std::string>(), abilityNames, where + ".abilities"));
    }
    static_cast<PhaseTable&>(tables) = readPhases(motion, where);
    tables.walk = readPace(motion, "walk", true, where);
    tables.climb = readPace(motion, "climb", tables.has(Ability::Climb), where);
    tables.swim = readPace(motion, "swim", tables.has(Ability::Swim), where);
    tables.stepUp = whole(motion, "stepUp", 0, 512, where);
    tables.coyoteTicks = whole(motion, "coyoteTicks", 0, 1 << 20, where);
    tables.airJumps = whole(motion, "airJumps", 0, 3, where);
    if (motion.contains("wallPushTicks"))
        tables.wallPushTicks = whole(motion, "wallPushTicks", 0, 4096, where);
    if (!tables.has(Ability::Coyote)) tables.coyoteTicks = 0;
    if (!tables.has(Ability::AirJump)) tables.airJumps = 0;
    if (!tables.has(Ability::WallJump)) tables.wallPushTicks = 0;
    if (tables.wallPushTicks > tables.loopFrom)
        fail("wallPushTicks is at most loopFrom", where + ".wallPushTicks");
}

inline Timetable readTimetable(const json& value, const std::string& where) {
    Timetable times;
    times.periodTicks = whole(value, "periodTicks", 1, 36000, where);
    for (const json& span : list(value, "on", where)) {
        if (!span.is_array() || span.size() != 2)
            fail("Each span should be [from, to]", where + ".on");
        const int from = whole(span[0], 0, times.periodTicks, where + ".on");
        const int to = whole(span[1], 0, times.periodTicks, where + ".on");
        if (from >= to) fail("A span should end after it begins", where + ".on");
        times.on.emplace_back(from, to);
    }
    return times;
}

inline std::vector<std::string> readOpens(const Entity& door, const std::string& where) {
    std::vector<std::string> ids;
    if (!door.whole.contains("opens")) return ids;
    for (const json& id : list(door.whole, "opens", where)) {
        if (!id.is_string()) fail("The id of a key or a switch is wanted here", where + ".opens");
        ids.push_back(id.get<std::string>());
    }
    return ids;
}

/// An ability, or a list of them.
inline AbilitySet readGrants(const json& value, const std::string& where) {
    const auto one = [&](const json& name) {
        if (!name.is_string()) fail("The name of an ability is wanted here", where);
        return setOf(named<Ability>(name.get<std::string>(), abilityNames, where));
    };
    if (!value.is_array()) return one(value);
    AbilitySet all = 0;
    for (const json& name : value)
        all |= one(name);
    return all;
}

/// Doors, and exits that name what opens them: solid until all of it is held.
inline bool mayBeShut(const Entity& entity) {
    return entity.role == "door" || (entity.role == "exit" && entity.whole.contains("opens"));
}

/// How a door is passed, as it stands in the file: "door": {"manner", "ticks", "passes"}.
struct DoorWay {
    bool isOneWay = false;
    int ticks = 0;  ///< for which a switch opens it; 0 = for good
    int dx = 0;     ///< one way: the way that one passes
    int dy = 0;
};
inline DoorWay readDoorWay(const Entity& door, const std::string& name) {
    DoorWay way;
    if (door.role != "door" || !door.whole.contains("door")) return way;
    const std::string where = name + ": " + door.id + ".door";
    const json& value = door.whole["door"];
    if (!value.is_object()) fail("An object is wanted here", where);
    const std::string manner = text(value, "manner", where);
    if (manner == "for-a-time") {
        way.ticks = whole(value, "ticks", 1, 36000, where);
    } else if (manner == "one-way") {
        way.isOneWay = true;
        const std::string passes = text(value, "passes", where);
        way.dx = passes == "left" ? -1 : passes == "right" ? 1 : 0;
        way.dy = passes == "up" ? -1 : passes == "down" ? 1 : 0;
        if (way.dx == 0 && way.dy == 0) fail("left, right, up or down is wanted here", where);
    } else if (manner != "for-good") {
        fail("for-good, for-a-time or one-way is wanted here", where);
    }
    return way;
}
/// What opens that door for a time only: a switch, and neither keys nor pickups.
inline const Entity* momentaryOpener(const Level& level, const DoorWay& way,
                                     const std::string& id) {
    if (way.ticks == 0) return nullptr;
    for (const Entity& entity : level.entities)
        if (entity.id == id) return entity.role == "switch" ? &entity : nullptr;
    return nullptr;
}

inline void addGain(Level& level, const std::string& id, const Gain& gain) {
    level.parts.gains.push_back(gain);
    level.gainIds.push_back(id);
}

/// What can be gained and makes a difference: what doors and exits name, and what grants or
/// takes an ability.
inline void readGains(Level& level, const std::string& name) {
    std::vector<std::string> wanted;
    for (const Entity& entity : level.entities)
        if (mayBeShut(entity))
            for (std::string& id : readOpens(entity, name + ": " + entity.id))
                if (!momentaryOpener(level, readDoorWay(entity, name), id))
                    wanted.push_back(std::move(id));
    for (const Entity& entity : level.entities) {
        if (entity.role != "key" && entity.role != "switch" && entity.role != "pickup") continue;
        Gain gain{entity.box, 0};
        if (entity.role == "pickup" && entity.whole.contains("grants"))
            gain.grants = readGrants(entity.whole["grants"], name + ": " + entity.id + ".grants") &
                          level.motion.abilities;
        if (entity.role == "pickup" && entity.whole.contains("takes"))
            gain.takes = readGrants(entity.whole["takes"], name + ": " + entity.id + ".takes") &
                         level.motion.abilities;
        const bool changes = (gain.grants | gain.takes) != 0;
        const bool isNamed = std::find(wanted.begin(), wanted.end(), entity.id) != wanted.end();
        if (!isNamed && !changes) continue;
        const int grantTicks = entity.whole.contains("grantTicks")
                                   ? whole(entity.whole, "grantTicks", 0, 36000,
                                           name + ": " + entity.id + ".grantTicks")
                                   : 0;
        if (changes && grantTicks > 0) {
            // What a door asks for is had for good, the ability is not.
            if (isNamed) addGain(level, entity.id, {gain.box});
            gain.lastsTicks = grantTicks;
        }
        addGain(level, entity.id, gain);
    }
    if (level.gainIds.size() > 64)
        fail("More than 64 keys, switches and pickups make a difference", name + ": entities");
    for (const std::string& id : wanted)
        if (std::find(level.gainIds.begin(), level.gainIds.end(), id) == level.gainIds.end())
            fail("There is no key, switch or pickup \"" + id +
                     "\" that a door or an exit could open with",
                 name + ": entities");
}

/// What the last door, which is that one, opens with.
inline void readDoor(Level& level, const Entity& entity, const std::string& name) {
    const std::string where = name + ": " + entity.id;
    const DoorWay way = readDoorWay(entity, name);
    for (const std::string& id : readOpens(entity, where)) {
        if (const Entity* opener = momentaryOpener(level, way, id)) {
            openForATime(level.parts, opener->box, way.ticks);
            level.gainIds.push_back(id);
        } else {
            const auto at = std::find(level.gainIds.begin(), level.gainIds.end(), id);
            level.parts.doors.back().needs |= HeldSet{1} << (at - level.gainIds.begin());
        }
    }
    if (way.isOneWay) {
        makeOneWay(level.parts, way.dx, way.dy);
        level.gainIds.push_back(entity.id);
    }
    if (level.gainIds.size() > 64)
        fail("More than 64 keys, switches, pickups and doors that shut again make a difference",
             name + ": entities");
}

inline void readParts(const json& file, Level& level, const std::string& name) {
    readGains(level, name);
    static const json none = json::object();
    const json& motion = file["motion"];
    const json& springs = motion.contains("springs") ? motion["springs"] : none;
    if (!springs.is_object()) fail("An object is wanted here", name + ": motion.springs");
    for (const Entity& entity : level.entities) {
        const std::string where = name + ": " + entity.id;
        const bool isTimed =
            entity.whole.contains("timetable") && (entity.role == "hazard" || entity.role == "foe");
        if (isTimed) {
            level.parts.timed.push_back(
                {entity.box, readTimetable(entity.whole["timetable"], where + ".timetable")});
        } else if (entity.role == "hazard") {
            level.parts.deadly.push_back(entity.box);
        } else if (mayBeShut(entity)) {
            Door door{entity.box, 0, false};
            level.parts.doors.push_back(door);
            readDoor(level, entity, name);
        } else if (entity.role == "spring") {
            const std::string place = name + ": motion.springs." + entity.id;
            if (!springs.contains(entity.id)) fail("The spring has no tables", place);
            const json& tables = springs[entity.id];
            Spring spring;
            spring.box = entity.box;
            spring.high = readPhases(member(tables, "high", place), place + ".high");
            spring.low = readPhases(member(tables, "low", place), place + ".low");
            spring.pushDx = whole(tables, "pushDx", -maxStepPx, maxStepPx, place);
            level.parts.springs.push_back(std::move(spring));
        }
    }
}

inline Mover readMover(const json& value, const std::string& where) {
    const int far = 16384 * 512;
    Mover mover;
    mover.width = whole(value, "width", 1, far, where);
    mover.height = whole(value, "height", 1, far, where);
    mover.periodTicks = whole(value, "periodTicks", 1, 36000, where);
    for (const json& corner : list(value, "track", where)) {
        if (!corner.is_array() || corner.size() != 2)
            fail("Each corner of a track should be [x, y]", where + ".track");
        mover.track.emplace_back(whole(corner[0], -far, far, where + ".track"),
                                 whole(corner[1], -far, far, where + ".track"));
    }
    if (mover.track.empty() || mover.track.front() != mover.track.back())
        fail("A track should end where it begins", where + ".track");
    for (std::size_t i = 1; i < mover.track.size(); ++i)
        if (mover.track[i].first != mover.track[i - 1].first &&
            mover.track[i].second != mover.track[i - 1].second)
            fail("The legs of a track should go straight across or straight up and down",
                 where + ".track");
    return mover;
}

/// "inputs": spans of [ticks, dx, dy, buttons], one after the other.
inline std::vector<Input> readInputs(const json& run, const std::string& where) {
    std::vector<Input> inputs;
    const std::size_t mostTicks = 60 * 60 * 60;
    for (const json& span : list(run, "inputs", where)) {
        if (!span.is_array() || span.size() != 4)
            fail("Each span should be [ticks, dx, dy, buttons]", where + ".inputs");
        const int ticks = whole(span[0], 1, static_cast<int>(mostTicks), where + ".inputs");
        const Input input{whole(span[1], -maxStepPx, maxStepPx, where + ".inputs"),
                          whole(span[2], -maxStepPx, maxStepPx, where + ".inputs"),
                          static_cast<unsigned>(whole(span[3], 0, 15, where + ".inputs"))};
        if (inputs.size() + static_cast<std::size_t>(ticks) > mostTicks)
            fail("The run takes more than an hour", where + ".inputs");
        inputs.insert(inputs.end(), static_cast<std::size_t>(ticks), input);
    }
    return inputs;
}

inline void readProof(const json& file, Level& level, const std::string& name) {
    if (!file.contains("proof") || file["proof"].is_null()) return;
    const std::string where = name + ": proof";
    const json& value = file["proof"];
    if (!value.is_object() || !value.contains("inputs")) return;
    Proof proof;
    if (value.contains("exit") && !value["exit"].is_null()) proof.exit = text(value, "exit", where);
    proof.inputs = readInputs(value, where);
    level.proof = std::move(proof);
}

}  // namespace detail

}  // namespace rook::runtime
