import {
  BadInput,
  drainForecast,
  frameForecast,
  jarFill,
  nineTenthsAhead,
  planDay,
  schoolFlips,
  vesselForecast,
  whatIfs,
  type DayInput,
  type DayPlan,
} from '@furrow/core';
import { expose } from 'comlink';

/** What may take over 30 ms, off the page's own thread. */
const api = {
  drainForecast,
  frameForecast,
  vesselForecast,
  whatIfs,
  jarFill,
  nineTenthsAhead,
  schoolFlips,
  /** The plan of all open harvests, or the sentence that says why there is none. */
  planDay: (input: DayInput): { day: DayPlan | null; says: string | null } => {
    try {
      return { day: planDay(input), says: null };
    } catch (error) {
      return {
        day: null,
        says: error instanceof BadInput ? error.message : 'This day cannot be worked out.',
      };
    }
  },
};
export type ComputeApi = typeof api;
expose(api);
