/**
 * Reads a level as it is exported: its cells, layers, entities, zones, tables and parts. The same as
 * rook_runtime.hpp and the headers that it loads. All functions throw `LoadError`.
 */
import {
    checkHeader, eachOf, isObject, listOf, memberOf, namedOf, numberOf, numbersOf, pairsOf, pathOf, placeIn, refuse,
    rowsOf, textOf, textsOf, wholeOf, yesOf,
} from "./checked.mjs";
import { behaviourNames, edgeRuleNames, formNames, plainFrame, roundedAway } from "./shapes.mjs";
import { beginWithCarried, MotionTables, Mover, Parts, Way } from "./tables.mjs";
import { World } from "./world.mjs";
import { Body, bodyAt, Stance } from "./stepper.mjs";
import { Formation, formationShapeNames, Gait, gaitNames, maxPatrolTicks, paceOf, patrolOf, plainPatrol, shotsOf } from "./patrol.mjs";
import { readFadeLine, readLook, readTransition } from "./looks.mjs";
import { readParts } from "./level_parts.mjs";
import { readInputs, readMotion } from "./motion_reader.mjs";
import { readPuzzle } from "./puzzle_reader.mjs";
import { readLevelRules, readTexts } from "./rules_reader.mjs";

const farPx = 16384 * 512;
const farZone = 1 << 26;

/** A level in memory, ready to be played. */
export class Level {
    frame = plainFrame(1, 1);
    matter = { names: [], behaviours: [], colors: [], cells: new Uint32Array(), forms: new Uint32Array() };
    /** `Uint8Array` of the behaviour of each cell, row by row. */
    behaviours = new Uint8Array();
    layers = [];
    pictures = [];
    entities = [];
    zones = [];
    /** {entity, way} of those on patrol, and of all shots that may be under way at once. */
    foes = [];
    shots = [];
    /** {entity, member, memberRole, formation}. */
    formations = [];
    motion = new MotionTables();
    profiles = [];
    parts = new Parts();
    /** Ids of the entities that `parts.gains` stands for. */
    gainIds = [];
    /** Places in `entities` of those that `parts` holds, in its order. */
    doorEntities = [];
    moverEntities = [];
    springEntities = [];
    proof = null;
    kit = null;
    puzzle = null;
    texts = [];
    arrivesAtAny = false;
    carried = { granted: 0, inHand: 0 };

    /** A cell, as `World` asks for it. */
    at(column, row) {
        const place = row * this.frame.columns + column;
        return { behaviour: this.behaviours[place], form: this.matter.forms[place] };
    }
    /** Begins with these in hand: changes `motion` and `parts`, of which no world may exist yet. */
    beginWith(inHand) {
        if (this.carried.granted === 0) return;
        this.motion.abilities = this.listed;
        this.parts.gains.forEach((gain, i) => (gain.grants = this.grants[i] ?? gain.grants));
        beginWithCarried({ granted: this.carried.granted, inHand }, this.motion, this.parts);
    }
    spawns() {
        return this.entities.filter((entity) => entity.role === "spawn");
    }
    /** All that goes about and kills: foes on patrol, shots, members of deadly formations. */
    ways() {
        const list = [...this.foes, ...this.shots].map(({ way, entity }) => new Way({ ...way, entity }));
        for (const { entity, memberRole, formation } of this.formations) {
            if (memberRole !== "foe" && memberRole !== "hazard") continue;
            for (let place = 0; place < formation.count; ++place) {
                if (formation.isGap(place)) continue;
                const way = formation.wayOf(place);
                way.canBeBeaten = memberRole === "foe";
                way.entity = entity;
                list.push(way);
            }
        }
        return list;
    }
    /** What it asks for, by the rules of its game. */
    rulesOf(game) {
        const hasExits = this.entities.some((entity) => entity.role === "exit");
        const countOf = (kind) => this.entities.filter((entity) => entity.kind === kind).length;
        return readLevelRules(this.file, game, hasExits, countOf, this.id);
    }
    /** False on boards of pieces and of slots: nobody is moved by `step` there. */
    isSteppable() {
        return !this.kit && !this.puzzle;
    }
    /** The world of this level, with all that goes about unless `withFoes` is false. */
    world(withFoes = true) {
        return new World(this.frame, this, this.motion, new Parts({ ...this.parts, foes: withFoes ? this.ways() : [] }));
    }
    /** The zone that holds the middle of a box, the first if several do; null if none does. */
    zoneAt(box) {
        const x = box.x + Math.trunc(box.width / 2);
        const y = box.y + Math.trunc(box.height / 2);
        const holds = ({ box: zone }) =>
            x >= zone.x && x < zone.x + zone.width && y >= zone.y && y < zone.y + zone.height;
        return this.zones.find(holds) ?? null;
    }
    /** The spawn or entry of that id, else the first spawn; null if there is none. */
    startEntity(name) {
        const isIt = (entity) => entity.id === name && (entity.role === "spawn" || entity.role === "entry");
        return (name !== "" && this.entities.find(isIt)) || this.spawns()[0] || null;
    }
    /** A body at that start, with these held; ended if there is none or it has no room. */
    start(world, name = "", held = 0n) {
        const entity = this.startEntity(name);
        return entity ? bodyAt(entity.box, world, this.motion, held) : new Body({ stance: Stance.ended });
    }
    bodyBox(x, y) {
        return { x, y, width: this.motion.bodyWidth, height: this.motion.bodyHeight };
    }
}

