/**
 * Answers "is there room?" for boxes of one body in one level. The same as rook_world.hpp.
 */
import { Behaviour, EdgeRule, formFills, overlaps } from "./shapes.mjs";
import { Ability, bitOf, doorShutsOn, marginsOf, swappedBit, tablesOf } from "./tables.mjs";

/** A foe or a shot that is gone: its place among the foes, then the timed hazards; until which tick. */
export function isBeaten(beaten, what, tick) {
    return beaten.some((each) => each.what === what && (each.until < 0 || tick < each.until));
}

/** The lowest of the gains in that set, or -1. */
function firstOf(held) {
    for (let i = 0; held !== 0n; ++i, held >>= 1n) if (held & 1n) return i;
    return -1;
}

export class World {
    /**
     * @param {import("./shapes.mjs").Frame} frame
     * @param {{at(column: number, row: number): {behaviour: number, form: number}}} cells
     * @param {import("./tables.mjs").MotionTables} tables @param {import("./tables.mjs").Parts} parts
     */
    constructor(frame, cells, tables, parts) {
        this.frame = frame;
        this.cells = cells;
        this.parts = parts;
        this.width = tables.bodyWidth;
        this.height = tables.bodyHeight;
        this.widthPx = frame.columns * frame.cellWidth;
        this.heightPx = frame.rows * frame.cellHeight;
        this.fromAbove = tables.fromAbove;
        this.listed = tables.abilities;
        this.margins = marginsOf(frame, tables, parts.springs);
        this.granted = 0;
        this.taken = 0;
        /** All gains that do not last for good. */
        this.timedEffects = 0n;
        /** Gains that are met only by who uses them. */
        this.wantsUse = 0n;
        this.movesAs = 0n;
        this.shutting = 0n;
        parts.gains.forEach((gain, i) => {
            this.granted |= gain.grants;
            this.taken |= gain.takes;
            if (gain.isTimed()) this.timedEffects |= bitOf(i);
            if (gain.wantsUse) this.wantsUse |= bitOf(i);
            if (gain.movesAs >= 0) this.movesAs |= bitOf(i);
            if (gain.isShutting) this.shutting |= bitOf(i);
        });
        this.profiles = [];
        for (let i = 0; tables.others.length > 0 && i <= tables.others.length; ++i)
            this.profiles.push({ abilities: tablesOf(tables, i).abilities, swapsWith: tablesOf(tables, i).swapsWith });
    }

