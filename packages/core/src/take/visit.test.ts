import { describe, expect, it } from 'vitest';
import { asWritten } from '../say/say.js';
import type { StepKind, TakeStep } from './takeStep.js';
import { ALONE, NEXT_LOT, stepsInVisit } from './visit.js';

const step = (id: string, kind: StepKind): TakeStep => ({
  id,
  kind,
  title: asWritten(id),
  text: asWritten(''),
  done: asWritten(''),
});
const COMBS = [
  step('ready', 'prepare'),
  step('smoke', 'smoke'),
  step('board', 'open'),
  step('comb-17', 'unit'),
  step('comb-16', 'unit'),
  step('return', 'close'),
  step('shut', 'close'),
  step('look-back', 'after'),
];
const ids = (visit: Partial<typeof ALONE>, steps = COMBS): string[] =>
  stepsInVisit(steps, { ...ALONE, ...visit }).map((s) => s.id);

describe('several lots of one hive in one visit', () => {
  it('lay out, smoke and open once, shut and leave once', () => {
    expect(ids({})).toEqual(COMBS.map((s) => s.id));
    expect(ids({ moreToCome: true })).toEqual([
      'ready',
      'smoke',
      'board',
      'comb-17',
      'comb-16',
      NEXT_LOT,
    ]);
    expect(ids({ hiveOpen: true })).toEqual(['comb-17', 'comb-16', 'return', 'shut', 'look-back']);
    expect(ids({ hiveOpen: true, moreToCome: true })).toEqual(['comb-17', 'comb-16', NEXT_LOT]);
  });
  it('frames that run in place keep what is made sure before each', () => {
    const frames = [
      step('ready', 'prepare'),
      step('tilt', 'prepare'),
      step('checks', 'check'),
      step('frames', 'frames'),
      step('tray', 'close'),
      step('shut', 'close'),
    ];
    expect(ids({ moreToCome: true }, frames)).toEqual([
      'ready',
      'tilt',
      'checks',
      'frames',
      NEXT_LOT,
    ]);
    expect(ids({ hiveOpen: true }, frames)).toEqual(['checks', 'frames', 'tray', 'shut']);
  });
  it('a box taken whole keeps all its steps', () => {
    const box = [step('smoke', 'smoke'), step('part', 'open'), step('full', 'box')];
    expect(ids({ hiveOpen: true, moreToCome: true }, box)).toEqual(['smoke', 'part', 'full']);
  });
});
