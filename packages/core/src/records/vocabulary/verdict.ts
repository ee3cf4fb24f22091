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

/**
 * A fact an answer rests on, with its age on the day of the answer. A stale one counts as unknown.
 */
export interface RestsOn {
  fact: string;
  on: string;
  ageDays: number;
  stale: boolean;
}

/** The answer to one question about one comb. */
export interface Finding {
  question: Question;
  answer: 'yes' | 'no' | 'unknown';
  weight: Weight;
  /** Which rule spoke, in a word of the Rules page or of the record. */
  rule: string;
  measured?: number;
  limit?: number;
  unit?: '%' | 'kg' | 'days' | 'pots' | '°';
  restsOn: RestsOn[];
  sentence: string;
}
export type Verdict = 'take' | 'leave' | 'test' | 'not-read';

export interface CombVerdict {
  verdict: Verdict;
  /** The question whose finding decided. */
  decidedBy: Question;
  headline: string;
  /**
   * Every question apart, the one that decided first, then what forbids, decides, advises, notes.
   */
  findings: Finding[];
  cappedPercent: number | null;
  /** Of samples young enough to count. */
  wettestPercent: number | null;
}
