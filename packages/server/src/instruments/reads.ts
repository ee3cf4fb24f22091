import { houseSay } from '@furrow/words';
import { dropQuery, hiveScaleQuery, scaleQuery, type ScaleQuery } from '@furrow/core';
import { refused } from '../problem.js';
import { batchDetail } from '../harvest/detail.js';
import { read, type Reading } from '../reading.js';
import { currentRules } from '../rules/currentRules.js';
import { boxLoadG, drainLoadG, frameLoadG, hiveLoadG, takeLoadG } from './load.js';

/** Water of honey that nobody measured yet, percent, for a drop on the stand-in refractometer. */
const DROP_PERCENT = 17.9;

/** Grams on the pan, by what is said to stand on it. */
function onThePan({ db, clock }: Reading, on: ScaleQuery): Promise<number> {
  const { drainId, batchId, combId, boxOf, vesselId } = on;
  if (drainId) return drainLoadG(db, drainId, clock.now(), on.of ?? 'lower');
  if (batchId && boxOf) return boxLoadG(db, batchId, boxOf.split(','), on.empty === 'yes');
  if (batchId && combId && on.frame === 'yes')
    return frameLoadG(db, batchId, combId, clock.now(), vesselId || undefined);
  if (batchId && combId) return takeLoadG(db, batchId, combId, vesselId || null);
  if (on.grams) return Promise.resolve(Math.max(0, Number(on.grams) || 0));
  throw refused(houseSay('refusal.say-what-stands-on-scale'), 'drainId');
}

const scaleRead = read('/instruments/bench-scale', async (reading, { query }) =>
  reading.instruments.scale.read(await onThePan(reading, query)),
);
const thermometerRead = read('/instruments/thermometer', async ({ db, instruments }) =>
  instruments.thermometer.read((await currentRules(db)).rules.kitchenTemperatureC),
);
const refractometerRead = read(
  '/instruments/refractometer',
  async ({ db, instruments }, { query: { batchId, drop } }) => {
    const drain = batchId ? (await batchDetail(db, batchId)).drains.at(-1) : null;
    const percent = drain?.moisturePercent ?? DROP_PERCENT;
    return instruments.refractometer.read(percent, Number(drop) || 0);
  },
);
const hiveScaleRead = read('/instruments/hive-scale', async ({ db, instruments }, { query }) => {
  if (!query.hiveId) throw refused(houseSay('refusal.say-which-hive-stands-on'), 'hiveId');
  return instruments.hiveScale.read(await hiveLoadG(db, query.hiveId));
});

/** The stand-in instruments, asked once. */
export const instrumentReads = [scaleRead, thermometerRead, refractometerRead, hiveScaleRead];

/** An instrument asked by its name, for a stream of its readings. */
export async function readingNow(reading: Reading, name: string, query: unknown): Promise<unknown> {
  const asked = { query: query as never, params: {} };
  switch (name) {
    case 'bench-scale':
      return scaleRead.run(reading, { ...asked, query: scaleQuery.parse(query) });
    case 'thermometer':
      return thermometerRead.run(reading, asked);
    case 'refractometer':
      return refractometerRead.run(reading, { ...asked, query: dropQuery.parse(query) });
    case 'hive-scale':
      return hiveScaleRead.run(reading, { ...asked, query: hiveScaleQuery.parse(query) });
    default:
      throw refused(houseSay('refusal.there-no-such-instrument-here'), 'instrument');
  }
}
