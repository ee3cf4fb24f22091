import { readySay } from './says.js';
import { DateTime } from 'luxon';
import { BadInput } from '../badInput.js';
import { rememberedZone } from '../units/rememberedZone.js';

/**
 * The moment a harvest is planned to begin, in the zone of its site. Takes the local date and time
 * as they were typed.
 *
 * @throws BadInput where that place has no such date and time.
 */
export function plannedStart(startLocal: string, zone: string): DateTime {
  const planned = DateTime.fromISO(startLocal, { zone: rememberedZone(zone) });
  if (!planned.isValid)
    throw new BadInput(readySay('ready.plannedStart.this-no-date-and-time'), 'startLocal');
  return planned;
}
