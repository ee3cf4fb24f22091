import { LANGUAGES, languageOf, type Language } from '@furrow/core';

/** Where a device keeps the language that was chosen on it, and the one of its household. */
const OWN = 'furrow.language';
const HOUSE = 'furrow.houseLanguage';

function kept(name: string): Language | null {
  const tag = localStorage.getItem(name);
  return LANGUAGES.find((language) => language === tag) ?? null;
}
function keep(name: string, language: Language | null): void {
  if (language) localStorage.setItem(name, language);
  else localStorage.removeItem(name);
}

/** The language that was chosen on this device; null where it goes by the household's. */
export const ownLanguage = (): Language | null => kept(OWN);

/** What this device speaks: its own language, else its household's, else what its browser asks. */
const languageChosen = (): Language =>
  ownLanguage() ?? kept(HOUSE) ?? languageOf(navigator.languages);

/** What this page began with: all of it speaks one language. */
export const languageHere: Language = languageChosen();

/** Chooses a language for this device; null: the household's. True where the page is to begin anew. */
export function chooseOwnLanguage(language: Language | null): boolean {
  keep(OWN, language);
  return languageChosen() !== languageHere;
}

/** Remembers what the household speaks. True where the page is to begin anew to speak it. */
export function hearHouseLanguage(language: Language | null): boolean {
  keep(HOUSE, language);
  return languageChosen() !== languageHere;
}
