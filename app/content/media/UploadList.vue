<script setup lang="ts">
import { mdiClose } from '@mdi/js'
import { mediaWords } from './words'
import type { Upload } from './uploads'

/** The files on their way, and those that did not come with the reason. */
defineProps<{ uploads: readonly Upload[] }>()
</script>

<template>
  <ul v-if="uploads.length" class="uploads" :aria-label="mediaWords.uploads">
    <li v-for="upload in uploads" :key="upload.id" :role="upload.failure ? 'alert' : undefined">
      <span class="name">{{ upload.name }}</span>
      <span v-if="upload.failure" class="failure">{{ upload.failure }}</span>
      <progress v-else :value="upload.done" :aria-label="mediaWords.progressOf(upload.name)" />
      <v-btn
        :icon="mdiClose"
        size="28"
        variant="text"
        :aria-label="upload.failure ? mediaWords.dismiss(upload.name) : mediaWords.stop(upload.name)"
        @click="upload.stop"
      />
    </li>
  </ul>
</template>

<style scoped>
.uploads {
  display: grid;
  margin: 0;
  padding: 0;
  list-style: none;
}

li {
  display: grid;
  grid-template-columns: minmax(0, 1fr) minmax(0, 1fr) 28px;
  align-items: center;
  gap: 12px;
  min-height: 38px;
  border-bottom: 1px solid var(--line);
  font-size: var(--size-small);
}

.name {
  overflow: hidden;
  text-overflow: ellipsis;
  white-space: nowrap;
  font-weight: 600;
}

.failure {
  color: rgb(var(--v-theme-error));
}

progress {
  width: 100%;
  height: 6px;
  accent-color: var(--leaf);
}
</style>
