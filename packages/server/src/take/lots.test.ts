import { randomUUID } from 'node:crypto';
import { afterEach, beforeEach, describe, expect, it } from 'vitest';
import type { BatchDetail, Hive, Lot, Site, TodayLine } from '@furrow/core';
import { inEnglish } from '../words.js';
import { Household } from '../testing/household.js';
import { chosen, stack } from '../testing/stacks.js';

let home: Household;
beforeEach(async () => {
  home = await Household.open();
});
afterEach(() => home.close());

const lotOf = (detail: BatchDetail, kind: Lot['kind']): Lot =>
  detail.lots.find((l) => l.kind === kind)!;
const begun = (
  hive: Hive,
  change: object = {},
): Promise<{ batchId: string; response: unknown }> => {
  const batchId = randomUUID();
  return home
    .post('/begunHarvests', {
      visitId: randomUUID(),
      batchId,
      hiveId: hive.id,
      harvestedOn: '2026-02-20',
      stands: 'honey',
      grossG: 2600,
      tareG: 600,
      ...change,
    })
    .then((response) => ({ batchId, response }));
};
const today = async (): Promise<TodayLine[]> =>
  (await home.get<{ items: TodayLine[] }>('/today')).items;

describe('a harvest that was begun without Furrow', () => {
  it('opens a lot of honey in Jar, or of comb at the bench, dated when it was taken', async () => {
    const hive = await home.hive();
    const honey = await begun(hive);
    expect(honey.response).toMatchObject({ status: 201 });
    const jar = await home.detail(honey.batchId);
    expect([jar.batch.stage, jar.batch.date, lotOf(jar, 'honey').nowG]).toEqual([
      'jar',
      '2026-02-20',
      2000,
    ]);
    const comb = await begun(hive, { stands: 'comb', grossG: 4100, tareG: 1100 });
    const bench = await home.detail(comb.batchId);
    expect([bench.batch.stage, lotOf(bench, 'comb').nowG, bench.balanced]).toEqual([
      'drain',
      3000,
      true,
    ]);
    const closed = await home.drained(comb.batchId, 2300, 650);
    expect(lotOf(await home.detail(closed), 'honey').nowG).toBe(2300);
  });
  it('is refused where it lies ahead, or where the vessel weighs as much', async () => {
    const hive = await home.hive();
    expect((await begun(hive, { harvestedOn: '2027-01-01' })).response).toMatchObject({
      status: 400,
      body: { path: 'payload.harvestedOn' },
    });
    expect((await begun(hive, { tareG: 2600 })).response).toMatchObject({
      status: 400,
      body: { path: 'payload.tareG' },
    });
    expect((await home.get<{ items: unknown[] }>('/harvests')).items).toEqual([]);
  });
});

describe('honey that stands in the pot', () => {
  const start = (batchId: string, change: object) =>
    home.post('/drains', {
      id: randomUUID(),
      batchId,
      upperVesselId: null,
      lowerVesselId: null,
      method: 'mash',
      moisturePercent: 18,
      temperatureC: 25,
      ...change,
    });
  it('is asked for its lot, and is no more than that lot holds', async () => {
    const hive = await home.hive();
    const batchId = await home.harvest(hive);
    expect((await start(batchId, { potStartG: 800 })).body).toMatchObject({
      path: 'payload.potFromLotId',
      detail: expect.stringMatching(/Say which honey stands there/) as string,
    });
    const { batchId: before } = await begun(hive);
    const potFromLotId = lotOf(await home.detail(before), 'honey').id;
    expect((await start(batchId, { potStartG: 2400, potFromLotId })).body).toMatchObject({
      detail: expect.stringMatching(/Only 2\.00 kg/) as string,
    });
  });
  it('goes with the first that is drawn off; an emptied lot ends its harvest', async () => {
    const hive = await home.hive();
    const batchId = await home.harvest(hive);
    const { batchId: before } = await begun(hive);
    const potFromLotId = lotOf(await home.detail(before), 'honey').id;
    await home.ok(start(batchId, { potStartG: 2000, potFromLotId, crushMinutes: 16 }));
    expect((await home.detail(before)).batch.closedAt).not.toBeNull();
    home.later(3);
    const [drain] = (await home.detail(batchId)).drains;
    await home.ok(
      home.post('/drainEvents', {
        id: randomUUID(),
        drainId: drain.id,
        kind: 'draw-off',
        g: 2500,
        minutes: 5,
      }),
    );
    // 2000 g of the 2500 were there before: 500 g came from what was crushed, 4000 g.
    const detail = await home.detail(batchId);
    expect([lotOf(detail, 'honey').nowG, lotOf(detail, 'crushed').nowG]).toEqual([2500, 3500]);
    expect([detail.batch.handsOnMinutes >= 16, detail.balanced]).toEqual([true, true]);
  });
});

