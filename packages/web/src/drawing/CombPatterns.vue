<script setup lang="ts">
/** The patterns of what comb holds, once for the whole page: pattern tells, colour helps. */
</script>

<template>
  <svg width="0" height="0" style="position: absolute" aria-hidden="true">
    <defs>
      <pattern id="p-capped" width="9" height="6" patternUnits="userSpaceOnUse">
        <rect width="9" height="6" fill="var(--capped)" />
        <path d="M.5 1.5h5M5 4.5h4M0 4.5h1" stroke="var(--capped-mark)" stroke-width="1" />
      </pattern>
      <pattern id="p-open" width="6" height="6" patternUnits="userSpaceOnUse">
        <rect width="6" height="6" fill="var(--open)" />
        <circle cx="3" cy="3" r="1.7" fill="none" stroke="var(--open-mark)" stroke-width="1.1" />
      </pattern>
      <pattern id="p-pollen" width="5" height="5" patternUnits="userSpaceOnUse">
        <rect width="5" height="5" fill="var(--pollen)" />
        <path
          d="M-1 1L1-1M0 5L5 0M4 6L6 4M-1 4L1 6M0 0L5 5M4-1L6 1"
          stroke="var(--pollen-mark)"
          stroke-width=".9"
        />
      </pattern>
      <pattern id="p-brood" width="6" height="6" patternUnits="userSpaceOnUse">
        <rect width="6" height="6" fill="var(--brood)" />
        <circle cx="1.5" cy="1.5" r="1.25" fill="var(--brood-mark)" />
        <circle cx="4.5" cy="4.5" r="1.25" fill="var(--brood-mark)" />
      </pattern>
      <pattern id="p-empty" width="10" height="10" patternUnits="userSpaceOnUse">
        <rect width="10" height="10" fill="var(--empty)" />
      </pattern>
      <pattern id="p-damaged" width="8" height="8" patternUnits="userSpaceOnUse">
        <rect width="8" height="8" fill="var(--damaged)" />
        <path d="M0 6l2-3 2 2 4-5" fill="none" stroke="var(--damaged-mark)" stroke-width="1.1" />
      </pattern>
      <pattern id="p-wood" width="40" height="7" patternUnits="userSpaceOnUse">
        <rect width="40" height="7" fill="var(--wood)" />
        <path
          d="M0 2.5q10-2 20 0t20 0M0 5.5h40"
          fill="none"
          stroke="var(--wood-line)"
          stroke-opacity=".35"
          stroke-width=".7"
        />
      </pattern>
      <pattern
        id="p-cut"
        width="5"
        height="5"
        patternUnits="userSpaceOnUse"
        patternTransform="rotate(45)"
      >
        <rect width="5" height="5" fill="var(--wood)" />
        <path d="M0 0h5" stroke="var(--wood-line)" stroke-opacity=".7" stroke-width=".9" />
      </pattern>
      <pattern
        id="p-earth"
        width="7"
        height="7"
        patternUnits="userSpaceOnUse"
        patternTransform="rotate(-45)"
      >
        <path d="M0 0h7" stroke="var(--lichen-5)" stroke-width="1" />
      </pattern>
      <pattern
        id="p-band"
        width="7"
        height="7"
        patternUnits="userSpaceOnUse"
        patternTransform="rotate(-45)"
      >
        <rect width="7" height="7" fill="var(--field-wash)" />
        <path d="M0 0h7" stroke="var(--field)" stroke-opacity=".45" stroke-width="1" />
      </pattern>
    </defs>
  </svg>
</template>
