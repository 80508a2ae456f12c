/** What things look like, and how one picture follows another. As rook_kinds.hpp and rook_shown.hpp. */
import { eachOf, isObject, memberOf, namedOf, pairsOf, pathOf, refuse, textOf, wholeOf } from "./checked.mjs";

const farInSheet = 65536;
export const transitionNames = ["cut", "slide", "fade"];
const orderNames = ["among-cast", "behind-masses", "before-front"];
const beyondNames = ["left", "right", "up", "down"];

/** "transition" of an exit's target or of a zone: {sort, ticks}; a cut where there is none. */
export function readTransition(owner, where) {
    if (!isObject(owner) || !Object.hasOwn(owner, "transition")) return { sort: "cut", ticks: 20 };
    const at = `${where}.transition`;
    return {
        sort: transitionNames[namedOf(owner.transition, "sort", transitionNames, at)],
        ticks: wholeOf(owner.transition, "ticks", 1, 600, at),
    };
}
/** How much of it is over, so many ticks after it began: 0 to 1. */
export function shareAfter(transition, passed) {
    return transition.sort === "cut" ? 1 : Math.min(1, Math.max(0, passed / transition.ticks));
}

/** "fadeLine" of a layer or a picture: {beyond, at, ticks}, or null. */
export function readFadeLine(owner, where) {
    if (!Object.hasOwn(owner, "fadeLine")) return null;
    const at = `${where}.fadeLine`;
    return {
        beyond: beyondNames[namedOf(owner.fadeLine, "beyond", beyondNames, at)],
        at: wholeOf(owner.fadeLine, "at", -(1 << 26), 1 << 26, at), ticks: wholeOf(owner.fadeLine, "ticks", 1, 600, at),
    };
}
/** The middle of the body is beyond that line. */
export function isBeyond(line, body) {
    if (!line) return false;
    const middle =
        line.beyond === "left" || line.beyond === "right"
            ? body.x + Math.trunc(body.width / 2)
            : body.y + Math.trunc(body.height / 2);
    return line.beyond === "left" || line.beyond === "up" ? middle < line.at : middle >= line.at;
}
/** What is left of something's opacity where it fades. */
export const faintest = 0.25;
/** That share one tick later. */
export function fadedOn(share, fades, ticks) {
    const step = (1 - faintest) / Math.max(1, ticks);
    return fades ? Math.max(faintest, share - step) : Math.min(1, share + step);
}

/** A picture of a sheet, or several in turn: {sheet, frames, ticks, width, height, place or null}. */
export function readSprite(value, where) {
    const frames = pairsOf(value, "frames", 0, farInSheet, where);
    if (frames.length === 0) refuse("A sprite has one frame at least", `${where}.frames`);
    const at = (key, low) => wholeOf(value.place, key, low, farInSheet, `${where}.place`);
    return {
        sheet: pathOf(value, "sheet", where), ticks: wholeOf(value, "ticks", 1, 3600, where),
        width: wholeOf(value, "width", 1, farInSheet, where), height: wholeOf(value, "height", 1, farInSheet, where),
        frames,
        place: isObject(value.place)
            ? { x: at("x", -farInSheet), y: at("y", -farInSheet), width: at("width", 1), height: at("height", 1) }
            : null,
    };
}
/** The corner in the sheet of what is shown in that tick. */
export function frameOf(sprite, tick) {
    return sprite.frames[Math.trunc(tick / sprite.ticks) % sprite.frames.length];
}

/** How a single thing looks otherwise than its kind: {sprite or null, scale, quarterTurns, ...}. */
export function readLook(entity, where) {
    const look = {
        sprite: null, scale: 1, quarterTurns: 0, isMirrored: false, isUpsideDown: false, order: "among-cast", place: 0,
    };
    if (!Object.hasOwn(entity, "look")) return look;
    const at = `${where}.look`;
    const value = memberOf(entity, "look", where);
    look.scale = wholeOf(value, "scale", 1, 16, at);
    look.quarterTurns = wholeOf(value, "quarterTurns", 0, 3, at);
    look.isMirrored = value.mirrored === true;
    look.isUpsideDown = value.upsideDown === true;
    look.order = orderNames[namedOf(value, "order", orderNames, at)];
    look.place = wholeOf(value, "place", -1000, 1000, at);
    if (value.sprite) look.sprite = readSprite(value.sprite, `${at}.sprite`);
    return look;
}

/** "kinds" of a campaign, by their ids: {id, title, role, color, sprite or null}. */
export function readKinds(file, name) {
    const kinds = eachOf(file, "kinds", name, (row, where) => ({
        id: textOf(row, "id", where), title: textOf(row, "title", where), role: textOf(row, "role", where),
        color: textOf(row, "color", where), sprite: row.sprite ? readSprite(row.sprite, `${where}.sprite`) : null,
    }));
    return new Map(kinds.map((kind) => [kind.id, kind]));
}
