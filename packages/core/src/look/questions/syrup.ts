import { endOf } from '../../units/known.js';
import { isStingless } from '../../hive/kinds.js';
import { filledShare } from '../../comb/contents.js';
import { together, type Say } from '../../say/say.js';
import { addDays, daysBetween } from '../../units/dates.js';
import type { ColonyState } from '../colonyState.js';
import { type CombFacts, type SidesSeen } from '../combFacts.js';
import { asDate, restsOn } from '../finding.js';
import { lookSay } from '../says.js';
import type { Finding } from '../../records/vocabulary/verdict.js';

type Feeding = ColonyState['feedings'][number];

/** Comb built within so many days of a feeding was built and filled from it (a starting value). */
const BUILT_FROM_DAYS = 30;
/**
 * A brood cycle of the honeybee, egg to worker: what is fed is used up for it while a flow comes
 * in.
 */
const BROOD_CYCLE_DAYS = 21;
/** Less room or gain than this is the eye's own error. */
const EYE = 0.03;
/** A face with less honey than this was empty. */
const EMPTY = 0.02;
/**
 * Stores that one litre fed can at most become, kg at 18 % water: syrup of 1 part sugar to 1 of
 * water (50 °Brix, 1.23 kg/L) to 2 to 1 (67 °Brix, 1.33 kg/L), sugar over 0.82; fondant about 1.4
 * kg/L at nine tenths sugar.
 */
const STORES_PER_LITRE = {
  syrup: { low: (1.23 * 0.5) / 0.82, high: (1.33 * 0.67) / 0.82 },
  fondant: { low: (1.35 * 0.88) / 0.82, high: (1.4 * 0.92) / 0.82 },
};

/**
 * May it hold what was fed? Yes for comb filled since: it had room then and gained, or was built
 * within a month.
 */
export function syrup(facts: CombFacts): Finding {
  const feedings = facts.colony.feedings;
  const suspects = feedings.map((f) => ({ feeding: f, says: aboutFeeding(f, facts) }));
  const held = suspects.filter((s) => s.says.answer === 'yes');
  const open = suspects.filter((s) => s.says.answer === 'unknown');
  const base = {
    question: 'syrup' as const,
    rule: lookSay('look.syrup.rule'),
    restsOn: feedings.map((f) => restsOn('feeding', f.on, facts.date)),
  };
  if (held.length)
    return {
      ...base,
      answer: 'yes',
      weight: 'decides',
      sentence: together(
        fedSaid(feedingsOf(held)),
        held[0].says.why,
        lookSay('look.syrup.may-hold'),
        mostSaid(feedingsOf(held)),
      ),
    };
  if (open.length)
    return {
      ...base,
      answer: 'unknown',
      weight: 'decides',
      sentence: together(fedSaid(feedingsOf(open)), open[0].says.why, mostSaid(feedingsOf(open))),
    };
  return {
    ...base,
    answer: 'no',
    weight: 'notes',
    sentence: suspects.length
      ? together(fedSaid(feedings), endOf(suspects).says.why)
      : lookSay('look.syrup.none'),
  };
}

interface Says {
  answer: 'yes' | 'no' | 'unknown';
  why: Say;
}
const says = (answer: Says['answer'], why: Say): Says => ({ answer, why });

function aboutFeeding(feeding: Feeding, facts: CombFacts): Says {
  const { comb, colony } = facts;
  if (colony.syrupWord && colony.syrupWord.on >= feeding.on)
    return says(
      'no',
      lookSay('look.syrup.cleared', {
        on: asDate(colony.syrupWord.on),
        reason: colony.syrupWord.reason,
      }),
    );
  const since = looksAfter(facts, feeding.on);
  if (since.some((look) => isEmpty(look.sides)))
    return says('no', lookSay('look.syrup.empty-since'));
  if (comb.builtOn !== null && comb.builtOn > addDays(feeding.on, BUILT_FROM_DAYS))
    return says(
      'no',
      lookSay('look.syrup.built-later', { on: asDate(comb.builtOn), days: BUILT_FROM_DAYS }),
    );
  const built =
    comb.builtOn !== null && comb.builtOn >= feeding.on
      ? says('yes', lookSay('look.syrup.built-from-it', { days: BUILT_FROM_DAYS }))
      : filledSince(feeding, facts, since);
  if (built.answer !== 'no' && usedUp(feeding, facts, since))
    return says('no', lookSay('look.syrup.used-up'));
  return built;
}

