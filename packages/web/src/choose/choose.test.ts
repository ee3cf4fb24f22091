import { said } from '../words/units.js';
import {
  asWritten,
  DEFAULT_RULES,
  HIVE_KINDS,
  type ChoiceUnit,
  type ChoiceSet,
  type ChooseAnswer,
  type Hive,
  type Shares,
} from '@furrow/core';
import { mount } from '@vue/test-utils';
import PrimeVue from 'primevue/config';
import { describe, expect, it } from 'vitest';
import InHand from './InHand.vue';
import SetsTable from './SetsTable.vue';
import { chosenTogether, hiveToChoose, joinHives, withPins } from './chooseDraft.js';
import type { WayOffer } from './useChoice.js';

const none = { low: 0, mid: 0, high: 0 };
const set = (name: string, ways: ChoiceSet['ways'], worth: number): ChoiceSet => ({
  name,
  note: null,
  ways,
  honeyKg: { low: 1.5, mid: 2, high: 2.4 },
  combKg: none,
  pieces: none,
  chunkJars: none,
  jars: { low: 3, mid: 4, high: 4 },
  cleanWaxG: { low: 50, mid: 80, high: 120 },
  handsOnHours: { low: 0.5, mid: 0.7, high: 1 },
  elapsedHours: { low: 16, mid: 20, high: 40 },
  worth: { low: worth - 20, mid: worth, high: worth + 20 },
  hives: [{ hiveId: 'h', name: 'Ipê', staysLowKg: 13, spareKg: 2, hardSpareKg: 0.4 }],
});
const answer = (more: Partial<ChooseAnswer> = {}): ChooseAnswer => ({
  proof: 'proven',
  gap: 0,
  sets: [set('Most worth', { a: 'cut' }, 220), set('Everything crushed', { a: 'crush' }, 138)],
  bindings: [],
  relaxations: [],
  notes: [],
  orderHeld: [],
  issues: [],
  isDone: true,
  ...more,
});
const table = (a: ChooseAnswer, more: Record<string, unknown> = {}) =>
  mount(SetsTable, {
    props: {
      answer: a,
      good: answer(),
      busy: false,
      failed: false,
      nowSet: answer().sets[0],
      ways: { a: 'cut' },
      rules: { ...DEFAULT_RULES, currency: 'R$' },
      goal: 'most-worth',
      hiveId: 'h',
      kind: 'top-bar',
      picked: 0,
      ...more,
    },
    global: { plugins: [PrimeVue], stubs: { RouterLink: true } },
  });

describe('sets side by side', () => {
  it('each with its range and unit, the picked one marked, and leaving all beside them', async () => {
    const wrapper = table(answer());
    expect(wrapper.findAll('tbody tr')).toHaveLength(3);
    expect(wrapper.find('tr.on').text()).toContain('Most worth');
    expect(wrapper.text()).toContain('Proven: no set is better');
    expect(wrapper.find('th:nth-child(7)').text()).toBe('Worth, R$');
    await wrapper.findAll('input[type=radio]')[2].setValue();
    expect(wrapper.emitted('update:picked')!.at(-1)).toEqual([-1]);
  });
  it('says how far an answer is known while it is looked for', () => {
    expect(table(answer({ proof: 'first', gap: 1, isDone: false })).text()).toContain(
      'A first set; looking for better ones.',
    );
    expect(table(answer({ proof: 'near', gap: 0.008, isDone: false })).text()).toContain(
      'Within 0.8 % of the best there could be; still looking.',
    );
  });
  it('an impossible wish says what would have to give, and the last good sets stay', () => {
    const wrapper = table(
      answer({
        sets: [],
        relaxations: [
          { rule: 'winter:h', sentence: asWritten('Ease this alone: what Ipê can spare.') },
        ],
      }),
    );
    expect(wrapper.find('[role=alert]').text()).toContain('Ease this alone: what Ipê can spare.');
    expect(wrapper.text()).toContain('Everything crushed');
  });
  it('what has no price is not worth 0 beside what has one', () => {
    const [first, crushed] = answer().sets;
    const half = answer({ sets: [first, { ...crushed, worth: none }] });
    const wrapper = table(half, { good: half });
    const cells = wrapper.findAll('td[data-head=Worth]').map((cell) => cell.text());
    expect(cells[0]).toContain('220');
    expect(wrapper.findAll('td[data-head=Worth]')[1].find('b').exists()).toBe(false);
  });
  it('what was lifted by hand stands as a row of its own', () => {
    const wrapper = table(answer(), { nowSet: set('As it is lifted', { b: 'slice' }, 90) });
    expect(wrapper.find('tr.on').text()).toContain('As you lifted them');
  });
  it('what holds it back is said, and a wish that cannot be read', () => {
    expect(
      table(
        answer({
          bindings: [{ limit: 'x', gain: 5, sentence: asWritten('The limit is freezer, 40 L.') }],
          notes: [asWritten('Ipê: no prices.')],
          orderHeld: [],
        }),
      )
        .find('.binds')
        .text(),
    ).toContain('The limit is freezer, 40 L.');
    expect(
      table(answer({ sets: [], issues: [{ path: 'amount', says: asWritten('At least one.') }] }))
        .find('[role=alert]')
        .text(),
    ).toBe('At least one.');
  });
});

