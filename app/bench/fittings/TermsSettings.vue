<script setup lang="ts">
import { computed } from 'vue'
import type { ChosenFitting } from '~~/core/fittings'
import { termIndex } from '~~/core/fittings/term-index'
import ChoiceSetting from '../../shared/settings/ChoiceSetting.vue'
import NumberSetting from '../../shared/settings/NumberSetting.vue'
import SwitchSetting from '../../shared/settings/SwitchSetting.vue'
import { choicesOf } from '../../shared/settings/choices'
import { useCatalogue } from '../../stores/catalogue'
import { words } from './words'

const props = defineProps<{ settings: ChosenFitting<'terms'> }>()
const emit = defineEmits<{ change: [settings: ChosenFitting<'terms'>, subject: string] }>()
const catalogue = useCatalogue()
const facets = computed(() => catalogue.catalogue.facets)

function set(change: Partial<ChosenFitting<'terms'>>) {
  emit('change', { ...props.settings, ...change }, Object.keys(change).join())
}

/** All facets are meant where none is named. */
function isShown(id: number): boolean {
  return props.settings.facets.length === 0 || props.settings.facets.includes(id)
}

function show(id: number, wanted: boolean) {
  const next = facets.value.map((facet) => facet.id).filter((one) => (one === id ? wanted : isShown(one)))
  // One stays: an index of nothing is of no use.
  if (next.length > 0) set({ facets: next.length === facets.value.length ? [] : next })
}
</script>

<template>
  <section :aria-label="words.facets">
    <p class="input-title">{{ words.facets }}</p>
    <SwitchSetting
      v-for="facet in facets"
      :key="facet.id"
      :label="facet.name"
      :value="isShown(facet.id)"
      @change="show(facet.id, $event)"
    />
  </section>
  <ChoiceSetting
    :label="words.layout"
    :value="settings.layout"
    :fallback="termIndex.defaults.layout"
    :choices="choicesOf(words.layouts)"
    @change="set({ layout: $event })"
  />
  <ChoiceSetting
    :label="words.order"
    :value="settings.order"
    :fallback="termIndex.defaults.order"
    :choices="choicesOf(words.orders)"
    @change="set({ order: $event })"
  />
  <NumberSetting
    :label="words.first"
    :value="settings.first"
    :fallback="termIndex.defaults.first"
    :least="1"
    :most="200"
    @change="set({ first: $event })"
  />
  <SwitchSetting
    :label="words.nested"
    :value="settings.nested"
    :fallback="termIndex.defaults.nested"
    @change="set({ nested: $event })"
  />
  <SwitchSetting
    :label="words.counts"
    :value="settings.counts"
    :fallback="termIndex.defaults.counts"
    @change="set({ counts: $event })"
  />
</template>
