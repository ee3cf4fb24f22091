import { randomUUID } from 'node:crypto';
import { type Aftercare, type BatchDetail, type Hive } from '@furrow/core';
import { afterEach, beforeEach, describe, expect, it } from 'vitest';
import { Household } from '../testing/household.js';

let home: Household;
let hive: Hive;
let batchId: string;
beforeEach(async () => {
  home = await Household.open();
  hive = await home.hive('Ipê');
  batchId = await home.drained(await home.harvest(hive), 3300, 600);
});
afterEach(() => home.close());
const detail = (): Promise<BatchDetail> => home.get(`/harvests/${batchId}`);
const after = (): Promise<Aftercare> => home.get(`/harvests/${batchId}/aftercare`);
const lot = async (kind: string): Promise<BatchDetail['lots'][number]> =>
  (await detail()).lots.find((l) => l.kind === kind)!;
const looked = (result: 'healthy' | 'sick' | 'unsure', on = '2026-03-12') =>
  home.ok(
    home.post('/colonyFacts', {
      id: randomUUID(),
      colonyId: hive.colony!.id,
      on,
      fact: { kind: 'brood-check', result },
    }),
  );
const rinse = async (litres = 2.5, brixPercent = 8): Promise<string> => {
  const id = randomUUID();
  await home.ok(home.post('/rinses', { id, batchId, litres, brixPercent, cold: false }));
  return id;
};

describe('wet wax', () => {
  it('has a month, stands still in the freezer and begins anew at its door', async () => {
    const line = async (): Promise<string | undefined> =>
      (await home.get<{ items: { kind: string; title: { text: string } }[] }>('/today')).items.find(
        (l) => l.kind === 'wax',
      )?.title.text;
    expect(await line()).toBeUndefined();
    home.later(24 * 25);
    expect(await line()).toBe("Render or freeze Ipê's wet wax");
    await home.ok(home.post('/waxCares', { id: randomUUID(), batchId, kind: 'frozen' }));
    expect(await line()).toBeUndefined();
    home.later(24 * 10);
    await home.ok(home.post('/waxCares', { id: randomUUID(), batchId, kind: 'taken-out' }));
    expect(await line()).toBeUndefined();
    home.later(24 * 24);
    expect(
      (await home.get<{ items: { kind: string }[] }>('/clocks')).items.map((c) => c.kind),
    ).toContain('wax');
  });
  it('stays frozen for the household’s weeks, with their end on Today', async () => {
    const lines = async () =>
      (
        await home.get<{ items: { id: string; title: { text: string }; dueAt: string }[] }>(
          '/today',
        )
      ).items.filter((l) => l.id.endsWith('-frozen-wax'));
    const careNow = (kind: string) =>
      home.ok(home.post('/waxCares', { id: randomUUID(), batchId, kind }));
    await careNow('frozen');
    expect(await lines()).toEqual([]);
    const { rules, version } = await home.get<{ rules: object; version: number }>('/rules');
    await home.ok(home.post('/rules', { ...rules, waxFrozenWeeks: 3 }, { baseRevision: version }));
    const [line] = await lines();
    expect(line.title.text).toBe("Ipê's wax may come out of the freezer");
    const [frozen] = (
      await home.get<{ waxCares: { kind: string; occurredAt: string }[] }>(
        `/harvests/${batchId}/aftercare`,
      )
    ).waxCares
      .filter((c) => c.kind === 'frozen')
      .slice(-1);
    expect(Date.parse(line.dueAt) - Date.parse(frozen.occurredAt)).toBe(21 * 86_400_000);
    await careNow('taken-out');
    expect(await lines()).toEqual([]);
  });
  it('rendered is in the book with its blocks, and its yield is learned', async () => {
    expect(
      (
        await home.post('/waxes', {
          batchId,
          cleanG: 120,
          restIsSlumgum: true,
          way: 'solar',
          blocks: [{ g: 121, colour: 'yellow' }],
        })
      ).body,
    ).toMatchObject({
      detail: 'The blocks weigh more than the clean wax.',
      path: 'payload.blocks',
    });
    await home.ok(
      home.post('/waxes', {
        batchId,
        cleanG: 120,
        restIsSlumgum: true,
        way: 'solar',
        filtered: 2,
        blocks: [
          { g: 70, colour: 'yellow' },
          { g: 50, colour: 'amber' },
        ],
      }),
    );
    const { waxRuns, householdRuns } = await after();
    expect(waxRuns[0]).toMatchObject({
      way: 'solar',
      filtered: 2,
      inG: 600,
      cleanG: 120,
      blocks: [
        { g: 70, colour: 'yellow' },
        { g: 50, colour: 'amber' },
      ],
    });
    expect(householdRuns).toEqual([{ way: 'solar', inG: 600, cleanG: 120 }]);
    expect(await detail()).toMatchObject({ balanced: true });
  });
});

