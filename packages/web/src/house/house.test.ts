import type { HouseView, Me } from '@furrow/core';
import { VueQueryPlugin, QueryClient } from '@tanstack/vue-query';
import { flushPromises, mount } from '@vue/test-utils';
import { createPinia } from 'pinia';
import PrimeVue from 'primevue/config';
import { afterEach, describe, expect, it, vi } from 'vitest';
import { defineComponent, h, nextTick, ref, type Ref } from 'vue';
import AlsoHere from './AlsoHere.vue';
import { beginToListen, hearDoing, useDoing } from './doing.js';
import InTheHouse from './InTheHouse.vue';
import { helperOpens, helperSees } from './helperMay.js';
import { aboutAgo } from './lastSeen.js';

const NOW = new Date('2026-03-14T12:00:00Z');

describe('when a phone was seen last', () => {
  it.each([
    ['2026-03-14T11:59:00Z', 'here just now'],
    ['2026-03-14T09:00:00Z', 'last here 3 hours ago'],
    ['2026-03-11T12:00:00Z', 'last here 3 days ago'],
  ])('%s is %s', (at, words) => expect(aboutAgo(at, NOW)).toBe(words));
});

describe('a helper', () => {
  it('sees the hive and the bench', () => {
    expect(['look', 'take', 'drain'].every((stage) => helperSees(stage as 'look'))).toBe(true);
    expect(helperSees('book')).toBe(false);
    expect(['today', 'bring'].every(helperOpens)).toBe(true);
    expect(['rules', 'jar', 'choose'].some(helperOpens)).toBe(false);
  });
});

const shut: HouseView = {
  sharing: { on: false, addresses: [], names: [], fingerprint: null },
  pairing: null,
  devices: [],
};
const open: HouseView = {
  sharing: {
    ...{ on: true, addresses: ['https://192.0.2.7:4478'] },
    ...{ names: ['honey.example'], fingerprint: 'AB CD' },
  },
  pairing: {
    ...{ code: 'QDDGXNSJ', kind: 'household', expiresAt: '2026-03-14T12:10:00Z' },
    link: 'https://192.0.2.7:4478/pair?code=QDDGXNSJ',
    qr: { size: 21, runs: [{ x: 0, y: 0, length: 7 }] },
  },
  devices: [
    {
      ...{ id: 'd1', name: 'Blue phone', person: 'Ana', kind: 'helper' },
      ...{ pairedAt: NOW.toISOString(), lastSeenAt: NOW.toISOString(), endsAt: null },
    },
  ],
};
/** The panel with a server that answers so; gives it and what was asked of the server. */
async function panel(me: Me, house: HouseView) {
  const asked: [string, unknown][] = [];
  vi.stubGlobal('fetch', async (path: string, init?: RequestInit) => {
    if (init?.method === 'POST') asked.push([path, JSON.parse(String(init.body))]);
    const body = path.endsWith('/me') ? me : house;
    return new Response(JSON.stringify(body), { status: 200 });
  });
  const plugins = [createPinia(), PrimeVue, [VueQueryPlugin, { queryClient: new QueryClient() }]];
  const wrapper = mount(InTheHouse, { global: { plugins: plugins as never } });
  await flushPromises();
  await flushPromises();
  return { wrapper, asked };
}
afterEach(() => vi.unstubAllGlobals());
const TABLE: Me = { at: 'table', kind: 'household', name: null, person: null };

describe('the door of the house, at the table', () => {
  it('is opened by one touch', async () => {
    const { wrapper, asked } = await panel(TABLE, shut);
    expect(wrapper.text()).toContain('answers this machine alone');
    await wrapper.get('button').trigger('click');
    expect(asked).toEqual([['/api/v1/house/sharing', { on: true }]]);
  });
  it('says how a phone in another of its networks reaches it', async () => {
    const addresses = ['https://192.0.2.7:4478', 'https://198.51.100.4:4478'];
    const { wrapper } = await panel(TABLE, { ...open, sharing: { ...open.sharing, addresses } });
    expect(wrapper.text()).toContain('From another of its networks: https://198.51.100.4:4478.');
  });
  it('shows the letters in two halves, who is let in, and lets one go by one touch', async () => {
    const { wrapper, asked } = await panel(TABLE, open);
    expect(wrapper.get('.letters').text().replace(/\s/g, ' ')).toBe('QDDG XNSJ');
    expect(wrapper.get('.devices').text()).toContain('Ana, helper, for today');
    await wrapper.get('[aria-label="Let Blue phone in no longer"]').trigger('click');
    expect(asked).toEqual([['/api/v1/house/devices/d1/remove', {}]]);
  });
});
describe('other names of this machine', () => {
  it('are given and taken away', async () => {
    const { wrapper, asked } = await panel(TABLE, open);
    const names = wrapper.get('.names');
    await names.get('input').setValue('honey.home.arpa');
    await names.get('form').trigger('submit');
    await flushPromises();
    await names.get('[aria-label="Call it honey.example no longer"]').trigger('click');
    expect(asked).toEqual([
      ['/api/v1/house/names', { names: ['honey.example', 'honey.home.arpa'] }],
      ['/api/v1/house/names', { names: [] }],
    ]);
  });
});
describe('on a phone that was let in', () => {
  it('is not opened; the phone itself may leave', async () => {
    const me: Me = { at: 'house', kind: 'household', name: 'Blue phone', person: 'Ana' };
    const { wrapper } = await panel(me, open);
    expect(wrapper.text()).toContain('This is Blue phone, Ana’s.');
    expect(wrapper.findAll('button').map((b) => b.text())).toEqual(['Let this phone in no longer']);
  });
});

