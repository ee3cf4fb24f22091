import { endOf } from '../../units/known.js';
import { daysBetween } from '../../units/dates.js';
import type { ColonyState } from '../colonyState.js';
import type { CombFacts } from '../combFacts.js';
import { asDate, restsOn } from '../finding.js';
import { lookSay } from '../says.js';
import type { Finding } from '../../records/vocabulary/verdict.js';

type Treatment = ColonyState['treatments'][number];

/**
 * The treatment whose waiting time is not over on `date`, the last to end where several run; null
 * where none does.
 */
export function waitingTreatment(colony: ColonyState, date: string): Treatment | null {
  const waiting = colony.treatments.filter((t) => t.waitUntil > date);
  return waiting.sort((a, b) => b.waitUntil.localeCompare(a.waitUntil))[0] ?? null;
}

/**
 * Treatments the comb was present for: all that were not over when it was built. A comb of unknown
 * age counts as present.
 */
export function treatmentsOf(facts: CombFacts): Treatment[] {
  const { builtOn } = facts.comb;
  return facts.colony.treatments.filter((t) => builtOn === null || builtOn <= t.waitUntil);
}

/**
 * Does a treatment bar this comb? By its waiting time, and by what its leaflet says of comb that
 * hung there.
 */
export function treated(facts: CombFacts): Finding {
  const { date } = facts;
  const present = treatmentsOf(facts);
  const base = {
    question: 'treated' as const,
    rule: lookSay('look.treated.rule'),
    restsOn: present.map((t) => restsOn('treatment', t.on, date)),
  };
  const waiting = waitingTreatment({ ...facts.colony, treatments: present }, date);
  if (waiting)
    return {
      ...base,
      answer: 'yes',
      weight: 'forbids',
      measured: daysBetween(date, waiting.waitUntil),
      limit: 0,
      unit: 'days',
      sentence: lookSay('look.treated.waiting', {
        ...named(waiting),
        days: waiting.waitDays,
        until: asDate(waiting.waitUntil),
      }),
    };
  const barred = present.find((t) => t.supersOn === 'no');
  if (barred)
    return {
      ...base,
      rule: lookSay('look.treated.rule-supers'),
      answer: 'yes',
      weight: 'forbids',
      sentence: lookSay('look.treated.barred', named(barred)),
    };
  const unread = present.find((t) => t.supersOn === 'unknown');
  if (unread)
    return {
      ...base,
      rule: lookSay('look.treated.rule-unread'),
      answer: 'unknown',
      weight: 'decides',
      sentence: lookSay('look.treated.unread', named(unread)),
    };
  if (present.length)
    return {
      ...base,
      answer: 'no',
      weight: 'notes',
      sentence: lookSay('look.treated.allowed', named(endOf(present))),
    };
  return {
    ...base,
    answer: 'no',
    weight: 'notes',
    sentence: facts.colony.treatments.length
      ? lookSay('look.treated.built-after')
      : lookSay('look.treated.none'),
  };
}

const named = (t: Treatment): { product: string; on: { date: string } } => ({
  product: t.product,
  on: asDate(t.on),
});
