<script setup lang="ts">
import { computed } from 'vue'
import { inTreeOrder } from '~~/core/content/terms'
import type { ChosenFitting } from '~~/core/fittings'
import { smallCalendar } from '~~/core/fittings/small-calendar'
import SwitchSetting from '../../shared/settings/SwitchSetting.vue'
import { useCatalogue } from '../../stores/catalogue'
import { words } from './words'

const props = defineProps<{ settings: ChosenFitting<'calendar'> }>()
const emit = defineEmits<{ change: [settings: ChosenFitting<'calendar'>, subject: string] }>()
const catalogue = useCatalogue()

/** The terms that its collection's entries can have, each under its facet. */
const terms = computed(() => {
  const used = catalogue.catalogue.collections.find((one) => one.id === props.settings.collection)?.facets
  return catalogue.catalogue.facets
    .filter((facet) => used?.includes(facet.id))
    .flatMap((facet) =>
      inTreeOrder(catalogue.catalogue.terms.filter((term) => term.facetId === facet.id)).map(({ term }) => ({
        value: term.id,
        title: term.name,
        props: { subtitle: facet.name, 'aria-label': term.name },
      })),
    )
})

function set(change: Partial<ChosenFitting<'calendar'>>) {
  emit('change', { ...props.settings, ...change }, Object.keys(change).join())
}
</script>

<template>
  <v-select
    :label="words.calendarOf"
    :items="[...catalogue.catalogue.collections]"
    item-title="name"
    item-value="id"
    :model-value="settings.collection"
    @update:model-value="set({ collection: $event, terms: [] })"
  />
  <v-autocomplete
    :items="terms"
    :model-value="settings.terms.map(catalogue.words.termNow)"
    :label="words.calendarTerms"
    multiple
    chips
    closable-chips
    auto-select-first
    clear-on-select
    @update:model-value="set({ terms: $event })"
  />
  <SwitchSetting
    :label="words.weekNumbers"
    :value="settings.weekNumbers"
    :fallback="smallCalendar.defaults.weekNumbers"
    @change="set({ weekNumbers: $event })"
  />
</template>
