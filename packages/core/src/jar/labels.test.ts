import fc from 'fast-check';
import { describe, it } from 'vitest';
import { said, expectSaid as expect, sayingLine } from '../../fixtures/said.js';
import { HOLD_WORDS } from '../records/vocabulary/holdCauses.js';
import { asWritten } from '../say/say.js';
import { fillAccuracy } from './fillAccuracy.js';
import { labelText } from './label.js';
import {
  datesIn,
  FIXED_FIELDS,
  labelProblems,
  layLabel,
  shrunkToFit,
  STARTING_FIELDS,
} from './labelDesign.js';
import { LABEL_FIELDS, type LabelField, type LabelSheet } from '../records/vocabulary/labels.js';
import { DEFAULT_RULES } from '../records/defaultRules.js';
import { labelPlace, sheetProblem, STARTING_SHEETS } from './labelSheet.js';
import { nutritionPer100g } from './nutrition.js';
import { type KeepingFacts, lotKeeping } from './keepingDate.js';
import { flowerText, saleChecklist } from './saleGate.js';

const labelIn = (said: Parameters<typeof labelText>[0]) => labelText(said, sayingLine);

const record = {
  batchCode: 'IPE-260314-A1',
  hiveName: 'Ipê',
  siteName: 'Encosta',
  harvestedOn: '2026-03-14',
  netG: 300,
  lowestWeighedG: 302,
  bee: 'honeybee' as const,
  keeping: lotKeeping(
    { bee: 'honeybee', moisturePercent: 16.9, granulating: false },
    DEFAULT_RULES,
  ),
  registeredToSell: false,
  labelMaker: 'Casa Pedra Clara',
  product: 'honey' as const,
};
/** As a label is printed: a date in an own line is looked for among its own words. */
const words = {
  ...labelText(record, sayingLine),
  harvested: 'Harvested 14 Mar 2026',
  bestBefore: 'Best before Mar 2028',
};
const own = (text: string): LabelField => ({ kind: 'own', sizePt: 4, bold: false, text });
const design = { fields: STARTING_FIELDS, qr: true };

