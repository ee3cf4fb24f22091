import type { Shares } from '../comb/contents.js';
import type { HouseRules } from '../rules/houseRules.js';

export type Verdict = 'take' | 'leave' | 'test' | 'not-read';
export type ReasonRule =
  | 'dead'
  | 'treated'
  | 'syrup'
  | 'seen'
  | 'brood'
  | 'honey'
  | 'capped'
  | 'moisture'
  | 'pots'
  | 'first-season'
  | 'winter';

/** One drop from a comb, already turned into water content. */
export interface MoistureSample {
  side: 'A' | 'B';
  cells: 'open' | 'sealed';
  moisturePercent: number;
}
export interface VerdictInput {
  sides: { A: Shares | null; B: Shares | null };
  samples: MoistureSample[];
  rules: Pick<
    HouseRules,
    | 'ripeCappedPercent'
    | 'ripeOf'
    | 'considerFromPercent'
    | 'moistureMayOverrule'
    | 'moistureLimitPercent'
    | 'takeInFirstSeason'
    | 'lookAgainDays'
  >;
  firstSeason: boolean;
  /** What forbids a comb whatever it holds: a colony that is gone, a waiting time, syrup since it was built, a super kept for the bees. */
  forbidden?: {
    rule: 'dead' | 'treated' | 'syrup' | 'winter';
    verdict: 'leave' | 'test';
    sentence: string;
  } | null;
  /** What was seen of an unseen side from outside (a window, an end pane): said, never counted as seen. */
  glimpse?: string | null;
  /** Stores that would stay without this comb, counted low, against the need; null where the need is unknown. */
  winter: { staysLowKg: number; needKg: number } | null;
}
export interface Reason {
  rule: ReasonRule;
  /** true: fits; false: speaks against; null: not known or only to be noted. */
  fits: boolean | null;
  sentence: string;
  measured?: number;
  limit?: number;
  unit?: '%' | 'kg';
}
export interface CombVerdict {
  verdict: Verdict;
  headline: string;
  /** In order of weight: the one that decided stands first. */
  reasons: Reason[];
  /** Which rule spoke. */
  decidedBy: ReasonRule;
  cappedPercent: number | null;
  wettestPercent: number | null;
}

const percentText = (share: number): string => `${Math.round(share * 100)} %`;

/** Capped share of the honey over seen sides, and how low and high it can be where a side was not seen. */
function cappedShare(sides: Shares[]): { seen: number; high: number; honey: number } {
  const capped = sides.reduce((sum, s) => sum + s.capped, 0);
  const honey = sides.reduce((sum, s) => sum + s.capped + s.open, 0);
  const unseen = 2 - sides.length;
  return {
    seen: honey > 0 ? capped / honey : 0,
    high: honey + unseen > 0 ? (capped + unseen) / (honey + unseen) : 0,
    honey,
  };
}

/**
 * Judges one comb: take, leave, test first or not read yet, with every reason and the house rule that spoke.
 * Unknown stays unknown: an unseen side can never give 'take'. Wet samples count from any cell; dry ones
 * can lift a verdict only by the sampling rule (SCIENCE 1: three from open cells, both sides, the wettest decides).
 * More capped honey never lowers the verdict.
 */
