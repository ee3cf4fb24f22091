import { toldWhenRead } from '../words/toldWhenRead.js';
import { capitalised } from '../words/capitalised.js';
import { said } from '../words/units.js';
import { tell } from '../words/tell.js';
import type { Block, ChoiceUnit, Way } from '@furrow/core';
import { computed, ref, watch } from 'vue';
import type { useChoice, WayOffer } from './useChoice.js';

type Pin = 'take' | Way;

const UNIT_WORDS: Partial<Record<ChoiceUnit['what'], string>> = toldWhenRead({
  comb: 'common.comb',
  frame: 'common.frame',
  pots: 'common.pots',
});
/** What a unit is called at the beginning of a sentence: "Comb 12", "Box 2". */
export function named(unit: ChoiceUnit): string {
  const word = UNIT_WORDS[unit.what];
  return capitalised([word, said(unit.label)].filter(Boolean).join(' '));
}

/** What stands against a comb, by its rules. */
const rulesAgainst = (against: readonly Block[]): string =>
  [...new Set(against.map((b) => b.rule))].sort().join();

/**
 * Combs taken in hand and pinned: taken, left, or taken this way. What live brood or a waiting time
 * forbids is said, what a softer rule is against asks for a reason; the reason that overrules it
 * for one comb does so for the next.
 */
export function usePinning(choice: ReturnType<typeof useChoice>) {
  const { hive, judged, fetching, draft, busyCombs, here, units, household, picked, ways } = choice;
  const says = ref('');
  const handId = ref<string | null>(null);
  const inHand = computed(() => (handId.value ? (units.value.get(handId.value) ?? null) : null));
  watch(
    () => hive.value?.id,
    () => {
      says.value = '';
      handId.value = null;
    },
  );
  const asking = ref<{ unit: ChoiceUnit; pin: Pin } | null>(null);
  const reasonsByRule = ref<Record<string, string>>({});
  /**
   * A comb touched before what may be taken was reckoned; it is taken in hand as soon as that is
   * there.
   */
  const touchedEarly = ref<number | null>(null);
  /**
   * What was refused while newer looks were on their way, such as of a comb written down a moment
   * ago, or touched before the rules and jars were there: it is answered again by them.
   */
  const refusedEarly = ref<{ unitId: string; to: Pin } | null>(null);
  watch([here, household], ([now]) => {
    const slot = touchedEarly.value;
    touchedEarly.value = null;
    if (now && slot !== null) return select(slot);
    const early = refusedEarly.value;
    refusedEarly.value = null;
    const unit = early && units.value.get(early.unitId);
    if (!unit) return takeWhatNeedsNoReason();
    asking.value = null;
    pin(unit, early.to);
  });
  /**
   * A reason is asked for no longer where newer looks or rules have taken away what stood against
   * it.
   */
  function takeWhatNeedsNoReason(): void {
    const asked = asking.value;
    const unit = asked && units.value.get(asked.unit.id);
    const stands = unit && offerOf(unit, asked.pin)?.against;
    if (!asked || !unit || !stands || stands.length) return;
    asking.value = null;
    pin(unit, asked.pin);
  }
  /** What a unit would become this way, and what stands against it; null while that is not known. */
  function offerOf(unit: ChoiceUnit, to: Pin): WayOffer | null {
    const way = to === 'take' ? choice.usualWay(unit.id) : to;
    return choice.offers(unit).find((o) => o.way === way) ?? null;
  }
  function select(slot: number): void {
    if (!here.value) return void (touchedEarly.value = slot);
    const unit = here.value.units.find((u) => u.slots.includes(slot));
    says.value = unit ? '' : whyNone(slot);
    if (!unit) return;
    if (picked.value < 0) picked.value = 0;
    const wasInHand = handId.value === unit.id;
    handId.value = unit.id;
    if (!ways.value[unit.id]) return pin(unit, 'take');
    // A comb that is out already shows its ways; only a second touch puts it back.
    if (wasInHand) pin(unit, 'leave');
  }
  function whyNone(slot: number): string {
    const comb = judged.value.find((j) => j.slot === slot);
    return comb && busyCombs.value.includes(comb.combId)
      ? tell('usePinning.comb-chosen-in-harvest-that', { comb: comb.label })
      : '';
  }
  function pin(unit: ChoiceUnit, to: 'leave' | Pin): void {
    says.value = '';
    refusedEarly.value = null;
    if (to === 'leave') return void (draft.value.pins[unit.id] = 'leave');
    // What stands against it is not known yet: nothing is taken without a reason it may need.
    if (!household.value) return void (refusedEarly.value = { unitId: unit.id, to });
    if (!pinTaken(unit, to) && fetching.value) refusedEarly.value = { unitId: unit.id, to };
  }
  /** Gives whether it is taken now: no where something was said or asked instead. */
  function pinTaken(unit: ChoiceUnit, to: Pin): boolean {
    const against = offerOf(unit, to)?.against ?? [];
    const hard = against.find((b) => b.hard);
    const refused = unit.hasBrood
      ? tell('usePinning.carries-brood-it-stays', { unit: named(unit) })
      : hard?.sentence;
    if (refused) {
      says.value = said(refused);
      return false;
    }
    if (against.length && !draft.value.reasons[unit.id]) {
      const known = reasonsByRule.value[rulesAgainst(against)];
      if (!known) {
        asking.value = { unit, pin: to };
        return false;
      }
      draft.value.reasons[unit.id] = known;
      says.value = tell('usePinning.taken-for-reason-you-gave', { unit: named(unit), known });
    }
    draft.value.pins[unit.id] = to;
    return true;
  }
  const offerAsked = computed(() =>
    asking.value ? offerOf(asking.value.unit, asking.value.pin) : null,
  );
  function takeAnyway(why: string): void {
    if (!asking.value) return;
    const { unit, pin: to } = asking.value;
    if (offerAsked.value) reasonsByRule.value[rulesAgainst(offerAsked.value.against)] = why;
    draft.value.reasons[unit.id] = why;
    draft.value.pins[unit.id] = to;
    asking.value = null;
  }
  function unpin(unitId: string): void {
    delete draft.value.pins[unitId];
    delete draft.value.reasons[unitId];
  }
  const hasPins = computed(() => Object.keys(draft.value.pins).some((id) => units.value.has(id)));
  const unpinAll = (): void => [...units.value.keys()].forEach(unpin);
  return {
    ...{ says, inHand, asking, offerAsked, hasPins },
    ...{ select, pin, takeAnyway, unpin, unpinAll },
  };
}
