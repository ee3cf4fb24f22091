import { BadInput, drainForecast, frameForecast, jarFill, planDay, whatIfs, type DayInput, type DayPlan, type DrainForecast, type DrainForecastInput, type WhatIf } from '@furrow/core';
import { expose } from 'comlink';

/** What may take over 30 ms, off the page's own thread. */
const api = {
  drainForecast,
  frameForecast,
  /** The forecast with what a stir, a press or two degrees more would change. */
  drainOutlook: (input: DrainForecastInput): { forecast: DrainForecast; acts: WhatIf[] } => {
    const forecast = drainForecast(input);
    return { forecast, acts: whatIfs(input, forecast) };
  },
  jarFill,
  /** The plan of all open harvests, or the sentence that says why there is none. */
  planDay: (input: DayInput): { day: DayPlan | null; says: string | null } => {
    try {
      return { day: planDay(input), says: null };
    } catch (error) {
      return { day: null, says: error instanceof BadInput ? error.message : 'This day cannot be worked out.' };
    }
  },
};
export type ComputeApi = typeof api;
expose(api);
