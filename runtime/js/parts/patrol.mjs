/**
 * Foes on patrol, formations and throwers: where they are in each tick, as the editor shows it. The
 * same as rook_patrol.hpp and rook_thrower.hpp. Units: px and ticks.
 */
import { halfOf, overlaps, roundedAway } from "./shapes.mjs";
import { Door, MotionTables, Mover, nowhere, Parts, Way } from "./tables.mjs";
import { World } from "./world.mjs";
import { bodyAt, Stance, step } from "./stepper.mjs";

export const gaitNames = ["still", "walks", "hangs", "flies"];
export const Gait = { still: 0, walks: 1, hangs: 2, flies: 3 };
export const patrolFlawNames = ["none", "no-room", "dies", "keeps-off", "no-hold", "too-long"];
export const PatrolFlaw = { none: 0, noRoom: 1, dies: 2, keepsOff: 3, noHold: 4, tooLong: 5 };
export const maxPatrolTicks = 36000;

/** Px in each of 16 ticks at that speed, in thousandths of a px a tick. */
export function paceOf(thousandths) {
    return Array.from(
        { length: 16 },
        (_, t) => Math.trunc(((t + 1) * thousandths) / 1000) - Math.trunc((t * thousandths) / 1000),
    );
}

/**
 * How a foe goes, from where it stands: {box, gait, pace, startsLeft, turnsAtEdges, turnsAt (px
 * across), marks (boxes), track (a Mover)}.
 * @typedef {{box: import("./shapes.mjs").Box, gait: number, pace: number[], startsLeft: boolean,
 *     turnsAtEdges: boolean, turnsAt: number[], marks: import("./shapes.mjs").Box[],
 *     track: Mover}} Patrol
 * @returns {Patrol}
 */
export function plainPatrol(box) {
    return {
        box, gait: Gait.still, pace: new Array(16).fill(0), startsLeft: false, turnsAtEdges: true, turnsAt: [],
        marks: [], track: new Mover({}),
    };
}

const still = { held: 0n, tick: 0, abilities: 0, beaten: null };

class Patrolling {
    constructor(frame, cells, player, patrol, doors) {
        this.patrol = patrol;
        this.tables = new MotionTables(player);
        Object.assign(this.tables, {
            bodyWidth: patrol.box.width, bodyHeight: patrol.box.height, abilities: 0, airJumps: 0, coyoteTicks: 0,
            walk: patrol.pace,
        });
        const onePx = new MotionTables(this.tables);
        onePx.bodyWidth = onePx.bodyHeight = 1;
        this.world = new World(frame, cells, this.tables, shutParts(doors));
        this.middle = new World(frame, cells, onePx, shutParts(doors));
        this.way = new Way({ width: patrol.box.width, height: patrol.box.height, canBeBeaten: true });
        this.way.flaw = PatrolFlaw.none;
        this.met = new Map();
    }
    run() {
        const { patrol, world } = this;
        if (patrol.gait === Gait.flies) return this.fly();
        this.add(patrol.box.x, patrol.box.y);
        if (patrol.gait === Gait.still) return this.way;
        if (!world.isFree(patrol.box.x, patrol.box.y, still)) return this.flawed(PatrolFlaw.noRoom);
        return patrol.gait === Gait.hangs ? this.hang() : this.walk();
    }
    add(x, y) {
        this.way.corners.push([x, y]);
    }
    flawed(flaw) {
        this.way.flaw = flaw;
        this.way.loopFrom = this.way.corners.length - 1;
        return this.way;
    }
    /** True if that was met before: the place of now is that of then, and is not said twice. */
    closes(...state) {
        const key = state.join();
        const found = this.met.get(key);
        if (found === undefined) {
            this.met.set(key, this.way.corners.length - 1);
            return false;
        }
        this.way.corners.pop();
        this.way.loopFrom = found;
        return true;
    }
    comesToMark(fromX, fromY, x, y) {
        const { box, marks } = this.patrol;
        const from = { ...box, x: fromX, y: fromY };
        const to = { ...box, x, y };
        return marks.some((mark) => overlaps(mark, to) && !overlaps(mark, from));
    }
    isAtMark(x) {
        return this.patrol.turnsAt.includes(x + Math.trunc(this.patrol.box.width / 2));
    }

