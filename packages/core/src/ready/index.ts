// Ready: the day and hour, the timetable, what to bring, cautions. Other stages use only what
// stands here.
export * from './bench.js';
export * from './bring.js';
export * from './bringCounts.js';
export type { BringLine } from './bringLines.js';
export * from './cautions.js';
export * from './crushPace.js';
export * from './gear.js';
export * from './sun.js';
export * from './towns.js';
export * from './hourScore.js';
export * from './planOf.js';
export * from './planTask.js';
export * from './round.js';
export * from './schedule.js';
export * from './says.js';
export type { BringSays } from './bringSays.js';
export * from './tasks.js';
export type { Resources, StepConflict, TimetableStep } from './timetable.js';
export * from './weather.js';
