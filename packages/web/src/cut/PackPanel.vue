<script setup lang="ts">
import { massText, plainFigure, smallMassText } from '../words/figures.js';
import { measured, tell } from '../words/tell.js';
import {
  GRADE_WORDS,
  GRADES,
  type BatchDetail,
  type CombBox,
  type CutPiece,
  type Grade,
  type HouseRules,
  type Lot,
} from '@furrow/core';

import Button from 'primevue/button';
import { computed, ref } from 'vue';
import Refusal from '../parts/Refusal.vue';
import NumberField from '../parts/NumberField.vue';
import TextField from '../parts/TextField.vue';
import { newId, read } from '../api/client.js';
import { useStock } from '../api/queries.js';
import { useSend } from '../api/useSend.js';
import ChunkJars from './ChunkJars.vue';
import { boxName, type useBoards } from './useBoards.js';
import { said } from '../words/units.js';
import { gramsOf, weightSuch, massUnit } from '../parts/massUnit.js';

/**
 * Cut pieces weighed, graded by rule, put into their boxes; strips into jars with honey round them.
 */
const props = defineProps<{
  detail: BatchDetail;
  rules: HouseRules;
  boards: ReturnType<typeof useBoards>;
}>();
const { go, busy, refusal, fieldError } = useSend();
const units = computed(() => props.rules.units);
const { data: stock } = useStock();
const typed = ref<Record<string, string>>({});
const says = ref<Record<string, string>>({});
const cut = computed(() =>
  props.detail.pieces.filter((p) => p.state !== 'planned' && p.lotId === null),
);
const waiting = computed(() => cut.value.filter((p) => p.state === 'cut'));
const comb = (p: CutPiece): string => {
  const b = props.detail.boards.find((x) => x.id === p.boardId);
  return props.boards.combs.value.find((c) => c.combId === b?.combId)?.name ?? '';
};
const grams = (text: string): number | null => {
  const g = gramsOf(text, units.value, 'small');
  return g === null ? null : Math.round(g);
};
async function weigh(p: CutPiece): Promise<void> {
  const g = grams(typed.value[p.id] ?? '');
  if (
    g !== null &&
    (await go(
      `/cutPieces/${p.id}`,
      { netG: g },
      tell('PackPanel.written-down', { g: smallMassText(g, units.value, 1) }),
      { method: 'PATCH' },
    ))
  )
    delete typed.value[p.id];
}
async function readScale(p: CutPiece): Promise<void> {
  const reading = await read(`/instruments/bench-scale?grams=${p.midG}`);
  if (reading.state === 'silent')
    says.value = { ...says.value, [p.id]: tell('PackPanel.scale-says-nothing-type-what') };
  else {
    typed.value = { ...typed.value, [p.id]: smallMassText(reading.value, units.value, 1) };
    says.value = {
      ...says.value,
      [p.id]: reading.simulated
        ? tell('PackPanel.read-from-practice-scale')
        : tell('PackPanel.read-from-scale'),
    };
  }
}
const grade = (p: CutPiece, g: Grade): unknown =>
  go(`/cutPieces/${p.id}`, { grade: g }, `${said(GRADE_WORDS[g])}.`, { method: 'PATCH' });
const fits = (p: CutPiece): boolean =>
  p.netG !== null && p.grade !== 'crush' && p.grade !== 'chunk';
/** Weighed pieces by the box they were cut for. */
const ready = computed(() =>
  props.boards.boxes.value
    .filter((b) => b.purpose !== 'chunk')
    .map((box) => ({ box, list: waiting.value.filter((p) => p.jarKindId === box.id && fits(p)) }))
    .filter((r) => r.list.length),
);
const pack = (box: CombBox, list: CutPiece[]): unknown =>
  go(
    '/packings',
    {
      id: newId(),
      batchId: props.detail.batch.id,
      jarKindId: box.id,
      pieceIds: list.map((p) => p.id),
    },
    tell('PackPanel.packed-into', { list: list.length, box: box.name }),
  );

