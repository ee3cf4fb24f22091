import { said } from '../words/units.js';
import { tell } from '../words/tell.js';
import { plainCopy } from '../parts/plainCopy';
import {
  crackThrough,
  knifeCuts,
  moveCutLine,
  movePiece,
  STEP_MM,
  type CombDefect,
  type Cut,
  type CutBoard,
  type CutPiece,
  type CutPlan,
  type CutPlanInput,
  type Flaw,
  type HouseRules,
  type Moved,
  type Placement,
  type Rect,
} from '@furrow/core';
import { proxy } from 'comlink';
import { computed, onScopeDispose, ref, shallowRef, watch, type Ref } from 'vue';
import { newId } from '../api/client.js';
import { cutterWorker } from '../workers/client.js';

/** One piece as it lies on the board now: kept, or of a plan that is only being looked at. */
export interface Lying extends Rect {
  key: string;
  jarKindId: string;
  state: CutPiece['state'];
}
export interface Draft {
  pieces: Lying[];
  cuts: Cut[];
  value: number;
  proven: boolean;
  /** The most that any plan could be worth; of one that was moved by hand nobody knows. */
  bound?: number;
}

/**
 * The knife on one board: plans made in a worker, flipped through, moved by hand, and planned anew
 * after a crack. What is only looked at is a draft; `kept` is what the server has. A newer question
 * ends the one before.
 */
