import { lotTrace, type BookFlow, type TraceShare } from '@furrow/core';
import type { Knex } from 'knex';
import { flowsOfLots } from '../store/unitOfWork.js';

/**
 * Where a lot is from or where it is now. Only lots that can matter are read: from the lot against
 * or along the flows, wave by wave, and then all flows that touch them, for what a lot holds
 * depends on everything that came into it.
 */
export async function traceOf(
  db: Knex,
  lotId: string,
  direction: 'back' | 'forward',
): Promise<{ shares: TraceShare[] }> {
  const [near, far] = direction === 'back' ? (['to', 'from'] as const) : (['from', 'to'] as const);
  const flows = new Map<string, BookFlow>();
  const seen = new Set([lotId]);
  for (let wave = [lotId]; wave.length;) {
    const next = new Set<string>();
    for (let i = 0; i < wave.length; i += 2000)
      for (const f of await flowsOfLots(db, wave.slice(i, i + 2000))) {
        flows.set(f.id!, f);
        const end = f[far];
        if (seen.has(f[near]) && end !== 'outside' && end !== 'loss' && !seen.has(end)) {
          seen.add(end);
          next.add(end);
        }
      }
    wave = [...next];
  }
  const lots = new Set([lotId, ...[...flows.values()].flatMap((f) => [f.from, f.to])]);
  lots.delete('outside');
  lots.delete('loss');
  return lotTrace({
    lots: [...lots].map((id) => ({ id, kind: 'lot' })),
    flows: [...flows.values()],
    lot: lotId,
    direction,
  });
}
