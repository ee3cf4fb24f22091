import type { ForecastSays } from '@furrow/core';
import type { Sentences } from '../sentences.js';

export const forecast: Sentences<ForecastSays> = {
  'drain.forecast.stopped':
    'Parou: peneira entupida ou presa. Olhe, desentupa e pese de novo; até lá nada mais se prevê.',
  'drain.forecast.comes': '{final} no fim, nove décimos disso depois de {low} a {high}.',
  'drain.forecast.full-now': 'A vasilha pode estar cheia agora.',
  'drain.forecast.full-after': 'A vasilha pode estar cheia {after} depois do começo.',
};