describe('a pressed disc', () => {
  it('goes to the household’s own table with its honey, by weight, never more than is there', async () => {
    const before = await lot('wet-wax');
    expect((await home.post('/waxDiscs', { batchId, g: before.nowG + 1 })).body).toMatchObject({
      detail: 'Only 600 g of it are there.',
      path: 'payload.g',
    });
    await home.ok(home.post('/waxDiscs', { batchId, g: 350 }));
    expect((await lot('wet-wax')).nowG).toBe(250);
    const now = await detail();
    expect(now.balanced).toBe(true);
    expect(now.flows.find((f) => f.reason.key === 'flow.disc-eaten')).toMatchObject({
      to: 'outside',
      g: 350,
    });
  });
  it('is not eaten where its honey is held back', async () => {
    await looked('sick');
    expect((await home.post('/waxDiscs', { batchId, g: 100 })).body).toMatchObject({
      path: 'payload.g',
      detail: expect.stringContaining('Held back'),
    });
    expect((await lot('wet-wax')).nowG).toBe(600);
  });
});

describe('a rinse', () => {
  it('takes its honey out of the wet wax, has a clock, and what came from tools is found again', async () => {
    await rinse();
    const after1 = await after();
    expect(after1.rinses[0].honeyG).toBe(251);
    expect((await lot('wet-wax')).nowG).toBe(600 - 251);
    expect(
      (await home.get<{ items: { kind: string; dueAt: string }[] }>('/clocks')).items.find(
        (c) => c.kind === 'rinse',
      )!.dueAt,
    ).toBe('2026-03-15T12:00:00.000Z');
    await rinse(20, 30);
    expect((await lot('wet-wax')).nowG).toBe(0);
    expect(await detail()).toMatchObject({ balanced: true });
  });
  it('is fed only to the colony it all came from, after a look at its brood', async () => {
    const id = await rinse();
    const feed = (hiveId: string | null = hive.id) =>
      home.post(`/rinses/${id}/use`, { fate: 'fed', hiveId });
    expect((await feed()).body.detail).toMatch(
      /Nobody has written down a look at the brood of Ipê/,
    );
    await looked('sick');
    expect((await feed()).body.detail).toMatch(/bee inspector/);
    await looked('healthy', '2026-03-13');
    // A healthy look later does not lift the hold: that takes a written word.
    expect((await feed()).body.detail).toMatch(/Held back/);
    const [hold] = (await home.get<{ items: { id: string }[] }>('/holds')).items;
    await home.ok(home.post(`/holds/${hold.id}/lift`, { word: 'The inspector found no disease.' }));
    expect((await feed(null)).body.detail).toMatch(/only to the one colony/);
    await home.ok(feed());
    expect((await after()).rinses[0]).toMatchObject({ fate: 'fed', fedHiveId: hive.id });
    expect((await lot('rinse')).nowG).toBe(0);
    expect(await detail()).toMatchObject({ balanced: true });
    expect((await feed()).status).toBe(409);
  });
  it('is fed to none where the harvest holds honey of another hive', async () => {
    await looked('healthy');
    const other = await home.drained(await home.harvest(await home.hive('Cedro')), 3000, 500);
    const cedro = (await home.get<BatchDetail>(`/harvests/${other}`)).lots.find(
      (l) => l.kind === 'wet-wax',
    )!;
    await home.ok(
      home.post('/flows', {
        id: randomUUID(),
        from: cedro.id,
        to: (await lot('wet-wax')).id,
        g: 300,
        reason: 'Melted together',
      }),
    );
    const id = await rinse();
    expect(
      (await home.post(`/rinses/${id}/use`, { fate: 'fed', hiveId: hive.id })).body.detail,
    ).toMatch(/other hives/);
    expect(
      (await home.post('/gearCares', { id: randomUUID(), batchId, way: 'same-hive' })).body.detail,
    ).toMatch(/other hives/);
  });
  it('becomes mead with the honey and water that bring it to its gravity, every gram in the book', async () => {
    const id = await rinse();
    const honey = await lot('honey');
    expect(
      (
        await home.post(`/rinses/${id}/use`, {
          fate: 'mead',
          targetGravity: 1.09,
          honeyLotId: honey.id,
          honeyG: 9000,
        })
      ).body.path,
    ).toBe('payload.honeyG');
    await home.ok(
      home.post(`/rinses/${id}/use`, {
        fate: 'mead',
        targetGravity: 1.09,
        honeyLotId: honey.id,
        honeyG: 578,
      }),
    );
    expect((await lot('honey')).nowG).toBe(honey.nowG - 578);
    expect((await lot('mead')).nowG).toBeGreaterThan(3000);
    expect(await detail()).toMatchObject({ balanced: true });
  });
});

