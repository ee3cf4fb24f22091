<script setup lang="ts">
/**
 * What will stand on a screen once there is something, drawn faintly; it says nothing that the
 * words do not.
 */
defineProps<{ of: 'hive' | 'lifted' | 'day' | 'list' | 'steps' | 'book' | 'boxes' }>();
const COMBS = [0, 1, 2, 3, 4, 5, 6, 7];
/** Bars of a day's timetable: left edge, width and row. */
const DAY = [
  [10, 60, 0],
  [75, 40, 0],
  [120, 110, 1],
  [120, 40, 2],
  [170, 90, 2],
  [270, 60, 1],
] as const;
</script>

<template>
  <svg class="faint" width="360" height="150" viewBox="0 0 360 150" aria-hidden="true">
    <template v-if="of === 'hive' || of === 'lifted'">
      <path d="M10 40V130H330V40" class="line" />
      <g v-for="i in COMBS" :key="i">
        <rect
          :x="28 + i * 36"
          :y="of === 'lifted' && i > 5 ? 8 : 40"
          width="22"
          :height="i % 7 === 0 ? 50 : 74"
          rx="8"
          class="line dashed"
        />
        <rect
          :x="24 + i * 36"
          :y="of === 'lifted' && i > 5 ? 0 : 32"
          width="30"
          height="9"
          class="wood"
        />
      </g>
    </template>
    <template v-else-if="of === 'day'">
      <path d="M10 20V140M97 20V140M184 20V140M271 20V140M350 20V140" class="line thin" />
      <rect
        v-for="[x, width, row] in DAY"
        :key="`${x}-${row}`"
        :x="x"
        :y="28 + row * 38"
        :width="width"
        height="24"
        class="line dashed"
      />
    </template>
    <template v-else-if="of === 'list'">
      <g v-for="row in 4" :key="row">
        <rect x="12" :y="row * 34 - 20" width="20" height="20" class="line" />
        <path :d="`M44 ${row * 34 - 10}H${300 - row * 30}`" class="line dashed" />
      </g>
    </template>
    <template v-else-if="of === 'steps'">
      <path d="M12 22H220M12 48H300M12 66H260" class="line dashed" />
      <rect x="12" y="90" width="330" height="48" rx="6" class="line dashed" />
    </template>
    <template v-else-if="of === 'boxes'">
      <rect
        v-for="row in 3"
        :key="row"
        x="40"
        :y="row * 36 - 10"
        width="140"
        height="34"
        class="line"
      />
      <rect x="230" y="62" width="100" height="34" class="line dashed" />
      <path d="M220 79h-28m8-7-8 7 8 7" class="line" />
    </template>
    <template v-else>
      <rect x="10" y="30" width="70" height="90" class="line dashed" />
      <path d="M80 50H160M80 100H160" class="line" />
      <rect x="160" y="34" width="70" height="34" class="line dashed" />
      <rect x="160" y="86" width="70" height="30" class="line dashed" />
      <path d="M230 50H290" class="line" />
      <rect x="290" y="34" width="56" height="34" class="line dashed" />
    </template>
  </svg>
</template>

<style scoped>
.faint {
  display: block;
  max-width: 100%;
  margin: 8px 0;
  opacity: 0.45;
}
.line {
  fill: none;
  stroke: var(--ink-2);
  stroke-width: 2;
}
.thin {
  stroke-width: 1;
}
.dashed {
  stroke-dasharray: 6 5;
}
.wood {
  fill: var(--wood);
  stroke: var(--ink-2);
}
</style>
