import { QUESTION_WORDS, type Question } from '../look/index.js';
import type { ChoiceHive, ChoiceUnit } from './units.js';

/** What holds units of one hive back: the finding, how many it holds, and where it is answered. */
export interface HeldBack {
  question: Question;
  name: string;
  labels: string[];
  sentence: string;
  leadsTo: 'look' | 'rules' | 'winter-need';
}

/** Where a question is answered: a fact beside the drawing in Look, a rule, or the winter need right there. */
function leadsTo({ verdict, findings }: ChoiceUnit): HeldBack['leadsTo'] {
  const question = verdict.decidedBy;
  if (question === 'season') return 'rules';
  if (question !== 'theirs') return 'look';
  if (verdict.verdict !== 'test') return 'rules';
  const needIsKnown = findings.some((f) => f.question === 'theirs' && f.limit !== undefined);
  return needIsKnown ? 'look' : 'winter-need';
}

/**
 * Why nothing of a hive may be taken: its units by the finding that decides, the one that holds most first. Empty where
 * any unit may be taken.
 */
export function heldBack(units: readonly ChoiceUnit[]): HeldBack[] {
  if (units.some((unit) => unit.verdict.verdict === 'take')) return [];
  const groups = new Map<string, HeldBack>();
  for (const unit of units) {
    const { verdict, label } = unit;
    const key = `${verdict.decidedBy} ${verdict.verdict}`;
    const group = groups.get(key);
    if (group) group.labels.push(label);
    else
      groups.set(key, {
        question: verdict.decidedBy,
        name: QUESTION_WORDS[verdict.decidedBy].name,
        labels: [label],
        sentence: verdict.headline,
        leadsTo: leadsTo(unit),
      });
  }
  return [...groups.values()].sort((a, b) => b.labels.length - a.labels.length);
}

/** Ripe units that stay because of the winter: what was read, what has to stay, and what is not read yet. */
export interface WinterHold {
  ripe: string[];
  unread: string[];
  /** All that was read, as winter stores, by the low edge. */
  storesLowKg: number;
  needKg: number;
}

/**
 * Why ripe units of a hive stay all the same: each of them alone takes more than the winter can spare of
 * what was read. Null where one can be spared, where nothing is ripe, or where no winter is counted. What
 * is not read counts as nothing, and is named: looking may free what is held.
 */
export function winterHold({
  units,
  storesLowKg,
  winter,
}: Pick<ChoiceHive, 'units' | 'storesLowKg' | 'winter'>): WinterHold | null {
  const ripe = units.filter((unit) => unit.verdict.verdict === 'take');
  if (winter.needKg === null || !ripe.length) return null;
  const spareKg = storesLowKg - winter.needKg;
  if (ripe.some((unit) => unit.storesKg.low <= spareKg + 1e-9)) return null;
  return {
    ripe: ripe.map((unit) => unit.label),
    unread: units.filter((u) => u.verdict.verdict === 'not-read').map((u) => u.label),
    storesLowKg,
    needKg: winter.needKg,
  };
}
