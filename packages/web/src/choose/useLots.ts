import { tell } from '../words/tell.js';
import {
  hasComb,
  keepApartBy,
  planLots,
  seasonOf,
  siteDate,
  takenUnits,
  type Hive,
  type HouseRules,
  type NewChoice,
} from '@furrow/core';
import { computed, type Ref } from 'vue';
import { newId, serverNow } from '../api/client.js';
import type { useSend } from '../api/useSend.js';
import type { useChoice } from './useChoice.js';

type Batches = NewChoice['batches'];
type Lot = ReturnType<typeof planLots>[number];

/**
 * The lots that what is lifted is kept apart by, and the choice written down. Takes the hive in
 * view and the house rules.
 */
export function useLots(
  choice: ReturnType<typeof useChoice>,
  hive: Ref<Hive>,
  rules: Ref<HouseRules>,
  go: ReturnType<typeof useSend>['go'],
) {
  const { draft, chosen, chooser, nowSet, from } = choice;
  const seasonStart = computed(() => {
    const date = siteDate(hive.value, serverNow().toISOString());
    return seasonOf(date, hive.value.site.hemisphere).startsOn;
  });
  /** What lots are kept apart by: what was said here, else the household's rule. */
  const keep = computed({
    get: () => draft.value.keep ?? keepApartBy(rules.value.lotsBy),
    set: (value) => (draft.value.keep = value),
  });
  const lots = computed(() => planLots(chosen.value, keep.value, seasonStart.value));

  /** A lot as it is written down: a batch for each of its hives, under one visit of each. */
  function batchesOf(lot: Lot, visitOf: (hiveId: string) => string): Batches {
    const lotGroup = lot.hiveIds.length > 1 ? newId() : null;
    return lot.hiveIds.map((hiveId) => {
      const mine = lot.units.filter((u) => u.hiveId === hiveId);
      const against = mine.filter((u) => u.verdict.verdict !== 'take');
      const anyway = against.flatMap((u) =>
        u.combIds.map((combId) => ({ combId, reason: draft.value.reasons[u.id] ?? '' })),
      );
      const combIds = mine.flatMap((u) => u.combIds);
      const visitId = visitOf(hiveId);
      return { visitId, batchId: newId(), hiveId, method: lot.way, combIds, anyway, lotGroup };
    });
  }
  function takenOf(batches: Batches): string {
    const lines = from.value.flatMap((h) => {
      const ids = batches.filter((b) => b.hiveId === h.id).flatMap((b) => b.combIds);
      const slots = h.bars.filter(hasComb).filter((b) => ids.includes(b.comb.id));
      return ids.length
        ? [
            tell('useLots.from', {
              h: takenUnits(
                h,
                slots.map((b) => b.slot),
              ),
              h2: h.name,
            }),
          ]
        : [];
    });
    return tell('useLots.chosen', { lines: lines.join(', ') });
  }
  /** Writes down what is lifted. Gives the first batch, or null where it was refused. */
  async function write(): Promise<string | null> {
    const visits = new Map(from.value.map((h) => [h.id, newId()]));
    const visitOf = (hiveId: string): string => visits.get(hiveId) ?? newId();
    const batches = lots.value.flatMap((lot) => batchesOf(lot, visitOf));
    const { amount, goal, handsHours, flowKg } = draft.value;
    const worth = nowSet.value?.worth ?? null;
    const proof = chooser.answer.value?.proof ?? null;
    const question = { goal, amount, handsHours, flowKg, worth, proof };
    const done = await go('/choices', { batches, question }, takenOf(batches));
    return done ? batches[0].batchId : null;
  }
  return { seasonStart, keep, lots, write };
}
