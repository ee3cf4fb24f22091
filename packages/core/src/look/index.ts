// Look: judging a comb and a hive. Other stages use only what stands here.
export * from './judgeHive.js';
export * from './verdict.js';
