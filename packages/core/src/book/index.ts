// Book: what every gram came from and went to, wax and rinse, what the seasons teach, what cannot
// all be true.
export * from './account.js';
export * from './contradictions.js';
export * from './feedCheck.js';
export * from './harvestSums.js';
export * from './joined.js';
export * from './lotTrace.js';
export * from './massBalance.js';
export * from './payback.js';
export * from './rinse.js';
export * from './says.js';
export * from './seasons.js';
export * from './spreadsheet.js';
export * from './waxYield.js';
