#!/usr/bin/env node
// The one entry of Furrow. Plain Node, no dependency: it installs what the rest needs.
import { spawn, spawnSync } from 'node:child_process';
import { createHash } from 'node:crypto';
import {
  existsSync,
  mkdirSync,
  readFileSync,
  readdirSync,
  rmSync,
  statSync,
  writeFileSync,
} from 'node:fs';
import { dirname, join } from 'node:path';
import { fileURLToPath } from 'node:url';

const root = dirname(fileURLToPath(import.meta.url));
const state = join(root, '.furrow');
const [command = 'help', ...args] = process.argv.slice(2);

const HELP = `Furrow, for beekeepers who harvest by hand

  node furrow.mjs demo             install, build and start with the demo household
  node furrow.mjs start            the same with your own, empty household (folder data/)
  node furrow.mjs share            the same, and open to paired phones in the house
  node furrow.mjs pair [--helper]  a code that lets one phone in; Furrow must run
  node furrow.mjs dev              server and web with reload, for building Furrow
  node furrow.mjs test [--long]    all tests, the browser's included; with the slow statistics whole
  node furrow.mjs calc NAME        one computation, JSON in and out (--list, --schema NAME)
  node furrow.mjs backup FILE      a copy of the database, also while it runs
  node furrow.mjs restore FILE     prove a backup and put it in place, also while it runs (--yes)
  node furrow.mjs restore --before bring back what the last restore replaced
  node furrow.mjs attack [N] [SEED] made-up requests against a household of its own (10000)
  node furrow.mjs kill [N]         kill the server N times while it writes (100)
  node furrow.mjs soak [MINUTES]   work a server for long, watch memory and open files (120)
  node furrow.mjs bench            timings of calculators and server
  node furrow.mjs health [--files] how the source reads, counted
  node furrow.mjs shots            take the pictures of docs/screenshots

  FURROW_PORT (4477)  FURROW_HOST (127.0.0.1)  FURROW_DATA (data/)  FURROW_NOW  FURROW_SEED
  FURROW_SHARE_PORT (4478)  FURROW_BEHIND_PROXY  its address, where a proxy of your own encrypts
  FURROW_COPIES  a second folder for the daily copies, on another disk`;

function run(program, argv, options = {}) {
  const { status, error } = spawnSync(program, argv, { cwd: root, stdio: 'inherit', ...options });
  if (error) throw error;
  if (status !== 0) process.exit(status ?? 1);
}

/** Newest change under the given files and folders, so that a step runs again only when it must. */
function newest(paths) {
  let latest = 0;
  for (const path of paths) {
    const full = join(root, path);
    if (!existsSync(full)) continue;
    const info = statSync(full);
    if (!info.isDirectory()) latest = Math.max(latest, info.mtimeMs);
    else
      for (const name of readdirSync(full))
        if (!['node_modules', 'dist'].includes(name))
          latest = Math.max(latest, newest([join(path, name)]));
  }
  return latest;
}

/** Runs a step unless its stamp says it was done for this very state. */
function once(name, stamp, work) {
  const file = join(state, name);
  if (existsSync(file) && readFileSync(file, 'utf8') === stamp) return;
  work();
  mkdirSync(state, { recursive: true });
  writeFileSync(file, stamp);
}

function install() {
  const stamp =
    createHash('sha256')
      .update(readFileSync(join(root, 'package-lock.json')))
      .digest('hex') + existsSync(join(root, 'node_modules'));
  once('installed', stamp.replace(/false$/, 'true'), () => {
    console.log('Installing packages …');
    run('npm', ['ci', '--no-audit', '--no-fund', '--loglevel=error']);
  });
  if (!existsSync(join(root, 'node_modules'))) {
    rmSync(join(state, 'installed'), { force: true });
    install();
  }
}

function build() {
  install();
  const stamp = String(newest(['packages', 'package-lock.json']));
  if (
    !existsSync(join(root, 'packages/server/dist/main.js')) ||
    !existsSync(join(root, 'packages/web/dist/index.html'))
  )
    rmSync(join(state, 'built'), { force: true });
  once('built', stamp, () => {
    console.log('Building …');
    run('npm', ['run', 'build', '--silent']);
  });
}

const ENDED_BY_DAMAGE = `
Furrow stopped: something in the household's file is damaged and cannot be read. Nothing was written.
Start it again: it looks the whole file through first and names the newest copy to bring back.`;

function serve(extra, env = {}) {
  const child = spawn(
    process.execPath,
    ['--enable-source-maps', join(root, 'packages/server/dist/main.js'), ...extra],
    { cwd: root, stdio: 'inherit', env: { ...process.env, ...env } },
  );
  for (const signal of ['SIGINT', 'SIGTERM']) process.on(signal, () => child.kill(signal));
  child.on('exit', (code, signal) => {
    // The database's driver ends the process where a byte of a text is damaged: it cannot say no.
    if (signal === 'SIGABRT') console.error(ENDED_BY_DAMAGE);
    process.exit(code ?? (signal === 'SIGABRT' ? 1 : 0));
  });
}

