import { flushPromises, mount } from '@vue/test-utils';
import { createPinia, setActivePinia } from 'pinia';
import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest';
import { defineComponent, h } from 'vue';
import { heardFromHouse, useAwaySince } from '../api/away.js';
import { useUi } from '../shell/ui.js';
import { comesLater } from './comesLater.js';

const Dialog = defineComponent({ render: () => h('p', 'What waits') });
const broken = (): Promise<never> => Promise.reject(new Error('failed to fetch'));

let say: ReturnType<typeof vi.fn>;
beforeEach(() => {
  vi.useFakeTimers();
  setActivePinia(createPinia());
  say = vi.fn();
  useUi().say = say as never;
  vi.spyOn(console, 'error').mockImplementation(() => undefined);
});
afterEach(() => {
  heardFromHouse();
  vi.useRealTimers();
  vi.restoreAllMocks();
});
/** A part that cannot be fetched so many times, on the screen. */
function shown(failures: number) {
  const fetched = vi.fn(() =>
    fetched.mock.calls.length <= failures ? broken() : Promise.resolve({ default: Dialog }),
  );
  const global = { config: { errorHandler: () => undefined, warnHandler: () => undefined } };
  return { fetched, screen: mount({ render: () => h(comesLater(fetched)) }, { global }) };
}

describe('a part of a screen that comes later', () => {
  it('comes', async () => {
    const { screen } = shown(0);
    await flushPromises();
    expect(screen.text()).toBe('What waits');
    expect(say).not.toHaveBeenCalled();
  });

  it('is said to be missing out of reach of the house, and comes by itself when that answers', async () => {
    useAwaySince().value = 1;
    const { fetched, screen } = shown(1);
    await flushPromises();
    expect(screen.text()).toBe('');
    expect(say).toHaveBeenCalledWith(
      'This screen is not on this device yet: it opens when Furrow answers again.',
    );
    heardFromHouse();
    await flushPromises();
    expect([screen.text(), fetched.mock.calls.length]).toEqual(['What waits', 2]);
  });

  it('is asked for a few times where the house is there', async () => {
    const { fetched } = shown(99);
    for (let i = 0; i < 9; i++) {
      await flushPromises();
      await vi.advanceTimersByTimeAsync(1000);
    }
    expect(fetched.mock.calls.length).toBe(3);
  });
});
