import { inject } from 'vitest';

declare module 'vitest' {
  interface ProvidedContext {
    /** Whether slow tests run whole: `node furrow.mjs test --long`. */
    long: boolean;
  }
}

/** Whether this run takes its time. */
export const LONG = inject('long');
