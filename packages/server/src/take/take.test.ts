import { randomUUID } from 'node:crypto';
import { afterEach, beforeEach, describe, expect, it } from 'vitest';
import { type BatchDetail, type Clock, type Hive, type HiveKindName, type Way } from '@furrow/core';
import { Household } from '../testing/household.js';
import * as stacks from '../testing/stacks.js';

let home: Household;
beforeEach(async () => {
  home = await Household.open();
});
afterEach(() => home.close());

const stack = (kind: HiveKindName, name: string): Promise<Hive> => stacks.stack(home, kind, name);
const chosen = (
  hive: Hive,
  slots: number[],
  method: Way,
): Promise<{ batchId: string; combIds: string[] }> => stacks.chosen(home, hive, slots, method);
const mark = (batchId: string, stepId: string, answer: Record<string, unknown> = {}) =>
  home.post('/stepMarks', { id: randomUUID(), batchId, stepId, answer });
const clocks = async (): Promise<Clock[]> => (await home.get<{ items: Clock[] }>('/clocks')).items;

describe('steps at the hive', () => {
  it('are kept by the server: a wait runs on through whatever happens to the page, the same step twice is one', async () => {
    const hive = await home.hive();
    const { batchId } = await chosen(hive, [8], 'crush');
    for (const step of ['ready', 'smoke']) await home.ok(mark(batchId, step));
    await home.ok(mark(batchId, 'smoke'));
    expect((await home.detail(batchId)).marks.map((m) => m.stepId)).toEqual(['ready', 'smoke']);
    const [wait] = await clocks();
    expect(wait).toMatchObject({
      kind: 'wait',
      dueWhat: { text: 'go on' },
      dueAt: '2026-03-14T12:03:00.000Z',
    });
    const smoke = (await home.detail(batchId)).marks[1];
    await home.ok(home.post(`/stepMarks/${smoke.id}/back`, {}));
    expect((await home.detail(batchId)).marks.map((m) => m.stepId)).toEqual(['ready']);
  });
  it('write down what went otherwise, and undo takes it back', async () => {
    const { batchId } = await chosen(await home.hive(), [8], 'crush');
    const told = await home.ok(
      home.post('/incidents', {
        id: randomUUID(),
        batchId,
        kind: 'sting',
        stepId: 'comb-8',
        combId: null,
        count: 2,
      }),
    );
    expect((told.body as { detail: BatchDetail }).detail.incidents).toMatchObject([
      { kind: 'sting', count: 2 },
    ]);
    const [last] = (
      await home.get<{ items: { commandId: string; sentence: { text: string } }[] }>('/journal')
    ).items;
    expect(last.sentence.text).toBe('Sting');
    await home.ok(home.post('/undo', { commandId: last.commandId }));
    expect((await home.detail(batchId)).incidents).toEqual([]);
    expect(
      (
        await home.post('/incidents', {
          id: randomUUID(),
          batchId,
          kind: 'sting',
          stepId: 'x',
          combId: null,
          count: -1,
        })
      ).status,
    ).toBe(400);
  });
  it('leave a line on Today after an attack until somebody came back', async () => {
    const { batchId } = await chosen(await home.hive(), [8], 'crush');
    const left = async (): Promise<string | undefined> =>
      (
        await home.get<{ items: { kind: string; title: { text: string }; urgent: boolean }[] }>(
          '/today',
        )
      ).items.find((l) => l.kind === 'left' && l.urgent)?.title.text;
    const id = randomUUID();
    await home.ok(
      home.post('/incidents', {
        id,
        batchId,
        kind: 'attack',
        stepId: 'comb-8',
        combId: null,
        count: null,
      }),
    );
    expect(await left()).toMatch(/Ipê was left open/);
    await home.ok(mark(batchId, `left-${id}`));
    expect(await left()).toBeUndefined();
  });
  it('keep a guess beside the weight, a fallen comb as taken and torn, a queen as put back', async () => {
    const hive = await home.hive();
    const { batchId, combIds } = await chosen(hive, [8, 7], 'crush');
    await home.ok(
      home.post('/takes', {
        id: randomUUID(),
        batchId,
        combId: combIds[0],
        outcome: 'fell',
        vesselId: null,
        grossG: 3000,
        tareG: 1200,
        guessG: 2000,
      }),
    );
    await home.ok(
      home.post('/takes', {
        id: randomUUID(),
        batchId,
        combId: combIds[1],
        outcome: 'queen-seen',
        vesselId: null,
        grossG: null,
        tareG: null,
      }),
    );
    expect((await home.detail(batchId)).takes).toMatchObject([
      { netG: 1800, guessG: 2000, condition: 'torn', byBox: false },
      { netG: null, outcome: 'queen-seen' },
    ]);
    expect(await home.get('/guesses')).toEqual({ items: [{ guess: 2000, weighed: 1800 }] });
  });
});

