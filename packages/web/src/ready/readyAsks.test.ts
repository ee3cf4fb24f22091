import { DEFAULT_RULES, HIVE_KINDS, type Hive } from '@furrow/core';
import { VueQueryPlugin } from '@tanstack/vue-query';
import { flushPromises, mount } from '@vue/test-utils';
import { createPinia } from 'pinia';
import PrimeVue from 'primevue/config';
import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest';
import ReadyAsks from './ReadyAsks.vue';

const sent: { path: string; payload: Record<string, unknown> }[] = [];
beforeEach(() => {
  sent.length = 0;
  vi.stubGlobal(
    'fetch',
    vi.fn(async (path: string, init: RequestInit) => {
      const { payload } = JSON.parse(String(init.body)) as { payload: Record<string, unknown> };
      sent.push({ path, payload });
      return new Response('{}', { status: 201 });
    }),
  );
});
afterEach(() => vi.unstubAllGlobals());

const hive = (site: object, facts: object[] = []): Hive =>
  ({
    id: 'h',
    name: 'Ipê',
    kind: 'top-bar',
    geometry: HIVE_KINDS['top-bar'].defaults,
    site: {
      ...{ id: 's', name: 'Encosta', zone: 'America/Sao_Paulo', hemisphere: 'south' },
      ...{ revision: 3, notes: [], forage: {}, ...site },
    },
    colony: { id: 'c', startedOn: '2020-01-01', startedAssumed: false, endedOn: null, facts },
    boxes: [],
    bars: [],
  }) as unknown as Hive;
const asks = (of: Hive) =>
  mount(ReadyAsks, {
    props: { hive: of, rules: DEFAULT_RULES, dayIso: '2026-03-14T12:00:00Z', on: '2026-04-02' },
    global: { plugins: [PrimeVue, createPinia(), VueQueryPlugin] },
  });
const touch = async (wrapper: ReturnType<typeof asks>, label: string): Promise<void> => {
  await wrapper
    .findAll('button')
    .find((b) => b.text() === label)!
    .trigger('click');
  await flushPromises();
};

describe('what the day’s plan asks', () => {
  it('asks of the place once: what was ticked, or that nothing is particular', async () => {
    const wrapper = asks(hive({}));
    await touch(wrapper, 'None of these');
    await wrapper.find('input[value=roof]').setValue(true);
    await touch(wrapper, 'Write these down');
    expect(sent.map((s) => s.payload)).toEqual([{ notes: ['plain'] }, { notes: ['roof'] }]);
    expect(asks(hive({ notes: ['plain'] })).text()).not.toContain('What adds a step');
  });
  it('notes forage for the month that is planned, beside what is known of others', async () => {
    await touch(asks(hive({ notes: ['plain'], forage: { 3: 'flow' } })), 'Dearth');
    expect(sent[0]).toMatchObject({
      path: '/api/v1/sites/s',
      payload: { forage: { 3: 'flow', 4: 'dearth' } },
    });
  });
  it('notes the temper as of today, never of the day that is planned', async () => {
    await touch(asks(hive({ notes: ['plain'], forage: { 4: 'some' } })), 'calm');
    expect(sent[0].payload).toMatchObject({
      on: '2026-03-14',
      fact: { kind: 'temper', temper: 'calm' },
    });
  });
  it('is silent where all of it is known', () => {
    const facts = [{ id: 'f', on: '2026-03-10', fact: { kind: 'temper', temper: 'calm' } }];
    const known = hive({ notes: ['roof'], forage: { 4: 'some' } }, facts);
    expect(asks(known).find('section').exists()).toBe(false);
  });
});
