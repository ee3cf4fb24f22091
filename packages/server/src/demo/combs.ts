/**
 * Made-up combs of the demo's top-bar hive, from the entrance back: shares of what each face holds.
 */
export interface DemoComb {
  slot: number;
  depthMm: number;
  capped: number;
  open: number;
  pollen: number;
  brood: number;
  empty: number;
  unseenB?: boolean;
  samples?: ['A' | 'B', number][];
}

const rows: [number, number, number, number, number, number][] = [
  [150, 0.35, 0.15, 0.2, 0, 0.3],
  [185, 0.3, 0.1, 0.25, 0.15, 0.2],
  [198, 0.15, 0.08, 0.17, 0.52, 0.08],
  [204, 0.12, 0.06, 0.14, 0.62, 0.06],
  [204, 0.1, 0.05, 0.12, 0.68, 0.05],
  [204, 0.12, 0.05, 0.13, 0.64, 0.06],
  [203, 0.18, 0.06, 0.14, 0.55, 0.07],
  [200, 0.28, 0.08, 0.18, 0.36, 0.1],
  [201, 0.48, 0.12, 0.18, 0.12, 0.1],
  [203, 0.84, 0.08, 0.04, 0, 0.04],
  [204, 0.91, 0.06, 0, 0, 0.03],
  [204, 0.93, 0.05, 0, 0, 0.02],
  [204, 0.58, 0.355, 0.02, 0, 0.045],
  [203, 0.86, 0.09, 0, 0, 0.05],
  [200, 0.82, 0.12, 0, 0, 0.06],
  [203, 0.9, 0.07, 0, 0, 0.03],
  [200, 0.87, 0.09, 0, 0, 0.04],
];

export const DEMO_COMBS: DemoComb[] = rows.map(
  ([depthMm, capped, open, pollen, brood, empty], i) => ({
    slot: i + 1,
    depthMm,
    capped,
    open,
    pollen,
    brood,
    empty,
    ...(i + 1 === 15 ? { unseenB: true } : {}),
    ...(i + 1 === 13
      ? {
          samples: [
            ['A', 18.9],
            ['A', 19.2],
            ['B', 19.4],
          ] as ['A' | 'B', number][],
        }
      : {}),
  }),
);
