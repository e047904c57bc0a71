<script setup lang="ts">
import { mdiCalendarBlankOutline } from '@mdi/js'
import { computed } from 'vue'
import { VDateInput } from 'vuetify/components/VDateInput'
import { useCatalogue } from '../../stores/catalogue'
import { quietMenu } from './quiet-menu'
import { dateOfDay, dayOfDate } from './days'

/** A calendar day, `2026-11-26`: typed as the site's language writes days, or pressed in a calendar. */
const day = defineModel<string | null>({ required: true })
defineProps<{
  label: string
  hint?: string
  faults?: readonly string[]
  /** The days that the calendar offers; another one may be typed, and is told what is wrong with it. */
  earliest?: string | null
  latest?: string | null
  clearable?: boolean
  autofocus?: boolean
}>()
const emit = defineEmits<{ leave: [] }>()
const catalogue = useCatalogue()
const date = computed({
  get: () => (day.value === null ? null : dateOfDay(day.value)),
  set: (chosen: unknown) => (day.value = chosen instanceof Date ? dayOfDate(chosen) : null),
})
</script>

<template>
  <v-locale-provider :locale="catalogue.catalogue.locale" :rtl="false">
    <VDateInput
      v-model="date"
      :label="label"
      :hint="hint"
      :persistent-hint="Boolean(hint)"
      :error-messages="[...(faults ?? [])]"
      :clearable="clearable"
      persistent-clear
      :autofocus="autofocus"
      :picker-props="{ min: earliest ?? undefined, max: latest ?? undefined }"
      :menu-props="quietMenu"
      prepend-icon=""
      :append-inner-icon="mdiCalendarBlankOutline"
      autocomplete="off"
      @blur="emit('leave')"
    />
  </v-locale-provider>
</template>
