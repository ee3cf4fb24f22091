import { describe, expect, it } from 'vitest';
import { languageOf } from './languages.js';
import { asWritten, isSay, sayer } from './say.js';
import { sayRecord } from './sayRecord.js';

interface Sayings {
  'test.plain': object;
  'test.weighs': { name: string; weight: { massG: number; as: 'read' } };
}
const say = sayer<Sayings>();

describe('a saying', () => {
  it('is a key and what stands in it', () => {
    expect(say('test.plain')).toEqual({ key: 'test.plain', with: {} });
    const weighs = say('test.weighs', { name: 'Ipê', weight: { massG: 900, as: 'read' } });
    expect(sayRecord.parse(weighs)).toEqual(weighs);
    expect(isSay(weighs)).toBe(true);
    expect([isSay({ massG: 900, as: 'read' }), isSay('Ipê'), isSay(null)]).toEqual([
      false,
      false,
      false,
    ]);
  });
  it('does not compile with another key, or without what stands in it', () => {
    // @ts-expect-error a key that nobody declared
    say('test.other');
    // @ts-expect-error without its weight
    say('test.weighs', { name: 'Ipê' });
    // @ts-expect-error without anything
    say('test.weighs');
  });
  it('may hold further sayings and lists, and nothing else', () => {
    const nested = { key: 'test', with: { names: { and: ['Ipê', asWritten('ours')] } } };
    expect(sayRecord.safeParse(nested).success).toBe(true);
    expect(sayRecord.safeParse({ key: 'test', with: { x: { kg: 3 } } }).success).toBe(false);
    expect(sayRecord.safeParse({ key: 'test' }).success).toBe(false);
  });
});

describe('the language that a device asks for', () => {
  it.each([
    [['pt-BR', 'en'], 'pt-BR'],
    [['pt'], 'pt-BR'],
    [['pt-PT', 'en'], 'pt-BR'],
    [['en-GB'], 'en'],
    [['fr', 'pt'], 'pt-BR'],
    [['fr'], 'en'],
    [[], 'en'],
  ])('%j: %s', (tags, language) => expect(languageOf(tags)).toBe(language));
  it('is the household’s where none of them is spoken', () => {
    expect(languageOf(['fr', '*'], 'pt-BR')).toBe('pt-BR');
    expect(languageOf(['en'], 'pt-BR')).toBe('en');
  });
});
