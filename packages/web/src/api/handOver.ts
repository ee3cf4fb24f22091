import { keptPathOf } from '@furrow/core';
import { z } from 'zod';
import { tell } from '../words/tell.js';
import { isPicture, type HandedOver } from './outbox.js';
import type { OutboxEntry } from './outboxEntry.js';
import { entryRead } from './written.js';

/**
 * What waits on a device as a file, so that another one can give it to the house: one that was
 * removed, or that has no way to it. Each entry keeps its id, so that the house writes it once,
 * whoever brings it, and the time at which it was said.
 */
const KIND = 'furrow-waiting';
const fileSchema = z.object({
  kind: z.literal(KIND),
  version: z.literal(1),
  entries: z.array(
    z.object({
      id: z.string(),
      spoken: z.string(),
      said: z.string(),
      occurredAt: z.iso.datetime(),
      deviceAt: z.iso.datetime(),
      payload: z.unknown().optional(),
      /** A picture's bytes in base 64, and what they are. */
      picture: z.object({ photoId: z.string(), type: z.string(), bytes: z.base64() }).optional(),
    }),
  ),
});
type FileEntry = z.infer<typeof fileSchema>['entries'][number];

const base64Of = (picture: Blob): Promise<string> =>
  new Promise((found, failed) => {
    const reader = new FileReader();
    reader.onerror = () => failed(reader.error ?? new Error('NotReadableError'));
    // "data:…;base64," stands before it.
    reader.onload = () => found((reader.result as string).split(',')[1] ?? '');
    reader.readAsDataURL(picture);
  });
const blobOf = ({ bytes, type }: { bytes: string; type: string }): Blob =>
  new Blob([Uint8Array.from(atob(bytes), (letter) => letter.charCodeAt(0))], { type });

async function written({ entry, spoken, said, deviceAt }: OutboxEntry): Promise<FileEntry> {
  const told = { id: entry.id, spoken, said, occurredAt: entry.occurredAt, deviceAt };
  if (!isPicture(entry)) return { ...told, payload: entry.payload };
  const { photoId, picture } = entry.payload;
  return { ...told, picture: { photoId, type: picture.type, bytes: await base64Of(picture) } };
}

/** What waits, as a file. */
export async function waitingFile(waiting: readonly OutboxEntry[]): Promise<Blob> {
  const entries = await Promise.all(waiting.map(written));
  const text = JSON.stringify({ kind: KIND, version: 1, entries }, null, 1);
  return new Blob([text], { type: 'application/json' });
}

function read({ spoken, said, deviceAt, payload, picture, ...told }: FileEntry): HandedOver {
  if (picture) {
    const { photoId } = picture;
    const entry = { ...told, path: '/photos' as const, placeId: null };
    return {
      spoken,
      said,
      deviceAt,
      entry: { ...entry, payload: { photoId, picture: blobOf(picture) } },
    };
  }
  const at = keptPathOf(spoken);
  if (!at) throw new Error(spoken);
  return { spoken, said, deviceAt, entry: entryRead(at, payload, told) };
}

/**
 * The entries of such a file. Throws an error whose message is for the person where it is another
 * file, or where one of them is not whole: none is then taken in.
 */
export async function readWaitingFile(file: Blob): Promise<HandedOver[]> {
  try {
    return fileSchema.parse(JSON.parse(await file.text())).entries.map(read);
  } catch (error) {
    throw new Error(tell('TakeOver.no-such-file'), { cause: error });
  }
}
