import 'fake-indexeddb/auto';
import { IDBFactory } from 'fake-indexeddb';
import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest';
import type * as Outbox from './outbox.js';

type Page = typeof Outbox;
/** Pages that are open: one that is closed sends no more. */
let pages: (() => void)[] = [];
let sent: { id: string; line: string; again?: boolean }[] = [];
let answer: () => Response | Promise<Response>;
const refresh = vi.fn(async () => undefined);
const told: string[] = [];

const json = (status: number, value: object): Response =>
  new Response(JSON.stringify(value), { status, headers: { 'Content-Type': 'application/json' } });

const later = globalThis.setTimeout;
/** A page that begins anew on the same device. */
async function page(): Promise<Page> {
  for (const close of pages) close();
  vi.resetModules();
  const opened: Page = await import('./outbox.js');
  const { heardFromHouse } = await import('./away.js');
  heardFromHouse();
  let isOpen = true;
  pages = [() => (isOpen = false)];
  // What a page meant to try later goes with it.
  vi.stubGlobal('setTimeout', (act: () => void, ms?: number) => later(() => isOpen && act(), ms));
  vi.stubGlobal('fetch', async (path: string, init?: RequestInit) => {
    if (!isOpen) return new Promise<Response>(() => undefined);
    if (path.endsWith('/health')) return json(200, {});
    const { id, again, payload } = JSON.parse(String(init!.body)) as {
      id: string;
      again?: boolean;
      payload: { line: string };
    };
    sent.push({ id, line: payload.line, ...(again ? { again } : {}) });
    return answer();
  });
  await opened.mindOutbox({ readAnew: refresh, say: (text) => void told.push(text) });
  return opened;
}
const tick = (line: string) => ({
  id: crypto.randomUUID(),
  batchId: '7d0f4b52-8a52-4b2e-9d4f-0c5c8a7d1e10',
  line,
  state: 'have',
});
const TICKS = { path: '/ticks', placeId: null } as const;
let ids = 0;
const keep = (at: Page, line: string, commandId = `c${++ids}`): Promise<void> =>
  at.keepEntry(TICKS, '/ticks', tick(line), { commandId, said: line });
const waits = (at: Page): string[] => at.notInHouse.value.map(({ said }) => said);

beforeEach(() => {
  globalThis.indexedDB = new IDBFactory();
  localStorage.clear();
  sent = [];
  told.length = 0;
  answer = () => json(201, {});
  refresh.mockClear();
});
afterEach(() => {
  for (const close of pages) close();
  vi.unstubAllGlobals();
});

