/** Reads what can be gained, doors and what opens them, springs and hazards. As rook_level_parts.hpp. */
import { eachOf, isObject, memberOf, pairsOf, refuse, textOf, textsOf, wholeOf } from "./checked.mjs";
import { bitOf, Door, Gain, listedAnywhere, makeOneWay, mostGains, openForATime, openOnApproach, shutAfter, Spring, Timetable } from "./tables.mjs";
import { abilitiesIn, readPhases } from "./motion_reader.mjs";

const passesTo = { left: [-1, 0], right: [1, 0], up: [0, -1], down: [0, 1] };

function opensOf(door, where) {
    return textsOf(door.whole, "opens", where);
}
/** Doors, and exits that name what opens them. */
function mayBeShut(entity) {
    return entity.role === "door" || (entity.role === "exit" && Object.hasOwn(entity.whole, "opens"));
}

/** How a door is passed, as it stands in the file. */
function doorWayOf(door, name) {
    const way = { isOneWay: false, isOnApproach: false, isUsed: false, shuts: false, ticks: 0, dx: 0, dy: 0 };
    if (door.role !== "door" || !Object.hasOwn(door.whole, "door")) return way;
    const where = `${name}: ${door.id}.door`;
    const value = memberOf(door.whole, "door", where);
    const manner = textOf(value, "manner", where);
    if (manner === "for-a-time") {
        way.ticks = wholeOf(value, "ticks", 1, 36000, where);
    } else if (manner === "one-way") {
        const to = passesTo[textOf(value, "passes", where)];
        if (!to) refuse("left, right, up or down is wanted here", where);
        Object.assign(way, { isOneWay: true, dx: to[0], dy: to[1] });
    } else if (manner === "on-approach" || manner === "on-use") {
        const ticks = wholeOf(value, "ticks", 0, 36000, where);
        Object.assign(way, { isOnApproach: true, isUsed: manner === "on-use", ticks });
    } else if (manner === "shuts") {
        way.shuts = true;
    } else if (manner !== "for-good") {
        refuse("for-good, for-a-time, one-way, on-approach, on-use or shuts is wanted here", where);
    }
    return way;
}
/** What opens that door for a time only: a switch, and neither keys nor pickups; else null. */
function momentaryOpener(level, way, id) {
    if (way.ticks === 0 || way.isOnApproach) return null;
    const opener = level.entities.find((entity) => entity.id === id);
    return opener?.role === "switch" ? opener : null;
}

function movesAsOf(level, entity, name) {
    if (entity.role !== "pickup" || !Object.hasOwn(entity.whole, "movesAs")) return -1;
    const where = `${name}: ${entity.id}`;
    const wanted = textOf(entity.whole, "movesAs", where);
    const place = level.profiles.indexOf(wanted);
    if (place < 0) refuse(`The profile ${wanted} is not among those of the level`, `${where}.movesAs`);
    return place;
}

/** What can be gained and makes a difference. */
function readGains(level, name) {
    const wanted = level.entities.filter(mayBeShut).flatMap((door) => {
        const way = doorWayOf(door, name);
        return opensOf(door, `${name}: ${door.id}`).filter((id) => !momentaryOpener(level, way, id));
    });
    const add = (id, gain) => {
        level.parts.gains.push(gain);
        level.gainIds.push(id);
    };
    for (const entity of level.entities) {
        if (!["key", "switch", "pickup"].includes(entity.role)) continue;
        const where = `${name}: ${entity.id}`;
        const abilities = (key, listed) =>
            entity.role === "pickup" && Object.hasOwn(entity.whole, key)
                ? abilitiesIn(entity.whole[key], `${where}.${key}`) & listed
                : 0;
        const gain = new Gain({
            box: entity.box, grants: abilities("grants", level.motion.abilities),
            takes: abilities("takes", listedAnywhere(level.motion)), movesAs: movesAsOf(level, entity, name),
        });
        const changes = (gain.grants | gain.takes) !== 0 || gain.movesAs >= 0;
        const isNamed = wanted.includes(entity.id);
        if (!isNamed && !changes) continue;
        const ticks = wholeOf(entity.whole, "grantTicks", 0, 36000, where, 0);
        if (changes && ticks > 0) {
            // What a door asks for is had for good, the ability is not.
            if (isNamed) add(entity.id, new Gain({ box: gain.box }));
            gain.lastsTicks = ticks;
        }
        add(entity.id, gain);
    }
    checkCount(level, name);
    const missing = wanted.find((id) => !level.gainIds.includes(id));
    if (missing !== undefined)
        refuse(
            `There is no key, switch or pickup "${missing}" that a door or an exit could open with`,
            `${name}: entities`,
        );
}
function checkCount(level, name) {
    if (level.gainIds.length > mostGains(level.motion))
        refuse(
            "More than 64 keys, switches, pickups and doors that shut again make a difference",
            `${name}: entities`,
        );
}

