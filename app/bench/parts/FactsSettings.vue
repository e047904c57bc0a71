<script setup lang="ts">
import type { FactsSetting } from '~~/core/cards/parts/facts'
import { factNames, factTitle } from '~~/core/cards/parts/facts'
import TextSetting from '../../shared/settings/TextSetting.vue'
import { useCardFields } from './fields'
import { computed } from 'vue'
import { words } from './words'

const props = defineProps<{ setting: FactsSetting }>()
const emit = defineEmits<{ change: [setting: FactsSetting] }>()

function set(change: Partial<FactsSetting>) {
  emit('change', { ...props.setting, ...change })
}

const { choices } = useCardFields()
const items = computed(() => [
  ...factNames.map((value) => ({ value, title: factTitle(value) ?? '' })),
  ...choices(),
])
</script>

<template>
  <v-select
    :label="words.facts"
    :items="items"
    :model-value="[...setting.facts]"
    multiple
    chips
    closable-chips
    @update:model-value="set({ facts: $event })"
  />
  <TextSetting
    :label="words.separator"
    :value="setting.separator"
    fallback="·"
    :most="8"
    @change="set({ separator: $event })"
  />
</template>
