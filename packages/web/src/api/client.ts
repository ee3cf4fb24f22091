import { language } from '../words/learned.js';
import { tell } from '../words/tell.js';
import type {
  AnswerTo,
  PayloadTo,
  SpokenRead,
  SpokenWrite,
  Standing,
  WrittenTo,
} from '@furrow/core';
import { v4 as uuid } from 'uuid';
import { heardFromHouse, missedHouse, readMs, useLetIn } from './away.js';

/** Answers that say nothing of what was asked: not let in, too slow, too early, too many. */
const NOT_YET = new Set([401, 403, 408, 425, 429]);

/** A refusal of the server in its own words, with the field it is about. */
export class Refused extends Error {
  constructor(
    readonly status: number,
    readonly code: string,
    message: string,
    readonly path: string | null,
    /** What stands in the house, where somebody else said something else of the same. */
    readonly stands: Standing | null = null,
  ) {
    super(message);
  }
  /**
   * The house read it and said no: it is not written, and will not be. Anything else may come right
   * by itself: a line that broke, a proxy between, a server that is busy, a phone not let in yet.
   */
  get isFinal(): boolean {
    return this.status >= 400 && this.status < 500 && !NOT_YET.has(this.status);
  }
  /** The field of the payload, without the envelope. */
  get field(): string | null {
    return this.path?.replace(/^payload\.?/, '') ?? null;
  }
}

export const newId = (): string => uuid();

/** This browser's own name, made once. */
export function ownDevice(): string {
  const known = localStorage.getItem('furrow.device');
  if (known) return known;
  const made = `browser-${uuid().slice(0, 8)}`;
  localStorage.setItem('furrow.device', made);
  return made;
}

/**
 * The server's clock as last heard: its instant, when this device heard it, and how fast it runs (1
 * but in rehearsals).
 */
const OFFSET_KEY = 'furrow.clockOffset';
/** Whether that clock was set by hand, as last heard: a page that begins anew blames no device. */
const SET_KEY = 'furrow.clockIsSet';
/** By how much the house's clock was ahead of this device's when it was last heard, ms. */
const offsetMs = (): number => Number(localStorage.getItem(OFFSET_KEY)) || 0;
let heardClock = {
  serverMs: Date.now() + offsetMs(),
  deviceMs: Date.now(),
  speed: 1,
  set: localStorage.getItem(SET_KEY) === 'yes',
};
const heard = new Set<() => void>();
const reckoned = (): number =>
  heardClock.serverMs + (Date.now() - heardClock.deviceMs) * heardClock.speed;
/**
 * A clock that was heard a little late does not set the time back: what is written stays in order.
 */
const LATE_MS = 60_000;
export function setServerNow(now: string, speed = 1, set = false): void {
  const [told, running] = [Date.parse(now), reckoned()];
  heardClock = {
    serverMs: running > told && running - told < LATE_MS * speed ? running : told,
    deviceMs: Date.now(),
    speed,
    set,
  };
  // A page that begins out of reach goes by what was heard before; a clock that runs fast is no
  // guide.
  if (speed === 1) localStorage.setItem(OFFSET_KEY, String(told - Date.now()));
  localStorage.setItem(SET_KEY, set ? 'yes' : 'no');
  for (const listener of heard) listener();
}
/** Tells when the server's time was heard; gives back how to stop telling. */
export function onServerNow(listener: () => void): () => void {
  heard.add(listener);
  return () => heard.delete(listener);
}
export const serverNow = (): Date => new Date(reckoned());
export const serverSpeed = (): number => heardClock.speed;
/**
 * A server whose clock was set by hand for a rehearsal may be days away from this device: that is
 * no fault of the device.
 */
const REHEARSAL_MINUTES = 2 * 24 * 60;
/**
 * Minutes by which this device's own clock is ahead of the server's; records go by the server's.
 */
