import {
  METRIC,
  US_UNITS,
  ageSaid,
  bookSay,
  combSay,
  fillAccuracy,
  freezingPlan,
  holdSay,
  keepingSaid,
  labelText,
  lookSay,
  lotKeeping,
  mayFeed,
  readingDoubt,
  saleChecklist,
  volumeQuestion,
  DEFAULT_RULES,
  type LabelText,
  type Say,
} from '@furrow/core';
import { describe, expect, it } from 'vitest';
import { learnEveryLanguage } from '../everyLanguage.js';
import { PLAIN_READER, type Reader } from './reader.js';
import { speak } from './speak.js';

learnEveryLanguage();

const american: Reader = { language: 'en', units: US_UNITS, currency: '$' };
const brazilian: Reader = { language: 'pt-BR', units: METRIC, currency: 'R$' };

const kg = (mass: number) => ({ massG: mass * 1000, as: 'large' }) as const;

describe('what Look says', () => {
  it.each<[string, Say, metric: string, us: string, portuguese: string]>([
    [
      'whose honey it is',
      lookSay('look.theirs.theirs', {
        stays: lookSay('look.theirs.stays', { kg: kg(4) }),
        need: kg(12),
      }),
      'Without it 4.0 kg would stay, counted low, the winter needs 12.0 kg.',
      'Without it 8.8 lb would stay, counted low, the winter needs 26.5 lb.',
      'Sem ele ficariam 4,0 kg, contando por baixo, o inverno pede 12,0 kg.',
    ],
    [
      'how far it is capped',
      lookSay('look.ripe.short', {
        capped: lookSay('look.ripe.capped', { capped: { percent: 63 }, need: { percent: 80 } }),
      }),
      '63 % capped, house rule asks 80 %: not yet.',
      '63 % capped, house rule asks 80 %: not yet.',
      '63 % operculado, a regra da casa pede 80 %: ainda não.',
    ],
    [
      'what was fed',
      lookSay('look.syrup.feeding.syrup', {
        volume: { volumeL: 2 },
        on: { date: '2026-01-07' },
      }),
      '2 L syrup on 7 Jan 2026',
      '2.1 qt syrup on 7 Jan 2026',
      '2 L de xarope em 7 de jan. de 2026',
    ],
    [
      'one pot that stays open',
      lookSay('look.ripe.pots', { sealed: 1, open: 1 }),
      '1 sealed pot, taken once a year at most; the open one stays.',
      '1 sealed pot, taken once a year at most; the open one stays.',
      '1 pote fechado, tirado no máximo uma vez por ano; o aberto fica.',
    ],
    [
      'several, none open',
      lookSay('look.ripe.pots', { sealed: 6, open: 0 }),
      '6 sealed pots, taken once a year at most.',
      '6 sealed pots, taken once a year at most.',
      '6 potes fechados, tirados no máximo uma vez por ano.',
    ],
    [
      'a look too old to count',
      ageSaid({ fact: 'flow', on: '2026-02-12', ageDays: 30, stale: true }),
      'forage 30 days old: too old to count',
      'forage 30 days old: too old to count',
      'florada de 30 dias: velho demais para contar',
    ],
  ])('%s', (_what, say, metric, us, portuguese) => {
    expect(speak(say, PLAIN_READER)).toBe(metric);
    expect(speak(say, american)).toBe(us);
    expect(speak(say, brazilian)).toBe(portuguese);
  });

  it('doubts a reading in the degrees of the reader', () => {
    const doubt = readingDoubt(
      {
        scale: 'moisture',
        value: 18,
        temperatureC: 35,
        temperatureCompensated: true,
        instrumentHighC: 30,
      },
      '2026-03-14',
    );
    expect(doubt && speak(doubt, american)).toBe(
      'Doubtful: read at 95 °F, the instrument works up to 86 °F.',
    );
  });
});

