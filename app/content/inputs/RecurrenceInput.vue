<script setup lang="ts">
import { computed, ref, watch } from 'vue'
import { recurrence } from '~~/core/content/fields/recurrence'
import type { RecurrenceValue } from '~~/core/content/fields/repetition'
import { changedRuleOf } from '~~/core/content/fields/repetition'
import { withRule } from '~~/core/content/fields/repetition-edits'
import { everyWeek, plainRuleOf, plainRuleText } from '~~/core/time/recurrence/plain-rule'
import { useCatalogue } from '../../stores/catalogue'
import { words } from '../words'
import NextDates from './NextDates.vue'
import RuleInWords from './RuleInWords.vue'
import TextualInput from './TextualInput.vue'
import { useEntryTiming } from './entry-timing'
import { labelOf } from './field-input'
import type { FieldInputProps } from './field-input'

/**
 * The usual ways to repeat, others said in words, and whatever calendar files can write; then the next
 * dates, each of which may be set.
 */
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
/** How another rule than the usual ones is set; null where it is one of those. */
const own = ref(ownWay(rule.value))
watch(rule, (text) => (own.value ??= ownWay(text)))

const choices = computed(() => [
  { value: '', title: words.repeatsNot },
  ...usual.map((text) => ({ value: text, title: recurrence.format(text, {}, catalogue.catalogue) })),
  { value: 'said', title: words.repeatsSaid },
  { value: 'written', title: words.repeatsWritten },
])
const chosen = computed(() => own.value ?? rule.value)
const plain = computed(() => plainRuleOf(rule.value))
/** When the entry happens, where this is the field that says how it comes again. */
const timing = computed(() =>
  value.value !== null && entry?.value?.when.repeats === props.field.id ? entry.value.timing : null,
)

function ownWay(text: string): 'said' | 'written' | null {
  if (text === '' || usual.includes(text)) return null
  return plainRuleOf(text) === null ? 'written' : 'said'
}

function choose(text: string) {
  own.value = text === 'said' || text === 'written' ? text : null
  if (own.value === null) set(text)
  // What can't be said in words would be lost by them.
  else if (own.value === 'said' && plain.value === null) set(plainRuleText(everyWeek))
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
      :error-messages="own === 'written' ? [] : faults"
      @update:model-value="choose"
    />
    <RuleInWords
      v-if="own === 'said' && plain"
      :rule="plain"
      :name="field.name"
      @change="(next) => set(plainRuleText(next))"
    />
    <TextualInput
      v-if="own === 'written'"
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
