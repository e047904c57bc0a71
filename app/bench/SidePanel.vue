<script setup lang="ts">
import { mdiClose } from '@mdi/js'

/** What stands beside the page: a title, what it is for, and the way to close it. */
defineProps<{ title: string; hint: string; close: string }>()
const emit = defineEmits<{ close: [] }>()
</script>

<template>
  <aside class="panel" :aria-label="title">
    <div class="head">
      <h2>{{ title }}</h2>
      <v-btn :icon="mdiClose" size="32" variant="text" :aria-label="close" @click="emit('close')" />
    </div>
    <p class="hint">{{ hint }}</p>
    <slot />
  </aside>
</template>

<style scoped>
.panel {
  height: 100%;
  padding: 14px 16px 28px;
  border-top: 4px solid var(--clause, var(--ink));
  background: #fff;
  overflow-y: auto;
  overscroll-behavior: contain;
}

.head {
  display: flex;
  align-items: center;
  justify-content: space-between;
  margin-right: -6px;
}

h2 {
  font-size: 17px;
  font-weight: 700;
  letter-spacing: -0.01em;
}

.hint {
  margin: 2px 0 14px;
  font-size: 13px;
  line-height: 1.4;
  color: var(--soft);
}
</style>