const chunkBoxes = computed(() => props.boards.boxes.value.filter((b) => b.purpose === 'chunk'));
const strips = computed(() =>
  waiting.value.filter(
    (p) =>
      p.netG !== null &&
      (p.grade === 'chunk' || chunkBoxes.value.some((b) => b.id === p.jarKindId)),
  ),
);
const lots = computed(() =>
  props.detail.lots.filter(
    (l: Lot) =>
      l.kind === 'pieces' ||
      (l.kind === 'jars' && chunkBoxes.value.some((b) => b.id === l.jarKindId)),
  ),
);

const count = ref<number | null>(null);
const total = ref('');
const totalG = computed(() => grams(total.value));
const combG = computed(() => props.detail.lots.find((l) => l.kind === 'comb')?.nowG ?? 0);
async function byHand(): Promise<void> {
  if (
    await go(
      '/pieces',
      { id: newId(), batchId: props.detail.batch.id, count: count.value, totalG: totalG.value },
      tell('PackPanel.pieces-written-down', { count: count.value ?? 0 }),
    )
  )
    [count.value, total.value] = [null, ''];
}
</script>

<template>
  <section>
    <h2 class="furrow-heading">{{ tell('PackPanel.pieces-to-weigh') }}</h2>
    <p v-if="!cut.length" class="sub">
      {{ tell('PackPanel.none-lies-here-cut-on') }}
    </p>
    <table v-else class="plain pieces">
      <thead>
        <tr>
          <th>{{ tell('PackPanel.piece') }}</th>
          <th>{{ tell('PackPanel.expected') }}</th>
          <th>{{ tell('common.weight') }}</th>
          <th>{{ tell('PackPanel.grade-and-price') }}</th>
        </tr>
      </thead>
      <tbody>
        <tr v-for="p in cut" :key="p.id">
          <td>
            <b>{{ boxName(boards.boxes.value, p) }}</b><br /><span class="sub">{{ comb(p) }}</span>
          </td>
          <td class="nowrap">
            {{ measured({ massG: { low: p.lowG, high: p.highG }, as: 'estimate' }) }}
          </td>
          <td>
            <template v-if="p.state === 'cracked'">{{ tell('PackPanel.cracked') }}</template>
            <form v-else class="weigh" @submit.prevent="weigh(p)">
              <TextField
                :model-value="
                  typed[p.id] ?? (p.netG !== null ? smallMassText(p.netG, units, 1) : '')
                "
                :label="
                  tell('PackPanel.weight', { boxes: boxName(boards.boxes.value, p), p: comb(p) })
                "
                hide-label
                :error="typed[p.id] && grams(typed[p.id]) === null ? weightSuch(250) : null"
                :hint="says[p.id]"
                @update:model-value="typed = { ...typed, [p.id]: $event }"
              /><Button
                v-if="typed[p.id]"
                type="submit"
                :label="tell('PackPanel.write')"
                :disabled="grams(typed[p.id]) === null"
                :loading="busy"
              /><Button
                v-else
                type="button"
                outlined
                :label="tell('common.scale')"
                :aria-label="
                  tell('PackPanel.read-scale-for', { boxes: boxName(boards.boxes.value, p) })
                "
                @click="readScale(p)"
              />
            </form>
          </td>
          <td>
            <select
              v-if="p.grade"
              class="native"
              :value="p.grade"
              :aria-label="
                tell('PackPanel.grade', { boxes: boxName(boards.boxes.value, p), p: comb(p) })
              "
              @change="grade(p, ($event.target as HTMLSelectElement).value as Grade)"
            >
              <option v-for="g in GRADES" :key="g" :value="g">
                {{ said(GRADE_WORDS[g])
                }}{{
                  p.grade === g && p.price ? `, ${rules.currency} ${plainFigure(p.price)}` : ''
                }}
              </option></select
            ><span class="sub">{{ said(p.reason) }}</span>
          </td>
        </tr>
      </tbody>
    </table>
    <h2 class="furrow-heading">{{ tell('PackPanel.packed') }}</h2>
    <p v-if="!lots.length" class="sub">{{ tell('PackPanel.nothing-yet') }}</p>
    <table v-else class="plain">
      <thead>
        <tr>
          <th>{{ tell('common.lot') }}</th>
          <th>{{ tell('common.what') }}</th>
          <th class="num">{{ tell('common.together') }}</th>
          <th />
        </tr>
      </thead>
      <tbody>
        <tr v-for="l in lots" :key="l.id">
          <td>{{ l.code }}</td>
          <td>
            {{
              tell('PackPanel.lightest', {
                count: l.count,
                kind:
                  l.kind === 'jars'
                    ? l.count === 1
                      ? tell('PackPanel.chunk-jar')
                      : tell('PackPanel.chunk-jars')
                    : l.count === 1
                      ? tell('PackPanel.piece-2')
                      : tell('PackPanel.pieces'),
                netG: smallMassText(l.netG ?? 0, units, 1),
              })
            }}
          </td>
          <td class="num">{{ massText(l.inG / 1000, units, 2) }}</td>
          <td>
            <a :href="`/api/v1/lots/${l.id}/labels.pdf`" target="_blank">{{
              tell('common.labels')
            }}</a>
          </td>
        </tr>
      </tbody>
    </table>
  </section>
  <aside class="acts bench">
    <Button
      v-for="r in ready"
      :key="r.box.id"
      class="main"
      :label="tell('PackPanel.pack-into', { list: r.list.length, box: r.box.name })"
      :loading="busy"
      @click="pack(r.box, r.list)"
    />
    <p v-if="ready.length" class="sub">{{ tell('PackPanel.each-gets-its-own-weight') }}</p>
    <ChunkJars
      v-if="chunkBoxes.length"
      :detail="detail"
      :boxes="chunkBoxes"
      :strips="strips"
      :stock="stock ?? []"
    />
    <details class="how" :open="!detail.boards.length">
      <summary>{{ tell('PackPanel.cut-without-plan-count-and') }}</summary>
      <form class="acts" @submit.prevent="byHand">
        <NumberField
          v-model="count"
          :label="tell('PackPanel.pieces-cut')"
          whole
          :min="1"
          :max="500"
          :error="fieldError('count')"
        /><TextField
          v-model="total"
          :label="tell('PackPanel.their-weight-together')"
          :unit="massUnit(units, 'small')"
          :error="fieldError('totalG') ?? (total && totalG === null ? weightSuch(850) : null)"
        /><Button
          type="submit"
          outlined
          :label="tell('PackPanel.write-pieces-down')"
          :disabled="!count || !totalG || !combG"
          :loading="busy"
        />
      </form>
    </details>
    <Refusal :refusal="refusal" :fields="['count', 'totalG']" />
  </aside>
</template>

<style scoped>
.pieces td {
  vertical-align: top;
}
.weigh {
  display: flex;
  gap: 8px;
  align-items: flex-start;
}
.weigh :deep(.p-inputtext) {
  width: 110px;
  min-height: 56px;
  font-weight: 700;
}
.weigh .p-button {
  min-height: 56px;
  padding: 0 14px;
}
.nowrap {
  white-space: nowrap;
}
.main {
  min-height: 84px !important;
  font: 600 22px var(--display) !important;
  width: 100%;
}
section {
  display: flex;
  flex-direction: column;
  gap: 10px;
}
h2 {
  margin-top: 6px;
}
@media (max-width: 599px) {
  section {
    order: 1;
  }
  .pieces thead {
    display: none;
  }
  .pieces tr {
    display: grid;
    grid-template-columns: 1fr auto;
    gap: 2px 10px;
    padding: 8px 0;
    border-bottom: var(--line);
  }
  .pieces td {
    border: 0;
    padding: 2px 0;
  }
  .pieces td:nth-child(n + 3) {
    grid-column: 1 / -1;
  }
  .weigh :deep(.p-inputtext) {
    width: 150px;
  }
}
</style>
