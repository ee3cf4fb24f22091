import { hiveSay } from '../says.js';
import type { CombOutline } from '../../comb/outline.js';
import {
  EDGE_GAP_MM,
  sealedThicknessMm,
  straight,
  type CompartmentShape,
  type HiveKind,
  type Measure,
} from '../kind.js';

/** Measures shared by the kinds that set supers over closed brood boxes. */
export type SuperGeometry = Record<
  | 'broodBoxes'
  | 'supers'
  | 'framesPerSuper'
  | 'framePitchMm'
  | 'combWidthMm'
  | 'superDepthMm'
  | 'broodDepthMm',
  number
>;

const SUPER_MEASURES: readonly Measure[] = [
  { key: 'broodBoxes', label: hiveSay('hive.brood-boxes'), low: 1, high: 3 },
  { key: 'supers', label: hiveSay('hive.supers'), low: 0, high: 6 },
  { key: 'framesPerSuper', label: hiveSay('hive.frames-in-super'), low: 4, high: 13 },
  { key: 'framePitchMm', label: hiveSay('hive.frame-pitch'), unit: 'mm', low: 30, high: 80 },
  { key: 'combWidthMm', label: hiveSay('hive.comb-width'), unit: 'mm', low: 150, high: 480 },
  { key: 'superDepthMm', label: hiveSay('hive.depth-super'), unit: 'mm', low: 80, high: 330 },
  { key: 'broodDepthMm', label: hiveSay('hive.depth-brood-box'), unit: 'mm', low: 150, high: 400 },
];

/** Wood of a frame, its bars and the passages above and below, mm of the super's depth. */
const FRAME_WOOD_MM = 30;

/** Comb in a wooden frame: inside the wood, less the gap bees leave at its edges. */
const inTheWood = (g: SuperGeometry): CombOutline =>
  straight(g.combWidthMm - 2 * EDGE_GAP_MM, g.superDepthMm - FRAME_WOOD_MM - EDGE_GAP_MM);

/**
 * Brood boxes below, supers above. Takes the comb of a super where it is not plain comb in wood.
 */
export function superCompartment(
  g: SuperGeometry,
  name: string,
  comb: { outline: CombOutline; thicknessMm: number } = {
    outline: inTheWood(g),
    thicknessMm: sealedThicknessMm(g.framePitchMm),
  },
): CompartmentShape {
  const innerWidthMm = g.framesPerSuper * g.framePitchMm + 20;
  if (name === 'brood') {
    return {
      label: hiveSay('hive.in-brood-box'),
      positions: 0,
      combsAtStart: 0,
      pitchMm: 36,
      innerWidthMm,
      innerDepthMm: g.broodDepthMm,
      outline: straight(g.combWidthMm, g.broodDepthMm - FRAME_WOOD_MM),
      thicknessMm: 26,
      readable: false,
    };
  }
  return {
    label: hiveSay('hive.in-super'),
    positions: g.framesPerSuper,
    combsAtStart: g.framesPerSuper,
    pitchMm: g.framePitchMm,
    innerWidthMm,
    innerDepthMm: g.superDepthMm,
    ...comb,
    readable: true,
  };
}
const superBoxes = (g: SuperGeometry): ('brood' | 'super')[] => [
  ...Array.from({ length: g.broodBoxes }, () => 'brood' as const),
  ...Array.from({ length: g.supers }, () => 'super' as const),
];

/** What every kind with supers of frames over closed brood boxes has in common. */
export const SUPER_KIND = {
  unitTaken: 'frame',
  carrier: 'frame',
  bee: 'honeybee',
  measures: SUPER_MEASURES,
  handles: { places: 'framesPerSuper', depthMm: 'superDepthMm', boxes: 'supers' },
  boxesAtStart: superBoxes,
  readCompartment: 'super',
  newBox: 'super',
} satisfies Partial<HiveKind<SuperGeometry>>;
