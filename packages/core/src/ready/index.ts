// Ready: gear, timetable, cautions, the plan of a harvest. Other stages use only what stands here.
export * from './cautions.js';
export * from './gear.js';
export * from './planOf.js';
export * from './timetable.js';
