<script setup lang="ts">
import { computed } from 'vue'
import type { YesNoSettings } from '~~/core/content/fields/yes-no'
import ChoiceSetting from '../../shared/settings/ChoiceSetting.vue'
import FieldMessages from '../FieldMessages.vue'
import { words } from '../words'
import { labelOf } from './field-input'
import type { FieldInputProps } from './field-input'

const props = defineProps<FieldInputProps>()
const emit = defineEmits<{ change: [value: unknown]; leave: [] }>()
const choices = computed(() => {
  const { yes, no } = props.field.settings as YesNoSettings
  return [
    { value: 'yes', title: yes },
    { value: 'no', title: no },
    ...(props.field.required ? [] : [{ value: 'none', title: words.notSaid }]),
  ]
})
const chosen = computed(() => ({ true: 'yes', false: 'no' })[String(props.value)] ?? 'none')

function choose(value: string) {
  emit('change', { yes: true, no: false }[value] ?? null)
  emit('leave')
}
</script>

<template>
  <div>
    <ChoiceSetting :label="labelOf(field)" :value="chosen" :choices="choices" @change="choose" />
    <FieldMessages :faults="faults" :help="field.help" />
  </div>
</template>