describe('what Jar says', () => {
  const label = (reader: Reader, moisturePercent: number | null): LabelText =>
    labelText(
      {
        batchCode: 'IPE-260314-A1',
        hiveName: 'Ipê',
        siteName: 'Encosta',
        harvestedOn: '2026-03-14',
        netG: 300,
        lowestWeighedG: null,
        bee: 'honeybee',
        keeping: lotKeeping(
          { bee: 'honeybee', moisturePercent, granulating: false },
          DEFAULT_RULES,
        ),
        registeredToSell: false,
        labelMaker: 'Casa Pedra Clara',
        product: 'honey',
        moisturePercent,
        nutrition: true,
        flower: 'bracatinga',
        flowerSupport: 'taste',
      },
      (say) => speak(say, reader),
    );
  it('a label is whole in the language it is made in; names and the net weight stay', () => {
    const portuguese = label(brazilian, 18);
    expect(portuguese).toMatchObject({
      title: 'Mel',
      origin: 'Ipê, Encosta',
      net: '300 g / 10.5 oz',
      harvested: 'Colhido em 14 de mar. de 2026',
      batch: 'Lote IPE-260314-A1',
      gift: 'Presente, não é para vender.',
      warning: 'Não dar a crianças menores de doze meses.',
      flower: 'Com gosto de bracatinga',
      moisture: '18 % de água',
    });
    expect(portuguese.bestBefore).toMatch(/^Consumir de preferência antes de /);
    expect(portuguese.nutrition).toMatch(/^100 g: \d+ kJ \/ \d+ kcal, gorduras 0 g, carboidratos /);
    expect(label(PLAIN_READER, null).nutrition).toBe('');
  });

  it('jars weighed and volumes taken for grams are said in ounces', () => {
    const found = fillAccuracy(500, [503, 500, 496]);
    expect(found && speak(found.sentence, PLAIN_READER)).toBe(
      '1 of 3 jars under 500 g, the lightest 496 g: top up or label 496 g.',
    );
    expect(found && speak(found.sentence, american)).toMatch(/^1 of 3 jars under .* oz/);
    const slip = volumeQuestion(400, 401, 18);
    expect(slip && speak(slip, american)).not.toMatch(/\d (g|ml)\b/);
  });

  it('every check before a sale is said in both languages, and clears nothing', () => {
    const checks = saleChecklist({
      registeredToSell: false,
      sellWhere: '',
      labelMaker: 'Casa Pedra Clara',
      makerAddress: '',
      origin: '',
      weighed: false,
      tradeScale: false,
      useFirst: true,
      bee: 'stingless',
      keeping: lotKeeping(
        { bee: 'stingless', moisturePercent: null, granulating: false },
        DEFAULT_RULES,
      ),
      moisturePercent: null,
      holds: [holdSay('hold.brood-sick', { hive: 'Ipê', on: { date: '2026-03-16' } })],
      species: '',
      permit: '',
      label: label(PLAIN_READER, 18),
    });
    const read = (reader: Reader) =>
      checks.map((c) => `${speak(c.what, reader)}: ${speak(c.why, reader)}`);
    const [english, portuguese] = [read(PLAIN_READER), read(brazilian)];
    expect(english[0]).toBe(
      'Nothing found of its colonies holds it back: Ipê: on 16 Mar 2026 the brood looked sick.',
    );
    expect(portuguese[0]).toMatch(/: Ipê: em 16 de mar\. de 2026 a cria parecia doente\.$/);
    for (const [i, line] of english.entries()) expect(portuguese[i], line).not.toBe(line);
    expect(english.join(' ')).not.toMatch(/\b(legal|safe|disease-free)\b/i);
  });
});

describe('what is said of keeping, cold, feeding and guesses', () => {
  it.each([
    [17, 'At or under 17.1 %', 'Até 17,1 %'],
    [18, 'Between 17.1 % and 19 %', 'Entre 17,1 % e 19 %'],
    [19.5, 'Between 19 % and 20 %', 'Entre 19 % e 20 %'],
    [21, 'Above 20 %', 'Acima de 20 %'],
  ])('%d %% of water', (water, english, portuguese) => {
    expect(speak(keepingSaid(water, 'honeybee'), PLAIN_READER)).toContain(english);
    expect(speak(keepingSaid(water, 'honeybee'), brazilian)).toContain(portuguese);
  });

  it('a freezer that is too warm is said in the degrees of the reader', () => {
    const { sentence } = freezingPlan({
      pest: 'beetle',
      packing: 'piece',
      widthMm: null,
      heightMm: null,
      thicknessMm: 35,
      apart: true,
      litres: 4,
      freezerL: null,
      freezerC: -5,
      startC: 25,
      roomC: 20,
    });
    expect(speak(sentence, american)).toBe(
      'A freezer at 23 °F does not get the core to 10 °F, which small hive beetle asks for: colder, or another freezer.',
    );
  });

  it('honey that nobody knows the origin of is fed to none, in every language', () => {
    const { may, reason } = mayFeed({
      origins: [],
      toHiveId: 'h',
      toHiveName: 'Ipê',
      dead: false,
      broodCheck: null,
      date: '2026-03-14',
      broodCheckDays: 30,
      sick: false,
      heldBy: null,
    });
    expect(may).toBe(false);
    expect(speak(reason, brazilian)).toBe(
      'Nada se sabe de onde vem este mel: não se dá às abelhas.',
    );
  });

  it('one guess is one, seven are seven', () => {
    const bias = (guesses: number): Say =>
      combSay('comb.guess.bias-little', { off: { percent: 18 }, guesses });
    expect(speak(bias(1), PLAIN_READER)).toBe('You guess about 18 % too little: 1 guess so far.');
    expect(speak(bias(7), brazilian)).toBe(
      'Você palpita cerca de 18 % a menos: 7 palpites até agora.',
    );
    expect(speak(bookSay('book.season.corrected', { combs: 7, off: '+7 %' }), PLAIN_READER)).toBe(
      'Corrected by your last 7 combs, +7 %.',
    );
  });
});
