import { plainCopy } from '../parts/plainCopy';
import {
  forecastInput,
  honeyInComb,
  marketOf,
  ownPrior,
  outByWeighing,
  temperatureSteps,
  warmings,
  weighingQuestions,
  type BatchDetail,
  type DrainForecast,
  type HouseRules,
  type JarKindRecord,
  type Vessel,
  type WhatIf,
  type Drain,
} from '@furrow/core';
import { computed, ref, watch, type Ref } from 'vue';
import { useRuns } from '../api/queries.js';
import { compute } from '../workers/client.js';

/** What a drawing to the tenth of a kilogram shows of a difference, g. */
const SEEN_G = 50;

const HOUR_MS = 3_600_000;

/**
 * One drain as it stands: its vessels, its forecast from the worker, what is due and what is asked.
 */
export function useDrain(
  detail: Ref<BatchDetail>,
  drain: Ref<Drain>,
  rules: Ref<HouseRules>,
  vessels: Ref<readonly Vessel[]>,
  jars: Ref<JarKindRecord[]>,
  now: Ref<Date>,
) {
  const running = computed(() => drain.value.endedAt === null);
  const vesselOf = (id: string | null): Vessel | null =>
    vessels.value.find((v) => v.id === id) ?? null;
  const upper = computed(() => vesselOf(drain.value.upperVesselId));
  const lower = computed(() => vesselOf(drain.value.lowerVesselId));
  const until = computed(() => drain.value.endedAt ?? now.value.toISOString());
  const { data: runs } = useRuns();
  const own = computed(() =>
    ownPrior(
      drain.value,
      detail.value.batch.hiveKind,
      (runs.value?.drains ?? []).filter((r) => r.drainId !== drain.value.id),
    ),
  );
  const forecast = ref<DrainForecast | null>(null);
  const acts = ref<WhatIf[]>([]);
  watch(
    [drain, lower, rules, until, own],
    async () => {
      // Plain data crosses to the worker, not Vue's proxies.
      const input = plainCopy(
        forecastInput(drain.value, lower.value, rules.value, until.value, own.value.applied),
      );
      const fitted = await compute().drainForecast(input);
      forecast.value = fitted;
      // What an act would bring takes three more fits: the forecast stands meanwhile.
      // Of a run that stands still nothing is forecast, so nothing can be compared with it.
      if (fitted.stalled) acts.value = [];
      else if (running.value) acts.value = await compute().whatIfs(input, fitted);
    },
    { immediate: true },
  );
  const hoursTo = (instant: string): number =>
    (Date.parse(instant) - Date.parse(drain.value.startedAt)) / HOUR_MS;
  const elapsed = computed(() => Math.max(0, hoursTo(until.value)));
  /** The honey's temperature now: typed, read, by day or night, or warmed. */
  const temperatureNow = computed(() => {
    const steps = temperatureSteps(drain.value, drain.value.zone, until.value);
    const last = steps.filter((t) => t.hours <= elapsed.value).at(-1);
    return last?.temperatureC ?? drain.value.temperatureC;
  });
  const drawnG = computed(() =>
    drain.value.events.filter((e) => e.kind === 'draw-off').reduce((sum, e) => sum + (e.g ?? 0), 0),
  );
  const weighedG = computed(() => {
    const last = drain.value.weighings.filter((w) => !w.leftOut).at(-1);
    return last ? outByWeighing(drain.value, last) : 0;
  });
  const outKg = computed(() =>
    Math.max(0, forecast.value?.outNowKg.mid ?? 0, weighedG.value / 1000),
  );
  /** Whether the levels are where the forecast stands, beyond what the last weighing said. */
  const levelsForecast = computed(() => outKg.value * 1000 - weighedG.value > SEEN_G);
  const inLowerKg = computed(() =>
    Math.max(0, outKg.value + (drain.value.potStartG - drawnG.value) / 1000),
  );
  const questions = computed(() => (running.value ? weighingQuestions(drain.value) : []));
  const pricePerKg = computed(() =>
    jars.value.length ? marketOf(jars.value, rules.value).honeyPerKg : null,
  );
  const warming = computed(() => {
    const all = warmings(drain.value.events, hoursTo, elapsed.value);
    return { all, now: all.find((w) => w.untilHours === null) ?? null };
  });
  /** Comb in = out + still to come + stays in the wax + wax: what the drawing's sum says. */
  const parts = computed(() => {
    if (!forecast.value) return null;
    const total = drain.value.crushedG / 1000;
    const coming = forecast.value.stillKg.mid;
    const wax = total - honeyInComb(drain.value.crushedG).mid;
    return {
      total,
      out: outKg.value,
      coming,
      stays: Math.max(0, total - outKg.value - coming - wax),
      wax,
    };
  });
  return {
    running,
    upper,
    lower,
    until,
    own,
    runs,
    forecast,
    acts,
    elapsed,
    temperatureNow,
    drawnG,
    outKg,
    levelsForecast,
    inLowerKg,
    questions,
    pricePerKg,
    warming,
    parts,
  };
}
export type DrainNow = ReturnType<typeof useDrain>;
