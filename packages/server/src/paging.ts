import { houseSay } from '@furrow/words';
import { refused } from './problem.js';

/** What is asked with a list: how many things at most, and after which one. */
export interface PageAsked {
  limit: number;
  cursor?: string;
}

/**
 * A page of a list: `limit` things after the one whose id is `cursor`; `next` is the cursor of the
 * page after, or null.
 */
export function page<T extends { id: string }>(
  { limit, cursor }: PageAsked,
  items: readonly T[],
): { items: T[]; next: string | null } {
  const from = cursor ? items.findIndex((item) => item.id === cursor) + 1 : 0;
  if (cursor && from === 0) throw refused(houseSay('refusal.this-cursor-not-from-this'), 'cursor');
  const part = items.slice(from, from + limit);
  return { items: part, next: from + limit < items.length ? part[part.length - 1].id : null };
}
