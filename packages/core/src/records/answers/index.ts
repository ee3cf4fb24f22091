// Everything the server answers, as schemas: the description of the interface, its client and its
// tests go by them.
export * from './aftercare.js';
export * from './archive.js';
export * from './book.js';
export * from './common.js';
export * from './harvests.js';
export * from './hives.js';
export * from './house.js';
export * from './kit.js';
export * from './labels.js';
export * from './writes.js';
