/** The rules of the game and of its levels, and their texts, as bundles say them. As rook_rules.hpp. */
import { eachOf, isObject, refuse, textOf, wholeOf, yesOf } from "./checked.mjs";
import { tallyOf } from "./rules.mjs";

const greatestTally = 1000000000;
const mostGoalTicks = 100000000;
const goalSorts = ["collect", "defeat", "tally", "survive", "within"];

/** Texts that the player reads: {id, when, text, at, ticks, in (by language)}. */
export function readTexts(file, name) {
    return eachOf(file, "texts", name, (row, where) => ({
        id: textOf(row, "id", where), when: textOf(row, "when", where), text: textOf(row, "text", where, ""),
        at: textOf(row, "at", where, "middle"), ticks: wholeOf(row, "ticks", 0, mostGoalTicks, where, 0),
        in: new Map(eachOf(row, "in", where, (each, at) => [textOf(each, "language", at), textOf(each, "text", at)])),
    }));
}
/** The text in that language, where it is translated; else as it was written. */
export function textIn(shown, language) {
    return shown.in.get(language) || shown.text;
}

/** `game` as it stands in campaign.json. @returns {import("./rules.mjs").GameRules} */
export function readGameRules(game, name) {
    const number = (row, key, standard, where) => wholeOf(row, key, -greatestTally, greatestTally, where, standard);
    const rules = {
        tallies: eachOf(game, "tallies", name, (row, where) => ({
            name: textOf(row, "name", where), title: textOf(row, "title", where, textOf(row, "name", where)),
            start: number(row, "start", 0, where), least: number(row, "least", 0, where),
            most: number(row, "most", 999999, where), isShown: yesOf(row, "shown", true, where),
            isOfLevel: textOf(row, "keeps", where, "game") === "level", every: [],
        }), true),
        lives: -1,
        carriesAbilities: isObject(game.carries) && yesOf(game.carries, "abilities", false, name),
        carriesKeys: isObject(game.carries) && yesOf(game.carries, "keys", false, name),
    };
    // Once all names are known.
    rules.tallies.forEach((tally, i) => {
        tally.every = eachOf(game.tallies[i], "every", name, (every, where) => ({
            step: wholeOf(every, "step", 1, greatestTally, where, 100), tally: tallyOf(rules, textOf(every, "tally", where)),
            add: number(every, "add", 1, where),
        }));
    });
    rules.lives = tallyOf(rules, textOf(game, "lives", name, ""));
    return rules;
}

/** `file` is that of a level; `countOf(kind)`: how many of a kind stand in it. */
export function readLevelRules(file, game, hasExits, countOf, name) {
    const goals = eachOf(Array.isArray(file.goals) ? file : {}, "goals", name, (goal, where) => {
        const sort = textOf(goal, "type", where);
        if (!goalSorts.includes(sort)) refuse(`"${sort}" is no type of goal`, where);
        const kind = textOf(goal, "kind", where, "");
        return {
            sort, kind, count: wholeOf(goal, "count", 0, 1000000, where, 0) || countOf(kind),
            tally: tallyOf(game, textOf(goal, "tally", where, "")),
            atLeast: wholeOf(goal, "atLeast", -greatestTally, greatestTally, where, 0),
            ticks: wholeOf(goal, "ticks", 0, mostGoalTicks, where, 3600), isNeeded: yesOf(goal, "needed", true, where),
            words: textOf(goal, "words", where, ""),
        };
    });
    return { goals, hasExits, beginsAgain: textOf(file, "onDeath", name, "go-on") === "begin-again" };
}
