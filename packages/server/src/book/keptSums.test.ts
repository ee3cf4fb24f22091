import { randomUUID } from 'node:crypto';
import fc from 'fast-check';
import type { Knex } from 'knex';
import { afterAll, beforeAll, beforeEach, describe, expect, it } from 'vitest';
import { seedDemo } from '../demo/seed.js';
import { Household } from '../testing/household.js';
import { lotSums, movedSums, type LotSums, type Moved } from './keptSums.js';

let home: Household;
let lots: string[];
beforeAll(async () => {
  home = await Household.open();
  await seedDemo(home.db, { now: () => home.now });
});
beforeEach(async () => {
  lots = await home.db('lots').orderBy('id').limit(4).pluck('id');
});
afterAll(() => home.close());

const ends = (row: Moved): string =>
  [row.fromBatchId, row.fromKind, row.fromOutside, row.toBatchId, row.toKind].join(' ');
const inOrder = (rows: Moved[]): Moved[] =>
  [...rows].sort((a, b) => ends(a).localeCompare(ends(b)));
/** Lots that anything came into or went out of. */
const used = (sums: ReadonlyMap<string, LotSums>): Record<string, LotSums> =>
  Object.fromEntries([...sums].filter(([, { inG, outG }]) => inG !== 0 || outG !== 0));
interface Sums {
  moved: Moved[];
  lots: Record<string, LotSums>;
}
const sumsOf = async (db: Knex): Promise<Sums> => ({
  moved: inOrder(await movedSums(db)),
  lots: used(await lotSums(db)),
});
/** What is kept, and what is found where everything is summed anew. */
const both = async (): Promise<{ kept: Sums; anew: Sums }> => ({
  kept: await sumsOf(home.db),
  anew: await home.db.transaction(sumsOf),
});
async function flow(from: string, to: string, g: number, voids: string | null): Promise<string> {
  const id = randomUUID();
  const at = home.now.toISOString();
  const row = { id, fromLot: from, toLot: to, g, at, recordedAt: at, voids };
  await home.db('flows').insert({ ...row, reason: 'x', commandId: 'x' });
  return id;
}
const total = (rows: Moved[]): number => rows.reduce((sum, row) => sum + row.g, 0);

describe('sums of the book that are kept from write to write', () => {
  it('are those of the whole book, whatever is written and voided, several at a time', async () => {
    const end = fc.constantFrom('outside', 'loss', 0, 1, 2, 3);
    const write = fc.oneof(
      fc.record({ from: end, to: end, g: fc.integer({ min: 1, max: 9000 }) }),
      fc.record({ voids: fc.nat() }),
    );
    await fc.assert(
      fc.asyncProperty(
        fc.array(fc.array(write, { maxLength: 4 }), { maxLength: 5 }),
        async (all) => {
          const written: { id: string; from: string; to: string; g: number }[] = [];
          const lotOf = (at: string | number): string => (typeof at === 'string' ? at : lots[at]);
          for (const group of all) {
            for (const one of group) {
              if ('voids' in one) {
                const what = written[one.voids % Math.max(1, written.length)];
                if (what) await flow(what.to, what.from, what.g, what.id);
                continue;
              }
              const [from, to] = [lotOf(one.from), lotOf(one.to)];
              written.push({ id: await flow(from, to, one.g, null), from, to, g: one.g });
            }
            const { kept, anew } = await both();
            expect(kept).toEqual(anew);
          }
        },
      ),
      { numRuns: 40 },
    );
  });

  it('count what two ask for at a time once', async () => {
    const before = total(await movedSums(home.db));
    await flow('outside', lots[0], 70, null);
    const [one, two] = await Promise.all([movedSums(home.db), movedSums(home.db)]);
    expect([total(one) - before, total(two) - before]).toEqual([70, 70]);
  });

  it('are summed anew where flows are gone', async () => {
    const id = await flow('outside', lots[0], 500, null);
    const before = total(await movedSums(home.db));
    await home.db('flows').where({ id }).delete();
    const { kept, anew } = await both();
    expect(kept).toEqual(anew);
    expect(total(kept.moved)).toBe(before - 500);
  });

  it('do not know of what is written and given up', async () => {
    const before = total(await movedSums(home.db));
    const trx = await home.db.transaction();
    await trx('flows').insert({
      id: randomUUID(),
      fromLot: 'outside',
      toLot: lots[0],
      g: 900,
      at: 'x',
      recordedAt: 'x',
      reason: 'x',
      commandId: 'x',
    });
    await trx.rollback();
    expect(total(await movedSums(home.db))).toBe(before);
  });
});
