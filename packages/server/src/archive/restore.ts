import { houseSay } from '@furrow/words';
import express, { Router } from 'express';
import { z } from 'zod';
import type { EventStream } from '../events.js';
import { Problem } from '../problem.js';
import { checkedCopy, dropCopy, putInPlace, replacesText } from '../copies/backup.js';
import { picturesOf } from '../copies/pictureCopies.js';
import { isEmptyHousehold, summaryOf, summaryText } from '../copies/proof.js';
import type { Reopenable } from '../store/reopenable.js';

/**
 * The file to be put in place, and whether the person said that what stands there may be replaced.
 */
const restoreSchema = z.strictObject({
  path: z.string().min(1).max(1000),
  confirmed: z.boolean().default(false),
});

/**
 * While the file is swapped everybody waits; the swap itself is asked for by the command line,
 * which knows the lock's secret.
 */
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
        ? new Problem(503, 'restoring', houseSay('refusal.backup-being-put-in-place'))
        : undefined,
    ),
  );
  router.post('/restore', express.json({ limit: '10kb' }), async (request, response) => {
    if (request.get('x-furrow-secret') !== secret)
      throw new Problem(403, 'not-allowed', houseSay('refusal.restore-asked-for-on-command'));
    const { path, confirmed } = restoreSchema.parse(request.body);
    try {
      const { incoming, summary } = await checkedCopy(path, dataFolder).catch((error: Error) => {
        throw new Problem(400, 'bad-backup', error.message);
      });
      const here = await summaryOf(store.db);
      if (!confirmed && !isEmptyHousehold(here))
        throw new Problem(409, 'confirm-restore', replacesText(summary, here));
      let aside: string | null = null;
      await store.swap(() => void (aside = putInPlace(incoming, dataFolder, picturesOf(path))));
      events.changed();
      response.json({ restored: true, says: summaryText(summary), aside });
    } finally {
      dropCopy(dataFolder);
    }
  });
  return router;
}
