<script setup lang="ts">
import { computed } from 'vue'
import { conditionNames } from '~~/core/cards/condition'
import type { Condition } from '~~/core/cards/condition'
import { parts } from '~~/core/cards/parts'
import type { PartSetting } from '~~/core/cards/parts'
import SelectSetting from '../../shared/settings/SelectSetting.vue'
import TextSetting from '../../shared/settings/TextSetting.vue'
import { useCatalogue } from '../../stores/catalogue'
import { useCardFields } from './fields'
import { words } from './words'

/** What every part can be set to: words before and after it, and for which entries it is shown. */
const props = defineProps<{ setting: PartSetting }>()
const emit = defineEmits<{ change: [setting: PartSetting] }>()
const catalogue = useCatalogue()
const { choices } = useCardFields()

const conditions = ['always' as const, ...conditionNames].map((value) => ({
  value,
  title: words.onlyChoices[value],
}))
const terms = computed(() => catalogue.catalogue.terms.map((term) => ({ value: term.id, title: term.name })))
const only = computed(() => props.setting.only)

function choose(name: Condition['if'] | 'always') {
  const firstTerm = terms.value[0]?.value
  const firstField = choices()[0]?.value
  const next = ((): Condition | undefined => {
    if (name === 'always') return undefined
    if (name === 'term') return firstTerm === undefined ? undefined : { if: name, term: firstTerm }
    if (name === 'field' || name === 'no-field')
      return firstField === undefined ? undefined : { if: name, field: firstField }
    return { if: name }
  })()
  emit('change', { ...props.setting, only: next })
}
</script>

<template>
  <div v-if="parts.get(setting.part).wraps" class="pair">
    <TextSetting
      :label="words.prefix"
      :value="setting.prefix ?? ''"
      fallback=""
      :most="40"
      @change="emit('change', { ...setting, prefix: $event })"
    />
    <TextSetting
      :label="words.suffix"
      :value="setting.suffix ?? ''"
      fallback=""
      :most="40"
      @change="emit('change', { ...setting, suffix: $event })"
    />
  </div>
  <SelectSetting
    :label="words.only"
    :value="only?.if ?? 'always'"
    fallback="always"
    :choices="conditions"
    @change="choose"
  />
  <v-autocomplete
    v-if="only?.if === 'term'"
    :label="words.term"
    :items="terms"
    :model-value="catalogue.words.termNow(only.term)"
    auto-select-first
    @update:model-value="emit('change', { ...setting, only: { if: 'term', term: $event } })"
  />
  <SelectSetting
    v-else-if="only?.if === 'field' || only?.if === 'no-field'"
    :label="words.field"
    :value="only.field"
    :choices="choices()"
    @change="
      emit('change', { ...setting, only: { if: only.if === 'field' ? 'field' : 'no-field', field: $event } })
    "
  />
</template>