/** What the last door, which is that one, opens with. */
function readDoor(level, entity, name) {
    const { parts, gainIds } = level;
    const way = doorWayOf(entity, name);
    let needs = 0n;
    for (const id of opensOf(entity, `${name}: ${entity.id}`)) {
        const opener = momentaryOpener(level, way, id);
        if (opener) {
            openForATime(parts, opener.box, way.ticks);
            gainIds.push(id);
        } else {
            needs |= bitOf(gainIds.indexOf(id));
        }
    }
    if (way.shuts) {
        shutAfter(parts, needs);
        gainIds.push(entity.id);
    } else {
        parts.doors.at(-1).needs |= needs;
    }
    if (way.isOnApproach) {
        openOnApproach(parts, way.ticks, way.isUsed);
        gainIds.push(entity.id);
    }
    if (way.isOneWay) {
        makeOneWay(parts, way.dx, way.dy);
        gainIds.push(entity.id);
    }
    checkCount(level, name);
}

function readSpring(springs, level, entity, name) {
    const where = `${name}: motion.springs.${entity.id}`;
    if (!Object.hasOwn(springs, entity.id)) refuse("The spring has no tables", where);
    const tables = springs[entity.id];
    const both = (from, at) => [
        readPhases(memberOf(from, "high", at), `${at}.high`), readPhases(memberOf(from, "low", at), `${at}.low`),
    ];
    const [high, low] = both(tables, where);
    const count = level.motion.others.length;
    const others = count === 0 ? [] : eachOf(tables, "others", where, both, true);
    if (others.length !== count) refuse("The spring has tables for each other profile", where);
    const pushDx = wholeOf(tables, "pushDx", -(1 << 16), 1 << 16, where);
    return new Spring({ box: entity.box, high, low, pushDx, others });
}

function readTimetable(value, where) {
    const periodTicks = wholeOf(value, "periodTicks", 1, 36000, where);
    const on = pairsOf(value, "on", 0, periodTicks, where);
    if (on.some(([from, to]) => from >= to)) refuse("A span should end after it begins", `${where}.on`);
    return new Timetable(periodTicks, on);
}

/** All that a body can meet but what goes by itself; gives what reads sets of abilities. */
export function readParts(file, level, name) {
    readGains(level, name);
    const springs = file.motion.springs ?? {};
    if (!isObject(springs)) refuse("An object is wanted here", `${name}: motion.springs`);
    level.entities.forEach((entity, place) => {
        const { parts } = level;
        const isTimed = Object.hasOwn(entity.whole, "timetable") && (entity.role === "hazard" || entity.role === "foe");
        if (isTimed) {
            const times = readTimetable(entity.whole.timetable, `${name}: ${entity.id}.timetable`);
            parts.timed.push({ box: entity.box, times, canBeBeaten: entity.role === "foe", entity: place });
        } else if (entity.role === "hazard") {
            parts.deadly.push(entity.box);
        } else if (mayBeShut(entity)) {
            parts.doors.push(new Door({ box: entity.box }));
            level.doorEntities.push(place);
            readDoor(level, entity, name);
        } else if (entity.role === "spring") {
            parts.springs.push(readSpring(springs, level, entity, name));
            level.springEntities.push(place);
        }
    });
    return abilitiesIn;
}
