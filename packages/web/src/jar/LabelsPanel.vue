<script setup lang="ts">
import { sidesText } from '../words/figures.js';
import { said } from '../words/units.js';
import { tell } from '../words/tell.js';

import {
  LABEL_FIELDS,
  LANGUAGES,
  LABEL_FIELD_WORDS,
  FIXED_FIELDS,
  fieldText,
  labelProblems,
  layLabel,
  shrunkToFit,
  type BatchDetail,
  type HouseRules,
  type LabelField,
  type LabelFieldKind,
  type Language,
  type Lot,
  type LabelDesignRecord,
} from '@furrow/core';
import { LANGUAGE_NAMES } from '@furrow/words';
import Button from 'primevue/button';
import { computed, ref, watch } from 'vue';
import LabelFace from '../drawing/LabelFace.vue';
import LabelSheetFace from '../drawing/LabelSheetFace.vue';
import NumberField from '../parts/NumberField.vue';
import Refusal from '../parts/Refusal.vue';
import { newId } from '../api/client.js';
import { useLabelDesigns, useLabelSheets, useLotLabel, usePrints } from '../api/queries.js';
import { useSend } from '../api/useSend.js';

import { inTwoLanguages } from './useLabel.js';
import FlowerClaim from './FlowerClaim.vue';
import LabelLine from './LabelLine.vue';
import PrintSpool from './PrintSpool.vue';
import SaleChecks from './SaleChecks.vue';
import LabelSheetDialog from './LabelSheetDialog.vue';

/**
 * Labels of what was filled: drawn as they print, every word from the record; the sheet, the
 * printer's spool, and what selling asks.
 */
const props = defineProps<{ detail: BatchDetail; rules: HouseRules; lots: readonly Lot[] }>();
const { go, busy, refusal, fieldError } = useSend();
const { data: sheets } = useLabelSheets();
const { data: designs } = useLabelDesigns();
const { data: prints } = usePrints();
const lotId = ref(props.lots.at(-1)?.id ?? '');
const lot = computed(
  () => props.lots.find((l) => l.id === lotId.value) ?? props.lots.at(-1) ?? null,
);
const {
  data: label,
  error: labelError,
  refetch: readAgain,
} = useLotLabel(computed(() => lot.value?.id ?? null));
const kept = computed(() => designs.value?.[0] ?? null);
const fields = ref<LabelField[]>([]);
const qr = ref(true);
const sheetId = ref('');
const secondLanguage = ref<Language | null>(null);
const begin = (): void => {
  if (kept.value)
    [fields.value, qr.value, sheetId.value, secondLanguage.value] = [
      kept.value.fields.map((f) => ({ ...f })),
      kept.value.qr,
      kept.value.sheetId,
      kept.value.secondLanguage,
    ];
};
const dirty = computed(
  () =>
    kept.value !== null &&
    JSON.stringify([fields.value, qr.value, sheetId.value, secondLanguage.value]) !==
      JSON.stringify([
        kept.value.fields,
        kept.value.qr,
        kept.value.sheetId,
        kept.value.secondLanguage,
      ]),
);
watch(
  () => kept.value?.revision,
  () => {
    if (!dirty.value || !fields.value.length) begin();
  },
  { immediate: true },
);
const sheet = computed(() => sheets.value?.find((s) => s.id === sheetId.value) ?? null);
const design = computed(() => ({ fields: fields.value, qr: qr.value }));
const words = computed(() => label.value && inTwoLanguages(label.value, secondLanguage.value));
const laid = computed(() =>
  words.value && sheet.value ? layLabel(design.value, words.value, sheet.value) : null,
);
const problems = computed(() =>
  words.value && sheet.value ? labelProblems(design.value, words.value, sheet.value) : [],
);
/** A second language is another than the first. */
const SECONDS = LANGUAGES.map((value) => ({ value, label: LANGUAGE_NAMES[value] }));
const secondLanguages = computed(() =>
  SECONDS.filter(({ value }) => {
    const lines = label.value?.inLanguages[value];
    return lines?.warning !== label.value?.words.warning;
  }),
);
const chosen = ref<number | null>(null);
const move = (i: number, by: number): void => {
  const [f] = fields.value.splice(i, 1);
  fields.value.splice(i + by, 0, f);
  chosen.value = i + by;
};
/** Lines of the design that this lot's record has nothing for. */
const silent = computed(() =>
  fields.value.filter((f) => label.value && !fieldText(f, label.value.words)).map((f) => f.kind),
);
const WHY_SILENT: Partial<Record<LabelFieldKind, string>> = {
  flower: tell('LabelsPanel.name-it-below'),
  nutrition: tell('LabelsPanel.switch-it-on-in-rules'),
  moisture: tell('LabelsPanel.measure-water'),
  gift: tell('LabelsPanel.you-are-registered-to-sell'),
  own: tell('LabelsPanel.write-your-words'),
};
const fit = (): void => {
  if (words.value && sheet.value)
    fields.value = shrunkToFit(design.value, words.value, sheet.value).fields.map((f) => ({
      ...f,
    }));
};
const missing = computed(() =>
  LABEL_FIELDS.filter((k) => k === 'own' || !fields.value.some((f) => f.kind === k)),
);
const add = (kind: string): void => {
  if (!kind) return;
  fields.value.push({
    kind: kind as LabelFieldKind,
    sizePt: 6.5,
    bold: false,
    text: kind === 'own' ? tell('LabelsPanel.your-words') : '',
  });
  chosen.value = fields.value.length - 1;
};
const keepAs = (design: LabelDesignRecord): unknown =>
  go(
    `/labelDesigns/${design.id}`,
    {
      fields: fields.value,
      qr: qr.value,
      sheetId: sheetId.value,
      secondLanguage: secondLanguage.value,
    },
    tell('LabelsPanel.label-kept'),
    { method: 'PATCH', baseRevision: design.revision },
  );
