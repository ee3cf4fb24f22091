import type { Language } from '@furrow/core';

/** Each language by its own name. */
export const LANGUAGE_NAMES: Readonly<Record<Language, string>> = {
  en: 'English',
  'pt-BR': 'Português',
};

/** English is that of Britain: days before their month, no comma before the last of a list. */
export const localeOf = (language: Language): string => (language === 'en' ? 'en-GB' : language);

/** "Ana and Beto", "1, 2 e 5"; "Ana or Beto" where it is one of them. */
export const listSaid = (
  parts: readonly string[],
  language: Language,
  type: 'conjunction' | 'disjunction' = 'conjunction',
): string => new Intl.ListFormat(localeOf(language), { type }).format(parts);

/** The twelve months in few letters, as the language writes them: "Jan", "jan". */
export function monthNames(language: Language): string[] {
  const format = new Intl.DateTimeFormat(language, { month: 'short', timeZone: 'UTC' });
  return Array.from({ length: 12 }, (_, month) =>
    format.format(new Date(Date.UTC(2026, month, 15))).replace(/\.$/, ''),
  );
}
