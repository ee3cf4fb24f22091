<script setup lang="ts">
import { figure } from '../words/figures.js';
import { said } from '../words/units.js';
import { tell } from '../words/tell.js';
import {
  FATES,
  FATE_WORDS,
  HOLD_WORDS,
  discountIssue,
  saleTotal,
  type BatchDetail,
  type Fate,
  type HouseRules,
  type Out,
} from '@furrow/core';
import Button from 'primevue/button';
import { computed, ref } from 'vue';
import NumberField from '../parts/NumberField.vue';
import Refusal from '../parts/Refusal.vue';
import TextField from '../parts/TextField.vue';
import { newId } from '../api/client.js';
import { usePeople } from '../api/queries.js';
import { useSend } from '../api/useSend.js';
import { dateText } from '../shell/times.js';

/**
 * What of a harvest stands on the shelf, and what left it: sold, given, eaten; to whom only if the
 * person likes.
 */
const props = defineProps<{ detail: BatchDetail; rules: HouseRules }>();
const { go, busy, refusal, fieldError } = useSend();
const { data: people } = usePeople();
const shelf = computed(() =>
  props.detail.lots
    .filter((l) => (l.kind === 'pieces' || l.kind === 'jars') && l.count)
    .map((l) => ({
      lot: l,
      left:
        l.count! -
        props.detail.outs.filter((o) => o.lotId === l.id).reduce((n, o) => n + o.count, 0),
    })),
);
const out = ref<{
  lotId: string;
  fate: Fate;
  count: number | null;
  price: number | null;
  discountAmount: number | null;
  discountPercent: number | null;
  who: string;
} | null>(null);
/** A discount is offered where somebody asks for it. */
const discounted = ref(false);
const priceOf = (lotId: string): number | null => {
  const before = props.detail.outs.filter((o) => o.lotId === lotId && o.price !== null).at(-1);
  return before?.price ?? null;
};
function open(lotId: string): void {
  discounted.value = false;
  out.value = {
    lotId,
    fate: props.rules.registeredToSell ? 'sold' : 'given',
    count: 1,
    price: priceOf(lotId),
    discountAmount: null,
    discountPercent: null,
    who: '',
  };
}
/** What the sale being written brings, and what is wrong with its discount. */
const sale = computed(() =>
  out.value?.fate === 'sold' && out.value.count ? { ...out.value, count: out.value.count } : null,
);
const wrongDiscount = computed(() => (sale.value ? discountIssue(sale.value) : null));
const money = (x: number): string => `${props.rules.currency} ${figure(x, 2)}`;
/** A sale that the household's own rules do not allow; a gift or the own table always goes. */
const isStopped = computed(() => out.value?.fate === 'sold' && !props.rules.registeredToSell);
const NO_SALE = { price: null, discountAmount: null, discountPercent: null };
async function gone(): Promise<void> {
  const o = out.value!;
  if (
    await go(
      '/outs',
      { id: newId(), ...o, ...(o.fate === 'sold' ? {} : NO_SALE) },
      `${o.count} ${said(FATE_WORDS[o.fate]).toLowerCase()}.`,
    )
  )
    out.value = null;
}
/** ", 10 % off: R$ 86.40"; nothing where none was given. */
function offText(o: Out): string {
  if (!o.discountAmount && !o.discountPercent) return '';
  const off = o.discountPercent ? `${o.discountPercent} %` : money(o.discountAmount!);
  return tell('ShelfPanel.off-for-all', { off, o: money(saleTotal(o)) });
}
const nameOf = (id: string | null): string => people.value?.find((p) => p.id === id)?.name ?? '';
const lines = computed(() =>
  [...props.detail.outs].reverse().map((o) => ({
    o,
    code: props.detail.lots.find((l) => l.id === o.lotId)?.code ?? '',
    who: nameOf(o.personId),
  })),
);
const forget = (id: string, name: string): unknown =>
  go(`/people/${id}/forget`, {}, tell('ShelfPanel.forgotten', { name }));
</script>

