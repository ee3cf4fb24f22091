import { DEFAULT_RULES, type HouseRules } from '@furrow/core';
import { describe, expect, it } from 'vitest';
import { ref } from 'vue';
import { startingWords, isStarting, useStarting } from './starting.js';

const rules = (change: Partial<HouseRules> = {}): HouseRules => ({ ...DEFAULT_RULES, ...change });

describe('values that Furrow begins with', () => {
  it.each([
    ['stands as it came', rules(), true],
    ['was changed', rules({ wetWaxDays: 21 }), false],
    ['is said to be the household’s', rules({ startingValues: 'ours' }), false],
  ])('a rule that %s', (_what, of, marked) => expect(isStarting(of, 'wetWaxDays')).toBe(marked));
  it('compares lists and maps by what they hold', () => {
    expect(
      isStarting(rules({ lotPageShows: [...DEFAULT_RULES.lotPageShows] }), 'lotPageShows'),
    ).toBe(true);
    expect(
      isStarting(rules({ shelfDays: { ...DEFAULT_RULES.shelfDays, flow: 3 } }), 'shelfDays'),
    ).toBe(false);
  });
  it('a rule that is empty to begin with has no mark', () =>
    expect(isStarting(rules(), 'followUpWeeks')).toBe(false));
  it('notes follow the draft', () => {
    const draft = ref<HouseRules | null>(null);
    const note = useStarting(draft);
    expect(note('wetWaxDays')).toBeNull();
    draft.value = rules();
    expect(note('wetWaxDays')).toBe(startingWords());
    draft.value = rules({ wetWaxDays: 12 });
    expect(note('wetWaxDays')).toBeNull();
  });
});
