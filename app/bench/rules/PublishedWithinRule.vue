<script setup lang="ts">
import type { PublishedWithinRule } from '~~/core/query/rules'
import NumberSetting from '../../shared/settings/NumberSetting.vue'
import { words } from '../words'

defineProps<{ rule: PublishedWithinRule }>()
const emit = defineEmits<{ change: [rule: PublishedWithinRule] }>()
</script>

<template>
  <NumberSetting :label="words.days" :value="rule.days" :least="1" :most="36525" @change="emit('change', { ...rule, days: $event })" />
</template>
