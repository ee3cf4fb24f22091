import type { Page } from '@playwright/test';

/** A measure in a metric unit: a figure and its sign, or a sign that stands alone as a word. */
const METRIC_MEASURE =
  /(^|[^\p{L}\d.])[\d.,]*\d\s?(kg|g|°C|L|ml|mm|cm|km\/h)(?![\p{L}\d/])|^(kg|°C|mm|cm|ml|km\/h)$|\b(min|R\$) (a|per) kg\b|°C/u;

/**
 * Everything on the page that a person reads or hears which says a metric measure: texts, also of
 * drawings, and names of keys. What a person named is left out (`names`), and what is shown as it
 * will be printed or as it may be chosen (`data-as-printed`).
 */
export async function metricSaid(page: Page, names: readonly string[]): Promise<string[]> {
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
  const without = (text: string): string =>
    names.reduce((rest, name) => rest.replaceAll(name, '…'), text.replace(/\s+/g, ' '));
  const wrong = said.map(without).filter((text) => METRIC_MEASURE.test(text));
  return [...new Set(wrong)];
}
