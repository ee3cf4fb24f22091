import type { Router } from 'vue-router';
import { isHouseThere } from '../api/away.js';

const KEY = 'furrow.reloadedAt';
/** A page that was begun anew so lately is not begun anew once more. */
const ONCE_IN_MS = 10_000;

const wasJustReloaded = (): boolean =>
  Date.now() - Number(sessionStorage.getItem(KEY) ?? 0) < ONCE_IN_MS;

/**
 * A screen that could not be fetched: where the house is there, the page is from before an upgrade,
 * or the browser keeps a failed fetch in mind, and begins anew on that screen; where it is away,
 * `say` is told.
 */
export function mindMissingScreens(
  router: Router,
  say: () => void,
  open: (path: string) => void = (path) => location.assign(path),
): void {
  router.onError(async (_error, to) => {
    if (wasJustReloaded() || !(await isHouseThere())) return say();
    sessionStorage.setItem(KEY, String(Date.now()));
    open(to.fullPath);
  });
}
