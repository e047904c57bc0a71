<script setup lang="ts">
import { computed } from 'vue'
import { mostSteps, newRangeControl } from '~~/core/visitors/range'
import type { RangeControl } from '~~/core/visitors/range'
import ChoiceSetting from '../../shared/settings/ChoiceSetting.vue'
import { choicesOf } from '../../shared/settings/choices'
import SwitchSetting from '../../shared/settings/SwitchSetting.vue'
import { useCatalogue } from '../../stores/catalogue'
import ControlLabel from './ControlLabel.vue'
import NumberList from './NumberList.vue'
import { words } from './words'

const props = defineProps<{ control: RangeControl }>()
const emit = defineEmits<{ change: [control: RangeControl, subject: string] }>()
const catalogue = useCatalogue()
const usual = computed(() => newRangeControl(props.control.field))
const field = computed(() => catalogue.words.field(props.control.field)?.name ?? words.goneField)

function set(change: Partial<RangeControl>) {
  emit('change', { ...props.control, ...change }, Object.keys(change).join())
}

function isRight(numbers: readonly number[]): boolean {
  return numbers.length <= mostSteps && numbers.every((one) => Number.isFinite(one) && Math.abs(one) <= 1e15)
}
</script>

<template>
  <ControlLabel :control="control" :usual="field" :fallback="usual" @change="set" />
  <ChoiceSetting
    :label="words.layout"
    :value="control.layout"
    :fallback="usual.layout"
    :choices="choicesOf(words.rangeLayouts)"
    @change="set({ layout: $event })"
  />
  <template v-if="control.layout === 'steps'">
    <NumberList
      :label="words.steps"
      :hint="words.stepsHint"
      :wrong="words.stepsWrong"
      :numbers="control.steps"
      :is-right="isRight"
      @change="set({ steps: $event })"
    />
    <SwitchSetting
      :label="words.counts"
      :value="control.counts"
      :fallback="usual.counts"
      @change="set({ counts: $event })"
    />
  </template>
</template>
