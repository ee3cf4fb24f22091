import { randomUUID } from 'node:crypto';
import type { Answer, PayloadOf } from './api.js';
import type { OwnServer } from './ownServer.js';

/** A side that is sealed nearly to its edge. */
export const SEALED = { capped: 0.95, open: 0.03, pollen: 0, brood: 0, empty: 0.02 };
export type HiveView = Answer<'/hives/{id}'>;

/** A hive on a place of its own, in an empty household. */
export async function makeHive(
  server: OwnServer,
  name: string,
  kind: HiveView['kind'],
  geometry: Record<string, number | string>,
): Promise<HiveView> {
  const siteId = randomUUID();
  await server.post('/sites', {
    id: siteId,
    name: `Place of ${name}`,
    zone: 'America/Sao_Paulo',
    hemisphere: 'south',
  });
  const id = randomUUID();
  await server.post('/hives', {
    id,
    siteId,
    name,
    kind,
    geometry,
    colonyStartedOn: '2024-09-20',
  });
  return server.read('/hives/{id}', id);
}
/** A look at one comb, both sides as they are given. */
export async function look(server: OwnServer, combId: string, more: object = {}): Promise<void> {
  await server.post('/looks', {
    id: randomUUID(),
    combId,
    sides: { A: SEALED, B: SEALED },
    readings: [],
    combAge: 'new',
    depthMm: 200,
    thicknessMm: 28,
    ...more,
  });
}

/**
 * One comb in the tub, weighed 3.3 kg gross in a vessel of 1.1 kg: a harvest that has just come to
 * the bench.
 */
export async function takeOne(
  server: OwnServer,
  hiveId: string,
  combId: string,
  method: PayloadOf<'/harvests'>['method'],
  at?: string,
): Promise<string> {
  const batchId = randomUUID();
  await server.post('/harvests', {
    visitId: randomUUID(),
    batchId,
    hiveId,
    method,
    combIds: [combId],
    anyway: [{ combId, reason: 'The tests take it' }],
  });
  const take = { id: randomUUID(), batchId, combId, outcome: 'taken' as const, vesselId: null };
  await server.post('/takes', { ...take, grossG: 3300, tareG: 1100 }, { at });
  return batchId;
}
