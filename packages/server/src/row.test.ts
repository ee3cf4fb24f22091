import { randomUUID } from 'node:crypto';
import { afterEach, beforeEach, describe, expect, it } from 'vitest';
import type { Hive, JarKindRecord } from '@furrow/core';
import { Household, SEALED } from './testing/household.js';

let home: Household;
beforeEach(async () => {
  home = await Household.open();
});
afterEach(() => home.close());

async function jar(stock: number): Promise<string> {
  const id = randomUUID();
  await home.ok(
    home.post('/jars', { id, name: 'Jar 500', netG: 500, tareG: 220, stock, value: 30 }),
  );
  return id;
}

describe('a harvest from comb to jar', () => {
  it('keeps every gram somewhere', async () => {
    const hive = await home.hive();
    const batchId = await home.harvest(hive);
    expect((await home.detail(batchId)).lots[0]).toMatchObject({ kind: 'comb', nowG: 4000 });
    await home.ok(home.post('/pieces', { id: randomUUID(), batchId, count: 2, totalG: 400 }));
    const drainId = await home.drain(batchId);
    home.later(3);
    await home.ok(
      home.post('/weighings', {
        id: randomUUID(),
        drainId,
        grossG: 1500,
        tareG: 300,
        source: 'hand',
      }),
    );
    await home.ok(
      home.post('/drainEvents', { id: randomUUID(), drainId, kind: 'stir', minutes: 5 }),
    );
    await home.ok(
      home.post('/drainEvents', {
        id: randomUUID(),
        drainId,
        kind: 'draw-off',
        g: 1000,
        minutes: 4,
      }),
    );
    home.later(20);
    await home.ok(
      home.post(`/drains/${drainId}/close`, {
        honeyG: 1900,
        wetWaxG: 600,
        minutes: 10,
        gapReason: 'Stuck to the bucket',
      }),
    );
    const jarKindId = await jar(4);
    await home.ok(
      home.post('/fillings', {
        id: randomUUID(),
        batchId,
        jarKindId,
        count: 4,
        netG: 500,
        lowestWeighedG: 498,
      }),
    );
    await home.ok(home.post('/waxes', { batchId, cleanG: 150, restIsSlumgum: true }));
    const detail = await home.detail(batchId);
    expect(detail.balanced).toBe(true);
    expect(Object.fromEntries(detail.lots.map((l) => [l.kind, l.nowG]))).toEqual({
      comb: 0,
      pieces: 400,
      crushed: 0,
      honey: 900,
      'wet-wax': 0,
      'clean-wax': 150,
      jars: 2000,
    });
    expect(detail.lossG).toBe(100 + 450);
    expect(detail.batch).toMatchObject({ code: 'IPE-260314-A', handsOnMinutes: 19 });
    expect((await home.get<{ items: JarKindRecord[] }>('/jars')).items[0].stock).toBe(0);
    const filling = detail.lots.find((l) => l.kind === 'jars')!;
    expect(filling.code).toBe('IPE-260314-A2');
    const label = await home.get<Buffer>(`/lots/${filling.id}/labels.pdf`);
    expect(label.subarray(0, 5).toString()).toBe('%PDF-');
  });
  it('takes the harvest date from the day the comb left the hive', async () => {
    const hive = await home.hive();
    const batchId = randomUUID();
    await home.ok(home.look(home.comb(hive, 8)));
    await home.ok(
      home.post('/harvests', {
        visitId: randomUUID(),
        batchId,
        hiveId: hive.id,
        method: 'crush',
        combIds: [home.comb(hive, 8)],
        anyway: [],
      }),
    );
    home.later(48);
    await home.ok(
      home.post('/takes', {
        id: randomUUID(),
        batchId,
        combId: home.comb(hive, 8),
        outcome: 'taken',
        vesselId: null,
        grossG: 3000,
        tareG: 1000,
      }),
    );
    expect((await home.detail(batchId)).batch.date).toBe('2026-03-16');
  });
  it('gives two harvests of one hive and day different codes', async () => {
    const hive = await home.hive();
    const first = await home.harvest(hive);
    const second = randomUUID();
    await home.ok(home.look(home.comb(hive, 6)));
    await home.ok(
      home.post('/harvests', {
        visitId: randomUUID(),
        batchId: second,
        hiveId: hive.id,
        method: 'cut',
        combIds: [home.comb(hive, 6)],
        anyway: [],
      }),
    );
    await home.ok(
      home.post('/takes', {
        id: randomUUID(),
        batchId: second,
        combId: home.comb(hive, 6),
        outcome: 'taken',
        vesselId: null,
        grossG: 3000,
        tareG: 1000,
      }),
    );
    for (const batchId of [first, second])
      await home.ok(home.post('/pieces', { id: randomUUID(), batchId, count: 1, totalG: 100 }));
    expect([(await home.detail(first)).batch.code, (await home.detail(second)).batch.code]).toEqual(
      ['IPE-260314-A', 'IPE-260314-B'],
    );
  });
  it('writes a planned day as a calendar with instants', async () => {
    const batchId = await home.harvest(await home.hive());
    await home.ok(
      home.post(`/harvests/${batchId}/plan`, {
        startLocal: '2026-03-15T09:30',
        kitchenTemperatureC: 24,
        moisturePercent: 18,
      }),
    );
    const text = (await import('supertest'))
      .default(home.app)
      .get(`/api/v1/plans/timetable.ics?harvest=${batchId}`);
    expect((await text).text).toContain('DTSTART:20260315T123000Z');
  });
});

