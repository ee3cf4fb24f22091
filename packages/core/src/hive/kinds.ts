import type { z } from 'zod';
import { TOP_BAR_DEFAULTS, topBarGeometrySchema, type TopBarGeometry } from './topBar.js';

/**
 * What Furrow knows of a kind of hive. A new kind is one file with its geometry and one entry here
 * (docs/a-new-hive-kind.md); its drawing registers itself the same way in the web.
 */
export interface HiveKind<Geometry> {
  kind: string;
  name: string;
  unitTaken: 'comb' | 'box' | 'frame' | 'pot';
  /** What carries a comb and how many there are of it. */
  carrier: 'bar' | 'frame' | 'box';
  carrierCount: (geometry: Geometry) => number;
  /** Compartments by name; a placement names one of them and a slot in it, counted from 1. */
  compartments: readonly string[];
  geometrySchema: z.ZodType<Geometry>;
  defaults: Geometry;
}

export const topBarHive: HiveKind<TopBarGeometry> = {
  kind: 'top-bar',
  name: 'Horizontal top-bar hive',
  unitTaken: 'comb',
  carrier: 'bar',
  carrierCount: (geometry) => geometry.bars,
  compartments: ['file'],
  geometrySchema: topBarGeometrySchema,
  defaults: TOP_BAR_DEFAULTS,
};

export const HIVE_KINDS = { 'top-bar': topBarHive } as const;
export type HiveKindName = keyof typeof HIVE_KINDS;
export const HIVE_KIND_NAMES = Object.keys(HIVE_KINDS) as [HiveKindName, ...HiveKindName[]];
