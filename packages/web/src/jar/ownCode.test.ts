import { QueryClient, VueQueryPlugin } from '@tanstack/vue-query';
import { flushPromises, mount } from '@vue/test-utils';
import { createPinia } from 'pinia';
import PrimeVue from 'primevue/config';
import { afterEach, describe, expect, it, vi } from 'vitest';
import type { BatchDetail } from '@furrow/core';
import OwnCode from './OwnCode.vue';

const detail = (code: string | null): BatchDetail =>
  ({ batch: { id: 'b1', code } }) as unknown as BatchDetail;
const mounted = (code: string | null) =>
  mount(OwnCode, {
    global: {
      plugins: [PrimeVue, createPinia(), [VueQueryPlugin, { queryClient: new QueryClient() }]],
    },
    props: { detail: detail(code) },
  });
/** A house that answers what is written with this. */
function house(status: number, answer: object) {
  const fetch = vi.fn(async (_path: string, _init?: RequestInit) => {
    const headers = { 'Content-Type': 'application/json' };
    return new Response(JSON.stringify(answer), { status, headers });
  });
  vi.stubGlobal('fetch', (path: string, init?: RequestInit) =>
    path.endsWith('/code') ? fetch(path, init) : Promise.resolve(new Response('{}')),
  );
  return fetch;
}
afterEach(() => vi.unstubAllGlobals());

/** Opens the form and types a code. */
async function typed(wrapper: ReturnType<typeof mounted>, code: string): Promise<void> {
  await wrapper.get('button.as-link').trigger('click');
  await wrapper.get('input').setValue(code);
}
const keep = (wrapper: ReturnType<typeof mounted>) => wrapper.get('button[type=submit]');

describe("a batch's code", () => {
  it('is said where it has one, and when it comes where it has none', () => {
    expect(mounted('IPE-260314-A').text()).toContain('IPE-260314-A');
    expect(mounted(null).text()).toMatch(/given with the first/);
  });
  it('of one’s own begins with the one it has, and needs three characters', async () => {
    const wrapper = mounted('IPE-260314-A');
    await wrapper.get('button.as-link').trigger('click');
    expect(wrapper.get('input').element.value).toBe('IPE-260314-A');
    await wrapper.get('input').setValue(' A ');
    expect(keep(wrapper).attributes('disabled')).toBeDefined();
    await wrapper.get('input').setValue('A-1');
    expect(keep(wrapper).attributes('disabled')).toBeUndefined();
  });
  it('is kept, and its form is put away', async () => {
    const fetch = house(201, {});
    const wrapper = mounted(null);
    await typed(wrapper, 'OURS-7');
    await wrapper.get('form').trigger('submit');
    await flushPromises();
    expect(fetch.mock.calls[0][0]).toMatch(/\/harvests\/b1\/code$/);
    expect(JSON.parse(String(fetch.mock.calls[0][1]!.body)).payload).toEqual({ code: 'OURS-7' });
    expect(wrapper.find('form').exists()).toBe(false);
  });
  it('that is taken is refused at its field, and stays there to be mended', async () => {
    house(409, {
      code: 'taken',
      detail: 'Another batch has this code.',
      path: 'payload.code',
    });
    const wrapper = mounted(null);
    await typed(wrapper, 'OURS-7');
    await wrapper.get('form').trigger('submit');
    await flushPromises();
    expect(wrapper.get('form').text()).toContain('Another batch has this code.');
    expect(wrapper.get('input').element.value).toBe('OURS-7');
  });
  it('is given up by putting the form away', async () => {
    const wrapper = mounted(null);
    await typed(wrapper, 'OURS-7');
    await wrapper.findAll('form button').at(-1)!.trigger('click');
    expect(wrapper.find('form').exists()).toBe(false);
  });
});
