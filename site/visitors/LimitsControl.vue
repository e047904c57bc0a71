<script setup lang="ts">
import ControlWays from './ControlWays.vue'
import ScaleControl from './ScaleControl.vue'
import WaysMenu from './WaysMenu.vue'
import { words } from '../words'
import type { ControlContents } from './view'

/** Two limits to type or to set, of a number or of days, or what lies between such to press. */
defineProps<{ content: ControlContents['range' | 'dates']; label: string }>()
</script>

<template>
  <form
    v-if="content.layout === 'fields'"
    class="narrow-range"
    method="get"
    data-in-place
    :data-told="content.told ?? undefined"
    data-control
    :data-joins="content.parameter"
    :data-between="content.input === 'number' ? '-' : '..'"
  >
    <input v-for="one in content.others" :key="one.name" type="hidden" :name="one.name" :value="one.value" />
    <template v-for="part in ['from', 'to'] as const" :key="part">
      <span v-if="part === 'to'" aria-hidden="true">–</span>
      <input
        class="narrow-field"
        :type="content.input"
        :step="content.input === 'number' ? 'any' : undefined"
        :name="`${content.parameter}-${part}`"
        :value="content[part] || undefined"
        :placeholder="words.limits[part]"
        :aria-label="`${label}: ${words.limits[part]}`"
      />
    </template>
    <button class="narrow-button" type="submit" :aria-label="`${label}: ${words.narrow}`">
      {{ words.narrow }}
    </button>
  </form>
  <ScaleControl v-else-if="content.layout === 'slider'" :content="content" :label="label" />
  <WaysMenu v-else-if="content.layout === 'menu'" :label="label" :all="content.all" :ways="content.ways" />
  <ControlWays v-else :layout="content.layout" :all="content.all" :ways="content.ways" />
</template>
