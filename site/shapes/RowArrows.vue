<script setup lang="ts">
import { words } from '../words'

/** Arrows for a row that scrolls, for the script to bring into use where there is more than is seen. */
</script>

<template>
  <div class="row-arrows" hidden>
    <button type="button" data-control="before" :aria-label="words.before">
      <svg viewBox="0 0 24 24" aria-hidden="true"><path d="M15 5l-7 7 7 7" /></svg>
    </button>
    <button type="button" data-control="after" :aria-label="words.after">
      <svg viewBox="0 0 24 24" aria-hidden="true"><path d="M9 5l7 7-7 7" /></svg>
    </button>
  </div>
</template>
