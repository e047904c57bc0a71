<script setup lang="ts">
import { computed } from 'vue'
import { rules } from '~~/core/rules'
import { whenStates } from '~~/core/rules/when'
import type { WhenRule } from '~~/core/rules/when'
import SelectSetting from '../../shared/settings/SelectSetting.vue'
import WindowSetting from './WindowSetting.vue'
import { words } from './words'

/** When entries happen: how that lies to now, or within which time. */
const props = defineProps<{ rule: WhenRule }>()
const emit = defineEmits<{ change: [rule: WhenRule] }>()
const choices = ([...whenStates, 'within'] as const).map((value) => ({ value, title: words.when[value] }))
const fresh = rules.get('when').fresh() as WhenRule
const window = computed(() => (props.rule.asked.is === 'within' ? props.rule.asked.window : null))

function ask(is: WhenRule['asked']['is']) {
  const asked: WhenRule['asked'] =
    is === 'within' ? { is, window: window.value ?? { is: 'this', unit: 'week' } } : { is }
  emit('change', { ...props.rule, asked })
}
</script>

<template>
  <SelectSetting
    :label="words.whenLabel"
    :value="rule.asked.is"
    :fallback="fresh.asked.is"
    :choices="choices"
    @change="ask"
  />
  <WindowSetting
    v-if="window"
    :window="window"
    @change="emit('change', { ...rule, asked: { is: 'within', window: $event } })"
  />
</template>
