import { DateTime } from 'luxon';

/** Years that are looked through for summer time, newest first. */
const [NEWEST, OLDEST] = [2025, 1970];

/**
 * The hemisphere a time zone lies in, as far as its clocks tell: where they were ever put forward
 * in January but not in July it is the south, the other way round the north. Null where they never
 * were: then somebody has to say.
 */
export function hemisphereOfZone(zone: string): 'north' | 'south' | null {
  for (let year = NEWEST; year >= OLDEST; year--) {
    const offset = (month: number): number => DateTime.fromObject({ year, month }, { zone }).offset;
    const [january, july] = [offset(1), offset(7)];
    if (Number.isNaN(january)) return null;
    if (january !== july) return january > july ? 'south' : 'north';
  }
  return null;
}
