import {
  HOLD_WORDS,
  LANGUAGES,
  METRIC,
  US_UNITS,
  asWritten,
  countedCombs,
  together,
  todaySay,
  type Language,
} from '@furrow/core';
import { parse, type MessageFormatElement } from '@formatjs/icu-messageformat-parser';
import { describe, expect, it } from 'vitest';
import type { Catalogue } from '../catalogue.js';
import { en } from '../en/index.js';
import { ptBR } from '../pt-BR/index.js';
import { PLAIN_READER, type Reader } from './reader.js';
import { wholeSentence } from '../sentences.js';
import { learnEveryLanguage } from '../everyLanguage.js';
import { inEnglish, speak, speakScreen } from './speak.js';

learnEveryLanguage();

const CATALOGUES: Record<Language, Catalogue> = { en, 'pt-BR': ptBR };
const KEYS = Object.keys(en) as (keyof Catalogue)[];
const sentence = (language: Language, key: keyof Catalogue): string =>
  wholeSentence(CATALOGUES[language][key]);
const brazilian: Reader = { language: 'pt-BR', units: METRIC, currency: 'R$' };

/** The names that stand in braces in a sentence, those within plurals too. */
function namesIn(elements: readonly MessageFormatElement[]): string[] {
  return elements.flatMap((element) => {
    const name = 'value' in element && element.type !== 0 ? [element.value] : [];
    const inner =
      'options' in element ? Object.values(element.options).flatMap((o) => namesIn(o.value)) : [];
    return [...name, ...inner];
  });
}

describe.each(LANGUAGES)('the sentences of %s', (language) => {
  it('are whole, and name what the English ones name', () => {
    for (const key of KEYS) {
      const names = (text: string): string[] => [...new Set(namesIn(parse(text)))].sort();
      expect(sentence(language, key).trim(), key).not.toBe('');
      expect(names(sentence(language, key)), key).toEqual(names(sentence('en', key)));
    }
  });
  /** What is printed on a label as its country asks it. */
  const AS_PRINTED = /(^|per |por )100 g|SHA-256/;
  it('have no unit sign and no decimal of their own: quantities are said, not written', () => {
    for (const key of KEYS)
      expect(sentence(language, key).replace(AS_PRINTED, ''), key).not.toMatch(
        /\d ?(kg|g|lb|oz|°C|°F|mm|cm|L|ml|in)\b/,
      );
  });
});

describe('what is said', () => {
  it('names what stands in it, and chooses singular or plural', () => {
    const ripe = (n: number) =>
      todaySay('today.ripe-some', {
        hive: 'Ipê',
        combs: countedCombs(n, 'top-bar'),
        ripe: n,
        spare: 0,
      });
    expect(inEnglish(ripe(4))).toBe('Ipê: 4 combs are ripe, none to spare');
    expect(inEnglish(ripe(1))).toBe('Ipê: 1 comb is ripe, none to spare');
    expect(inEnglish(todaySay('today.promise-unnamed', { count: 1 }))).toBe('1 jar promised');
    expect(speak(todaySay('today.promise-unnamed', { count: 3 }), brazilian)).toBe(
      '3 potes prometidos',
    );
  });
  it('holds another saying, a list and a date in the same language', () => {
    const swap = todaySay('clock.swap', { vessel: 'Balde', places: { and: ['1', '2', '5'] } });
    const clock = todaySay('today.clock', { hive: 'Ipê', what: swap });
    expect(inEnglish(clock)).toBe('Ipê: swap Balde under 1, 2 and 5');
    expect(speak(clock, brazilian)).toBe('Ipê: trocar Balde sob 1, 2 e 5');
    const held = todaySay('today.held-back', {
      hive: 'Ipê',
      on: { date: '2026-03-07' },
      cause: HOLD_WORDS.syrup.name,
    });
    expect(inEnglish(held)).toBe('Held back: Ipê, harvest of 7 Mar 2026, may hold syrup');
    expect(speak(held, brazilian)).toMatch(/^Retido: Ipê, colheita de 7 de mar\. de 2026, pode/);
  });
  it('says a figure as it is meant, without what a sum left behind it', () => {
    const weep = (water: number, reader = PLAIN_READER): string =>
      speakScreen(
        'ColdPanel.cut-edges-weep-to-h',
        { low: '4', high: '16', said: '24 °C', water },
        reader,
      );
    expect(weep(19.399999999999974)).toContain('19.4 % water');
    expect(weep(0.1 + 0.2)).toContain('0.3 % water');
    expect(weep(18)).toContain('18 % water');
    expect(weep(17.999999999999996)).toContain('18 % water');
    expect(weep(19.399999999999974, brazilian)).toContain('19,4 %');
  });
  it('shows what was written as it was, and a key that it has no words for by itself', () => {
    expect(inEnglish(asWritten('It broke off {its} bar'))).toBe('It broke off {its} bar');
    expect(inEnglish({ key: 'later.unknown', with: {} })).toBe('later.unknown');
  });
});

