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
  type DrainForecastInput,
  type HouseRules,
  type JarKindRecord,
  type Vessel,
  type WhatIf,
} from '@furrow/core';
import { computed, ref, watch, type Ref } from 'vue';
import { useRuns } from '../api/queries.js';
import { compute } from '../workers/client.js';

/** What a drawing to the tenth of a kilogram shows of a difference, g. */
const SEEN_G = 50;

/**
 * One drain as it stands: its vessels, its forecast from the worker, what is due and what is asked.
 */
export function useDrain(
  detail: Ref<BatchDetail | undefined>,
  rules: Ref<HouseRules | undefined>,
  vessels: Ref<Vessel[] | undefined>,
  jars: Ref<JarKindRecord[] | undefined>,
  now: Ref<Date>,
) {
  const drain = computed(
    () => detail.value?.drains.find((d) => !d.endedAt) ?? detail.value?.drains.at(-1) ?? null,
  );
  const running = computed(() => drain.value !== null && drain.value.endedAt === null);
  const vesselOf = (id: string | null | undefined): Vessel | null =>
    vessels.value?.find((v) => v.id === id) ?? null;
  const upper = computed(() => vesselOf(drain.value?.upperVesselId));
  const lower = computed(() => vesselOf(drain.value?.lowerVesselId));
  const until = computed(() =>
    running.value ? now.value.toISOString() : (drain.value?.endedAt ?? now.value.toISOString()),
  );
  const { data: runs } = useRuns();
  const own = computed(() =>
    drain.value && detail.value
      ? ownPrior(
          drain.value,
          detail.value.batch.hiveKind,
          (runs.value?.drains ?? []).filter((r) => r.drainId !== drain.value!.id),
        )
      : null,
  );
  const forecast = ref<DrainForecast | null>(null);
  const acts = ref<WhatIf[]>([]);
  watch(
    [drain, lower, rules, until, own],
    async () => {
      if (!drain.value || !rules.value || !own.value) return;
      // Plain data crosses to the worker, not Vue's proxies.
      const input = JSON.parse(
        JSON.stringify(
          forecastInput(drain.value, lower.value, rules.value, until.value, own.value.applied),
        ),
      ) as DrainForecastInput;
      const fitted = await compute().drainForecast(input);
      forecast.value = fitted;
      // What an act would bring takes three more fits: the forecast stands meanwhile.
      // Of a run that stands still nothing is forecast, so nothing can be compared with it.
      if (fitted.stalled) acts.value = [];
      else if (running.value) acts.value = await compute().whatIfs(input, fitted);
    },
    { immediate: true },
  );
  const elapsed = computed(() =>
    drain.value
      ? Math.max(0, (Date.parse(until.value) - Date.parse(drain.value.startedAt)) / 3_600_000)
      : 0,
  );
  /** The honey's temperature now: typed, read, by day or night, or warmed. */
  const temperatureNow = computed(() =>
    drain.value
      ? ([...temperatureSteps(drain.value, drain.value.zone, until.value)]
          .reverse()
          .find((t) => t.hours <= elapsed.value)?.temperatureC ?? drain.value.temperatureC)
      : null,
  );
  const drawnG = computed(
    () =>
      drain.value?.events
        .filter((e) => e.kind === 'draw-off')
        .reduce((sum, e) => sum + (e.g ?? 0), 0) ?? 0,
  );
  const lastWeighing = computed(
    () => drain.value?.weighings.filter((w) => !w.leftOut).at(-1) ?? null,
  );
  const outKg = computed(() =>
    Math.max(
      0,
      forecast.value?.outNowKg.mid ?? 0,
      drain.value && lastWeighing.value ? outByWeighing(drain.value, lastWeighing.value) / 1000 : 0,
    ),
  );
  /** Whether the levels are where the forecast stands, beyond what the last weighing said. */
  const levelsForecast = computed(() => {
    const weighedG =
      drain.value && lastWeighing.value ? outByWeighing(drain.value, lastWeighing.value) : 0;
    return outKg.value * 1000 - weighedG > SEEN_G;
  });
  const inLowerKg = computed(() =>
    Math.max(0, outKg.value - drawnG.value / 1000 + (drain.value?.potStartG ?? 0) / 1000),
  );
  const questions = computed(() =>
    drain.value && running.value ? weighingQuestions(drain.value) : [],
  );
  const pricePerKg = computed(() =>
    rules.value && jars.value ? marketOf(jars.value, rules.value).honeyPerKg : null,
  );
  const warming = computed(() => {
    if (!drain.value) return null;
    const hours = (iso: string): number =>
      (Date.parse(iso) - Date.parse(drain.value!.startedAt)) / 3_600_000;
    const all = warmings(drain.value.events, hours, elapsed.value);
    return { all, now: all.find((w) => w.untilHours === null) ?? null };
  });
  /** Comb in = out + still to come + stays in the wax + wax: what the drawing's sum says. */
  const parts = computed(() => {
    if (!drain.value || !forecast.value) return null;
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
    drain,
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
    lastWeighing,
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
