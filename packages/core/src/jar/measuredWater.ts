import { readingMoisture } from '../look/index.js';
import type { Drain, Look, Take, WaterReading } from '../records/views.js';

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
  /** What to do about it, a sentence; null where it stands. */
  says: string | null;
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

function summed(drops: readonly Drop[], where: MeasuredWater['where']): MeasuredWater {
  const values = drops.map((d) => d.percent);
  const spreadPercent = Math.max(...values) - Math.min(...values);
  const says =
    where === 'bench' && values.length === 1
      ? 'One drop proves nothing: take another.'
      : spreadPercent > SPREAD_POINTS
        ? `They differ by ${spreadPercent.toFixed(1)} points: stir and take more samples. The wettest counts.`
        : null;
  return {
    percent: Math.max(...values),
    meanPercent: values.reduce((a, b) => a + b, 0) / values.length,
    spreadPercent,
    count: values.length,
    at: drops
      .map((d) => d.at)
      .sort()
      .at(-1)!,
    where,
    says,
  };
}

/**
 * The newest measuring of a harvest's honey, wherever it was taken: at the bench, else in its combs.
 * Null where nobody measured; what a drain was planned with is an assumption and never counts.
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
