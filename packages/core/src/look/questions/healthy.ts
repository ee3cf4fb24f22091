import { sure } from '../../units/known.js';
import { together, type Say } from '../../say/say.js';
import type { Health } from '../colonyState.js';
import type { CombFacts } from '../combFacts.js';
import { asDate, restsOn } from '../finding.js';
import { lookSay } from '../says.js';
import type { Finding } from '../../records/vocabulary/verdict.js';

/**
 * Are the bees healthy it came from? A sick colony forbids, an unsure look asks first, never
 * checked only advises.
 */
export function healthy(facts: CombFacts): Finding {
  const health = worseOf(facts.colony.health, facts.comb.carriedHealth);
  const shelf = facts.rules.shelfDays.broodCheck;
  const base = {
    question: 'healthy' as const,
    rule: lookSay('look.healthy.rule'),
    restsOn: health.on ? [restsOn('brood-check', health.on, facts.date, shelf)] : [],
  };
  switch (health.state) {
    case 'sick':
      return {
        ...base,
        // Sick does not age away: only somebody's word ends it.
        restsOn: base.restsOn.map((r) => ({ ...r, stale: false })),
        answer: 'no',
        weight: 'forbids',
        sentence: together(sickSaid(health), lookSay('look.healthy.ask')),
      };
    case 'unsure':
      return {
        ...base,
        restsOn: base.restsOn.map((r) => ({ ...r, stale: false })),
        answer: 'unknown',
        weight: 'decides',
        sentence: onDay('unsure', health),
      };
    case 'healthy':
      return base.restsOn.some((r) => r.stale)
        ? {
            ...base,
            answer: 'unknown',
            weight: 'advises',
            sentence: lookSay('look.healthy.last-known', {
              on: asDate(sure(health.on, 'broodCheck.on')),
            }),
          }
        : {
            ...base,
            answer: 'yes',
            weight: 'notes',
            sentence: onDay('healthy', health),
          };
    case 'unknown':
      return {
        ...base,
        answer: 'unknown',
        weight: 'advises',
        sentence: lookSay('look.healthy.never-checked'),
      };
  }
}

const sickSaid = (health: Health): Say =>
  onDay(health.by === 'brood-check' ? 'sick' : 'disease', health);

/** What was found, with its day where it is known. */
const onDay = (what: 'sick' | 'disease' | 'unsure' | 'healthy', { on }: Health): Say =>
  on
    ? lookSay(`look.healthy.${what}`, { on: asDate(on) })
    : lookSay(`look.healthy.${what}-some-day`);

const GRAVITY: Record<Health['state'], number> = { sick: 3, unsure: 2, unknown: 1, healthy: 0 };
/** The graver of two; what nobody said of an earlier colony adds nothing. */
function worseOf(own: Health, carried: Health | null): Health {
  if (!carried || carried.state === 'unknown' || carried.state === 'healthy') return own;
  return GRAVITY[carried.state] > GRAVITY[own.state] ? carried : own;
}
