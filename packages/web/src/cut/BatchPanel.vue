<script setup lang="ts">
import { figure } from '../words/figures.js';
import { tell } from '../words/tell.js';
import { plainCopy } from '../parts/plainCopy';
import {
  pieceWanted,
  readShape,
  seenOutline,
  type BatchDetail,
  type BatchPlan,
  type BatchPlanInput,
  type CutPlanInput,
  type HouseRules,
  type CutBoard,
  firstOf,
} from '@furrow/core';
import { proxy } from 'comlink';
import Button from 'primevue/button';
import { computed, onScopeDispose, ref, shallowRef } from 'vue';
import CutComb from '../drawing/CutComb.vue';
import Refusal from '../parts/Refusal.vue';
import { newId } from '../api/client.js';
import { useSend } from '../api/useSend.js';
import { cutterWorker } from '../workers/client.js';
import type { useBoards } from './useBoards.js';
import { said, householdUnits } from '../words/units.js';

/**
 * All combs of the harvest planned together against the boxes there are; nothing is kept before the
 * person says so.
 */
const props = defineProps<{
  detail: BatchDetail;
  rules: HouseRules;
  boards: ReturnType<typeof useBoards>;
}>();
const emit = defineEmits<{ open: [combId: string] }>();
const { go, busy, refusal } = useSend();
let worker = cutterWorker();
const progress = ref<number | null>(null);
const plan = shallowRef<BatchPlan | null>(null);
const says = ref<string | null>(null);
const possible = shallowRef<Record<string, number>>({});
/** Combs that may still be planned: on the board, the knife not begun. */
const open = computed(() =>
  props.boards.combs.value.filter((c) => c.board && !c.board.spoilt && c.board.cutsDone === 0),
);
const unlaid = computed(() => props.boards.combs.value.filter((c) => !c.board));
const wanted = computed(() =>
  props.boards.asked.value.map((b) => {
    const theirs = props.detail.pieces.filter(
      (p) =>
        p.jarKindId === b.id &&
        p.lotId === null &&
        p.state !== 'cracked' &&
        !open.value.some((c) => c.board!.id === p.boardId),
    ).length;
    return pieceWanted(
      props.boards.priced(b),
      b.stock - theirs,
      props.boards.mayTurn.value,
      Math.min(...open.value.map((c) => c.board!.thicknessMm), 40),
    );
  }),
);
async function layAll(): Promise<void> {
  for (const comb of unlaid.value)
    if (
      !(await go(
        '/cutBoards',
        await props.boards.laid(comb),
        tell('BatchPanel.on-board', { comb: comb.name }),
      ))
    )
      return;
}
async function together(): Promise<void> {
  says.value = plan.value = null;
  progress.value = 0;
  const input: BatchPlanInput = {
    kerfMm: props.rules.kerfMm,
    pieces: wanted.value,
    combs: open.value.map((c) => ({
      id: c.board!.id,
      comb: { widthMm: c.board!.widthMm, heightMm: c.board!.heightMm },
      defects: props.boards.defects(c.board!),
    })),
  };
  const asked = plainCopy(input);
  try {
    const found = await worker.api.batch(
      asked,
      proxy((share: number) => {
        if (progress.value !== null) progress.value = share;
      }),
    );
    if (progress.value === null) return;
    const most: Record<string, number> = {};
    for (const c of asked.combs)
      most[c.id] = await worker.api.possible({
        kerfMm: asked.kerfMm,
        pieces: asked.pieces,
        comb: c.comb,
        defects: c.defects,
      } as CutPlanInput);
    possible.value = most;
    plan.value = found;
  } catch (error) {
    if (progress.value !== null)
      says.value =
        error instanceof Error ? error.message : tell('BatchPanel.these-combs-cannot-be-planned');
  }
  progress.value = null;
}
function cancel(): void {
  progress.value = null;
  worker.end();
  worker = cutterWorker();
  says.value = tell('BatchPanel.stopped-nothing-was-changed');
}
async function keep(): Promise<void> {
  const boards = plan.value!.plans.map(({ id, plan: p }) => {
    const board = firstOf(open.value, (c) => c.board!.id === id).board!;
    return {
      boardId: id,
      plan: {
        flaws: board.flaws,
        thicknessMm: board.thicknessMm,
        cuts: p.cuts,
        cutsDone: 0,
        value: p.value,
        provenOptimal: p.provenOptimal,
        possiblePieces: possible.value[id] ?? p.placements.length,
        pieces: p.placements.map((q) => {
          const r = props.boards.expected(
            firstOf(props.boards.boxes.value, (b) => b.id === q.id),
            board,
            q,
          );
          return {
            id: newId(),
            jarKindId: q.id,
            xMm: q.xMm,
            yMm: q.yMm,
            widthMm: q.widthMm,
            heightMm: q.heightMm,
            lowG: Math.round(r.low),
            midG: Math.round(r.mid),
            highG: Math.round(r.high),
            bestSide: 'A' as const,
          };
        }),
      },
    };
  });
  if (
    await go(
      '/cutBoards/plans',
      { boards },
      tell('BatchPanel.combs-planned-together', { boards: boards.length }),
    )
  )
    plan.value = null;
}
const tiles = computed(() =>
  props.boards.combs.value.map((c) => {
    const outline = c.look
      ? seenOutline(props.detail.hive, c.look.depthMm)
      : readShape(props.detail.hive).outline;
    const drafted = plan.value?.plans.find((p) => p.id === c.board?.id)?.plan;
    const pieces = drafted
      ? drafted.placements.map((p, i) => ({
          ...p,
          key: String(i),
          label: '',
          weight: '',
          state: 'planned' as const,
        }))
      : props.detail.pieces
          .filter((p) => p.boardId === c.board?.id)
          .map((p) => ({ ...p, key: p.id, label: '', weight: '' }));
    const widthMm = c.board?.widthMm ?? outline.topWidthMm;
    const good = pieces.filter((p) => p.state !== 'cracked').length;
    return {
      c,
      outline,
      pieces,
      widthMm,
      heightMm: c.board?.heightMm ?? outline.depthMm,
      words: boardWords(c.board, good),
    };
  }),
);
/** How far a comb is, in words; `good` is how many of its pieces are whole. */
function boardWords(board: CutBoard | null, good: number): string {
  if (!board) return tell('BatchPanel.not-on-board');
  if (board.spoilt) return tell('BatchPanel.spoilt-for-pieces');
  if (board.doneAt) return tell('BatchPanel.cut', { good });
  if (board.cutsDone)
    return tell('BatchPanel.cut-2', { cutsDone: board.cutsDone, cuts: board.cuts.length });
  return good ? tell('BatchPanel.pieces', { good }) : tell('BatchPanel.no-plan-yet');
}
const gap = computed(() =>
  plan.value && plan.value.value > 0
    ? Math.max(0, plan.value.bound / plan.value.value - 1) * 100
    : 0,
);
onScopeDispose(() => worker.end());
</script>

