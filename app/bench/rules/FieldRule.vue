<script setup lang="ts">
import { computed } from 'vue'
import type { Field } from '~~/core/content/field'
import { fieldTypes } from '~~/core/content/fields'
import type { ChoiceSettings } from '~~/core/content/fields/choice'
import type { ReferenceSettings } from '~~/core/content/fields/reference'
import type { YesNoSettings } from '~~/core/content/fields/yes-no'
import { operators } from '~~/core/rules/field'
import { freshQuestion } from '~~/core/rules/field-questions'
import type { FieldQuestion, Operator } from '~~/core/rules/field-questions'
import { isMoment } from '~~/core/rules/field-questions/moments'
import type { FieldRule } from '~~/core/rules'
import EntryAutocomplete from '../../content/EntryAutocomplete.vue'
import { fieldEditing } from '../../content/inputs'
import { useCatalogue } from '../../stores/catalogue'
import ValueHistogram from './ValueHistogram.vue'
import WindowSetting from './WindowSetting.vue'
import { words } from './words'

/** What is asked of a field, with the input that its type has in forms. */
const props = defineProps<{ rule: FieldRule }>()
const emit = defineEmits<{ change: [rule: FieldRule] }>()
const catalogue = useCatalogue()

const field = computed(() => catalogue.words.field(props.rule.field))
const filter = computed(() =>
  field.value === undefined ? 'presence' : fieldTypes.get(field.value.type).filter,
)
const items = computed(() =>
  operators[filter.value].map((value) => ({ value, title: words.operators[value] })),
)
const asked = computed(() => props.rule.asked)
const options = computed(() => {
  if (field.value?.type === 'choice')
    return (field.value.settings as ChoiceSettings).options.map((one) => ({
      value: one.key,
      title: one.title,
    }))
  if (field.value?.type !== 'yes-no') return null
  const { yes, no } = field.value.settings as YesNoSettings
  return [
    { value: 'yes', title: yes },
    { value: 'no', title: no },
  ]
})

/** The other fields of the collection that say when something ends. */
const ends = computed(() =>
  (catalogue.catalogue.collections.find((one) => one.id === field.value?.collectionId)?.fields ?? [])
    .filter((one) => one.id !== props.rule.field && one.filterable && isMoment(one))
    .map((one) => ({ value: one.id, title: one.name })),
)

function ask(next: FieldQuestion) {
  emit('change', { ...props.rule, asked: next })
}

function choose(is: Operator) {
  const fresh = freshQuestion(is)
  if ('values' in fresh && 'values' in asked.value) ask({ ...fresh, values: asked.value.values })
  else if ('text' in fresh && 'text' in asked.value) ask({ ...fresh, text: asked.value.text })
  else ask(fresh)
}

/** The field as a limit is typed: nothing is needed, and no help stands below. */
function limitField(name: string): Field | null {
  return field.value === undefined ? null : { ...field.value, name, required: false, help: '' }
}
</script>

<template>
  <template v-if="field">
    <v-select :items="items" :label="words.ask" :model-value="asked.is" @update:model-value="choose" />
    <template v-if="'values' in asked">
      <v-autocomplete
        v-if="options"
        :items="options"
        :label="words.values"
        :model-value="[...asked.values]"
        multiple
        chips
        closable-chips
        auto-select-first
        clear-on-select
        @update:model-value="ask({ ...asked, values: $event })"
      />
      <EntryAutocomplete
        v-else-if="field.type === 'reference'"
        :label="words.values"
        :collections="[(field.settings as ReferenceSettings).collection]"
        :model-value="asked.values.map(Number)"
        @update:model-value="ask({ ...asked, values: $event.map(String) })"
      />
      <v-combobox
        v-else
        :label="words.values"
        :model-value="[...asked.values]"
        multiple
        chips
        closable-chips
        @update:model-value="ask({ ...asked, values: $event })"
      />
    </template>
    <template v-else-if="asked.is === 'between'">
      <ValueHistogram :field="field" :from="asked.from" :to="asked.to" />
      <div class="limits">
        <component
          :is="fieldEditing[field.type].input"
          :field="limitField(words.least)"
          :value="asked.from"
          :faults="[]"
          @change="ask({ ...asked, from: $event ?? null })"
        />
        <component
          :is="fieldEditing[field.type].input"
          :field="limitField(words.most)"
          :value="asked.to"
          :faults="[]"
          @change="ask({ ...asked, to: $event ?? null })"
        />
      </div>
    </template>
    <WindowSetting
      v-else-if="asked.is === 'within'"
      :window="asked.window"
      future
      @change="ask({ is: 'within', window: $event })"
    />
    <v-select
      v-else-if="asked.is === 'running'"
      :items="ends"
      :label="words.until"
      :model-value="asked.until || null"
      @update:model-value="ask({ is: 'running', until: $event ?? 0 })"
    />
    <v-text-field
      v-else-if="'text' in asked"
      :label="words.text"
      maxlength="500"
      autocomplete="off"
      :model-value="asked.text"
      @update:model-value="ask({ ...asked, text: $event ?? '' })"
    />
    <v-switch
      v-if="asked.is === 'equal'"
      :label="words.loose"
      :model-value="asked.loose === true"
      @update:model-value="ask({ is: 'equal', text: asked.text, ...($event === true && { loose: true }) })"
    />
  </template>
</template>

<style scoped>
.limits {
  display: grid;
  grid-template-columns: minmax(0, 1fr);
  gap: 10px;
}
</style>
