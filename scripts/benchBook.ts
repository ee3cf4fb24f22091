/**
 * The book with ten years of a hundred harvests each: traces, seasons, a write, the archive out and
 * in. Asserts nothing.
 */
import { randomUUID } from 'node:crypto';
import { monitorEventLoopDelay } from 'node:perf_hooks';
import { mkdtempSync, rmSync, statSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import type { Knex } from 'knex';
import { applyImport, previewImport } from '../packages/server/src/archive/importArchive.js';
import { openArchive, type Archive } from '../packages/server/src/archive/openArchive.js';
import { ensureRules } from '../packages/server/src/firstRun.js';
import { endThreads, inThread } from '../packages/server/src/heavy/pool.js';
import { closeDatabase, fileOf, openDatabase } from '../packages/server/src/store/database.js';

/**
 * Harvests straight into the tables, as a household of many hands would have written them over the
 * years; gives a code of the last.
 */
export async function decade(db: Knex, years = 10, perYear = 100): Promise<string> {
  const recordedAt = '2026-03-01T00:00:00.000Z';
  const kept = { revision: 1, recordedAt };
  const hives = (await db('hives').where({ removedAt: null }).select('id', 'name')) as {
    id: string;
    name: string;
  }[];
  const jarKindId = ((await db('jarKinds').first()) as { id: string }).id;
  const rows: Record<string, object[]> = {
    visits: [],
    batches: [],
    lots: [],
    drains: [],
    weighings: [],
    flows: [],
    commands: [],
    journal: [],
  };
  let sequence = Number(
    ((await db('commands').max('sequence as n').first()) as { n: number }).n ?? 0,
  );
  let code = '';
  for (let y = 0; y < years; y++)
    for (let i = 0; i < perYear; i++) {
      const hive = hives[i % hives.length];
      const at = new Date(
        Date.UTC(2012 + y, 0, 1 + Math.floor((i * 364) / perYear), 12),
      ).toISOString();
      const date = at.slice(0, 10);
      const [visitId, batchId, drainId] = [randomUUID(), randomUUID(), randomUUID()];
      rows.visits.push({ id: visitId, hiveId: hive.id, date, occurredAt: at, ...kept });
      rows.batches.push({
        id: batchId,
        visitId,
        hiveId: hive.id,
        method: 'crush',
        stage: 'book',
        code: `D${y}-${i}`,
        combIds: '[]',
        anyway: '[]',
        decision: '{}',
        plan: null,
        rulesVersion: 1,
        handsOnMinutes: 60,
        closedAt: at,
        lookedBackAt: at,
        createdAt: at,
        ...kept,
      });
      rows.drains.push({
        id: drainId,
        batchId,
        upperVesselId: null,
        lowerVesselId: null,
        method: 'mash',
        moisturePercent: 18,
        temperatureC: 24,
        crushedG: 4000,
        startedAt: at,
        endedAt: at,
        ...kept,
      });
      for (let w = 0; w < 6; w++)
        rows.weighings.push({
          id: randomUUID(),
          drainId,
          grossG: 1000 + w * 400,
          tareG: 300,
          netG: 700 + w * 400,
          source: 'hand',
          occurredAt: at,
          ...kept,
        });
      const lot = (kind: string, more: object = {}): string => {
        const id = randomUUID();
        rows.lots.push({
          id,
          batchId,
          kind,
          name: `${hive.name}, ${kind}`,
          code: null,
          count: null,
          netG: null,
          jarKindId: null,
          lowestWeighedG: null,
          ...kept,
          ...more,
        });
        return id;
      };
      const command = (sentence: string): string => {
        const id = randomUUID();
        rows.commands.push({
          id,
          sequence: ++sequence,
          route: 'post /x',
          device: 'bench',
          deviceAt: null,
          person: null,
          sentence,
          occurredAt: at,
          recordedAt: at,
          response: '{}',
          undoes: null,
          undoneBy: null,
        });
        for (let j = 0; j < 2; j++)
          rows.journal.push({
            commandId: id,
            tableName: 'lots',
            rowId: batchId,
            before: null,
            after: JSON.stringify({ id: batchId, revision: 1, name: hive.name, kind: 'honey' }),
          });
        return id;
      };
      code = `D${y}-${i}1`;
      const [comb, crushed, honey, wet, clean] = [
        'comb',
        'crushed',
        'honey',
        'wet-wax',
        'clean-wax',
      ].map((k) => lot(k));
      const jars = [1, 2, 3].map((n) =>
        lot('jars', { code: `D${y}-${i}${n}`, count: 2, netG: 500, jarKindId }),
      );
      let minute = 0;
      const flow = (fromLot: string, toLot: string, g: number, reason: string): void =>
        void rows.flows.push({
          id: randomUUID(),
          fromLot,
          toLot,
          g,
          at: new Date(Date.parse(at) + minute++ * 60_000).toISOString(),
          recordedAt: at,
          voids: null,
          reason,
          commandId: command(reason),
        });
      flow('outside', comb, 2000, 'Comb');
      flow('outside', comb, 2000, 'Comb');
      flow(comb, crushed, 4000, 'Crushed');
      flow(crushed, honey, 3300, 'Drained');
      flow(crushed, wet, 600, 'Wet wax');
      flow(crushed, 'loss', 100, 'Lost');
      flow(wet, clean, 140, 'Rendered');
      flow(wet, 'loss', 460, 'Slumgum');
      for (const j of jars) {
        flow(honey, j, 1000, 'Filled');
        flow(j, 'outside', 500, 'Given: 1');
      }
    }
  for (const [table, list] of Object.entries(rows)) await db.batchInsert(table, list, 60);
  return code;
}

type Time = (what: string, n: number, work: () => unknown) => Promise<void>;

export async function benchBook(
  db: Knex,
  time: Time,
  get: (path: string) => Promise<unknown>,
  post: (path: string, payload: object) => Promise<unknown>,
): Promise<void> {
  const code = await decade(db);
  const honey = (await db('lots').where({ kind: 'honey' }).orderBy('rowid', 'desc').first()) as {
    id: string;
    batchId: string;
  };
  await time('trace a jar back by its code', 10, () => get(`/traces?code=${code}&direction=back`));
  await time('trace a lot of honey forward', 10, () =>
    get(`/traces?lot=${honey.id}&direction=forward`),
  );
  await time('seasons', 5, () => get('/seasons'));
  await time('what the book asks', 5, () => get('/questions'));
  await time('GET /today', 5, () => get('/today'));
  await time('GET /clocks', 5, () => get('/clocks'));
  await time('GET /harvests', 5, () => get('/harvests'));
  await time('GET /harvests/:id', 5, () => get(`/harvests/${honey.batchId}`));
  await time('POST /flows', 5, () =>
    post('/flows', {
      id: crypto.randomUUID(),
      from: 'outside',
      to: honey.id,
      g: 10,
      reason: 'Found',
    }),
  );
  const folder = mkdtempSync(join(tmpdir(), 'furrow-archive-'));
  const file = join(folder, 'all.zip');
  const said = async (what: string, work: () => Promise<unknown>): Promise<void> => {
    const turns = monitorEventLoopDelay({ resolution: 2 });
    turns.enable();
    const start = performance.now();
    await work();
    const seconds = ((performance.now() - start) / 1000).toFixed(2);
    turns.disable();
    const longest = (turns.max / 1e6).toFixed(0);
    console.log(`${what.padEnd(52)} ${seconds} s, longest turn ${longest} ms`);
  };
  const createdAt = new Date().toISOString();
  const order = { file: fileOf(db), photoFolder: join(folder, 'photos'), target: file, createdAt };
  await said('archive out, in a thread', () => inThread('writeArchive', [order]));
  console.log(`${'  its size'.padEnd(52)} ${(statSync(file).size / 1e6).toFixed(1)} MB`);
  const other = await openDatabase(join(folder, 'other.db'));
  await ensureRules(other, new Date());
  let archive!: Archive;
  await said('archive in: unpacked in a thread', async () => {
    archive = await openArchive(other, file, join(folder, 'unpacked'));
  });
  await said('archive in: preview', () => previewImport(other, archive));
  await said('archive in: all of it', () =>
    applyImport(other, archive, join(folder, 'photos'), 'mine'),
  );
  await said('archive in again: everything is there', () => previewImport(other, archive));
  await closeDatabase(other);
  rmSync(folder, { recursive: true });
  await endThreads();
}
