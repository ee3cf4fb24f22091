import { flushPromises } from '@vue/test-utils';
import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest';
import { createMemoryHistory, createRouter } from 'vue-router';
import { mindMissingScreens } from './missingScreen.js';

let isThere = true;
const [say, open] = [vi.fn(), vi.fn()];
beforeEach(() => {
  sessionStorage.clear();
  say.mockClear();
  open.mockClear();
  vi.spyOn(console, 'warn').mockImplementation(() => undefined);
  vi.stubGlobal('fetch', () =>
    isThere ? Promise.resolve(new Response()) : Promise.reject(new Error('away')),
  );
});
afterEach(() => {
  vi.restoreAllMocks();
  vi.unstubAllGlobals();
});

async function openJar(): Promise<void> {
  const router = createRouter({
    history: createMemoryHistory(),
    routes: [
      { path: '/', component: { template: '<p />' } },
      { path: '/jar', component: () => Promise.reject(new Error('no such chunk')) },
    ],
  });
  mindMissingScreens(router, say, open);
  await router.push('/');
  await router.push('/jar?at=labels').catch(() => undefined);
  await flushPromises();
}

describe('a screen that could not be fetched', () => {
  it('is opened by a page begun anew where the house is there, and only once', async () => {
    isThere = true;
    await openJar();
    expect(open).toHaveBeenCalledExactlyOnceWith('/jar?at=labels');
    expect(say).not.toHaveBeenCalled();
    await openJar();
    expect(open).toHaveBeenCalledOnce();
    expect(say).toHaveBeenCalledOnce();
  });
  it('is said where the house is away', async () => {
    isThere = false;
    await openJar();
    expect(open).not.toHaveBeenCalled();
    expect(say).toHaveBeenCalledOnce();
  });
});
