import 'fake-indexeddb/auto';
import { beforeEach, describe, expect, it, vi } from 'vitest';
import { readWaitingFile, waitingFile } from './handOver.js';
import { keepEntry, notInHouse, sendOrKeepPicture, takeBack, takeOver } from './outbox.js';

const TICKS = { path: '/ticks', placeId: null } as const;
const tick = {
  id: '2ef699f8-a493-46ee-8685-0280982cbcad',
  batchId: '7d0f4b52-8a52-4b2e-9d4f-0c5c8a7d1e10',
  line: 'veil',
  state: 'have',
};
const occurredAt = '2026-03-14T10:00:00.000Z';
const picture = new Blob([Uint8Array.from([255, 216, 0, 9])], { type: 'image/jpeg' });

/** What waits, saved and read again. */
const savedAndRead = async () => readWaitingFile(await waitingFile(notInHouse.value));

beforeEach(async () => {
  // Nothing goes out: the house is away.
  vi.stubGlobal('fetch', () => Promise.reject(new TypeError('away')));
  for (const { entry } of notInHouse.value) await takeBack(entry.id);
  await keepEntry(TICKS, '/ticks', tick, { commandId: 'c1', said: 'The veil.', occurredAt });
  await sendOrKeepPicture(picture, 'p1', { commandId: 'c2', said: 'Photo of bar 7.' });
});

describe('what waits, handed over as a file', () => {
  it('is the same entries, with their ids and times, pictures byte by byte', async () => {
    const [first, second] = await savedAndRead();
    expect(first.entry).toEqual({ id: 'c1', ...TICKS, payload: tick, occurredAt });
    expect([first.said, first.spoken]).toEqual(['The veil.', '/ticks']);
    const { payload } = second.entry as { payload: { photoId: string; picture: Blob } };
    expect([payload.photoId, payload.picture.type]).toEqual(['p1', 'image/jpeg']);
    expect([...new Uint8Array(await payload.picture.arrayBuffer())]).toEqual([255, 216, 0, 9]);
  });

  it('is taken over once, in its order', async () => {
    const handed = await savedAndRead();
    for (const { entry } of notInHouse.value) await takeBack(entry.id);
    expect(await takeOver(handed)).toBe(2);
    expect(notInHouse.value.map(({ entry }) => entry.id)).toEqual(['c1', 'c2']);
    expect(await takeOver(handed)).toBe(0);
    expect(notInHouse.value).toHaveLength(2);
  });

  it.each<[string, (text: string) => string]>([
    ['another file', () => '{"kind":"something else"}'],
    ['no file of words', () => 'veil'],
    ['half of one', (text) => text.slice(0, -20)],
    ['one with a half entry', (text) => text.replace('"state": "have"', '"state": "perhaps"')],
    ['one with an entry no device keeps', (text) => text.replace('/ticks', '/undo')],
  ])('%s is refused whole, in a sentence', async (_what, change) => {
    const text = await (await waitingFile(notInHouse.value)).text();
    await expect(readWaitingFile(new Blob([change(text)]))).rejects.toThrow(
      'This is no whole file of what waited on a device. Nothing was taken in.',
    );
  });
});
