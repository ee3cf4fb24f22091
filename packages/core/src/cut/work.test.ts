import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { keysOf } from '../../fixtures/keys.js';
import { cutSay } from './says.js';
import { DEFAULT_RULES } from '../records/defaultRules.js';
import {
  combOutHours,
  coreWarmingHours,
  type FreezingInput,
  freezingPlan,
  orderCompared,
  orderRuns,
} from './freezing.js';
import { BLEMISH_WORDS, gradePiece } from './grade.js';
import { boxFit, chunkJar, chunkJars, pieceG } from './pieces.js';
import { projectPieces } from './projection.js';
import { RACK_START, rackHours } from './rack.js';
import { rulerOf, templateSheets, templateSvg } from './template.js';

describe('what a piece weighs', () => {
  it('is a third of a kilogram for a square decimetre of 25 mm (SCIENCE 7), less when round', () => {
    const square = pieceG({ widthMm: 100, heightMm: 100, shape: 'rectangle', thicknessMm: 25 });
    expect(square.mid).toBeGreaterThan(320);
    expect(square.mid).toBeLessThan(350);
    expect(
      pieceG({ widthMm: 100, heightMm: 100, shape: 'round', thicknessMm: 25 }).mid / square.mid,
    ).toBeCloseTo(Math.PI / 4, 6);
    expect(square.low).toBeLessThan(square.mid);
  });
  it('fills its box, is lost in it, or keeps its lid open', () => {
    expect([boxFit(35, 38), boxFit(40, 38), boxFit(25, 38), boxFit(35, null)]).toEqual([
      'fits',
      'too-thick',
      'low',
      'unknown',
    ]);
  });
});

describe('chunk jars', () => {
  it('pour as much honey as the strip leaves room: measured in ml, or from its weight', () => {
    const measured = chunkJar({ jarNetG: 700, stripG: 240, stripMl: 180, moisturePercent: 18 });
    // 700 g of 18 % honey are about 495 ml; 315 ml of it stay for honey.
    expect(measured.stripMl).toEqual({ low: 180, mid: 180, high: 180 });
    expect(measured.honeyG.mid).toBeCloseTo((700 / 1.4146 - 180) * 1.4146, 0);
    expect(measured.netG.mid).toBeCloseTo(measured.honeyG.mid + 240, 9);
    const guessed = chunkJar({ jarNetG: 700, stripG: 240, stripMl: null, moisturePercent: 18 });
    expect(guessed.stripMl.low).toBeLessThan(guessed.stripMl.high);
    expect(guessed.honeyG.low).toBeLessThan(guessed.honeyG.high);
    expect(
      chunkJar({ jarNetG: 300, stripG: 900, stripMl: null, moisturePercent: 18 }).honeyG.mid,
    ).toBe(0);
  });
  it('are as many as strips, jars and honey allow', () => {
    expect(chunkJars({ strips: 5, jars: 8, honeyG: 1000, honeyPerJarG: 440 })).toEqual({
      count: 2,
      runsOut: 'honey',
    });
    expect(chunkJars({ strips: 5, jars: 3, honeyG: 9000, honeyPerJarG: 440 })).toEqual({
      count: 3,
      runsOut: 'jars',
    });
    expect(chunkJars({ strips: 1, jars: 3, honeyG: 9000, honeyPerJarG: 0 })).toEqual({
      count: 1,
      runsOut: 'strips',
    });
  });
});

