import { METRIC } from '@furrow/core';
import { freezingPlan, type Flaw, type Shares } from '@furrow/core';
import { mount } from '@vue/test-utils';
import { describe, expect, it } from 'vitest';
import CutComb from './CutComb.vue';
import FreezingLine from './FreezingLine.vue';

const shares: Shares = { capped: 0.7, open: 0.3, pollen: 0, brood: 0, empty: 0 };
const pieces = [
  {
    key: 'a',
    xMm: 0,
    yMm: 0,
    widthMm: 90,
    heightMm: 60,
    label: 'Flat box 250',
    weight: '230–270 g',
    state: 'planned' as const,
  },
  {
    key: 'b',
    xMm: 95,
    yMm: 0,
    widthMm: 45,
    heightMm: 40,
    label: 'Sample cup',
    weight: '70–80 g',
    state: 'cracked' as const,
  },
];
const flaws: Flaw[] = [
  { kind: 'open', xMm: 0, yMm: 90, widthMm: 200, heightMm: 40 },
  { kind: 'edge', xMm: 190, yMm: 0, widthMm: 10, heightMm: 130 },
];
const board = (props: Record<string, unknown> = {}) =>
  mount(CutComb, {
    props: {
      units: METRIC,
      widthMm: 200,
      heightMm: 130,
      s: 2,
      outline: { topWidthMm: 200, bottomWidthMm: 200, depthMm: 130 },
      shares,
      faces: null,
      side: 'A',
      flaws,
      pieces,
      cuts: [
        { x1Mm: 92, y1Mm: 0, x2Mm: 92, y2Mm: 130 },
        { x1Mm: 0, y1Mm: 61, x2Mm: 92, y2Mm: 61 },
      ],
      cutsDone: 1,
      kerfMm: 3,
      selected: null,
      draws: null,
      label: 'Comb 13 on the board',
      ...props,
    },
  });

describe('the comb on the board', () => {
  it('is to scale, with a button for each piece that says what it is', () => {
    const wrapper = board();
    expect(wrapper.attributes('aria-label')).toBe('Comb 13 on the board');
    expect(wrapper.findAll('[role="button"]').map((b) => b.attributes('aria-label'))).toEqual([
      'Flat box 250, 230–270 g',
      'Sample cup, 70–80 g, cracked',
    ]);
    expect(Number(wrapper.get('.piece rect').attributes('width'))).toBe(180);
  });
  it('moves a piece by the arrow keys in steps of the lattice, and opens it by Enter', async () => {
    const wrapper = board();
    const piece = wrapper.findAll('[role="button"]')[0];
    await piece.trigger('keydown', { key: 'ArrowRight' });
    await piece.trigger('keydown', { key: 'ArrowUp' });
    await piece.trigger('keydown', { key: 'Enter' });
    expect(wrapper.emitted('movePiece')).toEqual([
      ['a', { xMm: 5, yMm: 0 }],
      ['a', { xMm: 0, yMm: -5 }],
    ]);
    expect(wrapper.emitted('piece')).toEqual([['a']]);
  });
  it('tells made cuts from the next one, and rubs out a flaw that is touched', async () => {
    const wrapper = board({ draws: 'rub' });
    expect(wrapper.findAll('.cut').map((c) => [c.classes('done'), c.classes('next')])).toEqual([
      [true, false],
      [false, true],
    ]);
    await wrapper.findAll('.rub')[0].trigger('pointerdown');
    expect(wrapper.emitted('rub')).toEqual([[0]]);
  });
  it('does not move by keys where it is only looked at', async () => {
    const wrapper = board({ fixed: true });
    await wrapper.findAll('[role="button"]')[0].trigger('keydown', { key: 'ArrowRight' });
    expect(wrapper.emitted('movePiece')).toBeUndefined();
  });
});

describe('the line of the cold', () => {
  it('says when the core is cold, when it may come out and when it may be unwrapped', () => {
    const plan = freezingPlan({
      packing: 'piece',
      widthMm: null,
      heightMm: null,
      pest: 'moth',
      thicknessMm: 35,
      apart: true,
      litres: 4,
      freezerL: 100,
      freezerC: -18,
      startC: 22,
      roomC: 22,
    });
    const wrapper = mount(FreezingLine, {
      props: {
        plan,
        startedAt: '2026-03-14T12:00:00Z',
        zone: 'America/Sao_Paulo',
        now: new Date('2026-03-14T14:00:00Z'),
      },
    });
    expect(wrapper.get('svg').attributes('aria-label')).toMatch(
      /^Core at −12 °C by Sat 1\d:\d\d, held until Sat 1\d:\d\d, thawed closed by /,
    );
    const width = wrapper.findAll('rect').map((r) => Number(r.attributes('width')));
    expect(width[0] / width[2]).toBeCloseTo(plan.coolingHours.high / plan.holdHours, 2);
  });
});
