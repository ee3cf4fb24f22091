import { METRIC, US_UNITS, type Say } from '@furrow/core';
import { describe, expect, it } from 'vitest';
import { learnEveryLanguage } from '../everyLanguage.js';
import { speak } from './speak.js';

learnEveryLanguage();

const METRIC_ENGLISH = { language: 'en', units: METRIC, currency: '$' } as const;
const AMERICAN = { language: 'en', units: US_UNITS, currency: '$' } as const;
const BRAZILIAN = { language: 'pt-BR', units: METRIC, currency: 'R$' } as const;

/** What the core says with a quantity, as its three readers have it. */
const SPOKEN: [
  key: string,
  values: Say['with'],
  metric: string,
  american: string,
  brazilian: string,
][] = [
  [
    'choose.ease.amount',
    { could: { massG: 1674, as: 'large' }, asked: { massG: 2500, as: 'large' }, jars: '5 × jar' },
    '1.7 kg instead of 2.5 kg (5 × jar) could be had',
    '3.7 lb instead of 5.5 lb (5 × jar) could be had',
    '1,7 kg em vez de 2,5 kg (5 × jar) seriam possíveis',
  ],
  [
    'choose.heavy-box',
    {
      lift: { massG: { low: 30000, high: 36000 }, as: 'whole' },
      people: 2,
      carries: { massG: 30000, as: 'whole' },
    },
    'The box weighs about 30–36 kg; two people carry 30 kg by your rules. Take combs out singly.',
    'The box weighs about 66–79 lb; two people carry 66 lb by your rules. Take combs out singly.',
    'A caixa pesa cerca de 30–36 kg; duas pessoas levam 30 kg pelas suas regras. Tire os favos um a um.',
  ],
  [
    'choose.winter-short',
    { hive: 'Ipê', need: { massG: 9000, as: 'large' }, stores: { massG: 1800, as: 'large' } },
    'Ipê: the winter needs 9.0 kg, all that was read holds 1.8 kg counted low. Nothing is theirs to give.',
    'Ipê: the winter needs 19.8 lb, all that was read holds 4.0 lb counted low. Nothing is theirs to give.',
    'Ipê: o inverno pede 9,0 kg; tudo o que foi lido tem 1,8 kg, contando por baixo. ' +
      'Não há nada para ceder.',
  ],
  [
    'comb.cold.never',
    { freezer: { temperatureC: -10 }, core: { temperatureC: -12 } },
    'A freezer at −10 °C does not get the core to −12 °C, however long.',
    'A freezer at 14 °F does not get the core to 10 °F, however long.',
    'Um congelador a −10 °C não leva o miolo a −12 °C, por mais tempo que fique.',
  ],
  [
    'drain.arrangements.lower-may-fill',
    { vessel: 'Pail', free: { massG: 4961, as: 'large' }, most: { massG: 5400, as: 'large' } },
    'Pail takes 5.0 kg; it may come to 5.4 kg. The clock watches it.',
    'Pail takes 10.9 lb; it may come to 11.9 lb. The clock watches it.',
    'Em Pail cabem 5,0 kg; pode chegar a 5,4 kg. O relógio vigia.',
  ],
  [
    'drain.arrangements.lower-takes',
    { vessel: 'Pail', free: { massG: 2544, as: 'large' }, least: { massG: 4000, as: 'large' } },
    'Pail takes 2.5 kg; at least 4.0 kg will come. Draw off in between: the clock says when.',
    'Pail takes 5.6 lb; at least 8.8 lb will come. Draw off in between: the clock says when.',
    'Em Pail cabem 2,5 kg; virão pelo menos 4,0 kg. Esvazie no meio: o relógio diz quando.',
  ],
  [
    'drain.arrangements.upper-holds',
    { vessel: 'Top', holds: { massG: 3469, as: 'large' }, crushed: { massG: 6000, as: 'large' } },
    'Top holds about 3.5 kg of broken comb; there are 6.0 kg. Put it in twice, or take a larger one.',
    'Top holds about 7.6 lb of broken comb; there are 13.2 lb. Put it in twice, or take a larger one.',
    'Em Top cabem cerca de 3,5 kg de favo quebrado; há 6,0 kg. Ponha em duas vezes, ou use uma maior.',
  ],
  [
    'drain.closing.are-missing',
    {
      gapG: { massG: 100, as: 'read' },
      percent: { key: 'drain.closing.comb', with: { gapShare: { percent: 2 } } },
    },
    '100 g are missing, 2 % of the comb.',
    '3.5 oz are missing, 2 % of the comb.',
    'Faltam 100 g, 2 % do favo.',
  ],
  [
    'field.of.at-least',
    { what: { key: 'hive.bar-width', with: {} }, least: { lengthMm: 28 } },
    'Bar width: at least 28 mm.',
    'Bar width: at least 1.1 in.',
    'Largura da barra: pelo menos 28 mm.',
  ],
  [
    'field.of.at-most',
    { what: { key: 'hive.bar-width', with: {} }, most: { lengthMm: 45 } },
    'Bar width: at most 45 mm.',
    'Bar width: at most 1.8 in.',
    'Largura da barra: no máximo 45 mm.',
  ],
  [
    'jar.fill.overfull',
    {
      net: { massG: 560, as: 'read' },
      volume: { volumeL: 0.4014 },
      holds: { massG: 550, as: 'read' },
    },
    '560 g do not fit: to its brim it holds 401 ml, about 550 g with room under the lid.',
    '1 lb 3.8 oz do not fit: to its brim it holds 13.6 fl oz, about 1 lb 3.4 oz with room under the lid.',
    '560 g não cabem: até a borda cabem 401 ml, cerca de 550 g com folga sob a tampa.',
  ],
  [
    'jar.fill.slip',
    {
      net: { massG: 400, as: 'read' },
      volume: { volumeL: 0.4 },
      holds: { massG: 548, as: 'read' },
    },
    '400 g is its 400 ml taken for its weight? Full it holds about 548 g.',
    '14.1 oz is its 13.5 fl oz taken for its weight? Full it holds about 1 lb 3.3 oz.',
    '400 g é o volume de 400 ml tomado como peso? Cheio leva cerca de 548 g.',
  ],
  [
    'jar.problem.too-high',
    { lines: { lengthMm: 93.71 }, label: { lengthMm: 38 } },
    'The lines are 94 mm high, the label 38 mm: smaller letters, fewer lines or a larger label.',
    'The lines are 3.7 in high, the label 1.5 in: smaller letters, fewer lines or a larger label.',
    'As linhas têm 94 mm de altura, o rótulo 38 mm: letras menores, menos linhas ou um rótulo maior.',
  ],
  [
    'jar.weighed.short',
    {
      under: 1,
      count: 3,
      net: { massG: 500, as: 'read' },
      lightest: { massG: 496, as: 'read' },
      label: { massG: 496, as: 'read' },
    },
    '1 of 3 jars under 500 g, the lightest 496 g: top up or label 496 g.',
    '1 of 3 jars under 1 lb 1.6 oz, the lightest 1 lb 1.5 oz: top up or label 1 lb 1.5 oz.',
    '1 de 3 potes abaixo de 500 g, o mais leve 496 g: complete ou rotule 496 g.',
  ],
  [
    'look.enough.enough',
    { honey: { massG: 2049, as: 'estimate' }, least: { massG: 300, as: 'read' } },
    'About 2.0 kg of honey; your least is 300 g.',
    'About 4.5 lb of honey; your least is 10.6 oz.',
    'Cerca de 2,0 kg de mel; seu mínimo é 300 g.',
  ],
  [
    'look.enough.too-little',
    { honey: { massG: 290, as: 'read' }, least: { massG: 300, as: 'read' } },
    'About 290 g of honey, your rule leaves a comb with less than 300 g.',
    'About 10.2 oz of honey, your rule leaves a comb with less than 10.6 oz.',
    'Cerca de 290 g de mel, sua regra deixa um favo com menos de 300 g.',
  ],
  [
    'look.syrup.at-most',
    { stores: { massG: { low: 1500, high: 2173 }, as: 'estimate' } },
    'At most 1.5–2.2 kg of stores in the whole hive can be from it.',
    'At most 3.3–4.8 lb of stores in the whole hive can be from it.',
    'No máximo 1,5–2,2 kg de reservas na colmeia toda podem vir disso.',
  ],
  [
    'look.syrup.fed',
    {
      feedings: {
        and: [
          {
            key: 'look.syrup.feeding.syrup',
            with: { volume: { volumeL: 2 }, on: { date: '2025-11-11' } },
          },
        ],
      },
    },
    'Fed 2 L syrup on 11 Nov 2025.',
    'Fed 2.1 qt syrup on 11 Nov 2025.',
    'Alimentada com 2 L de xarope em 11 de nov. de 2025.',
  ],
  [
    'look.theirs.of-read',
    { kg: { massG: 0, as: 'large' }, need: { massG: 5000, as: 'large' } },
    'Of what was read 0.0 kg would stay, counted low; the winter needs 5.0 kg.',
    'Of what was read 0.0 lb would stay, counted low; the winter needs 11.0 lb.',
    'Do que foi lido ficariam 0,0 kg, contando por baixo; o inverno pede 5,0 kg.',
  ],
  [
    'look.theirs.spared',
    { kg: { massG: 1927, as: 'large' }, need: { massG: 1000, as: 'large' } },
    '1.9 kg would stay, counted low; the winter needs 1.0 kg.',
    '4.2 lb would stay, counted low; the winter needs 2.2 lb.',
    'Ficariam 1,9 kg, contando por baixo; o inverno pede 1,0 kg.',
  ],
  [
    'look.theirs.theirs',
    {
      stays: { key: 'look.theirs.stays', with: { kg: { massG: 9000, as: 'large' } } },
      need: { massG: 11000, as: 'large' },
    },
    'Without it 9.0 kg would stay, counted low, the winter needs 11.0 kg.',
    'Without it 19.8 lb would stay, counted low, the winter needs 24.3 lb.',
    'Sem ele ficariam 9,0 kg, contando por baixo, o inverno pede 11,0 kg.',
  ],
  [
    'ready.benchTasks.by-kitchens-by-day-and',
    { dayC: { temperatureC: 24 }, nightC: { temperatureC: 24 } },
    "By the kitchen's 24 °C by day and 24 °C by night, at the slow edge.",
    "By the kitchen's 75 °F by day and 75 °F by night, at the slow edge.",
    'Pela cozinha a 24 °C de dia e 24 °C de noite, na borda lenta.',
  ],
  [
    'ready.benchTasks.until-scum-up-through-at',
    { max: { lengthMm: 90 } },
    'Until the scum is up through 90 mm, at the slow edge.',
    'Until the scum is up through 3.5 in, at the slow edge.',
    'Até a espuma subir 90 mm, na borda lenta.',
  ],
  [
    'ready.bring.more-than-it-holds-draw',
    { shortL: { volumeL: 4.644 } },
    '4.6 L more than it holds: draw off in between, into the settling vessel.',
    '1.2 gal more than it holds: draw off in between, into the settling vessel.',
    '4,6 L a mais do que cabe: esvazie no meio, para o decantador.',
  ],
  [
    'ready.bring.short-draw-off-in-between',
    { shortL: { volumeL: 1.98 } },
    '2 L short: draw off in between, borrow one, or choose less. Food grade only, no bare metal.',
    '2.1 qt short: draw off in between, borrow one, or choose less. Food grade only, no bare metal.',
    'Faltam 2 L: esvazie no meio, peça emprestado, ou escolha menos. ' +
      'Só próprias para alimento, nada de metal nu.',
  ],
  [
    'ready.bring.wedge',
    { wedgeMm: { lengthMm: 16.76 } },
    'Wedge 17 mm',
    'Wedge 0.66 in',
    'Cunha 17 mm',
  ],
  [
    'ready.bring.wedges-tilt-not-measured-up',
    { wedgeMm: { lengthMm: 25.16 } },
    'Wedges: tilt not measured, up to 25 mm',
    'Wedges: tilt not measured, up to 0.99 in',
    'Cunhas: inclinação não medida, até 25 mm',
  ],
  [
    'ready.cautions.full-tub-weighs-about',
    { liftKg: { massG: 8792, as: 'whole' } },
    'The full tub weighs about 9 kg.',
    'The full tub weighs about 19 lb.',
    'A bacia cheia pesa cerca de 9 kg.',
  ],
  [
    'ready.cautions.it-weighs-about-over-your',
    { liftKg: { massG: 19000, as: 'whole' }, liftLimitKg: { massG: 15000, as: 'whole' } },
    'It weighs about 19 kg, over your 15 kg for one: carry it between two or in two trips.',
    'It weighs about 42 lb, over your 33 lb for one: carry it between two or in two trips.',
    'Pesa cerca de 19 kg, acima dos seus 15 kg para um: carregue em dois ou em duas viagens.',
  ],
  [
    'ready.cautions.it-will-feel-like-your',
    { feelsC: { temperatureC: 31 }, heatLimitC: { temperatureC: 32 } },
    'It will feel like 31 °C; your limit in a suit is 32 °C. Water, shade, ' +
      'turns of a quarter of an hour; stop at the first dizziness.',
    'It will feel like 88 °F; your limit in a suit is 90 °F. Water, shade, ' +
      'turns of a quarter of an hour; stop at the first dizziness.',
    'Vai parecer 31 °C; o seu limite de macacão é 32 °C. Água, sombra, ' +
      'turnos de um quarto de hora; pare na primeira tontura.',
  ],
  [
    'ready.hourScore.comb-softens-from-about-and',
    {
      is: { key: 'ready.hourScore.warmth', with: { temperature: { temperatureC: 36 }, from: '' } },
      softens: { temperatureC: 35 },
    },
    '36 °C: comb softens from about 35 °C and breaks off its bar.',
    '97 °F: comb softens from about 95 °F and breaks off its bar.',
    '36 °C: o favo amolece a partir de cerca de 35 °C e cai da barra.',
  ],
  [
    'ready.hourScore.humid',
    { temperatureC: { temperatureC: 33 }, humidityPercent: { percent: 70 }, from: '' },
    '33 °C, 70 % humid',
    '91 °F, 70 % humid',
    '33 °C, 70 % de umidade',
  ],
  [
    'ready.hourScore.too-cold-to-open-brood',
    {
      is: { key: 'ready.hourScore.warmth', with: { temperature: { temperatureC: 9 }, from: '' } },
      chills: { temperatureC: 14 },
    },
    '9 °C: too cold to open, brood chills below about 14 °C.',
    '48 °F: too cold to open, brood chills below about 57 °F.',
    '9 °C: frio demais para abrir, a cria gela abaixo de cerca de 14 °C.',
  ],
  [
    'ready.hourScore.wind-combs-sway-bees-are',
    { blows: { key: 'ready.hourScore.blows', with: { speed: { speedKmH: 18 }, from: '' } } },
    'Wind 18 km/h: combs sway, bees are short-tempered.',
    'Wind 11 mph: combs sway, bees are short-tempered.',
    'Vento 18 km/h: os favos balançam, as abelhas se irritam.',
  ],
  [
    'ready.hourScore.wind-your-rule-says-at',
    {
      blows: { key: 'ready.hourScore.blows', with: { speed: { speedKmH: 30 }, from: '' } },
      limit: { speedKmH: 20 },
    },
    'Wind 30 km/h, your rule says at most 20 km/h.',
    'Wind 19 mph, your rule says at most 12 mph.',
    'Vento 30 km/h, sua regra diz no máximo 20 km/h.',
  ],
  [
    'ready.placeHarvest.short',
    {
      shortL: { volumeL: 29.2 },
      advice: { key: 'ready.placeHarvest.draw-off-in-between-or', with: {} },
    },
    '29.2 L short: draw off in between or bring another.',
    '7.7 gal short: draw off in between or bring another.',
    'Faltam 29,2 L: esvazie no meio ou traga outra.',
  ],
  [
    'take.hiveScaleCheck.hive-was-written-down',
    {
      lighterG: { massG: 4900, as: 'large' },
      lighterG2: { key: 'take.hiveScaleCheck.lighter', with: {} },
      takenG: { massG: 4750, as: 'large' },
    },
    'The hive is 4.9 kg lighter; 4.8 kg was written down.',
    'The hive is 10.8 lb lighter; 10.5 lb was written down.',
    'A colmeia está 4,9 kg mais leve; foram anotados 4,8 kg.',
  ],
  [
    'take.potsCheck.that-pot-pots-this-size',
    {
      gPerPot: { massG: 90, as: 'estimate' },
      sealed: { massG: { low: 8.138, high: 13.35 }, as: 'estimate' },
    },
    'That is 90 g a pot; pots of this size hold 10 g. Tare forgotten, or a wrong count?',
    'That is 3.2 oz a pot; pots of this size hold 0.3–0.5 oz. Tare forgotten, or a wrong count?',
    'São 90 g por pote; potes deste tamanho têm 10 g. Esqueceu a tara, ou contou errado?',
  ],
  [
    'take.step.about',
    { kg: { massG: 9000, as: 'whole' }, kg2: '' },
    'About 9 kg.',
    'About 20 lb.',
    'Cerca de 9 kg.',
  ],
  [
    'take.stepsFrames.toward-outlets-at-least',
    {
      tilt: {
        key: 'take.stepsFrames.over',
        with: { degrees: 3, mm: { lengthMm: 25 }, supportsMm: { lengthMm: 480 } },
      },
    },
    'Toward the outlets, at least 3°, 25 mm over 480 mm.',
    'Toward the outlets, at least 3°, 0.98 in over 18.9 in.',
    'Para as saídas, pelo menos 3°, 25 mm em 480 mm.',
  ],
];

describe('a quantity of the core in the units and the language of its reader', () => {
  it.each(SPOKEN)('%s', (key, values, metric, american, brazilian) => {
    const say = { key, with: values };
    expect(speak(say, METRIC_ENGLISH)).toBe(metric);
    expect(speak(say, AMERICAN)).toBe(american);
    expect(speak(say, BRAZILIAN)).toBe(brazilian);
  });
});
