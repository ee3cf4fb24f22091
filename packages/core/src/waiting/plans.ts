import type { Tick } from '../records/plan.js';
import { withJarsTaken } from '../jar/index.js';
import type { JarKindRecord } from '../records/views.js';
import type { WaitingEntry } from './entries.js';

/** Ticks of the list with those that wait on the device: the last one of a line counts. */
export function ticksWith(ticks: readonly Tick[], entries: readonly WaitingEntry[]): Tick[] {
  return entries.reduce<Tick[]>(
    (now, entry) => {
      if (entry.path !== '/ticks') return now;
      const { batchId, line } = entry.payload;
      const others = now.filter((tick) => tick.batchId !== batchId || tick.line !== line);
      return [...others, entry.payload];
    },
    [...ticks],
  );
}

/** The kit's jars without those that were filled on the device. */
export const jarsWith = (
  jars: readonly JarKindRecord[],
  entries: readonly WaitingEntry[],
): JarKindRecord[] =>
  entries.reduce<JarKindRecord[]>(
    (now, entry) => (entry.path === '/fillings' ? withJarsTaken(now, entry.payload) : now),
    [...jars],
  );
