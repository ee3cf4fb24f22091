<script setup lang="ts">
import {
  BLEMISH_WORDS,
  DRAWN_FLAWS,
  FLAW_WORDS,
  GRADE_WORDS,
  SPOILT_CAUSES,
  SPOILT_WORDS,
  bestSideUp,
  freeCm2,
  projectPieces,
  readShape,
  seenOutline,
  smallMassText,
  unfitFor,
  type BatchDetail,
  type Blemish,
  type CombBox,
  type FlawKind,
  type HouseRules,
  type Rect,
  type SpoiltCause,
  type PayloadTo,
  firstOf,
} from '@furrow/core';
import Button from 'primevue/button';
import SelectButton from 'primevue/selectbutton';
import { computed, ref, toRef, watch } from 'vue';
import CutComb from '../drawing/CutComb.vue';
import NumberField from '../parts/NumberField.vue';
import Refusal from '../parts/Refusal.vue';
import { useFaces } from '../api/queries.js';
import { useSend } from '../api/useSend.js';
import { boxName, type CombToCut, type useBoards } from './useBoards.js';
import { useKnife, type Draft } from './useKnife.js';
import { said } from '../shell/units.js';

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
  props.boards.piecesFor(board.value?.id ?? null, board.value?.thicknessMm ?? 30),
);
const knife = useKnife(board, pieces, toRef(props, 'rules'), wanted, props.boards.defects);
const units = computed(() => props.rules.units);
const side = ref<'A' | 'B'>('A');
const SIDES = [
  { label: 'Side A', value: 'A' },
  { label: 'Side B', value: 'B' },
];
const selected = ref<string | null>(null);
/** How thick the comb is where the next region is drawn. */
const regionMm = ref<number | null>(24);
const draws = ref<FlawKind | 'rub' | null>(null);
const byNumbers = ref<{
  xMm: number | null;
  yMm: number | null;
  widthMm: number | null;
  heightMm: number | null;
}>({ xMm: null, yMm: null, widthMm: null, heightMm: null });
watch(
  () => props.comb.combId,
  () => {
    selected.value = draws.value = null;
  },
);
const faces = useFaces(
  computed(() =>
    props.comb.look && (props.comb.look.painted.A || props.comb.look.painted.B)
      ? props.comb.look.id
      : null,
  ),
);
const outline = computed(() =>
  props.comb.look
    ? seenOutline(props.detail.hive, props.comb.look.depthMm)
    : readShape(props.detail.hive).outline,
);
const widthMm = computed(
  () => board.value?.widthMm ?? Math.max(outline.value.topWidthMm, outline.value.bottomWidthMm),
);
const heightMm = computed(() => board.value?.heightMm ?? outline.value.depthMm);
const s = computed(() => Math.min(1.95, 800 / widthMm.value, 440 / heightMm.value));
const thicknessMm = computed(() => board.value?.thicknessMm ?? props.comb.look?.thicknessMm ?? 30);
const boxOf = (id: string) => firstOf(props.boards.boxes.value, (b) => b.id === id);
const range = (p: Rect & { jarKindId: string }) =>
  props.boards.expected(boxOf(p.jarKindId), board.value!, p);
