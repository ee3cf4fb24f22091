import { persistQueryClient, type PersistedClient } from '@tanstack/query-persist-client-core';
import type { QueryClient } from '@tanstack/vue-query';
import type { BatchDetail } from '@furrow/core';
import { readonly, ref, watch } from 'vue';
import { useLetIn } from './away.js';
import { serverNow } from './client.js';
import { deviceStore } from './deviceStore.js';
import { harvestRead, READS_OF_THE_DAY } from './queries.js';

const KEY = 'reads';
/** What is older than this says nothing of the hives of today. */
const KEPT_MS = 14 * 24 * 3_600_000;
/** Read anew again and again, it is written down at most so often. */
const WRITE_MS = 3000;
/** The first screen waits no longer than this for what was kept. */
const WAIT_MS = 500;

const KEPT: ReadonlySet<unknown> = new Set([
  ...Object.values(READS_OF_THE_DAY).map(({ queryKey: [name] }) => name),
  'harvest',
  'clocks',
  'weather',
  'boxHistory',
  'me',
]);

const at = ref<string | null>(null);
/** When what was read last lay on this device, by the house's clock; null while nothing does. */
export const keptAt = readonly(at);

let writing: ReturnType<typeof setTimeout> | undefined;
let newest: PersistedClient | null = null;
/** A hand that touches something goes before what is written down. */
const whenIdle = (act: () => void): void => {
  if ('requestIdleCallback' in window) window.requestIdleCallback(act, { timeout: WRITE_MS });
  else act();
};
/** Keeps the newest, not each one on the way to it. */
function persistClient(client: PersistedClient): void {
  newest = client;
  writing ??= setTimeout(() => whenIdle(writeDown), WRITE_MS);
}
function writeDown(): void {
  writing = undefined;
  // Nothing of the house stays on a device that it let in no longer.
  if (!useLetIn().value) return;
  // Answers are plain; what a screen watches them by is left behind.
  const told = serverNow().toISOString();
  void deviceStore.write(KEY, JSON.stringify(newest)).then(() => (at.value = told));
}
async function restoreClient(): Promise<PersistedClient | undefined> {
  const kept = await deviceStore.read(KEY);
  return typeof kept === 'string' ? (JSON.parse(kept) as PersistedClient) : undefined;
}

/** A harvest that is still open is kept; one that is closed can be read again any day. */
const isOpen = (detail: BatchDetail): boolean => detail.batch.closedAt === null;

/** How long what was read stays at hand, so that it can be kept. */
export const AT_HAND_MS = KEPT_MS;

/**
 * Begins with what was read of the house before, and keeps what a day at the hive needs on this
 * device. Done when what was kept stands there, or a moment later: the first screen does not wait
 * for a slow disk.
 */
export async function keepReads(queryClient: QueryClient): Promise<void> {
  const [, restored] = persistQueryClient({
    queryClient,
    persister: {
      persistClient,
      restoreClient,
      removeClient: async () => void (await deviceStore.forget(KEY)),
    },
    maxAge: KEPT_MS,
    dehydrateOptions: {
      shouldDehydrateQuery: ({ queryKey: [name], state }) =>
        state.data !== undefined &&
        KEPT.has(name) &&
        (name !== 'harvest' || isOpen(state.data as BatchDetail)),
    },
  });
  watch(useLetIn(), (isLetIn) => {
    if (!isLetIn) void deviceStore.forget(KEY);
  });
  await Promise.race([restored, new Promise((done) => setTimeout(done, WAIT_MS))]);
}

/** Reads what a day at the hive needs, so that it lies on this device before the house is away. */
export async function readTheDay(queryClient: QueryClient): Promise<void> {
  const batches = await queryClient.fetchQuery(READS_OF_THE_DAY.harvests).catch(() => []);
  await Promise.allSettled([
    ...Object.values(READS_OF_THE_DAY).map((read) => queryClient.prefetchQuery(read as never)),
    ...batches
      .filter(({ closedAt }) => closedAt === null)
      .map(({ id }) => queryClient.prefetchQuery(harvestRead(id))),
  ]);
}
