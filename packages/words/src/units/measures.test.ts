import { IMPERIAL, METRIC, US_UNITS } from '@furrow/core';
import { describe, expect, it } from 'vitest';
import {
  lengthRangeText,
  lengthText,
  sidesText,
  speedText,
  temperatureText,
  volumeRangeText,
  volumeText,
  warmerText,
} from './measures.js';

const range = (low: number, high: number) => ({ low, mid: (low + high) / 2, high });

describe('a measure in the unit that fits', () => {
  it.each([
    [volumeText(8.5), '8.5 L'],
    [volumeText(0.37), '370 ml'],
    [volumeText(8.5, US_UNITS), '2.2 gal'],
    [volumeText(8.5, IMPERIAL), '1.9 gal'],
    [volumeText(0.37, US_UNITS), '12.5 fl oz'],
    [volumeText(0.5, US_UNITS), '1.1 pt'],
    [volumeText(1, US_UNITS), '1.1 qt'],
    [volumeRangeText(range(8.04, 12), METRIC), '8–12 L'],
    [volumeRangeText(range(2, 12), US_UNITS), '0.5–3.2 gal'],
    [lengthText(270), '270 mm'],
    [lengthText(270, METRIC, 'cm'), '27 cm'],
    [lengthText(270, US_UNITS), '10.6 in'],
    [lengthText(8, US_UNITS), '0.31 in'],
    [lengthRangeText(range(20, 25), US_UNITS), '0.79–0.98 in'],
    [sidesText([430, 135]), '430 × 135 mm'],
    [sidesText([430, 135], US_UNITS), '16.9 × 5.3 in'],
    [sidesText([50, 50]), '50 × 50 mm'],
    [temperatureText(24.4), '24 °C'],
    [temperatureText(24.5, METRIC, 1), '24.5 °C'],
    [temperatureText(24.5, US_UNITS, 1), '76.1 °F'],
    [temperatureText(-18, US_UNITS), '0 °F'],
    [temperatureText(-30, US_UNITS), '−22 °F'],
    [warmerText(2, US_UNITS), '4 °F'],
    [speedText(20), '20 km/h'],
    [speedText(20, US_UNITS), '12 mph'],
  ])('%s', (said, expected) => expect(said).toBe(expected));
});
