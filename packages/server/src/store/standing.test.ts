import { randomUUID } from 'node:crypto';
import type { Hive } from '@furrow/core';
import { afterEach, beforeEach, describe, expect, it } from 'vitest';
import { Household, SEALED } from '../testing/household.js';

let home: Household;
let hive: Hive;
beforeEach(async () => {
  home = await Household.open();
  hive = await home.hive();
});
afterEach(() => home.close());

const OTHER = { device: "Rui's phone", person: 'Rui' };
/** Said so many hours ago, out of reach of the house. */
const saidBefore = (hours: number): { occurredAt: string } => ({
  occurredAt: new Date(home.now.getTime() - hours * 3_600_000).toISOString(),
});
const fact = (said: object) => ({
  id: randomUUID(),
  colonyId: hive.colony!.id,
  on: home.now.toISOString().slice(0, 10),
  fact: said,
});
const look = (capped: number) => ({
  id: randomUUID(),
  combId: home.comb(hive, 8),
  sides: { A: { ...SEALED, capped, open: 0.96 - capped }, B: SEALED },
  readings: [],
  combAge: 'new',
  depthMm: 204,
  thicknessMm: 28,
});

describe('two devices that said different things of the same, neither knowing of the other', () => {
  it('are asked which stands, with who said what when', async () => {
    home.later(5);
    await home.ok(
      home.post('/colonyFacts', fact({ kind: 'temper', temper: 'calm' }), saidBefore(2)),
    );
    const late = fact({ kind: 'temper', temper: 'defensive' });
    const asked = await home.post('/colonyFacts', late, { ...OTHER, ...saidBefore(1) });
    expect(asked.status).toBe(409);
    expect(asked.body).toMatchObject({
      code: 'said-otherwise',
      stands: {
        says: { key: 'entry.fact.temper' },
        text: 'Temper of the bees noted',
        fact: { kind: 'temper', temper: 'calm' },
      },
    });
    // What stands can be taken back, and the other be written.
    const { commandId } = (asked.body as { stands: { commandId: string } }).stands;
    await home.ok(home.post('/undo', { commandId }));
    await home.ok(home.post('/colonyFacts', late, { ...OTHER, ...saidBefore(1), again: true }));
  });
  it('both stand where that was said', async () => {
    home.later(5);
    await home.ok(home.post('/looks', look(0.9), saidBefore(2)));
    const late = look(0.5);
    const at = { ...OTHER, ...saidBefore(1) };
    expect((await home.post('/looks', late, at)).body).toMatchObject({ code: 'said-otherwise' });
    await home.ok(home.post('/looks', late, { ...at, again: true }));
  });
  it('are not asked where they said the same', async () => {
    home.later(5);
    const same = { kind: 'strength', strength: 'strong' };
    await home.ok(home.post('/colonyFacts', fact(same), saidBefore(2)));
    await home.ok(home.post('/colonyFacts', fact(same), { ...OTHER, ...saidBefore(1) }));
  });
  it('a danger waits for no answer: both stand, and it counts', async () => {
    home.later(5);
    const check = (result: string): object => fact({ kind: 'brood-check', result });
    await home.ok(home.post('/colonyFacts', check('healthy'), saidBefore(2)));
    await home.ok(home.post('/colonyFacts', check('sick'), { ...OTHER, ...saidBefore(1) }));
  });
});

