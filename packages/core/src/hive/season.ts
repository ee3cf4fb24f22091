import type { Hemisphere } from '../records/vocabulary/hive.js';

/**
 * The season a calendar date belongs to: 1 July to 30 June in the south, January to December in the
 * north. Takes YYYY-MM-DD in the site's zone. Gives the first day and a name such as "2026/27" or
 * "2026".
 */
export function seasonOf(date: string, hemisphere: Hemisphere): { startsOn: string; name: string } {
  const year = Number(date.slice(0, 4));
  if (hemisphere === 'north') return { startsOn: `${year}-01-01`, name: String(year) };
  const first = Number(date.slice(5, 7)) >= 7 ? year : year - 1;
  return {
    startsOn: `${first}-07-01`,
    name: `${first}/${String((first + 1) % 100).padStart(2, '0')}`,
  };
}
