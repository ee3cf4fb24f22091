import { calcSay } from '../calcSays.js';
import { entryOf } from '../units/known.js';
import { keyOnly, type Say, type Speak } from '../say/say.js';
import { BadInput } from '../badInput.js';

export interface BookLot {
  id: string;
  kind: string;
  openingG?: number;
}
export interface BookFlow {
  id?: string;
  from: string;
  to: string;
  g: number;
  at: string;
  voids?: string;
  reason?: string;
}
export interface BookInput {
  lots: BookLot[];
  flows: BookFlow[];
}
export interface BookProblem {
  code: 'overdrawn' | 'unknown-lot' | 'negative';
  lot: string;
  message: Say;
}
export interface MassBalance {
  lots: { id: string; inG: number; outG: number; nowG: number }[];
  lossG: number;
  balanced: boolean;
  problems: BookProblem[];
}

/**
 * The flows that count: without any flow that is voided and without any that voids.
 *
 * @throws {BadInput} for a void of an unknown flow, of itself or of another void, for from = to,
 * and for a flow that touches no lot.
 */
export function flowsInForce(flows: readonly BookFlow[]): BookFlow[] {
  const byId = new Map(
    flows.flatMap((flow) => (flow.id === undefined ? [] : [[flow.id, flow] as const])),
  );
  const voided = new Set<string>();
  flows.forEach((flow, i) => {
    if (flow.from === flow.to)
      throw new BadInput(calcSay('calc.flow-between-places'), `flows[${i}].to`);
    if (flow.from === 'outside' && (flow.to === 'outside' || flow.to === 'loss'))
      throw new BadInput(calcSay('calc.flow-touches-lot'), `flows[${i}]`);
    if (flow.voids === undefined) return;
    const target = byId.get(flow.voids);
    if (!target)
      throw new BadInput(
        calcSay('calc.no-flow-to-void', { flow: flow.voids }),
        `flows[${i}].voids`,
      );
    if (target === flow) throw new BadInput(calcSay('calc.void-itself'), `flows[${i}].voids`);
    if (target.voids !== undefined)
      throw new BadInput(calcSay('calc.void-of-void'), `flows[${i}].voids`);
    voided.add(flow.voids);
  });
  return flows.filter(
    (flow) => flow.voids === undefined && !(flow.id !== undefined && voided.has(flow.id)),
  );
}

/**
 * Double-entry balance of the book, in whole grams. Gives each lot's in, out and now, what was
 * lost, and every problem: a lot drawn below zero at any instant (flows of one instant count
 * together, inflows first), a lot nobody opened, a negative mass. `balanced`: no problem, and
 * opening + from outside = now + to outside + loss, to the gram.
 *
 * @example
 * const lots = [{ id: 'comb', kind: 'comb' }];
 * const flow = { from: 'outside', to: 'comb', g: 4200, at: '2026-03-14T12:00:00Z' };
 * bookBalance({ lots, flows: [flow] }).lots[0].nowG; // 4200
 */
export function bookBalance(input: BookInput): MassBalance {
  const flows = flowsInForce(input.flows);
  const known = new Map(
    input.lots.map((lot) => [lot.id, { id: lot.id, inG: 0, outG: 0, openingG: lot.openingG ?? 0 }]),
  );
  const problems: BookProblem[] = [];
  for (const lot of input.lots) {
    if ((lot.openingG ?? 0) < 0)
      problems.push({
        code: 'negative',
        lot: lot.id,
        message: calcSay('calc.opens-negative', { lot: lot.id }),
      });
  }
  const unknown = new Set<string>();
  let lossG = 0;
  let fromOutsideG = 0;
  let toOutsideG = 0;
  for (const { from, to, g } of flows) {
    if (g < 0)
      problems.push({
        code: 'negative',
        lot: known.has(from) ? from : to,
        message: calcSay('calc.flow-negative', { from, to, g }),
      });
    for (const end of [from, to])
      if (end !== 'outside' && end !== 'loss' && !known.has(end)) unknown.add(end);
    if (from === 'outside') fromOutsideG += g;
    else if (known.has(from)) entryOf(known, from).outG += g;
    if (to === 'outside') toOutsideG += g;
    else if (to === 'loss') lossG += g;
    else if (known.has(to)) entryOf(known, to).inG += g;
  }
  for (const lot of unknown)
    problems.push({
      code: 'unknown-lot',
      lot,
      message: calcSay('calc.flow-names-no-lot', { lot }),
    });
  problems.push(...overdrafts(input.lots, flows));

  const lots = [...known.values()].map(({ id, inG, outG, openingG }) => ({
    id,
    inG,
    outG,
    nowG: openingG + inG - outG,
  }));
  const openingG = [...known.values()].reduce((sum, lot) => sum + lot.openingG, 0);
  const nowG = lots.reduce((sum, lot) => sum + lot.nowG, 0);
  const balanced = problems.length === 0 && openingG + fromOutsideG === nowG + toOutsideG + lossG;
  return { lots, lossG, balanced, problems };
}

/**
 * The calculator: the balance of the book, its problems told by `speak`.
 *
 * @example
 * const lots = [{ id: 'comb', kind: 'comb' }];
 * const flow = { from: 'outside', to: 'comb', g: 4200, at: '2026-03-14T12:00:00Z' };
 * massBalance({ lots, flows: [flow] }).lots[0].nowG; // 4200
 */
export function massBalance(input: BookInput, speak: Speak = keyOnly) {
  const { problems, ...balance } = bookBalance(input);
  return {
    ...balance,
    problems: problems.map(({ message, ...problem }) => ({ ...problem, message: speak(message) })),
  };
}

/** One problem per lot that was ever drawn below zero, at the first instant it happened. */
function overdrafts(lots: readonly BookLot[], flows: readonly BookFlow[]): BookProblem[] {
  const instants = new Map<number, { at: string; change: Map<string, number> }>();
  for (const { from, to, g, at } of flows) {
    const time = Date.parse(at);
    const entry = instants.get(time) ?? { at, change: new Map<string, number>() };
    entry.change.set(from, (entry.change.get(from) ?? 0) - g);
    entry.change.set(to, (entry.change.get(to) ?? 0) + g);
    instants.set(time, entry);
  }
  const held = new Map(lots.map((lot) => [lot.id, lot.openingG ?? 0]));
  const found = new Map<string, BookProblem>();
  for (const time of [...instants.keys()].sort((a, b) => a - b)) {
    const { at, change } = entryOf(instants, time);
    for (const [lot, delta] of change) {
      if (!held.has(lot)) continue;
      const now = entryOf(held, lot) + delta;
      held.set(lot, now);
      if (now < 0 && !found.has(lot))
        found.set(lot, {
          code: 'overdrawn',
          lot,
          message: calcSay('calc.overdrawn', { at, g: -now, lot }),
        });
    }
  }
  return [...found.values()];
}
