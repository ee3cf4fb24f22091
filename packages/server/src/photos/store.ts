import { type Say } from '@furrow/core';
import { houseSay } from '@furrow/words';
import { createHash } from 'node:crypto';
import sharp, { type Metadata, type OutputInfo } from 'sharp';
import { writeSynced } from '../store/writeSynced.js';
import { Problem, refused } from '../problem.js';

/** A picture as it is kept: upright, without where it was taken, at most this wide. */
export const LARGEST_BYTES = 25 * 1024 * 1024;
const LARGEST_PIXELS = 100_000_000;
const KEPT_PX = 4000;
const TYPES: Record<string, string> = { jpeg: 'image/jpeg', png: 'image/png', webp: 'image/webp' };

export interface KeptPicture {
  sha256: string;
  widthPx: number;
  heightPx: number;
  bytes: number;
}

const unreadable = (says: Say): Problem => refused(says, 'photo');

/**
 * Checks a picture and puts it into `folder` under its SHA-256, written and synced before anything
 * names it. Turned upright, location and other data removed. Refuses what is no JPEG, PNG or WebP,
 * is not what it says, is cut off, or has more than 100 megapixels; then nothing is stored.
 */
export async function keepPicture(
  folder: string,
  body: Buffer,
  contentType: string,
): Promise<KeptPicture> {
  if (body.length === 0) throw unreadable(houseSay('refusal.no-picture'));
  if (body.length > LARGEST_BYTES)
    throw new Problem(413, 'too-large', houseSay('refusal.this-picture-larger-than-25'), 'photo');
  let meta: Metadata;
  try {
    meta = await sharp(body, { limitInputPixels: false }).metadata();
  } catch {
    throw unreadable(houseSay('refusal.picture-unread'));
  }
  const type = TYPES[meta.format ?? ''];
  if (!type)
    throw unreadable(
      meta.format
        ? houseSay('refusal.picture-kind', { format: String(meta.format) })
        : houseSay('refusal.picture-kind-unknown'),
    );
  if (contentType && contentType !== type && contentType !== 'application/octet-stream')
    throw unreadable(houseSay('refusal.picture-misnamed', { said: contentType, is: type }));
  if (meta.width * meta.height > LARGEST_PIXELS)
    throw unreadable(
      houseSay('refusal.picture-megapixels', {
        megapixels: Math.round((meta.width * meta.height) / 1e6),
      }),
    );
  let made: { data: Buffer; info: OutputInfo };
  try {
    made = await sharp(body, { failOn: 'truncated', limitInputPixels: LARGEST_PIXELS })
      .rotate()
      .resize({ width: KEPT_PX, height: KEPT_PX, fit: 'inside', withoutEnlargement: true })
      .jpeg({ quality: 86 })
      .toBuffer({ resolveWithObject: true });
  } catch {
    throw unreadable(houseSay('refusal.picture-cut-off'));
  }
  const sha256 = createHash('sha256').update(made.data).digest('hex');
  writeSynced(folder, `${sha256}.jpg`, made.data);
  return { sha256, widthPx: made.info.width, heightPx: made.info.height, bytes: made.data.length };
}
