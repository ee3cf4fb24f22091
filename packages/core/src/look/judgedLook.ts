import type { HouseRules } from '../records/houseRules.js';
import type { Hive, Look } from '../records/hiveViews.js';
import type { NewLook } from '../records/look.js';
import { firstOf } from '../units/known.js';
import { judgeHiveAt, siteDate } from './judgeHive.js';

/**
 * A look being written down of a comb that hangs there: its day at the site, its place, and how the
 * comb is judged by it. The house writes this, and a device shows it before the house has answered.
 * Takes the hive as it hung before, and the shares of both sides as they count. Null where the comb
 * does not hang there any more.
 */
export function judgedLook(
  hive: Hive,
  look: NewLook,
  rules: HouseRules,
  occurredAt: string,
): Pick<Look, 'date' | 'slot' | 'verdict'> | null {
  const bar = hive.bars.find(({ comb }) => comb?.id === look.combId);
  if (!bar) return null;
  const { faces: _faces, photos: _photos, ...seen } = look;
  const judged = judgeHiveAt(hive, rules, occurredAt, { combId: look.combId, seen });
  const { verdict } = firstOf(judged, ({ combId }) => combId === look.combId);
  return { date: siteDate(hive, occurredAt), slot: bar.slot, verdict };
}
