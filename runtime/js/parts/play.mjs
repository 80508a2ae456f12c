/**
 * A game in play by its bundle: level after level, with tallies, lives, words, checkpoints, and what
 * is carried. Nothing is drawn and no key is read here: inputs go in, a state comes out. The same as
 * rook_play.hpp.
 *
 *     const play = new CampaignPlay(await openBundle(read));
 *     play.beginGame();
 *     while (!play.isOver) play.tick({ dx: 1, dy: 0, buttons: 0 });
 */
import { LoadError } from "./checked.mjs";
import { overlaps } from "./shapes.mjs";
import { bitOf } from "./tables.mjs";
import { bodyAt, Stance, step } from "./stepper.mjs";
import { beatenForGood, beatenSince, heldForGood } from "./player.mjs";
import { arrive, countThing, die, endTick, firstMissing, GameState, mayWin, spawnOf, tallyOf } from "./rules.mjs";
import { abilitiesIn } from "./motion_reader.mjs";

const metRoles = ["exit", "pickup", "key", "switch", "checkpoint", "trigger"];
const takenRoles = ["pickup", "key", "switch"];
const noTransition = { sort: "cut", ticks: 20 };

/** The middle of the entity is in that module of a kit board. */
export function standsIn(level, entity, module) {
    const { box } = entity;
    const column = Math.trunc((box.x + Math.trunc(box.width / 2)) / level.frame.cellWidth);
    const row = Math.trunc((box.y + Math.trunc(box.height / 2)) / level.frame.cellHeight);
    const storey = Number.isInteger(entity.whole.storey) ? entity.whole.storey : 0;
    return column === module[0] && row === module[1] && storey === module[2];
}

function keyOf(key) {
    return `${key.kind} ${key.whole.letter ?? ""}`;
}

export class CampaignPlay {
    #bundle;
    #seed;
    #arrivals = 0;
    #then = "goes-on";
    #wordTicks = 0;
    #inTriggers = new Set();
    #messages = [];
    #transition = noTransition;

    /** The words that stand there now, or null. */
    words = null;
    isOver = false;
    /** The level in play: {level, world, entry, body, rules, things, isTaken, checkpoint, zone, ...}. */
    stage = null;
    /** @type {GameState} */
    state;
    lastExit = "";
    deaths = 0;
    wins = 0;
    /** In which the world moved. */
    ticks = 0;

    /** @param {import("./campaign.mjs").Bundle} bundle @param {number | bigint} [seed] of the spawns */
    constructor(bundle, seed = 0) {
        if (bundle.campaign.levels.length === 0)
            throw new LoadError("The bundle has no level (campaign.json). Export again.");
        this.#bundle = bundle;
        this.#seed = seed;
        this.campaign = bundle.campaign;
        this.state = new GameState(this.campaign.rules);
    }

