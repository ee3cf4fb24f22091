import { describe, expect, it } from 'vitest';
import { english } from '../../fixtures/english.js';
import { asWritten } from '../say/say.js';
import { boxHistory, standingSince, type BoxStay } from './boxHistory.js';

const stay = (
  carrierId: string,
  hiveName: string,
  slot: number,
  fromOn: string,
  toOn: string | null = null,
  sideToEntrance = 'A',
): BoxStay => ({ carrierId, hiveId: hiveName, hiveName, slot, sideToEntrance, fromOn, toOn });

describe('what happened with the boxes of a hive', () => {
  it('tells boxes set on, turned, moved, given, had and taken off, the newest first', () => {
    const stays = [
      stay('brood', 'Ceibo', 1, '2025-09-01'),
      stay('comb', 'Ceibo', 2, '2026-01-05', '2026-01-12'),
      stay('comb', 'Ceibo', 2, '2026-01-12', '2026-01-15', 'B'),
      stay('comb', 'Ceibo', 3, '2026-01-15', '2026-01-20', 'B'),
      stay('comb', 'Molle', 2, '2026-01-20', null),
      stay('spare', 'Ceibo', 2, '2026-01-15', '2026-02-01'),
    ];
    expect(boxHistory(stays, 'Ceibo').map((e) => `${e.on}: ${english(e.sentence)}`)).toEqual([
      '2026-02-01: Box 2 taken off',
      '2026-01-20: Box 3 given to Molle',
      '2026-01-15: Box 2 became box 3',
      '2026-01-15: Box 2 set on',
      '2026-01-12: Box 2 turned round',
      '2026-01-05: Box 2 set on',
    ]);
    expect(boxHistory(stays, 'Molle').map((e) => `${e.on}: ${english(e.sentence)}`)).toEqual([
      '2026-01-20: Box 2 had from Ceibo',
    ]);
  });
  it('harvests stand among them', () => {
    const emptied = { on: '2026-01-10', sentence: asWritten('12 pots emptied'), g: 180 };
    const stays = [
      stay('a', 'Ceibo', 1, '2025-09-01'),
      stay('b', 'Ceibo', 2, '2026-01-05', '2026-02-01'),
    ];
    expect(boxHistory(stays, 'Ceibo', [emptied]).map((e) => e.on)).toEqual([
      '2026-02-01',
      '2026-01-10',
      '2026-01-05',
    ]);
  });
  it('says nothing of the boxes a hive began with', () => {
    expect(boxHistory([stay('a', 'Ceibo', 1, '2025-09-01')], 'Ceibo')).toEqual([]);
  });
});

describe('since when a box stands in its hive', () => {
  it.each([
    ['set on and left', [stay('b', 'Ceibo', 2, '2026-01-05')], '2026-01-05', null],
    [
      'turned, then pushed up by another',
      [
        stay('b', 'Ceibo', 2, '2026-01-05', '2026-01-12'),
        stay('b', 'Ceibo', 2, '2026-01-12', '2026-01-15', 'B'),
        stay('b', 'Ceibo', 3, '2026-01-15', null, 'B'),
      ],
      '2026-01-05',
      '2026-01-12',
    ],
    [
      'turned in another hive before it came',
      [
        stay('b', 'Ceibo', 2, '2026-01-05', '2026-01-12'),
        stay('b', 'Ceibo', 2, '2026-01-12', '2026-01-20', 'B'),
        stay('b', 'Molle', 2, '2026-01-20', null, 'B'),
      ],
      '2026-01-20',
      null,
    ],
    [
      'taken off for a while',
      [stay('b', 'Ceibo', 2, '2026-01-05', '2026-01-12'), stay('b', 'Ceibo', 2, '2026-02-01')],
      '2026-02-01',
      null,
    ],
  ] as const)('%s', (_, stays, sinceOn, turnedOn) =>
    expect(standingSince(stays)).toEqual({ sinceOn, turnedOn }),
  );
});
