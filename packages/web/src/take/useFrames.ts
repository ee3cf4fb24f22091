import {
  FRAME_PRIOR,
  estimateSeen,
  frameNext,
  frameRun,
  householdPrior,
  placeLabel,
  vesselFullKg,
  vesselQuestions,
  type BatchDetail,
  type FrameForecast,
  type HouseRules,
  type Vessel,
} from '@furrow/core';
import { computed, ref, watch, type Ref } from 'vue';
import { useRuns } from '../server/queries.js';
import { compute } from '../workers/client.js';

/** Warmth a vessel under a super has: it hangs outside, so its honey cools a little. */
const HONEY_C = 27;

/** Every frame of one harvest as it stands, its vessel, what comes next, and the forecast of its level. */
export function useFrames(
  detail: Ref<BatchDetail>,
  rules: Ref<HouseRules>,
  vessels: Ref<Vessel[]>,
  slots: Ref<readonly number[]>,
  combOf: (slot: number | undefined) => string | null,
  now: Ref<Date>,
) {
  const { data: past } = useRuns();
  const prior = computed(() => householdPrior(FRAME_PRIOR, past.value?.frames ?? []));
  const moisturePercent = computed(() =>
    Math.min(25, detail.value.batch.plan?.moisturePercent ?? 18),
  );
  /** Vessels given to the frames before anything was opened. */
  const given = computed(() => detail.value.marks.find((m) => m.stepId === 'checks')?.answer ?? {});
  const frames = computed(() =>
    slots.value.map((slot) => {
      const combId = combOf(slot)!;
      const look = detail.value.looks.filter((l) => l.combId === combId).at(-1);
      const honeyKg = (look ? estimateSeen(look, detail.value.hive) : null)?.honeyKg ?? null;
      const run = frameRun(combId, slot, detail.value.frameEvents);
      const vesselId =
        run.vesselId ?? (given.value[`vessel_${combId}`] as string | undefined) ?? null;
      return {
        combId,
        slot,
        label: placeLabel(slot),
        run,
        honeyKg: honeyKg ?? { low: 0.8, mid: 2, high: 3 },
        estimated: honeyKg !== null,
        vesselId,
        vessel: vessels.value.find((v) => v.id === vesselId) ?? null,
      };
    }),
  );
  const runs = computed(() => frames.value.map((f) => f.run));
  const next = (i: number) =>
    frameNext(frames.value[i].run, runs.value, rules.value, now.value.toISOString());
  const fullKg = (vessel: Vessel | null): number | null =>
    vessel ? vesselFullKg(vessel, moisturePercent.value, HONEY_C) : null;
  const forecasts = ref<Record<string, FrameForecast | null>>({});
  watch(
    [frames, now],
    async () => {
      for (const f of frames.value) {
        if (!f.run.openedAt || f.run.closed) continue;
        const answer = await compute().frameForecast(
          JSON.parse(JSON.stringify(f.run)),
          JSON.parse(
            JSON.stringify({
              parts: rules.value.frameParts,
              honeyKg: f.honeyKg,
              moisturePercent: moisturePercent.value,
              vesselFullKg: fullKg(f.vessel),
              prior: prior.value.applied,
              nowIso: now.value.toISOString(),
            }),
          ),
        );
        forecasts.value = { ...forecasts.value, [f.combId]: answer };
      }
    },
    { immediate: true },
  );
  const questions = computed(() =>
    vesselQuestions(
      frames.value.filter((f) => !f.run.closed),
      vessels.value,
      moisturePercent.value,
      HONEY_C,
    ),
  );
  return { frames, next, fullKg, forecasts, questions, prior, moisturePercent };
}
