/**
 * One tick of one body, in whole px and whole ticks (60 a second): the same as rook_motion.hpp, which
 * the editor's verdicts are proven with. docs/motion.md describes the model.
 */
import { overlaps, halfOf } from "./shapes.mjs";
import { Ability, bitOf, mostTimers, swappedBit, tablesOf } from "./tables.mjs";

/** `sprung`: in the air, and thrown by a spring in the next tick. */
export const Stance = { standing: 0, airborne: 1, climbing: 2, swimming: 3, sprung: 4, ended: 5 };

/** Events of one tick, to be added up. */
export const Button = { jump: 1, letGo: 2, drop: 4, takeHold: 8, swap: 16, use: 32 };

/**
 * What is wished in one tick: px sideways and px up or down, cut to the tables, and buttons.
 * @typedef {{dx: number, dy: number, buttons: number}} Input
 */

/** One body between two ticks; `tick` is the next tick's number. */
export class Body {
    constructor(values = {}) {
        this.x = 0;
        this.y = 0;
        this.stance = Stance.airborne;
        this.phase = 0;
        /** 0: the body's own; 2 i + 1 and 2 i + 2: spring i's high and low one. */
        this.table = 0;
        this.airJumps = 0;
        this.coyoteTicks = 0;
        this.push = 0;
        this.spring = 0;
        this.held = 0n;
        this.ticksLeft = new Array(mostTimers).fill(0);
        this.beaten = [];
        this.tick = 0;
        Object.assign(this, values);
    }
    copy() {
        return new Body({ ...this, ticksLeft: [...this.ticksLeft], beaten: [...this.beaten] });
    }
}

/**
 * A body at the start of a run: bottom centre on the bottom centre of `start`; ended if that place is
 * not live.
 */
export function bodyAt(start, world, own, held = 0n) {
    const tables = tablesOf(own, world.profileOf(held));
    const body = new Body({
        x: start.x + halfOf(start.width - tables.bodyWidth), y: start.y + start.height - tables.bodyHeight, held,
    });
    const now = world.momentOf(held, 0);
    if (!world.isLive(body.x, body.y, now)) {
        body.stance = Stance.ended;
    } else if (tables.fromAbove || world.hasFloor(body.x, body.y, now)) {
        body.stance = Stance.standing;
    } else {
        body.phase = tables.topPhase;
        if (now.abilities & Ability.airJump) body.airJumps = tables.airJumps;
    }
    return body;
}

class Tick {
    constructor(world, tables, body, pass) {
        this.world = world;
        this.own = tables;
        this.body = body;
        this.pass = pass;
        this.profile = world.profileOf(body.held);
        this.tables = tablesOf(tables, this.profile);
        this.now = this.momentNow();
        this.met = 0n;
        this.isUsing = false;
        this.swapping = false;
    }

    run(input) {
        const { body, world } = this;
        if (body.stance === Stance.ended) return;
        this.isUsing = (input.buttons & Button.use) !== 0;
        // Those that are there again.
        if (body.beaten.length > 0)
            body.beaten = body.beaten.filter((each) => !(each.until >= 0 && each.until <= body.tick));
        this.now = this.momentNow();
        this.meet();
        if (world.parts.movers.length > 0 && !this.tables.fromAbove) this.ride();
        const goes = world.parts.timed.length > 0 || world.parts.foes.length > 0;
        if (goes && this.has(Ability.beatsFoes)) world.addMet(body.x, body.y, this.now, body.beaten);
        if (goes && !world.isLive(body.x, body.y, this.now)) this.end();
        this.act(input);
        this.finish();
        ++body.tick;
    }

    has(ability) {
        return (this.now.abilities & ability) !== 0;
    }
    allAirJumps() {
        return this.has(Ability.airJump) ? this.tables.airJumps : 0;
    }
    wallPushTicks() {
        return this.has(Ability.wallJump) ? this.tables.wallPushTicks : 0;
    }
    paceIn(table) {
        return table[this.body.tick % 16];
    }
    springOf(table) {
        return this.world.parts.springs[Math.trunc((table - 1) / 2)];
    }
    flight() {
        const { table } = this.body;
        return table === 0 ? this.tables : this.springOf(table).flight(this.profile, table % 2 === 1);
    }
    isFree(x, y) {
        return this.world.isFree(x, y, this.now);
    }
    isLive(x, y) {
        return this.world.isLive(x, y, this.now);
    }
    hasFloor(x, y) {
        return this.world.hasFloor(x, y, this.now);
    }

