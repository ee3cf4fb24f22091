import { flowFactor } from '../honey/viscosity.js';
import type { Range } from '../units/format.js';
import { DRAIN_PRIORS, FREED_BY_STIR, type CrushMethod } from './priors.js';
import { NORMAL_95 } from './fit.js';
import { profileFit } from './profileFit.js';

export interface DrainForecastInput {
  /** Honey in the crushed comb, kg, as a range (estimate or weighed comb less wax). */
  combHoneyKg: Range;
  method: CrushMethod;
  moisturePercent: number;
  temperatureC: number;
  /** Honey out so far, added up over draw-offs, at hours since the start. */
  weighings: { hours: number; kg: number }[];
  stirHours: number[];
  /** Draw-offs at the gate: when and how much left the lower vessel. */
  drawOffs: { hours: number; kg: number }[];
  /** Honey the lower vessel holds when full to its mark, kg; null where its size is unknown. */
  lowerFullKg: number | null;
  nowHours: number;
  stopBelowGPerHour: number;
}
export interface DrainForecast {
  finalKg: Range;
  /** Honey out at hours since the start, for the curve and its 90 % band. */
  curve: { hours: number; low: number; mid: number; high: number }[];
  outNowKg: Range;
  nineTenthsHours: Range;
  /** When the lower vessel is full, by the band's quick edge and its middle; null where it will not fill. */
  overflowHours: { earliest: number; mid: number | null } | null;
  rateGPerHour: Range;
  stopAdvised: boolean;
  weighingsUsed: number;
}

/**
 * Forecast of a drain by the model of SCIENCE 4 in viscous time: a bed that lets out its share with one
 * rate, and after each stir a new bed holding what the stir freed. The method's published share and tau are
 * the prior; the household's weighings narrow it. Band and edges are 90 % by the linearised posterior.
 * Pure; 500 weighings take a few milliseconds. Overflow is given by the early (unfavourable) edge.
 */
