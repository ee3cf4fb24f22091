import { asWritten } from '@furrow/core';
import { randomUUID } from 'node:crypto';
import type { BatchDetail, ColonyFact, Hive, HoldView, TodayLine } from '@furrow/core';
import request from 'supertest';
import { afterEach, beforeEach, describe, expect, it } from 'vitest';
import { Household } from '../testing/household.js';

let home: Household;
let hive: Hive;
beforeEach(async () => {
  home = await Household.open();
  hive = await home.hive();
});
afterEach(() => home.close());

const say = (of: Hive, fact: ColonyFact, on = '2026-03-14') =>
  home.post('/colonyFacts', { id: randomUUID(), colonyId: of.colony!.id, on, fact });
const holds = async (): Promise<HoldView[]> =>
  (await home.get<{ items: HoldView[] }>('/holds')).items;
const today = async (): Promise<TodayLine[]> =>
  (await home.get<{ items: TodayLine[] }>('/today')).items;

/** A harvest brought into two jars; gives the batch and the lot of jars. */
async function jarred(of: Hive): Promise<{ batchId: string; jars: string }> {
  const batchId = await home.drained(await home.harvest(of), 3000);
  const jarKindId = randomUUID();
  await home.ok(
    home.post('/jars', {
      id: jarKindId,
      name: 'Round',
      netG: 500,
      tareG: 200,
      stock: 10,
      value: 0,
      cost: 0,
      purpose: 'jar',
    }),
  );
  const jars = randomUUID();
  await home.ok(
    home.post('/fillings', {
      id: jars,
      batchId,
      jarKindId,
      count: 2,
      netG: 500,
      lowestWeighedG: 501,
    }),
  );
  return { batchId, jars };
}
const out = (lotId: string, fate: string) =>
  home.post('/outs', { id: randomUUID(), lotId, fate, count: 1 });

describe('a colony found sick after its comb was taken', () => {
  it('holds lots, jars and wet wax of it, on Today and at the shelf, until somebody has spoken', async () => {
    const { batchId, jars } = await jarred(hive);
    expect(await holds()).toEqual([]);
    home.later(48);
    await home.ok(say(hive, { kind: 'brood-check', result: 'sick' }, '2026-03-16'));
    const [hold] = await holds();
    expect(hold).toMatchObject({ batchId, cause: 'sick', liftedOn: null, hiveName: 'Ipê' });
    expect(hold.sentence.text).toBe('Ipê: on 16 Mar 2026 the brood looked sick.');
    expect(hold.lots.map((l) => l.kind).sort()).toEqual(['honey', 'jars', 'wet-wax']);
    const line = (await today()).find((l) => l.kind === 'hold')!;
    expect(line).toMatchObject({ urgent: true, batchId });
    expect(line.ifLeft.text).toMatch(/Ask the bee inspector/);
    const detail = await home.detail(batchId);
    expect(Object.keys(detail.holds)).toContain(jars);
    for (const fate of ['sold', 'given', 'eaten', 'mead'])
      expect((await out(jars, fate)).body.detail).toMatch(/^Held back: .*bee inspector/);
    const sheet = await request(home.app).get(`/api/v1/lots/${jars}/labels.pdf`);
    expect([sheet.status, sheet.body.detail]).toEqual([
      400,
      expect.stringMatching(/^No label for it: .*brood looked sick/),
    ]);
    await home.ok(out(jars, 'spoilt'));
    expect((await home.post(`/holds/${hold.id}/lift`, { word: 'ok' })).body.path).toBe(
      'payload.word',
    );
    await home.ok(
      home.post(`/holds/${hold.id}/lift`, { word: 'The inspector looked: no disease.' }),
    );
    expect((await holds())[0]).toMatchObject({
      liftedOn: '2026-03-16',
      liftedWord: asWritten('The inspector looked: no disease.'),
    });
    await home.ok(out(jars, 'given'));
    expect((await today()).some((l) => l.kind === 'hold')).toBe(false);
  });

  it('goes through a blend, and undo takes the hold back with the fact', async () => {
    const first = await jarred(hive);
    const other = await home.hive('Angico');
    const second = await jarred(other);
    const honeyOf = (detail: BatchDetail): string =>
      detail.lots.find((l) => l.kind === 'honey')!.id;
    await home.ok(
      home.post('/flows', {
        id: randomUUID(),
        from: honeyOf(await home.detail(first.batchId)),
        to: honeyOf(await home.detail(second.batchId)),
        g: 400,
        reason: 'Poured together',
      }),
    );
    await home.ok(say(hive, { kind: 'inspector', said: 'disease' }));
    const held = await home.detail(second.batchId);
    // The honey it was poured into is held; the jars filled of that lot are of it, too.
    expect(Object.keys(held.holds).length).toBeGreaterThan(0);
    const entry = (await home.get<{ items: { commandId: string }[] }>('/journal')).items[0];
    await home.ok(home.post('/undo', { commandId: entry.commandId }));
    expect(await holds()).toEqual([]);
    expect((await home.detail(second.batchId)).holds).toEqual({});
  });

  it('spares what was taken before a healthy look', async () => {
    await jarred(hive);
    home.later(24 * 30);
    await home.ok(say(hive, { kind: 'brood-check', result: 'healthy' }, '2026-04-01'));
    await home.ok(say(hive, { kind: 'brood-check', result: 'sick' }, '2026-04-10'));
    expect(await holds()).toEqual([]);
  });
});

