import { METRIC, US_UNITS } from '@furrow/core';
import { HIVE_KINDS, type Hive } from '@furrow/core';
import { VueQueryPlugin } from '@tanstack/vue-query';
import { flushPromises, mount } from '@vue/test-utils';
import { createPinia } from 'pinia';
import PrimeVue from 'primevue/config';
import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest';
import { householdUnits } from '../words/units.js';
import StrayComb from './StrayComb.vue';

const hive = {
  id: '0e1b6a52-6f0c-4d2e-9f5c-0d7d5b3a9c11',
  name: 'Ipê',
  kind: 'top-bar',
  geometry: HIVE_KINDS['top-bar'].defaults,
} as unknown as Hive;
const sent: Record<string, unknown>[] = [];
beforeEach(() => {
  sent.length = 0;
  vi.stubGlobal(
    'fetch',
    vi.fn(async (_path: string, init: RequestInit) => {
      sent.push((JSON.parse(String(init.body)) as { payload: Record<string, unknown> }).payload);
      return new Response(JSON.stringify({ hive: {}, batches: [{ id: 'b1' }] }), { status: 201 });
    }),
  );
});
afterEach(() => {
  vi.unstubAllGlobals();
  householdUnits.value = METRIC;
  document.body.innerHTML = '';
});

async function open(): Promise<ReturnType<typeof mount>> {
  const wrapper = mount(StrayComb, {
    props: { visible: true, hive },
    global: { plugins: [PrimeVue, createPinia(), VueQueryPlugin] },
    attachTo: document.body,
  });
  await flushPromises();
  return wrapper;
}
const dialog = (): HTMLElement => document.body.querySelector<HTMLElement>('[role=dialog]')!;
function field(label: string): HTMLInputElement {
  const found = [...dialog().querySelectorAll('label')].find((l) =>
    l.textContent?.trim().startsWith(label),
  )!;
  return found.htmlFor
    ? (document.getElementById(found.htmlFor) as HTMLInputElement)
    : found.querySelector('input')!;
}
function type(label: string, text: string): void {
  const input = field(label);
  input.value = text;
  input.dispatchEvent(new Event('input'));
}
const touch = (label: string): void =>
  [...dialog().querySelectorAll('button')].find((b) => b.textContent?.trim() === label)!.click();

describe('stray comb that is weighed', () => {
  it.each([
    [METRIC, '640', 640],
    [US_UNITS, '12', 340],
    [US_UNITS, '640 g', 640],
  ] as const)('in a household of %s units: %j is %i g', async (units, typed, g) => {
    householdUnits.value = units;
    const wrapper = await open();
    field('I looked for the queen').click();
    touch('No brood');
    touch('None seen');
    type('Capped, weighed', typed);
    field('The missing frame').click();
    await flushPromises();
    dialog().querySelector('form')!.dispatchEvent(new Event('submit'));
    await flushPromises();
    expect(sent[0]).toMatchObject({ cappedG: g, openG: 0 });
    wrapper.unmount();
  });
  it('says which units it may be weighed in', async () => {
    householdUnits.value = US_UNITS;
    const wrapper = await open();
    expect(dialog().textContent).toContain('Capped, weighed (lb or oz)');
    wrapper.unmount();
  });
});
