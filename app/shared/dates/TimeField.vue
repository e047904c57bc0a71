<script setup lang="ts">
import { mdiClockOutline } from '@mdi/js'
import { VTimeInput } from 'vuetify/labs/VTimeInput'
import { useCatalogue } from '../../stores/catalogue'
import { quietMenu } from './quiet-menu'

/** A time of day, `09:30`: typed as the site's language writes times, or pressed on a clock. */
const time = defineModel<string | null>({ required: true })
defineProps<{ label: string; disabled?: boolean }>()
const emit = defineEmits<{ leave: [] }>()
const catalogue = useCatalogue()
</script>

<template>
  <v-locale-provider :locale="catalogue.catalogue.locale" :rtl="false">
    <VTimeInput
      v-model="time"
      :label="label"
      :disabled="disabled"
      :menu-props="quietMenu"
      prepend-icon=""
      :append-inner-icon="mdiClockOutline"
      autocomplete="off"
      @blur="emit('leave')"
    />
  </v-locale-provider>
</template>
