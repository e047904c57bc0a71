<script setup lang="ts">
import { mdiViewColumnOutline } from '@mdi/js'
import { words } from '../words'
import type { Column } from './table-columns'

/** Which columns a table shows. */
const shown = defineModel<string[]>({ required: true })
defineProps<{ columns: readonly Column[] }>()
</script>

<template>
  <v-menu :close-on-content-click="false" location="bottom end">
    <template #activator="{ props: opener }">
      <v-btn
        v-bind="opener"
        :icon="mdiViewColumnOutline"
        size="40"
        rounded="lg"
        :aria-label="words.columnsShown"
      />
    </template>
    <v-list class="column-list" :aria-label="words.columnsShown">
      <v-checkbox
        v-for="column in columns"
        :key="column.key"
        v-model="shown"
        :value="column.key"
        :label="column.title"
        density="compact"
        hide-details
      />
    </v-list>
  </v-menu>
</template>

<style scoped>
.column-list {
  min-width: 220px;
  padding: 8px 14px 8px 6px;
}
</style>
