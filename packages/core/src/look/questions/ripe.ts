import { isStingless } from '../../hive/kinds.js';
import { dateWords } from '../../units/dates.js';
import {
  cappedShares,
  type CombFacts,
  drainsInPlace,
  knownWater,
  type KnownWater,
  seenSides,
  sumOf,
  wasRead,
  wetLimitPercent,
} from '../combFacts.js';
import { percentDown, percentText, restsOn } from '../finding.js';
import type { Finding } from '../../records/vocabulary/verdict.js';
import { counted } from '../../units/format.js';

/** Capped share that the household asks of this kind of comb. */
const ripeNeedPercent = (facts: CombFacts): number =>
  drainsInPlace(facts) ? facts.rules.ripeDrainPercent : facts.rules.ripeCappedPercent;

/**
 * Water that the household lets pass in honey of this kind of hive, percent; never above the wet
 * limit.
 */
const waterLimitPercent = ({ rules, ...facts }: CombFacts): number =>
  Math.min(
    rules.moistureLimitByKindPercent[facts.kind] ?? rules.moistureLimitPercent,
    wetLimitPercent(facts),
  );

/**
 * Is it ripe? Water decides over caps in one direction always: wet is never ripe, whatever the
 * house rule says. Dry may lift only where the rule allows it and by the sampling rule (SCIENCE 1:
 * three samples from open cells of both sides, the wettest decides). Stingless honey has no such
 * limits: sealed pots are ripe.
 */
export function ripe(facts: CombFacts): Finding {
  if (!wasRead(facts))
    return {
      question: 'ripe',
      answer: 'unknown',
      weight: 'notes',
      rule: 'ripe by caps',
      restsOn: [],
      sentence: 'Not seen, so nothing is known of its caps.',
    };
  if (isStingless(facts.kind)) return ripePots(facts);
  const water = knownWater(facts);
  return tooWet(facts, water) ?? byCaps(facts, water);
}

function tooWet(facts: CombFacts, water: KnownWater): Finding | null {
  const wet = wetLimitPercent(facts);
  const limit = waterLimitPercent(facts);
  if (water.wettestPercent === null || water.wettestPercent <= limit) return null;
  const measured = water.wettestPercent;
  const ofAll = `${measured.toFixed(1)} % water in the wettest of ${water.count} ${water.count === 1 ? 'sample' : 'samples'}`;
  return {
    question: 'ripe',
    answer: 'no',
    weight: 'decides',
    rule: measured > wet ? `water at most ${wet} %` : `your limit of ${limit} % water`,
    measured,
    limit: measured > wet ? wet : limit,
    unit: '%',
    restsOn: [restsOn('water', water.on!, facts.date, facts.rules.shelfDays.water)],
    sentence:
      measured > wet
        ? `${ofAll}, above ${wet} %: it ferments whatever the caps say. ${again(facts)}`
        : `${ofAll}, your limit is ${limit} %: not ripe whatever the caps say. ${again(facts)}`,
  };
}

function byCaps(facts: CombFacts, water: KnownWater): Finding {
  const { rules, date, comb } = facts;
  const sides = seenSides(comb.sides);
  const shares = cappedShares(sides);
  const need = ripeNeedPercent(facts);
  const asked = rules.ripeOf === 'worst-side' ? shares.worst : shares.all;
  const where = rules.ripeOf === 'worst-side' ? ' on its worse side' : '';
  const piece = usedPiece(facts);
  const enough = asked * 100 >= need - 1e-9;
  const rests = [
    ...(comb.seenOn ? [restsOn('look', comb.seenOn, date, rules.shelfDays.look)] : []),
    ...waterRests(facts, water),
  ];
  const base = {
    question: 'ripe' as const,
    rule: `ripe at ${need} % capped`,
    measured: asked * 100,
    limit: need,
    unit: '%' as const,
    restsOn: rests,
  };
  const said = `${percentText(asked)} capped${where}, house rule asks ${need} %`;
  if (sides.length === 1) {
    const never = shares.highest * 100 < need - 1e-9;
    return never
      ? {
          ...base,
          ...unripe(facts),
          sentence: `${percentText(shares.all)} capped on side ${sides[0].side}; even a sealed side ${sides[0].side === 'A' ? 'B' : 'A'} would not reach ${need} %. ${again(facts)}`,
        }
      : {
          ...base,
          answer: 'unknown',
          weight: 'notes',
          sentence: `${percentText(asked)} capped on side ${sides[0].side}; the other side is unknown.`,
        };
  }
  if (enough)
    return {
      ...base,
      answer: 'yes',
      weight: 'decides',
      sentence: `${said}.${measureText(facts, water)}`,
    };
  if (piece !== null)
    return {
      ...base,
      answer: 'yes',
      weight: 'decides',
      rule: 'the piece that is used',
      sentence: `${percentText(asked)} capped; the part that is sealed on both sides, ${percentText(piece)} of the comb, is ripe as the piece that is used: cut the open part apart.${measureText(facts, water)}`,
    };
  const dryFinding = dry(facts, water, said);
  if (dryFinding) return { ...base, ...dryFinding };
  if (rules.considerFromPercent !== null && asked * 100 >= rules.considerFromPercent - 1e-9)
    return {
      ...base,
      rule: `to consider from ${rules.considerFromPercent} %`,
      answer: 'unknown',
      weight: 'decides',
      sentence: `${percentText(asked)} capped${where}: to consider from ${rules.considerFromPercent} %, to take at ${need} %. Measure its water.`,
    };
  return {
    ...base,
    ...unripe(facts),
    sentence: `${said}: ${need - percentDown(asked)} short.${apartText(facts)} ${again(facts)}`,
  };
}

