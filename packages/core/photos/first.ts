import { bandCells, cellAt, cellOf, classOf, faceLattice, fillOrder, type CellClass, type FaceLattice } from '../src/comb/face.js';
import type { CombOutline } from '../src/comb/outline.js';
import { faceToPicture, inverse, project, type Quad } from '../src/comb/photo/perspective.js';
import type { Picture } from '../src/comb/photo/features.js';
import { cellNoise, seeded, smoothNoise } from './random.js';

/** A made-up picture of comb with what is truly in each cell. */
export interface MadeUp { name: string; picture: Picture; lattice: FaceLattice; corners: Quad; truth: Uint8Array }
type Rgb = readonly [number, number, number];

const COMBS: Record<string, Record<'wax' | 'capped' | 'open' | 'brood' | 'hole', Rgb>> = {
  fresh: { wax: [236, 216, 160], capped: [233, 212, 164], open: [170, 104, 30], brood: [172, 126, 74], hole: [94, 66, 34] },
  amber: { wax: [200, 160, 92], capped: [211, 176, 112], open: [134, 74, 18], brood: [138, 92, 52], hole: [70, 46, 24] },
  old: { wax: [120, 84, 48], capped: [176, 140, 90], open: [86, 46, 16], brood: [112, 76, 46], hole: [38, 26, 16] },
};
const POLLENS: Rgb[] = [[214, 156, 44], [196, 110, 40], [150, 140, 90], [206, 184, 96]];
const OUTLINES: CombOutline[] = [{ topWidthMm: 400, bottomWidthMm: 250, depthMm: 204 }, { topWidthMm: 292, bottomWidthMm: 292, depthMm: 200 }, { topWidthMm: 420, bottomWidthMm: 420, depthMm: 138 }];

/** What lies where: bands as bees fill comb, with an arc of pollen and an oval of brood in some. */
function layOut(lattice: FaceLattice, seed: number): Uint8Array {
  const r = seeded(seed * 31 + 7);
  const capped = r.between(0.15, 0.8);
  const open = r.between(0.08, 0.35) * (1 - capped);
  const cells = bandCells(fillOrder(lattice, seed), { capped, open: open + 0.06, pollen: 0, brood: 0, empty: Math.max(0, 1 - capped - open - 0.06) });
  const { depthMm, topWidthMm } = lattice.outline;
  const nest = seed % 3 !== 0;
  const [cx, cy, rx, ry] = [r.between(-40, 40), depthMm * 0.95, topWidthMm * r.between(0.16, 0.28), depthMm * r.between(0.3, 0.5)];
  for (let i = 0; i < cells.length; i++) {
    const d = Math.hypot((lattice.xMm[i] - cx) / rx, (lattice.yMm[i] - cy) / ry) + 0.16 * (smoothNoise(lattice.xMm[i] / 18, lattice.yMm[i] / 18, seed) - 0.5);
    if (nest && d < 1) cells[i] = cellOf('brood');
    else if (d < (nest ? 1.22 : 0.55) && d >= (nest ? 1 : 0)) cells[i] = cellOf('pollen');
    else if (classOf(cells[i]) === 'capped' && cellNoise(i, seed) < 0.012) cells[i] = cellOf('empty');
  }
  return cells;
}

/**
 * The first generator: cells shaded as wax, cappings, nectar with shine, pollen and brood, seen in perspective
 * under a slanting light, then blurred and made noisy, with bees walking over it. Same seed, same picture.
 */
export function madeUpComb(seed: number, width = 1000, height = 700): MadeUp {
  const r = seeded(seed);
  const outline = OUTLINES[seed % OUTLINES.length];
  const lattice = faceLattice(outline, r.between(5.1, 5.5));
  const truth = layOut(lattice, seed);
  const kind = Object.keys(COMBS)[seed % 3];
  const wax = COMBS[kind];
  const fitted = Math.min((width * 0.9) / outline.topWidthMm, (height * 0.84) / outline.depthMm);
  const [w, b, h] = [(outline.topWidthMm * fitted) / 2, (outline.bottomWidthMm * fitted) / 2, outline.depthMm * fitted];
  const jitter = (): number => r.between(-0.05, 0.05) * w;
  const top = (height - h) / 2 + 10;
  const corners: Quad = [{ x: width / 2 - w + Math.abs(jitter()), y: top + jitter() * 0.5 }, { x: width / 2 + w - Math.abs(jitter()), y: top + jitter() * 0.5 }, { x: width / 2 + b + jitter() * 0.5, y: top + h - Math.abs(jitter()) }, { x: width / 2 - b + jitter() * 0.5, y: top + h - Math.abs(jitter()) }];
  const back = inverse(faceToPicture(outline, corners));
  const slope = [r.between(-0.32, 0.32), r.between(-0.25, 0.25), r.between(-0.2, 0.05)];
  const cast: Rgb = [r.between(0.92, 1.08), 1, r.between(0.86, 1.1)];
  const sun = r.between(0, Math.PI * 2);
  const bees = Array.from({ length: Math.floor(r.between(0, 9)) }, () => ({ x: r.between(-0.45, 0.45) * outline.topWidthMm, y: r.between(0.1, 0.9) * outline.depthMm, turn: r.between(0, Math.PI) }));
  const noise = r.between(2, 7);
  const raw = new Float32Array(width * height * 3);
  for (let y = 0; y < height; y++) for (let x = 0; x < width; x++) {
    const p = project(back, x, y);
    const i = cellAt(lattice, p.x, p.y);
    const near = i >= 0 ? Math.hypot(lattice.xMm[i] - p.x, lattice.yMm[i] - p.y) / lattice.pitchMm : 1;
    let colour: Rgb = i < 0 || near > 0.62 ? background(p.x, p.y, seed) : cellColour(classOf(truth[i]), i, (p.x - lattice.xMm[i]) / lattice.pitchMm, (p.y - lattice.yMm[i]) / lattice.pitchMm, wax, seed, sun);
    for (const bee of bees) {
      const [dx, dy] = [p.x - bee.x, p.y - bee.y];
      const [u, v] = [dx * Math.cos(bee.turn) + dy * Math.sin(bee.turn), -dx * Math.sin(bee.turn) + dy * Math.cos(bee.turn)];
      if ((u / 6.8) ** 2 + (v / 2.6) ** 2 < 1) colour = Math.floor(u / 1.7) % 2 ? [58, 40, 22] : [112, 78, 34];
    }
    const [nx, ny] = [(p.x / outline.topWidthMm) * 2, (p.y / outline.depthMm) * 2 - 1];
    const light = Math.exp(slope[0] * nx + slope[1] * ny + slope[2] * (nx * nx + ny * ny));
    for (let c = 0; c < 3; c++) raw[(y * width + x) * 3 + c] = colour[c] * cast[c] * light;
  }
  return { name: `first-${seed}`, picture: develop(raw, width, height, r.between(0.5, 1.6), noise, r), lattice, corners, truth };
}