describe('grades', () => {
  const grade = (change: Partial<Parameters<typeof gradePiece>[0]>) =>
    gradePiece({
      blemishes: [],
      netG: 250,
      minG: 230,
      maxG: 270,
      price: 34,
      rules: DEFAULT_RULES,
      ...change,
    });
  it('go by what is seen and weighed, with the reason', () => {
    expect(grade({})).toMatchObject({
      grade: 'premium',
      price: 34,
      reason: cutSay('cut.grade.no-blemish-within-its-weights'),
    });
    expect(grade({ blemishes: ['wet-top'] })).toEqual({
      grade: 'discount',
      price: 23.8,
      reason: cutSay('cut.grade.off-2', {
        blemishes: BLEMISH_WORDS['wet-top'],
        pieceDiscountPercent: 30,
      }),
    });
    expect(grade({ blemishes: ['wet-top', 'sagged'] })).toMatchObject({
      grade: 'sample',
      price: 0,
    });
    expect(grade({ blemishes: ['sagged', 'cracked'] })).toMatchObject({
      grade: 'crush',
      reason: cutSay('cut.grade.it-leaks-crush-it', { spoilt: BLEMISH_WORDS.cracked }),
    });
    expect(grade({ netG: 210 }).reason).toEqual(
      cutSay('cut.grade.off', {
        reason: cutSay('cut.grade.under-its-box', {
          netG: { massG: 210, as: 'read' },
          minG: { massG: 230, as: 'read' },
        }),
        pieceDiscountPercent: 30,
      }),
    );
    expect(grade({ netG: 290 })).toMatchObject({
      grade: 'premium',
      reason: cutSay('cut.grade.above-its-window-given-away', {
        netG: { massG: 290, as: 'read' },
        netG2: { massG: 20, as: 'read' },
      }),
    });
    expect(grade({ netG: 210, rules: { ...DEFAULT_RULES, underWeight: 'chunk' } })).toMatchObject({
      grade: 'chunk',
      price: 0,
    });
    expect(grade({ netG: null, minG: null }).reason).toEqual(
      cutSay('cut.grade.no-blemish-not-weighed-yet'),
    );
  });
});

describe('cold against pests', () => {
  const plan = (change: Partial<FreezingInput> = {}) =>
    freezingPlan({
      pest: 'moth',
      packing: 'piece',
      widthMm: null,
      heightMm: null,
      thicknessMm: 35,
      apart: true,
      litres: 5,
      freezerL: 100,
      freezerC: -18,
      startC: 22,
      roomC: 22,
      ...change,
    });
  it('counts from when the core is cold, for moth and for beetle (SCIENCE 8)', () => {
    const moth = plan();
    expect(moth).toMatchObject({ possible: true, coreC: -12, holdHours: 3, days: 1 });
    expect(moth.coolingHours.low).toBeGreaterThan(1.9);
    expect(moth.coolingHours.high).toBeLessThan(5.5);
    expect(plan({ pest: 'beetle' }).holdHours).toBe(24);
    expect(plan({ pest: 'both' }).freezeHours.high).toBeGreaterThan(24);
  });
  it('takes twice as long above a tenth of the freezer or where pieces touch, and more than a day of loads is said', () => {
    expect(plan({ apart: false }).coolingHours.mid).toBeCloseTo(2 * plan().coolingHours.mid, 9);
    expect(plan({ litres: 25 })).toMatchObject({ days: 3, litresAtOnce: 10 });
    expect(keysOf(plan({ litres: 25 }).sentence)).toContain('freeze.overloaded');
  });
  it('is impossible in a freezer that is too warm, and says so', () => {
    const tooWarm = plan({ freezerC: -8, pest: 'beetle' });
    expect(tooWarm).toMatchObject({ possible: false, coreC: -12 });
    expect(keysOf(tooWarm.sentence)).toContain('freeze.too-warm');
    expect(plan({ freezerC: -7 }).possible).toBe(false);
    expect(plan({ freezerC: -12 }).possible).toBe(true);
  });
  it('knows what a warm freezer can still do: moth from a core of -7 °C, beetle never', () => {
    // A freezer at -8.5 °C gets a core to -7 °C, where the table of Cantwell and Smith begins.
    expect(plan({ freezerC: -8.5 })).toMatchObject({ possible: true, coreC: -7, holdHours: 4.5 });
    expect(plan({ freezerC: -8, pest: 'moth' }).possible).toBe(true);
    expect(plan({ freezerC: -7.5, pest: 'moth' }).possible).toBe(false);
    expect(keysOf(plan({ freezerC: -10, pest: 'both' }).sentence)).toContain('freeze.moth-alone');
    expect(keysOf(plan({ freezerC: -5, pest: 'both' }).sentence)).not.toContain(
      'freeze.moth-alone',
    );
  });
  it('cools a whole box as one body: a day and more where a piece takes hours', () => {
    const box = plan({
      packing: 'super',
      widthMm: 420,
      heightMm: 380,
      thicknessMm: 168,
      freezerL: null,
    });
    expect(box.coolingHours.low).toBeGreaterThan(15);
    expect(box.coolingHours.high).toBeLessThan(36);
    expect(box.thawHours.high).toBeGreaterThan(24);
  });
  it('thaws closed for hours, longer the thicker', () => {
    const piece = { packing: 'piece', widthMm: null, heightMm: null, thicknessMm: 35 } as const;
    const thaw = (thicknessMm: number) =>
      coreWarmingHours({ ...piece, thicknessMm, freezerC: -18, roomC: 22 });
    expect(thaw(35).mid).toBeGreaterThan(1);
    expect(thaw(60).mid).toBeGreaterThan(thaw(35).mid);
    expect(coreWarmingHours({ ...piece, freezerC: 21, roomC: 22 }).high).toBe(0);
    expect(combOutHours(28)).toBeLessThan(combOutHours(15));
  });
  it('a thicker piece never takes less time', () => {
    fc.assert(
      fc.property(
        fc.double({ min: 10, max: 80, noNaN: true }),
        fc.double({ min: 0.5, max: 40, noNaN: true }),
        (mm, more) => {
          expect(plan({ thicknessMm: mm + more }).freezeHours.high).toBeGreaterThanOrEqual(
            plan({ thicknessMm: mm }).freezeHours.high,
          );
        },
      ),
    );
  });
  it('shows which order of work cracked less, from the runs alone', () => {
    const run = (
      order: 'whole' | 'pieces',
      pieces: number,
      crackedCold: number,
      crackedKnife: number,
    ) => ({ order, pieces, crackedCold, crackedKnife });
    expect(
      orderCompared([run('whole', 20, 1, 4), run('pieces', 30, 1, 2), run('whole', 10, 0, 1)]),
    ).toEqual([
      { ...run('whole', 30, 1, 5), share: 0.2 },
      { ...run('pieces', 30, 1, 2), share: 0.1 },
    ]);
    expect(orderCompared([])[0].share).toBeNull();
  });
});