    act(input) {
        switch (this.body.stance) {
            case Stance.standing:
                return this.tables.fromAbove ? this.roam(input) : this.runStanding(input);
            case Stance.airborne:
            case Stance.sprung:
                return this.runAirborne(input);
            case Stance.climbing:
            case Stance.swimming:
                return this.runHolding(input);
        }
    }

    /** A mover moves before the body, and takes along who stands on it and on nothing else. */
    ride() {
        const { body, world } = this;
        if (body.stance !== Stance.standing || body.tick === 0) return;
        const index = world.moverUnder(body.x, body.y, body.tick - 1);
        const isOnLadder = () => this.has(Ability.climb) && world.hasLadderTop(body.x, body.y);
        if (index < 0 || world.hasFixedFloor(body.x, body.y, this.now) || isOnLadder()) return;
        const mover = world.parts.movers[index];
        let from = mover.at(body.tick - 1);
        mover.passIn(body.tick, (next) => {
            const x = body.x + next.x - from.x;
            const y = body.y + next.y - from.y;
            from = next;
            if (this.isFree(x, y)) return this.moveTo(x, y);
            this.launch(this.tables.topPhase);
            return false;
        });
    }

    runStanding(input) {
        const { body } = this;
        if (input.buttons & Button.takeHold && this.takeHold(input)) return;
        if (this.swaps(input)) return;
        if (input.buttons & Button.jump) {
            this.launch(0);
            this.fly(input.dx, false);
        } else if (input.buttons & Button.drop && this.has(Ability.dropThrough) && this.isLive(body.x, body.y + 1)) {
            this.moveTo(body.x, body.y + 1);
            this.launch(this.tables.topPhase);
        } else {
            this.walk(input.dx);
        }
    }

    /** Seen from above: |dx| px, then |dy| px. */
    roam(input) {
        if (this.swaps(input)) return;
        const isEven = this.tables.hasEvenDiagonal && input.dx !== 0 && input.dy !== 0;
        const most = this.paceIn(isEven ? this.tables.diagonal : this.tables.walk);
        const sideways = Math.min(Math.abs(input.dx), most);
        const upright = Math.min(Math.abs(input.dy), isEven ? most : most - sideways);
        const isStanding = () => this.body.stance === Stance.standing;
        for (let i = 0; i < sideways && isStanding(); ++i) if (!this.roamOnePx(input.dx < 0 ? -1 : 1, 0)) break;
        for (let i = 0; i < upright && isStanding(); ++i) if (!this.roamOnePx(0, input.dy < 0 ? -1 : 1)) break;
    }
    swaps(input) {
        if ((input.buttons & Button.swap) === 0) return false;
        this.swapping = this.tables.swapsWith >= 0;
        return this.swapping;
    }
    roamOnePx(dx, dy) {
        if (!this.isFree(this.body.x + dx, this.body.y + dy)) return false;
        return this.moveTo(this.body.x + dx, this.body.y + dy);
    }

    walk(wish) {
        const direction = wish < 0 ? -1 : 1;
        const count = Math.min(Math.abs(wish), this.paceIn(this.tables.walk));
        for (let i = 0; i < count && this.body.stance === Stance.standing; ++i)
            if (!this.walkOnePx(direction)) return;
    }
    /** False when the walk ends at something solid. */
    walkOnePx(direction) {
        const { x, y } = this.body;
        const next = x + direction;
        if (!this.isFree(next, y)) return this.stepUp(next);
        if (!this.moveTo(next, y) || this.hasFloor(next, y)) return true;
        for (let k = 1; k <= this.tables.stepUp && this.isLive(next, y + k); ++k) {
            if (!this.hasFloor(next, y + k)) continue;
            for (let passed = 1; passed <= k; ++passed) this.moveTo(next, y + passed);
            return true;
        }
        this.launch(this.tables.topPhase);
        if (this.has(Ability.coyote)) this.body.coyoteTicks = this.tables.coyoteTicks;
        return true;
    }
    stepUp(next) {
        const { x, y } = this.body;
        for (let k = 1; k <= this.tables.stepUp && this.isLive(x, y - k); ++k) {
            if (!this.isLive(next, y - k) || !this.hasFloor(next, y - k)) continue;
            for (let passed = 1; passed <= k; ++passed) this.moveTo(x, y - passed);
            this.moveTo(next, y - k);
            return true;
        }
        return false;
    }