/**
 * A sealed part smaller than this share of the comb is not worth cutting apart. A starting value.
 */
const LEAST_PIECE = 0.25;

/**
 * The part of a comb that is sealed on both sides, as a share of it, where the household judges the
 * piece that is used; null where it judges the comb, a side was not seen, or the part is too small.
 * A drain frame is never cut apart.
 */
function usedPiece(facts: CombFacts): number | null {
  if (facts.rules.ripeOf !== 'piece' || drainsInPlace(facts)) return null;
  const { A, B } = facts.comb.sides;
  if (!A || !B) return null;
  const part = Math.min(A.capped, B.capped);
  return part >= LEAST_PIECE ? part : null;
}

/** An unripe comb is left; of a dead colony nothing ripens any more, so it is sorted instead. */
const unripe = ({ colony }: CombFacts): Pick<Finding, 'answer' | 'weight'> => ({
  answer: 'no',
  weight: colony.dead ? 'advises' : 'decides',
});

/**
 * Whether dry open honey lifts the verdict, by the household's rule; null where it has nothing to
 * say.
 */
function dry(
  facts: CombFacts,
  water: KnownWater,
  said: string,
): Pick<Finding, 'answer' | 'weight' | 'rule' | 'sentence'> | null {
  if (!facts.rules.moistureMayOverrule || water.openCount === 0) return null;
  const limit = waterLimitPercent(facts);
  if (!water.sampled)
    return {
      answer: 'unknown',
      weight: 'decides',
      rule: 'three samples',
      sentence: `${said}. Dry so far, but one drop proves nothing: three samples from open cells of both sides, the wettest decides.`,
    };
  return {
    answer: 'yes',
    weight: 'decides',
    rule: 'dry honey may overrule caps',
    sentence: `${said}, but dry: ${water.wettestPercent!.toFixed(1)} % water in the wettest of ${water.count}, your limit is ${limit} %.`,
  };
}

const waterRests = (facts: CombFacts, water: KnownWater): Finding['restsOn'] => {
  const on = water.on ?? water.stale?.on;
  return on ? [restsOn('water', on, facts.date, facts.rules.shelfDays.water)] : [];
};

/** What is to be measured before the lid goes on. */
function measureText(facts: CombFacts, water: KnownWater): string {
  if (water.wettestPercent !== null)
    return ` ${water.wettestPercent.toFixed(1)} % water in the wettest sample.`;
  const last = water.stale
    ? ` Its water was last measured on ${dateWords(water.stale.on)}: that is too old to count.`
    : '';
  return facts.humidPlace
    ? `${last} A humid place: take, but measure the water before the lid goes on.`
    : `${last} Measure the water before the lid goes on.`;
}

function apartText(facts: CombFacts): string {
  if (facts.colony.dead)
    return ' Sort it: capped apart, open honey measured and used first, empty comb left out.';
  const sides = seenSides(facts.comb.sides);
  return sumOf(sides, 'capped') > 0.15 && sumOf(sides, 'open') > 0.1
    ? ' Its capped part may be cut apart from the open.'
    : '';
}

const again = (facts: CombFacts): string =>
  facts.colony.dead
    ? 'Nothing ripens here any more: measure it and use it first.'
    : `Look again in ${counted(facts.rules.lookAgainDays, 'day')}.`;

function ripePots(facts: CombFacts): Finding {
  const pots = facts.comb.pots!;
  const honey = pots.honeySealed + pots.honeyOpen;
  return {
    question: 'ripe',
    answer: pots.honeySealed > 0 ? 'yes' : 'no',
    weight: 'decides',
    rule: 'sealed pots are ripe',
    ...(honey ? { measured: (pots.honeySealed / honey) * 100, unit: '%' as const } : {}),
    restsOn: facts.comb.seenOn
      ? [restsOn('look', facts.comb.seenOn, facts.date, facts.rules.shelfDays.look)]
      : [],
    sentence: `${counted(pots.honeySealed, 'sealed pot')}, taken once a year at most${openStay(pots.honeyOpen)}.`,
  };
}

function openStay(open: number): string {
  if (open === 0) return '';
  return open === 1 ? '; the open one stays' : `; the ${open} open ones stay`;
}