const keep = (): unknown => kept.value && keepAs(kept.value);
const startAt = ref(0);
const copies = ref<number | null>(null);
const count = computed(() => copies.value ?? label.value?.count ?? 0);
async function print(): Promise<void> {
  const [design, of] = [kept.value, lot.value];
  if (!design || !of) return;
  if (dirty.value && !(await keepAs(design))) return;
  const id = newId();
  if (
    await go(
      '/prints',
      {
        id,
        lotId: of.id,
        designId: design.id,
        startAt: startAt.value,
        copies: copies.value,
      },
      tell('LabelsPanel.labels-in-printers-spool', { count: count.value }),
    )
  ) {
    startAt.value = sheet.value
      ? (startAt.value + count.value) % (sheet.value.columns * sheet.value.rows)
      : 0;
    copies.value = null;
  }
}
const spool = computed(() =>
  (prints.value ?? []).filter((p) => p.batchId === props.detail.batch.id),
);
const measuring = ref(false);
</script>

<template>
  <section class="face">
    <p v-if="lots.length > 1" class="lots" role="group" :aria-label="tell('common.which-lot')">
      <Button
        v-for="l in lots"
        :key="l.id"
        size="small"
        :outlined="l.id !== lot?.id"
        :aria-pressed="l.id === lot?.id"
        :label="l.code ?? ''"
        @click="lotId = l.id"
      />
    </p>
    <div v-if="laid && sheet" class="drawn" data-as-printed>
      <LabelFace
        :laid="laid"
        :sheet="sheet"
        :qr="label?.qr ?? null"
        :s="Math.min(7, 580 / sheet.labelWidthMm)"
        touchable
        :chosen="chosen"
        @touch="chosen = chosen === $event ? null : $event"
      />
      <LabelSheetFace
        :sheet="sheet"
        :start-at="startAt"
        :count="count"
        :s="Math.min(0.95, 200 / sheet.paperWidthMm)"
        @start="startAt = $event"
      />
    </div>
    <p v-else-if="labelError" class="rust" role="alert">
      {{ labelError.message }}
      <button type="button" class="as-link" @click="readAgain()">
        {{ tell('common.try-again') }}
      </button>
    </p>
    <p v-else class="sub" role="status">{{ tell('LabelsPanel.reading-label') }}</p>
    <p class="sub">
      {{
        tell('LabelsPanel.every-word-but-your-own', {
          sheet: sheet ? sidesText([sheet.labelWidthMm, sheet.labelHeightMm], rules.units) : '',
        })
      }}
    </p>
    <p v-for="(p, i) in problems" :key="i" class="caution" role="alert">{{ said(p) }}</p>
    <p v-if="laid && !laid.fits">
      <Button outlined :label="tell('LabelsPanel.make-it-fit')" @click="fit" />
    </p>
    <LabelLine
      v-if="chosen !== null && fields[chosen]"
      v-model="fields[chosen]"
      :is-first="chosen === 0"
      :is-last="chosen === fields.length - 1"
      @move="move(chosen, $event)"
      @away="
        fields.splice(chosen, 1);
        chosen = null;
      "
    />
    <p v-else class="sub">
      {{ tell('LabelsPanel.touch-line-label-to-make') }}
    </p>
    <p v-if="silent.length" class="sub">
      {{
        tell('LabelsPanel.not-printed-record-has-nothing', {
          silent: silent
            .map(
              (k) =>
                `${said(LABEL_FIELD_WORDS[k]).toLowerCase()}${WHY_SILENT[k] ? ` (${WHY_SILENT[k]})` : ''}`,
            )
            .join(', '),
        })
      }}{{ ' '
      }}<template v-for="k in silent.filter((x) => !FIXED_FIELDS.includes(x))" :key="k"
        ><button
          type="button"
          class="as-link"
          @click="
            fields.splice(
              fields.findIndex((f) => f.kind === k),
              1,
            )
          "
        >
          {{
            tell('LabelsPanel.leave-out-2', { k: said(LABEL_FIELD_WORDS[k]).toLowerCase() })
          }}</button
        >{{ ' ' }}</template
      >
    </p>
    <p class="more">
      <label class="sub" for="add-line">{{ tell('LabelsPanel.add-line') }}</label><select
        id="add-line"
        class="native"
        @change="
          add(($event.target as HTMLSelectElement).value);
          ($event.target as HTMLSelectElement).value = '';
        "
      >
        <option value="">{{ tell('common.choose') }}</option>
        <option v-for="k in missing" :key="k" :value="k">
          {{ said(LABEL_FIELD_WORDS[k]) }}
        </option></select
      ><label class="tick"
        ><input v-model="qr" type="checkbox" /> {{ tell('LabelsPanel.code-to-scan') }}</label
      ><span class="pair"
        ><label class="sub" for="second-language">{{ tell('LabelsPanel.second-language') }}</label
        ><select id="second-language" v-model="secondLanguage" class="native">
          <option :value="null">{{ tell('LabelsPanel.no-second') }}</option>
          <option v-for="s in secondLanguages" :key="s.value" :value="s.value">
            {{ s.label }}
          </option>
        </select></span
      >
    </p>
    <p v-if="dirty" class="more">
      <Button
        outlined
        :label="tell('LabelsPanel.keep-this-label')"
        :loading="busy"
        @click="keep"
      /><Button text :label="tell('LabelsPanel.as-it-was')" @click="begin" />
    </p>
  </section>
  <aside class="acts bench">
    <Button
      class="main"
      :label="
        count === 1
          ? tell('LabelsPanel.print-1-label')
          : tell('LabelsPanel.print-labels', { count })
      "
      :disabled="!laid || problems.length > 0"
      :loading="busy"
      @click="print"
    />
    <NumberField
      v-model="copies"
      nullable
      :label="tell('LabelsPanel.how-many-if-not-one')"
      whole
      :min="1"
      :max="2000"
      :error="fieldError('copies')"
    />
    <label class="sub" for="sheet">{{ tell('LabelsPanel.sheet') }}</label><select
      id="sheet"
      v-model="sheetId"
      class="native"
    >
      <option v-for="s in sheets" :key="s.id" :value="s.id">
        {{ said(s.name) }}: {{ s.columns }} × {{ s.rows }},
        {{ sidesText([s.labelWidthMm, s.labelHeightMm], rules.units) }}
      </option>
    </select>
    <Button
      text
      :label="tell('LabelsPanel.another-sheet-by-its-measures')"
      @click="measuring = true"
    />
    <Refusal :refusal="refusal" :fields="['copies']" />
    <PrintSpool :prints="spool" :start-at="startAt" />
    <template v-if="lot">
      <FlowerClaim :key="lot.id" :lot="lot" />
      <details v-if="label?.words.nutrition" class="how">
        <summary>{{ tell('LabelsPanel.nutrition-per-100-g') }}</summary>
        <p>
          {{
            tell('LabelsPanel.no-analysis-this-honey', {
              nutrition: label.words.nutrition,
            })
          }}
        </p>
      </details>
      <SaleChecks v-if="label" :lot="lot" :printed="label" :rules="rules" />
      <a class="small" :href="`/lot/${lot.code}`" target="_blank">{{
        tell('LabelsPanel.page-behind-code')
      }}</a><a class="small" :href="`/api/v1/lots/${lot.id}/page.html`">{{
        tell('LabelsPanel.same-as-one-file')
      }}</a>
    </template>
    <LabelSheetDialog v-model:visible="measuring" @made="sheetId = $event" />
  </aside>
</template>

<style scoped>
.face {
  min-width: 0;
}
.drawn {
  display: flex;
  gap: 22px;
  flex-wrap: wrap;
  align-items: flex-start;
}
.lots {
  display: flex;
  gap: 8px;
  flex-wrap: wrap;
}
.lots .p-button {
  min-height: 48px;
}
.more select {
  width: auto;
  min-width: 220px;
}
.more {
  display: flex;
  gap: 14px;
  align-items: center;
  flex-wrap: wrap;
}
.pair {
  display: flex;
  gap: 14px;
  align-items: center;
}
.pair select {
  min-width: 150px;
}
.main {
  min-height: 88px !important;
  font: 600 25px var(--display) !important;
  width: 100%;
}
.small {
  font-size: 16px;
}
</style>
