import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest';
import { heardFromHouse, missedHouse, readMs, useAwaySince } from './away.js';

let isThere = true;
beforeEach(() => {
  vi.useFakeTimers();
  vi.stubGlobal(
    'fetch',
    vi.fn(() => (isThere ? Promise.resolve(new Response()) : Promise.reject(new Error('away')))),
  );
});
afterEach(() => {
  vi.useRealTimers();
  vi.unstubAllGlobals();
  heardFromHouse();
});

describe('a house that does not answer', () => {
  it('is known to be away, asked again, and found when it is back', async () => {
    isThere = false;
    const back = missedHouse();
    await vi.advanceTimersByTimeAsync(100);
    expect(useAwaySince().value).not.toBeNull();
    const patient = 12_000;
    expect(readMs()).toBeLessThan(patient);
    const since = useAwaySince().value;
    await vi.advanceTimersByTimeAsync(7000);
    expect(useAwaySince().value).toBe(since);
    isThere = true;
    await vi.advanceTimersByTimeAsync(4000);
    await back;
    expect(useAwaySince().value).toBeNull();
    expect(readMs()).toBe(patient);
  });
  it('is asked by one at a time', async () => {
    isThere = false;
    const first = missedHouse();
    await missedHouse();
    await vi.advanceTimersByTimeAsync(100);
    expect(fetch).toHaveBeenCalledOnce();
    isThere = true;
    await vi.advanceTimersByTimeAsync(4000);
    await first;
  });
  it('was not away where it answers after all', async () => {
    isThere = true;
    await missedHouse();
    expect(useAwaySince().value).toBeNull();
  });
});
