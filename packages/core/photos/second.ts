import { cellAt, cellOf, classOf, faceLattice, type FaceLattice } from '../src/comb/face.js';
import type { CombOutline } from '../src/comb/outline.js';
import { faceToPicture, inverse, project, type Quad } from '../src/comb/photo/perspective.js';
import { develop, type MadeUp } from './first.js';
import { cellNoise, seeded, smoothNoise } from './random.js';

type Rgb = [number, number, number];
/**
 * The second generator, which the method was never tuned on: other outlines, contents in blobs, whiter and wetter
 * cappings, darker wax, one lamp near the comb with the edge of a shadow across it, a shaken hand, and in some
 * pictures so little light or so much shake that a person could not read them either.
 */
export function otherComb(seed: number, width = 1000, height = 720): MadeUp {
  const r = seeded(seed * 977 + 13);
  const outline: CombOutline = r.pick([{ topWidthMm: 340, bottomWidthMm: 210, depthMm: 260 }, { topWidthMm: 360, bottomWidthMm: 360, depthMm: 170 }, { topWidthMm: 275, bottomWidthMm: 250, depthMm: 190 }]);
  const lattice = faceLattice(outline, r.between(4.9, 5.45));
  const truth = blobs(lattice, seed, r.between(0.3, 0.62));
  const scale = Math.min((width * 0.86) / outline.topWidthMm, (height * 0.85) / outline.depthMm);
  const turn = r.between(-0.06, 0.06);
  const keystone = r.between(0.93, 1.05);
  const place = (x: number, y: number): { x: number; y: number } => {
    const k = 1 + (keystone - 1) * (y / outline.depthMm);
    const [px, py] = [x * scale * k, (y - outline.depthMm / 2) * scale];
    return { x: width / 2 + px * Math.cos(turn) - py * Math.sin(turn), y: height / 2 + 8 + px * Math.sin(turn) + py * Math.cos(turn) };
  };
  const [t, b, d] = [outline.topWidthMm / 2, outline.bottomWidthMm / 2, outline.depthMm];
  const corners: Quad = [place(-t, 0), place(t, 0), place(b, d), place(-b, d)];
  const back = inverse(faceToPicture(outline, corners));
  const age = r.next();
  const shade = (young: Rgb, old: Rgb): Rgb => [0, 1, 2].map((c) => young[c] + (old[c] - young[c]) * age) as Rgb;
  const wall = shade([225, 205, 165], [92, 66, 44]);
  const looks = { capped: shade([240, 232, 212], [170, 150, 118]), open: shade([150, 78, 12], [64, 30, 10]), pollen: shade([176, 128, 66], [150, 118, 40]), brood: shade([150, 112, 80], [96, 70, 52]), empty: shade([112, 86, 54], [30, 22, 16]) };
  const lamp = { x: r.between(-0.7, 0.7), y: r.between(-0.9, 0.4), far: r.between(1.1, 2.4) };
  const shadow = { at: r.between(-0.5, 0.6), slope: r.between(-0.8, 0.8), depth: r.next() < 0.45 ? r.between(0.72, 0.9) : 1 };
  const dim = seed % 6 === 5 ? 0.12 : 1;
  const raw = new Float32Array(width * height * 3);
  for (let y = 0; y < height; y++) for (let x = 0; x < width; x++) {
    const p = project(back, x, y);
    const i = cellAt(lattice, p.x, p.y);
    let colour: Rgb = p.y < 0 ? [186, 160, 122] : [72 + 40 * smoothNoise(x / 60, y / 60, seed), 66 + 40 * smoothNoise(x / 60, y / 60, seed), 58];
    if (i >= 0) {
      const [u, v] = [(p.x - lattice.xMm[i]) / lattice.pitchMm, (p.y - lattice.yMm[i]) / lattice.pitchMm];
      // Distance to the wall of a six-sided cell, 0 at the wall.
      const inside = 0.5 - Math.max(Math.abs(u), Math.abs(u * 0.5 + v * 0.866), Math.abs(u * 0.5 - v * 0.866));
      if (inside > -0.08) colour = paint(classOf(truth[i]), i, u, v, inside, wall, looks, seed);
    }
    const [nx, ny] = [(p.x / outline.topWidthMm) * 2, (p.y / outline.depthMm) * 2 - 1];
    const near = 1.35 / (1 + ((nx - lamp.x) ** 2 + (ny - lamp.y) ** 2) / lamp.far ** 2) ** 1.1;
    const dark = nx + shadow.slope * ny > shadow.at ? shadow.depth : 1;
    for (let c = 0; c < 3; c++) raw[(y * width + x) * 3 + c] = colour[c] * near * dark * dim;
  }
  const shaken = shake(raw, width, height, seed % 7 === 6 ? 15 : Math.round(r.between(0, 2)));
  return { name: `second-${seed}`, picture: develop(shaken, width, height, r.between(0.4, 1.2), dim < 1 ? 16 : r.between(2, 6), r), lattice, corners, truth };
}

