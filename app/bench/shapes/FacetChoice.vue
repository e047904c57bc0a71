<script setup lang="ts">
import { computed } from 'vue'
import SelectSetting from '../../shared/settings/SelectSetting.vue'
import { useSelection } from '../../stores/bench/selection'
import { useCatalogue } from '../../stores/catalogue'
import { words } from './words'

/** A facet that the listing's collections use; 0 for whichever comes first, or for `none`. */
const props = defineProps<{ facet: number | null; label?: string; none?: string }>()
const emit = defineEmits<{ change: [facet: number | null] }>()
const selection = useSelection()
const catalogue = useCatalogue()

const choices = computed(() => {
  const used = catalogue.catalogue.collections
    .filter((one) => selection.listing?.from.collections.includes(one.id))
    .flatMap((one) => one.facets)
  const named = catalogue.catalogue.facets
    .filter((one) => used.includes(one.id))
    .map((one) => ({ value: one.id, title: one.name }))
  return [{ value: 0, title: props.none ?? words.firstFacet }, ...named]
})
</script>

<template>
  <SelectSetting
    :label="label ?? words.facet"
    :value="facet ?? 0"
    :fallback="0"
    :choices="choices"
    @change="emit('change', $event || null)"
  />
</template>
