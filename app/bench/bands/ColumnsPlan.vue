<script setup lang="ts">
/** A small drawing of columns of so many parts. */
defineProps<{ parts: readonly number[] }>()
</script>

<template>
  <span class="plan" aria-hidden="true">
    <span v-for="(part, at) in parts" :key="at" :style="{ flexGrow: part }" />
  </span>
</template>

<style scoped>
.plan {
  display: flex;
  gap: 3px;
  width: 46px;
  height: 22px;
}

.plan > span {
  flex-basis: 0;
  border-radius: 2px;
  background: currentcolor;
  opacity: 0.55;
}
</style>
