<script setup lang="ts">
import type { HouseView } from '@furrow/core';
import { computed } from 'vue';
import { clockText } from '../shell/times.js';
import { useWorldNow } from './useWorldNow.js';

/** The code that lets one phone in: a square for its camera, eight letters for a thumb. */
const props = defineProps<{
  pairing: NonNullable<HouseView['pairing']>;
  address: string;
}>();
const now = useWorldNow();
const letters = computed(() => [props.pairing.code.slice(0, 4), props.pairing.code.slice(4)]);
const until = computed(() => clockText(props.pairing.expiresAt, 'local', now.value));
/** White paper round the square, in its own modules: a camera needs it. */
const EDGE = 3;
</script>

<template>
  <div class="code" role="group" aria-label="The code that lets one phone in">
    <svg
      v-if="pairing.qr"
      class="square"
      :viewBox="`0 0 ${pairing.qr.size + 2 * EDGE} ${pairing.qr.size + 2 * EDGE}`"
      role="img"
      aria-label="Square code: opens the page that lets this phone in"
    >
      <rect width="100%" height="100%" fill="#fff" />
      <rect
        v-for="(r, i) in pairing.qr.runs"
        :key="i"
        :x="r.x + EDGE"
        :y="r.y + EDGE"
        :width="r.length + 0.04"
        height="1.04"
        fill="#18211b"
      />
    </svg>
    <ol>
      <li>
        {{
          pairing.kind === 'helper'
            ? 'Bring the phone of the helper into the house’s own network.'
            : 'Bring the phone into the house’s own network.'
        }}
      </li>
      <li>
        Point its camera at the square, or open <b>{{ address }}</b>. It warns that nobody vouches
        for the page: that is this household’s own certificate, go on.
      </li>
      <li>
        Type the letters there, the phone’s name and whose it is:
        <span class="letters" aria-label="The eight letters"
          ><b>{{ letters[0] }}</b
          >&nbsp;<b>{{ letters[1] }}</b></span
        >
      </li>
      <li class="sub">Good once, until {{ until }}; five wrong tries end it.</li>
    </ol>
  </div>
</template>

<style scoped>
.code {
  display: grid;
  grid-template-columns: 240px minmax(0, 1fr);
  gap: 28px;
  align-items: start;
  padding: 18px;
  border: 2px solid var(--ink);
  border-radius: 4px;
  background: var(--lime-0);
}
.square {
  width: 240px;
  height: 240px;
  border: 1px solid var(--ink);
}
ol {
  margin: 0;
  padding-left: 22px;
  display: flex;
  flex-direction: column;
  gap: 10px;
}
.letters {
  display: block;
  font: 600 40px/1.2 var(--text);
  letter-spacing: 0.14em;
  margin-top: 6px;
  white-space: nowrap;
}
li.sub {
  list-style: none;
}
@media (max-width: 599px) {
  .code {
    grid-template-columns: 1fr;
  }
  .letters {
    font-size: 32px;
  }
}
</style>
