/**
 * The first load of each stage on a phone with a poor line and a slow processor: bytes of script
 * until the stage is usable, and the time, from nothing and once more. Asserts nothing.
 */
import { existsSync } from 'node:fs';
import { gzipSync } from 'node:zlib';
import { chromium, type Browser, type Page } from '@playwright/test';

const STAGES = ['/', '/look', '/choose', '/ready', '/take', '/drain', '/cut', '/jar', '/book'];
const RUNS = 3;
/** 1.6 Mb/s down, 0.75 up, 150 ms there and back; four times slower than this machine. */
const LINE = { offline: false, latency: 150, downloadThroughput: 2e5, uploadThroughput: 94e3 };
const SLOWER = 4;
/** What is usable is not busy any more and says what it is. */
const USABLE = `!document.querySelector('[aria-busy=true]') && !!document.querySelector('main h1')`;

/** Opens a page as it comes; gives the seconds until it is usable. */
async function secondsTo(page: Page, url: string): Promise<number> {
  const start = performance.now();
  await page.goto(url, { waitUntil: 'commit', timeout: 60_000 });
  await page.waitForFunction(USABLE, undefined, { timeout: 60_000 });
  return (performance.now() - start) / 1000;
}

interface Load {
  scriptKb: number;
  coldS: number;
  warmS: number;
}

/** One first visit, and a second one with what the browser kept. */
async function visit(browser: Browser, url: string): Promise<Load> {
  const context = await browser.newContext({
    viewport: { width: 390, height: 844 },
    serviceWorkers: 'block',
    bypassCSP: true,
  });
  const page = await context.newPage();
  const line = await context.newCDPSession(page);
  await line.send('Network.enable');
  await line.send('Network.emulateNetworkConditions', LINE);
  await line.send('Emulation.setCPUThrottlingRate', { rate: SLOWER });
  const bodies: Promise<Buffer>[] = [];
  const count = (response: { url: () => string; body: () => Promise<Buffer> }): void => {
    if (response.url().endsWith('.js')) bodies.push(response.body());
  };
  page.on('response', count);
  const coldS = await secondsTo(page, url);
  page.off('response', count);
  const scripts = await Promise.all(bodies.map((body) => body.catch(() => Buffer.alloc(0))));
  const scriptKb = scripts.reduce((sum, text) => sum + gzipSync(text).length, 0) / 1000;
  const warmS = await secondsTo(page, url);
  await context.close();
  return { scriptKb, coldS, warmS };
}

const middle = (values: number[]): number =>
  [...values].sort((a, b) => a - b)[Math.floor(values.length / 2)];

/** Takes where the server answers. */
export async function benchLoad(origin: string): Promise<void> {
  const executablePath = process.env.FURROW_CHROMIUM ?? '/usr/bin/chromium';
  if (!existsSync(executablePath))
    return console.log('No Chromium here: the first load was not measured.');
  const browser = await chromium.launch({
    executablePath,
    args: ['--no-sandbox', '--disable-gpu'],
  });
  for (const stage of STAGES) {
    const loads: Load[] = [];
    for (let i = 0; i < RUNS; i++) loads.push(await visit(browser, origin + stage));
    const [kb, cold, warm] = (['scriptKb', 'coldS', 'warmS'] as const).map((what) =>
      middle(loads.map((load) => load[what])),
    );
    const said = `${kb.toFixed(0)} kB of script, cold ${cold.toFixed(1)} s, warm ${warm.toFixed(1)} s`;
    console.log(`${`first load of ${stage}`.padEnd(52)} ${said}`);
  }
  await browser.close();
}
