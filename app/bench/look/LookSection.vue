<script setup lang="ts">
import { computed } from 'vue'
import { rowsOf } from '~~/core/looks/properties'
import type { PropertyName } from '~~/core/looks/properties'
import type { Heading } from '~~/core/looks/properties/define'
import type { Styles } from '~~/core/looks/styles'
import { setAt } from '~~/core/looks/target-edits'
import type { StylePlace } from '~~/core/looks/target-edits'
import type { Found } from './found'
import FoldedPart from '../../shared/FoldedPart.vue'
import LookRow from './LookRow.vue'
import { shownContrast } from './shown-contrast'
import { words } from './words'

/** What can be set under a heading, folded away until it is wanted; how much of it differs is said always. */
const props = defineProps<{
  heading: Heading
  styles: Styles
  /** What the look of the listing sets, where it has one. */
  followed: Styles
  place: StylePlace
  found: Found
  set: (row: string, names: readonly PropertyName[], value: unknown) => string | null
}>()
const isOpen = defineModel<boolean>('open', { required: true })
const rows = computed(() => rowsOf(props.heading))
const differing = computed(() => {
  const own = setAt(props.styles, props.place)
  return rows.value.filter(({ properties }) => properties.some(({ name }) => own[name] !== undefined)).length
})

/** Of what is written there, as it is shown: in the state that is looked at. */
const contrast = computed(() => {
  const { element } = props.found
  const isAsked = props.heading === 'colour' && isOpen.value
  return !isAsked || element === null || element.textContent.trim() === '' ? null : shownContrast(element)
})
</script>

<template>
  <FoldedPart
    v-model:open="isOpen"
    :title="words.headings[heading]"
    :note="differing > 0 ? words.differ(differing) : null"
  >
    <div class="rows">
      <div v-if="contrast" class="contrast" :class="{ low: contrast.ratio < contrast.least }">
        <p role="status">{{ words.contrast(contrast.ratio, contrast.least) }}</p>
        <v-btn
          v-if="contrast.nearest !== null"
          height="32"
          @click="set(words.headings.colour, ['colour'], contrast.nearest)"
        >
          <span class="sample" :style="{ background: contrast.nearest }" />{{ words.nearest }}
        </v-btn>
      </div>
      <LookRow
        v-for="row in rows"
        :key="row.title"
        :row="row"
        :styles="styles"
        :followed="followed"
        :place="place"
        :found="found"
        :set="set"
      />
    </div>
  </FoldedPart>
</template>

<style scoped>
.rows {
  display: grid;
  grid-template-columns: minmax(0, 1fr);
  gap: 12px;
}

.contrast {
  display: grid;
  justify-items: start;
  gap: 6px;
  font-size: var(--size-note);
  font-weight: 600;
  color: var(--leaf);
}

.contrast.low {
  color: var(--rust-ink);
}

.sample {
  width: 14px;
  height: 14px;
  margin-right: 6px;
  border-radius: 4px;
}
</style>
