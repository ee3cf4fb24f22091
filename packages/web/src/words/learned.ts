import { learn } from '@furrow/words';
import { shallowRef } from 'vue';

/** Grows with every part of a language that is learned: what is on the screen is then said anew. */
export const learned = shallowRef(0);

let everything: Promise<void> | null = null;
/**
 * Learns what is said beyond the first screen, once. Waited for before another screen is opened;
 * asked again where it could not be fetched.
 */
export function learnEverything(): Promise<void> {
  everything ??= import('@furrow/words/en/rest').then(
    ({ rest }) => {
      learn('en', rest);
      learned.value += 1;
    },
    (error: unknown) => {
      everything = null;
      throw error;
    },
  );
  return everything;
}
