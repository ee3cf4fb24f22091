import { describe, expect, it } from 'vitest';
import { crushPace } from './crushPace.js';

describe('how long this household takes to break comb up', () => {
  it('is the middle of its own minutes a kilogram, each method by itself', () => {
    const mash = (minutes: number, crushedG: number) => ({
      method: 'mash' as const,
      minutes,
      crushedG,
    });
    expect(crushPace([mash(12, 2000), mash(40, 2000), mash(30, 3000)])).toEqual({
      mash: { minutesPerKg: 10, times: 3 },
    });
    expect(crushPace([mash(12, 2000), mash(30, 3000)]).mash).toEqual({ minutesPerKg: 8, times: 2 });
    const sliced = { method: 'slice' as const, minutes: 45, crushedG: 3000 };
    expect(crushPace([mash(12, 2000), sliced]).slice).toEqual({ minutesPerKg: 15, times: 1 });
  });
  it('is not known where nobody wrote minutes down', () => {
    expect(crushPace([])).toEqual({});
    expect(crushPace([{ method: 'chop', minutes: 0, crushedG: 2000 }])).toEqual({});
  });
});
