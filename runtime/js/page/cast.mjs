/** How things are drawn: kinds with their sprites, doors, movers, hazards, foes, shots, the player. */
import { isBeaten } from "../parts/world.mjs";
import { frameOf } from "../parts/looks.mjs";
import { ink } from "./canvas.mjs";

const plainLook = {
    sprite: null, scale: 1, quarterTurns: 0, isMirrored: false, isUpsideDown: false, order: "among-cast", place: 0,
};
const unseenRoles = ["spawn", "entry", "trigger", "formation", "turn-mark"];

export class Cast {
    constructor(screen, sheets, play, camera) {
        this.screen = screen;
        this.sheets = sheets;
        this.play = play;
        this.camera = camera;
    }
    get stage() {
        return this.play.stage;
    }
    /** Part of `box` in px of the level. */
    drawKind(kindId, box, isMirrored, alpha = 1, look = plainLook) {
        const kind = this.play.campaign.kinds.get(kindId);
        const place = { ...box, x: box.x - this.camera.left, y: box.y - this.camera.top };
        const sprite = look.sprite ?? kind?.sprite;
        const picture = sprite && this.sheets.of(sprite.sheet);
        if (!picture)
            return this.screen.fill(place.x, place.y, place.width, place.height, kind?.color || "#e0a63a", alpha);
        const turnedOver = isMirrored !== look.isMirrored;
        const [x, y] = frameOf(sprite, this.play.ticks);
        const source = { x, y, width: sprite.width, height: sprite.height };
        const middleX = place.x + Math.trunc(place.width / 2);
        const middleY = place.y + Math.trunc(place.height / 2);
        // Grown and turned about the middle of the box.
        const put = (part, to) =>
            this.screen.copy(
                picture, part,
                {
                    x: middleX + (to.x - middleX) * look.scale, y: middleY + (to.y - middleY) * look.scale,
                    width: to.width * look.scale, height: to.height * look.scale,
                },
                {
                    isMirrored: turnedOver, isUpsideDown: look.isUpsideDown, quarterTurns: look.quarterTurns, alpha,
                    middle: [middleX, middleY],
                },
            );
        if (sprite.place) {
            // Mirrored about the box's middle.
            const dx = turnedOver ? box.width - sprite.place.x - sprite.place.width : sprite.place.x;
            return put(source, { ...sprite.place, x: place.x + dx, y: place.y + sprite.place.y });
        }
        this.#repeat(sprite, source, place, put);
    }
    /** What is much longer than its picture, as a door, repeats it. */
    #repeat(sprite, source, place, put) {
        const isLonger = 10 * place.height * sprite.width > 22 * place.width * sprite.height;
        const isWider = 10 * place.width * sprite.height > 22 * place.height * sprite.width;
        if (!isLonger && !isWider) return put(source, place);
        const across = Math.trunc((place.height * sprite.width) / sprite.height);
        const down = Math.trunc((place.width * sprite.height) / sprite.width);
        const width = isLonger ? place.width : Math.max(1, across);
        const height = isLonger ? Math.max(1, down) : place.height;
        for (let y = 0; y < place.height; y += height)
            for (let x = 0; x < place.width; x += width) {
                const w = Math.min(width, place.width - x);
                const h = Math.min(height, place.height - y);
                const part = {
                    ...source, width: Math.max(1, Math.trunc((source.width * w) / width)),
                    height: Math.max(1, Math.trunc((source.height * h) / height)),
                };
                put(part, { x: place.x + x, y: place.y + y, width: w, height: h });
            }
    }

    /** Those of one order; among them lower places first, then as in the file. */
    drawEntities(order) {
        const { entities } = this.stage.level;
        const places = entities.map((_, i) => i).filter((i) => entities[i].look.order === order);
        places.sort((a, b) => entities[a].look.place - entities[b].look.place || a - b);
        places.forEach((i) => this.#drawEntity(i));
        if (order === "among-cast") this.#drawWhatGoes();
    }
    #drawEntity(i) {
        const { level, body, isTaken } = this.stage;
        const entity = level.entities[i];
        const isMirrored = entity.facing === "left";
        const draw = (box, alpha) => this.drawKind(entity.kind, box, isMirrored, alpha, entity.look);
        const door = level.parts.doors[level.doorEntities.indexOf(i)];
        const mover = level.parts.movers[level.moverEntities.indexOf(i)];
        if (door) {
            const isOpen = door.isOpen(body.held);
            const isDoor = entity.role === "door";
            return draw(entity.box, isDoor && isOpen ? 70 / 255 : !isDoor && !isOpen ? 120 / 255 : 1);
        }
        if (mover) return draw(mover.at(body.tick), 1);
        if (entity.role === "hazard" || entity.role === "foe") return this.#drawHazard(i, draw);
        if (entity.role !== "mover" && !unseenRoles.includes(entity.role) && !isTaken[i]) draw(entity.box, 1);
    }
    /** One that goes about is drawn where it is; one that is on at times is faint while it is off. */
    #drawHazard(place, draw) {
        const { level, body, world } = this.stage;
        if (level.foes.some((foe) => foe.entity === place)) return;
        const at = level.parts.timed.findIndex((hazard) => hazard.entity === place);
        if (at >= 0 && this.#isGone(world.parts.foes.length + at)) return;
        const isOff = at >= 0 && !level.parts.timed[at].times.isOn(body.tick);
        draw(level.entities[place].box, isOff ? 60 / 255 : 1);
    }
    #isGone(what) {
        return isBeaten(this.stage.body.beaten, what, this.stage.body.tick);
    }
    /** Foes, shots and members of formations, in the order of `Level.ways`. */
    #drawWhatGoes() {
        const { level, body } = this.stage;
        let what = 0;
        for (const { entity, way } of level.foes) {
            if (this.#isGone(what++)) continue;
            const box = way.at(body.tick);
            const thing = level.entities[entity];
            this.drawKind(thing.kind, box, way.at(body.tick + 8).x < box.x, 1, thing.look);
        }
        for (const { entity, way } of level.shots)
            if (!this.#isGone(what++) && way.isThere(body.tick)) this.#drawShot(way.at(body.tick), entity);
        for (const { member, memberRole, formation } of level.formations) {
            const kills = memberRole === "foe" || memberRole === "hazard";
            for (let place = 0; place < formation.count; ++place) {
                if (formation.isGap(place) || (kills && this.#isGone(what++))) continue;
                this.drawKind(member, formation.at(place, body.tick), false);
            }
        }
    }
    /** A plain spot in the colour of what threw it. */
    #drawShot(at, entity) {
        const kind = this.play.campaign.kinds.get(this.stage.level.entities[entity].kind);
        const x = at.x - this.camera.left;
        const y = at.y - this.camera.top;
        this.screen.fill(x, y, at.width, at.height, "#f0705a");
        if (at.width > 2 && at.height > 2)
            this.screen.fill(x + 1, y + 1, at.width - 2, at.height - 2, kind?.color || ink.paper);
    }
    /** The player: the picture of the first spawn's kind, standing where the body stands. */
    drawBody(facesLeft) {
        const { level, body } = this.stage;
        const box = level.bodyBox(body.x, body.y);
        const spawn = level.startEntity("");
        if (spawn && this.play.campaign.kinds.get(spawn.kind)?.sprite) {
            const x = box.x + Math.trunc((box.width - spawn.box.width) / 2);
            return this.drawKind(spawn.kind, { ...spawn.box, x, y: box.y + box.height - spawn.box.height }, facesLeft);
        }
        const x = box.x - this.camera.left;
        const y = box.y - this.camera.top;
        this.screen.fill(x, y, box.width, box.height, ink.paper);
        this.screen.frame(x, y, box.width, box.height, ink.teal);
    }
}
