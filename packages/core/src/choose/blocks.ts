import { hiveKind } from '../hive/kinds.js';
import { percentText } from '../look/index.js';
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
  sentence: string;
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

/** How the household empties pots, where another way was wished. */
const POTS_BY_RULE: Record<HouseRules['potsBy'], string> = {
  suction: 'By your rule pots are emptied by suction: their walls stay.',
  tip: 'By your rule pots are pierced and tipped: their walls stay.',
  cut: 'By your rule pots are cut out whole.',
};

/**
 * What stands against one way beyond taking the unit: the kind of hive, the comb, what the kit
 * lacks, the weight, the time.
 */
export function wayBlocks(unit: ChoiceUnit, way: Way, rules: HouseRules, market: Market): Block[] {
  const wrongKind = kindBlock(unit, way);
  if (wrongKind) return [wrongKind];
  return [
    unit.estimate ? null : soft('seen', 'Not read yet: what it would give is not known.'),
    potsBlock(unit, way, rules),
    tiltBlock(unit, way),
    ...(cutsComb(way) ? combBlocks(unit, way, rules, market) : []),
    liftBlock(unit, rules),
  ].filter((block) => block !== null);
}

/** What a reason may overrule, and what no reason does. */
const soft = (rule: string, sentence: string): Block => ({ rule, sentence, hard: false });
const hard = (rule: string, sentence: string): Block => ({ rule, sentence, hard: true });

/** A way that this kind of hive does not know. */
function kindBlock(unit: ChoiceUnit, way: Way): Block | null {
  const pots = unit.what === 'pots';
  if (pots && !takesPots(way))
    return hard('kind', 'Sealed pots are drawn off or cut out; the super stays.');
  if (!pots && takesPots(way)) return hard('kind', 'There are no pots here.');
  const { drainsInPlace } = hiveKind(unit.kind);
  if (pots || drainsInPlace === runsInPlace(way)) return null;
  return hard(
    'kind',
    drainsInPlace
      ? 'A drain frame is drained, not cut out or crushed.'
      : 'Only drain frames run out by themselves.',
  );
}

/** Pots emptied otherwise than the household does. */
function potsBlock(unit: ChoiceUnit, way: Way, rules: HouseRules): Block | null {
  const asUsual = (way === 'cut-pots') === (rules.potsBy === 'cut');
  return unit.what === 'pots' && !asUsual
    ? soft('how pots are emptied', POTS_BY_RULE[rules.potsBy])
    : null;
}

/** A frame that would not run clean out of a closed hive. */
function tiltBlock(unit: ChoiceUnit, way: Way): Block | null {
  if (way !== 'drain-hive') return null;
  const safe = unit.findings.find((f) => f.question === 'drain-in-place');
  return safe && safe.answer !== 'yes' ? soft('drain-in-place', safe.sentence) : null;
}

const COMB_AGE_BLOCKS: Partial<Record<ChoiceUnit['combAge'], string>> = {
  'brood-used': 'It carried brood: its wax is no comb honey.',
  used: "It is last season's wax: tough to eat.",
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
  const capped = `${percentText(unit.cappedArea)} of its face is capped: too little for whole pieces.`;
  const hasNoFreezer = rules.freeze !== 'none' && rules.freezerL === 0;
  return [
    age ? soft('comb age', age) : null,
    pollen ? soft('pollen', pollen.sentence) : null,
    unit.straight === false
      ? soft('straight', 'It is not straight: pieces would break open.')
      : null,
    unit.cappedArea < CAPPED_FOR_PIECES ? soft('capped', capped) : null,
    way === 'cut' && !market.piece ? hard('kit', 'No boxes for pieces in the kit.') : null,
    way === 'chunk' && !market.chunk
      ? hard('kit', 'No wide jars for chunk honey in the kit.')
      : null,
    hasNoFreezer
      ? soft('freezer', 'No freezer: comb would hatch moths. Your rule asks to freeze it.')
      : null,
  ];
}

/** More than the household's hands carry. */
function liftBlock({ what, liftKg }: ChoiceUnit, rules: HouseRules): Block | null {
  const carriesKg = rules.liftKg * Math.min(2, rules.people);
  if (liftKg.high <= carriesKg) return null;
  const weighs = `weighs about ${liftKg.low.toFixed(0)}–${liftKg.high.toFixed(0)} kg`;
  const who = rules.people > 1 ? 'two people carry' : 'one person carries';
  return soft(
    'lift',
    `${what === 'box' ? 'The box' : 'It'} ${weighs}; ${who} ${carriesKg} kg by your rules. Take combs out singly.`,
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
