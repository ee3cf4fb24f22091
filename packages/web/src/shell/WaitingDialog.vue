<script setup lang="ts">
import Button from 'primevue/button';
import { computed, watch } from 'vue';
import { notInHouse, restingOn, sendWaiting, takeBack, tryAgain } from '../api/outbox.js';
import type { OutboxEntry } from '../api/outboxEntry.js';
import DialogFrame from '../parts/DialogFrame.vue';
import { tell } from '../words/tell.js';
import WhichStands from './WhichStands.vue';
import { saidOfEntry } from './saidOfEntry.js';
import { clockText } from './times.js';
import { useUi } from './ui.js';

/**
 * What was written on this device and is not in the house: it can be read, sent now, or taken back
 * one by one. What the house refused stands first, with why.
 */
const props = defineProps<{ zone: string; now: Date }>();
const visible = defineModel<boolean>('visible', { required: true });

const refused = computed(() => notInHouse.value.filter((kept) => kept.refused));
const held = computed(() => new Set(refused.value.flatMap(restingOn)));
const waiting = computed(() =>
  notInHouse.value.filter((kept) => !kept.refused && !held.value.has(kept)),
);
watch(
  () => notInHouse.value.length,
  (left) => {
    if (!left) visible.value = false;
  },
);
const at = ({ entry }: OutboxEntry): string => clockText(entry.occurredAt, props.zone, props.now);
/** All that is not in the house, as a file that another device can take in. */
async function save(): Promise<void> {
  const by = await import('../api/handOver.js').catch(() => null);
  if (!by) return useUi().say(tell('App.screen-not-here-yet'));
  const link = document.createElement('a');
  link.href = URL.createObjectURL(await by.waitingFile(notInHouse.value));
  link.download = 'furrow-waiting.json';
  link.click();
  URL.revokeObjectURL(link.href);
}
/** Somebody else wrote the same just now: only the person knows whether it is another one. */
const mayBeAnother = ({ refused: why }: OutboxEntry): boolean => why?.code === 'written-just-now';
</script>

<template>
  <DialogFrame v-model:visible="visible" :header="tell('WaitingDialog.not-in-house')" :width="640">
    <section v-if="refused.length">
      <p class="sub">{{ tell('WaitingDialog.house-said-no') }}</p>
      <ul>
        <li v-for="kept in refused" :key="kept.sequence" class="refused">
          <p>
            <span class="sub">{{ at(kept) }}</span> {{ kept.said }}
          </p>
          <p class="why" role="alert">{{ kept.refused!.why }}</p>
          <p v-for="later in restingOn(kept)" :key="later.sequence" class="sub">
            {{ tell('WaitingDialog.rests-on-it', { what: later.said }) }}
          </p>
          <WhichStands
            v-if="kept.refused!.stands"
            :kept="kept"
            :stands="kept.refused!.stands"
            :zone="zone"
            :now="now"
          />
          <p v-else class="keys">
            <Button
              v-if="mayBeAnother(kept)"
              :label="tell('AskFirst.it-another-one-write-it')"
              @click="tryAgain(kept.sequence, true)"
            />
            <Button
              v-else
              outlined
              :label="tell('common.try-it-again')"
              @click="tryAgain(kept.sequence)"
            />
            <Button
              text
              :label="tell('WaitingDialog.let-it-go')"
              @click="takeBack(kept.entry.id)"
            />
          </p>
        </li>
      </ul>
    </section>
    <section v-if="waiting.length">
      <p class="sub">{{ tell('WaitingDialog.goes-by-itself') }}</p>
      <ul>
        <li v-for="kept in waiting" :key="kept.sequence">
          <p>
            <span class="sub">{{ at(kept) }}</span> {{ saidOfEntry(kept) }}
          </p>
          <Button
            text
            :label="tell('common.take-it-back')"
            :aria-label="tell('WaitingDialog.take-back', { what: saidOfEntry(kept) })"
            @click="takeBack(kept.entry.id)"
          />
        </li>
      </ul>
      <Button outlined :label="tell('WaitingDialog.send-now')" @click="sendWaiting()" />
    </section>
    <p class="over">
      <Button text :label="tell('WaitingDialog.save-as-file')" @click="save" />
      <span class="sub">{{ tell('WaitingDialog.another-device-brings-it') }}</span>
    </p>
  </DialogFrame>
</template>

<style scoped>
ul {
  list-style: none;
  margin: 0 0 16px;
  padding: 0;
}
li {
  display: flex;
  align-items: center;
  justify-content: space-between;
  gap: 12px;
  border-top: var(--line);
  padding: 6px 0;
}
li p {
  margin: 0;
}
li.refused {
  display: block;
  border-left: 5px solid var(--rust);
  padding-left: 12px;
}
.why {
  font-weight: 600;
}
.keys {
  display: flex;
  flex-wrap: wrap;
  gap: 12px;
}
.over {
  flex-wrap: wrap;
  display: flex;
  align-items: center;
  gap: 12px;
  border-top: var(--line);
  padding-top: 6px;
  margin-top: 12px;
}
section :deep(button),
.over :deep(button) {
  min-height: 64px;
  flex: none;
}
</style>
