<script setup lang="ts">
import { useBench } from '../stores/bench'

const bench = useBench()
const words = {
  title: 'Title',
  introduction: 'Introduction',
  titleOfEntries: 'Name of this page in the bench',
  entriesHint: 'Visitors read each entry’s own title. What stands in the areas comes after every entry.',
}

function setTitle(title: string) {
  if (title.trim() !== '') bench.editPage('Title', (page) => ({ ...page, title: title.trim() }), 'title')
}
</script>

<template>
  <details class="titles">
    <summary>
      <span class="what">{{ bench.path }}</span>
      <h1 class="title">{{ bench.page.title }}</h1>
    </summary>
    <div class="fields">
      <v-text-field
        :label="bench.entries === null ? words.title : words.titleOfEntries"
        maxlength="160"
        :model-value="bench.page.title"
        @update:model-value="setTitle"
      />
      <p v-if="bench.entries" class="hint">{{ words.entriesHint }}</p>
      <v-textarea
        v-else
        :label="words.introduction"
        rows="3"
        auto-grow
        maxlength="2000"
        :model-value="bench.page.introduction"
        @update:model-value="
          bench.editPage('Introduction', (page) => ({ ...page, introduction: $event ?? '' }), 'introduction')
        "
      />
    </div>
  </details>
</template>

<style scoped>
.titles {
  margin-bottom: 10px;
}

summary {
  display: grid;
  padding: 2px 6px 6px;
  border-radius: 6px;
  cursor: pointer;
  list-style: none;
}

summary:hover .title {
  text-decoration: underline;
  text-decoration-color: #b9b09a;
  text-underline-offset: 3px;
}

.what {
  font-size: 12px;
  color: var(--soft);
}

.title {
  font-size: 15px;
  font-weight: 700;
}

.fields {
  display: grid;
  gap: 12px;
  padding: 8px 2px 12px;
}

.hint {
  font-size: 12.5px;
  color: var(--soft);
}
</style>
