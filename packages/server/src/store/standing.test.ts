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
