import { sayingLine } from '../fixtures/said.js';
import { describe, expect, it } from 'vitest';
import { BadInput, pathText } from './badInput.js';
import { CALCULATORS, calculate, calculatorSchemas } from './calculators.js';

const shares = { capped: 1, open: 0, pollen: 0, brood: 0, empty: 0 };
const at = '2026-03-14T12:00:00Z';

describe('what every calculator refuses, with the path of the field', () => {
  it.each<[string, unknown, string]>([
    ['honey-moisture', {}, ''],
    ['honey-moisture', { moisturePercent: 18, brixPercent: 80 }, 'moisturePercent'],
    ['honey-moisture', { moisturePercent: 101 }, 'moisturePercent'],
    ['honey-moisture', { moisturePercent: -1 }, 'moisturePercent'],
    ['honey-moisture', { moisturePercent: '18' }, 'moisturePercent'],
    ['honey-moisture', { moisturePercent: 18, scale: 'brix' }, 'scale'],
    ['honey-moisture', { refractiveIndex: 1.4915, temperatureC: Infinity }, 'temperatureC'],
    ['honey-properties', { moisturePercent: 18 }, 'temperatureC'],
    ['honey-properties', { moisturePercent: Number.NaN, temperatureC: 20 }, 'moisturePercent'],
    ['honey-properties', { moisturePercent: 18, temperatureC: 500 }, 'temperatureC'],
    [
      'honey-heat',
      {
        exposures: [
          { temperatureC: 40, hours: 1 },
          { temperatureC: 40, hours: -1 },
        ],
      },
      'exposures[1].hours',
    ],
    ['honey-heat', { exposures: [{ temperatureC: -300, hours: 1 }] }, 'exposures[0].temperatureC'],
    ['honey-heat', {}, 'exposures'],
    ['honey-keeping', { moisturePercent: 18, bee: 'wasp' }, 'bee'],
    ['comb-estimate', { sides: [], thicknessMm: 25, combAge: 'new' }, 'sides'],
    [
      'comb-estimate',
      {
        sides: [
          { areaCm2: 1, shares },
          { areaCm2: 1, shares },
          { areaCm2: 1, shares },
        ],
        thicknessMm: 25,
        combAge: 'new',
      },
      'sides',
    ],
    [
      'comb-estimate',
      { sides: [{ areaCm2: -1, shares }], thicknessMm: 25, combAge: 'new' },
      'sides[0].areaCm2',
    ],
    [
      'comb-estimate',
      { sides: [{ areaCm2: 1, shares }], thicknessMm: 0, combAge: 'new' },
      'thicknessMm',
    ],
    [
      'comb-estimate',
      {
        sides: [{ areaCm2: 1, shares: { ...shares, capped: -0.2, open: 1.2 } }],
        thicknessMm: 25,
        combAge: 'new',
      },
      'sides[0].shares.capped',
    ],
    [
      'comb-estimate',
      { sides: [{ areaCm2: 1, shares }], thicknessMm: 25, combAge: 'old' },
      'combAge',
    ],
    ['drain-fit', { weighings: [{ hours: 1, kg: 1 }] }, 'weighings'],
    [
      'drain-fit',
      {
        weighings: [
          { hours: -1, kg: 1 },
          { hours: 2, kg: 1 },
        ],
      },
      'weighings[0].hours',
    ],
    [
      'drain-fit',
      {
        weighings: [],
        prior: { finalKg: { mean: 8, sd: 0 }, ratePerHour: { mean: 0.2, sd: 0.1 } },
      },
      'prior.finalKg.sd',
    ],
    [
      'jar-fill',
      { honeyKg: -1, jars: [{ id: 'a', netG: 1, stock: 1, value: 0 }], goal: 'least-left' },
      'honeyKg',
    ],
    [
      'jar-fill',
      { honeyKg: 1, jars: [{ id: 'a', netG: 1, stock: 1, value: 0 }], goal: 'best' },
      'goal',
    ],
    [
      'jar-fill',
      { honeyKg: 1, jars: [{ id: 'outside', netG: 1, stock: 1, value: 0 }], goal: 'least-left' },
      'jars[0].id',
    ],
    [
      'mass-balance',
      {
        lots: [
          { id: 'a', kind: 'x' },
          { id: 'a', kind: 'x' },
        ],
        flows: [],
      },
      'lots[1].id',
    ],
    ['mass-balance', { lots: [{ id: 'loss', kind: 'x' }], flows: [] }, 'lots[0].id'],
    [
      'mass-balance',
      {
        lots: [{ id: 'a', kind: 'x' }],
        flows: [
          { id: 'f', from: 'outside', to: 'a', g: 1, at },
          { id: 'f', from: 'outside', to: 'a', g: 1, at },
        ],
      },
      'flows[1].id',
    ],
    [
      'mass-balance',
      { lots: [{ id: 'a', kind: 'x' }], flows: [{ from: 'a', to: 'a', g: 1, at }] },
      'flows[0].to',
    ],
    ['nothing-known', {}, 'name'],
  ])('%s %j', (name, input, path) => {
    expect(() => calculate(name, input)).toThrow(BadInput);
    try {
      calculate(name, input);
    } catch (error) {
      expect(error).toMatchObject({ code: 'bad-input', path });
      expect((error as Error).message.length).toBeGreaterThan(4);
      expect((error as Error).message).not.toContain('\n');
    }
  });
});

describe('the registry', () => {
  it('says each calculator in one line and gives both schemas', () => {
    expect(CALCULATORS.size).toBe(13);
    for (const { name, summary } of CALCULATORS.values()) {
      expect(summary).toMatch(/^[A-Z].*\.$/);
      const schemas = calculatorSchemas(name) as {
        input: { additionalProperties: boolean };
        output: { type: string };
      };
      expect(schemas.input.additionalProperties).toBe(false);
      expect(schemas.output.type).toBe('object');
    }
    expect(() => calculatorSchemas('x')).toThrow(BadInput);
  });
  it('writes paths as a person does', () =>
    expect(pathText(['weighings', 2, 'kg'])).toBe('weighings[2].kg'));
});

/** What a calculator says against an input. */
function refusalIn(name: string, input: unknown): string {
  try {
    calculate(name, input);
  } catch (error) {
    if (error instanceof BadInput && error.says) return sayingLine(error.says);
    throw error;
  }
  return 'nothing';
}

describe('what is said of a refusal', () => {
  it.each<[string, unknown, string]>([
    ['honey-properties', { moisturePercent: 18 }, 'field.missing'],
    ['honey-properties', { moisturePercent: '18', temperatureC: 20 }, 'field.number-needed'],
    ['honey-properties', { moisturePercent: Infinity, temperatureC: 20 }, 'field.finite-number'],
    [
      'honey-keeping',
      { moisturePercent: 18, bee: 'wasp' },
      'field.one-of {values: honeybee, stingless}',
    ],
    ['honey-heat', { exposures: 5 }, 'field.list-needed'],
    ['jar-fill', [], 'field.record-needed'],
    [
      'honey-moisture',
      { moisturePercent: 18, scale: 'brix' },
      'field.unknown-field {field: scale}',
    ],
  ])('%s %j: %s', (name, input, line) => expect(refusalIn(name, input)).toBe(line));
});
