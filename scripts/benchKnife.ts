/**
 * The knife beside a general solver: the same combs with the same places where pieces may begin,
 * given to HiGHS as a packing model (pieces that lie apart, whether or not a knife can free them).
 * Prints how much longer it takes, and whether an answer of its that a knife can free is worth
 * more. Asserts nothing.
 */
import { solver } from '../packages/core/fixtures/chooser.js';
import { seeded } from '../packages/core/fixtures/random.js';
import { batchPlan, cutPlan, knifeCuts, type CutPlanInput } from '../packages/core/src/index.js';
import { cutQuestion, type CutQuestion } from '../packages/core/src/cut/cutPlan.js';

/** What HiGHS may take for a comb before it is asked for what it has, in seconds. */
const PATIENCE_S = Number(process.env.FURROW_BENCH_PATIENCE ?? 20);
const COMBS = Number(process.env.FURROW_BENCH_COMBS ?? 8);

const KINDS = [
  { id: 'square', widthMm: 90, heightMm: 90, value: 34, mayTurn: true },
  { id: 'strip', widthMm: 35, heightMm: 100, value: 14, mayTurn: true },
  { id: 'sample', widthMm: 60, heightMm: 45, value: 11, mayTurn: true },
];
const LIMITS: readonly (readonly (number | undefined)[])[] = [
  [],
  [undefined, undefined, 3],
  [undefined, 2, 3],
  [2, 4, 4],
];

function combOf(
  number: number,
  flaws: number,
): { widthMm: number; heightMm: number } & {
  defects: CutPlanInput['defects'];
} {
  const { between } = seeded(number);
  return {
    widthMm: 430,
    heightMm: 135,
    defects: Array.from({ length: flaws }, () => ({
      xMm: between(0, 430),
      yMm: between(0, 135),
      widthMm: between(5, 30),
      heightMm: between(4, 16),
      kind: 'open',
    })),
  };
}
function questionOf(number: number): CutPlanInput {
  const { widthMm, heightMm, defects } = combOf(number, 12);
  const limits = LIMITS[number % LIMITS.length];
  return {
    comb: { widthMm, heightMm },
    kerfMm: 2,
    pieces: KINDS.map((kind, i) => ({ ...kind, limit: limits[i] })),
    defects,
  };
}

interface Placed {
  name: string;
  kind: number;
  xMm: number;
  yMm: number;
  widthMm: number;
  heightMm: number;
}

/** Every place of every lay, and for each start what lies over it: two pieces meet at a start. */
function packingLp({ grid, nets, limits }: CutQuestion): { lp: string; placed: Placed[] } {
  const placed = grid.xs.flatMap((xMm, a) =>
    grid.ys.flatMap((yMm, c) =>
      grid.free[a * grid.ys.length + c].map(({ lay }) => ({
        ...grid.lays[lay],
        name: `p${a}_${c}_${lay}`,
        xMm,
        yMm,
      })),
    ),
  );
  const covers = (p: Placed, x: number, y: number): boolean =>
    p.xMm <= x &&
    x < p.xMm + p.widthMm + grid.kerfMm - 1e-9 &&
    p.yMm <= y &&
    y < p.yMm + p.heightMm + grid.kerfMm - 1e-9;
  const sum = (of: readonly Placed[]): string => of.map((p) => p.name).join('\n + ');
  const rows = grid.xs.flatMap((x, a) =>
    grid.ys.flatMap((y, c) => {
      const over = placed.filter((p) => covers(p, x, y));
      return over.length > 1 ? [` at${a}_${c}: ${sum(over)} <= 1`] : [];
    }),
  );
  const stock = limits.flatMap((limit, kind) => {
    const of = placed.filter((p) => p.kind === kind);
    return limit === null || !of.length ? [] : [` kind${kind}: ${sum(of)} <= ${limit}`];
  });
  const worth = placed.map((p) => `${nets[p.kind]} ${p.name}`).join('\n + ');
  const names = placed.map((p) => ` ${p.name}`).join('\n');
  const lp = `Maximize\n obj: ${worth}\nSubject To\n${[...rows, ...stock].join('\n')}\nBinary\n${names}\nEnd\n`;
  return { lp, placed };
}

const median = (of: readonly number[]): number =>
  [...of].sort((p, q) => p - q)[Math.floor(of.length / 2)] ?? NaN;
const ms = (from: number): number => performance.now() - from;

export async function benchKnife(): Promise<void> {
  const solve = await solver();
  const [ours, ratios]: [number[], number[]] = [[], []];
  let [worse, unproven, unfinished] = [0, 0, 0];
  for (let number = 1; number <= COMBS; number++) {
    const input = questionOf(number);
    let from = performance.now();
    const plan = cutPlan(input);
    const own = ms(from);
    const { lp, placed } = packingLp(cutQuestion(input));
    from = performance.now();
    const found = solve(lp, { timeLimitS: PATIENCE_S, gap: 0 });
    const theirs = ms(from);
    const pieces = placed.filter((p) => (found.columns[p.name] ?? 0) > 0.5);
    const isFree = pieces.length > 0 && knifeCuts(input.comb, input.kerfMm, pieces) !== null;
    if (found.status !== 'optimal') unfinished++;
    if (!plan.provenOptimal) unproven++;
    if (isFree && found.value > plan.value + 1e-6) worse++;
    ours.push(own);
    ratios.push(theirs / own);
    console.log(
      `comb ${number}, limits ${LIMITS[number % LIMITS.length].map((l) => l ?? '–').join(' ') || 'none'}`.padEnd(
        34,
      ),
      `${own.toFixed(0)} ms, ${plan.value}`.padEnd(16),
      `HiGHS ${theirs.toFixed(0)} ms, ${found.status === 'optimal' ? '' : 'unfinished, '}${found.value.toFixed(0)}${isFree ? '' : ', no knife frees it'}`,
    );
  }
  console.log(
    `the knife, ${COMBS} combs: median ${median(ours).toFixed(0)} ms, most ${Math.max(...ours).toFixed(0)} ms (promised 2000); ${unproven} not proven`,
  );
  console.log(
    `beside HiGHS: ${median(ratios).toFixed(0)} times faster in the median (wanted 50), at least: ${unfinished} of its runs ended at ${PATIENCE_S} s; ${worse} of its answers that a knife frees are worth more`,
  );
  for (const limits of [
    [12, 20, 30],
    [5, undefined, 40],
    [20, 10, undefined],
  ]) {
    const from = performance.now();
    const batch = batchPlan({
      kerfMm: 2,
      pieces: KINDS.map((kind, i) => ({ ...kind, limit: limits[i] })),
      combs: Array.from({ length: 10 }, (_, i) => {
        const { defects, ...comb } = combOf(i + 1, 6);
        return { id: `comb${i}`, comb, defects };
      }),
    });
    console.log(
      `ten combs, stock ${limits.map((l) => l ?? '–').join(' ')}`.padEnd(34),
      `${ms(from).toFixed(0)} ms (promised 5000), ${batch.value}${batch.provenOptimal ? ', proven' : ` of at most ${batch.bound}`}`,
    );
  }
}
