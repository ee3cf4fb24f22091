import type { Hive } from '../records/hiveViews.js';
import { countedCombs, hiveKind } from './kinds.js';
import type { Say } from '../say/say.js';
import { hiveSay } from './says.js';

const boxOf = (slot: number): number => Math.floor(slot / 100);
/**
 * What is taken of a hive in its keeper's words: whole boxes by their number where a box is what is
 * taken, else counted: "box 4", "box 4 and 2 combs", "3 combs", "5 frames". A box is whole where
 * none of its combs stays. Takes the hive as it stands and the slots of what is taken.
 */
export function takenUnits(
  hive: Pick<Hive, 'kind'> & { bars: readonly { slot: number; comb: unknown }[] },
  slots: readonly number[],
): Say {
  if (hiveKind(hive.kind).unitTaken !== 'box') return countedCombs(slots.length, hive.kind);
  const taken = new Set(slots);
  const isWhole = (box: number): boolean =>
    hive.bars.every((b) => boxOf(b.slot) !== box || !b.comb || taken.has(b.slot));
  const whole = [...new Set(slots.map(boxOf))].filter(isWhole).sort((a, b) => b - a);
  const single = slots.filter((s) => !whole.includes(boxOf(s))).length;
  const combs = countedCombs(single, hive.kind);
  if (!whole.length) return combs;
  const boxes = hiveSay('hiveName.boxes', {
    count: whole.length,
    boxes: { and: whole.map(String) },
  });
  return single ? hiveSay('hiveName.both', { boxes, combs }) : boxes;
}
