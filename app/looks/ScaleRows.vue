<script setup lang="ts">
import { mdiClose } from '@mdi/js'
import { siteScales } from '~~/core/looks/site-scales'
import type { Scale } from '~~/core/looks/site-scales'
import { mostSteps } from '~~/core/looks/site-values'
import { valueName } from '../shared/looks/value-names'
import { words } from './words'

/** A step as it is typed. */
export interface StepRow {
  readonly name: string
  readonly length: string
}

/** The steps of a scale, from those that every site has to the designer’s own. */
const props = defineProps<{
  scale: Scale
  rows: readonly StepRow[]
  faults: (path: string) => string[]
}>()
const emit = defineEmits<{ change: [rows: readonly StepRow[]]; leave: [path: string] }>()

function set(at: number, change: Partial<StepRow>) {
  emit(
    'change',
    props.rows.map((row, place) => (place === at ? { ...row, ...change } : row)),
  )
}
</script>

<template>
  <section :aria-label="words.scales.titles[scale]">
    <h3>{{ words.scales.titles[scale] }}</h3>
    <ul>
      <li v-for="(row, at) in rows" :key="at">
        <b v-if="at < siteScales[scale].length">{{ valueName(row.name) }}</b>
        <v-text-field
          v-else
          :model-value="row.name"
          :label="words.scales.name"
          :error-messages="faults(`${scale}[${at}].name`)"
          maxlength="40"
          autocomplete="off"
          @update:model-value="set(at, { name: $event ?? '' })"
          @blur="emit('leave', `${scale}[${at}].name`)"
        />
        <v-text-field
          :model-value="row.length"
          :aria-label="words.scales.length(valueName(row.name), words.scales.titles[scale])"
          :error-messages="faults(`${scale}[${at}].length`)"
          maxlength="10"
          autocomplete="off"
          @update:model-value="set(at, { length: $event ?? '' })"
          @blur="emit('leave', `${scale}[${at}].length`)"
        />
        <v-btn
          v-if="at >= siteScales[scale].length"
          :icon="mdiClose"
          size="32"
          variant="text"
          :aria-label="words.palette.remove(valueName(row.name))"
          @click="emit('change', rows.toSpliced(at, 1))"
        />
      </li>
    </ul>
    <v-btn
      height="34"
      :disabled="rows.length >= mostSteps"
      @click="emit('change', [...rows, { name: '', length: '20px' }])"
      >{{ words.scales.add[scale] }}</v-btn
    >
  </section>
</template>

<style scoped>
section {
  display: grid;
  grid-template-columns: minmax(0, 1fr);
  justify-items: start;
  gap: 8px;
}

h3 {
  font-size: var(--size-body);
}

ul {
  display: grid;
  gap: 8px;
  width: 100%;
  margin: 0;
  padding: 0;
  list-style: none;
}

li {
  display: grid;
  grid-template-columns: minmax(0, 1fr) 108px 32px;
  align-items: center;
  gap: 10px;
}
</style>
