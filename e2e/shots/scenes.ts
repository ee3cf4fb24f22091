import { randomUUID } from 'node:crypto';
import { Api } from '../api.js';

/** Scenes of the bench that the demo household has not come to yet, written as a person would write them. */
async function timed(api: Api): Promise<(hours: number) => string> {
  const { now } = await api.get<{ now: string }>('/clocks');
  return (hours) => new Date(Date.parse(now) - hours * 3_600_000).toISOString();
}

/** Two drain frames of Bromélia chosen, one half open and running. Gives the harvest's id. */
export async function framesRunning(api: Api): Promise<string> {
  const ago = await timed(api);
  const [tall, wide] = [randomUUID(), randomUUID()];
  for (const [id, name, volumeL, innerDiameterMm, tareG] of [[tall, 'Tall jar', 3, 150, 820], [wide, 'Wide jar', 2, 140, 640]] as const) await api.post('/vessels', { id, name, role: 'lower', volumeL, tareG, innerDiameterMm }, ago(100));
  const { batchId, combIds } = await api.harvest('Bromélia', [203, 204], 'drain-hive', ago(5));
  const mark = (stepId: string, at: string, answer = {}) => api.post('/stepMarks', { id: randomUUID(), batchId, stepId, answer }, at);
  await mark('ready', ago(1));
  await mark('tilt', ago(0.98), { tiltDegrees: 3.2 });
  await mark('checks', ago(0.96), { [`vessel_${combIds[0]}`]: tall, [`vessel_${combIds[1]}`]: wide });
  const frame = (kind: string, hours: number, change = {}) => api.post('/frameEvents', { id: randomUUID(), batchId, combId: combIds[0], kind, ...change }, ago(hours));
  await frame('open', 0.9, { vesselId: tall });
  await frame('no-leak', 0.88);
  await frame('open', 0.7);
  await frame('no-leak', 0.68);
  await frame('level', 0.3, { g: 640 });
  return batchId;
}

/** A pile box of Cedro that dripped for a day and is being pressed. Gives the harvest's id. */
export async function pressing(api: Api): Promise<string> {
  const ago = await timed(api);
  const { batchId, combIds } = await api.harvest('Cedro', [401, 402, 403, 404, 405, 406, 407, 408], 'drip-press', ago(40));
  await api.post('/boxTakes', { id: randomUUID(), batchId, combIds, grossG: 15_480, emptyG: 3210, vesselId: null }, ago(39));
  await api.post(`/harvests/${batchId}/stage`, { stage: 'drain', handsOnMinutes: 70 }, ago(38));
  const [lower, drainId] = [randomUUID(), randomUUID()];
  await api.post('/vessels', { id: lower, name: 'Large pail', role: 'lower', volumeL: 10, tareG: 520, innerDiameterMm: 240 }, ago(100));
  const { items } = await api.get<{ items: { id: string; role: string }[] }>('/vessels');
  await api.post('/drains', { id: drainId, batchId, arrangement: 'press-bag', upperVesselId: items.find((v) => v.role === 'upper')!.id, lowerVesselId: lower, method: 'chop', moisturePercent: 17.9, temperatureC: 24, nightTemperatureC: 18 }, ago(26));
  for (const [h, g] of [[2, 2100], [5, 4300], [9, 5900], [18, 7600], [25, 8150]]) await api.post('/weighings', { id: randomUUID(), drainId, grossG: 520 + g, tareG: 520, source: 'hand' }, ago(26 - h));
  const event = (kind: string, hours: number, change = {}) => api.post('/drainEvents', { id: randomUUID(), drainId, kind, minutes: 4, ...change }, ago(hours));
  await event('stir', 22);
  await event('draw-off', 0.9, { g: 8180 });
  for (const [h, g] of [[0.8, 0], [0.5, 640], [0.1, 980]]) await event('press', h, { g });
  return batchId;
}

/** Three frames of Guabiroba, taken to be cut. Gives the harvest's id. */
export async function combsToCut(api: Api): Promise<string> {
  const ago = await timed(api);
  const { batchId, combIds } = await api.harvest('Guabiroba', [203, 204, 205], 'cut', ago(5));
  for (const [i, combId] of combIds.entries()) await api.post('/takes', { id: randomUUID(), batchId, combId, outcome: 'taken', vesselId: null, grossG: 2310 + 90 * i, tareG: 640 }, ago(2 - 0.2 * i));
  await api.post(`/harvests/${batchId}/stage`, { stage: 'cut', handsOnMinutes: 40 }, ago(1));
  return batchId;
}