    runAirborne(input) {
        const { body } = this;
        if (input.buttons & Button.takeHold && this.takeHold(input)) return;
        let letsGo = (input.buttons & Button.letGo) !== 0;
        if (body.stance === Stance.sprung) {
            const table = 2 * body.spring + (letsGo ? 2 : 1);
            this.launch(0);
            body.table = table;
        } else if (input.buttons & Button.jump && this.jumpInTheAir(input.dx)) {
            letsGo = false;
        }
        this.fly(input.dx, letsGo);
    }
    /** The first jump that is possible: coyote, off a wall, in the air. */
    jumpInTheAir(wish) {
        const { body } = this;
        if (body.coyoteTicks > 0) {
            this.launch(0);
            return true;
        }
        const push = this.has(Ability.wallJump) ? this.pushFromWall(wish) : 0;
        if (push === 0 && body.airJumps === 0) return false;
        const left = body.airJumps - (push === 0 ? 1 : 0);
        this.launch(0);
        body.airJumps = left;
        body.push = this.wallPushTicks() > 0 ? push : 0;
        return true;
    }
    pushFromWall(wish) {
        const { x, y, push } = this.body;
        const atLeft = push <= 0 && !this.isFree(x - 1, y);
        const atRight = push >= 0 && !this.isFree(x + 1, y);
        if (atLeft && (!atRight || wish >= 0)) return 1;
        return atRight ? -1 : 0;
    }

    /** One tick of a flight at the body's phase. */
    fly(wish, letsGo) {
        const { body, world } = this;
        const flight = this.flight();
        const { phase } = body;
        const most = flight.dx[phase];
        if (body.push !== 0) wish = body.push * most;
        else if (body.table !== 0 && phase < flight.topPhase && !this.glide(this.springOf(body.table).pushDx)) return;
        if (!this.glide(Math.max(-most, Math.min(wish, most)))) return;
        const dy = flight.dy[phase];
        for (let i = 0; i < Math.abs(dy); ++i) {
            if (dy > 0 && this.hasFloor(body.x, body.y)) return this.stand();
            // A spring's top catches who falls on it; the end of the tick makes of it a throw.
            if (dy > 0 && world.springUnder(body.x, body.y) >= 0) return;
            if (dy < 0 && !this.isFree(body.x, body.y - 1)) {
                const airJumps = body.table === 0 ? body.airJumps : this.allAirJumps();
                this.launch(this.tables.topPhase);
                body.airJumps = airJumps;
                return;
            }
            if (!this.moveTo(body.x, body.y + (dy > 0 ? 1 : -1))) return;
        }
        this.goOn(flight, letsGo);
    }
    /** Px by px sideways, as far as free; false if that ends the run. */
    glide(dx) {
        const direction = dx < 0 ? -1 : 1;
        for (let i = 0; i < Math.abs(dx) && this.isFree(this.body.x + direction, this.body.y); ++i)
            if (!this.moveTo(this.body.x + direction, this.body.y)) return false;
        return true;
    }
    /** The phase after a whole tick in the air. */
    goOn(flight, letsGo) {
        const { body } = this;
        const mayLetGo = letsGo && body.table === 0 && this.has(Ability.shortHop);
        const hop = mayLetGo ? flight.phaseAfterLettingGo(body.phase) : -1;
        body.phase = hop >= 0 ? hop : flight.phaseAfter(body.phase);
        if (hop >= 0 || body.phase >= this.wallPushTicks()) body.push = 0;
        if (body.coyoteTicks > 0) --body.coyoteTicks;
    }

