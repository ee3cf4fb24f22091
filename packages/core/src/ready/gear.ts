import { type Say } from '../say/say.js';
import { readySay } from './says.js';
import type { KitVessel, VesselRole } from '../records/vocabulary/vessels.js';
import { HEADSPACE_SHARE } from '../rules/headspace.js';

/** Less than this short is nothing, litres. */
export const SPILT_L = 0.05;

export interface VesselNeed {
  role: VesselRole;
  what: Say;
  neededL: number;
  vessels: KitVessel[];
  /** Litres the kit falls short by; 0 where it suffices. */
  shortL: number;
}
const ROLE_WORDS: Record<VesselRole, Say> = {
  tub: readySay('ready.gear.tub-with-lid-for-combs'),
  upper: readySay('ready.gear.upper-bucket-with-holes-for'),
  lower: readySay('ready.gear.lower-bucket-for-honey'),
  settling: readySay('ready.gear.settling-vessel-with-gate'),
};

/**
 * Picks the fewest of the kit's vessels of a role that hold `neededL`, largest first, then the
 * smallest that closes the gap.
 */
export function pickVessels(
  kit: readonly KitVessel[],
  role: VesselRole,
  neededL: number,
): VesselNeed {
  const usable = (v: KitVessel): number => v.volumeL * (1 - HEADSPACE_SHARE);
  const candidates = kit.filter((v) => v.role === role).sort((a, b) => b.volumeL - a.volumeL);
  const picked: KitVessel[] = [];
  let open = neededL;
  while (open > 1e-9 && candidates.length) {
    const enough = candidates.filter((v) => usable(v) >= open).pop();
    const next = enough ?? candidates[0];
    candidates.splice(candidates.indexOf(next), 1);
    picked.push(next);
    open -= usable(next);
  }
  return { role, what: ROLE_WORDS[role], neededL, vessels: picked, shortL: Math.max(0, open) };
}