const drawn = computed(() =>
  knife.shown.value.pieces.map((p) => {
    const known = pieces.value.find((q) => q.id === p.key);
    const r = range(p);
    return {
      ...p,
      label: boxName(props.boards.boxes.value, p),
      weight: known?.netG
        ? smallMassText(known.netG, units.value, 1)
        : said(`${Math.round(r.low / 10) * 10}–${Math.round(r.high / 10) * 10} g`),
    };
  }),
);
/** Why the comb as a whole does not suit a box, if it does not; its regions may. */
const misfit = (b: CombBox): string | null => unfitFor(b, thicknessMm.value);
const counts = computed(() =>
  props.boards.boxes.value.flatMap((b) => {
    const n = knife.shown.value.pieces.filter(
      (p) => p.jarKindId === b.id && p.state !== 'cracked',
    ).length;
    return n ? [{ box: b, n, unfit: misfit(b) }] : [];
  }),
);
const regions = computed(() => {
  const n = knife.flaws.value.filter((f) => f.kind === 'thickness').length;
  if (n === 0) return null;
  return n === 1 ? 'one place' : `${n} places`;
});
const restCm2 = computed(
  () =>
    (widthMm.value * heightMm.value -
      knife.shown.value.pieces.reduce((a, p) => a + p.widthMm * p.heightMm, 0)) /
    100,
);
const cutting = computed(
  () =>
    board.value !== null &&
    knife.draft.value === null &&
    board.value.cuts.length > 0 &&
    !board.value.doneAt,
);
const here = computed(() => pieces.value.find((p) => p.id === selected.value) ?? null);
const piecesAll = computed(() => props.detail.pieces);
const likely = computed(() => {
  const done = piecesAll.value.filter((p) => p.state !== 'planned');
  return projectPieces({
    made: done.filter((p) => p.state === 'cut').length,
    tried: done.length,
    left: piecesAll.value.filter((p) => p.state === 'planned').length,
  });
});
async function payload(d: Draft): Promise<PayloadTo<`/cutBoards/${string}/plan`>> {
  const { outline: shape, sides } = await props.boards.seenOf(props.comb);
  return {
    flaws: knife.flaws.value,
    thicknessMm: thicknessMm.value,
    cuts: d.cuts,
    cutsDone: board.value!.cutsDone,
    value: Math.max(0, d.value),
    provenOptimal: d.proven,
    possiblePieces: knife.possible.value ?? board.value!.possiblePieces ?? d.pieces.length,
    pieces: d.pieces.map((p) => {
      const r = range(p);
      return {
        id: p.key,
        jarKindId: p.jarKindId,
        xMm: p.xMm,
        yMm: p.yMm,
        widthMm: p.widthMm,
        heightMm: p.heightMm,
        lowG: Math.round(r.low),
        midG: Math.round(r.mid),
        highG: Math.round(r.high),
        bestSide: bestSideUp(shape, sides, p),
      };
    }),
  };
}
async function lay(): Promise<void> {
  await go(
    '/cutBoards',
    await props.boards.laid(props.comb),
    `${props.comb.name} is on the board.`,
  );
}
async function keep(): Promise<void> {
  const d = knife.draft.value;
  if (
    d &&
    (await go(
      `/cutBoards/${board.value!.id}/plan`,
      await payload(d),
      `${d.pieces.length} pieces planned.`,
    ))
  )
    knife.put();
}
async function cut(): Promise<void> {
  const b = board.value!;
  const n = b.cutsDone + 1;
  await go(
    `/cutBoards/${b.id}`,
    { cutsDone: n, ...(n === b.cuts.length ? { done: true } : {}) },
    n === b.cuts.length ? 'The last cut: all pieces are free.' : `Cut ${n} made.`,
    { method: 'PATCH', baseRevision: b.revision },
  );
}
async function cracked(): Promise<void> {
  const piece = here.value!;
  const next =
    board.value!.doneAt || piece.state === 'cut' ? null : await knife.afterCrack(piece.id);
  const told = await go(`/cutPieces/${piece.id}`, { state: 'cracked' }, 'Cracked: to be crushed.', {
    method: 'PATCH',
  });
  if (told && next)
    await go(
      `/cutBoards/${board.value!.id}/plan`,
      await payload(next),
      'The rest is planned anew.',
    );
  selected.value = null;
}
const setFlaws = (flaws: PayloadTo<`/cutBoards/${string}`>['flaws'], said: string): unknown =>
  go(`/cutBoards/${board.value!.id}`, { flaws }, said, { method: 'PATCH' });
async function addFlaw(rect: Rect): Promise<void> {
  if (
    !draws.value ||
    draws.value === 'rub' ||
    !board.value ||
    (draws.value === 'thickness' && regionMm.value === null)
  )
    return;
  const clip = (v: number, most: number): number =>
    Math.round(Math.min(most, Math.max(0, v)) * 10) / 10;
  const [x0, y0] = [clip(rect.xMm, widthMm.value), clip(rect.yMm, heightMm.value)];
  const flaw = {
    kind: draws.value,
    xMm: x0,
    yMm: y0,
    widthMm: clip(rect.xMm + rect.widthMm, widthMm.value) - x0,
    heightMm: clip(rect.yMm + rect.heightMm, heightMm.value) - y0,
    ...(draws.value === 'thickness' ? { thicknessMm: regionMm.value } : {}),
  };
  const had = knife.draft.value !== null;
  if ((await setFlaws([...board.value.flaws, flaw], `${FLAW_WORDS[draws.value]} drawn.`)) && had)
    await knife.find();
}
async function rub(index: number): Promise<void> {
  const had = knife.draft.value !== null;
  if (
    (await setFlaws(
      board.value!.flaws.filter((_, i) => i !== index),
      'Rubbed out.',
    )) &&
    had
  )
    await knife.find();
}
const numbersReady = computed(
  () =>
    Object.values(byNumbers.value).every((v) => v !== null) &&
    draws.value !== null &&
    draws.value !== 'rub',
);
const addByNumbers = (): unknown => addFlaw(byNumbers.value as Rect);
const toggle = (b: Blemish): unknown =>
  go(
    `/cutPieces/${here.value!.id}`,
    {
      blemishes: here.value!.blemishes.includes(b)
        ? here.value!.blemishes.filter((x) => x !== b)
        : [...here.value!.blemishes, b],
    },
    'Looked at.',
    { method: 'PATCH' },
  );
