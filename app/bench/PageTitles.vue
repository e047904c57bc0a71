<script setup lang="ts">
import { ref } from 'vue'
import { fetchedLater } from '../shared/fetched-later'
import { useDraft } from '../stores/bench/draft'

/** Fetched when it is opened: a page is seen sooner without its fields. */
const PageTitleFields = fetchedLater(() => import('./PageTitleFields.vue'))
const draft = useDraft()
const isOpen = ref(false)
</script>

<template>
  <details class="titles" @toggle="isOpen = ($event.target as HTMLDetailsElement).open">
    <summary>
      <span class="what">{{ draft.path }}</span>
      <h1 class="title">{{ draft.page.title }}</h1>
    </summary>
    <PageTitleFields v-if="isOpen" />
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
  text-decoration-color: var(--edge-strong);
  text-underline-offset: 3px;
}

.what {
  font-size: var(--size-fine);
  color: var(--soft);
}

.title {
  font-size: var(--size-lead);
  font-weight: 700;
}
</style>
