/**
 * The runtime of Rook Plot's bundles for browsers and Node, without dependencies: load a bundle, step
 * a body through it as the editor's proofs do, play the game or a puzzle by its rules.
 *
 *     import { openBundle } from "./rook.mjs";
 *     const bundle = await openBundle((path) => fetch(`bundle/${path}`).then((answer) => answer.text()));
 *     const level = bundle.level(bundle.campaign.levels[0].id);
 *     const world = level.world();
 *     const body = level.start(world);
 *     step(world, level.motion, body, { dx: 1, dy: 0, buttons: Button.jump });
 *
 * Units: px and ticks, 60 a second; y grows downwards. Files are not trusted: what is wrong throws a
 * `LoadError` with one sentence.
 */
export * from "./parts/shapes.mjs";
export * from "./parts/tables.mjs";
export * from "./parts/world.mjs";
export * from "./parts/stepper.mjs";
export * from "./parts/patrol.mjs";
export * from "./parts/player.mjs";
export * from "./parts/puzzles.mjs";
export * from "./parts/rules.mjs";
export { LoadError } from "./parts/checked.mjs";
export { fadedOn, faintest, frameOf, isBeyond, shareAfter, transitionNames } from "./parts/looks.mjs";
export { Level, readLevel, tileOf } from "./parts/level.mjs";
export { textIn } from "./parts/rules_reader.mjs";
export { Bundle, openBundle, readCampaign } from "./parts/campaign.mjs";
export { CampaignPlay, standsIn } from "./parts/play.mjs";
export { isSolved, isWalked, replayGame } from "./parts/replay.mjs";
export { Camera } from "./parts/camera.mjs";
