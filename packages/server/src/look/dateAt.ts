import { dayOf } from '@furrow/core';
import { DateTime } from 'luxon';

/** The calendar date of an instant at a site. */
export const dateAt = (instant: string, zone: string): string =>
  dayOf(DateTime.fromISO(instant, { zone }));
