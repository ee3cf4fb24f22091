import fc from 'fast-check';
import { describe, it } from 'vitest';
import { said, expectSaid as expect } from '../../fixtures/said.js';
import { fillLine, overfull, volumeQuestion } from './fillLine.js';

const jar = (netG: number, change: Partial<Parameters<typeof fillLine>[0]> = {}) =>
  fillLine({ netG, moisturePercent: 18, innerDiameterMm: 78, innerDepthMm: 84, ...change });

describe('the fill line', () => {
  it('stands where the density puts it: 500 g of 18 % honey are about 353 ml', () => {
    const line = jar(500);
    expect(line.ml).toBeCloseTo(353.5, 0);
    expect(line.mm).toBeCloseTo((353.5 * 1000) / ((Math.PI * 78 ** 2) / 4), 0);
    expect(line.brimMl).toBeCloseTo(401.4, 0);
    expect(line.question).toBeNull();
  });
  it('catches millilitres taken for grams, and what does not fit', () => {
    expect(jar(400).question).toMatch(
      'jar.fill.slip-high {net: {massG: 400, as: read}, volume: {volumeL: 0.401382}, ' +
        'holds: {massG: 550, as: read}, stands: {lengthMm: 59.1783}, deep: {lengthMm: 84}}',
    );
    expect(jar(560).question).toMatch(
      'jar.fill.overfull {net: {massG: 560, as: read}, volume: {volumeL: 0.401382}, ' +
        'holds: {massG: 550, as: read}}',
    );
  });
  it('thinner honey stands higher for the same weight, and more weight always higher', () => {
    fc.assert(
      fc.property(
        fc.double({ min: 14, max: 20, noNaN: true }),
        fc.integer({ min: 50, max: 900 }),
        fc.integer({ min: 1, max: 200 }),
        (moisturePercent, netG, more) => {
          expect(jar(netG, { moisturePercent: moisturePercent + 0.5 }).mm).toBeGreaterThan(
            jar(netG, { moisturePercent }).mm,
          );
          expect(jar(netG + more, { moisturePercent }).mm).toBeGreaterThan(
            jar(netG, { moisturePercent }).mm,
          );
        },
      ),
    );
  });
});

describe('a nominal volume', () => {
  it('is not taken for grams: a 400 ml jar holds about 0.55 kg', () => {
    expect(volumeQuestion(400, 400, 18)).toBe(
      'jar.fill.slip {net: {massG: 400, as: read}, volume: {volumeL: 0.4}, holds: {massG: 548, as: read}}',
    );
    expect(volumeQuestion(500, 400, 18)).toBeNull();
    expect(volumeQuestion(600, 400, 18)).toMatch(
      'jar.fill.overfull {net: {massG: 600, as: read}, volume: {volumeL: 0.4}, holds: {' +
        'massG: 548, as: read}}',
    );
    expect(overfull(600, 400, 18)).toEqual(said(volumeQuestion(600, 400, 18)));
    expect(overfull(400, 400, 18)).toBeNull();
  });
});
