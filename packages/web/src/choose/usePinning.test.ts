import { asWritten } from '@furrow/core';
import type { Block, ChoiceUnit, JudgedComb, Way } from '@furrow/core';
import { describe, expect, it } from 'vitest';
import { computed, nextTick, ref } from 'vue';
import { named, usePinning } from './usePinning.js';
import { useWinterSums } from './useWinterSums.js';

const unit = (slot: number, more: Partial<ChoiceUnit> = {}): ChoiceUnit =>
  ({
    id: `c${slot}`,
    what: 'comb',
    slots: [slot],
    label: String(slot),
    hasBrood: false,
    ...more,
  }) as ChoiceUnit;
const softly = (rule: string): Block => ({
  rule,
  hard: false,
  sentence: asWritten(`Against it: ${rule}.`),
});
const firmly: Block = { rule: 'brood', hard: true, sentence: asWritten('It stays.') };

/** What Choose works with, as far as pinning asks for it. */
function choiceOf(list: ChoiceUnit[], against: Record<string, Block[]> = {}) {
  const here = ref<{ units: ChoiceUnit[] } | null>({ units: list });
  const household = ref<object | null>({});
  const draft = ref<{ pins: Record<string, string>; reasons: Record<string, string> }>({
    pins: {},
    reasons: {},
  });
  const choice = {
    judged: ref(list.map((u) => ({ slot: u.slots[0], combId: u.id, label: u.label }))),
    hive: ref({ id: 'h' }),
    fetching: ref(false),
    draft,
    busyCombs: ref<string[]>([]),
    here,
    units: computed(() => new Map((here.value?.units ?? []).map((u) => [u.id, u]))),
    household,
    picked: ref(0),
    ways: computed(() =>
      Object.fromEntries(Object.entries(draft.value.pins).filter(([, to]) => to !== 'leave')),
    ),
    usualWay: (): Way => 'crush',
    offers: (of: ChoiceUnit) => [{ way: 'crush', outcome: null, against: against[of.id] ?? [] }],
  };
  return { here, household, draft, choice, pinning: usePinning(choice as never) };
}

describe('a comb that is touched', () => {
  it('is taken, and at the second touch put back', () => {
    const { draft, pinning } = choiceOf([unit(12)]);
    pinning.select(12);
    expect(draft.value.pins).toEqual({ c12: 'take' });
    expect(pinning.inHand.value?.id).toBe('c12');
    pinning.select(12);
    expect(draft.value.pins).toEqual({ c12: 'leave' });
  });

  it('that is out already shows its ways before it goes back', () => {
    const { draft, pinning } = choiceOf([unit(12), unit(13)]);
    pinning.select(12);
    pinning.select(13);
    pinning.select(12);
    expect(draft.value.pins).toEqual({ c12: 'take', c13: 'take' });
  });

  it('with brood stays, and says so', () => {
    const { draft, pinning } = choiceOf([unit(5, { hasBrood: true })]);
    pinning.select(5);
    expect(pinning.says.value).toBe('Comb 5 carries brood: it stays.');
    expect(draft.value.pins).toEqual({});
  });

  it('that something firm stands against stays for that reason', () => {
    const { draft, pinning } = choiceOf([unit(5)], { c5: [firmly] });
    pinning.select(5);
    expect([pinning.says.value, draft.value.pins]).toEqual(['It stays.', {}]);
  });

  it('chosen in another harvest says so', () => {
    const { choice, here, pinning } = choiceOf([unit(5)]);
    choice.busyCombs.value = ['c5'];
    here.value = { units: [] };
    pinning.select(5);
    expect(pinning.says.value).toBe('Comb 5 is chosen in a harvest that is not done yet.');
  });
});

