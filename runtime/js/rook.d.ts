/** Types of rook.mjs. Units: px and ticks, 60 a second; y grows downwards. */

export interface Box { x: number; y: number; width: number; height: number }
/** Edges are values of `EdgeRule`. */
export interface Frame {
    columns: number; rows: number; cellWidth: number; cellHeight: number;
    edges: { left: number; right: number; top: number; bottom: number };
}
/** `behaviour` is a value of `Behaviour`, `form` a place in `formNames`. */
export interface CellSource { at(column: number, row: number): { behaviour: number; form: number } }

export const behaviourNames: readonly string[];
export const Behaviour: Readonly<Record<"open" | "solid" | "oneWay" | "ladder" | "liquid" | "deadly", number>>;
export const formNames: readonly string[];
export const edgeRuleNames: readonly string[];
export const EdgeRule: Readonly<Record<"wall" | "open" | "deadly", number>>;
export function formFills(form: number, i: number, j: number, width: number, height: number): boolean;
export function overlaps(a: Box, b: Box): boolean;
export function plainFrame(columns: number, rows: number, cellWidth?: number, cellHeight?: number): Frame;
export function halfOf(px: number): number;
export function roundedAway(number: number): number;

export const abilityNames: readonly string[];
/** Bits of a set of abilities. */
export const Ability: Readonly<Record<
    "shortHop" | "airJump" | "wallJump" | "coyote" | "dropThrough" | "climb" | "swim" | "untouchable" | "beatsFoes", number>>;
export const swappedBit: bigint;
export const mostTimers: number;
export const nowhere: number;
export function bitOf(place: number): bigint;

export class PhaseTable {
    constructor(values?: Partial<PhaseTable>);
    dx: number[]; dy: number[]; loopFrom: number; topPhase: number;
    phaseAfter(phase: number): number;
    phaseAfterLettingGo(phase: number): number;
    totalRise(): number;
}
export class MotionTables extends PhaseTable {
    constructor(values?: Partial<MotionTables>);
    bodyWidth: number; bodyHeight: number; abilities: number;
    walk: number[]; climb: number[]; swim: number[]; diagonal: number[];
    stepUp: number; coyoteTicks: number; airJumps: number; wallPushTicks: number;
    fromAbove: boolean; hasEvenDiagonal: boolean; others: MotionTables[]; swapsWith: number;
    has(ability: number): boolean;
}
export function tablesOf(own: MotionTables, profile: number): MotionTables;
export function listedAnywhere(own: MotionTables): number;
export function mostGains(own: MotionTables): number;

export class Gain {
    constructor(values: Partial<Gain> & { box: Box });
    box: Box; grants: number; lastsTicks: number; keeps: Box; takes: number; movesAs: number;
    wantsUse: boolean; isShutting: boolean; after: bigint;
    isLocal(): boolean;
    isTimed(): boolean;
}
export class Door {
    constructor(values: Partial<Door> & { box: Box });
    box: Box; needs: bigint; isShutForGood: boolean; shutBy: bigint;
    isOpen(held: bigint): boolean;
}
export class Spring {
    constructor(values: Partial<Spring> & { box: Box; high: PhaseTable; low: PhaseTable });
    box: Box; high: PhaseTable; low: PhaseTable; pushDx: number; others: [PhaseTable, PhaseTable][];
    flight(profile: number, isHigh: boolean): PhaseTable;
}
export class Mover {
    constructor(values: Partial<Mover>);
    width: number; height: number; track: [number, number][]; periodTicks: number; way: [number, number][];
    readonly lengthPx: number;
    isMoving(): boolean;
    passIn(tick: number, visit: (box: Box) => boolean): void;
    at(tick: number): Box;
}
export class Timetable {
    constructor(periodTicks?: number, on?: [number, number][]);
    periodTicks: number; on: [number, number][];
    isOn(tick: number): boolean;
}
export class Way {
    constructor(values?: Partial<Way>);
    corners: [number, number][]; loopFrom: number; width: number; height: number;
    canBeBeaten: boolean; entity: number; madeAt: number;
    comesAgainAfter(tick: number): number;
    at(tick: number): Box;
    periodTicks(): number;
    isThere(tick: number): boolean;
}
export interface TimedHazard { box: Box; times: Timetable; canBeBeaten: boolean; entity: number }
export class Parts {
    constructor(values?: Partial<Parts>);
    deadly: Box[]; closed: Box[]; gains: Gain[]; doors: Door[]; springs: Spring[]; movers: Mover[];
    timed: TimedHazard[]; foes: Way[];
}
export function doorShutsOn(parts: Parts, box: Box, held: bigint, without: bigint): boolean;
export function makeOneWay(parts: Parts, dx: number, dy: number): void;
export function openOnApproach(parts: Parts, ticks: number, wantsUse?: boolean): void;
export function shutAfter(parts: Parts, held: bigint): void;
export function openForATime(parts: Parts, box: Box, ticks: number): void;
export function marginsOf(frame: Frame, tables: MotionTables, springs: Spring[]): {
    left: number; right: number; top: number; bottom: number;
};
export function beginWithCarried(carried: { granted: number; inHand: number }, tables: MotionTables, parts: Parts): void;

