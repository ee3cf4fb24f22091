<script setup lang="ts">
import { plainFigure } from '../words/figures.js';
import { tell } from '../words/tell.js';
import { fieldUnit } from '@furrow/words';
import InputText from 'primevue/inputtext';
import { computed, ref, useId, watch } from 'vue';
import { householdUnits, said } from '../words/units.js';

/**
 * A number as people type it, comma or point, with its unit; says at the field what is wrong and
 * keeps what was typed. What is kept in a metric unit is typed in the household's, or with any unit
 * beside it ("5 gal", "1/2 in"): then the field says what it understood.
 */
const props = defineProps<{
  label: string;
  unit?: string;
  error?: string | null;
  min?: number;
  max?: number;
  whole?: boolean;
  digits?: number;
  hideLabel?: boolean;
  narrow?: boolean;
  nullable?: boolean;
  /** Where the number comes from, or what an empty field is taken as. */
  note?: string | null;
}>();
const UNREAD = {
  'no-number': tell('NumberField.type-number-such-as-5'),
  'no-unit': tell('NumberField.type-number-or-number-with'),
  'which-gallon': tell('NumberField.whose-say-us-gal-or'),
} as const;
const model = defineModel<number | null>({ required: true });
const id = useId();
const how = computed(() => fieldUnit(props.unit, householdUnits.value));
const show = (value: number | null | undefined): string => {
  if (value === null || value === undefined || Number.isNaN(value)) return '';
  const shown = how.value.shown(value);
  return plainFigure(shown, props.digits);
};
/** The unit beside the field: what stands for one of it, or for an hour, in the reader's language. */
const unitSaid = computed(() => {
  const sign = how.value.sign ?? '';
  if (sign.startsWith('a ')) return tell('NumberField.of-each', { unit: sign.slice(2) });
  if (sign.endsWith(' an hour')) return tell('NumberField.an-hour', { unit: sign.slice(0, -8) });
  return sign;
});

/** What the field says, in the unit that is kept; null where it cannot be read. */
const readKept = (): number | null => how.value.read(text.value);
const text = ref(show(model.value));
const touched = ref(false);
watch([model, how], ([value], [, before]) => {
  // What cannot be read stays as it was typed; a number that was put away from outside is cleared.
  if (before === how.value && readKept() === (value ?? null)) return;
  text.value = show(value);
  // What was written down is not asked for again.
  touched.value = false;
});
const edgeText = (value: number): string =>
  [plainFigure(how.value.shown(value), 1), how.value.sign].filter((x) => x !== undefined).join(' ');
const problem = computed(() => {
  if (text.value.trim() === '')
    return touched.value && !props.nullable ? tell('NumberField.say-number') : null;
  const value = readKept();
  if (value === null) return UNREAD[how.value.why(text.value) ?? 'no-number'];
  if (props.whole && !Number.isInteger(value)) return tell('NumberField.whole-number');
  if (props.min !== undefined && value < props.min)
    return tell('NumberField.at-least', { min: edgeText(props.min) });
  if (props.max !== undefined && value > props.max)
    return tell('NumberField.at-most', { max: edgeText(props.max) });
  return null;
});
/** What was understood, where a unit of its own was typed. */
const understood = computed(() => {
  const value = how.value.hasOwnUnit(text.value) ? readKept() : null;
  return value === null
    ? null
    : tell('NumberField.understood', {
        shown: plainFigure(how.value.shown(value)),
        sign: how.value.sign,
      });
});
const describedBy = computed(() => {
  if (props.error ?? problem.value) return `${id}-e`;
  return (understood.value ?? props.note) ? `${id}-n` : undefined;
});
function typed(value: string | undefined): void {
  text.value = value ?? '';
  touched.value = true;
  model.value = readKept();
}
</script>

<template>
  <div class="field" :class="{ narrow }">
    <label :for="id" :class="{ 'visually-hidden': hideLabel }">{{ label }}</label>
    <span class="box"
      ><InputText
        :id="id"
        :model-value="text"
        inputmode="decimal"
        autocomplete="off"
        :invalid="Boolean(error ?? problem)"
        :aria-describedby="describedBy"
        @update:model-value="typed"
      /><span v-if="unitSaid" class="unit">{{ unitSaid }}</span></span
    >
    <p v-if="error ?? problem" :id="`${id}-e`" class="rust says" role="alert">
      {{ error ?? problem }}
    </p>
    <p v-else-if="understood" :id="`${id}-n`" class="sub note">{{ understood }}</p>
    <p v-else-if="note" :id="`${id}-n`" class="sub note">{{ said(note) }}</p>
  </div>
</template>

<style scoped>
.field {
  display: flex;
  flex-direction: column;
  gap: 3px;
}
label {
  font-size: 15px;
  color: var(--ink-2);
}
.box {
  display: flex;
  align-items: center;
  gap: 8px;
}
.box :deep(input) {
  width: 100%;
  min-width: 0;
  font-weight: 700;
}
.narrow .box :deep(input) {
  width: 72px;
  padding: 6px 8px;
  text-align: right;
}
.unit {
  white-space: nowrap;
}
.note,
.says {
  font-size: 15px;
}
.says {
  font-weight: 600;
}
</style>