export function drainForecast(input: DrainForecastInput): DrainForecast {
  const { combHoneyKg, method, weighings, nowHours } = input;
  const prior = DRAIN_PRIORS[method];
  const factor = flowFactor(input.moisturePercent, input.temperatureC);
  // With no stir yet, mashed comb starts from the share before its two stirs.
  const firstShare = method === 'mash' ? 0.8 : prior.share.mid;
  const stirs = input.stirHours.map((h) => h * factor);
  const freed: number[] = [];
  let held = 1 - firstShare;
  for (let i = 0; i < stirs.length; i++) {
    freed.push(held * FREED_BY_STIR);
    held -= held * FREED_BY_STIR;
  }
  /** Share of the comb's honey out at viscous time s, for a rate per viscous hour. */
  const shape = (s: number, rate: number): { value: number; byRate: number } => {
    let value = -firstShare * Math.expm1(-rate * s);
    let byRate = firstShare * s * Math.exp(-rate * s);
    stirs.forEach((stirAt, i) => {
      const since = s - stirAt;
      if (since <= 0) return;
      value -= freed[i] * Math.expm1(-rate * since);
      byRate += freed[i] * since * Math.exp(-rate * since);
    });
    return { value, byRate };
  };
  const scaleMean = combHoneyKg.mid;
  const halfWidth = Math.max(combHoneyKg.high - combHoneyKg.low, 0.1 * combHoneyKg.mid, 0.02) / 2;
  // A range is taken as a 90 % interval, so half its width is 1.645 standard deviations; the share's own spread adds.
  const shareSpread = (prior.share.high - prior.share.low) / 2 / prior.share.mid;
  const scaleSd = Math.hypot(halfWidth, shareSpread * scaleMean) / NORMAL_95;
  const rateMean = 1 / prior.tauHours.mid;
  const rateSd = (1 / prior.tauHours.low - 1 / prior.tauHours.high) / 2 / NORMAL_95;
  const sdKg = Math.max(0.01, 0.01 * scaleMean);
  const fit = profileFit({
    observations: weighings.map((w) => ({ x: w.hours * factor, y: w.kg, weight: 1 / sdKg ** 2 })),
    shape,
    prior: { scale: { mean: scaleMean, sd: scaleSd }, rate: { mean: rateMean, sd: rateSd } },
    rateLow: rateMean / 30,
    rateHigh: rateMean * 30,
  });
  const covariance = fit.covariance ?? [[scaleSd ** 2, 0], [0, rateSd ** 2]];
  const sdRate = Math.sqrt(covariance[1][1]);
  const rateLow = Math.max(fit.rate - NORMAL_95 * sdRate, fit.rate / 4);
  const rateHigh = fit.rate + NORMAL_95 * sdRate;

  const last = weighings.reduce((latest, w) => (w.hours > (latest?.hours ?? -1) ? w : latest), null as { hours: number; kg: number } | null);
  const outAt = (hours: number): Range => {
    const { value, byRate } = shape(hours * factor, fit.rate);
    const mid = fit.scale * value;
    const variance = value ** 2 * covariance[0][0] + 2 * value * fit.scale * byRate * covariance[0][1] + (fit.scale * byRate) ** 2 * covariance[1][1];
    const half = NORMAL_95 * Math.sqrt(Math.max(0, variance) + (hours > 0 ? sdKg ** 2 / 4 : 0));
    // What has been weighed out is out.
    const floor = last && hours >= last.hours ? last.kg : 0;
    return { low: Math.max(floor, mid - half, 0), mid: Math.max(floor, mid), high: Math.max(floor, mid + half) };
  };
  const lastStir = stirs.length ? stirs[stirs.length - 1] : 0;
  const finalShare = firstShare + freed.reduce((a, b) => a + b, 0);
  const sdScale = Math.sqrt(covariance[0][0]);
  const finalMid = Math.max(fit.scale * finalShare, last?.kg ?? 0);
  const finalHalf = NORMAL_95 * sdScale * finalShare;
  const finalKg: Range = { low: Math.max(finalMid - finalHalf, last?.kg ?? 0), mid: finalMid, high: finalMid + finalHalf };

  const whenShare = (share: number, rate: number): number => {
    let low = 0;
    let high = (lastStir + 60 / rate) / factor;
    for (let i = 0; i < 60; i++) {
      const mid = (low + high) / 2;
      if (shape(mid * factor, rate).value < share) low = mid;
      else high = mid;
    }
    return high;
  };
  const nineTenths = 0.9 * finalShare;
  const nineTenthsHours: Range = { low: whenShare(nineTenths, rateHigh), mid: whenShare(nineTenths, fit.rate), high: whenShare(nineTenths, rateLow) };
  const horizon = Math.max(nineTenthsHours.high * 1.25, nowHours * 1.2, 2);
  const curve = Array.from({ length: 97 }, (_, i) => ({ hours: (horizon * i) / 96, ...outAt((horizon * i) / 96) }));
  const rate = (edge: number): number => Math.max(0, ((fit.scale * (shape((nowHours + 0.05) * factor, edge).value - shape(nowHours * factor, edge).value)) / 0.05) * 1000);
  const rates = [rate(rateLow), rate(fit.rate), rate(rateHigh)].sort((a, b) => a - b);
  const rateGPerHour: Range = { low: rates[0], mid: rate(fit.rate), high: rates[2] };

  return {
    finalKg,
    curve,
    outNowKg: outAt(nowHours),
    nineTenthsHours,
    overflowHours: overflow(),
    rateGPerHour,
    stopAdvised: nowHours > 0 && rateGPerHour.mid < input.stopBelowGPerHour && weighings.length > 0,
    weighingsUsed: weighings.length,
  };

  function overflow(): DrainForecast['overflowHours'] {
    if (input.lowerFullKg === null) return null;
    const drawn = input.drawOffs.reduce((sum, d) => sum + d.kg, 0);
    const full = input.lowerFullKg + drawn;
    const when = (edge: 'mid' | 'high'): number | null => {
      const end = horizon * 3;
      if (outAt(end)[edge] < full) return null;
      let low = 0;
      let high = end;
      for (let i = 0; i < 50; i++) {
        const mid = (low + high) / 2;
        if (outAt(mid)[edge] < full) low = mid;
        else high = mid;
      }
      return high;
    };
    const earliest = when('high');
    return earliest === null ? null : { earliest, mid: when('mid') };
  }
}
