import { sayer, type Mass } from '../say/say.js';

/** What the calculator of a drain says in a sentence. */
export interface ForecastSays {
  'drain.forecast.stopped': object;
  'drain.forecast.comes': { final: Mass; low: { hours: number }; high: { hours: number } };
  'drain.forecast.full-now': object;
  'drain.forecast.full-after': { after: { hours: number } };
}

export const forecastSay = sayer<ForecastSays>();
