import type { JarKindRecord, Vessel } from '@furrow/core';
import { VueQueryPlugin } from '@tanstack/vue-query';
import { flushPromises, mount } from '@vue/test-utils';
import { createPinia } from 'pinia';
import PrimeVue from 'primevue/config';
import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest';
import JarKindForm from './JarKindForm.vue';
import JarKindsPanel from './JarKindsPanel.vue';
import VesselsPanel from './VesselsPanel.vue';
import { jarDraft } from './jarDraft.js';
import { asChange, saidOf } from './kept.js';

const pail: Vessel = {
  id: 'v1',
  name: 'White pail',
  role: 'lower',
  volumeL: 12,
  tareG: 640,
  innerDiameterMm: 240,
  headspacePercent: null,
  holeMm: null,
  revision: 4,
};
const jar: JarKindRecord = {
  id: 'j1',
  name: 'Round jar',
  netG: 500,
  tareG: 210,
  stock: 12,
  value: 38,
  cost: 3,
  purpose: 'jar',
  volumeMl: 390,
  lid: '',
  widthMm: null,
  heightMm: null,
  depthMm: null,
  shape: 'rectangle',
  minG: null,
  maxG: null,
  revision: 2,
};
const sent: { method: string; path: string; body: Record<string, unknown> }[] = [];
const answers: Record<string, object> = {
  '/api/v1/vessels': { items: [pail], next: null },
  '/api/v1/jars': { items: [jar], next: null },
};
beforeEach(() => {
  sent.length = 0;
  vi.stubGlobal(
    'fetch',
    vi.fn(async (path: string, init?: RequestInit) => {
      if (init?.body) {
        const body = JSON.parse(String(init.body)) as Record<string, unknown>;
        sent.push({ method: String(init.method), path, body });
        return new Response('{}', { status: 201 });
      }
      return new Response(JSON.stringify(answers[path] ?? { items: [] }));
    }),
  );
});
afterEach(() => {
  vi.unstubAllGlobals();
  document.body.innerHTML = '';
});
const GLOBAL = { plugins: [PrimeVue, createPinia(), VueQueryPlugin] };
const inDialog = (selector: string): HTMLElement[] => [
  ...document.body.querySelectorAll<HTMLElement>(`[role=dialog] ${selector}`),
];

describe('what a person said of a kept thing', () => {
  it('is sent without what the server says of it, to the state that was seen', () => {
    expect(saidOf({ ...pail, recordedAt: '2026-03-14T09:00:00Z' })).not.toHaveProperty('revision');
    expect(saidOf(pail)).toMatchObject({ name: 'White pail', tareG: 640 });
    expect(asChange(pail)).toEqual({ method: 'PATCH', baseRevision: 4 });
  });
  it('begins empty for a new kind of jar, each time anew', () => {
    expect(jarDraft()).toMatchObject({ id: null, name: '', netG: null });
    expect(jarDraft()).not.toBe(jarDraft());
    expect(jarDraft({ ...jar, volumeMl: undefined, lid: undefined })).toMatchObject({
      volumeMl: null,
      lid: '',
    });
  });
});

describe('the vessels of the kit', () => {
  it('are drawn with what they hold and weigh, and changed by a touch', async () => {
    const wrapper = mount(VesselsPanel, { global: GLOBAL, attachTo: document.body });
    await flushPromises();
    expect(wrapper.text()).toContain('12 L, 640 g empty');
    expect(wrapper.text()).toContain('Lower, for honey');
    await wrapper.find('[aria-label="Change White pail"]').trigger('click');
    await flushPromises();
    inDialog('form')[0].dispatchEvent(new Event('submit'));
    await flushPromises();
    expect(sent[0]).toMatchObject({
      method: 'PATCH',
      path: '/api/v1/vessels/v1',
      body: { baseRevision: 4, payload: { name: 'White pail', volumeL: 12 } },
    });
    wrapper.unmount();
  });
  it('ask for a new one, and keep the key shut until it is said', async () => {
    const wrapper = mount(VesselsPanel, { global: GLOBAL, attachTo: document.body });
    await flushPromises();
    const add = wrapper.findAll('button').find((b) => b.text() === 'Add a vessel…')!;
    await add.trigger('click');
    await flushPromises();
    const [key] = inDialog('button[type=submit]') as HTMLButtonElement[];
    expect(key.disabled).toBe(true);
    expect(inDialog('button').map((b) => b.textContent)).not.toContain('Take it out of the kit');
    wrapper.unmount();
  });
});

describe('the kinds of jar', () => {
  it('stand each on a line with what it holds, costs and how many there are', async () => {
    const wrapper = mount(JarKindsPanel, { global: GLOBAL });
    await flushPromises();
    const cells = wrapper.findAll('tbody td').map((cell) => cell.text());
    expect(cells.slice(0, 6)).toEqual(['Round jar', 'Honey', '500 g', '210 g', '12', '38']);
  });
  it('say how much of its room the net weight takes, and ask where it does not fit', async () => {
    const text = (said: Partial<JarKindRecord>): string =>
      mount(JarKindForm, { props: { kind: jarDraft({ ...jar, ...said }) }, global: GLOBAL }).text();
    expect(text({})).toMatch(/fill \d+ ml and leave \d+ % free/);
    expect(text({ netG: 600, volumeMl: 390 })).toMatch(/600 g do not fit/);
  });
  it('ask for inner measures where a piece of comb goes in', () => {
    const form = mount(JarKindForm, {
      props: { kind: jarDraft({ ...jar, purpose: 'piece' }) },
      global: GLOBAL,
    });
    expect(form.text()).toContain('the knife is planned for them');
    expect(form.text()).toContain('Shape of the piece');
  });
  it('are taken out of the kit by the state that was seen', async () => {
    const form = mount(JarKindForm, { props: { kind: jarDraft(jar) }, global: GLOBAL });
    const out = form.findAll('button').find((b) => b.text() === 'Take them out of the kit')!;
    await out.trigger('click');
    await flushPromises();
    expect(sent[0]).toMatchObject({
      method: 'POST',
      path: '/api/v1/jars/j1/remove',
      body: { baseRevision: 2 },
    });
    expect(form.emitted('close')).toHaveLength(1);
  });
});
