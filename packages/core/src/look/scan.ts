import type { JudgedComb } from './judgeHive.js';

export interface ScanStep {
  slot: number;
  what: 'take' | 'put-back' | 'not-reached';
  sentence: string;
}

/**
 * Scanning a hive from the back: combs are looked at from the hindmost forward until the first that
 * passes; those that do not are put back in their order. Where none passes none is taken. Takes the
 * judged combs.
 */
export function scanFromBack(judged: readonly JudgedComb[]): {
  first: JudgedComb | null;
  steps: ScanStep[];
  sentence: string;
} {
  const fromBack = [...judged].sort((a, b) => b.slot - a.slot);
  const first = fromBack.find((c) => c.verdict.verdict === 'take') ?? null;
  const steps = fromBack.map((comb): ScanStep => {
    if (first && comb.slot < first.slot)
      return { slot: comb.slot, what: 'not-reached', sentence: 'Not lifted.' };
    return comb === first
      ? { slot: comb.slot, what: 'take', sentence: 'The first from the back that passes.' }
      : {
          slot: comb.slot,
          what: 'put-back',
          sentence: `Back in its place: ${comb.verdict.headline}`,
        };
  });
  const back = steps.filter((s) => s.what === 'put-back').map((s) => s.slot);
  return {
    first,
    steps,
    sentence: scanText(first, back),
  };
}

function scanText(first: JudgedComb | null, back: readonly number[]): string {
  if (!first) return 'From the back none passes: none is taken, all go back in order.';
  if (!back.length) return `From the back ${first.label} is the first, and passes.`;
  return `From the back: ${back.join(', ')} go back in order, ${first.label} is the first that passes.`;
}
