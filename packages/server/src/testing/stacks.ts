import { randomUUID } from 'node:crypto';
import { HIVE_KINDS, readShape, type Hive, type HiveKindName, type Way } from '@furrow/core';
import { SEALED, type Household } from './household.js';

/** A hive of any kind on a place of its own, its measures as a new one has them. */
export async function stack(home: Household, kind: HiveKindName, name: string): Promise<Hive> {
  const siteId = randomUUID();
  await home.ok(
    home.post('/sites', {
      id: siteId,
      name: `Site of ${name}`,
      zone: 'America/Sao_Paulo',
      hemisphere: 'south',
    }),
  );
  const made = await home.ok(
    home.post('/hives', {
      id: randomUUID(),
      siteId,
      name,
      kind,
      geometry: HIVE_KINDS[kind].defaults,
      colonyStartedOn: '2024-09-20',
    }),
  );
  return (made.body as { hive: Hive }).hive;
}
/** Combs at these places chosen against whatever the looks say, planned for a morning. */
export async function chosen(
  home: Household,
  hive: Hive,
  slots: number[],
  method: Way,
): Promise<{ batchId: string; combIds: string[] }> {
  const shape = readShape(hive);
  const combIds = slots.map((s) => home.comb(hive, s));
  for (const combId of combIds)
    await home.ok(
      home.post('/looks', {
        id: randomUUID(),
        combId,
        sides: { A: SEALED, B: SEALED },
        readings: [],
        combAge: 'new',
        depthMm: shape.outline.depthMm,
        thicknessMm: shape.thicknessMm,
      }),
    );
  const batchId = randomUUID();
  await home.ok(
    home.post('/harvests', {
      visitId: randomUUID(),
      batchId,
      hiveId: hive.id,
      method,
      combIds,
      anyway: combIds.map((combId) => ({ combId, reason: 'Chosen for a test' })),
    }),
  );
  await home.ok(
    home.post(`/harvests/${batchId}/plan`, {
      startLocal: '2026-03-14T09:30',
      kitchenTemperatureC: 24,
      moisturePercent: 18,
    }),
  );
  return { batchId, combIds };
}
