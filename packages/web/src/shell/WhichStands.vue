<script setup lang="ts">
import type { Standing } from '@furrow/core';
import Button from 'primevue/button';
import { computed, ref } from 'vue';
import { Refused } from '../api/client.js';
import { standsHere, takeBack, tryAgain } from '../api/outbox.js';
import type { OutboxEntry } from '../api/outboxEntry.js';
import { factWord } from '../parts/factWord.js';
import { measured, tell } from '../words/tell.js';
import { said } from '../words/units.js';
import { saidOfEntry } from './saidOfEntry.js';
import { clockText } from './times.js';

/**
 * Two devices said different things of the same thing: both with their times and persons, and which
 * of them stands is for a person to say.
 */
const props = defineProps<{ kept: OutboxEntry; stands: Standing; zone: string; now: Date }>();
const busy = ref(false);
const trouble = ref<string | null>(null);
const when = (instant: string): string => clockText(instant, props.zone, props.now);
/** What the house has, with what it says where it is a fact, and what it weighed. */
const saidThere = computed(() => {
  const { says, fact, netG } = props.stands;
  const what = fact ? factWord(fact) : '';
  const weight = netG === null ? '' : measured({ massG: netG, as: 'read' });
  return [said(says), what, weight].filter(Boolean).join(': ');
});
/** What was written here, likewise. */
const saidHere = computed(() => saidOfEntry(props.kept).replace(/\.$/, ''));
const whoThere = computed(() =>
  [when(props.stands.occurredAt), props.stands.person, props.stands.device]
    .filter(Boolean)
    .join(', '),
);
/** Two looks at a comb may both be: each is what somebody saw. */
const mayBothStand = computed(() => props.kept.entry.path.startsWith('/looks'));

async function decide(act: () => Promise<unknown>): Promise<void> {
  busy.value = true;
  trouble.value = null;
  try {
    await act();
  } catch (error) {
    trouble.value = error instanceof Refused ? error.message : tell('WhichStands.not-now');
  } finally {
    busy.value = false;
  }
}
</script>

<template>
  <section class="which" :aria-label="tell('WhichStands.which-stands')">
    <div class="two">
      <div>
        <p class="sub">{{ tell('WhichStands.in-the-house') }}</p>
        <p class="said">{{ saidThere }}</p>
        <p class="sub">{{ whoThere }}</p>
        <Button
          outlined
          :disabled="busy"
          :label="tell('WhichStands.what-the-house-has-stands')"
          @click="decide(() => takeBack(kept.entry.id))"
        />
      </div>
      <div>
        <p class="sub">{{ tell('WhichStands.on-this-device') }}</p>
        <p class="said">{{ saidHere }}</p>
        <p class="sub">{{ when(kept.entry.occurredAt) }}</p>
        <Button
          outlined
          :disabled="busy"
          :label="tell('WhichStands.what-i-wrote-stands')"
          @click="decide(() => standsHere(kept))"
        />
      </div>
    </div>
    <Button
      v-if="mayBothStand"
      text
      :disabled="busy"
      :label="tell('WhichStands.both-stand')"
      @click="decide(() => tryAgain(kept.sequence, true))"
    />
    <p v-if="trouble" class="trouble" role="alert">{{ trouble }}</p>
  </section>
</template>

<style scoped>
p {
  margin: 0;
}
.two {
  display: grid;
  grid-template-columns: repeat(auto-fit, minmax(220px, 1fr));
  gap: 12px;
  margin: 8px 0;
}
.two > div {
  display: flex;
  flex-direction: column;
  gap: 4px;
  border: var(--line);
  border-radius: 8px;
  padding: 10px 12px;
}
.said {
  flex: 1;
  font-weight: 600;
}
.trouble {
  margin-top: 8px;
  font-weight: 600;
}
</style>
