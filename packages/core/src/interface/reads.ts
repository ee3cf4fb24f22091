import { z } from 'zod';
import {
  aftercareRecord,
  allOf,
  archiveJobAnswer,
  batchDetailRecord,
  batchRecord,
  bookAnswer,
  boxEventRecord,
  calendarLinkRecord,
  clocksAnswer,
  cutHistoryAnswer,
  dropQuery,
  estimatePairAnswer,
  flowRecord,
  gearRecord,
  guessAnswer,
  healthAnswer,
  heldAnswer,
  hiveRecord,
  hiveScaleQuery,
  hiveScaleReadingRecord,
  holdViewRecord,
  houseAnswer,
  jarKindRecord,
  journalLineRecord,
  labelDesignRecord,
  labelSheetRecord,
  lookFacesRecord,
  lotLabelAnswer,
  lotRecord,
  lotWaterRecord,
  meAnswer,
  openPlansRecord,
  pageOf,
  personRecord,
  printAnswer,
  questionRecord,
  refractometerReadingRecord,
  reserveRecord,
  rulesVersionRecord,
  runsAnswer,
  scaleQuery,
  scaleReadingRecord,
  seasonsAnswer,
  siteRecord,
  siteWeatherRecord,
  tableAnswer,
  thermometerReadingRecord,
  todayAnswer,
  traceAnswer,
  traceQuery,
  vesselRecord,
} from '../records/answers/index.js';
import type { Meant, Plain, Spoken } from './paths.js';

/** A read of the interface: what it tells, in a line, what may be asked with it, what it answers. */
interface Told {
  says: string;
  query?: z.ZodType;
  answers: z.ZodType;
}

/** A list by pages: at most so many things, after the one whose id is the cursor. */
const paged = z.strictObject({
  limit: z.coerce.number().int().min(1).max(1000).default(1000),
  cursor: z.string().optional(),
});

/**
 * Every read of the interface that answers in JSON, by its path. Server, screen and the description
 * of the interface go by this one list; what is a file, a picture or a stream stands beside its
 * route.
 */
