import { spawn, type ChildProcess } from 'node:child_process';
import { mkdtempSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { randomUUID } from 'node:crypto';
import { fileURLToPath } from 'node:url';

/** A built server of a test's own, on a fresh data folder: with a clock that may run fast, and that can be stopped and started again. */
export class OwnServer {
  readonly base: string;
  private child: ChildProcess | null = null;
  private readonly data = mkdtempSync(join(tmpdir(), 'furrow-own-'));
  constructor(
    private readonly port: number,
    private readonly now: string,
  ) {
    this.base = `http://127.0.0.1:${port}`;
  }
  async start(...args: string[]): Promise<void> {
    this.child = spawn(process.execPath, [fileURLToPath(new URL('../packages/server/dist/main.js', import.meta.url)), ...args], { stdio: 'ignore', env: { ...process.env, FURROW_PORT: String(this.port), FURROW_DATA: this.data, FURROW_NOW: this.now } });
    for (let i = 0; i < 240; i++) {
      if (await fetch(`${this.base}/api/v1/health`).then((r) => r.ok, () => false)) return;
      await new Promise((done) => setTimeout(done, 250));
    }
    throw new Error('The server did not start.');
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
  async get<T>(path: string): Promise<T> {
    return (await (await fetch(`${this.base}/api/v1${path}`)).json()) as T;
  }
  /** Writes as any client does; `at` is the server's own time where it is not given. */
  async post<T>(path: string, payload: unknown, at?: string): Promise<T> {
    const occurredAt = at ?? (await this.get<{ now: string }>('/clocks')).now;
    const response = await fetch(`${this.base}/api/v1${path}`, { method: 'POST', headers: { 'Content-Type': 'application/json' }, body: JSON.stringify({ id: randomUUID(), device: 'test', occurredAt, payload }) });
    if (!response.ok) throw new Error(`${path}: ${await response.text()}`);
    return (await response.json()) as T;
  }
  /** A harvest chosen and planned, so that a test can begin at the hive. */
  async harvest(hiveName: string, slots: readonly number[], method: string): Promise<{ batchId: string; combIds: string[] }> {
    const { items } = await this.get<{ items: { id: string; name: string; bars: { slot: number; comb: { id: string } | null }[] }[] }>('/hives');
    const hive = items.find((h) => h.name === hiveName)!;
    const combIds = slots.map((slot) => hive.bars.find((b) => b.slot === slot)!.comb!.id);
    const batchId = randomUUID();
    await this.post('/harvests', { visitId: randomUUID(), batchId, hiveId: hive.id, method, combIds, anyway: combIds.map((combId) => ({ combId, reason: 'Chosen for a rehearsal' })) });
    await this.post(`/harvests/${batchId}/plan`, { startLocal: '2026-03-14T09:00', kitchenTemperatureC: 26, moisturePercent: 17.9 });
    return { batchId, combIds };
  }
}
