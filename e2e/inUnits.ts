import type { Page } from '@playwright/test';
import { readOut, withoutNames } from './readOut.js';

/** A measure in a metric unit: a figure and its sign, or a sign that stands alone as a word. */
const METRIC_MEASURE =
  /(^|[^\p{L}\d.])[\d.,]*\d\s?(kg|g|°C|L|ml|mm|cm|km\/h)(?![\p{L}\d/])|^(kg|°C|mm|cm|ml|km\/h)$|\b(min|R\$) (a|per) kg\b|°C/u;

/** Everything on the page that says a metric measure; what a person named is left out (`names`). */
export async function metricSaid(page: Page, names: readonly string[]): Promise<string[]> {
  const said = withoutNames(await readOut(page), names);
  return said.filter((text) => METRIC_MEASURE.test(text));
}
