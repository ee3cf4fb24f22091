<script setup lang="ts">
import { figure, smallMassText } from '../words/figures.js';
import { measured, tell } from '../words/tell.js';
import {
  SPOILT_WORDS,
  STEP_MM,
  freeCm2,
  projectPieces,
  readShape,
  seenOutline,
  unfitFor,
  type BatchDetail,
  type CutBoard,
  type FlawKind,
  type HouseRules,
  type Rect,
  type Shares,
} from '@furrow/core';

import Button from 'primevue/button';
import SelectButton from 'primevue/selectbutton';
import { computed, ref, toRef, watch } from 'vue';
import { useFaces } from '../api/queries.js';
import { useSend } from '../api/useSend.js';
import CutComb from '../drawing/CutComb.vue';
import Refusal from '../parts/Refusal.vue';
import { said, householdUnits } from '../words/units.js';
import BoxesToCut from './BoxesToCut.vue';
import FlawTools from './FlawTools.vue';
import NextCut from './NextCut.vue';
import PieceInHand from './PieceInHand.vue';
import PlanDrafts from './PlanDrafts.vue';
import { expectedOf, useBoardActs } from './useBoardActs.js';
import { boxName, type CombToCut, type useBoards } from './useBoards.js';
import { useKnife } from './useKnife.js';

/** How thick comb is taken to be that nobody measured. */
const USUAL_MM = 30;
const [LARGEST_SCALE, WIDEST_PX, TALLEST_PX] = [1.95, 800, 440];

/** One comb under the knife: its flaws, the best cuts, and then cut by cut. */
const props = defineProps<{
  detail: BatchDetail;
  rules: HouseRules;
  comb: CombToCut;
  boards: ReturnType<typeof useBoards>;
}>();
const { go, busy, refusal } = useSend();
const board = computed(() => props.comb.board);
const pieces = computed(() => props.detail.pieces.filter((p) => p.boardId === board.value?.id));
const wanted = computed(() =>
  props.boards.piecesFor(board.value?.id ?? null, board.value?.thicknessMm ?? USUAL_MM),
);
const knife = useKnife(board, pieces, toRef(props, 'rules'), wanted, props.boards.defects);

// How it is drawn.
const ALL_CAPPED: Shares = { capped: 1, open: 0, pollen: 0, brood: 0, empty: 0 };
const SIDES = [
  { label: tell('BoardPanel.side'), value: 'A' },
  { label: tell('BoardPanel.side-b'), value: 'B' },
];
const side = ref<'A' | 'B'>('A');
const look = computed(() => props.comb.look);
const shares = computed(() => look.value?.sides[side.value] ?? look.value?.sides.A ?? ALL_CAPPED);
const faces = useFaces(
  computed(() =>
    look.value && (look.value.painted.A || look.value.painted.B) ? look.value.id : null,
  ),
);
const outline = computed(() =>
  look.value
    ? seenOutline(props.detail.hive, look.value.depthMm)
    : readShape(props.detail.hive).outline,
);
const measures = computed(() => {
  const { topWidthMm, bottomWidthMm, depthMm } = outline.value;
  return {
    widthMm: board.value?.widthMm ?? Math.max(topWidthMm, bottomWidthMm),
    heightMm: board.value?.heightMm ?? depthMm,
    thicknessMm: board.value?.thicknessMm ?? look.value?.thicknessMm ?? USUAL_MM,
  };
});
const scale = computed(() =>
  Math.min(LARGEST_SCALE, WIDEST_PX / measures.value.widthMm, TALLEST_PX / measures.value.heightMm),
);
function weightText(piece: Rect & { key: string; jarKindId: string }): string {
  const weighed = pieces.value.find((p) => p.id === piece.key)?.netG;
  if (weighed) return smallMassText(weighed, props.rules.units, 1);
  if (!board.value) return '';
  const { low, high } = expectedOf(props.boards, board.value, piece);
  const tens = (g: number): number => Math.round(g / 10) * 10;
  return measured({ massG: { low: tens(low), high: tens(high) }, as: 'estimate' });
}
const drawn = computed(() =>
  knife.shown.value.pieces.map((p) => ({
    ...p,
    label: boxName(props.boards.boxes.value, p),
    weight: weightText(p),
  })),
);

