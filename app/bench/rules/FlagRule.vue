<script setup lang="ts">
import { flags } from '~~/core/rules/flag'
import type { FlagRule } from '~~/core/rules'
import ChoiceSetting from '../../shared/settings/ChoiceSetting.vue'
import { words } from './words'

defineProps<{ rule: FlagRule }>()
const emit = defineEmits<{ change: [rule: FlagRule] }>()
const choices = [
  { value: 'yes', title: words.has },
  { value: 'no', title: words.hasNot },
] as const
const items = flags.map((value) => ({ value, title: words.flags[value] }))
</script>

<template>
  <ChoiceSetting
    :label="words.ask"
    :value="rule.is ? 'yes' : 'no'"
    :choices="choices"
    bare
    @change="emit('change', { ...rule, is: $event === 'yes' })"
  />
  <ChoiceSetting
    :label="words.values"
    :value="rule.flag"
    :choices="items"
    bare
    @change="emit('change', { ...rule, flag: $event })"
  />
</template>
