// Book: the double entry of grams. Other stages use only what stands here.
export * from './massBalance.js';
export * from './lotTrace.js';
