import { plainFigure } from '../words/figures.js';
import { said } from '../words/units.js';
import { tell } from '../words/tell.js';
import { failureOf } from '../api/failure';
import { plainCopy } from '../parts/plainCopy';
import {
  hiveKind,
  moistureSummary,
  takenWaterPercent,
  type BatchDetail,
  type DayInput,
  type DayPlan,
  type Plan,
} from '@furrow/core';
import { DateTime } from 'luxon';
import { computed, ref, shallowRef, watch } from 'vue';
import { useRoute } from 'vue-router';
import { serverNow } from '../api/client.js';
import { useJars, useOpenPlans, useRules, useVessels, useWeather } from '../api/queries.js';
import { useDraft } from '../shell/draft.js';
import { compute } from '../workers/client.js';

/**
 * Water of the chosen combs as their last looks measured it, the wettest sample, percent; null
 * where none was drawn.
 */
function measuredInLook(d: BatchDetail): number | null {
  const readings = d.batch.combIds.flatMap(
    (combId) => d.looks.filter((look) => look.combId === combId).at(-1)?.readings ?? [],
  );
  return moistureSummary(readings)?.wettestPercent ?? null;
}

/**
 * Everything Ready works with: the harvests that wait for their day, each with the plan on the
 * screen, and what comes of them together.
 */
export function useReady() {
  const route = useRoute();
  const plans = useOpenPlans();
  const rules = useRules();
  const jars = useJars();
  const vessels = useVessels();
  const details = computed<BatchDetail[]>(() => plans.data.value?.details ?? []);
  const detail = computed(
    () =>
      details.value.find((d) => d.batch.id === route.params.id) ??
      (route.params.id
        ? null
        : (details.value.find((d) => d.batch.stage === 'ready') ?? details.value[0] ?? null)),
  );
  const siteIds = computed(() => [...new Set(details.value.map((d) => d.hive.siteId))]);
  const weather = useWeather(siteIds);
  /** Plans as they stand here: what was moved or typed and is not kept yet survives a reload. */
  const { draft: drafts } = useDraft<Record<string, Plan>>('plans', () => ({}));
  function firstPlan(d: BatchDetail): Plan {
    if (d.batch.plan)
      return {
        ...d.batch.plan,
        nightTemperatureC: d.batch.plan.nightTemperatureC ?? null,
        moves: { ...(d.batch.plan.moves ?? {}) },
      };
    const tomorrow = DateTime.fromJSDate(serverNow(), { zone: d.batch.zone })
      .plus({ days: 1 })
      .set({ hour: 9, minute: 30 });
    return {
      startLocal: tomorrow.toFormat("yyyy-MM-dd'T'HH:mm"),
      kitchenTemperatureC: rules.data.value!.rules.kitchenTemperatureC,
      nightTemperatureC: rules.data.value!.rules.nightTemperatureC,
      // What was measured in Look is not asked again.
      moisturePercent: measuredInLook(d),
      moves: {},
    };
  }
  watch(
    [details, rules.data],
    () => {
      if (!rules.data.value || !plans.data.value) return;
      for (const d of details.value) drafts.value[d.batch.id] ??= firstPlan(d);
      for (const id of Object.keys(drafts.value))
        if (!details.value.some((d) => d.batch.id === id)) delete drafts.value[id];
    },
    { immediate: true },
  );
  const plan = computed(() =>
    detail.value ? (drafts.value[detail.value.batch.id] ?? null) : null,
  );
  const changed = computed(() =>
    details.value.filter(
      (d) =>
        drafts.value[d.batch.id] &&
        JSON.stringify(drafts.value[d.batch.id]) !==
          JSON.stringify(d.batch.plan ? firstPlan(d) : null),
    ),
  );

  const day = shallowRef<DayPlan | null>(null);
  const says = ref<string | null>(null);
  const complete = computed(() =>
    Object.values(drafts.value).every((p) => p.kitchenTemperatureC !== null),
  );
  /** What honey of this bee is taken to hold where nobody measured, percent. */
  const takenPercent = computed(() =>
    takenWaterPercent(detail.value ? hiveKind(detail.value.hive.kind).bee : 'honeybee'),
  );
  const waterSaid = computed(() => {
    const percent = plan.value?.moisturePercent ?? null;
    return percent === null
      ? tell('useReady.water-assumed', { percent: takenPercent.value })
      : tell('useReady.water', { percent: plainFigure(percent, 1) });
  });
  /**
   * Where the water of the plan comes from; an assumption is told from what was measured or said.
   */
  const waterNote = computed(() => {
    if (!detail.value || !plan.value) return null;
    const { moisturePercent } = plan.value;
    if (moisturePercent === null)
      return tell('useReady.not-measured-reckoned-with', { takenPercent: takenPercent.value });
    return moisturePercent === measuredInLook(detail.value)
      ? tell('useReady.as-measured-in-comb-wettest')
      : tell('common.as-you-said');
  });
  const input = computed<DayInput | null>(() => {
    if (
      !plans.data.value ||
      !rules.data.value ||
      !jars.data.value ||
      !vessels.data.value ||
      !complete.value
    )
      return null;
    if (siteIds.value.length && !weather.data.value && !weather.error.value) return null;
    return {
      open: plans.data.value,
      plans: drafts.value,
      rules: rules.data.value.rules,
      jars: jars.data.value,
      vessels: vessels.data.value,
      nowIso: serverNow().toISOString(),
      weather: Object.fromEntries(
        Object.entries(weather.data.value ?? {}).map(([id, w]) => [id, w.hours]),
      ),
    };
  });
  let turn = 0;
  watch(
    () => [input.value, JSON.stringify(drafts.value)],
    async () => {
      if (!input.value) return;
      const mine = ++turn;
      const worked = await compute().planDay(plainCopy(input.value));
      if (mine !== turn) return;
      says.value = said(worked.says) || null;
      // The last good plan stays where the new one cannot be worked out.
      if (worked.day) day.value = worked.day;
    },
    { immediate: true },
  );
  return {
    plans,
    rules: computed(() => rules.data.value?.rules ?? null),
    rulesVersion: computed(() => rules.data.value?.version ?? 0),
    jars: jars.data,
    details,
    detail,
    drafts,
    plan,
    changed,
    day,
    says,
    waterNote,
    waterSaid,
    weather: weather.data,
    loading: computed(() => plans.isLoading.value || rules.isLoading.value),
    error: failureOf(plans, rules),
    retry: () => void Promise.all([plans.refetch(), rules.refetch()]),
  };
}
