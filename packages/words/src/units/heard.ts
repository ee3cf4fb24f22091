import type { Language } from '@furrow/core';

/** What is heard, and what a field takes for it. */
type Heard = readonly [heard: RegExp, typed: string];

/** Words of a figure as a browser writes down speech; longer ones before what they begin with. */
const HEARD: Record<Language, readonly Heard[]> = {
  en: [
    [/\bkilo(?:gram(?:me)?)?s?\b/g, 'kg'],
    [/\bgram(?:me)?s?\b/g, 'g'],
    [/\bpounds?\b/g, 'lb'],
    [/\bounces?\b/g, 'oz'],
    [/\s*\bpoint\b\s*/g, '.'],
    [/\band\b/g, ' '],
  ],
  'pt-BR': [
    [/\b(?:quilo|kilo)(?:grama)?s?\b/g, 'kg'],
    [/\bgramas?\b/g, 'g'],
    [/\blibras?\b/g, 'lb'],
    [/\bonças?\b/g, 'oz'],
    [/\s*(?:\bvírgula\b|\bponto\b)\s*/g, ','],
    [/(?<=\s)e(?=\s)/g, ' '],
  ],
};
/** Small numbers are written down as words. */
const NUMBERS: Record<Language, readonly string[]> = {
  en: 'zero one two three four five six seven eight nine ten eleven twelve'.split(' '),
  'pt-BR': 'zero um dois três quatro cinco seis sete oito nove dez onze doze'.split(' '),
};
const ALSO: Partial<Record<string, number>> = { uma: 1, duas: 2 };

/** A word of speech as a figure; any other stays as it is. */
function numberOf(word: string, language: Language): string {
  const at = ALSO[word] ?? NUMBERS[language].indexOf(word);
  return at < 0 ? word : String(at);
}

/**
 * What a browser heard, as it would be typed: "four point three kilos" is "4.3 kg", "4 libras e 10
 * onças" is "4 lb 10 oz". Takes the words and the language they were spoken in; what is no figure
 * comes back as it is, for the field to refuse.
 */
export function heardAsTyped(words: string, language: Language): string {
  const spoken = words.toLocaleLowerCase(language).replace(/\s+/g, ' ').trim().replace(/\.$/, '');
  const numbers = spoken.replace(/\p{L}+/gu, (word) => numberOf(word, language));
  const typed = HEARD[language].reduce((text, [heard, to]) => text.replace(heard, to), numbers);
  return typed.replace(/\s+/g, ' ').trim();
}