function boxOf(value, low, where) {
    return {
        x: wholeOf(value, "x", -farPx, farPx, where), y: wholeOf(value, "y", -farPx, farPx, where),
        width: wholeOf(value, "width", low, farPx, where), height: wholeOf(value, "height", low, farPx, where),
    };
}

/** Where an exit leads; an empty level = the end. */
export function readTarget(value, where) {
    if (value === null) return { level: "", entry: "" };
    return { level: textOf(value, "level", where), entry: textOf(value, "entry", where) };
}

function readEntity(value, where) {
    const entity = {
        id: textOf(value, "id", where), kind: textOf(value, "kind", where), role: textOf(value, "role", where),
        box: boxOf(value, 1, where), facing: textOf(value, "facing", where, ""), fields: value.fields ?? {},
        to: { level: "", entry: "" }, transition: readTransition(null, where), look: readLook(value, where),
        whole: value,
    };
    if (Object.hasOwn(value, "to")) {
        entity.to = readTarget(value.to, `${where}.to`);
        entity.transition = readTransition(value.to, `${where}.to`);
    }
    return entity;
}

function readMatter(file, level, name) {
    const where = `${name}: matter`;
    const matter = memberOf(file, "matter", name);
    const names = textsOf(matter, "names", where, true);
    const behaviours = textsOf(matter, "behaviours", where, true).map((each) => placeIn(behaviourNames, each, where));
    if (names.length === 0 || names.length > 4096 || names.length !== behaviours.length)
        refuse("There should be as many names as behaviours, 1 to 4096", where);
    const forms = textsOf(matter, "formNames", where, true).map((each) => placeIn(formNames, each, where));
    if (forms.length === 0) refuse("There are no forms", `${where}.formNames`);
    const { columns, rows } = level.frame;
    const cells = rowsOf(matter, "cells", columns, rows, names.length - 1, where);
    const formRows = rowsOf(matter, "forms", columns, rows, forms.length - 1, where).map((each) => forms[each]);
    level.matter = { names, behaviours, colors: textsOf(matter, "colors", where), cells, forms: formRows };
    level.behaviours = Uint8Array.from(cells, (each) => behaviours[each]);
    const oneWay = behaviourNames.indexOf("one-way");
    if (formRows.some((form, i) => form > formNames.indexOf("upper-half") && level.behaviours[i] === oneWay))
        refuse("One-way matter takes the forms full, lower-half and upper-half only", `${where}.forms`);
}

function readLayer(value, level, where) {
    const { columns, rows } = level.frame;
    const tile = numbersOf(value, "tile", 1, 16384, 2, where);
    if (tile.length !== 2) refuse("tile should hold width and height", where);
    return {
        name: textOf(value, "name", where), role: textOf(value, "role", where), sheet: pathOf(value, "sheet", where),
        tileWidth: tile[0], tileHeight: tile[1], columns: wholeOf(value, "columns", 1, 65536, where),
        opacity: numberOf(value, "opacity", 100, where), fades: value.fades === true,
        fadeLine: readFadeLine(value, where),
        /** 0 = empty, n = tile n - 1 of the sheet; row by row. */
        tiles: rowsOf(value, "tiles", columns, rows, 65536, where),
        /** 1 = mirrored, 2 = upside down, 3 = both; null if no tile is. */
        flips: Object.hasOwn(value, "flips") ? rowsOf(value, "flips", columns, rows, 3, where) : null,
        animations: eachOf(value, "animations", where, (each, at) => ({
            tile: wholeOf(each, "tile", 1, 65536, at), ticks: wholeOf(each, "ticks", 1, 3600, at),
            frames: numbersOf(each, "frames", 1, 65536, 64, at),
        })),
    };
}

