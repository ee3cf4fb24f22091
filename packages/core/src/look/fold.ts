import { firstOf } from '../units/known.js';
import type { Finding, Question, Verdict } from '../records/vocabulary/verdict.js';
import type { Say } from '../say/say.js';
import { lookSay } from './says.js';

/** What a verdict is called on screen. */
export const VERDICT_WORDS: Record<Verdict, Say> = {
  take: lookSay('look.verdict.take'),
  leave: lookSay('look.verdict.leave'),
  test: lookSay('look.verdict.test'),
  'not-read': lookSay('look.verdict.not-read'),
};

interface FoldRow {
  question: Question;
  answer: Finding['answer'];
  weight: 'forbids' | 'decides';
  verdict: Exclude<Verdict, 'take'>;
}

/**
 * How findings become a verdict: the first row that a finding meets decides; where none does, it
 * may be taken. What forbids stands first, the gravest on top; then what leaves a comb, for opening
 * one to test it is no use where it stays anyway; then what was not read; then what has to be asked
 * or tested first.
 */
export const FOLD: readonly FoldRow[] = [
  { question: 'healthy', answer: 'no', weight: 'forbids', verdict: 'leave' },
  { question: 'dead', answer: 'yes', weight: 'forbids', verdict: 'leave' },
  { question: 'treated', answer: 'yes', weight: 'forbids', verdict: 'leave' },
  { question: 'brood', answer: 'yes', weight: 'forbids', verdict: 'leave' },
  { question: 'syrup', answer: 'yes', weight: 'decides', verdict: 'leave' },
  { question: 'enough', answer: 'no', weight: 'decides', verdict: 'leave' },
  { question: 'season', answer: 'no', weight: 'decides', verdict: 'leave' },
  { question: 'brood', answer: 'yes', weight: 'decides', verdict: 'leave' },
  { question: 'ripe', answer: 'no', weight: 'decides', verdict: 'leave' },
  { question: 'theirs', answer: 'yes', weight: 'decides', verdict: 'leave' },

  { question: 'seen', answer: 'no', weight: 'decides', verdict: 'not-read' },

  { question: 'healthy', answer: 'unknown', weight: 'decides', verdict: 'test' },
  { question: 'dead', answer: 'yes', weight: 'decides', verdict: 'test' },
  { question: 'treated', answer: 'unknown', weight: 'decides', verdict: 'test' },
  { question: 'syrup', answer: 'unknown', weight: 'decides', verdict: 'test' },
  { question: 'theirs', answer: 'unknown', weight: 'decides', verdict: 'test' },
  { question: 'seen', answer: 'unknown', weight: 'decides', verdict: 'test' },
  { question: 'ripe', answer: 'unknown', weight: 'decides', verdict: 'test' },
];

/**
 * The finding that decides and the verdict it makes; `ripe` decides where nothing stands against
 * taking.
 */
export function fold(findings: readonly Finding[]): { verdict: Verdict; decided: Finding } {
  for (const row of FOLD) {
    const met = findings.find(
      (f) => f.question === row.question && f.answer === row.answer && f.weight === row.weight,
    );
    if (met) return { verdict: row.verdict, decided: met };
  }
  return { verdict: 'take', decided: firstOf(findings, (f) => f.question === 'ripe') };
}

/** Findings that stand against taking it, in the order of the table. */
export function standingAgainst(findings: readonly Finding[]): Finding[] {
  return FOLD.flatMap((row) =>
    findings.filter(
      (f) => f.question === row.question && f.answer === row.answer && f.weight === row.weight,
    ),
  );
}
