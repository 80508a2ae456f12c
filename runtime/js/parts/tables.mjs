/**
 * How a body moves, as tables, and the parts of a level that move or change: doors and what opens
 * them, springs, movers, hazards with a timetable, ways. Units: px and ticks (60 a second). The same
 * as rook_parts.hpp. Sets of what is held are BigInt: bit n is the n-th of the gains.
 */
import { EdgeRule, overlaps } from "./shapes.mjs";

export const abilityNames = [
    "short-hop", "air-jump", "wall-jump", "coyote", "drop-through", "climb", "swim", "untouchable", "beats-foes",
];
/** Bits of a set of abilities. */
export const Ability = {
    shortHop: 1, airJump: 2, wallJump: 4, coyote: 8, dropThrough: 16, climb: 32, swim: 64, untouchable: 128,
    beatsFoes: 256,
};

/** The last bit of what is held: the profile in force was swapped for its other one. */
export const swappedBit = 1n << 63n;
/** As many things of a level may last for a time. */
export const mostTimers = 8;
/** Across, for a way in a tick in which nothing is there: it meets nothing. */
export const nowhere = -(1 << 26);

/** @param {number} place @returns {bigint} the bit of that gain */
export function bitOf(place) {
    return 1n << BigInt(place);
}

/** The flight of one jump: px sideways at most and px downwards, phase by phase. */
export class PhaseTable {
    constructor({ dx = [0], dy = [0], loopFrom = 0, topPhase = 0 } = {}) {
        this.dx = dx;
        this.dy = dy;
        this.loopFrom = loopFrom;
        this.topPhase = topPhase;
    }
    phaseAfter(phase) {
        return phase + 1 < this.dx.length ? phase + 1 : this.loopFrom;
    }
    /** When the jump button is let go in it, with short hops; -1 where that is not possible. */
    phaseAfterLettingGo(phase) {
        if (phase < 4 || phase >= this.topPhase) return -1;
        return Math.max(phase + 1, this.topPhase - 4);
    }
    totalRise() {
        return this.dy.reduce((rise, d) => (d < 0 ? rise - d : rise), 0);
    }
}

/** The step tables of a body; `motion` of an exported level. */
export class MotionTables extends PhaseTable {
    constructor(values = {}) {
        super(values);
        const none = () => new Array(16).fill(0);
        this.bodyWidth = values.bodyWidth ?? 12;
        this.bodyHeight = values.bodyHeight ?? 22;
        this.abilities = values.abilities ?? 0;
        this.walk = values.walk ?? none();
        this.climb = values.climb ?? none();
        this.swim = values.swim ?? none();
        this.stepUp = values.stepUp ?? 1;
        this.coyoteTicks = values.coyoteTicks ?? 0;
        this.airJumps = values.airJumps ?? 0;
        this.wallPushTicks = values.wallPushTicks ?? 0;
        this.fromAbove = values.fromAbove ?? false;
        this.diagonal = values.diagonal ?? none();
        this.hasEvenDiagonal = values.hasEvenDiagonal ?? false;
        /** Of the other profiles that can come into force, by their number less 1. */
        this.others = values.others ?? [];
        this.swapsWith = values.swapsWith ?? -1;
    }
    has(ability) {
        return (this.abilities & ability) !== 0;
    }
}

/** Those of a profile that can come into force; 0 = these. @param {MotionTables} own */
export function tablesOf(own, profile) {
    return profile <= 0 ? own : own.others[profile - 1];
}
/** All that some profile lists that can come into force. */
export function listedAnywhere(own) {
    return own.others.reduce((listed, each) => listed | each.abilities, own.abilities);
}
/** As many gains can be told apart: one is lost to the swap, where there is one. */
export function mostGains(own) {
    return own.swapsWith >= 0 || own.others.some((each) => each.swapsWith >= 0) ? 63 : 64;
}

/**
 * Something that is held from the tick after the one in which the body meets it; see `Gain` in
 * rook_parts.hpp for what each member means.
 */
export class Gain {
    constructor(values) {
        this.box = values.box;
        this.grants = values.grants ?? 0;
        this.lastsTicks = values.lastsTicks ?? 0;
        this.keeps = values.keeps ?? { x: 0, y: 0, width: 0, height: 0 };
        this.takes = values.takes ?? 0;
        this.movesAs = values.movesAs ?? -1;
        this.wantsUse = values.wantsUse ?? false;
        this.isShutting = values.isShutting ?? false;
        this.after = values.after ?? 0n;
    }
    isLocal() {
        return this.keeps.width > 0;
    }
    isTimed() {
        return this.lastsTicks > 0 || this.isLocal();
    }
}

