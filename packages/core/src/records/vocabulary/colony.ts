import type { Say } from '../../say/say.js';
import { listSay } from './listSays.js';

/** Signs found when a colony is gone, as far as a person can see them. */
export const DEATH_CAUSES = [
  'foulbrood',
  'poisoned',
  'rodents',
  'dysentery',
  'mould',
  'mites',
  'treated',
  'damp',
  'starved',
  'queenless',
  'cold',
  'robbed',
  'unknown',
] as const;
export type DeathCause = (typeof DEATH_CAUSES)[number];
/**
 * Signs that have to be looked for before the checklist of a dead colony is answered: one tick
 * clears nothing.
 */
export const DEATH_MUST_ASK: readonly DeathCause[] = [
  'foulbrood',
  'poisoned',
  'rodents',
  'dysentery',
  'mould',
  'mites',
  'treated',
  'damp',
  'starved',
];

/** Whether a treatment's leaflet allows honey supers on the hive during it. */
export const SUPERS_ON = ['yes', 'no', 'unknown'] as const;
export type SupersOn = (typeof SUPERS_ON)[number];
/** What a hive stands on, as far as a spill is concerned. */
export const FLOORS = ['solid', 'mesh', 'mesh-tray', 'tray-rim'] as const;
export type Floor = (typeof FLOORS)[number];
export const FLOOR_WORDS: Record<Floor, Say> = {
  solid: listSay('list.floor.solid'),
  mesh: listSay('list.floor.mesh'),
  'mesh-tray': listSay('list.floor.mesh-tray'),
  'tray-rim': listSay('list.floor.tray-rim'),
};