function background(x: number, y: number, seed: number): Rgb {
  if (y < 0) return [150 + 18 * Math.sin(y * 1.4 + smoothNoise(x / 30, y, seed) * 4), 112, 66];
  const g = 60 + 90 * smoothNoise(x / 22, y / 22, seed + 3);
  return [g * 0.7, g, g * 0.55];
}

/** One cell at (u, v) in pitches from its middle. */
function cellColour(content: CellClass, i: number, u: number, v: number, wax: Record<string, Rgb>, seed: number, sun: number): Rgb {
  const d = Math.hypot(u, v);
  const own = 0.92 + 0.16 * cellNoise(i, seed);
  const mix = (a: Rgb, b: Rgb, t: number): Rgb => [a[0] + (b[0] - a[0]) * t, a[1] + (b[1] - a[1]) * t, a[2] + (b[2] - a[2]) * t];
  const times = (c: Rgb, k: number): Rgb => [c[0] * k, c[1] * k, c[2] * k];
  const rim = Math.max(0, Math.min(1, (d - 0.36) / 0.1));
  const towardSun = u * Math.cos(sun) + v * Math.sin(sun);
  if (content === 'capped') return times(wax.capped, own * (1 + 0.16 * towardSun + 0.05 * (smoothNoise(u * 9 + i, v * 9, seed) - 0.5) - 0.1 * rim));
  if (content === 'brood' || content === 'drone') return times(wax.brood, own * (1.1 - 0.5 * d * d + 0.14 * towardSun - 0.12 * rim));
  if (content === 'pollen') return mix(times(POLLENS[Math.floor(cellNoise(i, 5) * POLLENS.length)], own * (0.86 + 0.3 * cellNoise(i, 9)) * (0.9 + 0.2 * smoothNoise(u * 12, v * 12, i))), times(wax.wax, 0.9), rim);
  if (content === 'open') {
    const spot = Math.hypot(u - 0.16 * Math.cos(sun), v - 0.16 * Math.sin(sun));
    const shine = spot < 0.09 ? 1 : spot < 0.16 ? (0.16 - spot) / 0.07 : 0;
    return mix(mix(times(wax.open, own * (0.85 + 0.4 * towardSun)), [250, 244, 226], shine * (0.4 + 0.6 * cellNoise(i, 17))), times(wax.wax, 0.95), rim);
  }
  return mix(times(wax.hole, own * (0.65 + 0.8 * d)), times(wax.wax, 0.96), rim);
}

/** Blur, grain and rounding to bytes. */
export function develop(raw: Float32Array, width: number, height: number, blurPx: number, noise: number, r: ReturnType<typeof seeded>): Picture {
  const kernel = Array.from({ length: 7 }, (_, k) => Math.exp(-((k - 3) ** 2) / (2 * blurPx ** 2)));
  const sum = kernel.reduce((a, b) => a + b, 0);
  const pass = (from: Float32Array, dx: number, dy: number): Float32Array => {
    const to = new Float32Array(from.length);
    for (let y = 0; y < height; y++) for (let x = 0; x < width; x++) for (let k = -3; k <= 3; k++) {
      const [sx, sy] = [Math.min(width - 1, Math.max(0, x + dx * k)), Math.min(height - 1, Math.max(0, y + dy * k))];
      const weight = kernel[k + 3] / sum;
      for (let c = 0; c < 3; c++) to[(y * width + x) * 3 + c] += from[(sy * width + sx) * 3 + c] * weight;
    }
    return to;
  };
  const soft = pass(pass(raw, 1, 0), 0, 1);
  const data = new Uint8ClampedArray(width * height * 4);
  for (let i = 0; i < width * height; i++) {
    for (let c = 0; c < 3; c++) data[i * 4 + c] = soft[i * 3 + c] + noise * r.normal();
    data[i * 4 + 3] = 255;
  }
  return { width, height, data };
}
