import { calcSay } from '../calcSays.js';
import { keyOnly, together, type Say, type Speak } from '../say/say.js';
import { forecastSay } from './forecastSays.js';
import { BadInput } from '../badInput.js';
import type { Range } from '../units/format.js';
import { drainForecast, type DrainForecast } from './forecast.js';
import type { CrushMethod } from '../records/vocabulary/bench.js';
import type { TemperatureStep } from './viscousTime.js';

export interface DrainForecastQuestion {
  combHoneyKg: Range;
  method: CrushMethod;
  moisturePercent: number;
  temperatures: TemperatureStep[];
  weighings: { hours: number; kg: number }[];
  stirHours?: number[];
  mashHours?: number[];
  pressHours?: number[];
  drawOffs?: { hours: number; kg: number }[];
  vesselFullKg?: number;
  nowHours: number;
  aheadHours: number[];
  stopBelowGPerHour?: number;
}
export interface DrainForecastAnswer {
  ahead: { hours: number; low: number; mid: number; high: number }[];
  finalKg: Range;
  nineTenthsHours: Range;
  fullHours: { earliest: number; likely: number | null; latest: number | null } | null;
  flowGPerHour: Range;
  stalled: boolean;
  stopAtHours: Range | null;
  sentence: string;
}

/** A weighing may lie above the most the comb held by so much of the scale's own error. */
const OVER_SHARE = 0.01;
const OVER_KG = 0.01;

/** Throws BadInput, with the weighing, where more is out than can have been in. */
function refuseTooMuch({ combHoneyKg, weighings }: DrainForecastQuestion): void {
  const most = combHoneyKg.high * (1 + OVER_SHARE) + OVER_KG;
  const i = weighings.findIndex((w) => w.kg > most);
  if (i < 0) return;
  throw new BadInput(
    calcSay('calc.more-out-than-in', {
      out: { massG: weighings[i].kg * 1000, as: 'read' },
      held: { massG: combHoneyKg.high * 1000, as: 'read' },
    }),
    `weighings[${i}].kg`,
  );
}

/** What the forecast says in one sentence; the vessel comes first, for it runs over. */
function sentenceOf(f: DrainForecast, nowHours: number): Say {
  if (f.stalled) return forecastSay('drain.forecast.stopped');
  const comes = forecastSay('drain.forecast.comes', {
    final: {
      massG: { low: f.finalKg.low * 1000, high: f.finalKg.high * 1000 },
      as: 'estimate',
    },
    low: { hours: f.nineTenthsHours.low },
    high: { hours: f.nineTenthsHours.high },
  });
  return together(f.overflowHours && fullSaid(f.overflowHours.earliest, nowHours), comes);
}

const fullSaid = (earliest: number, nowHours: number): Say =>
  earliest <= nowHours
    ? forecastSay('drain.forecast.full-now')
    : forecastSay('drain.forecast.full-after', { after: { hours: earliest } });

/**
 * The calculator drain-forecast: the same forecast as every screen, over what is handed in.
 * Kilograms of a weighing are all honey out so far, what was drawn off included; hours count from
 * the start. `speak` says the sentence.
 *
 * @throws {BadInput} where more is out than was in.
 *
 * @example
 * drainForecastBy({
 *   combHoneyKg: { low: 3.2, mid: 3.6, high: 4 },
 *   method: 'mash',
 *   moisturePercent: 18,
 *   temperatures: [{ hours: 0, temperatureC: 25 }],
 *   weighings: [],
 *   nowHours: 0,
 *   aheadHours: [],
 * }).finalKg.mid; // 2.9
 */
export function drainForecastBy(
  question: DrainForecastQuestion,
  speak: Speak = keyOnly,
): DrainForecastAnswer {
  refuseTooMuch(question);
  const { nowHours, stopBelowGPerHour, drawOffs = [] } = question;
  const forecast = drainForecast({
    combHoneyKg: question.combHoneyKg,
    method: question.method,
    moisturePercent: question.moisturePercent,
    temperature: question.temperatures,
    weighings: question.weighings,
    stirHours: [...(question.stirHours ?? []), ...(question.mashHours ?? [])],
    pressHours: question.pressHours ?? [],
    drawOffs,
    lowerFullKg: question.vesselFullKg ?? null,
    nowHours,
    stopBelowGPerHour: stopBelowGPerHour ?? 0,
    aheadHours: question.aheadHours,
    points: 2,
  });
  const { overflowHours: full } = forecast;
  return {
    ahead: forecast.ahead,
    finalKg: forecast.finalKg,
    nineTenthsHours: forecast.nineTenthsHours,
    fullHours: full && { earliest: full.earliest, likely: full.mid, latest: full.latest },
    flowGPerHour: forecast.rateGPerHour,
    stalled: forecast.stalled,
    stopAtHours: stopBelowGPerHour === undefined || forecast.stalled ? null : forecast.endHours,
    sentence: speak(sentenceOf(forecast, nowHours)),
  };
}
