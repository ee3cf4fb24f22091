import { DateTime } from 'luxon';
import { rememberedZone } from '../units/rememberedZone.js';
import { plannedStart } from './plannedStart.js';
import type { HouseRules } from '../records/houseRules.js';
import type { HarvestToPlan } from './planTask.js';
import { placeHarvest } from './placeHarvest.js';
import { FAR, type Busy, type Resources, type Started, type TimetableStep } from './timetable.js';

/**
 * Up to so many harvests several orders are tried: a moved step is answered at once all the same.
 */
const MOST_TRIED = 4;
/**
 * Sets the steps of all harvests into time: each as early as what comes before it, working hours,
 * warmth, people, vessels, freezer and scale allow; of a few orders of the harvests the one that is
 * done first. Steps set by hand stay where they were put, what follows moves after them, and what
 * is wrong with them is said. `nowIso`: a harvest whose first smoke is over and whose hive was not
 * opened is planned anew from then. One pass, so a dozen harvests take milliseconds.
 *
 * @throws {BadInput} for a start that the place does not have.
 */
export function scheduleHarvests(
  harvests: readonly HarvestToPlan[],
  rules: HouseRules,
  resources: Resources,
  nowIso: string | null = null,
): TimetableStep[] {
  const started = harvests.map((h, i) => ({ h, i, start: startOf(h, nowIso) }));
  const byStart = [...started].sort(
    (a, b) => a.start.at.toMillis() - b.start.at.toMillis() || a.i - b.i,
  );
  if (harvests.length > MOST_TRIED || harvests.length < 2)
    return inOrder(byStart, rules, resources);
  // Who comes first at the bench decides when all is done: the order of the first smoke, the small
  // ones first, the large ones first.
  const bySize = [...byStart].sort((a, b) => a.h.honeyKg.high - b.h.honeyKg.high || a.i - b.i);
  const tried = [byStart, bySize, [...bySize].reverse()].map((order) =>
    inOrder(order, rules, resources),
  );
  const late = (steps: TimetableStep[]): number =>
    steps.reduce((n, s) => n + s.conflicts.length, 0) * FAR +
    Math.max(
      ...steps.filter((s) => !s.id.startsWith('look-back')).map((s) => Date.parse(s.endsAt)),
    );
  return tried.reduce((best, steps) => (late(steps) < late(best) ? steps : best));
}

/** The first lot of each visit before those that follow it; else as given. */
const firstLotsFirst = (order: readonly Started[]): Started[] => [
  ...order.filter((o) => !o.h.followsId),
  ...order.filter((o) => o.h.followsId),
];

/** Sets the harvests into time one after the other, in the order given. */
function inOrder(
  order: readonly Started[],
  rules: HouseRules,
  resources: Resources,
): TimetableStep[] {
  const busy: Busy[] = (resources.inUse ?? []).map((u) => ({
    from: 0,
    to: Date.parse(u.untilAt),
    people: 0,
    scale: false,
    freezerL: 0,
    vesselIds: [...u.vesselIds],
    what: u.what,
  }));
  const steps: TimetableStep[] = [];
  // What goes into another's vessel is placed first: that one's bed is broken up when all of it is
  // there.
  const joined = new Map<string, number>();
  /** When the lots of a visit are at home: one that follows begins there. */
  const home = new Map<string, number>();
  for (const { h, start } of firstLotsFirst([
    ...order.filter((o) => o.h.joins),
    ...order.filter((o) => !o.h.joins),
  ])) {
    const notBefore = { all: home.get(h.followsId ?? '') ?? 0, crush: joined.get(h.id) ?? 0 };
    const placed = placeHarvest(h, start, rules, resources, busy, notBefore);
    const atHome = placed.filter((s) => s.id === 'carry' || s.id === 'take').at(-1);
    if (atHome) home.set(h.id, Date.parse(atHome.endsAt));
    if (h.joins)
      joined.set(
        h.joins.id,
        Math.max(
          joined.get(h.joins.id) ?? 0,
          ...placed.filter((s) => s.id === 'join').map((s) => Date.parse(s.endsAt)),
        ),
      );
    steps.push(...placed);
  }
  return steps.sort((a, b) => Date.parse(a.startsAt) - Date.parse(b.startsAt));
}

/**
 * When a harvest begins, how late that is, and the instant before which nothing is planned any
 * more; 0: no such.
 */
function startOf(h: HarvestToPlan, nowIso: string | null): Started['start'] {
  const planned = plannedStart(h.startLocal, h.siteZone);
  const now = nowIso ? DateTime.fromISO(nowIso, { zone: rememberedZone(h.siteZone) }) : null;
  // An hour of grace: nobody lights the smoker to the minute.
  const nowMs = now?.toMillis() ?? 0;
  if (!now || now.diff(planned, 'minutes').minutes < 60)
    return { at: planned, lateMinutes: 0, nowMs };
  return {
    // What comes before a smoke that is late was done in its time.
    nowMs: 0,
    at: now.plus({ minutes: 15 - (now.minute % 15) }).startOf('minute'),
    lateMinutes: now.diff(planned, 'minutes').minutes,
  };
}
