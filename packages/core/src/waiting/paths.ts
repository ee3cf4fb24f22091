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
  '/stepMarks',
  '/takes',
  '/boxTakes',
  '/incidents',
  '/frameEvents',
  '/ticks',
  '/weighings',
  '/drainEvents',
  '/harvests/:id/stage',
] as const satisfies readonly WritePath[];
export type KeptPath = (typeof KEPT_PATHS)[number];

const PLACE = /^\/harvests\/([^/]+)\/stage$/;

/** The kept path that a spoken one means; null where the house has to answer it. */
export function keptPathOf(spoken: string): { path: KeptPath; placeId: string | null } | null {
  const placeId = PLACE.exec(spoken)?.[1] ?? null;
  const path = placeId === null ? spoken : '/harvests/:id/stage';
  const kept = KEPT_PATHS.find((each) => each === path);
  return kept ? { path: kept, placeId } : null;
}
