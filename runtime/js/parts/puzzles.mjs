/**
 * Puzzle levels: which moves there are, what a move does, and whether the goal is met. The same as
 * rook_puzzle.hpp; docs/puzzle.md tells the rules in words. Slots, counters and stacks are as
 * `readPuzzle` makes them.
 */

/** Where one is in a game; plain values, so that taking a move back is keeping the state before it. */
export function puzzleBeginning(board) {
    const isOfStacks = hasStacks(board);
    return {
        at: board.counters.map((counter) => counter.slot),
        stacks: isOfStacks ? board.slots.map((slot) => [...slot.stack]) : [],
        isOpen: isOfStacks ? board.slots.map(() => false) : [],
        isPut: 0,
        tallies: [...board.tallies],
    };
}
export function copyOfPuzzle(state) {
    return {
        ...state, at: [...state.at], stacks: state.stacks.map((stack) => [...stack]), isOpen: [...state.isOpen],
        tallies: [...state.tallies],
    };
}

function hasStacks(board) {
    return board.rule === "pour" || board.rule === "gather";
}
function slotAtPlace(board, column, row) {
    const isInside = column >= 0 && row >= 0 && column < board.columns && row < board.rows;
    return isInside ? row * board.columns + column : -1;
}
function isPlainSlot(board, state, slot) {
    return slot >= 0 && (board.slots[slot].state === "plain" || (state.isOpen.length > 0 && state.isOpen[slot]));
}

/** The slots that a counter covers with its first cell there; empty if one is not plain. */
function coveredBy(board, state, counter, first) {
    const under = [];
    for (const [dx, dy] of counter.cells) {
        const slot =
            counter.cells.length === 1
                ? first
                : slotAtPlace(board, (first % board.columns) + dx, Math.trunc(first / board.columns) + dy);
        if (!isPlainSlot(board, state, slot)) return [];
        under.push(slot);
    }
    return under;
}
/** The slots that a counter stands on; none if it is parked. */
export function slotsUnder(board, state, counter) {
    return state.at[counter] < 0 ? [] : coveredBy(board, state, board.counters[counter], state.at[counter]);
}
/** Which counter stands on each slot; -1 = none. */
function ownersOf(board, state) {
    const owners = new Array(board.slots.length).fill(-1);
    board.counters.forEach((counter, i) => {
        if (state.at[i] >= 0) for (const slot of coveredBy(board, state, counter, state.at[i])) owners[slot] = i;
    });
    return owners;
}
function nextSlot(board, slot, direction) {
    return board.slots[slot].next[direction];
}
function hasRoomFor(board, state, owners, counter, first) {
    if (first < 0) return false;
    const under = coveredBy(board, state, board.counters[counter], first);
    return under.length > 0 && under.every((slot) => owners[slot] < 0 || owners[slot] === counter);
}
function slidesTo(counter, direction) {
    return ((counter.slides >>> direction) & 1) !== 0;
}

function slideMoves(board, state) {
    const owners = ownersOf(board, state);
    const moves = [];
    board.counters.forEach((counter, i) => {
        if (state.at[i] < 0) return;
        for (let direction = 0; direction < board.directions; ++direction) {
            if (!slidesTo(counter, direction)) continue;
            let at = state.at[i];
            for (let distance = 1; distance === 1 || board.slidesFar; ++distance) {
                at = nextSlot(board, at, direction);
                if (!hasRoomFor(board, state, owners, i, at)) break;
                moves.push({ sort: "step", counter: i, direction, distance, to: at });
            }
        }
    });
    return moves;
}
/** The counter that is pushed by a step to `to`; -1 = none, -2 = the step is barred. */
function pushedBy(board, state, owners, to, direction) {
    if (!isPlainSlot(board, state, to)) return -2;
    const owner = owners[to];
    if (owner < 0) return -1;
    const beyond = nextSlot(board, to, direction);
    const isFree = isPlainSlot(board, state, beyond) && owners[beyond] < 0;
    return board.counters[owner].isPushed && isFree ? owner : -2;
}
function pushMoves(board, state) {
    const owners = ownersOf(board, state);
    const moves = [];
    board.counters.forEach((counter, i) => {
        if (state.at[i] < 0 || !counter.pushes) return;
        for (let direction = 0; direction < board.directions; ++direction) {
            const to = nextSlot(board, state.at[i], direction);
            if (pushedBy(board, state, owners, to, direction) !== -2)
                moves.push({ sort: "step", counter: i, direction, distance: 1, to });
        }
    });
    return moves;
}

/** How many of one colour lie on top. */
function runOn(stack) {
    let run = 0;
    while (run < stack.length && stack[stack.length - 1 - run] === stack.at(-1)) ++run;
    return run;
}
function canPour(board, state, from, to) {
    if (from === to || !isPlainSlot(board, state, from) || !isPlainSlot(board, state, to)) return false;
    const a = state.stacks[from];
    const b = state.stacks[to];
    if (a.length === 0 || (board.isOnlyNear && !board.slots[from].next.includes(to))) return false;
    return b.length === 0 || (b.at(-1) === a.at(-1) && b.length < board.capacity);
}
function canPut(board, state, slot) {
    return (
        state.isPut < board.queue.length && isPlainSlot(board, state, slot) && state.stacks[slot].length === 0
    );
}
function canOpen(board, state, slot) {
    const locked = board.slots[slot];
    return (
        locked.state === "locked" && !state.isOpen[slot] && locked.tally >= 0 &&
        state.tallies[locked.tally] >= locked.price
    );
}
function stackMoves(board, state) {
    const slots = board.slots.map((_, i) => i);
    if (board.rule === "pour")
        return slots.flatMap((from) =>
            slots.filter((to) => canPour(board, state, from, to)).map((to) => ({ sort: "pour", from, to })),
        );
    return [
        ...slots.filter((to) => canPut(board, state, to)).map((to) => ({ sort: "put", to })),
        ...slots.filter((to) => canOpen(board, state, to)).map((to) => ({ sort: "open", to })),
    ];
}

