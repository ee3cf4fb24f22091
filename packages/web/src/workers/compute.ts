import { drainForecast, jarFill } from '@furrow/core';
import { expose } from 'comlink';

/** What may take over 30 ms, off the page's own thread. */
const api = { drainForecast, jarFill };
export type ComputeApi = typeof api;
expose(api);
