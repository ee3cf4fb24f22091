/**
 * Timings of the chooser at its full size, of comb against liquid, and of a dozen harvests set into
 * time. Asserts nothing.
 */
import { JARS, VESSELS, household, manyHives, solver } from '../packages/core/fixtures/chooser.js';
import {
  DEFAULT_RULES,
  PLAIN_QUESTION,
  WAYS,
  chooseInStages,
  chooseModel,
  combOrLiquid,
  scheduleHarvests,
  type ChooseModel,
  type HarvestToPlan,
  type LpSolver,
  type Solved,
} from '../packages/core/src/index.js';

const ms = (from: number): string => `${(performance.now() - from).toFixed(0).padStart(6)} ms`;

/** Hives, combs of each, hours of hands, jars and boxes of each kind. */
const SIZES = [
  [3, 10, 12, 60],
  [10, 30, 40, 150],
] as const;

/** How far the answer was known, and when: as the screen is told. */
function stagesOf(model: ChooseModel, solve: LpSolver): string[] {
  const from = performance.now();
  const seen: string[] = [];
  const tell = ({ proof, gap }: Solved): void => {
    const known = proof === 'proven' ? proof : `${(gap * 100).toFixed(2)} %`;
    seen.push(`${gap >= 1 ? 'first' : known} ${ms(from).trim()}`);
  };
  const stages = chooseInStages(model, solve);
  for (let step = stages.next(); ; step = stages.next()) {
    if (step.value) tell(step.value);
    if (step.done) return seen;
  }
}

export async function benchPlan(): Promise<void> {
  const solve = await solver();
  for (const [hives, combs, hours, stock] of SIZES)
    for (const seed of [1, 2, 3]) {
      const model = chooseModel(
        manyHives(hives, combs, seed),
        { ...PLAIN_QUESTION, handsHours: hours, countVessels: false },
        household(
          { freezerL: 60, maxCombsPerHive: 12 },
          JARS.map((j) => ({ ...j, stock })),
        ),
      );
      const size = `${hives} hives x ${combs} combs, ${model.options.length} options, draw ${seed}`;
      console.log(`${size}: ${stagesOf(model, solve).join(', ')}`);
    }
  const question = {
    boxes: 3,
    piecesPerBox: 36,
    pieceG: 250,
    piecePrice: 34,
    packCost: 2.5,
    honeyKg: { low: 9, mid: 12, high: 14 },
    outShare: { low: 0.85, mid: 0.885, high: 0.92 },
    honeyPerKg: 76,
    jarCostPerKg: 5,
    history: { finished: 5, half: 2, spoilt: 1 },
    combHours: { low: 3, mid: 4, high: 6 },
    liquidHours: { low: 2, mid: 3, high: 4 },
    piecesAMonth: 12,
    kgAMonth: 10,
    draws: 20_000,
    seed: 11,
  };
  for (const boxes of [1, 3]) {
    const from = performance.now();
    combOrLiquid({ ...question, boxes });
    console.log(
      `comb against liquid, 20 000 draws, ${boxes} ${boxes === 1 ? 'super' : 'supers'}`.padEnd(52),
      ms(from),
    );
  }
  const zone = 'America/Sao_Paulo';
  const harvests = Array.from({ length: 12 }, (_, i): HarvestToPlan => ({
    id: `h${i}`,
    name: `Hive ${i}`,
    hiveKind: 'top-bar',
    way: WAYS[i % WAYS.length],
    combs: 3,
    combKg: 6,
    crushMinutesPerKg: null,
    honeyKg: { low: 5, mid: 5.4, high: 5.8 },
    pieces: 10,
    chunkJars: 2,
    jars: 18,
    litres: { tub: 6, upper: 5, out: 4 },
    freezerL: 10,
    depthMm: 200,
    moisturePercent: 18,
    climate: { dayC: 26, nightC: 12, zone },
    startLocal: `2026-03-1${4 + (i % 3)}T09:30`,
    siteZone: zone,
    moves: {},
    siteNotes: ['dog'],
    siteTasks: [],
    followsId: null,
    taken: { laterCombs: 0, laterLots: 0 },
    dearth: true,
    joins: null,
  }));
  for (const count of [2, 12]) {
    const from = performance.now();
    scheduleHarvests(harvests.slice(0, count), DEFAULT_RULES, {
      people: 2,
      vessels: VESSELS,
      freezerL: 40,
    });
    console.log(`timetable of ${count} harvests`.padEnd(52), ms(from));
  }
}
