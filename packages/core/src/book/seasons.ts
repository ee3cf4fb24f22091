import { bookSay } from './says.js';
import type { HiveKindName } from '../records/vocabulary/hive.js';
import { ownRatio, RESULTS_TO_APPLY } from '../units/ownRatio.js';
import type { Range } from '../units/format.js';
import type { EstimateCorrection, MissedGear } from '../records/answers/book.js';
import type { HarvestSummary } from '../records/vocabulary/book.js';

export const SEASON_KEYS = ['season', 'year', 'month', 'hive', 'kind', 'site', 'method'] as const;
export type SeasonKey = (typeof SEASON_KEYS)[number];

export interface SeasonRow {
  key: string;
  harvests: number;
  /** Harvests that are not closed yet: named, never counted in. */
  open: number;
  honeyG: number;
  waxG: number;
  pieces: number;
  jars: number;
  combs: number;
  honeyPerCombG: number | null;
  honeyPerBoxG: number | null;
  honeyPerHiveLG: number | null;
  minutesPerKg: number | null;
  worth: number;
  cost: number;
  worthPerHour: number | null;
}

/** The word a harvest goes under by a key; months as YYYY-MM's two digits so that they sort. */
export function seasonKeyOf(h: HarvestSummary, by: SeasonKey): string {
  if (by === 'season') return h.season;
  if (by === 'year') return h.date.slice(0, 4);
  if (by === 'month') return h.date.slice(5, 7);
  return { hive: h.hiveName, kind: h.kind, site: h.siteName, method: h.method }[by];
}

const per = (sum: number, n: number): number | null => (n > 0 ? sum / n : null);

/**
 * Seasons compared: harvests put together by season, year, month, hive, kind, site or method. Sums
 * and averages are of closed harvests only; open ones are counted apart. A hive's litres and boxes
 * count once a harvest. Hands-on minutes per kg are over honey and pieces together. Sorted by key.
 */
export function seasonTable(harvests: readonly HarvestSummary[], by: SeasonKey): SeasonRow[] {
  const groups = new Map<string, HarvestSummary[]>();
  for (const h of harvests)
    groups.set(seasonKeyOf(h, by), [...(groups.get(seasonKeyOf(h, by)) ?? []), h]);
  return [...groups]
    .sort(([a], [b]) => a.localeCompare(b))
    .map(([key, all]) => {
      const done = all.filter((h) => h.closed);
      const sum = (of: (h: HarvestSummary) => number): number =>
        done.reduce((s, h) => s + of(h), 0);
      const honeyG = sum((h) => h.honeyG);
      const made = honeyG + sum((h) => h.piecesG);
      // A harvest whose combs or boxes nobody counted says nothing of what one gives.
      const perCounted = (of: (h: HarvestSummary) => number): number | null => {
        const counted = done.filter((h) => of(h) > 0);
        return per(
          counted.reduce((s, h) => s + h.honeyG + h.piecesG, 0),
          counted.reduce((s, h) => s + of(h), 0),
        );
      };
      const minutes = sum((h) => h.handsOnMinutes);
      const [worth, cost] = [sum((h) => h.worth), sum((h) => h.cost)];
      return {
        key,
        harvests: done.length,
        open: all.length - done.length,
        honeyG,
        waxG: sum((h) => h.waxG),
        pieces: sum((h) => h.pieces),
        jars: sum((h) => h.jars),
        combs: sum((h) => h.combs),
        honeyPerCombG: perCounted((h) => h.combs),
        honeyPerBoxG: perCounted((h) => h.boxes),
        honeyPerHiveLG: perCounted((h) => h.hiveL),
        minutesPerKg: made > 0 && minutes > 0 ? minutes / (made / 1000) : null,
        worth,
        cost,
        worthPerHour: minutes > 0 ? (worth - cost) / (minutes / 60) : null,
      };
    });
}

