import { tell } from '../words/tell.js';
import { said } from '../words/units.js';
import { plainCopy } from '../parts/plainCopy';
import {
  ARRANGEMENT_WORDS,
  RUNS_TO_APPLY,
  crushMethodOf,
  crushesComb,
  estimatedTakes,
  hasHoles,
  honeyInComb,
  owedWeighings,
  ownPrior,
  stackQuestions,
  temperatureSteps,
  workingWater,
  type Arrangement,
  type BatchDetail,
  type DrainAhead,
  type Fineness,
  type HouseRules,
  type Range,
  type Vessel,
  type CrushMethod,
} from '@furrow/core';
import { DateTime } from 'luxon';
import { computed, ref, watch, type Ref } from 'vue';
import { useOpenPlans, useRuns } from '../api/queries.js';
import { useDraft } from '../shell/draft.js';
import { WATER_BASIS_WORDS } from '../parts/waterBasis.js';
import { compute } from '../workers/client.js';
import { gramsOf } from '../parts/massUnit.js';

/** How its vessels stand until the person says otherwise. */
function firstArrangement(detail: BatchDetail): Arrangement {
  const dripsInBox = estimatedTakes(detail).some((t) => t.byBox);
  if (dripsInBox) return 'box-tray';
  return detail.batch.method === 'press' ? 'press-bag' : 'holed-bucket';
}

/** What was chosen and typed of a stack so far. */
interface StackDraft {
  arrangement: Arrangement;
  upper: string | null;
  lower: string | null;
  method: CrushMethod;
  fineness: Fineness;
  thixotropic: boolean;
  potText: string;
  potFromLotId: string | null;
  since: string;
  crushMinutes: number | null;
  temperatureC: number | null;
  nightTemperatureC: number | null;
  moisturePercent: number | null;
}

/**
 * One stack of vessels before its drain begins: what was chosen and typed, which survives a reload,
 * and what it says of itself. Takes the harvest, the house rules and the vessels of the kit.
 */