describe('a quantity in what is said', () => {
  const us: Reader = { ...PLAIN_READER, units: US_UNITS };
  const said = (quantity: object, reader: Reader): string =>
    speak({ key: 'as-written', with: { text: quantity as never } }, reader);
  it.each<[object, string, string, string]>([
    [{ massG: 5840, as: 'estimate' }, '5.8 kg', '12.9 lb', '5,8 kg'],
    [{ massG: 850, as: 'read' }, '850 g', '1 lb 14 oz', '850 g'],
    [
      { massG: { low: 1680, high: 2210 }, as: 'estimate' },
      '1.7–2.2 kg',
      '3.7–4.9 lb',
      '1,7–2,2 kg',
    ],
    [{ massG: 560, as: 'large' }, '0.6 kg', '1.2 lb', '0,6 kg'],
    [{ massG: 17_600, as: 'whole' }, '18 kg', '39 lb', '18 kg'],
    [{ massG: { low: 17_000, high: 19_000 }, as: 'whole' }, '17–19 kg', '37–42 lb', '17–19 kg'],
    [{ areaCm2: 580 }, '580 cm²', '89.9 in²', '580 cm²'],
    [{ distanceM: 100 }, '100 m', '330 ft', '100 m'],
    [{ rainMm: 1.2 }, '1.2 mm', '0.05 in', '1,2 mm'],
    [{ volumeL: 8.5 }, '8.5 L', '2.2 gal', '8,5 L'],
    [{ lengthMm: { low: 8, high: 12 } }, '8–12 mm', '0.31–0.47 in', '8–12 mm'],
    [{ temperatureC: -18 }, '−18 °C', '0 °F', '−18 °C'],
    [{ warmerC: 2 }, '2 °C', '4 °F', '2 °C'],
    [{ speedKmH: 20 }, '20 km/h', '12 mph', '20 km/h'],
    [{ percent: 18.6 }, '18.6 %', '18.6 %', '18,6 %'],
    [{ percent: { low: 55, high: 79.5 } }, '55–79.5 %', '55–79.5 %', '55–79,5 %'],
    [{ hours: 28 }, '1 d 4 h', '1 d 4 h', '1 d 4 h'],
  ])('%o', (quantity, english, american, brazil) => {
    expect(said(quantity, PLAIN_READER)).toBe(english);
    expect(said(quantity, us)).toBe(american);
    expect(said(quantity, brazilian)).toBe(brazil);
  });
  it('is said one sentence after the other, and what is not said falls out', () => {
    const both = together(asWritten('Wait.'), null, asWritten('Then on.'));
    expect(inEnglish(both)).toBe('Wait. Then on.');
    expect(inEnglish(together(false, asWritten('Alone.')))).toBe('Alone.');
  });
  it('stands in a sentence of a screen, beside names and what the core says', () => {
    const need = speakScreen('WinterNeed.write-down', { need: { massG: 12_000, as: 'whole' } }, us);
    expect(need).toBe('Write down 26 lb');
    const done = { title: asWritten('Take the comb') };
    expect(speakScreen('useTakeRun.done', done, brazilian)).toBe('Take the comb: feito.');
    expect(speakScreen('NumberField.at-least', { min: '1.5 kg' }, brazilian)).toBe(
      'Pelo menos 1,5 kg.',
    );
  });
  it('is money in the household’s own, and an instant by the clock of its zone', () => {
    expect(said({ money: 12.5 }, brazilian)).toBe('R$ 12,50');
    const instant = { instant: '2026-03-14T15:00:00Z', zone: 'America/Sao_Paulo' };
    expect(said(instant, PLAIN_READER)).toMatch(/^Sat,? 12:00$/);
    expect(said(instant, brazilian)).toMatch(/^sáb\.,? 12:00$/);
  });
});
