import express, { Router } from 'express';
import { z } from 'zod';
import type { EventStream } from '../events.js';
import { Problem } from '../problem.js';
import { checkedCopy, dropCopy, putInPlace } from '../store/backup.js';
import type { Reopenable } from '../store/reopenable.js';

/** While the file is swapped everybody waits; the swap itself is asked for by the command line, which knows the lock's secret. */
export function restoreRoute(
  store: Reopenable,
  secret: string,
  dataFolder: string,
  events: EventStream,
): Router {
  const router = Router();
  router.use((_request, _response, next) =>
    next(
      store.swapping()
        ? new Problem(503, 'restoring', 'A backup is being put in place. Try again in a moment.')
        : undefined,
    ),
  );
  router.post('/restore', express.json({ limit: '10kb' }), async (request, response) => {
    if (request.get('x-furrow-secret') !== secret)
      throw new Problem(403, 'not-allowed', 'A restore is asked for on the command line.');
    const { path } = z.strictObject({ path: z.string().min(1).max(1000) }).parse(request.body);
    try {
      const incoming = await checkedCopy(path, dataFolder).catch((error: Error) => {
        throw new Problem(400, 'bad-backup', error.message);
      });
      await store.swap(() => putInPlace(incoming, dataFolder, `${path}.photos`));
    } finally {
      dropCopy(dataFolder);
    }
    events.changed();
    response.json({ restored: true });
  });
  return router;
}
