#pragma once
/// The readers of what moves in a level: tables, doors and keys, springs, movers, proofs. All throw
/// `LoadError`.

#include <algorithm>
#include <nlohmann/json.hpp>
#include <string>
#include <vector>

#include "rook_level.hpp"

namespace rook::runtime {

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

/// All but the body, which is the same for all profiles.
inline void readTables(const json& motion, MotionTables& tables, const std::string& where) {
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
    tables.hasEvenDiagonal = motion.contains("diagonal") && !motion["diagonal"].empty();
    if (tables.hasEvenDiagonal) tables.diagonal = readPace(motion, "diagonal", true, where);
    if (!tables.has(Ability::Coyote)) tables.coyoteTicks = 0;
    if (!tables.has(Ability::AirJump)) tables.airJumps = 0;
    if (!tables.has(Ability::WallJump)) tables.wallPushTicks = 0;
    if (tables.wallPushTicks > tables.loopFrom)
        fail("wallPushTicks is at most loopFrom", where + ".wallPushTicks");
}

inline void readMotion(const json& file, Level& level, const std::string& name) {
    const std::string where = name + ": motion";
    const json& motion = member(file, "motion", name);
    MotionTables& tables = level.motion;
    const json& body = member(motion, "body", where);
    tables.bodyWidth = whole(body, "width", 1, 512, where + ".body");
    tables.bodyHeight = whole(body, "height", 1, 512, where + ".body");
    readTables(motion, tables, where);
    if (motion.contains("profile")) level.profiles.push_back(text(motion, "profile", where));
    if (!motion.contains("others")) return;
    const json& others = list(motion, "others", where);
    if (others.size() > 64) fail("A level has at most 64 other profiles", where + ".others");
    const int last = static_cast<int>(others.size());
    const auto readSwap = [&](const json& from, MotionTables& into, const std::string& at) {
        if (from.contains("swapsWith")) into.swapsWith = whole(from, "swapsWith", 0, last, at);
    };
    readSwap(motion, tables, where);
    level.profiles.resize(1);
    for (std::size_t i = 0; i < others.size(); ++i) {
        const std::string at = item(where + ".", "others", i);
        MotionTables other;
        other.bodyWidth = tables.bodyWidth;
        other.bodyHeight = tables.bodyHeight;
        other.fromAbove = tables.fromAbove;
        readTables(others[i], other, at);
        readSwap(others[i], other, at);
        level.profiles.push_back(text(others[i], "profile", at));
        tables.others.push_back(std::move(other));
    }
}

/// The number of the profile that a pickup brings; -1 = none.
inline int readMovesAs(const Level& level, const Entity& entity, const std::string& name) {
    if (entity.role != "pickup" || !entity.whole.contains("movesAs")) return -1;
    const std::string where = name + ": " + entity.id;
    const std::string wanted = text(entity.whole, "movesAs", where);
    const auto at = std::find(level.profiles.begin(), level.profiles.end(), wanted);
    if (at == level.profiles.end())
        fail("The profile " + wanted + " is not among those of the level", where + ".movesAs");
    return static_cast<int>(at - level.profiles.begin());
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
    bool isOnApproach = false;  ///< for `ticks` after somebody was there, 0 = while they are
    bool isUsed = false;        ///< the same, for who uses it there
    bool shuts = false;         ///< behind who has all that it names
    int ticks = 0;              ///< for which a switch opens it; 0 = for good
    int dx = 0;                 ///< one way: the way that one passes
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
    } else if (manner == "on-approach" || manner == "on-use") {
        way.isOnApproach = true;
        way.isUsed = manner == "on-use";
        way.ticks = whole(value, "ticks", 0, 36000, where);
    } else if (manner == "shuts") {
        way.shuts = true;
    } else if (manner != "for-good") {
        fail("for-good, for-a-time, one-way, on-approach, on-use or shuts is wanted here", where);
    }
    return way;
}
/// What opens that door for a time only: a switch, and neither keys nor pickups.
inline const Entity* momentaryOpener(const Level& level, const DoorWay& way,
                                     const std::string& id) {
    if (way.ticks == 0 || way.isOnApproach) return nullptr;
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
                         listedAnywhere(level.motion);
        gain.movesAs = readMovesAs(level, entity, name);
        const bool changes = (gain.grants | gain.takes) != 0 || gain.movesAs >= 0;
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
    if (level.gainIds.size() > mostGains(level.motion))
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
    HeldSet needs = 0;
    for (const std::string& id : readOpens(entity, where)) {
        if (const Entity* opener = momentaryOpener(level, way, id)) {
            openForATime(level.parts, opener->box, way.ticks);
            level.gainIds.push_back(id);
        } else {
            const auto at = std::find(level.gainIds.begin(), level.gainIds.end(), id);
            needs |= HeldSet{1} << (at - level.gainIds.begin());
        }
    }
    if (way.shuts) {
        shutAfter(level.parts, needs);
        level.gainIds.push_back(entity.id);
    } else {
        level.parts.doors.back().needs |= needs;
    }
    if (way.isOnApproach) {
        openOnApproach(level.parts, way.ticks, way.isUsed);
        level.gainIds.push_back(entity.id);
    }
    if (way.isOneWay) {
        makeOneWay(level.parts, way.dx, way.dy);
        level.gainIds.push_back(entity.id);
    }
    if (level.gainIds.size() > mostGains(level.motion))
        fail("More than 64 keys, switches, pickups and doors that shut again make a difference",
             name + ": entities");
}

