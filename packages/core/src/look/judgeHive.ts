import { DateTime } from 'luxon';
import { faceAreaCm2, type CombOutline } from '../comb/outline.js';
import { combEstimate, type CombEstimate } from '../comb/estimate.js';
import type { Shares } from '../comb/contents.js';
import { combStoresKg } from '../choose/index.js';
import { honeyMoisture } from '../honey/moisture.js';
import { seasonOf, type Hemisphere } from '../hive/season.js';
import type { TopBarGeometry } from '../hive/topBar.js';
import type { Hive, Look } from '../records/views.js';
import type { Reading } from '../records/look.js';
import type { HouseRules } from '../rules/houseRules.js';
import { judgeComb, type CombVerdict, type MoistureSample } from './verdict.js';

/** What one look says, before and after it is written down. */
export type Seen = Pick<Look, 'sides' | 'readings' | 'combAge' | 'depthMm' | 'thicknessMm'>;

/** Water content of one reading by its scale and temperature. */
export function readingMoisture(reading: Reading): { moisturePercent: number; approximate: boolean } {
  const key = { moisture: 'moisturePercent', brix: 'brixPercent', index: 'refractiveIndex' }[reading.scale];
  return honeyMoisture({ [key]: reading.value, temperatureC: reading.temperatureC, temperatureCompensated: reading.temperatureCompensated });
}

/** Outline of a comb as deep as it was seen, narrowing as the hive's walls do. */
export function seenOutline(geometry: TopBarGeometry, depthMm: number): CombOutline {
  const share = Math.min(1, depthMm / geometry.combDepthMm);
  return { topWidthMm: geometry.topWidthMm, bottomWidthMm: geometry.topWidthMm + (geometry.bottomWidthMm - geometry.topWidthMm) * share, depthMm };
}

/** Honey and wax of a comb as it was seen; null where neither side was. The wettest sealed sample sets the density. */
export function estimateSeen(seen: Seen, geometry: TopBarGeometry): CombEstimate | null {
  const areaCm2 = faceAreaCm2(seenOutline(geometry, seen.depthMm));
  const sides = [seen.sides.A, seen.sides.B].filter((s): s is Shares => s !== null).map((shares) => ({ areaCm2, shares }));
  if (sides.length === 0) return null;
  const sealed = seen.readings.filter((r) => r.cells === 'sealed').map((r) => readingMoisture(r).moisturePercent);
  return combEstimate({ sides, thicknessMm: seen.thicknessMm, combAge: seen.combAge, ...(sealed.length ? { moisturePercent: Math.max(...sealed) } : {}) });
}

export interface JudgedComb {
  slot: number;
  combId: string;
  seen: Seen | null;
  estimate: CombEstimate | null;
  verdict: CombVerdict;
}

/**
 * Judges every comb of a hive as it stands: each against the stores that would stay without it, counted low.
 * Takes the combs with their latest look (or the one being made), the hive's measures, the colony's start,
 * today's date at the site, and the house rules.
 */
export function judgeHive(input: {
  combs: readonly { slot: number; combId: string; seen: Seen | null }[];
  geometry: TopBarGeometry;
  colonyStartedOn: string | null;
  date: string;
  hemisphere: Hemisphere;
  rules: HouseRules;
}): JudgedComb[] {
  const { rules } = input;
  const estimates = input.combs.map((comb) => (comb.seen ? estimateSeen(comb.seen, input.geometry) : null));
  const stores = estimates.map((estimate) => combStoresKg(estimate).low);
  const allLow = stores.reduce((a, b) => a + b, 0);
  const season = seasonOf(input.date, input.hemisphere);
  const firstSeason = input.colonyStartedOn !== null && input.colonyStartedOn >= season.startsOn;
  return input.combs.map((comb, i) => {
    const samples: MoistureSample[] = (comb.seen?.readings ?? []).map((r) => ({ side: r.side, cells: r.cells, moisturePercent: readingMoisture(r).moisturePercent }));
    return {
      ...comb,
      estimate: estimates[i],
      verdict: judgeComb({
        sides: comb.seen?.sides ?? { A: null, B: null },
        samples,
        rules,
        firstSeason,
        winter: rules.winterNeedKg === null ? null : { staysLowKg: allLow - stores[i], needKg: rules.winterNeedKg },
      }),
    };
  });
}

/**
 * Judges a hive as it hangs at an instant (ISO 8601), the date taken in its site's zone: each comb by its last
 * look, or by the one being made of `making.combId`. This is how every screen and every decision judges.
 */
export function judgeHiveAt(hive: Hive, rules: HouseRules, instant: string, making: { combId: string; seen: Seen } | null = null): JudgedComb[] {
  return judgeHive({
    combs: hive.bars.flatMap(({ slot, comb }) => (comb ? [{ slot, combId: comb.id, seen: making?.combId === comb.id ? making.seen : (comb.looks.at(-1) ?? null) }] : [])),
    geometry: hive.geometry,
    colonyStartedOn: hive.colony?.startedOn ?? null,
    date: DateTime.fromISO(instant, { zone: hive.site.zone }).toISODate()!,
    hemisphere: hive.site.hemisphere,
    rules,
  });
}
