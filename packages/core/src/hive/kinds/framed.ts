import { hiveSay } from '../says.js';
import { fieldSay } from '../../say/field.js';
import type { HiveKind } from '../kind.js';
import { SUPER_KIND, superCompartment, type SuperGeometry } from './supers.js';

export type FramedGeometry = SuperGeometry & { sheet: 'none' | 'starter' | 'plastic' };

/**
 * A super of wooden frames for crushing: comb cut out above a starter strip, or scraped from a
 * sheet.
 */
export const framedHive: HiveKind<FramedGeometry> = {
  ...SUPER_KIND,
  kind: 'framed',
  name: hiveSay('hiveName.framed'),
  defaults: {
    broodBoxes: 1,
    supers: 1,
    framesPerSuper: 9,
    framePitchMm: 40,
    combWidthMm: 420,
    superDepthMm: 168,
    broodDepthMm: 240,
    sheet: 'starter',
  },
  choices: [
    {
      key: 'sheet',
      label: hiveSay('hive.frames-are-built-from'),
      options: [
        { value: 'none', label: hiveSay('hive.nothing') },
        { value: 'starter', label: hiveSay('hive.starter-strip') },
        { value: 'plastic', label: hiveSay('hive.plastic-sheet') },
      ],
      says: fieldSay('field.choose-foundation'),
      mayBeUnsaid: false,
    },
  ],
  compartment: superCompartment,
  seenBy: ['hand', 'photo', 'below'],
  moves: ['swap', 'turn-super', 'add-on-top', 'add-between', 'take-off', 'give-to-colony'],
  drainsInPlace: false,
  dripsInBox: false,
  superPurpose: 'liquid',
  keepsBlock: true,
  hungFrom: 'bar',
  winterNeedIn: 'winterNeedByKindKg',
  boxesGoWhole: false,
  risks: [
    hiveSay('hive.unwired-comb-falls-out-frame'),
    hiveSay('hive.frame-left-out-filled-with'),
    hiveSay('hive.scraped-sheet-goes-back-at'),
  ],
};
