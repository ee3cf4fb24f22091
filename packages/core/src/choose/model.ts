import { hiveKind } from '../hive/kinds.js';
import { HEADSPACE_SHARE } from '../rules/headspace.js';
import { type Block, takeBlocks, wayBlocks, waysOf } from './blocks.js';
import { type Market, marketOf, type Outcome, outcomeOf } from './outcome.js';
import { type TakingOrder, takingOrders } from './orders.js';
import type { ChooseQuestion, Household } from './question.js';
import type { ChoiceHive, ChoiceUnit } from './choiceUnits.js';
import { crushesComb, type Way } from '../records/vocabulary/ways.js';
import type { Say, SayValue } from '../say/say.js';
import { chooseSay } from './says.js';
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
  what: Say;
  /** So much of it, as it is said. */
  said: (much: number) => SayValue;
  atMost: number;
  /** One more of it, as it is had in life. */
  step: number;
  oneMore: Say;
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
  /** What is to be said of the question as a whole: stores below the need, prices missing. */
  notes: Say[];
  /** Units that their findings would let go, but the order of taking holds, hive by hive. */
  orderHeld: { hiveId: string; sentence: Say }[];
  /** Why a unit cannot go a way, by unit and way; '' stands for taking it at all. */
  blocks: (unit: number, way: Way | '') => Block[];
}

const isPriced = (household: Household): boolean => household.jars.some((j) => j.value > 0);

/** A limit in kilograms, in litres; of whole things the next one. */
const asKilograms = (kg: number): SayValue => ({ massG: kg * 1000, as: 'large' });
const asLitres = (volumeL: number): SayValue => ({ volumeL });
const wholeUp = (n: number): number => Math.ceil(n - 1e-9);

/** A limit on the hours of hands, but for how many there are and what uses them. */
export const HOURS_OF_HANDS = {
  kind: 'hours',
  what: chooseSay('choose.hands'),
  said: (hours: number): SayValue => ({ hours }),
  step: 1,
  oneMore: chooseSay('choose.one-more-hour'),
} satisfies Partial<Limit>;

/**
 * So much more of what a goal counts: money where the kit has prices, else honey; comb honey, time,
 * stores.
 */
