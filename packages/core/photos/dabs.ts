import { CELL_CLASSES, classOf, neighbours, type FaceLattice } from '../src/comb/face.js';
import type { Dab } from '../src/comb/photo/readPhoto.js';
import { seeded } from './random.js';

/** Three dabs a class, each a cell with its neighbours, where a person would set them: well inside a patch of one kind, apart from each other. Fixed for a picture. */
export function fixedDabs(lattice: FaceLattice, truth: Uint8Array, seed: number, perClass = 3): Dab[] {
  const r = seeded(seed + 1000);
  return CELL_CLASSES.flatMap((content): Dab[] => {
    const inside: number[] = [];
    for (let i = 0; i < truth.length; i++) if (classOf(truth[i]) === content && neighbours(lattice, i).every((j) => classOf(truth[j]) === content)) inside.push(i);
    if (inside.length < 12) return [];
    const chosen: number[] = [];
    while (chosen.length < perClass) {
      // The one of a handful that lies farthest from those chosen already.
      const tries = Array.from({ length: 8 }, () => r.pick(inside));
      const away = (i: number): number => Math.min(1e9, ...chosen.map((j) => Math.hypot(lattice.xMm[i] - lattice.xMm[j], lattice.yMm[i] - lattice.yMm[j])));
      chosen.push(tries.sort((a, b) => away(b) - away(a))[0]);
    }
    return chosen.flatMap((cell) => [cell, ...neighbours(lattice, cell)].map((c) => ({ cell: c, content })));
  });
}
