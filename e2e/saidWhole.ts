import type { Page } from '@playwright/test';

/** A key, or what it stands in, as it would be shown where nobody said it. */
const INSIDES = /"key":|\[object Object\]|\b[A-Za-z]+\.[A-Za-z-]+(\.[a-z0-9]+)?(-[a-z0-9]+)+\b/;

/** Texts and names of a page that show the inside of a saying and not its sentence. */
export async function insidesShown(page: Page): Promise<string[]> {
  const texts = await page.evaluate(() => {
    const own = [...document.querySelectorAll('body *')].flatMap((element) => {
      if (['SCRIPT', 'STYLE', 'CODE'].includes(element.tagName)) return [];
      const text = [...element.childNodes]
        .filter((node) => node.nodeType === Node.TEXT_NODE)
        .map((node) => node.textContent ?? '');
      const names = ['aria-label', 'title', 'placeholder'].map((name) =>
        element.getAttribute(name),
      );
      return [...text, ...names].filter(Boolean) as string[];
    });
    return [...new Set(own.map((text) => text.trim()))];
  });
  return texts.filter((text) => INSIDES.test(text) && !/https?:|\.mjs|@furrow/.test(text));
}
