import { z } from 'zod';
import { columnOf } from '../store/asked.js';
import { createHash, randomUUID } from 'node:crypto';
import { mkdtempSync, readFileSync, readdirSync, rmSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { DEFAULT_RULES, type Hive, archiveJobAnswer } from '@furrow/core';
import datapackage from 'datapackage';
import { unzipSync, zipSync } from 'fflate';
import fc from 'fast-check';
import type { Knex } from 'knex';
import Papa from 'papaparse';
import sharp from 'sharp';
import request from 'supertest';
import { afterAll, afterEach, beforeAll, beforeEach, describe, expect, it } from 'vitest';
import { makeApp } from '../app.js';
import { seedDemo } from '../demo/seed.js';
import { ensureRules } from '../firstRun.js';
import { keptBefore } from '../copies/backup.js';
import { closeDatabase, openDatabase } from '../store/database.js';
import { openReopenable } from '../store/reopenable.js';
import { Household } from '../testing/household.js';
import { fromCell, toCell } from './cells.js';
import { exportArchive } from './exportArchive.js';
import { applyImport, previewImport } from './importArchive.js';
import { openArchive, type Archive } from './openArchive.js';
import { archiveTables } from './tables.js';

const NOW = new Date('2026-03-14T18:12:00Z');
let folder: string;
let home: Household;
let zip: Uint8Array;
beforeAll(async () => {
  folder = mkdtempSync(join(tmpdir(), 'furrow-archive-'));
  home = await Household.open();
  home.now = NOW;
  await seedDemo(home.db, { now: () => NOW });
  // What a table program would run, what reads like nothing, what CSV has its own marks for.
  for (const name of ['=HYPERLINK("http://x")', "'=1+1", '\\N', 'Two\nlines, "quoted"; and ümläut'])
    await home.ok(
      home.post('/jars', {
        id: randomUUID(),
        name,
        netG: 250,
        tareG: 100,
        stock: 1,
        value: 0.1 + 0.2,
      }),
    );
  const picture = await sharp({
    create: { width: 40, height: 30, channels: 3, background: '#c84' },
  })
    .jpeg()
    .toBuffer();
  const command = encodeURIComponent(
    JSON.stringify({
      id: randomUUID(),
      device: 'test',
      occurredAt: NOW.toISOString(),
      photoId: randomUUID(),
    }),
  );
  await request(home.app)
    .post('/api/v1/photos')
    .set('Content-Type', 'image/jpeg')
    .set('x-furrow-command', command)
    .send(picture)
    .expect(201);
  await exportArchive(home.db, join(home.folder, 'photos'), join(folder, 'all.zip'), NOW);
  zip = readFileSync(join(folder, 'all.zip'));
});
afterAll(async () => {
  await home.close();
  rmSync(folder, { recursive: true });
});

let other: Knex;
let n = 0;
beforeEach(async () => {
  other = await openDatabase(join(folder, `other-${++n}.db`));
});
afterEach(() => closeDatabase(other));

const everything = async (db: Knex): Promise<Record<string, unknown[]>> =>
  Object.fromEntries(
    await Promise.all(
      (await archiveTables(db)).map(async (t) => [
        t.name,
        await db(t.name)
          .select(...t.columns.map((c) => c.name))
          .orderBy(t.key),
      ]),
    ),
  );
const photos = join(tmpdir(), 'furrow-archive-photos');
/** An archive of these bytes, unpacked beside the others. */
async function opened(bytes: Uint8Array = zip): Promise<Archive> {
  const file = join(folder, `${randomUUID()}.zip`);
  writeFileSync(file, bytes);
  return openArchive(other, file, file.replace('.zip', ''));
}
const takeIn = async (db: Knex, bytes: Uint8Array = zip, choice: 'mine' | 'theirs' = 'mine') =>
  applyImport(db, await opened(bytes), photos, choice);
/** The archive with a file of it changed, its hash put right or not. */
const changed = (name: string, change: (text: string) => string): Uint8Array => {
  const files = unzipSync(zip);
  files[name] = Buffer.from(change(Buffer.from(files[name]).toString('utf8')), 'utf8');
  return zipSync(files, { level: 1 });
};

/** The archive with a file of it changed by somebody who puts its hash right. */
const forged = (name: string, change: (text: string) => string): Uint8Array => {
  const files = unzipSync(changed(name, change));
  const about = JSON.parse(Buffer.from(files['datapackage.json']).toString('utf8')) as {
    resources: { path: string; hash: string }[];
  };
  const hash = createHash('sha256').update(files[name]).digest('hex');
  about.resources.find((r) => r.path === name)!.hash = `sha256:${hash}`;
  files['datapackage.json'] = Buffer.from(JSON.stringify(about), 'utf8');
  return zipSync(files, { level: 1 });
};
/** One cell of the first row below the head, changed. */
const cell =
  (column: string, value: string) =>
  (text: string): string => {
    const { data } = Papa.parse<string[]>(text, { skipEmptyLines: true });
    data[1][data[0].indexOf(column)] = value;
    return `${Papa.unparse(data, { newline: '\n' })}\n`;
  };

describe('the archive', () => {
  it('comes back to the last field of every table, and the pictures with it', async () => {
    await takeIn(other);
    expect(await everything(other)).toEqual(await everything(home.db));
    const [sha256] = await columnOf(z.string(), home.db('photos').pluck('sha256'));
    expect(readFileSync(join(photos, `${sha256}.jpg`))).toEqual(
      readFileSync(join(home.folder, 'photos', `${sha256}.jpg`)),
    );
    // And out again it is the same, table by table.
    await exportArchive(other, photos, join(folder, 'again.zip'), NOW);
    const [a, b] = [unzipSync(zip), unzipSync(readFileSync(join(folder, 'again.zip')))];
    expect(Object.keys(b).sort()).toEqual(Object.keys(a).sort());
    for (const name of Object.keys(a).filter((f) => f.endsWith('.csv')))
      expect(Buffer.from(b[name]).toString().split('\n').sort()).toEqual(
        Buffer.from(a[name]).toString().split('\n').sort(),
      );
  });
  it('is a data package as another library reads it, its rows and types right', async () => {
    const files = unzipSync(zip);
    const at = mkdtempSync(join(folder, 'package-'));
    const about = JSON.parse(Buffer.from(files['datapackage.json']).toString()) as {
      resources: {
        name: string;
        path: string;
        rows?: number;
        schema: { fields: { name: string; type: string; unit?: string }[] };
      }[];
    };
    const descriptor = about;
    const { mkdirSync } = await import('node:fs');
    mkdirSync(join(at, 'data'));
    for (const [name, data] of Object.entries(files))
      if (name.startsWith('data/') || name === 'datapackage.json')
        writeFileSync(join(at, name), data);
    const pack = await datapackage.Package.load(
      { ...descriptor, resources: descriptor.resources.filter((r) => r.path.startsWith('data/')) },
      { basePath: at },
    );
    expect(pack.valid, String(pack.errors)).toBe(true);
    for (const name of ['flows', 'lots', 'hives', 'jar-kinds', 'looks']) {
      const rows = await pack.getResource(name).read({ keyed: true });
      expect(rows).toHaveLength(descriptor.resources.find((r) => r.name === name)!.rows!);
      if (name === 'flows') expect(rows.every((r) => Number.isInteger(r.g))).toBe(true);
      if (name === 'looks')
        expect(rows[0]).toMatchObject({
          sides: { A: expect.objectContaining({ capped: expect.any(Number) as number }) as object },
          readings: expect.any(Array) as unknown[],
          occurredAt: expect.any(Date) as Date,
          date: expect.any(Date) as Date,
        });
    }
    const takes = await pack.getResource('takes').read({ keyed: true });
    expect(takes[0].byBox).toBe(false);
    for (const resource of about.resources.filter((r) => r.path.startsWith('data/')))
      for (const field of resource.schema.fields) {
        expect(field).toMatchObject({
          title: expect.any(String) as string,
          description: expect.any(String) as string,
        });
        if (/(^g|G)$/.test(field.name) && field.type === 'integer') expect(field.unit).toBe('g');
      }
  }, 30_000);
  it('never leaves a cell that a table program would run', () => {
    for (const [name, data] of Object.entries(unzipSync(zip)))
      if (name.endsWith('.csv'))
        for (const line of Buffer.from(data).toString('utf8').split('\n'))
          expect(line).not.toMatch(/(^|,)"?[=@+]/);
  });
  it('keeps every text as it was, whatever it looks like', () => {
    fc.assert(
      fc.property(
        fc.oneof(fc.string(), fc.stringMatching(/^'*[=+\-@\t]?.*$/), fc.stringMatching(/^\\*N$/)),
        (text) => {
          expect(fromCell(toCell(text))).toBe(text);
        },
      ),
    );
    expect(fromCell(toCell(null))).toBeNull();
  });
  it('taken in twice changes nothing the second time', async () => {
    await takeIn(other);
    const before = await everything(other);
    const preview = await previewImport(other, await opened());
    expect(preview.tables.every((t) => t.new + t.changed + t.conflicts === 0)).toBe(true);
    await takeIn(other);
    expect(await everything(other)).toEqual(before);
  });
});

describe('an archive that somebody put together', () => {
  it.each([
    ['hives', 'kind', 'tree', ''],
    ['hives', 'geometry', '{"bars":3}', 'bars'],
    ['sites', 'zone', 'Mars/Olympus', ''],
    ['sites', 'name', '', 'Give it a name.'],
    ['looks', 'sides', '{"A":{"capped":7},"B":null}', ''],
    ['colony-facts', 'fact', '{"kind":"moon"}', ''],
    ['rule-versions', 'rules', '{"freezerL":"big"}', ''],
    ['visits', 'date', '2026-02-31', 'A date such as 2026-03-14.'],
    ['batches', 'stage', 'lunch', ''],
    ['takes', 'grossG', '-5', 'At least 0.'],
    ['drains', 'startedAt', 'yesterday', 'An instant such as 2026-03-14T15:12:00Z.'],
  ])(
    'is refused where %s.%s reads “%s”, with file, row and column',
    async (file, column, value, says) => {
      const bytes = forged(`data/${file}.csv`, cell(column, value));
      const before = await everything(other);
      await expect(takeIn(other, bytes)).rejects.toMatchObject({
        status: 400,
        detail: expect.stringContaining(
          `Row 2, column "${column}" of ${file}.csv: ${says}`,
        ) as string,
      });
      expect(await everything(other)).toEqual(before);
    },
  );
  it('leaves none of its pictures where its rows do not come in', async () => {
    const at = join(folder, 'photos-of-nothing');
    const bytes = forged('data/flows.csv', cell('g', '1'));
    await expect(applyImport(other, await opened(bytes), at, 'mine')).rejects.toMatchObject({
      status: 409,
    });
    expect(readdirSync(at)).toEqual([]);
  });
});

describe('an archive whose pictures cannot be kept', () => {
  it('brings in nothing, and says why', async () => {
    const at = join(folder, 'no-folder');
    writeFileSync(at, 'in the way');
    const before = await everything(other);
    await expect(applyImport(other, await opened(), at, 'mine')).rejects.toMatchObject({
      status: 507,
      code: 'not-kept',
    });
    expect(await everything(other)).toEqual(before);
  });
});

describe('house rules of another household', () => {
  const inForce = async (): Promise<{ version: number; rules: string }> =>
    (await other('ruleVersions').orderBy('version', 'desc').first()) as {
      version: number;
      rules: string;
    };
  beforeEach(async () => {
    await other('ruleVersions').insert({
      version: 1,
      rules: JSON.stringify({ ...DEFAULT_RULES, freezerL: 77 }),
      recordedAt: NOW.toISOString(),
      commandId: randomUUID(),
    });
  });
  it('come in under numbers of their own, the decisions with them; ours stay in force', async () => {
    const own = await inForce();
    const theirs = (await home.db('ruleVersions').orderBy('version')) as { rules: string }[];
    const [look] = (await home.db('looks').limit(1)) as { id: string; rulesVersion: number }[];
    await takeIn(other, zip, 'mine');
    const [moved] = (await other('looks').where({ id: look.id })) as { rulesVersion: number }[];
    expect(moved.rulesVersion).toBeGreaterThan(own.version);
    const [named] = (await other('ruleVersions').where({ version: moved.rulesVersion })) as {
      rules: string;
    }[];
    expect(named.rules).toBe(theirs[look.rulesVersion - 1].rules);
    expect((await inForce()).rules).toBe(own.rules);
    const [first] = (await other('ruleVersions').where({ version: own.version })) as {
      rules: string;
    }[];
    expect(first.rules).toBe(own.rules);
  });
  it('are asked about, and are in force where the person says so', async () => {
    const preview = await previewImport(other, await opened());
    expect(preview.conflicts.map((c) => c.table)).toContain('ruleVersions');
    await takeIn(other, zip, 'theirs');
    const theirs = (await home.db('ruleVersions').orderBy('version', 'desc').first()) as {
      rules: string;
    };
    expect((await inForce()).rules).toBe(theirs.rules);
  });
  it('taken in twice change nothing the second time', async () => {
    await takeIn(other, zip, 'mine');
    const before = await everything(other);
    await takeIn(other, zip, 'mine');
    expect(await everything(other)).toEqual(before);
  });
});

describe('into a household that lives', () => {
  it('says what is new, newer and in conflict, and lets the person say whose stands', async () => {
    await takeIn(other);
    const [hive] = (await other('hives').where({ name: 'Ipê' })) as {
      id: string;
      revision: number;
    }[];
    await other('hives').where({ id: hive.id }).update({ name: 'Ipê velho' });
    const [cedro] = (await other('hives').where({ name: 'Cedro' })) as {
      id: string;
      revision: number;
    }[];
    await other('hives')
      .where({ id: cedro.id })
      .update({ name: 'Cedro novo', revision: cedro.revision + 1 });
    await other('vessels').limit(1).update({ revision: 0, name: 'Old name' });
    await other('outs').delete();
    await other('people').insert({
      id: randomUUID(),
      name: 'Seu Anselmo',
      revision: 1,
      recordedAt: NOW.toISOString(),
    });
    const preview = await previewImport(other, await opened());
    const of = (name: string) => preview.tables.find((t) => t.table === name)!;
    expect(of('hives')).toMatchObject({ conflicts: 1, older: 1, new: 0 });
    expect(of('vessels').changed).toBeGreaterThan(0);
    expect(preview.conflicts.map((c) => c.sentence)).toEqual([
      'hives, “Ipê”: changed here and there, each in its own way.',
    ]);
    await takeIn(other, zip, 'mine');
    expect(await other('hives').pluck('name')).toEqual(
      expect.arrayContaining(['Ipê velho', 'Cedro novo']),
    );
    await takeIn(other, zip, 'theirs');
    expect(await other('hives').pluck('name')).toEqual(
      expect.arrayContaining(['Ipê', 'Cedro novo']),
    );
    expect(await other('people').where({ name: 'Seu Anselmo' })).toHaveLength(1);
  });
  it('takes nothing where a name or place is taken by another, and names the row', async () => {
    await other('sites').insert({
      id: randomUUID(),
      name: 'Encosta',
      zone: 'UTC',
      hemisphere: 'north',
      notes: '[]',
      forage: '{}',
      revision: 1,
      recordedAt: NOW.toISOString(),
    });
    const before = await everything(other);
    await expect(takeIn(other)).rejects.toMatchObject({
      detail: expect.stringMatching(
        /^Row \d+ of sites.csv does not fit beside what is here/,
      ) as string,
    });
    expect(await everything(other)).toEqual(before);
  });
  it('numbers commands on from its own, so that undo goes on working', async () => {
    const guest = await Household.open();
    guest.now = NOW;
    await guest.hive('Own');
    await guest.db('labelDesigns').delete();
    await guest.db('labelSheets').delete();
    await takeIn(guest.db);
    const sequences = (await guest
      .db('commands')
      .orderBy('sequence')
      .pluck('sequence')) as number[];
    expect(new Set(sequences).size).toBe(sequences.length);
    const jar = (
      (await guest
        .db('commands')
        .where({ route: 'post /jars' })
        .orderBy('sequence', 'desc')
        .first()) as { id: string }
    ).id;
    await guest.ok(guest.post('/undo', { commandId: jar }));
    await guest.close();
  });
});

describe('an archive that is not whole', () => {
  const refuses = async (bytes: Uint8Array, sentence: RegExp): Promise<void> => {
    const before = await everything(other);
    await expect((async () => takeIn(other, bytes))()).rejects.toMatchObject({
      detail: expect.stringMatching(sentence) as string,
    });
    expect(await everything(other)).toEqual(before);
  };
  it('is refused cut in half, or as no zip at all', async () => {
    await refuses(zip.slice(0, zip.length / 2), /cut off/);
    await refuses(Buffer.from('date,hive\n'), /no zip/);
    const damaged = Buffer.from(zip);
    damaged.fill(0, 4000, 9000);
    await refuses(damaged, /cut off|damaged|changed/);
  });
  it('is refused with a file outside its folder or one that does not belong', async () => {
    await refuses(
      zipSync({ ...unzipSync(zip), '../../etc/passwd': Buffer.from('x') }),
      /"\.\.\/\.\.\/etc\/passwd" does not belong/,
    );
    await refuses(zipSync({ ...unzipSync(zip), 'run.sh': Buffer.from('x') }), /does not belong/);
  });
  it('is refused before a byte of it is unpacked where it would become gigabytes', async () => {
    // A few kilobytes whose directory says 3 GB, as such a file's does: it is believed before
    // anything is unpacked.
    const bomb = Buffer.from(
      zipSync(
        { 'datapackage.json': Buffer.from('{}'), 'data/flows.csv': Buffer.alloc(4_000_000) },
        { level: 9 },
      ),
    );
    for (let at = bomb.indexOf('PK\x01\x02'); at >= 0; at = bomb.indexOf('PK\x01\x02', at + 4))
      bomb.writeUInt32LE(3_000_000_000, at + 24);
    await refuses(bomb, /far larger than any household/);
    // Some kilobytes that honestly become tens of megabytes of empty rows: no household packs so
    // tight.
    const tight = Buffer.from(
      zipSync(
        {
          'datapackage.json': Buffer.from('{}'),
          'data/flows.csv': Buffer.alloc(58_000_000, ',\n'),
        },
        { level: 9 },
      ),
    );
    expect(tight.length).toBeLessThan(200_000);
    await refuses(tight, /far larger than any household/);
    // And one that lies the other way: more comes out than its directory says, and it is not what
    // was written.
    const liar = Buffer.from(zip);
    for (let at = liar.indexOf('PK\x01\x02'); at >= 0; at = liar.indexOf('PK\x01\x02', at + 4))
      liar.writeUInt32LE(120, at + 24);
    await refuses(liar, /cut off|damaged|cannot be read|changed/);
  });
  it('is refused where a cell cannot be read, with its row and column', async () => {
    await refuses(
      changed('data/flows.csv', (t) => t.replace(/^(([^,]*,){3})\d+/m, '$1lots')),
      /changed or cut off|^Row \d+, column "g" of flows.csv: "lots" is no number/,
    );
    await refuses(
      changed('data/flows.csv', (t) =>
        t
          .split('\n')
          .map((l, i) =>
            i === 5
              ? l
                  .split(',')
                  .map((c, j) => (j === 3 ? 'many' : c))
                  .join(',')
              : l,
          )
          .join('\n'),
      ),
      /^Row 6, column "g" of flows.csv: "many" is no number\. Nothing was changed\.$/,
    );
    await refuses(
      changed('data/hives.csv', (t) => t.replace('name', 'title')),
      /hives.csv has a column "title" that is not known here/,
    );
    await refuses(
      changed('data/lots.csv', (t) =>
        t
          .split('\n')
          .map((l, i) => (i === 3 ? `${l},x` : l))
          .join('\n'),
      ),
      /^Row 4 of lots.csv has \d+ cells/,
    );
    await refuses(
      changed('data/lots.csv', (t) => `${t.split('\n').slice(0, 6).join('\n')}\n`),
      /changed or cut off/,
    );
  });
  it('is refused from a newer Furrow, or from another program', async () => {
    await refuses(
      changed('datapackage.json', (t) => t.replace('"001_first"', '"999_later"')),
      /newer Furrow/,
    );
    await refuses(
      changed('datapackage.json', (t) => t.replace('"furrow": {', '"other": {')),
      /not written by Furrow/,
    );
    const files = unzipSync(zip);
    delete files['datapackage.json'];
    await refuses(zipSync(files), /no datapackage.json/);
  });
});

describe('over the interface', () => {
  const followed = async (
    app: Household['app'],
    id: string,
  ): Promise<{
    state: string;
    share: number;
    says: string | null;
    preview: { tables: unknown[] } | null;
  }> => {
    for (;;) {
      const { body } = await request(app).get(`/api/v1/archives/${id}`).expect(200);
      archiveJobAnswer.parse(body);
      if (body.state !== 'running') return body;
      await new Promise((done) => setTimeout(done, 20));
    }
  };
  it('is whole in its share, too, when it is ready: the outcome never overtakes the last share', async () => {
    const shares: number[] = [];
    for (let turn = 0; turn < 12; turn++) {
      const started = await request(home.app).post('/api/v1/archives/export').send({}).expect(202);
      shares.push((await followed(home.app, started.body.id)).share);
    }
    expect(new Set(shares)).toEqual(new Set([1]));
  });
  it('goes out, is looked at, comes in; a broken one says why; nothing comes in unseen', async () => {
    const started = await request(home.app).post('/api/v1/archives/export').send({}).expect(202);
    // What is written while it goes out is not in it by halves.
    await home.ok(
      home.post('/sites', {
        id: randomUUID(),
        name: 'Written meanwhile',
        zone: 'UTC',
        hemisphere: 'north',
      }),
    );
    expect(await followed(home.app, started.body.id)).toMatchObject({ state: 'ready', share: 1 });
    const file = await request(home.app)
      .get(`/api/v1/archives/${started.body.id}/file`)
      .buffer(true)
      .parse((r, done) => {
        const parts: Buffer[] = [];
        r.on('data', (c: Buffer) => parts.push(c));
        r.on('end', () => done(null, Buffer.concat(parts)));
      });
    const guest = await Household.open();
    const bad = await request(guest.app)
      .post('/api/v1/archives/import')
      .set('Content-Type', 'application/zip')
      .send(Buffer.from('no zip'))
      .expect(202);
    expect(await followed(guest.app, bad.body.id)).toMatchObject({
      state: 'failed',
      says: expect.stringMatching(/no zip/) as string,
    });
    await request(guest.app)
      .post(`/api/v1/archives/${bad.body.id}/apply`)
      .send({ conflicts: 'mine' })
      .expect(409);
    const good = await request(guest.app)
      .post('/api/v1/archives/import')
      .set('Content-Type', 'application/zip')
      .send(file.body as Buffer)
      .expect(202);
    expect(await followed(guest.app, good.body.id)).toMatchObject({ state: 'previewed' });
    expect((await guest.get<{ items: Hive[] }>('/hives')).items).toEqual([]);
    await request(guest.app)
      .post(`/api/v1/archives/${good.body.id}/apply`)
      .send({ conflicts: 'mine' })
      .expect(202);
    expect(await followed(guest.app, good.body.id)).toMatchObject({ state: 'done' });
    expect((await guest.get<{ items: Hive[] }>('/hives')).items.map((h) => h.name)).toContain(
      'Bromélia',
    );
    expect(await guest.get('/book')).toMatchObject({ balanced: true });
    // What stood there before is kept, be it nothing.
    expect(keptBefore(guest.folder)).toHaveLength(1);
    const again = await request(guest.app)
      .post('/api/v1/archives/import')
      .set('Content-Type', 'application/zip')
      .send(file.body as Buffer)
      .expect(202);
    await followed(guest.app, again.body.id);
    await request(guest.app)
      .post(`/api/v1/archives/${again.body.id}/apply`)
      .send({ conflicts: 'mine' })
      .expect(202);
    expect(await followed(guest.app, again.body.id)).toMatchObject({ state: 'done' });
    expect(keptBefore(guest.folder)).toHaveLength(2);
    await guest.close();
  });
  it('is taken back as one, as long as nothing was entered since', async () => {
    const at = mkdtempSync(join(tmpdir(), 'furrow-taken-back-'));
    const store = await openReopenable(join(at, 'furrow.db'));
    await ensureRules(store.db, NOW);
    const app = makeApp({
      db: store.db,
      clock: { now: () => NOW },
      seed: 1,
      webFolder: join(at, 'no-web'),
      photoFolder: join(at, 'photos'),
      restore: { store, secret: 'x' },
    });
    const hives = async (): Promise<number> =>
      ((await request(app).get('/api/v1/hives')).body as { items: Hive[] }).items.length;
    const takenIn = async (): Promise<string> => {
      const { body } = await request(app).post('/api/v1/archives/import').send(Buffer.from(zip));
      const { id } = body as { id: string };
      await followed(app, id);
      await request(app).post(`/api/v1/archives/${id}/apply`).send({ conflicts: 'mine' });
      expect(await followed(app, id)).toMatchObject({ state: 'done' });
      return id;
    };
    const first = await takenIn();
    expect(await hives()).toBeGreaterThan(0);
    const undone = await request(app).post(`/api/v1/archives/${first}/undo`).expect(200);
    expect(undone.body).toMatchObject({ state: 'taken-back' });
    expect(await hives()).toBe(0);
    await request(app).post(`/api/v1/archives/${first}/undo`).expect(409);
    const second = await takenIn();
    const envelope = { id: randomUUID(), device: 'test', occurredAt: NOW.toISOString() };
    const site = { id: randomUUID(), name: 'New place', zone: 'UTC', hemisphere: 'north' };
    await request(app)
      .post('/api/v1/sites')
      .send({ ...envelope, payload: site })
      .expect(201);
    const refused = await request(app).post(`/api/v1/archives/${second}/undo`).expect(409);
    expect(refused.body).toMatchObject({ code: 'written-since' });
    expect(await hives()).toBeGreaterThan(0);
    await closeDatabase(store.db);
    rmSync(at, { recursive: true });
  });
  it('keeps what was looked at on one screen while another writes an archive', async () => {
    const preview = await request(home.app)
      .post('/api/v1/archives/import')
      .set('Content-Type', 'application/zip')
      .send(Buffer.from(zip));
    const { id } = preview.body as { id: string };
    expect(await followed(home.app, id)).toMatchObject({ state: 'previewed' });
    const out = await request(home.app).post('/api/v1/archives/export').send({}).expect(202);
    await followed(home.app, (out.body as { id: string }).id);
    const { body } = await request(home.app).get(`/api/v1/archives/${id}`);
    expect(body).toMatchObject({ state: 'previewed' });
  });
  it('gives single tables too', async () => {
    const { text } = await request(home.app).get('/api/v1/tables/jarKinds.csv').expect(200);
    expect(text).toContain(`"'=HYPERLINK(""http://x"")"`);
    await request(home.app).get('/api/v1/tables/knex_migrations.csv').expect(404);
  });
});
