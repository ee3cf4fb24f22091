import {
  keptPathOf,
  methodOfKept,
  type KeptPath,
  type StepMark,
  type WaitingEntry,
} from '@furrow/core';
import { computed, shallowRef, watch } from 'vue';
import { useAwaySince } from './away.js';
import { Refused, newId, send, sendPhoto, serverNow } from './client.js';
import { deviceStore } from './deviceStore.js';
import type { OutboxEntry, WaitingPicture } from './outboxEntry.js';

type Written = typeof import('./written.js');
const written = shallowRef<Written | null>(null);
/** What shows entries as the house will write them; null until it is here. */
export const writtenHere = computed(() => written.value);
/** Brings what shows and reads entries; at hand afterwards, also out of reach of the house. */
export async function writing(): Promise<Written> {
  const by = (written.value ??= await import('./written.js'));
  list.value = list.value.map((kept) => (kept.isRead ? kept : readBy(by, kept)));
  return by;
}
/** A picture is no words: it is shown where it belongs, and read by nobody. */
export const isPicture = (entry: OutboxEntry['entry']): entry is WaitingPicture =>
  entry.path === '/photos';

/** Reads by its schema what was kept before the schemas were at hand. */
function readBy(by: Written, kept: OutboxEntry): OutboxEntry {
  const { entry } = kept;
  if (isPicture(entry)) return kept;
  try {
    return {
      ...kept,
      entry: by.waitingEntry(entry, entry.payload, entry),
      isRead: true,
    };
  } catch {
    // The house will say what is wrong with it.
    return kept;
  }
}

const list = shallowRef<readonly OutboxEntry[]>([]);
/** All that is on its way, in its order. */
export const outbox = computed(() => list.value);
/** What counts on this device: all but what the house refused. */
export const waitingEntries = computed<readonly WaitingEntry[]>(() =>
  list.value
    .filter(({ state, isRead }) => state !== 'refused' && isRead)
    .flatMap(({ entry }) => (isPicture(entry) ? [] : [entry])),
);
/** Addresses of the pictures that lie on this device alone. */
const addresses = new WeakMap<Blob, string>();
/** Where a picture is to be seen: on this device while the house does not have it. */
export function pictureAddress(photoId: string): string {
  const own = list.value.flatMap(({ entry }) => (isPicture(entry) ? [entry.payload] : []));
  const here = own.find((each) => each.photoId === photoId);
  if (!here) return `/api/v1/photos/${photoId}`;
  const address = addresses.get(here.picture) ?? URL.createObjectURL(here.picture);
  addresses.set(here.picture, address);
  return address;
}
/** What the house does not have: what a person is told of. */
export const notInHouse = computed(() => list.value.filter(({ state }) => state !== 'sent'));

/** What waits of one harvest. */
export const waitsOf = (batchId: string): readonly OutboxEntry[] =>
  list.value.filter(
    ({ state, entry }) =>
      state === 'waiting' &&
      (entry.placeId === batchId ||
        ('batchId' in entry.payload && entry.payload.batchId === batchId)),
  );

/** Ids of the things that an entry makes: what is said of them later rests on it. */
function madeBy({ entry }: OutboxEntry): string[] {
  if (isPicture(entry)) return [entry.payload.photoId];
  const { id, carrierIds } = entry.payload as { id?: string; carrierIds?: string[] };
  return [id, ...(entry.path === '/boxes' ? (carrierIds ?? []) : [])].flatMap((made) => made ?? []);
}
/** Whether an entry speaks of any of these things. */
function speaksOf({ entry, spoken }: OutboxEntry, ids: readonly string[]): boolean {
  const told = spoken + JSON.stringify(isPicture(entry) ? entry.payload.photoId : entry.payload);
  return ids.some((id) => told.includes(id));
}
/**
 * What waits and rests on an entry that the house refused: it is kept beside it, and goes once that
 * has gone or was let go.
 */
export const restingOn = (refused: OutboxEntry): readonly OutboxEntry[] =>
  list.value.filter(
    (kept) =>
      kept.state === 'waiting' &&
      kept.sequence > refused.sequence &&
      speaksOf(kept, madeBy(refused)),
  );
