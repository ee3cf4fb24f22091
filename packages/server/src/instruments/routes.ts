import { Router, type Request, type Response } from 'express';
import { toSenml, type InstrumentReading } from '@furrow/core';
import type { Knex } from 'knex';
import { z } from 'zod';
import type { ServerClock } from '../clock.js';
import { refused } from '../problem.js';
import { find } from '../store/rows.js';
import { batchDetail } from '../harvest/detail.js';
import { drainViews } from '../drain/drainViews.js';
import { currentRules } from '../rules/currentRules.js';
import {
  SCALE_KEYS,
  simulatedHiveScale,
  simulatedRefractometer,
  simulatedScale,
  simulatedThermometer,
} from './benchScale.js';
import { boxLoadG, drainLoadG, frameLoadG, hiveLoadG, takeLoadG } from './load.js';

const text = (request: Request, key: string): string | null =>
  typeof request.query[key] === 'string' && request.query[key] !== '' ? request.query[key] : null;

/** How often a stream of readings speaks, in real milliseconds. */
const EVERY_MS = 1000;

/** A key of the practice scale, as it is pressed and as it is answered. */
export const keySchema = z.strictObject({ key: z.enum(SCALE_KEYS) });

/**
 * The stand-in instruments: asked once, or listened to as server-sent events; the scale's keys;
 * readings out as SenML.
 */
export function instrumentRoutes(db: Knex, clock: ServerClock, seed: number): Router {
  const router = Router();
  const scale = simulatedScale(seed, clock.now);
  const thermometer = simulatedThermometer(seed, clock.now);
  const refractometer = simulatedRefractometer(seed, clock.now);
  const hiveScale = simulatedHiveScale(seed, clock.now);

  /** Grams on the pan, by what the query says stands on it. */
  async function onThePan(request: Request): Promise<number> {
    const drainId = text(request, 'drainId');
    if (drainId)
      return drainLoadG(
        db,
        drainId,
        clock.now(),
        text(request, 'of') === 'upper' ? 'upper' : 'lower',
      );
    const [batchId, combId, boxOf] = [
      text(request, 'batchId'),
      text(request, 'combId'),
      text(request, 'boxOf'),
    ];
    if (batchId && boxOf)
      return boxLoadG(db, batchId, boxOf.split(','), text(request, 'empty') === 'yes');
    if (batchId && combId && text(request, 'frame') === 'yes')
      return frameLoadG(db, batchId, combId, clock.now(), text(request, 'vesselId') ?? undefined);
    if (batchId && combId) return takeLoadG(db, batchId, combId, text(request, 'vesselId'));
    if (text(request, 'grams')) return Math.max(0, Number(text(request, 'grams')) || 0);
    throw refused('Say what stands on the scale: a drain, or a harvest and a comb.', 'drainId');
  }
  async function readingOf(name: string, request: Request): Promise<unknown> {
    if (name === 'bench-scale') return scale.read(await onThePan(request));
    if (name === 'thermometer')
      return thermometer.read((await currentRules(db)).rules.kitchenTemperatureC);
    if (name === 'refractometer') {
      const batchId = text(request, 'batchId');
      const drain = batchId ? (await batchDetail(db, batchId)).drains.at(-1) : null;
      return refractometer.read(drain?.moisturePercent ?? 17.9, Number(text(request, 'drop')) || 0);
    }
    const hiveId = text(request, 'hiveId');
    if (name === 'hive-scale' && hiveId) return hiveScale.read(await hiveLoadG(db, hiveId));
    throw refused(
      'There is no such instrument here, or it is not said what it is to weigh.',
      'instrument',
    );
  }

  router.get('/instruments/events', (request: Request, response: Response) => {
    const name = text(request, 'instrument') ?? 'bench-scale';
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
        const reading = await readingOf(name, request);
        if (response.writableNeedDrain) return void response.destroy();
        response.write(`event: reading\ndata: ${JSON.stringify(reading)}\n\n`);
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
    scale.press(key);
    response.json({ key });
  });
  router.get(
    '/instruments/:name',
    async (request, response) => void response.json(await readingOf(request.params.name, request)),
  );

  router.get('/drains/:id/readings.senml.json', async (request, response) => {
    await find(db, 'drains', request.params.id, 'drain');
    const [drain] = await drainViews(db, { id: request.params.id });
    const tare = drain.lowerVesselId
      ? ((await db('vessels').where({ id: drain.lowerVesselId }).first())?.tareG ?? 0)
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
