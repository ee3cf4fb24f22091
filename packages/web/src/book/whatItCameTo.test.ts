import { METRIC, US_UNITS, asWritten } from '@furrow/core';
import type { BatchDetail, JarKindRecord, Units } from '@furrow/core';
import { mount } from '@vue/test-utils';
import { describe, expect, it } from 'vitest';
import WhatItCameTo from './WhatItCameTo.vue';

const flow = (id: string, from: string, to: string, g: number, reason: string) => ({
  ...{ id, from, to, g, reason: asWritten(reason) },
  at: '2026-03-15T12:00:00Z',
  voids: null,
});
const detail = {
  batch: { handsOnMinutes: 60, expectedHoneyKg: { low: 1.8, mid: 2, high: 2.2 } },
  hive: { kind: 'top-bar', geometry: {} },
  looks: [],
  takes: [
    {
      ...{ id: 't', combId: 'c', slot: 12, outcome: 'taken', netG: 2400, netBy: 'scale' },
      ...{ guessG: 3000, byBox: false, occurredAt: '2026-03-14T12:00:00Z' },
    },
  ],
  drains: [],
  waterReadings: [],
  lots: [
    { id: 'crushed', kind: 'crushed', inG: 2400, count: null, jarKindId: null },
    { id: 'honey', kind: 'honey', inG: 2000, count: null, jarKindId: null },
    { id: 'jars', kind: 'jars', inG: 2000, count: 4, jarKindId: 'jar' },
  ],
  flows: [
    flow('1', 'crushed', 'honey', 2000, 'Drained'),
    flow('2', 'crushed', 'loss', 43, 'Lost: Stuck to vessels and tools'),
  ],
} as unknown as BatchDetail;
const jars = [
  { id: 'jar', name: 'Round jar', netG: 500, cost: 3, purpose: 'jar' },
] as unknown as JarKindRecord[];
const said = (units: Units): string =>
  mount(WhatItCameTo, { props: { detail, jars, units, currency: 'R$', before: [] } }).text();

describe('what a harvest came to', () => {
  it('is said by the kilogram, with why something was lost and how far the guess was off', () => {
    const text = said(METRIC);
    expect(text).toContain('The choice promised 1.8–2.2 kg: as promised.');
    expect(text).toContain('Your hands 60 min, in 1 d: 30 min a kilogram.');
    expect(text).toContain('Empty jars: R$ 6.00 a kilogram.');
    expect(text).toContain('Lost: 43 g, stuck to vessels and tools.');
    expect(text).toContain('guessed 25 % too much');
    expect(text).toContain('18 % water, not measured');
  });
  it('is said by the pound where pounds were chosen, minutes and money too', () => {
    const text = said(US_UNITS);
    expect(text).toContain('14 min a pound.');
    expect(text).toContain('Empty jars: R$ 2.72 a pound.');
    expect(text).not.toMatch(/\d kg|a kilogram\./);
  });
  it('shows a box that was weighed whole as one, with its part of what dripped and was pressed', () => {
    const half = { outcome: 'taken', netBy: 'scale', byBox: true, guessG: null };
    const takes = [
      { ...half, id: 't1', combId: 'c1', slot: 301, netG: 7000, guessG: 12_000, occurredAt: '' },
      { ...half, id: 't2', combId: 'c2', slot: 302, netG: 3000, occurredAt: '' },
    ];
    const boxed = {
      ...detail,
      hive: { kind: 'pile-box', geometry: {} },
      drains: [{ events: [{ kind: 'press' }] }],
      takes,
      flows: [
        flow('1', 'crushed', 'honey', 7200, 'Drained'),
        flow('2', 'crushed', 'honey', 800, 'Pressed'),
      ],
    } as unknown as BatchDetail;
    const text = mount(WhatItCameTo, {
      props: { detail: boxed, jars, units: METRIC, currency: 'R$', before: [] },
    }).text();
    expect(text).toContain('box 3');
    expect(text).toContain('guessed 20 % too much');
    expect(text).not.toContain('3·1');
    expect(text).toContain('7.20 kg dripped and 800 g pressed: 8.00 kg.');
    expect(text).toContain('10 %: about the tenth that people speak of.');
  });
});
