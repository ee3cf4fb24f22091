import { sayer, type Say } from '../../say/say.js';
import type { WayOrLeave } from './ways.js';

/** What the ways of a comb are called: at the start of a line, within a sentence, and what each does. */
export interface WaySays {
  'way.leave': object;
  'way.leave.in': object;
  'way.leave.note': object;
  'way.cut': object;
  'way.cut.in': object;
  'way.cut.note': object;
  'way.chunk': object;
  'way.chunk.in': object;
  'way.chunk.note': object;
  'way.crush': object;
  'way.crush.in': object;
  'way.crush.note': object;
  'way.slice': object;
  'way.slice.in': object;
  'way.slice.note': object;
  'way.press': object;
  'way.press.in': object;
  'way.press.note': object;
  'way.drip-press': object;
  'way.drip-press.in': object;
  'way.drip-press.note': object;
  'way.drain-hive': object;
  'way.drain-hive.in': object;
  'way.drain-hive.note': object;
  'way.drain-off': object;
  'way.drain-off.in': object;
  'way.drain-off.note': object;
  'way.draw-pots': object;
  'way.draw-pots.in': object;
  'way.draw-pots.note': object;
  'way.cut-pots': object;
  'way.cut-pots.in': object;
  'way.cut-pots.note': object;
  'way.lettered': { way: Say; letter: string };
}

export const waySay = sayer<WaySays>();

/** The name of a way: "Crush and strain". */
export const wayName = (way: WayOrLeave): Say => waySay(`way.${way}`);
/** The same within a sentence: "crush and strain". */
export const wayIn = (way: WayOrLeave): Say => waySay(`way.${way}.in`);
/** What it does: "broken up, stirred, strained". */
export const wayNote = (way: WayOrLeave): Say => waySay(`way.${way}.note`);
