import { asWritten, lookSay } from '@furrow/core';
import { describe, expect, it } from 'vitest';
import { saidVerdict } from './saidVerdict.js';

describe('a verdict as a look keeps it', () => {
  it('of an older Furrow has its sentences as they were written', () => {
    const old = {
      verdict: 'leave',
      headline: '62 % capped, house rule asks 75 %: 13 short.',
      findings: [
        { question: 'ripe', answer: 'no', rule: 'ripe at 75 % capped', sentence: '62 % capped.' },
      ],
    };
    expect(saidVerdict(old)).toEqual({
      verdict: 'leave',
      headline: asWritten('62 % capped, house rule asks 75 %: 13 short.'),
      findings: [
        {
          question: 'ripe',
          answer: 'no',
          rule: asWritten('ripe at 75 % capped'),
          sentence: asWritten('62 % capped.'),
        },
      ],
    });
  });

  it('of this one stays as it is', () => {
    const now = {
      verdict: 'take',
      headline: lookSay('look.seen.both'),
      findings: [{ rule: lookSay('look.seen.rule'), sentence: lookSay('look.seen.both') }],
    };
    expect(saidVerdict(now)).toEqual(now);
  });

  it('that has nothing of both, or is none, is left alone', () => {
    expect(saidVerdict({ verdict: 'take' })).toEqual({ verdict: 'take' });
    expect(saidVerdict(null)).toBeNull();
  });
});
