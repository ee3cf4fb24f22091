import { endOf } from '../units/known.js';
import jstat from 'jstat';
import { hiveKind } from '../hive/kinds.js';
import { takenWaterPercent } from '../honey/takenWater.js';
import { readingMoisture } from '../look/index.js';
import type { Batch, Drain, Take, WaterReading } from '../records/views.js';
import type { Say } from '../say/say.js';
import { jarSay } from './says.js';
import type { Look } from '../records/hiveViews.js';

/** Drops taken within this of the newest are one measuring, ms. */
const ONE_SITTING_MS = 60 * 60_000;
/** Drops of one honey that differ by more than this many points call for more; a starting value. */
const SPREAD_POINTS = 0.6;

/** Water of a harvest's honey as somebody measured it. */
export interface MeasuredWater {
  /** The wettest drop of the newest measuring: what counts. */
  percent: number;
  meanPercent: number;
  spreadPercent: number;
  count: number;
  at: string;
  /** In the vessel at the bench, or in the comb at its look. */
  where: 'bench' | 'comb';
  /**
   * How many more drops would bring the mean within {@link WITHIN_POINTS}; null after one drop: its
   * spread is unknown.
   */
  moreDrops: number | null;
  /** What to do about it; null where it stands. */
  says: Say | null;
}
/** Where it may have been measured. */
export interface WaterSources {
  drains: readonly Pick<Drain, 'events'>[];
  waterReadings: readonly Pick<WaterReading, 'moisturePercent' | 'occurredAt'>[];
  looks: readonly Pick<Look, 'combId' | 'readings' | 'occurredAt'>[];
  takes: readonly Pick<Take, 'combId' | 'occurredAt'>[];
}
interface Drop {
  percent: number;
  at: string;
}

const newestSitting = (drops: readonly Drop[]): Drop[] => {
  const newest = Math.max(...drops.map((d) => Date.parse(d.at)));
  return drops.filter((d) => newest - Date.parse(d.at) <= ONE_SITTING_MS);
};

/** Drops from the combs themselves, each comb's last look before it was taken. */
function dropsInComb({ looks, takes }: WaterSources): Drop[] {
  const takenAt = new Map(takes.map((t) => [t.combId, t.occurredAt]));
  const last = new Map<string, WaterSources['looks'][number]>();
  for (const look of looks) {
    const until = takenAt.get(look.combId);
    if (look.readings.length && (!until || look.occurredAt <= until)) last.set(look.combId, look);
  }
  return [...last.values()].flatMap((look) =>
    look.readings.map((r) => ({
      percent: readingMoisture(r).moisturePercent,
      at: look.occurredAt,
    })),
  );
}

/**
 * The mean is known well enough within this, in nine of ten such samplings; points of water. A
 * starting value.
 */
export const WITHIN_POINTS = 0.3;
const MOST_DROPS = 30;
/** More drops than this nobody takes: stirring is the better way. */
const FEW_DROPS = 5;

/**
 * How many more drops until the mean of all is within {@link WITHIN_POINTS} in nine of ten such
 * samplings, if they go on to differ as these do: Student's t at 5 % on either side, times the
 * standard deviation, over the root of their number. Takes the drops, percent. Null for one drop;
 * at most 30.
 */
export function moreDrops(percents: readonly number[]): number | null {
  const n = percents.length;
  if (n < 2) return null;
  const mean = percents.reduce((a, b) => a + b, 0) / n;
  const sd = Math.sqrt(percents.reduce((sum, p) => sum + (p - mean) ** 2, 0) / (n - 1));
  for (let count = n; count < n + MOST_DROPS; count++) {
    const half = (jstat.studentt.inv(0.95, count - 1) * sd) / Math.sqrt(count);
    if (half <= WITHIN_POINTS) return count - n;
  }
  return MOST_DROPS;
}

/** What to do about drops of one sitting; null where they stand. */
function whatToDo(
  values: readonly number[],
  spreadPercent: number,
  where: MeasuredWater['where'],
): Say | null {
  if (where === 'bench' && values.length === 1) return jarSay('jar.water.one-drop');
  if (spreadPercent <= SPREAD_POINTS) return null;
  const more = Math.max(1, moreDrops(values) ?? 1);
  const points = spreadPercent.toFixed(1);
  return more <= FEW_DROPS
    ? jarSay('jar.water.stir-and-take', { points, more })
    : jarSay('jar.water.stir-well', { points, more, within: String(WITHIN_POINTS) });
}

function summed(drops: readonly Drop[], where: MeasuredWater['where']): MeasuredWater {
  const values = drops.map((d) => d.percent);
  const spreadPercent = Math.max(...values) - Math.min(...values);
  return {
    percent: Math.max(...values),
    meanPercent: values.reduce((a, b) => a + b, 0) / values.length,
    spreadPercent,
    count: values.length,
    at: endOf(drops.map((d) => d.at).sort()),
    where,
    moreDrops: moreDrops(values),
    says: whatToDo(values, spreadPercent, where),
  };
}

/**
 * The newest measuring of a harvest's honey, wherever it was taken: at the bench, else in its
 * combs. Null where nobody measured; what a drain was planned with is an assumption and never
 * counts.
 */
export function measuredWater(sources: WaterSources): MeasuredWater | null {
  const bench = [
    ...sources.waterReadings.map((w) => ({ percent: w.moisturePercent, at: w.occurredAt })),
    ...sources.drains
      .flatMap((drain) => drain.events)
      .filter((e) => e.kind === 'moisture' && e.moisturePercent !== null)
      .map((e) => ({ percent: e.moisturePercent!, at: e.occurredAt })),
  ];
  if (bench.length) return summed(newestSitting(bench), 'bench');
  const comb = dropsInComb(sources);
  return comb.length ? summed(comb, 'comb') : null;
}

/** Its percent alone. */
export const measuredWaterPercent = (sources: WaterSources): number | null =>
  measuredWater(sources)?.percent ?? null;

/**
 * The water a harvest's honey is worked with, percent, and whether it was measured, said for the
 * plan, or assumed.
 */
export interface WorkingWater {
  percent: number;
  basis: 'measured' | 'said' | 'taken';
}

/**
 * What a harvest's honey is worked with: what was measured, else what its plan says, else what
 * honey of that bee is taken as ({@link takenWaterPercent}). Takes the harvest with all that was
 * written of it.
 */
export function workingWater(
  detail: WaterSources & { batch: Pick<Batch, 'plan' | 'hiveKind'> },
): WorkingWater {
  const measured = measuredWaterPercent(detail);
  if (measured !== null) return { percent: measured, basis: 'measured' };
  const said = detail.batch.plan?.moisturePercent ?? null;
  if (said !== null) return { percent: said, basis: 'said' };
  return { percent: takenWaterPercent(hiveKind(detail.batch.hiveKind).bee), basis: 'taken' };
}

/**
 * The water a drain is reckoned with: marked where nobody measured it, whether somebody
 * said it for the plan or Furrow assumed it. Takes the drain and its harvest.
 */
export function drainWaterSaid(
  drain: Pick<Drain, 'moisturePercent'>,
  detail: Parameters<typeof workingWater>[0],
): Say {
  const { percent, basis } = workingWater(detail);
  const water = { percent: drain.moisturePercent };
  if (basis === 'measured') return jarSay('jar.water.measured', { water });
  const isAssumed = basis === 'taken' && percent === drain.moisturePercent;
  return jarSay(isAssumed ? 'jar.water.assumed' : 'jar.water.as-said', { water });
}
