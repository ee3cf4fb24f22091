import { randomUUID } from 'node:crypto';
import createClient, { type Client } from 'openapi-fetch';
import type { paths } from './generated/interface.js';

type Path = keyof paths;
/** A path as it is spoken of, without where the interface stands. */
type Short<P> = P extends `/api/v1${infer S}` ? S : never;
type Full<S extends string> = `/api/v1${S}` & Path;
type Told<P extends Path> = paths[P] extends {
  get: { responses: { 200: { content: { 'application/json': infer T } } } };
}
  ? T
  : never;
/** Reads whose answer is described, and what they answer with. */
type Reads = { [P in Path]: [Told<P>] extends [never] ? never : Short<P> }[Path];
export type Answer<S extends Reads> = Told<Full<S>>;
type Payload<P extends Path> = paths[P] extends {
  post: { requestBody: { content: { 'application/json': { payload: infer T } } } };
}
  ? T
  : never;
/** Writes that are described, as commands with a payload. */
type Writes = { [P in Path]: [Payload<P>] extends [never] ? never : Short<P> }[Path];

type Change<P extends Path> = paths[P] extends {
  patch: { requestBody: { content: { 'application/json': { payload: infer T } } } };
}
  ? T
  : never;
type Changes = { [P in Path]: [Change<P>] extends [never] ? never : Short<P> }[Path];
/** What a write is said with. */
export type PayloadOf<S extends Writes> = Payload<Full<S>>;

/** When something is said to have happened, and what fills the place in the path. */
interface Said {
  at?: string;
  id?: string;
}

/** A server spoken to by the client made from its own description, to set a scene up beforehand. */
export class Api {
  private client: Client<paths>;
  constructor(
    public base: string,
    private readonly device = 'test',
  ) {
    this.client = createClient<paths>({ baseUrl: base });
  }
  /** Speaks to a server at another address from now on. */
  protected speakTo(base: string): void {
    this.base = base;
    this.client = createClient<paths>({ baseUrl: base });
  }
  /** What the server answers to a read; `id` fills the place in its path. */
  async read<S extends Reads>(path: S, id = ''): Promise<Answer<S>> {
    const { data, error } = await this.client.GET(
      `/api/v1${path}` as never,
      { params: { path: { id } } } as never,
    );
    if (error !== undefined) throw new Error(`${path}: ${JSON.stringify(error)}`);
    return data as Answer<S>;
  }
  /** Writes as any client does, by the server's own time; `id` fills the place in its path. */
  post<S extends Writes>(path: S, payload: Payload<Full<S>>, said: Said = {}): Promise<unknown> {
    return this.send('POST', path, payload, said);
  }
  /** Changes as any client makes them. */
  patch<S extends Changes>(path: S, id: string, payload: Change<Full<S>>): Promise<unknown> {
    return this.send('PATCH', path, payload, { id });
  }
  private async send(
    method: 'POST' | 'PATCH',
    path: string,
    payload: unknown,
    { at, id = '' }: Said,
  ): Promise<unknown> {
    const occurredAt = at ?? (await this.read('/clocks')).now;
    const said = {
      params: { path: { id } },
      body: { id: randomUUID(), device: this.device, occurredAt, payload },
    };
    const full = `/api/v1${path}`;
    const { data, error } =
      method === 'POST'
        ? await this.client.POST(full as never, said as never)
        : await this.client.PATCH(full as never, said as never);
    if (error !== undefined) throw new Error(`${path}: ${JSON.stringify(error)}`);
    return data;
  }
  /** A harvest chosen and planned, so that a test can begin at the hive. */
  async harvest(
    hiveName: string,
    slots: readonly number[],
    method: Payload<'/api/v1/harvests'>['method'],
    at?: string,
  ): Promise<{ batchId: string; combIds: string[] }> {
    const { items } = await this.read('/hives');
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
      { at },
    );
    await this.post(
      '/harvests/{id}/plan',
      { startLocal: '2026-03-14T09:00', kitchenTemperatureC: 26, moisturePercent: 17.9 },
      { at, id: batchId },
    );
    return { batchId, combIds };
  }
}