describe('a comb under a danger', () => {
  it('is not taken once the colony was found sick after it was chosen', async () => {
    const combId = home.comb(hive, 8);
    await home.ok(home.look(combId));
    const batchId = randomUUID();
    await home.ok(
      home.post('/harvests', {
        visitId: randomUUID(),
        batchId,
        hiveId: hive.id,
        method: 'crush',
        combIds: [combId],
        anyway: [],
      }),
    );
    await home.ok(say(hive, { kind: 'brood-check', result: 'sick' }));
    const take = await home.post('/takes', {
      id: randomUUID(),
      batchId,
      combId,
      outcome: 'taken',
      vesselId: null,
      grossG: 3000,
      tareG: 1000,
    });
    expect([take.status, take.body.detail]).toEqual([
      409,
      expect.stringMatching(/^Comb 8: The brood looked sick/),
    ]);
  });

  it('taken after its colony died, nobody asked, is held until the checklist is answered', async () => {
    const combId = home.comb(hive, 8);
    await home.ok(home.look(combId));
    const batchId = randomUUID();
    await home.ok(
      home.post('/harvests', {
        visitId: randomUUID(),
        batchId,
        hiveId: hive.id,
        method: 'crush',
        combIds: [combId],
        anyway: [],
      }),
    );
    expect(await holds()).toEqual([]);
    await home.ok(say(hive, { kind: 'alive', alive: false }));
    await home.ok(
      home.post('/takes', {
        id: randomUUID(),
        batchId,
        combId,
        outcome: 'taken',
        vesselId: null,
        grossG: 3000,
        tareG: 1000,
      }),
    );
    expect(await holds()).toMatchObject([{ batchId, cause: 'dead', liftedOn: null }]);
  });

  it('of a dead colony nobody asked about goes only into a lot kept apart, until it is answered', async () => {
    const combId = home.comb(hive, 8);
    await home.ok(home.look(combId));
    await home.ok(say(hive, { kind: 'alive', alive: false }));
    const batchId = randomUUID();
    const choose = (anyway: { combId: string; reason: string }[]) =>
      home.post('/harvests', {
        visitId: randomUUID(),
        batchId,
        hiveId: hive.id,
        method: 'crush',
        combIds: [combId],
        anyway,
      });
    expect((await choose([])).body.detail).toMatch(/ask before it is eaten/);
    await home.ok(choose([{ combId, reason: 'Moth would have it' }]));
    expect(await holds()).toMatchObject([{ batchId, cause: 'dead', liftedOn: null }]);
    const death: ColonyFact = {
      kind: 'death',
      causes: ['starved'],
      notFound: [
        'foulbrood',
        'poisoned',
        'rodents',
        'dysentery',
        'mould',
        'mites',
        'treated',
        'damp',
      ],
      closedAgainstRobbers: true,
      word: 'none',
    };
    await home.ok(say(hive, { ...death, notFound: [] }));
    expect((await holds())[0].liftedOn).toBeNull();
    await home.ok(say(hive, death));
    expect((await holds())[0].liftedOn).toBe('2026-03-14');
  });

  it('is under the finding of its old colony wherever it hangs now', async () => {
    const make = async (name: string): Promise<Hive> =>
      (
        await home.ok(
          home.post('/hives', {
            id: randomUUID(),
            siteId: hive.siteId,
            name,
            kind: 'cut-comb',
            geometry: {
              broodBoxes: 1,
              supers: 1,
              framesPerSuper: 9,
              framePitchMm: 38,
              combWidthMm: 400,
              superDepthMm: 145,
              broodDepthMm: 240,
            },
            colonyStartedOn: '2024-09-20',
          }),
        )
      ).body.hive as Hive;
    const [from, to] = [await make('From'), await make('To')];
    const given = from.boxes[1].carrierId;
    const combId = from.bars.find((b) => b.boxId === given)!.comb!.id;
    await home.ok(
      home.post(`/boxes/${given}/give`, {
        toHiveId: to.id,
        health: 'healthy',
        broodCheckedOn: '2026-03-01',
      }),
    );
    await home.ok(home.look(combId));
    home.later(24 * 10);
    await home.ok(say(from, { kind: 'brood-check', result: 'sick' }, '2026-03-24'));
    const verdict = async () =>
      (await home.ok(home.look(combId))).body.look.verdict as {
        verdict: string;
        decidedBy: string;
      };
    expect(await verdict()).toMatchObject({ verdict: 'leave', decidedBy: 'healthy' });
    await home.ok(say(from, { kind: 'inspector', said: 'no-disease' }, '2026-03-24'));
    expect(await verdict()).toMatchObject({ verdict: 'take' });
  });
});

describe('the shelf', () => {
  it('sells no stingless honey without species and permit, and nothing above the selling limit', async () => {
    const { batchId, jars } = await jarred(hive);
    const { drains } = await home.detail(batchId);
    for (const moisturePercent of [20.4, 20.6])
      await home.ok(
        home.post('/drainEvents', {
          id: randomUUID(),
          drainId: drains[0].id,
          kind: 'moisture',
          moisturePercent,
          minutes: 0,
          note: '',
        }),
      );
    expect((await out(jars, 'sold')).body.detail).toMatch(
      /20\.6 % water, your selling limit is 20/,
    );
    await home.ok(out(jars, 'given'));
    await home.db('hives').where({ id: hive.id }).update({ kind: 'stingless' });
    expect((await out(jars, 'sold')).body.detail).toMatch(/species and your permit/);
  });
});