/** Whether a comb that hung there was filled since the feeding, by the looks before and after. */
function filledSince(
  feeding: Feeding,
  facts: CombFacts,
  since: readonly { on: string; sides: SidesSeen }[],
): Says {
  const before = looksOf(facts)
    .filter((look) => look.on <= feeding.on)
    .at(-1);
  const now = since.at(-1);
  if (!before) return says('unknown', lookSay('look.syrup.nobody-looked'));
  if (!hadRoom(before.sides)) return says('no', lookSay('look.syrup.was-full'));
  if (!now) return says('unknown', lookSay('look.syrup.not-looked-since'));
  const gain = gainBetween(before.sides, now.sides);
  if (gain === null) return says('unknown', lookSay('look.syrup.different-sides'));
  return gain > EYE
    ? says('yes', lookSay('look.syrup.gained'))
    : says('no', lookSay('look.syrup.did-not-gain'));
}

/**
 * A flow noted since and a brood cycle gone by, unless a look within that cycle had seen the comb
 * gain.
 */
function usedUp(
  feeding: Feeding,
  facts: CombFacts,
  since: readonly { on: string; sides: SidesSeen }[],
): boolean {
  const over = addDays(feeding.on, BROOD_CYCLE_DAYS);
  const flow = facts.colony.flows.some((f) => f.on > feeding.on && f.flow !== 'none');
  if (!flow || facts.date < over) return false;
  const before = looksOf(facts)
    .filter((look) => look.on <= feeding.on)
    .at(-1);
  return !since.some(
    (look) =>
      look.on < over && before !== undefined && (gainBetween(before.sides, look.sides) ?? 0) > EYE,
  );
}

/** All looks that saw a side, from old to new; the last one is what it is judged by. */
function looksOf(facts: CombFacts): { on: string; sides: SidesSeen }[] {
  if (isStingless(facts.kind)) return [];
  const { comb } = facts;
  const now = comb.seenOn ? [{ on: comb.seenOn, sides: comb.sides }] : [];
  return [...comb.earlier, ...now]
    .filter((look) => filledShare(look.sides) !== null)
    .sort((a, b) => a.on.localeCompare(b.on));
}
const looksAfter = (facts: CombFacts, on: string): { on: string; sides: SidesSeen }[] =>
  looksOf(facts).filter((look) => look.on > on);

const honeyOf = (side: { capped: number; open: number }): number => side.capped + side.open;
const isEmpty = (sides: SidesSeen): boolean =>
  sides.A !== null && sides.B !== null && honeyOf(sides.A) + honeyOf(sides.B) < 2 * EMPTY;
const hadRoom = (sides: SidesSeen): boolean =>
  [sides.A, sides.B].some((side) => side === null || side.empty > EYE);

/**
 * How much fuller the sides seen both times are, as a share of a face; null where none was seen
 * twice.
 */
function gainBetween(before: SidesSeen, now: SidesSeen): number | null {
  const gains = (['A', 'B'] as const).flatMap((side) => {
    const [was, is] = [before[side], now[side]];
    return was && is ? [honeyOf(is) - honeyOf(was)] : [];
  });
  return gains.length ? Math.max(...gains) : null;
}

const feedingsOf = (suspects: readonly { feeding: Feeding }[]): Feeding[] =>
  suspects.map((s) => s.feeding);

const fedSaid = (feedings: readonly Feeding[]): Say =>
  lookSay('look.syrup.fed', {
    feedings: {
      and: feedings.map((f) =>
        lookSay(`look.syrup.feeding.${f.what}`, {
          volume: { volumeL: f.litres },
          on: asDate(f.on),
        }),
      ),
    },
  });

function mostSaid(feedings: readonly Feeding[]): Say {
  const sumG = (edge: 'low' | 'high'): number =>
    feedings.reduce((g, f) => g + f.litres * STORES_PER_LITRE[f.what][edge] * 1000, 0);
  return lookSay('look.syrup.at-most', {
    stores: { massG: { low: sumG('low'), high: sumG('high') }, as: 'estimate' },
  });
}

/** Days since the last feeding; null where none is noted. */
export const daysSinceFed = (facts: CombFacts): number | null => {
  const last = facts.colony.feedings.at(-1);
  return last ? daysBetween(last.on, facts.date) : null;
};
