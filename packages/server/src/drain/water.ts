import { houseSay } from '@furrow/words';
import { BadInput, readingMoisture, type BenchReading, saidOf } from '@furrow/core';
import { conflict, refused } from '../problem.js';
import { batchDetail } from '../harvest/detail.js';
import { batchView } from '../harvest/batches.js';
import { write } from '../store/writes.js';

/** Water of honey in a vessel, a drop at a time, by whichever scale the instrument has. */
export const waterWrites = [
  write('/waterReadings', {
    sentence: (p) =>
      houseSay('entry.water-measured', {
        reading:
          p.reading.scale === 'index' ? String(p.reading.value) : { percent: p.reading.value },
      }),
    run: async (unit, payload) => {
      const batch = await batchView(unit.db, payload.batchId);
      if (batch.closedAt) throw conflict('closed', houseSay('refusal.this-harvest-closed'));
      const moisturePercent = moistureOf(payload.reading);
      await unit.insert('waterReadings', { ...payload, moisturePercent, occurredAt: unit.at });
      return { detail: await batchDetail(unit.db, batch.id) };
    },
  }),
];

/** Honey holds so much water; anything else is a wrong scale. */
const [LEAST_PERCENT, MOST_PERCENT] = [10, 40];

function moistureOf(reading: BenchReading): number {
  try {
    const { moisturePercent } = readingMoisture(reading);
    if (moisturePercent < LEAST_PERCENT || moisturePercent > MOST_PERCENT)
      throw new BadInput(
        houseSay('refusal.that-would-be-water', {
          percent: { percent: Math.round(moisturePercent) },
        }),
      );
    return moisturePercent;
  } catch (error) {
    if (error instanceof BadInput) throw refused(saidOf(error), 'payload.reading.value');
    throw error;
  }
}
