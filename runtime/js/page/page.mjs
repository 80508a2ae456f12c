/** The page: the game in play, 60 ticks a second. `#replay` shows the run that proves the game. */
import { openBundle } from "../parts/campaign.mjs";
import { CampaignPlay } from "../parts/play.mjs";
import { inputOf } from "../parts/player.mjs";
import { GameState } from "../parts/rules.mjs";
import { Screen, Sheets } from "./canvas.mjs";
import { Stroll, puzzleView, slotUnder } from "./boards.mjs";
import { Controls } from "./controls.mjs";
import { Drawing } from "./drawing.mjs";
import { Table } from "./table.mjs";

const tickMs = 1000 / 60;

class Page {
    facesLeft = false;
    stroll = new Stroll();
    table = null;
    #level = null;
    #pressedAt = -1;
    /** The inputs of the proof that is shown, or null. */
    #shown = null;
    #shownTick = 0;

    constructor(bundle, sheets) {
        const [screen = { width: 640, height: 360 }] = bundle.campaign.screens;
        const canvas = document.getElementById("game");
        this.bundle = bundle;
        this.play = new CampaignPlay(bundle);
        this.screen = new Screen(canvas, screen.width, screen.height);
        this.drawing = new Drawing(this.screen, sheets, this.play, document.documentElement.lang || navigator.language.slice(0, 2));
        this.controls = new Controls(document.querySelectorAll("button[data-key]"));
        this.controls.onGoOn = () => this.goOn();
        this.#listen(canvas);
    }
    #listen(canvas) {
        const slotAt = (event) => {
            const box = canvas.getBoundingClientRect();
            const scale = this.screen.width / box.width;
            const { level } = this.play.stage;
            return slotUnder(level, puzzleView(level, this.screen), (event.clientX - box.left) * scale, (event.clientY - box.top) * scale);
        };
        canvas.addEventListener("pointerdown", (event) => {
            if (this.play.words) return this.goOn();
            if (!this.table) return;
            this.#pressedAt = slotAt(event);
            this.table.press(this.#pressedAt);
        });
        canvas.addEventListener("pointerup", (event) => {
            if (!this.table || this.#pressedAt < 0) return;
            const slot = slotAt(event);
            if (slot !== this.#pressedAt) this.table.release(slot);
            this.#pressedAt = -1;
        });
        document.getElementById("levels").addEventListener("change", (event) => {
            this.#shown = null;
            this.enter(event.target.value);
            canvas.focus();
        });
        document.getElementById("again").addEventListener("click", () => {
            this.#shown = null;
            this.play.isOver = false;
            this.play.beginLevelAgain();
            this.#level = null;
            this.say("");
            canvas.focus();
        });
        document.getElementById("show").addEventListener("click", () => {
            this.replay(this.play.stage.level.id);
            canvas.focus();
        });
        addEventListener("resize", () => this.screen.fit());
        addEventListener("keydown", (event) => {
            if (event.code === "Backspace" || event.code === "KeyZ") this.table?.takeBack();
        });
    }
    /** True if there were words to read. */
    goOn() {
        if (!this.play.words) return false;
        this.play.dismiss();
        this.#tellEnd();
        return true;
    }
    enter(id, entry = "") {
        this.play.isOver = false;
        this.play.enter(id, entry);
        this.#level = null;
    }
    /** Shows the run of a level that is part of the game's proof, else that which gets to an exit. */
    replay(id) {
        const { proof, kit, carried } = this.bundle.level(id);
        // With what the proof begins with in hand.
        this.play.state = new GameState(this.play.campaign.rules);
        this.play.state.abilities = carried.inHand;
        const run = this.play.campaign.chain.runs.find((each) => each.level === id);
        this.enter(id, run?.entry);
        this.play.words = null;
        this.#shown = kit ? [] : (run?.inputs ?? proof?.inputs ?? null);
        this.#shownTick = 0;
        if (this.play.stage.level.puzzle) this.#shown = null;
        if (!this.#shown) this.say("This level has no run to show.");
    }
    /** A run is shown. */
    get hasRun() {
        return this.#shown !== null;
    }
    say(words) {
        document.getElementById("says").textContent = words;
    }
    /** One tick of the world. */
    tick() {
        const { play } = this;
        if (play.isOver) return;
        this.#tickWorld();
        this.#tellEnd();
    }
    #tellEnd() {
        if (this.play.isOver) this.say("The end. Choose a level to play on.");
    }
    #tickWorld() {
        const { play } = this;
        const wins = play.wins;
        if (this.#level !== play.stage.level) this.#arrive();
        const { stage } = play;
        if (stage.level.kit) this.#walkPlan();
        else if (stage.level.puzzle) this.#tickPuzzle();
        else this.#step(stage);
        const transition = play.takeTransition();
        if (transition.sort !== "cut") this.drawing.goOver(transition);
        for (const message of play.takeMessages()) this.say(message);
        if (!this.#shown) return;
        const isOver = !stage.level.kit && this.#shownTick > this.#shown.length;
        if (play.wins === wins && !isOver) return;
        this.#shown = null;
        this.say(play.wins > wins ? `The run is over: ${play.lastExit}.` : "The run is over: the level asks for more.");
    }
    #arrive() {
        this.#level = this.play.stage.level;
        this.stroll = new Stroll();
        this.table = this.#level.puzzle ? new Table(this.#level.puzzle) : null;
        document.getElementById("levels").value = this.#level.id;
        document.body.dataset.kind = this.#level.kind;
    }
    /** The way through a kit board that is part of the game's proof, else that to its exit. */
    get planWay() {
        const { level } = this.play.stage;
        const run = this.play.campaign.chain.runs.find((each) => each.level === level.id);
        return run ?? level.kit;
    }
    #walkPlan() {
        const { way, exit } = this.planWay;
        if (this.play.isWaiting || this.stroll.tick(way)) return this.play.tick({ dx: 0, dy: 0, buttons: 0 });
        this.play.walkAlong(way);
        this.play.win(exit);
    }
    #tickPuzzle() {
        this.play.tick({ dx: 0, dy: 0, buttons: 0 });
        if (!this.play.isWaiting && this.table.isWon) this.play.win("");
    }
    #step({ body, world, level }) {
        const isShown = this.#shown !== null;
        const input = isShown
            ? (this.#shown[this.#shownTick++] ?? { dx: 0, dy: 0, buttons: 0 })
            : inputOf(this.controls.read(), body, world, level.motion);
        // Nobody reads while a run is shown.
        if (isShown && this.play.words) this.play.dismiss();
        if (input.dx !== 0) this.facesLeft = input.dx < 0;
        this.play.tick(input);
    }
    draw() {
        if (this.play.isOver) return;
        if (this.#level !== this.play.stage.level) this.#arrive();
        this.drawing.draw(this);
    }
}

/** All pictures that the game shows. */
function picturesOf(bundle) {
    const spriteSheets = [...bundle.campaign.kinds.values()].flatMap(({ sprite }) => (sprite ? [sprite.sheet] : []));
    const ofLevels = bundle.campaign.levels.flatMap(({ id }) => {
        const level = bundle.level(id);
        const own = level.entities.flatMap(({ look }) => (look.sprite ? [look.sprite.sheet] : []));
        return [...level.layers.map((layer) => layer.sheet), ...level.pictures.map((picture) => picture.image), ...own];
    });
    return [...spriteSheets, ...ofLevels];
}

async function begin() {
    const files = JSON.parse(document.getElementById("bundle").textContent);
    const bundle = await openBundle((path) => files[path]);
    const sheets = new Sheets();
    await sheets.load(picturesOf(bundle));
    const page = new Page(bundle, sheets);
    const levels = document.getElementById("levels");
    for (const level of bundle.campaign.levels) levels.add(new Option(level.title, level.id));
    const [, wish, id] = /^#(replay|level)=(.+)$/.exec(decodeURIComponent(location.hash)) ?? [];
    page.play.beginGame();
    if (wish === "level") page.enter(id);
    if (wish === "replay") page.replay(id);
    document.body.classList.add("ready");
    document.getElementById("game").focus();
    // For tests and for who wants to look: the game in play.
    globalThis.rookPage = page;
    let due = performance.now();
    const frame = (now) => {
        // Who looked away does not come back to a rush.
        due = Math.max(due, now - 6 * tickMs);
        for (; due <= now; due += tickMs) page.tick();
        page.draw();
        requestAnimationFrame(frame);
    };
    requestAnimationFrame(frame);
}

begin().catch((problem) => {
    document.getElementById("says").textContent = `The game cannot be shown. ${problem.message}`;
    document.body.classList.add("broken");
});
