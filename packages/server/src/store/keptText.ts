/** Answers that are read once for everybody, and how they are sent. */
const textBy = new WeakMap<object, string | null>();

/** Says that an answer is shared, and that nobody changes it. */
export function share(answer: unknown): void {
  if (typeof answer !== 'object' || answer === null || textBy.has(answer)) return;
  textBy.set(answer, null);
}

/**
 * An answer as JSON. One that is shared is written once: with a hundred years in the book that
 * takes longer than to read it.
 */
export function textOf(answer: unknown): string {
  if (typeof answer !== 'object' || answer === null) return JSON.stringify(answer);
  const kept = textBy.get(answer);
  if (kept) return kept;
  const text = JSON.stringify(answer);
  if (kept === null) textBy.set(answer, text);
  return text;
}
