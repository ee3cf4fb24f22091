import type { BatchDetail } from '@furrow/core';
import { shallowRef } from 'vue';
import { ask, ownDevice } from './client.js';
import { deviceStore } from './deviceStore.js';

/** So many lots may be filled between two times that the house is in reach. */
const ALONG = 6;
const KEPT_AS = 'numbers';

/** Numbers of jars that this device took along, by harvest. */
const along = shallowRef<Readonly<Record<string, readonly string[]>>>({});
const kept = deviceStore.read(KEPT_AS).then((read) => {
  along.value = { ...((read as typeof along.value | null) ?? {}), ...along.value };
});

/**
 * Takes numbers along for the jars of a harvest, while the house is in reach. Nobody waits for it:
 * without them a number comes once the house has the jars.
 */
export async function takeNumbersAlong(batchId: string): Promise<void> {
  await kept;
  try {
    const { codes } = await ask<{ codes: string[] }>(`/harvests/${batchId}/numbers`, {
      device: ownDevice(),
      count: ALONG,
    });
    along.value = { ...along.value, [batchId]: codes };
    await deviceStore.write(KEPT_AS, along.value);
  } catch {
    // What was taken along before is still there.
  }
}

/** The next number that was taken along and stands on no jars yet; null where there is none. */
export const nextNumber = ({ batch, lots }: Pick<BatchDetail, 'batch' | 'lots'>): string | null =>
  (along.value[batch.id] ?? []).find((code) => !lots.some((lot) => lot.code === code)) ?? null;
