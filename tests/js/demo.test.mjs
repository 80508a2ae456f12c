import assert from "node:assert/strict";
import { readFileSync } from "node:fs";
import { join } from "node:path";
import { test } from "node:test";
import { deflateSync } from "node:zlib";
import { isSolved, isWalked, LoadError, openBundle, overlaps, readLevel, replayGame, Stance, step } from "../../runtime/js/rook.mjs";
import { folder } from "./cases.mjs";

const read = (path) => readFileSync(join(folder, "bundle", path), "utf8");
const bundle = await openBundle(read);
const fileOf = (id) => JSON.parse(read(bundle.campaign.levels.find((level) => level.id === id).file));

test("the game is finished by its chain of runs", () => {
    const result = replayGame(bundle);
    assert.equal(result.problem, "");
    assert.ok(result.isWhole && result.levels >= 10 && result.ticks > 5000, JSON.stringify(result));
});

test("each level's own proof gets to its exit", () => {
    let runs = 0;
    for (const { id } of bundle.campaign.levels) {
        const level = bundle.level(id);
        if (level.puzzle) assert.ok(isSolved(level.puzzle), id);
        if (level.kit) assert.ok(isWalked(level, level.kit.way, "", level.kit.exit), id);
        if (!level.proof) continue;
        ++runs;
        const exit = level.entities.find((entity) => entity.id === level.proof.exit);
        const world = level.world();
        const body = level.start(world);
        let isThere = false;
        const pass = (x, y) => (isThere ||= overlaps(level.bodyBox(x, y), exit.box));
        pass(body.x, body.y);
        for (const input of level.proof.inputs) step(world, level.motion, body, input, pass);
        assert.ok(isThere, `${id}: the run misses its exit`);
        assert.notEqual(body.stance, Stance.ended, `${id}: the run dies`);
    }
    assert.ok(runs >= 4, `${runs} runs`);
});

test("packed numbers are those of the rows", async () => {
    const plain = bundle.level("intake");
    const file = fileOf("intake");
    const pack = (numbers) => ({ bits: 16, zlib: deflateSync(Buffer.from(Uint16Array.from(numbers).buffer)).toString("base64") });
    file.matter.cells = pack(file.matter.cells.flat());
    file.layers[0].tiles = pack(file.layers[0].tiles.flat());
    const texts = new Map([["levels/intake.level.json", JSON.stringify(file)]]);
    const packed = await openBundle((path) => texts.get(path) ?? read(path));
    assert.deepEqual([...packed.level("intake").matter.cells], [...plain.matter.cells]);
    assert.deepEqual([...packed.level("intake").layers[0].tiles], [...plain.layers[0].tiles]);

    for (const broken of ["!", Buffer.from("rubbish").toString("base64"), deflateSync(Buffer.alloc(1 << 24)).toString("base64")]) {
        file.matter.cells = { bits: 8, zlib: broken };
        texts.set("levels/intake.level.json", JSON.stringify(file));
        await assert.rejects(openBundle((path) => texts.get(path) ?? read(path)), LoadError);
    }
});

test("what is wrong in a file is one sentence", async () => {
    const wrong = [
        [(file) => delete file.matter, /The key "matter" is missing/],
        [(file) => (file.size.columns = 1e9), /out of its range/],
        [(file) => file.matter.cells.pop(), /rows and should be/],
        [(file) => (file.matter.cells[0][0] = 99), /out of its range, 0 to/],
        [(file) => (file.motion.dx = []), /equally long/],
        [(file) => (file.entities[0].x = "left"), /A whole number is wanted here/],
        [(file) => (file.layers[0].sheet = "../../secret.png"), /leaves the bundle/],
        [(file) => (file.version = 2), /newer than this loader/],
        [(file) => (file.edges.left = "glass"), /not known here/],
        [(file) => (file.proof.inputs[0] = [1]), /\[ticks, dx, dy, buttons\]/],
    ];
    for (const [spoil, sentence] of wrong) {
        const file = fileOf("intake");
        spoil(file);
        assert.throws(() => readLevel(file, "intake"), (problem) => {
            assert.ok(problem instanceof LoadError, String(problem));
            assert.match(problem.message, sentence);
            return true;
        });
    }
    await assert.rejects(openBundle((path) => (path === "campaign.json" ? read(path) : "{")), /not valid JSON/);
});

test("the types say all that there is, and nothing else", async () => {
    const types = readFileSync(new URL("../../runtime/js/rook.d.ts", import.meta.url), "utf8");
    const said = [...types.matchAll(/^export (?:class|const|function) (\w+)/gm)].map((match) => match[1]);
    const there = Object.keys(await import("../../runtime/js/rook.mjs"));
    assert.deepEqual(said.sort(), there.sort());
});
