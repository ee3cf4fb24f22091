export * from './common.js';
export * from './hive.js';
export * from './look.js';
export * from './colony.js';
export * from './harvest.js';
export * from './kit.js';
export * from './views.js';
export * from './plan.js';
