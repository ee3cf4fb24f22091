import { byForecast, heldOutCoverage, seasonCoverage } from '../packages/core/fixtures/coverage.js';
import { DRAIN_SHAPES, coverageOf, type Coverage } from '../packages/core/fixtures/drainShapes.js';
import { HELD_OUT_SEASONS, heldOutSeason } from '../packages/core/fixtures/heldOut.js';
import { SEASONS, seasonRun } from '../packages/core/fixtures/seasons.js';

const percent = (part: number, of: number): string =>
  `${((100 * part) / Math.max(1, of)).toFixed(1)} %`;

function printDrains(title: string, of: readonly Coverage[]): void {
  console.log(`\nCoverage of the drain's 90 % band, ${title}`);
  const sum = (pick: (c: Coverage) => number): number => of.reduce((s, c) => s + pick(c), 0);
  for (const c of of) {
    const parts = [
      `inside ${percent(c.inside, c.asked)}`,
      `below ${percent(c.below, c.asked)}`,
      `above ${percent(c.above, c.asked)}`,
      `width ${(100 * c.width).toFixed(1)} % of the honey`,
      `earliest full missed ${percent(c.missed, c.filled)}`,
    ];
    console.log(`${c.shape.padEnd(52)} ${parts.join(', ')}`);
  }
  const inside = percent(
    sum((c) => c.inside),
    sum((c) => c.asked),
  );
  const missed = percent(
    sum((c) => c.missed),
    sum((c) => c.filled),
  );
  console.log(`${'all shapes'.padEnd(52)} inside ${inside}, earliest full missed ${missed}`);
}

type Season = Parameters<typeof seasonCoverage>[0];
function printSeasons(title: string, seasons: readonly (readonly [string, Season])[]): void {
  console.log(`\nDates of ripening, meant to hold four of five, ${title}`);
  for (const [name, season] of seasons) {
    const { asked, inside } = seasonCoverage(season);
    console.log(`${name.padEnd(52)} inside ${percent(inside, asked)} of ${asked}`);
  }
}

/**
 * How often the truth lies in the range: on what the widths were chosen by, and on what was held
 * out.
 */
export function benchCoverage(): void {
  for (const seed of [7, 2026])
    printDrains(
      `chosen by these, seed ${seed}`,
      DRAIN_SHAPES.map((shape) => coverageOf(shape, 150, seed, byForecast)),
    );
  printDrains(
    'held out',
    DRAIN_SHAPES.map((shape) => heldOutCoverage(shape, 300)),
  );
  printSeasons(
    'chosen by these',
    SEASONS.map((name) => [name, (seed, start) => seasonRun(name, seed, start)]),
  );
  printSeasons(
    'held out',
    HELD_OUT_SEASONS.map((name) => [name, (seed, start) => heldOutSeason(name, seed, start)]),
  );
}