/** What waits and can go out: nothing that it rests on was refused. */
const mayGo = computed(() => {
  const held = new Set(list.value.filter((e) => e.state === 'refused').flatMap(restingOn));
  return list.value.filter((kept) => kept.state === 'waiting' && !held.has(kept));
});
/** Whether something that was written before has not gone out yet. */
export const isBehind = (): boolean => mayGo.value.length > 0;

/** Why the house would not have an entry of a kind; null where it refused none. */
export function refusalAmong(is: (kept: OutboxEntry) => boolean): Refused | null {
  const refused = list.value.find((kept) => kept.refused && is(kept))?.refused;
  return refused ? new Refused(409, refused.code, refused.why, null) : null;
}

const change = (sequence: number, changes: Partial<OutboxEntry>): OutboxEntry | undefined => {
  list.value = list.value.map((e) => (e.sequence === sequence ? { ...e, ...changes } : e));
  return list.value.find((e) => e.sequence === sequence);
};
async function remove(sequence: number): Promise<void> {
  list.value = list.value.filter((e) => e.sequence !== sequence);
  await deviceStore.drop(sequence);
}

/** The kept path of a command, where a device may keep it until the house answers. */
export const mayBeKept = (spoken: string): ReturnType<typeof keptPathOf> => keptPathOf(spoken);

let lastSequence = 0;
/** The next place in the order of this device: by its clock, and never twice the same. */
function nextSequence(): number {
  lastSequence = Math.max(Date.now(), lastSequence + 1, (list.value.at(-1)?.sequence ?? 0) + 1);
  return lastSequence;
}

const entryOf = (
  entry: OutboxEntry['entry'],
  spoken: string,
  text: string,
  isRead: boolean,
): OutboxEntry => ({
  sequence: nextSequence(),
  entry,
  spoken,
  said: text,
  deviceAt: new Date().toISOString(),
  state: 'waiting',
  refused: null,
  isAnother: false,
  isRead,
});

/**
 * Lays a command down on this device before it goes out: a page that is left before the house
 * answered sends it when it begins anew, under the same id. It is not shown, and not read by its
 * schema: the house says what is wrong with it. Gives how it is taken up again once the house has
 * said something of it.
 */
export function layDown(
  at: { path: KeptPath; placeId: string | null },
  spoken: string,
  payload: unknown,
  told: { commandId: string; said: string },
): () => void {
  const plain: unknown = JSON.parse(JSON.stringify(payload));
  const occurredAt = serverNow().toISOString();
  const asSaid = { ...at, id: told.commandId, payload: plain, occurredAt } as WaitingEntry;
  const laid = entryOf(asSaid, spoken, told.said, false);
  void deviceStore.put(laid);
  return () => void deviceStore.drop(laid.sequence);
}

/**
 * Keeps a command on this device and sends it as soon as it can. Throws a refusal where it is not
 * whole: nothing half is kept.
 */
export async function keepEntry(
  at: { path: KeptPath; placeId: string | null },
  spoken: string,
  payload: unknown,
  told: { commandId: string; said: string; occurredAt?: string },
): Promise<void> {
  const occurredAt = told.occurredAt ?? serverNow().toISOString();
  // A copy without what the screen watches it by: it outlives the screen.
  const plain: unknown = JSON.parse(JSON.stringify(payload));
  const by = await writing().catch(() => null);
  // A page that was left before all of it had come keeps it as it was said.
  const entry =
    by === null
      ? ({ ...at, id: told.commandId, payload: plain, occurredAt } as WaitingEntry)
      : by.entryRead(at, plain, { id: told.commandId, occurredAt });
  const isRead = by !== null;
  const kept = entryOf(entry, spoken, told.said, isRead);
  list.value = [...list.value, kept];
  await deviceStore.put(kept);
  void sendWaiting();
}

/**
 * Sends a picture, or keeps it on this device where the house is out of reach or something waits
 * before it. Takes the ids of the picture and of its command, and what is said of it. Throws what
 * the house would not have.
 */