describe('a label', () => {
  it('fits the sheet a household begins with, every line inside and clear of the code', () => {
    const laid = layLabel(design, words, STARTING_SHEETS[0]);
    expect(laid.fits).toBe(true);
    expect(labelProblems(design, words, STARTING_SHEETS[0])).toEqual([]);
    for (const line of laid.lines) {
      expect(line.xMm + line.widthMm).toBeLessThanOrEqual(STARTING_SHEETS[0].labelWidthMm);
      if (line.yMm > laid.qr!.yMm)
        expect(line.xMm + line.widthMm).toBeLessThanOrEqual(laid.qr!.xMm);
    }
  });
  it('has a second language under the first, and what is the same in both once', () => {
    const second = { ...words, title: 'Mel', warning: 'Não dar a bebês.' };
    const laid = layLabel(
      { fields: STARTING_FIELDS.map((f) => ({ ...f, sizePt: 5 })), qr: false },
      { ...words, second },
      STARTING_SHEETS[0],
    );
    const texts = laid.lines.map(({ text }) => text);
    expect(texts.slice(0, 3)).toEqual(['jar.label.honey', 'Mel', 'Ipê, Encosta']);
    expect(texts.filter((text) => text === words.net)).toHaveLength(1);
    expect(texts).toContain('Não dar a bebês.');
    const [title, titleBelow] = laid.lines;
    expect(titleBelow.field).toBe(title.field);
    expect(titleBelow.yMm).toBeGreaterThan(title.yMm);
  });
  it('takes a date of the record in either of its languages', () => {
    const second = { ...words, harvested: 'Colhido em 14.3.2026' };
    const dated = { fields: [...STARTING_FIELDS, own('14.3.2026')], qr: false };
    const large = { labelWidthMm: 200, labelHeightMm: 200 };
    expect(labelProblems(dated, words, large)).toHaveLength(1);
    expect(labelProblems(dated, { ...words, second }, large)).toEqual([]);
  });
  it('keeps every line within its edges whatever is asked of it, or says that it does not fit', () => {
    const fields = fc.array(
      fc.record({
        kind: fc.constantFrom(...LABEL_FIELDS),
        sizePt: fc.integer({ min: 4, max: 48 }),
        bold: fc.boolean(),
        text: fc.string({ maxLength: 60 }),
      }),
      { maxLength: 24 },
    );
    fc.assert(
      fc.property(
        fields,
        fc.boolean(),
        fc.integer({ min: 15, max: 200 }),
        fc.integer({ min: 10, max: 200 }),
        (f, qr, labelWidthMm, labelHeightMm) => {
          const laid = layLabel({ fields: f, qr }, words, { labelWidthMm, labelHeightMm });
          const lowest = Math.max(0, ...laid.lines.map((l) => l.yMm));
          if (laid.fits) expect(lowest).toBeLessThanOrEqual(labelHeightMm);
        },
      ),
    );
  });
  it('is stopped by a date in an own line that is not of the harvest, and by a missing line', () => {
    expect(
      labelProblems(
        { fields: [...STARTING_FIELDS, own('Harvested 3 Apr 2025')], qr: false },
        words,
        STARTING_SHEETS[0],
      )[0],
    ).toMatch(
      'jar.problem.date {date: 3 Apr 2025, harvested: Harvested 14 Mar 2026, ' +
        'bestBefore: Best before Mar 2028}',
    );
    expect(
      labelProblems(
        { fields: [...STARTING_FIELDS, own('Harvested 14 Mar 2026')], qr: false },
        words,
        STARTING_SHEETS[0],
      ),
    ).toEqual([]);
    for (const kind of FIXED_FIELDS)
      expect(
        labelProblems(
          { fields: STARTING_FIELDS.filter((f) => f.kind !== kind), qr: false },
          words,
          STARTING_SHEETS[0],
        )[0],
      ).toMatch('jar.problem.missing');
    expect(
      labelProblems(
        { fields: STARTING_FIELDS.map((f) => ({ ...f, sizePt: 20 })), qr: false },
        words,
        STARTING_SHEETS[0],
      )[0],
    ).toMatch('jar.problem.too-high');
  });
  it('is made to fit by smaller letters, none under 4 points', () => {
    const large = {
      fields: [
        ...STARTING_FIELDS,
        own('Mel de açude'),
        own('Colheita à mão'),
        own('Vidro lavado'),
      ].map((f) => ({ ...f, sizePt: f.sizePt * 1.3 })),
      qr: true,
    };
    const small = shrunkToFit(large, words, STARTING_SHEETS[0]);
    expect(layLabel(small, words, STARTING_SHEETS[0]).fits).toBe(true);
    expect(Math.min(...small.fields.map((f) => f.sizePt))).toBeGreaterThanOrEqual(4);
    expect(shrunkToFit(design, words, STARTING_SHEETS[0])).toEqual(design);
  });
  it('finds dates as people write them', () => {
    expect(datesIn('from 14.3.2026 to 2026-04-01, Mar 2026 or 3/2026')).toEqual([
      '14.3.2026',
      '2026-04-01',
      'Mar 2026',
      '3/2026',
    ]);
    expect(datesIn('1250 jars, 12 months, lot 7')).toEqual([]);
  });
  it('reads use by and not for sale where honey is to be used first, whoever is registered', () => {
    const first = labelIn({ ...record, registeredToSell: true, useBy: '2026-05-13' });
    expect([first.bestBefore, first.gift]).toEqual([
      'jar.label.use-by {on: {date: 2026-05-13}}',
      'jar.label.use-first',
    ]);
  });
  const known = (facts: Partial<KeepingFacts>) =>
    lotKeeping(
      { bee: 'honeybee', moisturePercent: 16.9, granulating: false, ...facts },
      DEFAULT_RULES,
    );
  const bestBefore = (month: string): string => `jar.label.best-before {month: {month: ${month}}}`;
  const USE_BY = 'jar.label.use-by {on: {date: 2026-05-13}}';
  const withWords = (date: string, keep: string): string =>
    `jar.label.with-words {date: ${date}, words: ${keep}}`;
  it.each<[string, Partial<KeepingFacts>, string, string]>([
    ['dry', {}, bestBefore('2028-03'), ''],
    ['18 %', { moisturePercent: 18 }, bestBefore('2027-03'), ''],
    [
      '19.5 %',
      { moisturePercent: 19.5 },
      withWords(bestBefore('2026-09'), 'jar.keep.use-soon-words'),
      '',
    ],
    ['not measured', { moisturePercent: null }, bestBefore('2026-09'), ''],
    ['dry but granulating', { granulating: true }, bestBefore('2027-03'), ''],
    [
      '19.5 % and granulating',
      { moisturePercent: 19.5, granulating: true },
      withWords(USE_BY, 'jar.keep.use-first-words {water: {percent: 19.5}}'),
      '',
    ],
    [
      'above the selling limit',
      { moisturePercent: 20.4 },
      withWords(USE_BY, 'jar.keep.use-first-words {water: {percent: 20.4}}'),
      'jar.label.gift-use-first',
    ],
    [
      'of stingless bees',
      { bee: 'stingless', moisturePercent: 28 },
      withWords(USE_BY, 'jar.keep.stingless-words'),
      '',
    ],
  ])('dates honey that is %s by its water and its bee', (_, facts, date, gift) => {
    const label = labelIn({
      ...record,
      registeredToSell: true,
      bee: facts.bee ?? 'honeybee',
      keeping: known(facts),
    });
    expect([label.bestBefore, label.gift]).toEqual([date, gift]);
  });
  it('names stingless honey as what it is, and tells nothing of a table that is not its own', () => {
    const label = labelIn({
      ...record,
      bee: 'stingless',
      species: 'Miúda',
      keeping: known({ bee: 'stingless' }),
      moisturePercent: 28,
      nutrition: true,
    });
    expect([label.title, label.nutrition]).toEqual(['jar.label.stingless-of {species: Miúda}', '']);
  });
  it('says that it is held back', () =>
    expect(labelIn({ ...record, heldBy: HOLD_WORDS.sick.name }).gift).toBe(
      'jar.label.held-back {why: hold.sick.name}',
    ));
  it.each<[string, Partial<Parameters<typeof saleChecklist>[0]>, string]>([
    ['a hold', { holds: [asWritten('Ipê: the brood looked sick.')] }, 'the brood looked sick'],
    [
      'water above the limit',
      { keeping: known({ moisturePercent: 20.4 }), moisturePercent: 20.4 },
      'jar.keep.over-limit {water: {percent: 20.4}, limit: {percent: 20}}',
    ],
    [
      'stingless honey without a permit',
      { bee: 'stingless', keeping: known({ bee: 'stingless' }) },
      'jar.sale.species.no',
    ],
  ])('is not sold with %s', (_, change, why) => {
    const list = saleChecklist({
      registeredToSell: true,
      sellWhere: 'the county',
      labelMaker: 'Casa',
      makerAddress: 'Encosta',
      origin: 'Brazil',
      weighed: true,
      tradeScale: true,
      useFirst: false,
      bee: 'honeybee',
      keeping: record.keeping,
      moisturePercent: 16.9,
      holds: [],
      species: '',
      permit: '',
      label: words,
      ...change,
    });
    expect(
      list
        .filter((c) => c.answer === 'no')
        .map((c) => said(c.why))
        .join(' '),
    ).toMatch(why);
  });
  it('names a flower only where something supports it, and taste says so', () => {
    expect([
      flowerText('bracatinga', 'analysis', sayingLine),
      flowerText('bracatinga', 'taste', sayingLine),
      flowerText('bracatinga', 'none', sayingLine),
      flowerText('bracatinga', null, sayingLine),
    ]).toEqual([
      'jar.label.from {flower: bracatinga}',
      'jar.label.tastes-of {flower: bracatinga}',
      '',
      '',
    ]);
  });
});

