import { endOf } from '../../units/known.js';
import { dateWords, daysBetween } from '../../units/dates.js';
import type { ColonyState } from '../colonyState.js';
import type { CombFacts } from '../combFacts.js';
import { capitalised, restsOn } from '../finding.js';
import type { Finding } from '../../records/vocabulary/verdict.js';
import { counted } from '../../units/format.js';

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
    rule: 'waiting time',
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
      sentence: `No comb from a treated colony: ${named(waiting)}, its waiting time of ${counted(waiting.waitDays, 'day')} ends ${dateWords(waiting.waitUntil)}.`,
    };
  const barred = present.find((t) => t.supersOn === 'no');
  if (barred)
    return {
      ...base,
      rule: 'leaflet: no honey supers on',
      answer: 'yes',
      weight: 'forbids',
      sentence: `This comb hung there during ${named(barred)}, whose leaflet allows no honey comb in the hive: it is not taken for honey.`,
    };
  const unread = present.find((t) => t.supersOn === 'unknown');
  if (unread)
    return {
      ...base,
      rule: 'leaflet not read',
      answer: 'unknown',
      weight: 'decides',
      sentence: `This comb hung there during ${named(unread)}: read the leaflet, whether honey supers may be on, and note it.`,
    };
  if (present.length)
    return {
      ...base,
      answer: 'no',
      weight: 'notes',
      sentence: `${capitalised(named(endOf(present)))}: the leaflet allows supers on, as you noted, and the waiting time is over.`,
    };
  return {
    ...base,
    answer: 'no',
    weight: 'notes',
    sentence: facts.colony.treatments.length
      ? 'Built after the waiting time of every treatment noted.'
      : 'No treatment is noted.',
  };
}

const named = (t: Treatment): string => `${t.product} on ${dateWords(t.on)}`;
