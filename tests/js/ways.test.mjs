import assert from "node:assert/strict";
import { test } from "node:test";
import { Formation, formationShapeNames, Mover, patrolOf, plainPatrol, shotsOf } from "../../runtime/js/rook.mjs";
import { boxFrom, casesOf, cellsFrom, frameFrom, tablesFrom } from "./cases.mjs";

const cases = casesOf("ways.jsonl");

test("patrols go as they do in the editor", () => {
    const flaws = new Set();
    for (const { seed, frame, tables, doors, patrol, way } of cases) {
        const wanted = { ...plainPatrol(boxFrom(patrol.box)), ...patrol, box: boxFrom(patrol.box) };
        wanted.marks = patrol.marks.map(boxFrom);
        wanted.track = new Mover(patrol.track);
        const made = patrolOf(frameFrom(frame), cellsFrom(frame), tablesFrom(tables), wanted, doors.map(boxFrom));
        assert.deepEqual(made.corners, way.corners, `seed ${seed}`);
        assert.equal(made.loopFrom, way.loopFrom, `seed ${seed}`);
        assert.equal(made.flaw, way.flaw, `seed ${seed}`);
        flaws.add(made.flaw);
    }
    assert.ok(flaws.has(0) && flaws.size >= 4, `only these came up: ${[...flaws]}`);
});

test("shots are where they are in the editor", () => {
    let count = 0;
    for (const { seed, frame, doors, thrower, shots } of cases) {
        const made = shotsOf(frameFrom(frame), cellsFrom(frame), { ...thrower, box: boxFrom(thrower.box) }, doors.map(boxFrom));
        const told = made.map(({ corners, loopFrom, width, height, canBeBeaten, madeAt }) => ({
            corners, loopFrom, width, height, canBeBeaten, madeAt,
        }));
        assert.deepEqual(told, shots, `seed ${seed}`);
        count += told.length;
    }
    assert.ok(count > 100);
});

test("members of formations are where they are in the editor", () => {
    for (const { seed, formation, members } of cases) {
        const group = new Formation({ ...formation, middle: boxFrom(formation.middle), shape: formationShapeNames[formation.shape] });
        members.forEach((corners, place) => assert.deepEqual(group.wayOf(place).corners, corners, `seed ${seed}`));
    }
});