export function useStack(detail: Ref<BatchDetail>, rules: Ref<HouseRules>, vessels: Ref<Vessel[]>) {
  const comb = computed(() => detail.value.lots.find((l) => l.kind === 'comb'));
  const way = detail.value.batch.method;
  const water = workingWater(detail.value);
  const waterPercent = Math.min(25, water.percent);
  const { draft, clear } = useDraft<StackDraft>(`stack.${detail.value.batch.id}`, () => ({
    arrangement: firstArrangement(detail.value),
    upper: null,
    lower: null,
    method: crushesComb(way)
      ? crushMethodOf(way, rules.value, detail.value.batch.hiveKind)
      : rules.value.crush,
    fineness: 'middle',
    thixotropic: false,
    potText: '',
    potFromLotId: null,
    since: '',
    crushMinutes: null,
    temperatureC: detail.value.batch.plan?.kitchenTemperatureC ?? rules.value.kitchenTemperatureC,
    nightTemperatureC: detail.value.batch.plan?.nightTemperatureC ?? rules.value.nightTemperatureC,
    // What was measured of this honey stands before what the plan took it for.
    moisturePercent: waterPercent,
  }));
  /** Where the water of the drain comes from, unless another was typed. */
  const waterNote = computed(() =>
    draft.value.moisturePercent === waterPercent ? WATER_BASIS_WORDS[water.basis] : null,
  );
  const words = computed(() => ARRANGEMENT_WORDS[draft.value.arrangement]);
  const of = (id: string | null): Vessel | null => vessels.value.find((v) => v.id === id) ?? null;
  const owed = computed(() => owedWeighings(detail.value).combs.length > 0);
  const kg = computed(() => (comb.value?.nowG ?? 0) / 1000);
  const potG = computed(() => gramsOf(draft.value.potText || '0', rules.value.units));
  const climate = computed(() => {
    const { temperatureC, moisturePercent } = draft.value;
    return temperatureC !== null &&
      moisturePercent !== null &&
      temperatureC >= 5 &&
      temperatureC <= 45 &&
      moisturePercent >= 13 &&
      moisturePercent <= 25
      ? { temperatureC, moisturePercent }
      : null;
  });
  const { data: runs } = useRuns();
  /**
   * What this drain starts from: the method's starting range, or the household's own runs of its
   * kind.
   */
  const own = computed(() =>
    ownPrior({ ...draft.value, events: [] }, detail.value.batch.hiveKind, runs.value?.drains ?? []),
  );
  const startsFrom = computed(() =>
    own.value.runs >= RUNS_TO_APPLY
      ? tell('useStack.yours-from-runs-this-kind', { runs: own.value.runs })
      : tell('useStack.starting-range'),
  );
  /**
   * Hours to nine tenths, as the drain's clock will say when it begins; null where nothing fits.
   */
  const waits = ref<Range | null>(null);
  const ahead = computed((): DrainAhead | null => {
    const { method, fineness, thixotropic, nightTemperatureC } = draft.value;
    if (!climate.value) return null;
    const { temperatureC, moisturePercent } = climate.value;
    const { zone } = detail.value.batch;
    const startedAt = draft.value.since
      ? DateTime.fromISO(draft.value.since, { zone }).toISO()
      : null;
    const from = { startedAt: startedAt ?? new Date().toISOString(), temperatureC, events: [] };
    return {
      ...{ method, fineness, thixotropic, moisturePercent, prior: own.value.applied },
      temperature: temperatureSteps({ ...from, nightTemperatureC }, zone, from.startedAt),
    };
  });
  watch(
    ahead,
    async (asked) => {
      const hours = asked && (await compute().nineTenthsAhead(plainCopy(asked)));
      // An answer to what was typed before the last change says nothing any more.
      if (asked === ahead.value) waits.value = hours;
    },
    { immediate: true },
  );
  const outKg = computed(() => {
    const { share } = own.value.applied;
    const inside = honeyInComb(comb.value?.nowG ?? 0);
    return {
      low: inside.low * share.low,
      mid: inside.mid * share.mid,
      high: inside.high * share.high,
    };
  });
  const asks = computed(() =>
    climate.value
      ? stackQuestions({
          upper: of(draft.value.upper),
          lower: of(draft.value.lower),
          crushedKg: kg.value,
          outKg: outKg.value,
          inLowerKg: (potG.value ?? 0) / 1000,
          ...climate.value,
        })
      : [],
  );
  /** Both vessels stand open while it drains; null where neither was measured. */
  const openCm2 = computed(() => {
    const across = [of(draft.value.upper), of(draft.value.lower)].flatMap((v) =>
      v?.innerDiameterMm ? [v.innerDiameterMm] : [],
    );
    return across.length ? across.reduce((sum, mm) => sum + Math.PI * (mm / 20) ** 2, 0) : null;
  });
  const { data: plans } = useOpenPlans();
  watch(
    [vessels, plans],
    ([list, open]) => {
      if (!open) return;
      // What stands under another drain is not offered first.
      const free = (role: Vessel['role']): string | null =>
        list.find((v) => v.role === role && !open.inUse.some((use) => use.vesselIds.includes(v.id)))
          ?.id ?? null;
      draft.value.upper ??= free('upper');
      draft.value.lower ??= free('lower');
    },
    { immediate: true },
  );
  /** Vessels that stand under another drain now: one cannot be in two stacks. */
  const taken = computed(() =>
    (plans.value?.inUse ?? []).flatMap((use) =>
      [draft.value.upper, draft.value.lower]
        .filter((id) => id && use.vesselIds.includes(id))
        .map((id) =>
          tell('useStack.in-use-choose-another-vessel', { id: of(id)?.name, what: said(use.what) }),
        ),
    ),
  );
  /** What keeps the key shut, under it. */
  const missing = computed(() => {
    if (potG.value === null) return tell('useStack.what-stands-in-lower-vessel');
    if (potG.value > 0 && !draft.value.potFromLotId)
      return tell('useStack.which-honey-stands-in-lower');
    const lower = of(draft.value.lower);
    if (lower && hasHoles(lower))
      return tell('useStack.has-holes-nothing-stays-in', { lower: lower.name });
    return taken.value[0] ?? null;
  });
  return {
    comb,
    draft,
    clear,
    words,
    waterNote,
    of,
    owed,
    kg,
    potG,
    climate,
    startsFrom,
    waits,
    outKg,
    asks,
    openCm2,
    taken,
    missing,
  };
}
