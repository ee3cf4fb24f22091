import type { FrameEvent, Vessel } from '../records/views.js';
import { boxShares } from './boxShares.js';
import { eventsInOrder, hasHoles } from './frameRun.js';

/** A stretch of time in which one frame ran into a vessel; `to` is null while it still does. */
export interface Spell {
  combId: string;
  from: string;
  to: string | null;
}
/** One vessel under one frame or several, as a thing of its own. */
export interface FrameVessel {
  vesselId: string;
  /** Honey in it by its last weighing, net, with what stood in it before; grams. */
  heldG: number;
  /** What stood in it before the first frame ran into it, grams: not of this harvest. */
  beforeG: number;
  weighedAt: string | null;
  /** Who ran into it since it was last weighed. */
  spells: Spell[];
}

/**
 * Every vessel of a harvest in place, from the events of all its frames. A vessel stays under its
 * frame until it is changed; a swap weighs nothing: what ran since the last weighing is owed until
 * it is weighed or said lost. `beforeG`: grams that stood in a vessel at the start, by its id.
 */
export function frameVessels(
  events: readonly FrameEvent[],
  beforeG: Readonly<Record<string, number>> = {},
): Map<string, FrameVessel> {
  const vessels = new Map<string, FrameVessel>();
  const under = new Map<string, string>();
  // Frames of which only drops come, or that are reset: the next weighing has all of theirs.
  const ended = new Set<string>();
  const writtenBefore = new Set<string>();
  const vesselOf = (id: string): FrameVessel => {
    const known = vessels.get(id);
    if (known) return known;
    const before = beforeG[id] ?? 0;
    const made = { vesselId: id, heldG: before, beforeG: before, weighedAt: null, spells: [] };
    vessels.set(id, made);
    return made;
  };
  const leave = (combId: string, at: string): void => {
    const id = under.get(combId);
    if (!id) return;
    const vessel = vesselOf(id);
    // Weighed in the same breath as it leaves, nothing ran in between.
    vessel.spells = vessel.spells.flatMap((s) => {
      if (s.combId !== combId || s.to !== null) return [s];
      return s.from === at ? [] : [{ ...s, to: at }];
    });
  };
  const stand = (combId: string, id: string, at: string): void => {
    if (under.get(combId) === id && vesselOf(id).spells.some((s) => s.combId === combId && !s.to))
      return;
    leave(combId, at);
    under.set(combId, id);
    vesselOf(id).spells.push({ combId, from: at, to: null });
  };
  const settle = (id: string, heldG: number, at: string): void => {
    const vessel = vesselOf(id);
    vessel.heldG = heldG;
    vessel.weighedAt = at;
    vessel.spells = vessel.spells
      .filter((s) => !s.to && !ended.has(s.combId))
      .map((s) => ({ ...s, from: at }));
  };
  const close = (combId: string, at: string): void => {
    leave(combId, at);
    const id = under.get(combId);
    // Before shares were written a frame was closed by any weighing of its vessel.
    if (id && writtenBefore.has(id))
      vesselOf(id).spells = vesselOf(id).spells.filter((s) => s.combId !== combId);
  };
  for (const e of eventsInOrder(events)) {
    const id = e.vesselId ?? under.get(e.combId);
    if (!id) continue;
    if (e.kind === 'open') {
      ended.delete(e.combId);
      stand(e.combId, id, e.occurredAt);
    } else if (e.kind === 'level') {
      settle(id, e.g ?? 0, e.occurredAt);
      if (!e.shares) writtenBefore.add(id);
    } else if (e.kind === 'lost') settle(id, 0, e.occurredAt);
    else if (e.kind === 'emptied') vesselOf(id).heldG = 0;
    else if (e.kind === 'swap') {
      const before = under.get(e.combId);
      // Written before shares were: the weight of the full one came with its swap.
      leave(e.combId, e.occurredAt);
      if (before && e.g !== null && !e.shares) settle(before, e.g, e.occurredAt);
      stand(e.combId, id, e.occurredAt);
    } else if (e.kind === 'drops' || e.kind === 'reset') ended.add(e.combId);
    else if (e.kind === 'plug') close(e.combId, e.occurredAt);
  }
  return vessels;
}

/** Vessels that were taken away, or whose frames are all closed, and that nobody weighed since. */
export const vesselsOwed = (vessels: Iterable<FrameVessel>): FrameVessel[] =>
  [...vessels].filter((v) => v.spells.length > 0 && v.spells.every((s) => s.to !== null));

/**
 * Vessels that have to be weighed, or said lost, before this frame is closed: every one it ran into
 * since that one was last weighed. Weighed once only drops come, or after its reset, it has all.
 */
export const owedByFrame = (combId: string, vessels: Iterable<FrameVessel>): FrameVessel[] =>
  [...vessels].filter((v) => v.spells.some((s) => s.combId === combId));

/**
 * What ran into a vessel since its last weighing, shared over its frames in whole grams, by what
 * each may have given.
 */
export function sharesByEstimate(
  vessel: FrameVessel,
  cameG: number,
  mayGiveG: (combId: string) => number,
): Record<string, number> {
  const combIds = [...new Set(vessel.spells.map((s) => s.combId))];
  const parts = boxShares(
    cameG,
    combIds.map((id) => Math.max(1, mayGiveG(id))),
  );
  return Object.fromEntries(combIds.map((id, i) => [id, parts[i]]));
}

/**
 * The kit in the order in which it is offered under an outlet: whole and empty ones first, then by
 * what they hold; none with holes.
 */
export function vesselsToOffer(
  kit: readonly Vessel[],
  vessels: ReadonlyMap<string, FrameVessel>,
): Vessel[] {
  const full = (v: Vessel): number => {
    const there = vessels.get(v.id);
    return (there?.heldG ?? 0) + (there?.spells.length ? 1 : 0);
  };
  return kit.filter((v) => !hasHoles(v)).sort((a, b) => full(a) - full(b) || b.volumeL - a.volumeL);
}