describe('comb cut apart on the bench', () => {
  it('becomes a lot with its own name, and both are told apart', async () => {
    const batchId = await home.harvest(await home.hive());
    const part = { batchId: randomUUID(), name: 'dark', grossG: 2100, tareG: 600 };
    await home.ok(home.post(`/harvests/${batchId}/split`, part));
    await home.ok(home.post(`/harvests/${batchId}/lotName`, { name: 'light' }));
    const [light, dark] = [await home.detail(batchId), await home.detail(part.batchId)];
    expect(light.lots.map((l) => [inEnglish(l.name), l.nowG])).toEqual([['Ipê light, comb', 2500]]);
    expect(dark.lots.map((l) => [inEnglish(l.name), l.nowG])).toEqual([['Ipê dark, comb', 1500]]);
    const titles = (await today()).map((l) => l.title.text);
    expect(titles).toContain("Crush Ipê (dark)'s comb");
    expect(titles).toContain('Plan the day for Ipê (light)');
  });
  it('is always less than what is there', async () => {
    const batchId = await home.harvest(await home.hive());
    const all = { batchId: randomUUID(), name: 'all', grossG: 4000, tareG: 0 };
    expect((await home.post(`/harvests/${batchId}/split`, all)).body).toMatchObject({
      path: 'payload.grossG',
      detail: 'Of this lot 4.00 kg of comb are here: a part of it is less.',
    });
  });
});

describe('pots cut out or drawn off', () => {
  it('note their pollen on the lot, stay in the hive, and are counted as drawn', async () => {
    const hive = await stack(home, 'stingless', 'Mirim');
    const pots = {
      honeySealed: 12,
      honeyOpen: 3,
      pollen: 4,
      empty: 2,
      potWidthMm: 26,
      potHeightMm: 32,
    };
    const slot = hive.bars.find((b) => b.comb)!.slot;
    await home.ok(
      home.post('/looks', {
        id: randomUUID(),
        combId: home.comb(hive, slot),
        sides: { A: null, B: null },
        readings: [],
        combAge: 'new',
        depthMm: 32,
        thicknessMm: 26,
        pots,
      }),
    );
    const { batchId, combIds } = await chosen(home, hive, [slot], 'cut-pots');
    home.later(1);
    const take = { id: randomUUID(), batchId, combId: combIds[0], outcome: 'taken' };
    await home.ok(
      home.post('/takes', {
        ...take,
        vesselId: null,
        grossG: 310,
        tareG: 200,
        potsEmptied: 6,
        withPollen: true,
      }),
    );
    const detail = await home.detail(batchId);
    const noted = lotOf(detail, 'comb');
    expect([inEnglish(noted.name), noted.nowG]).toEqual(['Mirim, comb, with pollen', 110]);
    const after = await home.get<Hive>(`/hives/${hive.id}`);
    expect(after.bars.find((b) => b.slot === slot)!.comb!.emptied).toMatchObject({
      way: 'cut-pots',
      potsEmptied: 6,
    });
    expect(after.potsDrawnOn).not.toBeNull();
    const { items } = await home.get<{ items: { sentence: { text: string }; g?: number }[] }>(
      `/hives/${hive.id}/boxHistory`,
    );
    expect(items).toMatchObject([{ sentence: { text: '6 pots emptied' }, g: 110 }]);
  });
});

describe('several lots of one hive', () => {
  it('know of each other: the hive stays open between them until it is shut', async () => {
    const hive = await home.hive();
    const [visitId, first, second] = [randomUUID(), randomUUID(), randomUUID()];
    for (const [batchId, slot] of [
      [first, 8],
      [second, 7],
    ] as const) {
      const combId = home.comb(hive, slot);
      await home.ok(home.look(combId));
      const anyway = [{ combId, reason: 'Chosen for a test' }];
      const batch = {
        visitId,
        batchId,
        hiveId: hive.id,
        method: 'crush',
        combIds: [combId],
        anyway,
      };
      await home.ok(home.post('/harvests', batch));
    }
    const others = async (id: string) => (await home.detail(id)).sameVisit;
    expect(await others(second)).toEqual([{ id: first, stage: 'ready', leftOpen: false }]);
    const mark = (batchId: string, stepId: string) =>
      home.ok(home.post('/stepMarks', { id: randomUUID(), batchId, stepId, answer: {} }));
    await mark(first, 'next-lot');
    expect((await others(second))[0].leftOpen).toBe(true);
    await mark(first, 'shut');
    expect((await others(second))[0].leftOpen).toBe(false);
  });
});

describe('what is to be done at a site', () => {
  it('stands on Today until it is done, and is dated then', async () => {
    const hive = await home.hive();
    const task = { id: randomUUID(), what: 'Cut the path', dueOn: null, doneOn: null };
    const site = async (): Promise<Site> =>
      (await home.get<{ items: Site[] }>('/sites')).items.find((s) => s.id === hive.siteId)!;
    expect(
      (await home.patch(`/sites/${hive.siteId}`, { tasks: [{ ...task, what: 'x' }] })).body,
    ).toMatchObject({ detail: 'Say what is to be done.' });
    await home.patch(`/sites/${hive.siteId}`, { tasks: [task] });
    const line = (await today()).find((l) => l.kind === 'site-task')!;
    expect([line.title.text, line.hiveId]).toEqual([`${hive.site.name}: Cut the path`, hive.id]);
    await home.ok(home.post(`/sites/${hive.siteId}/tasks/${task.id}/done`, {}));
    expect((await site()).tasks[0].doneOn).not.toBeNull();
    expect((await today()).some((l) => l.kind === 'site-task')).toBe(false);
    expect((await home.post(`/sites/${hive.siteId}/tasks/${randomUUID()}/done`, {})).status).toBe(
      404,
    );
  });
});