describe('the rack', () => {
  it('weeps longer in the cool, and learns from the fifth own rack on', () => {
    expect(rackHours({ temperatureC: 25, moisturePercent: 18 }).mid).toBeCloseTo(RACK_START.mid, 9);
    expect(rackHours({ temperatureC: 15, moisturePercent: 18 }).mid).toBeGreaterThan(
      2 * RACK_START.mid,
    );
    const run = { hours: 8, temperatureC: 25, moisturePercent: 18 };
    expect(
      rackHours({ temperatureC: 25, moisturePercent: 18, own: [run, run, run, run] }).mid,
    ).toBeCloseTo(RACK_START.mid, 9);
    expect(
      rackHours({
        temperatureC: 25,
        moisturePercent: 18,
        own: [run, run, run, run, { ...run, hours: 10 }],
      }),
    ).toEqual({ low: 8, mid: 8, high: 10 });
  });
});

describe('in the middle of the job', () => {
  it('says what is done and what is likely', () => {
    expect(projectPieces({ made: 16, tried: 18, left: 26 })).toMatchObject({
      sentence: cutSay('cut.projection.done-likely', {
        made: 16,
        likely: cutSay('cut.projection.to', { low: 33, high: 42 }),
      }),
    });
    expect(projectPieces({ made: 4, tried: 5, left: 0 })).toMatchObject({
      low: 4,
      high: 4,
      sentence: cutSay('cut.projection.done', { made: 4 }),
    });
    const [bad, good] = [4, 18].map((made) => projectPieces({ made, tried: 20, left: 20 }));
    expect(bad.high - 4).toBeLessThan(good.low - 18 + 15);
    expect(bad.share).toBeLessThan(good.share);
  });
  it('always lies between what is done and everything', () => {
    fc.assert(
      fc.property(
        fc.integer({ min: 0, max: 60 }),
        fc.integer({ min: 0, max: 60 }),
        fc.integer({ min: 0, max: 80 }),
        (made, failed, left) => {
          const p = projectPieces({ made, tried: made + failed, left });
          expect(p.low >= made && p.high <= made + left && p.low <= p.high).toBe(true);
        },
      ),
    );
  });
});

