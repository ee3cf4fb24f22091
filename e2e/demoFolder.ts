import { spawn } from 'node:child_process';
import { existsSync, mkdirSync, writeFileSync } from 'node:fs';
import { join } from 'node:path';
import { createInterface } from 'node:readline';
import { fileURLToPath } from 'node:url';

const MAIN = fileURLToPath(new URL('../packages/server/dist/main.js', import.meta.url));
const WAIT_MS = 200;

/**
 * The folder of a demo household as it stands at an instant. It is made once for the whole run, by
 * the first test that asks, in the folder that `demoRun.ts` made; every server starts on a copy.
 */
export async function demoFolder(now: string): Promise<string> {
  const run = process.env.FURROW_DEMOS;
  if (!run) throw new Error('Run by a configuration whose globalSetup is demoRun.ts');
  const folder = join(run, now.replaceAll(/\W/g, '-'));
  const ready = `${folder}.ready`;
  if (isFirst(folder)) {
    await seed(folder, now);
    writeFileSync(ready, '');
  }
  while (!existsSync(ready)) await new Promise((done) => setTimeout(done, WAIT_MS));
  return folder;
}

/** Only one of all who ask can make a folder. */
function isFirst(folder: string): boolean {
  try {
    mkdirSync(folder);
    return true;
  } catch {
    return false;
  }
}

/** Starts a server that makes the demo household, and stops it as soon as it is there. */
async function seed(folder: string, now: string): Promise<void> {
  const child = spawn(process.execPath, [MAIN, '--demo'], {
    stdio: ['ignore', 'pipe', 'inherit'],
    env: { ...process.env, FURROW_PORT: '0', FURROW_DATA: folder, FURROW_NOW: now },
  });
  createInterface({ input: child.stdout }).on('line', (line) => {
    if (line.startsWith('Furrow is at')) child.kill('SIGTERM');
  });
  const code = await new Promise((done) => child.once('exit', done));
  if (code !== 0) throw new Error(`The demo household was not made: it ended with ${code}`);
}
