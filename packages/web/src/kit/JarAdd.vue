<script setup lang="ts">
import { whyNot } from '../words/units.js';
import { tell } from '../words/tell.js';
import { newJarKindSchema, type HouseRules, type JarKindRecord } from '@furrow/core';
import Button from 'primevue/button';
import { computed, ref } from 'vue';
import { newId } from '../api/client.js';
import { useSend } from '../api/useSend.js';
import NumberField from '../parts/NumberField.vue';
import Refusal from '../parts/Refusal.vue';
import { gramsOf, massUnit } from '../parts/massUnit.js';
import TextField from '../parts/TextField.vue';

/**
 * A kind of jar or box put into the kit where it is missed; its prices and measures can be said
 * later in Rules.
 */
const props = defineProps<{
  rules: HouseRules;
  purpose: JarKindRecord['purpose'];
  /** Nothing of it is in the kit yet: this is the next thing to do. */
  first?: boolean;
}>();
const { go, busy, refusal, fieldError } = useSend();
const open = ref(false);
const [name, netText, emptyText] = [ref(''), ref(''), ref('')];
const stock = ref<number | null>(null);
const isBox = computed(() => props.purpose === 'piece');
const opens = computed(() => {
  if (props.first)
    return isBox.value
      ? tell('JarAdd.say-which-boxes-there-are')
      : tell('JarAdd.say-which-jars-there-are');
  return isBox.value ? tell('JarAdd.another-kind-box') : tell('JarAdd.another-kind-jar');
});
const grams = (text: string): number | null => {
  const g = gramsOf(text, props.rules.units, 'small');
  return g === null ? null : Math.round(g);
};
const parsed = computed(() =>
  newJarKindSchema.safeParse({
    id: newId(),
    name: name.value,
    netG: grams(netText.value),
    tareG: grams(emptyText.value),
    stock: stock.value,
    purpose: props.purpose,
    value: 0,
  }),
);
/** What keeps the key shut, the first of it. */
const missing = computed(() => {
  if (parsed.value.success) return null;
  if (!name.value.trim()) return tell('common.give-it-name');
  if (grams(netText.value) === null) return tell('JarAdd.how-much-goes-into-one');
  if (grams(emptyText.value) === null) return tell('JarAdd.what-does-one-weigh-empty');
  if (stock.value === null) return tell('JarAdd.how-many-are-there');
  return whyNot(parsed.value.error.issues[0].message);
});
async function put(): Promise<void> {
  if (!parsed.value.success) return;
  if (
    !(await go('/jars', parsed.value.data, tell('JarAdd.in-kit', { data: parsed.value.data.name })))
  )
    return;
  [name.value, netText.value, emptyText.value, stock.value, open.value] = ['', '', '', null, false];
}
</script>

<template>
  <Button v-if="!open" :text="!first" type="button" :label="opens" @click="open = true" />
  <form v-else class="acts add" @submit.prevent="put">
    <TextField v-model="name" :label="tell('common.its-name')" :error="fieldError('name')" />
    <TextField
      v-model="netText"
      :unit="massUnit(rules.units, 'small')"
      :label="isBox ? tell('JarAdd.comb-in-one-net') : tell('JarAdd.honey-in-one-net')"
      :error="fieldError('netG')"
      :hint="tell('JarAdd.such-as', { net: { massG: 250, as: 'read' } })"
    />
    <TextField
      v-model="emptyText"
      :unit="massUnit(rules.units, 'small')"
      :label="tell('JarAdd.empty-it-weighs-with-lid')"
      :error="fieldError('tareG')"
    />
    <NumberField
      v-model="stock"
      nullable
      whole
      :label="tell('common.how-many-there-are')"
      :min="0"
      :max="10000"
    />
    <Refusal :refusal="refusal" :fields="['name', 'netG', 'tareG']" />
    <Button
      type="submit"
      :label="tell('common.put-it-into-kit')"
      :disabled="missing !== null"
      :loading="busy"
    />
    <p v-if="missing" class="sub">{{ missing }}</p>
    <Button text type="button" :label="tell('common.put-it-away')" @click="open = false" />
  </form>
</template>

<style scoped>
.add {
  border-left: 5px solid var(--field);
  padding-left: 12px;
  max-width: 420px;
}
</style>
