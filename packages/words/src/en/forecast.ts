import type { ForecastSays } from '@furrow/core';
import type { Sentences } from '../sentences.js';

export const forecast: Sentences<ForecastSays> = {
  'drain.forecast.stopped': [
    'It has stopped: strainer blocked or stuck. Look, free it, and weigh again; until then',
    'nothing more is forecast.',
  ],
  'drain.forecast.comes': '{final} in the end, nine tenths of it after {low} to {high}.',
  'drain.forecast.full-now': 'The vessel may be full now.',
  'drain.forecast.full-after': 'The vessel may be full {after} after the start.',
};
