import { hiveKind } from '../hive/kinds.js';
import type { HiveKindName } from '../records/vocabulary/hive.js';
import type { HouseRules } from '../records/houseRules.js';
import type { Way, WayOrLeave } from '../records/vocabulary/ways.js';
import type { CrushMethod } from '../records/vocabulary/bench.js';

/**
 * How comb of this kind of hive is broken up for a way: 'slice' by its own name, else as the house
 * rule says; a household that slices mashes where it presses. Comb of a pile box that is pressed
 * later is cut open only, so that what drips is clear and the press finds the rest.
 */
export function crushMethodOf(
  way: Way,
  rules: Pick<HouseRules, 'crush'>,
  kind: HiveKindName,
): CrushMethod {
  if (way === 'slice' || isCutOpen(way, kind)) return 'slice';
  return rules.crush === 'slice' ? 'mash' : rules.crush;
}

/** Whether comb is cut open across its cells, left to drip, and pressed the day after. */
export const isCutOpen = (way: WayOrLeave, kind: HiveKindName): boolean =>
  way === 'drip-press' && hiveKind(kind).dripsInBox;
