/** Boards on which nobody is stepped: kit boards in plan, and puzzles. */
import { frameOf } from "../parts/looks.mjs";
import { ink } from "./canvas.mjs";

const planModulePx = 24;
const ticksAModule = 12;

/** One walks the proven way of a kit board by oneself. */
export class Stroll {
    ticks = 0;

    /** False once one is at its end. */
    tick(way) {
        ++this.ticks;
        return Math.trunc(this.ticks / ticksAModule) + 1 < way.length;
    }
    /** Where one is, modules across and down, and the storey. */
    place(way) {
        const at = Math.min(Math.trunc(this.ticks / ticksAModule), way.length - 1);
        const from = way[at] ?? [0, 0, 0];
        const to = way[Math.min(at + 1, way.length - 1)] ?? from;
        const share = (this.ticks % ticksAModule) / ticksAModule;
        return { x: from[0] + (to[0] - from[0]) * share + 0.5, y: from[1] + (to[1] - from[1]) * share + 0.5, storey: from[2] };
    }
}

/** The storey in plan, the ones below it darker. */
export function drawPlan(screen, plan, sight) {
    const across = (units) => Math.trunc((units / plan.width - sight.x) * planModulePx + screen.width / 2);
    const down = (units) => Math.trunc((units / plan.depth - sight.y) * planModulePx + screen.height / 2);
    const isWall = (solid) => solid.sort === "wall" || solid.sort === "block";
    for (let storey = 0; storey <= sight.storey; ++storey) {
        const ground = storey * plan.storey;
        const light = storey === sight.storey ? 1 : 0.35;
        const isHere = (solid) => {
            const foot = solid.sort === "floor" ? solid.to[2] : solid.from[2];
            return foot >= ground - plan.storey / 4 && foot < ground + (plan.storey * 3) / 4;
        };
        const here = plan.solids.filter(isHere);
        for (const solid of [...here.filter((one) => !isWall(one)), ...here.filter(isWall)]) {
            const tone = isWall(solid) ? 205 : solid.sort === "ramp" ? 120 : 88;
            const shade = [tone, tone + 4, tone + 10].map((part) => Math.trunc(part * light));
            const x = across(solid.from[0]);
            const y = down(solid.from[1]);
            const width = Math.max(1, across(solid.to[0]) - x);
            const height = Math.max(1, down(solid.to[1]) - y);
            screen.fill(x, y, width, height, `rgb(${shade})`);
            if (solid.sort === "ramp") drawRamp(screen, solid.up, x, y, width, height);
        }
    }
    screen.fill(screen.width / 2 - 5, screen.height / 2 - 5, 10, 10, ink.paper);
    screen.frame(screen.width / 2 - 5, screen.height / 2 - 5, 10, 10, ink.teal);
}
/** Lines across, closer where it is higher. */
function drawRamp(screen, up, x, y, width, height) {
    const isAcross = up === "right" || up === "left";
    const isTurned = up === "left" || up === "up";
    const length = isAcross ? width : height;
    for (let i = 1; i < 6; ++i) {
        const at = Math.trunc((length * i * i) / 36);
        const along = isTurned ? at : length - at;
        if (isAcross) screen.fill(x + along, y, 1, height, "#3c424a");
        else screen.fill(x, y + along, width, 1, "#3c424a");
    }
}
/** What stands on the storey that one is on. */
export function drawPlanThings(screen, cast, sight) {
    const { level, isTaken } = cast.stage;
    cast.camera.left = cast.camera.top = 0;
    level.entities.forEach((entity, i) => {
        if ((entity.whole.storey ?? 0) !== sight.storey || entity.role === "spawn" || isTaken[i]) return;
        const x = (entity.box.x + entity.box.width / 2) / level.frame.cellWidth;
        const y = (entity.box.y + entity.box.height / 2) / level.frame.cellHeight;
        const at = (modules, middle, size) => Math.trunc((modules - middle) * planModulePx) + size / 2 - 8;
        const box = { x: at(x, sight.x, screen.width), y: at(y, sight.y, screen.height), width: 16, height: 16 };
        cast.drawKind(entity.kind, box, false);
    });
}

/** From px of a puzzle level to px of the screen: whole, in its middle. */
export function puzzleView(level, screen) {
    const width = level.frame.columns * level.frame.cellWidth;
    const height = level.frame.rows * level.frame.cellHeight;
    const scale = Math.min(2, screen.width / width, screen.height / height);
    return { scale, left: (screen.width - width * scale) / 2, top: (screen.height - height * scale) / 2 };
}
/** The slot whose centre is nearest, if it is near; -1 = none. */
export function slotUnder(level, view, x, y) {
    const { board, slotWidth, slotHeight } = level.puzzle;
    const away = ({ centre }) => Math.hypot(centre[0] - (x - view.left) / view.scale, centre[1] - (y - view.top) / view.scale);
    const distances = board.slots.map(away);
    const nearest = distances.indexOf(Math.min(...distances));
    return distances[nearest] < Math.max(slotWidth, slotHeight) * 0.62 ? nearest : -1;
}

