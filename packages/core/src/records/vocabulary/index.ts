// The words that records are made of: closed lists, and the small shapes that stand in several of
// them.
export * from './bench.js';
export * from './book.js';
export * from './boxes.js';
export * from './comb.js';
export * from './flaws.js';
export * from './hive.js';
export * from './keeping.js';
export * from './labels.js';
export * from './outcomes.js';
export * from './pieces.js';
export * from './problems.js';
export * from './solver.js';
export * from './verdict.js';
export * from './units.js';
export * from './vessels.js';
export * from './waxWays.js';
export * from './ways.js';
export * from './waySays.js';
export * from './weather.js';
