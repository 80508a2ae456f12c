import assert from "node:assert/strict";
import { test } from "node:test";
import { applyMove, isPuzzleMet, puzzleBeginning, puzzleMovesOf, puzzleOutcome, readLevel } from "../../runtime/js/rook.mjs";
import { casesOf } from "./cases.mjs";

const sorts = ["step", "pour", "put", "open"];

test("moves, settling and goals are those of the C++ rules", () => {
    const rules = new Set();
    for (const { seed, file, steps } of casesOf("puzzles.jsonl")) {
        const { board } = readLevel(file, "board").puzzle;
        const state = puzzleBeginning(board);
        rules.add(board.rule);
        steps.forEach((one, i) => {
            const where = `seed ${seed}, move ${i}`;
            const moves = puzzleMovesOf(board, state);
            const told = moves.map((move) => [
                sorts.indexOf(move.sort), move.counter ?? -1, move.direction ?? -1, move.distance ?? 0, move.from ?? -1, move.to ?? -1,
            ]);
            assert.deepEqual(told, one.moves, where);
            assert.deepEqual(state.at, one.at, where);
            assert.deepEqual(state.stacks, one.stacks, where);
            assert.deepEqual(state.isOpen.map(Number), one.open, where);
            assert.equal(state.isPut, one.put, where);
            assert.deepEqual(state.tallies, one.tallies, where);
            assert.equal(isPuzzleMet(board, state), one.isMet, where);
            assert.equal(puzzleOutcome(board, state), one.isMet ? "won" : moves.length === 0 ? "lost" : "goes-on");
            if (one.chosen >= 0) assert.ok(applyMove(board, state, moves[one.chosen]), where);
        });
    }
    assert.deepEqual([...rules].sort(), ["gather", "pour", "push", "slide"]);
});

test("what is no move leaves the state as it was", () => {
    const [{ file }] = casesOf("puzzles.jsonl");
    const { board } = readLevel(file, "board").puzzle;
    const state = puzzleBeginning(board);
    const before = structuredClone(state);
    for (const move of [
        { sort: "step", counter: 99, direction: 0, distance: 1 }, { sort: "step", counter: -1, direction: 9, distance: 0 },
        { sort: "pour", from: 0, to: 0 }, { sort: "put", to: 99999 }, { sort: "open", to: -1 },
    ])
        assert.equal(applyMove(board, state, move), false);
    assert.deepEqual(state, before);
});
