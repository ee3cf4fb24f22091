import { dateWords } from '../../units/dates.js';
import type { Health } from '../colonyState.js';
import type { CombFacts } from '../combFacts.js';
import { capitalised, lastKnownText, restsOn } from '../finding.js';
import type { Finding } from '../../records/vocabulary/verdict.js';

const ASK =
  "Ask the bee inspector; some brood diseases must be reported. Nothing of it is taken, given, sold or fed until a later healthy check or the inspector's word is noted.";

/**
 * Are the bees healthy it came from? A sick colony forbids, an unsure look asks first, never
 * checked only advises.
 */
export function healthy(facts: CombFacts): Finding {
  const health = worseOf(facts.colony.health, facts.comb.carriedHealth);
  const shelf = facts.rules.shelfDays.broodCheck;
  const base = {
    question: 'healthy' as const,
    rule: 'brood check',
    restsOn: health.on ? [restsOn('brood-check', health.on, facts.date, shelf)] : [],
  };
  const when = health.on ? ` on ${dateWords(health.on)}` : '';
  switch (health.state) {
    case 'sick':
      return {
        ...base,
        // Sick does not age away: only somebody's word ends it.
        restsOn: base.restsOn.map((r) => ({ ...r, stale: false })),
        answer: 'no',
        weight: 'forbids',
        sentence: `${sickWords(health)}${when}. ${ASK}`,
      };
    case 'unsure':
      return {
        ...base,
        restsOn: base.restsOn.map((r) => ({ ...r, stale: false })),
        answer: 'unknown',
        weight: 'decides',
        sentence: `The brood check${when} was not sure: have the brood looked at by somebody who knows before anything is taken.`,
      };
    case 'healthy':
      return base.restsOn.some((r) => r.stale)
        ? {
            ...base,
            answer: 'unknown',
            weight: 'advises',
            sentence: `${capitalised(lastKnownText('Health', health.on!))}: look at the brood again.`,
          }
        : {
            ...base,
            answer: 'yes',
            weight: 'notes',
            sentence: `The brood looked healthy${when}; no look shows that there is no disease.`,
          };
    case 'unknown':
      return {
        ...base,
        answer: 'unknown',
        weight: 'advises',
        sentence: 'The brood was never checked: look at it when the hive is open next.',
      };
  }
}

const sickWords = (health: Health): string =>
  health.by === 'brood-check' ? 'The brood looked sick' : 'Disease was found or suspected';

const GRAVITY: Record<Health['state'], number> = { sick: 3, unsure: 2, unknown: 1, healthy: 0 };
/** The graver of two; what nobody said of an earlier colony adds nothing. */
function worseOf(own: Health, carried: Health | null): Health {
  if (!carried || carried.state === 'unknown' || carried.state === 'healthy') return own;
  return GRAVITY[carried.state] > GRAVITY[own.state] ? carried : own;
}