describe('a box weighed whole', () => {
  it('goes into the book once, shared out over its combs to the gram, and ends them', async () => {
    const hive = await stack('pile-box', 'Cedro');
    const slots = hive.bars.filter((b) => Math.floor(b.slot / 100) === 4).map((b) => b.slot);
    const { batchId, combIds } = await chosen(hive, slots, 'drip-press');
    const refused = await home.post('/boxTakes', {
      id: randomUUID(),
      batchId,
      combIds,
      grossG: 3000,
      emptyG: 4000,
      vesselId: null,
    });
    expect(refused.body).toMatchObject({ path: 'payload.emptyG' });
    await home.ok(
      home.post('/boxTakes', {
        id: randomUUID(),
        batchId,
        combIds,
        grossG: 15_003,
        emptyG: 3200,
        vesselId: null,
      }),
    );
    const detail = await home.detail(batchId);
    expect(detail.takes).toHaveLength(8);
    expect(detail.takes.reduce((sum, t) => sum + t.netG!, 0)).toBe(11_803);
    expect(detail.takes.every((t) => t.byBox)).toBe(true);
    expect(detail.lots).toMatchObject([{ kind: 'comb', nowG: 11_803 }]);
    expect(
      (
        await home.post('/boxTakes', {
          id: randomUUID(),
          batchId,
          combIds,
          grossG: 15_003,
          emptyG: 3200,
          vesselId: null,
        })
      ).body,
    ).toMatchObject({ code: 'taken-already' });
    const after = await home.get<Hive>(`/hives/${hive.id}`);
    expect(after.bars.filter((b) => slots.includes(b.slot)).every((b) => b.comb === null)).toBe(
      true,
    );
  });
});

describe('honey pots', () => {
  it('are counted as they are emptied, and the hive on its scale is lighter by what was drawn', async () => {
    const hive = await stack('stingless', 'Miúda');
    const slot = hive.bars.find((b) => b.comb)!.slot;
    const combId = home.comb(hive, slot);
    const pots = {
      honeySealed: 40,
      honeyOpen: 4,
      pollen: 6,
      empty: 2,
      potWidthMm: 28,
      potHeightMm: 34,
    };
    await home.ok(
      home.post('/looks', {
        id: randomUUID(),
        combId,
        sides: { A: null, B: null },
        pots,
        readings: [],
        combAge: 'new',
        depthMm: 90,
        thicknessMm: 40,
      }),
    );
    const batchId = randomUUID();
    await home.ok(
      home.post('/harvests', {
        visitId: randomUUID(),
        batchId,
        hiveId: hive.id,
        method: 'draw-pots',
        combIds: [combId],
        anyway: [{ combId, reason: 'Chosen for a test' }],
      }),
    );
    await home.ok(
      home.post(`/harvests/${batchId}/plan`, {
        startLocal: '2026-03-14T09:30',
        kitchenTemperatureC: 24,
        moisturePercent: 24,
      }),
    );
    const weighed = async (): Promise<number> =>
      (await home.get<{ value: number }>(`/instruments/hive-scale?hiveId=${hive.id}`)).value;
    const before = await weighed();
    const take = { batchId, combId, outcome: 'taken', vesselId: null, grossG: 700, tareG: 300 };
    expect(
      (await home.post('/takes', { id: randomUUID(), ...take, potsEmptied: 2.5 })).status,
    ).toBe(400);
    home.later(0.02);
    await home.ok(home.post('/takes', { id: randomUUID(), ...take, potsEmptied: 32 }));
    expect((await home.detail(batchId)).takes).toMatchObject([{ potsEmptied: 32, netG: 400 }]);
    // A reading of 100 g steps with its noise.
    expect(Math.abs(before - (await weighed()) - 400)).toBeLessThanOrEqual(200);
  });
});

