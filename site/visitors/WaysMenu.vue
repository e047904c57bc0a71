<script setup lang="ts">
import { computed } from 'vue'
import ControlWays from './ControlWays.vue'
import type { ControlWay, Way } from './view'

/** Ways that fold out below what is chosen of them. Where one is chosen at a time, that folds them in. */
const props = defineProps<{
  label: string
  several?: boolean
  icons?: 'before' | 'above' | null | undefined
  all?: (Way & { readonly isChosen: boolean }) | null
  ways: readonly ControlWay[]
  remembered?: string | undefined
}>()
const chosen = computed(
  () =>
    props.ways
      .filter((way) => way.isChosen)
      .map((way) => way.title)
      .join(', ') ||
    props.all?.title ||
    props.label,
)
</script>

<template>
  <details class="narrow-menu" data-folds :data-closes="several ? undefined : ''">
    <summary data-control :aria-label="`${label}: ${chosen}`">{{ chosen }}</summary>
    <ControlWays
      layout="ticks"
      :several="several"
      :icons="icons && 'before'"
      :all="all"
      :ways="ways"
      :remembered="remembered"
    />
  </details>
</template>
