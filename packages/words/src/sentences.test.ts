import { describe, expect, expectTypeOf, it } from 'vitest';
import { wholeSentence, type Sentences, type Told, type ValuesOf } from './sentences.js';

describe('what stands in a sentence is read from its English', () => {
  it('takes each name in braces, whatever is told', () => {
    type Values = ValuesOf<'{jars} of {honey} on {shelf}'>;
    expectTypeOf<Values['jars']>().toEqualTypeOf<Told>();
    expectTypeOf<keyof Values>().toEqualTypeOf<'jars' | 'honey' | 'shelf'>();
  });

  it('takes a number where it chooses singular or plural', () => {
    type Values = ValuesOf<'{count, plural, one {# jar} other {# jars}} of {honey}'>;
    expectTypeOf<Values['count']>().toEqualTypeOf<number>();
    expectTypeOf<Values['honey']>().toEqualTypeOf<Told>();
  });

  it('takes what stands in any part of a long one', () => {
    type Values = ValuesOf<readonly ['First {one}.', 'No name here.', 'Then {other}.']>;
    expectTypeOf<keyof Values>().toEqualTypeOf<'one' | 'other'>();
  });

  it('takes nothing where nothing stands in it', () => {
    expectTypeOf<keyof ValuesOf<'Undo'>>().toEqualTypeOf<never>();
  });

  it('lets no language lag behind', () => {
    type Portuguese = Sentences<{ undo: 'Undo'; redo: 'Redo' }>;
    expectTypeOf<{ undo: 'Desfazer' }>().not.toExtend<Portuguese>();
    expectTypeOf<{ undo: 'Desfazer'; redo: readonly ['Re', 'fazer'] }>().toExtend<Portuguese>();
  });
});

describe('a sentence longer than a line', () => {
  it('is its parts, joined by a space', () => {
    expect(wholeSentence(['Weigh it empty,', 'then full.'])).toBe('Weigh it empty, then full.');
  });

  it('is itself where it is one', () => {
    expect(wholeSentence('Weigh it.')).toBe('Weigh it.');
  });
});
