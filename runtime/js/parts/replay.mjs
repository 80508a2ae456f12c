/** The proof of a whole game, replayed from its bundle. The same as rook_replay.hpp. */
import { CampaignPlay, standsIn } from "./play.mjs";
import { applyMove, isPuzzleMet, puzzleBeginning } from "./puzzles.mjs";

/** Whether a way leads, module by module, from where a kit board begins to an exit. */
export function isWalked(level, way, entry, exit) {
    const isNear = (module, i) =>
        i === 0 || Math.abs(module[0] - way[i - 1][0]) + Math.abs(module[1] - way[i - 1][1]) === 1;
    if (way.length === 0 || !way.every(isNear)) return false;
    const start = level.startEntity(entry);
    if (!start || !standsIn(level, start, way[0])) return false;
    const isIt = (entity) => entity.id === exit && entity.role === "exit" && standsIn(level, entity, way.at(-1));
    return level.entities.some(isIt);
}

/** Whether the moves that stand with a puzzle lead from its start to its goal. */
export function isSolved(puzzle) {
    const state = puzzleBeginning(puzzle.board);
    return puzzle.solution.every((move) => applyMove(puzzle.board, state, move)) && isPuzzleMet(puzzle.board, state);
}

/** What is wrong with the run of one level, or an empty text. */
function problemOfRun(play, run) {
    const { level } = play.stage;
    if (level.kit) {
        if (!isWalked(level, run.way, run.entry, run.exit)) return `The way of ${run.level} is not whole`;
        if (!play.walkAlong(run.way)) return `The way of ${run.level} does not meet its goals`;
        play.win(run.exit);
        return "";
    }
    if (level.puzzle) {
        if (!isSolved(level.puzzle)) return `The solution of ${run.level} does not meet its goal`;
        play.win("");
        return "";
    }
    const { deaths, wins } = play;
    const isWon = () => play.wins > wins;
    // Where one arrives may be an exit.
    const inputs = run.inputs.length > 0 ? run.inputs : [{ dx: 0, dy: 0, buttons: 0 }];
    for (let tick = 0; tick < inputs.length && !isWon(); ++tick) {
        play.tick(inputs[tick]);
        // Words that come in between are read at once.
        while (!isWon() && play.words) play.dismiss();
        if (play.deaths > deaths) return `The run of ${run.level} dies in tick ${tick}`;
    }
    return isWon() && play.lastExit === run.exit ? "" : `The run of ${run.level} does not win by ${run.exit}`;
}

/**
 * Replays the chain of runs that stands in campaign.json, level by level, by the rules.
 * @param {import("./campaign.mjs").Bundle} bundle
 * @returns {{isWhole: boolean, levels: number, ticks: number, problem: string}} `problem`: a
 *     sentence, unless it is whole
 */
export function replayGame(bundle) {
    const play = new CampaignPlay(bundle);
    const { chain, start } = play.campaign;
    const result = { isWhole: false, levels: 0, ticks: 0, problem: "" };
    if (chain.runs.length === 0)
        return { ...result, problem: `The bundle has no run through the game: ${chain.sentence}` };
    const readAll = () => {
        while (play.words) play.dismiss();
    };
    play.beginGame();
    for (const run of chain.runs) {
        readAll();
        const { level, entry } = play.stage;
        if (play.isOver || level.id !== run.level)
            return { ...result, problem: `The run of ${run.level} does not begin where the one before leads` };
        // Where any spawn may be the one, the run says which it is of.
        const isElsewhere = run.entry !== "" && entry !== run.entry;
        if (isElsewhere && level.startEntity(entry) !== level.startEntity(run.entry)) play.enter(run.level, run.entry);
        readAll();
        ++result.levels;
        const before = play.ticks;
        result.problem = problemOfRun(play, run);
        if (result.problem !== "") return result;
        result.ticks += play.ticks - before;
    }
    readAll();
    // Where the game begins again after its last level, that is its end.
    const isAgain = play.wins === chain.runs.length && play.stage.level.id === start.level;
    result.isWhole = play.isOver || isAgain;
    if (!result.isWhole) result.problem = "The last run does not lead to the end of the game";
    return result;
}
