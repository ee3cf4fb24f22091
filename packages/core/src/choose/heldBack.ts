import { QUESTION_WORDS } from '../look/index.js';
import type { ChoiceHive, ChoiceUnit } from './choiceUnits.js';
import type { Say } from '../say/say.js';
import type { Question } from '../records/vocabulary/verdict.js';

/** What holds units of one hive back: the finding, how many it holds, and where it is answered. */
export interface HeldBack {
  question: Question;
  name: Say;
  labels: (Say | string)[];
  sentence: Say;
  leadsTo: 'look' | 'rules' | 'winter-need';
  /** The place to look at: what is not read yet where stores are asked after, else one of these. */
  lookAtSlot: number;
}

/** The upper or rearmost place of some units: where honey hangs. */
const lastSlot = (units: readonly ChoiceUnit[]): number =>
  Math.max(...units.flatMap((unit) => unit.slots));
const unreadOf = (units: readonly ChoiceUnit[]): ChoiceUnit[] =>
  units.filter((unit) => unit.verdict.verdict === 'not-read');

/**
 * Where a question is answered: a fact beside the drawing in Look, a rule, or the winter need right
 * there.
 */
function leadsTo({ verdict, findings }: ChoiceUnit): HeldBack['leadsTo'] {
  const question = verdict.decidedBy;
  if (question === 'season') return 'rules';
  if (question !== 'theirs') return 'look';
  if (verdict.verdict !== 'test') return 'rules';
  const needIsKnown = findings.some((f) => f.question === 'theirs' && f.limit !== undefined);
  return needIsKnown ? 'look' : 'winter-need';
}

/**
 * Why nothing of a hive may be taken: its units by the finding that decides, the one that holds
 * most first. Empty where any unit may be taken.
 */
export function heldBack(units: readonly ChoiceUnit[]): HeldBack[] {
  if (units.some((unit) => unit.verdict.verdict === 'take')) return [];
  const groups = new Map<string, HeldBack>();
  const unread = unreadOf(units);
  for (const unit of units) {
    const { verdict, label } = unit;
    const key = `${verdict.decidedBy} ${verdict.verdict}`;
    const group = groups.get(key);
    const asksStores = verdict.decidedBy === 'theirs' && unread.length > 0;
    const lookAtSlot = lastSlot(asksStores ? unread : [unit]);
    if (group) {
      group.labels.push(label);
      group.lookAtSlot = Math.max(group.lookAtSlot, lookAtSlot);
    } else
      groups.set(key, {
        question: verdict.decidedBy,
        name: QUESTION_WORDS[verdict.decidedBy].name,
        labels: [label],
        sentence: verdict.headline,
        leadsTo: leadsTo(unit),
        lookAtSlot,
      });
  }
  return [...groups.values()].sort((a, b) => b.labels.length - a.labels.length);
}

/**
 * Ripe units that stay because of the winter: what was read, what has to stay, and what is not read
 * yet.
 */
export interface WinterHold {
  ripe: (Say | string)[];
  unread: (Say | string)[];
  /** The place to look at first; null where all was read. */
  lookAtSlot: number | null;
  /** All that was read, as winter stores, by the low edge. */
  storesLowKg: number;
  needKg: number;
}

/** Whether nothing but a need that was said keeps a unit that is ripe. */
const isHeldByNeed = ({ verdict, findings }: ChoiceUnit): boolean =>
  verdict.decidedBy === 'theirs' &&
  findings.some((f) => f.question === 'theirs' && f.limit !== undefined && f.unit === 'kg') &&
  findings.some((f) => f.question === 'ripe' && f.answer === 'yes');

/**
 * Why ripe units of a hive stay all the same: each of them alone takes more than the winter can
 * spare of what was read. Null where one can be spared, where nothing is ripe, or where no winter
 * is counted. What is not read counts as nothing, and is named: looking may free what is held.
 */
export function winterHold({
  units,
  storesLowKg,
  winter,
}: Pick<ChoiceHive, 'units' | 'storesLowKg' | 'winter'>): WinterHold | null {
  const ripe = units.filter((unit) => unit.verdict.verdict === 'take' || isHeldByNeed(unit));
  if (winter.needKg === null || !ripe.length) return null;
  const spareKg = storesLowKg - winter.needKg;
  if (ripe.some((unit) => unit.storesKg.low <= spareKg + 1e-9)) return null;
  const unread = unreadOf(units);
  return {
    ripe: ripe.map((unit) => unit.label),
    unread: unread.map((unit) => unit.label),
    lookAtSlot: unread.length ? lastSlot(unread) : null,
    storesLowKg,
    needKg: winter.needKg,
  };
}
