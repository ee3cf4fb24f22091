import {
  BadInput,
  saidOf,
  drainForecast,
  frameForecast,
  jarFill,
  nineTenthsAhead,
  planDay,
  readySay,
  schoolFlips,
  vesselForecast,
  whatIfs,
  type DayInput,
  type DayPlan,
  type Say,
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
  planDay: (input: DayInput): { day: DayPlan | null; says: Say | null } => {
    try {
      return { day: planDay(input), says: null };
    } catch (error) {
      return {
        day: null,
        says:
          error instanceof BadInput ? saidOf(error) : readySay('ready.planOf.cannot-be-worked-out'),
      };
    }
  },
};
export type ComputeApi = typeof api;
expose(api);
