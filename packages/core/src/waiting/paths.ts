import type { WritePath } from '../interface/writes.js';

/**
 * Commands that need no answer of the house: a device may keep them until it answers, and go on as
 * if they were written. What asks the house something first (what may be chosen, a lot's code)
 * waits for it.
 */
export const KEPT_PATHS = [
  '/looks',
  '/looks/several',
  '/colonyFacts',
  '/orders',
  '/boxes',
  '/boxes/:id/turn',
  '/boxes/:id/off',
  '/boxes/:id/below',
  '/stepMarks',
  '/takes',
  '/boxTakes',
  '/incidents',
  '/frameEvents',
  '/ticks',
  '/weighings',
  '/drainEvents',
  '/fillings',
  '/cutBoards',
  '/cutBoards/:id',
  '/cutBoards/:id/plan',
  '/cutPieces/:id',
  '/harvests/:id/stage',
] as const satisfies readonly WritePath[];
export type KeptPath = (typeof KEPT_PATHS)[number];

/** Of these the command changes what stands there; of the others it is a new entry. */
const CHANGING: ReadonlySet<KeptPath> = new Set(['/cutBoards/:id', '/cutPieces/:id']);
/** How the house is asked to write a kept path. */
export const methodOfKept = (path: KeptPath): 'PATCH' | 'POST' =>
  CHANGING.has(path) ? 'PATCH' : 'POST';

/** Spoken like a kept path with a place in it, and another one: all boards of a batch at once. */
const OTHERS: ReadonlySet<string> = new Set<WritePath>(['/cutBoards/plans']);

/** How each kept path is spoken: its place is a name in it. */
const SPOKEN = KEPT_PATHS.map((path) => ({
  path,
  pattern: new RegExp(`^${path.replace(':id', '([^/]+)')}$`),
}));

/** The kept path that a spoken one means; null where the house has to answer it. */
export function keptPathOf(spoken: string): { path: KeptPath; placeId: string | null } | null {
  if (OTHERS.has(spoken)) return null;
  for (const { path, pattern } of SPOKEN) {
    const found = pattern.exec(spoken);
    if (found) return { path, placeId: found[1] ?? null };
  }
  return null;
}
