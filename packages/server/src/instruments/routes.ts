import { Router, type Request, type Response } from 'express';
import { toSenml, type InstrumentReading } from '@furrow/core';
import { z } from 'zod';
import type { Reading } from '../reading.js';
import { find, openRow } from '../store/rows.js';
import { drainViews } from '../drain/drainViews.js';
import { SCALE_KEYS } from './benchScale.js';
import { readingNow } from './reads.js';

/** How often a stream of readings speaks, in real milliseconds. */
const EVERY_MS = 1000;

/** A key of the practice scale, as it is pressed and as it is answered. */
export const keySchema = z.strictObject({ key: z.enum(SCALE_KEYS) });

/**
 * The stand-in instruments listened to as server-sent events, the scale's keys, readings out as
 * SenML.
 */
export function instrumentRoutes(reading: Reading): Router {
  const { db } = reading;
  const router = Router();

  router.get('/instruments/events', (request: Request, response: Response) => {
    const { instrument: asked, ...on } = request.query;
    const instrument = typeof asked === 'string' ? asked : 'bench-scale';
    response.writeHead(200, {
      'Content-Type': 'text/event-stream',
      'Cache-Control': 'no-cache',
      Connection: 'keep-alive',
    });
    response.write('retry: 2000\n\n');
    let timer: NodeJS.Timeout | undefined;
    request.on('close', () => clearTimeout(timer));
    const tell = async (): Promise<void> => {
      try {
        const now = await readingNow(reading, instrument, on);
        if (response.writableNeedDrain) return void response.destroy();
        response.write(`event: reading\ndata: ${JSON.stringify(now)}\n\n`);
        // The next one only after this: a slow reading never piles up on another.
        if (!response.destroyed) timer = setTimeout(() => void tell(), EVERY_MS);
      } catch {
        // What stood on it is gone (undone, closed): the stream ends, the screen says so.
        response.write('event: gone\ndata: {}\n\n');
        response.end();
      }
    };
    void tell();
  });
  router.post('/instruments/bench-scale/keys', (request, response) => {
    const { key } = keySchema.parse(request.body);
    reading.instruments.scale.press(key);
    response.json({ key });
  });

  router.get('/drains/:id/readings.senml.json', async (request, response) => {
    await find(db, 'drains', request.params.id, 'drain');
    const [drain] = await drainViews(db, { id: request.params.id });
    const tare = drain.lowerVesselId
      ? ((await openRow('vessels', db('vessels').where({ id: drain.lowerVesselId })))?.tareG ?? 0)
      : 0;
    const readings: InstrumentReading[] = [
      ...drain.weighings
        .filter((w) => !w.leftOut && w.of === 'lower')
        .map((w) => ({
          instrument: 'bench scale',
          quantity: 'mass' as const,
          value: w.netG + tare,
          at: w.occurredAt,
        })),
      ...drain.readings.map((r) => ({
        instrument: 'bench scale',
        quantity: 'mass' as const,
        value: r.g + tare,
        at: r.at,
      })),
      ...drain.events
        .filter((e) => e.kind === 'temperature')
        .map((e) => ({
          instrument: 'kitchen thermometer',
          quantity: 'temperature' as const,
          value: e.temperatureC!,
          at: e.occurredAt,
        })),
      ...drain.events
        .filter((e) => e.kind === 'moisture')
        .map((e) => ({
          instrument: 'refractometer',
          quantity: 'moisture' as const,
          value: e.moisturePercent!,
          at: e.occurredAt,
        })),
    ];
    response
      .type('application/senml+json')
      .setHeader(
        'Content-Disposition',
        `attachment; filename="drain-${drain.startedAt.slice(0, 10)}.senml.json"`,
      );
    response.send(JSON.stringify(toSenml(readings)));
  });
  return router;
}