export async function sendOrKeepPicture(
  picture: Blob,
  photoId: string,
  told: { commandId: string; said: string },
): Promise<'sent' | 'kept'> {
  const occurredAt = serverNow().toISOString();
  const mustWait = useAwaySince().value !== null || isBehind();
  try {
    if (!mustWait) {
      await sendPhoto(picture, photoId, { commandId: told.commandId, occurredAt });
      return 'sent';
    }
  } catch (error) {
    if (!(error instanceof Refused) || error.isFinal) throw error;
  }
  const payload = { photoId, picture };
  const entry: WaitingPicture = {
    id: told.commandId,
    path: '/photos',
    placeId: null,
    payload,
    occurredAt,
  };
  const kept = entryOf(entry, '/photos', told.said, true);
  list.value = [...list.value, kept];
  await deviceStore.put(kept);
  void sendWaiting();
  return 'kept';
}

/** What another device kept, as it is handed over. */
export type HandedOver = Pick<OutboxEntry, 'entry' | 'spoken' | 'said' | 'deviceAt'>;
/**
 * Takes over what another device kept, in its order, and sends it: under its own ids, so that the
 * house writes each once, whoever brings it. Gives how many were new here.
 */
export async function takeOver(handed: readonly HandedOver[]): Promise<number> {
  const here = new Set(list.value.map(({ entry }) => entry.id));
  const fresh = handed.filter(({ entry }) => !here.has(entry.id));
  for (const { entry, spoken, said, deviceAt } of fresh) {
    const kept = { ...entryOf(entry, spoken, said, true), deviceAt };
    list.value = [...list.value, kept];
    await deviceStore.put(kept);
  }
  await sendWaiting();
  return fresh.length;
}

/** Takes an entry back that is not in the house yet; false where the house has it already. */
export async function takeBack(commandId: string): Promise<boolean> {
  const found = list.value.find((e) => e.entry.id === commandId && e.state !== 'sent');
  if (found) await remove(found.sequence);
  // What rested on it goes now, and the house says what it makes of that.
  if (found?.refused) void sendWaiting();
  return found !== undefined;
}

/** Sends what was refused once more: as it is, or as another one than what somebody else wrote. */
export async function tryAgain(sequence: number, isAnother = false): Promise<void> {
  const again = change(sequence, { state: 'waiting', refused: null, isAnother });
  if (again) await deviceStore.put(again);
  await sendWaiting();
}

/**
 * What was written here is to stand: what the house has of the same is taken back there, and this
 * sent once more. Throws a refusal where the house will not take that back any more.
 */
export async function standsHere({ sequence, refused }: OutboxEntry): Promise<void> {
  const { stands } = refused ?? {};
  if (stands) await send('/undo', { commandId: stands.commandId }, { commandId: newId() });
  await tryAgain(sequence, true);
}

/** What the page does with what the outbox tells. */
interface Minded {
  /** Reads anew what stands here; done when it stands there. */
  readAnew: () => Promise<void>;
  say: (text: string, commandId: string) => void;
}
let minded: Minded = { readAnew: async () => undefined, say: () => undefined };

const FIRST_PAUSE_MS = 2000;
const LONGEST_PAUSE_MS = 60_000;
let pauseMs = FIRST_PAUSE_MS;
let timer: ReturnType<typeof setTimeout> | undefined;
let sending: Promise<void> | null = null;

/** Sends what waits, one after the other in its order; done when nothing can go out any more. */
export function sendWaiting(): Promise<void> {
  // It begins once this stands, so that its end finds it.
  sending ??= Promise.resolve().then(sendAll);
  return sending;
}

async function sendAll(): Promise<void> {
  clearTimeout(timer);
  const isAllOut = await sendInOrder();
  if (!isAllOut) return later();
  pauseMs = FIRST_PAUSE_MS;
  // Nothing that follows waits until all was read anew.
  void readAnew();
}

/**
 * Sends one after the other until nothing waits any more, or one could not go out. It has ended in
 * the very step in which nothing more is found: what is kept a moment later begins it anew.
 */
async function sendInOrder(): Promise<boolean> {
  try {
    for (let next = nextOne(); next; next = nextOne()) if (!(await sendOne(next))) return false;
    return true;
  } finally {
    sending = null;
  }
}

