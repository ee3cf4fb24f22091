<script setup lang="ts">
import { said } from '../words/units.js';
import { tell } from '../words/tell.js';
import { GOALS, goalName, type WishIssue, type Hive, type JarKindRecord } from '@furrow/core';
import Button from 'primevue/button';
import DialogFrame from '../parts/DialogFrame.vue';
import SelectButton from 'primevue/selectbutton';
import { DateTime } from 'luxon';
import { serverNow } from '../api/client.js';
import NumberField from '../parts/NumberField.vue';
import TextField from '../parts/TextField.vue';
import { chosenTogether, joinHives, type ChooseDraft } from './chooseDraft.js';

/**
 * What the person wants most and what there is to do it with. Everything works at once; nothing is
 * sent.
 */
const props = defineProps<{
  hives: readonly Hive[];
  hereId: string;
  zone: string;
  jars: readonly JarKindRecord[];
  issues: WishIssue[];
}>();
const open = defineModel<boolean>('open', { required: true });
const draft = defineModel<ChooseDraft>({ required: true });
const issue = (path: string): string | null =>
  said(props.issues.find((i) => i.path.startsWith(path))?.says) || null;
function wantAmount(on: boolean): void {
  draft.value.amount =
    on && props.jars.length ? { jarKindId: props.jars[0].id, count: 6, byLocal: '' } : null;
}
function toggle(id: string, on: boolean): void {
  draft.value.together = joinHives(draft.value.together, props.hereId, id, on);
}
const inAWeek = (): string =>
  DateTime.fromJSDate(serverNow(), { zone: props.zone })
    .plus({ days: 7 })
    .set({ hour: 18, minute: 0 })
    .toFormat("yyyy-MM-dd'T'HH:mm");
</script>

<template>
  <DialogFrame
    v-model:visible="open"
    :header="tell('WishDialog.what-you-want-and-what')"
    :width="720"
  >
    <div class="wish">
      <h2 class="furrow-heading">{{ tell('WishDialog.most-all') }}</h2>
      <SelectButton
        v-model="draft.goal"
        :options="GOALS.map((g) => ({ value: g, label: said(goalName(g)) }))"
        option-label="label"
        option-value="value"
        :allow-empty="false"
        :aria-label="tell('WishDialog.what-you-want-most')"
      />
      <label class="tick"
        ><input
          type="checkbox"
          :checked="draft.amount !== null"
          :disabled="!jars.length"
          @change="wantAmount(($event.target as HTMLInputElement).checked)"
        />
        {{ tell('WishDialog.at-least-named-amount') }}</label
      >
      <div v-if="draft.amount" class="line">
        <NumberField
          v-model="draft.amount.count"
          :label="tell('common.how-many')"
          whole
          :min="1"
          :max="2000"
          :error="issue('amount.count')"
        />
        <span class="field"
          ><label for="wish-jar">{{ tell('WishDialog.which') }}</label
          ><select id="wish-jar" v-model="draft.amount.jarKindId" class="native">
            <option v-for="j in jars" :key="j.id" :value="j.id">{{ j.name }}</option>
          </select></span
        >
        <TextField
          v-model="draft.amount.byLocal"
          type="datetime-local"
          :label="tell('WishDialog.ready-by-if-it-matters')"
          :error="issue('amount.withinHours')"
        />
        <Button
          v-if="!draft.amount.byLocal"
          text
          :label="tell('WishDialog.in-week')"
          @click="draft.amount.byLocal = inAWeek()"
        />
      </div>
      <p v-if="issue('amount')" class="rust">
        <b>{{ issue('amount') }}</b>
      </p>
      <h2 class="furrow-heading">{{ tell('WishDialog.from-which-hives') }}</h2>
      <div class="line">
        <label v-for="h in hives" :key="h.id" class="tick"
          ><input
            type="checkbox"
            :checked="h.id === hereId || chosenTogether(draft, hereId, h.id)"
            :disabled="h.id === hereId"
            @change="toggle(h.id, ($event.target as HTMLInputElement).checked)"
          />
          {{ h.name }}</label
        >
      </div>
      <h2 class="furrow-heading">{{ tell('WishDialog.with-what') }}</h2>
      <div class="line">
        <NumberField
          v-model="draft.handsHours"
          nullable
          :label="tell('WishDialog.hours-hands-all-together')"
          unit="h"
          :min="0"
          :max="2000"
          :error="issue('handsHours')"
        />
      </div>
      <label class="tick"
        ><input v-model="draft.countVessels" type="checkbox" />
        {{ tell('WishDialog.only-what-vessels-kit-hold') }}</label
      >
      <label class="tick"
        ><input v-model="draft.countStock" type="checkbox" />
        {{ tell('WishDialog.only-jars-and-boxes-in') }}</label
      >
      <label class="tick"
        ><input v-model="draft.countFreezer" type="checkbox" />
        {{ tell('WishDialog.only-what-freezer-takes') }}</label
      >
      <p class="sub">
        {{ tell('WishDialog.prices-stock-and-vessels-stand') }}
      </p>
      <Button :label="tell('common.that-it')" @click="open = false" />
    </div>
  </DialogFrame>
</template>

<style scoped>
.wish {
  display: flex;
  flex-direction: column;
  gap: 10px;
}
.line {
  display: flex;
  flex-wrap: wrap;
  gap: 10px 18px;
  align-items: flex-end;
}
.line > .field {
  max-width: 210px;
}
.tick {
  display: inline-flex;
}
.field label {
  font-size: 15px;
  color: var(--ink-2);
}
</style>
