<script setup lang="ts">
import { computed } from 'vue'
import { sharedAreaAt } from '~~/core/pages/shared-address'
import { usualKinds } from '~~/core/pages/usual'
import type { UsualPage } from '~~/core/pages/usual'
import PagesSection from './PagesSection.vue'
import { words } from './words'

/** The pages that visitors get though nobody made them, each with the press that makes it one's own. */
const props = defineProps<{ pages: readonly UsualPage[]; maySetUp: boolean }>()
const emit = defineEmits<{ setUp: [page: UsualPage] }>()
const kinds = computed(() =>
  [...new Set(usualKinds.map((kind) => words.usualKinds[kind]))]
    .map((title) => ({
      title,
      pages: props.pages.filter((page) => words.usualKinds[page.kind] === title),
    }))
    .filter((one) => one.pages.length > 0),
)
</script>

<template>
  <PagesSection :title="words.usual" :hint="words.usualHint">
    <div class="kinds">
      <section v-for="one in kinds" :key="one.title" :aria-label="one.title">
        <h3>{{ one.title }}</h3>
        <ul :aria-label="one.title">
          <li v-for="page in one.pages" :key="page.path">
            <span class="name">
              {{ page.title }}
              <span v-if="sharedAreaAt(page.path) === null" class="path">{{ page.path }}</span>
            </span>
            <v-btn
              v-if="maySetUp"
              height="32"
              variant="text"
              :aria-label="words.setUpPage(page.title)"
              @click="emit('setUp', page)"
              >{{ words.setUp }}</v-btn
            >
          </li>
        </ul>
      </section>
    </div>
  </PagesSection>
</template>

<style scoped>
.kinds {
  columns: 2;
  column-gap: 48px;
  margin-top: 16px;
}

.kinds > section {
  break-inside: avoid;
  margin-bottom: 22px;
}

h3 {
  font-size: var(--size-body);
}

ul {
  margin: 4px 0 0;
  padding: 0;
  list-style: none;
}

li {
  display: flex;
  align-items: center;
  justify-content: space-between;
  gap: 10px;
  min-height: 37px;
  border-top: 1px solid var(--line);
}

.name {
  overflow-wrap: anywhere;
}

.path {
  margin-left: 6px;
  font-size: var(--size-small);
  color: var(--soft);
}

@media (width < 760px) {
  .kinds {
    columns: 1;
  }
}
</style>