describe('a sheet of labels', () => {
  const sheets = fc
    .record({
      columns: fc.integer({ min: 1, max: 6 }),
      rows: fc.integer({ min: 1, max: 20 }),
      labelWidthMm: fc.integer({ min: 15, max: 120 }),
      labelHeightMm: fc.integer({ min: 10, max: 120 }),
      marginLeftMm: fc.integer({ min: 0, max: 20 }),
      marginTopMm: fc.integer({ min: 0, max: 20 }),
      gapXMm: fc.integer({ min: 0, max: 8 }),
      gapYMm: fc.integer({ min: 0, max: 8 }),
    })
    .map((s): LabelSheet => ({ ...s, paperWidthMm: 210, paperHeightMm: 297 }));
  it('has every label on the paper and none over another, or says what does not fit', () => {
    fc.assert(
      fc.property(sheets, (sheet) => {
        const places = Array.from({ length: sheet.columns * sheet.rows }, (_, i) =>
          labelPlace(sheet, i),
        );
        const inside = places.every(
          (p) =>
            p.page === 0 &&
            p.xMm + sheet.labelWidthMm <= 210.05 &&
            p.yMm + sheet.labelHeightMm <= 297.05,
        );
        expect(sheetProblem(sheet) === null).toBe(inside);
        for (let i = 1; i < places.length; i++)
          expect(
            places[i].xMm >= places[i - 1].xMm + sheet.labelWidthMm ||
              places[i].yMm >= places[i - 1].yMm + sheet.labelHeightMm,
          ).toBe(true);
        expect(labelPlace(sheet, places.length).page).toBe(1);
      }),
    );
  });
  it('begins with sheets that are right', () =>
    expect(STARTING_SHEETS.map(sheetProblem)).toEqual(STARTING_SHEETS.map(() => null)));
});

