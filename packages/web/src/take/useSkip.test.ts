import { describe, expect, it } from 'vitest';
import { nextTick, ref } from 'vue';
import { useSkip } from './useSkip.js';

describe('cutting a wait short', () => {
  it('goes on without a word where nothing is waited for', () => {
    const { asks, mayGoOn } = useSkip(ref(false));
    expect([mayGoOn(), asks.value]).toEqual([true, false]);
  });
  it('asks at the first wait, goes on at the second touch, and never asks again', async () => {
    const waits = ref(true);
    const { asks, mayGoOn } = useSkip(waits);
    expect([mayGoOn(), asks.value]).toEqual([false, true]);
    expect([mayGoOn(), asks.value]).toEqual([true, false]);
    waits.value = false;
    await nextTick();
    waits.value = true;
    await nextTick();
    expect([mayGoOn(), asks.value]).toEqual([true, false]);
  });
  it('forgets a question that the wait itself answered', async () => {
    const waits = ref(true);
    const { asks, mayGoOn } = useSkip(waits);
    mayGoOn();
    waits.value = false;
    await nextTick();
    expect([mayGoOn(), asks.value]).toEqual([true, false]);
    waits.value = true;
    await nextTick();
    expect([mayGoOn(), asks.value]).toEqual([false, true]);
  });
});