describe('clocks and what is due', () => {
  it('come from the drain, whatever restarts', async () => {
    const batchId = await home.harvest(await home.hive());
    await home.drain(batchId);
    home.later(1.5);
    const { items } = await home.get<{
      items: { kind: string; dueWhat: { text: string }; startedAt: string; urgent: boolean }[];
    }>('/clocks');
    expect(items).toEqual([
      expect.objectContaining({
        kind: 'drain',
        dueWhat: expect.objectContaining({ text: 'stir' }) as unknown,
        startedAt: '2026-03-14T12:00:00.000Z',
        urgent: true,
      }),
    ]);
    const today = await home.get<{ items: { kind: string; ifLeft: { text: string } }[] }>('/today');
    expect(today.items.map((l) => l.kind)).toEqual(
      expect.arrayContaining(['stir', 'look', 'look-back']),
    );
    expect(today.items.every((l) => l.ifLeft.text.length > 10)).toBe(true);
  });
  it('asks for a look back until somebody looked back', async () => {
    const batchId = await home.harvest(await home.hive());
    const asks = async (): Promise<boolean> =>
      (await home.get<{ items: { id: string }[] }>('/today')).items.some(
        (l) => l.id === `${batchId}-back`,
      );
    expect(await asks()).toBe(true);
    await home.ok(home.post(`/harvests/${batchId}/look-back`, {}));
    expect(await asks()).toBe(false);
  });
  it('goes on to settle when the drain is closed, until the jars are filled', async () => {
    const batchId = await home.harvest(await home.hive());
    const drainId = await home.drain(batchId);
    home.later(24);
    await home.ok(
      home.post(`/drains/${drainId}/close`, {
        honeyG: 3300,
        wetWaxG: 700,
        minutes: 10,
        gapReason: '',
      }),
    );
    const clock = (
      await home.get<{
        items: { kind: string; dueAt: string; startedAt: string; dueWhat: { text: string } }[];
      }>('/clocks')
    ).items[0];
    expect(clock).toMatchObject({
      kind: 'settle',
      dueWhat: { text: 'skim' },
      startedAt: '2026-03-15T12:00:00.000Z',
    });
    expect(Date.parse(clock.dueAt)).toBeGreaterThan(Date.parse(clock.startedAt));
    await home.ok(
      home.post('/fillings', {
        id: randomUUID(),
        batchId,
        jarKindId: await jar(9),
        count: 6,
        netG: 500,
        lowestWeighedG: null,
      }),
    );
    expect((await home.get<{ items: unknown[] }>('/clocks')).items).toEqual([]);
  });
  it('reads the practice instruments and says they are simulated', async () => {
    const hive = await home.hive();
    const batchId = await home.harvest(hive);
    const drainId = await home.drain(batchId);
    const empty = await home.get<{ value: number; unit: string; simulated: boolean }>(
      `/instruments/bench-scale?drainId=${drainId}`,
    );
    home.later(6);
    const full = await home.get<{ value: number }>(`/instruments/bench-scale?drainId=${drainId}`);
    expect(empty).toMatchObject({ unit: 'g', simulated: true });
    expect(full.value).toBeGreaterThan(empty.value + 1000);
    expect(await home.get('/instruments/thermometer')).toMatchObject({
      unit: '°C',
      simulated: true,
    });
  });
});