/// A spring throws a body of each profile by tables of its own.
inline void readOtherFlights(const json& tables, const Level& level, Spring& spring,
                             const std::string& place) {
    const std::size_t count = level.motion.others.size();
    if (count == 0) return;
    const json& others = list(tables, "others", place);
    if (others.size() != count) fail("The spring has tables for each other profile", place);
    for (std::size_t i = 0; i < count; ++i) {
        const std::string at = item(place + ".", "others", i);
        spring.others.emplace_back(readPhases(member(others[i], "high", at), at + ".high"),
                                   readPhases(member(others[i], "low", at), at + ".low"));
    }
}

inline void readParts(const json& file, Level& level, const std::string& name) {
    readGains(level, name);
    static const json none = json::object();
    const json& motion = file["motion"];
    const json& springs = motion.contains("springs") ? motion["springs"] : none;
    if (!springs.is_object()) fail("An object is wanted here", name + ": motion.springs");
    for (const Entity& entity : level.entities) {
        const std::string where = name + ": " + entity.id;
        const auto place = static_cast<std::size_t>(&entity - level.entities.data());
        const bool isTimed =
            entity.whole.contains("timetable") && (entity.role == "hazard" || entity.role == "foe");
        if (isTimed) {
            level.parts.timed.push_back(
                {entity.box, readTimetable(entity.whole["timetable"], where + ".timetable"),
                 entity.role == "foe", static_cast<int>(place)});
        } else if (entity.role == "hazard") {
            level.parts.deadly.push_back(entity.box);
            level.deadlyEntities.push_back(place);
        } else if (mayBeShut(entity)) {
            Door door{entity.box, 0, false};
            level.parts.doors.push_back(door);
            level.doorEntities.push_back(place);
            readDoor(level, entity, name);
        } else if (entity.role == "spring") {
            const std::string at = name + ": motion.springs." + entity.id;
            if (!springs.contains(entity.id)) fail("The spring has no tables", at);
            const json& tables = springs[entity.id];
            Spring spring;
            spring.box = entity.box;
            spring.high = readPhases(member(tables, "high", at), at + ".high");
            spring.low = readPhases(member(tables, "low", at), at + ".low");
            spring.pushDx = whole(tables, "pushDx", -maxStepPx, maxStepPx, at);
            readOtherFlights(tables, level, spring, at);
            level.parts.springs.push_back(std::move(spring));
            level.springEntities.push_back(place);
        }
    }
}

/// A list of [x, y], px.
inline std::vector<std::pair<int, int>> readCorners(const json& value, const char* key,
                                                    const std::string& where) {
    const int far = 16384 * 512;
    std::vector<std::pair<int, int>> corners;
    const std::string at = where + "." + key;
    for (const json& corner : list(value, key, where)) {
        if (!corner.is_array() || corner.size() != 2) fail("Each corner should be [x, y]", at);
        corners.emplace_back(whole(corner[0], -far, far, at), whole(corner[1], -far, far, at));
    }
    return corners;
}

inline Mover readMover(const json& value, const std::string& where) {
    const int far = 16384 * 512;
    Mover mover;
    mover.width = whole(value, "width", 1, far, where);
    mover.height = whole(value, "height", 1, far, where);
    mover.periodTicks = whole(value, "periodTicks", 1, 36000, where);
    mover.track = readCorners(value, "track", where);
    if (mover.track.empty() || mover.track.front() != mover.track.back())
        fail("A track should end where it begins", where + ".track");
    if (value.contains("way") && !value["way"].is_null()) {
        mover.way = readCorners(value, "way", where);
        if (mover.way.size() != static_cast<std::size_t>(mover.periodTicks))
            fail("A way should hold one corner a tick of the period", where + ".way");
        return mover;
    }
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
                          static_cast<unsigned>(whole(span[3], 0, 63, where + ".inputs"))};
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
