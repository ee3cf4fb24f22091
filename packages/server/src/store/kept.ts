import { asWritten, sayRecord, type Say } from '@furrow/core';

/**
 * What is said, as a text column keeps it: the key and what stands in it as JSON, or a sentence as
 * it was written.
 */
export const kept = (says: string | Say): string =>
  typeof says === 'string' ? says : JSON.stringify(says);

/**
 * What a text column keeps, to be said. A sentence of before, or of something that is not said by
 * key, is shown as it was written.
 */
export function fromKept(text: string): Say {
  if (!text.startsWith('{"key":')) return asWritten(text);
  try {
    return sayRecord.parse(JSON.parse(text));
  } catch {
    return asWritten(text);
  }
}
