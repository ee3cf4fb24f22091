import { type Say } from '../say/say.js';
import type { DateTime } from 'luxon';
import type { HouseRules, KitVessel } from '../records/index.js';
import type { HarvestToPlan, PlanTask } from './planTask.js';

export interface StepConflict {
  rule: 'order' | 'hours' | 'people' | 'vessel' | 'freezer' | 'scale' | 'warmth' | 'late';
  sentence: Say;
}

/** A step with its time. */
export interface TimetableStep {
  harvestId: string;
  harvestName: string;
  id: string;
  title: Say;
  note: Say;
  where: PlanTask['where'];
  /** Instants, ISO 8601 with the zone's offset. */
  startsAt: string;
  endsAt: string;
  handsOnMinutes: number;
  people: number;
  vessels: string[];
  /** Set by hand. */
  moved: boolean;
  conflicts: StepConflict[];
}

export interface Resources {
  people: number;
  vessels: readonly KitVessel[];
  freezerL: number | null;
  /** Vessels that something else holds, until then. */
  inUse?: readonly { vesselIds: readonly string[]; untilAt: string; what: Say }[];
}

export interface Busy {
  from: number;
  to: number;
  people: number;
  scale: boolean;
  freezerL: number;
  vesselIds: string[];
  what: Say;
}

export type Started = {
  h: HarvestToPlan;
  i: number;
  start: { at: DateTime; lateMinutes: number; nowMs: number };
};
export const MINUTE = 60000;
export const FAR = 60 * 24 * 60 * MINUTE;
const minuteOf = (clock: string): number => Number(clock.slice(0, 2)) * 60 + Number(clock.slice(3));
/** Minutes of the local day in which hands work: working hours without the quiet ones. */
export function workWindow(
  rules: Pick<HouseRules, 'workFrom' | 'workTo' | 'quietFrom' | 'quietTo'>,
): {
  from: number;
  to: number;
} {
  const overnight = rules.quietFrom > rules.quietTo;
  const from = Math.max(minuteOf(rules.workFrom), overnight ? minuteOf(rules.quietTo) : 0);
  const to = Math.min(minuteOf(rules.workTo), overnight ? minuteOf(rules.quietFrom) : 24 * 60);
  return to > from ? { from, to } : { from: minuteOf(rules.workFrom), to: 24 * 60 };
}