describe('what was written on this device', () => {
  it('goes out in its order, is said, and stands until it was read anew', async () => {
    const open = await page();
    await keep(open, 'veil');
    await keep(open, 'knife');
    await open.settleOutbox();
    await vi.waitFor(() => expect(open.outbox.value).toEqual([]));
    expect(sent.map(({ line }) => line)).toEqual(['veil', 'knife']);
    expect(told).toEqual(['veil', 'knife']);
    expect(refresh).toHaveBeenCalled();
  });
  it('is one entry, where the page was left in the moment in which it was kept', async () => {
    answer = () => json(503, {});
    const left = await page();
    // Laid down before it went out, and kept as it did not arrive; the first was not taken up yet.
    left.layDown(TICKS, '/ticks', tick('veil'), { commandId: 'once', said: 'veil' });
    await keep(left, 'veil', 'once');
    const again = await page();
    expect(waits(again)).toEqual(['veil']);
    const { deviceStore } = await import('./deviceStore.js');
    await vi.waitFor(async () => expect(await deviceStore.entries()).toHaveLength(1));
  });
  it.each([401, 408, 429, 500, 502, 503])('waits through an answer of %i', async (status) => {
    answer = () => json(status, {});
    const open = await page();
    await keep(open, 'veil');
    await open.settleOutbox();
    expect(waits(open)).toEqual(['veil']);
    answer = () => json(201, {});
    await open.sendWaiting();
    expect(waits(open)).toEqual([]);
    // The same id: the house writes it once, whatever became of the first.
    expect(new Set(sent.map(({ id }) => id)).size).toBe(1);
  });
  it('goes out too where it is kept in the moment in which the last one went', async () => {
    const open = await page();
    for (let turns = 0; turns < 30; turns++) {
      let release: (() => void) | undefined;
      answer = () => new Promise((done) => (release = () => done(json(201, {}))));
      await keep(open, `a${turns}`);
      await vi.waitFor(() => expect(release).toBeDefined());
      answer = () => json(201, {});
      release!();
      const kept = keep(open, `b${turns}`);
      for (let i = 0; i < turns; i++) await Promise.resolve();
      await open.settleOutbox();
      await kept;
      await vi.waitFor(() => expect(waits(open)).toEqual([]));
    }
  });
  it('outlives a page that is closed, and a line that broke in the middle', async () => {
    answer = () => Promise.reject(new TypeError('broken off'));
    const first = await page();
    await keep(first, 'veil');
    await keep(first, 'knife');
    await first.settleOutbox();
    answer = () => json(201, {});
    const second = await page();
    await second.settleOutbox();
    expect(waits(second)).toEqual([]);
    const lines = sent.map(({ line }) => line);
    expect(lines.at(-1)).toBe('knife');
    expect(lines.filter((line) => line === 'knife')).toHaveLength(1);
    expect((await page()).outbox.value).toEqual([]);
  });
  it('is set aside where the house says no, with why; the others go on', async () => {
    const answers = [json(409, { code: 'closed', detail: 'It is closed.' }), json(201, {})];
    answer = () => answers.shift()!;
    const open = await page();
    await keep(open, 'veil', 'veil-id');
    await keep(open, 'knife');
    await open.settleOutbox();
    expect(waits(open)).toEqual(['veil']);
    expect(open.notInHouse.value[0].refused).toEqual({
      why: 'It is closed.',
      code: 'closed',
      stands: null,
    });
    expect(open.waitingEntries.value).toEqual([]);
    // It is still told of after the page was closed, until somebody decides.
    const again = await page();
    expect(waits(again)).toEqual(['veil']);
    expect(await again.takeBack('veil-id')).toBe(true);
    expect((await page()).outbox.value).toEqual([]);
  });
  it('is sent as another one where the person says so', async () => {
    const answers = [json(409, { code: 'written-just-now', detail: 'Ana?' }), json(201, {})];
    answer = () => answers.shift()!;
    const open = await page();
    await keep(open, 'veil');
    await open.settleOutbox();
    await open.tryAgain(open.outbox.value[0].sequence, true);
    expect(sent.at(-1)!.again).toBe(true);
    expect(sent[0].id).toBe(sent[1].id);
  });
  it('is refused in words where it is not whole, and nothing half is kept', async () => {
    const open = await page();
    await expect(
      open.keepEntry(TICKS, '/ticks', { id: 'x' }, { commandId: 'c', said: '' }),
    ).rejects.toMatchObject({ status: 400, code: 'bad-input' });
    expect(open.outbox.value).toEqual([]);
  });
  it('takes over the steps an older Furrow had kept', async () => {
    const mark = { ...tick('x'), stepId: 'ready', answer: {}, occurredAt: '2026-03-14T12:00:00Z' };
    const { line: _line, state: _state, ...step } = mark;
    localStorage.setItem(
      'furrow.take.pending.b',
      JSON.stringify([{ mark: step, commandId: 'old', said: 'ready' }]),
    );
    const open = await page();
    await open.settleOutbox();
    expect(sent.map(({ id }) => id)).toEqual(['old']);
    expect(localStorage.getItem('furrow.take.pending.b')).toBeNull();
  });
});

describe('a page that was left while the house was asked', () => {
  it('shows and sends what was laid down as it begins anew, once', async () => {
    answer = () => json(503, {});
    const left = await page();
    const told = { commandId: 'laid', said: 'veil' };
    left.layDown(TICKS, '/ticks', tick('veil'), told);
    expect(waits(left)).toEqual([]);
    const open = await page();
    expect(waits(open)).toEqual(['veil']);
    expect(open.waitingEntries.value.map(({ id }) => id)).toEqual(['laid']);
    answer = () => json(201, {});
    await open.sendWaiting();
    expect(new Set(sent.map(({ id }) => id))).toEqual(new Set(['laid']));
    expect((await page()).outbox.value).toEqual([]);
  });
  it('forgets what the house has answered', async () => {
    const open = await page();
    open.layDown(TICKS, '/ticks', tick('veil'), { commandId: 'laid', said: 'veil' })();
    expect((await page()).outbox.value).toEqual([]);
  });
});