    fly() {
        const { track } = this.patrol;
        for (let tick = 0; tick < track.periodTicks; ++tick) {
            const box = track.at(tick);
            this.add(box.x, box.y);
            if (!this.world.isFree(box.x, box.y, still)) this.way.flaw = PatrolFlaw.noRoom;
        }
        if (!track.isMoving()) this.way.flaw = PatrolFlaw.keepsOff;
        return this.way;
    }
    hang() {
        let { x, y } = this.patrol.box;
        const holdsAt = (px) => this.world.isFree(px, y, still) && !this.world.isFree(px, y - 1, still);
        if (!holdsAt(x)) return this.flawed(PatrolFlaw.noHold);
        let way = this.patrol.startsLeft ? -1 : 1;
        let hasMoved = false;
        const turns = (count) => {
            for (let i = 0; i < count; ++i) {
                if (!holdsAt(x + way)) return true;
                x += way;
                if (this.isAtMark(x) || this.comesToMark(x - way, y, x, y)) return true;
            }
            return false;
        };
        for (let tick = 0; tick < maxPatrolTicks; ++tick) {
            if (this.closes(x, y, way, 0, 0, tick % 16)) return hasMoved ? this.way : this.flawed(PatrolFlaw.keepsOff);
            const from = x;
            if (turns(this.patrol.pace[tick % 16])) way = -way;
            hasMoved ||= x !== from;
            this.add(x, y);
        }
        return this.flawed(PatrolFlaw.tooLong);
    }
    walk() {
        let body = bodyAt(this.patrol.box, this.world, this.tables);
        if (body.stance === Stance.ended) return this.flawed(PatrolFlaw.dies);
        let way = this.patrol.startsLeft ? -1 : 1;
        let hasMoved = false;
        for (let tick = 0; tick < maxPatrolTicks; ++tick) {
            if (this.closes(body.x, body.y, way, body.stance, body.phase, tick % 16))
                return hasMoved ? this.way : this.flawed(PatrolFlaw.keepsOff);
            const from = body.x;
            if (body.stance === Stance.standing) [body, way] = this.stride(body, way);
            else this.go(body, 0);
            if (body.stance === Stance.ended) return this.flawed(PatrolFlaw.dies);
            hasMoved ||= body.x !== from;
            this.add(body.x, body.y);
        }
        return this.flawed(PatrolFlaw.tooLong);
    }
    go(body, dx) {
        step(this.world, this.tables, body, { dx, dy: 0, buttons: 0 });
        return body;
    }
    /** One tick on the floor: as far as the pace, the floor and the marks allow. */
    stride(body, way) {
        const { turnsAtEdges } = this.patrol;
        const pace = this.tables.walk[body.tick % 16];
        const wanted = this.wishUpToMark(body, way, pace);
        let next = this.go(body.copy(), turnsAtEdges ? 0 : way * wanted);
        for (let px = 1; turnsAtEdges && px <= wanted; ++px) {
            const farther = this.go(body.copy(), way * px);
            if (farther.stance === Stance.airborne || !this.isOverFloor(farther)) break;
            next = farther;
        }
        const isStopped = Math.abs(next.x - body.x) < pace;
        const turns =
            isStopped ||
            (next.x !== body.x && (this.isAtMark(next.x) || this.comesToMark(body.x, body.y, next.x, next.y)));
        return [next, turns && next.stance !== Stance.airborne ? -way : way];
    }
    /** Something to stand on is under its middle, no deeper than a slope leads from there. */
    isOverFloor(body) {
        const half = Math.trunc(this.patrol.box.width / 2);
        for (let down = 0; down <= half; ++down)
            if (this.middle.hasFixedFloor(body.x + half, body.y + this.patrol.box.height - 1 + down, still)) return true;
        return false;
    }
    /** The px to the next mark on its way, if it is nearer than the pace. */
    wishUpToMark(body, way, pace) {
        let px = pace;
        for (const mark of this.patrol.turnsAt) {
            const distance = (mark - body.x - Math.trunc(this.patrol.box.width / 2)) * way;
            if (distance > 0 && distance < px) px = distance;
        }
        for (let nearer = 1; this.patrol.marks.length > 0 && nearer < px; ++nearer) {
            const there = this.go(body.copy(), way * nearer);
            if (this.comesToMark(body.x, body.y, there.x, there.y)) return nearer;
        }
        return px;
    }
}

function shutParts(doors) {
    return new Parts({ doors: doors.map((box) => new Door({ box, isShutForGood: true })) });
}

/**
 * Simulates a patrol with the stepper until it comes round; `flaw` of the way says what is wrong
 * with it. Cost: the ticks until then, 36,000 at most. @param {Patrol} patrol
 */
export function patrolOf(frame, cells, player, patrol, doors = []) {
    return new Patrolling(frame, cells, player, patrol, doors).run();
}

export const formationShapeNames = ["ring", "arc", "line", "grid"];