/** Until which tick the foe or shot `what` is gone; -1 = for good. */
export interface Beaten { what: number; until: number }
export interface Moment { held: bigint; tick: number; abilities: number; beaten: Beaten[] | null }
export function isBeaten(beaten: Beaten[], what: number, tick: number): boolean;
export class World {
    constructor(frame: Frame, cells: CellSource, tables: MotionTables, parts: Parts);
    readonly frame: Frame; readonly parts: Parts; readonly widthPx: number; readonly heightPx: number;
    abilitiesWith(held: bigint): number;
    momentOf(held: bigint, tick: number): Moment;
    profileOf(held: bigint): number;
    isFree(x: number, y: number, now: Moment): boolean;
    isLive(x: number, y: number, now: Moment): boolean;
    hasFloor(x: number, y: number, now: Moment): boolean;
    hasFixedFloor(x: number, y: number, now: Moment): boolean;
    hasLadderTop(x: number, y: number): boolean;
    meetsLadder(x: number, y: number): boolean;
    meetsLiquid(x: number, y: number): boolean;
    springUnder(x: number, y: number): number;
    moverUnder(x: number, y: number, tick: number): number;
    gainsAt(x: number, y: number, isUsing?: boolean): bigint;
}

export const Stance: Readonly<Record<"standing" | "airborne" | "climbing" | "swimming" | "sprung" | "ended", number>>;
export const Button: Readonly<Record<"jump" | "letGo" | "drop" | "takeHold" | "swap" | "use", number>>;
export interface Input { dx: number; dy: number; buttons: number }
export class Body {
    constructor(values?: Partial<Body>);
    x: number; y: number; stance: number; phase: number; table: number; airJumps: number; coyoteTicks: number;
    push: number; spring: number; held: bigint; ticksLeft: number[]; beaten: Beaten[]; tick: number;
    copy(): Body;
}
export function bodyAt(start: Box, world: World, own: MotionTables, held?: bigint): Body;
export function step(world: World, tables: MotionTables, body: Body, input: Input, pass?: (x: number, y: number) => void): void;

export const gaitNames: readonly string[];
export const Gait: Readonly<Record<"still" | "walks" | "hangs" | "flies", number>>;
export const patrolFlawNames: readonly string[];
export const PatrolFlaw: Readonly<Record<"none" | "noRoom" | "dies" | "keepsOff" | "noHold" | "tooLong", number>>;
export const maxPatrolTicks: number;
export interface Patrol {
    box: Box; gait: number; pace: number[]; startsLeft: boolean; turnsAtEdges: boolean; turnsAt: number[]; marks: Box[]; track: Mover;
}
export function paceOf(thousandths: number): number[];
export function plainPatrol(box: Box): Patrol;
export function patrolOf(frame: Frame, cells: CellSource, player: MotionTables, patrol: Patrol, doors?: Box[]): Way & { flaw: number };
export const formationShapeNames: readonly string[];
export class Formation {
    constructor(values?: Partial<Formation>);
    middle: Box; shape: string; count: number; gaps: number[]; distance: number; columns: number; arcDegrees: number;
    periodTicks: number; isClockwise: boolean; shiftX: number; shiftY: number;
    isGap(place: number): boolean;
    at(place: number, tick: number): Box;
    wayOf(place: number): Way;
}
export interface Thrower {
    box: Box; everyTicks: number; first: number; shotWidth: number; shotHeight: number; dx: number; dy: number; lifeTicks: number;
}
export function shotsOf(frame: Frame, cells: CellSource, thrower: Thrower, doors?: Box[]): Way[];

export const jumpBuffer: number;
export class PlayerKeys {
    left: boolean; right: boolean; up: boolean; down: boolean; jump: boolean; use: boolean;
    jumpBufferTicks: number; swapBufferTicks: number;
}
export function inputOf(keys: PlayerKeys, body: Body, world: World, tables: MotionTables): Input;
export function heldForGood(parts: Parts): bigint;
export function beatenForGood(beaten: Beaten[]): Beaten[];
export function beatenSince(before: Beaten[], after: Beaten[], parts: Parts): number[];