export const READS = {
  '/health': { says: 'Whether the server is ready', answers: healthAnswer },
  // Today
  '/clocks': { says: 'Clocks that run', answers: clocksAnswer },
  '/today': { says: 'What is due', answers: todayAnswer },
  // Look
  '/sites': { says: 'Sites', query: paged, answers: pageOf(siteRecord) },
  '/hives': { says: 'Hives as they hang now', query: paged, answers: pageOf(hiveRecord) },
  '/hives/:id': { says: 'One hive', answers: hiveRecord },
  '/hives/:id/boxHistory': {
    says: 'What became of the boxes of a hive',
    answers: allOf(boxEventRecord),
  },
  '/looks/:id/faces': { says: 'The cells of both sides of one look', answers: lookFacesRecord },
  // Ready
  '/plans': { says: 'Harvests that wait for their day', answers: openPlansRecord },
  '/sites/:id/weather': {
    says: 'Weather of the hours ahead, as far as it is known',
    answers: siteWeatherRecord,
  },
  '/calendarLinks': {
    says: 'Addresses that calendars follow, without their secrets',
    query: paged,
    answers: pageOf(calendarLinkRecord),
  },
  // A harvest
  '/harvests': { says: 'Harvests, newest first', query: paged, answers: pageOf(batchRecord) },
  '/harvests/:id': {
    says: 'One harvest with all that was written about it',
    answers: batchDetailRecord,
  },
  // Take
  '/guesses': {
    says: 'What people guessed beside what the scale said',
    answers: allOf(guessAnswer),
  },
  // Drain
  '/runs': {
    says: 'Drains that are done, for what is learned from them',
    answers: runsAnswer,
  },
  // Cut
  '/cutHistory': {
    says: 'Everything that lay on the cutting board, with what came of it',
    answers: cutHistoryAnswer,
  },
  // Jar
  '/labelSheets': { says: 'Sheets of labels', answers: allOf(labelSheetRecord) },
  '/labelDesigns': { says: 'How the household label looks', answers: allOf(labelDesignRecord) },
  '/prints': { says: "The label printer's spool", answers: allOf(printAnswer) },
  '/lots/:id/label': {
    says: "The words and the code of a lot's label",
    answers: lotLabelAnswer,
  },
  // Book
  '/lots': { says: 'Lots of the book', query: paged, answers: pageOf(lotRecord) },
  '/flows': { says: 'Flows of the book', query: paged, answers: pageOf(flowRecord) },
  '/book': {
    says: 'Whether the whole book balances, to the gram; its lots and entries are /lots and /flows',
    answers: bookAnswer,
  },
  '/holds': {
    says: 'What is held back, why, and the lots it reaches',
    answers: allOf(holdViewRecord),
  },
  '/traces': {
    says: 'Where a lot came from, or where it is now',
    query: traceQuery,
    answers: traceAnswer,
  },
  '/harvests/:id/aftercare': {
    says: 'Wax, rinse and wet gear of a harvest',
    answers: aftercareRecord,
  },
  '/stock': { says: 'Honey, jars and pieces that stand there now', answers: allOf(lotRecord) },
  '/stock/waters': {
    says: 'Water of the honey that stands there now, as it was measured',
    answers: allOf(lotWaterRecord),
  },
  '/seasons': {
    says: 'Every harvest as seasons count it, estimates beside the scale',
    answers: seasonsAnswer,
  },
  '/estimatePairs': {
    says: 'The last combs weighed, beside what was estimated and guessed',
    answers: allOf(estimatePairAnswer),
  },
  '/questions': {
    says: 'What cannot all be true in what was written down',
    answers: allOf(questionRecord),
  },
  '/reserves': { says: 'Jars promised', answers: allOf(reserveRecord) },
  '/people': { says: 'Names of those honey went to', answers: allOf(personRecord) },
  // Rules
  '/rules': { says: 'House rules in force', answers: rulesVersionRecord },
  '/vessels': { says: 'Vessels of the kit', query: paged, answers: pageOf(vesselRecord) },
  '/jars': { says: 'Kinds of jar', query: paged, answers: pageOf(jarKindRecord) },
  '/gear': { says: 'Gear that is no vessel', query: paged, answers: pageOf(gearRecord) },
  // Instruments
  '/instruments/bench-scale': {
    says: 'A reading of the bench scale',
    query: scaleQuery,
    answers: scaleReadingRecord,
  },
  '/instruments/thermometer': {
    says: 'A reading of the thermometer',
    answers: thermometerReadingRecord,
  },
  '/instruments/refractometer': {
    says: 'A reading of the refractometer: water of a drop, percent',
    query: dropQuery,
    answers: refractometerReadingRecord,
  },
  '/instruments/hive-scale': {
    says: 'A reading of the scale under a hive',
    query: hiveScaleQuery,
    answers: hiveScaleReadingRecord,
  },
  // The journal and the tables
  '/journal': {
    says: 'The last entries, for undo',
    answers: allOf(journalLineRecord),
  },
  '/tables': { says: 'Tables of the household', answers: allOf(tableAnswer) },
  '/held': { says: 'Late entries that no longer fit', answers: allOf(heldAnswer) },
} as const satisfies Record<string, Told>;

/**
 * Reads that stand with the routes of what they tell of, because they need more than the household's
 * record: who asks, an archive on its way.
 */
export const OWN_READS = {
  '/house': {
    says: 'The door of the house, its code and who is let in; at the machine itself',
    answers: houseAnswer,
  },
  '/house/me': { says: 'Who asks', answers: meAnswer },
  '/archives/:id': { says: 'An archive on its way out or in', answers: archiveJobAnswer },
} as const satisfies Record<string, Told>;

/** A read by its path, such as `/hives/:id`. */
export type ReadPath = keyof typeof READS;
type AllReads = typeof READS & typeof OWN_READS;
/** What may be asked with a read, as the server hears it. */
export type QueryOf<Path extends ReadPath> = (typeof READS)[Path] extends { query: infer Query }
  ? z.output<Query>
  : Record<never, never>;
/** What a read answers. */
export type AnswerOf<Path extends keyof AllReads> = z.output<AllReads[Path]['answers']>;
type SpokenPath = Spoken<keyof AllReads>;
/** A path that can be read, its places filled, with or without what is asked behind it. */
export type SpokenRead = SpokenPath | `${SpokenPath}?${string}`;
/** The answer to a read, by the path as it is spoken. */
export type AnswerTo<Said extends string> = AnswerOf<Meant<keyof AllReads, Plain<Said>>>;
