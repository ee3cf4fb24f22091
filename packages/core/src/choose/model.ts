import { hiveKind } from '../hive/kinds.js';
import { HEADSPACE_SHARE } from '../rules/headspace.js';
import { type Block, takeBlocks, wayBlocks, waysOf } from './blocks.js';
import { type Market, marketOf, type Outcome, outcomeOf } from './outcome.js';
import { type TakingOrder, takingOrders } from './orders.js';
import type { ChooseQuestion, Household } from './question.js';
import type { ChoiceHive, ChoiceUnit } from './choiceUnits.js';
import { crushesComb, type Way } from '../records/vocabulary/ways.js';
import type { VesselRole } from '../records/vocabulary/vessels.js';

/** One unit going one way, with what it is worth to the goal. */
export interface Option {
  unit: number;
  way: Way;
  value: number;
  outcome: Outcome;
}
/** Something there is only so much of. */
export interface Limit {
  id: string;
  kind:
    | 'winter'
    | 'combs'
    | 'tub'
    | 'upper'
    | 'out'
    | 'freezer'
    | 'pieces'
    | 'chunk'
    | 'jars'
    | 'hours';
  what: string;
  unit: string;
  atMost: number;
  /** One more of it, as it is had in life. */
  step: number;
  stepWords: string;
  uses: (option: Option) => number;
  /**
   * May be exceeded: what goes beyond costs the goal so much a unit. Honey without a jar waits in
   * the bucket and is worth nothing yet.
   */
  beyondCosts?: number;
}
export interface ChooseModel {
  hives: readonly ChoiceHive[];
  units: readonly ChoiceUnit[];
  options: Option[];
  limits: Limit[];
  /** Grams to reach, and what each option gives toward them. */
  amount: { needG: number; gives: (option: Option) => number; words: string } | null;
  /**
   * What goes before what: bars from the back, boxes from the top, no comb left alone beyond a gap.
   */
  orders: TakingOrder[];
  /** Units that are fixed: taken by one of their options, or left. */
  fixed: Map<number, 'take' | 'leave'>;
  market: Market;
  /**
   * Sentences about the question as a whole: stores below the need, a need not said, prices
   * missing.
   */
  notes: string[];
  /** Units that their findings would let go, but the order of taking holds, a sentence a hive. */
  orderHeld: { hiveId: string; sentence: string }[];
  /** Why a unit cannot go a way, by unit and way; '' stands for taking it at all. */
  blocks: (unit: number, way: Way | '') => Block[];
}

const isPriced = (household: Household): boolean => household.jars.some((j) => j.value > 0);

/**
 * What the worth of a set is counted in, for a goal: money where the kit has prices, else honey.
 */
export const valueUnit = (goal: ChooseQuestion['goal'], household: Household): string =>
  ({
    'most-worth': isPriced(household) ? household.rules.currency || 'of worth' : 'kg of honey',
    'most-comb': 'kg comb honey',
    'least-work': 'min',
    'most-left': 'kg of stores',
  })[goal];

/**
 * Worth of an option to the goal. The small parts settle ties the same way each time: more worth,
 * less work, earlier in the list.
 */
function valueOf(
  outcome: Outcome,
  goal: ChooseQuestion['goal'],
  place: number,
  priced: boolean,
): number {
  const tie = -1e-4 * outcome.handsOnMinutes.mid - 1e-6 * place;
  const kg = outcome.honeyKg.mid + outcome.combKg.mid;
  const worth = priced ? outcome.worth.mid + 1e-3 * kg : kg;
  if (goal === 'most-comb') return outcome.combKg.mid + 1e-3 * worth + tie;
  if (goal === 'least-work') return -outcome.handsOnMinutes.mid + 1e-3 * worth - 1e-6 * place;
  if (goal === 'most-left')
    return -outcome.storesLowKg - 1e-3 * outcome.handsOnMinutes.mid - 1e-6 * place;
  return worth + tie;
}

/** Worth of a set of options to the goal, less what exceeds a limit that may be exceeded. */
export function valueOfSet(model: ChooseModel, taken: readonly number[]): number {
  const beyond = model.limits.reduce(
    (cost, l) =>
      l.beyondCosts === undefined
        ? cost
        : cost +
          l.beyondCosts *
            Math.max(0, taken.reduce((sum, i) => sum + l.uses(model.options[i]), 0) - l.atMost),
    0,
  );
  return taken.reduce((sum, i) => sum + model.options[i].value, 0) - beyond;
}

/**
 * Less than a milligram is rounding, not honey: a solver cannot tell it from nothing, so no limit
 * stands that near to what there is.
 */
const ROUNDING_KG = 1e-6;

