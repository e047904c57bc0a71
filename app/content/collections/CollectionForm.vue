<script setup lang="ts">
import { collectionKinds } from '~~/core/content/collection'
import type { CollectionInput } from '~~/core/content/collection'
import SettingRow from '../../shared/settings/SettingRow.vue'
import { useCatalogue } from '../../stores/catalogue'
import FieldMessages from '../FieldMessages.vue'
import { collectionWords } from './words'
import IconPicker from '../../shared/settings/IconPicker.vue'

/** What a collection is: its names, icon, kind, addresses and facets. */
defineProps<{ values: CollectionInput; faults: (path: string) => string[] }>()
const emit = defineEmits<{ change: [change: Partial<CollectionInput>]; leave: [path: string] }>()
const catalogue = useCatalogue()
const kinds = collectionKinds.map((value) => ({ value, title: collectionWords.kinds[value] }))
const texts = ['name', 'singular', 'plural'] as const
</script>

<template>
  <v-text-field
    v-for="text in texts"
    :key="text"
    :label="collectionWords[text]"
    :model-value="values[text]"
    :error-messages="faults(text)"
    autocomplete="off"
    @update:model-value="emit('change', { [text]: $event ?? '' })"
    @blur="emit('leave', text)"
  />
  <v-select
    :label="collectionWords.kind"
    :items="kinds"
    :model-value="values.kind"
    :error-messages="faults('kind')"
    @update:model-value="emit('change', { kind: $event })"
  />
  <v-text-field
    :label="collectionWords.address"
    :hint="collectionWords.addressHint"
    persistent-hint
    :model-value="values.address"
    :error-messages="faults('address')"
    autocomplete="off"
    @update:model-value="emit('change', { address: $event ?? '' })"
    @blur="emit('leave', 'address')"
  />
  <SettingRow :label="collectionWords.icon">
    <IconPicker
      :label="collectionWords.icon"
      :value="values.icon"
      @change="emit('change', { icon: $event })"
    />
    <FieldMessages :faults="faults('icon')" />
  </SettingRow>
  <v-autocomplete
    :label="collectionWords.facets"
    :items="[...catalogue.catalogue.facets]"
    item-title="name"
    item-value="id"
    :model-value="[...values.facets]"
    :error-messages="faults('facets')"
    multiple
    chips
    closable-chips
    auto-select-first
    clear-on-select
    @update:model-value="emit('change', { facets: $event })"
  />
</template>
