import { asWritten } from '@furrow/core';
import { houseSay } from '@furrow/words';
import { randomUUID } from 'node:crypto';
import { createWriteStream, mkdirSync, rmSync, statSync } from 'node:fs';
import { join } from 'node:path';
import { Transform } from 'node:stream';
import { pipeline } from 'node:stream/promises';
import type { ArchiveJob } from '@furrow/core';
import express, { Router } from 'express';
import type { Knex } from 'knex';
import { z } from 'zod';
import type { ServerClock } from '../clock.js';
import type { EventStream } from '../events.js';
import { streamFile } from '../files/stream.js';
import { inThread } from '../heavy/pool.js';
import { log } from '../log.js';
import { Problem, asProblem, notFound, refused } from '../problem.js';
import { keepBefore } from '../copies/backup.js';
import { refuseIfDamaged } from '../store/damage.js';
import { fileOf } from '../store/database.js';
import type { Reopenable } from '../store/reopenable.js';
import { applyImport, previewImport } from './importArchive.js';
import { openArchive, type Archive } from './openArchive.js';
import { archiveTables, tableCsv } from './tables.js';
import { takeBack, writtenSoFar } from './takeBack.js';

/**
 * An archive on its way out or in. It is polled; its file lies in the data folder until the next
 * one.
 */
interface Job extends ArchiveJob {
  /** When it began, by this machine's own clock, ms. */
  at: number;
  file: string;
  /** What was unpacked of an import, until it was taken in. */
  archive: Archive | null;
  /** What stood here before it came in, and how many commands stood here after it. */
  before: { copy: string; written: number } | null;
}
/** Whose word counts where both say different things. */
export const applySchema = z.strictObject({ conflicts: z.enum(['mine', 'theirs']) });
const UPLOAD_MAX = 1024 ** 3;
/** An upload that brings nothing for so long was given up: it makes room for another. */
const SILENT_MS = 60_000;
/** An archive that takes longer than this to write has met a disk that does not answer. */
const OUT_MOST_MS = 15 * 60_000;
/** What was looked at and not taken in is kept for so long. */
const KEPT_MS = 24 * 3_600_000;

/**
 * `/archives`: the whole household out as one file, and in again with a preview.
 * `/tables/NAME.csv`: one table.
 */
