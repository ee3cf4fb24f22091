import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { at, pail } from '../../fixtures/drains.js';
import type { FrameEvent } from '../records/views.js';
import { frameRun } from './frameRun.js';
import {
  frameVessels,
  owedByFrame,
  sharesByEstimate,
  vesselsOwed,
  vesselsToOffer,
} from './frameVessels.js';
import type { FrameEventKind } from '../records/vocabulary/outcomes.js';

let count = 0;
const e = (
  combId: string,
  kind: FrameEventKind,
  hours: number,
  change: Partial<FrameEvent> = {},
): FrameEvent => ({
  id: `e${count++}`,
  batchId: 'b',
  combId,
  kind,
  g: null,
  grossG: null,
  tareG: null,
  vesselId: null,
  shares: null,
  sharedBy: null,
  note: '',
  occurredAt: at(hours),
  ...change,
});
const weighed = (hours: number, g: number, shares: Record<string, number>, vesselId = 'pail') =>
  e(Object.keys(shares)[0], 'level', hours, { g, shares, sharedBy: 'estimate', vesselId });
const open = (combId: string, hours: number, vesselId = 'pail') =>
  e(combId, 'open', hours, { vesselId });
const ids = (vessels: { vesselId: string }[]) => vessels.map((v) => v.vesselId);

describe('one pail under three frames', () => {
  const running = [open('1', 0), open('2', 0.1), open('3', 0.2)];
  it('is weighed as one thing: what came is shared, and adds up to what came', () => {
    const vessel = frameVessels(running).get('pail')!;
    const shares = sharesByEstimate(vessel, 3001, (id) => ({ 1: 2000, 2: 1000, 3: 0 })[id]!);
    expect(Object.values(shares).reduce((a, b) => a + b)).toBe(3001);
    expect(shares['1']).toBeGreaterThan(shares['2']);
    const events = [...running, weighed(1, 3001, shares)];
    const out = ['1', '2', '3'].map((id) => frameRun(id, 1, events).outG);
    expect(out.reduce((a, b) => a + b)).toBe(3001);
    // Weighed again with nothing added, nothing more is anybody's.
    const again = [...events, weighed(2, 3001, { 1: 0, 2: 0, 3: 0 })];
    expect(frameRun('1', 1, again).outG).toBe(out[0]);
  });
  it('owes nothing to a frame that was closed after it was weighed, and something to those that run on', () => {
    const events = [
      ...running,
      e('1', 'drops', 1),
      weighed(1.1, 3000, { 1: 1000, 2: 1000, 3: 1000 }),
      e('1', 'reset', 1.2),
      e('1', 'plug', 1.3),
    ];
    const vessels = frameVessels(events);
    expect(owedByFrame('1', vessels.values())).toEqual([]);
    expect(ids(owedByFrame('2', vessels.values()))).toEqual(['pail']);
    expect(vesselsOwed(vessels.values())).toEqual([]);
    expect(vessels.get('pail')!.spells.map((s) => s.combId)).toEqual(['2', '3']);
  });
  it('is owed once it was swapped away, until it is weighed or said lost', () => {
    const swapped = [
      ...running,
      ...['1', '2', '3'].map((id) => e(id, 'swap', 1, { vesselId: 'jar' })),
    ];
    expect(ids(vesselsOwed(frameVessels(swapped).values()))).toEqual(['pail']);
    expect(frameRun('1', 1, swapped)).toMatchObject({ vesselId: 'jar', outG: 0 });
    const later = [...swapped, weighed(2, 2400, { 1: 800, 2: 800, 3: 800 })];
    expect(vesselsOwed(frameVessels(later).values())).toEqual([]);
    expect(frameRun('2', 1, later)).toMatchObject({ outG: 800, inVesselG: 0 });
    const lost = [...swapped, e('1', 'lost', 2, { vesselId: 'pail' })];
    expect(vesselsOwed(frameVessels(lost).values())).toEqual([]);
    expect(frameRun('1', 1, lost).outG).toBe(0);
  });
  it('counts what stood in it before, and begins anew once it was emptied', () => {
    expect(frameVessels(running, { pail: 500 }).get('pail')).toMatchObject({
      heldG: 500,
      beforeG: 500,
    });
    const emptied = [
      ...running,
      weighed(1, 900, { 1: 300, 2: 300, 3: 300 }),
      e('1', 'emptied', 2, { vesselId: 'pail' }),
    ];
    expect(frameVessels(emptied).get('pail')!.heldG).toBe(0);
  });
});

describe('frames written down before shares were', () => {
  it('owe nothing once they were closed, and what a swap booked stays booked', () => {
    const events = [
      open('1', 0),
      e('1', 'level', 0.5, { g: 700 }),
      e('1', 'swap', 1, { g: 1100, vesselId: 'jar' }),
      e('1', 'level', 1.5, { g: 300 }),
      e('1', 'drops', 1.6),
      e('1', 'reset', 1.7),
      e('1', 'plug', 1.8),
    ];
    expect(owedByFrame('1', frameVessels(events).values())).toEqual([]);
    expect(frameRun('1', 1, events)).toMatchObject({ outG: 1400, bookedBeforeG: 1100 });
  });
});

describe('what is offered under an outlet', () => {
  it('is whole and empty first; nothing with holes', () => {
    const kit = [
      { ...pail, id: 'pail', name: 'Pail' },
      { ...pail, id: 'strainer', holeMm: 5 },
      { ...pail, id: 'upper', role: 'upper' as const },
      { ...pail, id: 'jar', volumeL: 1 },
    ];
    const vessels = frameVessels([open('1', 0)]);
    expect(vesselsToOffer(kit, vessels).map((v) => v.id)).toEqual(['jar', 'pail']);
    expect(vesselsToOffer(kit, new Map()).map((v) => v.id)).toEqual(['pail', 'jar']);
  });
});

it('never gives out more than the vessels weighed, whatever the order of work', () => {
  const act = fc.record({
    frame: fc.constantFrom('1', '2', '3'),
    kind: fc.constantFrom('weigh' as const, 'swap' as const),
    to: fc.constantFrom('pail', 'jar', 'bowl'),
    addG: fc.integer({ min: 0, max: 2000 }),
  });
  fc.assert(
    fc.property(fc.array(act, { maxLength: 20 }), (acts) => {
      const events = ['1', '2', '3'].map((id, i) => open(id, i * 0.01));
      const cameG = acts.reduce((sum, { frame, kind, to, addG }, i) => {
        const hours = 1 + i;
        if (kind === 'swap') {
          events.push(e(frame, 'swap', hours, { vesselId: to }));
          return sum;
        }
        const vessel = frameVessels(events).get(frameRun(frame, 1, events).vesselId!)!;
        const shares = sharesByEstimate(vessel, addG, () => 1);
        events.push(weighed(hours, vessel.heldG + addG, shares, vessel.vesselId));
        return sum + addG;
      }, 0);
      const outG = ['1', '2', '3'].reduce((sum, id) => sum + frameRun(id, 1, events).outG, 0);
      const heldG = [...frameVessels(events).values()].reduce((sum, v) => sum + v.heldG, 0);
      return outG === cameG && heldG === cameG;
    }),
    { numRuns: 200 },
  );
});
