import { randomUUID } from 'node:crypto';
import {
  CELL_MM,
  HIVE_KINDS,
  bandCells,
  cellOf,
  faceLattice,
  fillOrder,
  packFace,
  seenOutline,
  type ColonyFact,
  type Hive,
  type HiveKindName,
  type Shares,
  type StoredFace,
  readShape,
  firstOf,
} from '@furrow/core';

export type Send = <T>(
  method: 'post' | 'patch',
  path: string,
  at: Date,
  payload: unknown,
  params?: Record<string, string>,
) => Promise<T>;
type Row = readonly [capped: number, open: number, pollen: number, brood: number];
const shares = ([capped, open, pollen, brood]: Row): Shares => ({
  capped,
  open,
  pollen,
  brood,
  empty: Math.max(0, 1 - capped - open - pollen - brood),
});

interface DemoHive {
  name: string;
  kind: Exclude<HiveKindName, 'top-bar'>;
  site: 'pedraClara' | 'encosta' | 'capaoFundo';
  startedDaysAgo: number;
  facts: [daysAgo: number, fact: ColonyFact][];
  /**
   * What each place holds today, box by box from the floor up; a look a fortnight before saw less
   * capped.
   */
  boxes: Record<number, (Row | null)[]>;
  /** Places seen through an end pane only, counted from 0. */
  panes?: number[];
  /** The place whose cells were painted one by one. */
  painted?: number;
}

const box = (n: number, of: (i: number) => Row | null): (Row | null)[] =>
  Array.from({ length: n }, (_, i) => of(i));
const HIVES: DemoHive[] = [
  {
    name: 'Araucária',
    kind: 'warre',
    site: 'encosta',
    startedDaysAgo: 610,
    facts: [
      [9, { kind: 'queen', seen: true }],
      [9, { kind: 'temper', temper: 'nervous' }],
      [30, { kind: 'strength', strength: 'strong' }],
    ],
    boxes: {
      1: box(8, (i) => (i > 1 && i < 6 ? [0.12, 0.1, 0.12, 0.5] : [0.2, 0.3, 0.1, 0])),
      2: box(8, (i) => (i > 2 && i < 5 ? [0.42, 0.12, 0.1, 0.22] : [0.7, 0.18, 0.04, 0])),
      3: box(8, (i) => [0.86 + 0.012 * (i % 4), 0.07, 0, 0]),
    },
  },
  {
    name: 'Cedro',
    kind: 'pile-box',
    site: 'capaoFundo',
    startedDaysAgo: 540,
    facts: [[16, { kind: 'temper', temper: 'defensive' }]],
    boxes: {
      3: box(8, (i) => (i > 2 && i < 5 ? [0.3, 0.2, 0.12, 0.15] : [0.55, 0.3, 0.05, 0])),
      4: box(8, (i) => [0.74 + 0.02 * (i % 3), 0.17, 0, 0]),
    },
  },
  {
    name: 'Pitanga',
    kind: 'framed',
    site: 'encosta',
    startedDaysAgo: 420,
    facts: [
      [8, { kind: 'strength', strength: 'strong' }],
      [8, { kind: 'flow', flow: 'some', endsOn: null }],
      [6, { kind: 'excluder', fitted: true }],
    ],
    boxes: {
      2: box(9, (i) =>
        i === 8
          ? null
          : [0.5 + 0.06 * (4 - Math.abs(4 - i)), 0.3 - 0.03 * (4 - Math.abs(4 - i)), 0, 0],
      ),
    },
  },
  {
    name: 'Guabiroba',
    kind: 'cut-comb',
    site: 'encosta',
    painted: 4,
    startedDaysAgo: 700,
    facts: [
      [20, { kind: 'flow', flow: 'strong', endsOn: null }],
      [12, { kind: 'strength', strength: 'strong' }],
      [12, { kind: 'queen', seen: true }],
    ],
    boxes: {
      2: box(9, (i) => {
        if (i < 1 || i > 7) return [0.1, 0.24, 0, 0];
        if (i === 4) return [0.985, 0.004, 0, 0];
        return [0.5 + 0.1 * (3 - Math.abs(4 - i)), 0.24, 0, 0];
      }),
    },
  },
  {
    name: 'Bromélia',
    kind: 'drain-frame',
    site: 'capaoFundo',
    panes: [0, 5],
    startedDaysAgo: 500,
    facts: [
      [5, { kind: 'tilt', degrees: 3 }],
      [5, { kind: 'flow', flow: 'some', endsOn: null }],
      [40, { kind: 'excluder', fitted: true }],
    ],
    boxes: { 2: box(6, (i) => (i < 1 ? null : [0.93 - 0.05 * Math.abs(2.5 - i), 0.05, 0, 0])) },
  },
];

/**
 * The other six hives of the demo household, each with its own kind of look, through the same
 * writes as a person's.
 */
