<script setup lang="ts">
import { computed } from 'vue'
import type { PageChange } from '~~/core/pages/changes'
import { words } from './words'

/** What is another on a page, thing by thing, before against after. */
const props = defineProps<{
  changes: readonly PageChange[]
  /** The other pages that a listing changes on, in words. */
  alsoOn?: (listing: string) => string | null
}>()
const told = computed(() =>
  props.changes.map((change) => ({
    ...change,
    also:
      change.listing !== undefined && (change.what === 'listing' || change.what === 'card')
        ? (props.alsoOn?.(change.listing) ?? null)
        : null,
  })),
)
</script>

<template>
  <p v-if="changes.length === 0" class="soft">{{ words.nothing }}</p>
  <ul v-else>
    <li v-for="(change, at) in told" :key="at">
      {{ words.what[change.what](change.name) }}
      <p v-if="change.also !== null" class="also">{{ words.alsoOn(change.also) }}</p>
      <dl v-if="change.before !== undefined || change.after !== undefined">
        <template v-if="change.before !== undefined">
          <dt>{{ words.was }}</dt>
          <dd class="was">{{ change.before || words.empty }}</dd>
        </template>
        <template v-if="change.after !== undefined">
          <dt>{{ words.is }}</dt>
          <dd>{{ change.after || words.empty }}</dd>
        </template>
      </dl>
    </li>
  </ul>
</template>

<style scoped>
ul {
  display: grid;
  gap: 6px;
  margin: 0;
  padding: 0;
  list-style: none;
}

li {
  overflow-wrap: anywhere;
}

dl {
  display: grid;
  grid-template-columns: 58px minmax(0, 1fr);
  gap: 2px 8px;
  margin: 3px 0 0;
  font-size: var(--size-small);
}

dt {
  color: var(--soft);
}

dd {
  margin: 0;
}

.also {
  font-size: var(--size-small);
  font-weight: 600;
}

.was,
.soft {
  color: var(--soft);
}
</style>
