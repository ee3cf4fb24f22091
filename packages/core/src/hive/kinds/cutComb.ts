import type { HiveKind } from '../kind.js';
import { SUPER_KIND, superCompartment, superSchema, type SuperGeometry } from './supers.js';

/** A shallow super with thin sheets or none, for comb honey in pieces. */
export const cutCombHive: HiveKind<SuperGeometry> = {
  ...SUPER_KIND,
  kind: 'cut-comb',
  name: 'Cut-comb super',
  geometrySchema: superSchema,
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
    'Crowding a colony into a comb super makes it swarm: look every week while it is on.',
    'Without a strong flow it stays half built, and the bees travel-stain what is there.',
    'Without an empty super between, pollen and brood come into the comb.',
    'Comb that slaps against its frame on the way home cracks and runs.',
  ],
  takingSteps: [
    'Look from below: capped to the edge?',
    'Repellent board aslant where permitted, then blow or brush empty',
    'Carry so that combs hang still',
    'Freeze before anything hatches in it',
  ],
};
