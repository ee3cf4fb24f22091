import { readFileSync } from 'node:fs';
import { fileURLToPath } from 'node:url';
import { expect, type Locator, type Page } from '@playwright/test';
import { cellAt, classOf, unpackFace } from '../packages/core/src/comb/face.js';
import type { StoredFace } from '../packages/core/src/records/vocabulary/combShapes.js';
import { faceToPicture, project, type Quad } from '../packages/core/src/comb/photo/perspective.js';
import { boxAtRest } from './boxAtRest.js';

/** A shipped picture of made-up comb, and what a person would do with it on screen. */
export const picturePath = (name: string): string =>
  fileURLToPath(new URL(`../packages/core/fixtures/pictures/${name}.jpg`, import.meta.url));
const shipped = JSON.parse(
  readFileSync(
    fileURLToPath(new URL('../packages/core/fixtures/pictures/truth.json', import.meta.url)),
    'utf8',
  ),
) as { name: string; corners: Quad; face: StoredFace }[];
const PICTURE = { width: 1000, height: 700 };

async function box(canvas: Locator): Promise<{ x: number; y: number; k: number }> {
  const b = await boxAtRest(canvas);
  return { x: b.x, y: b.y, k: b.width / PICTURE.width };
}

/** Drags the four corners onto the comb in the picture. */
export async function setCorners(page: Page, name: string): Promise<void> {
  const { corners } = shipped.find((s) => s.name === name)!;
  for (const [i, corner] of ['upper left', 'upper right', 'lower right', 'lower left'].entries()) {
    const at = await box(page.locator('[role="dialog"] canvas'));
    const handle = await boxAtRest(page.getByRole('button', { name: `Corner ${corner}` }));
    await page.mouse.move(handle.x + handle.width / 2, handle.y + handle.height / 2);
    await page.mouse.down();
    await page.mouse.move(at.x + corners[i].x * at.k, at.y + corners[i].y * at.k, { steps: 4 });
    await page.mouse.up();
  }
}

/** Touches three places of a kind, well inside what truly holds it. */
export async function showExamples(
  page: Page,
  name: string,
  word: string,
  content: string,
  touch: (x: number, y: number) => Promise<void>,
): Promise<void> {
  const { corners, face } = shipped.find((s) => s.name === name)!;
  const { lattice, cells } = unpackFace(face);
  const map = faceToPicture(face.outline, corners);
  await page
    .getByRole('dialog')
    .getByRole('radio', { name: new RegExp(`^${word}`) })
    .click();
  const inside = Array.from(cells.keys()).filter((i) =>
    [
      [0, 0],
      [14, 0],
      [-14, 0],
      [0, 12],
      [0, -12],
    ].every(([dx, dy]) => {
      const j = cellAt(lattice, lattice.xMm[i] + dx, lattice.yMm[i] + dy);
      return j >= 0 && classOf(cells[j]) === content;
    }),
  );
  for (const share of [0.2, 0.5, 0.8]) {
    const i = inside[Math.floor(share * (inside.length - 1))];
    const at = await box(page.locator('[role="dialog"] canvas'));
    const p = project(map, lattice.xMm[i], lattice.yMm[i]);
    await touch(at.x + p.x * at.k, at.y + p.y * at.k);
  }
}

/** Reads the comb in hand from one of the made pictures, by touch, up to what was found. */
export async function readFromPhoto(page: Page, name: string): Promise<void> {
  await page.getByRole('button', { name: 'From a photo…' }).tap();
  await page.getByLabel('Photo of the comb').setInputFiles(picturePath(name));
  await expect(page.getByText('Drag the four corners')).toBeVisible();
  await setCorners(page, name);
  for (const [word, content] of [
    ['Capped', 'capped'],
    ['Open', 'open'],
    ['Empty', 'empty'],
    ['Pollen', 'pollen'],
  ]) {
    await page.getByRole('dialog').locator('canvas').scrollIntoViewIfNeeded();
    const touch = async (x: number, y: number): Promise<void> => page.mouse.click(x, y);
    await showExamples(page, name, word, content, touch);
  }
  await page.getByRole('button', { name: 'Read the cells' }).tap();
  await expect(page.getByText(/\d+ cells: \d+ % capped/)).toBeVisible({ timeout: 20_000 });
}
