import { describe, expect, it } from 'vitest';
import { asFindings } from './migrations/007_findings.js';

describe('a verdict from before findings', () => {
  it('keeps its reasons word for word, under the questions they answer, deciding nothing again', () => {
    const old = {
      verdict: 'leave',
      headline: '62 % capped, house rule asks 75 %: 13 short.',
      decidedBy: 'capped',
      cappedPercent: 62,
      wettestPercent: null,
      reasons: [
        {
          rule: 'capped',
          fits: false,
          sentence: '62 % capped.',
          measured: 62,
          limit: 75,
          unit: '%',
        },
        { rule: 'winter', fits: true, sentence: '14.0 kg would stay.' },
        { rule: 'seen', fits: null, sentence: 'Side B not seen.' },
      ],
    };
    expect(asFindings(old)).toEqual({
      verdict: 'leave',
      headline: old.headline,
      decidedBy: 'ripe',
      cappedPercent: 62,
      wettestPercent: null,
      findings: [
        {
          question: 'ripe',
          answer: 'no',
          weight: 'notes',
          rule: 'capped',
          restsOn: [],
          sentence: '62 % capped.',
          measured: 62,
          limit: 75,
          unit: '%',
        },
        {
          question: 'theirs',
          answer: 'no',
          weight: 'notes',
          rule: 'winter',
          restsOn: [],
          sentence: '14.0 kg would stay.',
        },
        {
          question: 'seen',
          answer: 'unknown',
          weight: 'notes',
          rule: 'seen',
          restsOn: [],
          sentence: 'Side B not seen.',
        },
      ],
    });
  });
  it('leaves one that has findings as it is', () => {
    const now = { verdict: 'take', findings: [] };
    expect(asFindings(now)).toBe(now);
  });
});
