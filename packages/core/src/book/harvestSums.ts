import { wentFor } from '../records/vocabulary/lotSays.js';
import type { Flow, Lot } from '../records/views.js';

/** What came into the lots of one harvest from anywhere else and what left them, grams. */
export interface HarvestSums {
  /** Honey, wax and comb; the water of a rinse stands apart. */
  inG: number;
  waterG: number;
  outG: number;
  lossG: number;
  nowG: number;
}

/**
 * The sums of one harvest: all that came in = what is here + all that went out + what was lost.
 * What comes from the lot of another harvest comes in, and what goes into one goes out, as from and
 * to the world outside. Takes its lots and the flows in force that touch them.
 */
export function harvestSums(
  lots: readonly Pick<Lot, 'id' | 'nowG'>[],
  flows: readonly Pick<Flow, 'from' | 'to' | 'g' | 'reason'>[],
): HarvestSums {
  const own = new Set(lots.map((l) => l.id));
  const sum = (list: typeof flows): number => list.reduce((total, f) => total + f.g, 0);
  const came = flows.filter((f) => !own.has(f.from));
  const went = flows.filter((f) => !own.has(f.to));
  const isWater = (f: Pick<Flow, 'reason'>): boolean => wentFor(f.reason, 'flow.water');
  return {
    inG: sum(came.filter((f) => !isWater(f))),
    waterG: sum(came.filter(isWater)),
    outG: sum(went.filter((f) => f.to !== 'loss')),
    lossG: sum(went.filter((f) => f.to === 'loss')),
    nowG: lots.reduce((total, l) => total + l.nowG, 0),
  };
}
