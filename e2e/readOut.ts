import type { Page } from '@playwright/test';

/**
 * Everything on the page that a person reads or hears: texts, also of drawings, and names of keys.
 * What is shown as it will be printed or as it may be chosen (`data-as-printed`) is left out.
 */
export async function readOut(page: Page): Promise<string[]> {
  const said = await page.evaluate(() => {
    const found: string[] = [];
    const walker = document.createTreeWalker(document.body, NodeFilter.SHOW_TEXT);
    for (let node = walker.nextNode(); node; node = walker.nextNode()) {
      const element = node.parentElement!;
      if (element.closest('script, style, [data-as-printed]')) continue;
      // A figure and its sign may stand in neighbours: a small element is read as a whole.
      found.push(node.textContent!.trim());
      if (element.textContent!.length < 120 && !element.querySelector('[data-as-printed]'))
        found.push(element.textContent!.trim());
    }
    for (const element of document.querySelectorAll('[aria-label], [title], [placeholder]')) {
      if (element.closest('[data-as-printed]')) continue;
      for (const name of ['aria-label', 'title', 'placeholder'])
        found.push(element.getAttribute(name) ?? '');
    }
    return found;
  });
  return [...new Set(said.map((text) => text.replace(/\s+/g, ' ')))];
}

/** The texts without the names that people gave, however they are begun: with a large letter or not. */
export const withoutNames = (texts: readonly string[], names: readonly string[]): string[] =>
  texts.map((text) =>
    names.reduce(
      (rest, name) =>
        rest.replaceAll(name, '…').replaceAll(name.charAt(0).toLowerCase() + name.slice(1), '…'),
      text,
    ),
  );