/** Solid until all that it needs is held. */
export class Door {
    constructor(values) {
        this.box = values.box;
        this.needs = values.needs ?? 0n;
        this.isShutForGood = values.isShutForGood ?? false;
        this.shutBy = values.shutBy ?? 0n;
    }
    isOpen(held) {
        return !this.isShutForGood && (held & this.needs) === this.needs && (held & this.shutBy) === 0n;
    }
}

/** Throws a body that comes to rest on its top row. */
export class Spring {
    constructor(values) {
        this.box = values.box;
        this.high = values.high;
        this.low = values.low;
        this.pushDx = values.pushDx ?? 0;
        /** [high, low] for the other profiles, by their number less 1. */
        this.others = values.others ?? [];
    }
    flight(profile, isHigh) {
        const [high, low] = profile <= 0 ? [this.high, this.low] : this.others[profile - 1];
        return isHigh ? high : low;
    }
}

/** A one-way top on a closed track. */
export class Mover {
    constructor(values) {
        this.width = values.width ?? 0;
        this.height = values.height ?? 0;
        this.track = values.track ?? [];
        this.periodTicks = values.periodTicks ?? 1;
        /** Its corner in each tick of the period; empty = as the track alone says. */
        this.way = values.way ?? [];
        this.lengthPx = 0;
        for (let i = 1; i < this.track.length; ++i)
            this.lengthPx +=
                Math.abs(this.track[i][0] - this.track[i - 1][0]) + Math.abs(this.track[i][1] - this.track[i - 1][1]);
    }
    isMoving() {
        if (this.way.length === 0) return this.lengthPx > 0;
        return this.way.some(([x, y]) => x !== this.way[0][0] || y !== this.way[0][1]);
    }
    #trackPx(tick) {
        return Math.trunc(((tick % this.periodTicks) * this.lengthPx) / this.periodTicks);
    }
    /** Calls `visit(box)` with each px that it passes in that tick; ends early when that gives false. */
    passIn(tick, visit) {
        if (this.way.length > 0) return this.#passFrom(this.at(tick - 1), this.at(tick), visit);
        const to = this.#trackPx(tick);
        for (let px = this.#trackPx(tick - 1); px !== to; ) {
            px = (px + 1) % this.lengthPx;
            if (!visit(this.#atTrackPx(px))) return;
        }
    }
    #passFrom(from, to, visit) {
        while (from.x !== to.x) {
            from.x += to.x > from.x ? 1 : -1;
            if (!visit({ ...from })) return;
        }
        while (from.y !== to.y) {
            from.y += to.y > from.y ? 1 : -1;
            if (!visit({ ...from })) return;
        }
    }
    /** Where it is in that tick. @returns {import("./shapes.mjs").Box} */
    at(tick) {
        if (this.way.length > 0) {
            const [x, y] = this.way[tick % this.way.length];
            return { x, y, width: this.width, height: this.height };
        }
        return this.#atTrackPx(this.#trackPx(tick));
    }
    #atTrackPx(px) {
        for (let i = 1; i < this.track.length; ++i) {
            const [fromX, fromY] = this.track[i - 1];
            const dx = this.track[i][0] - fromX;
            const dy = this.track[i][1] - fromY;
            const leg = Math.abs(dx) + Math.abs(dy);
            if (px < leg)
                return {
                    x: fromX + Math.sign(dx) * px, y: fromY + Math.sign(dy) * px, width: this.width, height: this.height,
                };
            px -= leg;
        }
        return { x: this.track[0][0], y: this.track[0][1], width: this.width, height: this.height };
    }
}

/** When something is on: in the ticks from .. to - 1 of each period. */
export class Timetable {
    constructor(periodTicks = 1, on = []) {
        this.periodTicks = periodTicks;
        this.on = on;
    }
    isOn(tick) {
        const at = tick % this.periodTicks;
        return this.on.some(([from, to]) => at >= from && at < to);
    }
}

/** Where something that goes by itself is in each tick: its corners, the last part over and over. */
export class Way {
    constructor(values = {}) {
        this.corners = values.corners ?? [];
        this.loopFrom = values.loopFrom ?? 0;
        this.width = values.width ?? 0;
        this.height = values.height ?? 0;
        this.canBeBeaten = values.canBeBeaten ?? false;
        this.entity = values.entity ?? -1;
        this.madeAt = values.madeAt ?? -1;
    }
    /** When what is beaten in that tick comes again: the next shot; -1 = not at all. */
    comesAgainAfter(tick) {
        if (this.madeAt < 0) return -1;
        const period = this.periodTicks();
        return tick + 1 + ((((this.madeAt - tick - 1) % period) + period) % period);
    }
    at(tick) {
        const i = tick < this.corners.length ? tick : this.loopFrom + ((tick - this.loopFrom) % this.periodTicks());
        return { x: this.corners[i][0], y: this.corners[i][1], width: this.width, height: this.height };
    }
    periodTicks() {
        return this.corners.length - this.loopFrom;
    }
    isThere(tick) {
        return this.at(tick).x !== nowhere;
    }
}