/** The tile of a layer to draw in that tick; 0 = empty. */
export function tileOf(layer, place, tick) {
    const tile = layer.tiles[place];
    const animation = layer.animations.find((each) => each.tile === tile);
    return animation ? animation.frames[Math.trunc(tick / animation.ticks) % animation.frames.length] : tile;
}

function readPicture(value, where) {
    const parallax = Array.isArray(value.parallax) && value.parallax.every(Number.isFinite) ? value.parallax : [1, 1];
    return {
        image: pathOf(value, "image", where), fit: textOf(value, "fit", where),
        isFront: textOf(value, "role", where) === "front", parallaxX: parallax[0] ?? 1, parallaxY: parallax[1] ?? 1,
        scroll: numberOf(value, "scroll", 0, where), opacity: numberOf(value, "opacity", 100, where),
        fadeLine: readFadeLine(value, where),
    };
}

function readZone(value, where) {
    const at = (object, key, low = -farZone) => wholeOf(object, key, low, farZone, where);
    const camera = memberOf(value, "camera", where);
    const left = at(camera, "left");
    const top = at(camera, "top");
    return {
        id: textOf(value, "id", where), name: textOf(value, "name", where),
        box: { x: at(value, "x"), y: at(value, "y"), width: at(value, "width", 1), height: at(value, "height", 1) },
        camera: {
            x: left, y: top, width: at(camera, "right", left + 1) - left, height: at(camera, "bottom", top + 1) - top,
        },
        theme: textOf(value, "theme", where, ""), music: textOf(value, "music", where, ""),
        entries: eachOf(value, "entries", where, (entry, place) => ({
            x: at(entry, "x"), y: at(entry, "y"), from: textOf(entry, "from", place),
        })),
        neighbours: textsOf(value, "neighbours", where), onEnter: textsOf(value, "onEnter", where),
        onLeave: textsOf(value, "onLeave", where), transition: readTransition(value, where), whole: value,
    };
}

function readMover(value, where) {
    const mover = new Mover({
        width: wholeOf(value, "width", 1, farPx, where), height: wholeOf(value, "height", 1, farPx, where),
        periodTicks: wholeOf(value, "periodTicks", 1, 36000, where), track: pairsOf(value, "track", -farPx, farPx, where),
        way: isObject(value) && value.way ? pairsOf(value, "way", -farPx, farPx, where) : [],
    });
    const { track, way } = mover;
    if (track.length === 0 || track[0].join() !== track.at(-1).join())
        refuse("A track should end where it begins", `${where}.track`);
    if (way.length > 0 && way.length !== mover.periodTicks)
        refuse("A way should hold one corner a tick of the period", `${where}.way`);
    const isStraight = track.every(([x, y], i) => i === 0 || x === track[i - 1][0] || y === track[i - 1][1]);
    if (way.length === 0 && !isStraight)
        refuse("The legs of a track should go straight across or straight up and down", `${where}.track`);
    return mover;
}

/** The way of a foe as it was written. */
function readFoeWay(value, box, where) {
    const corners = pairsOf(value, "way", -farPx, farPx, where);
    if (corners.length === 0 || corners.length > maxPatrolTicks + 1)
        refuse("A way has 1 to 36,001 corners", `${where}.way`);
    return new Way({
        corners, loopFrom: wholeOf(value, "loopFrom", 0, corners.length - 1, where), width: box.width,
        height: box.height, canBeBeaten: true,
    });
}

