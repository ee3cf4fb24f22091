import { firstOf } from '../units/known.js';
import { isStingless } from '../hive/kinds.js';
import {
  cappedShares,
  type CombFacts,
  drainsInPlace,
  knownWater,
  type PotCounts,
  seenSides,
} from './combFacts.js';
import type { CombVerdict, Finding, Question, Verdict } from '../records/vocabulary/verdict.js';
import { together, type Say } from '../say/say.js';
import { fold } from './fold.js';
import { lookSay } from './says.js';
import { brood } from './questions/brood.js';
import { cutComb } from './questions/cutComb.js';
import { dead } from './questions/dead.js';
import { drainInPlace } from './questions/drainInPlace.js';
import { enough } from './questions/enough.js';
import { healthy } from './questions/healthy.js';
import { keeping } from './questions/keeping.js';
import { pollen } from './questions/pollen.js';
import { ripe } from './questions/ripe.js';
import { season } from './questions/season.js';
import { seen } from './questions/seen.js';
import { syrup } from './questions/syrup.js';
import { theirs } from './questions/theirs.js';
import { treated } from './questions/treated.js';

const ASKED_OF_ALL = [
  healthy,
  dead,
  treated,
  syrup,
  seen,
  enough,
  pollen,
  ripe,
  theirs,
  season,
  keeping,
];
const ASKED_OF_COMB = [brood, cutComb];

/** The findings about one comb or group of pots, every question that fits its kind. */
export function findingsOf(facts: CombFacts): Finding[] {
  const questions = [
    ...ASKED_OF_ALL,
    ...(isStingless(facts.kind) ? [] : ASKED_OF_COMB),
    ...(drainsInPlace(facts) ? [drainInPlace] : []),
  ];
  return questions.map((ask) => ask(facts));
}

const ORDER: Record<Finding['weight'], number> = { forbids: 0, decides: 1, advises: 2, notes: 3 };

/**
 * Judges one comb: take, leave, test first or not read, with every finding, the rule that spoke and
 * the age of the facts it rests on. The one engine behind every screen, decision and the calculator
 * judge-comb.
 */
export function judgeComb(facts: CombFacts): CombVerdict {
  const findings = findingsOf(facts);
  const { verdict, decided } = fold(findings);
  const rank = (f: Finding): number => (f === decided ? -1 : ORDER[f.weight]);
  return {
    verdict,
    decidedBy: decided.question,
    headline: headlineOf(verdict, decided, findings, facts),
    findings: [...findings].sort((a, b) => rank(a) - rank(b)),
    cappedPercent: cappedPercentOf(facts),
    wettestPercent: knownWater(facts).wettestPercent,
  };
}

function headlineOf(
  verdict: Verdict,
  decided: Finding,
  findings: readonly Finding[],
  facts: CombFacts,
): Say {
  if (verdict === 'leave' && decided.question === 'theirs' && !facts.comb.reserved)
    return together(
      lookSay(isRipe(findings) ? 'look.headline.ripe-but-theirs' : 'look.headline.theirs'),
      decided.sentence,
    );
  if (verdict !== 'take') return decided.sentence;
  const said = (question: Question): Say =>
    firstOf(findings, (f) => f.question === question).sentence;
  if (facts.colony.dead) return together(decided.sentence, said('dead'));
  if (isStingless(facts.kind)) return together(said('theirs'), decided.sentence);
  const pollen = findings.find((f) => f.question === 'pollen' && f.weight === 'advises');
  const drain = findings.find((f) => f.question === 'drain-in-place' && f.answer !== 'yes');
  return together(
    decided.sentence,
    pollen?.sentence,
    drain && lookSay('look.headline.not-open-yet', { why: drain.sentence }),
  );
}

const isRipe = (findings: readonly Finding[]): boolean =>
  findings.some((f) => f.question === 'ripe' && f.answer === 'yes');

function cappedPercentOf(facts: CombFacts): number | null {
  if (isStingless(facts.kind)) return facts.comb.pots && sealedPercent(facts.comb.pots);
  const sides = seenSides(facts.comb.sides);
  return sides.length ? cappedShares(sides).all * 100 : null;
}

/** Sealed share of the honey pots, percent; 0 where there are none. */
function sealedPercent(pots: PotCounts): number {
  const honey = pots.honeySealed + pots.honeyOpen;
  return honey > 0 ? (pots.honeySealed / honey) * 100 : 0;
}
