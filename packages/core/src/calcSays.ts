import { sayer, type Mass } from './say/say.js';

/** Why something cannot be computed, by its key. */
export interface CalcSays {
  'calc.unknown': { name: string; known: string };
  'calc.unknown-name': { name: string };
  'calc.how-many-litres': object;
  'calc.rinse-brix': { most: number };
  'calc.gravity': { most: string };
  'calc.final-gravity': object;
  'calc.no-lot': { lot: string };
  'calc.flow-between-places': object;
  'calc.flow-touches-lot': object;
  'calc.no-flow-to-void': { flow: string };
  'calc.void-itself': object;
  'calc.void-of-void': object;
  'calc.opens-negative': { lot: string };
  'calc.flow-negative': { from: string; to: string; g: number };
  'calc.flow-names-no-lot': { lot: string };
  'calc.overdrawn': { at: string; g: number; lot: string };
  'calc.no-senml': object;
  'calc.record-no-value': { record: number };
  'calc.record-no-time': { record: number };
  'calc.record-unit': { record: number; unit: string };
  'calc.honey-worked': { least: { temperatureC: number }; most: { temperatureC: number } };
  'calc.honey-does-not-flow': object;
  'calc.below-zero': object;
  'calc.one-reading': object;
  'calc.exactly-one-reading': object;
  'calc.reading-no-water': object;
  'calc.more-kept-back': object;
  'calc.honey-at-most': { most: Mass };
  'calc.too-many-steps': {
    width: { lengthMm: number };
    height: { lengthMm: number };
    step: { lengthMm: number };
  };
  'calc.more-out-than-in': { out: Mass; held: Mass };
  'calc.two-weighings': object;
  'calc.face-unreadable': object;
  'calc.face-cells': { cells: number; outline: number };
  'calc.cell-unknown': object;
}
export const calcSay = sayer<CalcSays>();
