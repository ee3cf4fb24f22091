import type { WritePath } from '@furrow/core';
import { begunWrites } from './choose/begun.js';
import { chooseWrites } from './choose/writes.js';
import { keepingWrites } from './cut/keepings.js';
import { packingWrites } from './cut/packing.js';
import { spreadsheetWrites } from './archive/spreadsheet.js';
import { aftercareWrites } from './book/aftercare.js';
import { holdWrites } from './book/holds.js';
import { cutWrites } from './cut/writes.js';
import { drainWrites } from './drain/writes.js';
import { labelWrites } from './jar/labels.js';
import { outWrites } from './jar/outs.js';
import { jarWrites } from './jar/writes.js';
import { lookWrites } from './look/writes.js';
import { moveWrites } from './look/moves.js';
import { strayWrites } from './look/stray.js';
import { calendarWrites } from './ready/calendars.js';
import { readyWrites } from './ready/writes.js';
import { rulesWrites } from './rules/writes.js';
import { waterWrites } from './drain/water.js';
import { frameWrites } from './take/frames.js';
import { takeWrites } from './take/takes.js';
import { splitWrites } from './take/split.js';
import { stepWrites } from './take/writes.js';
import type { Write } from './store/writes.js';

const LISTED = [
  ...lookWrites,
  ...moveWrites,
  ...strayWrites,
  ...chooseWrites,
  ...begunWrites,
  ...readyWrites,
  ...calendarWrites,
  ...takeWrites,
  ...frameWrites,
  ...waterWrites,
  ...stepWrites,
  ...splitWrites,
  ...drainWrites,
  ...cutWrites,
  ...packingWrites,
  ...keepingWrites,
  ...jarWrites,
  ...labelWrites,
  ...outWrites,
  ...aftercareWrites,
  ...holdWrites,
  ...spreadsheetWrites,
  ...rulesWrites,
];

/** A command of the interface that nobody carries out does not compile here. */
type LeftOut = Exclude<WritePath, (typeof LISTED)[number]['path']>;
const everyCommandIsCarriedOut: [LeftOut] extends [never] ? true : LeftOut = true;
void everyCommandIsCarriedOut;

/** Every write there is, stage by stage. Routes, OpenAPI and the demo all read this one list. */
export const ALL_WRITES: readonly Write[] = LISTED;
