// What waits on a device: which entries may, and how what was read of the house looks with them.
export * from './entries.js';
export * from './harvest.js';
export * from './hives.js';
export * from './paths.js';
export * from './plans.js';
