import type { BoxEvent } from '../records/vocabulary/boxes.js';
import type { Say } from '../say/say.js';
import { lookSay } from './says.js';

const SET_ON = 'look.box.set-on';

/** One stay of a box at a place, from a day until a day; the last one has no end. */
export interface BoxStay {
  carrierId: string;
  hiveId: string;
  hiveName: string;
  /** Counted from the floor, 1 lowest. */
  slot: number;
  sideToEntrance: string;
  fromOn: string;
  toOn: string | null;
}
/**
 * What happened with the boxes of a hive, newest first: set on, moved up or down, turned round,
 * given to or had from another colony, taken off, emptied. Takes every stay of every box that ever
 * stood in it, in any order, the hive's id, and what was harvested from it. A box of the hive's
 * first day is not told.
 */
export function boxHistory(
  stays: readonly BoxStay[],
  hiveId: string,
  harvests: readonly BoxEvent[] = [],
): BoxEvent[] {
  const byBox = new Map<string, BoxStay[]>();
  for (const stay of [...stays].sort((a, b) => a.fromOn.localeCompare(b.fromOn)))
    byBox.set(stay.carrierId, [...(byBox.get(stay.carrierId) ?? []), stay]);
  const firstDay = stays
    .filter((s) => s.hiveId === hiveId)
    .reduce((day, s) => (s.fromOn < day ? s.fromOn : day), '9999');
  const events = [...byBox.values()].flatMap((box) =>
    box.flatMap((stay, i) => eventsOf(stay, box[i - 1] ?? null, box[i + 1] ?? null, hiveId)),
  );
  return events
    .filter((e) => e.on !== firstDay || e.sentence.key !== SET_ON)
    .concat(harvests)
    .sort((a, b) => b.on.localeCompare(a.on));
}

function eventsOf(
  stay: BoxStay,
  before: BoxStay | null,
  after: BoxStay | null,
  hiveId: string,
): BoxEvent[] {
  if (stay.hiveId !== hiveId) return [];
  const events: BoxEvent[] = [];
  const add = (on: string, sentence: Say): void => void events.push({ on, sentence });
  if (!before) add(stay.fromOn, lookSay(SET_ON, { box: stay.slot }));
  else if (before.hiveId !== hiveId)
    add(stay.fromOn, lookSay('look.box.had-from', { box: stay.slot, hive: before.hiveName }));
  else if (before.sideToEntrance !== stay.sideToEntrance)
    add(stay.fromOn, lookSay('look.box.turned-round', { box: stay.slot }));
  else if (before.slot !== stay.slot)
    add(stay.fromOn, lookSay('look.box.became', { box: before.slot, now: stay.slot }));
  if (!stay.toOn) return events;
  if (!after) add(stay.toOn, lookSay('look.box.taken-off', { box: stay.slot }));
  else if (after.hiveId !== hiveId)
    add(stay.toOn, lookSay('look.box.given-to', { box: stay.slot, hive: after.hiveName }));
  return events;
}

/**
 * Since when a box stands in its hive without having left it, and when it was last turned round
 * there. Takes the stays of one box, oldest first, the last one that of now; a change of place or
 * of the side to the entrance begins a stay, but no new standing.
 */
export function standingSince(
  stays: readonly Pick<BoxStay, 'hiveId' | 'sideToEntrance' | 'fromOn' | 'toOn'>[],
): { sinceOn: string; turnedOn: string | null } {
  let first = stays.length - 1;
  let turnedOn: string | null = null;
  while (
    first > 0 &&
    stays[first - 1].hiveId === stays[first].hiveId &&
    stays[first - 1].toOn === stays[first].fromOn
  ) {
    if (stays[first - 1].sideToEntrance !== stays[first].sideToEntrance)
      turnedOn ??= stays[first].fromOn;
    first--;
  }
  return { sinceOn: stays[first].fromOn, turnedOn };
}
