import type { ColonyFact, DatedFact } from '../records/colony.js';
import type { SupersOn } from '../records/vocabulary/colony.js';
import type { HouseRules } from '../records/houseRules.js';
import { DEFAULT_RULES } from '../records/defaultRules.js';
import { addDays, daysBetween } from '../units/dates.js';

type FactOf<K extends ColonyFact['kind']> = Extract<ColonyFact, { kind: K }>;
type Dated<K extends ColonyFact['kind']> = FactOf<K> & { on: string };
export type ShelfDays = HouseRules['shelfDays'];

/**
 * Whether the bees are healthy as far as anybody said. Sick stays sick until a healthy look or an
 * inspector's word.
 */
export interface Health {
  state: 'healthy' | 'unsure' | 'sick' | 'unknown';
  on: string | null;
  by: 'brood-check' | 'inspector' | 'death' | null;
}

/** Facts that lose their worth with time, by the name of their shelf life in the rules. */
interface AgingFacts {
  queen: Dated<'queen'> | null;
  temper: Dated<'temper'> | null;
  strength: Dated<'strength'> | null;
  flow: Dated<'flow'> | null;
  broodCheck: Dated<'brood-check'> | null;
  bloom: Dated<'bloom'> | null;
  tilt: Dated<'tilt'> | null;
}

/**
 * What is known of a colony on a date. Unknown stays null and never reads as 'yes'; what is older
 * than its shelf life is unknown too.
 */
export interface ColonyState extends AgingFacts {
  startedOn: string | null;
  /** Nobody said since when: the date is taken, not told. */
  startedAssumed: boolean;
  dead: boolean;
  /** What was found when the colony was gone; null while the checklist is unanswered. */
  death: Dated<'death'> | null;
  health: Health;
  nest: Dated<'nest'> | null;
  excluder: Dated<'excluder'> | null;
  entrance: Dated<'entrance'> | null;
  reserved: Dated<'reserved-super'> | null;
  gap: Dated<'gap'> | null;
  floor: Dated<'floor'> | null;
  treatments: (Dated<'treatment'> & { waitUntil: string; supersOn: SupersOn })[];
  feedings: Dated<'feeding'>[];
  syrupWord: Dated<'syrup-word'> | null;
  /** Every flow noted, from old to new, whatever its age. */
  flows: Dated<'flow'>[];
  /** Every weight of the whole hive, from old to new. */
  weights: Dated<'hive-weight'>[];
  risksRead: string[];
  /** The latest of each fact that ages, whatever its age: for 'unknown, last known 12 Jan 2023'. */
  lastKnown: AgingFacts;
}

/**
 * The health that dated facts tell of: sick until a later healthy look or an inspector's word, an
 * inspector's 'disease' until an inspector says otherwise. Takes facts in the order of their dates.
 */
export function healthOf(facts: readonly DatedFact[]): Health {
  let health: Health = { state: 'unknown', on: null, by: null };
  for (const { fact, on } of facts) {
    const said = healthSaid(fact);
    if (!said) continue;
    const heldByInspector =
      health.state === 'sick' && health.by !== 'brood-check' && said.by === 'brood-check';
    const unsureAfterSick = health.state === 'sick' && said.state === 'unsure';
    if (heldByInspector || unsureAfterSick) continue;
    health = { ...said, on };
  }
  return health;
}

function healthSaid(fact: ColonyFact): Pick<Health, 'state' | 'by'> | null {
  if (fact.kind === 'brood-check') return { state: fact.result, by: 'brood-check' };
  if (fact.kind === 'inspector')
    return { state: fact.said === 'disease' ? 'sick' : 'healthy', by: 'inspector' };
  if (fact.kind !== 'death') return null;
  if (fact.word === 'no-disease') return { state: 'healthy', by: 'inspector' };
  const sick = fact.word === 'disease' || fact.causes.includes('foulbrood');
  return sick ? { state: 'sick', by: 'death' } : null;
}

/**
 * What the facts written so far say of the colony on `date` (YYYY-MM-DD): the latest of each kind,
 * all treatments and feedings. Facts dated later do not count yet; facts older than their shelf
 * life are unknown and stand only under `lastKnown`.
 */
export function colonyState(
  startedOn: string | null,
  facts: readonly DatedFact[],
  date: string,
  shelfDays: ShelfDays = DEFAULT_RULES.shelfDays,
): ColonyState {
  const past = facts.filter((f) => f.on <= date).sort((a, b) => a.on.localeCompare(b.on));
  const all = <K extends ColonyFact['kind']>(kind: K): Dated<K>[] =>
    past.flatMap((f) => (f.fact.kind === kind ? [{ ...(f.fact as FactOf<K>), on: f.on }] : []));
  const last = <K extends ColonyFact['kind']>(kind: K): Dated<K> | null => all(kind).at(-1) ?? null;
  const lastKnown: AgingFacts = {
    queen: last('queen'),
    temper: last('temper'),
    strength: last('strength'),
    flow: last('flow'),
    broodCheck: last('brood-check'),
    bloom: last('bloom'),
    tilt: last('tilt'),
  };
  const fresh = <K extends keyof AgingFacts>(key: K): AgingFacts[K] => {
    const fact = lastKnown[key];
    return fact && daysBetween(fact.on, date) <= shelfDays[key] ? fact : null;
  };
  const moved = last('moved');
  const tilt = fresh('tilt');
  return {
    startedOn,
    startedAssumed: false,
    dead: last('alive')?.alive === false,
    death: last('death'),
    health: healthOf(past.filter((f) => f.fact.kind !== 'death')),
    queen: fresh('queen'),
    temper: fresh('temper'),
    strength: fresh('strength'),
    flow: flowNow(fresh('flow'), date),
    broodCheck: fresh('broodCheck'),
    nest: last('nest'),
    excluder: last('excluder'),
    entrance: last('entrance'),
    reserved: last('reserved-super'),
    gap: last('gap'),
    floor: last('floor'),
    // A level means nothing once the hive or its stand was moved.
    tilt: tilt && moved && moved.on > tilt.on ? null : tilt,
    bloom: fresh('bloom'),
    treatments: lastSaid(all('treatment')).map((t) => ({
      ...t,
      supersOn: t.supersOn ?? 'unknown',
      waitUntil: addDays(t.on, t.waitDays),
    })),
    feedings: all('feeding'),
    syrupWord: last('syrup-word'),
    flows: all('flow'),
    weights: all('hive-weight'),
    risksRead: all('risks-read').map((r) => r.of),
    lastKnown,
  };
}

/**
 * A treatment noted again for the same day, with what its leaflet says, replaces what was said of
 * it before.
 */
function lastSaid(treatments: readonly Dated<'treatment'>[]): Dated<'treatment'>[] {
  const key = (t: Dated<'treatment'>): string => `${t.on} ${t.product.toLowerCase()}`;
  return [...new Map(treatments.map((t) => [key(t), t])).values()];
}

/** A flow whose end was named is over after it; what follows is not known until somebody says. */
function flowNow(fresh: Dated<'flow'> | null, date: string): Dated<'flow'> | null {
  const over = fresh && fresh.flow !== 'none' && fresh.endsOn !== null && fresh.endsOn < date;
  return over ? null : fresh;
}
