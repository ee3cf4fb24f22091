import { isStingless } from '../../hive/kinds.js';
import { seasonOf } from '../../hive/season.js';
import { daysToWinter, inWinter } from '../../rules/winter.js';
import type { Say } from '../../say/say.js';
import { addDays } from '../../units/dates.js';
import { type CombFacts } from '../combFacts.js';
import { asDate, restsOn } from '../finding.js';
import { lookSay } from '../says.js';
import type { Finding } from '../../records/vocabulary/verdict.js';

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
    rule: lookSay('look.season.rule-first'),
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
        ? lookSay('look.season.taken-to-be-past')
        : lookSay('look.season.nothing-against'),
    };
  if (rules.takeInFirstSeason)
    return {
      ...base,
      answer: 'yes',
      weight: 'advises',
      sentence: lookSay('look.season.first-allowed'),
    };
  return {
    ...base,
    answer: 'no',
    weight: 'decides',
    sentence: lookSay('look.season.first-keeps'),
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
  const no = (rule: Say, sentence: Say, rests: Finding['restsOn'] = []): Finding => ({
    question: 'season',
    answer: 'no',
    weight: 'decides',
    rule,
    restsOn: rests,
    sentence,
  });
  if (rules.harvestWhen === 'dead-outs')
    return no(lookSay('look.season.rule-dead'), lookSay('look.season.dead-only'));
  if (rules.harvestWhen === 'spring') {
    const from = springFrom(date, hemisphere);
    return from > date
      ? no(
          lookSay('look.season.rule-spring'),
          lookSay('look.season.spring', { from: asDate(from) }),
        )
      : null;
  }
  if (rules.harvestWhen === 'flow' && colony.flow?.flow === 'none')
    return no(lookSay('look.season.rule-flow'), lookSay('look.season.flow'), [
      restsOn('flow', colony.flow.on, date, rules.shelfDays.flow),
    ]);
  return null;
}

function potsSeason(facts: CombFacts): Finding | null {
  const { colony, rules, date, hemisphere, potsDrawnOn } = facts;
  const no = (rule: Say, sentence: Say, rests: Finding['restsOn'] = []): Finding => ({
    question: 'season',
    answer: 'no',
    weight: 'decides',
    rule,
    restsOn: rests,
    sentence,
  });
  if (colony.strength?.strength === 'weak')
    return no(lookSay('look.season.rule-weak'), lookSay('look.season.weak'), [
      restsOn('strength', colony.strength.on, date, rules.shelfDays.strength),
    ]);
  if (inWinter(date, hemisphere, rules))
    return no(lookSay('look.season.rule-winter'), lookSay('look.season.winter'));
  const days = daysToWinter(date, hemisphere, rules);
  if (days < rules.potsWeeksBeforeWinter * 7)
    return no(
      lookSay('look.season.rule-before-winter', { weeks: rules.potsWeeksBeforeWinter }),
      lookSay('look.season.before-winter', { days, weeks: rules.potsWeeksBeforeWinter }),
    );
  const again = potsDrawnOn && addDays(potsDrawnOn, YEAR_DAYS);
  if (again && again > date)
    return no(
      lookSay('look.season.rule-yearly'),
      lookSay('look.season.yearly', {
        on: asDate(potsDrawnOn),
        from: asDate(again),
      }),
      [restsOn('harvest', potsDrawnOn, date)],
    );
  return null;
}
