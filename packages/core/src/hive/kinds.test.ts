import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import {
  countedCombs,
  hasClosedBrood,
  hiveKind,
  placeLabel,
  placeNumber,
  readShape,
} from './kinds.js';
import { geometryIssues } from './geometryIssues.js';
import { HIVE_KIND_NAMES } from '../records/vocabulary/hive.js';
import { sealedThicknessMm } from './kind.js';
import { said } from '../../fixtures/said.js';

describe.each(HIVE_KIND_NAMES)('the kind %s', (name) => {
  const kind = hiveKind(name);
  it('has defaults within its own bounds, and a measure on screen for every number of them', () => {
    expect(kind.kind).toBe(name);
    expect(geometryIssues(name, kind.defaults)).toEqual([]);
    for (const [key, value] of Object.entries(kind.defaults)) {
      const measure = kind.measures.find((m) => m.key === key);
      if (typeof value === 'string')
        expect(kind.choices.find((c) => c.key === key)?.options.map((o) => o.value)).toContain(
          value,
        );
      else expect(value >= measure!.low && value <= measure!.high).toBe(true);
    }
  });
  it('refuses a measure out of its bounds with a sentence that names the bound', () => {
    for (const { key, low, high } of kind.measures)
      for (const bad of [low - 1, high + 1]) {
        const [issue] = geometryIssues(name, { ...kind.defaults, [key]: bad });
        expect(issue.path).toBe(key);
        expect(said(issue.says)).toMatch(/^field\.of\.at-(least|most) /);
      }
    expect(geometryIssues(name, kind.defaults)).toEqual([]);
    expect(geometryIssues(name, { ...kind.defaults, hatch: 1 })[0]).toMatchObject({
      path: 'hatch',
    });
  });
  it('has places, wood and comb that fit into each other', () => {
    const boxes = kind.boxesAtStart(kind.defaults);
    expect(boxes.length === 0).toBe(kind.readCompartment === 'file');
    for (const compartment of new Set([kind.readCompartment, ...boxes])) {
      const shape = kind.compartment(kind.defaults, compartment);
      expect(shape.combsAtStart).toBeLessThanOrEqual(shape.positions);
      expect(shape.positions * shape.pitchMm).toBeLessThanOrEqual(shape.innerWidthMm + 1);
      if (kind.bee === 'honeybee')
        expect(shape.outline.depthMm).toBeLessThanOrEqual(shape.innerDepthMm);
      expect(shape.readable).toBe(compartment !== 'brood');
    }
    expect(readShape({ kind: name, geometry: kind.defaults }).positions).toBeGreaterThan(0);
  });
  it('says its risks, and what can be moved', () => {
    expect(kind.risks.length).toBeGreaterThanOrEqual(3);
    expect(kind.moves.length).toBeGreaterThan(0);
    expect(kind.newBox === null).toBe(
      !kind.moves.some((m) => m.startsWith('add-')) && kind.newBox === null,
    );
    expect(hasClosedBrood(name)).toBe(kind.boxesAtStart(kind.defaults).includes('brood'));
  });
});

describe('places', () => {
  it('are one number in a hive and read back as box and place', () => {
    expect([placeNumber(null, 12), placeNumber(3, 5)]).toEqual([12, 305]);
    expect([placeLabel(12), placeLabel(305), placeLabel(1214)]).toEqual(['12', '3·5', '12·14']);
    fc.assert(
      fc.property(
        fc.integer({ min: 1, max: 12 }),
        fc.integer({ min: 1, max: 60 }),
        fc.integer({ min: 1, max: 12 }),
        fc.integer({ min: 1, max: 60 }),
        (a, b, c, d) => (placeNumber(a, b) === placeNumber(c, d)) === (a === c && b === d),
      ),
    );
  });
  it('combs keep within what bees build', () =>
    expect([20, 36, 60].map(sealedThicknessMm)).toEqual([22, 28, 40]));
});

describe('what is taken, counted in words', () => {
  it('is combs, or groups of pots where bees build pots', () => {
    expect(said(countedCombs(1, 'top-bar'))).toBe('hiveName.combs {count: 1}');
    expect(said(countedCombs(0, 'warre'))).toBe('hiveName.combs {count: 0}');
    expect(said(countedCombs(1, 'stingless'))).toBe('hiveName.pots {count: 1}');
    expect(said(countedCombs(3, 'stingless'))).toBe('hiveName.pots {count: 3}');
  });
});
