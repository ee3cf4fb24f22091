import type { PayloadTo } from '@furrow/core';

type Whole = PayloadTo<'/drainEvents'>;
/** What happened at a drain, before it has its number and its drain. */
export type DrainEventSaid = Omit<Whole, 'id' | 'drainId' | 'minutes'> &
  Partial<Pick<Whole, 'minutes'>>;
