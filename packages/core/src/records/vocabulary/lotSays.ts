import { asWritten, isSay, sayer, type Mass, type Say } from '../../say/say.js';

/** What a lot of the book is called: of which harvest, and what it is. */
export interface LotSays {
  'lot.of': { of: string; what: Say };
  'lot.comb': object;
  'lot.crushed': object;
  'lot.honey': object;
  'lot.honey-before': object;
  'lot.pressed': object;
  'lot.with-pollen': { honey: Say };
  'lot.wet-wax': object;
  'lot.clean-wax': object;
  'lot.rinse': object;
  'lot.mead': object;
  'lot.jars': { count: number; net: Mass };
  'lot.pieces': { count: number };
  'lot.gone-out': object;
  'lot.lost': object;
  'lot.taken-back': object;
  'lot.boxes': { count: number; box: string };
}

/** Why mass went from one place of the book to another. */
export interface FlowSays {
  'flow.crushed': object;
  'flow.stood-in-pot': object;
  'flow.one-lot-with': { hive: string };
  'flow.drawn-off': object;
  'flow.skimmed': object;
  'flow.blended': object;
  'flow.found': { why: Say };
  'flow.lost': { why: Say };
  'flow.stuck': object;
  'flow.waste': { what: string };
  'flow.drained': object;
  'flow.pressed': object;
  'flow.wax-weighed': object;
  'flow.disc-eaten': object;
  'flow.rendered': object;
  'flow.slumgum': object;
  'flow.rinsed-off': object;
  'flow.bars-and-tools': object;
  'flow.water': object;
  'flow.fed-back': { hive: string };
  'flow.rinse-poured': object;
  'flow.into-mead': object;
  'flow.honey-into-mead': object;
  'flow.not-filled': { fate: Say };
  'flow.went': { fate: Say; count: number };
  'flow.filled': object;
  'flow.cut': object;
  'flow.packed': object;
  'flow.strips': object;
  'flow.round-strips': object;
  'flow.sheet': object;
  'flow.gone': object;
  'flow.undone': object;
  'flow.onto-tray': object;
  'flow.tray': object;
  'flow.frame-share': { place: string };
  'flow.weighed-at-last': object;
  'flow.more-than-estimate': object;
  'flow.less-than-estimate': object;
  'flow.comb-from': { place: string };
  'flow.pots-from': { place: string };
  'flow.box': { count: number };
  'flow.by-estimate': { count: number };
  'flow.weighed-later': { count: number };
  'flow.cut-apart': { name: string };
  'flow.stray.capped': object;
  'flow.stray.open': object;
  'flow.begun-comb': object;
  'flow.begun-honey': object;
  'flow.begun-noted': { what: Say; note: string };
}
export const lotSay = sayer<LotSays>();
export const flowSay = sayer<FlowSays>();

/** The lot of a harvest: "Ipê, honey". */
export const lotNamed = (of: string, what: Say): Say => lotSay('lot.of', { of, what });

/** What was written before Furrow said it by key, as it was written. */
const AS_WRITTEN_BEFORE = { 'flow.water': 'Water', 'flow.pressed': 'Pressed' } as const;
/** Whether mass went for this reason, whenever that was written. */
export const wentFor = (reason: Say, why: keyof typeof AS_WRITTEN_BEFORE): boolean =>
  reason.key === why || isWritten(reason, AS_WRITTEN_BEFORE[why]);
const isWritten = (says: Say, text: string): boolean =>
  says.key === asWritten('').key && says.with.text === text;

/** Why something was lost, without saying once more that it was; as it was written before, too. */
export function whyLost(reason: Say): Say {
  const { why, text } = reason.with;
  if (reason.key === 'flow.lost' && isSay(why)) return why;
  return typeof text === 'string' ? asWritten(text.replace(/^Lost: /, '')) : reason;
}

/** A lot's name with another one of its harvest, where it was called by the one before. */
export function calledAfter(name: Say, before: string, now: string): Say {
  const { of, honey, text } = name.with;
  if (of === before) return { ...name, with: { ...name.with, of: now } };
  if (name.key === asWritten('').key && typeof text === 'string' && text.startsWith(`${before}, `))
    return asWritten(now + text.slice(before.length));
  if (isSay(honey))
    return { ...name, with: { ...name.with, honey: calledAfter(honey, before, now) } };
  return name;
}

/** What a lot is, without the harvest it is of: "honey" of "Ipê, honey". */
export function lotItself(name: Say): Say {
  const { what, honey, text } = name.with;
  if (name.key === 'lot.of' && isSay(what)) return what;
  if (name.key === 'lot.with-pollen' && isSay(honey))
    return lotSay('lot.with-pollen', { honey: lotItself(honey) });
  return typeof text === 'string' ? asWritten(text.replace(/^[^,]*, /, '')) : name;
}

const POLLEN_BEFORE = ', with pollen';
const isWrittenSo = ({ with: { text } }: Say, end: string): boolean =>
  typeof text === 'string' && text.endsWith(end);
/** Whether a lot is called so: what it is, wherever that stands in its name. */
export function isCalled(name: Say, what: keyof LotSays): boolean {
  return (
    name.key === what ||
    // As it was written before it was said by key.
    (what === 'lot.with-pollen' && isWrittenSo(name, POLLEN_BEFORE)) ||
    Object.values(name.with).some((part) => isSay(part) && isCalled(part, what))
  );
}
