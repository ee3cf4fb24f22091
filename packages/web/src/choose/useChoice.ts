import { tell } from '../words/tell.js';
import {
  correctionFor,
  marketOf,
  outcomeOf,
  setOfWays,
  takeBlocks,
  wayBlocks,
  waysOf,
  type Block,
  type ChoiceHive,
  type ChoiceUnit,
  type ChooseRequest,
  type EstimateCorrection,
  type Hive,
  type Outcome,
  type Way,
  entryOf,
} from '@furrow/core';
import { DateTime } from 'luxon';
import { computed, ref, watch } from 'vue';
import { useHive } from '../look/useHive.js';
import { serverNow } from '../api/client.js';
import { useHarvests, useJars, useEstimatePairs, useVessels } from '../api/queries.js';
import { useDraft } from '../shell/draft.js';
import { chosenTogether, hiveToChoose, newChooseDraft, withPins } from './chooseDraft.js';
import { useChooser } from './useChooser.js';

export interface WayOffer {
  way: Way;
  outcome: Outcome | null;
  /** What stands against it; empty where nothing does. */
  against: Block[];
}

/**
 * Everything Choose works with: the hives as units, the question, the chooser's answer, and what is
 * lifted now.
 */
export function useChoice() {
  const base = useHive();
  const { hives, hive, rules } = base;
  const { data: jars } = useJars();
  const { data: vessels } = useVessels();
  const { data: harvests } = useHarvests();
  const { draft } = useDraft('choose', newChooseDraft);
  const { data: pairs } = useEstimatePairs();
  const correctionOf = (of: Pick<Hive, 'name' | 'kind'>): EstimateCorrection | null =>
    correctionFor(pairs.value ?? [], of);
  const busyCombs = computed(() =>
    (harvests.value ?? [])
      .filter((b) => !b.closedAt && ['ready', 'take'].includes(b.stage))
      .flatMap((b) => b.combIds),
  );
  /** The hive in view, and those that are chosen from together with it. */
  const from = computed(() => {
    const first = hive.value;
    if (!first) return [];
    const joins = (h: Hive): boolean =>
      h.id !== first.id && chosenTogether(draft.value, first.id, h.id);
    return [first, ...(hives.value ?? []).filter(joins)];
  });
  const choiceHives = computed<ChoiceHive[]>(() => {
    const house = rules.value;
    if (!house) return [];
    const now = serverNow().toISOString();
    return from.value.map((h) =>
      hiveToChoose(h, house, now, busyCombs.value, draft.value, correctionOf(h)),
    );
  });
  const correction = computed(() => (hive.value ? correctionOf(hive.value) : null));
  const here = computed(() => choiceHives.value.find((h) => h.hiveId === hive.value?.id) ?? null);
  const units = computed(
    () => new Map(choiceHives.value.flatMap((h) => h.units).map((u) => [u.id, u])),
  );
  const household = computed(() =>
    rules.value && jars.value && vessels.value
      ? { rules: rules.value, jars: jars.value, vessels: vessels.value }
      : null,
  );
  /** By what an outcome is reckoned: the house rules, and what honey brings. */
  const reckoning = computed(() => {
    if (!household.value) return null;
    const { rules: house, jars: kinds } = household.value;
    return { house, market: marketOf(kinds, house) };
  });
  const withinHours = computed(() => {
    const by = draft.value.amount?.byLocal;
    return by && hive.value
      ? DateTime.fromISO(by, { zone: hive.value.site.zone }).diff(
          DateTime.fromJSDate(serverNow()),
          'hours',
        ).hours
      : null;
  });
  const request = computed<ChooseRequest | null>(() => {
    if (!household.value || !choiceHives.value.length) return null;
    const { goal, amount, pins, handsHours, countVessels, countStock, countFreezer } = draft.value;
    const known = Object.fromEntries(Object.entries(pins).filter(([id]) => units.value.has(id)));
    return {
      hives: choiceHives.value,
      household: household.value,
      question: {
        goal,
        pins: known,
        handsHours,
        countVessels,
        countStock,
        countFreezer,
        amount: amount && {
          jarKindId: amount.jarKindId,
          count: amount.count ?? 0,
          withinHours: withinHours.value,
        },
      },
    };
  });
  const chooser = useChooser(request);
  function offers(unit: ChoiceUnit): WayOffer[] {
    if (!reckoning.value) return [];
    const { house, market } = reckoning.value;
    const take = takeBlocks(unit);
    return waysOf(unit).map((way) => ({
      way,
      outcome: outcomeOf(unit, way, house, market),
      against: [...take, ...wayBlocks(unit, way, house, market)],
    }));
  }
  /**
   * The way of a unit that is lifted by hand before the chooser has spoken: the one worth most that
   * nothing stands against.
   */
  function usualWay(id: string): Way | null {
    const unit = units.value.get(id);
    if (!unit || !reckoning.value) return null;
    const { house, market } = reckoning.value;
    const list = waysOf(unit).map((way) => ({
      way,
      free: !wayBlocks(unit, way, house, market).length,
      worth: outcomeOf(unit, way, house, market)?.worth.mid ?? 0,
    }));
    list.sort((a, b) => Number(b.free) - Number(a.free) || b.worth - a.worth);
    return list[0]?.way ?? null;
  }
  /** Which of the sets side by side is lifted; -1 leaves all. */
  const picked = ref(0);
  watch(
    () => [draft.value.goal, hive.value?.id],
    () => (picked.value = 0),
  );
  const sets = computed(() => chooser.good.value?.sets ?? []);
  const ways = computed<Record<string, Way>>(() => {
    const set =
      picked.value < 0
        ? {}
        : (sets.value[Math.min(picked.value, sets.value.length - 1)]?.ways ?? {});
    return Object.fromEntries(
      Object.entries(
        household.value ? withPins(set, picked.value < 0 ? {} : draft.value.pins, usualWay) : {},
      ).filter(([id]) => units.value.has(id)),
    );
  });
  const nowSet = computed(() =>
    request.value ? setOfWays(request.value, ways.value, tell('useChoice.as-it-lifted')) : null,
  );
  const chosen = computed(() =>
    Object.entries(ways.value).map(([id, way]) => ({ unit: entryOf(units.value, id), way })),
  );
  return {
    ...base,
    jars,
    vessels,
    draft,
    busyCombs,
    from,
    choiceHives,
    here,
    units,
    household,
    chooser,
    sets,
    picked,
    ways,
    nowSet,
    chosen,
    offers,
    usualWay,
    request,
    correction,
  };
}
