/** Reads a puzzle level as it is exported. The same as rook_puzzle_level.hpp. */
import {
    eachOf, listOf, memberOf, namedOf, numbersOf, pairsOf, refuse, textOf, textsOf, wholeIn, wholeOf, yesOf,
} from "./checked.mjs";

const ruleNames = ["none", "slide", "push", "pour", "gather"];
const slotStateNames = ["plain", "blocked", "gone", "locked"];
const farOnBoard = 0x7ffffff;
const farCount = 0x7fffffff;

function slotPlaceIn(value, puzzle, where) {
    return wholeIn(value, 0, puzzle.board.slots.length - 1, where);
}
/** Places in the list of colours, from 1. */
function stackIn(colors, puzzle, where) {
    if (!Array.isArray(colors)) refuse("A list is wanted here", where);
    return colors.map((each) => {
        const place = puzzle.colors.findIndex((color) => color.name === each);
        if (place < 0) refuse(`The colour ${JSON.stringify(each)} is not known`, where);
        return place + 1;
    });
}
function tallyIn(object, puzzle, where) {
    const name = textOf(object, "tally", where);
    const place = puzzle.tallies.indexOf(name);
    if (place < 0) refuse(`The tally ${name} is not known`, where);
    return place;
}
function twoNumbers(object, key, low, high, where) {
    const both = numbersOf(object, key, low, high, 2, where);
    if (both.length !== 2) refuse("Places are two numbers", `${where}.${key}`);
    return both;
}

function readPuzzleSlot(slot, made, puzzle, where) {
    made.state = slotStateNames[namedOf(slot, "state", slotStateNames, where)];
    [made.column, made.row] = twoNumbers(slot, "at", 0, 255, where);
    made.centre = twoNumbers(slot, "centre", -farOnBoard, farOnBoard, where);
    made.corner = twoNumbers(slot, "corner", -farOnBoard, farOnBoard, where);
    made.next = listOf(slot, "next", where).map((each) =>
        each === null ? -1 : slotPlaceIn(each, puzzle, `${where}.next`),
    );
    const { directions, rule } = puzzle.board;
    if (directions > 0 && made.next.length !== directions)
        refuse("There should be a neighbour, or null, in each direction", `${where}.next`);
    made.marks = textsOf(slot, "marks", where);
    made.fields = slot.fields ?? null;
    made.outline = eachOf(slot, "outline", where, (point, at) => {
        if (!Array.isArray(point) || point.length !== 2 || !point.every(Number.isFinite))
            refuse("A corner is two numbers", at);
        return point;
    });
    if (Object.hasOwn(slot, "stack")) made.stack = stackIn(slot.stack, puzzle, `${where}.stack`);
    if (made.state !== "locked") return;
    made.price = wholeOf(slot, "price", -farCount, farCount, where);
    if (Object.hasOwn(slot, "tally") && rule === "gather") made.tally = tallyIn(slot, puzzle, where);
}

function readCounter(counter, puzzle, where) {
    const slot = memberOf(counter, "slot", where);
    const cells = pairsOf(counter, "cells", -64, 64, where);
    if (cells.length === 0) refuse("A counter stands on a cell at least", `${where}.cells`);
    if (puzzle.arrangement !== "square" && cells.length > 1) refuse("Several cells are for square boards", where);
    return {
        id: textOf(counter, "id", where), kind: textOf(counter, "kind", where),
        turn: wholeOf(counter, "turn", 0, 3, where), slot: slot === null ? -1 : slotPlaceIn(slot, puzzle, `${where}.slot`),
        cells,
        slides: numbersOf(counter, "slides", 0, 7, 8, where).reduce((bits, direction) => bits | (1 << direction), 0),
        pushes: yesOf(counter, "pushes", false, where), isPushed: yesOf(counter, "pushed", false, where),
        corner: twoNumbers(counter, "corner", -farOnBoard, farOnBoard, where),
    };
}

function readPuzzleGoal(rule, puzzle, where) {
    const goal = memberOf(rule, "goal", where);
    const { board } = puzzle;
    const marked = (mark) => board.slots.map((slot) => slot.state !== "gone" && slot.marks.includes(mark));
    const counterOf = (id) => {
        const place = board.counters.findIndex((counter) => counter.id === id);
        if (place < 0) refuse(`There is no counter ${id}`, `${where}.counters`);
        return place;
    };
    if (board.rule === "slide")
        board.goals = eachOf(goal, "counters", where, (each, at) => ({
            counter: counterOf(textOf(each, "counter", at)), marked: marked(textOf(each, "mark", at)),
        }), true);
    let kind = "";
    if (board.rule === "push") {
        board.targets = marked(textOf(goal, "mark", where)).flatMap((isOne, i) => (isOne ? [i] : []));
        kind = textOf(goal, "kind", where, "");
    }
    board.fits = board.counters.map((counter) => kind === "" || counter.kind === kind);
    if (board.rule !== "gather") return;
    board.goalTally = tallyIn(goal, puzzle, where);
    board.goalCount = wholeOf(goal, "atLeast", -farCount, farCount, where);
}

