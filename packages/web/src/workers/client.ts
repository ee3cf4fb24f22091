import { wrap, type Remote } from 'comlink';
import type { ComputeApi } from './compute.js';

let remote: Remote<ComputeApi> | null = null;

/** The one compute worker, started when first asked. */
export function compute(): Remote<ComputeApi> {
  remote ??= wrap<ComputeApi>(new Worker(new URL('./compute.ts', import.meta.url), { type: 'module' }));
  return remote;
}