/** Contents as blobs of smooth noise, honey more likely above. */
function blobs(lattice: FaceLattice, seed: number, share: number): Uint8Array {
  const { depthMm } = lattice.outline;
  return Uint8Array.from(lattice.xMm, (x, i) => {
    const y = lattice.yMm[i];
    const high = 1 - y / depthMm + 0.55 * (smoothNoise(x / 60, y / 45, seed) - 0.5);
    if (high > 1 - share) return cellOf(smoothNoise(x / 26 + 40, y / 26, seed + 1) > 0.8 ? 'open' : 'capped');
    if (high > 1 - share - 0.2) return cellOf('open');
    const low = smoothNoise(x / 50, y / 50 + 9, seed + 2);
    return cellOf(low > 0.62 ? 'brood' : low > 0.5 ? 'pollen' : 'empty');
  });
}

function paint(content: string, i: number, u: number, v: number, inside: number, wall: Rgb, looks: Record<string, Rgb>, seed: number): Rgb {
  const name = content === 'drone' ? 'brood' : content === 'damaged' ? 'empty' : content;
  const own = 0.9 + 0.2 * cellNoise(i, seed + 30);
  const base = looks[name];
  if (name === 'capped' || name === 'brood') {
    // A dimple or a dome, and a seam where caps meet; some white caps lie wet on the honey and look darker.
    const bulge = name === 'brood' ? 1.06 - 0.9 * (u * u + v * v) : 0.96 + 0.25 * (u * u + v * v);
    const wet = name === 'capped' && cellNoise(i, seed + 8) > 0.85 ? 0.88 : 1;
    const seam = inside < 0.06 ? 0.9 : 1;
    return base.map((c) => c * own * bulge * wet * seam * (0.96 + 0.08 * smoothNoise(u * 14 + i, v * 14, seed))) as Rgb;
  }
  const rim = Math.max(0, Math.min(1, (0.12 - inside) / 0.05));
  let middle = base.map((c) => c * own * (name === 'empty' ? 0.8 + 0.5 * v : 1)) as Rgb;
  if (name === 'pollen') middle = middle.map((c, k) => c * (0.85 + 0.3 * cellNoise(i, 50 + k)) * (0.88 + 0.24 * smoothNoise(u * 10 + i, v * 10, 3))) as Rgb;
  if (name === 'open' && (u + 0.12) ** 2 / 0.02 + (v + 0.1) ** 2 / 0.008 < 1) middle = middle.map((c) => c + (255 - c) * (0.35 + 0.5 * cellNoise(i, 60))) as Rgb;
  return middle.map((c, k) => c + (wall[k] - c) * rim) as Rgb;
}

/** A hand that shook: every row smeared sideways. */
function shake(raw: Float32Array, width: number, height: number, px: number): Float32Array {
  if (px < 1) return raw;
  const out = new Float32Array(raw.length);
  for (let y = 0; y < height; y++) for (let x = 0; x < width; x++) for (let c = 0; c < 3; c++) {
    let sum = 0;
    for (let k = -px; k <= px; k++) sum += raw[(y * width + Math.min(width - 1, Math.max(0, x + k))) * 3 + c];
    out[(y * width + x) * 3 + c] = sum / (2 * px + 1);
  }
  return out;
}