describe('what a softer rule stands against', () => {
  it('is asked for a reason, and the same rule is not asked about twice', () => {
    const against = { c5: [softly('ripe')], c6: [softly('ripe')] };
    const { draft, pinning } = choiceOf([unit(5), unit(6)], against);
    pinning.select(5);
    expect(draft.value.pins).toEqual({});
    expect(pinning.offerAsked.value?.against[0].sentence).toEqual(asWritten('Against it: ripe.'));
    pinning.takeAnyway('It leaks');
    pinning.select(6);
    expect(draft.value.pins).toEqual({ c5: 'take', c6: 'take' });
    expect(pinning.says.value).toBe('Comb 6: taken for the reason you gave before, “It leaks”.');
  });

  it('another rule is asked about anew', () => {
    const against = { c5: [softly('ripe')], c6: [softly('theirs')] };
    const { draft, pinning } = choiceOf([unit(5), unit(6)], against);
    pinning.select(5);
    pinning.takeAnyway('It leaks');
    pinning.select(6);
    expect(draft.value.pins).toEqual({ c5: 'take' });
    expect(pinning.asking.value?.unit.id).toBe('c6');
  });

  it('that newer looks took away is taken without a reason', async () => {
    const against: Record<string, Block[]> = { c5: [softly('ripe')] };
    const { draft, here, pinning } = choiceOf([unit(5)], against);
    pinning.select(5);
    against.c5 = [];
    here.value = { units: [unit(5)] };
    await nextTick();
    expect(draft.value.pins).toEqual({ c5: 'take' });
    expect(pinning.asking.value).toBeNull();
  });
});

describe('a comb touched before its rules are there', () => {
  it('is taken in hand as soon as they are', async () => {
    const { here, draft, pinning } = choiceOf([unit(5)]);
    here.value = null;
    await nextTick();
    pinning.select(5);
    expect(draft.value.pins).toEqual({});
    here.value = { units: [unit(5)] };
    await nextTick();
    expect(draft.value.pins).toEqual({ c5: 'take' });
  });

  it('is not taken without a reason that it may need', async () => {
    const { household, draft, pinning } = choiceOf([unit(5)], { c5: [softly('ripe')] });
    household.value = null;
    await nextTick();
    pinning.select(5);
    expect([draft.value.pins, pinning.asking.value]).toEqual([{}, null]);
    household.value = {};
    await nextTick();
    expect(pinning.asking.value?.unit.id).toBe('c5');
  });
});

describe('letting all be chosen', () => {
  it('takes away pins and reasons of this choice, and no others', () => {
    const { draft, pinning } = choiceOf([unit(5)]);
    draft.value = { pins: { c5: 'take', other: 'leave' }, reasons: { c5: 'x', other: 'y' } };
    expect(pinning.hasPins.value).toBe(true);
    pinning.unpinAll();
    expect(draft.value).toEqual({ pins: { other: 'leave' }, reasons: { other: 'y' } });
    expect(pinning.hasPins.value).toBe(false);
  });
});

it.each([
  [unit(12), 'Comb 12'],
  [unit(2, { what: 'pots', label: 'group 2' }), 'Pots group 2'],
  [unit(201, { what: 'box', label: 'box 2' }), 'Box 2'],
])('a unit is named at the beginning of a sentence', (of, word) => expect(named(of)).toBe(word));

describe('what stays for the winter', () => {
  const judged = (slot: number, low: number, brood = 0, cappedPercent = 90): JudgedComb =>
    ({
      slot,
      label: String(slot),
      seen: { sides: { A: { brood }, B: null } },
      verdict: { cappedPercent },
      estimate: {
        honeyKg: { low, mid: low, high: low },
        cappedHoneyKg: { low, mid: low, high: low },
        openHoneyKg: { low: 0.82, mid: 1, high: 1 },
      },
    }) as unknown as JudgedComb;
  const sums = (lifted: number[]) =>
    useWinterSums(
      ref([judged(3, 0.5, 0.4), judged(8, 1.5), judged(9, 2, 0, 20)]),
      ref(new Set(lifted)),
      ref(3),
    );

  it('stands as nest and stores, what is lifted no more', () => {
    expect(sums([]).stacks.value.map((s) => [s.label, s.pattern])).toEqual([
      ['nest', 'brood'],
      ['8', 'capped'],
      ['9', 'open'],
    ]);
    expect(sums([9]).stacks.value.map((s) => s.label)).toEqual(['nest', '8']);
  });

  it('open honey counts as it will be once its water is gone', () => {
    const [nest] = sums([]).stacks.value;
    expect(nest.kg).toBeCloseTo(0.5 + 0.6, 6);
  });
});
