import { describe, expect, it } from 'vitest';
import { flowSay } from '../records/vocabulary/lotSays.js';
import { harvestSums } from './harvestSums.js';

const flow = (from: string, to: string, g: number, reason = flowSay('flow.drained')) => ({
  from,
  to,
  g,
  reason,
});
describe('the sums of one harvest', () => {
  it('count what another harvest put in, and what went into another', () => {
    const flows = [
      flow('outside', 'comb', 2100),
      flow('comb of another', 'comb', 2350),
      flow('comb', 'honey', 3400),
      flow('comb', 'wax', 1000),
      flow('comb', 'loss', 50),
      flow('outside', 'rinse', 900, flowSay('flow.water')),
      flow('honey', 'outside', 3000),
      flow('honey', 'honey of another', 400),
    ];
    const lots = [
      { id: 'comb', nowG: 0 },
      { id: 'honey', nowG: 0 },
      { id: 'wax', nowG: 1000 },
      { id: 'rinse', nowG: 900 },
    ];
    const sums = harvestSums(lots, flows);
    expect(sums).toEqual({ inG: 4450, waterG: 900, outG: 3400, lossG: 50, nowG: 1900 });
    expect(sums.inG + sums.waterG).toBe(sums.nowG + sums.outG + sums.lossG);
  });
});