const nextOne = (): OutboxEntry | undefined => mayGo.value[0];

/** Sends one; false where the house did not answer clearly, so that it waits on. */
async function sendOne(kept: OutboxEntry): Promise<boolean> {
  const { sequence, entry } = kept;
  try {
    await goOut(kept);
  } catch (error) {
    if (!(error instanceof Refused) || !error.isFinal) return false;
    const refused = { why: error.message, code: error.code, stands: error.stands };
    const aside = change(sequence, { state: 'refused', refused });
    if (aside) await deviceStore.put(aside);
    return true;
  }
  change(sequence, { state: 'sent' });
  await deviceStore.drop(sequence);
  minded.say(kept.said, entry.id);
  return true;
}

async function goOut({ entry, spoken, deviceAt, isAnother }: OutboxEntry): Promise<void> {
  const { id: commandId, occurredAt } = entry;
  if (isPicture(entry)) {
    const { photoId, picture } = entry.payload;
    return sendPhoto(picture, photoId, { commandId, occurredAt });
  }
  const method = methodOfKept(entry.path);
  const told = { commandId, occurredAt, deviceAt, again: isAnother, method };
  await send(spoken as '/looks', entry.payload as never, told);
}

function later(): void {
  timer = setTimeout(() => void sendWaiting(), pauseMs);
  pauseMs = Math.min(2 * pauseMs, LONGEST_PAUSE_MS);
}

/** What the house has stands here until it was read from it: a step never goes back meanwhile. */
async function readAnew(): Promise<void> {
  const sent = list.value.filter(({ state }) => state === 'sent');
  if (!sent.length) return;
  await minded.readAnew();
  if (useAwaySince().value !== null) return;
  list.value = list.value.filter((e) => !sent.some(({ sequence }) => sequence === e.sequence));
}

/** Waits until nothing waits any more, or nothing can go out now. */
export async function settleOutbox(): Promise<void> {
  if (isBehind()) await sendWaiting();
}

/** Where an older Furrow kept the steps touched in Take. */
const OLDER = 'furrow.take.pending.';
interface OlderMark {
  mark: StepMark;
  commandId: string;
  said: string;
}
/** Takes over what an older Furrow had kept on this device: nothing is lost by an upgrade. */
async function takeOverOlder(): Promise<void> {
  for (const key of Object.keys(localStorage).filter((name) => name.startsWith(OLDER))) {
    const marks = JSON.parse(localStorage.getItem(key) ?? '[]') as OlderMark[];
    for (const { mark, commandId, said: told } of marks) {
      const { occurredAt, ...payload } = mark;
      const at = { path: '/stepMarks', placeId: null } as const;
      await keepEntry(at, '/stepMarks', payload, { commandId, said: told, occurredAt });
    }
    localStorage.removeItem(key);
  }
}

/**
 * What lies on this device, each command once: a page that was left in the moment in which it kept
 * what it had laid down leaves both.
 */
async function keptOnce(): Promise<OutboxEntry[]> {
  const all = await deviceStore.entries();
  const last = new Map(all.map((kept) => [kept.entry.id, kept.sequence]));
  const isLast = ({ entry, sequence }: OutboxEntry): boolean => last.get(entry.id) === sequence;
  for (const { sequence } of all.filter((kept) => !isLast(kept))) void deviceStore.drop(sequence);
  return all.filter(isLast);
}

/** Begins with what was kept on this device, and sends it whenever the house answers. */
export async function mindOutbox(page: Minded): Promise<void> {
  minded = page;
  await takeOverOlder().catch(() => undefined);
  const kept = await keptOnce();
  const known = new Set(list.value.map(({ sequence }) => sequence));
  list.value = [...kept.filter(({ sequence }) => !known.has(sequence)), ...list.value];
  if (kept.length) await writing().catch(() => undefined);
  watch(useAwaySince(), (since) => {
    if (since !== null) return;
    pauseMs = FIRST_PAUSE_MS;
    void sendWaiting();
  });
  await sendWaiting();
}