/**
 * What the household's own scale says of its estimates: weighed over estimated comb, comb by comb,
 * shrunk toward right while there are few (SCIENCE 7). Shown from the first, applied from the
 * fifth, and then said where it is. Takes pairs in kg; null without any.
 */
export function estimateCorrection(
  pairs: readonly { estimateKg: number; weighedKg: number }[],
): EstimateCorrection | null {
  const found = ownRatio(
    pairs.map((p) => ({ expected: p.estimateKg, result: p.weighedKg })),
    0.15,
  );
  if (!found) return null;
  const applies = found.count >= RESULTS_TO_APPLY;
  const percent = Math.round((found.factor.mid - 1) * 100);
  return {
    ...found,
    applies,
    sentence: bookSay(applies ? 'book.season.corrected' : 'book.season.not-yet', {
      combs: found.count,
      off: signed(percent),
    }),
  };
}

/** A signed share: "+7 %", "−3 %". */
const signed = (percent: number): string =>
  `${['−', '±', '+'][Math.sign(percent) + 1]}${Math.abs(percent)} %`;

/**
 * The correction that counts for a hive: its own combs where there are enough of them, else those
 * of the household's hives of its kind. What is learned in one kind of hive says nothing of
 * another.
 */
export function correctionFor(
  pairs: readonly {
    hiveName: string;
    hiveKind: HiveKindName;
    estimateKg: number;
    weighedKg: number;
  }[],
  hive: { name: string; kind: HiveKindName },
): EstimateCorrection | null {
  const ofKind = pairs.filter((p) => p.hiveKind === hive.kind);
  const own = estimateCorrection(ofKind.filter((p) => p.hiveName === hive.name));
  return own?.applies ? own : estimateCorrection(ofKind);
}

/**
 * Honey that stays in drained comb and that a press brings out, share of the honey left (SCIENCE 4:
 * 0.93 to 0.97 out of 0.85 to 0.92).
 */
const PRESS_BRINGS: Range = { low: 0.3, mid: 0.5, high: 0.7 };
/**
 * Of drained wet wax, what is still honey where nobody pressed: the rest is wax with cocoons. A
 * starting range.
 */
const HONEY_IN_WET_WAX: Range = { low: 0.3, mid: 0.5, high: 0.65 };

/**
 * What a press or a larger bucket would have saved over these harvests, as ranges; only closed
 * harvests, only what the log shows.
 */
export function missedGear(harvests: readonly HarvestSummary[]): MissedGear[] {
  const found: MissedGear[] = [];
  const unpressed = harvests.filter((h) => h.closed && !h.pressed && h.wetWaxG > 0);
  if (unpressed.length) {
    const wet = unpressed.reduce((s, h) => s + h.wetWaxG, 0) / 1000;
    const at = (edge: keyof Range): number => wet * HONEY_IN_WET_WAX[edge] * PRESS_BRINGS[edge];
    const honeyKg = { low: at('low'), mid: at('mid'), high: at('high') };
    found.push({
      gear: 'press',
      honeyKg,
      minutes: null,
      harvests: unpressed.length,
      sentence: bookSay('book.season.press', {
        harvests: unpressed.length,
        honey: {
          massG: { low: honeyKg.low * 1000, high: honeyKg.high * 1000 },
          as: 'estimate',
        },
        wax: { massG: wet * 1000, as: 'estimate' },
      }),
    });
  }
  const drawn = harvests.filter((h) => h.closed && h.drawOffs > 0);
  if (drawn.length) {
    const [n, minutes] = [
      drawn.reduce((s, h) => s + h.drawOffs, 0),
      drawn.reduce((s, h) => s + h.drawOffMinutes, 0),
    ];
    found.push({
      gear: 'bucket',
      honeyKg: null,
      minutes,
      harvests: drawn.length,
      sentence: bookSay('book.season.bucket', { drawOffs: n, minutes }),
    });
  }
  return found;
}
