/**
 * The game as campaign.json says it, and the bundle that it is loaded from. As rook_campaign.hpp.
 */
import { checkHeader, eachOf, isObject, LoadError, memberOf, pathInside, pathOf, textOf, unpackRows, wholeOf } from "./checked.mjs";
import { readKinds } from "./looks.mjs";
import { readInputs } from "./motion_reader.mjs";
import { readLevel, readModules, readTarget } from "./level.mjs";
import { plainRules } from "./rules.mjs";
import { readGameRules, readTexts } from "./rules_reader.mjs";

/** The runs that lead from the start of the game to its end. */
function readChain(file, name) {
    if (!isObject(file.proof)) return { verdict: "", sentence: "", runs: [] };
    const where = `${name}: proof`;
    return {
        verdict: textOf(file.proof, "verdict", where), sentence: textOf(file.proof, "sentence", where),
        runs: eachOf(file.proof, "runs", where, (run, at) => ({
            level: textOf(run, "level", at), entry: textOf(run, "entry", at), exit: textOf(run, "exit", at),
            inputs: Object.hasOwn(run, "inputs") ? readInputs(run, at) : [],
            way: Object.hasOwn(run, "way") ? readModules(run, at) : [],
        }), true),
    };
}

/** campaign.json; `name` stands in messages. */
export function readCampaign(file, name = "campaign.json") {
    checkHeader(file, "rookplot-campaign", name);
    const campaign = {
        name: textOf(file, "name", name),
        levels: eachOf(file, "levels", name, (level, where) => ({
            id: textOf(level, "id", where), title: textOf(level, "title", where), file: pathOf(level, "file", where),
            message: textOf(level, "message", where),
            next: memberOf(level, "next", where) === null ? "" : textOf(level, "next", where),
            exits: new Map(
                eachOf(level, "exits", where, (exit, at) => [textOf(exit, "id", at), readTarget(memberOf(exit, "to", at), at)], true),
            ),
        }), true),
        rules: plainRules(), start: { level: "", entry: "" }, texts: [], screens: [],
        chain: readChain(file, name), kinds: readKinds(file, name),
    };
    if (isObject(file.game)) {
        const where = `${name}: game`;
        campaign.rules = readGameRules(file.game, where);
        campaign.start = readTarget(memberOf(file.game, "start", where), `${where}.start`);
        campaign.texts = readTexts(file.game, where);
        campaign.screens = eachOf(file.game, "screens", where, (screen, at) => ({
            width: wholeOf(screen, "width", 1, 16384, at), height: wholeOf(screen, "height", 1, 16384, at),
        }), true);
    } else if (campaign.levels.length > 0) {
        campaign.start.level = campaign.levels[0].id;
    }
    return campaign;
}

/** A bundle in memory: its campaign, and levels made anew each time that they are asked for. */
export class Bundle {
    #files;
    constructor(campaign, files) {
        this.campaign = campaign;
        this.#files = files;
    }
    /** @returns {import("./level.mjs").Level} */
    level(id) {
        const known = this.campaign.levels.find((level) => level.id === id);
        if (!known) throw new LoadError(`There is no level ${id} (campaign.json). Export again.`);
        return readLevel(this.#files.get(known.file), known.file);
    }
}

/**
 * Loads a bundle. `read(path)` gives the text of a file of it, or its JSON, by its path within the bundle, or a
 * promise of it: `(path) => fetch("bundle/" + path).then((answer) => answer.text())` in a browser.
 * Errors: `LoadError`, and what `read` throws.
 * @param {(path: string) => string | Promise<string>} read @returns {Promise<Bundle>}
 */
export async function openBundle(read) {
    const parsed = async (path) => {
        const text = await read(path);
        try {
            return typeof text === "string" ? JSON.parse(text) : text;
        } catch {
            throw new LoadError(`The file is not valid JSON (${path}). Export the level again.`);
        }
    };
    const campaign = readCampaign(await parsed("campaign.json"));
    const files = new Map();
    for (const level of campaign.levels) {
        const path = pathInside(level.file, "campaign.json");
        files.set(level.file, await unpackRows(await parsed(path), level.file));
    }
    return new Bundle(campaign, files);
}
