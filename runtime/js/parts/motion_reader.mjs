/** Reads step tables and the inputs of runs. As rook_level_parts.hpp. */
import { eachOf, listOf, memberOf, numbersOf, placeIn, refuse, textOf, wholeIn, wholeOf } from "./checked.mjs";
import { Ability, abilityNames, MotionTables, PhaseTable } from "./tables.mjs";

const maxStepPx = 1 << 16;
const mostRunTicks = 60 * 60 * 60;

/** A set of abilities: of one name, or of a list of them. */
export function abilitiesIn(value, where) {
    return (Array.isArray(value) ? value : [value]).reduce((all, name) => {
        if (typeof name !== "string") refuse("The name of an ability is wanted here", where);
        return all | (1 << placeIn(abilityNames, name, where));
    }, 0);
}

function phaseValues(object, where) {
    const dx = numbersOf(object, "dx", 0, maxStepPx, 4096, where);
    const dy = numbersOf(object, "dy", -maxStepPx, maxStepPx, 4096, where);
    if (dx.length === 0 || dx.length !== dy.length)
        refuse("dx and dy should be equally long, 1 to 4096 numbers", where);
    const last = dx.length - 1;
    const loopFrom = wholeOf(object, "loopFrom", 0, last, where);
    const topPhase = wholeOf(object, "topPhase", 0, last, where);
    if (last > 0 && (loopFrom === 0 || topPhase === 0))
        refuse("loopFrom and topPhase are 1 or more: phase 0 is the jump", where);
    return { dx, dy, loopFrom, topPhase };
}
export function readPhases(object, where) {
    return new PhaseTable(phaseValues(object, where));
}

/** 16 numbers, or none; `isWanted` if there must be some. */
function readPace(object, key, isWanted, where) {
    if (!isWanted && !Object.hasOwn(object, key)) return new Array(16).fill(0);
    const list = numbersOf(object, key, 0, maxStepPx, 16, where);
    if (list.length !== 16 && (isWanted || list.length > 0)) refuse(`${key} should hold 16 numbers`, `${where}.${key}`);
    return list.length === 16 ? list : new Array(16).fill(0);
}

/** All but the body, which is the same for all profiles. */
function readTables(motion, body, where) {
    const abilities = abilitiesIn(listOf(motion, "abilities", where), `${where}.abilities`);
    const has = (ability) => (abilities & ability) !== 0;
    const hasEvenDiagonal = Array.isArray(motion.diagonal) && motion.diagonal.length > 0;
    const tables = new MotionTables({
        ...body, ...phaseValues(motion, where), abilities, walk: readPace(motion, "walk", true, where),
        climb: readPace(motion, "climb", has(Ability.climb), where),
        swim: readPace(motion, "swim", has(Ability.swim), where), stepUp: wholeOf(motion, "stepUp", 0, 512, where),
        coyoteTicks: wholeOf(motion, "coyoteTicks", 0, 1 << 20, where), airJumps: wholeOf(motion, "airJumps", 0, 3, where),
        wallPushTicks: wholeOf(motion, "wallPushTicks", 0, 4096, where, 0), hasEvenDiagonal,
        ...(hasEvenDiagonal ? { diagonal: readPace(motion, "diagonal", true, where) } : {}),
    });
    if (!has(Ability.coyote)) tables.coyoteTicks = 0;
    if (!has(Ability.airJump)) tables.airJumps = 0;
    if (!has(Ability.wallJump)) tables.wallPushTicks = 0;
    if (tables.wallPushTicks > tables.loopFrom)
        refuse("wallPushTicks is at most loopFrom", `${where}.wallPushTicks`);
    return tables;
}

/** Requires: `level.motion.fromAbove` is set. */
export function readMotion(file, level, name) {
    const where = `${name}: motion`;
    const motion = memberOf(file, "motion", name);
    const size = memberOf(motion, "body", where);
    const body = {
        bodyWidth: wholeOf(size, "width", 1, 512, where), bodyHeight: wholeOf(size, "height", 1, 512, where),
        fromAbove: level.motion.fromAbove,
    };
    const others = eachOf(motion, "others", where, (other, at) => [other, at]);
    if (others.length > 64) refuse("A level has at most 64 other profiles", `${where}.others`);
    const swapOf = (from, at) => wholeOf(from, "swapsWith", 0, others.length, at, -1);
    level.motion = readTables(motion, body, where);
    level.profiles = Object.hasOwn(motion, "profile") ? [textOf(motion, "profile", where)] : [];
    if (others.length === 0) return;
    level.motion.swapsWith = swapOf(motion, where);
    level.profiles.length = 1;
    for (const [other, at] of others) {
        const tables = readTables(other, body, at);
        tables.swapsWith = swapOf(other, at);
        level.profiles.push(textOf(other, "profile", at));
        level.motion.others.push(tables);
    }
}

/** "inputs" of a run, spans of [ticks, dx, dy, buttons]: one input a tick. */
export function readInputs(run, where) {
    const inputs = [];
    for (const span of listOf(run, "inputs", where)) {
        if (!Array.isArray(span) || span.length !== 4)
            refuse("Each span should be [ticks, dx, dy, buttons]", `${where}.inputs`);
        const at = (place, low, high) => wholeIn(span[place], low, high, `${where}.inputs`);
        const ticks = at(0, 1, mostRunTicks);
        const input = { dx: at(1, -maxStepPx, maxStepPx), dy: at(2, -maxStepPx, maxStepPx), buttons: at(3, 0, 63) };
        if (inputs.length + ticks > mostRunTicks) refuse("The run takes more than an hour", `${where}.inputs`);
        for (let i = 0; i < ticks; ++i) inputs.push(input);
    }
    return inputs;
}
