import { spawn, type ChildProcess } from 'node:child_process';
import { cpSync, mkdtempSync, rmSync } from 'node:fs';
import { createServer } from 'node:net';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { createInterface } from 'node:readline';
import { fileURLToPath } from 'node:url';
import { Api } from './api.js';
import { demoFolder } from './demoFolder.js';

const MAIN = fileURLToPath(new URL('../packages/server/dist/main.js', import.meta.url));
/** Another address of this machine: the door of the house, while a test opens it. */
const HOUSE_HOST = '127.0.0.2';
const START_WITHIN_MS = 60_000;

/** A port that nobody listens on at an address of this machine. */
function freePort(host: string): Promise<number> {
  return new Promise((found, failed) => {
    const probe = createServer();
    probe.on('error', failed);
    probe.listen(0, host, () => {
      const address = probe.address();
      probe.close(() =>
        address && typeof address === 'object'
          ? found(address.port)
          : failed(new Error('No free port')),
      );
    });
  });
}

/** The address a server says it is at, as it starts: no other server can answer for it. */
function addressSaid(child: ChildProcess): Promise<string> {
  return new Promise((said, failed) => {
    const { stdout } = child;
    if (!stdout) return failed(new Error('The server’s words are not heard'));
    const tooLate = setTimeout(
      () => failed(new Error('The server did not start.')),
      START_WITHIN_MS,
    );
    child.once('exit', (code) => failed(new Error(`The server ended with ${code} as it started`)));
    createInterface({ input: stdout }).on('line', (line) => {
      const address = /^Furrow is at (http:\S+)/.exec(line)?.[1];
      if (!address) return;
      clearTimeout(tooLate);
      said(address);
    });
  });
}

/**
 * A built server of a test's own, on a fresh data folder: with a clock that may run fast, and that
 * can be stopped and started again. It takes a free port and keeps it.
 */
export class OwnServer extends Api {
  private child: ChildProcess | null = null;
  private port = 0;
  private sharePort = 0;
  private readonly data = mkdtempSync(join(tmpdir(), 'furrow-own-'));
  constructor(private now: string) {
    super('http://127.0.0.1:0');
  }
  /** Starts it on what its folder holds: an empty household the first time. */
  async start(): Promise<void> {
    this.sharePort ||= await freePort(HOUSE_HOST);
    this.child = spawn(process.execPath, [MAIN], {
      stdio: ['ignore', 'pipe', 'ignore'],
      env: {
        ...process.env,
        FURROW_PORT: String(this.port),
        FURROW_SHARE_PORT: String(this.sharePort),
        FURROW_SHARE_HOST: HOUSE_HOST,
        FURROW_DATA: this.data,
        FURROW_NOW: this.now,
      },
    });
    const address = await addressSaid(this.child);
    this.port = Number(new URL(address).port);
    this.speakTo(address);
  }
  /** Starts it on the demo household, as it stands at the instant its clock begins. */
  async startDemo(): Promise<void> {
    cpSync(await demoFolder(this.now), this.data, { recursive: true });
    await this.start();
  }
  /**
   * The same household at another time: the server is stopped and started with its clock set there.
   */
  async jump(now: string): Promise<void> {
    this.now = now;
    await this.stop();
    await this.start();
  }
  async stop(): Promise<void> {
    const { child } = this;
    if (!child) return;
    const gone = new Promise((done) => child.once('exit', done));
    child.kill('SIGTERM');
    await gone;
    this.child = null;
  }
  async end(): Promise<void> {
    await this.stop();
    rmSync(this.data, { recursive: true, force: true });
  }
}