/** All of a level but its cells and edges that a body can meet. */
export class Parts {
    constructor(values = {}) {
        this.deadly = values.deadly ?? [];
        this.closed = values.closed ?? [];
        this.gains = values.gains ?? [];
        this.doors = values.doors ?? [];
        this.springs = values.springs ?? [];
        this.movers = values.movers ?? [];
        /** {box, times, canBeBeaten, entity}: deadly while the timetable is on. */
        this.timed = values.timed ?? [];
        /** Deadly wherever they are. @type {Way[]} */
        this.foes = values.foes ?? [];
    }
}

/** A door that is open with `held`, and would not be without `without`, meets the box. */
export function doorShutsOn(parts, box, held, without) {
    return parts.doors.some(
        (door) => door.isOpen(held) && !door.isOpen(held & ~without) && overlaps(door.box, box),
    );
}

/** Lets bodies through the last door only by the side that is seen when going (dx, dy). */
export function makeOneWay(parts, dx, dy) {
    const door = parts.doors.at(-1);
    const sill = new Gain({ box: { ...door.box }, keeps: { ...door.box } });
    if (dx !== 0) {
        sill.box.width = 1;
        sill.box.x = dx > 0 ? door.box.x - 1 : door.box.x + door.box.width;
        sill.keeps.x -= dx > 0 ? 1 : 0;
        ++sill.keeps.width;
    } else {
        sill.box.height = 1;
        sill.box.y = dy > 0 ? door.box.y - 1 : door.box.y + door.box.height;
        sill.keeps.y -= dy > 0 ? 1 : 0;
        ++sill.keeps.height;
    }
    door.needs |= bitOf(parts.gains.length);
    parts.gains.push(sill);
}

/** Opens the last door for who comes up to it, or uses it there. */
export function openOnApproach(parts, ticks, wantsUse = false) {
    const door = parts.doors.at(-1);
    const near = { x: door.box.x - 1, y: door.box.y - 1, width: door.box.width + 2, height: door.box.height + 2 };
    const sill = new Gain({ box: near, wantsUse });
    if (ticks > 0) sill.lastsTicks = ticks;
    else sill.keeps = near;
    door.needs |= bitOf(parts.gains.length);
    parts.gains.push(sill);
}

/** Shuts the last door for good, once all of that is held and a tick ends with the body off it. */
export function shutAfter(parts, held) {
    const door = parts.doors.at(-1);
    door.shutBy = bitOf(parts.gains.length);
    parts.gains.push(new Gain({ box: door.box, isShutting: true, after: held }));
}

/** Something, met there, that opens the last door for that many ticks. */
export function openForATime(parts, box, ticks) {
    parts.doors.at(-1).needs |= bitOf(parts.gains.length);
    parts.gains.push(new Gain({ box, lastsTicks: ticks }));
}

/** How far a body may go beyond each edge before it has left the level, px. */
export function marginsOf(frame, tables, springs) {
    const open = (rule, px) => (rule === EdgeRule.open ? px : 0);
    let most = 0;
    for (let profile = 0; profile <= tables.others.length; ++profile) {
        const each = tablesOf(tables, profile);
        let rise = each.totalRise();
        for (const spring of springs)
            rise = Math.max(rise, spring.flight(profile, true).totalRise(), spring.flight(profile, false).totalRise());
        most = Math.max(most, (1 + each.airJumps) * rise);
    }
    return {
        left: open(frame.edges.left, tables.bodyWidth), right: open(frame.edges.right, tables.bodyWidth),
        top: open(frame.edges.top, tables.bodyHeight + most), bottom: open(frame.edges.bottom, tables.bodyHeight),
    };
}

/** Abilities that are carried: what the game grants somewhere, and what one has in hand here. */
export function beginWithCarried({ granted, inHand }, tables, parts) {
    let here = 0;
    for (const gain of parts.gains) {
        gain.grants &= ~inHand;
        here |= gain.grants;
    }
    tables.abilities &= ~(granted & ~inHand & ~here);
}
