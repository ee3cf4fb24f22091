import { z } from 'zod';
import { sayRecord } from '../../say/sayRecord.js';
import { text, day, number } from './fields.js';

/** The questions a comb is asked, each in a file of its own under questions/. */
export const QUESTIONS = [
  'healthy',
  'dead',
  'treated',
  'syrup',
  'seen',
  'brood',
  'enough',
  'pollen',
  'ripe',
  'drain-in-place',
  'cut-comb',
  'theirs',
  'season',
  'keeping',
] as const;
export type Question = (typeof QUESTIONS)[number];

/**
 * How much a finding weighs: 'forbids' stands whatever the person says; 'decides' makes the
 * verdict, and a person may overrule it with a reason; 'advises' and 'notes' never make a verdict.
 */
export const WEIGHTS = ['forbids', 'decides', 'advises', 'notes'] as const;
export type Weight = (typeof WEIGHTS)[number];

const restsOnRecord = z.strictObject({ fact: text, on: day, ageDays: number, stale: z.boolean() });
/**
 * A fact an answer rests on, with its age on the day of the answer. A stale one counts as unknown.
 */
export type RestsOn = z.infer<typeof restsOnRecord>;

export const VERDICTS = ['take', 'leave', 'test', 'not-read'] as const;
export type Verdict = (typeof VERDICTS)[number];

export const findingRecord = z
  .strictObject({
    question: z.enum(QUESTIONS),
    answer: z.enum(['yes', 'no', 'unknown']),
    weight: z.enum(WEIGHTS),
    /** Which rule spoke, in a word of the Rules page or of the record. */
    rule: sayRecord,
    measured: number.optional(),
    limit: number.optional(),
    unit: z.enum(['%', 'kg', 'days', 'pots', '°']).optional(),
    restsOn: z.array(restsOnRecord),
    sentence: sayRecord,
  })
  .meta({ id: 'Finding' });
/** The answer to one question about one comb. */
export type Finding = z.infer<typeof findingRecord>;

export const verdictRecord = z
  .strictObject({
    verdict: z.enum(VERDICTS),
    /** The question whose finding decided. */
    decidedBy: z.enum(QUESTIONS),
    headline: sayRecord,
    /**
     * Every question apart, the one that decided first, then what forbids, decides, advises, notes.
     */
    findings: z.array(findingRecord),
    cappedPercent: number.nullable(),
    /** Of samples young enough to count. */
    wettestPercent: number.nullable(),
  })
  .meta({ id: 'CombVerdict' });
export type CombVerdict = z.infer<typeof verdictRecord>;
