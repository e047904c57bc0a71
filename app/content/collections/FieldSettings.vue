<script setup lang="ts">
import { mdiClose, mdiPlus } from '@mdi/js'
import { computed } from 'vue'
import type { ChoiceOption } from '~~/core/content/fields/choice'
import type { FieldTypeName } from '~~/core/content/fields'
import { mediaKinds } from '~~/core/content/media'
import { slugOf } from '~~/core/content/slug'
import SettingRow from '../../shared/settings/SettingRow.vue'
import { useCatalogue } from '../../stores/catalogue'
import FieldMessages from '../FieldMessages.vue'
import { fieldEditing, mediaKindNames } from '../inputs'
import { fieldWords } from './words'

/** The settings of a field's type. What is typed is kept as it is; the core's check says what is wrong. */
const props = defineProps<{
  type: FieldTypeName
  settings: Readonly<Record<string, unknown>>
  faults: (path: string) => string[]
}>()
const emit = defineEmits<{ change: [settings: Readonly<Record<string, unknown>>]; leave: [path: string] }>()
const catalogue = useCatalogue()
const currencies = Intl.supportedValuesOf('currency')
const kinds = mediaKinds.map((value) => ({ value, title: mediaKindNames[value] }))
const options = computed(() => (props.settings.options as readonly ChoiceOption[] | undefined) ?? [])

function set(key: string, value: unknown) {
  emit('change', { ...props.settings, [key]: value })
}

function numberOf(text: string | null): unknown {
  const plain = (text ?? '').trim()
  if (plain === '') return null
  return Number.isNaN(Number(plain)) ? plain : Number(plain)
}

/** The key of a choice follows its name until entries may hold it; stored ones keep theirs. */
function setOption(at: number, title: string) {
  const taken = new Set(options.value.filter((_, index) => index !== at).map((option) => option.key))
  const wanted = slugOf(title) || 'choice'
  let key = wanted
  for (let count = 2; taken.has(key); count += 1) key = `${wanted}-${count}`
  const kept = stored.has(options.value[at]?.key ?? '') ? options.value[at]?.key : key
  set(
    'options',
    options.value.map((option, index) => (index === at ? { key: kept, title } : option)),
  )
}

const stored = new Set(props.type === 'choice' ? options.value.map((option) => option.key) : [])

function addOption() {
  let number = options.value.length + 1
  while (options.value.some((option) => option.key === `choice-${number}`)) number += 1
  set('options', [...options.value, { key: `choice-${number}`, title: '' }])
}
</script>

<template>
  <template v-for="setting in fieldEditing[type].settings" :key="setting.key">
    <v-switch
      v-if="setting.control === 'switch'"
      :label="setting.label"
      :model-value="settings[setting.key]"
      @update:model-value="set(setting.key, $event === true)"
    />
    <v-select
      v-else-if="setting.control === 'collection'"
      :label="setting.label"
      :items="[...catalogue.catalogue.collections]"
      item-title="name"
      item-value="id"
      :model-value="settings[setting.key] === 0 ? null : settings[setting.key]"
      :error-messages="faults(`settings.${setting.key}`)"
      @update:model-value="set(setting.key, $event)"
    />
    <v-autocomplete
      v-else-if="setting.control === 'currencies' || setting.control === 'kinds'"
      :label="setting.label"
      :items="setting.control === 'kinds' ? kinds : currencies"
      :hint="setting.control === 'kinds' ? fieldWords.anyKind : undefined"
      :model-value="settings[setting.key] as string[]"
      :error-messages="faults(`settings.${setting.key}`)"
      multiple
      chips
      closable-chips
      auto-select-first
      clear-on-select
      @update:model-value="set(setting.key, $event)"
    />
    <SettingRow v-else-if="setting.control === 'options'" :label="setting.label">
      <div v-for="(option, at) in options" :key="at" class="option">
        <v-text-field
          :aria-label="fieldWords.option(at + 1)"
          :model-value="option.title"
          autocomplete="off"
          @update:model-value="setOption(at, $event ?? '')"
          @blur="emit('leave', 'settings.options')"
        />
        <v-btn
          :icon="mdiClose"
          size="34"
          variant="text"
          :disabled="options.length === 1"
          :aria-label="fieldWords.removeOption(option.title)"
          @click="
            set(
              'options',
              options.filter((_, index) => index !== at),
            )
          "
        />
      </div>
      <v-btn class="add" height="34" :prepend-icon="mdiPlus" @click="addOption">{{
        fieldWords.addOption
      }}</v-btn>
      <FieldMessages :faults="faults('settings.options')" />
    </SettingRow>
    <v-text-field
      v-else
      :label="setting.label"
      :type="setting.control === 'date' ? 'date' : 'text'"
      :inputmode="setting.control === 'text' ? undefined : 'decimal'"
      :model-value="settings[setting.key]"
      :error-messages="faults(`settings.${setting.key}`)"
      autocomplete="off"
      @update:model-value="
        set(
          setting.key,
          setting.control === 'text'
            ? ($event ?? '')
            : setting.control === 'date'
              ? $event || null
              : numberOf($event),
        )
      "
      @blur="emit('leave', `settings.${setting.key}`)"
    />
  </template>
</template>

<style scoped>
.option {
  display: grid;
  grid-template-columns: minmax(0, 1fr) auto;
  align-items: center;
  gap: 4px;
  margin-bottom: 6px;
}

.add {
  justify-self: start;
}
</style>