function readFoe(value, entity, doors, level, where) {
    const data = memberOf(value, "patrol", where);
    const thing = level.entities[entity];
    const patrol = plainPatrol(thing.box);
    patrol.gait = namedOf(data, "gait", gaitNames, where);
    patrol.pace = paceOf(roundedAway(numberOf(data, "speed", 0.5, where) * 1000));
    patrol.startsLeft = thing.facing === "left";
    patrol.turnsAtEdges = yesOf(data, "turnsAtEdges", true, where);
    if (Object.hasOwn(data, "turnsAt")) patrol.turnsAt = numbersOf(data, "turnsAt", -farZone, farZone, 64, where);
    if (patrol.gait === Gait.flies) {
        patrol.track = readMover(value, where);
        patrol.track.width = thing.box.width;
        patrol.track.height = thing.box.height;
    }
    // Who stands still by a timetable is among the hazards.
    if (patrol.gait === Gait.still && Object.hasOwn(value, "timetable")) return;
    if (Object.hasOwn(value, "loopFrom")) {
        level.foes.push({ entity, way: readFoeWay(value, thing.box, where) });
        return;
    }
    patrol.marks = level.entities.filter((each) => each.role === "turn-mark").map((each) => each.box);
    level.foes.push({ entity, way: patrolOf(level.frame, level, level.motion, patrol, doors) });
}

function readThrower(value, entity, doors, level, where) {
    const data = memberOf(value, "thrower", where);
    const shot = memberOf(data, "shot", where);
    const everyTicks = wholeOf(data, "every", 1, 36000, where);
    const pace = (key) => {
        const px = numberOf(shot, key, 0, where);
        if (px < -64 || px > 64) refuse("A shot goes at most 64 px a tick", `${where}.thrower.shot.${key}`);
        return roundedAway(px * 1000);
    };
    const thrower = {
        box: level.entities[entity].box, everyTicks, first: wholeOf(data, "first", 0, everyTicks - 1, where),
        shotWidth: wholeOf(shot, "width", 1, 512, where), shotHeight: wholeOf(shot, "height", 1, 512, where),
        lifeTicks: wholeOf(shot, "life", 1, 3600, where), dx: pace("dx"), dy: pace("dy"),
    };
    for (const way of shotsOf(level.frame, level, thrower, doors)) level.shots.push({ entity, way });
}

function readFormation(value, entity, level, where) {
    const data = memberOf(value, "formation", where);
    const { box } = level.entities[entity];
    const width = wholeOf(data, "memberWidth", 1, 4096, where);
    const height = wholeOf(data, "memberHeight", 1, 4096, where);
    const shift = Object.hasOwn(data, "shift") ? numbersOf(data, "shift", -farZone, farZone, 2, where) : [0, 0];
    if (shift.length !== 2) refuse("shift should hold two numbers", where);
    level.formations.push({
        entity, member: textOf(data, "member", where), memberRole: textOf(data, "memberRole", where),
        formation: new Formation({
            middle: {
                x: box.x + Math.trunc((box.width - width) / 2), y: box.y + Math.trunc((box.height - height) / 2), width,
                height,
            },
            shape: formationShapeNames[namedOf(data, "shape", formationShapeNames, where)],
            count: wholeOf(data, "count", 1, 256, where), distance: wholeOf(data, "distance", 0, 4096, where),
            periodTicks: wholeOf(data, "periodTicks", 0, 36000, where),
            columns: wholeOf(data, "columns", 1, 256, where, 4), arcDegrees: wholeOf(data, "arcDegrees", 1, 360, where, 180),
            isClockwise: yesOf(data, "clockwise", true, where),
            gaps: Object.hasOwn(data, "gaps") ? numbersOf(data, "gaps", 0, 255, 256, where) : [],
            shiftX: shift[0], shiftY: shift[1],
        }),
    });
}

function readKit(file, name) {
    const kit = memberOf(file, "kit", name);
    const module = listOf(kit, "module", `${name}: kit`);
    const solids = eachOf(file, "solids", name, (solid, where) => ({
        piece: wholeOf(solid, "piece", 0, 0x7fffffff, where, 0),
        solid: wholeOf(solid, "solid", 0, 0x7fffffff, where, 0), sort: textOf(solid, "sort", where),
        up: textOf(solid, "up", where, ""), from: listOf(solid, "from", where), to: listOf(solid, "to", where),
    }), true);
    const walk = file.walk ?? null;
    return {
        name: textOf(kit, "name", `${name}: kit`), width: module[0], depth: module[1], storey: kit.storey, solids,
        exit: walk ? textOf(walk, "exit", `${name}: walk`) : "",
        /** [column, row, storey], module by module. */
        way: walk ? readModules(walk, `${name}: walk`) : [],
    };
}
export function readModules(walk, where) {
    return eachOf(walk, "way", where, (module, at) => {
        if (!Array.isArray(module) || module.length !== 3 || !module.every(Number.isInteger))
            refuse("A module is [x, y, storey]", at);
        return module;
    }, true);
}

