import assert from "node:assert/strict";
import { writeFileSync } from "node:fs";
import { join } from "node:path";
import { after, before, test } from "node:test";
import { pathToFileURL } from "node:url";
import { Browser } from "./browser.mjs";
import { folder } from "./cases.mjs";

const page = pathToFileURL(join(folder, "bundle", "index.html")).href;
let browser;
before(async () => (browser = await Browser.open(process.env.ROOK_DRIVER, process.env.ROOK_BROWSER)));
after(() => browser?.close());

const right = "\uE014";

test("a run that proves a level is played to its exit", async () => {
    await browser.goTo(page);
    const levels = await browser.run("return rookPage.bundle.campaign.levels.map((level) => level.id)");
    let runs = 0;
    for (const id of levels) {
        const [wins, said] = await browser.run(
            `const before = rookPage.play.wins;
             rookPage.replay(arguments[0]);
             for (let tick = 0; tick < 20000 && rookPage.play.wins === before && rookPage.hasRun; ++tick) rookPage.tick();
             return [rookPage.play.wins - before, document.getElementById("says").textContent];`, id);
        if (/no run/.test(said)) continue;
        ++runs;
        assert.equal(wins, 1, `${id}: ${said}`);
        assert.match(said, /^The run is over: /);
    }
    assert.ok(runs >= 5, `${runs} runs`);
    assert.deepEqual(await browser.complaints(), []);
});

test("it is played with keys, at 60 ticks a second", async () => {
    await browser.goTo(`${page}#level=intake`);
    const place = () => browser.run("const { x, tick } = rookPage.play.stage.body; return [x, tick]");
    await browser.run("while (rookPage.play.words) rookPage.play.dismiss()");
    const [from, first] = await place();
    await browser.hold([right], 400);
    const [to, last] = await place();
    assert.ok(to > from + 8, `from ${from} to ${to}`);
    assert.ok(last - first > 12 && last - first < 240, `${last - first} ticks`);
    await browser.hold([" "], 100);
    assert.ok(await browser.run("return rookPage.play.stage.body.y < arguments[0] || rookPage.play.stage.body.stance !== 0", 1e9));
});

test("buttons for the finger are there, and hold what they say", async () => {
    await browser.goTo(`${page}#level=intake`);
    const held = await browser.run(
        `const button = document.querySelector("button[data-key=right]");
         button.setPointerCapture = () => {};
         button.dispatchEvent(new PointerEvent("pointerdown", { pointerId: 1 }));
         const down = rookPage.controls.read().right;
         button.dispatchEvent(new PointerEvent("pointerup", { pointerId: 1 }));
         return [down, rookPage.controls.read().right];`);
    assert.deepEqual(held, [true, false]);
});

test("a puzzle is played with the mouse, and a move is taken back", async () => {
    await browser.goTo(`${page}#level=sluice-table`);
    await browser.run("while (rookPage.play.words) rookPage.play.dismiss()");
    const [x, y] = await browser.run(
        `const { level } = rookPage.play.stage, { board, solution } = level.puzzle;
         const slot = board.slots[solution[0].to];
         const scale = Math.min(2, rookPage.screen.width / (level.frame.columns * level.frame.cellWidth),
                                rookPage.screen.height / (level.frame.rows * level.frame.cellHeight));
         const box = rookPage.screen.canvas.getBoundingClientRect(), zoom = box.width / rookPage.screen.width;
         const left = (rookPage.screen.width - level.frame.columns * level.frame.cellWidth * scale) / 2;
         const top = (rookPage.screen.height - level.frame.rows * level.frame.cellHeight * scale) / 2;
         return [box.left + (left + slot.centre[0] * scale) * zoom, box.top + (top + slot.centre[1] * scale) * zoom];`);
    await browser.click(x, y);
    assert.equal(await browser.run("return rookPage.table.moves"), 1);
    await browser.hold(["z"], 20);
    assert.equal(await browser.run("return rookPage.table.moves"), 0);
});

test("the key that has words read is not a jump, and what is over begins again", async () => {
    await browser.goTo(`${page}#level=intake`);
    await browser.run(
        `rookPage.play.dismiss();
         rookPage.play.words = { id: "a", when: "said", text: "Read me", at: "middle", ticks: 0, in: new Map() };`);
    await browser.hold([" "], 60);
    assert.deepEqual(await browser.run(
        "return [rookPage.play.words, rookPage.controls.keys.jumpBufferTicks, rookPage.play.stage.body.stance]"), [null, 0, 0]);
    await browser.run('rookPage.play.isOver = true; document.getElementById("again").click()');
    assert.equal(await browser.run("return rookPage.play.isOver"), false);
    const isLeftAlone = await browser.run(
        `const event = new KeyboardEvent("keydown", { code: "Space", bubbles: true, cancelable: true });
         document.getElementById("again").dispatchEvent(event);
         return !event.defaultPrevented;`);
    assert.ok(isLeftAlone, "Space works the button that has the focus");
});

test("the picture shows the level", async () => {
    await browser.goTo(`${page}#level=intake`);
    const colors = await browser.run(
        `const { canvas } = rookPage.screen;
         const px = canvas.getContext("2d").getImageData?.bind(canvas.getContext("2d"));
         try { return new Set(new Uint32Array(px(0, 0, canvas.width, canvas.height).data.buffer)).size; }
         catch (problem) { return String(problem); }`);
    // From a folder, a browser lets no script read what it drew; then the picture of the page tells.
    const picture = await browser.picture();
    writeFileSync(join(folder, "page.png"), picture);
    assert.ok(typeof colors === "string" ? picture.length > 60000 : colors > 40, `${colors}, ${picture.length} bytes`);
});