describe('a page that was left before all of it had come', () => {
  it('keeps what was said, and reads it as soon as it can', async () => {
    answer = () => json(503, {});
    vi.doMock('./written.js', () => {
      throw new Error('not here');
    });
    const open = await page();
    await keep(open, 'veil');
    expect(waits(open)).toEqual(['veil']);
    expect(open.waitingEntries.value).toEqual([]);
    vi.doUnmock('./written.js');
    await open.writing();
    expect(open.waitingEntries.value).toHaveLength(1);
  });
});

describe('a browser that keeps nothing', () => {
  it('says so, and sends all the same', async () => {
    globalThis.indexedDB = undefined as never;
    answer = () => json(503, {});
    const open = await page();
    const { browserKeeps } = await import('./deviceStore.js');
    await keep(open, 'veil');
    await open.settleOutbox();
    expect(waits(open)).toEqual(['veil']);
    expect(browserKeeps.value).toBe(false);
    answer = () => json(201, {});
    await open.sendWaiting();
    expect(waits(open)).toEqual([]);
  });
});

/** How an answer is lost: before the house read it, after it wrote it, or on the way back. */
const FAULTS = ['fine', 'before', 'after', 'truncated', '503', '429', '502 after'] as const;
type Fault = (typeof FAULTS)[number];

/** A house that writes a command once by its id, whatever becomes of its answers. */
class House {
  readonly written: { device: string; id: string; line: string }[] = [];
  private readonly known = new Set<string>();
  /** Writes it, unless it did before; gives whether it was new. */
  write(device: string, id: string, line: string): boolean {
    if (this.known.has(id)) return false;
    this.known.add(id);
    this.written.push({ device, id, line });
    return true;
  }
  answer(fault: Fault, device: string, id: string, line: string): Response {
    if (fault === 'before') throw new TypeError('broken off');
    if (fault === '503' || fault === '429') return json(Number(fault), {});
    const isNew = this.write(device, id, line);
    if (fault === 'after') throw new TypeError('broken off');
    if (fault === '502 after') return json(502, {});
    if (fault === 'truncated') return new Response('{"detail":{"ba', { status: 201 });
    return json(isNew ? 201 : 200, {});
  }
}

