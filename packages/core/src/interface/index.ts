// What is spoken between the house and its screens: every read and every command, by its path.
export * from './paths.js';
export * from './reads.js';
export * from './writes.js';
