/**
 * What the core has to say, without a word of it: a key, and the quantities, names and further
 * sayings that stand in it. `packages/words` speaks it in the reader's language and units.
 */
export interface Say {
  key: string;
  with: Record<string, SayValue>;
}

/**
 * A mass: an estimate in the unit that fits it, as it was read, in kilograms or pounds to a tenth
 * beside others of its sentence, or to a whole one, as a box is lifted.
 */
export type Mass = { massG: Extent; as: 'estimate' | 'read' | 'large' | 'whole' };

/** One figure, or the two edges of an estimate. */
export type Extent = number | { low: number; high: number };

/** A quantity in the unit that its name says. */
export type Quantity =
  | Mass
  | { volumeL: Extent }
  | { areaCm2: number }
  /** What falls in an hour. */
  | { rainMm: number }
  /** A way on foot. */
  | { distanceM: number }
  | { lengthMm: Extent }
  | { temperatureC: Extent }
  | { warmerC: number }
  | { speedKmH: number }
  | { percent: Extent }
  | { money: number }
  | { hours: number }
  | { date: string }
  /** A month and its year, YYYY-MM. */
  | { month: string }
  | { instant: string; zone: string };

/**
 * What may stand in a saying: a text as it was typed or named, a count (it decides on singular and
 * plural), a quantity, another saying, or a list of them.
 */
export type SayValue =
  | string
  | number
  | Quantity
  | Say
  | { and: readonly SayValue[] }
  /** One of them. */
  | { or: readonly SayValue[] }
  /** Sentences one after the other. */
  | { then: Say[] };

/** Whether a value is a saying, which is spoken, and no quantity. */
export const isSay = (value: unknown): value is Say =>
  typeof value === 'object' && value !== null && 'key' in value && 'with' in value;

/** Signs that stand in every language as they are. */
type Sign = 'kg' | 'g' | 'lb' | 'oz' | 'mm' | 'cm' | 'in' | 'L';
/**
 * A text that somebody said, or a letter or a sign; never a word of the program, such as the name of
 * a choice: that would be read in English in every language.
 */
export type TextSaid<Text> = [Text] extends [never]
  ? unknown
  : string extends Text
    ? unknown
    : Text extends Uppercase<Text & string> | Sign
      ? unknown
      : never;
/** The same of everything that stands in a saying. */
export type WordsSaid<Values> = {
  [Name in keyof Values]: TextSaid<Extract<Values[Name], string>>;
};
/** What is said with nothing in it takes nothing; nothing that it does not ask for. */
export type With<Values, Given> = keyof Values extends never
  ? []
  : [values: Given & WordsSaid<Given> & Record<Exclude<keyof Given, keyof Values>, never>];

/**
 * Makes the sayings of one stage. Takes its interface, each key with what stands in it: a key that
 * is not there, or a value that is missing, does not compile.
 */
export function sayer<Sayings>() {
  return <Key extends keyof Sayings & string, Given extends Sayings[Key]>(
    key: Key,
    ...[values]: With<Sayings[Key], Given>
  ): Say => ({
    key,
    with: values ?? {},
  });
}

/** Speaks a saying: a calculator whose answer has a sentence is handed one by its door. */
export type Speak = (say: Say) => string;
/** Where nobody speaks, a saying is known by its key. */
export const keyOnly: Speak = (say) => say.key;

/** Sayings that belong to no stage. */
export interface PlainSays {
  /** What was written before it could be said by a key: shown as it was written. */
  'as-written': { text: string };
  /** Sentences one after the other. */
  together: { all: { then: Say[] } };
  'cannot-undo': { what: Say };
}
export const plainSay = sayer<PlainSays>();
/** A text that stands as it was written, in whatever language that was. */
export const asWritten = (text: string): Say => plainSay('as-written', { text });
/** Sentences one after the other; what is not said falls out. */
export const together = (...all: readonly (Say | null | undefined | false | '')[]): Say => {
  const said = all.filter((each): each is Say => Boolean(each));
  const [only, ...others] = said;
  return only && others.length === 0 ? only : plainSay('together', { all: { then: said } });
};