    runHolding(input) {
        const isLadder = this.body.stance === Stance.climbing;
        if (input.buttons & Button.jump) {
            this.launch(0);
            this.fly(input.dx, false);
        } else if (input.buttons & Button.letGo) {
            this.launch(this.tables.topPhase);
        } else {
            const pace = this.paceIn(isLadder ? this.tables.climb : this.tables.swim);
            this.moveHolding(input.dx, input.dy, pace, isLadder);
        }
    }
    /** True if the body takes hold of a ladder or a liquid, and so makes this tick. */
    takeHold(input) {
        const { body, world } = this;
        const pace = this.paceIn(this.tables.climb);
        if (this.has(Ability.climb) && world.meetsLadder(body.x, body.y)) {
            this.moveHolding(input.dx, input.dy, pace, true);
            return true;
        }
        const wantsDown = body.stance === Stance.standing && input.dx === 0 && input.dy > 0 && pace > 0;
        if (
            this.has(Ability.climb) && wantsDown && world.hasLadderTop(body.x, body.y) && this.isLive(body.x, body.y + 1)
        ) {
            this.moveTo(body.x, body.y + 1);
            this.moveHolding(0, input.dy - 1, pace - 1, true);
            return true;
        }
        if (this.has(Ability.swim) && world.meetsLiquid(body.x, body.y)) {
            this.moveHolding(input.dx, input.dy, this.paceIn(this.tables.swim), false);
            return true;
        }
        return false;
    }
    /** |dx| px, then |dy| px, together at most `most`, over live positions that meet what is held. */
    moveHolding(dx, dy, most, isLadder) {
        const { body, world } = this;
        const holds = (x, y) => this.isLive(x, y) && (isLadder ? world.meetsLadder(x, y) : world.meetsLiquid(x, y));
        this.clearFlight(isLadder ? Stance.climbing : Stance.swimming);
        const sideways = Math.min(Math.abs(dx), most);
        const upright = Math.min(Math.abs(dy), most - sideways);
        for (let i = 0; i < sideways; ++i) {
            const x = body.x + (dx < 0 ? -1 : 1);
            if (!holds(x, body.y)) break;
            this.moveTo(x, body.y);
        }
        for (let i = 0; i < upright; ++i) {
            const y = body.y + (dy < 0 ? -1 : 1);
            if (!holds(body.x, y)) {
                const mayStepOff =
                    isLadder && dy < 0 && this.isLive(body.x, y) && !world.meetsLadder(body.x, y) &&
                    this.hasFloor(body.x, y);
                if (!mayStepOff) break;
                this.moveTo(body.x, y);
                return this.stand();
            }
            this.moveTo(body.x, y);
        }
        const { x, y } = body;
        const isOnLadderTop = () =>
            this.has(Ability.climb) && world.hasLadderTop(x, y) && !world.meetsLadder(x, y);
        if (world.hasFixedFloor(x, y, this.now) || world.moverUnder(x, y, this.now.tick) >= 0 || isOnLadderTop())
            this.stand();
    }

    /** All that a body has in the air, and nothing else. */
    clearFlight(stance) {
        const { body } = this;
        body.stance = stance;
        body.phase = body.table = body.airJumps = 0;
        body.coyoteTicks = body.push = body.spring = 0;
    }
    stand() {
        this.clearFlight(Stance.standing);
    }
    end() {
        this.clearFlight(Stance.ended);
    }
    /** In the air at a phase of the body's own table, with all air jumps. */
    launch(phase) {
        this.clearFlight(Stance.airborne);
        this.body.phase = phase;
        this.body.airJumps = this.allAirJumps();
    }