describe('second thoughts', () => {
  it('withdraws a choice while nothing was taken, and frees its combs', async () => {
    const hive = await home.hive();
    const combIds = [home.comb(hive, 8)];
    await home.ok(home.look(combIds[0]));
    const choose = async (): Promise<string> => {
      const batchId = randomUUID();
      await home.ok(
        home.post('/harvests', {
          visitId: randomUUID(),
          batchId,
          hiveId: hive.id,
          method: 'crush',
          combIds,
          anyway: [],
        }),
      );
      return batchId;
    };
    const first = await choose();
    await home.ok(home.post(`/harvests/${first}/withdraw`, {}));
    expect((await home.get<{ items: unknown[] }>('/harvests')).items).toEqual([]);
    const second = await choose();
    await home.ok(
      home.post('/takes', {
        id: randomUUID(),
        batchId: second,
        combId: combIds[0],
        outcome: 'taken',
        vesselId: null,
        grossG: 2000,
        tareG: 100,
      }),
    );
    expect((await home.post(`/harvests/${second}/withdraw`, {})).body.code).toBe('built-upon');
  });
  it('takes jars out of the kit, and undo puts them back', async () => {
    const id = await jar(3);
    await home.ok(home.post(`/jars/${id}/remove`, {}, { baseRevision: 1 }));
    expect((await home.get<{ items: unknown[] }>('/jars')).items).toEqual([]);
    const [last] = (await home.get<{ items: { commandId: string }[] }>('/journal')).items;
    await home.ok(home.post('/undo', { commandId: last.commandId }));
    expect((await home.get<{ items: { id: string; stock: number }[] }>('/jars')).items).toEqual([
      expect.objectContaining({ id, stock: 3 }),
    ]);
  });
});

describe('what must not happen', () => {
  it('never takes a comb with brood, and a comb against the rules only with a reason', async () => {
    const hive = await home.hive();
    const [brood, raw] = [home.comb(hive, 5), home.comb(hive, 8)];
    await home.ok(home.look(brood, { ...SEALED, brood: 0.1, capped: 0.8 }));
    await home.ok(home.look(raw, { ...SEALED, capped: 0.3, open: 0.66 }));
    const choose = (combIds: string[], anyway: unknown[] = []) =>
      home.post('/harvests', {
        visitId: randomUUID(),
        batchId: randomUUID(),
        hiveId: hive.id,
        method: 'crush',
        combIds,
        anyway,
      });
    expect((await choose([brood], [{ combId: brood, reason: 'I want to' }])).body).toMatchObject({
      code: 'bad-input',
      detail: expect.stringContaining('brood'),
    });
    expect((await choose([raw])).status).toBe(400);
    expect((await choose([raw], [{ combId: raw, reason: 'It broke off' }])).status).toBe(201);
  });
  it('keeps the verdict and rules of a decision when the rules change', async () => {
    const hive = await home.hive();
    const batchId = await home.harvest(hive);
    const { rules } = await home.get<{ rules: Record<string, unknown> }>('/rules');
    await home.ok(home.post('/rules', { ...rules, ripeCappedPercent: 100 }, { baseRevision: 1 }));
    expect((await home.detail(batchId)).batch.rulesVersion).toBe(1);
    expect((await home.get<Hive>(`/hives/${hive.id}`)).bars.length).toBe(22);
  });
});
