// Take: steps at the hive and the tare. Other stages use only what stands here.
export * from './steps.js';
export * from './tareCheck.js';
