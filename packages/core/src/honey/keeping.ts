import { keyOnly, type Say, type Speak } from '../say/say.js';
import { honeySay } from './says.js';
import type { KeepingGrade } from '../records/vocabulary/keeping.js';
import { diastaseHalfLifeHours, invertaseHalfLifeHours } from './heat.js';

/** Edges of the classes of Lochhead (1933), percent of water. */
const CLASSES = { keeps: 17.1, watch: 19, useSoon: 20 };

/**
 * How honey of this water content keeps, after Lochhead (1933). Grades are continuous: up to 17.1 %
 * keeps, 19 watch, 20 use-soon, above ferments; stingless-bee honey is outside these classes. Never
 * says 'safe'.
 */
export function keepingGrade(moisturePercent: number, bee: 'honeybee' | 'stingless'): KeepingGrade {
  if (bee === 'stingless') return 'keep-cold';
  if (moisturePercent <= CLASSES.keeps) return 'keeps';
  if (moisturePercent <= CLASSES.watch) return 'watch';
  return moisturePercent <= CLASSES.useSoon ? 'use-soon' : 'ferments';
}

/** The same in a saying, with its water. */
export function keepingSaid(moisturePercent: number, bee: 'honeybee' | 'stingless'): Say {
  const water = { percent: moisturePercent };
  const keeps = { percent: CLASSES.keeps };
  const watch = { percent: CLASSES.watch };
  const useSoon = { percent: CLASSES.useSoon };
  switch (keepingGrade(moisturePercent, bee)) {
    case 'keep-cold':
      return honeySay('honey.keeping.keep-cold', { water });
    case 'keeps':
      return honeySay('honey.keeping.keeps', { water, keeps });
    case 'watch':
      return honeySay('honey.keeping.watch', { water, keeps, watch });
    case 'use-soon':
      return honeySay('honey.keeping.use-soon', { water, watch, useSoon });
    case 'ferments':
      return honeySay('honey.keeping.ferments', { water, useSoon });
  }
}

/** How honey keeps by its water, and the same said. */
export interface KeepsSaid {
  grade: KeepingGrade;
  sentence: Say;
}
export const keepingOf = (moisturePercent: number, bee: 'honeybee' | 'stingless'): KeepsSaid => ({
  grade: keepingGrade(moisturePercent, bee),
  sentence: keepingSaid(moisturePercent, bee),
});

/**
 * The calculator honey-keeping: grade and reason, said by who asks.
 *
 * @example
 * honeyKeeping({ moisturePercent: 18.4, bee: 'honeybee' }).grade; // "watch"
 */
export function honeyKeeping(
  input: { moisturePercent: number; bee: 'honeybee' | 'stingless' },
  speak: Speak = keyOnly,
): { grade: KeepingGrade; reason: string } {
  const { moisturePercent, bee } = input;
  return {
    grade: keepingGrade(moisturePercent, bee),
    reason: speak(keepingSaid(moisturePercent, bee)),
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
  const grade = keepingGrade(moisturePercent, bee);
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
