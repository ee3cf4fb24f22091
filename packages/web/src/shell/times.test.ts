import { describe, expect, it } from 'vitest';
import { aboutText, ranText } from './times.js';

const now = new Date('2026-03-14T15:00:00Z');
const about = (instant: string, rounding?: 'earlier' | 'near' | 'later'): string =>
  aboutText(`2026-03-${instant}:00Z`, 'America/Sao_Paulo', now, rounding);

describe('a forecast time', () => {
  it('is told by five minutes soon, by quarters of an hour today, by hours beyond', () => {
    expect(about('14T16:12')).toBe('13:10');
    expect(about('14T20:12')).toBe('17:15');
    expect(about('15T10:10')).toBe('Sun 07:00');
  });
  it('is early where being late would spill, and late at the far end of a range', () => {
    expect(about('14T16:14', 'earlier')).toBe('13:10');
    expect(about('14T16:11', 'later')).toBe('13:15');
    expect(about('15T10:59', 'earlier')).toBe('Sun 07:00');
  });
  it('goes over midnight as a clock does', () => {
    expect(about('15T02:50', 'later')).toBe('Sun 00:00');
  });
});

describe('how long a clock has run', () => {
  it.each([
    ['14T14:59', '1 min'],
    ['14T09:48', '5 h 12 min'],
    ['13T12:00', '1 d 3 h'],
  ])('since %s: %s', (instant, says) => {
    expect(ranText(`2026-03-${instant}:00Z`, now)).toBe(says);
  });
  it('tells a minute when it is over, as the large clock of a drain does', () => {
    const late = new Date(now.getTime() + 59_000);
    expect(ranText('2026-03-14T09:48:00Z', late)).toBe('5 h 12 min');
  });
});
