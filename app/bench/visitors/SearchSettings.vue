<script setup lang="ts">
import { computed } from 'vue'
import { fieldsOfAll } from '~~/core/content/catalogue'
import { hasWords } from '~~/core/content/field'
import { wordParts } from '~~/core/text/placed-words'
import type { WordPlace } from '~~/core/text/placed-words'
import { newSearchControl } from '~~/core/visitors/search'
import type { SearchControl } from '~~/core/visitors/search'
import SwitchSetting from '../../shared/settings/SwitchSetting.vue'
import TextSetting from '../../shared/settings/TextSetting.vue'
import { useSelection } from '../../stores/bench/selection'
import { useCatalogue } from '../../stores/catalogue'
import ControlLabel from './ControlLabel.vue'
import { words } from './words'

const props = defineProps<{ control: SearchControl }>()
const emit = defineEmits<{ change: [control: SearchControl, subject: string] }>()
const catalogue = useCatalogue()
const selection = useSelection()

/** Where words can stand in the entries of the listing. */
const places = computed((): readonly { readonly place: WordPlace; readonly title: string }[] => [
  ...wordParts.map((part) => ({ place: part, title: words.wordParts[part] })),
  ...fieldsOfAll(catalogue.catalogue, selection.listing?.from.collections ?? [])
    .filter(hasWords)
    .map(({ id, name }) => ({ place: id, title: name })),
])
const chosen = computed(() =>
  places.value.map(({ place }) => place).filter((place) => props.control.within?.includes(place) ?? true),
)

function set(change: Partial<SearchControl>) {
  emit('change', { ...props.control, ...change }, Object.keys(change).join())
}

/** Looks in all of them again where none is left out; it always looks somewhere. */
function turn(place: WordPlace, on: boolean) {
  const all = places.value.map((one) => one.place)
  const within = all.filter((one) => (one === place ? on : chosen.value.includes(one)))
  if (within.length > 0) set({ within: within.length === all.length ? undefined : within })
}
</script>

<template>
  <ControlLabel :control="control" :usual="words.words" :fallback="newSearchControl" @change="set" />
  <TextSetting
    :label="words.hint"
    :value="control.hint"
    :fallback="newSearchControl.hint"
    :most="80"
    @change="set({ hint: $event })"
  />
  <TextSetting
    :label="words.button"
    :value="control.button"
    :fallback="newSearchControl.button"
    :most="40"
    required
    @change="set({ button: $event })"
  />
  <fieldset class="places">
    <legend>{{ words.looksIn }}</legend>
    <SwitchSetting
      v-for="{ place, title } in places"
      :key="place"
      :label="title"
      :value="chosen.includes(place)"
      :fallback="true"
      @change="turn(place, $event)"
    />
  </fieldset>
</template>

<style scoped>
.places {
  display: grid;
  gap: 4px;
  margin: 0;
  padding: 0;
  border: 0;
}

legend {
  margin-bottom: 4px;
  font-size: var(--size-small);
  font-weight: 600;
  color: var(--soft);
}
</style>
