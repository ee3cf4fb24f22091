import { spawn, type ChildProcess } from 'node:child_process';
import { mkdtempSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { fileURLToPath } from 'node:url';
import { Api } from './api.js';

/**
 * A built server of a test's own, on a fresh data folder: with a clock that may run fast, and that
 * can be stopped and started again.
 */
export class OwnServer extends Api {
  private child: ChildProcess | null = null;
  private readonly data = mkdtempSync(join(tmpdir(), 'furrow-own-'));
  constructor(
    private readonly port: number,
    private now: string,
  ) {
    super(`http://127.0.0.1:${port}`);
  }
  async start(...args: string[]): Promise<void> {
    this.child = spawn(
      process.execPath,
      [fileURLToPath(new URL('../packages/server/dist/main.js', import.meta.url)), ...args],
      {
        stdio: 'ignore',
        env: {
          ...process.env,
          FURROW_PORT: String(this.port),
          // The door of the house, while a test opens it: this machine, by another of its
          // addresses.
          FURROW_SHARE_PORT: String(this.port + 200),
          FURROW_SHARE_HOST: '127.0.0.2',
          FURROW_DATA: this.data,
          FURROW_NOW: this.now,
        },
      },
    );
    for (let i = 0; i < 240; i++) {
      if (
        await fetch(`${this.base}/api/v1/health`).then(
          (r) => r.ok,
          () => false,
        )
      )
        return;
      await new Promise((done) => setTimeout(done, 250));
    }
    throw new Error('The server did not start.');
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