describe('what others do just now', () => {
  afterEach(() => vi.useRealTimers());
  it('is told to them, seen where it is the same step, and forgotten', async () => {
    vi.useFakeTimers();
    const told: unknown[] = [];
    vi.stubGlobal('fetch', async (_path: string, init?: RequestInit) => {
      told.push(JSON.parse(String(init?.body)));
      return new Response('{}', { status: 200 });
    });
    const held: { others?: Ref<string[]> } = {};
    const [aboutId, step] = [ref<string | null>('b1'), ref<string | null>('cut-7')];
    const setup = () => {
      held.others = useDoing(aboutId, step);
      return () => h('div');
    };
    const wrapper = mount(defineComponent({ setup }));
    expect(told).toEqual([{ aboutId: 'b1', step: 'cut-7' }]);
    hearDoing({ by: 'Ana, Blue phone', aboutId: 'b1', step: 'cut-7' });
    hearDoing({ by: 'Rui, Red phone', aboutId: 'b1', step: 'cut-8' });
    await nextTick();
    expect(held.others!.value).toEqual(['Ana, Blue phone']);
    step.value = 'cut-8';
    await nextTick();
    expect(held.others!.value).toEqual(['Rui, Red phone']);
    vi.advanceTimersByTime(60_000);
    expect(held.others!.value).toEqual([]);
    expect(told.length).toBeGreaterThan(2);
    wrapper.unmount();
  });
  it('is told no more by a screen that nobody touches, and again once somebody does', async () => {
    vi.useFakeTimers();
    let told = 0;
    vi.stubGlobal('fetch', async () => {
      told++;
      return new Response('{}', { status: 200 });
    });
    window.dispatchEvent(new Event('pointerdown'));
    const wrapper = mount(AlsoHere, { props: { about: 'b1', step: 'drain', where: 'at it' } });
    await vi.advanceTimersByTimeAsync(6 * 60_000);
    const before = told;
    expect(before).toBeGreaterThan(5);
    await vi.advanceTimersByTimeAsync(20 * 60_000);
    expect(told).toBe(before);
    window.dispatchEvent(new Event('keydown'));
    await vi.advanceTimersByTimeAsync(60_000);
    expect(told).toBeGreaterThan(before);
    wrapper.unmount();
  });
  it('is answered at once where it is the same, and not for ever', async () => {
    let told = 0;
    vi.stubGlobal('fetch', async () => {
      told++;
      return new Response('{}', { status: 200 });
    });
    window.dispatchEvent(new Event('pointerdown'));
    const wrapper = mount(AlsoHere, { props: { about: 'b3', step: 'drain', where: 'at it' } });
    expect(told).toBe(1);
    for (const step of ['settle', 'drain', 'drain']) {
      hearDoing({ by: 'Ana, Blue phone', aboutId: 'b3', step });
      await nextTick();
    }
    expect(told).toBe(2);
    wrapper.unmount();
  });
  it('is asked of the others once this screen listens, and told again to who asks', async () => {
    const told: Record<string, unknown>[] = [];
    vi.stubGlobal('fetch', async (_path: string, init: RequestInit) => {
      told.push(JSON.parse(String(init.body)) as Record<string, unknown>);
      return new Response('{}', { status: 200 });
    });
    window.dispatchEvent(new Event('pointerdown'));
    const wrapper = mount(AlsoHere, { props: { about: 'b4', step: 'drain', where: 'at it' } });
    beginToListen();
    await nextTick();
    expect(told.map((one) => one.asks ?? false)).toEqual([false, true]);
    // Known already, and no newer word of it: only who asks is answered.
    for (const asks of [undefined, undefined, true]) {
      hearDoing({ by: 'Rui, Red phone', aboutId: 'b4', step: 'drain', asks });
      await nextTick();
    }
    expect(told.slice(2)).toEqual([
      { aboutId: 'b4', step: 'drain' },
      { aboutId: 'b4', step: 'drain' },
    ]);
    wrapper.unmount();
  });
  it('is said in words', async () => {
    vi.stubGlobal('fetch', async () => new Response('{}', { status: 200 }));
    const wrapper = mount(AlsoHere, {
      props: { about: 'b2', step: 'drain', where: 'at this drain' },
    });
    expect(wrapper.text()).toBe('');
    hearDoing({ by: 'The table', aboutId: 'b2', step: 'drain' });
    await nextTick();
    expect(wrapper.text()).toBe('The table is at this drain too.');
    hearDoing({ by: 'Rui, Red phone', aboutId: 'b2', step: 'drain' });
    await nextTick();
    expect(wrapper.text()).toBe('The table and Rui, Red phone are at this drain too.');
    wrapper.unmount();
  });
});