describe('a comb that is weighed later', () => {
  async function begun() {
    const hive = await home.hive();
    const made = await chosen(hive, [8, 7], 'crush');
    const take = (combId: string, change: Record<string, unknown> = {}) =>
      home.post('/takes', {
        id: randomUUID(),
        batchId: made.batchId,
        combId,
        outcome: 'taken',
        vesselId: null,
        grossG: null,
        tareG: null,
        ...change,
      });
    const weigh = (combIds: string[], change: Record<string, unknown>) =>
      home.post(`/harvests/${made.batchId}/weighTakes`, {
        combIds,
        grossG: null,
        tareG: null,
        netBy: 'scale',
        ...change,
      });
    return { ...made, hive, take, weigh };
  }
  const debts = async (): Promise<string[]> =>
    (await home.get<{ items: { kind: string; title: { text: string } }[] }>('/today')).items
      .filter((l) => l.kind === 'weigh')
      .map((l) => l.title.text);
  it('is gone from the hive, stands on Today as a debt, and in no book until it is weighed', async () => {
    const { batchId, combIds, hive, take, weigh } = await begun();
    expect((await take(combIds[0])).body).toMatchObject({ path: 'payload.grossG' });
    await home.ok(take(combIds[0], { later: true }));
    const detail = await home.detail(batchId);
    expect(detail.takes).toMatchObject([{ netG: null, outcome: 'taken' }]);
    expect(detail.lots).toEqual([]);
    expect(detail.hive.bars.find((b) => b.slot === 8)!.comb).toBeNull();
    expect(await debts()).toEqual([`Weigh comb 8 of ${hive.name}`]);
    expect((await weigh([combIds[1]], { grossG: 900, tareG: 200 })).status).toBe(409);
    expect((await weigh([combIds[0]], { grossG: 900 })).body).toMatchObject({
      path: 'payload.tareG',
    });
    await home.ok(weigh([combIds[0]], { grossG: 2900, tareG: 1200 }));
    expect((await home.detail(batchId)).lots).toMatchObject([{ kind: 'comb', nowG: 1700 }]);
    expect(await debts()).toEqual([]);
  });
  it('may be taken by its estimate, and says so', async () => {
    const { batchId, combIds, take, weigh } = await begun();
    await home.ok(take(combIds[0], { later: true, guessG: 1900 }));
    expect((await home.post(`/harvests/${batchId}/stage`, { stage: 'book' })).body).toMatchObject({
      code: 'owed',
    });
    await home.ok(weigh([combIds[0]], { netBy: 'estimate' }));
    const [first] = (await home.detail(batchId)).takes;
    expect(first.netBy).toBe('estimate');
    expect(first.netG).toBeGreaterThan(500);
    // Nothing is learned from it: an estimate is no weighing.
    expect((await home.get<{ items: unknown[] }>('/estimatePairs')).items).toEqual([]);
    expect((await home.get<{ items: unknown[] }>('/guesses')).items).toEqual([]);
  });
});
