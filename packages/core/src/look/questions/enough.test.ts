import { describe, expect, it } from 'vitest';
import { keysOf, standsIn } from '../../../fixtures/keysOf.js';
import { type Change, face, situation } from '../../../fixtures/situations.js';
import type { Finding } from '../../records/vocabulary/verdict.js';
import { enough } from './enough.js';
import { keeping } from './keeping.js';
import { pollen } from './pollen.js';
import { seen } from './seen.js';

const EMPTY = face(0);
const pots = (honeySealed: number, pollenPots = 0) => ({
  pots: { honeySealed, honeyOpen: 2, pollen: pollenPots, empty: 1 },
});

describe('whether there is enough honey in it', () => {
  it.each<[string, Change, Finding['answer'], string]>([
    ['plenty', {}, 'yes', 'enough'],
    [
      'less than the household takes a comb for',
      { comb: { honeyKg: 0.2 }, rules: { leastHoneyG: 300 } },
      'no',
      'too-little',
    ],
    ['none on both sides', { comb: { sides: { A: EMPTY, B: EMPTY } } }, 'no', 'none'],
    [
      'none on the one side seen',
      { comb: { sides: { A: EMPTY, B: null } } },
      'unknown',
      'none-on-side',
    ],
    ['not reckoned', { comb: { honeyKg: null } }, 'unknown', 'not-reckoned'],
    ['not seen', { comb: { sides: { A: null, B: null } } }, 'unknown', 'not-seen'],
  ])('%s', (_, change, answer, key) => {
    const found = enough(situation('top-bar', 'south', change));
    expect(found.answer).toBe(answer);
    expect(keysOf(found.sentence)).toEqual([`look.enough.${key}`]);
  });

  it('says what it holds in tens of grams, never more', () => {
    const found = enough(
      situation('top-bar', 'south', { comb: { honeyKg: 0.259 }, rules: { leastHoneyG: 300 } }),
    );
    expect(standsIn(found.sentence, 'look.enough.too-little')).toEqual({
      honey: { massG: 250, as: 'read' },
      least: { massG: 300, as: 'read' },
    });
  });

  it.each([
    [6, 'yes', 'look.enough.pots'],
    [0, 'no', 'look.enough.no-pots'],
  ] as const)('%d sealed pots', (sealed, answer, key) => {
    const found = enough(situation('stingless', 'south', { comb: pots(sealed) }));
    expect(found.answer).toBe(answer);
    expect(standsIn(found.sentence, key)).toEqual({ sealed, open: 2, pollen: 0 });
  });
});

describe('whether pollen is in it', () => {
  it.each<[string, number, Finding['answer'], Finding['weight'], string]>([
    ['none', 0, 'no', 'notes', 'none'],
    ['a little', 0.04, 'yes', 'notes', 'little'],
    ['more than a tenth', 0.15, 'yes', 'advises', 'much'],
  ])('%s', (_, share, answer, weight, key) => {
    const side = face(0.8, 0, { pollen: share });
    const found = pollen(situation('top-bar', 'south', { comb: { sides: { A: side, B: side } } }));
    expect([found.answer, found.weight]).toEqual([answer, weight]);
    expect(keysOf(found.sentence)).toEqual([`look.pollen.${key}`]);
  });

  it.each([
    [0, 'no', 'look.pollen.no-pots'],
    [3, 'yes', 'look.pollen.pots'],
  ] as const)('in %d pots', (count, answer, key) => {
    const found = pollen(situation('stingless', 'south', { comb: pots(4, count) }));
    expect(found.answer).toBe(answer);
    expect(keysOf(found.sentence)).toEqual([key]);
  });
});

describe('whether it was seen', () => {
  it.each<[string, Change, Finding['answer'], string]>([
    ['both sides today', {}, 'yes', 'both'],
    ['one side', { comb: { sides: { A: face(0.9, 0.1), B: null } } }, 'unknown', 'other-side'],
    ['never', { comb: { sides: { A: null, B: null }, seenOn: null } }, 'no', 'say-sides'],
    ['so long ago that it counts no more', { comb: { seenOn: '2025-06-01' } }, 'unknown', 'stale'],
  ])('%s', (_, change, answer, key) => {
    const found = seen(situation('top-bar', 'south', change));
    expect(found.answer).toBe(answer);
    expect(keysOf(found.sentence)).toEqual([`look.seen.${key}`]);
  });

  it('asks for the side that was not', () => {
    const sides = { A: null, B: face(0.9, 0.1) };
    const found = seen(situation('top-bar', 'south', { comb: { sides } }));
    expect(standsIn(found.sentence, 'look.seen.other-side')).toEqual({ side: 'A' });
  });
});

describe('how its honey will keep', () => {
  const sealed = (moisturePercent: number) => ({
    samples: [{ side: 'A', cells: 'sealed', moisturePercent, on: '2026-01-20' }] as const,
  });
  it.each([
    [16.9, 'yes', 'honey.keeping.keeps'],
    [18.4, 'unknown', 'honey.keeping.watch'],
    [19.6, 'unknown', 'honey.keeping.use-soon'],
    [20.4, 'no', 'honey.keeping.ferments'],
  ] as const)('%d %% of water', (water, answer, key) => {
    const found = keeping(situation('top-bar', 'south', { comb: sealed(water) }));
    expect(found).toMatchObject({ answer, measured: water, unit: '%' });
    expect(keysOf(found.sentence)).toEqual([key]);
  });

  it('is not known where nobody measured, and less so where it is humid', () => {
    const found = keeping(situation('top-bar', 'south', { humidPlace: true }));
    expect(found.answer).toBe('unknown');
    expect(keysOf(found.sentence)).toEqual(['look.keeping.not-measured', 'look.keeping.humid']);
  });

  it('of stingless bees is kept cold, whatever it measures', () => {
    expect(keysOf(keeping(situation('stingless')).sentence)).toEqual(['look.keeping.stingless']);
  });
});
