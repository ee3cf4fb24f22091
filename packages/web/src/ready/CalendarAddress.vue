<script setup lang="ts">
import { tell } from '../words/tell.js';
import Button from 'primevue/button';
import { computed, ref } from 'vue';
import Refusal from '../parts/Refusal.vue';
import { newId } from '../api/client.js';
import { useMe } from '../house/useHouse.js';
import { useCalendarLinks } from '../api/queries.js';
import { useSend } from '../api/useSend.js';
import { dateText } from '../shell/times.js';

/**
 * An address that a calendar of this machine subscribes to: read only, secret, shown once, taken
 * back by a touch. Nobody else reaches it: a phone's calendar is no device that was let in, and
 * takes the file.
 */
const { data: me } = useMe();
const atTable = computed(() => me.value?.at === 'table');
const { data: links } = useCalendarLinks();
const { go, busy, refusal } = useSend();
const made = ref<string | null>(null);
const copied = ref(false);
const hex = (bytes: Uint8Array): string =>
  [...bytes].map((b) => b.toString(16).padStart(2, '0')).join('');
async function make(): Promise<void> {
  const token = hex(crypto.getRandomValues(new Uint8Array(24)));
  const hash = await crypto.subtle.digest('SHA-256', new TextEncoder().encode(token));
  const tokenHash = hex(new Uint8Array(hash));
  if (
    await go(
      '/calendarLinks',
      { id: newId(), tokenHash },
      tell('CalendarAddress.address-for-your-calendar'),
    )
  ) {
    made.value = `${location.origin}/api/v1/calendar/${token}.ics`;
    copied.value = false;
  }
}
async function copy(): Promise<void> {
  await navigator.clipboard.writeText(made.value!).catch(() => undefined);
  copied.value = true;
}
const takeBack = (id: string): unknown =>
  go(`/calendarLinks/${id}/remove`, {}, tell('CalendarAddress.that-address-shows-nothing-any'));
</script>

<template>
  <details class="how no-print">
    <summary>{{ tell('CalendarAddress.address-that-your-calendar-follows') }}</summary>
    <div class="acts">
      <p v-if="me && !atTable">
        {{ tell('CalendarAddress.phones-calendar-cannot-follow-one') }}
      </p>
      <p v-else>
        {{ tell('CalendarAddress.calendar-on-this-machine-that') }}
      </p>
      <template v-if="made">
        <p role="status">
          <b class="address">{{ made }}</b>
        </p>
        <p class="sub">{{ tell('CalendarAddress.it-shown-this-once') }}</p>
        <Button
          outlined
          :label="copied ? tell('CalendarAddress.copied') : tell('CalendarAddress.copy-it')"
          @click="copy"
        />
      </template>
      <Refusal :refusal="refusal" />
      <Button
        v-if="atTable"
        outlined
        :label="made ? tell('CalendarAddress.make-another') : tell('CalendarAddress.make-address')"
        :loading="busy"
        @click="make"
      />
      <p v-for="link in links ?? []" :key="link.id">
        {{
          tell('CalendarAddress.made-on', { recordedAt: dateText(link.recordedAt.slice(0, 10)) })
        }}
        <Button
          text
          :label="tell('common.take-it-back')"
          :loading="busy"
          @click="takeBack(link.id)"
        />
      </p>
    </div>
  </details>
</template>

<style scoped>
.address {
  overflow-wrap: anywhere;
}
</style>
