import { hiveKind } from '../hive/kinds.js';
import { percentDown } from '../look/index.js';
import type { Say } from '../say/say.js';
import { chooseSay } from './says.js';
import type { HouseRules } from '../records/houseRules.js';
import type { Market } from './outcome.js';
import type { ChoiceUnit } from './choiceUnits.js';
import { cutsComb, runsInPlace, takesPots, type Way, WAYS } from '../records/vocabulary/ways.js';

/**
 * Why a unit cannot go a way. A hard one stands whatever the person says; the others can be
 * overruled with a reason.
 */
export interface Block {
  rule: string;
  sentence: Say;
  hard: boolean;
}

/**
 * What stands against taking the unit at all: the findings of the one engine and nothing else.
 * Empty exactly where the verdict is 'take'. What forbids is hard; what decides can be overruled
 * with a reason.
 */
export function takeBlocks(unit: ChoiceUnit): Block[] {
  const { verdict, headline, decidedBy } = unit.verdict;
  if (verdict === 'take') return [];
  if (!unit.against.length) return [{ rule: decidedBy, sentence: headline, hard: false }];
  return unit.against.map((f) => ({
    rule: f.question,
    sentence: f.question === decidedBy ? headline : f.sentence,
    hard: f.weight === 'forbids',
  }));
}

/**
 * What stands against one way beyond taking the unit: the kind of hive, the comb, what the kit
 * lacks, the weight, the time.
 */
export function wayBlocks(unit: ChoiceUnit, way: Way, rules: HouseRules, market: Market): Block[] {
  const wrongKind = kindBlock(unit, way);
  if (wrongKind) return [wrongKind];
  return [
    unit.estimate ? null : soft('seen', chooseSay('choose.not-read')),
    potsBlock(unit, way, rules),
    tiltBlock(unit, way),
    ...(cutsComb(way) ? combBlocks(unit, way, rules, market) : []),
    liftBlock(unit, rules),
  ].filter((block) => block !== null);
}

/** What a reason may overrule, and what no reason does. */
const soft = (rule: string, sentence: Say): Block => ({ rule, sentence, hard: false });
const hard = (rule: string, sentence: Say): Block => ({ rule, sentence, hard: true });

/** A way that this kind of hive does not know. */
function kindBlock(unit: ChoiceUnit, way: Way): Block | null {
  const pots = unit.what === 'pots';
  if (pots && !takesPots(way)) return hard('kind', chooseSay('choose.only-pots'));
  if (!pots && takesPots(way)) return hard('kind', chooseSay('choose.no-pots'));
  const { drainsInPlace } = hiveKind(unit.kind);
  if (pots || drainsInPlace === runsInPlace(way)) return null;
  return hard('kind', chooseSay(drainsInPlace ? 'choose.drain-frame' : 'choose.no-drain-frame'));
}

/** Pots emptied otherwise than the household does. */
function potsBlock(unit: ChoiceUnit, way: Way, rules: HouseRules): Block | null {
  const asUsual = (way === 'cut-pots') === (rules.potsBy === 'cut');
  return unit.what === 'pots' && !asUsual
    ? soft('pots', chooseSay(`choose.pots.${rules.potsBy}`))
    : null;
}

/** A frame that would not run clean out of a closed hive. */
function tiltBlock(unit: ChoiceUnit, way: Way): Block | null {
  if (way !== 'drain-hive') return null;
  const safe = unit.findings.find((f) => f.question === 'drain-in-place');
  return safe && safe.answer !== 'yes' ? soft('drain-in-place', safe.sentence) : null;
}

const COMB_AGE_BLOCKS: Partial<Record<ChoiceUnit['combAge'], Say>> = {
  'brood-used': chooseSay('choose.brood-used'),
  used: chooseSay('choose.last-season'),
};
/** Capped less than this share a face gives no whole pieces. A starting value. */
const CAPPED_FOR_PIECES = 0.5;

/** What stands against comb that is sold as comb. */
function combBlocks(
  unit: ChoiceUnit,
  way: Way,
  rules: HouseRules,
  market: Market,
): (Block | null)[] {
  const age = COMB_AGE_BLOCKS[unit.combAge];
  const pollen = unit.findings.find((f) => f.question === 'pollen' && f.weight === 'advises');
  const capped = chooseSay('choose.little-capped', {
    share: { percent: percentDown(unit.cappedArea) },
  });
  const hasNoFreezer = rules.freeze !== 'none' && rules.freezerL === 0;
  return [
    age ? soft('comb-age', age) : null,
    pollen ? soft('pollen', pollen.sentence) : null,
    unit.straight === false ? soft('straight', chooseSay('choose.not-straight')) : null,
    unit.cappedArea < CAPPED_FOR_PIECES ? soft('capped', capped) : null,
    way === 'cut' && !market.piece ? hard('kit', chooseSay('choose.no-boxes')) : null,
    way === 'chunk' && !market.chunk ? hard('kit', chooseSay('choose.no-wide-jars')) : null,
    hasNoFreezer ? soft('freezer', chooseSay('choose.no-freezer')) : null,
  ];
}

/** More than the household's hands carry. */
function liftBlock({ what, liftKg }: ChoiceUnit, rules: HouseRules): Block | null {
  const carriesKg = rules.liftKg * Math.min(2, rules.people);
  if (liftKg.high <= carriesKg) return null;
  return soft(
    'lift',
    chooseSay(what === 'box' ? 'choose.heavy-box' : 'choose.heavy', {
      lift: { massG: { low: liftKg.low * 1000, high: liftKg.high * 1000 }, as: 'whole' },
      people: Math.min(2, rules.people),
      carries: { massG: carriesKg * 1000, as: 'whole' },
    }),
  );
}

/** Ways that a unit's kind of hive knows at all, in a fixed order. */
export function waysOf(unit: ChoiceUnit): Way[] {
  return WAYS.filter(
    (way) =>
      (unit.what === 'pots') === takesPots(way) &&
      (takesPots(way) || hiveKind(unit.kind).drainsInPlace === runsInPlace(way)),
  );
}
