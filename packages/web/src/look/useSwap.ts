import { tell } from '../words/tell.js';
import { placeLabel, type BarView, type Hive } from '@furrow/core';
import { ref, type Ref } from 'vue';
import type { useSend } from '../api/useSend.js';
import { useUi } from '../shell/ui.js';

/** The carriers of a box in their order, two of them in each other's place. */
export function swapped(hive: Hive, one: BarView, other: BarView): string[] {
  const box = hive.boxes.find((b) => b.carrierId === one.boxId);
  const list = hive.bars
    .filter((b) => b.boxId === one.boxId)
    .sort((a, b) => a.inBox - b.inBox)
    .map((b) => b.carrierId);
  // A box that was turned round is counted from its other end.
  if (box?.turned) list.reverse();
  const [i, j] = [list.indexOf(one.carrierId), list.indexOf(other.carrierId)];
  [list[i], list[j]] = [list[j], list[i]];
  return list;
}

/**
 * Two places being swapped: the first is named, the next touch names the other. `swapWith` answers
 * whether they are swapped now.
 */
export function useSwap(hive: Ref<Hive>, go: ReturnType<typeof useSend>['go']) {
  const ui = useUi();
  const swapping = ref<BarView | null>(null);
  async function swapWith(slot: number): Promise<boolean> {
    const from = swapping.value;
    swapping.value = null;
    const other = hive.value.bars.find((b) => b.slot === slot);
    if (!from || !other || other.slot === from.slot) return false;
    if (other.boxId !== from.boxId) {
      ui.say(tell('useSwap.only-places-one-box-are'), null);
      return false;
    }
    const carrierIds = swapped(hive.value, from, other);
    const done = await go(
      '/orders',
      { hiveId: hive.value.id, boxId: from.boxId, carrierIds, what: 'swap' },
      tell('useSwap.and-swapped', { slot: placeLabel(from.slot), slot2: placeLabel(slot) }),
    );
    return Boolean(done);
  }
  return { swapping, swapWith };
}
