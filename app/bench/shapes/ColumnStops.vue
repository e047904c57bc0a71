<script setup lang="ts" generic="S extends Pick<ColumnsStop, 'from' | 'columns'> & Gaps">
import { computed, ref, watch } from 'vue'
import { mostColumns } from '~~/core/shapes/columns'
import type { ColumnsStop } from '~~/core/shapes/columns'
import { gapsOf, gapsOfAll, withGaps } from '~~/core/shapes/gaps'
import type { Gaps } from '~~/core/shapes/gaps'
import ChoiceSetting from '../../shared/settings/ChoiceSetting.vue'
import SwitchSetting from '../../shared/settings/SwitchSetting.vue'
import GapFields from './GapFields.vue'
import StopList from './StopList.vue'
import { words } from './words'

/** Columns by width, and the space between them: the same at every width, or at each its own. */
const props = defineProps<{
  stops: readonly S[]
  fallback: readonly S[]
  label?: string
  /** Whether how many columns there are is said elsewhere. */
  fixed?: boolean
}>()
const emit = defineEmits<{ change: [stops: readonly S[], subject: string] }>()

const choices = Array.from({ length: mostColumns }, (_, at) => ({ value: at + 1, title: String(at + 1) }))
const gaps = computed(() => gapsOfAll(props.stops))
const areApart = ref(gaps.value === null)
watch(gaps, (now) => {
  if (now === null) areApart.value = true
})

function setGaps(change: Partial<Gaps>) {
  emit('change', withGaps(props.stops, change), `gaps ${Object.keys(change).join()}`)
}

function part(apart: boolean) {
  areApart.value = apart
  const widest = props.stops.at(-1)
  if (!apart && gaps.value === null && widest !== undefined) setGaps(gapsOf(widest))
}
</script>

<template>
  <StopList
    v-slot="{ stop, set }"
    :stops="stops"
    :fallback="fallback"
    @change="(...change) => emit('change', ...change)"
  >
    <ChoiceSetting
      v-if="!fixed"
      :label="label ?? words.columns"
      :value="stop.columns"
      :choices="choices"
      @change="set({ columns: $event } as Partial<S>)"
    />
    <GapFields v-if="areApart" :gaps="gapsOf(stop)" @change="set($event as Partial<S>)" />
  </StopList>
  <GapFields v-if="!areApart && gaps" :gaps="gaps" @change="setGaps" />
  <SwitchSetting v-if="stops.length > 1" :label="words.apart" :value="areApart" @change="part" />
</template>