describe('what stands beside it', () => {
  it('is nutrition scaled from the published values: at their own water they are those', () => {
    expect(nutritionPer100g(17.1)).toMatchObject({
      carbohydrateG: 82.4,
      sugarsG: 82.1,
      proteinG: 0.3,
      fatG: 0,
    });
    expect(nutritionPer100g(20).carbohydrateG).toBeCloseTo(82.4 * (80 / 82.9), 1);
    expect(nutritionPer100g(17.1).energyKcal).toBe(331);
  });
  it('is a checklist that never says honey may be sold', () => {
    const list = saleChecklist({
      registeredToSell: true,
      sellWhere: 'the county',
      labelMaker: 'Casa',
      makerAddress: 'Encosta',
      origin: 'Brazil',
      weighed: true,
      tradeScale: true,
      useFirst: false,
      bee: 'honeybee',
      keeping: record.keeping,
      moisturePercent: 16.9,
      holds: [],
      species: '',
      permit: '',
      label: words,
    });
    expect(list.filter((c) => c.answer === 'no')).toEqual([]);
    expect(list.at(-1)).toMatchObject({ answer: 'ask' });
  });
  it('is how jars weigh against their label', () => {
    expect(fillAccuracy(500, [])).toBeNull();
    expect(fillAccuracy(500, [503, 500, 496])).toMatchObject({
      lowestG: 496,
      highestG: 503,
      under: 1,
      overG: 3,
    });
    expect(fillAccuracy(500, [503, 500, 496])!.sentence).toMatch(
      'jar.weighed.short {under: 1, count: 3, net: {massG: 500, as: read}, lightest: {' +
        'massG: 496, as: read}, label: {massG: 496, as: read}}',
    );
    fc.assert(
      fc.property(
        fc.integer({ min: 50, max: 1000 }),
        fc.array(fc.integer({ min: 40, max: 1100 }), { minLength: 1 }),
        (netG, weights) => {
          const label = labelIn({
            ...record,
            netG,
            lowestWeighedG: fillAccuracy(netG, weights)!.lowestG,
          });
          expect(label.netG).toBeLessThanOrEqual(Math.min(...weights));
        },
      ),
    );
  });
});
