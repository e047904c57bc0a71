<script setup lang="ts">
import { computed } from 'vue'
import { newValuesControl } from '~~/core/visitors/values'
import type { ValuesControl } from '~~/core/visitors/values'
import { useCatalogue } from '../../stores/catalogue'
import ChoosingSettings from './ChoosingSettings.vue'
import ControlLabel from './ControlLabel.vue'
import WaysSettings from './WaysSettings.vue'
import { words } from './words'

const props = defineProps<{ control: ValuesControl }>()
const emit = defineEmits<{ change: [control: ValuesControl, subject: string] }>()
const catalogue = useCatalogue()
const usual = computed(() => newValuesControl(props.control.field))
const field = computed(() => catalogue.words.field(props.control.field)?.name ?? words.goneField)

function set(change: Partial<ValuesControl>) {
  emit('change', { ...props.control, ...change }, Object.keys(change).join())
}
</script>

<template>
  <ControlLabel :control="control" :usual="field" :fallback="usual" @change="set" />
  <ChoosingSettings
    :control="control"
    :usual="usual"
    :layouts="words.layouts"
    :choosings="words.valueChoosings"
    @change="set"
  />
  <WaysSettings :control="control" :usual="usual" @change="set" />
</template>
