import type { ChoiceUnit, Hive, JudgedComb } from '@furrow/core';
import { describe, expect, it } from 'vitest';
import { takenHeadline } from './headline.js';

const pots = (honeySealed: number) =>
  ({ seen: { pots: { honeySealed } } }) as unknown as JudgedComb;
const unit = (slot: number, potsToDraw: number | null) =>
  ({ slots: [slot], potsToDraw }) as unknown as ChoiceUnit;
const hive = (kind: string) =>
  ({ kind, bars: [8, 9, 10].map((slot) => ({ slot, comb: {} })) }) as unknown as Hive;

describe('what leaves and what stays', () => {
  it('of pots the sealed ones are counted: no group is emptied', () =>
    expect(
      takenHeadline(
        hive('stingless'),
        [unit(201, 15), unit(202, 10)],
        [pots(30), pots(20), pots(4)],
      ),
    ).toEqual({ out: '25 of 54 sealed pots out', stays: '29 stay here.' }));
  it('of combs each counts', () =>
    expect(
      takenHeadline(hive('top-bar'), [unit(9, null), unit(10, null)], [pots(0), pots(0), pots(0)]),
    ).toEqual({ out: '2 combs out', stays: '1 stay here.' }));
});
