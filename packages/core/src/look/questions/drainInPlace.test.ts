import { describe, expect, it } from 'vitest';
import { keysOf, standsIn } from '../../../fixtures/keysOf.js';
import { type Change, DAY, face, situation } from '../../../fixtures/situations.js';
import { addDays } from '../../units/dates.js';
import type { Finding } from '../../records/vocabulary/verdict.js';
import { drainInPlace } from './drainInPlace.js';

const TILTED: NonNullable<Change['facts']> = [[9, { kind: 'tilt', degrees: 4 }]];
const READY: NonNullable<Change['facts']> = [
  ...TILTED,
  [1, { kind: 'flow', flow: 'some', endsOn: null }],
];
const of = (change: Change): Finding => drainInPlace(situation('drain-frame', 'south', change));
const keys = (change: Change): string[] =>
  keysOf(of(change).sentence).map((key) => key.replace('look.drainInPlace.', ''));

describe('whether a drain frame may be opened on the hive', () => {
  it('is safe where it is capped, tilted, and forage comes in', () => {
    const found = of({ facts: READY });
    expect(found).toMatchObject({ answer: 'yes', weight: 'advises' });
    expect(keysOf(found.sentence)).toEqual(['look.drainInPlace.safe']);
  });

  it.each<[name: string, change: Change, answer: Finding['answer'], keys: string[]]>([
    [
      'caps too few',
      { facts: READY, comb: { sides: { A: face(0.7, 0.3), B: face(0.98, 0.02) } } },
      'no',
      ['caps'],
    ],
    [
      'brood in it',
      {
        facts: READY,
        comb: {
          sides: { A: face(0.9, 0, { brood: 0.1 }), B: face(0.98, 0.02) },
        },
      },
      'no',
      ['brood'],
    ],
    [
      'too flat',
      {
        facts: [
          [9, { kind: 'tilt', degrees: 1 }],
          [1, { kind: 'flow', flow: 'some', endsOn: null }],
        ],
      },
      'no',
      ['tilt'],
    ],
    [
      'tilt never measured',
      { facts: [[1, { kind: 'flow', flow: 'some', endsOn: null }]] },
      'unknown',
      ['tilt-not-measured'],
    ],
    [
      'in a dearth',
      { facts: [...TILTED, [1, { kind: 'flow', flow: 'none', endsOn: null }]] },
      'no',
      ['dearth'],
    ],
    ['forage never noted', { facts: TILTED }, 'unknown', ['forage-not-known']],
    [
      'one face seen and no excluder noted',
      { facts: READY, comb: { sides: { A: face(0.98, 0.02), B: null } } },
      'unknown',
      ['not-seen', 'no-excluder'],
    ],
  ])('%s', (_, change, answer, expected) => {
    expect(of(change).answer).toBe(answer);
    expect(keys(change)).toEqual(expected);
  });

  it('what stands against it is said before what is not known', () => {
    const change = { comb: { sides: { A: face(0.5, 0.5), B: face(0.5, 0.5) } } };
    expect(keys(change)).toEqual(['caps']);
  });

  it('says how much is capped where least, never rounded up', () => {
    const sides = { A: face(0.8999, 0.1001), B: face(0.98, 0.02) };
    const found = of({ facts: READY, comb: { sides } });
    expect(standsIn(found.sentence, 'look.drainInPlace.caps')?.capped).toEqual({ percent: 89 });
  });

  it('says when forage was last known', () => {
    const facts: Change['facts'] = [...TILTED, [200, { kind: 'flow', flow: 'some', endsOn: null }]];
    const found = of({ facts });
    expect(standsIn(found.sentence, 'look.drainInPlace.forage-last-known')).toEqual({
      on: { date: addDays(DAY.south, -200) },
    });
  });

  it('of a colony that is gone asks for no forage', () => {
    const facts: Change['facts'] = [...TILTED, [1, { kind: 'alive', alive: false }]];
    expect(keys({ facts })).toEqual(['safe']);
  });
});