<template>
  <section class="tiles">
    <button
      v-for="t in tiles"
      :key="t.c.combId"
      type="button"
      class="tile"
      @click="emit('open', t.c.combId)"
    >
      <CutComb
        :units="householdUnits"
        small
        fixed
        :width-mm="t.widthMm"
        :height-mm="t.heightMm"
        :s="(tiles.length > 6 ? 240 : tiles.length > 2 ? 380 : 560) / t.widthMm"
        :outline="t.outline"
        :shares="t.c.look?.sides.A ?? null"
        :faces="null"
        side="A"
        :flaws="t.c.board?.flaws ?? []"
        :pieces="t.pieces"
        :cuts="[]"
        :cuts-done="0"
        :kerf-mm="3"
        :selected="null"
        :draws="null"
        :label="`${t.c.name}, ${t.words}`"
      />
      <span
        ><b>{{ t.c.name }}</b> <span class="sub">{{ t.words }}</span></span
      >
    </button>
  </section>
  <aside class="acts bench">
    <h2 class="furrow-heading">{{ tell('BatchPanel.boxes-there-are') }}</h2>
    <table class="plain">
      <thead>
        <tr>
          <th>{{ tell('common.box') }}</th>
          <th class="num">{{ tell('common.empty') }}</th>
          <th v-if="plan" class="num">{{ tell('common.used') }}</th>
        </tr>
      </thead>
      <tbody>
        <tr v-for="(w, i) in wanted" :key="w.id">
          <td>{{ boards.asked.value[i].name }}</td>
          <td class="num">{{ w.limit }}</td>
          <td v-if="plan" class="num">{{ plan.used[w.id] }}</td>
        </tr>
      </tbody>
    </table>
    <p v-if="!wanted.length" class="rust">
      <b>{{ tell('common.no-box-kit-has-inner') }}</b>{{ ' ' }}
      <RouterLink to="/rules?at=kit">{{ tell('common.put-boxes-in-kit') }}</RouterLink>{{
        tell('BatchPanel.with-their-width-and-length')
      }}
    </p>
    <template v-if="progress !== null"
      ><p role="status">
        <b>{{ tell('BatchPanel.planning-combs-together', { open: open.length }) }}</b>
      </p>
      <progress :value="progress" max="1" :aria-label="tell('BatchPanel.planned-so-far')" /><Button
        outlined
        :label="tell('common.stop')"
        @click="cancel"
    /></template>
    <template v-else-if="plan">
      <p>
        <b class="display big">{{ rules.currency }} {{ figure(plan.value) }}</b>
        {{
          plan.provenOptimal
            ? tell('BatchPanel.nothing-better-possible-with-these')
            : tell('BatchPanel.at-most-more-would-be', { gap: figure(gap, 1) })
        }}
      </p>
      <Button
        class="main"
        :label="tell('BatchPanel.keep-these-plans')"
        :loading="busy"
        @click="keep"
      /><Button text :label="tell('BatchPanel.put-them-away')" @click="plan = null" />
    </template>
    <template v-else>
      <Button
        v-if="unlaid.length"
        class="main"
        :label="
          unlaid.length === 1
            ? tell('common.lay-it-on-board')
            : tell('BatchPanel.lay-combs-on-board', { unlaid: unlaid.length })
        "
        :loading="busy"
        @click="layAll"
      />
      <Button
        v-else
        class="main"
        :label="tell('BatchPanel.plan-combs-together', { open: open.length })"
        :disabled="!open.length || !wanted.length"
        @click="together"
      />
      <p class="sub">
        {{ tell('BatchPanel.all-combs-against-one-stock') }}
      </p>
    </template>
    <p v-if="says" class="sub" role="status">{{ said(says) }}</p>
    <Refusal :refusal="refusal" />
  </aside>
</template>

<style scoped>
.tiles {
  display: flex;
  flex-wrap: wrap;
  gap: 18px;
  align-content: start;
}
.tile {
  display: flex;
  flex-direction: column;
  gap: 6px;
  background: none;
  border: 1.5px solid transparent;
  border-radius: 8px;
  padding: 8px;
  font: inherit;
  color: inherit;
  text-align: left;
  cursor: pointer;
  min-height: 64px;
}
.tile:hover {
  border-color: var(--lichen-5);
}
.main {
  min-height: 96px !important;
  font: 600 25px var(--display) !important;
  width: 100%;
}
progress {
  width: 100%;
  height: 18px;
  accent-color: var(--field);
}
.big {
  font-size: 31px;
  display: block;
}
</style>