export function useKnife(
  board: Ref<CutBoard | null>,
  pieces: Ref<CutPiece[]>,
  rules: Ref<HouseRules | undefined>,
  wanted: Ref<CutPlanInput['pieces']>,
  defectsOf: (board: CutBoard) => CombDefect[],
) {
  const drafts = shallowRef<Draft[]>([]);
  const at = ref(0);
  const busy = ref(false);
  const says = ref<string | null>(null);
  const possible = ref<number | null>(null);
  let worker = cutterWorker();
  let turn = 0;
  const kept = computed((): Draft => ({
    pieces: pieces.value.map((p) => ({
      key: p.id,
      jarKindId: p.jarKindId,
      xMm: p.xMm,
      yMm: p.yMm,
      widthMm: p.widthMm,
      heightMm: p.heightMm,
      state: p.state,
    })),
    cuts: board.value?.cuts ?? [],
    value: board.value?.value ?? 0,
    proven: board.value?.provenOptimal ?? false,
  }));
  const draft = computed(() => drafts.value[at.value] ?? null);
  const shown = computed(() => draft.value ?? kept.value);
  const flaws = computed((): Flaw[] => board.value?.flaws ?? []);
  const kerfMm = computed(() => rules.value?.kerfMm ?? 3);
  const input = computed((): CutPlanInput | null =>
    board.value
      ? {
          comb: { widthMm: board.value.widthMm, heightMm: board.value.heightMm },
          kerfMm: kerfMm.value,
          pieces: wanted.value,
          defects: defectsOf(board.value),
        }
      : null,
  );
  watch(
    () => board.value?.id,
    () => {
      drafts.value = [];
      says.value = null;
    },
  );

  async function ask<T>(
    run: (api: ReturnType<typeof cutterWorker>['api'], isWanted: () => boolean) => Promise<T>,
  ): Promise<T | null> {
    const mine = ++turn;
    if (busy.value) stop();
    busy.value = true;
    says.value = null;
    try {
      const answer = await run(worker.api, () => mine === turn && busy.value);
      return mine === turn ? answer : null;
    } catch (error) {
      if (mine === turn)
        says.value =
          error instanceof Error ? error.message : tell('useKnife.this-comb-cannot-be-planned');
      return null;
    } finally {
      if (mine === turn) busy.value = false;
    }
  }
  /** Ends what is being computed; what was there stays. */
  function stop(): void {
    worker.end();
    worker = cutterWorker();
    busy.value = false;
  }
  const lying = (placements: readonly Placement[]): Lying[] =>
    placements.map((p) => ({
      key: newId(),
      jarKindId: p.id,
      xMm: p.xMm,
      yMm: p.yMm,
      widthMm: p.widthMm,
      heightMm: p.heightMm,
      state: 'planned',
    }));
  async function find(): Promise<void> {
    if (!input.value) return;
    const question = plainCopy(input.value);
    if (!question.pieces.some((p) => p.limit !== 0)) {
      says.value = tell('useKnife.no-empty-boxes-for-comb');
      return;
    }
    const show = (plans: readonly CutPlan[]): void => {
      drafts.value = plans.map((p) => ({
        pieces: lying(p.placements),
        cuts: p.cuts,
        value: p.value,
        proven: p.provenOptimal,
        bound: p.bound,
      }));
      at.value = 0;
    };
    const found = await ask((api, isWanted) =>
      api.plans(
        question,
        proxy((quick) => {
          if (isWanted() && quick.placements.length) show([quick]);
        }),
      ),
    );
    if (!found) return;
    if (!found[0].placements.length) {
      // Nothing to keep: what stands on the board stays, and the reason with it.
      drafts.value = [];
      says.value = tell('useKnife.no-piece-for-your-boxes');
      return;
    }
    show(found);
    const most = await ask((api) => api.possible(question));
    if (most !== null) possible.value = most;
  }
  const worth = (list: readonly Lying[]): number =>
    list.reduce(
      (sum, p) =>
        sum +
        (p.state === 'cracked' ? 0 : (wanted.value.find((w) => w.id === p.jarKindId)?.value ?? 0)),
      0,
    );
  function changed(moved: Moved<Lying>): void {
    says.value = said(moved.says) || null;
    if (moved.says || !moved.cuts) return;
    // What the hand has moved is not to be replaced by a plan that is found later.
    if (busy.value) stop();
    const next: Draft = {
      pieces: moved.pieces,
      cuts: moved.cuts,
      value: worth(moved.pieces),
      proven: false,
    };
    drafts.value = draft.value ? drafts.value.map((d, i) => (i === at.value ? next : d)) : [next];
    if (!drafts.value[at.value]) at.value = 0;
  }
  const own = computed(() =>
    board.value ? { ...board.value, flaws: defectsOf(board.value) } : null,
  );
  const movable = computed(() => shown.value.pieces.filter((p) => p.state === 'planned'));
  const may = (): boolean => {
    if (board.value && board.value.cutsDone > 0) {
      says.value = tell('useKnife.knife-has-begun-pieces-stay');
      return false;
    }
    return own.value !== null;
  };
  const drag = (key: string, to: { xMm: number; yMm: number }): void => {
    if (may())
      changed(
        movePiece(
          own.value!,
          kerfMm.value,
          STEP_MM,
          movable.value,
          movable.value.findIndex((p) => p.key === key),
          to,
        ),
      );
  };
  const dragCut = (index: number, byMm: number): void => {
    if (may())
      changed(
        moveCutLine(
          own.value!,
          kerfMm.value,
          STEP_MM,
          movable.value,
          shown.value.cuts[index],
          byMm,
        ),
      );
  };
  /**
   * The rest planned anew after a crack, from the cuts that were made; null where it was overtaken.
   */
  async function afterCrack(key: string): Promise<Draft | null> {
    if (!input.value || !board.value) return null;
    const now = kept.value.pieces.filter((p) => p.state !== 'cracked');
    const cracked = now.find((p) => p.key === key);
    if (!cracked) return null;
    const crack: CombDefect = crackThrough(cracked);
    const question = plainCopy(input.value);
    const done = board.value.cutsDone;
    const found = await ask((api) =>
      api.replan(
        question,
        plainCopy({
          placements: now.map((p) => ({ ...p, id: p.jarKindId })),
          cuts: kept.value.cuts,
        }),
        done,
        [crack],
      ),
    );
    if (!found) return null;
    const same = (p: Placement): Lying | undefined =>
      now.find(
        (q) =>
          q.key !== key &&
          q.jarKindId === p.id &&
          Math.abs(q.xMm - p.xMm) < 0.01 &&
          Math.abs(q.yMm - p.yMm) < 0.01 &&
          Math.abs(q.widthMm - p.widthMm) < 0.01,
      );
    return {
      pieces: found.placements.map((p) => same(p) ?? lying([p])[0]),
      cuts: found.cuts,
      value: found.value,
      proven: false,
    };
  }
  onScopeDispose(() => worker.end());
  return {
    drafts,
    at,
    draft,
    shown,
    kept,
    flaws,
    kerfMm,
    busy,
    says,
    possible,
    find,
    stop,
    drag,
    dragCut,
    afterCrack,
    put: () => {
      drafts.value = [];
      says.value = null;
    },
    frees: (list: readonly Rect[]) =>
      board.value ? knifeCuts(board.value, kerfMm.value, list) : null,
  };
}
