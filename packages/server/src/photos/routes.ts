import { houseSay } from '@furrow/words';
import { join } from 'node:path';
import express, { Router } from 'express';
import { dateSchema, idSchema, photoWritten } from '@furrow/core';
import type { Knex } from 'knex';
import { z } from 'zod';
import type { ServerClock } from '../clock.js';
import type { EventStream } from '../events.js';
import { streamFile } from '../files/stream.js';
import { signed, whoWrites } from '../house/signature.js';
import { Problem, refused } from '../problem.js';
import { find } from '../store/rows.js';
import { ownWrite, performWrite } from '../store/writes.js';
import { VIEWS } from '../views.js';
import { LARGEST_BYTES, keepPicture } from './store.js';

/** The row of a picture whose file lies there already. */
export const photoWrite = ownWrite({
  method: 'post',
  path: '/photos',
  schema: z.strictObject({
    id: idSchema,
    sha256: z.string().regex(/^[0-9a-f]{64}$/),
    widthPx: z.int(),
    heightPx: z.int(),
    bytes: z.int(),
    takenOn: dateSchema.nullable(),
  }),
  answers: photoWritten,
  sentence: () => houseSay('entry.photo-kept'),
  run: async (unit, payload) => {
    await unit.insert('photos', payload);
    return { photo: await find(unit.db, 'photos', payload.id, 'photo') };
  },
});

/**
 * Pictures come as they are, with the command in a header: a body of bytes is no JSON. The file is
 * written and synced first, then its row through the one path of every write.
 */
export function photoRoutes(
  db: Knex,
  clock: ServerClock,
  folder: string,
  events: EventStream,
): Router {
  const router = Router();
  router.post(
    '/photos',
    express.raw({ type: () => true, limit: LARGEST_BYTES + 1 }),
    async (request, response) => {
      const header = request.get('x-furrow-command');
      if (!header) throw refused(houseSay('refusal.command-missing'), 'x-furrow-command');
      let command: Record<string, unknown>;
      try {
        command = JSON.parse(decodeURIComponent(header)) as Record<string, unknown>;
      } catch {
        throw refused(houseSay('refusal.command-not-readable'), 'x-furrow-command');
      }
      const { photoId, ...envelope } = command;
      if (!Buffer.isBuffer(request.body))
        throw new Problem(400, 'bad-input', houseSay('refusal.no-picture-arrived'), 'photo');
      const kept = await keepPicture(
        folder,
        request.body,
        (request.get('content-type') ?? '').split(';')[0].trim(),
      );
      const { answer, isNew } = await performWrite(
        { db, clock, views: VIEWS },
        photoWrite,
        signed(request, { ...envelope, payload: { id: photoId, takenOn: null, ...kept } }),
        {},
      );
      if (isNew) events.changed(whoWrites(request));
      response.status(isNew ? 201 : 200).json(answer);
    },
  );
  router.get('/photos/:id', async (request, response) => {
    const { sha256 } = await find(db, 'photos', request.params.id, 'photo');
    const file = join(folder, `${sha256}.jpg`);
    await streamFile(response, file, 'picture-file', {
      'Content-Type': 'image/jpeg',
      'Cache-Control': 'private, max-age=31536000, immutable',
    });
  });
  return router;
}
