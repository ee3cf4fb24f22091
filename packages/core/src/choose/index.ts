// Choose: winter stores and what crushing would give. Other stages use only what stands here.
export * from './crushOutcome.js';
export * from './stores.js';
