import { plainCopy } from '../parts/plainCopy';
import {
  FRAME_PRIOR,
  frameHoney,
  frameNext,
  frameRun,
  frameVessels,
  householdPrior,
  mayHaveGivenG,
  owedByFrame,
  placeLabel,
  sharesByEstimate,
  vesselFullKg,
  vesselQuestions,
  vesselsBefore,
  vesselsOwed,
  vesselsToOffer,
  workingWater,
  type BatchDetail,
  type FrameForecast,
  type FrameVessel,
  type HouseRules,
  type Vessel,
  type VesselForecast,
} from '@furrow/core';
import { computed, ref, watch, type Ref } from 'vue';
import { useRuns } from '../api/queries.js';
import { compute } from '../workers/client.js';

/** Warmth a vessel under a super has: it hangs outside, so its honey cools a little. */
const HONEY_C = 27;

/**
 * Every frame of one harvest as it stands, the vessels under them, what comes next, and the
 * forecasts.
 */
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
  const moisturePercent = computed(() => Math.min(25, workingWater(detail.value).percent));
  /** Vessels given to the frames before anything was opened. */
  const given = computed(() => detail.value.marks.find((m) => m.stepId === 'checks')?.answer ?? {});
  const frames = computed(() =>
    slots.value.map((slot) => {
      const combId = combOf(slot)!;
      const { honeyKg, known } = frameHoney(detail.value, combId);
      const run = frameRun(combId, slot, detail.value.frameEvents);
      const vesselId =
        run.vesselId ?? (given.value[`vessel_${combId}`] as string | undefined) ?? null;
      return {
        combId,
        slot,
        label: placeLabel(slot),
        run,
        honeyKg,
        estimated: known,
        vesselId,
        vessel: vessels.value.find((v) => v.id === vesselId) ?? null,
      };
    }),
  );
  const runs = computed(() => frames.value.map((f) => f.run));
  const held = computed(() => frameVessels(detail.value.frameEvents, vesselsBefore(detail.value)));
  const labelOf = (combId: string): string =>
    frames.value.find((f) => f.combId === combId)?.label ?? '?';
  const sharesOf = (vessel: FrameVessel, cameG: number): Record<string, number> =>
    sharesByEstimate(vessel, cameG, (combId) => {
      const frame = frames.value.find((f) => f.combId === combId);
      return frame ? mayHaveGivenG(frame.run, rules.value.frameParts, frame.honeyKg) : 0;
    });
  const next = (i: number) =>
    frameNext(frames.value[i].run, runs.value, rules.value, now.value.toISOString());
  const owedBy = (combId: string): FrameVessel[] => owedByFrame(combId, held.value.values());
  const owed = computed(() => vesselsOwed(held.value.values()));
  const offer = computed(() => vesselsToOffer(vessels.value, held.value));
  const fullKg = (vessel: Vessel | null): number | null =>
    vessel ? vesselFullKg(vessel, moisturePercent.value, HONEY_C) : null;
  const forecasts = ref<Record<string, FrameForecast | null>>({});
  const vesselForecasts = ref<Record<string, VesselForecast>>({});
  watch(
    [frames, now],
    async () => {
      const all = frames.value.map((f) => ({
        run: f.run,
        parts: rules.value.frameParts,
        honeyKg: f.honeyKg,
        moisturePercent: moisturePercent.value,
        prior: prior.value.applied,
      }));
      const nowIso = now.value.toISOString();
      for (const f of all) {
        if (!f.run.openedAt || f.run.closed) continue;
        const answer = await compute().frameForecast(plainCopy(f.run), plainCopy({ ...f, nowIso }));
        forecasts.value = { ...forecasts.value, [f.run.combId]: answer };
      }
      for (const vessel of held.value.values()) {
        const kit = vessels.value.find((v) => v.id === vessel.vesselId) ?? null;
        const answer = await compute().vesselForecast(plainCopy(vessel), plainCopy(all), {
          vesselFullKg: fullKg(kit),
          nowIso,
        });
        vesselForecasts.value = { ...vesselForecasts.value, [vessel.vesselId]: answer };
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
  return {
    frames,
    held,
    labelOf,
    sharesOf,
    owed,
    owedBy,
    offer,
    next,
    fullKg,
    forecasts,
    vesselForecasts,
    questions,
    prior,
    moisturePercent,
  };
}