<template>
  <h2 class="furrow-heading">{{ tell('ShelfPanel.on-shelf') }}</h2>
  <p v-if="!shelf.length" class="sub">{{ tell('ShelfPanel.nothing-this-harvest-packed') }}</p>
  <template v-for="s in shelf" :key="s.lot.id">
    <p>
      <b>{{ s.left }}</b>
      {{
        tell('ShelfPanel.text', {
          count: s.lot.count,
          kind: s.lot.kind === 'jars' ? tell('ShelfPanel.jars') : tell('ShelfPanel.pieces'),
          code: s.lot.code,
        })
      }}<b v-if="detail.holds[s.lot.id]" class="rust">{{
        tell('ShelfPanel.held-back', {
          cause: HOLD_WORDS[detail.holds[s.lot.id][0].cause].name,
        })
      }}</b>
    </p>
    <Button
      v-if="s.left > 0 && out?.lotId !== s.lot.id"
      outlined
      :label="tell('ShelfPanel.some-left-shelf', { code: s.lot.code })"
      @click="open(s.lot.id)"
    />
    <form v-if="out?.lotId === s.lot.id" class="acts" @submit.prevent="gone">
      <label class="sub" for="fate">{{ tell('ShelfPanel.they-were') }}</label><select
        id="fate"
        v-model="out.fate"
        class="native"
      >
        <option v-for="f in FATES" :key="f" :value="f">{{ said(FATE_WORDS[f]) }}</option>
      </select>
      <NumberField
        v-model="out.count"
        :label="tell('common.how-many')"
        whole
        :min="1"
        :max="s.left"
        :error="fieldError('count')"
      />
      <NumberField
        v-if="out.fate === 'sold'"
        v-model="out.price"
        nullable
        :label="tell('ShelfPanel.price-one')"
        :unit="rules.currency"
        :min="0"
      />
      <template v-if="sale && sale.price !== null">
        <div v-if="discounted" class="discount">
          <NumberField
            v-model="out.discountPercent"
            nullable
            narrow
            :label="tell('ShelfPanel.discount-percent')"
            unit="%"
            :min="0"
            :max="100"
          />
          <NumberField
            v-model="out.discountAmount"
            nullable
            narrow
            :label="tell('ShelfPanel.or-in-money')"
            :unit="rules.currency"
            :min="0"
            :error="said(wrongDiscount) || fieldError('discountAmount')"
          />
        </div>
        <Button
          v-else
          text
          type="button"
          :label="tell('ShelfPanel.discount')"
          @click="discounted = true"
        />
        <p v-if="!wrongDiscount">
          <b>{{ money(saleTotal(sale)) }}</b> {{ tell('ShelfPanel.for-all') }}
        </p>
      </template>
      <TextField
        v-if="out.fate === 'sold' || out.fate === 'given'"
        v-model="out.who"
        :label="tell('ShelfPanel.to-whom-if-you-like')"
      />
      <p v-if="isStopped" class="caution" role="alert">
        {{ tell('ShelfPanel.no-sale-by-your-rules') }}
        <RouterLink to="/rules?at=jar">{{ tell('ShelfPanel.say-so-in-rules') }}</RouterLink>{{
          tell('ShelfPanel.what-sale-needs-your-food')
        }}
      </p>
      <Button
        type="submit"
        :label="tell('common.write-it-down')"
        :disabled="!out.count || out.count > s.left || isStopped || wrongDiscount !== null"
        :loading="busy"
      /><Button text type="button" :label="tell('common.put-it-away')" @click="out = null" />
    </form>
  </template>
  <details v-if="lines.length" class="how">
    <summary>
      {{ tell('ShelfPanel.what-left-it-entries', { lines: lines.length }) }}
    </summary>
    <ul>
      <li v-for="l in lines" :key="l.o.id">
        {{ dateText(l.o.occurredAt.slice(0, 10)) }}: {{ l.o.count }}
        {{ said(FATE_WORDS[l.o.fate]).toLowerCase() }}, {{ l.code
        }}<template v-if="l.o.price !== null">{{
          tell('ShelfPanel.each', { currency: rules.currency, price: l.o.price, o: offText(l.o) })
        }}</template
        ><template v-if="l.who"
          >{{ tell('ShelfPanel.to', { who: l.who }) }}
          <Button
            text
            size="small"
            :label="tell('ShelfPanel.forget-this-name')"
            @click="forget(l.o.personId!, l.who)"
        /></template>
      </li>
    </ul>
  </details>
  <Refusal :refusal="refusal" :fields="['count']" />
</template>

<style scoped>
.discount {
  display: flex;
  gap: 12px;
  align-items: flex-end;
  flex-wrap: wrap;
}
ul {
  margin: 0;
  padding-left: 18px;
}
</style>
