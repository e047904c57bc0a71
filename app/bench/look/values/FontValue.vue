<script setup lang="ts">
import { computed } from 'vue'
import { fontUses } from '~~/core/looks/fonts/site-fonts'
import type { StyleProperty } from '~~/core/looks/properties/define'
import FontSelect from '../../../shared/looks/FontSelect.vue'
import { useCatalogue } from '../../../stores/catalogue'
import { words } from '../words'

/** A font of the site, or what the site has chosen for headings or for text. */
defineProps<{
  property: StyleProperty
  label: string
  value: string | undefined
  usual: string | null
}>()
const emit = defineEmits<{ change: [value: string] }>()
const catalogue = useCatalogue()
const fonts = computed(() => catalogue.catalogue.fonts)

const uses = computed(() =>
  fontUses.map((use) => {
    const chosen = fonts.value.find(({ name }) => name === catalogue.catalogue.values.fonts[use])
    return { value: use, title: words.fontOf[use](chosen?.title ?? '') }
  }),
)
</script>

<template>
  <FontSelect
    :label="label"
    :fonts="fonts"
    :first="uses"
    :value="value ?? null"
    :placeholder="words.usual"
    @change="emit('change', $event)"
  />
</template>
