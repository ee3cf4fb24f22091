// Jar: exact filling and the words of a label. Other stages use only what stands here.
export * from './fill.js';
export * from './fillLine.js';
export * from './label.js';
export * from './volume.js';