export interface PuzzleSlot {
    state: "plain" | "blocked" | "gone" | "locked"; tally: number; price: number; stack: number[]; next: number[];
    column: number; row: number; centre: [number, number]; corner: [number, number]; marks: string[]; outline: [number, number][];
}
export interface PuzzleCounter {
    id: string; kind: string; turn: number; slot: number; cells: [number, number][]; slides: number; pushes: boolean; isPushed: boolean;
}
export interface PuzzleBoard {
    rule: "none" | "slide" | "push" | "pour" | "gather"; columns: number; rows: number; directions: number;
    slots: PuzzleSlot[]; counters: PuzzleCounter[]; tallies: number[]; queue: number[][]; capacity: number; collect: number;
    slidesFar: boolean; isOnlyNear: boolean; goalTally: number; goalCount: number; targets: number[]; fits: boolean[];
    goals: { counter: number; marked: boolean[] }[];
}
export interface PuzzleState { at: number[]; stacks: number[][]; isOpen: boolean[]; isPut: number; tallies: number[] }
export type PuzzleMove =
    | { sort: "step"; counter: number; direction: number; distance: number; to?: number }
    | { sort: "pour"; from: number; to: number }
    | { sort: "put" | "open"; to: number };
export interface PuzzleLevel {
    board: PuzzleBoard; arrangement: string; slotWidth: number; slotHeight: number; verdict: string; solution: PuzzleMove[];
    colors: { name: string; title: string; color: string }[]; tallies: string[]; park: number[];
}
export function puzzleBeginning(board: PuzzleBoard): PuzzleState;
export function copyOfPuzzle(state: PuzzleState): PuzzleState;
export function slotsUnder(board: PuzzleBoard, state: PuzzleState, counter: number): number[];
export function isPuzzleMet(board: PuzzleBoard, state: PuzzleState): boolean;
export function puzzleMovesOf(board: PuzzleBoard, state: PuzzleState): PuzzleMove[];
export function applyMove(board: PuzzleBoard, state: PuzzleState, move: PuzzleMove): boolean;
export function puzzleOutcome(board: PuzzleBoard, state: PuzzleState): "won" | "lost" | "goes-on";

export interface TallyRule {
    name: string; title: string; start: number; least: number; most: number; isShown: boolean; isOfLevel: boolean;
    every: { step: number; tally: number; add: number }[];
}
export interface GameRules { tallies: TallyRule[]; lives: number; carriesAbilities: boolean; carriesKeys: boolean }
export interface GoalRule {
    sort: "collect" | "defeat" | "tally" | "survive" | "within"; kind: string; count: number; tally: number; atLeast: number;
    ticks: number; isNeeded: boolean; words: string;
}
export interface LevelRules { goals: GoalRule[]; hasExits: boolean; beginsAgain: boolean }
export class GameState {
    constructor(rules: GameRules);
    tallies: number[]; ticks: number; taken: Map<string, number>; beaten: Map<string, number>; abilities: number; keys: Set<string>;
    copy(): GameState;
}
export function plainRules(): GameRules;
export function tallyOf(rules: GameRules, name: string): number;
export function arrive(rules: GameRules, state: GameState): void;
export function addToTally(rules: GameRules, state: GameState, place: number, amount: number): void;
export function countThing(rules: GameRules, state: GameState, counts: Map<string, number>, kind: string, tally: number, amount: number): void;
export function holdsGoal(goal: GoalRule, state: GameState): boolean;
export function firstMissing(level: LevelRules, state: GameState): GoalRule | null;
export function mayWin(level: LevelRules, state: GameState): boolean;
export function endTick(level: LevelRules, state: GameState): "goes-on" | "won" | "lost";
export function die(rules: GameRules, level: Pick<LevelRules, "beginsAgain">, state: GameState): "goes-on" | "begins-again" | "game-over";
export function spawnOf(seed: number | bigint, k: number, count: number): number;

/** What is wrong with a file, in one sentence. */
export class LoadError extends Error {}

export interface Transition { sort: "cut" | "slide" | "fade"; ticks: number }
export interface FadeLine { beyond: "left" | "right" | "up" | "down"; at: number; ticks: number }
export interface Sprite {
    sheet: string; frames: [number, number][]; ticks: number; width: number; height: number; place: Box | null;
}
export interface Look {
    sprite: Sprite | null; scale: number; quarterTurns: number; isMirrored: boolean; isUpsideDown: boolean;
    order: "among-cast" | "behind-masses" | "before-front"; place: number;
}
export const transitionNames: readonly string[];
export const faintest: number;
export function fadedOn(share: number, fades: boolean, ticks: number): number;
export function frameOf(sprite: Sprite, tick: number): [number, number];
export function isBeyond(line: FadeLine | null, body: Box): boolean;
export function shareAfter(transition: Transition, passed: number): number;

