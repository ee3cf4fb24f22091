import { tell } from '../words/tell.js';
import {
  EMPTY_SHARES,
  faceShares,
  unpackFace,
  type BarView,
  type Hive,
  type Look,
  type SeenBy,
  type Shares,
  type StoredFace,
  hasComb,
  sure,
} from '@furrow/core';
import { computed, type Ref } from 'vue';
import { newId } from '../api/client.js';
import type { useSend } from '../api/useSend.js';
import { useUi } from '../shell/ui.js';
import {
  beginAlike,
  beginDraft,
  lookPayload,
  otherSide,
  setBands,
  setFace,
  tellsOfOthers,
  type LookDraft,
  type Side,
} from './lookDraft.js';
import { useWholeBox } from './useWholeBox.js';

const PRESETS: Record<string, Shares> = {
  'top-third': { ...EMPTY_SHARES, capped: 0.33, empty: 0.67 },
  'half-capped': { ...EMPTY_SHARES, capped: 0.5, open: 0.3, empty: 0.2 },
  'all-capped': { ...EMPTY_SHARES, capped: 1, empty: 0 },
};

/**
 * The look being made of the comb in view: begun by the first touch, filled side by side, written
 * down, or put down again. Takes the drafts of all combs, where one stands, and what is known of
 * the comb from before.
 */
export function useLookMaking(input: {
  drafts: Ref<Record<string, LookDraft>>;
  draft: Ref<LookDraft | null>;
  hive: Ref<Hive>;
  here: Ref<BarView | null>;
  slot: Ref<number>;
  side: Ref<Side>;
  combs: Ref<readonly { slot: number; combId: string }[]>;
  /** The comb as it stands now, and the cells that were kept of it. */
  standing: Ref<Look | null>;
  lastFaces: Ref<Partial<Record<Side, StoredFace | null>> | null | undefined>;
  /** What the comb is called in a sentence, and the day it is. */
  combWord: Ref<string>;
  date: Ref<string>;
  go: ReturnType<typeof useSend>['go'];
}) {
  const { drafts, draft, hive, here, slot, side, combs, standing, lastFaces, go } = input;
  const ui = useUi();
  /** The place in hand, where a comb hangs there. */
  const place = computed(() => (here.value && hasComb(here.value) ? here.value : null));
  function begin(): LookDraft {
    const bar = sure(place.value, tell('useLookMaking.comb-in-hand'));
    drafts.value[bar.comb.id] = draft.value ?? beginDraft(hive.value, bar);
    return drafts.value[bar.comb.id];
  }
  const setSide = (shares: Shares | null): void => setBands(begin(), side.value, shares);
  function sharesFrom(from: string, d: LookDraft): Shares {
    const told: Record<string, Shares | null | undefined> = {
      ...PRESETS,
      last: standing.value?.sides[side.value],
      other: d[otherSide(side.value)],
    };
    return { ...(told[from] ?? EMPTY_SHARES) };
  }
  function startSide(from: string): void {
    const d = begin();
    const kept = from === 'last' ? (lastFaces.value?.[side.value] ?? null) : null;
    if (kept) setFace(d, side.value, kept, 'hand');
    else setSide(sharesFrom(from, d));
  }
  function putFace(face: StoredFace, by: SeenBy, photoId: string | null): void {
    const d = begin();
    setFace(d, side.value, face, by);
    d.photos[side.value] = photoId;
  }
  function mirror(face: StoredFace): void {
    setFace(begin(), otherSide(side.value), face, 'hand');
    const shares = faceShares(unpackFace(face).cells);
    ui.say(
      tell('useLookMaking.mirrored-to-side-capped-there', {
        side: otherSide(side.value),
        capped: Math.round(shares.capped * 100),
      }),
      null,
    );
  }
  /** Looked at again on a later day, and nothing changed: the sides as they were, today. */
  const canBeSame = computed(() => {
    const last = place.value?.comb.looks.at(-1);
    const { A, B } = standing.value?.sides ?? {};
    return Boolean(A ?? B) && last !== undefined && last.date < input.date.value;
  });
  function seenTheSame(): void {
    const { A, B } = standing.value?.sides ?? {};
    if (A) setBands(begin(), 'A', { ...A });
    if (B) setBands(begin(), 'B', { ...B });
  }
  function putDown(): void {
    if (here.value?.comb) delete drafts.value[here.value.comb.id];
  }
  /** True when it is written down. */
  async function writeDown(): Promise<boolean> {
    const d = draft.value;
    if (!d) return false;
    const word = input.combWord.value;
    const said = tell('useLookMaking.written-down', {
      word: word[0].toUpperCase(),
      word2: word.slice(1),
    });
    const done = await go('/looks', lookPayload(d, newId()), said);
    if (done) delete drafts.value[d.combId];
    return Boolean(done);
  }
  /** The comb that comes after this one in the file or the box. */
  const after = computed(() => {
    const next = combs.value[combs.value.findIndex((c) => c.slot === slot.value) + 1];
    const bar = hive.value.bars.filter(hasComb).find((b) => b.comb.id === next?.combId);
    return bar && bar.boxId === here.value?.boxId ? bar : null;
  });
  const canBeAlike = computed(() =>
    Boolean(draft.value && after.value && tellsOfOthers(draft.value)),
  );
  /** Written down, and the one after is begun as its like: what differs is touched there. */
  async function writeAndGoOn(): Promise<void> {
    const [read, next] = [draft.value, after.value];
    if (!read || !next || !(await writeDown())) return;
    drafts.value[next.comb.id] = beginAlike(read, hive.value, next);
    slot.value = next.slot;
  }
  const { boxLabel, writeBox } = useWholeBox(hive, here, draft, go);
  async function writeWholeBox(): Promise<void> {
    const read = draft.value;
    if (read && (await writeBox(read))) delete drafts.value[read.combId];
  }
  return {
    begin,
    setSide,
    startSide,
    putFace,
    mirror,
    canBeSame,
    seenTheSame,
    putDown,
    writeDown,
    canBeAlike,
    writeAndGoOn,
    boxLabel,
    writeWholeBox,
  };
}
