import { tell } from '../words/tell.js';
import { said } from '../words/units.js';
import { firstOf, unitWord, type BarView, type Hive } from '@furrow/core';

/** What a place is called in full: "Bar 12", "Super 2, frame 5". */
export function placeName(hive: Hive, bar: BarView): string {
  if (bar.boxId === null) return tell('hiveWords.bar', { slot: bar.slot });
  const box = firstOf(hive.boxes, (b) => b.carrierId === bar.boxId);
  const unit = said(unitWord(hive.kind));
  return tell('hiveWords.text', {
    compartment: box.compartment === 'box' ? tell('common.box') : tell('common.super'),
    number: box.number,
    unit,
    inBox: bar.inBox,
  });
}
