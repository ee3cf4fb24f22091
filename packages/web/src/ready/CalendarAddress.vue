<script setup lang="ts">
import Button from 'primevue/button';
import { computed, ref } from 'vue';
import Refusal from '../parts/Refusal.vue';
import { newId } from '../server/client.js';
import { useCalendarLinks } from '../server/queries.js';
import { useSend } from '../server/useSend.js';
import { dateText } from '../shell/times.js';

/** An address that a calendar subscribes to: read only, secret, shown once, taken back by a touch. */
const { data: links } = useCalendarLinks();
const { go, busy, refusal } = useSend();
const made = ref<string | null>(null);
const copied = ref(false);
// Only an encrypted or local page can make the secret's hash.
const canMake = computed(() => Boolean(globalThis.crypto?.subtle));
const hex = (bytes: Uint8Array): string =>
  [...bytes].map((b) => b.toString(16).padStart(2, '0')).join('');
async function make(): Promise<void> {
  const token = hex(crypto.getRandomValues(new Uint8Array(24)));
  const hash = await crypto.subtle.digest('SHA-256', new TextEncoder().encode(token));
  const tokenHash = hex(new Uint8Array(hash));
  if (await go('/calendarLinks', { id: newId(), tokenHash }, 'An address for your calendar.')) {
    made.value = `${location.origin}/api/v1/calendar/${token}.ics`;
    copied.value = false;
  }
}
async function copy(): Promise<void> {
  await navigator.clipboard.writeText(made.value!).catch(() => undefined);
  copied.value = true;
}
const takeBack = (id: string): unknown =>
  go(`/calendarLinks/${id}/remove`, {}, 'That address shows nothing any more.');
</script>

<template>
  <details class="how no-print">
    <summary>An address that your calendar follows…</summary>
    <div class="acts">
      <p>
        A calendar that subscribes to it shows each step as it is planned, moved or dropped, and
        what is due at the bench. Whoever has the address can read that, and change nothing.
      </p>
      <template v-if="made">
        <p role="status">
          <b class="address">{{ made }}</b>
        </p>
        <p class="sub">It is shown this once. It works where this page can be reached.</p>
        <Button outlined :label="copied ? 'Copied' : 'Copy it'" @click="copy" />
      </template>
      <Refusal :refusal="refusal" />
      <Button
        v-if="canMake"
        outlined
        :label="made ? 'Make another' : 'Make an address'"
        :loading="busy"
        @click="make"
      />
      <p v-else class="sub">An address is made on this machine itself, or over https.</p>
      <p v-for="link in links ?? []" :key="link.id">
        Made on {{ dateText(link.recordedAt.slice(0, 10)) }}
        <Button text label="Take it back" :loading="busy" @click="takeBack(link.id)" />
      </p>
    </div>
  </details>
</template>

<style scoped>
.address {
  overflow-wrap: anywhere;
}
</style>
