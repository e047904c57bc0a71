<script setup lang="ts">
import { computed } from 'vue'
import type { FontAtHand } from '~~/core/looks/fonts/site-fonts'
import { fetchSamples, sampleFamily } from './font-samples'

/** A font, chosen by its name, which is written in it. */
const props = defineProps<{
  label: string
  fonts: readonly FontAtHand[]
  /** What can be named in place of a font comes before them. */
  first?: readonly { readonly value: string; readonly title: string }[]
  value: string | null
  placeholder?: string
  errors?: readonly string[]
}>()
const emit = defineEmits<{ change: [name: string] }>()

const items = computed(() => [
  ...(props.first ?? []),
  ...props.fonts.map((font) => ({
    value: font.name,
    title: font.title,
    props: { style: { fontFamily: `'${sampleFamily(font)}'` } },
  })),
])
</script>

<template>
  <v-select
    :aria-label="label"
    :items="items"
    item-props="props"
    :model-value="value"
    :placeholder="placeholder"
    :persistent-placeholder="placeholder !== undefined"
    :error-messages="errors"
    @update:menu="fetchSamples(fonts)"
    @update:model-value="emit('change', $event as string)"
  />
</template>
