import { mkdirSync, writeFileSync } from 'node:fs';
import { fileURLToPath } from 'node:url';
import sharp from 'sharp';
import { madeUpComb, type MadeUp } from '../packages/core/fixtures/first.js';
import { otherComb } from '../packages/core/fixtures/second.js';
import { packFace } from '../packages/core/src/comb/face.js';

/**
 * Draws the made-up comb pictures again, with what is truly in each of their cells beside them: npx
 * tsx scripts/photos.ts
 */
const folder = fileURLToPath(new URL('../packages/core/fixtures/pictures/', import.meta.url));
mkdirSync(folder, { recursive: true });
const made: MadeUp[] = [
  ...Array.from({ length: 14 }, (_, i) => madeUpComb(i + 1)),
  ...Array.from({ length: 12 }, (_, i) => otherComb(i + 1)),
];
const truth = [];
for (const { name, picture, lattice, corners, truth: cells } of made) {
  const { width, height, data } = picture;
  await sharp(Buffer.from(data.buffer), { raw: { width, height, channels: 4 } })
    .jpeg({ quality: 80 })
    .toFile(`${folder}${name}.jpg`);
  truth.push({ name, corners, face: packFace(lattice, cells) });
}
writeFileSync(`${folder}truth.json`, `${JSON.stringify(truth, null, 1)}\n`);
console.log(`${made.length} pictures in ${folder}`);
