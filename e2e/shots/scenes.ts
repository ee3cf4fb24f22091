import { randomUUID } from 'node:crypto';
import { Api, type PayloadOf } from '../api.js';

/**
 * Scenes of the bench that the demo household has not come to yet, written as a person would write
 * them.
 */
async function timed(api: Api): Promise<(hours: number) => string> {
  const { now } = await api.read('/clocks');
  return (hours) => new Date(Date.parse(now) - hours * 3_600_000).toISOString();
}

/** Two drain frames of Bromélia chosen, one half open and running. Gives the harvest's id. */
export async function framesRunning(api: Api): Promise<string> {
  const ago = await timed(api);
  const [tall, wide] = [randomUUID(), randomUUID()];
  for (const [id, name, volumeL, innerDiameterMm, tareG] of [
    [tall, 'Tall jar', 3, 150, 820],
    [wide, 'Wide jar', 2, 140, 640],
  ] as const)
    await api.post(
      '/vessels',
      { id, name, role: 'lower', volumeL, tareG, innerDiameterMm },
      { at: ago(100) },
    );
  const { batchId, combIds } = await api.harvest('Bromélia', [203, 204], 'drain-hive', ago(5));
  const mark = (stepId: string, at: string, answer = {}) =>
    api.post('/stepMarks', { id: randomUUID(), batchId, stepId, answer }, { at });
  await mark('ready', ago(1));
  await mark('tilt', ago(0.98), { tiltDegrees: 3.2 });
  await mark('checks', ago(0.96), {
    [`vessel_${combIds[0]}`]: tall,
    [`vessel_${combIds[1]}`]: wide,
  });
  const frame = (kind: PayloadOf<'/frameEvents'>['kind'], hours: number, change = {}) =>
    api.post(
      '/frameEvents',
      { id: randomUUID(), batchId, combId: combIds[0], kind, ...change },
      { at: ago(hours) },
    );
  await frame('open', 0.9, { vesselId: tall });
  await frame('no-leak', 0.88);
  await frame('open', 0.7);
  await frame('no-leak', 0.68);
  await frame('level', 0.3, { g: 640 });
  return batchId;
}

/** Three frames of Guabiroba, taken to be cut. Gives the harvest's id. */
export async function combsToCut(api: Api): Promise<string> {
  const ago = await timed(api);
  const { batchId, combIds } = await api.harvest('Guabiroba', [203, 204, 205], 'cut', ago(5));
  for (const [i, combId] of combIds.entries())
    await api.post(
      '/takes',
      {
        id: randomUUID(),
        batchId,
        combId,
        outcome: 'taken',
        vesselId: null,
        grossG: 2310 + 90 * i,
        tareG: 640,
      },
      { at: ago(2 - 0.2 * i) },
    );
  await api.post(
    '/harvests/{id}/stage',
    { stage: 'cut', handsOnMinutes: 40 },
    { at: ago(1), id: batchId },
  );
  return batchId;
}
