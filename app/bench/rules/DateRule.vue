<script setup lang="ts">
import type { DateRule } from '~~/core/rules'
import WindowSetting from './WindowSetting.vue'

defineProps<{ rule: DateRule }>()
const emit = defineEmits<{ change: [rule: DateRule] }>()
</script>

<template>
  <WindowSetting :window="rule.window" @change="emit('change', { ...rule, window: $event })" />
</template>
