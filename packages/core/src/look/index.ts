// Look: judging a comb and a hive, what ripens when, what is due. Other stages use only what stands here.
export * from './colonyState.js';
export * from './due.js';
export * from './judgeHive.js';
export * from './judgements.js';
export * from './judgePots.js';
export * from './ripening.js';
export * from './scan.js';
export * from './seen.js';
export * from './superForecast.js';
export * from './verdict.js';
