import { describe, expect, it } from 'vitest';
import { spanText } from './spanText.js';

describe('from one day to another', () => {
  it.each([
    ['2026-11-27', '2026-11-27', 'on 27 Nov 2026'],
    ['2026-11-27', '2026-12-03', 'from 27 Nov 2026 to 3 Dec 2026'],
    ['2026-11-27', null, 'from 27 Nov 2026 or later'],
  ])('%s to %s: %s', (from, to, text) => expect(spanText(from, to)).toBe(text));
});