export interface Target { level: string; entry: string }
export interface Entity {
    id: string; kind: string; role: string; box: Box; facing: string; fields: Record<string, unknown>; to: Target;
    transition: Transition; look: Look; whole: Record<string, any>;
}
export interface Layer {
    name: string; role: string; sheet: string; tileWidth: number; tileHeight: number; columns: number; opacity: number;
    fades: boolean; fadeLine: FadeLine | null; tiles: Uint32Array; flips: Uint32Array | null;
    animations: { tile: number; ticks: number; frames: number[] }[];
}
export interface Picture {
    image: string; fit: "repeat" | "across" | "stretch" | "once"; isFront: boolean; parallaxX: number; parallaxY: number;
    scroll: number; opacity: number; fadeLine: FadeLine | null;
}
export interface Zone {
    id: string; name: string; box: Box; camera: Box; theme: string; music: string;
    entries: { x: number; y: number; from: string }[]; neighbours: string[]; onEnter: string[]; onLeave: string[]; transition: Transition;
}
export interface ShownText { id: string; when: string; text: string; at: string; ticks: number; in: Map<string, string> }
/** [column, row, storey] */
export type KitModule = [number, number, number];
export class Level implements CellSource {
    id: string; title: string; kind: string; message: string; backgroundColor: string; backgroundBelow: string; frame: Frame;
    matter: { names: string[]; behaviours: number[]; colors: string[]; cells: Uint32Array; forms: Uint32Array };
    layers: Layer[]; pictures: Picture[]; entities: Entity[]; zones: Zone[];
    foes: { entity: number; way: Way }[]; shots: { entity: number; way: Way }[];
    formations: { entity: number; member: string; memberRole: string; formation: Formation }[];
    motion: MotionTables; profiles: string[]; parts: Parts; gainIds: string[];
    doorEntities: number[]; moverEntities: number[]; springEntities: number[];
    proof: { exit: string; inputs: Input[] } | null;
    kit: { name: string; width: number; depth: number; storey: number; solids: object[]; exit: string; way: KitModule[] } | null;
    puzzle: PuzzleLevel | null; texts: ShownText[]; arrivesAtAny: boolean;
    at(column: number, row: number): { behaviour: number; form: number };
    beginWith(inHand: number): void;
    spawns(): Entity[];
    ways(): Way[];
    rulesOf(game: GameRules): LevelRules;
    isSteppable(): boolean;
    world(withFoes?: boolean): World;
    zoneAt(box: Box): Zone | null;
    startEntity(name: string): Entity | null;
    start(world: World, name?: string, held?: bigint): Body;
    bodyBox(x: number, y: number): Box;
}
export function readLevel(file: object, name: string): Level;
export function tileOf(layer: Layer, place: number, tick: number): number;
export function textIn(shown: ShownText, language: string): string;

export interface CampaignLevel { id: string; title: string; file: string; message: string; next: string; exits: Map<string, Target> }
export interface Campaign {
    name: string; levels: CampaignLevel[]; rules: GameRules; start: Target; texts: ShownText[];
    screens: { width: number; height: number }[];
    chain: { verdict: string; sentence: string; runs: { level: string; entry: string; exit: string; inputs: Input[]; way: KitModule[] }[] };
    kinds: Map<string, { id: string; title: string; role: string; color: string; sprite: Sprite | null }>;
}
export class Bundle {
    constructor(campaign: Campaign, files: Map<string, object>);
    campaign: Campaign;
    level(id: string): Level;
}
export function openBundle(read: (path: string) => string | object | Promise<string | object>): Promise<Bundle>;
export function readCampaign(file: object, name?: string): Campaign;

export interface Stage {
    level: Level; world: World; entry: string; body: Body; rules: LevelRules; things: number[]; isTaken: boolean[];
    checkpoint: Box | null; zone: Zone | null; cameFrom: string; done: Set<string>; isAtExit: boolean;
}
export class CampaignPlay {
    constructor(bundle: Bundle, seed?: number | bigint);
    campaign: Campaign; stage: Stage; state: GameState; words: ShownText | null; isOver: boolean;
    lastExit: string; deaths: number; wins: number; ticks: number;
    readonly isWaiting: boolean;
    beginGame(): void;
    enter(id: string, entry?: string): void;
    beginLevelAgain(): void;
    tick(input: Input): void;
    walkAlong(way: KitModule[]): boolean;
    win(exit: string): void;
    dismiss(): void;
    takeMessages(): string[];
    takeTransition(): Transition;
}
export function standsIn(level: Level, entity: Entity, module: KitModule): boolean;
export function isSolved(puzzle: PuzzleLevel): boolean;
export function isWalked(level: Level, way: KitModule[], entry: string, exit: string): boolean;
export function replayGame(bundle: Bundle): { isWhole: boolean; levels: number; ticks: number; problem: string };

export class Camera {
    constructor(width?: number, height?: number);
    width: number; height: number; calmAcross: number; calmDown: number; left: number; top: number;
    follow(body: Box, bounds: Box): void;
    jumpTo(body: Box, bounds: Box): void;
}
