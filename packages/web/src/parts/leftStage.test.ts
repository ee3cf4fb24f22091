import { METRIC } from '@furrow/core';
import type { Batch, BatchDetail, Lot, Take } from '@furrow/core';
import { describe, expect, it } from 'vitest';
import { leftReady, leftSettling, leftTake, leftUncut, onFromEmptyDrain } from './leftStage.js';

const batch = (change: Partial<Batch> = {}): Batch =>
  ({
    id: 'b1',
    hiveName: 'Ipê',
    date: '2025-11-22',
    stage: 'jar',
    closedAt: null,
    method: 'crush',
    plan: { startLocal: '2025-11-22T07:45' },
    ...change,
  }) as Batch;
const lot = (kind: Lot['kind'], inG: number, nowG: number): Lot =>
  ({ id: kind, kind, inG, nowG, outG: inG - nowG }) as Lot;
const take = (change: Partial<Take>): Take =>
  ({ combId: 'c', slot: 17, outcome: 'taken', netG: 1985, ...change }) as Take;
const detail = (change: Partial<BatchDetail> = {}): BatchDetail =>
  ({
    batch: batch(),
    hive: { kind: 'top-bar' },
    takes: [],
    frameEvents: [],
    boards: [],
    pieces: [],
    lots: [],
    ...change,
  }) as unknown as BatchDetail;

describe('a stage that a harvest has left', () => {
  it('lets the steps at the hive stand while they are planned or done', () => {
    for (const stage of ['ready', 'take'] as const)
      expect(leftTake(detail({ batch: batch({ stage }) }), METRIC)).toBeNull();
  });
  it('says what came out of the hive, comb by comb, instead of the first step again', () => {
    const left = leftTake(
      detail({
        takes: [
          take({}),
          take({ combId: 'd', slot: 16, netG: 2040 }),
          take({ combId: 'e', slot: 15, outcome: 'put-back', netG: null }),
          take({ combId: 'f', slot: 14, outcome: 'broke', netG: null }),
        ],
      }),
      METRIC,
    );
    expect(left).toMatchObject({
      heading: 'Ipê was taken on 22 Nov 2025',
      text: '3 combs came out, 4.03 kg by weight. The hive is closed.',
      on: { to: '/jar/b1', label: 'Go on to Jar' },
    });
    expect(left!.lines).toEqual([
      { name: 'comb 17', says: '1.99 kg' },
      { name: 'comb 16', says: '2.04 kg' },
      { name: 'comb 15', says: 'put back' },
      { name: 'comb 14', says: 'broke, taken, not weighed' },
    ]);
  });
  it('calls frames that were drained in place drained', () => {
    const left = leftTake(
      detail({
        hive: { kind: 'drain-frame' } as BatchDetail['hive'],
        takes: [take({ netG: null })],
        frameEvents: [{ combId: 'c' }] as BatchDetail['frameEvents'],
      }),
      METRIC,
    );
    expect(left!.lines[0].says).toBe('drained');
  });
  it('leads to the book once it is closed', () => {
    const closed = batch({ closedAt: '2025-11-27T12:00:00Z', stage: 'book' });
    expect(leftTake(detail({ batch: closed }), METRIC)!.on).toEqual({
      to: '/book/b1',
      label: 'See it in the book',
    });
    expect(leftReady(closed)).toMatchObject({
      heading: 'Ipê was got ready for 22 Nov 2025',
      on: { to: '/book/b1' },
    });
    expect(leftReady(batch({ stage: 'ready' }))).toBeNull();
  });
  it('settles nothing where no honey stands open, and says nothing of a drain that runs', () => {
    expect(leftSettling(detail({ lots: [lot('honey', 3420, 0)] }))!.heading).toBe(
      'Nothing of Ipê settles any more',
    );
    expect(leftSettling(detail({ lots: [lot('honey', 3420, 20)] }))).toBeNull();
    expect(leftSettling(detail())).toBeNull();
    expect(leftSettling(detail({ lots: [lot('honey', 0, 0)] }))).toBeNull();
  });
  it('lays no comb on the board that was crushed', () => {
    const crushed = { lots: [lot('comb', 4025, 0)] };
    expect(leftUncut(detail(crushed))!.heading).toBe('No comb of Ipê is left to cut');
    expect(leftUncut(detail({ lots: [lot('comb', 4025, 900)] }))).toBeNull();
    const boards = [{ id: 'x' }] as BatchDetail['boards'];
    expect(leftUncut(detail({ ...crushed, boards }))).toBeNull();
    expect(leftUncut(detail())).toBeNull();
  });
  it('never leads from an empty drain back to itself', () => {
    const at = (stage: Batch['stage']) => onFromEmptyDrain(detail({ batch: batch({ stage }) })).to;
    expect(at('drain')).toBe('/jar/b1');
    expect(at('cut')).toBe('/cut/b1');
  });
});
