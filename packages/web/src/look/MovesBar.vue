<script setup lang="ts">
import { tell } from '../words/tell.js';
import { compartmentShape, daysBetween, hiveKind, type BarView, type Hive } from '@furrow/core';
import Button from 'primevue/button';
import { computed, ref, watch } from 'vue';
import Refusal from '../parts/Refusal.vue';
import TextField from '../parts/TextField.vue';
import { newId } from '../api/client.js';
import { useSend } from '../api/useSend.js';

/** Moves of bars, frames and boxes, a touch each; every one is in the journal and can be undone. */
const props = defineProps<{
  hive: Hive;
  hives: Hive[];
  bar: BarView | null;
  date: string;
  swapping: BarView | null;
}>();
const emit = defineEmits<{ swap: [from: BarView | null]; moved: [slot: number] }>();
const { go, busy, refusal, fieldError } = useSend();
const kind = computed(() => hiveKind(props.hive.kind));
const can = (move: (typeof kind.value.moves)[number]): boolean => kind.value.moves.includes(move);
const box = computed(() => props.hive.boxes.find((b) => b.carrierId === props.bar?.boxId) ?? null);
const order = computed(() => {
  const list = props.hive.bars
    .filter((b) => b.boxId === (props.bar?.boxId ?? null))
    .sort((a, b) => a.inBox - b.inBox);
  // A turned box shows its places from the other end; what is stored runs from the first place on.
  return box.value?.turned ? list.reverse() : list;
});
const send = (ids: string[], what: 'shift' | 'swap', said: string): Promise<unknown> =>
  go(
    '/orders',
    { hiveId: props.hive.id, boxId: props.bar?.boxId ?? null, carrierIds: ids, what },
    said,
  );
/** One bar forward or back along the file; the one that stood there takes its place. */
async function shift(by: number): Promise<void> {
  const list = order.value;
  const at = list.findIndex((b) => b.carrierId === props.bar!.carrierId);
  const to = at + by;
  if (to < 0 || to >= list.length) return;
  const ids = list.map((b) => b.carrierId);
  [ids[at], ids[to]] = [ids[to], ids[at]];
  if (await send(ids, 'shift', tell('MovesBar.bar-shifted-to', { at: at + 1, to: to + 1 })))
    emit('moved', to + 1);
}
/** The bar goes last and those behind it slide up: how an empty bar leaves no gap. */
async function last(): Promise<void> {
  const ids = order.value.map((b) => b.carrierId);
  const combs = order.value.filter((b) => b.comb).map((b) => b.inBox);
  const end = Math.max(props.bar!.inBox, ...combs);
  const [moved] = ids.splice(props.bar!.inBox - 1, 1);
  ids.splice(end - 1, 0, moved);
  if (
    await send(
      ids,
      'shift',
      tell('MovesBar.bar-put-behind', {
        inBox: props.bar!.inBox,
        end: end === props.bar!.inBox ? tell('MovesBar.last') : tell('MovesBar.bar', { end }),
      }),
    )
  )
    emit('moved', end);
}
const newBox = (
  at: number,
  what: 'add-on-top' | 'add-below' | 'add-between',
  said: string,
): Promise<unknown> => {
  const { newBox: compartment } = kind.value;
  const { positions } = compartmentShape(props.hive.kind, props.hive.geometry, compartment!);
  const carrierIds = Array.from({ length: positions }, newId);
  return go('/boxes', { id: newId(), hiveId: props.hive.id, at, what, carrierIds }, said);
};
const top = computed(() => props.hive.boxes.length + 1);
const firstSuper = computed(() =>
  Math.min(
    top.value,
    ...props.hive.boxes.filter((b) => b.compartment === 'super').map((b) => b.number),
  ),
);
const turn = (): Promise<unknown> =>
  go(
    `/boxes/${box.value!.carrierId}/turn`,
    { sideToEntrance: box.value!.turned ? 'A' : 'B' },
    tell('MovesBar.box-turned-round', { number: box.value!.number }),
  );
/** After a year it is worth asking; by when they must go is a house rule. */
const isOld = computed(() => box.value !== null && daysBetween(box.value.madeOn, props.date) > 365);
const renew = (): Promise<unknown> =>
  go(
    `/boxes/${box.value!.carrierId}/renew`,
    {},
    tell('MovesBar.box-as-young-as-today', { number: box.value!.number }),
  );
const takeOff = (): Promise<unknown> =>
  go(
    `/boxes/${box.value!.carrierId}/off`,
    { reason: 'other' },
    tell('MovesBar.box-taken-off', { number: box.value!.number }),
  );
const giving = ref(false);
const toHiveId = ref('');
const health = ref<'healthy' | 'unsure' | 'sick' | ''>('');
const checkedOn = ref(props.date);
const others = computed(() =>
  props.hives.filter((h) => h.kind === props.hive.kind && h.id !== props.hive.id),
);
watch(
  () => props.bar?.boxId,
  () => (giving.value = false),
);
async function give(): Promise<void> {
  const done = await go(
    `/boxes/${box.value!.carrierId}/give`,
    { toHiveId: toHiveId.value, health: health.value || null, broodCheckedOn: checkedOn.value },
    tell('MovesBar.box-given-to', {
      number: box.value!.number,
      hive: others.value.find((h) => h.id === toHiveId.value)?.name,
    }),
  );
  if (done) giving.value = false;
}
</script>

