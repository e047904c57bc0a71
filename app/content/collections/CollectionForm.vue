<script setup lang="ts">
import { collectionIcons, collectionKinds } from '~~/core/content/collection'
import type { CollectionInput } from '~~/core/content/collection'
import SettingRow from '../../shared/settings/SettingRow.vue'
import { useCatalogue } from '../../stores/catalogue'
import FieldMessages from '../FieldMessages.vue'
import { words } from '../words'
import { collectionIconPaths } from './icons'

/** What a collection is: its names, icon, kind, addresses and facets. */
const props = defineProps<{ values: CollectionInput; faults: (path: string) => string[] }>()
const emit = defineEmits<{ change: [change: Partial<CollectionInput>]; leave: [path: string] }>()
const catalogue = useCatalogue()
const kinds = collectionKinds.map((value) => ({ value, title: words.collection.kinds[value] }))
const texts = ['name', 'singular', 'plural'] as const

function step(event: KeyboardEvent, by: number) {
  const at = collectionIcons.indexOf(props.values.icon)
  const next = collectionIcons[(at + by + collectionIcons.length) % collectionIcons.length]
  if (next === undefined) return
  emit('change', { icon: next })
  const group = (event.currentTarget as HTMLElement).parentElement
  group?.querySelectorAll<HTMLElement>('[role=radio]')[collectionIcons.indexOf(next)]?.focus()
}
</script>

<template>
  <v-text-field
    v-for="text in texts"
    :key="text"
    :label="words.collection[text]"
    :model-value="values[text]"
    :error-messages="faults(text)"
    autocomplete="off"
    @update:model-value="emit('change', { [text]: $event ?? '' })"
    @blur="emit('leave', text)"
  />
  <v-select
    :label="words.collection.kind"
    :items="kinds"
    :model-value="values.kind"
    :error-messages="faults('kind')"
    @update:model-value="emit('change', { kind: $event })"
  />
  <v-text-field
    :label="words.collection.address"
    :hint="words.collection.addressHint"
    persistent-hint
    :model-value="values.address"
    :error-messages="faults('address')"
    autocomplete="off"
    @update:model-value="emit('change', { address: $event ?? '' })"
    @blur="emit('leave', 'address')"
  />
  <SettingRow :label="words.collection.icon">
    <div class="icons" role="radiogroup" :aria-label="words.collection.icon">
      <button
        v-for="icon in collectionIcons"
        :key="icon"
        type="button"
        role="radio"
        :aria-label="icon"
        :aria-checked="icon === values.icon"
        :tabindex="icon === values.icon ? 0 : -1"
        @click="emit('change', { icon })"
        @keydown.right.prevent="step($event, 1)"
        @keydown.down.prevent="step($event, 1)"
        @keydown.left.prevent="step($event, -1)"
        @keydown.up.prevent="step($event, -1)"
      >
        <v-icon :icon="collectionIconPaths[icon]" size="20" />
      </button>
    </div>
    <FieldMessages :faults="faults('icon')" />
  </SettingRow>
  <v-autocomplete
    :label="words.collection.facets"
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

<style scoped>
.icons {
  display: grid;
  grid-template-columns: repeat(8, 36px);
  gap: 4px;
}

.icons button {
  width: 36px;
  height: 36px;
  border: 1px solid transparent;
  border-radius: 7px;
  text-align: center;
  color: #48544c;
}

.icons button:hover {
  background: #f3efe3;
}

.icons button[aria-checked='true'] {
  border-color: var(--leaf);
  background: #e2eee5;
  color: var(--leaf);
}
</style>
