/**
 * From keys that are held to the input of one tick, and what stays after a death. The same as
 * rook_player.hpp; a game may do it otherwise.
 */
import { Ability, bitOf, tablesOf } from "./tables.mjs";
import { Button, Stance } from "./stepper.mjs";

/** Ticks for which a press of jump is remembered until it is possible. */
export const jumpBuffer = 6;

/** Keys that a person holds; `jumpBufferTicks` and `swapBufferTicks` are set by the press. */
export class PlayerKeys {
    left = false;
    right = false;
    up = false;
    down = false;
    jump = false;
    use = false;
    jumpBufferTicks = 0;
    swapBufferTicks = 0;
}

function mayJump(body, world, tables) {
    switch (body.stance) {
        case Stance.standing:
            return !tables.fromAbove;
        case Stance.climbing:
        case Stance.swimming:
            return true;
        case Stance.airborne: {
            if (body.coyoteTicks > 0 || body.airJumps > 0) return true;
            const now = world.momentOf(body.held, body.tick);
            if ((now.abilities & Ability.wallJump) === 0) return false;
            return (
                (body.push <= 0 && !world.isFree(body.x - 1, body.y, now)) ||
                (body.push >= 0 && !world.isFree(body.x + 1, body.y, now))
            );
        }
    }
    return false;
}

/** Buttons that take hold, drop and let go. */
function holdButtons(input, keys, body, world) {
    const isStanding = body.stance === Stance.standing;
    const { abilities } = world.momentOf(body.held, body.tick);
    const climbs = (abilities & Ability.climb) !== 0;
    const swims = (abilities & Ability.swim) !== 0;
    const mayHold = (climbs && world.meetsLadder(body.x, body.y)) || (swims && world.meetsLiquid(body.x, body.y));
    if ((input.buttons & Button.jump) === 0) {
        if ((keys.up || (keys.down && !isStanding)) && mayHold) input.buttons |= Button.takeHold;
        if (keys.down && isStanding && climbs && world.hasLadderTop(body.x, body.y)) {
            input.buttons |= Button.takeHold;
            input.dx = 0;
        }
    }
    if (keys.down && isStanding) input.buttons |= Button.drop;
    // Letting go counts while the body rises; in other ticks the stepper ignores it.
    if (!keys.jump && !isStanding) input.buttons |= Button.letGo;
    return input;
}

/**
 * The input of the next tick; a press of jump that is used is forgotten.
 * @param {PlayerKeys} keys @returns {import("./stepper.mjs").Input}
 */
export function inputOf(keys, body, world, tables) {
    const far = 1 << 16; // wishes are cut to the tables
    const input = {
        dx: (keys.right ? far : 0) - (keys.left ? far : 0), dy: (keys.down ? far : 0) - (keys.up ? far : 0), buttons: 0,
    };
    if (keys.use) input.buttons |= Button.use;
    if (keys.swapBufferTicks > 0) {
        --keys.swapBufferTicks;
        const maySwap = tablesOf(tables, world.profileOf(body.held)).swapsWith >= 0;
        if (body.stance === Stance.standing && maySwap) {
            keys.swapBufferTicks = 0;
            input.buttons |= Button.swap;
            return input;
        }
    }
    if (tables.fromAbove) return input;
    if (keys.jumpBufferTicks > 0) {
        --keys.jumpBufferTicks;
        if (mayJump(body, world, tables)) {
            input.buttons |= Button.jump;
            keys.jumpBufferTicks = 0;
        }
    }
    const isHolding = body.stance === Stance.climbing || body.stance === Stance.swimming;
    return isHolding ? input : holdButtons(input, keys, body, world);
}

/** What stays in hand after a death: all that does not wear off, nor depends on where one is. */
export function heldForGood(parts) {
    return parts.gains.reduce((held, gain, i) => (gain.isTimed() ? held : held | bitOf(i)), 0n);
}

/** What stays beaten after a death: shots are made again. */
export function beatenForGood(beaten) {
    return beaten.filter((each) => each.until < 0);
}

/** Places among the entities of the foes that were beaten since; -1 = not known. Shots are no foes. */
export function beatenSince(before, after, parts) {
    const isNew = (each) => !before.some((one) => one.what === each.what && one.until === each.until);
    return beatenForGood(after)
        .filter(isNew)
        .map(({ what }) => (what < parts.foes.length ? parts.foes[what] : parts.timed[what - parts.foes.length]).entity);
}
