import type { Locator } from '@playwright/test';

const LOOK_AGAIN_MS = 60;
const LOOKS = 50;

/** Where a thing stands once it stands still: what is measured while a page is laid out moves away. */
export async function boxAtRest(
  thing: Locator,
): Promise<{ x: number; y: number; width: number; height: number }> {
  let before = '';
  for (let look = 0; look < LOOKS; look++) {
    const box = await thing.boundingBox();
    const now = JSON.stringify(box);
    if (box && now === before) return box;
    before = now;
    await thing.page().waitForTimeout(LOOK_AGAIN_MS);
  }
  throw new Error(`It did not come to rest: ${before}`);
}
