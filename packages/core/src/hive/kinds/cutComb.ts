import { hiveSay } from '../says.js';
import type { HiveKind } from '../kind.js';
import { SUPER_KIND, superCompartment, type SuperGeometry } from './supers.js';

/** A shallow super with thin sheets or none, for comb honey in pieces. */
export const cutCombHive: HiveKind<SuperGeometry> = {
  ...SUPER_KIND,
  kind: 'cut-comb',
  name: hiveSay('hiveName.cut-comb'),
  defaults: {
    broodBoxes: 1,
    supers: 1,
    framesPerSuper: 9,
    framePitchMm: 40,
    combWidthMm: 430,
    superDepthMm: 145,
    broodDepthMm: 240,
  },
  choices: [],
  compartment: superCompartment,
  seenBy: ['hand', 'photo', 'below'],
  moves: ['swap', 'turn-super', 'add-on-top', 'add-between', 'take-off', 'give-to-colony'],
  drainsInPlace: false,
  dripsInBox: false,
  superPurpose: 'cut-comb',
  keepsBlock: false,
  hungFrom: 'bar',
  winterNeedIn: 'winterNeedByKindKg',
  boxesGoWhole: false,
  risks: [
    hiveSay('hive.crowding-colony-into-comb-super'),
    hiveSay('hive.without-strong-flow-it-stays'),
    hiveSay('hive.without-empty-super-between-pollen'),
    hiveSay('hive.comb-that-slaps-against-its'),
  ],
};