/**
 * The choice as a model: what each unit may become, what each way uses, how much there is. Hard
 * rules leave an option out; other rules leave it out unless the person pinned it. `ignoring` drops
 * one soft rule, to see what it costs. Sources: SCIENCE 4 and 7 through `outcomeOf`; winter by the
 * LOW estimate.
 */
export function chooseModel(
  hives: readonly ChoiceHive[],
  question: ChooseQuestion,
  household: Household,
  ignoring: string | null = null,
): ChooseModel {
  const { rules, vessels } = household;
  const market = marketOf(household.jars, rules);
  const priced = isPriced(household);
  const units = hives.flatMap((h) => h.units);
  const fixed = new Map<number, 'take' | 'leave'>();
  const options: Option[] = [];
  const blocks = (u: number, way: Way | ''): Block[] => {
    const unit = units[u];
    if (way !== '') return wayBlocks(unit, way, rules, market);
    return takeBlocks(unit);
  };
  units.forEach((unit, u) => {
    const pin = question.pins[unit.id];
    if (pin === 'leave') return void fixed.set(u, 'leave');
    const take = blocks(u, '').filter((b) => b.rule !== ignoring);
    if (take.some((b) => b.hard) || (take.length && pin === undefined)) return;
    const possible = waysOf(unit)
      .map((way) => ({ way, against: blocks(u, way).filter((b) => b.rule !== ignoring) }))
      .filter(({ against }) => !against.some((b) => b.hard));
    const free = possible.filter(({ against }) => !against.length);
    // What was pinned without saying how goes a way nothing stands against, if there is one.
    const taken = free.length ? free : possible;
    const pinned = pin === 'take' ? taken : possible.filter(({ way }) => way === pin);
    const ways = pin === undefined ? free : pinned;
    for (const { way } of ways) {
      const outcome = outcomeOf(unit, way, rules, market);
      if (outcome)
        options.push({
          unit: u,
          way,
          outcome,
          value: valueOf(outcome, question.goal, options.length, priced),
        });
    }
    if (pin !== undefined) fixed.set(u, 'take');
  });
  const limits: Limit[] = [];
  for (const hive of hives) {
    const mine = (o: Option): boolean => units[o.unit].hiveId === hive.hiveId;
    if (hive.winter.needKg !== null)
      limits.push({
        id: `winter:${hive.hiveId}`,
        kind: 'winter',
        what: `what ${hive.name} can spare`,
        unit: 'kg',
        atMost: Math.max(0, hive.storesLowKg - hive.winter.needKg) + ROUNDING_KG,
        step: 1,
        stepWords: '1 kg more in stores',
        uses: (o) => (mine(o) ? o.outcome.storesLowKg : 0),
      });
    if (rules.maxCombsPerHive !== null)
      limits.push({
        id: `combs:${hive.hiveId}`,
        kind: 'combs',
        what: `combs from ${hive.name} at a time`,
        unit: 'combs',
        atMost: rules.maxCombsPerHive,
        step: 1,
        stepWords: 'one more comb',
        uses: (o) => (mine(o) ? units[o.unit].combIds.length : 0),
      });
  }
  if (question.countVessels) {
    const room = (roles: readonly VesselRole[]): { litres: number; largestL: number } | null => {
      const list = vessels
        .filter((v) => roles.includes(v.role))
        .map((v) => v.volumeL * (1 - HEADSPACE_SHARE));
      return list.length
        ? { litres: list.reduce((a, b) => a + b, 0), largestL: Math.max(...list) }
        : null;
    };
    const add = (
      kind: 'tub' | 'upper' | 'out',
      what: string,
      roles: readonly VesselRole[],
      uses: Limit['uses'],
    ): void => {
      const there = room(roles);
      if (there)
        limits.push({
          id: kind,
          kind,
          what,
          unit: 'L',
          atMost: there.litres,
          step: there.largestL,
          stepWords: `one more of ${there.largestL.toFixed(0)} L`,
          uses,
        });
    };
    add('tub', 'tubs for comb', ['tub'], (o) => o.outcome.tubL);
    add('upper', 'buckets with holes', ['upper'], (o) =>
      crushesComb(o.way) && o.way !== 'press' ? o.outcome.crushedL : 0,
    );
    // What fills the lower bucket is drawn off into the settling vessel: both hold it together.
    add('out', 'buckets for the honey', ['lower', 'settling'], (o) => o.outcome.outL);
  }
  if (question.countFreezer && rules.freeze !== 'none' && rules.freezerL !== null)
    limits.push({
      id: 'freezer',
      kind: 'freezer',
      what: 'freezer',
      unit: 'L',
      atMost: rules.freezerL,
      step: 10,
      stepWords: '10 L more',
      uses: (o) => o.outcome.freezerL,
    });
  if (question.countStock) {
    if (market.piece)
      limits.push({
        id: 'pieces',
        kind: 'pieces',
        what: 'boxes for pieces',
        unit: 'boxes',
        atMost: market.piece.stock,
        step: 10,
        stepWords: '10 more boxes',
        uses: (o) => o.outcome.pieces.high,
      });
    if (market.chunk)
      limits.push({
        id: 'chunk',
        kind: 'chunk',
        what: 'jars for chunk',
        unit: 'jars',
        atMost: market.chunk.stock,
        step: 10,
        stepWords: '10 more jars',
        uses: (o) => o.outcome.chunkJars.high,
      });
    if (market.jarsKg !== null)
      limits.push({
        id: 'jars',
        kind: 'jars',
        what: 'jars in stock',
        unit: 'kg',
        atMost: market.jarsKg,
        step: (10 * market.jarG!) / 1000,
        stepWords: '10 more jars',
        uses: (o) => o.outcome.honeyKg.mid,
        beyondCosts:
          question.goal === 'most-worth' && priced ? Math.max(0, market.honeyPerKg!) + 1e-3 : 0,
      });
  }
  if (question.handsHours !== null)
    limits.push({
      id: 'hours',
      kind: 'hours',
      what: 'hours of hands',
      unit: 'h',
      atMost: question.handsHours,
      step: 1,
      stepWords: 'one more hour',
      uses: (o) => o.outcome.handsOnMinutes.mid / 60,
    });
  const orders = takingOrders(units, new Set(options.map((o) => o.unit)), fixed);
  return {
    hives,
    units,
    options,
    limits,
    amount: amountOf(question, household),
    orders,
    fixed,
    market,
    notes: notesOf(hives, question, household, market),
    orderHeld: orderHeld(units, orders),
    blocks,
  };
}

