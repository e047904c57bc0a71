<script setup lang="ts">
import { mdiCheck, mdiClose } from '@mdi/js'
import type { Reason } from '~~/core/query/why'
import { words } from '../words'

/** One rule against an entry; for a group, with the rules in it. */
defineProps<{ reason: Reason; first?: boolean }>()
</script>

<template>
  <li :class="{ fails: !reason.passes, first }">
    <v-icon
      :icon="reason.passes ? mdiCheck : mdiClose"
      size="18"
      :aria-label="reason.passes ? words.passes : words.fails"
      role="img"
    />
    <div>
      <p class="asks">{{ reason.asks }}</p>
      <p v-if="reason.trouble" class="has">{{ reason.trouble }}</p>
      <p v-else-if="reason.has" class="has">{{ words.whyHas }}: {{ reason.has }}</p>
      <ol v-if="reason.within.length > 0">
        <WhyReason v-for="(one, at) in reason.within" :key="at" :reason="one" />
      </ol>
    </div>
  </li>
</template>

<style scoped>
li {
  display: grid;
  grid-template-columns: 20px minmax(0, 1fr);
  gap: 8px;
  padding: 6px 8px;
  border-radius: 7px;
  color: var(--leaf);
}

li.fails {
  color: var(--rust);
}

li.first {
  background: var(--rust-ground);
}

.asks {
  color: var(--ink);
  font-weight: 600;
  overflow-wrap: anywhere;
}

.has {
  font-size: var(--size-small);
  color: var(--soft);
  overflow-wrap: anywhere;
}

ol {
  margin: 6px 0 0;
  padding: 0;
  list-style: none;
}
</style>