    /** Springs throw who ends a tick on them; what was met is held from now on. */
    finish() {
        const { body, world } = this;
        if (body.stance === Stance.ended) return;
        if (body.stance !== Stance.standing && world.parts.springs.length > 0) {
            const spring = world.springUnder(body.x, body.y);
            const holds = body.stance === Stance.climbing || body.stance === Stance.swimming;
            if (spring >= 0 && (holds || !this.hasFloor(body.x, body.y))) {
                this.clearFlight(Stance.sprung);
                body.spring = spring;
            }
        }
        let held = body.held | this.met;
        if ((held & world.timedEffects) !== 0n) held = this.whatLasts(held);
        held |= world.shutAt(body.x, body.y, held);
        if (this.swapping) held ^= swappedBit;
        if ((held & swappedBit) !== 0n) held = world.afterSwaps(body.held, held);
        if (held !== body.held) this.hold(held);
    }
    /** Without what is over: a body has left the place where it counts, or its time is up. */
    whatLasts(held) {
        const { body, world } = this;
        let timer = 0;
        world.parts.gains.forEach((gain, i) => {
            const bit = bitOf(i);
            if (gain.isLocal()) {
                const box = { x: body.x, y: body.y, width: this.tables.bodyWidth, height: this.tables.bodyHeight };
                if (!overlaps(gain.keeps, box)) held &= ~bit;
            } else if (gain.lastsTicks > 0 && timer < mostTimers) {
                const at = timer++;
                if ((this.met & bit) !== 0n) {
                    body.ticksLeft[at] = gain.lastsTicks;
                } else if (body.ticksLeft[at] > 1) {
                    --body.ticksLeft[at];
                } else if (body.ticksLeft[at] === 1 && !world.wouldShutOn(body.x, body.y, held, bit)) {
                    body.ticksLeft[at] = 0;
                    held &= ~bit;
                }
            }
        });
        return held;
    }
    /** From now on the body holds these. */
    hold(held) {
        const { body } = this;
        const before = this.now.abilities;
        const profileBefore = this.profile;
        const jumpsBefore = this.allAirJumps();
        body.held = held;
        this.now = this.momentNow();
        this.profile = this.world.profileOf(held);
        this.tables = tablesOf(this.own, this.profile);
        if (this.profile !== profileBefore) {
            if (body.stance === Stance.airborne) this.adaptFlight(jumpsBefore);
        } else if (body.stance === Stance.airborne) {
            if ((before ^ this.now.abilities) & Ability.airJump) body.airJumps = this.allAirJumps();
            if (!this.has(Ability.wallJump)) body.push = 0;
            if (!this.has(Ability.coyote)) body.coyoteTicks = 0;
        }
        const letsGo =
            (body.stance === Stance.climbing && !this.has(Ability.climb)) ||
            (body.stance === Stance.swimming && !this.has(Ability.swim));
        // A door that opens under the feet.
        const falls =
            body.stance === Stance.standing && !this.tables.fromAbove && !this.hasFloor(body.x, body.y);
        if (letsGo || falls) this.launch(this.tables.topPhase);
        const isTouchedAgain = (before & ~this.now.abilities & Ability.untouchable) !== 0;
        if ((this.tables.fromAbove || isTouchedAgain) && !this.isLive(body.x, body.y)) this.end();
    }
    /** Another profile is in force for a body in the air, in a spring's flight too. */
    adaptFlight(jumpsBefore) {
        const left = this.body.airJumps;
        this.launch(this.tables.topPhase);
        if (jumpsBefore > 0) this.body.airJumps = Math.min(left, this.body.airJumps);
    }
    momentNow() {
        const now = this.world.momentOf(this.body.held, this.body.tick);
        now.beaten = this.body.beaten;
        return now;
    }

    meet() {
        if (this.world.parts.gains.length > 0) this.met |= this.world.gainsAt(this.body.x, this.body.y, this.isUsing);
    }
    /** Requires: free there. False if that ends the run. */
    moveTo(x, y) {
        const { body, world } = this;
        body.x = x;
        body.y = y;
        if (this.has(Ability.beatsFoes)) world.addMet(x, y, this.now, body.beaten);
        if (!this.isLive(x, y)) {
            this.end();
            return false;
        }
        this.pass(x, y);
        this.meet();
        return true;
    }
}

/**
 * Moves the body by one tick; `pass(x, y)` is told each live position on the way, in order. A body
 * that meets something deadly or leaves the level comes back with `Stance.ended`.
 * @param {import("./world.mjs").World} world @param {import("./tables.mjs").MotionTables} tables
 * @param {Body} body @param {Input} input @param {(x: number, y: number) => void} [pass]
 */
export function step(world, tables, body, input, pass = () => {}) {
    new Tick(world, tables, body, pass).run(input);
}
