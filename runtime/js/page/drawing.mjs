/** Draws a level in play, as the stand-in game does: pictures, layers, things, words. */
import { formFills, roundedAway } from "../parts/shapes.mjs";
import { fadedOn, isBeyond, shareAfter } from "../parts/looks.mjs";
import { tileOf } from "../parts/level.mjs";
import { textIn } from "../parts/rules_reader.mjs";
import { Camera } from "../parts/camera.mjs";
import { ink } from "./canvas.mjs";
import { Cast } from "./cast.mjs";
import { drawPlan, drawPlanThings, drawPuzzle } from "./boards.mjs";

export class Drawing {
    #level = null;
    #shares = new Map();
    #former = null;

    constructor(screen, sheets, play, language) {
        this.screen = screen;
        this.sheets = sheets;
        this.play = play;
        this.language = language;
        this.camera = new Camera(screen.width, screen.height);
        this.cast = new Cast(screen, sheets, play, this.camera);
    }
    draw({ stroll, table, facesLeft, planWay }) {
        const { level } = this.play.stage;
        const { width, height } = this.screen;
        this.screen.fill(0, 0, width, height, level.backgroundColor || "#1b2733");
        if (level.kit) {
            const sight = stroll.place(planWay.way);
            drawPlan(this.screen, level.kit, sight);
            drawPlanThings(this.screen, this.cast, sight);
        } else if (level.puzzle) {
            drawPuzzle(this.screen, this.cast, table);
        } else {
            this.#follow();
            this.#drawCells(facesLeft);
        }
        this.#drawFormer();
        this.#drawCounts(table);
        this.#drawWords();
    }
    /** What is drawn from now on follows what is there now; before the picture changes. */
    goOver(transition) {
        this.#former = null;
        if (transition.sort === "cut") return;
        const picture = document.createElement("canvas");
        picture.width = this.screen.canvas.width;
        picture.height = this.screen.canvas.height;
        picture.getContext("2d").drawImage(this.screen.canvas, 0, 0);
        this.#former = { picture, transition, passed: 0 };
    }

