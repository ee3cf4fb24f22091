import { randomUUID } from 'node:crypto';
import { mkdtempSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { type Hive, archiveJobAnswer, type Say } from '@furrow/core';
import { unzipSync, zipSync } from 'fflate';
import request from 'supertest';
import { describe, expect, it } from 'vitest';
import { inEnglish } from '../words.js';
import { makeApp } from '../app.js';
import { ensureRules } from '../firstRun.js';
import { keptBefore } from '../copies/backup.js';
import { closeDatabase } from '../store/database.js';
import { openReopenable } from '../store/reopenable.js';
import { Household } from '../testing/household.js';
import { previewImport } from './importArchive.js';
import { NOW, archiveBench } from '../testing/archives.js';

const { bench, everything, opened, takeIn, changed } = archiveBench();

describe('into a household that lives', () => {
  it('says what is new, newer and in conflict, and lets the person say whose stands', async () => {
    await takeIn(bench.other);
    const [hive] = (await bench.other('hives').where({ name: 'Ipê' })) as {
      id: string;
      revision: number;
    }[];
    await bench.other('hives').where({ id: hive.id }).update({ name: 'Ipê velho' });
    const [cedro] = (await bench.other('hives').where({ name: 'Cedro' })) as {
      id: string;
      revision: number;
    }[];
    await bench
      .other('hives')
      .where({ id: cedro.id })
      .update({ name: 'Cedro novo', revision: cedro.revision + 1 });
    await bench.other('vessels').limit(1).update({ revision: 0, name: 'Old name' });
    await bench.other('outs').delete();
    await bench.other('people').insert({
      id: randomUUID(),
      name: 'Seu Anselmo',
      revision: 1,
      recordedAt: NOW.toISOString(),
    });
    const preview = await previewImport(bench.other, await opened());
    const of = (name: string) => preview.tables.find((t) => t.table === name)!;
    expect(of('hives')).toMatchObject({ conflicts: 1, older: 1, new: 0 });
    expect(of('vessels').changed).toBeGreaterThan(0);
    expect(preview.conflicts.map((c) => inEnglish(c.sentence))).toEqual([
      'hives, “Ipê”: changed here and there, each in its own way.',
    ]);
    await takeIn(bench.other, bench.zip, 'mine');
    expect(await bench.other('hives').pluck('name')).toEqual(
      expect.arrayContaining(['Ipê velho', 'Cedro novo']),
    );
    await takeIn(bench.other, bench.zip, 'theirs');
    expect(await bench.other('hives').pluck('name')).toEqual(
      expect.arrayContaining(['Ipê', 'Cedro novo']),
    );
    expect(await bench.other('people').where({ name: 'Seu Anselmo' })).toHaveLength(1);
  });
  it('takes nothing where a name or place is taken by another, and names the row', async () => {
    await bench.other('sites').insert({
      id: randomUUID(),
      name: 'Encosta',
      zone: 'UTC',
      hemisphere: 'north',
      notes: '[]',
      forage: '{}',
      revision: 1,
      recordedAt: NOW.toISOString(),
    });
    const before = await everything(bench.other);
    await expect(takeIn(bench.other)).rejects.toMatchObject({
      detail: expect.stringMatching(
        /^Row \d+ of sites.csv does not fit beside what is here/,
      ) as string,
    });
    expect(await everything(bench.other)).toEqual(before);
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
    const before = await everything(bench.other);
    await expect((async () => takeIn(bench.other, bytes))()).rejects.toMatchObject({
      detail: expect.stringMatching(sentence) as string,
    });
    expect(await everything(bench.other)).toEqual(before);
  };
  it('is refused cut in half, or as no zip at all', async () => {
    await refuses(bench.zip.slice(0, bench.zip.length / 2), /cut off/);
    await refuses(Buffer.from('date,hive\n'), /no zip/);
    const damaged = Buffer.from(bench.zip);
    damaged.fill(0, 4000, 9000);
    await refuses(damaged, /cut off|damaged|changed/);
  });
  it('is refused with a file outside its folder or one that does not belong', async () => {
    await refuses(
      zipSync({ ...unzipSync(bench.zip), '../../etc/passwd': Buffer.from('x') }),
      /"\.\.\/\.\.\/etc\/passwd" does not belong/,
    );
    await refuses(
      zipSync({ ...unzipSync(bench.zip), 'run.sh': Buffer.from('x') }),
      /does not belong/,
    );
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
    const liar = Buffer.from(bench.zip);
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
    const files = unzipSync(bench.zip);
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
    says: Say | null;
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
      const started = await request(bench.home.app)
        .post('/api/v1/archives/export')
        .send({})
        .expect(202);
      shares.push((await followed(bench.home.app, started.body.id)).share);
    }
    expect(new Set(shares)).toEqual(new Set([1]));
  });
  it('goes out, is looked at, comes in; a broken one says why; nothing comes in unseen', async () => {
    const started = await request(bench.home.app)
      .post('/api/v1/archives/export')
      .send({})
      .expect(202);
    // What is written while it goes out is not in it by halves.
    await bench.home.ok(
      bench.home.post('/sites', {
        id: randomUUID(),
        name: 'Written meanwhile',
        zone: 'UTC',
        hemisphere: 'north',
      }),
    );
    expect(await followed(bench.home.app, started.body.id)).toMatchObject({
      state: 'ready',
      share: 1,
    });
    const file = await request(bench.home.app)
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
      says: expect.objectContaining({ key: expect.stringMatching(/zip/) as string }) as Say,
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
      const { body } = await request(app)
        .post('/api/v1/archives/import')
        .send(Buffer.from(bench.zip));
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
    const preview = await request(bench.home.app)
      .post('/api/v1/archives/import')
      .set('Content-Type', 'application/zip')
      .send(Buffer.from(bench.zip));
    const { id } = preview.body as { id: string };
    expect(await followed(bench.home.app, id)).toMatchObject({ state: 'previewed' });
    const out = await request(bench.home.app).post('/api/v1/archives/export').send({}).expect(202);
    await followed(bench.home.app, (out.body as { id: string }).id);
    const { body } = await request(bench.home.app).get(`/api/v1/archives/${id}`);
    expect(body).toMatchObject({ state: 'previewed' });
  });
  it('gives single tables too', async () => {
    const { text } = await request(bench.home.app).get('/api/v1/tables/jarKinds.csv').expect(200);
    expect(text).toContain(`"'=HYPERLINK(""http://x"")"`);
    await request(bench.home.app).get('/api/v1/tables/knex_migrations.csv').expect(404);
  });
});