// What is said of it.
const areaCm2 = computed(() => (measures.value.widthMm * measures.value.heightMm) / 100);
const apart = computed(() => {
  const n = knife.flaws.value.filter((f) => f.kind === 'thickness').length;
  if (n === 0) return '';
  return tell('BoardPanel.measured-apart', {
    n: n === 1 ? tell('BoardPanel.one-place') : tell('BoardPanel.places', { n }),
  });
});
const SEEN_TEXT: Partial<Record<NonNullable<CutBoard['seen']>, string>> = {
  none: ' ' + tell('BoardPanel.it-was-never-read-look'),
  one: ' ' + tell('BoardPanel.one-side-was-read-turn'),
};
const boardText = computed(() => {
  if (!board.value) return tell('BoardPanel.not-on-board-yet-side');
  const seen = board.value.seen ? (SEEN_TEXT[board.value.seen] ?? '') : '';
  return tell('BoardPanel.free-thick', {
    free: { areaCm2: freeCm2(board.value) },
    area: { areaCm2: areaCm2.value },
    thick: { lengthMm: measures.value.thicknessMm },
    apart: apart.value,
    seen,
  });
});
const counts = computed(() =>
  props.boards.boxes.value.flatMap((box) => {
    const isOf = (p: { jarKindId: string; state: string }): boolean =>
      p.jarKindId === box.id && p.state !== 'cracked';
    const n = knife.shown.value.pieces.filter(isOf).length;
    const anyway = props.boards.allTheSame.value[box.id];
    const unfit = anyway ? unfitFor(box, measures.value.thicknessMm) : null;
    return n ? [{ box, n, unfit }] : [];
  }),
);
/** How far what is shown may be from the best there is; empty where nobody knows. */
const howGood = computed(() => {
  const { proven, bound, value } = knife.shown.value;
  if (proven) return tell('BoardPanel.nothing-better', { step: { lengthMm: STEP_MM } });
  if (bound === undefined || value <= 0) return '';
  return tell('BoardPanel.at-most-more', { gap: figure((bound / value - 1) * 100, 1) });
});
const restCm2 = computed(() => {
  const cm2 = (p: Rect): number => (p.widthMm * p.heightMm) / 100;
  return knife.shown.value.pieces.reduce((rest, p) => rest - cm2(p), areaCm2.value);
});
const likely = computed(() => {
  const all = props.detail.pieces;
  const tried = all.filter((p) => p.state !== 'planned').length;
  const made = all.filter((p) => p.state === 'cut').length;
  return said(projectPieces({ made, tried, left: all.length - tried }).sentence);
});
const spoiltText = computed(() => {
  const { spoilt, sheetSeasons } = board.value ?? {};
  if (!spoilt) return '';
  const sheet =
    sheetSeasons === null ? '' : tell('BoardPanel.its-sheet-in-its-season', { sheetSeasons });
  return tell('BoardPanel.it-can-still-be-crushed', { spoilt: SPOILT_WORDS[spoilt], sheet });
});

// What is done to it.
const acts = useBoardActs({
  ...{ comb: toRef(props, 'comb'), board, boards: props.boards, knife, measures, go },
});
const selected = ref<string | null>(null);
const here = computed(() => pieces.value.find((p) => p.id === selected.value) ?? null);
const draws = ref<FlawKind | 'rub' | null>(null);
const regionMm = ref<number | null>(24);
watch(
  () => props.comb.combId,
  () => (selected.value = draws.value = null),
);
const isCutting = computed(() => {
  if (!board.value || knife.draft.value) return false;
  return board.value.cuts.length > 0 && !board.value.doneAt;
});
const mayDraw = computed(
  () => board.value !== null && !isCutting.value && !board.value.doneAt && !board.value.spoilt,
);
async function flaw(rect: Rect): Promise<void> {
  if (!board.value || !draws.value || draws.value === 'rub') return;
  await acts.addFlaw(draws.value, rect, regionMm.value);
}
async function cracked(): Promise<void> {
  if (here.value) await acts.cracked(here.value);
  selected.value = null;
}
</script>