function readFrame(file, name) {
    const cell = memberOf(file, "cell", name);
    const size = memberOf(file, "size", name);
    const frame = plainFrame(
        wholeOf(size, "columns", 1, 16384, name), wholeOf(size, "rows", 1, 16384, name),
        wholeOf(cell, "width", 1, 512, name), wholeOf(cell, "height", 1, 512, name),
    );
    for (const side of Object.keys(frame.edges))
        if (isObject(file.edges) && Object.hasOwn(file.edges, side))
            frame.edges[side] = namedOf(file.edges, side, edgeRuleNames, `${name}: edges`);
    return frame;
}

function readProof(file, level, name) {
    if (!isObject(file.proof) || !Object.hasOwn(file.proof, "inputs")) return;
    level.proof = { exit: file.proof.exit ?? "", inputs: readInputs(file.proof, `${name}: proof`) };
}

/** What the game carries, as far as the level is concerned. */
function readCarried(file, level, name, abilitiesOf) {
    level.listed = level.motion.abilities;
    level.grants = level.parts.gains.map((gain) => gain.grants);
    if (!Object.hasOwn(file, "carried")) return;
    const read = (key) => abilitiesOf(listOf(file.carried, key, `${name}: carried`), `${name}: carried.${key}`);
    level.carried = { granted: read("granted"), inHand: read("assumed") };
    level.beginWith(level.carried.inHand);
}

function readWhatGoes(file, level, name) {
    eachOf(file, "movers", name, (value, where) => {
        level.parts.movers.push(readMover(value, where));
        const id = textOf(value, "id", where);
        const place = level.entities.findIndex((entity) => entity.id === id);
        if (place < 0) refuse(`There is no entity "${id}"`, where);
        level.moverEntities.push(place);
    });
    const doors = level.entities.filter((entity) => entity.role === "door").map((entity) => entity.box);
    level.entities.forEach(({ whole }, i) => {
        const where = `${name}: entities[${i}]`;
        if (Object.hasOwn(whole, "patrol")) readFoe(whole, i, doors, level, where);
        if (Object.hasOwn(whole, "thrower")) readThrower(whole, i, doors, level, where);
        if (Object.hasOwn(whole, "formation")) readFormation(whole, i, level, where);
    });
}

/**
 * A level of its file, which `unpackRows` has seen; `name` stands in messages.
 * @param {object} file @param {string} name @returns {Level}
 */
export function readLevel(file, name) {
    checkHeader(file, "rookplot-level", name);
    const level = new Level();
    level.file = file;
    level.id = textOf(file, "id", name);
    level.title = textOf(file, "title", name);
    level.kind = textOf(file, "kind", name);
    level.message = textOf(file, "message", name, "");
    level.backgroundColor = isObject(file.background) ? textOf(file.background, "color", name, "") : "";
    level.backgroundBelow = isObject(file.background) ? textOf(file.background, "below", name, "") : "";
    level.frame = readFrame(file, name);
    readMatter(file, level, name);
    level.motion.fromAbove = level.kind === "above";
    readMotion(file, level, name);
    level.entities = eachOf(file, "entities", `${name}: `, readEntity, true);
    level.layers = eachOf(file, "layers", name, (value, where) => readLayer(value, level, where));
    level.zones = eachOf(file, "zones", name, readZone);
    level.pictures = eachOf(file, "pictures", name, readPicture);
    const abilitiesOf = readParts(file, level, name);
    if (Object.hasOwn(file, "kit")) level.kit = readKit(file, name);
    if (file.puzzle) level.puzzle = readPuzzle(file.puzzle, `${name}: puzzle`);
    readWhatGoes(file, level, name);
    readProof(file, level, name);
    readCarried(file, level, name, abilitiesOf);
    level.arrivesAtAny = textOf(file, "arrives", name, "") === "any";
    level.texts = readTexts(file, name);
    return level;
}