/** How the members of a formation lie and go. */
export class Formation {
    constructor(values = {}) {
        this.middle = values.middle;
        this.shape = values.shape ?? "ring";
        this.count = values.count ?? 8;
        this.gaps = values.gaps ?? [];
        this.distance = values.distance ?? 48;
        this.columns = values.columns ?? 4;
        this.arcDegrees = values.arcDegrees ?? 180;
        this.periodTicks = values.periodTicks ?? 240;
        this.isClockwise = values.isClockwise ?? true;
        this.shiftX = values.shiftX ?? 0;
        this.shiftY = values.shiftY ?? 0;
    }
    isGap(place) {
        return this.gaps.includes(place);
    }
    /** The box of one place in that tick. */
    at(place, tick) {
        const turned = this.periodTicks > 0 ? (tick % this.periodTicks) / this.periodTicks : 0;
        const isRound = this.shape === "ring" || this.shape === "arc";
        const [x, y] = isRound ? this.#onCircle(place, turned) : this.#inRows(place, turned);
        return {
            x: this.middle.x + roundedAway(x), y: this.middle.y + roundedAway(y), width: this.middle.width,
            height: this.middle.height,
        };
    }
    #onCircle(place, turned) {
        const isRing = this.shape === "ring";
        const whole = isRing ? 1 : this.arcDegrees / 360;
        const steps = isRing ? this.count : this.count > 1 ? this.count - 1 : 1;
        // Upwards from the right on; clockwise as it is seen.
        const angle = 6.283185307179586 * ((whole * place) / steps + (this.isClockwise ? -turned : turned));
        return [this.distance * Math.cos(angle), -this.distance * Math.sin(angle)];
    }
    #inRows(place, turned) {
        const across = this.shape === "grid" ? this.columns : this.count;
        const rows = Math.trunc((this.count + across - 1) / across);
        const gone = turned <= 0.5 ? 2 * turned : 2 - 2 * turned;
        return [
            ((place % across) - (across - 1) / 2) * this.distance + gone * this.shiftX,
            (Math.trunc(place / across) - (rows - 1) / 2) * this.distance + gone * this.shiftY,
        ];
    }
    wayOf(place) {
        const way = new Way({ width: this.middle.width, height: this.middle.height });
        for (let tick = 0; tick < (this.periodTicks > 0 ? this.periodTicks : 1); ++tick) {
            const box = this.at(place, tick);
            way.corners.push([box.x, box.y]);
        }
        return way;
    }
}

/** Where a shot is, so many ticks after it was made. */
function shotCorner(thrower, ticks) {
    const gone = (pace) => {
        const px = ticks * pace;
        return px >= 0 ? Math.trunc((px + 500) / 1000) : -Math.trunc((-px + 500) / 1000);
    };
    return [
        thrower.box.x + halfOf(thrower.box.width - thrower.shotWidth) + gone(thrower.dx),
        thrower.box.y + halfOf(thrower.box.height - thrower.shotHeight) + gone(thrower.dy),
    ];
}

/** The corners of a shot until its life is over, or it meets something solid or leaves the level. */
function flightOfShot(frame, cells, thrower, doors) {
    const tables = new MotionTables({ bodyWidth: thrower.shotWidth, bodyHeight: thrower.shotHeight });
    const world = new World(frame, cells, tables, shutParts(doors));
    const flight = [];
    for (let ticks = 0; ticks < thrower.lifeTicks; ++ticks) {
        const [x, y] = shotCorner(thrower, ticks);
        const isInside =
            x >= 0 && y >= 0 && x + thrower.shotWidth <= world.widthPx && y + thrower.shotHeight <= world.heightPx;
        if (!isInside || !world.isFree(x, y, still)) break;
        flight.push([x, y]);
    }
    return flight;
}

/**
 * The shots of a thrower as ways that go on for ever, as many as are under way at once.
 * `thrower`: {box, everyTicks, first, shotWidth, shotHeight, dx, dy (thousandths of a px a tick),
 * lifeTicks}. @returns {Way[]}
 */
export function shotsOf(frame, cells, thrower, doors = []) {
    const flight = flightOfShot(frame, cells, thrower, doors);
    const count = Math.trunc((flight.length + thrower.everyTicks - 1) / thrower.everyTicks);
    const period = count * thrower.everyTicks;
    return Array.from({ length: count }, (_, shot) => {
        const made = thrower.first + shot * thrower.everyTicks;
        const corners = Array.from({ length: period }, (_, tick) => {
            const age = (((tick - made) % period) + period) % period;
            return age < flight.length ? flight[age] : [nowhere, 0];
        });
        return new Way({
            corners, width: thrower.shotWidth, height: thrower.shotHeight, canBeBeaten: true, madeAt: made,
        });
    });
}