<template>
  <section class="face">
    <div class="line">
      <p class="sub" aria-live="polite">{{ boardText }}</p>
      <SelectButton
        v-model="side"
        class="sides"
        :options="SIDES"
        option-label="label"
        option-value="value"
        :allow-empty="false"
        :aria-label="tell('BoardPanel.side-up')"
      />
    </div>
    <CutComb
      :units="householdUnits"
      :width-mm="measures.widthMm"
      :height-mm="measures.heightMm"
      :s="scale"
      :outline="outline"
      :shares="shares"
      :faces="faces.data.value ?? null"
      :side="side"
      :flaws="knife.flaws.value"
      :pieces="drawn"
      :cuts="knife.shown.value.cuts"
      :cuts-done="knife.draft.value ? 0 : (board?.cutsDone ?? 0)"
      :kerf-mm="knife.kerfMm.value"
      :selected="selected"
      :draws="draws"
      :fixed="!board"
      :label="tell('BoardPanel.on-board-pieces', { comb: comb.name, drawn: drawn.length })"
      @piece="selected = selected === $event ? null : $event"
      @move-piece="knife.drag"
      @move-cut="knife.dragCut"
      @flaw="flaw"
      @rub="acts.rub"
    />
    <p v-if="knife.says.value" class="caution" role="alert">{{ said(knife.says.value) }}</p>
    <p v-if="counts.length" class="made">
      <span v-for="c in counts" :key="c.box.id"
        ><b>{{ c.n }}</b> {{ c.box.name
        }}<small v-if="c.unfit" class="rust">{{ ', ' }}{{ said(c.unfit) }}</small></span
      ><span
        ><b>{{ measured({ areaCm2: restCm2 }) }}</b> {{ tell('BoardPanel.to-crush') }}</span
      ><span v-if="knife.shown.value.value > 0"
        ><b>{{ rules.currency }} {{ figure(knife.shown.value.value) }}</b
        >{{ ' '
        }}<small class="sub">{{
          tell('BoardPanel.less-empty-boxes', { proven: howGood })
        }}</small></span
      >
    </p>
    <FlawTools v-model="draws" v-model:region-mm="regionMm" :offered="mayDraw" @flaw="flaw" />
  </section>
  <aside class="acts bench">
    <template v-if="!board">
      <p class="caution">{{ tell('BoardPanel.cut-away-from-hand-sticky') }}</p>
      <Button
        class="main"
        :label="tell('common.lay-it-on-board')"
        :loading="busy"
        @click="acts.lay"
      />
      <p class="sub">
        {{ tell('BoardPanel.what-was-read-it-open') }}
      </p>
    </template>
    <template v-else-if="board.spoilt"
      ><h2 class="furrow-heading">{{ tell('BoardPanel.spoilt-for-pieces') }}</h2>
      <p>{{ spoiltText }}</p>
      <RouterLink
        class="p-button p-component p-button-outlined"
        :to="`/drain/${detail.batch.id}`"
        >{{ tell('BoardPanel.crush-it') }}</RouterLink
      ></template
    >
    <template v-else-if="knife.busy.value"
      ><p role="status">
        <b>{{ tell('BoardPanel.looking-for-best-cuts') }}</b>
        <template v-if="knife.draft.value">{{
          ' ' + tell('BoardPanel.good-plan-stands-already')
        }}</template>
      </p>
      <Button
        outlined
        :label="knife.draft.value ? tell('BoardPanel.take-this-plan') : tell('common.stop')"
        @click="knife.stop()"
    /></template>
    <PlanDrafts
      v-else-if="knife.draft.value"
      :at="knife.at.value"
      :of="knife.drafts.value.length"
      :busy="busy"
      @flip="knife.at.value += $event"
      @keep="acts.keep"
      @away="knife.put()"
    />
    <PieceInHand
      v-else-if="here"
      :piece="here"
      :name="boxName(boards.boxes.value, here)"
      :busy="busy"
      @cracked="cracked"
      @toggle="acts.toggleBlemish(here, $event)"
      @back="selected = null"
    />
    <template v-else-if="board.doneAt"
      ><h2 class="furrow-heading">{{ tell('BoardPanel.all-cut') }}</h2>
      <p>{{ likely }}</p>
      <RouterLink class="p-button p-component main" :to="{ query: { at: 'pack' } }">{{
        tell('common.weigh-and-pack')
      }}</RouterLink></template
    >
    <NextCut
      v-else-if="isCutting"
      :board="board"
      :likely="likely"
      :busy="busy"
      @cut="acts.cut"
      @anew="knife.find()"
    />
    <BoxesToCut
      v-else
      :board-id="board.id"
      :boards="boards"
      :rules="rules"
      :thickness-mm="measures.thicknessMm"
      :may-find="wanted.length > 0"
      @find="knife.find()"
      @spoil="acts.spoil"
    />
    <Refusal :refusal="refusal" />
  </aside>
</template>

<style scoped>
.line {
  display: flex;
  justify-content: space-between;
  gap: 12px;
  align-items: center;
  flex-wrap: wrap;
  margin-bottom: 8px;
}
.made {
  display: flex;
  flex-wrap: wrap;
  gap: 6px 22px;
  margin: 10px 0;
  font-size: 18px;
}
.acts :deep(.main) {
  min-height: 96px !important;
  font: 600 25px var(--display) !important;
  width: 100%;
}
/* On a phone the knife's next step stands above the strip, and the flaws slide in one row under the
   board. */
@media (max-width: 599px) {
  .acts :deep(.main) {
    position: fixed;
    inset: auto 16px 64px;
    z-index: 3;
    width: auto;
    min-height: 72px !important;
    box-shadow: 0 0 0 8px var(--lime-1);
  }
  .acts:has(> .main) {
    padding-bottom: 88px;
  }
}
</style>
