import {
  hoursText,
  type Extent,
  type Language,
  type Mass,
  type Quantity,
  type Range,
  type Units,
} from '@furrow/core';
import {
  estimateRangeText,
  largeUnit,
  massFigure,
  massText,
  smallMassText,
  weighedText,
} from '../units/mass.js';
import {
  areaText,
  distanceText,
  lengthRangeText,
  lengthText,
  rainText,
  speedText,
  temperatureText,
  volumeRangeText,
  volumeText,
  warmerText,
} from '../units/measures.js';
import { localeOf } from './locale.js';
import type { Reader } from './reader.js';

const asRange = ({ low, high }: { low: number; high: number }): Range => ({
  low,
  mid: (low + high) / 2,
  high,
});
const isOne = (extent: Extent): extent is number => typeof extent === 'number';

/** A figure's point is a comma where the reader's language has it so. */
export function inLanguage(text: string, language: Language): string {
  return language === 'pt-BR' ? text.replace(/(\d)\.(?=\d)/g, '$1,') : text;
}

/** In kilograms or pounds, to so many decimals: "18 kg", "17–19 kg", "0.6 kg". */
function largeMassSaid(extent: Extent, units: Units, digits: number): string {
  const figures = (isOne(extent) ? [extent] : [extent.low, extent.high]).map((g) =>
    massFigure(g / 1000, units, digits),
  );
  return `${[...new Set(figures)].join('–')} ${largeUnit(units)}`;
}

function massSaid(extent: Extent, as: Mass['as'], { units }: Reader): string {
  if (as === 'whole') return largeMassSaid(extent, units, 0);
  if (as === 'large') return largeMassSaid(extent, units, 1);
  if (!isOne(extent)) {
    const { low, high } = extent;
    return estimateRangeText(asRange({ low: low / 1000, high: high / 1000 }), units);
  }
  if (as === 'read') return weighedText(extent, units);
  return extent < 1000 ? smallMassText(extent, units) : massText(extent / 1000, units);
}

const percentSaid = (extent: Extent): string =>
  isOne(extent)
    ? `${Number(extent.toFixed(1))} %`
    : `${Number(extent.low.toFixed(1))}–${Number(extent.high.toFixed(1))} %`;

/** A day: "7 Mar 2026", "7 de mar. de 2026". English days go before their month, as on a label. */
function dateSaid(date: string, { language }: Reader): string {
  return new Intl.DateTimeFormat(localeOf(language), {
    day: 'numeric',
    month: 'short',
    year: 'numeric',
    timeZone: 'UTC',
  }).format(new Date(`${date}T12:00:00Z`));
}

/** A month: "Mar 2027", "mar. de 2027". */
function monthSaid(month: string, { language }: Reader): string {
  return new Intl.DateTimeFormat(localeOf(language), {
    month: 'short',
    year: 'numeric',
    timeZone: 'UTC',
  }).format(new Date(`${month}-15T12:00:00Z`));
}

function instantSaid(instant: string, zone: string, { language }: Reader): string {
  return new Intl.DateTimeFormat(localeOf(language), {
    weekday: 'short',
    hour: '2-digit',
    minute: '2-digit',
    timeZone: zone,
  }).format(new Date(instant));
}

/** A quantity as the reader says it, with its unit. */
export function quantitySaid(quantity: Quantity, reader: Reader): string {
  return inLanguage(said(quantity, reader), reader.language);
}

function said(quantity: Quantity, reader: Reader): string {
  const { units } = reader;
  if ('massG' in quantity) return massSaid(quantity.massG, quantity.as, reader);
  if ('volumeL' in quantity) {
    const { volumeL } = quantity;
    return isOne(volumeL) ? volumeText(volumeL, units) : volumeRangeText(asRange(volumeL), units);
  }
  if ('areaCm2' in quantity) return areaText(quantity.areaCm2, units);
  if ('rainMm' in quantity) return rainText(quantity.rainMm, units);
  if ('distanceM' in quantity) return distanceText(quantity.distanceM, units);
  if ('lengthMm' in quantity) {
    const { lengthMm } = quantity;
    return isOne(lengthMm)
      ? lengthText(lengthMm, units)
      : lengthRangeText(asRange(lengthMm), units);
  }
  if ('temperatureC' in quantity) {
    const { temperatureC } = quantity;
    if (isOne(temperatureC)) return temperatureText(temperatureC, units);
    return `${temperatureText(temperatureC.low, units)} – ${temperatureText(temperatureC.high, units)}`;
  }
  if ('warmerC' in quantity) return warmerText(quantity.warmerC, units);
  if ('speedKmH' in quantity) return speedText(quantity.speedKmH, units);
  if ('percent' in quantity) return percentSaid(quantity.percent);
  if ('money' in quantity) return `${reader.currency} ${quantity.money.toFixed(2)}`.trim();
  // d, h and min are the same in every language here.
  if ('hours' in quantity) return hoursText(quantity.hours);
  if ('month' in quantity) return monthSaid(quantity.month, reader);
  if ('date' in quantity) return dateSaid(quantity.date, reader);
  return instantSaid(quantity.instant, quantity.zone, reader);
}
