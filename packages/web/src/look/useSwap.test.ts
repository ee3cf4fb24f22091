import type { BarView, Hive } from '@furrow/core';
import { createPinia, setActivePinia } from 'pinia';
import { beforeEach, describe, expect, it, vi } from 'vitest';
import { ref } from 'vue';
import { useUi } from '../shell/ui.js';
import { swapped, useSwap } from './useSwap.js';

const bar = (slot: number, boxId: string | null = null): BarView => ({
  carrierId: `bar${slot}`,
  slot,
  inBox: slot % 100,
  boxId,
  comb: null,
});
const hive = (bars: BarView[], turned = false): Hive =>
  ({ id: 'h', boxes: [{ carrierId: 'box1', turned }], bars }) as unknown as Hive;

describe('two places swapped', () => {
  it('stand in each other’s place, the others where they were', () => {
    const bars = [1, 2, 3, 4].map((slot) => bar(slot));
    expect(swapped(hive(bars), bars[0], bars[2])).toEqual(['bar3', 'bar2', 'bar1', 'bar4']);
  });

  it('are counted from the other end of a box that was turned round', () => {
    const bars = [101, 102, 103].map((slot) => bar(slot, 'box1'));
    expect(swapped(hive(bars, true), bars[0], bars[1])).toEqual(['bar103', 'bar101', 'bar102']);
  });
});

describe('while a place is being swapped', () => {
  beforeEach(() => setActivePinia(createPinia()));
  const bars = [bar(1), bar(2), bar(101, 'box1')];
  const swap = (answer: unknown = {}) => {
    const go = vi.fn().mockResolvedValue(answer);
    return { go, ...useSwap(ref(hive(bars)), go) };
  };

  it('the next touch names the other one, and it is written down once', async () => {
    const { swapping, swapWith, go } = swap();
    swapping.value = bars[0];
    expect(await swapWith(2)).toBe(true);
    expect(go).toHaveBeenCalledWith(
      '/orders',
      { hiveId: 'h', boxId: null, carrierIds: ['bar2', 'bar1'], what: 'swap' },
      '1 and 2 swapped.',
    );
    expect(swapping.value).toBeNull();
  });

  it('the same place again puts the swap away', async () => {
    const { swapping, swapWith, go } = swap();
    swapping.value = bars[0];
    expect(await swapWith(1)).toBe(false);
    expect([go.mock.calls.length, swapping.value]).toEqual([0, null]);
  });

  it('a place of another box is refused in words', async () => {
    const { swapping, swapWith, go } = swap();
    const say = vi.spyOn(useUi(), 'say');
    swapping.value = bars[0];
    expect(await swapWith(101)).toBe(false);
    expect(say).toHaveBeenCalledWith('Only places of one box are swapped.', null);
    expect(go).not.toHaveBeenCalled();
  });

  it('one that the server refuses is not swapped', async () => {
    const { swapping, swapWith } = swap(null);
    swapping.value = bars[0];
    expect(await swapWith(2)).toBe(false);
  });
});
