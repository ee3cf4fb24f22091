// Today: what runs, what is due, what is ripe, each as a line with what happens if it is left.
export * from './afterLines.js';
export * from './drainDue.js';
export * from './harvestLines.js';
export * from './hiveLines.js';
export * from './keptLines.js';
export { inOrder as todayInOrder } from './line.js';
export * from './says.js';
