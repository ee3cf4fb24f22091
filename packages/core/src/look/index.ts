// Look: judging a comb and a hive, what ripens when, what is due. Other stages use only what stands
// here.
export * from './boxHistory.js';
export * from './colonyState.js';
export * from './combFacts.js';
export * from './deadColony.js';
export * from './due.js';
export type { DueItem } from './dueItem.js';
export * from './edges.js';
export * from './finding.js';
export * from './fold.js';
export * from './hiveWeight.js';
export * from './judgeComb.js';
export * from './judgeHive.js';
export * from './judgedLook.js';
export * from './questions/syrup.js';
export * from './questions/theirs.js';
export * from './questions/treated.js';
export * from './ripening.js';
export * from './scan.js';
export * from './says.js';
export * from './schoolFlips.js';
export * from './seen.js';
export * from './superForecast.js';
export * from './forage.js';