describe('a comb in hand', () => {
  const unit = { id: 'a', what: 'comb', label: '12', liftKg: none } as unknown as ChoiceUnit;
  const outcome = {
    pieces: { low: 4, mid: 6, high: 8 },
    chunkJars: none,
    honeyKg: { low: 0.4, mid: 0.6, high: 0.9 },
    cleanWaxG: none,
    handsOnMinutes: none,
    elapsedHours: none,
    worth: none,
  } as unknown as WayOffer['outcome'];
  const offers: WayOffer[] = [
    { way: 'cut', outcome, against: [] },
    {
      way: 'crush',
      outcome,
      against: [{ rule: 'capped', sentence: asWritten('62 % capped.'), hard: false }],
    },
    {
      way: 'drain-hive',
      outcome: null,
      against: [{ rule: 'kind', sentence: asWritten('Only drain frames run out.'), hard: true }],
    },
  ];
  const hand = () =>
    mount(InHand, {
      props: { unit, name: 'Comb 12', offers, way: 'leave', pinned: true, rules: DEFAULT_RULES },
      global: { plugins: [PrimeVue] },
    });
  it('shows every way with what it gives, and pins the one that is touched', async () => {
    const wrapper = hand();
    expect(wrapper.text()).toContain('Comb 12 in hand, pinned');
    expect(wrapper.text()).toContain('4–8 pieces, 400–900 g');
    expect(wrapper.text()).toContain('against your rule “capped”');
    await wrapper.findAll('.way')[1].trigger('click');
    expect(wrapper.emitted('pin')).toEqual([['cut']]);
  });
  it('what cannot be is not pinned but says why', async () => {
    const wrapper = hand();
    await wrapper.findAll('.way')[3].trigger('click');
    expect(wrapper.emitted('pin')).toBeUndefined();
    expect(wrapper.find('.why').text()).toContain('Only drain frames run out.');
  });
});

describe('hives chosen from at once', () => {
  it('stay together whichever of them is in view, until one leaves', () => {
    const both = joinHives([], 'a', 'b', true);
    expect(both).toEqual(['a', 'b']);
    expect(chosenTogether({ together: both }, 'b', 'a')).toBe(true);
    expect(chosenTogether({ together: both }, 'c', 'a')).toBe(false);
    const three = joinHives(both, 'b', 'c', true);
    expect(joinHives(three, 'c', 'a', false)).toEqual(['b', 'c']);
    expect(joinHives(both, 'b', 'a', false)).toEqual([]);
  });
});

