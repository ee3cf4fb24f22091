import { hiveKind } from '../hive/kinds.js';
import { percentText } from '../look/index.js';
import type { HouseRules } from '../records/houseRules.js';
import type { Market } from './outcome.js';
import type { ChoiceUnit } from './units.js';
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
  const blocks: Block[] = [];
  const no = (rule: string, sentence: string, hard = false): void =>
    void blocks.push({ rule, sentence, hard });
  const kind = hiveKind(unit.kind);
  const pots = unit.what === 'pots';
  if (pots !== takesPots(way))
    no(
      'kind',
      pots ? 'Sealed pots are drawn off or cut out; the super stays.' : 'There are no pots here.',
      true,
    );
  else if (!pots && kind.drainsInPlace !== runsInPlace(way))
    no(
      'kind',
      kind.drainsInPlace
        ? 'A drain frame is drained, not cut out or crushed.'
        : 'Only drain frames run out by themselves.',
      true,
    );
  if (blocks.length) return blocks;
  if (!unit.estimate) no('seen', 'Not read yet: what it would give is not known.');
  if (pots && (way === 'cut-pots') !== (rules.potsBy === 'cut'))
    no('how pots are emptied', POTS_BY_RULE[rules.potsBy]);
  if (way === 'drain-hive') {
    const safe = unit.findings.find((f) => f.question === 'drain-in-place');
    if (safe && safe.answer !== 'yes') no('drain-in-place', safe.sentence);
  }
  if (cutsComb(way)) {
    if (unit.combAge === 'brood-used')
      no('comb age', 'It carried brood: its wax is no comb honey.');
    else if (unit.combAge === 'used') no('comb age', "It is last season's wax: tough to eat.");
    const pollen = unit.findings.find((f) => f.question === 'pollen' && f.weight === 'advises');
    if (pollen) no('pollen', pollen.sentence);
    if (unit.straight === false) no('straight', 'It is not straight: pieces would break open.');
    if (unit.cappedArea < 0.5)
      no(
        'capped',
        `${percentText(unit.cappedArea)} of its face is capped: too little for whole pieces.`,
      );
    if (way === 'cut' && !market.piece) no('kit', 'No boxes for pieces in the kit.', true);
    if (way === 'chunk' && !market.chunk)
      no('kit', 'No wide jars for chunk honey in the kit.', true);
    if (rules.freeze !== 'none' && rules.freezerL === 0)
      no('freezer', 'No freezer: comb would hatch moths. Your rule asks to freeze it.');
  }
  const carries = rules.liftKg * Math.min(2, rules.people);
  if (unit.liftKg.high > carries)
    no(
      'lift',
      `${unit.what === 'box' ? 'The box' : 'It'} weighs about ${unit.liftKg.low.toFixed(0)}–${unit.liftKg.high.toFixed(0)} kg; ${rules.people > 1 ? 'two people carry' : 'one person carries'} ${carries} kg by your rules. Take combs out singly.`,
    );
  return blocks;
}

/** Ways that a unit's kind of hive knows at all, in a fixed order. */
export function waysOf(unit: ChoiceUnit): Way[] {
  return WAYS.filter(
    (way) =>
      (unit.what === 'pots') === takesPots(way) &&
      (takesPots(way) || hiveKind(unit.kind).drainsInPlace === runsInPlace(way)),
  );
}
