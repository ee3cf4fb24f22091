import { Router } from 'express';
import type { Knex } from 'knex';
import { z } from 'zod';
import type { ServerClock } from '../clock.js';
import { takeNumbers } from './codes.js';

/** As many lots as are filled in an afternoon. */
const MOST_TAKEN = 12;

export const takeNumbersSchema = z.strictObject({
  device: z.string().min(1).max(80),
  count: z.int().min(1).max(MOST_TAKEN),
});
export const numbersTaken = z.strictObject({ codes: z.array(z.string()) });

/**
 * Numbers of jars that a device takes along for what it fills out of reach of the house. Nothing of
 * the household's is written by it: no entry, nothing to take back.
 */
export function numberRoutes(db: Knex, clock: ServerClock): Router {
  const router = Router();
  router.post('/harvests/:id/numbers', async (request, response) => {
    const { device, count } = takeNumbersSchema.parse(request.body);
    const batchId = request.params.id;
    response.json({ codes: await takeNumbers(db, { batchId, device, count }, clock.now()) });
  });
  return router;
}
