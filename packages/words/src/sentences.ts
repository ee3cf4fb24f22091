import type { Quantity, Say } from '@furrow/core';

/**
 * A sentence in ICU's message format: `{name}` is what stands in it, a count chooses singular or
 * plural. One that is longer than a line is a list of its parts, which a space joins.
 */
export type Sentence = string | readonly string[];
/** The whole of a sentence, its parts joined. */
export const wholeSentence = (sentence: Sentence): string =>
  typeof sentence === 'string' ? sentence : sentence.join(' ');

/**
 * The sentences of some sayings in one language. A key that is missing, or one too many, does not
 * compile.
 */
export type Sentences<Part> = { readonly [Key in keyof Part]: Sentence };

/**
 * What may stand in a sentence of a screen: a text that was already said, a name, a figure, a
 * quantity, what the core says; nothing is said where there is none.
 */
export type Told = string | number | Quantity | Say | null | undefined;

/** What stands behind the first brace of a text, up to its end. */
type Braced<Text extends string> = Text extends `${string}{${infer Rest}` ? Rest : '';
/** A plural ends with two braces: its last branch's and its own. */
type AfterPlural<Text extends string> = Text extends `${string}}}${infer Rest}` ? Rest : '';

/**
 * What has to stand in an English sentence, read from its braces: a count where it chooses singular
 * or plural, anything told elsewhere.
 */
type ValuesIn<Text extends string, Value> = string extends Text
  ? Record<string, Value>
  : Braced<Text> extends `${infer Word}}${infer Rest}`
    ? Word extends `${infer Count}, plural, ${string}`
      ? { [Key in Count]: number } & ValuesIn<AfterPlural<Braced<Text>>, Value>
      : { [Key in Word]: Value } & ValuesIn<Rest, Value>
    : unknown;

/** The same of a sentence in parts: all that stands in any of them. */
export type ValuesOf<Whole extends Sentence, Value = Told> = Whole extends readonly string[]
  ? AllOf<Whole, Value>
  : Whole extends string
    ? ValuesIn<Whole, Value>
    : never;
type AllOf<Parts extends readonly string[], Value> = Parts extends readonly [
  infer First extends string,
  ...infer Others extends readonly string[],
]
  ? ValuesIn<First, Value> & AllOf<Others, Value>
  : unknown;
