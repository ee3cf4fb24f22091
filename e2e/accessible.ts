import AxeBuilder from '@axe-core/playwright';
import { expect, type Page } from '@playwright/test';

/**
 * Words of the page that are set smaller than 17 px, each with its size. Names of stages that a
 * phone shows as dots are none, nor is what is drawn as large as it will be printed.
 */
export const smallType = (page: Page): Promise<string[]> =>
  page.evaluate(() => {
    const walker = document.createTreeWalker(document.body, NodeFilter.SHOW_TEXT);
    const small = new Set<string>();
    for (let node = walker.nextNode(); node; node = walker.nextNode()) {
      const element = node.parentElement!;
      const size = parseFloat(getComputedStyle(element).fontSize);
      const isSeen =
        element.checkVisibility() && !element.closest('.visually-hidden, title, [data-to-scale]');
      if (node.textContent!.trim() && isSeen && size > 0 && size < 17)
        small.add(`${size} px: ${node.textContent!.trim().slice(0, 40)}`);
    }
    return [...small];
  });

/** Nothing that the rules of the web call serious or worse; `what` is named where there is. */
export async function expectNothingSerious(page: Page, what: string): Promise<void> {
  await page.waitForTimeout(300);
  const { violations } = await new AxeBuilder({ page })
    .withTags(['wcag2a', 'wcag2aa', 'wcag21aa', 'wcag22aa'])
    .analyze();
  const serious = violations.filter((v) => v.impact === 'serious' || v.impact === 'critical');
  expect(
    serious.map(
      (v) =>
        `${what}: ${v.id}: ${v.nodes
          .map((n) => n.html.slice(0, 120))
          .slice(0, 3)
          .join(' | ')}`,
    ),
  ).toEqual([]);
}