export function deviceAheadMinutes(): number {
  const minutes = Math.round((Date.now() - reckoned()) / 60_000);
  return heardClock.speed > 1 || (heardClock.set && Math.abs(minutes) > REHEARSAL_MINUTES)
    ? 0
    : minutes;
}

async function answer<T>(response: Response): Promise<T> {
  if (response.ok) {
    useLetIn().value = true;
    return (await response.json()) as T;
  }
  const problem = (await response.json().catch(() => null)) as {
    code?: string;
    detail?: string;
    path?: string;
    stands?: Standing;
  } | null;
  if (problem?.code === 'not-paired') useLetIn().value = false;
  throw new Refused(
    response.status,
    problem?.code ?? 'unexpected',
    problem?.detail ?? tell('client.server-did-not-answer-as'),
    problem?.path ?? null,
    problem?.stands ?? null,
  );
}

async function reach(path: string, init?: RequestInit): Promise<Response> {
  try {
    const headers = {
      ...init?.headers,
      'Accept-Language': language,
      // Every saying is said here, by its key.
      'x-furrow-says': 'keys',
    };
    const response = await fetch(`/api/v1${path}`, { ...init, headers });
    heardFromHouse();
    return response;
  } catch {
    void missedHouse();
    throw new Refused(0, 'no-connection', tell('client.furrow-cannot-be-reached-from'), null);
  }
}

/** Reads what stands at a path of the interface: the answer is the one the interface tells of it. */
export async function read<Said extends SpokenRead>(path: Said): Promise<AnswerTo<Said>> {
  const signal = AbortSignal.timeout(readMs());
  return answer<AnswerTo<Said>>(await reach(path, { signal }));
}

/**
 * Sends a picture as it is, its command in a header; `commandId` may be sent again without storing
 * twice. Takes the id it is kept under.
 */
export async function sendPhoto(
  file: Blob,
  photoId: string,
  { commandId, occurredAt }: { commandId: string; occurredAt: string },
): Promise<void> {
  const command = { id: commandId, device: ownDevice(), occurredAt, photoId };
  await answer(
    await reach('/photos', {
      method: 'POST',
      headers: {
        'Content-Type': file.type || 'application/octet-stream',
        'x-furrow-command': encodeURIComponent(JSON.stringify(command)),
      },
      body: file,
    }),
  );
}

/**
 * Asks for something that is no entry of the household: an archive out or in. The body goes as it
 * is.
 */
export async function ask<T>(path: string, body?: Blob | object): Promise<T> {
  const blob = body instanceof Blob;
  return answer<T>(
    await reach(path, {
      method: 'POST',
      headers: { 'Content-Type': blob ? 'application/zip' : 'application/json' },
      body: blob ? body : JSON.stringify(body ?? {}),
    }),
  );
}

export interface SendOptions {
  method?: 'POST' | 'PATCH';
  baseRevision?: number;
  occurredAt?: string;
  commandId?: string;
  /** What this device's own clock said then; now where it is not said. */
  deviceAt?: string;
  /** Said after being asked: it is another one than what somebody else wrote just now. */
  again?: boolean;
}

/** Sends one command; the same `commandId` may be sent again without writing twice. */
export async function send<Said extends SpokenWrite>(
  path: Said,
  payload: PayloadTo<Said>,
  options: SendOptions = {},
): Promise<WrittenTo<Said>> {
  const body = {
    id: options.commandId ?? uuid(),
    device: ownDevice(),
    occurredAt: options.occurredAt ?? serverNow().toISOString(),
    deviceAt: options.deviceAt ?? new Date().toISOString(),
    ...(options.baseRevision ? { baseRevision: options.baseRevision } : {}),
    ...(options.again ? { again: true } : {}),
    payload,
  };
  return answer<WrittenTo<Said>>(
    await reach(path, {
      method: options.method ?? 'POST',
      headers: { 'Content-Type': 'application/json' },
      body: JSON.stringify(body),
    }),
  );
}
