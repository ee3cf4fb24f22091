import type { Hive } from '../records/hiveViews.js';
import { countedCombsText, hiveKind } from './kinds.js';

const boxOf = (slot: number): number => Math.floor(slot / 100);
const list = (parts: readonly string[]): string =>
  parts.length < 2 ? parts.join('') : `${parts.slice(0, -1).join(', ')} and ${parts.at(-1)}`;

/**
 * What is taken of a hive in its keeper's words: whole boxes by their number where a box is what is
 * taken, else counted: "box 4", "box 4 and 2 combs", "3 combs", "5 frames". A box is whole where
 * none of its combs stays. Takes the hive as it stands and the slots of what is taken.
 */
export function takenUnitsText(
  hive: Pick<Hive, 'kind'> & { bars: readonly { slot: number; comb: unknown }[] },
  slots: readonly number[],
): string {
  if (hiveKind(hive.kind).unitTaken !== 'box') return countedCombsText(slots.length, hive.kind);
  const taken = new Set(slots);
  const isWhole = (box: number): boolean =>
    hive.bars.every((b) => boxOf(b.slot) !== box || !b.comb || taken.has(b.slot));
  const whole = [...new Set(slots.map(boxOf))].filter(isWhole).sort((a, b) => b - a);
  const single = slots.filter((s) => !whole.includes(boxOf(s))).length;
  const boxes = whole.length
    ? [`${whole.length === 1 ? 'box' : 'boxes'} ${list(whole.map(String))}`]
    : [];
  const combs = single || !boxes.length ? [countedCombsText(single, hive.kind)] : [];
  return [...boxes, ...combs].join(' and ');
}
