import { wrap, type Remote } from 'comlink';
import type { ChooserApi } from './chooser.js';
import type { ComputeApi } from './compute.js';
import type { CutterApi } from './cutter.js';
import type { PhotoApi } from './photo.js';
import type { SpreadsheetApi } from './spreadsheet.js';

let remote: Remote<ComputeApi> | null = null;

/** The one compute worker, started when first asked. */
export function compute(): Remote<ComputeApi> {
  remote ??= wrap<ComputeApi>(
    new Worker(new URL('./compute.ts', import.meta.url), { type: 'module' }),
  );
  return remote;
}

/** A worker of its own for one picture: `end` stops it in the middle. */
export function photoWorker(): { api: Remote<PhotoApi>; end: () => void } {
  const worker = new Worker(new URL('./photo.ts', import.meta.url), { type: 'module' });
  return { api: wrap<PhotoApi>(worker), end: () => worker.terminate() };
}

/** A worker with the solver; `end` stops it in the middle of a proof. */
export function chooserWorker(): { api: Remote<ChooserApi>; end: () => void } {
  const worker = new Worker(new URL('./chooser.ts', import.meta.url), { type: 'module' });
  return { api: wrap<ChooserApi>(worker), end: () => worker.terminate() };
}

/** A worker for the knife's plans; `end` stops a batch in the middle. */
export function cutterWorker(): { api: Remote<CutterApi>; end: () => void } {
  const worker = new Worker(new URL('./cutter.ts', import.meta.url), { type: 'module' });
  return { api: wrap<CutterApi>(worker), end: () => worker.terminate() };
}

/** A worker for one sheet that was kept before; `end` stops it in the middle. */
export function spreadsheetWorker(): { api: Remote<SpreadsheetApi>; end: () => void } {
  const worker = new Worker(new URL('./spreadsheet.ts', import.meta.url), { type: 'module' });
  return { api: wrap<SpreadsheetApi>(worker), end: () => worker.terminate() };
}