export function judgeComb(input: VerdictInput): CombVerdict {
  const { sides, samples, rules, winter } = input;
  const seen = (['A', 'B'] as const).filter((side) => sides[side] !== null);
  const shares = seen.map((side) => sides[side]!);
  const { seen: capped, high: cappedHigh, honey } = cappedShare(shares);
  const wettestPercent = samples.length ? Math.max(...samples.map((s) => s.moisturePercent)) : null;
  const result = (verdict: Verdict, decidedBy: ReasonRule, headline: string): CombVerdict => ({
    verdict,
    headline,
    decidedBy,
    reasons: [...reasons].sort(
      (a, b) => Number(b.rule === decidedBy) - Number(a.rule === decidedBy),
    ),
    cappedPercent: seen.length ? capped * 100 : null,
    wettestPercent,
  });
  const reasons: Reason[] = [];
  const forbidden = input.forbidden ?? null;
  if (forbidden) reasons.push({ rule: forbidden.rule, fits: false, sentence: forbidden.sentence });
  if (seen.length === 0) {
    reasons.push({ rule: 'seen', fits: null, sentence: input.glimpse ?? 'Neither side was seen.' });
    if (forbidden) return result(forbidden.verdict, forbidden.rule, forbidden.sentence);
    return input.glimpse
      ? result('test', 'seen', `${input.glimpse} A glimpse is no reading: take it in the hand.`)
      : result('not-read', 'seen', 'Not read yet. Say what each side holds.');
  }
  const missing = seen.length === 1 ? (seen[0] === 'A' ? 'B' : 'A') : null;

  const need = rules.ripeCappedPercent / 100;
  const worst = Math.min(
    ...shares.filter((s) => s.capped + s.open > 0).map((s) => s.capped / (s.capped + s.open)),
    capped,
  );
  const asked = rules.ripeOf === 'worst-side' ? worst : capped;
  const isCapped = asked >= need - 1e-9;
  const short = Math.max(0, Math.round((need - asked) * 100));
  const broodSide = seen.find((side) => sides[side]!.brood > 0);
  const openSamples = samples.filter((s) => s.cells === 'open');
  const sampled = openSamples.length >= 3 && new Set(openSamples.map((s) => s.side)).size === 2;
  const limit = rules.moistureLimitPercent;
  const tooWet = wettestPercent !== null && wettestPercent > limit;

  if (missing) reasons.push({ rule: 'seen', fits: null, sentence: `Side ${missing} not seen.` });
  reasons.push({
    rule: 'capped',
    fits: isCapped,
    measured: asked * 100,
    limit: rules.ripeCappedPercent,
    unit: '%',
    sentence: `${percentText(asked)} capped${rules.ripeOf === 'worst-side' ? ' on its worse side' : ''}, house rule asks ${rules.ripeCappedPercent} %.`,
  });
  if (wettestPercent !== null) {
    reasons.push({
      rule: 'moisture',
      fits: rules.moistureMayOverrule ? !tooWet : null,
      measured: wettestPercent,
      limit,
      unit: '%',
      sentence: `${wettestPercent.toFixed(1)} % water in the wettest of ${samples.length} ${samples.length === 1 ? 'sample' : 'samples'}, at most ${limit} %.`,
    });
  }
  reasons.push(
    broodSide
      ? { rule: 'brood', fits: false, sentence: `Brood on side ${broodSide}.` }
      : {
          rule: 'brood',
          fits: missing ? null : true,
          sentence: missing
            ? `No brood on side ${seen[0]}; side ${missing} unknown.`
            : 'No brood on either side.',
        },
  );
  if (input.firstSeason)
    reasons.push({
      rule: 'first-season',
      fits: rules.takeInFirstSeason ? null : false,
      sentence: 'The colony is in its first season.',
    });
  const winterShort = winter !== null && winter.staysLowKg < winter.needKg;
  if (winter) {
    reasons.push({
      rule: 'winter',
      fits: !winterShort,
      measured: winter.staysLowKg,
      limit: winter.needKg,
      unit: 'kg',
      sentence: `${winter.staysLowKg.toFixed(1)} kg would stay, counted low; the winter needs ${winter.needKg.toFixed(1)} kg.`,
    });
  }

  if (broodSide)
    return result(
      'leave',
      'brood',
      `Brood on side ${broodSide}: a comb with live brood is never taken.`,
    );
  if (forbidden) return result(forbidden.verdict, forbidden.rule, forbidden.sentence);
  if (honey === 0 && !missing) {
    reasons.unshift({ rule: 'honey', fits: false, sentence: 'No honey on either side.' });
    return result('leave', 'honey', 'No honey in it.');
  }
  if (input.firstSeason && !rules.takeInFirstSeason)
    return result(
      'leave',
      'first-season',
      'A colony in its first season keeps what it has; your rules say so.',
    );
  if (tooWet && rules.moistureMayOverrule) {
    return result(
      'leave',
      'moisture',
      `${wettestPercent.toFixed(1)} % water, house rule allows ${limit} %. ${again()}`,
    );
  }
  if (missing && cappedHigh < need - 1e-9)
    return result(
      'leave',
      'capped',
      `${percentText(capped)} capped on side ${seen[0]}; even a sealed side ${missing} would not reach ${rules.ripeCappedPercent} %. ${again()}`,
    );
  // Sparing comes before testing: opening a comb for a test is no use where the colony needs it anyway.
  if (winterShort && (isCapped || missing))
    return result(
      'leave',
      'winter',
      `${isCapped ? 'Ripe, but theirs' : 'Theirs'}: without it ${winter.staysLowKg.toFixed(1)} kg would stay, the winter needs ${winter.needKg.toFixed(1)} kg.`,
    );
  if (missing)
    return result(
      'test',
      'seen',
      `Look at side ${missing} first: brood and open cells there are unknown.`,
    );
  if (isCapped)
    return result(
      'take',
      'capped',
      `${percentText(asked)} capped, house rule asks ${rules.ripeCappedPercent} %.${wettestPercent === null ? ' Measure the water before the lid goes on.' : ''}`,
    );
  if (rules.moistureMayOverrule && openSamples.length > 0) {
    if (winterShort)
      return result(
        'leave',
        'winter',
        `Theirs: without it ${winter.staysLowKg.toFixed(1)} kg would stay, the winter needs ${winter.needKg.toFixed(1)} kg.`,
      );
    if (sampled)
      return result(
        'take',
        'moisture',
        `${percentText(capped)} capped, but dry: ${wettestPercent!.toFixed(1)} % water in the wettest of ${samples.length}, rule ${limit} %.`,
      );
    return result(
      'test',
      'moisture',
      'Dry so far, but one drop proves nothing: three samples from open cells of both sides, the wettest decides.',
    );
  }
  if (
    rules.considerFromPercent !== null &&
    asked * 100 >= rules.considerFromPercent - 1e-9 &&
    !winterShort
  )
    return result(
      'test',
      'capped',
      `${percentText(asked)} capped: to consider from ${rules.considerFromPercent} %, to take at ${rules.ripeCappedPercent} %. Measure its water.`,
    );
  return result(
    'leave',
    'capped',
    `${percentText(asked)} capped, house rule asks ${rules.ripeCappedPercent} %: ${short} short. ${again()}`,
  );

  function again(): string {
    return `Look again in ${rules.lookAgainDays} days.`;
  }
}
