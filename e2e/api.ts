import { randomUUID } from 'node:crypto';

/** A server spoken to as any client does, to set a scene up before the browser begins. */
export class Api {
  constructor(readonly base: string) {}
  async get<T>(path: string): Promise<T> {
    return (await (await fetch(`${this.base}/api/v1${path}`)).json()) as T;
  }
  /** Writes as any client does; `at` is the server's own time where it is not given. */
  post<T>(path: string, payload: unknown, at?: string): Promise<T> {
    return this.write<T>('POST', path, payload, at);
  }
  patch<T>(path: string, payload: unknown): Promise<T> {
    return this.write<T>('PATCH', path, payload);
  }
  private async write<T>(method: string, path: string, payload: unknown, at?: string): Promise<T> {
    const occurredAt = at ?? (await this.get<{ now: string }>('/clocks')).now;
    const response = await fetch(`${this.base}/api/v1${path}`, {
      method,
      headers: { 'Content-Type': 'application/json' },
      body: JSON.stringify({ id: randomUUID(), device: 'test', occurredAt, payload }),
    });
    if (!response.ok) throw new Error(`${path}: ${await response.text()}`);
    return (await response.json()) as T;
  }
  /** A harvest chosen and planned, so that a test can begin at the hive. */
  async harvest(
    hiveName: string,
    slots: readonly number[],
    method: string,
    at?: string,
  ): Promise<{ batchId: string; combIds: string[] }> {
    const { items } = await this.get<{
      items: { id: string; name: string; bars: { slot: number; comb: { id: string } | null }[] }[];
    }>('/hives');
    const hive = items.find((h) => h.name === hiveName)!;
    const combIds = slots.map((slot) => hive.bars.find((b) => b.slot === slot)!.comb!.id);
    const batchId = randomUUID();
    await this.post(
      '/harvests',
      {
        visitId: randomUUID(),
        batchId,
        hiveId: hive.id,
        method,
        combIds,
        anyway: combIds.map((combId) => ({ combId, reason: 'Chosen for a rehearsal' })),
      },
      at,
    );
    await this.post(
      `/harvests/${batchId}/plan`,
      { startLocal: '2026-03-14T09:00', kitchenTemperatureC: 26, moisturePercent: 17.9 },
      at,
    );
    return { batchId, combIds };
  }
}
