import type { Extent, Say } from '../say/say.js';
import { daysBetween } from '../units/dates.js';
import { combEstimate, type CombEstimate, type CombInput, type ReadBy } from '../comb/estimate.js';
import type { Shares } from '../records/vocabulary/combShapes.js';
import { type CombOutline, faceAreaCm2 } from '../comb/outline.js';
import { paneReading } from '../comb/partial.js';
import { potsEstimate } from '../comb/pots.js';
import { readShape } from '../hive/kinds.js';
import { asDate } from './finding.js';
import { lookSay } from './says.js';
import { honeyMoisture } from '../honey/moisture.js';
import type { Range } from '../units/format.js';
import type { BenchReading, Reading } from '../records/look.js';
import type { Hive, Look } from '../records/hiveViews.js';

/** What one look says, before and after it is written down. */
export type Seen = Pick<Look, 'sides' | 'readings' | 'combAge' | 'depthMm' | 'thicknessMm'> &
  Partial<Pick<Look, 'pane' | 'attachment' | 'pots' | 'straight' | 'seenBy' | 'painted'>>;
export type HiveMeasures = Pick<Hive, 'kind' | 'geometry'>;

/** Water content of one reading by its scale and temperature. */
export function readingMoisture(reading: BenchReading): {
  moisturePercent: number;
  approximate: boolean;
} {
  const key = { moisture: 'moisturePercent', brix: 'brixPercent', index: 'refractiveIndex' }[
    reading.scale
  ];
  return honeyMoisture({
    [key]: reading.value,
    temperatureC: reading.temperatureC,
    temperatureCompensated: reading.temperatureCompensated,
  });
}

/**
 * Days after which an instrument's last calibration is old: a starting value, the household's own
 * leaflet wins.
 */
const CALIBRATION_DAYS = 365;

/**
 * Why a reading is doubtful, in a sentence, or null: read outside the instrument's temperatures, or
 * long since it was calibrated. `date` is the day of the reading.
 */
export function readingDoubt(reading: BenchReading, date: string): Say | null {
  const { temperatureC, instrumentLowC, instrumentHighC, calibratedOn } = reading;
  if (instrumentLowC !== undefined && temperatureC < instrumentLowC)
    return lookSay('look.reading.below', {
      temperature: { temperatureC },
      low: { temperatureC: instrumentLowC },
    });
  if (instrumentHighC !== undefined && temperatureC > instrumentHighC)
    return lookSay('look.reading.above', {
      temperature: { temperatureC },
      high: { temperatureC: instrumentHighC },
    });
  if (calibratedOn && daysBetween(calibratedOn, date) > CALIBRATION_DAYS)
    return lookSay('look.reading.calibrated', {
      on: asDate(calibratedOn),
    });
  return null;
}

/**
 * Samples of one comb together: mean, spread (largest less smallest) and the wettest, which
 * decides. Null without a sample.
 */
export function moistureSummary(readings: readonly Reading[]): {
  count: number;
  meanPercent: number;
  spreadPercent: number;
  wettestPercent: number;
  openSamples: number;
  bothSides: boolean;
} | null {
  if (!readings.length) return null;
  const values = readings.map((r) => readingMoisture(r).moisturePercent);
  const open = readings.filter((r) => r.cells === 'open');
  return {
    count: values.length,
    meanPercent: values.reduce((a, b) => a + b, 0) / values.length,
    spreadPercent: Math.max(...values) - Math.min(...values),
    wettestPercent: Math.max(...values),
    openSamples: open.length,
    bothSides: new Set(open.map((r) => r.side)).size === 2,
  };
}

/** Outline of a comb as deep as it was seen, narrowing as the hive's walls do. */
export function seenOutline(hive: HiveMeasures, depthMm: number): CombOutline {
  const { outline } = readShape(hive);
  const share = Math.min(1, depthMm / outline.depthMm);
  return {
    topWidthMm: outline.topWidthMm,
    bottomWidthMm: outline.topWidthMm + (outline.bottomWidthMm - outline.topWidthMm) * share,
    depthMm,
  };
}

/**
 * How the shares of a side were got: cells from a photo or painted by hand, else bands set by eye.
 */
