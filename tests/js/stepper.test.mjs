import assert from "node:assert/strict";
import { test } from "node:test";
import { bodyAt, Stance, step, World } from "../../runtime/js/rook.mjs";
import { boxFrom, casesOf, cellsFrom, frameFrom, partsFrom, tablesFrom } from "./cases.mjs";

function told(body) {
    const beaten = body.beaten.map(({ what, until }) => [what, until]);
    return [
        body.x, body.y, body.stance, body.phase, body.table, body.airJumps, body.coyoteTicks, body.push, body.spring,
        String(body.held), body.ticksLeft, beaten,
    ];
}

test("every state is that of the C++ stepper", () => {
    const cases = casesOf("steps.jsonl");
    let ticks = 0;
    for (const { seed, frame, tables: values, parts, start, inputs, states } of cases) {
        const tables = tablesFrom(values);
        const world = new World(frameFrom(frame), cellsFrom(frame), tables, partsFrom(parts));
        let body = bodyAt(boxFrom(start), world, tables);
        assert.deepEqual(told(body), states[0], `seed ${seed}, at the start`);
        inputs.forEach(([dx, dy, buttons], tick) => {
            if (body.stance === Stance.ended) body = bodyAt(boxFrom(start), world, tables, body.held);
            step(world, tables, body, { dx, dy, buttons });
            assert.deepEqual(told(body), states[tick + 1], `seed ${seed}, tick ${tick}`);
            ++ticks;
        });
    }
    assert.ok(cases.length >= 300 && ticks >= 100000, `${cases.length} levels, ${ticks} ticks`);
});