<template>
  <section class="moves" :aria-label="tell('MovesBar.moves')">
    <div class="line">
      <template v-if="bar && can('shift-bars')">
        <Button
          outlined
          size="small"
          :label="tell('MovesBar.shift')"
          :aria-label="tell('MovesBar.shift-bar-toward-entrance', { inBox: bar.inBox })"
          :disabled="bar.inBox === 1"
          :loading="busy"
          @click="shift(-1)"
        />
        <Button
          outlined
          size="small"
          :label="tell('MovesBar.shift-2')"
          :aria-label="tell('MovesBar.shift-bar-toward-back', { inBox: bar.inBox })"
          :disabled="bar.inBox === order.length"
          :loading="busy"
          @click="shift(1)"
        />
        <Button
          v-if="!bar.comb"
          outlined
          size="small"
          :label="tell('MovesBar.put-this-empty-bar-last')"
          :loading="busy"
          @click="last"
        />
      </template>
      <Button
        v-if="bar && can('swap')"
        outlined
        size="small"
        :label="swapping ? tell('MovesBar.touch-other-one-or-here') : tell('MovesBar.swap-with')"
        @click="emit('swap', swapping ? null : bar)"
      />
      <template v-if="box">
        <Button
          v-if="can('turn-super') && box.compartment !== 'brood'"
          outlined
          size="small"
          :label="tell('MovesBar.turn-box-round', { number: box.number })"
          :loading="busy"
          @click="turn"
        />
        <Button
          v-if="isOld"
          outlined
          size="small"
          :label="
            tell('MovesBar.box-old-changed', {
              number: box.number,
              carrier: kind.carrier === 'frame' ? tell('MovesBar.frames') : tell('MovesBar.comb'),
            })
          "
          :loading="busy"
          @click="renew"
        />
        <Button
          v-if="can('take-off') && box.compartment !== 'brood' && hive.boxes.length > 1"
          outlined
          size="small"
          :label="tell('MovesBar.take-box-off', { number: box.number })"
          :loading="busy"
          @click="takeOff"
        />
        <Button
          v-if="can('give-to-colony') && others.length && box.compartment !== 'brood'"
          outlined
          size="small"
          :label="tell('MovesBar.give-box-to', { number: box.number })"
          @click="giving = !giving"
        />
      </template>
      <Button
        v-if="can('add-on-top')"
        outlined
        size="small"
        :label="tell('MovesBar.set-empty-box-on-top')"
        :loading="busy"
        @click="newBox(top, 'add-on-top', tell('MovesBar.empty-box-set-on-top'))"
      />
      <Button
        v-if="can('add-between') && firstSuper < top"
        outlined
        size="small"
        :label="tell('MovesBar.set-empty-super-between')"
        :loading="busy"
        @click="newBox(firstSuper, 'add-between', tell('MovesBar.empty-super-set-between-brood'))"
      />
      <Button
        v-if="can('add-below')"
        outlined
        size="small"
        :label="tell('MovesBar.set-empty-box-in-below')"
        :loading="busy"
        @click="newBox(1, 'add-below', tell('MovesBar.empty-box-set-in-below'))"
      />
    </div>
    <form v-if="giving" class="line give" @submit.prevent="give">
      <label
        >{{ tell('MovesBar.to') }}
        <select
          v-model="toHiveId"
          class="native"
          :aria-label="tell('MovesBar.colony-that-gets-it')"
        >
          <option value="" disabled>{{ tell('MovesBar.choose-hive') }}</option>
          <option v-for="h in others" :key="h.id" :value="h.id">{{ h.name }}</option>
        </select></label
      >
      <label
        >{{ tell('MovesBar.brood', { hive: hive.name }) }}
        <select v-model="health" class="native" :aria-label="tell('MovesBar.how-brood-looked')">
          <option value="" disabled>{{ tell('MovesBar.how-did-it-look') }}</option>
          <option value="healthy">{{ tell('common.looks-healthy') }}</option>
          <option value="unsure">{{ tell('common.not-sure') }}</option>
          <option value="sick">{{ tell('common.looks-sick') }}</option>
        </select></label
      >
      <TextField
        v-model="checkedOn"
        type="date"
        :label="tell('MovesBar.looked-at-on')"
        :error="fieldError('broodCheckedOn')"
      />
      <Button
        type="submit"
        :label="tell('MovesBar.give-it')"
        :disabled="!toHiveId || !health"
        :loading="busy"
      />
      <p class="sub">
        {{ tell('MovesBar.comb-carries-disease-from-colony') }}
      </p>
    </form>
    <Refusal :refusal="refusal" :fields="['broodCheckedOn']" />
  </section>
</template>

<style scoped>
.line {
  display: flex;
  flex-wrap: wrap;
  gap: 8px;
  align-items: center;
}
.moves {
  margin: 6px 0;
}
.give {
  align-items: flex-end;
  padding: 8px 0;
}
.give label {
  display: flex;
  flex-direction: column;
  font-size: 15px;
}
@media (max-width: 599px) {
  .line :deep(.p-button) {
    min-height: 64px;
  }
}
</style>
