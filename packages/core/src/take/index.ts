// Take: steps at the hive, what went otherwise, frames drained part by part, weights. Other stages
// use only what stands here.
export * from './boxShares.js';
export * from './boxTakesWritten.js';
export * from './depthCheck.js';
export * from './frameEventsWritten.js';
export * from './frameForecast.js';
export * from './frameRefill.js';
export * from './frameHoney.js';
export * from './frameRun.js';
export * from './frameVessels.js';
export * from './hiveScaleCheck.js';
export * from './incidents.js';
export * from './owed.js';
export * from './potsCheck.js';
export * from './progress.js';
export * from './says.js';
export type { TakeStepSays } from './takeStepSays.js';
export * from './step.js';
export * from './steps.js';
export * from './takeInput.js';
export * from './takeWritten.js';
export * from './tareCheck.js';
export * from './visit.js';
export * from './takeStep.js';
