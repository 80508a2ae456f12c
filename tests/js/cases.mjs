/** What the C++ side wrote down for these tests, one case a line. */
import { readFileSync } from "node:fs";
import { join } from "node:path";
import { Door, Gain, MotionTables, Mover, Parts, PhaseTable, Spring, Timetable, Way } from "../../runtime/js/rook.mjs";

export const folder = process.env.ROOK_CASES;

export function casesOf(name) {
    if (!folder) throw new Error("ROOK_CASES names no folder: these tests are run by cli/browser_test");
    const lines = readFileSync(join(folder, name), "utf8").trim().split("\n");
    return lines.map((line) => JSON.parse(line));
}

export function boxFrom([x, y, width, height]) {
    return { x, y, width, height };
}
export function tablesFrom(values) {
    return new MotionTables({ ...values, others: values.others.map(tablesFrom) });
}
export function frameFrom(values) {
    const [left, right, top, bottom] = values.edges;
    return { ...values, edges: { left, right, top, bottom } };
}
export function cellsFrom({ columns, cells }) {
    return { at: (column, row) => ({ behaviour: cells[row * columns + column][0], form: cells[row * columns + column][1] }) };
}
export function partsFrom(values) {
    const phases = (table) => new PhaseTable(table);
    return new Parts({
        deadly: values.deadly.map(boxFrom),
        gains: values.gains.map((gain) => new Gain({ ...gain, box: boxFrom(gain.box), keeps: boxFrom(gain.keeps), after: BigInt(gain.after) })),
        doors: values.doors.map((door) => new Door({ ...door, box: boxFrom(door.box), needs: BigInt(door.needs), shutBy: BigInt(door.shutBy) })),
        springs: values.springs.map((spring) => new Spring({
            ...spring, box: boxFrom(spring.box), high: phases(spring.high), low: phases(spring.low),
            others: spring.others.map((both) => both.map(phases)),
        })),
        movers: values.movers.map((mover) => new Mover(mover)),
        timed: values.timed.map((hazard) => ({
            box: boxFrom(hazard.box), times: new Timetable(hazard.periodTicks, hazard.on), canBeBeaten: hazard.canBeBeaten, entity: -1,
        })),
        foes: values.foes.map((way) => new Way(way)),
    });
}
