/** Answers that are read once for everybody, and how they are sent. */
const textBy = new WeakMap<object, string | null>();

/** Says that an answer is shared, and that nobody changes it. */
export function share(answer: unknown): void {
  if (typeof answer !== 'object' || answer === null || textBy.has(answer)) return;
  textBy.set(answer, null);
}

const isShared = (answer: unknown): answer is object =>
  typeof answer === 'object' && answer !== null && textBy.has(answer);

/** A page of things that are shared, each as it was written before; null where it is none. */
function pageText(answer: object): string | null {
  const { items, next, ...rest } = answer as { items?: unknown; next?: unknown };
  const isPage = Array.isArray(items) && items.length > 0 && items.every(isShared);
  if (!isPage || next === undefined || Object.keys(rest).length) return null;
  return `{"items":[${items.map(textOf).join(',')}],"next":${JSON.stringify(next)}}`;
}

/**
 * An answer as JSON. One that is shared is written once, and so is each of a page's things: with a
 * hundred years in the book that takes longer than to read it.
 */
export function textOf(answer: unknown): string {
  if (typeof answer !== 'object' || answer === null) return JSON.stringify(answer);
  const kept = textBy.get(answer);
  if (kept) return kept;
  if (kept === undefined) return pageText(answer) ?? JSON.stringify(answer);
  const text = JSON.stringify(answer);
  textBy.set(answer, text);
  return text;
}
