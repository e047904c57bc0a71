<script setup lang="ts" generic="By extends string">
import ChoiceSetting from '../../shared/settings/ChoiceSetting.vue'
import { choicesOf } from '../../shared/settings/choices'
import FacetChoice from './FacetChoice.vue'
import { words } from './words'

/** By what a shape puts entries together, and by the terms of which facet. */
defineProps<{ by: By; fallback: By; names: Readonly<Record<By, string>>; facet: number | null }>()
const emit = defineEmits<{ by: [by: By]; facet: [facet: number | null] }>()
</script>

<template>
  <ChoiceSetting
    :label="words.by"
    :value="by"
    :fallback="fallback"
    :choices="choicesOf(names)"
    @change="emit('by', $event)"
  />
  <FacetChoice v-if="by === 'term'" :facet="facet" @change="emit('facet', $event)" />
</template>
