import { tell } from '../words/tell.js';
import { firstOf, hiveKind, type BarView, type Hive } from '@furrow/core';

const UNIT_WORDS = { comb: 'comb', box: 'comb', frame: 'frame', pots: 'pots' } as const;

/** What a place is called in full: "Bar 12", "Super 2, frame 5". */
export function placeName(hive: Hive, bar: BarView): string {
  if (bar.boxId === null) return tell('hiveWords.bar', { slot: bar.slot });
  const box = firstOf(hive.boxes, (b) => b.carrierId === bar.boxId);
  const unit = UNIT_WORDS[hiveKind(hive.kind).unitTaken];
  return tell('hiveWords.text', {
    compartment: box.compartment === 'box' ? tell('common.box') : tell('common.super'),
    number: box.number,
    unit,
    inBox: bar.inBox,
  });
}