    #bodyBox() {
        const { level, body } = this.play.stage;
        return level.bodyBox(body.x, body.y);
    }
    /** The camera keeps to the zone that the player is in, else to the level. */
    #follow() {
        const { level, world } = this.play.stage;
        const body = this.#bodyBox();
        const bounds = level.zoneAt(body)?.camera ?? { x: 0, y: 0, width: world.widthPx, height: world.heightPx };
        if (this.#level === level) this.camera.follow(body, bounds);
        else this.camera.jumpTo(body, bounds);
        this.#level = level;
    }
    /** The farthest first. */
    #drawCells(facesLeft) {
        const { level, world } = this.play.stage;
        if (level.backgroundBelow) {
            const sky = this.screen.pen.createLinearGradient(0, -this.camera.top, 0, world.heightPx - this.camera.top);
            sky.addColorStop(0, level.backgroundColor || "#1b2733");
            sky.addColorStop(1, level.backgroundBelow);
            this.screen.fill(0, 0, this.screen.width, this.screen.height, sky);
        }
        this.#drawPictures(false);
        this.cast.drawEntities("behind-masses");
        if (level.layers.length === 0) this.#drawShapes();
        this.#drawLayers(false);
        this.cast.drawEntities("among-cast");
        this.cast.drawBody(facesLeft);
        this.#drawLayers(true);
        this.#drawPictures(true);
        this.cast.drawEntities("before-front");
    }
    /** Of the opacity of a layer or a picture, step by step, so that nothing flickers. */
    #shareOf(thing, isFaint) {
        const share = fadedOn(this.#shares.get(thing) ?? 1, isFaint, thing.fadeLine?.ticks ?? 9);
        this.#shares.set(thing, share);
        return (share * thing.opacity) / 100;
    }
    /** Calls `visit(place, x, y)` for each cell in sight. */
    #eachCell(visit) {
        const { columns, rows, cellWidth, cellHeight } = this.play.stage.level.frame;
        const { left, top, width, height } = this.camera;
        for (let row = Math.max(0, Math.floor(top / cellHeight)); row < rows && row * cellHeight < top + height; ++row)
            for (let column = Math.max(0, Math.floor(left / cellWidth)); column < columns && column * cellWidth < left + width; ++column)
                visit(row * columns + column, column * cellWidth - left, row * cellHeight - top);
    }
    #drawLayers(areFront) {
        const { level, body } = this.play.stage;
        const { cellWidth, cellHeight } = level.frame;
        for (const layer of level.layers) {
            if ((layer.role === "front") !== areFront) continue;
            const isFaint = isBeyond(layer.fadeLine, this.#bodyBox()) || (layer.fades && this.#hidesBody(layer));
            const alpha = this.#shareOf(layer, isFaint);
            const tiles = this.sheets.of(layer.sheet);
            if (!tiles) continue;
            this.#eachCell((place, x, y) => {
                const tile = tileOf(layer, place, body.tick);
                if (tile === 0) return;
                const flip = layer.flips?.[place] ?? 0;
                const from = {
                    x: ((tile - 1) % layer.columns) * layer.tileWidth,
                    y: Math.trunc((tile - 1) / layer.columns) * layer.tileHeight, width: layer.tileWidth,
                    height: layer.tileHeight,
                };
                const how = { alpha, isMirrored: (flip & 1) !== 0, isUpsideDown: (flip & 2) !== 0 };
                this.screen.copy(tiles, from, { x, y, width: cellWidth, height: cellHeight }, how);
            });
        }
    }
    #hidesBody(layer) {
        const { columns, rows, cellWidth, cellHeight } = this.play.stage.level.frame;
        const body = this.#bodyBox();
        for (let row = Math.floor(body.y / cellHeight); row <= Math.floor((body.y + body.height - 1) / cellHeight); ++row)
            for (let column = Math.floor(body.x / cellWidth); column <= Math.floor((body.x + body.width - 1) / cellWidth); ++column) {
                const isInside = row >= 0 && row < rows && column >= 0 && column < columns;
                if (isInside && layer.tiles[row * columns + column] !== 0) return true;
            }
        return false;
    }
    /** A level without art: each matter in its colour, cut to the forms of its cells. */
    #drawShapes() {
        const { matter, frame } = this.play.stage.level;
        this.#eachCell((place, x, y) => {
            if (matter.cells[place] === 0) return;
            const color = matter.colors[matter.cells[place]] || "#59646c";
            for (let j = 0; j < frame.cellHeight; ++j) {
                const filled = Array.from({ length: frame.cellWidth }, (_, i) =>
                    formFills(matter.forms[place], i, j, frame.cellWidth, frame.cellHeight));
                const from = filled.indexOf(true);
                if (from >= 0) this.screen.fill(x + from, y + j, filled.lastIndexOf(true) + 1 - from, 1, color);
            }
        });
    }
    #drawPictures(areFront) {
        const { level, world, body } = this.play.stage;
        const { left, top } = this.camera;
        for (const picture of level.pictures) {
            if (picture.isFront !== areFront) continue;
            const alpha = this.#shareOf(picture, isBeyond(picture.fadeLine, this.#bodyBox()));
            const image = this.sheets.of(picture.image);
            if (!image) continue;
            const place = placeOfPicture(picture, image, this.screen, world, left, top);
            const isAcross = picture.fit === "across" || picture.fit === "repeat";
            const isDown = picture.fit === "repeat";
            let x = place.x + picture.scroll * body.tick;
            let { y } = place;
            if (isAcross) x -= Math.ceil(x / place.width) * place.width;
            if (isDown) y -= Math.ceil(y / place.height) * place.height;
            const from = { x: 0, y: 0, width: image.naturalWidth, height: image.naturalHeight };
            const size = { width: roundedAway(place.width), height: roundedAway(place.height) };
            for (let toY = y; toY < this.screen.height; toY += place.height) {
                for (let toX = x; toX < this.screen.width; toX += place.width) {
                    this.screen.copy(image, from, { x: roundedAway(toX), y: roundedAway(toY), ...size }, { alpha });
                    if (!isAcross) break;
                }
                if (!isDown) break;
            }
        }
    }
    #drawFormer() {
        if (!this.#former) return;
        const { picture, transition } = this.#former;
        const share = shareAfter(transition, this.#former.passed++);
        if (share >= 1) return (this.#former = null);
        const isFade = transition.sort === "fade";
        this.screen.pen.globalAlpha = isFade ? 1 - share : 1;
        this.screen.pen.drawImage(
            picture, isFade ? 0 : -Math.trunc(share * this.screen.width), 0, this.screen.width, this.screen.height,
        );
        this.screen.pen.globalAlpha = 1;
    }
    /** Tallies at the left, the level's name and time at the right. */
    #drawCounts(table) {
        const { campaign, state, stage } = this.play;
        const tallies = campaign.rules.tallies
            .map((tally, i) => (tally.isShown ? `${tally.title} ${state.tallies[i]}` : ""))
            .filter(Boolean);
        this.screen.fill(0, 0, this.screen.width, 18, ink.night, 0.67);
        this.screen.words(tallies.join("    "), 6, 3);
        const figure = stage.level.puzzle ? `${table.moves} moves` : `${(state.ticks / 60).toFixed(1)} s`;
        this.screen.words(`${stage.level.title}    ${figure}`, this.screen.width - 6, 3, { align: "right" });
    }
    #drawWords() {
        const { words } = this.play;
        if (!words) return;
        const width = Math.trunc((this.screen.width * 7) / 10);
        const text = textIn(words, this.language);
        const how = { size: 15, align: "center", width: width - 32 };
        const lines = this.screen.words(text, 0, 0, { ...how, isDrawn: false });
        const height = lines + (words.ticks === 0 ? 44 : 26);
        const places = { top: 28, bottom: this.screen.height - height - 20 };
        const y = places[words.at] ?? Math.trunc((this.screen.height - height) / 2);
        const middle = this.screen.width / 2;
        this.screen.fill((this.screen.width - width) / 2, y, width, height, ink.night, 0.92);
        this.screen.words(text, middle, y + 12, how);
        if (words.ticks === 0)
            this.screen.words("Space or a tap goes on", middle, y + height - 18, { color: ink.faint, align: "center" });
    }
}

/** Where a picture lies on the screen, as docs/format-bundle.md says of each fit. */
function placeOfPicture(picture, image, screen, world, left, top) {
    const { parallaxX, parallaxY, fit } = picture;
    let width = image.naturalWidth;
    let height = image.naturalHeight;
    if (fit === "stretch") {
        width = screen.width + (world.widthPx - screen.width) * parallaxX;
        height = screen.height + (world.heightPx - screen.height) * parallaxY;
    }
    if (fit === "repeat" || fit === "stretch") return { x: -left * parallaxX, y: -top * parallaxY, width, height };
    const below = (world.heightPx - top - screen.height) * parallaxY;
    if (fit === "across") return { x: -left * parallaxX, y: below + screen.height - height, width, height };
    return {
        x: (world.widthPx / 2 - left - screen.width / 2) * parallaxX + (screen.width - width) / 2,
        y: (world.heightPx / 2 - top - screen.height / 2) * parallaxY + (screen.height - height) / 2, width, height,
    };
}
