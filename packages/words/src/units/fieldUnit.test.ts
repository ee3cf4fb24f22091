import { METRIC, US_UNITS } from '@furrow/core';
import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { fieldUnit } from './fieldUnit.js';

describe('how a field of a measure is typed', () => {
  it('stays as it is where it is metric, and where its unit is no choice', () => {
    expect(fieldUnit('kg', METRIC).sign).toBe('kg');
    for (const unit of ['%', 'days', undefined]) {
      const how = fieldUnit(unit, US_UNITS);
      expect([how.sign, how.shown(17), how.read('17')]).toEqual([unit, 17, 17]);
    }
    expect(fieldUnit('%', METRIC).read('18.5 %')).toBe(18.5);
  });
  it.each([
    ['kg', 'lb'],
    ['g', 'oz'],
    ['g an hour', 'oz an hour'],
    ['a kg', 'a lb'],
    ['°C', '°F'],
    ['mm', 'in'],
    ['cm', 'in'],
    ['L', 'gal'],
    ['ml', 'fl oz'],
    ['km/h', 'mph'],
  ])('asks %s in %s', (kept, sign) => expect(fieldUnit(kept, US_UNITS).sign).toBe(sign));
  it('gives back what was kept, to the step that is measured', () => {
    const steps = { kg: 0.005, g: 1.5, '°C': 0.06, mm: 0.2, cm: 0.02, L: 0.02, ml: 1.6 };
    for (const [unit, step] of Object.entries(steps)) {
      const how = fieldUnit(unit, US_UNITS);
      fc.assert(
        fc.property(fc.integer({ min: 0, max: 2000 }), (kept) => {
          expect(Math.abs(how.read(String(how.shown(kept)))! - kept)).toBeLessThanOrEqual(step);
        }),
      );
    }
  });
  it('knows when a unit of its own was typed, and why one is not understood', () => {
    const how = fieldUnit('kg', US_UNITS);
    expect(how.hasOwnUnit('20')).toBe(false);
    expect(how.hasOwnUnit('20 lb')).toBe(false);
    expect(how.hasOwnUnit('9 kg')).toBe(true);
    expect(how.read('9 kg')).toBe(9);
    expect(how.why('9 stone')).toBe('no-unit');
  });
  it('gives a price of a kilogram back as it was typed for a pound', () => {
    const how = fieldUnit('a kg', US_UNITS);
    for (const typed of ['10', '10.1', '7.35'])
      expect(String(how.shown(how.read(typed)!))).toBe(typed);
  });
});