/** A puzzle as it stands on the table. */
export function drawPuzzle(screen, cast, table) {
    const { level } = cast.stage;
    const view = puzzleView(level, screen);
    const { pen } = screen;
    pen.save();
    pen.translate(view.left, view.top);
    pen.scale(view.scale, view.scale);
    level.puzzle.board.slots.forEach((slot, i) => drawSlotOf(screen, level.puzzle, table, slot, i));
    level.puzzle.board.counters.forEach((counter, i) => drawCounter(screen, cast, level.puzzle, table, counter, i));
    drawQueue(screen, level.puzzle, table, view);
    pen.restore();
}
function drawSlotOf(screen, puzzle, table, slot, i) {
    if (slot.state === "gone") return;
    const [x, y] = slot.corner;
    const { slotWidth, slotHeight } = puzzle;
    const isLocked = slot.state === "locked" && !table.state.isOpen[i];
    const tone = isLocked ? "#78602c" : slot.state === "blocked" ? "#343a3e" : "#cecbbe";
    if (slot.outline.length > 0) {
        screen.pen.fillStyle = tone;
        screen.pen.beginPath();
        slot.outline.forEach(([cornerX, cornerY]) => screen.pen.lineTo(cornerX, cornerY));
        screen.pen.fill();
    } else {
        screen.fill(x, y, slotWidth, slotHeight, tone);
    }
    if (i === table.from) screen.frame(x, y, slotWidth, slotHeight, "#fff");
    if (slot.marks.length > 0) screen.fill(slot.centre[0] - 4, y + 4, 8, 4, "#8a548c");
    // As many notches as it costs, up to ten.
    for (let notch = 0; isLocked && notch < Math.min(10, slot.price); ++notch)
        screen.fill(x + 6 + (notch % 5) * 5, y + 8 + Math.trunc(notch / 5) * 6, 3, 4, "#f0dca0");
    if (table.state.stacks.length > 0) drawStack(screen, puzzle, table.state.stacks[i], x, y, slotWidth, slotHeight);
}
function drawStack(screen, puzzle, colors, x, y, width, height) {
    const high = Math.min(7, (height * 0.8) / Math.max(4, colors.length));
    colors.forEach((color, i) =>
        screen.fill(x + width * 0.18, y + height - 2 - high * (i + 1), width * 0.64, high - 1, puzzle.colors[color - 1].color),
    );
}
/** From slot to slot, px; of square boards alone, where counters have several cells. */
function pitchOf({ board, slotWidth, slotHeight }, axis) {
    const next = board.slots[axis === 0 ? 1 : board.columns];
    return next ? next.corner[axis] - board.slots[0].corner[axis] : axis === 0 ? slotWidth : slotHeight;
}
function drawCounter(screen, cast, puzzle, table, counter, i) {
    if (table.state.at[i] < 0) return;
    const corner = puzzle.board.slots[table.state.at[i]].corner;
    const { slotWidth, slotHeight } = puzzle;
    const kind = cast.play.campaign.kinds.get(counter.kind);
    const picture = kind?.sprite && cast.sheets.of(kind.sprite.sheet);
    const [acrossPx, downPx] = [pitchOf(puzzle, 0), pitchOf(puzzle, 1)];
    if (picture) {
        const [frameX, frameY] = frameOf(kind.sprite, cast.play.ticks);
        const columns = counter.cells.map((cell) => cell[0]);
        const rows = counter.cells.map((cell) => cell[1]);
        const wide = (Math.max(...columns) - Math.min(...columns)) * acrossPx + slotWidth;
        const high = (Math.max(...rows) - Math.min(...rows)) * downPx + slotHeight;
        const middle = [
            corner[0] + Math.min(...columns) * acrossPx + wide / 2, corner[1] + Math.min(...rows) * downPx + high / 2,
        ];
        const [width, height] = counter.turn % 2 === 1 ? [high, wide] : [wide, high];
        const to = { x: middle[0] - width / 2, y: middle[1] - height / 2, width, height };
        const from = { x: frameX, y: frameY, width: kind.sprite.width, height: kind.sprite.height };
        screen.copy(picture, from, to, { quarterTurns: counter.turn });
    } else {
        for (const [column, row] of counter.cells) {
            const x = corner[0] + column * acrossPx;
            const y = corner[1] + row * downPx;
            screen.fill(x + 3, y + 3, slotWidth - 6, slotHeight - 6, kind?.color ?? "#c8c8be");
            const has = (dx, dy) => counter.cells.some((cell) => cell[0] === column + dx && cell[1] === row + dy);
            if (has(1, 0)) screen.fill(x + slotWidth / 2, y + 3, acrossPx, slotHeight - 6, kind?.color ?? "#c8c8be");
            if (has(0, 1)) screen.fill(x + 3, y + slotHeight / 2, slotWidth - 6, downPx, kind?.color ?? "#c8c8be");
        }
    }
    if (i === table.picked) screen.frame(corner[0] + 1, corner[1] + 1, slotWidth - 2, slotHeight - 2, "#fff");
}
function drawQueue(screen, puzzle, table, view) {
    const { isPut } = table.state;
    puzzle.board.queue.slice(isPut, isPut + 5).forEach((stack, i) => {
        const x = -view.left / view.scale + 6;
        const y = -view.top / view.scale + 24 + i * 34;
        screen.fill(x, y, 26, 30, "#282e32");
        if (i === 0) screen.frame(x, y, 26, 30, ink.paper);
        drawStack(screen, puzzle, stack, x, y, 26, 30);
    });
}
