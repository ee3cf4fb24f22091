// Everything the server answers, as schemas: the description of the interface, its client and its
// tests go by them.
export * from './archive.js';
export * from './book.js';
export * from './harvests.js';
export * from './house.js';
export * from './kit.js';
export * from './labels.js';
export * from './pages.js';
export * from './writes.js';
export { aftercareRecord, reserveRecord } from '../aftercare.js';
export * from '../views.js';
export * from '../hiveViews.js';
export { holdViewRecord } from '../holds.js';
export { labelDesignRecord, labelSheetRecord } from '../labels.js';
export { calendarLinkRecord, gearRecord, tickRecord } from '../plan.js';
export * from '../views.js';
export { questionRecord } from '../vocabulary/book.js';
export { boxEventRecord } from '../vocabulary/boxes.js';
