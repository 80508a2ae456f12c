/** A puzzle in play by clicks and drags: what is in hand, what was done, taking back. */
import { applyMove, copyOfPuzzle, isPuzzleMet, puzzleBeginning, puzzleMovesOf, slotsUnder } from "../parts/puzzles.mjs";

export class Table {
    state = null;
    picked = -1;
    from = -1;
    #history = [];

    constructor(puzzle) {
        this.board = puzzle.board;
        this.state = puzzleBeginning(puzzle.board);
    }
    get isWon() {
        return isPuzzleMet(this.board, this.state);
    }
    get moves() {
        return this.#history.length;
    }
    takeBack() {
        if (this.#history.length > 0) this.state = this.#history.pop();
    }
    /** The pointer goes down on that slot; -1 = beside all. */
    press(slot) {
        if (slot < 0) return;
        if (this.board.rule === "gather") {
            if (!this.#make({ sort: "put", to: slot })) this.#make({ sort: "open", to: slot });
        } else if (this.board.rule === "pour") {
            if (this.from >= 0 && this.from !== slot) this.#make({ sort: "pour", from: this.from, to: slot });
            this.from = this.from < 0 ? slot : -1;
        } else {
            const owner = this.board.counters.findIndex((_, i) => slotsUnder(this.board, this.state, i).includes(slot));
            if (owner >= 0 && this.#mayMove(owner)) this.picked = owner;
            else if (this.picked >= 0) this.#go(slot);
        }
    }
    /** The pointer goes up on another slot than it went down. */
    release(slot) {
        if (slot >= 0 && this.state.stacks.length === 0 && this.picked >= 0) this.#go(slot);
    }
    #make(move) {
        const next = copyOfPuzzle(this.state);
        if (!applyMove(this.board, next, move)) return false;
        this.#history.push(this.state);
        this.state = next;
        return true;
    }
    #mayMove(counter) {
        const each = this.board.counters[counter];
        return this.board.rule === "push" ? each.pushes : each.slides !== 0;
    }
    /** The counter in hand by its own moves, the fewest; what is in its way it pushes last. */
    #go(slot) {
        const hand = this.picked;
        const open = [{ state: this.state, moves: [] }];
        const known = new Set([this.state.at[hand]]);
        for (let n = 0; n < open.length && n < 4096; ++n) {
            for (const move of puzzleMovesOf(this.board, open[n].state)) {
                if (move.counter !== hand) continue;
                const state = copyOfPuzzle(open[n].state);
                applyMove(this.board, state, move);
                const moves = [...open[n].moves, move];
                if (slotsUnder(this.board, state, hand).includes(slot)) return moves.forEach((each) => this.#make(each));
                const pushes = state.at.some((at, i) => i !== hand && at !== open[n].state.at[i]);
                if (pushes || known.has(state.at[hand])) continue;
                known.add(state.at[hand]);
                open.push({ state, moves });
            }
        }
    }
}
