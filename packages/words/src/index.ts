export * from './units/fieldUnit.js';
export * from './units/mass.js';
export * from './units/measures.js';
export * from './units/readQuantity.js';
export * from './units/saidIn.js';
export * from './units/unitTable.js';
