<script setup lang="ts" generic="S extends Stop">
import { mdiDeleteOutline, mdiPlus } from '@mdi/js'
import { computed } from 'vue'
import { same } from '~~/core/same'
import { widestOf } from '~~/core/pages/frames'
import { pageWidthFor } from '~~/core/pages/ruler'
import { stopLimits, withAddedStop, withStop, withoutStop } from '~~/core/shapes/stops'
import type { Stop } from '~~/core/shapes/stops'
import NumberSetting from '../../shared/settings/NumberSetting.vue'
import SettingRow from '../../shared/settings/SettingRow.vue'
import { useSelection } from '../../stores/bench/selection'
import { words } from './words'

/** Settings by the width of the listing's own box; what is set at each stands in the slot. */
const props = defineProps<{ stops: readonly S[]; fallback: readonly S[] }>()
const emit = defineEmits<{ change: [stops: readonly S[], subject: string] }>()
defineSlots<{ default: (slot: { stop: S; set: (change: Partial<S>) => void }) => unknown }>()

const selection = useSelection()

/** On which pages the box is so wide where the listing stands; nothing on the shelf. */
function place(from: number): string | null {
  if (selection.place === undefined) return null
  const page = pageWidthFor(selection.place, from)
  return page === null ? words.neverSoWide(widestOf(selection.place)) : words.onPagesFrom(page)
}

/** Widest first, as designers think of it. */
const shown = computed(() => props.stops.map((stop, at) => ({ stop, at })).reverse())
const added = computed(() => withAddedStop({ stops: props.stops }))

function set(at: number, change: Partial<S>) {
  emit(
    'change',
    withStop<S, { stops: readonly S[] }>({ stops: props.stops }, at, change).stops,
    `${at} ${Object.keys(change).join()}`,
  )
}
</script>

<template>
  <SettingRow :label="words.stops" :changed="!same(stops, fallback)" @reset="emit('change', fallback, 'all')">
    <div class="stops">
      <fieldset v-for="{ stop, at } in shown" :key="at" class="stop">
        <legend>{{ at === 0 ? words.narrowest : words.fromWidth(stop.from) }}</legend>
        <v-btn
          v-if="at > 0"
          class="remove"
          :icon="mdiDeleteOutline"
          size="28"
          variant="text"
          :aria-label="words.removeStop(stop.from)"
          @click="emit('change', withoutStop({ stops }, at).stops, 'remove')"
        />
        <p v-if="at > 0 && place(stop.from)" class="place">{{ place(stop.from) }}</p>
        <slot :stop="stop" :set="(change: Partial<S>) => set(at, change)" />
        <NumberSetting
          v-if="at > 0"
          :label="words.from"
          :value="stop.from"
          v-bind="stopLimits(stops, at)"
          unit="px"
          @change="set(at, { from: $event } as Partial<S>)"
        />
      </fieldset>
    </div>
  </SettingRow>
  <v-btn
    v-if="added"
    :prepend-icon="mdiPlus"
    height="34"
    class="add"
    @click="emit('change', added.stops, 'add')"
    >{{ words.addStop }}</v-btn
  >
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
  font-size: var(--size-small);
  font-variant-numeric: tabular-nums;
}

.place {
  margin: -8px 0 0;
  font-size: var(--size-note);
  color: var(--soft);
}

.remove {
  position: absolute;
  top: 8px;
  right: 8px;
}

.add {
  justify-self: start;
}
</style>
