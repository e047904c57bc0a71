<script setup lang="ts">
import { computed, useId } from 'vue'
import type { TopicSetting } from '~~/core/cards/parts/topic'
import { useCatalogue } from '../../stores/catalogue'
import SettingRow from '../../shared/settings/SettingRow.vue'
import { words } from '../words'

const props = defineProps<{ setting: TopicSetting; fallback: TopicSetting; collection: number }>()
const emit = defineEmits<{ change: [setting: TopicSetting] }>()
const catalogue = useCatalogue()
const id = useId()

const choices = computed(() => {
  const facets = catalogue.catalogue.collections.find((one) => one.id === props.collection)?.facets ?? []
  const named = facets.map((facet) => ({
    value: facet,
    title: catalogue.catalogue.facets.find((one) => one.id === facet)?.name ?? String(facet),
  }))
  return [{ value: 0, title: words.firstFacet }, ...named]
})
</script>

<template>
  <SettingRow
    :label="words.facet"
    :control-id="id"
    :changed="setting.facet !== fallback.facet"
    @reset="emit('change', { ...setting, facet: fallback.facet })"
  >
    <v-select
      :id="id"
      :items="choices"
      :model-value="setting.facet ?? 0"
      @update:model-value="emit('change', { ...setting, facet: $event || null })"
    />
  </SettingRow>
</template>
