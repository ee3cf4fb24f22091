/**
 * Several screens at once, measured: how long until what one writes stands on the others. Asserts
 * nothing.
 */
import { existsSync } from 'node:fs';
import { chromium, type Page } from '@playwright/test';

const WRITES = 20;
const PAUSE_MS = 1500;

/** Writes a new name for a hive, as any screen may; gives the instant at which it was sent. */
async function rename(base: string, hiveId: string, name: string): Promise<number> {
  const sentAt = performance.now();
  await fetch(`${base}/hives/${hiveId}`, {
    method: 'PATCH',
    headers: { 'Content-Type': 'application/json' },
    body: JSON.stringify({
      id: crypto.randomUUID(),
      device: 'bench',
      occurredAt: new Date().toISOString(),
      payload: { name },
    }),
  });
  return sentAt;
}

/** When a screen shows the name as its heading. */
async function shown(page: Page, name: string): Promise<number> {
  await page.waitForFunction(
    `document.querySelector('h1')?.textContent.trim() === '${name}'`,
    undefined,
    { polling: 'raf' },
  );
  return performance.now();
}

/** Three screens, each its own browser window, look at one hive while its name is changed. */
export async function benchScreens(origin: string, hiveId: string, name: string): Promise<void> {
  const executablePath = process.env.FURROW_CHROMIUM ?? '/usr/bin/chromium';
  if (!existsSync(executablePath))
    return console.log('No Chromium here: several screens were not measured.');
  const browser = await chromium.launch({
    executablePath,
    args: ['--no-sandbox', '--disable-gpu'],
  });
  const pages = await Promise.all(
    [1280, 390, 390].map(async (width) =>
      // What waits in the page is text: the page's own policy would not run it.
      (await browser.newContext({ viewport: { width, height: 800 }, bypassCSP: true })).newPage(),
    ),
  );
  for (const page of pages) {
    await page.goto(`${origin}/look/${hiveId}`);
    await shown(page, name);
  }
  const times: number[] = [];
  for (let i = 0; i <= WRITES; i++) {
    const next = i < WRITES ? `${name} ${i}` : name;
    const seen = Promise.all(pages.map((page) => shown(page, next)));
    const sentAt = await rename(`${origin}/api/v1`, hiveId, next);
    times.push(Math.max(...(await seen)) - sentAt);
    // A household does not write line upon line.
    await new Promise((done) => setTimeout(done, PAUSE_MS));
  }
  await browser.close();
  times.sort((a, b) => a - b);
  const at = (share: number): string => times[Math.floor(share * (times.length - 1))].toFixed(0);
  console.log(
    `${'a write until it stands on the last of three screens'.padEnd(52)} median ${at(0.5)} ms, worst ${at(1)} ms`,
  );
}
