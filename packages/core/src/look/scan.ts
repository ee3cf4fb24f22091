import type { Say } from '../say/say.js';
import { lookSay } from './says.js';
import type { JudgedComb } from './judgeHive.js';

export interface ScanStep {
  slot: number;
  what: 'take' | 'put-back' | 'not-reached';
  sentence: Say;
}

/**
 * Scanning a hive from the back: combs are looked at from the hindmost forward until the first that
 * passes; those that do not are put back in their order. Where none passes none is taken. Takes the
 * judged combs.
 */
export function scanFromBack(judged: readonly JudgedComb[]): {
  first: JudgedComb | null;
  steps: ScanStep[];
  sentence: Say;
} {
  const fromBack = [...judged].sort((a, b) => b.slot - a.slot);
  const first = fromBack.find((c) => c.verdict.verdict === 'take') ?? null;
  const steps = fromBack.map((comb): ScanStep => {
    if (first && comb.slot < first.slot)
      return { slot: comb.slot, what: 'not-reached', sentence: lookSay('look.scan.not-lifted') };
    return comb === first
      ? {
          slot: comb.slot,
          what: 'take',
          sentence: lookSay('look.scan.first'),
        }
      : {
          slot: comb.slot,
          what: 'put-back',
          sentence: lookSay('look.scan.put-back', { why: comb.verdict.headline }),
        };
  });
  const back = steps.filter((s) => s.what === 'put-back').map((s) => s.slot);
  return {
    first,
    steps,
    sentence: scanText(first, back),
  };
}

function scanText(first: JudgedComb | null, back: readonly number[]): Say {
  if (!first) return lookSay('look.scan.none');
  if (!back.length) return lookSay('look.scan.at-once', { first: first.label });
  return lookSay('look.scan.after', { back: { and: back }, first: first.label });
}