describe('the template', () => {
  it('is an SVG at true size with every cut numbered and a ruler, names made safe', () => {
    const input = {
      name: 'Comb <2> & co',
      widthMm: 200,
      heightMm: 120,
      pieces: [{ xMm: 0, yMm: 0, widthMm: 90, heightMm: 90, label: 'square' }],
      cuts: [{ x1Mm: 91.5, y1Mm: 0, x2Mm: 91.5, y2Mm: 120 }],
      flaws: [{ xMm: 100, yMm: 0, widthMm: 30, heightMm: 20 }],
    };
    const svg = templateSvg(input, { ...rulerOf(200, false), words: '100 mm' });
    expect(svg).toContain('width="224mm" height="156mm" viewBox="-12 -12 224 156"');
    expect(svg).toContain('Comb &#60;2&#62; &#38; co');
    expect(svg).toContain('M91.5 0L91.5 120');
    expect(svg).toContain('<path d="M0 0h100"/>');
    expect(svg).toContain('>100 mm</text>');
  });
  it.each([
    [200, false, 100, 11],
    [87, false, 80, 9],
    [200, true, 101.6, 9],
    [60, true, 50.8, 5],
  ])('has a ruler in %s mm of room, in inches %s: %s mm', (room, inInches, long, ticks) => {
    const { lengthMm, stepMm } = rulerOf(room, inInches);
    expect(lengthMm).toBeCloseTo(long, 6);
    expect(Math.round(lengthMm / stepMm) + 1).toBe(ticks);
  });
  it('is cut into sheets that cover it and overlap', () => {
    const sheets = templateSheets(430, 160, {
      widthMm: 210,
      heightMm: 297,
      marginMm: 10,
      overlapMm: 10,
    });
    expect(sheets.map((s) => [s.xMm, s.widthMm])).toEqual([
      [0, 190],
      [180, 190],
      [360, 70],
    ]);
    fc.assert(
      fc.property(
        fc.double({ min: 30, max: 900, noNaN: true }),
        fc.double({ min: 30, max: 700, noNaN: true }),
        (w, h) => {
          const all = templateSheets(w, h, {
            widthMm: 210,
            heightMm: 297,
            marginMm: 10,
            overlapMm: 10,
          });
          expect(Math.max(...all.map((s) => s.xMm + s.widthMm))).toBeCloseTo(w, 6);
          expect(Math.max(...all.map((s) => s.yMm + s.heightMm))).toBeCloseTo(h, 6);
          expect(
            all.every(
              (s) =>
                s.widthMm <= 190 + 1e-9 &&
                s.heightMm <= 277 + 1e-9 &&
                s.widthMm > 0 &&
                s.heightMm > 0,
            ),
          ).toBe(true);
        },
      ),
    );
  });
});

describe('orders of work, harvest by harvest', () => {
  const freeze = (
    batchId: string,
    order: 'whole' | 'pieces',
    pieces: number,
    cracked: number,
    startedAt: string,
  ) => ({ batchId, kind: 'freeze', order, pieces, cracked, startedAt, endedAt: startedAt });
  const pieces = (batchId: string, cut: number, cracked: number, planned = 0) => [
    ...Array(cut).fill({ batchId, state: 'cut' }),
    ...Array(cracked).fill({ batchId, state: 'cracked' }),
    ...Array(planned).fill({ batchId, state: 'planned' }),
  ];
  it('counts what cracked under the knife to the order the harvest went by', () => {
    const runs = orderRuns(
      [freeze('a', 'whole', 2, 1, '2026-01-01'), freeze('b', 'pieces', 9, 0, '2026-01-02')],
      [...pieces('a', 8, 4, 3), ...pieces('b', 9, 1)],
    );
    expect(runs).toEqual([
      { order: 'whole', pieces: 12, crackedCold: 1, crackedKnife: 4 },
      { order: 'pieces', pieces: 10, crackedCold: 0, crackedKnife: 1 },
    ]);
  });
  it('is no run while nothing was cut of combs frozen whole, or the freezer still runs', () => {
    expect(
      orderRuns(
        [
          freeze('a', 'whole', 2, 0, '2026-01-01'),
          { ...freeze('b', 'pieces', 5, 0, '2026-01-01'), endedAt: null },
        ],
        pieces('b', 5, 0),
      ),
    ).toEqual([]);
  });
});
