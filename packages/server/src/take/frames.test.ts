import { randomUUID } from 'node:crypto';
import { afterEach, beforeEach, describe, expect, it } from 'vitest';
import { type Clock, type Hive, type HiveKindName, type Way } from '@furrow/core';
import { Household } from '../testing/household.js';
import * as stacks from '../testing/stacks.js';

let home: Household;
beforeEach(async () => {
  home = await Household.open();
});
afterEach(() => home.close());

const stack = (kind: HiveKindName, name: string): Promise<Hive> => stacks.stack(home, kind, name);
const chosen = (
  hive: Hive,
  slots: number[],
  method: Way,
): Promise<{ batchId: string; combIds: string[] }> => stacks.chosen(home, hive, slots, method);
const mark = (batchId: string, stepId: string, answer: Record<string, unknown> = {}) =>
  home.post('/stepMarks', { id: randomUUID(), batchId, stepId, answer });
const clocks = async (): Promise<Clock[]> => (await home.get<{ items: Clock[] }>('/clocks')).items;

describe('drain frames', () => {
  async function ready() {
    const hive = await stack('drain-frame', 'Bromélia');
    const [vesselId, secondId] = [randomUUID(), randomUUID()];
    for (const [id, name] of [
      [vesselId, 'Jar 3 L'],
      [secondId, 'Jar two'],
    ])
      await home.ok(
        home.post('/vessels', {
          id,
          name,
          role: 'lower',
          volumeL: 3,
          tareG: 900,
          innerDiameterMm: 140,
        }),
      );
    const made = await chosen(hive, [202, 203], 'drain-hive');
    const frame = (kind: string, change: Record<string, unknown> = {}, combId = made.combIds[0]) =>
      home.post('/frameEvents', {
        id: randomUUID(),
        batchId: made.batchId,
        combId,
        kind,
        ...change,
      });
    return { ...made, vesselId, secondId, frame };
  }
  it('are not opened before tilt and everything else was made sure of', async () => {
    const { batchId, vesselId, frame } = await ready();
    expect((await frame('open', { vesselId })).body).toMatchObject({ code: 'not-ready' });
    await home.ok(mark(batchId, 'tilt', { tiltDegrees: 3.5 }));
    await home.ok(mark(batchId, 'checks'));
    expect((await frame('open')).body).toMatchObject({ path: 'payload.vesselId' });
    await home.ok(frame('open', { vesselId }));
    expect((await frame('open')).body).toMatchObject({
      code: 'not-now',
      detail: 'Look for a leak first.',
    });
    const { hive } = await home.detail(batchId);
    expect(hive.colony!.facts.some((f) => f.fact.kind === 'tilt' && f.fact.degrees === 3.5)).toBe(
      true,
    );
  });
  it('a leak holds everything shut, also after it was seen to; what runs is reset, plugged and closed', async () => {
    const { batchId, combIds, vesselId, frame } = await ready();
    await home.ok(mark(batchId, 'tilt', { tiltDegrees: 3 }));
    await home.ok(mark(batchId, 'checks'));
    await home.ok(frame('open', { vesselId }));
    await home.ok(frame('leak'));
    expect((await frame('open', { vesselId }, combIds[1])).body).toMatchObject({
      code: 'not-now',
      detail: 'Another frame leaks.',
    });
    await home.ok(frame('leak-handled'));
    for (const comb of combIds)
      expect((await frame('open', { vesselId }, comb)).body).toMatchObject({
        code: 'not-now',
        detail: 'After a leak nothing more is opened.',
      });
    await home.ok(frame('drops'));
    await home.ok(frame('level', { g: 420 }));
    await home.ok(frame('reset'));
    await home.ok(frame('plug'));
    // The frame that was never opened stays shut, and its step is done.
    await home.ok(mark(batchId, 'frames'));
    expect((await home.detail(batchId)).takes).toMatchObject([{ netG: 420, slot: 202 }]);
  });
  it('opened part by part are reset and plugged, and the book closes them', async () => {
    const { batchId, vesselId, secondId, frame } = await ready();
    await home.ok(mark(batchId, 'tilt', { tiltDegrees: 3 }));
    await home.ok(mark(batchId, 'checks'));
    for (let part = 0; part < 4; part++) {
      await home.ok(frame('open', { vesselId }));
      await home.ok(frame('no-leak'));
    }
    const [clock] = await clocks();
    expect(clock).toMatchObject({ kind: 'frame', hiveName: 'Bromélia' });
    home.later(0.5);
    await home.ok(frame('swap', { g: 1500, vesselId: secondId }));
    expect((await mark(batchId, 'frames')).body).toMatchObject({ code: 'frame-open' });
    expect((await frame('plug')).body).toMatchObject({ code: 'not-reset' });
    home.later(1);
    await home.ok(frame('level', { g: 300 }));
    await home.ok(frame('drops'));
    await home.ok(frame('reset'));
    // Weighed before its last honey came, the vessel has to be weighed again.
    expect((await frame('plug')).body).toMatchObject({
      detail: 'Weigh Jar two first, or say that it is weighed later, or that its honey is lost.',
    });
    await home.ok(frame('level', { grossG: 1320, tareG: 900 }));
    await home.ok(frame('plug'));
    await home.ok(mark(batchId, 'frames'));
    await home.ok(mark(batchId, 'tray-look', { trayG: 60 }));
    const detail = await home.detail(batchId);
    expect(detail.takes).toMatchObject([{ netG: 1920, outcome: 'taken', slot: 202 }]);
    expect(detail.lots).toMatchObject([{ kind: 'honey', nowG: 1920 }]);
    expect([detail.balanced, detail.lossG]).toEqual([true, 60]);
    // The comb goes on living in the hive.
    expect(detail.hive.bars.find((b) => b.slot === 202)!.comb).not.toBeNull();
    const runs = await home.get<{ frames: { share: number; tauHours: number }[] }>('/runs');
    expect(runs.frames).toHaveLength(1);
    expect(runs.frames[0].tauHours).toBeGreaterThan(0.3);
    const framesLine = async (): Promise<boolean> =>
      (await home.get<{ items: { title: { text: string } }[] }>('/today')).items.some((l) =>
        /drained frames again/.test(l.title.text),
      );
    expect(await framesLine()).toBe(false);
    home.later(5 * 7 * 24 + 1);
    expect(await framesLine()).toBe(true);
  });
  describe('one vessel under two frames', () => {
    async function together() {
      const made = await ready();
      await home.ok(mark(made.batchId, 'tilt', { tiltDegrees: 3 }));
      await home.ok(mark(made.batchId, 'checks', { [`before_${made.vesselId}`]: 500 }));
      for (const comb of made.combIds)
        for (let part = 0; part < 4; part++) {
          await home.ok(made.frame('open', { vesselId: made.vesselId }, comb));
          await home.ok(made.frame('no-leak', {}, comb));
        }
      home.later(1);
      return made;
    }
    const close = async (made: Awaited<ReturnType<typeof together>>, later = false) => {
      for (const comb of made.combIds) {
        await home.ok(made.frame('reset', {}, comb));
        await home.ok(made.frame('plug', { later }, comb));
      }
    };
    const netOf = async (batchId: string) => (await home.detail(batchId)).takes.map((t) => t.netG);
    it('is booked once: its net less what stood in it, shared over both', async () => {
      const made = await together();
      await home.ok(made.frame('level', { grossG: 3400, tareG: 900 }));
      for (const comb of made.combIds) await home.ok(made.frame('drops', {}, comb));
      await home.ok(made.frame('level', { grossG: 4501, tareG: 900 }, made.combIds[1]));
      await close(made);
      const detail = await home.detail(made.batchId);
      expect(detail.takes.reduce((sum, t) => sum + t.netG!, 0)).toBe(3101);
      expect(detail.lots).toMatchObject([{ kind: 'honey', nowG: 3101 }]);
      const levels = detail.frameEvents.filter((x) => x.kind === 'level');
      expect(levels.map((x) => [x.g, x.sharedBy])).toEqual([
        [2500, 'estimate'],
        [3601, 'estimate'],
      ]);
    });
    it('takes the shares that are said, and refuses those that do not add up', async () => {
      const made = await together();
      for (const comb of made.combIds) await home.ok(made.frame('drops', {}, comb));
      const [one, two] = made.combIds;
      const weigh = (shares: Record<string, number>) =>
        made.frame('level', { grossG: 3400, tareG: 900, shares });
      expect((await weigh({ [one]: 1200, [two]: 700 })).body).toMatchObject({
        detail: 'The shares add up to 1.90 kg; 2.00 kg came.',
      });
      await home.ok(weigh({ [one]: 1300, [two]: 700 }));
      await close(made);
      expect(await netOf(made.batchId)).toEqual([1300, 700]);
    });
    it('that weighs less than before is asked about: emptied, or wrong', async () => {
      const made = await together();
      await home.ok(made.frame('level', { grossG: 3400, tareG: 900 }));
      expect((await made.frame('level', { grossG: 1300, tareG: 900 })).body).toMatchObject({
        path: 'payload.grossG',
        detail: 'Jar 3 L held 2.50 kg before. Was it emptied in between, or is a weight wrong?',
      });
      for (const comb of made.combIds) await home.ok(made.frame('drops', {}, comb));
      await home.ok(made.frame('level', { grossG: 1300, tareG: 900, emptied: true }));
      await close(made);
      const [one, two] = await netOf(made.batchId);
      expect(one! + two!).toBe(2400);
    });
    it('swapped away weighs nothing; closed with a debt, it is booked when it is weighed', async () => {
      const made = await together();
      const [one, two] = made.combIds;
      await home.ok(made.frame('swap', { vesselId: made.secondId, alsoCombIds: [two] }));
      home.later(0.2);
      expect((await made.frame('plug', {}, one)).body).toMatchObject({ code: 'not-reset' });
      await close(made, true);
      expect(await netOf(made.batchId)).toEqual([null, null]);
      expect((await home.detail(made.batchId)).lots).toEqual([]);
      const debts = async () =>
        (await home.get<{ items: { kind: string; title: { text: string } }[] }>('/today')).items
          .filter((l) => l.kind === 'weigh')
          .map((l) => l.title.text);
      expect(await debts()).toEqual([
        'Weigh Jar 3 L, honey of Bromélia',
        'Weigh Jar two, honey of Bromélia',
      ]);
      await home.ok(
        made.frame('level', { vesselId: made.vesselId, grossG: 3400, tareG: 900 }, one),
      );
      expect(await netOf(made.batchId)).toEqual([null, null]);
      await home.ok(made.frame('lost', { vesselId: made.secondId }, two));
      const [first, second] = await netOf(made.batchId);
      expect(first! + second!).toBe(2000);
      expect((await home.detail(made.batchId)).lots).toMatchObject([{ nowG: 2000 }]);
      expect(await debts()).toEqual([]);
    });
    it('with holes is refused under an outlet', async () => {
      const made = await together();
      const strainer = randomUUID();
      await home.ok(
        home.post('/vessels', {
          id: strainer,
          name: 'Strainer',
          role: 'upper',
          volumeL: 10,
          tareG: 500,
          innerDiameterMm: 250,
          holeMm: 5,
        }),
      );
      expect((await made.frame('swap', { vesselId: strainer })).body).toMatchObject({
        path: 'payload.vesselId',
        detail: 'Strainer has holes: honey would run through it. Choose another.',
      });
    });
  });
});
