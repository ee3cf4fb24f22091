import { potsEstimate, type Pots } from '../comb/pots.js';
import type { HouseRules } from '../rules/houseRules.js';
import type { CombVerdict, Reason, VerdictInput } from './verdict.js';

/**
 * Judges a group of stingless-bee pots by its own rules; no limit of honeybee honey is used. Sealed pots only
 * may be drawn; open ones and pollen stay. More sealed pots never lower the verdict.
 */
export function judgePots(input: {
  pots: Pots | null;
  rules: Pick<HouseRules, 'takeInFirstSeason' | 'lookAgainDays'>;
  firstSeason: boolean;
  forbidden: VerdictInput['forbidden'];
}): CombVerdict {
  const { pots, rules, firstSeason, forbidden } = input;
  const reasons: Reason[] = [];
  const result = (
    verdict: CombVerdict['verdict'],
    decidedBy: CombVerdict['decidedBy'],
    headline: string,
    cappedPercent: number | null,
  ): CombVerdict => ({
    verdict,
    headline,
    decidedBy,
    cappedPercent,
    wettestPercent: null,
    reasons: [...reasons].sort(
      (a, b) => Number(b.rule === decidedBy) - Number(a.rule === decidedBy),
    ),
  });
  if (forbidden) reasons.push({ rule: forbidden.rule, fits: false, sentence: forbidden.sentence });
  if (!pots) {
    reasons.push({ rule: 'seen', fits: null, sentence: 'The pots were not counted.' });
    return forbidden
      ? result(forbidden.verdict, forbidden.rule, forbidden.sentence, null)
      : result(
          'not-read',
          'seen',
          'Not read yet. Count the pots from above, the brood stays closed.',
          null,
        );
  }
  const { sealedShare } = potsEstimate(pots);
  reasons.push({
    rule: 'pots',
    fits: pots.honeySealed > 0,
    sentence: `${pots.honeySealed} sealed, ${pots.honeyOpen} open, ${pots.pollen} with pollen.`,
  });
  if (firstSeason)
    reasons.push({
      rule: 'first-season',
      fits: rules.takeInFirstSeason ? null : false,
      sentence: 'The colony is in its first season.',
    });
  const percent = sealedShare * 100;
  if (forbidden) return result(forbidden.verdict, forbidden.rule, forbidden.sentence, percent);
  if (firstSeason && !rules.takeInFirstSeason)
    return result(
      'leave',
      'first-season',
      'A colony in its first season keeps what it has; your rules say so.',
      percent,
    );
  if (pots.honeySealed === 0)
    return result(
      'leave',
      'pots',
      `No sealed pots here. Look again in ${rules.lookAgainDays} days.`,
      percent,
    );
  return result(
    'take',
    'pots',
    `${pots.honeySealed} sealed pots, by suction, once a year at most; ${pots.honeyOpen ? `the ${pots.honeyOpen} open ones and ` : ''}the winter's pots stay.`,
    percent,
  );
}
