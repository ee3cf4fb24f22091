import { describe, it } from 'vitest';
import { expectSaid as expect } from '../../fixtures/said.js';
import { asWritten } from '../say/say.js';
import { scanFromBack } from './scan.js';
import type { JudgedComb } from './judgeHive.js';

describe('scanning from the back', () => {
  const comb = (slot: number, verdict: string): JudgedComb =>
    ({
      slot,
      label: String(slot),
      verdict: { verdict, headline: asWritten(`${slot} so.`) },
    }) as unknown as JudgedComb;
  it('stops at the first that passes; the others go back in order', () => {
    const scan = scanFromBack([
      comb(11, 'take'),
      comb(12, 'take'),
      comb(13, 'leave'),
      comb(14, 'test'),
    ]);
    expect(scan.first!.slot).toBe(12);
    expect(scan.steps.map((s) => [s.slot, s.what])).toEqual([
      [14, 'put-back'],
      [13, 'put-back'],
      [12, 'take'],
      [11, 'not-reached'],
    ]);
    expect(scan.sentence).toMatch('look.scan.after {back: {and: [14, 13]}, first: 12}');
  });
  it('takes none where none passes', () => {
    const scan = scanFromBack([comb(1, 'leave'), comb(2, 'leave')]);
    expect(scan.first).toBeNull();
    expect(scan.steps.every((s) => s.what === 'put-back')).toBe(true);
  });
});
