import { inEnglish } from '../words.js';
import { lotItself, lotNamed, lotSay } from '@furrow/core';
import { randomUUID } from 'node:crypto';
import { afterEach, beforeEach, describe, expect, it } from 'vitest';
import type { Trace } from '@furrow/core';
import request from 'supertest';
import { Household } from '../testing/household.js';

let home: Household;
beforeEach(async () => {
  home = await Household.open();
});
afterEach(() => home.close());

/** A harvest drained and filled into six jars of 250 g. */
async function filled(): Promise<{ batchId: string; lotId: string }> {
  const batchId = await home.harvest(await home.hive());
  const drainId = await home.drain(batchId);
  home.later(20);
  await home.ok(
    home.post(`/drains/${drainId}/close`, {
      honeyG: 3000,
      wetWaxG: 900,
      gapReason: 'Stuck to bucket and strainer',
      minutes: 20,
    }),
  );
  const [jar, lotId] = [randomUUID(), randomUUID()];
  await home.ok(
    home.post('/jars', {
      id: jar,
      name: 'Small jar 250',
      netG: 250,
      tareG: 150,
      stock: 10,
      value: 20,
    }),
  );
  await home.ok(
    home.post('/fillings', {
      id: lotId,
      batchId,
      jarKindId: jar,
      count: 6,
      netG: 250,
      lowestWeighedG: 251,
    }),
  );
  return { batchId, lotId };
}
const trace = (query: string): Promise<Trace> => home.get<Trace>(`/traces?${query}`);

describe('what left the shelf', () => {
  it('may name to whom; the name stands apart from book and journal and can be forgotten', async () => {
    const { batchId, lotId } = await filled();
    const out = (who: string) =>
      home.ok(home.post('/outs', { id: randomUUID(), lotId, fate: 'given', count: 1, who }));
    for (const who of ['Dona Lurdes', 'Dona Lurdes', '']) await out(who);
    const { items } = await home.get<{ items: { id: string; name: string }[] }>('/people');
    expect(items.map((p) => p.name)).toEqual(['Dona Lurdes']);
    expect((await home.detail(batchId)).outs.map((o) => o.personId)).toEqual([
      items[0].id,
      items[0].id,
      null,
    ]);
    for (const table of ['journal', 'commands', 'flows'])
      expect(JSON.stringify(await home.db(table))).not.toContain('Lurdes');
    await home.ok(home.post(`/people/${items[0].id}/forget`, {}));
    expect((await home.get<{ items: unknown[] }>('/people')).items).toEqual([]);
    expect((await home.detail(batchId)).outs).toHaveLength(3);
    expect((await home.post(`/people/${randomUUID()}/forget`, {})).status).toBe(404);
  });
});

describe('a trace of the book', () => {
  it('goes from a jar by its code to its comb, however the code is typed, and from the comb to where it lies', async () => {
    const { batchId, lotId } = await filled();
    const { lots } = await home.detail(batchId);
    const code = lots.find((l) => l.id === lotId)!.code!;
    const back = await trace(
      `code=${encodeURIComponent(code.toLowerCase().replace(/-/g, ' '))}&direction=back`,
    );
    expect(back.lot).toMatchObject({ id: lotId, code, batchId, hiveName: 'Ipê' });
    expect(back.shares).toMatchObject([
      { g: 1500, share: 1, name: lotNamed('Ipê', lotSay('lot.comb')), hiveName: 'Ipê' },
    ]);
    const comb = lots.find((l) => l.kind === 'comb')!;
    const forward = await trace(`lot=${comb.id}&direction=forward`);
    const by = Object.fromEntries(
      forward.shares.map((s) => [inEnglish(lotItself(s.name)), Math.round(s.g)]),
    );
    expect(by).toMatchObject({ '6 × 250 g': 1500, honey: 1500, 'wet wax': 900 });
    expect(forward.shares.reduce((sum, s) => sum + s.share, 0)).toBeCloseTo(1, 9);
  });
  it('follows what was given away, and an undo takes it back out of the trace', async () => {
    const { batchId, lotId } = await filled();
    await home.ok(home.post('/outs', { id: randomUUID(), lotId, fate: 'given', count: 2 }));
    const comb = (await home.detail(batchId)).lots.find((l) => l.kind === 'comb')!;
    const out = async (): Promise<number> =>
      Math.round(
        (await trace(`lot=${comb.id}&direction=forward`)).shares.find((s) => s.lot === 'outside')
          ?.g ?? 0,
      );
    expect(await out()).toBe(500);
    const [last] = (await home.get<{ items: { commandId: string }[] }>('/journal')).items;
    await home.ok(home.post('/undo', { commandId: last.commandId }));
    expect(await out()).toBe(0);
  });
  it('says in a sentence what it cannot find', async () => {
    const ask = (query: string) => request(home.app).get(`/api/v1/traces?${query}`);
    expect((await ask('code=NOPE-1&direction=back')).body).toMatchObject({
      code: 'bad-input',
      detail: 'No lot has the code "NOPE-1". It stands on the label behind "Batch".',
    });
    expect((await ask(`lot=${randomUUID()}&direction=back`)).status).toBe(404);
    expect((await ask('code=x&direction=up')).status).toBe(400);
  });
});
