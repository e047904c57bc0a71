<script setup lang="ts">
import { computed } from 'vue'
import { fromWallClock, toWallClock } from '~~/core/time/zones'
import { useCatalogue } from '../stores/catalogue'
import { words } from './words'

/** An instant by the clock of the site. */
const instant = defineModel<number | null>({ required: true })
defineProps<{ label: string; hint?: string; faults: string[] }>()
const emit = defineEmits<{ leave: [] }>()
const catalogue = useCatalogue()

const text = computed({
  get: () => (instant.value === null ? '' : toWallClock(instant.value, catalogue.catalogue.zone)),
  set: (typed: string | null) => (instant.value = fromWallClock(typed ?? '', catalogue.catalogue.zone)),
})
</script>

<template>
  <v-text-field
    v-model="text"
    type="datetime-local"
    :label="label"
    :hint="hint || words.zone(catalogue.catalogue.zone)"
    :persistent-hint="Boolean(hint)"
    :error-messages="faults"
    @blur="emit('leave')"
  />
</template>
