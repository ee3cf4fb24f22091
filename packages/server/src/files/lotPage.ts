import type { Batch, HouseRules, LabelRecord, LabelText } from '@furrow/core';
import { readerAtHome } from '../spoken.js';
import { houseSay, quantitySaid, speak, type HouseSays } from '../words.js';
import { escaped } from './html.js';

type SaidAlone = {
  [Key in keyof HouseSays]: keyof HouseSays[Key] extends never ? Key : never;
}[keyof HouseSays];

function kindKey(product: LabelRecord['product'], batch: Batch): SaidAlone {
  if (product === 'chunk honey') return 'lotPage.chunk';
  if (product === 'comb honey') return 'lotPage.comb';
  return batch.method === 'crush' ? 'lotPage.crushed' : 'lotPage.drained';
}

const STYLE = `
body{font:19px/1.5 Georgia,serif;color:#18211b;background:#f2f4ef;margin:0;padding:8vmin 6vmin}
main{max-width:34em;margin:auto;border-top:3px double #2a5a3c;padding-top:1em}
h1{font-size:34px;margin:0}
p{margin:.3em 0}
dl{display:grid;grid-template-columns:auto 1fr;gap:.3em 1.4em;margin:1.4em 0}
dt{color:#4a554d}
dd{margin:0}
small{color:#4a554d}
`;

/**
 * What stands behind the code of a jar: one static page without script or network, showing only
 * what the household chose to show, in its language. Takes what it is, where it came from, its
 * label's words and the rules.
 */
export function lotPage(
  { product, batch }: { product: LabelRecord['product']; batch: Batch },
  words: LabelText,
  rules: HouseRules,
  moisturePercent: number | null,
): string {
  const reader = readerAtHome(rules);
  const tell = (key: SaidAlone): string => speak(houseSay(key), reader);
  const facts: [key: string, label: SaidAlone, value: string][] = [
    ['hive', 'lotPage.hive', batch.hiveName],
    ['site', 'lotPage.place', batch.siteName],
    ['harvested', 'lotPage.harvested', quantitySaid({ date: batch.date }, reader)],
    ['kind', 'lotPage.kind', tell(kindKey(product, batch))],
    [
      'water',
      'lotPage.water',
      moisturePercent === null ? '' : quantitySaid({ percent: moisturePercent }, reader),
    ],
    ['flower', 'lotPage.flower', words.flower],
    ['weight', 'lotPage.weight', words.net],
    ['maker', 'lotPage.maker', words.maker],
  ];
  const shows = new Set<string>(rules.lotPageShows);
  const rows = facts
    .filter(([key, , value]) => shows.has(key) && value)
    .map(([, label, value]) => `<dt>${escaped(tell(label))}</dt><dd>${escaped(value)}</dd>`);
  const { bestBefore } = words;
  const written = speak(houseSay('lotPage.written-at-harvest', { bestBefore }), reader);
  return `<!doctype html>
<html lang="${reader.language}"><head><meta charset="utf-8"><meta name="viewport" content="width=device-width, initial-scale=1"><meta name="robots" content="noindex"><title>${escaped(words.title)}, ${escaped(words.batch)}</title>
<style>${STYLE}</style></head>
<body><main><h1>${escaped(words.title)}</h1><p>${escaped(words.batch)}</p>
<dl>${rows.join('')}</dl>
${words.gift ? `<p><b>${escaped(words.gift)}</b></p>` : ''}<p><b>${escaped(words.warning)}</b></p><p><small>${escaped(written)}</small></p></main></body></html>
`;
}
