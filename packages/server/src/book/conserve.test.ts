import { randomUUID } from 'node:crypto';
import type { BatchDetail, Lot } from '@furrow/core';
import fc from 'fast-check';
import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import { Household } from '../testing/household.js';
import { bookView, type BookView } from './lots.js';

let home: Household;
const batches: string[] = [];
let jarKindId: string;
beforeAll(async () => {
  home = await Household.open();
  for (const name of ['Ipê', 'Cedro'])
    batches.push(await home.drained(await home.harvest(await home.hive(name)), 3300, 500));
  jarKindId = randomUUID();
  await home.ok(
    home.post('/jars', {
      id: jarKindId,
      name: 'Jar 250',
      netG: 250,
      tareG: 100,
      stock: 5000,
      value: 9,
    }),
  );
});
afterAll(() => home.close());

const book = (): Promise<BookView> => bookView(home.db);
const held = async (): Promise<Record<string, number>> =>
  Object.fromEntries((await book()).lots.map((l) => [l.id, l.nowG]));

/**
 * What a household does with honey, wax and rinse; refused where there is too little, which must
 * change nothing.
 */
const ACTS = [
  'fill',
  'several',
  'out',
  'eaten',
  'found',
  'wax',
  'rinse',
  'mead',
  'pour-away',
  'blend',
  'undo',
] as const;
const acts = fc.array(
  fc.record({
    act: fc.constantFrom(...ACTS),
    batch: fc.integer({ min: 0, max: 1 }),
    n: fc.integer({ min: 1, max: 900 }),
    pick: fc.nat(50),
  }),
  { minLength: 3, maxLength: 14 },
);

async function perform(
  { act, batch, n, pick }: { act: (typeof ACTS)[number]; batch: number; n: number; pick: number },
  done: string[],
): Promise<void> {
  const batchId = batches[batch];
  const { lots } = await home.get<BatchDetail>(`/harvests/${batchId}`);
  const of = (kind: string): Lot | undefined => lots.find((l) => l.kind === kind);
  const id = randomUUID();
  const send = async (path: string, payload: object): Promise<void> => {
    const r = await home.post(path, payload, { id });
    if (r.status === 201) done.push(id);
    else expect([400, 404, 409]).toContain(r.status);
  };
  const honey = of('honey')!;
  if (act === 'fill')
    await send('/fillings', {
      id: randomUUID(),
      batchId,
      jarKindId,
      count: (n % 4) + 1,
      netG: 250,
      lowestWeighedG: null,
    });
  else if (act === 'several') {
    const other = (await home.get<BatchDetail>(`/harvests/${batches[1 - batch]}`)).lots.find(
      (l) => l.kind === 'honey',
    )!;
    await send('/fillings/several', {
      fillings: [honey, other].map((l) => ({
        id: randomUUID(),
        honeyLotId: l.id,
        jarKindId,
        count: (n % 3) + 1,
        netG: 250,
      })),
    });
  } else if (act === 'out') {
    const jars = lots.filter((l) => l.kind === 'jars');
    if (jars.length)
      await send('/outs', {
        id: randomUUID(),
        lotId: jars[pick % jars.length].id,
        fate: (['given', 'sold', 'spoilt', 'mead'] as const)[n % 4],
        count: (n % 3) + 1,
      });
  } else if (act === 'eaten')
    await send('/flows', {
      id: randomUUID(),
      from: honey.id,
      to: n % 2 ? 'outside' : 'loss',
      g: n,
      reason: 'Eaten or spilled',
    });
  else if (act === 'found')
    await send('/flows', {
      id: randomUUID(),
      from: 'outside',
      to: honey.id,
      g: n,
      reason: 'Found',
    });
  else if (act === 'wax')
    await send('/waxes', {
      batchId,
      cleanG: n % 200,
      restIsSlumgum: n % 5 === 0,
      way: 'solar',
      blocks: [],
    });
  else if (act === 'rinse')
    await send('/rinses', {
      id: randomUUID(),
      batchId,
      litres: (n % 30) / 10 + 0.1,
      brixPercent: n % 20,
      cold: false,
    });
  else if (act === 'mead' || act === 'pour-away') {
    const rinses = (await home.get<{ rinses: { id: string }[] }>(`/harvests/${batchId}/aftercare`))
      .rinses;
    if (rinses.length)
      await send(
        `/rinses/${rinses[pick % rinses.length].id}/use`,
        act === 'mead'
          ? {
              fate: 'mead',
              targetGravity: 1.08,
              honeyLotId: honey.id,
              honeyG: n % 300,
              waterL: (n % 3) / 2,
            }
          : { fate: 'poured-away' },
      );
  } else if (act === 'blend') {
    const other = (await home.get<BatchDetail>(`/harvests/${batches[1 - batch]}`)).lots.find(
      (l) => l.kind === 'honey',
    )!;
    await send('/blends', { fromLotId: other.id, intoLotId: honey.id, g: n });
  } else if (done.length) {
    const at = pick % done.length;
    const r = await home.post('/undo', { commandId: done[at] });
    if (r.status === 201) done.splice(at, 1);
    else expect(r.status).toBe(409);
  }
}

describe('mass', () => {
  it('is somewhere whatever is done and undone, and undoing all of it brings every lot back to the gram', async () => {
    await fc.assert(
      fc.asyncProperty(acts, async (list) => {
        const before = await held();
        const done: string[] = [];
        for (const act of list) {
          home.later(0.01);
          await perform(act, done);
          const { lots, flows, lossG, balanced } = await book();
          expect(balanced).toBe(true);
          const sum = (of: (f: { from: string; to: string; g: number }) => boolean): number =>
            flows.filter(of).reduce((g, f) => g + f.g, 0);
          expect(sum((f) => f.from === 'outside')).toBe(
            lots.reduce((g, l) => g + l.nowG, 0) + sum((f) => f.to === 'outside') + lossG,
          );
          for (const l of lots) expect(l.nowG).toBeGreaterThanOrEqual(0);
        }
        for (const commandId of done.reverse()) await home.ok(home.post('/undo', { commandId }));
        const after = await held();
        for (const [id, g] of Object.entries(before)) expect(after[id] ?? 0).toBe(g);
      }),
      { numRuns: 20 },
    );
  }, 120_000);
});