export function gainSaid(
  gain: number,
  goal: ChooseQuestion['goal'],
  household: Household,
): SayValue {
  const mass: SayValue = { massG: gain * 1000, as: 'estimate' };
  if (goal === 'most-comb') return chooseSay('choose.gain.comb', { mass });
  if (goal === 'least-work') return { hours: gain / 60 };
  if (goal === 'most-left') return chooseSay('choose.gain.stores', { mass });
  if (!isPriced(household)) return chooseSay('choose.gain.honey', { mass });
  const rounded = Math.abs(gain) >= 20 ? Math.round(gain) : Math.round(gain * 10) / 10;
  return household.rules.currency
    ? { money: rounded }
    : chooseSay('choose.gain.worth', { amount: String(rounded) });
}

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
        what: chooseSay('choose.spare', { hive: hive.name }),
        said: asKilograms,
        atMost: Math.max(0, hive.storesLowKg - hive.winter.needKg) + ROUNDING_KG,
        step: 1,
        oneMore: chooseSay('choose.more-stores', { mass: asKilograms(1) }),
        uses: (o) => (mine(o) ? o.outcome.storesLowKg : 0),
      });
    if (rules.maxCombsPerHive !== null)
      limits.push({
        id: `combs:${hive.hiveId}`,
        kind: 'combs',
        what: chooseSay('choose.combs-at-a-time', { hive: hive.name }),
        said: (n) => chooseSay('choose.combs', { count: wholeUp(n) }),
        atMost: rules.maxCombsPerHive,
        step: 1,
        oneMore: chooseSay('choose.one-more-comb'),
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
      what: Say,
      roles: readonly VesselRole[],
      uses: Limit['uses'],
    ): void => {
      const there = room(roles);
      if (there)
        limits.push({
          id: kind,
          kind,
          what,
          said: asLitres,
          atMost: there.litres,
          step: there.largestL,
          oneMore: chooseSay('choose.one-more-vessel', { volume: asLitres(there.largestL) }),
          uses,
        });
    };
    add('tub', chooseSay('choose.tubs'), ['tub'], (o) => o.outcome.tubL);
    add('upper', chooseSay('choose.upper'), ['upper'], (o) =>
      crushesComb(o.way) && o.way !== 'press' ? o.outcome.crushedL : 0,
    );
    // What fills the lower bucket is drawn off into the settling vessel: both hold it together.
    add('out', chooseSay('choose.out'), ['lower', 'settling'], (o) => o.outcome.outL);
  }
  if (question.countFreezer && rules.freeze !== 'none' && rules.freezerL !== null)
    limits.push({
      id: 'freezer',
      kind: 'freezer',
      what: chooseSay('choose.freezer'),
      said: asLitres,
      atMost: rules.freezerL,
      step: 10,
      oneMore: chooseSay('choose.more-room', { volume: asLitres(10) }),
      uses: (o) => o.outcome.freezerL,
    });
  if (question.countStock) {
    if (market.piece)
      limits.push({
        id: 'pieces',
        kind: 'pieces',
        what: chooseSay('choose.piece-boxes'),
        said: (n) => chooseSay('choose.boxes', { count: wholeUp(n) }),
        atMost: market.piece.stock,
        step: 10,
        oneMore: chooseSay('choose.ten-more-boxes'),
        uses: (o) => o.outcome.pieces.high,
      });
    if (market.chunk)
      limits.push({
        id: 'chunk',
        kind: 'chunk',
        what: chooseSay('choose.chunk-jars'),
        said: (n) => chooseSay('choose.jars', { count: wholeUp(n) }),
        atMost: market.chunk.stock,
        step: 10,
        oneMore: chooseSay('choose.ten-more-jars'),
        uses: (o) => o.outcome.chunkJars.high,
      });
    if (market.jarsKg !== null)
      limits.push({
        id: 'jars',
        kind: 'jars',
        what: chooseSay('choose.stock'),
        said: asKilograms,
        atMost: market.jarsKg,
        step: (10 * market.jarG!) / 1000,
        oneMore: chooseSay('choose.ten-more-jars'),
        uses: (o) => o.outcome.honeyKg.mid,
        beyondCosts:
          question.goal === 'most-worth' && priced ? Math.max(0, market.honeyPerKg!) + 1e-3 : 0,
      });
  }
  if (question.handsHours !== null)
    limits.push({
      ...HOURS_OF_HANDS,
      id: 'hours',
      atMost: question.handsHours,
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
    const sentence = chooseSay('choose.order-holds', {
      units: { and: labels },
      count: labels.length,
    });
    return { hiveId, sentence };
  });
}

function notesOf(
  hives: readonly ChoiceHive[],
  question: ChooseQuestion,
  household: Household,
  market: Market,
): Say[] {
  const notes: Say[] = [];
  for (const hive of hives) {
    const { needKg } = hive.winter;
    if (needKg !== null && hive.storesLowKg < needKg)
      notes.push(
        chooseSay('choose.winter-short', {
          hive: hive.name,
          need: asKilograms(needKg),
          stores: asKilograms(hive.storesLowKg),
        }),
      );
    if (hive.dead) notes.push(chooseSay('choose.colony-gone', { hive: hive.name }));
  }
  if (!market.piece && hives.some((hive) => hiveKind(hive.kind).superPurpose === 'cut-comb'))
    notes.push(chooseSay('choose.no-boxes-yet'));
  if (question.goal === 'most-worth' && !isPriced(household))
    notes.push(chooseSay('choose.no-prices-yet'));
  if (market.honeyPerKg !== null && market.honeyPerKg < 0)
    notes.push(chooseSay('choose.jar-costs-more'));
  return notes;
}