describe('a picture that was taken out of reach of the house', () => {
  const picture = new Blob(['a face of comb'], { type: 'image/jpeg' });
  /** What came to the house, in its order: pictures by their bytes, all else by its line. */
  const came: string[] = [];
  let isAway = true;
  async function pageWithPictures(): Promise<Page> {
    const open = await page();
    vi.stubGlobal('fetch', async (path: string, init?: RequestInit) => {
      if (path.endsWith('/health')) return json(200, {});
      if (isAway) throw new TypeError('broken off');
      const isPicture = path.endsWith('/photos');
      const { body, headers } = init as { body: string; headers: Record<string, string> };
      const told = isPicture ? decodeURIComponent(headers['x-furrow-command']) : body;
      const { photoId, payload } = JSON.parse(told) as {
        photoId?: string;
        payload?: { line: string };
      };
      came.push(isPicture ? `picture ${photoId}` : payload!.line);
      return answer();
    });
    return open;
  }
  const keepPicture = (at: Page): Promise<'sent' | 'kept'> =>
    at.sendOrKeepPicture(picture, 'p1', { commandId: 'c-picture', said: 'Photo of bar 7.' });
  beforeEach(() => {
    came.length = 0;
    isAway = true;
    vi.stubGlobal('URL', Object.assign(URL, { createObjectURL: () => 'blob:here' }));
  });

  it('is seen on this device, goes out before what was read from it, and lies in the house then', async () => {
    const open = await pageWithPictures();
    expect(await keepPicture(open)).toBe('kept');
    await keep(open, 'look');
    expect(waits(open)).toEqual(['Photo of bar 7.', 'look']);
    expect(open.pictureAddress('p1')).toBe('blob:here');
    expect(open.waitingEntries.value.map(({ path }) => path)).toEqual(['/ticks']);
    isAway = false;
    await vi.waitFor(async () => {
      await open.sendWaiting();
      expect(open.outbox.value).toEqual([]);
    });
    expect(came).toEqual(['picture p1', 'look']);
    expect(open.pictureAddress('p1')).toBe('/api/v1/photos/p1');
  });
  it('goes straight to the house where that answers', async () => {
    isAway = false;
    const open = await pageWithPictures();
    expect(await keepPicture(open)).toBe('sent');
    expect([came, waits(open)]).toEqual([['picture p1'], []]);
  });
  it('is not kept where the house would not have it', async () => {
    isAway = false;
    answer = () => json(400, { code: 'bad-input', detail: 'This is no picture.' });
    const open = await pageWithPictures();
    await expect(keepPicture(open)).rejects.toThrow('This is no picture.');
    expect(waits(open)).toEqual([]);
  });
  it('that the house would not have keeps the look beside it until it is let go; the others go on', async () => {
    const open = await pageWithPictures();
    await keepPicture(open);
    const look = { ...tick('look'), line: 'look from p1' };
    await open.keepEntry(TICKS, '/ticks', look, { commandId: 'c-look', said: 'look' });
    await keep(open, 'veil');
    isAway = false;
    let isRefused = true;
    answer = () =>
      isRefused ? json(400, { code: 'bad-input', detail: 'No picture.' }) : json(201, {});
    const firstAnswer = answer;
    answer = () => {
      const said = firstAnswer();
      isRefused = false;
      return said;
    };
    await vi.waitFor(async () => {
      await open.sendWaiting();
      expect(came).toEqual(['picture p1', 'veil']);
    });
    const [refused] = open.notInHouse.value.filter((kept) => kept.refused);
    expect(open.restingOn(refused).map(({ said }) => said)).toEqual(['look']);
    expect(open.isBehind()).toBe(false);
    await open.takeBack('c-picture');
    await vi.waitFor(() => expect(came.at(-1)).toBe('look from p1'));
    await vi.waitFor(() => expect(waits(open)).toEqual([]));
  });
  it('outlives the page', async () => {
    await keepPicture(await pageWithPictures());
    isAway = false;
    const again = await pageWithPictures();
    await again.sendWaiting();
    expect(came).toEqual(['picture p1']);
  });
});

describe('two devices on a line that breaks', () => {
  it('lose nothing and write nothing twice, each in its order, whatever breaks when', async () => {
    const { seededRandom } = await import('@furrow/core');
    const devices: { name: string; page: Page }[] = [];
    for (const name of ['hive', 'path']) {
      globalThis.indexedDB = new IDBFactory();
      devices.push({ name, page: await page() });
    }
    for (let seed = 1; seed <= 200; seed++) {
      const next = seededRandom(seed);
      const house = new House();
      let isMended = false;
      const fault = (): Fault => (isMended ? 'fine' : FAULTS[Math.floor(next() * FAULTS.length)]);
      let device = '';
      vi.stubGlobal('fetch', async (path: string, init?: RequestInit) => {
        if (path.endsWith('/health')) return json(200, {});
        const { id, payload } = JSON.parse(String(init!.body)) as {
          id: string;
          payload: { line: string };
        };
        // A page of an earlier test may still try.
        const isOurs = devices.some(({ name }) => payload.line.startsWith(`${name} `));
        if (!isOurs) return new Promise<Response>(() => undefined);
        return house.answer(fault(), device, id, payload.line);
      });
      const said: Record<string, string[]> = { hive: [], path: [] };
      for (let i = 0; i < 8; i++) {
        const { name, page: at } = devices[Math.floor(next() * devices.length)];
        device = name;
        const line = `${name} ${i}`;
        said[name].push(line);
        await keep(at, line);
        await at.settleOutbox();
      }
      isMended = true;
      for (const { name, page: at } of devices) {
        device = name;
        await at.sendWaiting();
        expect(waits(at), `seed ${seed}`).toEqual([]);
        const lines = house.written.filter((w) => w.device === name).map(({ line }) => line);
        expect(lines, `seed ${seed}`).toEqual(said[name]);
      }
    }
  });
});
