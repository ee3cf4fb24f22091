import { read } from '../reading.js';
import { damageLine } from '../store/damage.js';
import { clocks } from './clocks.js';
import { todayLines } from './today.js';

/** What Today reads: the clocks that run, and what is due. */
export const todayReads = [
  read('/clocks', async ({ db, clock }) => ({
    now: clock.now().toISOString(),
    speed: clock.speed ?? 1,
    set: clock.set ?? false,
    items: await clocks(db, clock.now()),
  })),
  read('/today', async ({ db, clock, copies }) => ({
    now: clock.now().toISOString(),
    items: [damageLine(db) ?? [], copies?.line() ?? [], await todayLines(db, clock.now())].flat(),
  })),
];
