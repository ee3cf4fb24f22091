import { DEFAULT_RULES, IMPERIAL, METRIC, US_UNITS, houseRulesSchema } from '@furrow/core';
import { describe, expect, it } from 'vitest';
import { rulesAsKept } from './currentRules.js';

describe('house rules as they were kept', () => {
  it.each([
    ['metric', METRIC],
    ['imperial', US_UNITS],
    [IMPERIAL, IMPERIAL],
    [undefined, METRIC],
  ] as const)('units %j are %o', (units, expected) => {
    const rules = rulesAsKept({ units, crush: 'slice' });
    expect(rules).toEqual({ ...DEFAULT_RULES, crush: 'slice', units: expected });
    expect(houseRulesSchema.safeParse(rules).success).toBe(true);
  });
});