describe('pins over a set', () => {
  it('show at once: taken the usual way, left, or by the way named', () => {
    expect(
      withPins({ a: 'crush', b: 'cut' }, { a: 'leave', c: 'take', d: 'slice' }, () => 'press'),
    ).toEqual({ b: 'cut', c: 'press', d: 'slice' });
    expect(withPins({ a: 'crush' }, { a: 'take' }, () => 'press')).toEqual({ a: 'crush' });
  });
});

describe('a hive as the chooser sees it', () => {
  const sealed: Shares = { capped: 0.92, open: 0.05, pollen: 0, brood: 0, empty: 0.03 };
  const look = (combId: string, slot: number) => ({
    id: `l${slot}`,
    combId,
    slot,
    occurredAt: '2026-03-13T12:00:00Z',
    date: '2026-03-13',
    sides: { A: sealed, B: sealed },
    seenBy: { A: 'hand', B: 'hand' },
    photos: { A: null, B: null },
    pane: null,
    attachment: null,
    pots: null,
    straight: true,
    readings: [],
    combAge: 'new',
    depthMm: 180,
    thicknessMm: 28,
    painted: { A: false, B: false },
    verdict: {},
    rulesVersion: 1,
    revision: 1,
  });
  const hive = {
    id: 'h',
    siteId: 's',
    name: 'Araucária',
    kind: 'warre',
    geometry: HIVE_KINDS.warre.defaults,
    revision: 1,
    site: {
      id: 's',
      name: 'Encosta',
      zone: 'America/Sao_Paulo',
      hemisphere: 'south',
      notes: [],
      orderHeld: [],
      forage: {},
      revision: 1,
    },
    colony: { id: 'c', startedOn: '2024-09-20', endedOn: null, facts: [], revision: 1 },
    boxes: [
      {
        carrierId: 'b1',
        number: 1,
        compartment: 'box',
        turned: false,
        turnedOn: null,
        sinceOn: '2024-09-20',
        madeOn: '2024-09-20',
        revision: 1,
      },
      {
        carrierId: 'b2',
        number: 2,
        compartment: 'box',
        turned: false,
        turnedOn: null,
        sinceOn: '2024-09-20',
        madeOn: '2024-09-20',
        revision: 1,
      },
    ],
    bars: [101, 102, 201, 202].map((slot) => ({
      carrierId: `k${slot}`,
      slot,
      inBox: slot % 100,
      boxId: slot < 200 ? 'b1' : 'b2',
      comb: { id: `c${slot}`, builtOn: '2025-10-01', looks: [look(`c${slot}`, slot)], marks: [] },
    })),
  } as unknown as Hive;
  const rules = { ...DEFAULT_RULES, winterNeedByKindKg: { warre: 2 } };
  const at = '2026-03-14T12:00:00Z';
  it('comb by comb, or box by box from the top with its weight', () => {
    expect(
      hiveToChoose(hive, rules, at, [], { flowKg: {}, byBox: {} }).units.map((u) => said(u.label)),
    ).toEqual(['1·1', '1·2', '2·1', '2·2']);
    const boxes = hiveToChoose(hive, rules, at, [], { flowKg: {}, byBox: { h: true } }).units;
    expect(boxes.map((u) => [said(u.label), u.order, u.combIds.length])).toEqual([
      ['box 1', 1, 2],
      ['box 2', 2, 2],
    ]);
    expect(boxes[0].liftKg.low).toBeGreaterThan(boxes[0].estimate!.honeyKg.low);
  });
  it('combs of a harvest that is not done are as good as gone; a flow counted on eases the need', () => {
    const all = hiveToChoose(hive, rules, at, [], { flowKg: {}, byBox: {} });
    const less = hiveToChoose(hive, rules, at, ['c202'], { flowKg: { h: 1.5 }, byBox: {} });
    expect(less.storesLowKg).toBeLessThan(all.storesLowKg);
    expect([all.winter.needKg, less.winter.needKg]).toEqual([2, 0.5]);
  });
});
