<script setup lang="ts">
import SwitchSetting from '../../shared/settings/SwitchSetting.vue'
import { words } from './words'

/** What is said of each choice that narrows, and of none. */
interface Ways {
  readonly counts: boolean
  readonly empty: boolean
  readonly all: string
}
defineProps<{ control: Ways; usual: Ways }>()
const emit = defineEmits<{ change: [change: Partial<Ways>] }>()
</script>

<template>
  <SwitchSetting
    :label="words.counts"
    :value="control.counts"
    :fallback="usual.counts"
    @change="emit('change', { counts: $event })"
  />
  <SwitchSetting
    :label="words.empty"
    :value="control.empty"
    :fallback="usual.empty"
    @change="emit('change', { empty: $event })"
  />
  <v-text-field
    :label="words.all"
    maxlength="40"
    :model-value="control.all"
    @update:model-value="emit('change', { all: $event ?? '' })"
  />
</template>
