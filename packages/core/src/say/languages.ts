/** Languages that Furrow speaks, each by its tag; the first is spoken where another is not. */
export const LANGUAGES = ['en', 'pt-BR'] as const;
export type Language = (typeof LANGUAGES)[number];

/**
 * The language of a list of tags that a reader's device asks for; where none of them is spoken, the
 * one given, English if none is.
 */
export function languageOf(tags: readonly string[], otherwise: Language = LANGUAGES[0]): Language {
  for (const tag of tags) {
    const found = LANGUAGES.find((own) => own.toLowerCase() === tag.toLowerCase());
    const near = LANGUAGES.find((own) => own.split('-')[0] === tag.toLowerCase().split('-')[0]);
    if (found ?? near) return (found ?? near)!;
  }
  return otherwise;
}
