<script setup lang="ts">
import { tell } from '../words/tell.js';
import { computed, onScopeDispose, ref } from 'vue';
import { serverNow } from '../api/client.js';

/**
 * Minutes and seconds until an instant; it goes by the server's clock, so sleep and reload change
 * nothing.
 */
const props = defineProps<{ until: string }>();
const now = ref(serverNow().getTime());
const timer = setInterval(() => (now.value = serverNow().getTime()), 500);
onScopeDispose(() => clearInterval(timer));
const left = computed(() => Math.ceil((Date.parse(props.until) - now.value) / 1000));
const minutes = computed(() => Math.floor(Math.max(0, left.value) / 60));
const seconds = computed(() => String(Math.max(0, left.value) % 60).padStart(2, '0'));
defineExpose({ left });
</script>

<template>
  <p
    class="wait display"
    :class="{ over: left <= 0 }"
    role="timer"
    :aria-label="
      left > 0
        ? tell('WaitClock.minutes-seconds-to-wait', { minutes, seconds })
        : tell('WaitClock.wait-over')
    "
  >
    <template v-if="left > 0"
      ><span
        v-for="(d, i) in `${minutes}:${seconds}`"
        :key="i"
        class="digit"
        :class="{ mark: d === ':' }"
        >{{ d }}</span
      ></template
    >
    <template v-else>{{ tell('WaitClock.wait-over') }}</template>
  </p>
</template>

<style scoped>
.wait {
  font-size: 92px;
  line-height: 96px;
  display: flex;
}
.digit {
  display: inline-block;
  width: 0.6em;
  text-align: center;
}
.mark {
  width: 0.3em;
}
.over {
  font-size: 40px;
  line-height: 48px;
  color: var(--field-deep);
}
</style>
