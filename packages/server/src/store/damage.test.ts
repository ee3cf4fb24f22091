import { z } from 'zod';
import { rowsOf } from './asked.js';
import { randomUUID } from 'node:crypto';
import { closeSync, openSync, statSync, writeSync } from 'node:fs';
import { join } from 'node:path';
import type { TodayLine } from '@furrow/core';
import type { Knex } from 'knex';
import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest';
import { Household } from '../testing/household.js';
import { closeDatabase, letGo, openDatabase } from './database.js';

let home: Household;
beforeEach(async () => {
  home = await Household.open();
});
afterEach(() => home.close());

const count = async (db: Knex, table: string): Promise<number> =>
  Number(((await db(table).count('* as n').first()) as { n: number }).n);
const vessel = (name = 'Blue pail'): Record<string, unknown> => ({
  id: randomUUID(),
  name,
  ...{ role: 'tub', volumeL: 12, tareG: 800, innerDiameterMm: 260 },
});

/** Everything the file holds is in the file, and nothing of it in memory. */
async function settle(db: Knex): Promise<void> {
  await db.raw('PRAGMA wal_checkpoint(TRUNCATE)');
  await db.raw('PRAGMA shrink_memory');
}
const PAGE = 4096;
/** Noise over every page but the first: the disk has lost them. */
function spoil(file: string): void {
  const out = openSync(file, 'r+');
  const noise = Buffer.alloc(PAGE, 0x5a);
  for (let at = PAGE; at + PAGE <= statSync(file).size; at += PAGE)
    writeSync(out, noise, 0, PAGE, at);
  closeSync(out);
}

describe('a page that is damaged while Furrow runs', () => {
  it('stops every write, says what to do, and says so on Today', async () => {
    await home.ok(home.post('/vessels', vessel()));
    await settle(home.db);
    spoil(join(home.folder, 'furrow.db'));
    // Whoever meets it first is told, be it by a read or by a write.
    const met = await home.post('/vessels', vessel('Second'));
    expect(met.status).toBe(503);
    const { body } = await home.post('/vessels', vessel('Third'));
    expect(body).toMatchObject({ status: 503, code: 'damaged' });
    expect(body.detail).toMatch(/Nothing more is written.*restore/);
  });
});

describe('Today of a household with a damaged page', () => {
  it('names it first, above what is due', async () => {
    (home.db.client as { damaged?: boolean }).damaged = true;
    const { items } = await home.get<{ items: TodayLine[] }>('/today');
    expect(items[0].title.text).toMatch(/^A page of the household’s file is damaged/);
    expect(items[0].urgent).toBe(true);
  });
});

describe('a disk that is full', () => {
  it('keeps nothing by halves, says so, and goes on once there is room', async () => {
    await home.ok(home.post('/vessels', vessel()));
    const before = {
      vessels: await count(home.db, 'vessels'),
      commands: await count(home.db, 'commands'),
      journal: await count(home.db, 'journal'),
    };
    const [{ page_count: pages }] = await rowsOf(
      { page_count: z.number() },
      home.db.raw('PRAGMA page_count'),
    );
    await home.db.raw(`PRAGMA max_page_count = ${pages}`);
    // Entries fill what room is left in the pages that are there; then one does not fit any more.
    let refused = null;
    let kept = 0;
    for (let i = 0; i < 400 && !refused; i++) {
      const answer = await home.post('/vessels', vessel(`Pail ${i} ${'x'.repeat(60)}`));
      if (answer.status === 201) kept++;
      else refused = answer;
    }
    expect(refused?.status).toBe(507);
    expect(refused?.body).toMatchObject({
      code: 'not-kept',
      detail: 'This could not be written: the disk is full. Nothing of it was kept here.',
    });
    expect(await count(home.db, 'vessels')).toBe(before.vessels + kept);
    expect(await count(home.db, 'commands')).toBe(before.commands + kept);
    expect(await count(home.db, 'journal')).toBe(before.journal + kept);
    await home.db.raw('PRAGMA max_page_count = 1000000');
    await home.ok(home.post('/vessels', vessel('After')));
  });
  it('does not keep the server from stopping; what was written last is read at the next start', async () => {
    const file = join(home.folder, 'full.db');
    const db = await openDatabase(file);
    await db('labelSheets').first();
    const refusing = Object.assign(new Error('database or disk is full'), { code: 'SQLITE_FULL' });
    const said = vi.spyOn(console, 'error').mockImplementation(() => undefined);
    const raw = vi.spyOn(db, 'raw').mockRejectedValue(refusing);
    await letGo(db);
    expect(said.mock.calls[0][0]).toMatch(/stays in furrow\.db-wal.*the disk is full/);
    raw.mockRestore();
    said.mockRestore();
    await closeDatabase(await openDatabase(file));
  });
});
