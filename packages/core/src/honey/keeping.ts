import type { KeepingGrade } from '../records/vocabulary/keeping.js';
import { diastaseHalfLifeHours, invertaseHalfLifeHours } from './heat.js';

/**
 * How honey of this water content keeps, after Lochhead (1933). Grades are continuous: up to 17.1 %
 * keeps, 19 watch, 20 use-soon, above ferments; stingless-bee honey is outside these classes. Never
 * says 'safe'.
 *
 * @example
 * honeyKeeping({ moisturePercent: 18.4, bee: 'honeybee' }).grade; // "watch"
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

/** Under and above this yeast stands still in honey, °C: Wilson and Marvin (1932), 50 and 80 °F. */
const YEAST_WAKES_C = { from: 10, to: 27 };

/** How honey keeps at one warmth: what yeast may do, and how soon an enzyme is half gone. */
export interface KeepsAt {
  temperatureC: number;
  /** 'still' where it is too cold or too warm for yeast; else the class by its water. */
  yeast: 'still' | KeepingGrade;
  /** Days until half of the invertase is gone, and half of the diastase (White 1964). */
  invertaseHalfDays: number;
  diastaseHalfDays: number;
}

/**
 * How long honey of this water keeps at several warmths, as classes: fermenting by its water
 * (Lochhead 1933) where it is warm enough for yeast (Wilson and Marvin 1932), ageing by its enzymes
 * (White 1964). Takes percent and °C from 10 to 80. Never says 'safe'.
 */
export function keepsAt(
  moisturePercent: number,
  bee: 'honeybee' | 'stingless',
  temperaturesC: readonly number[],
): KeepsAt[] {
  const { grade } = honeyKeeping({ moisturePercent, bee });
  return temperaturesC.map((temperatureC) => {
    const still = temperatureC <= YEAST_WAKES_C.from || temperatureC > YEAST_WAKES_C.to;
    return {
      temperatureC,
      yeast: still && bee === 'honeybee' ? 'still' : grade,
      invertaseHalfDays: invertaseHalfLifeHours(temperatureC) / 24,
      diastaseHalfDays: diastaseHalfLifeHours(temperatureC) / 24,
    };
  });
}
