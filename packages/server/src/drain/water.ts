import { BadInput, newWaterReadingSchema, readingMoisture } from '@furrow/core';
import { conflict, refused } from '../problem.js';
import { batchDetail, batchView } from '../store/views.js';
import { write } from '../store/writes.js';

/** Water of honey in a vessel, a drop at a time, by whichever scale the instrument has. */
export const waterWrites = [
  write({
    method: 'post',
    path: '/waterReadings',
    schema: newWaterReadingSchema,
    sentence: (p) => `Water measured: ${p.reading.value}${p.reading.scale === 'index' ? '' : ' %'}`,
    run: async (unit, payload) => {
      const batch = await batchView(unit.db, payload.batchId);
      if (batch.closedAt) throw conflict('closed', 'This harvest is closed.');
      const moisturePercent = moistureOf(payload.reading);
      await unit.insert('waterReadings', { ...payload, moisturePercent, occurredAt: unit.at });
      return { detail: await batchDetail(unit.db, batch.id) };
    },
  }),
];

function moistureOf(reading: Parameters<typeof readingMoisture>[0]): number {
  try {
    return readingMoisture(reading).moisturePercent;
  } catch (error) {
    if (error instanceof BadInput) throw refused(error.message, 'payload.reading.value');
    throw error;
  }
}
