import { honeyDensityKgPerL } from '../honey/density.js';
import { jarFill, type JarKind } from '../jar/index.js';
import { HEADSPACE_SHARE } from '../rules/headspace.js';
import type { Range } from '../units/format.js';

export type VesselRole = 'tub' | 'upper' | 'lower' | 'settling';
export interface KitVessel {
  id: string;
  name: string;
  role: VesselRole;
  volumeL: number;
  tareG: number;
}
export interface VesselNeed {
  role: VesselRole;
  what: string;
  neededL: number;
  vessels: KitVessel[];
  /** Litres the kit falls short by; 0 where it suffices. */
  shortL: number;
}
export interface GearList {
  hive: string[];
  bench: string[];
  vessels: VesselNeed[];
  jars: { id: string; netG: number; count: number }[];
  jarShortage: { id: string; needed: number; stock: number }[] | null;
}

const ROLE_WORDS: Record<VesselRole, string> = {
  tub: 'Tub with lid, for the combs',
  upper: 'Upper bucket with holes, for the crushed comb',
  lower: 'Lower bucket, for the honey',
  settling: 'Settling vessel with gate',
};

/** Picks the fewest of the kit's vessels of a role that hold `neededL`, largest first, then the smallest that closes the gap. */
export function pickVessels(kit: readonly KitVessel[], role: VesselRole, neededL: number): VesselNeed {
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

/**
 * Everything to bring, counted from the choice: hive tools, bench tools, vessels by litres (at the HIGH
 * estimate, so that nothing runs over) and jars at the high estimate of honey out, with what the stock lacks.
 */
export function gearList(input: { combs: number; combHoneyKg: Range; waxKg: Range; honeyOutKg: Range; kit: readonly KitVessel[]; jars: readonly JarKind[]; moisturePercent: number }): GearList {
  const density = honeyDensityKgPerL(input.moisturePercent);
  const honeyL = input.combHoneyKg.high / density;
  // Whole comb fills a tub loosely: honey over the low packing of 0.85; crushed it closes up to honey plus wax.
  const combL = honeyL / 0.85;
  const crushedL = honeyL + input.waxKg.high / 0.96;
  const outL = input.honeyOutKg.high / density;
  const fill = input.jars.length ? jarFill({ honeyKg: input.honeyOutKg.high, jars: [...input.jars], goal: 'least-left' }) : null;
  return {
    hive: ['Veils, gloves and suits, for two', 'Smoker, fuel, lighter, water', 'Long knife for the walls', 'Brush or feather', `${input.combs} spare ${input.combs === 1 ? 'bar' : 'bars'}, if a bar breaks`, 'Wet cloth, bucket of water', 'Refractometer', 'Adrenaline, telephone'],
    bench: ['Masher or clean hands', 'Strainer', 'Scale, tared', 'Thermometer', 'Cover cloths against bees', 'Hot water and cloths'],
    vessels: [pickVessels(input.kit, 'tub', combL), pickVessels(input.kit, 'upper', crushedL), pickVessels(input.kit, 'lower', outL), pickVessels(input.kit, 'settling', outL)],
    jars: fill?.fills ?? [],
    jarShortage: fill ? fill.shortage : input.honeyOutKg.high > 0 ? [] : null,
  };
}