const sheetSeasons = ref<number | null>(null);
const spoil = (cause: SpoiltCause): unknown =>
  go(
    `/cutBoards/${board.value!.id}`,
    { spoilt: cause, ...(sheetSeasons.value !== null ? { sheetSeasons: sheetSeasons.value } : {}) },
    `Spoilt for pieces: ${SPOILT_WORDS[cause]}. It can still be crushed.`,
    { method: 'PATCH' },
  );
</script>

<template>
  <section class="face">
    <div class="line">
      <p class="sub" aria-live="polite">
        <template v-if="!board">Not on the board yet. Side A up, bar above.</template>
        <template v-else
          >{{ freeCm2(board).toFixed(0) }} of {{ ((widthMm * heightMm) / 100).toFixed(0) }} cm²
          without a flaw, {{ thicknessMm }} mm thick<template v-if="regions"
            >, {{ regions }} measured apart</template
          >.<template v-if="board.seen === 'none'">
            It was never read: look it over, draw what you see.</template
          ><template v-else-if="board.seen === 'one'">
            One side was read: turn it, draw what is on the other.</template
          ></template
        >
      </p>
      <SelectButton
        v-model="side"
        class="sides"
        :options="SIDES"
        option-label="label"
        option-value="value"
        :allow-empty="false"
        aria-label="Side up"
      />
    </div>
    <CutComb
      :width-mm="widthMm"
      :height-mm="heightMm"
      :s="s"
      :outline="outline"
      :shares="
        comb.look?.sides[side] ??
        comb.look?.sides.A ?? { capped: 1, open: 0, pollen: 0, brood: 0, empty: 0 }
      "
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
      :label="`${comb.name} on the board, ${drawn.length} pieces`"
      @piece="selected = selected === $event ? null : $event"
      @move-piece="knife.drag"
      @move-cut="knife.dragCut"
      @flaw="addFlaw"
      @rub="rub"
    />
    <p v-if="knife.says.value" class="caution" role="alert">{{ said(knife.says.value) }}</p>
    <p v-if="counts.length" class="made">
      <span v-for="c in counts" :key="c.box.id"
        ><b>{{ c.n }}</b> {{ c.box.name
        }}<small v-if="c.unfit && boards.allTheSame.value[c.box.id]" class="rust"
          >{{ ', ' }}{{ c.unfit }}</small
        ></span
      ><span
        ><b>{{ restCm2.toFixed(0) }} cm²</b> to crush</span
      ><span v-if="knife.shown.value.value > 0"
        ><b>{{ rules.currency }} {{ knife.shown.value.value.toFixed(0) }}</b
        ><small class="sub"
          >{{ ' ' }}less the empty boxes{{
            knife.shown.value.proven ? ', nothing better on 5 mm' : ''
          }}</small
        ></span
      >
    </p>
    <div
      v-if="board && !cutting && !board.doneAt && !board.spoilt"
      class="tools"
      role="group"
      aria-label="Draw a flaw"
    >
      <span class="sub">Draw a flaw:</span
      ><Button
        v-for="k in DRAWN_FLAWS"
        :key="k"
        size="small"
        :outlined="draws !== k"
        :label="FLAW_WORDS[k]"
        :aria-pressed="draws === k"
        @click="draws = draws === k ? null : k"
      /><Button
        size="small"
        :outlined="draws !== 'rub'"
        label="Rub out"
        :aria-pressed="draws === 'rub'"
        @click="draws = draws === 'rub' ? null : 'rub'"
      />
    </div>
    <p v-if="draws === 'thickness'" class="numbers">
      <NumberField
        v-model="regionMm"
        narrow
        label="Thick there"
        unit="mm"
        :min="8"
        :max="80"
      /><span class="sub"
        >Then draw where, on the comb. Boxes it does not suit stay off it; weights follow.</span
      >
    </p>
    <details v-if="draws && draws !== 'rub'" class="how">
      <summary>Or by numbers, from the left and from the bar</summary>
      <div class="numbers">
        <NumberField
          v-model="byNumbers.xMm"
          narrow
          label="From the left"
          unit="mm"
          :min="0"
        /><NumberField
          v-model="byNumbers.yMm"
          narrow
          label="Below the bar"
          unit="mm"
          :min="0"
        /><NumberField
          v-model="byNumbers.widthMm"
          narrow
          label="Wide"
          unit="mm"
          :min="0"
        /><NumberField v-model="byNumbers.heightMm" narrow label="High" unit="mm" :min="0" /><Button
          outlined
          label="Draw it"
          :disabled="!numbersReady"
          @click="addByNumbers"
        />
      </div>
    </details>
  </section>
  <aside class="acts bench">
    <template v-if="!board">
      <p class="caution">Cut away from the hand; a sticky handle slips.</p>
      <Button class="main" label="Lay it on the board" :loading="busy" @click="lay" />
      <p class="sub">
        What was read of it, open and empty cells, pollen, brood, dark comb, becomes its flaws.
      </p>
    </template>
    <template v-else-if="board.spoilt"
      ><h2 class="furrow-heading">Spoilt for pieces</h2>
      <p>
        {{ SPOILT_WORDS[board.spoilt]
        }}{{
          board.sheetSeasons !== null ? `, its sheet in its ${board.sheetSeasons}. season` : ''
        }}. It can still be crushed.
      </p>
      <RouterLink class="p-button p-component p-button-outlined" :to="`/drain/${detail.batch.id}`"
        >Crush it</RouterLink
      ></template
    >
    <template v-else-if="knife.busy.value"
      ><p role="status"><b>Looking for the best cuts…</b></p>
      <Button outlined label="Stop" @click="knife.stop()"
    /></template>
    <template v-else-if="knife.draft.value">
      <h2 class="furrow-heading">
        Plan {{ knife.at.value + 1 }} of {{ knife.drafts.value.length }}
      </h2>
      <div class="flip">
        <Button
          outlined
          label="Before"
          :disabled="knife.at.value === 0"
          @click="knife.at.value--"
        /><Button
          outlined
          label="Next"
          :disabled="knife.at.value >= knife.drafts.value.length - 1"
          @click="knife.at.value++"
        />
      </div>
      <Button class="main" label="Keep this plan" :loading="busy" @click="keep" />
      <p class="sub">
        Drag a piece or a cut: it snaps by 5 mm, the knife follows. Arrow keys do the same.
      </p>
      <Button text label="Put the plans away" @click="knife.put()" />
    </template>
    <template v-else>
      <template v-if="here">
        <h2 class="furrow-heading">{{ boxName(boards.boxes.value, here) }}</h2>
        <p>
          About {{ said(`${here.lowG} to ${here.highG} g`)
          }}<template v-if="here.bestSide">, side {{ here.bestSide }} up</template>.<template
            v-if="here.grade"
          >
            <b>{{ GRADE_WORDS[here.grade] }}</b>: {{ said(here.reason) }}.</template
          >
        </p>
        <Button
          v-if="here.state !== 'cracked' && !here.lotId"
          outlined
          class="rusty"
          label="This one cracked"
          :loading="busy"
          @click="cracked"
        />
        <div
          v-if="here.state === 'cut' && !here.lotId"
          class="tools"
          role="group"
          aria-label="What is seen on it"
        >
          <Button
            v-for="(word, b) in BLEMISH_WORDS"
            v-show="b !== 'cracked'"
            :key="b"
            size="small"
            :outlined="!here.blemishes.includes(b)"
            :label="word"
            :aria-pressed="here.blemishes.includes(b)"
            @click="toggle(b)"
          />
        </div>
        <Button text label="Back" @click="selected = null" />
      </template>
      <template v-else-if="board.doneAt"
        ><h2 class="furrow-heading">All cut</h2>
        <p>{{ said(likely.sentence) }}</p>
        <RouterLink class="p-button p-component main" :to="{ query: { at: 'pack' } }"
          >Weigh and pack</RouterLink
        ></template
      >
      <template v-else-if="cutting">
        <p class="caution">Cut away from the hand.</p>
        <Button
          class="main"
          :label="
            board.cutsDone + 1 === board.cuts.length
              ? 'Last cut made'
              : `Cut ${board.cutsDone + 1} of ${board.cuts.length} made`
          "
          :loading="busy"
          @click="cut"
        />
        <p class="sub">
          The green line is next. If a piece cracks, touch it: the rest is planned anew.
          {{ said(likely.sentence) }}
        </p>
        <a
          class="p-button p-component p-button-outlined"
          :href="`/api/v1/cutBoards/${board.id}/template.pdf`"
          target="_blank"
          >Template at true size (PDF)</a
        ><a class="small" :href="`/api/v1/cutBoards/${board.id}/template.svg`" target="_blank"
          >The same as SVG</a
        >
        <Button v-if="board.cutsDone === 0" text label="Plan it anew" @click="knife.find()" />
      </template>
      <template v-else>
        <h2 class="furrow-heading">Boxes to cut for</h2>
        <p v-if="!boards.boxes.value.length" class="rust">
          <b>No box of the kit has inner measures.</b>{{ ' ' }}
          <RouterLink to="/rules?at=kit">Put boxes in the kit</RouterLink>, with their width and
          length in mm.
        </p>
        <div v-for="b in boards.boxes.value" :key="b.id" class="tick">
          <input
            type="checkbox"
            :aria-label="`Cut for ${b.name}`"
            :checked="boards.wanted.value[b.id] ?? true"
            @change="boards.want(b.id, ($event.target as HTMLInputElement).checked)"
          /><span
            ><b>{{ b.name }}</b> {{ b.widthMm }} × {{ b.heightMm }} mm<small class="sub">
              {{ boards.free(b, board.id) }} empty, {{ rules.currency }}
              {{ boards.priced(b).value.toFixed(0) }}</small
            ><small v-if="misfit(b)" class="rust"
              >{{ boards.allTheSame.value[b.id] ? 'Cut all the same' : 'Left out' }}:
              {{ misfit(b) }}.
              <button
                type="button"
                class="as-link"
                @click="boards.cutAllTheSame(b.id, !boards.allTheSame.value[b.id])"
              >
                {{ boards.allTheSame.value[b.id] ? 'Leave it out' : 'Cut it all the same' }}
              </button></small
            ></span
          ><span class="gift"
            ><input
              :id="`gift-${b.id}`"
              type="checkbox"
              :checked="boards.gifts.value[b.id] ?? false"
              @change="boards.gift(b.id, ($event.target as HTMLInputElement).checked)"
            /><label :for="`gift-${b.id}`" class="sub">as gifts</label></span
          >
        </div>
        <label class="tick"
          ><input
            type="checkbox"
            :checked="boards.mayTurn.value"
            @change="boards.turn(($event.target as HTMLInputElement).checked)"
          /><span>Pieces may lie crosswise</span></label
        >
        <Button
          class="main"
          label="Find the best cuts"
          :disabled="!wanted.length"
          @click="knife.find()"
        />
        <details class="how">
          <summary>Spoilt for pieces…</summary>
          <NumberField
            v-model="sheetSeasons"
            nullable
            label="Its sheet has served, if known"
            unit="seasons"
            whole
            :min="0"
            :max="40"
          />
          <div class="tools">
            <Button
              v-for="c in SPOILT_CAUSES"
              :key="c"
              size="small"
              outlined
              :label="SPOILT_WORDS[c]"
              @click="spoil(c)"
            />
          </div>
        </details>
      </template>
    </template>
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
.tools {
  display: flex;
  flex-wrap: wrap;
  gap: 8px;
  align-items: center;
}
.tools .p-button {
  min-height: 48px;
  font-size: 16px;
  padding: 0 12px;
}
.numbers {
  display: flex;
  flex-wrap: wrap;
  gap: 12px;
  align-items: end;
  padding: 6px 0;
}
.caution {
  border-left: 5px solid var(--rust);
  padding: 4px 12px;
  font-weight: 600;
}
.main {
  min-height: 96px !important;
  font: 600 25px var(--display) !important;
  width: 100%;
}
.flip {
  display: flex;
  gap: 10px;
}
.flip .p-button {
  flex: 1;
}
.rusty {
  color: var(--rust) !important;
  border-color: var(--rust) !important;
}
.small {
  font-size: 15px;
}
.tick {
  display: flex;
  gap: 12px;
  align-items: center;
  min-height: 48px;
}
.tick small {
  display: block;
}
.gift {
  margin-left: auto;
  display: flex;
  gap: 6px;
  align-items: center;
  min-height: 48px;
}
.tick input {
  width: 24px;
  height: 24px;
  accent-color: var(--field);
  flex: none;
}
/* On a phone the knife's next step stands above the strip, and the flaws slide in one row under the
   board. */
@media (max-width: 599px) {
  .main {
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
  .tools {
    flex-wrap: nowrap;
    overflow-x: auto;
  }
  .tools > * {
    flex: none;
  }
}
</style>
