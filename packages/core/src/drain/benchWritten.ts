import type { NewDrainEvent, NewWeighing } from '../records/bench.js';
import type { DrainEvent, Weighing } from '../records/drainViews.js';

/**
 * A weighing as it stands from then on. The house writes this, and a device shows it before the
 * house has answered.
 */
export const weighingWritten = (payload: NewWeighing, occurredAt: string): Weighing => ({
  ...payload,
  netG: payload.grossG - payload.tareG,
  leftOut: false,
  occurredAt,
});

/** What happened to a drain as it stands from then on; see {@link weighingWritten}. */
export const drainEventWritten = (payload: NewDrainEvent, occurredAt: string): DrainEvent => ({
  ...payload,
  g: payload.g ?? null,
  grossG: payload.grossG ?? null,
  tareG: payload.tareG ?? null,
  temperatureC: payload.temperatureC ?? null,
  moisturePercent: payload.moisturePercent ?? null,
  occurredAt,
});
