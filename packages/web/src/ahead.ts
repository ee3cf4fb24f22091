/**
 * Runs before anything else of the page and on its own: as soon as the page's script has come, and
 * before it has run, it begins to fetch the files of the screen that is asked for. A slow phone on a
 * poor line then carries them while it reads the script, not after. Where nothing is told of a
 * screen, or one is not to be had, they come as they always did.
 */
interface Screen {
  files: string[];
  /** What it says beyond the first screen, by language. */
  words: Record<string, string[]>;
}

const told = document.getElementById('screens')?.textContent;
const pageScript = document.querySelector<HTMLScriptElement>('script[crossorigin][src]')?.src;

function fetchAhead(file: string): HTMLLinkElement {
  const link = document.createElement('link');
  link.rel = 'modulepreload';
  link.crossOrigin = '';
  link.href = file;
  document.head.append(link);
  return link;
}

/** As `words/language.ts` finds it, as far as it is known before anything is read; else English. */
function languageLikely(languages: readonly string[]): string {
  const kept =
    localStorage.getItem('furrow.language') ?? localStorage.getItem('furrow.houseLanguage');
  const speech = (tag: string): string => tag.split('-')[0];
  const read = kept ? [kept] : navigator.languages;
  const spoken = read.flatMap((tag) => languages.filter((one) => speech(one) === speech(tag)));
  return spoken[0] ?? 'en';
}

if (told && pageScript) {
  const screens = JSON.parse(told) as Record<string, Screen | undefined>;
  const screen = screens[location.pathname.split('/')[1]];
  // Its load tells that it has come; it has not run by then.
  if (screen)
    fetchAhead(pageScript).addEventListener('load', () => {
      const words = screen.words[languageLikely(Object.keys(screen.words))];
      for (const file of [...screen.files, ...words]) fetchAhead(`/${file}`);
    });
}
export {};
