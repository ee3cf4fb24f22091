<script setup lang="ts">
import { tell } from '../words/tell.js';
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
  <div class="code" role="group" :aria-label="tell('PairingCode.code-that-lets-one-phone')">
    <svg
      v-if="pairing.qr"
      class="square"
      :viewBox="`0 0 ${pairing.qr.size + 2 * EDGE} ${pairing.qr.size + 2 * EDGE}`"
      role="img"
      :aria-label="tell('PairingCode.square-code-opens-page-that')"
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
            ? tell('PairingCode.bring-phone-helper-into-houses')
            : tell('PairingCode.bring-phone-into-houses-own')
        }}
      </li>
      <li>
        {{ tell('PairingCode.point-its-camera-at-square') }} <b>{{ address }}</b>{{
          tell('PairingCode.it-warns-that-nobody-vouches')
        }}
      </li>
      <li>
        {{ tell('PairingCode.type-letters-there-phones-name') }}
        <span class="letters" :aria-label="tell('PairingCode.eight-letters')"
          ><b>{{ letters[0] }}</b
          >&nbsp;<b>{{ letters[1] }}</b></span
        >
      </li>
      <li class="sub">{{ tell('PairingCode.good-once-until-five-wrong', { until }) }}</li>
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