function readByOf(seen: Seen, side: 'A' | 'B'): ReadBy {
  if (!seen.painted?.[side]) return 'eye';
  return seen.seenBy?.[side] === 'photo' ? 'photo' : 'painted';
}

/**
 * Honey and wax of a comb as it was seen; null where nothing of it was. The wettest sealed sample
 * sets the density, the way each side was read its error.
 */
export function estimateSeen(seen: Seen, hive: HiveMeasures): CombEstimate | null {
  if (seen.pots) return potsAsComb(seen.pots);
  const areaCm2 = faceAreaCm2(seenOutline(hive, seen.depthMm));
  const sides = (['A', 'B'] as const).flatMap((side) => {
    const shares = seen.sides[side];
    return shares ? [{ areaCm2, shares, readBy: readByOf(seen, side) }] : [];
  });
  const sealed = seen.readings
    .filter((r) => r.cells === 'sealed')
    .map((r) => readingMoisture(r).moisturePercent);
  const measured = {
    kind: hive.kind,
    thicknessMm: seen.thicknessMm,
    combAge: seen.combAge,
    ...(sealed.length ? { moisturePercent: Math.max(...sealed) } : {}),
  };
  if (sides.length === 0) return seen.pane ? paneEstimate(seen.pane, areaCm2, measured) : null;
  return combEstimate({ sides, ...measured });
}

function potsAsComb(pots: NonNullable<Seen['pots']>): CombEstimate {
  const { honeyKg, sealedKg, sealedShare } = potsEstimate(pots);
  const none: Range = { low: 0, mid: 0, high: 0 };
  // Cerumen is wax with resin, not sold as beeswax: no wax is promised.
  return {
    honeyKg,
    cappedHoneyKg: sealedKg,
    openHoneyKg: {
      low: honeyKg.low - sealedKg.low,
      mid: honeyKg.mid - sealedKg.mid,
      high: honeyKg.high - sealedKg.high,
    },
    waxKg: none,
    cappedShareOfHoney: sealedShare,
  };
}

/**
 * A whole frame from the few cells at its end: every edge of the range from the edges of what the
 * pane tells.
 */
function paneEstimate(
  pane: NonNullable<Seen['pane']>,
  areaCm2: number,
  measured: Omit<CombInput, 'sides'>,
): CombEstimate {
  const { filled, cappedOfHoney } = paneReading(pane);
  const at = (fill: number, capped: number): CombEstimate => {
    const shares: Shares = {
      capped: fill * capped,
      open: fill * (1 - capped),
      pollen: 0,
      brood: 0,
      empty: 1 - fill,
    };
    return combEstimate({
      sides: [
        { areaCm2, shares },
        { areaCm2, shares },
      ],
      ...measured,
    });
  };
  const [low, mid, high] = [
    at(filled.low, cappedOfHoney.low),
    at(filled.mid, cappedOfHoney.mid),
    at(filled.high, cappedOfHoney.high),
  ];
  const fullyOpen = at(filled.high, cappedOfHoney.low);
  return {
    honeyKg: { low: low.honeyKg.low, mid: mid.honeyKg.mid, high: high.honeyKg.high },
    cappedHoneyKg: {
      low: low.cappedHoneyKg.low,
      mid: mid.cappedHoneyKg.mid,
      high: high.cappedHoneyKg.high,
    },
    openHoneyKg: {
      low: at(filled.low, cappedOfHoney.high).openHoneyKg.low,
      mid: mid.openHoneyKg.mid,
      high: fullyOpen.openHoneyKg.high,
    },
    waxKg: mid.waxKg,
    cappedShareOfHoney: cappedOfHoney.mid,
  };
}

/**
 * What was seen of a comb from outside, in a sentence marked as a guess; null where nothing was.
 */
export function glimpseOf(seen: Seen | null): Say | null {
  if (!seen) return null;
  if (seen.pane) {
    const { filled, cappedOfHoney } = paneReading(seen.pane);
    return lookSay('look.glimpse.pane', {
      filled: percentsOf(filled),
      capped: percentsOf(cappedOfHoney),
    });
  }
  return seen.attachment ? lookSay(`look.glimpse.${seen.attachment}`) : null;
}

const percentsOf = ({ low, high }: Range): { percent: Extent } => ({
  percent: { low: Math.round(low * 100), high: Math.round(high * 100) },
});
