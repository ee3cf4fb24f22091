import type { Batch, HouseRules, LabelRecord, LabelText } from '@furrow/core';
import { escaped } from './html.js';

function kindText(product: LabelRecord['product'], batch: Batch): string {
  if (product === 'chunk honey') return 'Honey with a piece of comb in it';
  if (product === 'comb honey') return 'Comb honey, cut by hand';
  return batch.method === 'crush'
    ? 'Honey, crushed and strained by hand'
    : 'Honey, drained by hand';
}

/**
 * What stands behind the code of a jar: one static page without script or network, showing only
 * what the household chose to show. Takes what it is, where it came from, its label's words and the
 * rules.
 */
export function lotPage(
  { product, batch }: { product: LabelRecord['product']; batch: Batch },
  words: LabelText,
  rules: HouseRules,
  moisturePercent: number | null,
): string {
  const shows = new Set<string>(rules.lotPageShows);
  const facts: [string, string][] = (
    [
      ['hive', 'Hive', batch.hiveName],
      ['site', 'Place', batch.siteName],
      ['harvested', 'Harvested', words.harvested.replace('Harvested ', '')],
      ['kind', 'What it is', kindText(product, batch)],
      ['water', 'Water', moisturePercent === null ? '' : `${moisturePercent.toFixed(1)} %`],
      ['flower', 'Flower', words.flower],
      ['weight', 'Net weight', words.net],
      ['maker', 'From', words.maker],
    ] as [string, string, string][]
  )
    .filter(([key, , value]) => shows.has(key) && value)
    .map(([, label, value]) => [label, value]);
  return `<!doctype html>
<html lang="en"><head><meta charset="utf-8"><meta name="viewport" content="width=device-width, initial-scale=1"><meta name="robots" content="noindex"><title>${escaped(words.title)}, ${escaped(words.batch)}</title>
<style>body{font:19px/1.5 Georgia,serif;color:#18211b;background:#f2f4ef;margin:0;padding:8vmin 6vmin}main{max-width:34em;margin:auto;border-top:3px double #2a5a3c;padding-top:1em}h1{font-size:34px;margin:0}p{margin:.3em 0}dl{display:grid;grid-template-columns:auto 1fr;gap:.3em 1.4em;margin:1.4em 0}dt{color:#4a554d}dd{margin:0}small{color:#4a554d}</style></head>
<body><main><h1>${escaped(words.title)}</h1><p>${escaped(words.batch)}</p>
<dl>${facts.map(([label, value]) => `<dt>${escaped(label)}</dt><dd>${escaped(value)}</dd>`).join('')}</dl>
${words.gift ? `<p><b>${escaped(words.gift)}</b></p>` : ''}<p><b>${escaped(words.warning)}</b></p><p><small>${escaped(words.bestBefore)}. What stands here was written down at the harvest by the household.</small></p></main></body></html>
`;
}
