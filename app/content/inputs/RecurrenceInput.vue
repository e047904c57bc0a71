<script setup lang="ts">
import { computed, ref, watch } from 'vue'
import { recurrence } from '~~/core/content/fields/recurrence'
import type { RecurrenceValue } from '~~/core/content/fields/repetition'
import { changedRuleOf } from '~~/core/content/fields/repetition'
import { withRule } from '~~/core/content/fields/repetition-edits'
import { useCatalogue } from '../../stores/catalogue'
import { words } from '../words'
import NextDates from './NextDates.vue'
import TextualInput from './TextualInput.vue'
import { useEntryTiming } from './entry-timing'
import { labelOf } from './field-input'
import type { FieldInputProps } from './field-input'

/** The usual ways to repeat, and a rule of one's own; then the next dates, each of which may be set. */
const props = defineProps<FieldInputProps>()
const emit = defineEmits<{ change: [value: unknown]; leave: [] }>()
const catalogue = useCatalogue()
const entry = useEntryTiming()
const usual = [
  'FREQ=DAILY',
  'FREQ=WEEKLY',
  'FREQ=WEEKLY;INTERVAL=2',
  'FREQ=MONTHLY',
  'FREQ=MONTHLY;BYDAY=1SA',
  'FREQ=MONTHLY;BYDAY=-1FR',
  'FREQ=YEARLY',
]
/** What the form holds, right or not; null for nothing. */
const value = computed(() => {
  const parsed = props.value === '' ? null : recurrence.parse(props.value, {})
  return parsed?.ok === true ? parsed.value : null
})
const rule = computed(() => (typeof props.value === 'string' ? props.value : changedRuleOf(value.value).rule))
const own = ref(isOwn(rule.value))
watch(rule, (text) => (own.value ||= isOwn(text)))

const choices = computed(() => [
  { value: '', title: words.repeatsNot },
  ...usual.map((text) => ({ value: text, title: recurrence.format(text, {}, catalogue.catalogue) })),
  { value: 'own', title: words.repeatsOwn },
])
const chosen = computed(() => (own.value ? 'own' : rule.value))
/** When the entry happens, where this is the field that says how it comes again. */
const timing = computed(() =>
  value.value !== null && entry?.value?.repeats === props.field.id ? entry.value.timing : null,
)

function isOwn(text: string): boolean {
  return text !== '' && !usual.includes(text)
}

function choose(text: string) {
  own.value = text === 'own'
  if (text !== 'own') set(text)
  emit('leave')
}

/** What was set for single dates stays, where the rule is one that can be read. */
function set(text: unknown) {
  const read = typeof text === 'string' ? text : ''
  const isRule = read !== '' && recurrence.parse(read, {}).ok
  emit('change', isRule ? withRule(value.value, read) : read === '' ? null : read)
}

function change(next: RecurrenceValue | null) {
  emit('change', next)
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
      :value="rule"
      :field="{ ...field, name: words.repeatsRule, required: false }"
      @change="set"
      @leave="emit('leave')"
    />
    <NextDates v-if="timing && value" :timing="timing" :value="value" @change="change" />
  </div>
</template>

<style scoped>
.repeats {
  display: grid;
  gap: 10px;
}
</style>