describe('two phones on one hive and one list', () => {
  const bars = () => hive.bars.map(({ carrierId }) => carrierId);
  const swapped = (a: number, b: number): object => {
    const carrierIds = bars();
    [carrierIds[a - 1], carrierIds[b - 1]] = [carrierIds[b - 1], carrierIds[a - 1]];
    return { hiveId: hive.id, boxId: null, carrierIds, what: 'swap' };
  };
  const barsNow = async (): Promise<string[]> => {
    const { items } = await home.get<{ items: Hive[] }>('/hives');
    return items[0].bars.map(({ carrierId }) => carrierId);
  };

  it('that put bars otherwise are asked which stands; taken back there, the other is written', async () => {
    home.later(5);
    await home.ok(home.post('/orders', swapped(7, 8), saidBefore(2)));
    const late = swapped(5, 6);
    const at = { ...OTHER, ...saidBefore(1) };
    const asked = await home.post('/orders', late, at);
    expect(asked.body).toMatchObject({
      code: 'said-otherwise',
      stands: { says: { key: 'entry.two-places-swapped' }, device: 'test' },
    });
    expect((await barsNow())[6]).toBe(bars()[7]);
    const { commandId } = (asked.body as { stands: { commandId: string } }).stands;
    await home.ok(home.post('/undo', { commandId }));
    await home.ok(home.post('/orders', late, { ...at, again: true }));
    const now = await barsNow();
    expect([now[4], now[5], now[6]]).toEqual([bars()[5], bars()[4], bars()[6]]);
  });

  it('that put bars the same way say it twice, and nobody is asked', async () => {
    home.later(5);
    await home.ok(home.post('/orders', swapped(7, 8), saidBefore(2)));
    await home.ok(home.post('/orders', swapped(7, 8), { ...OTHER, ...saidBefore(1) }));
    expect((await barsNow())[6]).toBe(bars()[7]);
    home.later(1);
    const again = await home.post('/orders', swapped(7, 8));
    expect([again.status, again.body.path]).toEqual([400, 'payload.carrierIds']);
  });

  it('that ticked a line otherwise are asked; the same tick needs no answer', async () => {
    const batchId = await home.harvest(hive);
    const tick = (state: string) => ({ id: randomUUID(), batchId, line: 'veil', state });
    home.later(5);
    await home.ok(home.post('/ticks', tick('have'), saidBefore(2)));
    await home.ok(home.post('/ticks', tick('have'), { ...OTHER, ...saidBefore(1) }));
    home.later(1);
    const asked = await home.post('/ticks', tick('missing'), saidBefore(4));
    expect(asked.body).toMatchObject({
      code: 'said-otherwise',
      stands: { says: { key: 'entry.ticked-off' }, device: "Rui's phone", person: 'Rui' },
    });
    await home.ok(home.post('/ticks', tick('missing')));
    const { ticks } = await home.get<{ ticks: { line: string; state: string }[] }>('/plans');
    const veils = ticks.filter(({ line }) => line === 'veil');
    expect(veils.map(({ state }) => state)).toEqual(['missing']);
  });

  it('a tick that is taken back leaves the one before it', async () => {
    const batchId = await home.harvest(hive);
    const tick = (state: string) => ({ id: randomUUID(), batchId, line: 'veil', state });
    await home.ok(home.post('/ticks', tick('have')));
    await home.ok(home.post('/ticks', tick('missing')));
    const [last] = (await home.get<{ items: { commandId: string }[] }>('/journal')).items;
    await home.ok(home.post('/undo', { commandId: last.commandId }));
    const { ticks } = await home.get<{ ticks: { state: string }[] }>('/plans');
    expect(ticks.map(({ state }) => state)).toEqual(['have']);
  });
});

it('who knew what stood there, and says something else, means it', async () => {
  await home.ok(home.post('/colonyFacts', fact({ kind: 'temper', temper: 'calm' })));
  home.later(1);
  await home.ok(home.post('/colonyFacts', fact({ kind: 'temper', temper: 'nervous' }), OTHER));
});

it('a comb that somebody else took is refused with who took it', async () => {
  const batchId = await home.harvest(hive);
  const { batch } = await home.detail(batchId);
  const take = (grossG: number) => ({
    id: randomUUID(),
    batchId,
    combId: batch.combIds[0],
    outcome: 'taken',
    vesselId: null,
    grossG,
    tareG: 1200,
  });
  const refused = await home.post('/takes', take(3300), OTHER);
  expect(refused.body).toMatchObject({
    code: 'taken-already',
    stands: { says: { key: 'entry.outcome.taken' }, device: 'test', netG: expect.any(Number) },
  });
});
