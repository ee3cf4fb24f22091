import type { FaceLattice } from '../face.js';
import { project, type Matrix } from './perspective.js';

/** A picture as rows of red, green, blue, alpha, 0 to 255. */
export interface Picture {
  width: number;
  height: number;
  data: Uint8Array | Uint8ClampedArray;
}

/**
 * How a cell looks: brightness, two colour ratios, roughness, middle against rim, shine. Brightness
 * and colours are logarithms, so that light multiplies out as a sum.
 */
export const FEATURES = 6;

/** Points within a cell, in pitches: its middle, and two rings. */
const INNER: [number, number][] = [[0, 0], ...ring(0.16, 6, 0)];
const MIDDLE: [number, number][] = ring(0.29, 9, 0.3);
const RIM: [number, number][] = ring(0.43, 12, 0.1);

function ring(radius: number, n: number, turn: number): [number, number][] {
  return Array.from({ length: n }, (_, k) => [
    radius * Math.cos((2 * Math.PI * k) / n + turn),
    radius * Math.sin((2 * Math.PI * k) / n + turn),
  ]);
}

/** Pixels per millimetre at a place of the face. */
export function scaleAt(map: Matrix, x: number, y: number): number {
  const [a, b, c] = [project(map, x, y), project(map, x + 1, y), project(map, x, y + 1)];
  return Math.sqrt(Math.abs((b.x - a.x) * (c.y - a.y) - (b.y - a.y) * (c.x - a.x)));
}

/**
 * Features of every cell, FEATURES numbers each; a cell that lies outside the picture is left at
 * NaN. `onProgress` is told the share done.
 */
export function cellFeatures(
  picture: Picture,
  lattice: FaceLattice,
  map: Matrix,
  onProgress?: (share: number) => void,
): Float64Array {
  const n = lattice.xMm.length;
  const out = new Float64Array(n * FEATURES).fill(NaN);
  const { width, height, data } = picture;
  const rgb = new Float64Array(3);
  /**
   * Adds the pixel under a point of the cell, blended between its four neighbours; false outside
   * the picture.
   */
  const sample = (i: number, dx: number, dy: number): boolean => {
    const p = project(
      map,
      lattice.xMm[i] + dx * lattice.pitchMm,
      lattice.yMm[i] + dy * lattice.pitchMm,
    );
    const [x, y] = [Math.floor(p.x), Math.floor(p.y)];
    if (x < 0 || y < 0 || x >= width - 1 || y >= height - 1) return false;
    const [u, v] = [p.x - x, p.y - y];
    const at = (y * width + x) * 4;
    const below = at + width * 4;
    for (let c = 0; c < 3; c++)
      rgb[c] =
        (1 - v) * ((1 - u) * data[at + c] + u * data[at + 4 + c]) +
        v * ((1 - u) * data[below + c] + u * data[below + 4 + c]);
    return true;
  };
  for (let i = 0; i < n; i++) {
    if (onProgress && i % 512 === 0) onProgress(i / n);
    const sum = [0, 0, 0];
    const light: number[] = [];
    let inside = true;
    const lumaOf = (points: [number, number][]): number => {
      let total = 0;
      for (const [dx, dy] of points) {
        if (!sample(i, dx, dy)) {
          inside = false;
          return 0;
        }
        const luma = 0.3 * rgb[0] + 0.59 * rgb[1] + 0.11 * rgb[2] + 2;
        for (let c = 0; c < 3; c++) sum[c] += rgb[c] + 2;
        light.push(luma);
        total += luma;
      }
      return total / points.length;
    };
    const inner = lumaOf(INNER);
    const middle = inside ? lumaOf(MIDDLE) : 0;
    const rim = inside ? lumaOf(RIM) : 0;
    if (!inside) continue;
    light.sort((a, b) => a - b);
    const median = light[light.length >> 1];
    const mean = light.reduce((a, b) => a + b, 0) / light.length;
    const rough = Math.sqrt(light.reduce((s, l) => s + (l - mean) ** 2, 0) / light.length) / mean;
    const at = i * FEATURES;
    out[at] = Math.log(median);
    out[at + 1] = Math.log(sum[0] / sum[1]);
    out[at + 2] = Math.log(sum[1] / sum[2]);
    out[at + 3] = Math.log(0.02 + rough);
    out[at + 4] = Math.log((inner + middle) / 2 / rim);
    out[at + 5] = Math.log(light[light.length - 1] / median);
  }
  return out;
}
