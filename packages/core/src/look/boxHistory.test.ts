import { describe, expect, it } from 'vitest';
import { said } from '../../fixtures/said.js';
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
    expect(boxHistory(stays, 'Ceibo').map((e) => `${e.on}: ${said(e.sentence)}`)).toEqual([
      '2026-02-01: look.box.taken-off {box: 2}',
      '2026-01-20: look.box.given-to {box: 3, hive: Molle}',
      '2026-01-15: look.box.became {box: 2, now: 3}',
      '2026-01-15: look.box.set-on {box: 2}',
      '2026-01-12: look.box.turned-round {box: 2}',
      '2026-01-05: look.box.set-on {box: 2}',
    ]);
    expect(boxHistory(stays, 'Molle').map((e) => `${e.on}: ${said(e.sentence)}`)).toEqual([
      '2026-01-20: look.box.had-from {box: 2, hive: Ceibo}',
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
