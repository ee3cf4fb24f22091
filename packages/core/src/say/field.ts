import { asWritten, sayer, sayRecord, type Say, type SayValue, type With } from './say.js';

/** What is said of something typed that does not fit its field. */
export interface FieldSays {
  'field.date-and-time': object;
  'field.date': object;
  'field.day-and-month': object;
  'field.flow-between-places': object;
  'field.a-name': object;
  'field.place-from-1': object;
  'field.sha-256': object;
  'field.time': object;
  'field.address': object;
  'field.id-not-empty': object;
  'field.instant': object;
  'field.three-letters': object;
  'field.half-an-hour': object;
  'field.one-person': object;
  'field.a-week': object;
  'field.a-year-ahead': object;
  'field.three-times': object;
  'field.back-or-forward': object;
  'field.choose-jar': object;
  'field.choose-hive-kind': object;
  'field.choose-zone': object;
  'field.choose-way': object;
  'field.choose-one-or-not-known': object;
  'field.choose-hemisphere': object;
  'field.choose-two-lots': object;
  'field.choose-what': object;
  'field.choose-foundation': object;
  'field.choose-goal': object;
  'field.low-best-high': object;
  'field.full-and-empty': object;
  'field.name': object;
  'field.visible-name': object;
  'field.freezer': object;
  'field.how-thick': object;
  'field.left-middle-right': object;
  'field.code-letters': object;
  'field.lift-one-comb': object;
  'field.brood-first': object;
  'field.swarm-cells-too': object;
  'field.queen-first': object;
  'field.low-middle-high': object;
  'field.above-0': object;
  'field.no-harvest': object;
  'field.nothing-from-loss': object;
  'field.nothing-to-fill': object;
  'field.once-or-twice': object;
  'field.one-or-two-sides': object;
  'field.some-weather': object;
  'field.how-it-is': object;
  'field.how-brood-looked': object;
  'field.what-blooms': object;
  'field.what-to-do': object;
  'field.what-it-was': object;
  'field.what-stands-there': object;
  'field.which-honey': object;
  'field.which-product': object;
  'field.why': object;
  'field.count-pots': object;
  'field.time-is-over': object;
  'field.blocks-above-wax': object;
  'field.comb-wider-above': object;
  'field.box-tare': object;
  'field.board-within-bars': object;
  'field.shares-above-1': object;
  'field.shares-are-1': object;
  'field.tare-above-gross': object;
  'field.tare-not-below-gross': object;
  'field.no-reading': object;
  'field.packed-cells': object;
  'field.face-too-large': object;
  'field.no-id': object;
  'field.reserved-name': object;
  'field.unknown-zone': object;
  'field.many-flaws': object;
  'field.rinse-brix': object;
  'field.weigh-it': object;
  'field.weigh-disc': object;
  'field.weigh-pieces': object;
  'field.weigh-cut-out': object;
  'field.flower-support': object;
  'field.what-went-wrong': object;
  'field.which-boards': object;
  'field.which-combs': object;
  'field.which-combs-in-it': object;
  'field.which-hives': object;
  'field.which-instrument': object;
  'field.which-pieces': object;
  'field.which-strips': object;
  'field.who-said-what': object;
  'field.number': object;
  'field.whole-number': object;
  'field.at-least': { least: SayValue };
  'field.at-most': { most: SayValue };
  'field.letters': { most: number };
  'field.weeks': { weeks: number };
  'field.months': { months: number };
  'field.of': { what: SayValue; limit: Say };
  'field.too-warm-for-moth': { most: SayValue };
  'field.at-a-time': { most: SayValue };
  'field.at-once': { most: SayValue };
  'field.a-year-of': { first: string; last: string };
  'field.unseen-letter': object;
  'field.missing': object;
  'field.finite-number': object;
  'field.number-needed': object;
  'field.whole-number-needed': object;
  'field.text-needed': object;
  'field.yes-or-no-needed': object;
  'field.list-needed': object;
  'field.record-needed': object;
  'field.other-kind-needed': object;
  'field.one-of': { values: string };
  'field.unknown-field': { field: string };
  'field.unknown-measure': { field: string };
  'field.sealed-honey': object;
  'field.open-honey': object;
  'field.pollen': object;
  'field.empty': object;
  'field.percent-choices': object;
  'field.weight-now-or-later': object;
  'field.gross-and-tare': object;
  'field.gross-and-empty': object;
  'field.lighter-than-empty': object;
  'field.vessel-weights': object;
  'field.net-is-not': object;
  'field.grams-drawn': object;
  'field.weigh-scum': object;
  'field.temperature': object;
  'field.water': object;
  'field.an-amount': object;
  'field.discount-without-price': object;
  'field.discount-twice': object;
  'field.discount-above-price': object;
  'field.jar-kind-once': object;
  'field.piece-kind-once': object;
  'field.sample-later': object;
}

export const fieldSay = sayer<FieldSays>();

/** A schema carries a text, so what it refuses goes into it as JSON; `refusalOf` reads it again. */
export const asRefused = (says: Say): string => JSON.stringify(says);
/** What a schema refuses, by its key. */
export const refuses = <Key extends keyof FieldSays>(
  key: Key,
  ...values: With<FieldSays[Key]>
): string => asRefused(fieldSay(key, ...values));

/** The same, said with the name of the field: "Bar width: at least 28 mm." */
export const refusesOf = <Key extends keyof FieldSays>(
  what: Say,
  key: Key,
  ...values: With<FieldSays[Key]>
): string => refuses('field.of', { what, limit: fieldSay(key, ...values) });

/** What a schema refused. Takes the text of its issue; a text of the library's own stays as it is. */
export function refusalOf(message: string): Say {
  if (!message.startsWith('{"key"')) return asWritten(message);
  return sayRecord.parse(JSON.parse(message));
}
