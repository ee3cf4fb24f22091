// What the command line bundles: the calculators and nothing else, so that it starts at once.
export * from './badInput.js';
export * from './calculators.js';
