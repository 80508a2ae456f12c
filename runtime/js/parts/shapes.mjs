/**
 * What levels are made of, as far as movement is concerned: behaviours, forms, edges, boxes.
 * Units: px; y grows downwards. The same as rook_shapes.hpp.
 */

/** What a matter does to a body, by the names in files; a number is a place in this list. */
export const behaviourNames = ["open", "solid", "one-way", "ladder", "liquid", "deadly"];
export const Behaviour = { open: 0, solid: 1, oneWay: 2, ladder: 3, liquid: 4, deadly: 5 };

/** The part of a cell that its matter fills. */
export const formNames = [
    "full", "lower-half", "upper-half", "left-half", "right-half", "rise-right", "rise-left", "rise-right-1of2",
    "rise-right-2of2", "rise-left-1of2", "rise-left-2of2", "hang-right", "hang-left",
];

export const edgeRuleNames = ["wall", "open", "deadly"];
export const EdgeRule = { wall: 0, open: 1, deadly: 2 };

/** For each form: whether it is filled at u = a / one, t = b / one, both from the lower left. */
const fillsOf = [
    () => true,
    (a, b, one) => 2 * b <= one,
    (a, b, one) => 2 * b >= one,
    (a, b, one) => 2 * a <= one,
    (a, b, one) => 2 * a >= one,
    (a, b) => b <= a,
    (a, b, one) => b <= one - a,
    (a, b) => 2 * b <= a,
    (a, b, one) => 2 * b <= one + a,
    (a, b, one) => 2 * b <= one - a,
    (a, b, one) => 2 * b <= 2 * one - a,
    (a, b, one) => b >= one - a,
    (a, b) => b >= a,
];

/**
 * True if the form fills px (i, j) of a cell of width x height px, j down: a px is filled when its
 * centre lies in the shape, border included. Exact, in whole numbers.
 * @param {number} form @param {number} i @param {number} j @param {number} width
 * @param {number} height @returns {boolean}
 */
export function formFills(form, i, j, width, height) {
    return fillsOf[form]((2 * i + 1) * height, (2 * height - 2 * j - 1) * width, 2 * width * height);
}

/** @typedef {{x: number, y: number, width: number, height: number}} Box px */

/** @param {Box} a @param {Box} b @returns {boolean} */
export function overlaps(a, b) {
    return a.x < b.x + b.width && b.x < a.x + a.width && a.y < b.y + b.height && b.y < a.y + a.height;
}

/**
 * Size and edges of a level. Edges are numbers of `EdgeRule`; the lower one is deadly unless it is
 * said.
 * @typedef {{columns: number, rows: number, cellWidth: number, cellHeight: number,
 *     edges: {left: number, right: number, top: number, bottom: number}}} Frame
 */

/** @returns {Frame} */
export function plainFrame(columns, rows, cellWidth = 16, cellHeight = 16) {
    return {
        columns, rows, cellWidth, cellHeight,
        edges: { left: EdgeRule.wall, right: EdgeRule.wall, top: EdgeRule.wall, bottom: EdgeRule.deadly },
    };
}

/** Half of a whole number, rounded towards minus infinity. */
export function halfOf(px) {
    return Math.floor(px / 2);
}

/** The nearest whole number, halves away from zero. */
export function roundedAway(number) {
    const size = Math.abs(number);
    const whole = Math.trunc(size);
    const rounded = size - whole >= 0.5 ? whole + 1 : whole;
    return number < 0 && rounded > 0 ? -rounded : rounded;
}