function readPuzzleMove(move, puzzle, where) {
    if (Object.hasOwn(move, "put")) return { sort: "put", to: slotPlaceIn(move.put, puzzle, where) };
    if (Object.hasOwn(move, "open")) return { sort: "open", to: slotPlaceIn(move.open, puzzle, where) };
    if (Object.hasOwn(move, "from"))
        return {
            sort: "pour", from: slotPlaceIn(move.from, puzzle, where),
            to: slotPlaceIn(memberOf(move, "to", where), puzzle, where),
        };
    const id = textOf(move, "counter", where);
    const counter = puzzle.board.counters.findIndex((each) => each.id === id);
    if (counter < 0) refuse(`There is no counter ${id}`, where);
    return {
        sort: "step", counter, direction: wholeOf(move, "direction", 0, 7, where),
        distance: wholeOf(move, "slots", 1, 128, where),
    };
}

function readPuzzleRule(file, puzzle, where) {
    const rule = memberOf(file, "rule", where);
    const here = `${where}.rule`;
    const { board } = puzzle;
    board.rule = ruleNames[namedOf(rule, "name", ruleNames, here)];
    board.slidesFar = textOf(rule, "counts", here, "") === "slides";
    board.capacity = wholeOf(rule, "capacity", 1, 64, here, 4);
    board.isOnlyNear = yesOf(rule, "near", false, here);
    board.collect = wholeOf(rule, "collect", 2, 64, here, 0);
    board.queue = eachOf(rule, "queue", here, (stack, at) => stackIn(stack, puzzle, at));
}

/** `puzzle` of a level's file: the board, how it is laid out in px, and its solution. */
export function readPuzzle(file, where) {
    const slots = listOf(file, "slots", where);
    if (slots.length > 16384) refuse("There are more than 16384 slots", `${where}.slots`);
    const tallies = listOf(file, "tallies", where);
    const puzzle = {
        arrangement: textOf(file, "arrangement", where),
        slotWidth: wholeOf(file, "slotWidth", 1, 512, where), slotHeight: wholeOf(file, "slotHeight", 1, 512, where),
        colors: eachOf(file, "colors", where, (color, at) => ({
            name: textOf(color, "name", at), title: textOf(color, "title", at), color: textOf(color, "color", at),
        }), true),
        tallies: tallies.map((tally) => textOf(tally, "tally", `${where}.tallies`)),
        board: {
            rule: "none", columns: wholeOf(file, "columns", 0, 256, where), rows: wholeOf(file, "rows", 0, 256, where),
            directions: wholeOf(file, "directions", 0, 8, where), counters: [], goals: [], targets: [], fits: [],
            slots: slots.map(() => ({ state: "plain", tally: -1, price: 0, stack: [], next: [] })),
            tallies: tallies.map((tally) => wholeOf(tally, "value", -farCount, farCount, `${where}.tallies`)),
            goalTally: -1, goalCount: 0,
        },
    };
    const { board } = puzzle;
    if (puzzle.arrangement === "square" && slots.length !== board.columns * board.rows)
        refuse("There should be a slot for each column and row", `${where}.slots`);
    readPuzzleRule(file, puzzle, where);
    slots.forEach((slot, i) => readPuzzleSlot(slot, board.slots[i], puzzle, `${where}.slots[${i}]`));
    board.counters = eachOf(file, "counters", where, (counter, at) => readCounter(counter, puzzle, at), true);
    if (board.rule !== "none") readPuzzleGoal(file.rule, puzzle, `${where}.rule.goal`);
    puzzle.park = numbersOf(file, "park", -farOnBoard, farOnBoard, 2, where);
    const solution = memberOf(file, "solution", where);
    puzzle.verdict = textOf(solution, "verdict", `${where}.solution`);
    puzzle.solution = eachOf(solution, "moves", `${where}.solution`, (move, at) => readPuzzleMove(move, puzzle, at), true);
    return puzzle;
}
