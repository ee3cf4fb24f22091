import { isStingless } from '../../hive/kinds.js';
import { seasonOf } from '../../hive/season.js';
import { daysToWinter, inWinter } from '../../rules/winter.js';
import { addDays, dateWords } from '../../units/dates.js';
import { type CombFacts } from '../combFacts.js';
import { restsOn } from '../finding.js';
import type { Finding } from '../../records/vocabulary/verdict.js';
import { counted } from '../../units/format.js';

/** Stingless pots are drawn once a year: so long after the last time. */
const YEAR_DAYS = 365;

/**
 * May honey be taken this season? Not from a colony in its first one; from stingless bees once a
 * year, well before winter.
 */
export function season(facts: CombFacts): Finding {
  const { colony, rules, date } = facts;
  if (isStingless(facts.kind) && !colony.dead) {
    const against = potsSeason(facts);
    if (against) return against;
  }
  const outside = outsideHarvest(facts);
  if (outside) return outside;
  const base = {
    question: 'season' as const,
    rule: 'first season',
    restsOn: colony.startedOn ? [restsOn('started', colony.startedOn, date)] : [],
  };
  const isFirst =
    colony.startedOn !== null &&
    colony.startedOn >= seasonOf(date, facts.hemisphere).startsOn &&
    !colony.dead;
  if (!isFirst)
    return {
      ...base,
      answer: 'yes',
      weight: 'notes',
      sentence: colony.startedAssumed
        ? 'Taken to be past its first season: nobody said since when it lives here.'
        : 'Nothing of the season speaks against it.',
    };
  if (rules.takeInFirstSeason)
    return {
      ...base,
      answer: 'yes',
      weight: 'advises',
      sentence: 'The colony is in its first season; your rules allow to take from it.',
    };
  return {
    ...base,
    answer: 'no',
    weight: 'decides',
    sentence: 'A colony in its first season keeps what it has; your rules say so.',
  };
}

/** First and last month of spring, by hemisphere. */
const SPRING = { north: ['03', '05'], south: ['09', '11'] } as const;

/** When the next spring begins, or today's has begun, YYYY-MM-DD. */
export function springFrom(date: string, hemisphere: CombFacts['hemisphere']): string {
  const [first, last] = SPRING[hemisphere];
  const year = Number(date.slice(0, 4));
  return date.slice(5, 7) > last ? `${year + 1}-${first}-01` : `${year}-${first}-01`;
}

/**
 * Whether the household harvests now at all, by its own school: once in spring, in the main flow,
 * or from dead colonies only. Null where nothing stands against it. Stingless bees have their own
 * year.
 */
function outsideHarvest(facts: CombFacts): Finding | null {
  const { colony, rules, date, hemisphere } = facts;
  if (colony.dead || isStingless(facts.kind)) return null;
  const no = (rule: string, sentence: string, rests: Finding['restsOn'] = []): Finding => ({
    question: 'season',
    answer: 'no',
    weight: 'decides',
    rule,
    restsOn: rests,
    sentence,
  });
  if (rules.harvestWhen === 'dead-outs')
    return no('dead colonies only', 'By your rule honey is taken from dead colonies only.');
  if (rules.harvestWhen === 'spring') {
    const from = springFrom(date, hemisphere);
    return from > date
      ? no(
          'once in spring',
          `By your rule once in spring, after the winter: from ${dateWords(from)}.`,
        )
      : null;
  }
  if (rules.harvestWhen === 'flow' && colony.flow?.flow === 'none')
    return no('in the main flow', 'By your rule in the main flow; a dearth was noted.', [
      restsOn('flow', colony.flow.on, date, rules.shelfDays.flow),
    ]);
  return null;
}

function potsSeason(facts: CombFacts): Finding | null {
  const { colony, rules, date, hemisphere, potsDrawnOn } = facts;
  const no = (rule: string, sentence: string, rests: Finding['restsOn'] = []): Finding => ({
    question: 'season',
    answer: 'no',
    weight: 'decides',
    rule,
    restsOn: rests,
    sentence,
  });
  if (colony.strength?.strength === 'weak')
    return no('none from a weak colony', 'The colony is weak: nothing is drawn from it.', [
      restsOn('strength', colony.strength.on, date, rules.shelfDays.strength),
    ]);
  if (inWinter(date, hemisphere, rules))
    return no('winter', 'It is winter: the pots are all they have.');
  const days = daysToWinter(date, hemisphere, rules);
  if (days < rules.potsWeeksBeforeWinter * 7)
    return no(
      `none within ${rules.potsWeeksBeforeWinter} weeks of winter`,
      `Winter begins in ${counted(days, 'day')}; by your rule nothing is drawn in the ${rules.potsWeeksBeforeWinter} weeks before it.`,
    );
  const again = potsDrawnOn && addDays(potsDrawnOn, YEAR_DAYS);
  if (again && again > date)
    return no(
      'once a year',
      `Drawn on ${dateWords(potsDrawnOn)}: once a year at most, so not before ${dateWords(again)}.`,
      [restsOn('harvest', potsDrawnOn, date)],
    );
  return null;
}
