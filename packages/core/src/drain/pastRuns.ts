import type { HiveKindName } from '../records/vocabulary/hive.js';
import type { Drain, Flow, Lot } from '../records/views.js';
import { flowFactor } from '../honey/viscosity.js';
import { drainFit } from './fit.js';
import { honeyInComb, outByWeighing } from './honeyOut.js';
import type { PastRun } from '../records/answers/book.js';
import { householdPrior, methodPrior, type RunKind, runsLike } from './priors.js';
import { temperatureSteps } from './temperatures.js';

/** Honey that came out of a batch's crushed comb, grams, from the book. */
export function drainedG(book: {
  lots: readonly Pick<Lot, 'id' | 'kind'>[];
  flows: readonly Pick<Flow, 'from' | 'to' | 'g'>[];
}): number {
  const ids = (kind: string): Set<string> =>
    new Set(book.lots.filter((l) => l.kind === kind).map((l) => l.id));
  const [crushed, honey] = [ids('crushed'), ids('honey')];
  return book.flows
    .filter((f) => crushed.has(f.from) && honey.has(f.to))
    .reduce((sum, f) => sum + f.g, 0);
}

/** What kind of run a drain is, in a hive of a kind. */
export function runKind(
  drain: Pick<Drain, 'method' | 'thixotropic' | 'events'>,
  hiveKind: HiveKindName,
): RunKind {
  return {
    method: drain.method,
    hiveKind,
    thixotropic: drain.thixotropic,
    warmed: drain.events.some((e) => e.kind === 'warm'),
  };
}

/**
 * What a drain starts from: its method's own ranges, narrowed by the household's runs of its kind.
 */
export function ownPrior(
  drain: Pick<Drain, 'method' | 'fineness' | 'thixotropic' | 'events'>,
  hiveKind: HiveKindName,
  runs: readonly (PastRun & RunKind & { pressed: boolean })[],
): ReturnType<typeof householdPrior> {
  const kind = runKind(drain, hiveKind);
  return householdPrior(
    methodPrior(drain.method, drain.fineness, kind.warmed),
    runsLike(kind, runs),
  );
}

/**
 * A closed drain as one run of the household: the share by the book, tau by its weighings before
 * the first stir or press (plain least squares, brought to 25 °C and 18 % water). Tau is null with
 * fewer than three of them, or where they show no bend.
 */
export function pastRun(drain: Drain, outG: number): PastRun {
  const firstTouch =
    drain.events
      .filter((e) => e.kind === 'stir' || e.kind === 'mash' || e.kind === 'press')
      .map((e) => e.occurredAt)
      .sort()[0] ?? '9';
  const early = drain.weighings
    .filter((w) => !w.leftOut && w.occurredAt < firstTouch)
    .map((w) => ({
      hours: (Date.parse(w.occurredAt) - Date.parse(drain.startedAt)) / 3_600_000,
      kg: outByWeighing(drain, w) / 1000,
    }))
    .filter((w) => w.hours > 0 && w.kg > 0);
  const share = Math.min(1, outG / 1000 / honeyInComb(drain.crushedG).mid);
  if (new Set(early.map((w) => w.hours)).size < 3) return { share, tauHours: null };
  const fit = drainFit({ weighings: early });
  const steps = temperatureSteps(drain, drain.zone, drain.endedAt ?? drain.startedAt);
  return {
    share,
    tauHours: fit.converged
      ? flowFactor(drain.moisturePercent, steps[0].temperatureC) / fit.ratePerHour
      : null,
  };
}