describe('wet gear', () => {
  it('goes into the open only after the warning', async () => {
    expect(
      (await home.post('/gearCares', { id: randomUUID(), batchId, way: 'open' })).body,
    ).toMatchObject({ path: 'payload.warned' });
    await home.ok(
      home.post('/gearCares', { id: randomUUID(), batchId, way: 'open', warned: true }),
    );
    expect((await after()).gearCares.map((c) => c.way)).toEqual(['open']);
  });
});

describe('seasons and questions', () => {
  it('count what the book says, and an open harvest apart', async () => {
    const { harvests, pairs, missed } = await home.get<{
      harvests: { honeyG: number; closed: boolean; season: string; combs: number; combG: number }[];
      pairs: { estimateKg: number; weighedKg: number }[];
      missed: unknown[];
    }>('/seasons');
    expect(harvests).toMatchObject([
      { honeyG: 3300, closed: false, season: '2025/26', combs: 2, combG: 4000 },
    ]);
    expect(pairs.map((p) => p.weighedKg)).toEqual([2, 2]);
    expect(pairs[0].estimateKg).toBeGreaterThan(1);
    expect(missed).toEqual([]);
    // Nothing is closed by going on: honey that nobody filled is asked about.
    expect((await home.post(`/harvests/${batchId}/stage`, { stage: 'book' })).body).toMatchObject({
      path: 'payload.rest',
      detail: '3.30 kg of honey that is not filled: say what becomes of it.',
    });
    await home.ok(home.post(`/harvests/${batchId}/stage`, { stage: 'book', rest: 'eaten' }));
    expect(
      (await home.get<{ missed: { gear: string }[] }>('/seasons')).missed.map((m) => m.gear),
    ).toEqual(['press']);
  });
  it('ask about what cannot all be true until somebody answers', async () => {
    await home.hive('ipe');
    const asked = (
      await home.get<{ items: { id: string; sentence: { text: string } }[] }>('/questions')
    ).items;
    expect(asked.map((q) => q.sentence.text)).toEqual([
      '“Ipê” at Site of Ipê and “ipe” at Site of ipe: two hives, or one written down twice?',
    ]);
    await home.ok(home.post('/answers', { key: asked[0].id, answer: 'Two hives indeed' }));
    expect((await home.get<{ items: unknown[] }>('/questions')).items).toEqual([]);
  });
});
