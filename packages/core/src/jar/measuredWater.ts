import type { Drain } from '../records/views.js';

/**
 * Water of a harvest's honey as it was measured at the bench, percent: the wetter of the last two drops. Null where
 * nobody measured; what a drain was planned with is an assumption and never counts.
 */
export function measuredWaterPercent(drains: readonly Pick<Drain, 'events'>[]): number | null {
  const drops = drains
    .flatMap((drain) => drain.events)
    .filter((event) => event.kind === 'moisture' && event.moisturePercent !== null)
    .sort((a, b) => a.occurredAt.localeCompare(b.occurredAt))
    .slice(-2)
    .map((event) => event.moisturePercent!);
  return drops.length ? Math.max(...drops) : null;
}