export function archiveRoutes(
  db: Knex,
  clock: ServerClock,
  dataFolder: string,
  photoFolder: string,
  events: EventStream,
  /** The household's file, where it can be swapped: else an import cannot be taken back here. */
  store?: Reopenable,
): Router {
  const router = Router();
  const folder = join(dataFolder, 'archives');
  const jobs = new Map<string, Job>();
  // What lies there belongs to no job of this process.
  rmSync(folder, { recursive: true, force: true });
  const unpackedOf = (job: Job): string => join(folder, job.id);
  const drop = (job: Job): void => {
    rmSync(job.file, { force: true });
    rmSync(unpackedOf(job), { recursive: true, force: true });
    jobs.delete(job.id);
  };
  const start = (kind: Job['kind']): Job => {
    if ([...jobs.values()].some((j) => j.state === 'running'))
      throw new Problem(409, 'busy', houseSay('refusal.another-archive-on-its-way'));
    // One file of a kind is kept: the next takes its place. What was looked at on one screen
    // outlives an export.
    const outlived = Date.now() - KEPT_MS;
    for (const old of jobs.values()) if (old.kind === kind || old.at < outlived) drop(old);
    mkdirSync(folder, { recursive: true });
    const id = randomUUID();
    const job: Job = {
      id,
      kind,
      at: Date.now(),
      state: 'running',
      share: 0,
      says: null,
      file: join(folder, `${id}.zip`),
      bytes: 0,
      preview: null,
      archive: null,
      before: null,
    };
    jobs.set(id, job);
    return job;
  };
  const find = (id: string): Job => {
    const job = jobs.get(id);
    if (!job) throw notFound('archive');
    return job;
  };
  const answer = ({
    file: _file,
    at: _at,
    archive: _archive,
    before: _before,
    ...job
  }: Job): ArchiveJob => job;
  const work = async (job: Job, doing: () => Promise<Partial<Job>>): Promise<void> => {
    [job.state, job.says] = ['running', null];
    try {
      Object.assign(job, await doing());
    } catch (error) {
      const problem = asProblem(error);
      if (problem.code === 'unexpected') log.error(error);
      const { says } = problem;
      [job.state, job.says] = ['failed', typeof says === 'string' ? asWritten(says) : says];
    }
  };
  /** Unpacking is the longer half of a preview. */
  const lookInto = async (job: Job): Promise<Partial<Job>> => {
    const archive = await openArchive(db, job.file, unpackedOf(job), (share) => {
      job.share = share * 0.6;
    });
    const preview = await previewImport(db, archive, (share) => (job.share = 0.6 + share * 0.4));
    return { archive, preview, state: 'previewed' };
  };

  const writeOut = (job: Job): Promise<number> => {
    const createdAt = clock.now().toISOString();
    const order = { file: fileOf(db), photoFolder, target: job.file, createdAt };
    return inThread('writeArchive', [order], {
      mostMs: OUT_MOST_MS,
      onShare: (share) => (job.share = share),
    });
  };

  router.post('/archives/export', (_request, response) => {
    const job = start('export');
    void work(job, async () => ({ state: 'ready', bytes: await writeOut(job) }));
    response.status(202).json(answer(job));
  });
  router.post('/archives/import', async (request, response) => {
    const job = start('import');
    let size = 0;
    request.setTimeout(SILENT_MS, () =>
      request.destroy(
        new Problem(408, 'given-up', houseSay('refusal.upload-stood-still-for-minute')),
      ),
    );
    const limit = new Transform({
      transform(part: Buffer, _encoding, done) {
        size += part.length;
        done(
          size > UPLOAD_MAX
            ? new Problem(413, 'too-large', houseSay('refusal.this-file-larger-than-1'))
            : null,
          part,
        );
      },
    });
    try {
      await pipeline(request, limit, createWriteStream(job.file));
      if (!size) throw refused(houseSay('refusal.no-file-arrived'), 'archive');
    } catch (error) {
      drop(job);
      throw error;
    }
    job.bytes = statSync(job.file).size;
    void work(job, () => lookInto(job));
    response.status(202).json(answer(job));
  });
  router.get(
    '/archives/:id',
    (request, response) => void response.json(answer(find(request.params.id))),
  );
  router.get('/archives/:id/file', async (request, response) => {
    const job = find(request.params.id);
    if (job.kind !== 'export' || job.state !== 'ready')
      throw new Problem(409, 'not-ready', houseSay('refusal.this-archive-not-written-yet'));
    await streamFile(response, job.file, 'archive-file', {
      'Content-Type': 'application/zip',
      'Content-Disposition': `attachment; filename="furrow-${clock.now().toISOString().slice(0, 10)}.zip"`,
      'Content-Length': String(job.bytes),
    });
  });
  router.post('/archives/:id/apply', express.json({ limit: '10kb' }), (request, response) => {
    const job = find(request.params.id);
    if (job.kind !== 'import' || job.state !== 'previewed')
      throw new Problem(409, 'not-previewed', houseSay('refusal.look-at-what-it-would'));
    const { conflicts } = applySchema.parse(request.body);
    refuseIfDamaged(db);
    job.share = 0;
    void work(job, async () => {
      // An import is taken back whole: by what stood here before it.
      const copy = await keepBefore(db, dataFolder, new Date());
      const preview = await applyImport(
        db,
        job.archive!,
        photoFolder,
        conflicts,
        (share) => (job.share = share),
      );
      events.changed();
      rmSync(unpackedOf(job), { recursive: true, force: true });
      const before = { copy, written: await writtenSoFar(db) };
      return { preview, archive: null, before, state: 'done' };
    });
    response.status(202).json(answer(job));
  });
  router.post('/archives/:id/undo', async (request, response) => {
    const job = find(request.params.id);
    if (!job.before || !store)
      throw new Problem(409, 'not-taken-in', houseSay('refusal.nothing-this-archive-was-taken'));
    await takeBack(store, dataFolder, job.before.copy, job.before.written);
    [job.before, job.state] = [null, 'taken-back'];
    events.changed();
    response.json(answer(job));
  });
  router.get('/tables/:name.csv', async (request, response) => {
    const table = (await archiveTables(db)).find((t) => t.name === request.params.name);
    if (!table) throw notFound('table');
    response
      .type('text/csv')
      .setHeader('Content-Disposition', `attachment; filename="${table.resource}.csv"`);
    for await (const { text } of tableCsv(db, table)) response.write(text);
    response.end();
  });
  return router;
}
