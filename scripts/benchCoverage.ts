import {
  DRAIN_SHAPES,
  coverageOf,
  type Forecaster,
} from '../packages/core/fixtures/drainShapes.js';
import { SEASONS, seasonRun } from '../packages/core/fixtures/seasons.js';
import { STARTING_PACE, cappedForecast, drainForecast } from '../packages/core/src/index.js';
import { addDays, daysBetween } from '../packages/core/src/units/dates.js';

const percent = (part: number, of: number): string =>
  `${((100 * part) / Math.max(1, of)).toFixed(1)} %`;

const byForecast: Forecaster = ({ run, weighings, nowHours, aheadHours, vesselFullKg }) => {
  const { ahead, overflowHours } = drainForecast({
    combHoneyKg: run.combHoneyKg,
    method: run.method,
    moisturePercent: run.moisturePercent,
    temperature: [{ hours: 0, temperatureC: run.temperatureC }],
    weighings,
    stirHours: [],
    drawOffs: [],
    lowerFullKg: vesselFullKg,
    nowHours,
    stopBelowGPerHour: 20,
    aheadHours,
    points: 2,
  });
  return { ahead, earliestFullHours: overflowHours?.earliest ?? null };
};

/** How often the truth lies in the range, on made-up runs and seasons of other generators, shape by shape. */
export function benchCoverage(): void {
  console.log("\nCoverage of the drain's 90 % band, 150 runs a shape, 1 to 20 h ahead");
  const all = { inside: 0, asked: 0, missed: 0, filled: 0 };
  for (const shape of DRAIN_SHAPES) {
    const of = coverageOf(shape, 150, 2026, byForecast);
    for (const key of ['inside', 'asked', 'missed', 'filled'] as const) all[key] += of[key];
    console.log(
      `${shape.padEnd(52)} inside ${percent(of.inside, of.asked)}, below ${percent(of.below, of.asked)}, above ${percent(of.above, of.asked)}, width ${(100 * of.width).toFixed(1)} % of the honey, earliest full missed ${percent(of.missed, of.filled)}`,
    );
  }
  console.log(
    `${'all shapes'.padEnd(52)} inside ${percent(all.inside, all.asked)}, earliest full missed ${percent(all.missed, all.filled)}`,
  );
  console.log('\nCoverage of the dates of ripening, meant to hold four of five');
  for (const name of SEASONS) console.log(`${name.padEnd(52)} ${seasonCoverage(name)}`);
}

function seasonCoverage(name: (typeof SEASONS)[number]): string {
  const start = '2026-02-01';
  let [asked, inside] = [0, 0];
  for (let seed = 1; seed <= 400; seed++) {
    const { truth, looks } = seasonRun(name, seed, start);
    const last = looks[looks.length - 1];
    const f = cappedForecast({ looks, need: 0.8, pace: STARTING_PACE, today: last.date });
    if (!f?.rising || last.cappedShare >= 0.8) continue;
    asked++;
    const now = daysBetween(start, last.date);
    const met = truth.findIndex((share, day) => day >= now && share >= 0.8);
    const day = addDays(start, met);
    const holds =
      met < 0 ? f.latest === null : f.earliest <= day && (f.latest === null || day <= f.latest);
    if (holds) inside++;
  }
  return `inside ${percent(inside, asked)} of ${asked}`;
}
