// Choose: what may go which way, the best set under the rules, and what would stay. Other stages
// use only what stands here.
export * from './alternatives.js';
export * from './answer.js';
export * from './blocks.js';
export * from './combArithmetic.js';
export * from './combOrLiquid.js';
export * from './combOrLiquidSchema.js';
export * from './drawnPots.js';
export * from './expected.js';
export * from './explain.js';
export * from './heldBack.js';
export * from './highs.js';
export * from './lots.js';
export * from './lp.js';
export * from './model.js';
export * from './outcome.js';
export * from './orders.js';
export * from './question.js';
export type { ChooseSays } from './says.js';
export * from './solve.js';
export * from './stores.js';
export * from './choiceUnits.js';
export * from './ways.js';
