// @vitest-environment jsdom
import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest';

const PAGE = 'http://localhost:3000/assets/first-1.js';
const TOLD = {
  look: {
    files: ['assets/LookView-1.js', 'assets/stages-1.js'],
    words: { en: ['assets/look-en.js'], 'pt-BR': ['assets/look-pt.js'] },
  },
};
const links = (): HTMLLinkElement[] => [
  ...document.head.querySelectorAll<HTMLLinkElement>('link[rel=modulepreload]'),
];
const paths = (): string[] => links().map((link) => new URL(link.href).pathname);

/** The page at a path as the house sends it, and then what runs before anything else. */
async function open(path: string, told: unknown = TOLD): Promise<void> {
  window.history.replaceState(null, '', path);
  document.head.innerHTML = `
    <script type="application/json" id="screens">${JSON.stringify(told)}</script>
    <script type="text/plain" crossorigin src="/assets/first-1.js"></script>`;
  vi.resetModules();
  await import('./ahead.js');
}
const pageScriptCame = (): void => void links()[0].dispatchEvent(new Event('load'));

beforeEach(() => localStorage.clear());
afterEach(() => {
  document.head.innerHTML = '';
  window.history.replaceState(null, '', '/');
});

describe('what is fetched while the page is being read', () => {
  it('is nothing until the page itself has come, and then the screen with its words', async () => {
    await open('/look/0a1b');
    expect(links().map((link) => link.href)).toEqual([PAGE]);
    pageScriptCame();
    expect(paths().slice(1)).toEqual([
      '/assets/LookView-1.js',
      '/assets/stages-1.js',
      '/assets/look-en.js',
    ]);
  });

  it.each([
    ['furrow.language', 'pt-BR', '/assets/look-pt.js'],
    ['furrow.houseLanguage', 'pt-BR', '/assets/look-pt.js'],
    ['furrow.houseLanguage', 'en', '/assets/look-en.js'],
  ])('%s %s: its words', async (name, language, file) => {
    localStorage.setItem(name, language);
    await open('/look');
    pageScriptCame();
    expect(paths().at(-1)).toBe(file);
  });

  it.each(['/', '/nowhere', '/lookout'])('%s: nothing', async (path) => {
    await open(path);
    expect(links()).toEqual([]);
  });

  it('is nothing where the page tells of no screens', async () => {
    document.head.innerHTML = '';
    vi.resetModules();
    await import('./ahead.js');
    expect(links()).toEqual([]);
  });
});
