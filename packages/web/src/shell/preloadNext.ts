import { STAGES, type Stage } from '@furrow/core';
import type { Router, RouteRecordRaw } from 'vue-router';
import { useAwaySince } from '../api/away.js';

/** How long a screen has the line to itself before the next one is fetched. */
const ALONE_MS = 4000;

/** The stage a person most likely opens next: the one after in the row, Look after Today. */
export function nextStage(stage: Stage | undefined): Stage | null {
  return STAGES[stage ? STAGES.indexOf(stage) + 1 : 0] ?? null;
}

/** Fetches the screen of a stage, as opening it would; says nothing where that fails. */
async function fetchStage(routes: readonly RouteRecordRaw[], stage: Stage): Promise<void> {
  // What fails to come may be kept in mind as failed.
  if (useAwaySince().value !== null) return;
  const route = routes.find(({ name }) => name === stage);
  if (typeof route?.component !== 'function') return;
  const fetchScreen = route.component as () => Promise<unknown>;
  await fetchScreen().catch(() => undefined);
}

/**
 * Fetches the next stage's screen while nobody waits for anything: a tap on the row then finds it
 * there, without a signal too. Left alone where the device asks to save data.
 */
export function preloadNext(router: Router): void {
  const { connection } = navigator as { connection?: { saveData?: boolean } };
  if (connection?.saveData) return;
  let waiting: ReturnType<typeof setTimeout> | undefined;
  router.afterEach(({ meta }) => {
    clearTimeout(waiting);
    const next = nextStage(meta.stage);
    if (!next) return;
    waiting = setTimeout(() => void fetchStage(router.options.routes, next), ALONE_MS);
  });
}
