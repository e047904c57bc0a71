<script setup lang="ts">
import { useDraft } from '../stores/bench/draft'
import { useSession } from '../stores/session'
import FrameChoice from './FrameChoice.vue'

/** What visitors read at the head of the page, and how its areas are arranged. */
const draft = useDraft()
const session = useSession()
const words = {
  title: 'Title',
  introduction: 'Introduction',
  titleOfEntries: 'Name of this page in the bench',
  entriesHint: 'Visitors read each entry’s own title. What stands in the areas comes after every entry.',
}

function setTitle(title: string) {
  if (title.trim() !== '') draft.editPage('Title', (page) => ({ ...page, title: title.trim() }), 'title')
}
</script>

<template>
  <div class="fields" :inert="!session.maySetUp">
    <v-text-field
      :label="draft.entries === null ? words.title : words.titleOfEntries"
      maxlength="160"
      :model-value="draft.page.title"
      @update:model-value="setTitle"
    />
    <p v-if="draft.entries" class="hint">{{ words.entriesHint }}</p>
    <v-textarea
      v-else
      :label="words.introduction"
      rows="3"
      auto-grow
      maxlength="2000"
      :model-value="draft.page.introduction"
      @update:model-value="
        draft.editPage('Introduction', (page) => ({ ...page, introduction: $event ?? '' }), 'introduction')
      "
    />
    <FrameChoice />
  </div>
</template>

<style scoped>
.fields {
  display: grid;
  gap: 12px;
  padding: 14px 2px 12px;
}

.hint {
  font-size: var(--size-note);
  color: var(--soft);
}
</style>