/** Debian's Chromium for the browser tests; installed here when it is missing and may be. */
function browser() {
  const path = process.env.FURROW_CHROMIUM ?? '/usr/bin/chromium';
  if (existsSync(path)) return path;
  if (existsSync('/usr/bin/apt-get') && process.getuid?.() === 0) {
    console.log('Installing Chromium …');
    run('apt-get', ['update', '-qq']);
    run('apt-get', ['install', '-y', '-qq', 'chromium'], {
      stdio: ['ignore', 'ignore', 'inherit'],
    });
    return path;
  }
  console.error('The browser tests need Chromium: install it, or set FURROW_CHROMIUM to its path.');
  return process.exit(1);
}

async function calc() {
  const bundle = join(state, 'calc.mjs');
  const stamp = String(
    newest(['packages/core/src', 'packages/words/src', 'packages/server/src/calc']),
  );
  if (!existsSync(bundle)) rmSync(join(state, 'calc'), { force: true });
  if (!existsSync(join(root, 'node_modules/esbuild')))
    run('npm', ['ci', '--no-audit', '--no-fund', '--loglevel=error'], {
      stdio: ['ignore', 'ignore', 'inherit'],
    });
  once('calc', stamp, () => {
    const esbuild = join(root, 'node_modules/.bin/esbuild');
    run(
      esbuild,
      [
        'packages/server/src/calc/main.ts',
        '--bundle',
        '--platform=node',
        '--format=esm',
        '--target=node20',
        '--minify',
        '--log-level=error',
        '--alias:@furrow/core=./packages/core/src/calculatorsOnly.ts',
        `--outfile=${bundle}`,
      ],
      { stdio: ['ignore', 'ignore', 'inherit'] },
    );
  });
  process.argv.splice(2, 1);
  await import(bundle);
}

const commands = {
  help: () => console.log(HELP),
  demo: () => {
    build();
    serve(['--demo'], { FURROW_DATA: process.env.FURROW_DATA ?? join(root, 'data', 'demo') });
  },
  start: () => {
    build();
    serve([]);
  },
  share: () => {
    build();
    serve(['--share']);
  },
  pair: () => {
    build();
    run(process.execPath, [join(root, 'packages/server/dist/tools.js'), 'pair', ...args]);
  },
  dev: () => {
    install();
    const server = spawn(
      'npm',
      ['run', 'dev', '-w', '@furrow/server', '--silent', '--', '--demo'],
      {
        cwd: root,
        stdio: 'inherit',
        env: { ...process.env, FURROW_DATA: process.env.FURROW_DATA ?? join(root, 'data', 'demo') },
      },
    );
    const web = spawn('npm', ['run', 'dev', '-w', '@furrow/web', '--silent'], {
      cwd: root,
      stdio: 'inherit',
    });
    for (const child of [server, web]) child.on('exit', () => process.exit());
  },
  test: () => {
    build();
    const chromium = browser();
    const long = args.includes('--long');
    const files = args.filter((arg) => arg !== '--long');
    run('npx', ['vitest', 'run'], { env: { ...process.env, FURROW_LONG: long ? 'yes' : '' } });
    run('npx', ['playwright', 'test', '-c', 'e2e/playwright.config.ts', ...files], {
      env: { ...process.env, FURROW_CHROMIUM: chromium },
    });
  },
  calc,
  backup: () => {
    build();
    run(process.execPath, [join(root, 'packages/server/dist/tools.js'), 'backup', ...args]);
  },
  restore: () => {
    build();
    run(process.execPath, [join(root, 'packages/server/dist/tools.js'), 'restore', ...args]);
  },
  attack: () => {
    build();
    run('npx', ['tsx', 'scripts/attack.ts', ...args]);
  },
  kill: () => {
    build();
    run('npx', ['vitest', 'run', 'packages/server/src/kill.test.ts'], {
      env: { ...process.env, FURROW_KILLS: args[0] ?? '100' },
    });
  },
  soak: () => {
    build();
    run('npx', ['tsx', 'scripts/soak.ts', ...args]);
  },
  bench: () => {
    build();
    // As the built server: rows are trusted, not held against their schema.
    run('npx', ['tsx', 'scripts/bench.ts'], {
      env: { ...process.env, NODE_ENV: 'production' },
    });
  },
  health: () => {
    install();
    run('npx', ['tsx', 'scripts/health.ts', ...args]);
  },
  shots: () => {
    build();
    run('npx', ['playwright', 'test', '-c', 'e2e/shots/playwright.config.ts'], {
      env: { ...process.env, FURROW_CHROMIUM: browser() },
    });
  },
};

if (!commands[command]) {
  console.error(`There is no command "${command}".\n\n${HELP}`);
  process.exit(2);
}
await commands[command]();
