// Jar: exact filling and the words of a label. Other stages use only what stands here.
export * from './fill.js';
export * from './fillAccuracy.js';
export * from './fillLine.js';
export * from './fillLots.js';
export * from './filled.js';
export * from './label.js';
export * from './labelDesign.js';
export * from './labelSheet.js';
export * from './nutrition.js';
export * from './saleGate.js';
export type { JarSays } from './says.js';
export * from './volume.js';
export * from './keepingDate.js';
export * from './measuredWater.js';
export * from './jarKind.js';
