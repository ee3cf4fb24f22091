// Cut: what the knife sees, the best pieces round the flaws, cold against pests, grades, what a
// super gave. Other stages use only what stands here.
export * from './alternatives.js';
export * from './batchPlan.js';
export * from './board.js';
export * from './cutPlan.js';
export * from './freezing.js';
export * from './grade.js';
export * from './history.js';
export * from './knifeCuts.js';
export * from './moveCut.js';
export * from './pieces.js';
export * from './possible.js';
export * from './projection.js';
export * from './rack.js';
export * from './replan.js';
export * from './template.js';
export * from './thickness.js';
export type { FreezingSays } from './freezingSays.js';
export * from './says.js';
export * from './marked.js';
