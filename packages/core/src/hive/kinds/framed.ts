import { z } from 'zod';
import type { HiveKind } from '../kind.js';
import { SUPER_KIND, superCompartment, superShape } from './supers.js';

const schema = z.strictObject({
  ...superShape,
  sheet: z.enum(['none', 'starter', 'plastic'], 'Choose what the frames are built from.'),
});
export type FramedGeometry = z.infer<typeof schema>;

/**
 * A super of wooden frames for crushing: comb cut out above a starter strip, or scraped from a
 * sheet.
 */
export const framedHive: HiveKind<FramedGeometry> = {
  ...SUPER_KIND,
  kind: 'framed',
  name: 'Framed super, for crushing',
  geometrySchema: schema,
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
      label: 'Frames are built from',
      options: [
        { value: 'none', label: 'Nothing' },
        { value: 'starter', label: 'A starter strip' },
        { value: 'plastic', label: 'A plastic sheet' },
      ],
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
    'Unwired comb falls out of a frame held flat, most of all when it is warm.',
    'A frame left out is filled with stray comb within days: every gap gets its frame.',
    'A scraped sheet goes back at once, or wax moth and robbers find it.',
  ],
  takingSteps: [
    'Smoke, wait',
    'One frame at a time: brush, look for brood',
    'Cut out above the starter strip, or scrape the sheet over the tub',
    'Frame back at once',
    'No gap left: every place gets its frame',
  ],
};
