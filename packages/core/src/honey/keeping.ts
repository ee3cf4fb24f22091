export type KeepingGrade = 'keeps' | 'watch' | 'use-soon' | 'ferments' | 'keep-cold';

/**
 * How honey of this water content keeps, after Lochhead (1933). Grades are continuous: up to 17.1 % keeps,
 * 19 watch, 20 use-soon, above ferments; stingless-bee honey is outside these classes. Never says 'safe'.
 */
export function honeyKeeping(input: { moisturePercent: number; bee: 'honeybee' | 'stingless' }): {
  grade: KeepingGrade;
  reason: string;
} {
  const { moisturePercent, bee } = input;
  const water = `${moisturePercent.toFixed(1)} % water`;
  if (bee === 'stingless') {
    return {
      grade: 'keep-cold',
      reason: `${water}. Stingless-bee honey is wet by nature and outside Lochhead's classes: keep it cold under a vented lid and eat it soon.`,
    };
  }
  if (moisturePercent <= 17.1)
    return {
      grade: 'keeps',
      reason: `${water}. At or under 17.1 % Lochhead (1933) saw no fermentation, whatever the yeast.`,
    };
  if (moisturePercent <= 19)
    return {
      grade: 'watch',
      reason: `${water}. Between 17.1 and 19 % it depends on the yeast in it (Lochhead 1933): keep it cool and look at it.`,
    };
  if (moisturePercent <= 20)
    return {
      grade: 'use-soon',
      reason: `${water}. Between 19 and 20 % even a little yeast ferments it (Lochhead 1933): use it first.`,
    };
  return {
    grade: 'ferments',
    reason: `${water}. Above 20 % it is always at risk of fermenting (Lochhead 1933), and over the 20 % of the Codex Alimentarius.`,
  };
}
