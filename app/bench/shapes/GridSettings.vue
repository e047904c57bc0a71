<script setup lang="ts">
import { mdiDeleteOutline, mdiPlus } from '@mdi/js'
import { computed } from 'vue'
import { same } from '~~/core/listing/definition'
import { grid, leastStopDistance, mostColumns, widestStop, withAddedGridStop, withGridStop } from '~~/core/shapes/grid'
import type { GridSettings, GridStop } from '~~/core/shapes/grid'
import type { ShapeChoice } from '~~/core/shapes'
import ChoiceSetting from '../../shared/settings/ChoiceSetting.vue'
import NumberSetting from '../../shared/settings/NumberSetting.vue'
import SettingRow from '../../shared/settings/SettingRow.vue'
import { words } from '../words'

const props = defineProps<{ settings: ShapeChoice }>()
const emit = defineEmits<{ change: [settings: ShapeChoice, subject: string] }>()

const columnChoices = Array.from({ length: mostColumns }, (_, at) => ({ value: at + 1, title: String(at + 1) }))
/** Widest first, as designers think of a grid. */
const stops = computed(() => props.settings.stops.map((stop, at) => ({ stop, at })).reverse())
const added = computed(() => withAddedGridStop(props.settings))

function put(settings: GridSettings, subject: string) {
  emit('change', { ...settings, name: 'grid' }, subject)
}

function set(at: number, change: Partial<GridStop>) {
  put(withGridStop(props.settings, at, change), `${at} ${Object.keys(change).join()}`)
}

function limits(at: number): { least: number; most: number } {
  const { stops: all } = props.settings
  return {
    least: (all[at - 1]?.from ?? 0) + leastStopDistance,
    most: (all[at + 1]?.from ?? widestStop + leastStopDistance) - leastStopDistance,
  }
}
</script>

<template>
  <SettingRow :label="words.stops" :changed="!same(settings.stops, grid.defaults.stops)" @reset="put(grid.defaults, 'all')">
    <div class="stops">
      <fieldset v-for="{ stop, at } in stops" :key="at" class="stop">
        <legend>{{ at === 0 ? 'Narrowest' : `From ${stop.from} px` }}</legend>
        <v-btn
          v-if="at > 0"
          class="remove"
          :icon="mdiDeleteOutline"
          size="28"
          variant="text"
          :aria-label="`${words.removeStop}: ${stop.from} px`"
          @click="put({ stops: settings.stops.filter((_, index) => index !== at) }, 'remove')"
        />
        <ChoiceSetting :label="words.columns" :value="stop.columns" :choices="columnChoices" @change="set(at, { columns: $event })" />
        <div class="pair">
          <NumberSetting :label="words.columnGap" :value="stop.columnGap" :least="0" :most="200" unit="px" @change="set(at, { columnGap: $event })" />
          <NumberSetting :label="words.rowGap" :value="stop.rowGap" :least="0" :most="200" unit="px" @change="set(at, { rowGap: $event })" />
        </div>
        <NumberSetting
          v-if="at > 0"
          :label="words.from"
          :value="stop.from"
          v-bind="limits(at)"
          unit="px"
          @change="set(at, { from: $event })"
        />
      </fieldset>
    </div>
  </SettingRow>
  <v-btn v-if="added" :prepend-icon="mdiPlus" height="34" class="add" @click="put(added, 'add')">{{ words.addStop }}</v-btn>
</template>

<style scoped>
.stops {
  display: grid;
  gap: 12px;
}

.stop {
  position: relative;
  display: grid;
  gap: 8px;
  padding: 8px 12px 12px;
  border: 1px solid var(--line);
  border-radius: 8px;
  background: var(--paper);
}

legend {
  float: left;
  padding: 0;
  line-height: 28px;
  font-weight: 700;
  font-size: 13.5px;
  font-variant-numeric: tabular-nums;
}

.remove {
  position: absolute;
  top: 8px;
  right: 8px;
}

.pair {
  display: grid;
  grid-template-columns: 1fr 1fr;
  gap: 10px;
}

.add {
  justify-self: start;
}
</style>
