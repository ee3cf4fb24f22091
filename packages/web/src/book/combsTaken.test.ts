import { METRIC } from '@furrow/core';
import type { BatchDetail } from '@furrow/core';
import { VueQueryPlugin } from '@tanstack/vue-query';
import { mount } from '@vue/test-utils';
import { createPinia } from 'pinia';
import { describe, expect, it } from 'vitest';
import CombsTaken from './CombsTaken.vue';

const take = (slot: number, netG: number, more: object = {}) => ({
  ...{ id: `t${slot}`, combId: `c${slot}`, slot, netG, netBy: 'scale', byBox: false },
  ...more,
});
const text = (kind: string, takes: object[]): string =>
  mount(CombsTaken, {
    props: {
      detail: {
        hive: { kind },
        ...{ takes, marks: [], incidents: [] },
        lots: [{ id: 'l', kind: 'comb', inG: 15_300 }],
      } as unknown as BatchDetail,
      units: METRIC,
    },
    global: { plugins: [createPinia(), VueQueryPlugin] },
  })
    .text()
    .replace(/\s+/g, ' ');

describe('what was taken', () => {
  it('is a box where a box was weighed whole: its combs have no weight of their own', () => {
    const said = text(
      'pile-box',
      [401, 402, 403].map((slot) => take(slot, 5100, { byBox: true })),
    );
    expect(said).toContain('Where is a box now');
    expect(said).toContain('box 4');
    expect(said).toMatch(/15\.30 kg|15300 g/);
    expect(said).not.toContain('weighed,');
  });
  it('is comb by comb where each was weighed, with their average; estimates say so and do not count', () => {
    const said = text('top-bar', [
      take(12, 2000),
      take(11, 2400),
      take(10, 1000, { netBy: 'estimate' }),
    ]);
    expect(said).toContain('2 combs weighed, 2.20 kg each on the average.');
    expect(said).toContain('1000 g, by estimate');
  });
});