/** Runs flow together and are taken away until nothing more changes. */
function settleFrom(board, state, first) {
    const waiting = [first];
    while (waiting.length > 0) {
        const slot = waiting.shift();
        const own = state.stacks[slot];
        if (own.length === 0) continue;
        const color = own.at(-1);
        const run = runOn(own);
        if (run >= board.collect) {
            own.length -= run;
            state.tallies[board.goalTally] += run;
            waiting.push(slot);
            continue;
        }
        const other = board.slots[slot].next.find(
            (next) => isPlainSlot(board, state, next) && state.stacks[next].at(-1) === color,
        );
        if (other === undefined) continue;
        const theirs = state.stacks[other];
        const isOwnPure = run === own.length;
        const isTheirsPure = runOn(theirs) === theirs.length;
        const takesOwn = isOwnPure !== isTheirsPure ? isOwnPure : run >= runOn(theirs);
        const [taker, giver] = takesOwn ? [own, theirs] : [theirs, own];
        const flows = runOn(giver);
        giver.length -= flows;
        for (let i = 0; i < flows; ++i) taker.push(color);
        waiting.push(takesOwn ? slot : other, takesOwn ? other : slot);
    }
}

function stepCounter(board, state, move) {
    const { counter: i, direction, distance } = move;
    const isKnown = i >= 0 && i < board.counters.length && direction >= 0 && direction < board.directions;
    if (!isKnown || state.at[i] < 0 || !(distance >= 1)) return false;
    const owners = ownersOf(board, state);
    const counter = board.counters[i];
    if (board.rule === "slide") {
        if (!slidesTo(counter, direction) || (distance > 1 && !board.slidesFar)) return false;
        let at = state.at[i];
        for (let n = 0; n < distance; ++n) {
            at = nextSlot(board, at, direction);
            if (!hasRoomFor(board, state, owners, i, at)) return false;
        }
        state.at[i] = at;
        return true;
    }
    if (board.rule !== "push" || !counter.pushes || distance !== 1) return false;
    const to = nextSlot(board, state.at[i], direction);
    const pushed = pushedBy(board, state, owners, to, direction);
    if (pushed === -2) return false;
    if (pushed >= 0) state.at[pushed] = nextSlot(board, to, direction);
    state.at[i] = to;
    return true;
}

/** Whether the goal is met. */
export function isPuzzleMet(board, state) {
    switch (board.rule) {
        case "slide":
            return board.goals.every(({ counter, marked }) => state.at[counter] >= 0 && marked[state.at[counter]]);
        case "push":
            return board.targets.every((target) =>
                board.counters.some((counter, i) => state.at[i] === target && counter.isPushed && board.fits[i]),
            );
        case "pour": {
            const seen = new Set();
            return board.slots.every((_, i) => {
                const stack = state.stacks[i];
                if (stack.length === 0 || !isPlainSlot(board, state, i)) return true;
                if (runOn(stack) !== stack.length || seen.has(stack.at(-1))) return false;
                seen.add(stack.at(-1));
                return true;
            });
        }
        case "gather":
            return board.goalTally >= 0 && state.tallies[board.goalTally] >= board.goalCount;
    }
    return false;
}

/** All moves that there are, in the order in which they are told. None once the goal is met. */
export function puzzleMovesOf(board, state) {
    if (isPuzzleMet(board, state)) return [];
    if (board.rule === "slide") return slideMoves(board, state);
    if (board.rule === "push") return pushMoves(board, state);
    return hasStacks(board) ? stackMoves(board, state) : [];
}

/** Makes the move; false, with the state as it was, if there is no such move. */
export function applyMove(board, state, move) {
    if (isPuzzleMet(board, state)) return false;
    if (move.sort === "step") return stepCounter(board, state, move);
    const isSlot = (slot) => slot >= 0 && slot < board.slots.length;
    if (!hasStacks(board) || !isSlot(move.to)) return false;
    if (move.sort === "pour") {
        if (board.rule !== "pour" || !isSlot(move.from) || !canPour(board, state, move.from, move.to)) return false;
        const from = state.stacks[move.from];
        const to = state.stacks[move.to];
        const flows = Math.min(runOn(from), board.capacity - to.length);
        to.push(...from.splice(from.length - flows, flows));
        return true;
    }
    if (board.rule !== "gather") return false;
    if (move.sort === "put") {
        if (!canPut(board, state, move.to)) return false;
        state.stacks[move.to] = [...board.queue[state.isPut++]];
    } else {
        if (!canOpen(board, state, move.to)) return false;
        state.tallies[board.slots[move.to].tally] -= board.slots[move.to].price;
        state.isOpen[move.to] = true;
    }
    settleFrom(board, state, move.to);
    return true;
}

/** "won", "lost" (no move is left) or "goes-on". */
export function puzzleOutcome(board, state) {
    if (isPuzzleMet(board, state)) return "won";
    return puzzleMovesOf(board, state).length === 0 ? "lost" : "goes-on";
}
