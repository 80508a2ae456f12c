/**
 * The rules of a game around and between its levels: what is counted, what a level asks for, what a
 * death costs. The same as rook_game.hpp, which says the order of things in a tick.
 */

/**
 * A whole number that the game keeps.
 * @typedef {{name: string, title: string, start: number, least: number, most: number,
 *     isShown: boolean, isOfLevel: boolean, every: {step: number, tally: number, add: number}[]}} TallyRule
 * @typedef {{tallies: TallyRule[], lives: number, carriesAbilities: boolean, carriesKeys: boolean}} GameRules
 * @typedef {{sort: string, kind: string, count: number, tally: number, atLeast: number,
 *     ticks: number, isNeeded: boolean, words: string}} GoalRule sort: collect, defeat, tally, survive, within
 * @typedef {{goals: GoalRule[], hasExits: boolean, beginsAgain: boolean}} LevelRules
 */

/** @returns {GameRules} */
export function plainRules() {
    return { tallies: [], lives: -1, carriesAbilities: false, carriesKeys: false };
}

/** Place of the tally of that name; -1 if there is none. */
export function tallyOf(rules, name) {
    return rules.tallies.findIndex((tally) => tally.name === name);
}

/** What is counted at a moment of a game. */
export class GameState {
    /** @param {GameRules} rules */
    constructor(rules) {
        this.tallies = rules.tallies.map((tally) => tally.start);
        this.ticks = 0;
        this.taken = new Map();
        this.beaten = new Map();
        this.abilities = 0;
        this.keys = new Set();
    }
    copy() {
        const other = new GameState({ tallies: [] });
        return Object.assign(other, this, {
            tallies: [...this.tallies], taken: new Map(this.taken), beaten: new Map(this.beaten), keys: new Set(this.keys),
        });
    }
}

/** A level begins, or begins again. */
export function arrive(rules, state) {
    rules.tallies.forEach((tally, i) => {
        if (tally.isOfLevel) state.tallies[i] = tally.start;
    });
    state.ticks = 0;
    state.taken.clear();
    state.beaten.clear();
}

/** Adds to a tally, cut to its bounds; what grows with it grows. */
export function addToTally(rules, state, place, amount, depth = 0) {
    if (place < 0 || place >= rules.tallies.length || depth > rules.tallies.length) return;
    const tally = rules.tallies[place];
    const before = state.tallies[place];
    const after = Math.max(tally.least, Math.min(tally.most, before + amount));
    state.tallies[place] = after;
    if (after <= before) return;
    for (const every of tally.every) {
        const times = Math.floor(after / every.step) - Math.floor(before / every.step);
        if (times > 0) addToTally(rules, state, every.tally, times * every.add, depth + 1);
    }
}

/** One more of a kind in `counts` (`state.taken` or `state.beaten`), which adds to a tally; -1 = none. */
export function countThing(rules, state, counts, kind, tally, amount) {
    counts.set(kind, (counts.get(kind) ?? 0) + 1);
    addToTally(rules, state, tally, amount);
}

/** True if the goal holds as things stand. @param {GoalRule} goal @param {GameState} state */
export function holdsGoal(goal, state) {
    switch (goal.sort) {
        case "collect":
            return (state.taken.get(goal.kind) ?? 0) >= goal.count;
        case "defeat":
            return (state.beaten.get(goal.kind) ?? 0) >= goal.count;
        case "tally":
            return goal.tally >= 0 && goal.tally < state.tallies.length && state.tallies[goal.tally] >= goal.atLeast;
        case "survive":
            return state.ticks >= goal.ticks;
    }
    return state.ticks < goal.ticks;
}

/** The first needed goal that does not hold, or null: then an exit that is met wins. */
export function firstMissing(level, state) {
    return level.goals.find((goal) => goal.isNeeded && !holdsGoal(goal, state)) ?? null;
}
export function mayWin(level, state) {
    return firstMissing(level, state) === null;
}

/** What comes of a tick in which nothing was won and nobody died: "goes-on", "won" or "lost". */
export function endTick(level, state) {
    ++state.ticks;
    const needed = level.goals.filter((goal) => goal.isNeeded);
    if (needed.some((goal) => goal.sort === "within" && !holdsGoal(goal, state))) return "lost";
    return !level.hasExits && needed.length > 0 && mayWin(level, state) ? "won" : "goes-on";
}

/** Takes a life: "goes-on", "begins-again" or "game-over" follows. */
export function die(rules, level, state) {
    const { lives, tallies } = rules;
    if (lives >= 0 && lives < tallies.length) {
        addToTally(rules, state, lives, -1);
        if (state.tallies[lives] <= tallies[lives].least) return "game-over";
    }
    return level.beginsAgain ? "begins-again" : "goes-on";
}

/** Which spawn the k-th arrival begins at, of `count`: SplitMix64 (Steele, Lea and Flood 2014). */
export function spawnOf(seed, k, count) {
    const cut = (number) => BigInt.asUintN(64, number);
    let z = cut(BigInt(seed) + (BigInt(k) + 1n) * 0x9e3779b97f4a7c15n);
    z = cut((z ^ (z >> 30n)) * 0xbf58476d1ce4e5b9n);
    z = cut((z ^ (z >> 27n)) * 0x94d049bb133111ebn);
    z ^= z >> 31n;
    return count === 0 ? 0 : Number(z % BigInt(count));
}
