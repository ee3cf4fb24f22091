import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest';
import { createMemoryHistory, createRouter, type Router } from 'vue-router';
import { nextStage, preloadNext } from './preloadNext.js';

const Screen = { template: '<p />' };
const look = vi.fn(() => Promise.resolve(Screen));
const choose = vi.fn(() => Promise.resolve(Screen));
const made = (): Router =>
  createRouter({
    history: createMemoryHistory(),
    routes: [
      { path: '/', name: 'today', component: Screen },
      { path: '/look', name: 'look', meta: { stage: 'look' }, component: look },
      { path: '/choose', name: 'choose', meta: { stage: 'choose' }, component: choose },
      { path: '/book', name: 'book', meta: { stage: 'book' }, component: Screen },
    ],
  });
beforeEach(() => {
  vi.useFakeTimers();
  look.mockClear();
  choose.mockClear();
});
afterEach(() => {
  vi.useRealTimers();
  vi.unstubAllGlobals();
});

describe('the next screen', () => {
  it('is the stage after in the row, Look after Today, none after Book', () => {
    expect([nextStage(undefined), nextStage('look'), nextStage('book')]).toEqual([
      'look',
      'choose',
      null,
    ]);
  });
  it('is fetched once a screen has stood for a while, and not where it was left before', async () => {
    const router = made();
    preloadNext(router);
    await router.push('/');
    await vi.advanceTimersByTimeAsync(1000);
    expect(look).not.toHaveBeenCalled();
    await vi.advanceTimersByTimeAsync(5000);
    expect(look).toHaveBeenCalledOnce();
    await router.push('/look');
    await vi.advanceTimersByTimeAsync(1000);
    await router.push('/book');
    await vi.advanceTimersByTimeAsync(9000);
    expect(choose).not.toHaveBeenCalled();
  });
  it('that cannot be fetched disturbs nobody', async () => {
    look.mockImplementationOnce(() => Promise.reject(new Error('no line')));
    const router = made();
    preloadNext(router);
    await router.push('/');
    await vi.advanceTimersByTimeAsync(9000);
    expect(look).toHaveBeenCalledOnce();
  });
  it('waits to be opened where the device saves data', async () => {
    vi.stubGlobal('navigator', { connection: { saveData: true } });
    const router = made();
    preloadNext(router);
    await router.push('/');
    await vi.advanceTimersByTimeAsync(9000);
    expect(look).not.toHaveBeenCalled();
  });
});
