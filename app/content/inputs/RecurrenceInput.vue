<script setup lang="ts">
import { computed, ref, watch } from 'vue'
import { recurrence } from '~~/core/content/fields/recurrence'
import { useCatalogue } from '../../stores/catalogue'
import { words } from '../words'
import TextualInput from './TextualInput.vue'
import { labelOf } from './field-input'
import type { FieldInputProps } from './field-input'

/** The usual ways to repeat, and a rule of one's own. */
const props = defineProps<FieldInputProps>()
const emit = defineEmits<{ change: [value: unknown]; leave: [] }>()
const catalogue = useCatalogue()
const usual = [
  'FREQ=DAILY',
  'FREQ=WEEKLY',
  'FREQ=WEEKLY;INTERVAL=2',
  'FREQ=MONTHLY',
  'FREQ=MONTHLY;BYDAY=1SA',
  'FREQ=MONTHLY;BYDAY=-1FR',
  'FREQ=YEARLY',
]
const own = ref(isOwn(props.value))
watch(
  () => props.value,
  (value) => (own.value ||= isOwn(value)),
)

const choices = computed(() => [
  { value: '', title: words.repeatsNot },
  ...usual.map((value) => ({ value, title: recurrence.format(value, {}, catalogue.catalogue) })),
  { value: 'own', title: words.repeatsOwn },
])
const chosen = computed(() => (own.value ? 'own' : String(props.value ?? '')))

function isOwn(value: unknown): boolean {
  return typeof value === 'string' && value !== '' && !usual.includes(value)
}

function choose(value: string) {
  own.value = value === 'own'
  if (value !== 'own') emit('change', value === '' ? null : value)
  emit('leave')
}
</script>

<template>
  <div class="repeats">
    <v-select
      :label="labelOf(field)"
      :hint="field.help"
      :persistent-hint="field.help !== ''"
      :items="choices"
      :model-value="chosen"
      :error-messages="own ? [] : faults"
      @update:model-value="choose"
    />
    <TextualInput
      v-if="own"
      v-bind="$props"
      :field="{ ...field, name: words.repeatsRule, required: false }"
      @change="emit('change', $event)"
      @leave="emit('leave')"
    />
  </div>
</template>

<style scoped>
.repeats {
  display: grid;
  gap: 10px;
}
</style>
