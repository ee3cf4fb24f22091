import { sayer, type Mass, type Say, type SayValue } from '../say/say.js';

/** What the book says: feeding back, mead, what the scale teaches, what it asks, a sheet brought in. */
export interface BookSays {
  'book.feed.unknown': object;
  'book.feed.outside': object;
  'book.feed.other-hives': object;
  'book.feed.held': { why: Say };
  'book.feed.disease': { hive: string };
  'book.feed.dead': { hive: string };
  'book.feed.no-look': { hive: string };
  'book.feed.sick': { hive: string };
  'book.feed.unsure': { hive: string };
  'book.feed.stale': { hive: string; on: { date: string }; days: number };
  'book.feed.may': { hive: string; on: { date: string } };
  'book.must.add-honey': { honey: Mass; rest: Say };
  'book.must.add-water': { water: { volumeL: number }; rest: Say };
  'book.must.there': { rest: Say };
  'book.must.comes': {
    litres: { volumeL: number };
    gravity: string;
    final: string;
    alcohol: { percent: number };
  };
  'book.season.corrected': { combs: number; off: string };
  'book.season.not-yet': { combs: number; off: string };
  'book.season.press': { harvests: number; honey: Mass; wax: Mass };
  'book.season.bucket': { drawOffs: number; minutes: number };
  'book.wax.own': { runs: number; share: { percent: number } };
  'book.wax.no-run': object;
  'book.wax.published': object;
  'book.asks.harvest-before-look': { hive: string; on: { date: string }; looked: { date: string } };
  'book.asks.taken-twice': { hive: SayValue; on: { date: string }; again: { date: string } };
  'book.asks.a-hive': object;
  'book.asks.still-hangs': { comb: string; hive: string; on: { date: string } };
  'book.asks.look-after': { hive: SayValue; on: { date: string }; looked: { date: string } };
  'book.asks.named-twice': { hives: { and: readonly SayValue[] } };
  'book.asks.hive-at': { hive: string; site: string };
  'book.asks.behind-board': {
    hive: string;
    board: number;
    bars: { and: readonly SayValue[] };
    count: number;
  };
  'book.asks.on-board': { comb: string; hive: string };
  'book.asks.queen': { hive: string; on: { date: string }; site: string };
  'book.asks.one-photo': { comb: string; hive: string; on: { date: string } };
  'book.asks.one-photo-some': { on: { date: string } };
  'book.asks.years': { hive: string; since: { date: string }; on: { date: string } };
  'book.sheet.date': object;
  'book.sheet.hive': object;
  'book.sheet.honey': object;
  'book.sheet.wax': object;
  'book.sheet.moisture': object;
  'book.sheet.minutes': object;
  'book.sheet.note': object;
  'book.sheet.no-unit-honey': { column: string; unit: string };
  'book.sheet.no-unit-wax': { column: string; unit: string };
  'book.sheet.either-way': { date: string };
  'book.sheet.choose-column': { field: Say };
  'book.sheet.too-many': { rows: number; most: number };
  'book.sheet.no-number': { text: string };
  'book.sheet.thousands': { text: string };
  'book.sheet.not-between': { value: number; low: number; high: number; unit: string };
  'book.sheet.no-date-so': { text: string };
  'book.sheet.no-date': object;
  'book.sheet.future': { text: string };
  'book.sheet.no-hive': object;
  'book.sheet.long-name': object;
  'book.sheet.no-honey': object;
}

export const bookSay = sayer<BookSays>();
