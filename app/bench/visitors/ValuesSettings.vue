<script setup lang="ts">
import { computed } from 'vue'
import { newValuesControl } from '~~/core/visitors/values'
import type { ValuesControl } from '~~/core/visitors/values'
import ChoiceSetting from '../../shared/settings/ChoiceSetting.vue'
import { choicesOf } from '../../shared/settings/choices'
import { useCatalogue } from '../../stores/catalogue'
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
  <ChoiceSetting
    :label="words.layout"
    :value="control.layout"
    :fallback="usual.layout"
    :choices="choicesOf(words.layouts)"
    @change="set({ layout: $event })"
  />
  <ChoiceSetting
    :label="words.choose"
    :value="control.choose"
    :fallback="usual.choose"
    :choices="choicesOf(words.valueChoosings)"
    @change="set({ choose: $event })"
  />
  <WaysSettings :control="control" :usual="usual" @change="set" />
</template>
