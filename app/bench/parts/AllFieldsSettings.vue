<script setup lang="ts">
import { computed } from 'vue'
import type { AllFieldsSetting } from '~~/core/cards/parts/large/all-fields'
import SwitchSetting from '../../shared/settings/SwitchSetting.vue'
import { useCardFields } from './fields'
import { words } from './words'

const props = defineProps<{ setting: AllFieldsSetting }>()
const emit = defineEmits<{ change: [setting: AllFieldsSetting] }>()
const { choices } = useCardFields()
const shown = computed(() =>
  choices().map(({ value, title }) => ({ id: value, title, on: !props.setting.without.includes(value) })),
)

function show(id: number, wanted: boolean) {
  const others = props.setting.without.filter((one) => one !== id)
  emit('change', { ...props.setting, without: wanted ? others : [...others, id] })
}
</script>

<template>
  <section :aria-label="words.whichFields">
    <p class="input-title">{{ words.whichFields }}</p>
    <p v-if="shown.length === 0" class="input-note">{{ words.noFields }}</p>
    <SwitchSetting
      v-for="field in shown"
      :key="field.id"
      :label="field.title"
      :value="field.on"
      :fallback="true"
      @change="show(field.id, $event)"
    />
  </section>
</template>
