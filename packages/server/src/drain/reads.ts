import { read } from '../reading.js';
import { householdRuns } from './runs.js';

/** What Drain reads beside the harvest: the household's drains that are done. */
export const drainReads = [read('/runs', ({ db }) => householdRuns(db))];
