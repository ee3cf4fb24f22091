/** What a helper's device may read: what is done at the hive and at the bench. */
const READS = [
  /^\/(health|events|today|clocks|sites|hives|looks|photos|rules|vessels|jars|gear)(\/|$)/,
  /^\/(harvests|plans|holds|journal|guesses|runs|flows|lots|drains|instruments)(\/|$)/,
  /^\/(estimatePairs|stock\/waters|house\/me|openapi\.json)$/,
];
/** Among them, what is the household's alone. */
const NOT_READ = [/^\/lots\/[^/]+\/(label|labels\.pdf|page\.html)$/, /\/aftercare$/];
/** What it may write. */
const WRITES = [
  /^\/(looks|combs|colonyFacts|orders|boxes|strayCombs|ticks|photos)(\/|$)/,
  /^\/(takes|boxTakes|stepMarks|incidents|frameEvents|waterReadings)(\/|$)/,
  /^\/(drains|weighings|readings|drainEvents|gearCares)(\/|$)/,
  /^\/harvests\/[^/]+\/(weighTakes|stage)$/,
  /^\/(undo|calc\/[^/]+|house\/(leave|doing)|instruments\/bench-scale\/keys)$/,
];

/** Whether a helper's device may do this; `path` is below /api/v1. */
export function helperMay(method: string, path: string): boolean {
  const fits = (list: readonly RegExp[]): boolean => list.some((each) => each.test(path));
  return method === 'GET' ? fits(READS) && !fits(NOT_READ) : fits(WRITES);
}

/** What honey costs and earns, to whom it went and where the household lives is no helper's. */
const HIDDEN: Record<string, unknown> = {
  outs: [],
  waxPerKg: 0,
  labelMaker: '',
  makerAddress: '',
  price: null,
  worth: 0,
};
const isJarKind = (thing: object): boolean =>
  'value' in thing && 'cost' in thing && 'stock' in thing;

/** An answer as a helper's device gets it. Takes and gives JSON. */
export function withoutPrices(answer: unknown): unknown {
  if (Array.isArray(answer)) return answer.map(withoutPrices);
  if (!answer || typeof answer !== 'object') return answer;
  const shown = Object.entries(answer).map(([key, value]): [string, unknown] => [
    key,
    key in HIDDEN ? HIDDEN[key] : withoutPrices(value),
  ]);
  return { ...Object.fromEntries(shown), ...(isJarKind(answer) ? { value: 0, cost: 0 } : {}) };
}