function amountOf(question: ChooseQuestion, household: Household): ChooseModel['amount'] {
  const jar = household.jars.find((j) => j.id === question.amount?.jarKindId);
  if (!question.amount || !jar) return null;
  const { count, withinHours } = question.amount;
  const grams = (o: Option): number => {
    if (jar.purpose === 'piece') return o.outcome.pieces.low * jar.netG;
    if (jar.purpose === 'chunk') return o.outcome.chunkJars.low * jar.netG;
    return o.outcome.honeyKg.low * 1000;
  };
  // What is not ready in time, at the slow edge, gives nothing toward the amount.
  return {
    needG: count * jar.netG,
    words: `${count} × ${jar.name}`,
    gives: (o) =>
      withinHours !== null && o.outcome.elapsedHours.high > withinHours ? 0 : grams(o),
  };
}

/**
 * Units that may be taken by their findings but are held by the order of taking: said, with the way
 * round it.
 */
function orderHeld(
  units: readonly ChoiceUnit[],
  orders: readonly TakingOrder[],
): ChooseModel['orderHeld'] {
  const stuck = [...new Set(orders.filter((o) => !o.needs.length).map((o) => units[o.unit]))];
  const hiveIds = [...new Set(stuck.map((unit) => unit.hiveId))];
  return hiveIds.map((hiveId) => {
    const labels = stuck.filter((unit) => unit.hiveId === hiveId).map((unit) => unit.label);
    const one = labels.length === 1;
    return {
      hiveId,
      sentence: `${labels.join(', ')} may be taken, but ${one ? 'stands' : 'stand'} under or between what stays: no box goes from under an unripe one, no comb is left alone beyond a gap. Touch ${one ? 'it' : 'one'} to take it all the same.`,
    };
  });
}

function notesOf(
  hives: readonly ChoiceHive[],
  question: ChooseQuestion,
  household: Household,
  market: Market,
): string[] {
  const notes: string[] = [];
  for (const hive of hives) {
    const { needKg } = hive.winter;
    if (needKg !== null && hive.storesLowKg < needKg)
      notes.push(
        `${hive.name}: the winter needs ${needKg.toFixed(1)} kg, all that was read holds ${hive.storesLowKg.toFixed(1)} kg counted low. Nothing is theirs to give.`,
      );
    if (hive.dead) notes.push(`${hive.name}: the colony is gone, no winter is counted.`);
  }
  if (!market.piece && hives.some((hive) => hiveKind(hive.kind).superPurpose === 'cut-comb'))
    notes.push('No boxes for pieces in the kit yet: none of it is cut until you say which.');
  if (question.goal === 'most-worth' && !isPriced(household))
    notes.push('No prices in the kit yet: worth is counted by weight.');
  if (market.honeyPerKg !== null && market.honeyPerKg < 0)
    notes.push('A jar costs more than it is worth: honey in jars counts as a loss.');
  return notes;
}