    /** The abilities of a body that holds these. */
    abilitiesWith(held) {
        const profile = this.profileOf(held);
        let abilities = profile > 0 ? this.profiles[profile].abilities : this.listed & ~this.granted;
        if ((this.granted | this.taken) === 0) return abilities;
        let taken = 0;
        this.parts.gains.forEach((gain, i) => {
            if ((held & bitOf(i)) === 0n) return;
            if (profile === 0) abilities |= this.listed & gain.grants;
            taken |= gain.takes;
        });
        return abilities & ~taken;
    }
    momentOf(held, tick) {
        return { held, tick, abilities: this.abilitiesWith(held), beaten: null };
    }
    #profileBy(held) {
        const first = firstOf(held & this.movesAs);
        return first < 0 ? 0 : this.parts.gains[first].movesAs;
    }
    /** The profile in force. */
    profileOf(held) {
        if (this.profiles.length === 0 || (held & (this.movesAs | swappedBit)) === 0n) return 0;
        const by = this.#profileBy(held);
        const other = this.profiles[by].swapsWith;
        return (held & swappedBit) !== 0n && other >= 0 ? other : by;
    }
    /** A swap is forgotten when what is held brings another profile. */
    afterSwaps(before, after) {
        return this.#profileBy(before) === this.#profileBy(after) ? after : after & ~swappedBit;
    }
    /** Doors that shut behind a body that ends a tick at (x, y): held from then on. */
    shutAt(x, y, held) {
        let shut = 0n;
        if ((this.shutting & ~held) === 0n) return shut;
        this.parts.gains.forEach((gain, i) => {
            const isWaiting = (this.shutting & bitOf(i) & ~held) !== 0n;
            if (isWaiting && (held & gain.after) === gain.after && !overlaps(gain.box, this.bodyBox(x, y)))
                shut |= bitOf(i);
        });
        return shut;
    }
    /** Adds the foes and shots that the body meets and beats. */
    addMet(x, y, now, beaten) {
        const { foes, timed } = this.parts;
        const body = this.bodyBox(x, y);
        const add = (what, until) => {
            if (!this.#isGone(now, what)) beaten.push({ what, until });
        };
        foes.forEach((foe, i) => {
            if (foe.canBeBeaten && overlaps(foe.at(now.tick), body)) add(i, foe.comesAgainAfter(now.tick));
        });
        timed.forEach((hazard, i) => {
            if (hazard.canBeBeaten && hazard.times.isOn(now.tick) && overlaps(hazard.box, body)) add(foes.length + i, -1);
        });
    }
    /** A body at (x, y) stands in a door that would shut without that. */
    wouldShutOn(x, y, held, without) {
        return doorShutsOn(this.parts, this.bodyBox(x, y), held, without);
    }

    /** The box at (x, y) meets nothing solid. */
    isFree(x, y, now) {
        if (this.#meetsEdge(x, y, EdgeRule.wall) || this.#meetsCells(x, y, Behaviour.solid)) return false;
        return !this.#meetsShutDoor(this.bodyBox(x, y), now.held);
    }
    /** Free, meets nothing deadly, and has not left the level. */
    isLive(x, y, now) {
        return this.isFree(x, y, now) && !this.#kills(x, y, now);
    }
    /** Something to stand on lies directly under the box. */
    hasFloor(x, y, now) {
        return (
            this.hasFixedFloor(x, y, now) || this.moverUnder(x, y, now.tick) >= 0 ||
            ((now.abilities & Ability.climb) !== 0 && this.hasLadderTop(x, y))
        );
    }
    /** The same, without movers and ladders. */
    hasFixedFloor(x, y, now) {
        for (let px = x; px < x + this.width; ++px)
            if (this.#solidPx(px, y + this.height) || this.#topPx(px, y + this.height, Behaviour.oneWay)) return true;
        return this.#meetsShutDoor(this.#rowUnder(x, y), now.held);
    }
    hasLadderTop(x, y) {
        for (let px = x; px < x + this.width; ++px)
            if (this.#topPx(px, y + this.height, Behaviour.ladder)) return true;
        return false;
    }
    meetsLadder(x, y) {
        return this.#meetsCells(x, y, Behaviour.ladder);
    }
    meetsLiquid(x, y) {
        return this.#meetsCells(x, y, Behaviour.liquid);
    }
    /** The first spring with a px of its top row directly under the box; -1 if there is none. */
    springUnder(x, y) {
        return this.parts.springs.findIndex((spring) => overlaps(this.#topOf(spring.box), this.#rowUnder(x, y)));
    }
    moverUnder(x, y, tick) {
        return this.parts.movers.findIndex((mover) => overlaps(this.#topOf(mover.at(tick)), this.#rowUnder(x, y)));
    }
    /** The gains whose boxes the body's box overlaps. */
    gainsAt(x, y, isUsing = false) {
        let met = 0n;
        const body = this.bodyBox(x, y);
        this.parts.gains.forEach((gain, i) => {
            if (overlaps(gain.box, body)) met |= bitOf(i);
        });
        return met & ~(isUsing ? this.shutting : this.shutting | this.wantsUse);
    }
    bodyBox(x, y) {
        return { x, y, width: this.width, height: this.height };
    }

    #topOf(box) {
        return { x: box.x, y: box.y, width: box.width, height: 1 };
    }
    #rowUnder(x, y) {
        return { x, y: y + this.height, width: this.width, height: 1 };
    }
    #meetsShutDoor(box, held) {
        return this.parts.doors.some((door) => !door.isOpen(held) && overlaps(door.box, box));
    }
    #inside(px, py) {
        return px >= 0 && px < this.widthPx && py >= 0 && py < this.heightPx;
    }
    #cellPx(px, py, behaviour) {
        const { cellWidth, cellHeight } = this.frame;
        const shape = this.cells.at(Math.trunc(px / cellWidth), Math.trunc(py / cellHeight));
        return (
            shape.behaviour === behaviour && formFills(shape.form, px % cellWidth, py % cellHeight, cellWidth, cellHeight)
        );
    }
    #solidPx(px, py) {
        if (this.#inside(px, py)) return this.#cellPx(px, py, Behaviour.solid);
        const { edges } = this.frame;
        return (
            (px < 0 && edges.left === EdgeRule.wall) || (px >= this.widthPx && edges.right === EdgeRule.wall) ||
            (py < 0 && edges.top === EdgeRule.wall) || (py >= this.heightPx && edges.bottom === EdgeRule.wall)
        );
    }
    /** A px of this behaviour whose upper neighbour is not. */
    #topPx(px, py, behaviour) {
        if (!this.#inside(px, py) || !this.#cellPx(px, py, behaviour)) return false;
        return py === 0 || !this.#cellPx(px, py - 1, behaviour);
    }
    #meetsEdge(x, y, rule) {
        const { edges } = this.frame;
        return (
            (x < 0 && edges.left === rule) || (x + this.width > this.widthPx && edges.right === rule) ||
            (y < 0 && edges.top === rule) || (y + this.height > this.heightPx && edges.bottom === rule)
        );
    }
    #meetsCells(x, y, behaviour) {
        const { columns, rows, cellWidth, cellHeight } = this.frame;
        const left = x < 0 ? 0 : Math.trunc(x / cellWidth);
        const top = y < 0 ? 0 : Math.trunc(y / cellHeight);
        for (let row = top; row < rows && row * cellHeight < y + this.height; ++row)
            for (let column = left; column < columns && column * cellWidth < x + this.width; ++column)
                if (this.#meetsCell(x, y, column, row, behaviour)) return true;
        return false;
    }
    #meetsCell(x, y, column, row, behaviour) {
        const shape = this.cells.at(column, row);
        if (shape.behaviour !== behaviour) return false;
        const { cellWidth, cellHeight } = this.frame;
        const left = Math.max(x - column * cellWidth, 0);
        const right = Math.min(x + this.width - column * cellWidth, cellWidth);
        const top = Math.max(y - row * cellHeight, 0);
        const bottom = Math.min(y + this.height - row * cellHeight, cellHeight);
        if (left >= right || top >= bottom) return false;
        if (shape.form === 0) return true;
        for (let j = top; j < bottom; ++j)
            for (let i = left; i < right; ++i) if (formFills(shape.form, i, j, cellWidth, cellHeight)) return true;
        return false;
    }
    /** Requires: free. */
    #kills(x, y, now) {
        if (this.#meetsEdge(x, y, EdgeRule.deadly)) return true;
        const { left, right, top, bottom } = this.margins;
        if (x < -left || x + this.width > this.widthPx + right || y < -top || y + this.height > this.heightPx + bottom)
            return true;
        const body = this.bodyBox(x, y);
        if (this.parts.closed.some((box) => overlaps(box, body))) return true;
        if (now.abilities & Ability.untouchable) return false;
        if (this.#meetsCells(x, y, Behaviour.deadly)) return true;
        if (this.fromAbove && !(now.abilities & Ability.swim) && this.#meetsCells(x, y, Behaviour.liquid)) return true;
        if (this.parts.deadly.some((box) => overlaps(box, body))) return true;
        return this.#meetsWhatGoes(body, now);
    }
    #meetsWhatGoes(body, now) {
        const { foes, timed } = this.parts;
        const beats = (now.abilities & Ability.beatsFoes) !== 0;
        const harms = (thing, what) => !(beats && thing.canBeBeaten) && !this.#isGone(now, what);
        return (
            foes.some((foe, i) => overlaps(foe.at(now.tick), body) && harms(foe, i)) ||
            timed.some(
                (hazard, i) =>
                    hazard.times.isOn(now.tick) && overlaps(hazard.box, body) && harms(hazard, foes.length + i),
            )
        );
    }
    #isGone(now, what) {
        return now.beaten !== null && isBeaten(now.beaten, what, now.tick);
    }
}
