import { z } from 'zod';
import { sumsOf } from './asked.js';
import { randomUUID } from 'node:crypto';
import type { BatchDetail } from '@furrow/core';
import request from 'supertest';
import { afterEach, beforeEach, expect, it } from 'vitest';
import { Household } from '../testing/household.js';

let home: Household;
beforeEach(async () => {
  home = await Household.open();
});
afterEach(() => home.close());

it('a repeated command is answered with what it wrote as it stands now, and keeps only where to read it', async () => {
  const batchId = await home.harvest(await home.hive());
  const drainId = await home.drain(batchId);
  const body = home.envelope({ id: randomUUID(), drainId, kind: 'stir', minutes: 5 });
  const send = async (): Promise<{ status: number; detail: BatchDetail }> => {
    const r = await request(home.app).post('/api/v1/drainEvents').send(body);
    return { status: r.status, detail: (r.body as { detail: BatchDetail }).detail };
  };
  const first = await send();
  expect([first.status, first.detail.drains[0].events.length]).toEqual([201, 1]);
  const kept = await sumsOf(
    { response: z.string() },
    home.db('commands').where({ id: body.id }).first('response'),
  );
  expect(kept.response).toBe(JSON.stringify({ detail: { $read: batchId } }));
  await home.ok(home.post('/drainEvents', { id: randomUUID(), drainId, kind: 'stir', minutes: 4 }));
  const again = await send();
  expect([again.status, again.detail.batch.id, again.detail.drains[0].events.length]).toEqual([
    200,
    batchId,
    2,
  ]);
});

it('an answer an older Furrow kept whole is given as it was', async () => {
  const site = { id: randomUUID(), name: 'Encosta', zone: 'UTC', hemisphere: 'north' };
  const body = home.envelope(site);
  await request(home.app).post('/api/v1/sites').send(body).expect(201);
  await home
    .db('commands')
    .where({ id: body.id })
    .update({
      response: JSON.stringify({ detail: { batch: { id: 'b' }, hive: { name: 'Ipê' } } }),
    });
  expect((await request(home.app).post('/api/v1/sites').send(body).expect(200)).body).toEqual({
    detail: { batch: { id: 'b' }, hive: { name: 'Ipê' } },
  });
});
