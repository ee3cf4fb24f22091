import { flushPromises, mount } from '@vue/test-utils';
import PrimeVue from 'primevue/config';
import { createPinia } from 'pinia';
import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest';
import { useLetIn } from '../api/away.js';
import { read } from '../api/client.js';
import { keepEntry, notInHouse, sendWaiting, takeBack } from '../api/outbox.js';
import WaitingDialog from './WaitingDialog.vue';

const tick = (line: string) => ({
  id: crypto.randomUUID(),
  batchId: '7d0f4b52-8a52-4b2e-9d4f-0c5c8a7d1e10',
  line,
  state: 'have',
});
let answers: (() => Response)[] = [];
const json = (status: number, value: object): Response =>
  new Response(JSON.stringify(value), { status, headers: { 'Content-Type': 'application/json' } });
const sent: string[] = [];

beforeEach(() => {
  answers = [];
  sent.length = 0;
  vi.stubGlobal('fetch', async (path: string, init?: RequestInit) => {
    if (path.endsWith('/health')) return json(200, {});
    if (init?.body) sent.push(String(init.body));
    return (answers.shift() ?? (() => json(503, {})))();
  });
});
afterEach(async () => {
  for (const { entry } of notInHouse.value) await takeBack(entry.id);
  document.body.innerHTML = '';
  vi.unstubAllGlobals();
});

async function kept(line: string): Promise<void> {
  const at = { path: '/ticks', placeId: null } as const;
  await keepEntry(at, '/ticks', tick(line), { commandId: line, said: `${line}.` });
  await sendWaiting();
}
const open = () =>
  mount(WaitingDialog, {
    props: { visible: true, zone: 'America/Sao_Paulo', now: new Date('2026-03-14T12:00:00Z') },
    global: { plugins: [createPinia(), PrimeVue] },
    attachTo: document.body,
  });
const text = (): string => document.body.textContent.replace(/\s+/g, ' ');
const keyOf = (name: string): HTMLElement =>
  [...document.querySelectorAll('button')].find(
    (key) => key.getAttribute('aria-label') === name || key.textContent.trim() === name,
  )!;

describe('what is not in the house yet', () => {
  it('is read in its order, and taken back one by one', async () => {
    await kept('veil');
    await kept('knife');
    const dialog = open();
    await flushPromises();
    expect(text()).toMatch(/veil\..*knife\./);
    keyOf('Take it back: veil.').click();
    await flushPromises();
    expect(notInHouse.value.map(({ said }) => said)).toEqual(['knife.']);
    dialog.unmount();
  });
  it('says why the house refused one, and sends it as another where the person says so', async () => {
    answers = [() => json(409, { code: 'written-just-now', detail: 'Ana wrote it. Another?' })];
    await kept('veil');
    const dialog = open();
    await flushPromises();
    expect(text()).toContain('Ana wrote it. Another?');
    answers = [() => json(201, {})];
    keyOf('It is another one: write it').click();
    await vi.waitFor(() => expect(notInHouse.value).toEqual([]));
    expect(JSON.parse(sent.at(-1)!)).toMatchObject({ id: 'veil', again: true });
    dialog.unmount();
  });
});

describe('what another device said otherwise', () => {
  const stands = {
    commandId: '0b0f4b52-8a52-4b2e-9d4f-0c5c8a7d1e10',
    says: { key: 'entry.fact.temper', with: {} },
    occurredAt: '2026-03-14T11:05:00Z',
    device: "Rui's phone",
    person: 'Rui',
    fact: { kind: 'temper', temper: 'calm' },
    netG: null,
  };
  const otherwise = () => json(409, { code: 'said-otherwise', detail: 'Which stands?', stands });
  const defensive = {
    id: crypto.randomUUID(),
    colonyId: '7d0f4b52-8a52-4b2e-9d4f-0c5c8a7d1e10',
    on: '2026-03-14',
    fact: { kind: 'temper', temper: 'defensive' },
  };
  async function keptTemper(): Promise<void> {
    answers = [otherwise];
    const at = { path: '/colonyFacts', placeId: null } as const;
    await keepEntry(at, '/colonyFacts', defensive, { commandId: 'mine', said: 'Ipê: temper.' });
    await sendWaiting();
  }
  it('stands beside what was said here, with its person, device and time', async () => {
    await keptTemper();
    const dialog = open();
    await flushPromises();
    expect(text()).toMatch(/Temper of the bees noted: calm.*08:05.*Rui, Rui’?'?s phone/);
    expect(text()).toContain('Ipê: temper: defensive');
    keyOf('What the house has stands').click();
    await flushPromises();
    expect(notInHouse.value).toEqual([]);
    dialog.unmount();
  });
  it('says what it is while it waits, too', async () => {
    answers = [() => json(503, {})];
    const at = { path: '/colonyFacts', placeId: null } as const;
    await keepEntry(at, '/colonyFacts', defensive, { commandId: 'waits', said: 'Ipê: temper.' });
    const dialog = open();
    await flushPromises();
    expect(text()).toContain('Ipê: temper: defensive');
    dialog.unmount();
  });
  it('is taken back in the house where what was said here is to stand', async () => {
    await keptTemper();
    const dialog = open();
    await flushPromises();
    sent.length = 0;
    answers = [() => json(201, {}), () => json(201, {})];
    keyOf('What I wrote here stands').click();
    await vi.waitFor(() => expect(notInHouse.value).toEqual([]));
    const [undo, again] = sent.map((body) => JSON.parse(body) as Record<string, unknown>);
    expect(undo).toMatchObject({ payload: { commandId: stands.commandId } });
    expect(again).toMatchObject({ id: 'mine', again: true });
    dialog.unmount();
  });
  it('stays undecided where the house cannot take it back any more', async () => {
    await keptTemper();
    const dialog = open();
    await flushPromises();
    answers = [() => json(409, { code: 'built-upon', detail: 'Something rests on it.' })];
    keyOf('What I wrote here stands').click();
    await flushPromises();
    await vi.waitFor(() => expect(text()).toContain('Something rests on it.'));
    expect(notInHouse.value).toHaveLength(1);
    dialog.unmount();
  });
});

describe('a device that was taken off the list', () => {
  it('is told so, until it is let in again', async () => {
    answers = [() => json(401, { code: 'not-paired', detail: 'Not let in.' }), () => json(200, {})];
    await expect(read('/rules')).rejects.toMatchObject({ status: 401 });
    expect(useLetIn().value).toBe(false);
    await read('/rules');
    expect(useLetIn().value).toBe(true);
  });
});