export async function seedOtherHives(
  send: Send,
  sites: Record<string, string>,
  ago: (days: number, hours?: number) => Date,
  dateOf: (at: Date) => string,
): Promise<void> {
  for (const demo of HIVES) {
    const { geometry, on } = {
      geometry: HIVE_KINDS[demo.kind].defaults,
      on: ago(demo.startedDaysAgo),
    };
    const { hive } = await send<{ hive: Hive }>('post', '/hives', on, {
      id: randomUUID(),
      siteId: sites[demo.site],
      name: demo.name,
      kind: demo.kind,
      geometry,
      colonyStartedOn: dateOf(on),
    });
    await note(
      send,
      hive,
      [[demo.startedDaysAgo - 1, { kind: 'risks-read', of: demo.kind }], ...demo.facts],
      ago,
      dateOf,
    );
    for (const [number, rows] of Object.entries(demo.boxes))
      for (const [i, row] of rows.entries()) {
        const bar = firstOf(hive.bars, (b) => b.slot === Number(number) * 100 + i + 1);
        if (!bar.comb) continue;
        const pane = demo.panes?.includes(i) ?? false;
        for (const days of [16, 2])
          await look(
            send,
            hive,
            bar.comb.id,
            ago(days, i * 0.05),
            row && !pane ? lookOf(row, days - 2) : null,
            {
              pane: pane && days === 2,
              painted: i === demo.painted && days === 2,
            },
          );
      }
  }
  await stinglessHome(send, sites.pedraClara, ago, dateOf);
}

/** Earlier less was capped: the rest of it was open then. */
function lookOf([capped, open, pollen, brood]: Row, daysBefore: number): Shares {
  const then = Math.max(0, capped - (brood > 0.2 ? 0 : 0.012 * daysBefore));
  return shares([then, Math.min(1 - then - pollen - brood, open + capped - then), pollen, brood]);
}

async function note(
  send: Send,
  hive: Hive,
  facts: readonly [number, ColonyFact][],
  ago: (days: number) => Date,
  dateOf: (at: Date) => string,
): Promise<void> {
  for (const [days, fact] of facts)
    await send('post', '/colonyFacts', ago(days), {
      id: randomUUID(),
      colonyId: hive.colony!.id,
      on: dateOf(ago(days)),
      fact,
    });
}

function look(
  send: Send,
  hive: Hive,
  combId: string,
  at: Date,
  sides: Shares | null,
  as: { pane: boolean; painted: boolean },
): Promise<unknown> {
  if (!sides && !as.pane) return Promise.resolve();
  const shape = readShape(hive);
  const face: StoredFace | null =
    as.painted && sides ? painted(hive, shape.outline.depthMm, sides) : null;
  return send('post', '/looks', at, {
    id: randomUUID(),
    combId,
    combAge: sides && sides.brood > 0 ? 'brood-used' : 'new',
    depthMm: shape.outline.depthMm,
    thicknessMm: shape.thicknessMm,
    straight: true,
    readings: [],
    sides: { A: as.pane ? null : sides, B: as.pane ? null : sides },
    faces: { A: face, B: null },
    seenBy: { A: as.pane ? null : 'hand', B: as.pane ? null : 'hand' },
    pane: as.pane ? { capped: 26, open: 6, empty: 8 } : null,
  });
}

/** A face painted by hand: its bands, with a corner of dark honey and a few damaged cells. */
function painted(hive: Hive, depthMm: number, sides: Shares): StoredFace {
  const lattice = faceLattice(seenOutline(hive, depthMm), CELL_MM);
  const cells = bandCells(fillOrder(lattice, 4), sides);
  for (let i = 0; i < cells.length; i++) {
    if (cells[i] === cellOf('capped') && lattice.xMm[i] > 90) cells[i] = cellOf('capped', 'dark');
    if (Math.hypot(lattice.xMm[i] + 120, lattice.yMm[i] - 60) < 9) cells[i] = cellOf('damaged');
  }
  return packFace(lattice, cells);
}

/** Miúda on the home terrace: pots in three groups, the nest full. */
async function stinglessHome(
  send: Send,
  siteId: string,
  ago: (days: number) => Date,
  dateOf: (at: Date) => string,
): Promise<void> {
  const geometry = HIVE_KINDS.stingless.defaults;
  const { hive } = await send<{ hive: Hive }>('post', '/hives', ago(650), {
    id: randomUUID(),
    siteId,
    name: 'Miúda',
    kind: 'stingless',
    geometry,
    colonyStartedOn: dateOf(ago(650)),
  });
  await note(
    send,
    hive,
    [
      [649, { kind: 'risks-read', of: 'stingless' }],
      [12, { kind: 'nest', full: true }],
      [3, { kind: 'bloom', plant: 'Aroeira' }],
    ],
    ago,
    dateOf,
  );
  const groups = [
    [14, 5, 3, 2],
    [19, 4, 2, 1],
    [6, 9, 5, 4],
  ];
  for (const [i, [honeySealed, honeyOpen, pollen, empty]] of groups.entries()) {
    const comb = firstOf(hive.bars, (b) => b.inBox === i + 1).comb!;
    await send('post', '/looks', ago(3), {
      id: randomUUID(),
      combId: comb.id,
      combAge: 'new',
      depthMm: 62,
      thicknessMm: 32,
      readings: [],
      sides: { A: null, B: null },
      seenBy: { A: 'above', B: null },
      pots: {
        honeySealed,
        honeyOpen,
        pollen,
        empty,
        potWidthMm: geometry.potWidthMm,
        potHeightMm: geometry.potHeightMm,
      },
    });
  }
}
