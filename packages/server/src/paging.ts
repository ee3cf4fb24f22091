import type { Request } from 'express';
import { refused } from './problem.js';

const text = (request: Request, key: string): string | null =>
  typeof request.query[key] === 'string' ? request.query[key] : null;

/**
 * A page of a list: `limit` things after the one whose id is `cursor`; `next` is the cursor of the
 * page after, or null.
 */
export function page<T extends { id: string }>(
  request: Request,
  items: readonly T[],
): { items: T[]; next: string | null } {
  const limit = Math.min(1000, Math.max(1, Number(request.query.limit) || 1000));
  const cursor = text(request, 'cursor');
  const from = cursor ? items.findIndex((item) => item.id === cursor) + 1 : 0;
  if (cursor && from === 0) throw refused('This cursor is not from this list.', 'cursor');
  const part = items.slice(from, from + limit);
  return { items: part, next: from + limit < items.length ? part[part.length - 1].id : null };
}