    /** From its start, with nothing in hand. */
    beginGame() {
        this.state = new GameState(this.campaign.rules);
        this.isOver = false;
        const { start, levels } = this.campaign;
        this.enter(start.level || levels[0].id, start.entry);
    }
    /** A level, at an entry; empty = one of its spawns, as the level says. */
    enter(id, entry = "") {
        const level = this.#bundle.level(id);
        const spawns = level.spawns();
        const isAny = entry === "" && level.arrivesAtAny && spawns.length > 0;
        const at = isAny ? spawns[spawnOf(this.#seed, this.#arrivals, spawns.length)].id : entry;
        ++this.#arrivals;
        this.#begin(level, at);
        this.#show(level.texts, "start");
    }
    /** The level as at its arrival; a life is not taken. */
    beginLevelAgain() {
        this.#begin(this.stage.level, this.stage.entry);
        this.words = null;
    }

    /** Moves the world by one tick; while words wait for a key, nothing moves. */
    tick(input) {
        if (this.isOver) return;
        if (this.words) {
            if (this.words.ticks === 0) return;
            const standsStill = this.#then !== "goes-on";
            if (--this.#wordTicks <= 0) this.dismiss();
            if (standsStill) return;
        }
        // Nobody walks in a puzzle: who plays it tells when it is won.
        if (this.stage.level.puzzle) return;
        ++this.ticks;
        const { stage } = this;
        // Nor does anybody fall on a kit board, which is walked module by module.
        if (stage.level.kit) return void ++this.state.ticks;
        const { body } = stage;
        const isWinning = mayWin(stage.rules, this.state);
        const found = { exit: "", met: new Set() };
        const before = [...body.beaten];
        if (body.tick === 0) this.#pass(body.x, body.y, found);
        step(stage.world, stage.level.motion, body, input, (x, y) => this.#pass(x, y, found));
        if (isWinning && found.exit !== "") return this.win(found.exit);
        if (body.stance === Stance.ended) return this.#lose(false);
        this.#pass(body.x, body.y, found);
        this.#take(found.met);
        this.#beat(before);
        this.#followZones();
        if (found.exit !== "" && !stage.isAtExit) {
            const missing = firstMissing(stage.rules, this.state);
            if (missing) this.#say(missing.words);
        }
        stage.isAtExit = found.exit !== "";
        const end = endTick(stage.rules, this.state);
        if (end === "won") this.win("");
        if (end === "lost") this.#lose(true);
    }

    /** Takes what stands in the modules of a kit board; true if an exit that is met at last wins. */
    walkAlong(way) {
        const { level, isTaken, rules } = this.stage;
        for (const module of way.slice(0, -1)) {
            const isHere = (entity, e) =>
                takenRoles.includes(entity.role) && !isTaken[e] && standsIn(level, entity, module);
            this.#take(new Set(level.entities.flatMap((entity, e) => (isHere(entity, e) ? [e] : []))));
        }
        // Nothing moves there: one may wait as long as is asked.
        for (const goal of rules.goals)
            if (goal.sort === "survive") this.state.ticks = Math.max(this.state.ticks, goal.ticks);
        return mayWin(rules, this.state);
    }

    /** The level is won by that exit (empty = without one): its words, then on to where it leads. */
    win(exit) {
        this.lastExit = exit;
        ++this.wins;
        const { level, isTaken } = this.stage;
        level.entities.forEach((entity, i) => isTaken[i] && this.#carry(entity));
        this.#then = "leads-on";
        this.#show(level.texts, "won");
        if (!this.words) this.#perform();
    }

    /** Nothing moves: until `dismiss`, or until the words have had their time. */
    get isWaiting() {
        return this.words !== null && (this.words.ticks === 0 || this.#then !== "goes-on");
    }
    dismiss() {
        if (!this.words) return;
        this.words = null;
        this.#perform();
    }
    /** Messages for the game since they were last asked for: of triggers and zones. */
    takeMessages() {
        return this.#messages.splice(0);
    }
    /** How the picture follows the former one, where another level or zone came up since last asked. */
    takeTransition() {
        const transition = this.#transition;
        this.#transition = noTransition;
        return transition;
    }

    #begin(level, entry) {
        if (this.campaign.rules.carriesAbilities) level.beginWith(this.state.abilities);
        const world = level.world();
        const body = level.start(world, entry, this.#brought(level));
        if (body.stance === Stance.ended && level.isSteppable())
            throw new LoadError(
                `The level ${level.id} has no start with room for the body. Mend it and export again.`,
            );
        this.stage = {
            level, world, entry, body, rules: level.rulesOf(this.campaign.rules),
            things: level.entities.flatMap(({ role }, i) => (metRoles.includes(role) ? [i] : [])),
            isTaken: level.entities.map(() => false), checkpoint: null,
            zone: level.zoneAt(level.bodyBox(body.x, body.y)), cameFrom: "", done: new Set(), isAtExit: false,
        };
        this.#then = "goes-on";
        arrive(this.campaign.rules, this.state);
    }
    /** Keys that are carried count as every such key of the level. */
    #brought(level) {
        if (!this.campaign.rules.carriesKeys) return 0n;
        const isKey = (id) => (entity) => entity.id === id && entity.role === "key" && this.state.keys.has(keyOf(entity));
        return level.gainIds.reduce((held, id, i) => (level.entities.some(isKey(id)) ? held | bitOf(i) : held), 0n);
    }
    #carry(taken) {
        const { carriesKeys, carriesAbilities } = this.campaign.rules;
        if (carriesKeys && taken.role === "key") this.state.keys.add(keyOf(taken));
        const lasts = taken.role === "pickup" && Object.hasOwn(taken.whole, "grants") && !taken.whole.grantTicks;
        if (carriesAbilities && lasts) this.state.abilities |= abilitiesIn(taken.whole.grants, `${taken.id}.grants`);
    }

    /** What a body at (x, y) meets: the first exit, and things by their place. */
    #pass(x, y, found) {
        const { level, things } = this.stage;
        const body = level.bodyBox(x, y);
        for (const i of things) {
            const entity = level.entities[i];
            if (!overlaps(body, entity.box)) continue;
            if (entity.role !== "exit") found.met.add(i);
            else if (found.exit === "") found.exit = entity.id;
        }
    }
    /** At the end of a tick, in the order of the level's file. */
    #take(met) {
        const { stage } = this;
        const { rules } = this.campaign;
        const inTriggers = new Set();
        for (const i of [...met].sort((a, b) => a - b)) {
            const entity = stage.level.entities[i];
            if (entity.role === "checkpoint") stage.checkpoint = entity.box;
            if (entity.role === "trigger") {
                inTriggers.add(entity.id);
                this.#call(entity);
            }
            if (!takenRoles.includes(entity.role) || stage.isTaken[i]) continue;
            stage.isTaken[i] = true;
            const tally = tallyOf(rules, entity.whole.tally ?? "");
            countThing(rules, this.state, this.state.taken, entity.kind, tally, entity.whole.value ?? 1);
        }
        this.#inTriggers = inTriggers;
    }
    /** Foes that were beaten in a tick. */
    #beat(before) {
        const { rules } = this.campaign;
        for (const place of beatenSince(before, this.stage.body.beaten, this.stage.world.parts)) {
            if (place < 0) continue;
            const entity = this.stage.level.entities[place];
            const group = entity.whole.formation;
            const what = group ?? entity.whole;
            const kind = group ? (group.member ?? "") : entity.kind;
            countThing(rules, this.state, this.state.beaten, kind, tallyOf(rules, what.tally ?? ""), what.worth ?? 1);
        }
    }
    /** Once when a body comes into it; of one that calls once, that is all. */
    #call(entity) {
        const trigger = entity.whole.trigger ?? entity.whole;
        if (this.#inTriggers.has(entity.id) || this.stage.done.has(entity.id)) return;
        if (trigger.once === true) this.stage.done.add(entity.id);
        for (const each of Array.isArray(trigger.calls) ? trigger.calls : []) this.#tellGame(each?.message ?? "");
    }
    #tellGame(message) {
        if (message === "") return;
        this.#messages.push(message);
        this.#say(message);
    }
    #followZones() {
        const { stage } = this;
        const now = stage.level.zoneAt(stage.level.bodyBox(stage.body.x, stage.body.y));
        if (now === stage.zone) return;
        const former = stage.zone;
        if (former) {
            stage.cameFrom = former.id;
            former.onLeave.forEach((message) => this.#tellGame(message));
        }
        if (now && former) this.#transition = now.transition;
        stage.zone = now;
        now?.onEnter.forEach((message) => this.#tellGame(message));
    }

    /** A life less; the body goes on, the level begins again, or the game. */
    #lose(isLost) {
        ++this.deaths;
        const { rules, texts } = this.campaign;
        const death = die(rules, isLost ? { beginsAgain: true } : this.stage.rules, this.state);
        if (death === "goes-on") return this.#goOn();
        this.#then = death === "game-over" ? "game-again" : "level-again";
        if (death === "game-over") this.#show(texts, "over");
        else if (isLost) this.#show(this.stage.level.texts, "lost");
        if (!this.words) this.#perform();
    }
    /** At the last checkpoint, else where one came into the zone, else at the arrival. */
    #goOn() {
        const { stage } = this;
        const { level, world } = stage;
        const held = stage.body.held & heldForGood(level.parts);
        const beaten = beatenForGood(stage.body.beaten);
        const entry = stage.cameFrom && stage.zone?.entries.find((each) => each.from === stage.cameFrom);
        const places = [stage.checkpoint, entry ? level.bodyBox(entry.x, entry.y) : null].filter(Boolean);
        const bodies = places.map((box) => bodyAt(box, world, level.motion, held));
        stage.body =
            bodies.find((body) => body.stance !== Stance.ended) ?? level.start(world, stage.entry, held);
        stage.body.beaten = beaten;
    }

    #show(texts, when) {
        this.words = null;
        const text = texts.find((each) => each.when === when);
        if (text) this.#showText(text);
    }
    /** The text of that id, if the level has it. */
    #say(id) {
        const text = id !== "" && this.stage.level.texts.find((each) => each.id === id);
        if (text) this.#showText(text);
    }
    #showText(text) {
        this.words = text;
        this.#wordTicks = text.ticks;
    }

    #perform() {
        const then = this.#then;
        this.#then = "goes-on";
        if (then === "level-again") this.beginLevelAgain();
        if (then === "game-again") this.beginGame();
        if (then === "ends") this.isOver = true;
        if (then === "leads-on") this.#leadOn();
    }
    #leadOn() {
        const { level } = this.stage;
        const here = this.campaign.levels.find((each) => each.id === level.id);
        const to = here.exits.get(this.lastExit) ?? { level: here.next, entry: "" };
        this.#transition =
            level.entities.find((entity) => entity.id === this.lastExit)?.transition ?? noTransition;
        if (to.level !== "") return this.enter(to.level, to.entry);
        this.#then = "ends";
        this.#show(this.campaign.texts, "end");
        if (!this.words) this.#perform();
    }
}
