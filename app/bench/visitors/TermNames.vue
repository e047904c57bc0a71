<script setup lang="ts">
import { mdiClose, mdiPlus } from '@mdi/js'
import { computed } from 'vue'
import type { NamedTerm } from '~~/core/visitors/terms'
import ActionMenu from '../../shared/ActionMenu.vue'
import { useCatalogue } from '../../stores/catalogue'
import { words } from './words'

/** Terms that are called otherwise among the choices of a control. */
const props = defineProps<{ facet: number; named: readonly NamedTerm[] }>()
const emit = defineEmits<{ change: [named: readonly NamedTerm[]] }>()
const catalogue = useCatalogue()

const titleOf = ({ term }: NamedTerm) => catalogue.words.term(term) ?? words.goneTerm
const others = computed(() => {
  const there = new Set(props.named.map(({ term }) => catalogue.words.termNow(term)))
  return catalogue.catalogue.terms
    .filter(({ id, facetId }) => facetId === props.facet && !there.has(id))
    .map(({ id, name }) => ({
      title: name,
      run: () => emit('change', [...props.named, { term: id, name }]),
    }))
})

function rename(at: number, name: string) {
  // A name that is empty for the moment is no name yet: it stays as it was.
  if (name.trim() !== '')
    emit(
      'change',
      props.named.map((one, index) => (index === at ? { ...one, name } : one)),
    )
}
</script>

<template>
  <div v-for="(one, at) in named" :key="one.term" class="named">
    <v-text-field
      :label="words.otherName(titleOf(one))"
      maxlength="60"
      :model-value="one.name"
      @update:model-value="rename(at, $event ?? '')"
    />
    <v-btn
      :icon="mdiClose"
      size="32"
      variant="text"
      :aria-label="words.takeName(titleOf(one))"
      @click="
        emit(
          'change',
          named.filter((_, index) => index !== at),
        )
      "
    />
  </div>
  <ActionMenu v-if="others.length > 0" v-slot="{ opener }" :label="words.callOtherwise" :actions="others">
    <v-btn v-bind="opener" :prepend-icon="mdiPlus" height="34" class="start">{{ words.callOtherwise }}</v-btn>
  </ActionMenu>
</template>

<style scoped>
.named {
  display: grid;
  grid-template-columns: minmax(0, 1fr) auto;
  align-items: center;
  gap: 6px;
}

.start {
  justify-self: start;
}
</style>
