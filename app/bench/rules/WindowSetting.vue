<script setup lang="ts">
import { windowUnits } from '~~/core/time/windows'
import type { DateWindow, WindowUnit } from '~~/core/time/windows'
import DayField from '../../shared/dates/DayField.vue'
import { words } from './words'

/** A stretch of time: fixed days, or days that move with the clock. */
const props = defineProps<{ window: DateWindow; future?: boolean }>()
const emit = defineEmits<{ change: [window: DateWindow] }>()

const kinds = (['last', 'next', 'this', 'between', 'upcoming', 'past'] as const)
  .filter((is) => props.future || (is !== 'next' && is !== 'upcoming' && is !== 'past'))
  .map((value) => ({ value, title: words.windows[value] }))
const units = windowUnits.map((value) => ({ value, title: words.units[value] }))
const currentUnits = windowUnits.map((value) => ({ value, title: words.currentUnits[value] }))

function choose(is: DateWindow['is']) {
  const unit: WindowUnit = 'unit' in props.window ? props.window.unit : 'day'
  if (is === 'last' || is === 'next')
    emit('change', { is, count: 'count' in props.window ? props.window.count : 30, unit })
  else if (is === 'this') emit('change', { is, unit: unit === 'day' ? 'month' : unit })
  else if (is === 'between') emit('change', { is, from: null, to: null })
  else emit('change', { is })
}

function count(text: string | null) {
  const number = Number(text)
  if ('count' in props.window && Number.isInteger(number) && number > 0)
    emit('change', { ...props.window, count: number })
}
</script>

<template>
  <div class="window">
    <v-select :items="kinds" :label="words.window" :model-value="window.is" @update:model-value="choose" />
    <div v-if="window.is === 'last' || window.is === 'next'" class="pair">
      <v-text-field
        type="number"
        min="1"
        :label="words.count"
        :hint="words.todayCounts"
        persistent-hint
        :model-value="window.count"
        @update:model-value="count"
      />
      <v-select
        :items="units"
        :label="words.unit"
        :model-value="window.unit"
        @update:model-value="emit('change', { ...window, unit: $event })"
      />
    </div>
    <v-select
      v-else-if="window.is === 'this'"
      :items="currentUnits"
      :label="words.unit"
      :model-value="window.unit"
      @update:model-value="emit('change', { is: 'this', unit: $event })"
    />
    <template v-else-if="window.is === 'between'">
      <DayField
        :label="words.firstDay"
        :model-value="window.from"
        clearable
        @update:model-value="emit('change', { ...window, from: $event })"
      />
      <DayField
        :label="words.lastDay"
        :model-value="window.to"
        clearable
        @update:model-value="emit('change', { ...window, to: $event })"
      />
    </template>
  </div>
</template>

<style scoped>
.window {
  display: grid;
  grid-template-columns: minmax(0, 1fr);
  gap: 10px;
}
</style>
